/** The document as it prints: a flat run of blocks, each a run of pieces. */
import { safeLink } from '../text/links'
import { parseRich } from '../text/rich'
import { isAppendix } from './appendices'
import type { DocNode } from './document'
import { raisedAt } from './placement'
import type { PrintedMarks } from './printed'
import { isRemark } from './walking'

export interface InlinePiece extends PrintedMarks {
  text: string
  link?: string
  /** The citation's place in `citationsOf`; and which part of it, where its number stands apart from its words. */
  citation?: number
  part?: 'words' | 'number'
}
export interface Block {
  type: 'paragraph' | 'heading' | 'quotation' | 'list-item' | 'verse' | 'page-break' | 'table' | 'figure'
  /** Of a heading from 1; of a list item, how deep it lies from 0. */
  level: number
  pieces: InlinePiece[]
  /** A list item of a numbered list: which list of the document. */
  numbered?: number
  /** Of a list item: it is a further paragraph of the item before. */
  further?: boolean
  /** The number that its list begins with, if not 1. */
  start?: number
  /** A table: its rows of cells, each a run of blocks; the first row's cells are headings if `headed`. */
  rows?: Block[][][]
  headed?: boolean
  /** A figure: its picture as a data address. Its pieces are its caption, as a table's are its title. */
  picture?: string
  /** What it shows, in words, for those who cannot see it. */
  alt?: string
  /** Of a table or figure: the line under it in the writer's own words (rich text), and the source that it is taken from. */
  credit?: string
  from?: string
  /** Tables count from 1, and so do figures. */
  number?: number
  /** Of the heading of an appendix: which it is, from 1. Of a table or figure in one: that, and its number there. */
  appendix?: number
  numberThere?: number
  /** Which block of the document it is, or is in; none for what is in a table's cells. */
  at?: number
}

const MARKS = {
  italic: 'italic',
  bold: 'bold',
  underline: 'underline',
  superscript: 'superscript',
  subscript: 'subscript',
  smallCaps: 'smallCaps',
} as const

/** Rich text as pieces. */
export const richPieces = (rich: string): InlinePiece[] => parseRich(rich).map(({ kept: _, ...segment }) => segment)

/** The document as a flat run of blocks, remarks left out. */
export function blocksOf(doc: DocNode): Block[] {
  let citation = 0
  let lists = 0
  const all = { figure: 0, table: 0 }
  const here = { figure: 0, table: 0 }
  let appendix = 0
  const numbered = (what: 'figure' | 'table'): Pick<Block, 'number' | 'appendix' | 'numberThere'> => {
    const there = ++here[what]
    return { number: ++all[what], ...(appendix ? { appendix, numberThere: there } : {}) }
  }
  const beneath = ({ attrs }: DocNode): Pick<Block, 'credit' | 'from'> => ({
    ...(attrs?.credit ? { credit: String(attrs.credit) } : {}),
    ...(attrs?.from ? { from: String(attrs.from) } : {}),
  })
  const inline = (node: DocNode): InlinePiece[] => (node.content ?? []).flatMap((child): InlinePiece[] => {
    if (child.type === 'citation') return [{ text: '', citation: citation++ }]
    if (child.type === 'hardBreak') return [{ text: '\n' }]
    if (child.type !== 'text') return inline(child)
    if (isRemark(child)) return []
    const piece: InlinePiece = { text: child.text ?? '' }
    for (const mark of child.marks ?? []) {
      if (mark.type in MARKS) piece[MARKS[mark.type as keyof typeof MARKS]] = true
      const link = mark.type === 'link' ? safeLink(mark.attrs?.href) : undefined
      if (link) piece.link = link
    }
    return [piece]
  })
  const visit = (node: DocNode, inside: Pick<Block, 'type' | 'level' | 'numbered' | 'further' | 'start'>): Block[] => {
    switch (node.type) {
      case 'heading':
        if (isAppendix(node)) {
          Object.assign(here, { figure: 0, table: 0 })
          return [{ type: 'heading', level: 1, pieces: inline(node), appendix: ++appendix }]
        }
        return [{ type: 'heading', level: Number(node.attrs?.level ?? 1), pieces: inline(node) }]
      case 'paragraph':
        return [{ ...inside, pieces: inline(node) }]
      case 'verse':
        return [{ type: 'verse', level: 0, pieces: inline(node) }]
      case 'pageBreak':
        return [{ type: 'page-break', level: 0, pieces: [] }]
      case 'figure':
        return [
          {
            type: 'figure',
            level: 0,
            pieces: inline(node),
            ...numbered('figure'),
            ...beneath(node),
            ...(node.attrs?.src ? { picture: String(node.attrs.src) } : {}),
            ...(node.attrs?.alt ? { alt: String(node.attrs.alt) } : {}),
          },
        ]
      case 'table': {
        const number = numbered('table')
        const rows = (node.content ?? []).map((row) =>
          (row.content ?? []).map((cell) => (cell.content ?? []).flatMap((child) => visit(child, { type: 'paragraph', level: 0 }))),
        )
        return [
          {
            type: 'table',
            level: 0,
            ...number,
            pieces: richPieces(String(node.attrs?.title ?? '')),
            ...beneath(node),
            rows,
            headed: node.content?.[0]?.content?.every((cell) => cell.type === 'tableHeader') ?? false,
          },
        ]
      }
      case 'blockquote':
        return (node.content ?? []).flatMap((child) => visit(child, { type: 'quotation', level: 0 }))
      case 'bulletList':
      case 'orderedList': {
        const level = inside.type === 'list-item' ? inside.level + 1 : 0
        const numbered = node.type === 'orderedList' ? lists++ : undefined
        const start = Number(node.attrs?.start ?? 1) > 1 ? { start: Number(node.attrs!.start) } : {}
        return (node.content ?? []).flatMap((item) =>
          (item.content ?? []).flatMap((child, i) =>
            visit(
              child,
              i === 0 ? { type: 'list-item', level, ...(numbered === undefined ? {} : { numbered, ...start }) } : { type: 'list-item', level, further: true },
            ),
          ),
        )
      }
      default:
        return (node.content ?? []).flatMap((child) => visit(child, inside))
    }
  }
  return (doc.content ?? []).flatMap((node, at) => visit(node, { type: 'paragraph', level: 0 }).map(block => ({ ...block, at })))
}

