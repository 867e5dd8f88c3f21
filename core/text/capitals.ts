/**
 * Capitals of titles, in headline style and in sentence style. Words the writer protected, words in italics within a
 * title, acronyms and names are never lowered; what was uncertain is reported, never guessed silently.
 *
 * What decides them are lists of a hundred thousand words (`by-list.ts`). They are not wanted wherever a title is printed:
 * a page that shows references has the answers and not the lists. So who decides is told once for a process or a page, by
 * `decideTitlesBy`; who composes or checks with another decider hands it in.
 */
import { curled } from './quotes'
import type { Segment } from './rich'

export { PREPOSITIONS } from './prepositions'

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

/** What is asked about titles and their words. */
export interface TitleWords {
  /** Sets the capitals of a title given as rich text. */
  capitalise: (title: string, rule: CapitalRule) => Capitalised
  /** Whether most words of weight begin with a capital though they are no names: the title is in headline case. */
  isHeadline: (title: string) => boolean
  /** Whether a word is one of the language's common words, in any of its forms. */
  isCommon: (word: string) => boolean
  /** Another number whenever an answer may be other than before; what was made of answers is kept under it. */
  readonly version: number
}

let words: TitleWords | undefined
/** Says who decides here: the lists, or a memory of what they answered. */
export const decideTitlesBy = (by: TitleWords): void => { words = by }
/** Who decides here where nobody is handed in. */
export function titlesHere(): TitleWords {
  if (!words) throw new Error('Nobody decides the capitals of titles here: import core/text/with-lists, or call decideTitlesBy.')
  return words
}

export const capitalise: TitleWords['capitalise'] = (title, rule) => titlesHere().capitalise(title, rule)
export const isHeadline: TitleWords['isHeadline'] = title => titlesHere().isHeadline(title)
export const isCommon: TitleWords['isCommon'] = word => titlesHere().isCommon(word)

/** The plain text of a title with its capitals set. */
export const capitaliseText = (title: string, rule: CapitalRule): string => curled(capitalise(title, rule).segments.map(s => s.text).join(''))
