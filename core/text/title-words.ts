/** What is known of a word of a title by itself, kept: the same words come again and again. */
import { rowOf } from './lookup'
import { isCommon } from './common'
import { stemsOf } from './word-forms'
import { DOUBTFUL_NOUNS, GENERA, GIVEN_NAMES, PROPER_NOUNS, SOMETIMES_VERBS, VERBS } from './data/proper-nouns'

const once = <T>(make: () => T): () => T => { let made: T | undefined; return () => (made ??= make()) }
const properNouns = once(() => new Set(PROPER_NOUNS.split(/\s+/u)))
const doubtfulNouns = once(() => new Set(DOUBTFUL_NOUNS.split(/\s+/u)))
const genera = once(() => new Set(GENERA.split(/\s+/u)))
/** Given names that the list lacks, most of them short. */
const MORE_GIVEN = 'ada amy ana ann anya aya bea bella ben chinua dag ede elif ernest eva femi ian ida ines kofi kwame lars lena leo mina mo ned nell ngozi ola olu pia priya ravi sana tao tim una wangari wole yuki kenji rabindranath'
const givenNames = once(() => new Set(`${GIVEN_NAMES} ${MORE_GIVEN}`.split(/\s+/u)))
const verbs = once(() => new Set(VERBS.split(/\s+/u)))
const sometimesVerbs = once(() => new Set(SOMETIMES_VERBS.split(/\s+/u)))

export interface WordFacts {
  lower: string
  /** In small letters, without a possessive ending. */
  stem: string
  /** Begins with a capital. */
  raised: boolean
  /** Capitals inside or throughout: DNA, LiDAR, pH, COVID-19, U.S., eBay, McKay, II. */
  ownCapitals: boolean
  /** Its one right form, where a list has it: DNA, pH. */
  fixed: string | undefined
  /** A name wherever it stands. */
  proper: boolean
  /** A name in some places, a common word in others. */
  doubtful: boolean
  hyphenated: boolean
}

const LIMIT = 50_000
const known = new Map<string, WordFacts>()

export function factsOf(word: string): WordFacts {
  const facts = known.get(word)
  if (facts) return facts
  if (known.size >= LIMIT) known.clear()
  const lower = word.toLowerCase()
  const stem = lower.replace(/[’']s?$/u, '')
  const made: WordFacts = {
    lower,
    stem,
    raised: /^\p{Lu}/u.test(word),
    ownCapitals: hasOwnCapitals(word),
    fixed: fixedForm(word),
    proper: isProperStem(stem),
    doubtful: doubtfulNouns().has(lower),
    hyphenated: word.includes('-'),
  }
  known.set(word, made)
  return made
}

const isProperStem = (stem: string): boolean => {
  const nouns = properNouns()
  return (
    nouns.has(stem)
    || genera().has(stem)
    || (stem.endsWith('s') && stem.length > 4 && nouns.has(stem.slice(0, -1)) && !doubtfulNouns().has(stem))
  )
}

/** Whether a word is known to keep its capital; possessives and plurals of peoples count ("Darwin’s", "Kenyans"). */
export const isProperNoun = (word: string): boolean => isProperStem(word.toLowerCase().replace(/[’']s?$/u, ''))

const common = new Map<string, boolean>()
/** Whether a word in small letters is a common one; what is not, and is raised in a headline title, is taken for a name. */
export function isCommonWord(lower: string): boolean {
  const answer = common.get(lower)
  if (answer !== undefined) return answer
  if (common.size >= LIMIT) common.clear()
  // What is a name now and then is a common word now and then, its plural too ("hospital wards").
  const found = isCommon(lower) || stemsOf(lower).some(stem => doubtfulNouns().has(stem))
  common.set(lower, found)
  return found
}

/** Whether a word in small letters is a genus. */
export const isGenus = (lower: string): boolean => genera().has(lower)
/** Whether a word in small letters is a given name and no place. */
export const isGivenName = (lower: string): boolean => givenNames().has(lower)
/** Whether a word after "to" is a verb, which makes the to an infinitive's. */
export const isVerb = (word: string): boolean => verbs().has(word.toLowerCase())
/** Whether a noun is a verb now and then (power, map, fund). */
export const isSometimesVerb = (word: string): boolean => sometimesVerbs().has(word.toLowerCase())

const hasOwnCapitals = (word: string): boolean =>
  /^\p{L}+\p{Lu}|^\p{Lu}[\p{Lu}.&\p{N}]+$|^\p{Ll}\p{Lu}|\p{N}\p{Lu}/u.test(word.replace(/[’']s$/u, ''))
  || /^(?:\p{Lu}\.)+\p{Lu}?\.?$/u.test(word)
const ROMAN = /^(?=[IVX])(?:X{0,3})(?:IX|IV|V?I{0,3})$/u

const UPPER_KNOWN = new Set(`DNA RNA HIV AIDS COVID USA UK EU UN NATO UNESCO UNICEF WHO NASA GPS GIS BBC CNN IBM AI GDP OECD IMF PCR MRI
 CT UV CO2 US LGBT LGBTQ ADHD PTSD STEM NGO NGOS CEO FBI CIA HTML XML SQL PDF TV ESL EFL`.split(/\s+/))
const FIXED: Readonly<Record<string, string>> = { 'covid-19': 'COVID-19', 'ph': 'pH', 'lidar': 'LiDAR', 'wi-fi': 'Wi-Fi' }
function fixedForm(word: string): string | undefined {
  if (UPPER_KNOWN.has(word)) return word
  const lower = word.toLowerCase()
  return rowOf(FIXED, lower) ?? (word.length > 1 && ROMAN.test(word) ? word : undefined)
}

/** 19th, 4TH: the letters of an ordinal are small. */
const ORDINAL = /^\d+(?:st|nd|rd|th)s?$/iu

/** The first letter of a word raised. */
export const capital = (word: string): string => {
  const first = word.charCodeAt(0)
  if (first >= 97 && first <= 122) return word[0]!.toUpperCase() + word.slice(1)
  if (ORDINAL.test(word)) return word.toLowerCase()
  const at = [...word].findIndex(c => /\p{L}/u.test(c))
  return at < 0 ? word : word.slice(0, at) + [...word.slice(at)][0]!.toUpperCase() + word.slice(at + 1)
}
