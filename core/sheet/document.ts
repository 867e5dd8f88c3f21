/**
 * The paper as the editor keeps it: blocks of text with citations between the words. Read here into what the rest of
 * core needs; unknown nodes and marks pass, so that no word is lost by an older or newer editor.
 */
import { z } from 'zod'
import { FORMS } from '../compose/citations/forms'
import type { Citation, Paper } from '../compose/compose'
import { labelSchema } from '../source/locator-labels'
import { parseRich } from '../text/rich'
import { countOf } from '../text/words'
import { raisedAt } from './placement'

export const citationSchema = z.object({
  items: z.array(z.object({
    id: z.string(),
    locator: z.object({ label: labelSchema, place: z.string().max(200) }).nullish().transform(v => v ?? undefined),
    prefix: z.string().max(2000).optional(),
    suffix: z.string().max(2000).optional(),
    original: z.string().max(2000).optional(),
  })).max(100),
  form: z.enum(FORMS).default('parenthetical'),
  /** Ids of the passages it stands with. */
  passages: z.array(z.string().max(64)).max(20).optional(),
  words: z.object({ before: z.string().max(20_000).optional(), after: z.string().max(20_000).optional() }).optional(),
})
export type CitationData = z.infer<typeof citationSchema>

export interface DocNode {
  type: string
  attrs?: Record<string, unknown>
  content?: DocNode[]
  marks?: { type: string, attrs?: Record<string, unknown> }[]
  text?: string
}
const nodeSchema: z.ZodType<DocNode> = z.lazy(() => z.looseObject({
  type: z.string().max(60),
  attrs: z.record(z.string(), z.unknown()).optional(),
  content: z.array(nodeSchema).optional(),
  marks: z.array(z.looseObject({ type: z.string(), attrs: z.record(z.string(), z.unknown()).optional() })).optional(),
  text: z.string().optional(),
}))
/** The whole document of a paper. */
export const documentSchema = z.looseObject({ type: z.literal('doc', { error: 'A paper begins with a node of type "doc".' }), content: z.array(nodeSchema).optional() }) as unknown as z.ZodType<DocNode>

export const emptyDocument = (): DocNode => ({ type: 'doc', content: [{ type: 'paragraph' }] })

/** Every citation of the document in reading order; a malformed one counts as one without works, so numbers stay right. */
export function citationsOf(doc: DocNode): Citation[] {
  const out: Citation[] = []
  walk(doc, (node) => {
    if (node.type === 'citation') out.push(readCitation(node))
  })
  return out
}

/** The ids of the document's citation nodes, in the order of `citationsOf`. */
export function citationIdsOf(doc: DocNode): string[] {
  const out: string[] = []
  walk(doc, (node) => {
    if (node.type === 'citation') out.push(String(node.attrs?.id ?? ''))
  })
  return out
}

export function readCitation(node: DocNode): CitationData {
  const parsed = citationSchema.safeParse(node.attrs?.data ?? node.attrs)
  return parsed.success ? parsed.data : { items: [], form: 'parenthetical' }
}

/** The document with every citation of one source made one of another; a citation of both keeps one. */
export function replaceCited(node: DocNode, from: string, to: string): DocNode {
  if (node.type === 'citation') {
    const data = readCitation(node)
    if (!data.items.some(item => item.id === from)) return node
    const items = data.items.map(item => (item.id === from ? { ...item, id: to } : item))
    const once = items.filter((item, i) => items.findIndex(other => other.id === item.id && JSON.stringify(other.locator) === JSON.stringify(item.locator)) === i)
    return { ...node, attrs: { ...node.attrs, data: { ...data, items: once } } }
  }
  const attrs = node.attrs?.from === from ? { ...node.attrs, from: to } : node.attrs
  const content = node.content?.map(child => replaceCited(child, from, to))
  return attrs === node.attrs && (content ?? []).every((child, i) => child === node.content![i]) ? node : { ...node, ...(attrs ? { attrs } : {}), ...(content ? { content } : {}) }
}

