/**
 * The paper as the editor keeps it: blocks of text with citations between the words. Read here into what the rest of
 * core needs; unknown nodes and marks pass, so that no word is lost by an older or newer editor.
 */
import { z } from 'zod'
import type { Citation, Paper } from '../compose/compose'
import { labelSchema } from '../source/locators'

export const citationSchema = z.object({
  items: z.array(z.object({
    id: z.string(),
    locator: z.object({ label: labelSchema, place: z.string().max(200) }).nullish().transform(v => v ?? undefined),
    prefix: z.string().max(2000).optional(),
    suffix: z.string().max(2000).optional(),
    original: z.string().max(2000).optional(),
  })).max(100),
  form: z.enum(['parenthetical', 'narrative', 'suppress-author']).default('parenthetical'),
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
  if (!node.content) return node
  const content = node.content.map(child => replaceCited(child, from, to))
  return content.every((child, i) => child === node.content![i]) ? node : { ...node, content }
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
    if (node.type === 'text') text += node.text ?? ''
    else if (node.type !== 'citation') text += ' '
  })
  return text
}

const WORD = /[\p{L}\p{N}][\p{L}\p{M}\p{N}’'-]*/gu

/** Words written, citations and notes not counted. */
export const countWords = (doc: DocNode): number => plainText(doc).match(WORD)?.length ?? 0

function walk(node: DocNode, visit: (node: DocNode) => void) {
  visit(node)
  node.content?.forEach(child => walk(child, visit))
}

export interface InlinePiece { text: string, italic?: boolean, bold?: boolean, superscript?: boolean, citation?: number }
export interface Block {
  type: 'paragraph' | 'heading' | 'quotation' | 'list-item'
  level: number
  pieces: InlinePiece[]
}

/** The document as a flat run of blocks; `citation` is the citation's place in `citationsOf`. */
export function blocksOf(doc: DocNode): Block[] {
  const blocks: Block[] = []
  let citation = 0
  const inline = (node: DocNode): InlinePiece[] => (node.content ?? []).flatMap((child): InlinePiece[] => {
    if (child.type === 'citation') return [{ text: '', citation: citation++ }]
    if (child.type === 'hardBreak') return [{ text: '\n' }]
    if (child.type !== 'text') return inline(child)
    const has = (mark: string) => child.marks?.some(m => m.type === mark)
    return [{ text: child.text ?? '', ...(has('italic') ? { italic: true } : {}), ...(has('bold') ? { bold: true } : {}), ...(has('superscript') ? { superscript: true } : {}) }]
  })
  const visit = (node: DocNode, inside: Block['type']) => {
    if (node.type === 'heading') blocks.push({ type: 'heading', level: Number(node.attrs?.level ?? 1), pieces: inline(node) })
    else if (node.type === 'paragraph') blocks.push({ type: inside, level: 0, pieces: inline(node) })
    else (node.content ?? []).forEach(child => visit(child, node.type === 'blockquote' ? 'quotation' : node.type === 'listItem' ? 'list-item' : inside))
  }
  visit(doc, 'paragraph')
  return blocks
}

/** The comma or full stop that a raised number before it changes places with. */
export const movedBehind = (text: string): string => /^[.,]+[”’"']?/u.exec(text)?.[0] ?? ''

/**
 * Raised numbers stand after the punctuation that follows them (Chicago 18, 13.27; AMA 11, 3.6): a citation and the
 * comma or full stop behind it change places, and no space is left before it. Dashes, colons and semicolons stay behind
 * the number. `bare` tells which citations begin with their number; one that begins with a name keeps its space.
 */
export function raiseAfterPunctuation(blocks: readonly Block[], bare: (citation: number) => boolean): Block[] {
  return blocks.map((block) => {
    const pieces = [...block.pieces]
    for (let i = 0; i < pieces.length; i++) {
      const citation = pieces[i]!.citation
      if (citation === undefined) continue
      const last = pieces[i - 1]
      if (last && last.citation === undefined && bare(citation)) pieces[i - 1] = { ...last, text: last.text.trimEnd() }
      const next = pieces[i + 1]
      const marks = next && next.citation === undefined ? movedBehind(next.text) : ''
      if (!next || !marks) continue
      pieces.splice(i, 2, { ...next, text: marks }, pieces[i]!, { ...next, text: next.text.slice(marks.length) })
      i++
    }
    return { ...block, pieces: pieces.filter(piece => piece.citation !== undefined || piece.text !== '') }
  })
}

/** The parts that a list can be divided into, in their order (MLA 9, 5.131; Chicago 18, 13.71). */
export const DIVISIONS = ['Primary sources', 'Secondary sources'] as const

/** The divisions of a paper's list, from its sources; none when no source has one. */
export function divided(sources: readonly { id: string, division?: string }[]): Pick<Paper, 'divisions'> {
  const of = Object.fromEntries(sources.filter(s => s.division).map(s => [s.id, s.division!]))
  return Object.keys(of).length ? { divisions: { order: DIVISIONS, of } } : {}
}
