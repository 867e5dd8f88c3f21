/**
 * What a draft has typed by hand that Dendle sets by itself: page numbers, running heads, the reference list. It is
 * named and offered for removal, never taken.
 */
import type { DocNode } from '../../sheet/document'
import type { NumberMarks } from './typed-citations'

export interface Noticed {
  what: 'page number' | 'running head' | 'reference list'
  /** Its words, or the heading of the list. */
  words: string
  /** Blocks of the document, from the first to before the second. */
  from: number
  to: number
}

/** What stands over a typed list, alone on its line. */
export const REFERENCE_HEADING =
  /^(?:references?(?: list)?|works (?:cited|consulted)|(?:selected |select )?bibliography|literature cited|list of references|sources(?: cited)?)\s*[:.]?$/iu
/** What may follow a list and is no part of it. */
const AFTER_LIST = /^(?:appendi(?:x|ces)|annex|(?:end)?notes|acknowledge?ments|(?:list of )?(?:tables|figures)|about the author)\b/iu
const YEARED = /\b(?:1[5-9]|20)\d{2}\b|\bn\.\s?d\.|\(no date\)|in press|forthcoming|https?:\/\/|\b10\.\d{4,}\//iu
/** A label with a number that belongs to the text. */
const LABEL =
  /^(?:chapter|part|section|table|figure|fig|act|scene|canto|book|volume|appendix|step|stage|question|exercise|experiment|hypothesis|phase|week|day|level|group|case|example|study|year)\b/iu

const plainOf = (node: DocNode): string =>
  node.type === 'text' ? (node.text ?? '') : (node.content ?? []).map(plainOf).join(node.type === 'paragraph' ? '' : ' ')
const richOf = (node: DocNode): string =>
  node.type === 'text'
    ? dressed(node)
    : node.type === 'hardBreak'
      ? ' '
      : (node.content ?? []).map(richOf).join('')

function dressed({ text = '', marks = [] }: DocNode): string {
  const has = (type: string) => marks.some(mark => mark.type === type)
  const bold = has('bold') ? `<b>${text}</b>` : text
  return has('italic') ? `<i>${bold}</i>` : bold
}

/** The typed list: its heading, and the blocks behind it as far as they read as references. */
function listIn(blocks: readonly DocNode[]): Noticed | undefined {
  const reads = (node: DocNode) => YEARED.test(plainOf(node))
  const from = blocks.findLastIndex((one, i) => {
    if (!REFERENCE_HEADING.test(plainOf(one).trim())) return false
    const ends = blocks.findIndex((next, n) => n > i && AFTER_LIST.test(plainOf(next).trim()))
    const behind = blocks.slice(i + 1, Math.min(i + 7, ends < 0 ? blocks.length : ends)).filter(next => next.type !== 'heading')
    return behind.length > 0 && behind.filter(reads).length * 2 >= behind.length
  })
  if (from < 0) return undefined
  let to = from + 1
  for (; to < blocks.length; to++) {
    const one = blocks[to]!
    const words = plainOf(one).trim()
    if (one.type === 'pageBreak') { if (to + 1 < blocks.length && !reads(blocks[to + 1]!)) break }
    else if (one.type === 'table' || one.type === 'figure' || (words.length < 60 && AFTER_LIST.test(words))) break
    // A heading within the list divides it; one that text follows ends it.
    else if (one.type === 'heading' && !(blocks[to + 1] && reads(blocks[to + 1]!))) break
  }
  return { what: 'reference list', words: plainOf(blocks[from]!).trim(), from, to }
}

