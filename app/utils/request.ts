/** Talking to the server: one shape of error, and none at all told apart from being offline. */
export interface Problem { status: number, code: string, message: string, field?: string, current?: unknown }

export class RequestError extends Error {
  constructor(readonly problem: Problem) { super(problem.message) }
}
/** No answer came: offline, or the server is not running. */
export class Unreachable extends Error {
  /** `code` where the server answered, but could not do it now. */
  constructor(message: string, readonly code?: string) { super(message) }
}

/** As long as an answer is waited for, in milliseconds. */
const LONGEST = 60_000

export async function request<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, {
      method,
      // One that never answers is asked again, like one that is not there.
      signal: AbortSignal.timeout(LONGEST),
      ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    })
  }
  catch { throw new Unreachable('Dendle’s server does not answer.') }
  const answer: unknown = await response.json().catch(() => undefined)
  if (response.ok) return answer as T
  const problem = (answer ?? {}) as Partial<Problem>
  if (response.status >= 500 && response.status !== 500) throw new Unreachable(problem.message ?? 'Dendle’s server is busy.', problem.code)
  throw new RequestError({
    code: 'unexpected',
    message: 'The server refused this without saying why.',
    ...problem,
    status: response.status,
  })
}