/** Where sources are cited: for each citation of one of them, the words of its paragraph around it. */
export function citedWhere(doc: DocNode, ids: ReadonlySet<string>): { id: string, words: string }[] {
  const out: { id: string, words: string }[] = []
  const visit = (node: DocNode) => {
    const children = node.content ?? []
    children.forEach((child, i) => {
      if (child.type !== 'citation') { visit(child); return }
      const hit = readCitation(child).items.find(item => ids.has(item.id))
      if (hit) out.push({ id: hit.id, words: children.slice(0, i).map(one => one.text ?? '').join('').split(/\s+/u).slice(-8).join(' ').trim() })
    })
  }
  visit(doc)
  return out
}

/** The words of the document, without its citations. */
export function plainText(doc: DocNode): string {
  let text = ''
  walk(doc, (node) => {
    if (node.type === 'text') { if (!isRemark(node)) text += node.text ?? '' }
    else if (node.type !== 'citation') text += ' '
  })
  return text
}

/** Words written: the text, its headings and block quotations, as they are counted unless the writer says otherwise. */
export const countWords = (doc: DocNode): number => countOf(plainText(withoutFigures(doc)))
const withoutFigures = (doc: DocNode): DocNode => (doc.content?.some(one => one.type === 'figure') ? { ...doc, content: doc.content.filter(one => one.type !== 'figure') } : doc)

function walk(node: DocNode, visit: (node: DocNode) => void) {
  visit(node)
  node.content?.forEach(child => walk(child, visit))
}

export interface InlinePiece {
  text: string
  italic?: boolean
  bold?: boolean
  underline?: boolean
  superscript?: boolean
  subscript?: boolean
  smallCaps?: boolean
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
}

const MARKS = { italic: 'italic', bold: 'bold', underline: 'underline', superscript: 'superscript', subscript: 'subscript', smallCaps: 'smallCaps' } as const

/** Rich text as pieces. */
export const richPieces = (rich: string): InlinePiece[] => parseRich(rich).map(({ kept: _, ...segment }) => segment)

/** The sources that tables and figures are taken from: they are listed, though nothing in the text may cite them. */
export function creditedIn(doc: DocNode): string[] {
  const out = new Set<string>()
  walk(doc, (node) => { if ((node.type === 'figure' || node.type === 'table') && node.attrs?.from) out.add(String(node.attrs.from)) })
  return [...out]
}

/** Words marked as the writer's own remarks never print. */
const isRemark = (node: DocNode): boolean => node.marks?.some(mark => mark.type === 'remark') ?? false