export function noticedIn(blocks: readonly DocNode[]): Noticed[] {
  const out: Noticed[] = []
  const bare = (words: string) => words.replace(/\d+/gu, '#').trim()
  const seen = new Map<string, number>()
  for (const one of blocks)
    if (one.type === 'paragraph') {
      const line = plainOf(one)
      if (line.length < 60) seen.set(bare(line), (seen.get(bare(line)) ?? 0) + 1)
    }
  const list = listIn(blocks)
  blocks.forEach((one, i) => {
    if (list && i >= list.from && i < list.to) return
    const words = plainOf(one).trim()
    if (one.type !== 'paragraph' || one.content?.some(piece => piece.type === 'citation')) return
    const at = { words, from: i, to: i + 1 }
    if (/^running head:\s/iu.test(words)) out.push({ what: 'running head', ...at })
    else if (/^(?:page\s+)?[-–—]?\s*\d{1,3}\s*[-–—]?(?:\s+of\s+\d{1,3})?$/iu.test(words)) out.push({ what: 'page number', ...at })
    else if (LABEL.test(words)) return
    else if (
      /^\p{Lu}[\p{L}’'-]+\s+\d{1,3}$/u.test(words)
      || (/\d/u.test(words) && words.length < 60 && !/[.?!]$/u.test(words) && (seen.get(bare(words)) ?? 0) > 2)
    )
      out.push({ what: 'running head', ...at })
  })
  return list ? [...out, list] : out
}

/** Whether a typed list numbers its references, so that "[3]" in the text means the third. */
export function isNumbered(doc: DocNode, { from, to }: Pick<Noticed, 'from' | 'to'>): boolean {
  const lines = (doc.content ?? []).slice(from + 1, to).filter(one => plainOf(one).trim())
  return lines.length > 0 && lines.every(one => one.type === 'orderedList' || /^\s*[[(]?\d{1,3}[\]).]/u.test(plainOf(one)))
}

/** How the numbers of a typed list stand in the text before it: the way that is met most. */
export function numberMarks(doc: DocNode, lines: number): NumberMarks {
  const met: Record<NumberMarks, number> = { square: 0, round: 0, raised: 0 }
  const known = (number: string): boolean => Number(number) > 0 && Number(number) <= lines
  const visit = (node: DocNode) => {
    if (node.type === 'text') {
      const text = node.text ?? ''
      if (node.marks?.some(mark => mark.type === 'superscript')) { if (known(/^\s*(\d{1,3})\b/u.exec(text)?.[1] ?? '')) met.raised++ }
      else for (const [, square, round] of text.matchAll(/\[(\d{1,3})\b[^\]]{0,40}\]|\((\d{1,3})\b[^()]{0,40}\)/gu)) if (known(square ?? round!)) met[square ? 'square' : 'round']++
    }
    node.content?.forEach(visit)
  }
  visit(doc)
  return met.raised > met.square && met.raised > met.round ? 'raised' : met.round > met.square ? 'round' : 'square'
}

/** The references of a typed list, one each, as rich text. */
export function referencesIn(doc: DocNode, { from, to }: Pick<Noticed, 'from' | 'to'>): string[] {
  return (doc.content ?? [])
    .slice(from + 1, to)
    .flatMap((one) =>
      one.type === 'bulletList' || one.type === 'orderedList'
        ? (one.content ?? []).map(richOf)
        : one.type === 'heading' && !YEARED.test(plainOf(one))
          ? []
          : [richOf(one)],
    )
    .map((line) => line.trim())
    .filter(Boolean)
}
/** The document without what was noticed. */
export function withoutNoticed(doc: DocNode, noticed: readonly Pick<Noticed, 'from' | 'to'>[]): DocNode {
  const content = (doc.content ?? []).filter((_, i) => !noticed.some(({ from, to }) => i >= from && i < to))
  return { ...doc, content: content.length ? content : [{ type: 'paragraph' }] }
}

/** The references of a paper with its list at the end, or of a list and nothing else; none where there is no list. */
export function listOf(doc: DocNode, noticed: readonly Noticed[]): string[] {
  const list = noticed.find(({ what }) => what === 'reference list')
  if (list) return referencesIn(doc, list)
  const blocks = (doc.content ?? []).filter(one => plainOf(one).trim())
  const reading = blocks.filter(one => YEARED.test(plainOf(one)))
  return reading.length * 2 >= blocks.length ? referencesIn(doc, { from: -1, to: doc.content?.length ?? 0 }) : []
}
