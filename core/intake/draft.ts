/**
 * A draft written elsewhere, or a piece of one that is pasted, as the paper's own document: words, italics, headings,
 * lists, links, tables, block quotations and footnotes are kept; fonts, colours, tabs, doubled spaces and empty
 * paragraphs go; scripts, pictures from elsewhere and frames are never followed.
 */
import { load } from 'cheerio/slim'
import type { CitationData, DocNode } from '../sheet/document'

export interface Draft {
  doc: DocNode
  /** Paragraphs of a reference list that stood at the end, with `<i>` for italics. */
  references: string[]
  /** What was noticed and may be taken out: page numbers, running heads, a typed list. */
  noticed: { what: string, words: string }[]
  title?: string
}

interface Html { type: string, name?: string, data?: string, attribs?: Record<string, string>, children?: Html[], parent?: Html | null }
type Marks = NonNullable<DocNode['marks']>

const BLOCK = new Set(['p', 'div', 'section', 'article', 'main', 'header', 'footer', 'li', 'ul', 'ol', 'blockquote', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'table', 'figure', 'pre', 'hr', 'dl', 'dd', 'dt', 'td', 'th', 'tr', 'tbody', 'thead', 'body', 'html', 'aside', 'address', 'form', 'center'])
const DROPPED = new Set(['script', 'style', 'head', 'title', 'template', 'noscript', 'iframe', 'object', 'embed', 'img', 'svg', 'video', 'audio', 'canvas', 'input', 'button', 'select', 'textarea', 'link', 'meta', 'base'])
const MAX_DEPTH = 200
export const REFERENCE_HEADING = /^(?:references?(?: list)?|works cited|bibliography|literature cited|reference list|sources)\s*:?$/iu

/** Reads HTML. `whole` for a whole draft: its title and its reference list are told apart from its text. */
export function readDraft(html: string, { whole = false }: { whole?: boolean } = {}): Draft {
  const $ = load(html.slice(0, 20_000_000))
  const root = ($('body')[0] ?? $.root()[0]) as unknown as Html
  const notes = footnotes(root)
  let n = 0
  const blocks = blocksIn(root, { marks: [], depth: 0, note: id => (notes.has(id) ? { type: 'citation', attrs: { id: `n${++n}`, data: { items: [], form: 'parenthetical', words: { after: notes.get(id)! } } satisfies CitationData } } : undefined), skip: id => notes.has(id) })
  return whole ? apart(blocks) : { doc: { type: 'doc', content: blocks.length ? blocks : [{ type: 'paragraph' }] }, references: [], noticed: noticedIn(blocks) }
}

interface State { marks: Marks, depth: number, note: (id: string) => DocNode | undefined, skip: (id: string) => boolean }

/** The footnotes at the foot of the page or document, by their id, as plain words. */
function footnotes(root: Html): Map<string, string> {
  const out = new Map<string, string>()
  const visit = (node: Html, depth: number) => {
    const id = node.attribs?.id ?? ''
    if (depth < MAX_DEPTH && /^(?:_?(?:foot|end)note-?\d+|_?(?:ftn|edn|fn|en):?-?\d+)$/iu.test(id) && node.name !== 'a' && node.name !== 'sup') { out.set(id, squash(textIn(node).replace(/(?:↑|↩\uFE0E?)+\s*$/u, '').replace(/^\s*\[?\d+\]?\.?\s+/u, ''))); return }
    if (depth < MAX_DEPTH) node.children?.forEach(child => visit(child, depth + 1))
  }
  visit(root, 0)
  return out
}
const textIn = (node: Html, depth = 0): string => node.type === 'text' ? node.data ?? '' : depth > MAX_DEPTH || DROPPED.has(node.name ?? '') ? '' : (node.children ?? []).map(child => textIn(child, depth + 1)).join('')
const squash = (text: string): string => text.replace(/[\s\u00A0\u200B\uFEFF]+/gu, ' ').trim()

function blocksIn(node: Html, state: State): DocNode[] {
  const out: DocNode[] = []
  let line: DocNode[] = []
  const flush = () => {
    const paragraph = paragraphOf(line)
    if (paragraph) out.push(paragraph)
    line = []
  }
  for (const child of node.children ?? []) {
    if (state.depth > MAX_DEPTH) break
    if (child.type === 'text' || (child.type === 'tag' && !holdsBlock(child))) { line.push(...inline(child, { ...state, depth: state.depth + 1 })); continue }
    if (child.type !== 'tag' || DROPPED.has(child.name ?? '')) continue
    flush()
    out.push(...block(child, { ...state, depth: state.depth + 1 }))
  }
  flush()
  return out
}

