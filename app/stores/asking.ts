/** The catalogue asked by the page: one question, or several side by side. */
import type { Identifier } from '~~/core/intake/identifiers'
import type { Problem, Proposal } from '~~/core/intake/proposal'
import { request } from '~/utils/request'

/** An identifier, or a title with who leads it and its year. */
export interface Question { type: Identifier['type'] | 'title', value: string, family?: string, year?: number }
/** Why there is no answer: nothing there, or nobody who could be asked. */
export interface Refusal extends Problem { outcome: string }
type Answer = Proposal | Refusal

export async function ask({ type, value, family, year }: Question): Promise<Answer> {
  try {
    const answer = await request<{ outcome: string, proposal?: Proposal, says?: string }>('POST', '/api/catalogue', { type, value, family, year })
    return answer.proposal ?? { where: value, what: answer.says ?? 'was not found.', outcome: answer.outcome }
  }
  catch (error) { return { where: value, what: `could not be looked up: ${(error as Error).message}`, outcome: 'down' } }
}

/** So many are asked at a time. */
const AT_ONCE = 4
/**
 * Answers stand where the questions stood; those that came before it was given up.
 * @param givenUp resolves when nobody waits any longer @param told how many are answered, from 0 to 1
 */
export async function askEach(
  questions: readonly Question[], givenUp: Promise<void>, told: (done: number) => void,
): Promise<(Answer | undefined)[]> {
  let done = 0
  let going = true
  const answers: (Answer | undefined)[] = questions.map(() => undefined)
  const queue = questions.map((question, i) => ({ question, i }))
  const some = async () => {
    for (let job = queue.shift(); job && going; job = queue.shift()) {
      const answer = await ask(job.question)
      if (!going) return
      answers[job.i] = answer
      told(++done / questions.length)
    }
  }
  await Promise.race([Promise.all(Array.from({ length: AT_ONCE }, some)), givenUp])
  going = false
  return answers
}
