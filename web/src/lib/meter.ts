/** Silence, in decibels below full scale. */
export const SILENT = -100

/** How often whoever measures looks at a meter. */
export const LOOK_MS = 200

/** A meter that keeps more than goes by between two looks (a third of a second at 48 kHz), so that not even a snip is missed between them. */
export const meterOf = (context: BaseAudioContext): AnalyserNode => new AnalyserNode(context, { fftSize: 16_384 })

/** The loudest sample that a meter sees now, in decibels below full scale, to a tenth. */
export const peakOf = (meter: AnalyserNode): number => {
  const samples = new Float32Array(meter.fftSize)
  meter.getFloatTimeDomainData(samples)
  const peak = samples.reduce((most, each) => Math.max(most, Math.abs(each)), 0)
  return peak < 1e-5 ? SILENT : Math.round(200 * Math.log10(peak)) / 10
}
