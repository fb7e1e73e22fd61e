/** How far a stage is scaled so that all of it stands in its window; 1 where it fits as it is, or nothing is known of the window. */
export const scaleOf = (stage: { width: number; height: number }, room: { width: number; height: number }): number => {
  const by = Math.min(room.width / stage.width, room.height / stage.height)
  return !Number.isFinite(by) || by <= 0 || Math.abs(by - 1) < 0.01 ? 1 : by
}

/** Lets the stage fill its window, whatever size the broadcasting software gives it, and follow when that changes. */
export const fitting = (root: HTMLElement) => {
  let size = { width: 0, height: 0 }
  const fit = () => {
    const by = scaleOf(size, { width: innerWidth, height: innerHeight })
    root.style.transform = by === 1 ? '' : `scale(${by})`
  }
  addEventListener('resize', fit)
  return (stage: { width: number; height: number }) => {
    size = stage
    root.style.width = `${stage.width}px`
    root.style.height = `${stage.height}px`
    fit()
  }
}
