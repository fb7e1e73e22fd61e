/** Silence, in decibels below full scale. */
export const SILENT = -100

/** The loudest sample that a meter sees now, in decibels below full scale, to a tenth. */
export const peakOf = (meter: AnalyserNode): number => {
  const samples = new Float32Array(meter.fftSize)
  meter.getFloatTimeDomainData(samples)
  const peak = samples.reduce((most, each) => Math.max(most, Math.abs(each)), 0)
  return peak < 1e-5 ? SILENT : Math.round(200 * Math.log10(peak)) / 10
}
