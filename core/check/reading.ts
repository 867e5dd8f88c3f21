/**
 * A block of the paper as a marker reads it: its lines as text, with the citations, quotations and sentences in them. Read
 * once for as long as the block stays the same object.
 */
import { ENDS_ABBREVIATED } from '../text/lists/abbreviations'
import { readCitation, type CitationData, type DocNode } from '../sheet/document'
import { isRemark } from '../sheet/walking'
import { firstWhere } from '../text/lookup'
import { findQuotes } from '../text/quotes'
import { countOf } from '../text/words'

/** Stands for a citation in a line's text. */
export const CITED = '\uFFFC'
/** Stands for each letter of a remark, which never prints. */
const UNSEEN = '\u2060'

export interface Stretch { from: number, to: number }
/** Words between quotation marks; the marks are the first and the last letter of the stretch. */
export interface Quoted extends Stretch {
  words: string
  count: number
  /** Levels of quotation around it, from 0. */
  level: number
}
export interface LineCitation {
  /** Its place in the line. */ at: number
  id: string
  data: CitationData
  /** Its place in the block. */ nth: number
}
export type LineKind = 'paragraph' | 'heading' | 'quotation' | 'item' | 'verse' | 'cell' | 'caption'

/** One run of text: a paragraph, a heading, an item, a cell. */
export interface Line {
  kind: LineKind
  /** From the block down to the node that holds the text. */
  path: readonly number[]
  text: string
  citations: readonly LineCitation[]
  /** Quotations in it; none in block quotations and verse, whose words are all their source's. */
  quoted: readonly Quoted[]
  /** Double quotation marks that have no other half. */
  stray: readonly number[]
  sentences: readonly Stretch[]
}
export interface BlockReading {
  kind: LineKind | 'list' | 'table' | 'figure' | 'page-break'
  /** Of a heading. */
  level: number
  lines: readonly Line[]
  citations: readonly LineCitation[]
}

/** What a whole paper's rule finds in one block by itself: looked for once for as long as the block stays the same. */
export function ofBlock<T>(look: (reading: BlockReading) => T): (reading: BlockReading) => T {
  const seen = new WeakMap<BlockReading, { found: T }>()
  return (reading) => {
    let one = seen.get(reading)
    if (!one) seen.set(reading, one = { found: look(reading) })
    return one.found
  }
}

const kept = new WeakMap<DocNode, BlockReading>()

export function readBlock(block: DocNode): BlockReading {
  const known = kept.get(block)
  if (known) return known
  const reading = read(block)
  kept.set(block, reading)
  return reading
}

const KINDS = new Map<string, BlockReading['kind']>([
  ['heading', 'heading'],
  ['blockquote', 'quotation'],
  ['verse', 'verse'],
  ['bulletList', 'list'],
  ['orderedList', 'list'],
  ['table', 'table'],
  ['figure', 'figure'],
  ['pageBreak', 'page-break'],
])
const INSIDE: Partial<Record<BlockReading['kind'], LineKind>> = { quotation: 'quotation', list: 'item', table: 'cell', figure: 'caption' }

function read(block: DocNode): BlockReading {
  const kind = KINDS.get(block.type) ?? 'paragraph'
  const lines: Line[] = []
  let nth = 0
  const visit = (node: DocNode, path: readonly number[], kind: LineKind) => {
    const children = node.content ?? []
    const holdsText = children.some(child => child.type === 'text' || child.type === 'citation' || child.type === 'hardBreak')
    if (holdsText || !children.length) {
      const line = readLine(node, path, kind, nth)
      nth += line.citations.length
      lines.push(line)
      return
    }
    children.forEach((child, i) => visit(child, [...path, i], child.type === 'blockquote' ? 'quotation' : kind))
  }
  if (kind !== 'page-break') visit(block, [], INSIDE[kind] ?? (kind as LineKind))
  return { kind, level: kind === 'heading' ? Number(block.attrs?.level ?? 1) : 0, lines, citations: lines.flatMap(line => line.citations) }
}

function readLine(node: DocNode, path: readonly number[], kind: LineKind, before: number): Line {
  let text = ''
  const citations: LineCitation[] = []
  for (const child of node.content ?? []) {
    if (child.type === 'text') text += isRemark(child) ? UNSEEN.repeat((child.text ?? '').length) : (child.text ?? '')
    else if (child.type === 'citation') {
      citations.push({ at: text.length, id: String(child.attrs?.id ?? ''), data: readCitation(child), nth: before + citations.length })
      text += CITED
    }
    else text += '\n'
  }
  const own = kind !== 'quotation' && kind !== 'verse'
  const { quoted, stray } = own ? quotationsIn(text) : { quoted: [], stray: [] }
  return { kind, path, text, citations, quoted, stray, sentences: sentencesIn(text) }
}