/**
 * Raised numbers stand behind the punctuation that follows them (Chicago 18, 13.27; AMA 11, 3.6): the number and the
 * marks behind it change places, into the quotation marks before it where the style sets stops inside, and no space is
 * left before a number that stands alone. Of a citation that says more than its number the words stay before the marks.
 * @param raised what `raisedFor` says of each citation
 */
export function raiseAfterPunctuation(
  blocks: readonly Block[],
  raised: (citation: number) => { marks: string, bare: boolean } | undefined,
  stopsInside = false,
): Block[] {
  return blocks.map((block) => {
    const rows = block.rows && { rows: block.rows.map((row) => row.map((cell) => raiseAfterPunctuation(cell, raised, stopsInside))) }
    const pieces = [...block.pieces]
    for (let i = 0; i < pieces.length; i++) {
      const { citation } = pieces[i]!
      const rule = citation === undefined ? undefined : raised(citation)
      if (citation === undefined || !rule) continue
      const { marks, bare } = rule
      const last = pieces[i - 1]
      if (bare && last && last.citation === undefined) pieces[i - 1] = { ...last, text: last.text.trimEnd() }
      const next = pieces[i + 1]
      if (!next || next.citation !== undefined) continue
      const { ahead, inside } = raisedAt(
        pieces
          .slice(0, i)
          .map((piece) => piece.text)
          .join(''),
        next.text,
        marks,
        stopsInside && bare,
      )
      if (!ahead) continue
      const rest = { ...next, text: next.text.slice(ahead.length) }
      if (inside && pieces[i - 1]) {
        const text = pieces[i - 1]!.text
        const at = text.length - inside.length
        const doubled = /[.,?!]$/u.test(text.slice(0, at))
        pieces[i - 1] = { ...pieces[i - 1]!, text: text.slice(0, at) + (doubled ? '' : ahead) + inside }
        pieces[i + 1] = rest
      } else {
        pieces.splice(
          i,
          2,
          ...(bare ? [] : [{ text: '', citation, part: 'words' as const }]),
          { ...next, text: ahead },
          bare ? pieces[i]! : { text: '', citation, part: 'number' as const },
          rest,
        )
        i += bare ? 1 : 2
      }
    }
    return { ...block, ...(rows ?? {}), pieces: pieces.filter((piece) => piece.citation !== undefined || piece.text !== '') }
  })
}
