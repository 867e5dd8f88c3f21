/**
 * HTML as blocks of the paper's document: words, italics, headings, lists, links, tables, block quotations, notes and
 * pictures that come with it are kept; fonts, colours, tabs, doubled spaces and empty paragraphs go; scripts, frames and
 * pictures from elsewhere are never followed. Whatever has no block of its own here keeps its words as paragraphs.
 */
import { isOwnPicture } from '../../sheet/pictures'
import { load } from 'cheerio/slim'
import type { CitationData, DocNode } from '../../sheet/document'
import { captioned } from './typed-captions'
import { DROPPED, footnotes, MAX_DEPTH, noteKey, squash, survey, textIn, type Html } from './html-notes'

/** What HTML holds: its blocks, and how many pictures were left out. */
export interface Read { blocks: DocNode[], pictures: number }

type Marks = NonNullable<DocNode['marks']>

/** Pictures larger than the first, and more than the second in all, make every save slow; in characters of their data. */
const MAX_PICTURE = 2_800_000
const MAX_PICTURES = 14_000_000

/** @param html a page, a document turned to HTML, or a piece of one; never run, nothing in it fetched */
export function readHtml(html: string): Read {
  const $ = load(html.slice(0, 40_000_000))
  const root = $.root()[0] as unknown as Html
  const { called, holders } = survey(root)
  const { notes, nodes } = footnotes(root, called)
  const used = new Set<string>()
  const read = { pictures: 0, size: 0 }
  const blocks = captioned(blocksIn(root, {
    marks: [], depth: 0, read, holders,
    note: (target) => {
      const id = noteKey(target)
      const after = id && notes.get(id)
      if (!id || after === undefined) return undefined
      used.add(id)
      return {
        type: 'citation',
        attrs: {
          id: `n${used.size}-${id}`.slice(0, 24),
          data: { items: [], form: 'parenthetical', words: { after } } satisfies CitationData,
        },
      }
    },
    skip: node => nodes.has(node),
  }))
  // A note that nothing in the text calls keeps its words, behind the text.
  for (const [id, words] of notes)
    if (!used.has(id) && words)
      blocks.push({ type: 'paragraph', content: [{ type: 'text', text: words.replace(/<\/?(?:i|b|sup|sc)>/gu, '') }] })
  return { blocks, pictures: read.pictures }
}

interface State {
  marks: Marks
  depth: number
  read: { pictures: number, size: number }
  /** Elements that are blocks or have one in them: an inline wrapper around paragraphs is no wrapper. */
  holders: ReadonlySet<Html>
  note: (id: string) => DocNode | undefined
  /** Whether an element is a note, which stands where it is called. */
  skip: (node: Html) => boolean
}

function blocksIn(node: Html, state: State): DocNode[] {
  const out: DocNode[] = []
  let line: DocNode[] = []
  const flush = () => {
    out.push(...paragraphs(line))
    line = []
  }
  if (state.depth > MAX_DEPTH) return paragraphs([{ type: 'text', text: textIn(node) }])
  const deeper = { ...state, depth: state.depth + 1 }
  for (const child of node.children ?? []) {
    if (child.type === 'text' || (child.type === 'tag' && !state.holders.has(child))) { line.push(...inline(child, deeper)); continue }
    if (child.type !== 'tag' || DROPPED.has(child.name ?? '')) continue
    flush()
    out.push(...block(child, deeper))
  }
  flush()
  return joinLists(out)
}