/** Whether an element is a block or has one in it: an inline wrapper around paragraphs is no wrapper. */
function holdsBlock(node: Html, depth = 0): boolean {
  if (BLOCK.has(node.name ?? '')) return true
  return depth < 30 && (node.children ?? []).some(child => child.type === 'tag' && holdsBlock(child, depth + 1))
}

function block(node: Html, state: State): DocNode[] {
  const id = node.attribs?.id ?? ''
  if (id && state.skip(id)) return []
  const name = node.name ?? ''
  const style = node.attribs?.style ?? ''
  const heading = /^h([1-6])$/u.exec(name)
  if (heading) {
    const line = paragraphOf((node.children ?? []).flatMap(child => inline(child, state)).map(unbold))
    return line ? [{ type: 'heading', attrs: { level: Math.min(5, Number(heading[1])) }, content: line.content! }] : []
  }
  switch (name) {
    case 'blockquote': { const inside = blocksIn(node, state); return inside.length ? [{ type: 'blockquote', content: inside.filter(one => one.type === 'paragraph') }] : [] }
    case 'ul': case 'ol': {
      const items = (node.children ?? []).filter(child => child.name === 'li' && !state.skip(child.attribs?.id ?? '')).map((li): DocNode => ({ type: 'listItem', content: asItem(blocksIn(li, state)) }))
      return items.length ? [{ type: name === 'ul' ? 'bulletList' : 'orderedList', content: items }] : []
    }
    case 'table': return table(node, state)
    case 'hr': return /page-break/iu.test(style) ? [{ type: 'pageBreak' }] : []
    case 'pre': return textIn(node).split(/\n{2,}/u).map(text => paragraphOf([{ type: 'text', text: squash(text) }])).filter(one => one !== undefined)
    default: {
      // A word processor's list paragraphs and indented quotations say so in their style alone.
      const inside = blocksIn(node, state)
      if (name === 'p' && /mso-list\s*:/iu.test(style)) return inside.map((one): DocNode => ({ type: 'bulletList', content: [{ type: 'listItem', content: [bullet(one)] }] }))
      const indent = /(?:margin-left|padding-left)\s*:\s*([\d.]+)(pt|px|in|cm|em)/iu.exec(style)
      const hanging = /text-indent\s*:\s*-/iu.test(style)
      const far = indent ? Number(indent[1]) * { pt: 1, px: 0.75, in: 72, cm: 28.3, em: 12 }[indent[2]!.toLowerCase() as 'pt']! : 0
      if (name === 'p' && far >= 30 && !hanging && inside.every(one => one.type === 'paragraph')) return inside.length ? [{ type: 'blockquote', content: inside }] : []
      return inside
    }
  }
}
const bullet = (paragraph: DocNode): DocNode => ({ ...paragraph, content: (paragraph.content ?? []).map((one, i) => (i === 0 && one.text ? { ...one, text: one.text.replace(/^(?:[·•▪o§-]|\d+[.)])\s+/u, '') } : one)).filter(one => one.type !== 'text' || one.text) })
const asItem = (inside: DocNode[]): DocNode[] => (inside[0]?.type === 'paragraph' ? inside : [{ type: 'paragraph' }, ...inside])

function table(node: Html, state: State): DocNode[] {
  const rows: Html[] = []
  const find = (one: Html, depth: number) => { if (one.name === 'tr') rows.push(one); else if (depth < 6) one.children?.forEach(child => find(child, depth + 1)) }
  find(node, 0)
  const cells = rows.map(row => (row.children ?? []).filter(cell => cell.name === 'td' || cell.name === 'th'))
  // A table of one cell is a box around text.
  if (cells.flat().length < 2) return cells.flat().flatMap(cell => blocksIn(cell, state))
  const content = cells.filter(row => row.length).slice(0, 400).map((row, i): DocNode => ({ type: 'tableRow', content: row.slice(0, 40).map((cell): DocNode => {
    const inside = blocksIn(cell, state).filter(one => one.type === 'paragraph')
    return { type: cell.name === 'th' || (i === 0 && row.every(one => one.name === 'th')) ? 'tableHeader' : 'tableCell', content: inside.length ? inside : [{ type: 'paragraph' }] }
  }) }))
  return content.length ? [{ type: 'table', content }] : []
}

