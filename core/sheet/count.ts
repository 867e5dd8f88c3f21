/** Words as instructors count them: the text alone, or with block quotations, notes and the list. */
import type { Composition } from '../compose/compose'
import { stripRich } from '../text/rich'
import { plain } from '../text/runs'
import { countOf as words } from '../text/words'
import { textEnds, withoutAppendices } from './appendices'
import { blocksOf, type Block } from './blocks'
import type { DocNode } from './document'
import { plainText } from './walking'

export interface WordCounts {
  /** Paragraphs, lists, tables and verse of the writer's own. */
  text: number
  headings: number
  /** Words between quotation marks in the text, which are part of `text`. */
  quoted: number
  blockQuotations: number
  captions: number
  /** Citations as they print in the text. */
  citations: number
  notes: number
  list: number
  /** All that is in appendices, which no count of the paper takes in unless it is wished. */
  appendices: number
}
/** What counts: the text always, its words between quotation marks and the rest as chosen. */
export const COUNTED = ['quoted', 'headings', 'blockQuotations', 'captions', 'citations', 'notes', 'list', 'appendices'] as const
export type Counted = (typeof COUNTED)[number]

/** Between double marks, or single ones that are no apostrophes. */
const QUOTED = /“[^“”]*”|"[^"]*"|(?<![\p{L}\p{N}])‘(?:[^‘’]|’(?=\p{L}))*’/gu
const textOf = (block: Block): string => block.pieces.map(piece => piece.text).join('')

export function countParts(doc: DocNode, composition: Pick<Composition, 'citations' | 'notes' | 'list'>): WordCounts {
  const out: WordCounts = {
    text: 0, headings: 0, quoted: 0, blockQuotations: 0, captions: 0, citations: 0, notes: 0, list: 0, appendices: 0,
  }
  const end = textEnds(doc)
  const visit = (block: Block) => {
    const text = textOf(block)
    if (block.at! >= end) out.appendices += words(text) + words(stripRich(block.credit ?? ''))
    else if (block.rows) out.captions += words(text) + words(stripRich(block.credit ?? ''))
    else if (block.type === 'heading') out.headings += words(text)
    else if (block.type === 'quotation') out.blockQuotations += words(text)
    else if (block.type === 'figure') out.captions += words(text) + words(stripRich(block.credit ?? ''))
    else {
      out.text += words(text)
      for (const [quotation] of text.matchAll(QUOTED)) out.quoted += words(quotation)
    }
    block.rows?.flat(2).forEach(cell => { visit({ ...cell, at: block.at! }) })
  }
  blocksOf(doc).forEach(visit)
  // A note's number is no word.
  for (const runs of composition.citations) out.citations += words(plain(runs.filter(run => !run.superscript)))
  for (const note of composition.notes) out.notes += words(plain(note))
  for (const entry of composition.list) out.list += words(plain(entry.runs))
  return out
}

export const total = (counts: WordCounts, counted: readonly Counted[]): number =>
  counted.reduce((sum, part) => sum + counts[part], counts.text - counts.quoted)

/** Words written: the text, its headings and block quotations, as they are counted unless the writer says otherwise. */
export const countWords = (doc: DocNode): number => words(plainText(withoutFigures(withoutAppendices(doc))))
const withoutFigures = (doc: DocNode): DocNode =>
  doc.content?.some((one) => one.type === 'figure') ? { ...doc, content: doc.content.filter((one) => one.type !== 'figure') } : doc
