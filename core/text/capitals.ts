/**
 * Capitals of titles. Headline style (Chicago 18, 8.160; MLA 9, 2.99; ACS Guide 9.2) and sentence style
 * (APA 7, 6.17; Chicago 18, 8.159). Words the writer protected, words in italics within a title, acronyms and
 * names are never lowered; what was uncertain is reported, never guessed silently.
 */
import { isCommon } from './common'
import { DOUBTFUL_NOUNS, PROPER_NOUNS, VERBS } from './data/proper-nouns'
import { parseRich, type Segment } from './rich'

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
  segments: Segment[]
  /** Words whose capital could not be decided from the word alone. */
  unsure: string[]
}

const ARTICLES = new Set(['a', 'an', 'the'])
const CONJUNCTIONS = new Set(['and', 'but', 'or', 'nor', 'for', 'so', 'yet'])
export const PREPOSITIONS = new Set(`about above across after against along alongside amid amidst among amongst around as at atop
 before behind below beneath beside besides between betwixt beyond by concerning despite down during except excepting for from in inside
 into like near of off on onto out outside over past per regarding round since through throughout till to toward towards
 under underneath until unto up upon versus via vs vs. with within without`.split(/\s+/))
/** Prepositions that are as often adverbs or verbs ("turned around", "look up"): lowered only before a noun phrase. */
const ADVERBIAL = new Set(['around', 'up', 'down', 'out', 'off', 'over', 'along', 'through', 'by', 'in', 'on', 'about', 'across', 'near', 'past', 'round', 'under', 'after', 'before', 'behind', 'below', 'above', 'inside', 'outside', 'within', 'without', 'since', 'like'])
const LOWER_ALWAYS = new Set(['de', 'von', 'van', 'der', 'et', 'al.', 'v.', 'vs.'])

let proper: Set<string> | undefined
let doubtful: Set<string> | undefined
let verbs: Set<string> | undefined
const properNouns = () => (proper ??= new Set(PROPER_NOUNS.split(/\s+/u)))
const doubtfulNouns = () => (doubtful ??= new Set(DOUBTFUL_NOUNS.split(/\s+/u)))