function inline(node: Html, state: State): DocNode[] {
  if (node.type === 'text') {
    const text = (node.data ?? '').replace(/[\s\u00A0\u200B\uFEFF]+/gu, ' ')
    return text ? [{ type: 'text', text, ...(state.marks.length ? { marks: state.marks } : {}) }] : []
  }
  const name = node.name ?? ''
  if (node.type !== 'tag' || DROPPED.has(name) || state.depth > MAX_DEPTH) return []
  if (name === 'br') return [{ type: 'hardBreak' }]
  const target = /#(.+)$/u.exec(node.attribs?.href ?? '')?.[1]
  if (name === 'a' && target) {
    const note = state.note(target)
    if (note) return [note]
  }
  // A citation of Dendle's own, copied inside it.
  const own = node.attribs?.['data-citation']
  if (own) {
    try { return [{ type: 'citation', attrs: { id: '', data: JSON.parse(own) as unknown } }] }
    catch { /* not ours: its words are read */ }
  }
  const marks = withMarks(state.marks, node)
  const inside = (node.children ?? []).flatMap(child => inline(child, { ...state, marks, depth: state.depth + 1 }))
  // The raised number around a note's link is the note's own.
  return name === 'sup' && inside.some(one => one.type === 'citation') ? inside.filter(one => one.type === 'citation') : inside
}

