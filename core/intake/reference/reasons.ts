/**
 * Reasons for and against a stretch of a reference being a detail that is words: what it must be, what it cannot be, and what
 * makes it more likely or less. Rows of data; their weights are comparable only with each other.
 */
import type { FieldName } from '../../source/fields'
import { looksLikeGroup } from '../../source/names'
import { ENDS_ABBREVIATED_IN_REFERENCE } from '../../text/lists/abbreviations'
import { MONTH } from './peel'
import { looksLikePublisher } from './rest'

/** Small words inside a name. */
const SMALL = /^(?:a|an|the|of|for|and|in|on|to|de|des|du|la|le|y|und|für|&|at|by|from|with|et|al)$/iu
export const wordsOf = (text: string): string[] => text.split(/\s+/u).filter(word => /\p{L}/u.test(word))
/** Of the words with weight behind the first the share that has a capital. */
export function capitals(text: string): number {
  const all = wordsOf(text).slice(1).filter(word => !SMALL.test(word))
  return all.length ? all.filter(word => /^\P{L}*\p{Lu}/u.test(word)).length / all.length : 1
}
/** How many sentences end inside of it. */
const sentences = (text: string): number =>
  [...text.matchAll(/[.?!] (?=[\p{Lu}\d])/gu)]
    .filter(({ index, 0: mark }) => mark[0] !== '.' || !ENDS_ABBREVIATED_IN_REFERENCE.test(text.slice(0, index))).length
const times = (text: string, letter: string): number => text.split(letter).length - 1
const is = (pattern: RegExp) => (text: string): number => (pattern.test(text) ? 1 : 0)
/** Whether every bracket that opens is closed. */
export function isBalanced(text: string): boolean {
  let open = 0
  for (const letter of text) {
    if (letter === '(' || letter === '[') open++
    else if ((letter === ')' || letter === ']') && --open < 0) return false
  }
  return open === 0
}

const NAMES_OF_THINGS: readonly FieldName[] = ['container', 'series', 'event', 'archive', 'authority', 'section', 'volumeTitle']
const SHORT: readonly FieldName[] = ['genre', 'medium', 'eventPlace', 'archivePlace', 'archiveLocation', 'dimensions']
const each = <T>(names: readonly FieldName[], value: T): Partial<Record<FieldName, T>> =>
  Object.fromEntries(names.map(name => [name, value]))

/** No longer, in characters. */
export const LONGEST: Partial<Record<FieldName, number>> = { publisher: 120, place: 90, ...each(NAMES_OF_THINGS, 240), ...each(SHORT, 70) }

