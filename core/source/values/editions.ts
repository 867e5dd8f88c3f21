/** Editions: "Second edition, revised", "2nd ed.", "2e", "3. Aufl." as a number with what else is said of it. */
import { ORDINAL_WORDS } from '../../text/numbers'

const TERM = /(?<!\p{L})(?:editions?|edn?s?|auflage|aufl|édition|éd)(?!\p{L})\.?/giu

/** The number, none where it has none; and the words beside it ("revised", "international student"). */
export interface ReadEdition { number?: number, words: string }

export function edition(given: string): ReadEdition {
  const text = given.replace(TERM, ' ').replace(/\s+/gu, ' ').trim().replace(/^the /iu, '').replace(/ (?=[,;])/gu, '')
  const pieces = text.split(/[\s,;]+(?:and\s+|&\s+)?/u).filter(Boolean)
  let number: number | undefined
  const rest: string[] = []
  for (const [i, piece] of pieces.entries()) {
    const read = numberOf(piece)
    // A year among the words is no number of an edition, and only one word is the number.
    if (read !== undefined && number === undefined && (i === 0 || i === pieces.length - 1)) number = read
    else rest.push(piece)
  }
  if (number === undefined) return { words: text }
  // "Revised and enlarged" keeps its "and": the words are taken from what was given.
  const words = rest.length === pieces.length - 1 ? withoutNumber(text) : rest.join(' ')
  return { number, words }
}

function numberOf(word: string): number | undefined {
  const digits = /^(\d{1,3})(?:st|nd|rd|th|d|e|er|ère|ème|\.)?$/iu.exec(word)
  if (digits) return Number(digits[1])
  const at = ORDINAL_WORDS.indexOf(word.toLowerCase())
  return at < 0 ? undefined : at + 1
}

const withoutNumber = (text: string): string => {
  const words = text.split(' ')
  const at = words.findIndex(word => numberOf(word.replace(/[,;]$/u, '')) !== undefined)
  const rest = words.filter((_, i) => i !== at)
  if (/^(?:and|&)$/iu.test(rest[0] ?? '')) rest.shift()
  return rest.join(' ').replace(/^[,;] ?|[,;]$/gu, '')
}
