/** Titles as runs: capitals by treatment, quotation marks by depth, italics reversed inside italics; short titles. */
import { PREPOSITIONS, type CapitalRule, type TitleWords } from '../text/capitals'
import type { Segment } from '../text/rich'
import { setQuotes } from '../text/quotes'
import type { FieldName } from '../source/fields'
import { FIELDS } from '../source/fields'
import type { RuleId } from '../text/origin'
import type { Style } from '../styles/schema'
import type { Atom } from './line'

export interface TitleSetting {
  words: TitleWords
  style: Style
  field: FieldName
  /** Levels of quotation and italics the title stands in. */
  quoted: number
  italic: boolean
  capitals: CapitalRule
  /** It is the beginning of a title, in italics there: they stay, and so do its capitals. */
  within?: boolean
  /** Its closing full stop is the text’s own: a post in quotation marks. */
  keepStop?: boolean
}

export interface SetTitle { atoms: Atom[], unsure: readonly string[] }

export function setTitle(title: string, setting: TitleSetting): SetTitle {
  const text = years(spaced(title, setting.keepStop === true), setting.style.dash)
  const { segments, unsure } = setting.words.capitalise(text, setting.within ? AS_GIVEN : setting.capitals)
  return { unsure, atoms: segmentsToAtoms(segments, setting) }
}

/** "1890-1914" is a range there too. */
const years = (title: string, dash: string): string =>
  /\d-\d/u.test(title) ? title.replace(/(?<![\d–-])(1\d{3}|20\d{2})-((?:1\d|20)?\d{2})(?![\d–-])/gu, `$1${dash}$2`) : title

/** One space where there were several; no closing full stop of the database's own, unless it is an abbreviation's ("Coast. Eng. Lett."). */
function spaced(title: string, keepStop: boolean): string {
  const single = /\s\s|[^\S ]/u.test(title) ? title.trim().replace(/\s+/gu, ' ') : title.trim()
  return single.endsWith('.') && !keepStop ? single.replace(/(?<=\p{Ll}{2})(?<!\.\s\p{Lu}\p{Ll}+|\b(?:Inc|Ltd|Corp|Bros))\.$/u, '') : single
}

const AS_GIVEN: CapitalRule = { style: 'as-given' }
const RULES: Record<CapitalRule['style'], readonly RuleId[]> = {
  'headline': ['title.headline'],
  'sentence': ['title.sentence'],
  'as-given': ['title.asgiven'],
}

function segmentsToAtoms(segments: readonly Segment[], setting: TitleSetting): Atom[] {
  const rules = RULES[setting.capitals.style]
  const part = FIELDS[setting.field].question
  const throughout = !setting.within && segments.every(s => s.italic)
  // Quotation marks are read over the whole title, so that a pair around italics stays a pair.
  const whole = setQuotes(segments.map(s => s.text).join(''), setting.style.quotes, setting.quoted)
  let at = 0
  return segments.map((s) => {
    const text = whole.slice(at, at + s.text.length)
    at += s.text.length
    const italic = s.italic && !throughout ? !setting.italic : setting.italic
    const atom: Atom = { text, part, field: setting.field, rules }
    if (italic) atom.italic = true
    if (s.bold) atom.bold = true
    if (s.superscript) atom.superscript = true
    if (s.smallCaps) atom.smallCaps = true
    return atom
  })
}

/** The main title: what stands before a colon, or before a dash standing free. */
export function mainTitle(title: string): string {
  const before = /^(.+?)(?::\s|\s[–—]\s|—)/u.exec(title)?.[1]
  // A question of more than a word is a title by itself ("Whose Prices? Rereading …").
  const cut = /^([^?][^\s?]*\s[^?]+\?)\s+\S/u.exec(before ?? title)?.[1] ?? before
  return balance(cut ?? title)
}

/** Tags opened in a cut title are closed again. */
function balance(title: string): string {
  let out = title.trim()
  if (!out.includes('<')) return out
  for (const tag of ['i', 'b', 'span', 'em']) {
    const opens = out.match(new RegExp(`<${tag}[ >]`, 'giu'))?.length ?? 0
    const closes = out.match(new RegExp(`</${tag}>`, 'giu'))?.length ?? 0
    for (let n = closes; n < opens; n++) out += `</${tag}>`
  }
  return out
}

