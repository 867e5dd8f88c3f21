/** Questions about titles and their answers, as the server sends them with a paper and the worker sends them back. */
import type { Capitalised, CapitalRule, TitleWords } from './capitals'

export type Question =
  readonly ['capitals', title: string, rule: CapitalRule] | readonly ['headline', title: string] | readonly ['common', word: string]
/** A question by its key, with its answer; 0 where the title stands as it was typed and nothing is unsure. */
export type Answered = readonly [key: string, answer: Capitalised | boolean | 0]

const rules = new WeakMap<CapitalRule, string>()
function ruleKey(rule: CapitalRule): string {
  let key = rules.get(rule)
  if (key === undefined)
    rules.set(
      rule,
      (key = JSON.stringify(
        Object.entries(rule)
          .sort(([a], [b]) => (a < b ? -1 : 1))
          .map(([, value]) => value as unknown),
      )),
    )
  return key
}
export const keyOf = ([what, text, rule]: Question): string => (rule ? `${what} ${ruleKey(rule)} ${text}` : `${what} ${text}`)

export function answer(words: TitleWords, question: Question): Answered {
  const key = keyOf(question)
  const [what, text, rule] = question
  if (what === 'headline') return [key, words.isHeadline(text)]
  if (what === 'common') return [key, words.isCommon(text)]
  const set = words.capitalise(text, rule!)
  return [
    key,
    !set.unsure.length && set.segments.length === 1 && set.segments[0]!.text === text && Object.keys(set.segments[0]!).length === 1
      ? 0
      : set,
  ]
}

/** What is asked about titles while `work` is done, and answered by `words`. */
export function listen(words: TitleWords, work: (listening: TitleWords) => void): Answered[] {
  const answers = new Map<string, Answered>()
  const ask = (question: Question) => { const given = answer(words, question); answers.set(given[0], given) }
  work({
    capitalise: (title, rule) => { if (rule.style !== 'as-given') ask(['capitals', title, rule]); return words.capitalise(title, rule) },
    isHeadline: (title) => { ask(['headline', title]); return words.isHeadline(title) },
    isCommon: (word) => { ask(['common', word]); return words.isCommon(word) },
    version: words.version,
  })
  return [...answers.values()]
}
