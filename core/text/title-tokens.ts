/** A title as words and what is between them, in one pass, each word with whether it begins a part of the title. */
import { parseRich, type Segment } from './rich'

/** Where a part of a title begins: at its start, after a colon or a dash standing free, after ? ! or a full stop. */
export type Unit = 'start' | 'colon' | 'stop'

export interface Token {
  text: string
  word: boolean
  /** The segment it lies in. */
  segment: number
  /** Its capitals are not to be touched. */
  kept: boolean
  unit?: Unit
  /** Nothing but space stands between it and the word before. */
  adjacent?: boolean
  /** It stands in a bracket that belongs to the word before it: "poly(vinyl chloride)", "method(s)". */
  glued?: boolean
}

const OTHER = 0
const LETTER = 1
const JOINER = 2
const HYPHEN = 3
const SPACE = 4
const QUOTE = 5

const ascii = new Uint8Array(128)
for (let code = 0; code < 128; code++) {
  const char = String.fromCharCode(code)
  ascii[code] = /[A-Za-z0-9]/u.test(char)
    ? LETTER
    : '.\'&'.includes(char)
      ? JOINER
      : char === '-'
        ? HYPHEN
        : /\s/u.test(char)
          ? SPACE
          : '"([{'.includes(char)
            ? QUOTE
            : OTHER
}
const beyond = new Map<number, number>()
function classOf(code: number): number {
  if (code < 128) return ascii[code]!
  const known = beyond.get(code)
  if (known !== undefined) return known
  const char = String.fromCodePoint(code)
  const found =
    char === '’'
      ? JOINER
      : /[\p{L}\p{M}\p{N}]/u.test(char)
        ? LETTER
        : /[\u2010\u2011]/u.test(char)
          ? HYPHEN
          : /\s/u.test(char)
            ? SPACE
            : /[“”‘]/u.test(char)
              ? QUOTE
              : OTHER
  beyond.set(code, found)
  return found
}

/** Where a word that begins at `from` ends: letters, digits and the points, apostrophes and hyphens inside it. */
function wordEnd(text: string, from: number): number {
  let at = from
  while (at < text.length) {
    const code = text.codePointAt(at)!
    const found = classOf(code)
    if (found === LETTER || found === JOINER) { at += code > 0xFFFF ? 2 : 1; continue }
    if (found !== HYPHEN) break
    const next = text.codePointAt(at + 1)
    // An ampersand joins letters (R&D) but begins no part behind a hyphen.
    if (next === undefined || (classOf(next) !== LETTER && classOf(next) !== JOINER) || next === 0x26) break
    at++
  }
  return at
}

export function tokenise(segments: readonly Segment[]): Token[] {
  const throughout = segments.length > 1 && segments.every(s => s.italic || !s.text.trim())
  const tokens: Token[] = []
  // The last mark or word before, whether a space has stood since, and whether only spaces have since the last word.
  let mark = ''
  let spaced = false
  // A bracket opened right behind a letter is still open.
  let glued = false
  let adjacent = false
  for (const [index, segment] of segments.entries()) {
    const { text } = segment
    // Italics inside a title are a species, a ship, a title: they have capitals of their own.
    const inner = segment.italic && !throughout && segments.length > 1
    const within = inner && isTitle(text)
    const kept = Boolean(segment.kept || (inner && !within))
    if (within && mark !== '') mark = 'title'
    let gap = 0
    let at = 0
    while (at < text.length) {
      const code = text.codePointAt(at)!
      const found = classOf(code)
      if (found !== LETTER) {
        const next = at + (code > 0xFFFF ? 2 : 1)
        if (found === SPACE) spaced = true
        else {
          if (code === 0x28) glued = at > 0 && classOf(text.charCodeAt(at - 1)) === LETTER
          else if (code === 0x29) glued = false
          adjacent = false
          if (found !== QUOTE && code !== 0x2019 && code !== 0x27) { mark = text.slice(at, next); spaced = false }
        }
        at = next
        continue
      }
      if (at > gap) tokens.push({ text: text.slice(gap, at), word: false, segment: index, kept })
      gap = wordEnd(text, at)
      const token: Token = { text: text.slice(at, gap), word: true, segment: index, kept }
      const unit = unitAfter(mark, spaced)
      if (unit) token.unit = unit
      if (adjacent) token.adjacent = true
      if (glued) token.glued = true
      tokens.push(token)
      mark = endsSentence(token.text) ? '.' : 'word'
      spaced = false
      adjacent = true
      at = gap
    }
    if (at > gap) tokens.push({ text: text.slice(gap), word: false, segment: index, kept })
  }
  return tokens
}

/** A title inside a title, and no species or ship: it begins with an article, or has more than three words. */
const isTitle = (text: string): boolean => /^\s*(?:The|An?)\s/u.test(text) || (/^\s*\p{Lu}/u.test(text) && text.trim().split(/\s+/u).length > 3)

/** Abbreviations of three letters and more that a stop ends, but no sentence. */
const ABBREVIATED = new Set(
  `figs vols eds nos prof dept univ inst proc capt mrs rev gen col govt assn bros corp etc approx vs transl trans illus comp chap chaps
 sect ser supp suppl conf symp intl natl sci tech eng hist est max min temp rep sen gov sgt esq blvd tech dist misc orig repr cf ca`.split(
    /\s+/u,
  ),
)
/** Whether a word with its full stop ends a sentence of the title: "Silt. Part two". */
const endsSentence = (word: string): boolean =>
  word.endsWith('.') && /^[\p{L}\p{N}’'-]*\p{Ll}{3}\.$/u.test(word) && !ABBREVIATED.has(word.slice(0, -1).toLowerCase())

function unitAfter(mark: string, spaced: boolean): Unit | undefined {
  if (mark === '') return 'start'
  if (mark === 'title') return 'start'
  if (mark === '—') return 'colon'
  if (!spaced) return undefined
  if (mark === ':' || mark === '–') return 'colon'
  return mark === '?' || mark === '!' || mark === '.' ? 'stop' : undefined
}

/** Tokens as segments again, treatments as they were. */
export function joined(tokens: readonly Token[], segments: readonly Segment[]): Segment[] {
  if (segments.length === 1) {
    let text = ''
    for (const token of tokens) text += token.text
    return [{ ...segments[0]!, text }]
  }
  const out = segments.map(s => ({ ...s, text: '' }))
  for (const token of tokens) out[token.segment]!.text += token.text
  return out
}

/** A title's segments; plain text without any tag is one. */
export const segmentsOf = (title: string): Segment[] => (title.includes('<') ? parseRich(title) : title ? [{ text: title }] : [])
