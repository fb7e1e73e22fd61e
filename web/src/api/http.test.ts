import { describe, expect, it } from 'vitest'
import { serve } from '@/testing/server'
import { ask, problemsOf } from './http'

const problem = { path: 'name', value: '', message: 'The name is empty.', remedy: 'Write at least one letter.' }
const refused = (detail: string, problems: (typeof problem)[]) => {
  serve(() => ({ status: 422, body: { detail, problems } }))
  return ask('PUT', '/x', {}).then(
    () => '',
    (failed: Error) => failed.message,
  )
}

describe('a refusal', () => {
  it('says what to do about it also where it is told in one sentence', async () => {
    expect(await refused('The name is empty.', [problem])).toBe('The name is empty. Write at least one letter.')
  })

  it('is summed up by the server where there are several, or none', async () => {
    expect(await refused('Two things are wrong.', [problem, problem])).toBe('Two things are wrong.')
    expect(await refused('Somebody else changed it.', [])).toBe('Somebody else changed it.')
  })

  it('is one problem where it came without any', () => {
    expect(problemsOf(new Error('gone'))).toEqual([{ path: '', value: '', message: 'gone', remedy: '' }])
  })
})
