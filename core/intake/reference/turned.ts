/** A reference laid against a skeleton: which stretch of it stands in which place, the likeliest whole reading. */
import type { FieldName } from '../../source/fields'
import type { Fields } from '../../source/model'
import { even } from './even'
import type { Place, Skeleton } from './skeleton'
import { valueOf, weigh } from './slots'
import type { Piece } from './text'

/** What a reference that people write takes is a hundredth of it. */
export const MOST_STEPS = 500_000

/** One reference, and what has been found out about its stretches. */
export class Laid {
  readonly even: string
  /** Whether italics say anything: a text that has lost them has none. */
  readonly slanted: boolean
  private readonly weighed = new Map<string, number | undefined>()
  /** Steps taken so far; a text made to have no end of ways is given up, and what was read first stands. */
  spent = 0
  constructor(readonly piece: Piece) {
    this.even = even(piece.text)
    this.slanted = piece.italic.includes(true)
  }

  weigh({ field, italic, order }: Place, from: number, to: number): number | undefined {
    const key = `${field} ${italic} ${order} ${from} ${to}`
    if (this.weighed.has(key)) return this.weighed.get(key)
    const weight = this.even[from] !== ' ' && this.even[to - 1] !== ' ' && this.fits(italic, from, to)
      ? weigh(field, { piece: this.piece.slice(from, to), even: this.even.slice(from, to), order })
      : undefined
    this.weighed.set(key, weight)
    this.spent += 20 + to - from
    return weight
  }

  /** Whether a stretch is italic, or roman, from its first letter to its last; what is turned round in the middle is a title in it. */
  private fits(italic: boolean, from: number, to: number): boolean {
    if (!this.slanted) return true
    let first = from
    while (first < to && !LETTER.test(this.even[first]!)) first++
    let last = to - 1
    while (last > first && !LETTER.test(this.even[last]!)) last--
    return first === to || (this.piece.italic[first] === italic && this.piece.italic[last] === italic)
  }
}
const LETTER = /[\p{L}\p{N}]/u

interface Way { weight: number, end?: number, next?: Way | undefined }

/** The likeliest reading by a skeleton; undefined where it does not fit. */
export function layOut(laid: Laid, { elements, needs }: Skeleton): { fields: Fields, weight: number } | undefined {
  const { even: text } = laid
  if (needs.some(word => !text.includes(word))) return undefined
  const known = new Map<number, Way | null>()
  const ends = (at: number): Way | null => (/^[\s.;,]*$/u.test(text.slice(at)) ? { weight: 0 } : null)

  const from = (i: number, at: number): Way | null => {
    const element = elements[i]
    if (!element) return ends(at)
    const key = i * (text.length + 2) + at
    const before = known.get(key)
    if (before !== undefined) return before
    known.set(key, null)
    const way = 'words' in element ? throughWords(i, at, element.words) : throughField(i, at, element)
    known.set(key, way)
    return way
  }
  const throughWords = (i: number, at: number, words: string): Way | null => {
    const end = behind(text, at, words, i === elements.length - 1)
    const rest = end < 0 ? null : from(i + 1, end)
    return rest && { weight: rest.weight + 0.12 * (words.match(/\p{L}/gu)?.length ?? 0), next: rest }
  }
  const throughField = (i: number, at: number, place: Place): Way | null => {
    const next = elements[i + 1]
    let best: Way | null = null
    for (let end = at + 1; end <= text.length; end++) {
      if (++laid.spent > MOST_STEPS) return null
      if (next && 'words' in next ? behind(text, end, next.words, i + 1 === elements.length - 1) < 0 : !boundary(text, end)) continue
      const weight = laid.weigh(place, at, end)
      if (weight === undefined) continue
      const rest = from(i + 1, end)
      if (rest && (!best || rest.weight + weight > best.weight)) best = { weight: rest.weight + weight, end, next: rest }
    }
    return best
  }
  const way = from(0, 0)
  if (!way) return undefined
  const found = new Map<FieldName, { stretches: Piece[], place: Place }>()
  let at = 0
  let step: Way | undefined = way
  for (const element of elements) {
    if ('words' in element) at = behind(text, at, element.words, element === elements.at(-1))
    else {
      const before = found.get(element.field)?.stretches ?? []
      found.set(element.field, { stretches: [...before, laid.piece.slice(at, step!.end)], place: element })
      at = step!.end!
    }
    step = step!.next
  }
  const fields: Fields = {}
  for (const [name, { stretches, place }] of found) {
    const value = valueOf(name, stretches, place.order)
    if (value === undefined || value === '') return undefined
    Object.assign(fields, { [name]: value })
  }
  return { fields, weight: way.weight }
}

const boundary = (text: string, at: number): boolean => at === text.length || /[\s.,;:()[\]"]/u.test(text[at]!)

/**
 * Where the words of a template end in a text, beginning at a place; -1 where they do not stand there. A stop gives way to
 * one that is there already ("Jr.", "Why?"), quotation marks may be of either sort, the last stop may be missing.
 */
function behind(text: string, at: number, words: string, last: boolean): number {
  let i = at
  for (let j = 0; j < words.length; j++) {
    const want = words[j]!
    const have = text[i]
    if (have === want || ((want === '"' || want === '\'') && (have === '"' || have === '\''))) { i++; continue }
    if ((want === '.' || want === ',') && /[.?!]/u.test(text[i - 1] ?? '')) continue
    if (want === '.' && last && j === words.length - 1 && i >= text.trimEnd().length) continue
    return -1
  }
  return i
}
