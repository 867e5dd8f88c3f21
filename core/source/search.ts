/** Finding a source to cite: by any word of its author, title, year or key, by words of its passages, with slips of the finger. */
import { foldWords } from '../text/filing'
import { kindOf } from './kinds'
import { dateOf, namesOf, textOf, type Source } from './model'
import { surname } from './names'
import { NAME_FIELDS } from './fields'

/** What a source can be found by, made once for each. */
export interface SearchText { names: string[], year: string, key: string, title: string[], rest: string[] }

export function searchText(source: Source & { key?: string }, passages: readonly string[] = []): SearchText {
  const lead = kindOf(source.kind).lead.flatMap(role => namesOf(source, role).map(surname))
  const others = NAME_FIELDS.flatMap(role => namesOf(source, role).map(surname))
  return {
    names: foldWords([...lead, ...others].join(' '))
      .split(' ')
      .filter(Boolean),
    year: String(dateOf(source, 'issued')?.start?.year ?? ''),
    key: (source.key ?? '').toLowerCase(),
    title: foldWords(textOf(source, 'title')).split(' ').filter(Boolean),
    rest: foldWords([textOf(source, 'container'), textOf(source, 'publisher'), ...passages].join(' '))
      .split(' ')
      .filter(Boolean),
  }
}

/** How well what was typed fits: 0 not at all. Every word must be found somewhere; names and years count most. */
export function fit(typed: string, text: SearchText): number {
  const words = foldWords(typed).split(' ').filter(Boolean)
  const whole = typed.trim().toLowerCase()
  if (!words.length) return 1
  if (text.key && text.key === whole) return 1000
  let score = text.key && text.key.startsWith(whole) && whole.length > 2 ? 60 : 0
  for (const word of words) {
    const best = Math.max(
      among(word, text.names) * 5,
      (text.year.startsWith(word) && word.length > 1 ? 1 : 0) * 5,
      among(word, text.title) * 3,
      (text.key.includes(word) ? 0.6 : 0) * 3,
      among(word, text.rest),
    )
    if (best === 0) return 0
    score += best
  }
  return score
}

/** 1 the word, 0.8 its beginning, 0.5 inside one, 0.4 one slip away. */
function among(word: string, words: readonly string[]): number {
  let best = 0
  for (const [i, one] of words.entries()) {
    const early = i === 0 ? 0.1 : 0
    if (one === word) return 1 + early
    if (one.startsWith(word)) best = Math.max(best, 0.8 + early)
    else if (word.length > 2 && one.includes(word)) best = Math.max(best, 0.5)
    else if (word.length > 3 && best < 0.4 && (oneSlip(word, one) || oneSlip(word, one.slice(0, word.length)))) best = 0.4
  }
  return best
}

/** Whether two words differ by one letter more, less, other or changed about. */
function oneSlip(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false
  let i = 0
  while (i < a.length && i < b.length && a[i] === b[i]) i++
  const [restA, restB] = [a.slice(i), b.slice(i)]
  return (
    restA.slice(1) === restB
    || restA === restB.slice(1)
    || restA.slice(1) === restB.slice(1)
    || (restA[0] === restB[1] && restA[1] === restB[0] && restA.slice(2) === restB.slice(2))
  )
}