function block(node: Html, state: State): DocNode[] {
  if (state.skip(node)) return []
  const name = node.name ?? ''
  const style = node.attribs?.style ?? ''
  const heading = /^h([1-6])$/u.exec(name)
  if (heading)
    return blocksIn(node, state).map((one) =>
      one.type === 'paragraph'
        ? { type: 'heading', attrs: { level: Math.min(5, Number(heading[1])) }, content: one.content!.map(unbold) }
        : one,
    )
  switch (name) {
    case 'blockquote': { const inside = blocksIn(node, state); return inside.length ? [{ type: 'blockquote', content: inside }] : [] }
    case 'ul': case 'ol': {
      const items = listItems(node, state)
      return items.length ? [{ type: name === 'ul' ? 'bulletList' : 'orderedList', content: items }] : []
    }
    case 'table': return table(node, state)
    case 'hr': return /page-break/iu.test(style) ? [{ type: 'pageBreak' }] : []
    case 'pre': return textIn(node).split(/\n{2,}/u).flatMap(text => paragraphs([{ type: 'text', text: squash(text) }]))
    default: {
      // A word processor's list paragraphs and indented quotations say so in their style alone.
      const inside = blocksIn(node, state)
      const listed = name === 'p' ? /mso-list\s*:\s*\w+\s+level(\d)/iu.exec(style) : null
      if (listed)
        return inside.map((one): DocNode =>
          one.type === 'paragraph'
            ? {
                type: /^\s*\(?(?:\d+|[a-z]|[ivx]+)[.)]/iu.test(textIn(node)) ? 'orderedList' : 'bulletList',
                attrs: { depth: Number(listed[1]) },
                content: [{ type: 'listItem', content: [bullet(one)] }],
              }
            : one,
        )
      if (/\bMso(?:Intense)?Quote\b/u.test(node.attribs?.class ?? '')) return inside.length ? [{ type: 'blockquote', content: inside }] : []
      if (/\bMsoTitle\b/u.test(node.attribs?.class ?? ''))
        return inside.map((one) =>
          one.type === 'paragraph' ? { type: 'heading', attrs: { level: 1 }, content: one.content!.map(unbold) } : one,
        )
      const indent = /(?:margin-left|padding-left)\s*:\s*([\d.]+)(pt|px|in|cm|em)/iu.exec(style)
      const hanging = /text-indent\s*:\s*-/iu.test(style)
      const far = indent ? Number(indent[1]) * { pt: 1, px: 0.75, in: 72, cm: 28.3, em: 12 }[indent[2]!.toLowerCase() as 'pt']! : 0
      if (name === 'p' && far >= 30 && !hanging && inside.every((one) => one.type === 'paragraph'))
        return inside.length ? [{ type: 'blockquote', content: inside }] : []
      return inside
    }
  }
}
const bullet = (paragraph: DocNode): DocNode => ({
  ...paragraph,
  content: (paragraph.content ?? [])
    .map((one, i) => (i === 0 && one.text ? { ...one, text: one.text.replace(/^(?:[·•▪o§-]|\d+[.)])\s+/u, '') } : one))
    .filter((one) => one.type !== 'text' || one.text),
})
const asItem = (inside: DocNode[]): DocNode => ({
  type: 'listItem',
  content: inside[0]?.type === 'paragraph' ? inside : [{ type: 'paragraph' }, ...inside],
})

/** A word processor's list paragraphs, one list each, as one list with others in it by their depth. */
function joinLists(blocks: DocNode[]): DocNode[] {
  if (!blocks.some(one => one.attrs?.depth)) return blocks
  const out: DocNode[] = []
  const open: { depth: number, list: DocNode }[] = []
  for (const one of blocks) {
    const depth = Number(one.attrs?.depth ?? 0)
    if (!depth) { open.length = 0; out.push(one); continue }
    while (open.length && open.at(-1)!.depth > depth) open.pop()
    const last = open.at(-1)
    if (last?.depth === depth && last.list.type === one.type) { last.list.content!.push(...one.content!); continue }
    if (last?.depth === depth) open.pop()
    const list: DocNode = { type: one.type, content: one.content! }
    const parent = open.at(-1)?.list.content!.at(-1)
    if (parent) parent.content!.push(list)
    else out.push(list)
    open.push({ depth, list })
  }
  return out
}

