/**
 * An OpenDocument text as HTML, for the reader of drafts: its paragraphs, headings, lists, tables, notes, italics and
 * quotations (ODF 1.3 part 3, chapters 4 to 9). Bounded before it is unpacked; tracked deletions and comments stay out.
 */
import { load } from 'cheerio/slim'
import { strFromU8, unzipSync } from 'fflate'
import { rowOf } from '../../text/lookup'
import { MAX_UNPACKED } from './docx'

interface Xml { type: string, name?: string, data?: string, attribs?: Record<string, string>, children?: Xml[] }
/** How a style sets letters and paragraphs. */
type Look = Partial<Record<'italic' | 'bold' | 'raised' | 'lowered' | 'underline' | 'quotation' | 'title', boolean | undefined>>

const MAX_DEPTH = 200
const escaped = (text: string): string => text.replace(/[&<>"]/gu, c => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!)
/** Comments, deleted words and what a field hides. */
const LEFT_OUT = new Set([
  'office:annotation', 'office:annotation-end', 'text:tracked-changes', 'text:note-citation', 'text:sequence-decls', 'office:forms',
  'text:variable-decls',
])
const QUOTED = /^(?:quotations?|block_?20_?(?:quotation|text)|quote|set_?20_?in)/iu
const CENTIMETRES: Readonly<Record<string, number>> = { cm: 1, mm: 0.1, in: 2.54, pt: 0.0353, pc: 0.423 }
const centimetres = (length: string | undefined): number => {
  const read = /^(-?[\d.]+)(cm|mm|in|pt|pc)$/u.exec(length ?? '')
  return read ? Number(read[1]) * (rowOf(CENTIMETRES, read[2]!) ?? 0) : 0
}

/** @param bytes of a packed file that holds `content.xml` */
export function readOdt(bytes: Uint8Array): { html: string } | { problem: string } {
  let total = 0
  const files: Record<string, Uint8Array> = {}
  try {
    unzipSync(bytes, { filter: ({ originalSize }) => { total += originalSize; return false } })
    if (total > MAX_UNPACKED) return { problem: 'unpacks to more than 80 MB, which no paper does; it was not opened.' }
    Object.assign(files, unzipSync(bytes, { filter: ({ name }) => name === 'content.xml' || name === 'styles.xml' }))
  }
  catch { return { problem: 'is damaged, or is not a word-processor document; open it there and save it again.' } }
  const content = files['content.xml']
  if (!content) return { problem: 'is a packed file, but no word-processor document; unpack it, or save the document as .docx or .odt.' }
  const $ = load(strFromU8(content), { xml: true })
  const looks = new Map<string, Look>()
  if (files['styles.xml']) stylesOf(load(strFromU8(files['styles.xml']), { xml: true }).root()[0] as unknown as Xml, looks)
  stylesOf($.root()[0] as unknown as Xml, looks)
  const body = find($.root()[0] as unknown as Xml, 'office:text')
  if (!body) return { problem: 'holds no text; only word-processor documents can be read.' }
  const notes: string[] = []
  const html = childrenOf(body, looks, notes, 0)
  return { html: html + (notes.length ? `<ol>${notes.join('')}</ol>` : '') }
}

function find(node: Xml, name: string, depth = 0): Xml | undefined {
  if (node.name === name) return node
  if (depth > MAX_DEPTH) return undefined
  for (const child of node.children ?? []) { const found = find(child, name, depth + 1); if (found) return found }
  return undefined
}

/** Each style's look, its parent's beneath its own. */
function stylesOf(root: Xml, looks: Map<string, Look>): void {
  const visit = (node: Xml, depth: number) => {
    if (depth > 12) return
    const name = node.attribs?.['style:name']
    if (node.name === 'style:style' && name) {
      const parent = node.attribs!['style:parent-style-name'] ?? ''
      const look: Look = { ...looks.get(parent) }
      if (QUOTED.test(name) || QUOTED.test(parent)) look.quotation = true
      if (name === 'Title' || parent === 'Title') look.title = true
      for (const one of node.children ?? []) {
        const at = one.attribs ?? {}
        if (one.name === 'style:text-properties') {
          if (at['fo:font-style']) look.italic = at['fo:font-style'] !== 'normal'
          if (at['fo:font-weight']) look.bold = /^(?:bold|[6-9]00)$/u.test(at['fo:font-weight'])
          const position = at['style:text-position']
          if (position) { look.raised = /^(?:super|[1-9])/u.test(position); look.lowered = /^(?:sub|-)/u.test(position) }
          if (at['style:text-underline-style']) look.underline = at['style:text-underline-style'] !== 'none'
        }
        else if (one.name === 'style:paragraph-properties' && at['fo:margin-left'] !== undefined) {
          // Set in by half an inch and more with no line hanging out of it: a block quotation, as in other documents.
          look.quotation = look.quotation === true || (centimetres(at['fo:margin-left']) >= 1.2 && centimetres(at['fo:text-indent']) >= 0)
        }
      }
      looks.set(name, look)
    }
    for (const child of node.children ?? []) visit(child, depth + 1)
  }
  visit(root, 0)
}

function childrenOf(node: Xml, looks: Map<string, Look>, notes: string[], depth: number): string {
  if (depth > MAX_DEPTH) return ''
  return (node.children ?? []).map(child => written(child, looks, notes, depth + 1)).join('')
}

function written(node: Xml, looks: Map<string, Look>, notes: string[], depth: number): string {
  if (node.type === 'text') return escaped(node.data ?? '')
  const name = node.name ?? ''
  if (LEFT_OUT.has(name)) return ''
  const look = looks.get(node.attribs?.['text:style-name'] ?? '') ?? {}
  const inside = (): string => childrenOf(node, looks, notes, depth)
  switch (name) {
    case 'text:p': {
      const words = inside()
      if (look.title) return `<h1>${words}</h1>`
      return look.quotation ? `<blockquote><p>${dressed(words, { italic: look.italic })}</p></blockquote>` : `<p>${dressed(words, look)}</p>`
    }
    case 'text:h': {
      const level = Math.min(6, Math.max(1, Number(node.attribs?.['text:outline-level'] ?? 1)))
      return `<h${level}>${inside()}</h${level}>`
    }
    case 'text:span': return dressed(inside(), look)
    case 'text:s': return ' '.repeat(Math.min(20, Number(node.attribs?.['text:c'] ?? 1)))
    case 'text:tab': return ' '
    case 'text:line-break': return '<br>'
    case 'text:soft-page-break': return ''
    case 'text:a': {
      const href = node.attribs?.['xlink:href'] ?? ''
      return /^https?:/iu.test(href) ? `<a href="${escaped(href)}">${inside()}</a>` : inside()
    }
    case 'text:note': {
      const id = notes.length + 1
      notes.push('')
      const body = (node.children ?? []).find(one => one.name === 'text:note-body')
      notes[id - 1] = `<li id="fn-${id}">${body ? childrenOf(body, looks, notes, depth) : ''}</li>`
      return `<sup><a href="#fn-${id}">${id}</a></sup>`
    }
    case 'text:list': return `<ul>${inside()}</ul>`
    case 'text:list-item': case 'text:list-header': return `<li>${inside()}</li>`
    case 'table:table': return `<table>${inside()}</table>`
    case 'table:table-row': return `<tr>${inside()}</tr>`
    case 'table:table-cell': {
      const span = Number(node.attribs?.['table:number-columns-spanned'] ?? 1)
      return `<td${span > 1 ? ` colspan="${Math.min(40, span)}"` : ''}>${inside()}</td>`
    }
    default: return inside()
  }
}

function dressed(words: string, { italic, bold, raised, lowered, underline }: Look): string {
  let out = words
  if (!out.trim()) return out
  if (raised) out = `<sup>${out}</sup>`
  if (lowered) out = `<sub>${out}</sub>`
  if (italic) out = `<i>${out}</i>`
  if (bold) out = `<b>${out}</b>`
  if (underline) out = `<u>${out}</u>`
  return out
}