export const withoutArticle = (title: string): string => title.replace(/^((?:<[^>]+>)*[“"‘']?)(?:the|an?)\s+/iu, '$1')

const FUNCTION = new Set([
  ...PREPOSITIONS,
  'a',
  'an',
  'the',
  'and',
  'but',
  'or',
  'nor',
  'so',
  'yet',
  'if',
  'when',
  'while',
  'because',
  'that',
  'which',
  'who',
  'whose',
  'whom',
  'where',
  'how',
  'why',
  'what',
  'is',
  'are',
  'was',
  'were',
  'be',
  'can',
  'could',
  'may',
  'might',
  'must',
  'shall',
  'should',
  'would',
  'do',
  'does',
  'did',
  'has',
  'have',
  'had',
  'will',
  'not',
  'its',
  'their',
  'his',
  'her',
  'our',
  'your',
  'my',
])
const CUTTERS = new Set([...PREPOSITIONS, 'a', 'an', 'the', 'and', 'but', 'or', 'nor', 'so', 'yet', 'if', 'when', 'while', 'because'])

const ARTICLES = new Set(['a', 'an', 'the'])
const COPULA = new Set(['is', 'are', 'was', 'were'])

const bare = (word: string): string =>
  /^[A-Za-z]+$/.test(word)
    ? word.toLowerCase()
    : word
        .replace(/<[^>]+>/gu, '')
        .replace(/[^\p{L}\p{N}.'’-]/gu, '')
        .toLowerCase()

/**
 * A short title by first words, as of a Chicago note: the main title without its article; if longer than four words, up to the first
 * preposition, conjunction or article after two words of substance, at most four words, never ending in a function word.
 * Source: Chicago 18, 13.36.
 */
export function firstWords(title: string): string {
  const main = withoutArticle(mainTitle(title))
  const words = main.split(/\s+/u)
  if (words.length <= 4) return main
  // A comma ends the phrase that the title begins with, unless it makes a series.
  const comma = words.findIndex(word => /[,;]$/u.test(word))
  if (comma >= 0 && comma < 4 && !isSeries(words, comma) && !words.slice(comma + 1).some((word) => /[,;]$/u.test(word)))
    return trimEnd(words.slice(0, comma + 1).join(' '), main)
  let substance = 0
  let keep = words.length
  for (const [i, word] of words.entries()) {
    if (CUTTERS.has(bare(word)) && substance >= 2) { keep = i; break }
    if (!FUNCTION.has(bare(word))) substance++
  }
  if (keep > 4) {
    // Four words that end within a phrase of their own ("Voices from the Vegetable") stop before that phrase.
    const phrase = words.findIndex((word, i) => i > 0 && CUTTERS.has(bare(word)) && !ARTICLES.has(bare(word)))
    // Italics or a quotation that closes there make a phrase of its own ("Return of Zostera marina").
    // One word alone says nothing ("Walk").
    if (phrase === 1 && words.length === 5) return main
    keep = phrase > 1 && phrase < 4 && !/(?:<\/\w+>|[”’])[,;:]?$/u.test(words[3]!) ? phrase : 4
  }
  while (keep > 1 && FUNCTION.has(bare(words[keep - 1]!))) keep--
  // A title that is a sentence says what it is about behind its verb ("A Tree Is Not a Lamp Post").
  if (keep === 1 && COPULA.has(bare(words[1]!)) && words.length <= 6) return words.slice(2).join(' ')
  return trimEnd(words.slice(0, keep).join(' '), main)
}

/**
 * A short title by its noun phrase, as in MLA's parenthetical citations: the noun phrase that the title begins with; the first words where
 * it begins otherwise (a question, a verb, a preposition). Source: MLA Handbook 9, 6.10.
 */
export function nounPhrase(title: string): string {
  const main = withoutArticle(mainTitle(title))
  const words = main.split(/\s+/u)
  const first = bare(words[0] ?? '')
  const noun = !FUNCTION.has(first) && !isDoing(first)
  if (!noun) {
    if (words.length <= 5) return main
    let keep = 4
    while (keep > 1 && FUNCTION.has(bare(words[keep - 1]!))) keep--
    return trimEnd(words.slice(0, keep).join(' '), main)
  }
  const stop = words.findIndex((word, i) => i > 0 && FUNCTION.has(bare(word)))
  const comma = words.findIndex(word => /[,;]$/u.test(word))
  const keep = Math.min(stop < 0 ? words.length : stop, comma < 0 ? words.length : isSeries(words, comma) ? words.length : comma + 1)
  // A phrase that would lose its last word alone is left whole ("Mill Fire Put Out").
  return keep >= words.length - 1 ? main : trimEnd(words.slice(0, keep).join(' '), main)
}

/** Nouns that end as verbs do. */
const NOUNS = new Set(['building', 'buildings', 'evening', 'morning', 'wedding', 'ceiling', 'meaning', 'feeling', 'painting', 'drawing', 'meeting', 'clothing', 'housing', 'funding', 'herring', 'pudding', 'farthing', 'shilling', 'sterling', 'lightning'])
/** A verb's form in -ing ("Working the Tide"), and no word that only ends so ("Sting"). */
const isDoing = (word: string): boolean => word.endsWith('ing') && /[aeiouy]/u.test(word.slice(0, -3)) && !NOUNS.has(word)

/** "Silt, Salt, and Patience": a series is one noun phrase. */
const isSeries = (words: readonly string[], comma: number): boolean => words.slice(comma).some(word => /^(?:and|or)$/u.test(bare(word)))

const trimEnd = (text: string, whole: string): string => balance(text === whole ? text : closeQuote(text.replace(/[,;:–—-]+$/u, '')))
const closeQuote = (text: string): string => (/“[^”]*$/u.test(text) ? `${text}”` : text)
