import { expect, it, vi } from 'vitest'
import { LOOK_MS, meterOf, peakOf, SILENT } from './meter'

const meter = (samples: number[]) =>
  ({
    fftSize: samples.length,
    getFloatTimeDomainData: (into: Float32Array) => into.set(samples),
  }) as unknown as AnalyserNode

it('tells the loudest sample of either sign in decibels, and silence as such', () => {
  expect(peakOf(meter([0.1, -1, 0.5]))).toBe(0)
  expect(peakOf(meter([0.1, -0.5]))).toBe(-6)
  expect(peakOf(meter([0, 0.000001]))).toBe(SILENT)
})

it('keeps more than goes by between two looks', () => {
  vi.stubGlobal(
    'AnalyserNode',
    class {
      constructor(
        readonly context: object,
        readonly options: { fftSize: number },
      ) {}
    },
  )
  const { options } = meterOf({} as BaseAudioContext) as unknown as { options: { fftSize: number } }
  expect((options.fftSize / 48_000) * 1_000).toBeGreaterThan(LOOK_MS * 1.5)
  vi.unstubAllGlobals()
})
