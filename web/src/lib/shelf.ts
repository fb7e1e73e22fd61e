import { send } from '@/api/http'
import type { BroughtView } from '@/api/types'

/** How long a video is in ms, as this browser plays it; 0 where it cannot tell. */
const measured = (file: File): Promise<number> =>
  new Promise((known) => {
    const video = document.createElement('video')
    const address = URL.createObjectURL(file)
    const done = (ms: number) => {
      URL.revokeObjectURL(address)
      known(Number.isFinite(ms) ? Math.round(ms) : 0)
    }
    video.onloadedmetadata = () => done(video.duration * 1_000)
    video.onerror = () => done(0)
    video.src = address
  })

/** Puts a file on the shelf; throws what refused it. */
export const bringFile = async (folder: string, file: File): Promise<BroughtView> => {
  const length = folder === 'Videos' ? await measured(file) : 0
  return send<BroughtView>(
    'POST',
    `/shelf?folder=${encodeURIComponent(folder)}&name=${encodeURIComponent(file.name)}&lengthMs=${length}`,
    file,
    'application/octet-stream',
  )
}