/** The items of a list; a list that stands between items rather than in one belongs to the item before it. */
function listItems(node: Html, state: State): DocNode[] {
  const out: DocNode[] = []
  const deeper = { ...state, depth: state.depth + 1 }
  for (const child of node.children ?? []) {
    if (child.type !== 'tag' && child.type !== 'text') continue
    if (child.type === 'tag' && (DROPPED.has(child.name ?? '') || state.skip(child))) continue
    const inside = child.name === 'li' ? blocksIn(child, deeper) : blocksIn({ type: 'tag', name: 'div', children: [child] }, deeper)
    if (!inside.length) { if (child.name === 'li') out.push(asItem([])); continue }
    const last = out.at(-1)
    if (last && (child.name === 'ul' || child.name === 'ol')) last.content!.push(...inside)
    else out.push(asItem(inside))
  }
  return out.some(item => item.content!.some(one => one.content?.length)) ? out : []
}

function table(node: Html, state: State): DocNode[] {
  const rows: Html[] = []
  const beside: Html[] = []
  const find = (one: Html) => {
    for (const child of one.children ?? []) {
      if (child.name === 'tr') rows.push(child)
      else if (/^t(?:head|body|foot)$/u.test(child.name ?? '')) find(child)
      else if (child.type === 'tag' || child.data?.trim()) beside.push(child)
    }
  }
  find(node)
  const isCell = (one: Html) => one.name === 'td' || one.name === 'th'
  const cells = rows.map(row => (row.children ?? []).filter(isCell)).filter(row => row.length)
  for (const row of rows) beside.push(...(row.children ?? []).filter(one => !isCell(one) && (one.type === 'tag' || one.data?.trim())))
  // What stands beside the rows, a caption as a rule, goes before the table.
  const ahead = blocksIn({ type: 'tag', name: 'div', children: beside }, state)
  const caption = beside.length === 1 && beside[0]!.name === 'caption' && ahead.length === 1 ? squash(textIn(beside[0]!)) : ''
  // A table of one cell is a box around text.
  if (cells.flat().length < 2) return [...ahead, ...cells.flat().flatMap(cell => blocksIn(cell, state))]
  const spans = (cell: Html) =>
    Object.fromEntries(
      (['colspan', 'rowspan'] as const).flatMap((span) => {
        const n = Number(cell.attribs?.[span])
        return n > 1 && n <= 40 ? [[span, Math.trunc(n)]] : []
      }),
    )
  const content = cells.map((row): DocNode => ({ type: 'tableRow', content: row.map((cell): DocNode => {
    // A table within a cell keeps its words as paragraphs.
    const inside = blocksIn(cell, state).flatMap(one => (one.type === 'table' ? flat(one) : [one]))
    const attrs = spans(cell)
    return {
      type: cell.name === 'th' ? 'tableHeader' : 'tableCell',
      ...(Object.keys(attrs).length ? { attrs } : {}),
      content: inside.length ? inside : [{ type: 'paragraph' }],
    }
  }) }))
  return [...(caption ? [] : ahead), { type: 'table', ...(caption ? { attrs: { title: caption } } : {}), content }]
}
const flat = (node: DocNode): DocNode[] =>
  node.type === 'paragraph' ? (node.content?.length ? [node] : []) : (node.content ?? []).flatMap(flat)