function quotationsIn(text: string): Pick<Line, 'quoted' | 'stray'> {
  if (!/[“”"‘]|(?<![\p{L}\p{N}])'/u.test(text)) return { quoted: [], stray: [] }
  const signs = findQuotes(text)
  const place = placesOf(text)
  const quoted: Quoted[] = []
  const stray: number[] = []
  const open: number[] = []
  for (const { at, sign, level } of signs) {
    if (sign === 'open') open.push(place(at))
    else if (sign === 'close') {
      const from = open.pop()!
      const to = place(at) + 1
      const words = text.slice(from + 1, to - 1)
      quoted.push({ from, to, words, count: countOf(words), level })
    }
    else if (sign === 'stray') stray.push(place(at))
  }
  for (const at of open) if (/[“"]/u.test(text[at]!)) stray.push(at)
  return { quoted: quoted.sort((a, b) => a.from - b.from), stray: stray.sort((a, b) => a - b) }
}

/** From a place counted in letters to one counted in UTF-16, which are the same in nearly every text. */
function placesOf(text: string): (letter: number) => number {
  if (!/[\u{10000}-\u{10FFFF}]/u.test(text)) return letter => letter
  const starts: number[] = []
  let at = 0
  for (const letter of text) {
    starts.push(at)
    at += letter.length
  }
  return letter => starts[letter] ?? text.length
}

const STOPS = '.?!…'
const CLOSERS = '”’"\')]'

/** Sentences, each with the quotation marks that close with it and a citation that stands behind its stop. */
export function sentencesIn(text: string): Stretch[] {
  const out: Stretch[] = []
  let from = 0
  const spaces = (at: number) => {
    while (at < text.length && /\s/u.test(text[at]!)) at++
    return at
  }
  for (let i = 0; i < text.length; i++) {
    if (!STOPS.includes(text[i]!)) continue
    const stop = i
    while (STOPS.includes(text[i + 1] ?? ' ')) i++
    while (CLOSERS.includes(text[i + 1] ?? ' ')) i++
    let end = i + 1
    let next = spaces(end)
    if (next === end && next < text.length && text[next] !== CITED) continue
    // A citation behind the stop is the sentence's own, unless it begins the next: “. Moss (2012) found”.
    if (text[next] === CITED && !/\p{Ll}/u.test(text[spaces(next + 1)] ?? ' ')) {
      end = next + 1
      next = spaces(end)
    }
    if (next < text.length && !/[\p{Lu}\p{N}“‘"'([\uFFFC]/u.test(text[next]!)) continue
    if (text[stop] === '.' && next < text.length && ENDS_ABBREVIATED.test(text.slice(Math.max(from, stop - 12), stop))) continue
    out.push({ from, to: end })
    from = next
    i = next - 1
  }
  if (text.slice(from).trim()) out.push({ from, to: text.length })
  return out
}

/** The sentence that a place is in, by its number in the line. */
export const sentenceAt = ({ sentences }: Line, at: number): number =>
  Math.min(firstWhere(sentences, ({ to }) => at < to), sentences.length - 1)
/** The citations of a line from one place to another. */
export const citationsIn = ({ citations }: Line, from: number, to: number): readonly LineCitation[] =>
  citations.slice(firstWhere(citations, ({ at }) => at >= from), firstWhere(citations, ({ at }) => at >= to))
/** The outermost quotation that a place is in. */
export function quotedAt({ quoted }: Line, at: number): Quoted | undefined {
  for (let i = firstWhere(quoted, ({ from }) => from > at) - 1; i >= 0; i--) {
    const one = quoted[i]!
    if (one.level === 0) return at < one.to ? one : undefined
  }
  return undefined
}

/** Text as it is read, citations and remarks left out. */
export const readable = (text: string): string =>
  text
    .replace(/[\uFFFC\u2060]/gu, '')
    .replace(/\s+/gu, ' ')
    .replace(/ (?=[.,;:?!])/gu, '')
    .trim()

/** The citation that a text ends with, and where the space before it begins; undefined where it ends otherwise. */
export function lastCited(text: string): { from: number, at: number } | undefined {
  const end = text.trimEnd()
  if (!end.endsWith(CITED)) return undefined
  return { from: end.slice(0, -1).trimEnd().length, at: end.length - 1 }
}

const blots = new WeakMap<Line, string>()
/** A line's text with what is quoted in it blotted out, letter for letter: a name or a claim there is not the writer's. */
export function blotted(line: Line): string {
  const known = blots.get(line)
  if (known !== undefined) return known
  let text = ''
  let at = 0
  for (const { from, to, level } of line.quoted) {
    if (level > 0) continue
    text += line.text.slice(at, from) + UNSEEN.repeat(to - from)
    at = to
  }
  text += line.text.slice(at)
  blots.set(line, text)
  return text
}
