/** Lets an audio context sound on that output, empty text for the usual one; fails where the output is not there. Browsers that know of no outputs stay on the usual one. */
export const onOutput = async (context: AudioContext, id: string): Promise<void> => {
  const choosing = context as AudioContext & { setSinkId?: (id: string) => Promise<void> }
  await choosing.setSinkId?.(id)
}