/** The document as a flat run of blocks, remarks left out. */
export function blocksOf(doc: DocNode): Block[] {
  let citation = 0
  let lists = 0
  let figures = 0
  let tables = 0
  const beneath = ({ attrs }: DocNode): Pick<Block, 'credit' | 'from'> => ({ ...(attrs?.credit ? { credit: String(attrs.credit) } : {}), ...(attrs?.from ? { from: String(attrs.from) } : {}) })
  const inline = (node: DocNode): InlinePiece[] => (node.content ?? []).flatMap((child): InlinePiece[] => {
    if (child.type === 'citation') return [{ text: '', citation: citation++ }]
    if (child.type === 'hardBreak') return [{ text: '\n' }]
    if (child.type !== 'text') return inline(child)
    if (isRemark(child)) return []
    const piece: InlinePiece = { text: child.text ?? '' }
    for (const mark of child.marks ?? []) {
      if (mark.type in MARKS) piece[MARKS[mark.type as keyof typeof MARKS]] = true
      if (mark.type === 'link' && typeof mark.attrs?.href === 'string') piece.link = mark.attrs.href
    }
    return [piece]
  })
  const visit = (node: DocNode, inside: Pick<Block, 'type' | 'level' | 'numbered'>): Block[] => {
    switch (node.type) {
      case 'heading': return [{ type: 'heading', level: Number(node.attrs?.level ?? 1), pieces: inline(node) }]
      case 'paragraph': return [{ ...inside, pieces: inline(node) }]
      case 'verse': return [{ type: 'verse', level: 0, pieces: inline(node) }]
      case 'pageBreak': return [{ type: 'page-break', level: 0, pieces: [] }]
      case 'figure': return [{ type: 'figure', level: 0, pieces: inline(node), number: ++figures, ...beneath(node), ...(node.attrs?.src ? { picture: String(node.attrs.src) } : {}), ...(node.attrs?.alt ? { alt: String(node.attrs.alt) } : {}) }]
      case 'table': {
        const number = ++tables
        const rows = (node.content ?? []).map(row => (row.content ?? []).map(cell => (cell.content ?? []).flatMap(child => visit(child, { type: 'paragraph', level: 0 }))))
        return [{ type: 'table', level: 0, number, pieces: richPieces(String(node.attrs?.title ?? '')), ...beneath(node), rows, headed: node.content?.[0]?.content?.every(cell => cell.type === 'tableHeader') ?? false }]
      }
      case 'blockquote': return (node.content ?? []).flatMap(child => visit(child, { type: 'quotation', level: 0 }))
      case 'bulletList': case 'orderedList': {
        const level = inside.type === 'list-item' ? inside.level + 1 : 0
        const numbered = node.type === 'orderedList' ? lists++ : undefined
        return (node.content ?? []).flatMap(item => (item.content ?? []).flatMap((child, i) => visit(child, i === 0 ? { type: 'list-item', level, ...(numbered === undefined ? {} : { numbered }) } : { type: 'list-item', level })))
      }
      default: return (node.content ?? []).flatMap(child => visit(child, inside))
    }
  }
  return visit(doc, { type: 'paragraph', level: 0 })
}

/**
 * Raised numbers stand behind the punctuation that follows them (Chicago 18, 13.27; AMA 11, 3.6): the number and the
 * marks behind it change places, into the quotation marks before it where the style sets stops inside, and no space is
 * left before a number that stands alone. Of a citation that says more than its number the words stay before the marks.
 * @param raised what `raisedFor` says of each citation
 */
export function raiseAfterPunctuation(blocks: readonly Block[], raised: (citation: number) => { marks: string, bare: boolean } | undefined, stopsInside = false): Block[] {
  return blocks.map((block) => {
    const rows = block.rows && { rows: block.rows.map(row => row.map(cell => raiseAfterPunctuation(cell, raised, stopsInside))) }
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
      const { ahead, inside } = raisedAt(pieces.slice(0, i).map(piece => piece.text).join(''), next.text, marks, stopsInside && bare)
      if (!ahead) continue
      const rest = { ...next, text: next.text.slice(ahead.length) }
      if (inside && pieces[i - 1]) {
        const text = pieces[i - 1]!.text
        const at = text.length - inside.length
        const doubled = /[.,?!]$/u.test(text.slice(0, at))
        pieces[i - 1] = { ...pieces[i - 1]!, text: text.slice(0, at) + (doubled ? '' : ahead) + inside }
        pieces[i + 1] = rest
      }
      else {
        pieces.splice(i, 2, ...(bare ? [] : [{ text: '', citation, part: 'words' as const }]), { ...next, text: ahead }, bare ? pieces[i]! : { text: '', citation, part: 'number' as const }, rest)
        i += bare ? 1 : 2
      }
    }
    return { ...block, ...(rows ?? {}), pieces: pieces.filter(piece => piece.citation !== undefined || piece.text !== '') }
  })
}

/** The parts that a list can be divided into, in their order (MLA 9, 5.131; Chicago 18, 13.71). */
export const DIVISIONS = ['Primary sources', 'Secondary sources'] as const

/** The divisions of a paper's list, from its sources; none when no source has one. */
export function divided(sources: readonly { id: string, division?: string }[]): Pick<Paper, 'divisions'> {
  const of = Object.fromEntries(sources.filter(s => s.division).map(s => [s.id, s.division!]))
  return Object.keys(of).length ? { divisions: { order: DIVISIONS, of } } : {}
}