/** What it must have. */
export const MUST: Partial<Record<FieldName, readonly RegExp[]>> = {
  title: [/\p{L}{2}|\p{L}\p{Ll}/u],
  publisher: [/^[\p{Lu}\d]|^(?:de|van|la|le|eLife)\b/u],
  place: [/^\p{Lu}[\p{L} .’'-]{1,40}(?:, [\p{Lu}][\p{L}. ]{1,30})?(?: \(\p{Lu}{2}\))?$/u],
  ...each(NAMES_OF_THINGS, [/^[\p{Lu}\p{N}“‘"'@]|^[eim]\p{Lu}/u, /\p{L}{2}/u]),
}
/** A day, a month or a year, and nothing else. */
const WHEN = new RegExp(`^(?:${MONTH}(?: \\d{1,2})?|\\d{1,2} ${MONTH})?,? ?(?:\\d{4})?\\.?$`, 'u')
/** What it cannot have: the marks of other details. */
export const CANNOT: Partial<Record<FieldName, readonly RegExp[]>> = {
  place: [WHEN],
  title: [
    WHEN, /\[|\bpp?\. ?\d|\b(?:pp?|vols?|nos?)\.?$/u,
    /^["“][^"“”]*["”] \p{Lu}/u, /^[\s.,;:()\]]|^\p{Lu}\.[ ,]|^(?:and|&) |^\d{4}\. \p{Lu}/u,
  ],
  publisher: [WHEN, /["“”;[]|^\d+[-–]\d/u, /\bIn\b:?\s|[,:] \d|\(\D{0,40}\d/u, /[.,] \p{Lu}{2,4}$/u],
  ...each(NAMES_OF_THINGS, [
    WHEN, /;|: ?[a-z]?\d|^\d+[-–]\d|, \d+[-–]\d|^In /iu, /[.,] ?[a-z]?\d+(?:[-–][a-z]?\d+)?\.?$|\p{Ll}{5}\.$/iu,
    /\b(?:last modified|accessed|retrieved|updated)\b/iu,
  ]),
  ...each(SHORT, [WHEN, /["“”;/]|\. \p{Lu}|\bUniv|\d{4}/u]),
}

export interface Reason {
  of: readonly FieldName[]
  /** How often, or how much, it holds. */
  holds: (text: string, isItalic: boolean) => number
  weight: number
}
const WORDED: readonly FieldName[] = ['title', 'publisher', 'place', ...NAMES_OF_THINGS, ...SHORT]
/** Words that belong to another detail: a role, an edition, a volume. */
const OF_OTHERS = is(new RegExp(
  '[,.;(] ?(?:eds?|editors?|trans|transl?|translators?|interviewers?|directors?|hosts?|vols?|\\d+(?:st|nd|rd|th) edn?|pp?)\\b'
  + '|\\b(?:edited|translated|directed|interviewed) by\\b', 'iu'))
const YEARED = is(/\(\d{4}|\(in (?:the )?press|\bIn: |; ?\d{4}|\p{Lu}\.\p{Lu}\.?$|\b(?:19|20)\d{2}[;.]|\bet al\b|\bhttps?:/u)
const DATED = is(new RegExp(`, (?:aired )?(?:\\d{1,2} ${MONTH}|${MONTH}(?: \\d|$))`, 'u'))

export const REASONS: readonly Reason[] = [
  { of: WORDED, holds: OF_OTHERS, weight: -1.5 },
  { of: ['title', 'publisher', ...NAMES_OF_THINGS], holds: sentences, weight: -0.8 },
  { of: ['publisher', ...NAMES_OF_THINGS], holds: DATED, weight: -1 },
  { of: ['title'], holds: () => 1, weight: 0.5 },
  { of: ['title'], holds: YEARED, weight: -1.5 },
  { of: ['title'], holds: is(/^\p{Ll}/u), weight: -0.4 },
  { of: ['title'], holds: is(/, \p{Lu}\.(?:$|,| )/u), weight: -0.8 },
  { of: ['title'], holds: text => (looksLikeGroup(text) && wordsOf(text).length < 6 && capitals(text) === 1 ? 1 : 0), weight: -0.7 },
  { of: ['publisher'], holds: text => (looksLikePublisher(text) ? 1 : 0), weight: 0.9 },
  { of: ['publisher'], holds: text => 1 - capitals(text), weight: -1.6 },
  { of: ['publisher'], holds: is(/\d/u), weight: -0.5 },
  { of: ['publisher'], holds: is(/,/u), weight: -0.6 },
  { of: ['publisher'], holds: is(/:/u), weight: -0.6 },
  // What stands where either may is the name of a whole, unless it looks like who brings things out.
  { of: ['publisher'], holds: text => (looksLikePublisher(text) ? 0 : 1), weight: -0.1 },
  { of: ['place'], holds: text => (looksLikePublisher(text) ? 1 : 0), weight: -9 },
  { of: ['place'], holds: text => 3 - wordsOf(text).length, weight: 0.2 },
  { of: NAMES_OF_THINGS, holds: () => 1, weight: 0.4 },
  { of: NAMES_OF_THINGS, holds: YEARED, weight: -1 },
  { of: NAMES_OF_THINGS, holds: is(/^\d{4}\. /u), weight: -0.6 },
  { of: NAMES_OF_THINGS, holds: is(/\d$/u), weight: -0.4 },
  { of: NAMES_OF_THINGS, holds: (_, isItalic) => (isItalic ? 1 : 0), weight: 0.3 },
  { of: NAMES_OF_THINGS, holds: (text, isItalic) => (isItalic ? 0 : 1 - capitals(text)), weight: -0.8 },
  { of: NAMES_OF_THINGS, holds: (text, isItalic) => (isItalic ? 0 : times(text, ',')), weight: -0.3 },
  { of: ['event', 'archive'], holds: text => times(text, ','), weight: -0.6 },
  { of: ['container'], holds: is(/\b(?:press|books|verlag)$/iu), weight: -0.9 },
  { of: SHORT, holds: text => wordsOf(text).length, weight: -0.05 },
  { of: ['genre', 'medium'], holds: text => times(text, ','), weight: -0.6 },
  { of: ['genre', 'medium'], holds: text => (looksLikePublisher(text) ? 1 : 0), weight: -1.5 },
]
