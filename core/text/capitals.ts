/**
 * Capitals of titles, in headline style and in sentence style. Words the writer protected, words in italics within a
 * title, acronyms and names are never lowered; what was uncertain is reported, never guessed silently.
 */
import { headlineCase } from './headline-case'
import type { Segment } from './rich'
import { sentenceCase } from './sentence-case'
import { joined, segmentsOf, tokenise, type Token } from './title-tokens'

export { PREPOSITIONS } from './headline-case'
export { isProperNoun } from './title-words'

export interface HeadlineRule {
  style: 'headline'
  /** Prepositions up to this many letters are lowered; "all" lowers every one. */
  prepositions: number | 'all'
  /** What follows a prefix that is no word by itself stays lower: Re-emerging, Anti-intellectual (Chicago 18, 8.161). */
  prefixes?: boolean | undefined
  /** "To" of an infinitive stays capital (ACS). */
  infinitiveTo?: boolean | undefined
}
export interface SentenceRule {
  style: 'sentence'
  /** Whether a subtitle after a colon begins with a capital. */
  afterColon: 'capital' | 'lower'
}
export interface AsGiven { style: 'as-given' }
export type CapitalRule = HeadlineRule | SentenceRule | AsGiven

export interface Capitalised {
  segments: readonly Segment[]
  /** Words whose capital could not be decided from the word alone. */
  unsure: readonly string[]
}

/** Titles set before, by rule: the same title is set by the list, the note and the citation. */
const kept = new WeakMap<CapitalRule, Map<string, Capitalised>>()
const LIMIT = 20_000

/** Sets the capitals of a title given as rich text. */
export function capitalise(title: string, rule: CapitalRule): Capitalised {
  let known = kept.get(rule)
  if (!known) kept.set(rule, known = new Map())
  const before = known.get(title)
  if (before) return before
  if (known.size >= LIMIT) known.clear()
  const set = setCapitals(title, rule)
  known.set(title, set)
  return set
}

const CERTAIN: readonly string[] = []

function setCapitals(title: string, rule: CapitalRule): Capitalised {
  const segments = segmentsOf(title)
  if (rule.style === 'as-given') return { segments, unsure: CERTAIN }
  const tokens = tokenise(segments)
  const shouting = isShouting(title, tokens)
  if (rule.style === 'headline') headlineCase(tokens, rule, shouting)
  const unsure = rule.style === 'sentence' ? sentenceCase(tokens, rule, shouting) : CERTAIN
  return { segments: joined(tokens, segments), unsure }
}

/** The plain text of a title with its capitals set. */
export const capitaliseText = (title: string, rule: CapitalRule): string => capitalise(title, rule).segments.map(s => s.text).join('')

/** Whether a title of more than one word is all in capitals. */
function isShouting(title: string, tokens: readonly Token[]): boolean {
  if (/\p{Ll}/u.test(title) && !title.includes('<')) return false
  const words = tokens.filter(token => token.word).map(token => token.text)
  const letters = words.join('').replace(/[^\p{L}]/gu, '')
  return words.length > 1 && letters.length > 5 && letters === letters.toUpperCase()
}