/** Whether a word is known to keep its capital; possessives and plurals of peoples count ("Darwin’s", "Kenyans"). */
export function isProperNoun(word: string): boolean {
  const w = word.toLowerCase().replace(/[’']s?$/u, '')
  const nouns = properNouns()
  return nouns.has(w) || (w.endsWith('s') && w.length > 4 && nouns.has(w.slice(0, -1)))
}

const LETTER = /\p{L}/u
const TOKEN = /[\p{L}\p{M}\p{N}][\p{L}\p{M}\p{N}.’'&]*(?:[-\u2010\u2011][\p{L}\p{M}\p{N}.’']+)*|./gsu

interface Token { text: string, word: boolean, segment: number, kept: boolean, italic: boolean }

/** Sets the capitals of a title given as rich text. */
export function capitalise(title: string, rule: CapitalRule): Capitalised {
  const segments = parseRich(title)
  if (rule.style === 'as-given') return { segments, unsure: [] }
  const italicThroughout = segments.every(s => s.italic || !s.text.trim())
  const tokens: Token[] = segments.flatMap((s, segment) => [...s.text.matchAll(TOKEN)].map(([text]) => ({
    text, segment, word: /^[\p{L}\p{N}]/u.test(text),
    // Italics inside a title are a species, a ship, a title: they have capitals of their own.
    kept: Boolean(s.kept || (s.italic && !italicThroughout)), italic: Boolean(s.italic),
  })))
  const words = tokens.filter(t => t.word)
  const shouting = isShouting(words.map(w => w.text).join(' '))
  const unsure = rule.style === 'headline' ? headline(tokens, rule, shouting) : sentence(tokens, rule, shouting)
  const out = segments.map(s => ({ ...s, text: '' }))
  for (const token of tokens) out[token.segment]!.text += token.text
  return { segments: out, unsure }
}

/** The plain text of a title with its capitals set. */
export const capitaliseText = (title: string, rule: CapitalRule): string => capitalise(title, rule).segments.map(s => s.text).join('')

const isShouting = (text: string): boolean => {
  const letters = text.replace(/[^\p{L}]/gu, '')
  return letters.length > 5 && text.includes(' ') && letters === letters.toUpperCase()
}

/** Capitals inside or throughout: DNA, LiDAR, pH, COVID-19, U.S., eBay, McKay, II. */
const hasOwnCapitals = (word: string): boolean => /^\p{L}+\p{Lu}|^\p{Lu}[\p{Lu}.&\p{N}]+$|^\p{Ll}\p{Lu}|\p{N}\p{Lu}/u.test(word.replace(/[’']s$/u, ''))
  || /^(?:\p{Lu}\.)+\p{Lu}?\.?$/u.test(word)
const ROMAN = /^(?=[IVX])(?:X{0,3})(?:IX|IV|V?I{0,3})$/u

const capital = (word: string): string => {
  const at = [...word].findIndex(c => LETTER.test(c))
  return at < 0 ? word : word.slice(0, at) + [...word.slice(at)][0]!.toUpperCase() + word.slice(at + 1)
}

/** Where a new unit of the title begins: the start, after a colon, a dash standing free, or ? ! . and a space. */
function startsUnit(tokens: readonly Token[], at: number): 'start' | 'colon' | 'stop' | undefined {
  let i = at - 1
  while (i >= 0 && /^[\s“”‘’"'([{]$/u.test(tokens[i]!.text)) i--
  if (i < 0) return 'start'
  const mark = tokens[i]!.text
  const spaced = i < at - 1 && tokens.slice(i + 1, at).some(t => /\s/u.test(t.text))
  if (mark === ':' && spaced) return 'colon'
  if (mark === '—' || (mark === '–' && spaced)) return 'colon'
  if (/^[?!]$/u.test(mark) && spaced) return 'stop'
  if (mark === '.' && spaced) return 'stop'
  return undefined
}

function headline(tokens: readonly Token[], rule: HeadlineRule, shouting: boolean): string[] {
  const at = tokens.map((t, i) => (t.word ? i : -1)).filter(i => i >= 0)
  const lastWord = at.at(-1)
  at.forEach((i, n) => {
    const token = tokens[i]!
    if (token.kept) return
    const next = at[n + 1]
    const unitEnd = next === undefined || i === lastWord || startsUnit(tokens, next) !== undefined
    const edge = unitEnd || startsUnit(tokens, i) !== undefined
    if (!shouting && hasOwnCapitals(token.text) && !token.text.includes('-')) return
    const given = shouting ? (knownCapitals(token.text) ?? token.text.toLowerCase()) : token.text
    const nextWord = next === undefined ? undefined : tokens[next]!.text
    const nextAdjacent = next !== undefined && tokens.slice(i + 1, next).every(t => /\s/u.test(t.text))
    // "As You Like It": after a pronoun, like is a verb.
    const verb = given.toLowerCase() === 'like' && n > 0 && /^(?:i|you|we|they|who|would|to)$/iu.test(tokens[at[n - 1]!]!.text)
    token.text = edge || verb ? capitalCompound(given, rule, true) : headlineWord(given, rule, nextWord, nextAdjacent)
  })
  return []
}

function headlineWord(word: string, rule: HeadlineRule, next: string | undefined, adjacent: boolean): string {
  const lower = word.toLowerCase()
  if (ARTICLES.has(lower) || LOWER_ALWAYS.has(word)) return lower
  if (lower === 'to') return rule.infinitiveTo && next && adjacent && looksLikeVerb(next) ? 'To' : 'to'
  if (lower === 'as') return 'as'
  if (CONJUNCTIONS.has(lower) && !(lower === 'so' || lower === 'yet')) return lower
  if ((lower === 'so' || lower === 'yet') && rule.prepositions !== 'all') return capital(word)
  if (lower === 'so' || lower === 'yet') return lower === 'yet' ? 'yet' : 'So'
  if (PREPOSITIONS.has(lower) && (rule.prepositions === 'all' || lower.replace('.', '').length <= rule.prepositions)) {
    const adverb = ADVERBIAL.has(lower) && !adjacent
    return adverb ? capital(word) : lower
  }
  return capitalCompound(word, rule, false)
}

/** Hyphenated compounds: every part but articles, conjunctions and short prepositions inside (Low-Cost, Do-It-Yourself). */
function capitalCompound(word: string, rule: HeadlineRule, first: boolean): string {
  if (!/[-\u2010\u2011]/u.test(word)) return hasOwnCapitals(word) ? word : capital(word)
  const parts = word.split(/([-\u2010\u2011])/u)
  return parts.map((part, i) => {
    if (/^[-\u2010\u2011]?$/u.test(part) || hasOwnCapitals(part)) return part
    const lower = part.toLowerCase()
    const edge = i === 0 || i === parts.length - 1
    if (rule.prefixes && i === 2 && PREFIXES.has(parts[0]!.toLowerCase()) && !isProperNoun(part)) return lower
    const small = ARTICLES.has(lower) || CONJUNCTIONS.has(lower) || (PREPOSITIONS.has(lower) && lower.length <= 4) || lower === 'to'
    if (small && !(edge && (i === 0 ? first || !PREPOSITIONS.has(lower) : true))) return lower
    return capital(part)
  }).join('')
}

const PREFIXES = new Set(['anti', 'co', 'counter', 'de', 'extra', 'hyper', 'inter', 'intra', 'macro', 'mega', 'meta', 'micro', 'mini', 'multi', 'neo', 'non', 'post', 'pre', 'pro', 'proto', 'pseudo', 're', 'semi', 'sub', 'super', 'trans', 'ultra', 'un'])

/** Whether the word after "to" is a verb, which makes the to an infinitive's. */
const looksLikeVerb = (word: string): boolean => (verbs ??= new Set(VERBS.split(/\s+/u))).has(word.toLowerCase())

const UPPER_KNOWN = new Set(`DNA RNA HIV AIDS COVID USA UK EU UN NATO UNESCO UNICEF WHO NASA GPS GIS BBC CNN IBM AI GDP OECD IMF PCR MRI
 CT UV CO2 LGBT LGBTQ ADHD PTSD STEM NGO NGOS CEO FBI CIA HTML XML SQL PDF TV ESL EFL`.split(/\s+/))
const FIXED: Record<string, string> = { 'covid-19': 'COVID-19', 'ph': 'pH', 'lidar': 'LiDAR', 'us': 'us' }
const knownCapitals = (word: string): string | undefined =>
  UPPER_KNOWN.has(word) ? word : FIXED[word.toLowerCase()] ?? (ROMAN.test(word) && word.length > 1 ? word : undefined)

/** Names of more than one word whose common words are part of the name: Lake Victoria, World War II, River Arun. */
const BEFORE_NAME = new Set(['lake', 'mount', 'river', 'saint', 'st', 'cape', 'fort', 'port', 'san', 'santa', 'los', 'las', 'new', 'north', 'south', 'east', 'west', 'great', 'king', 'queen', 'pope', 'sir', 'lady', 'lord', 'prince', 'princess', 'president'])
const AFTER_NAME = new Set(['sea', 'ocean', 'river', 'lake', 'island', 'islands', 'desert', 'mountains', 'peninsula', 'gulf', 'canal', 'empire', 'revolution', 'republic', 'war', 'act', 'valley', 'bay', 'strait', 'basin', 'channel', 'kingdom', 'states'])
const PHRASES = [['world', 'war'], ['united', 'states'], ['united', 'kingdom'], ['united', 'nations'], ['european', 'union'], ['middle', 'ages'], ['middle', 'east'], ['cold', 'war'], ['industrial', 'revolution'], ['civil', 'war'], ['north', 'sea'], ['black', 'sea'], ['red', 'sea'], ['dead', 'sea'], ['new', 'world'], ['old', 'testament'], ['new', 'testament'], ['great', 'depression'], ['great', 'war'], ['south', 'seas'], ['hong', 'kong'], ['los', 'angeles'], ['new', 'york'], ['new', 'zealand'], ['black', 'death'], ['roman', 'empire'], ['barrier', 'reef'], ['great', 'barrier'], ['berlin', 'wall'], ['east', 'india'], ['india', 'company'], ['york', 'city'], ['treaty', 'organization'], ['atlantic', 'treaty'], ['latin', 'america'], ['middle', 'kingdom'], ['ice', 'age'], ['bronze', 'age'], ['iron', 'age'], ['stone', 'age']]

function sentence(tokens: readonly Token[], rule: SentenceRule, shouting: boolean): string[] {
  const at = tokens.map((t, i) => (t.word ? i : -1)).filter(i => i >= 0)
  const words = at.map(i => tokens[i]!.text)
  const titled = shouting || isHeadlined(tokens, at)
  const unsure: string[] = []
  at.forEach((i, n) => {
    const token = tokens[i]!
    if (token.kept) return
    const start = startsUnit(tokens, i)
    const mustRise = start === 'start' || start === 'stop' || (start === 'colon' && rule.afterColon === 'capital')
    const word = token.text
    let set = word
    if (titled) set = lowered(words, n, shouting, unsure)
    else if (start === 'colon' && rule.afterColon === 'lower' && !hasOwnCapitals(word) && /^\p{Lu}/u.test(word) && word !== 'I') {
      // In a title already in sentence style a capital after the colon is there for the colon, unless it is a name.
      set = isNameHere(words, n) || !isCommon(word) ? word : word.toLowerCase()
    }
    if (mustRise && !/^\p{Ll}+\p{Lu}/u.test(set)) set = capital(set)
    token.text = set
  })
  return unsure
}

/** Whether a title has headline capitals: most of its inner words of four letters and more begin with one. */
function isHeadlined(tokens: readonly Token[], at: readonly number[]): boolean {
  const inner = at.filter(i => !tokens[i]!.kept && !startsUnit(tokens, i)).map(i => tokens[i]!.text)
    .filter(w => /^\p{L}/u.test(w) && w.length >= 4 && !PREPOSITIONS.has(w.toLowerCase()) && !hasOwnCapitals(w))
  if (!inner.length) return at.length > 1 && at.some(i => !startsUnit(tokens, i) && /^\p{Lu}\p{Ll}/u.test(tokens[i]!.text))
  const capitals = inner.filter(w => /^\p{Lu}/u.test(w)).length
  return capitals / inner.length > 0.5 && !(inner.length > 1 && inner.every(w => isProperNoun(w)) && at.some(i => /^\p{Ll}{4,}/u.test(tokens[i]!.text) && !PREPOSITIONS.has(tokens[i]!.text)))
}

function isNameHere(words: readonly string[], n: number): boolean {
  const lower = words[n]!.toLowerCase().replace(/[’']s?$/u, '')
  if (isProperNoun(lower)) return true
  const next = words[n + 1]?.toLowerCase()
  const before = words[n - 1]?.toLowerCase()
  if (PHRASES.some(([a, b]) => (a === lower && b === next) || (a === before && b === lower))) return true
  const isCapital = (w: string | undefined) => Boolean(w && /^\p{Lu}/u.test(w))
  const maybeName = (w: string | undefined) => Boolean(w && (isProperNoun(w) || doubtfulNouns().has(w)))
  // A doubtful word behind "Lake" or "King" is a name; "Lake" before a name is part of it.
  if (maybeName(lower) && before && BEFORE_NAME.has(before) && isCapital(words[n])) return true
  if (BEFORE_NAME.has(lower) && maybeName(next) && isCapital(words[n + 1])) return true
  return Boolean(AFTER_NAME.has(lower) && before && isProperNoun(before) && !/(?:ish|ese|ch)$/u.test(before) && isPlaceWord(before))
}
const isPlaceWord = (word: string): boolean => /^(?:atlantic|pacific|baltic|caribbean|mediterranean|arctic|antarctic|indian|french|russian|roman|ottoman|british|nile|thames|amazon|mississippi|suez|panama|sahara|himalayan|iberian|persian|english|soviet|chinese|korean|danube|rhine)$/u.test(word)

function lowered(words: readonly string[], n: number, shouting: boolean, unsure: string[]): string {
  const word = words[n]!
  const lower = word.toLowerCase()
  if (word.includes('-')) {
    return word.split('-').map((part, i, parts) => (/^\p{L}/u.test(part) ? lowered(parts, i, shouting, unsure) : part)).join('-')
  }
  if (word === 'I' || /^I[’']/u.test(word)) return word
  const known = knownCapitals(word)
  if (known) return known
  if (!shouting && hasOwnCapitals(word)) return word
  if (/^\p{Lu}$/u.test(word) && lower !== 'a') return word
  if (isNameHere(words, n)) return shouting ? capital(lower) : word
  const raised = /^\p{Lu}/u.test(word)
  // A word that no list knows is taken for a name, and said to be doubtful.
  const unknown = raised && !isCommon(lower)
  if (raised && (unknown || doubtfulNouns().has(lower))) unsure.push(word)
  return unknown ? (shouting ? capital(lower) : word) : lower
}
