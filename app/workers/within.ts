/** Work in a worker that may take so long and no longer: a file that nobody could have written must not hold one for ever. */

/** In milliseconds: many times what the largest file that is taken needs. */
export const READING_LIMIT = 120_000

export class TookTooLong extends Error {
  constructor() { super('it took more than two minutes, which no list or paper does') }
}

/** The work's answer, or TookTooLong; whoever asks ends the worker. */
export function within<T>(work: Promise<T>, limit = READING_LIMIT): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const over = new Promise<never>((_, reject) => { timer = setTimeout(() => reject(new TookTooLong()), limit) })
  return Promise.race([work, over]).finally(() => clearTimeout(timer))
}
