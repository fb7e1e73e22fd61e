import type { Problem } from './types'

/** The server refused, or could not be reached (status 0). */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly problems: Problem[],
    readonly body: Record<string, unknown> = {},
  ) {
    super(message)
  }
}

/** What was refused, as problems to show; whatever else went wrong is one of them. */
export const problemsOf = (failed: unknown): Problem[] => {
  const { problems, message } = failed as Refusal
  return problems?.length ? problems : [{ path: '', value: '', message, remedy: '' }]
}

const refusal = async (answer: Response): Promise<Refusal> => {
  const body = (await answer.json().catch(() => ({}))) as Record<string, unknown>
  const problems = (body.problems as Problem[] | undefined) ?? []
  return new Refusal(answer.status, String(body.detail ?? `The server answered ${answer.status}.`), problems, body)
}

/** Asks the server; throws {@link Refusal}. */
export const ask = <T>(method: string, path: string, body?: unknown): Promise<T> =>
  send<T>(method, path, body === undefined ? undefined : JSON.stringify(body), 'application/json')

/** Sends a body as it is; throws {@link Refusal}. */
export const send = async <T>(method: string, path: string, body: BodyInit | undefined, type: string): Promise<T> => {
  let answer: Response
  try {
    answer = await fetch(`/api${path}`, {
      method,
      headers: body === undefined ? {} : { 'Content-Type': type },
      body,
    })
  } catch {
    throw new Refusal(0, 'Wax Bell does not answer. Is it still running?', [])
  }
  if (!answer.ok) {
    throw await refusal(answer)
  }
  return (await answer.json()) as T
}

/** Sends a file and tells how much of it is there, from 0 to 1; throws {@link Refusal}. Only this old way tells how far it is. */
export const sendSeen = <T>(path: string, file: Blob, seen: (share: number) => void): Promise<T> =>
  new Promise((done, failed) => {
    const request = new XMLHttpRequest()
    request.open('POST', `/api${path}`)
    request.setRequestHeader('Content-Type', 'application/octet-stream')
    request.upload.onprogress = (at) => at.lengthComputable && seen(at.loaded / at.total)
    request.onerror = () => failed(new Refusal(0, 'Wax Bell does not answer. Is it still running?', []))
    request.onload = () => {
      const answer = new Response(request.responseText, { status: request.status })
      if (answer.ok) {
        done(answer.json() as Promise<T>)
      } else {
        refusal(answer).then(failed, failed)
      }
    }
    request.send(file)
  })