function inline(node: Html, state: State): DocNode[] {
  if (node.type === 'text') {
    const text = (node.data ?? '').replace(/[\s\u00A0\u200B\uFEFF]+/gu, ' ')
    return text ? [{ type: 'text', text, ...(state.marks.length ? { marks: state.marks } : {}) }] : []
  }
  const name = node.name ?? ''
  if (node.type !== 'tag' || DROPPED.has(name)) return []
  if (name === 'br') return [{ type: 'hardBreak' }]
  if (name === 'img') return picture(node, state)
  // The number or bullet that a word processor writes before a list paragraph is the list's own.
  if (/mso-list\s*:\s*Ignore/iu.test(node.attribs?.style ?? '')) return []
  if (state.depth > MAX_DEPTH) { const text = squash(textIn(node)); return text ? [{ type: 'text', text: ` ${text} ` }] : [] }
  const target = /#(.+)$/u.exec(node.attribs?.href ?? '')?.[1]
  if (name === 'a' && target) {
    const note = state.note(target)
    // A link of several words is more than a note's number: they stay, and the note stands behind them.
    if (note)
      return /^\s*(?:[[(]\s*)?(?:\d{1,4}|[*†‡§¶]+|[a-z]|[ivxl]{1,5})\s*(?:[\])]\s*)?$/iu.test(textIn(node))
        ? [note]
        : [...(node.children ?? []).flatMap((child) => inline(child, { ...state, depth: state.depth + 1 })), note]
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
  return name === 'sup' && inside.some((one) => one.type === 'citation')
    ? inside.filter((one) => one.type === 'citation' || /\p{L}{2}/u.test(one.text ?? ''))
    : inside
}

/** A picture that comes with the text; one from elsewhere is counted and left. */
function picture(node: Html, { read }: State): DocNode[] {
  const src = node.attribs?.src ?? ''
  if (
    !isOwnPicture(src)
    || src.length > MAX_PICTURE
    || read.size + src.length > MAX_PICTURES
  ) {
    read.pictures++
    return []
  }
  read.size += src.length
  return [{ type: 'figure', attrs: { src, alt: squash(node.attribs?.alt ?? '').slice(0, 400) } }]
}
function withMarks(marks: Marks, node: Html): Marks {
  const style = node.attribs?.style ?? ''
  const name = node.name ?? ''
  let next = marks
  const add = (type: string, attrs?: Record<string, unknown>) => {
    if (!next.some((mark) => mark.type === type)) next = [...next, attrs ? { type, attrs } : { type }]
  }
  const drop = (type: string) => { next = next.filter(mark => mark.type !== type) }
  if (/^(?:i|em|cite|dfn|var)$/u.test(name) || /font-style\s*:\s*(?:italic|oblique)/iu.test(style)) add('italic')
  if (/font-style\s*:\s*normal/iu.test(style)) drop('italic')
  if (/^(?:b|strong)$/u.test(name) && !/font-weight\s*:\s*(?:normal|400)/iu.test(style)) add('bold')
  if (/font-weight\s*:\s*(?:bold|[6-9]00)/iu.test(style)) add('bold')
  if (/font-weight\s*:\s*(?:normal|400)/iu.test(style)) drop('bold')
  if (name === 'u' || name === 'ins') add('underline')
  if (name === 'sup' || /vertical-align\s*:\s*super/iu.test(style)) add('superscript')
  if (name === 'sub' || /vertical-align\s*:\s*sub/iu.test(style)) add('subscript')
  if (/font-variant[^:;]*:[^;]*small-caps/iu.test(style)) add('smallCaps')
  const href = node.attribs?.href ?? ''
  if (name === 'a' && /^https?:\/\//iu.test(href)) add('link', { href })
  return next
}
const unbold = (node: DocNode): DocNode => (node.marks ? { ...node, marks: node.marks.filter(mark => mark.type !== 'bold') } : node)

/** A line of inline pieces as a paragraph, spaces made one and none at its edges; pictures in it stand behind it. */
function paragraphs(line: DocNode[]): DocNode[] {
  // Two breaks and more are the end of a paragraph.
  const blank = (one: DocNode | undefined) => one?.type === 'text' && !one.text!.trim()
  for (let i = 0; i < line.length; i++) {
    if (line[i]!.type !== 'hardBreak') continue
    let next = i + 1
    while (blank(line[next])) next++
    if (line[next]?.type === 'hardBreak') return [...paragraphs(line.slice(0, i)), ...paragraphs(line.slice(next + 1))]
  }
  const content: DocNode[] = []
  for (const piece of line.filter(one => one.type !== 'figure')) {
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
  return [...(content.length ? [{ type: 'paragraph', content }] : []), ...line.filter(one => one.type === 'figure')]
}
