/** Punctuation that differs. */
import type { Difference } from './difference'
import type { Token } from './tokens'
import type { Near, Naming } from './saying'
import { calledIn, cap, fieldOf, partOf, quoted, say } from './saying'

const MARK_WORDS: ReadonlyMap<string, string> = new Map([
  ['.', 'full stop'],
  [',', 'comma'],
  [':', 'colon'],
  [';', 'semicolon'],
  ['"', 'quotation mark'],
  ['(', 'bracket'],
  [')', 'bracket'],
  ['[', 'square bracket'],
  [']', 'square bracket'],
  ['-', 'dash'],
  ['\'', 'single quotation mark'],
])

const markWord = (tokens: readonly Token[]): string =>
  MARK_WORDS.get(tokens[0]?.key ?? '') ?? quoted(tokens.map((token) => token.text).join(''))

const withArticle = (word: string): string => (word.startsWith('“') ? word : `a ${word}`)

export function marksDiffer(given: readonly Token[], wanted: readonly Token[], { before, behind }: Near, naming: Naming): Difference {
  const field = fieldOf(before)
  const link = before?.kind === 'link'
  const initial = partOf(before) === 'who' && /^\p{Lu}$/u.test(before?.text ?? '')
  const stops = initial && [...given, ...wanted].every(token => token.key === '.')
  const rule = stops
    ? ('names.initials' as const)
    : link
      ? before.key.startsWith('doi ')
        ? ('link.doi' as const)
        : ('link.url' as const)
      : partOf(behind) === 'when' || partOf(before) === 'when'
        ? ('date' as const)
        : partOf(before) === 'who' || partOf(behind) === 'who'
          ? ('names.joined' as const)
          : fieldOf(behind) === 'issue'
            ? ('issue' as const)
            : undefined
  const where = before
    ? ` after ${link ? (before.key.startsWith('doi ') ? 'a DOI' : 'an address') : field && !['author', 'title'].includes(field) ? `the ${calledIn(naming, field)}` : quoted(before.text)}`
    : behind
      ? ` before ${quoted(behind.text)}`
      : ''
  const [g, w] = [given, wanted].map(tokens => tokens.map(token => token.text).join('')) as [string, string]
  const title = [...given, ...wanted].some(token => token.key === '"')
  if (stops)
    return say(naming, {
      kind: 'punctuation',
      says: wanted.length ? 'An initial takes a full stop.' : 'Initials stand without full stops.',
      given: g,
      wanted: w,
      rule,
    })
  const says = title
    ? wanted.length
      ? `The ${field === 'title' || fieldOf(behind) === 'title' ? 'title stands' : 'words stand'} in quotation marks.`
      : 'No quotation marks stand around the title.'
    : !w
      ? `No ${markWord(given)}${where}.`
      : !g
        ? `${cap(withArticle(markWord(wanted)))} stands${where}.`
        : `${cap(withArticle(markWord(wanted)))}, not ${withArticle(markWord(given))},${where}.`
  return say(naming, { kind: 'punctuation', says, given: g, wanted: w, rule: title ? 'title' : rule })
}