function withMarks(marks: Marks, node: Html): Marks {
  const style = node.attribs?.style ?? ''
  const name = node.name ?? ''
  let next = marks
  const add = (type: string, attrs?: Record<string, unknown>) => { if (!next.some(mark => mark.type === type)) next = [...next, attrs ? { type, attrs } : { type }] }
  const drop = (type: string) => { next = next.filter(mark => mark.type !== type) }
  if (/^(?:i|em|cite|dfn|var)$/u.test(name) || /font-style\s*:\s*(?:italic|oblique)/iu.test(style)) add('italic')
  if (/font-style\s*:\s*normal/iu.test(style)) drop('italic')
  if (/^(?:b|strong)$/u.test(name) && !/font-weight\s*:\s*(?:normal|400)/iu.test(style)) add('bold')
  if (/font-weight\s*:\s*(?:bold|[6-9]00)/iu.test(style)) add('bold')
  if (/font-weight\s*:\s*(?:normal|400)/iu.test(style)) drop('bold')
  if (name === 'u' || name === 'ins') add('underline')
  if (name === 'sup' || /vertical-align\s*:\s*super/iu.test(style)) add('superscript')
  if (name === 'sub' || /vertical-align\s*:\s*sub/iu.test(style)) add('subscript')
  if (/font-variant[^:;]*:\s*[^;]*small-caps/iu.test(style)) add('smallCaps')
  const href = node.attribs?.href ?? ''
  if (name === 'a' && /^https?:\/\//iu.test(href)) add('link', { href })
  return next
}
const unbold = (node: DocNode): DocNode => (node.marks ? { ...node, marks: node.marks.filter(mark => mark.type !== 'bold') } : node)

/** A paragraph of inline pieces, spaces made one and none at its edges; undefined when nothing is in it. */
function paragraphOf(line: DocNode[]): DocNode | undefined {
  const content: DocNode[] = []
  for (const piece of line) {
    const last = content.at(-1)
    if (piece.type === 'text') {
      let text = piece.text ?? ''
      if (!last || last.type === 'hardBreak' || (last.type === 'text' && last.text!.endsWith(' '))) text = text.replace(/^ /u, '')
      if (!text) continue
      if (last?.type === 'text' && JSON.stringify(last.marks ?? []) === JSON.stringify(piece.marks ?? [])) last.text += text
      else content.push({ ...piece, text })
    }
    else content.push(piece)
  }
  while (content.at(-1)?.type === 'hardBreak' || (content.at(-1)?.type === 'text' && !content.at(-1)!.text!.trim())) content.pop()
  const end = content.at(-1)
  if (end?.type === 'text') end.text = end.text!.trimEnd()
  return content.length ? { type: 'paragraph', content } : undefined
}

const plainOf = (node: DocNode): string => node.type === 'text' ? node.text ?? '' : (node.content ?? []).map(plainOf).join('')
const richOf = (node: DocNode): string => node.type === 'text' ? (node.marks?.some(mark => mark.type === 'italic') ? `<i>${node.text}</i>` : node.text ?? '') : node.type === 'hardBreak' ? ' ' : (node.content ?? []).map(richOf).join('')

/** Hand-typed page numbers and running heads, and a typed reference list: nothing of it belongs in the text. */
function noticedIn(blocks: readonly DocNode[]): Draft['noticed'] {
  const out: Draft['noticed'] = []
  const seen = new Map<string, number>()
  for (const one of blocks) if (one.type === 'paragraph') { const bare = plainOf(one).replace(/\d+/gu, '#').trim(); if (bare.length < 60) seen.set(bare, (seen.get(bare) ?? 0) + 1) }
  for (const one of blocks) {
    if (one.type !== 'paragraph') continue
    const words = plainOf(one).trim()
    if (/^(?:page\s+)?[-–—]?\s*\d{1,3}\s*[-–—]?(?:\s+of\s+\d{1,3})?$/iu.test(words)) out.push({ what: 'a page number', words })
    else if (/^\p{Lu}[\p{L}’'-]+\s+\d{1,3}$/u.test(words) || (/\d/u.test(words) && words.length < 60 && (seen.get(words.replace(/\d+/gu, '#').trim()) ?? 0) > 2)) out.push({ what: 'a running head', words })
  }
  const list = blocks.findIndex(one => REFERENCE_HEADING.test(plainOf(one).trim()))
  if (list >= 0 && list < blocks.length - 1) out.push({ what: 'a typed reference list', words: plainOf(blocks[list]!).trim() })
  return out
}

/** The draft without what was noticed. */
export function withoutNoticed(doc: DocNode, noticed: Draft['noticed']): DocNode {
  const words = new Set(noticed.filter(one => one.what !== 'a typed reference list').map(one => one.words))
  const listed = noticed.some(one => one.what === 'a typed reference list')
  const blocks = doc.content ?? []
  const end = listed ? blocks.findLastIndex(one => REFERENCE_HEADING.test(plainOf(one).trim())) : -1
  const content = (end >= 0 ? blocks.slice(0, end) : blocks).filter(one => one.type !== 'paragraph' || !words.has(plainOf(one).trim()))
  return { ...doc, content: content.length ? content : [{ type: 'paragraph' }] }
}

function apart(blocks: DocNode[]): Draft {
  const at = blocks.findLastIndex(one => REFERENCE_HEADING.test(plainOf(one).trim()))
  const text = at > 0 ? blocks.slice(0, at) : blocks
  const references = at > 0 ? blocks.slice(at + 1).flatMap(one => (one.type === 'bulletList' || one.type === 'orderedList' ? (one.content ?? []).map(richOf) : [richOf(one)])).map(line => line.trim()).filter(Boolean) : []
  const noticed = noticedIn(text).filter(one => one.what !== 'a typed reference list')
  // A title stands alone at the head: a first heading, or a short line without a stop before the first long paragraph.
  const [first] = text
  const titled = first?.type === 'heading' && Number(first.attrs?.level) === 1 && text.filter(one => one.type === 'heading' && Number(one.attrs?.level) === 1).length === 1
  const title = titled ? plainOf(first!).trim() : undefined
  const body = titled ? text.slice(1) : text
  const cleaned = withoutNoticed({ type: 'doc', content: body }, noticed)
  return { doc: cleaned, references, noticed, ...(title ? { title } : {}) }
}

/** Plain text as HTML: paragraphs at blank lines, at each line where lines are paragraphs, or where a PDF's broken lines come to an end. */
export function textToHtml(text: string): string {
  const escape = (line: string) => line.replace(/[&<>]/gu, c => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;' })[c]!)
  const paragraphs = text.split(/\n[ \t]*\n/u).flatMap(joinBroken)
  return paragraphs.filter(line => line.trim()).map(line => `<p>${escape(line.trim())}</p>`).join('')
}

/** Lines broken at the edge of a page are one paragraph; a line that comes to an end well before the edge ends it. */
function joinBroken(block: string): string[] {
  const lines = block.split('\n').map(line => line.trim()).filter(Boolean)
  const widest = Math.max(...lines.map(line => line.length), 0)
  const broken = lines.slice(0, -1).filter(line => line.length > widest * 0.7 && (!/[.?!:”"’)]$/u.test(line) || line.length > widest * 0.85)).length
  // Few lines that reach the edge: each line was meant.
  if (lines.length < 2 || widest < 40 || widest > 140 || broken * 2 < lines.length - 1) return lines
  const out: string[] = []
  let open = false
  for (const line of lines) {
    const last = out.at(-1)
    if (open && last !== undefined) out[out.length - 1] = /\p{Ll}-$/u.test(last) && /^\p{Ll}/u.test(line) ? last.slice(0, -1) + line : `${last} ${line}`
    else out.push(line)
    open = !(/[.?!”"’)]$/u.test(line) && line.length < widest * 0.75)
  }
  return out
}
