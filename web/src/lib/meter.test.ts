import { expect, it } from 'vitest'
import { peakOf, SILENT } from './meter'

const meter = (samples: number[]) => ({ fftSize: samples.length, getFloatTimeDomainData: (into: Float32Array) => into.set(samples) }) as unknown as AnalyserNode

it('tells the loudest sample of either sign in decibels, and silence as such', () => {
  expect(peakOf(meter([0.1, -1, 0.5]))).toBe(0)
  expect(peakOf(meter([0.1, -0.5]))).toBe(-6)
  expect(peakOf(meter([0, 0.000001]))).toBe(SILENT)
})
