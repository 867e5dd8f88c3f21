/**
 * Markdown as the paper's document, letter by letter: tabs, doubled spaces and empty lines that were typed stay, since
 * they are what Check looks for. (A draft that is brought in is read by `draft/html.ts`, which tidies.)
 */
import { marked, type Token, type Tokens } from 'marked'
import type { CitationData, DocNode } from '../sheet/document'
import { isOwnPicture } from '../sheet/pictures'
import { rowOf } from '../text/lookup'
import { writeRich } from '../text/rich'
import { readAllMarks } from './draft/citations'

type Marks = NonNullable<DocNode['marks']>
interface Reading {
  idOf: (key: string) => string | undefined
  notes: ReadonlyMap<string, string>
  next: () => string
  /** Told of a picture that does not travel in the text. */
  left: (address: string) => void
}

/**
 * @param idOf a source's id by its key: marks become citations of it; one whose key is not known stays text
 * @param left told of each picture that does not travel in the text: its words stand in its place
 */
export function readMarkdown(
  markdown: string,
  idOf: (key: string) => string | undefined,
  left: (address: string) => void = () => undefined,
): DocNode {
  const { text, notes } = takeNotes(markdown.replace(/\r\n?/gu, '\n').replace(/^---\n[\s\S]*?\n---\n/u, ''))
  let n = 0
  const reading: Reading = { idOf, notes, next: () => `m${++n}`, left }
  const content = withStrays(lexed(withoutStrays(levelled(text))).flatMap(token => block(token, reading)))
  return { type: 'doc', content: content.length ? content : [{ type: 'paragraph' }] }
}

/** Quotations in quotations deeper than any person wrote are one: the library's reader goes down a step for each. */
const levelled = (markdown: string): string =>
  markdown.includes('>>>>>') || markdown.includes('> > > > >')
    ? markdown.split('\n').map((line) => {
        let [at, signs] = [0, 0]
        while (line[at] === '>' || line[at] === ' ') if (line[at++] === '>') signs++
        return signs > DEEPEST ? '> '.repeat(DEEPEST) + line.slice(at) : line
      }).join('\n')
    : markdown
const DEEPEST = 8

/** Signs of emphasis that begin and end nothing, and links that are never closed, beyond which a paragraph is no writing. */
const STRAYS = 100
const MOST_SIGNS = 3000
/**
 * The library looks for the end of each emphasis and link to the end of its paragraph: where hundreds are never ended,
 * their signs are letters.
 */
const withoutStrays = (markdown: string): string => {
  if (!SIGN.test(markdown)) return markdown
  return cleared(markdown)
}
const SIGN = /[*_~]|\]\(/u
const cleared = (markdown: string): string =>
  markdown.split(/(\n[ \t]*\n)/u).map((part) => {
    const signs = count(part, /[*_~]+/gu)
    const begins = count(part, /(?<![*_~])[*_~]+(?=[^\s*_~])/gu) - count(part, /(?<=[^\s*_~])[*_~]+/gu)
    const open = count(part, /\]\(/gu) - count(part, /\]\([^()\n]{0,2000}\)/gu)
    const plain = signs > MOST_SIGNS || Math.abs(begins) > STRAYS ? part.replace(/[*_~]/gu, sign => STANDING[SIGNS.indexOf(sign)]!) : part
    return open > STRAYS || count(part, /\]\(/gu) > MOST_SIGNS ? plain.replaceAll('](', `]${STANDING[3]}`) : plain
  }).join('')
/** Such signs, and what stands for each on its way through the library: characters that no text has (Unicode, 23.7). */
const SIGNS = ['*', '_', '~', '(']
const STANDING = ['\uFDD0', '\uFDD1', '\uFDD2', '\uFDD3']
function withStrays<T extends DocNode>(nodes: T[]): T[] {
  const back = (value: unknown): unknown =>
    typeof value === 'string'
      ? value.replace(/[\uFDD0-\uFDD3]/gu, stands => SIGNS[STANDING.indexOf(stands)]!)
      : Array.isArray(value)
        ? value.map(back)
        : typeof value === 'object' && value !== null ? Object.fromEntries(Object.entries(value).map(([name, one]) => [name, back(one)])) : value
  return /[\uFDD0-\uFDD3]/u.test(JSON.stringify(nodes)) ? back(nodes) as T[] : nodes
}
const count = (text: string, what: RegExp): number => text.match(what)?.length ?? 0

/** What the library cannot take apart is read as paragraphs, so that no word of it is lost. */
function lexed(markdown: string): Token[] {
  try { return marked.lexer(markdown, { gfm: true }) }
  catch {
    return markdown.split(/\n{2,}/u).map((raw): Token => ({ type: 'paragraph', raw, text: raw, tokens: [{ type: 'text', raw, text: raw }] }))
  }
}

/** Footnotes' words by their labels, and the text without them: "[^1]: words", going on in lines that are set in. */
function takeNotes(markdown: string): { text: string, notes: Map<string, string> } {
  const notes = new Map<string, string>()
  const kept: string[] = []
  let open: string | undefined
  for (const line of markdown.split('\n')) {
    const begins = /^ {0,3}\[\^([^\]\s]{1,60})\]:(.*)$/u.exec(line)
    if (begins) { notes.set(open = begins[1]!, begins[2]!.trim()); kept.push('') }
    else if (open !== undefined && /^(?: {2,}|\t)\S/u.test(line)) notes.set(open, `${notes.get(open)} ${line.trim()}`)
    else {
      if (line.trim()) open = undefined
      kept.push(line)
    }
  }
  return { text: kept.join('\n'), notes }
}

const ownTokens = (token: Token): Token[] => ('tokens' in token ? (token.tokens ?? []) : [])

function block(token: Token, reading: Reading): DocNode[] {
  switch (token.type) {
    case 'def':
      return []
    // Lines left empty beyond the one that parts two paragraphs.
    case 'space':
      return Array.from({ length: Math.max(0, token.raw.split('\n').length - 3) }, (): DocNode => ({ type: 'paragraph' }))
    case 'heading':
      return [
        { type: 'heading', attrs: { level: Math.min(5, (token as Tokens.Heading).depth) }, content: inline(ownTokens(token), [], reading) },
      ]
    case 'blockquote': {
      const content = ownTokens(token).flatMap((one) => block(one, reading))
      return content.length ? [{ type: 'blockquote', content }] : []
    }
    case 'list': {
      const { ordered, items } = token as Tokens.List
      return [
        {
          type: ordered ? 'orderedList' : 'bulletList',
          content: items.map((item): DocNode => {
            const content = item.tokens.flatMap((one) => block(one, reading))
            return { type: 'listItem', content: content.length ? content : [{ type: 'paragraph' }] }
          }),
        },
      ]
    }
    case 'table': {
      const { header, rows } = token as Tokens.Table
      const row = (cells: Tokens.TableCell[], type: string): DocNode => ({
        type: 'tableRow',
        content: cells.map((cell) => ({ type, content: [{ type: 'paragraph', content: inline(cell.tokens, [], reading) }] })),
      })
      return [{ type: 'table', content: [row(header, 'tableHeader'), ...rows.map((cells) => row(cells, 'tableCell'))] }]
    }
    case 'hr':
      return [{ type: 'pageBreak' }]
    // A paragraph that begins with a tab or four spaces is code to Markdown; in a paper it is an indent.
    case 'code': {
      const { raw, text, codeBlockStyle } = token as Tokens.Code
      const lead = /^[ \t]*/u.exec(raw)![0]
      const words = (codeBlockStyle === 'indented' ? lead + text : text).replace(/\n(?!\n)/gu, ' ')
      return words
        .split(/\n{2,}/u)
        .map((one): DocNode => ({ type: 'paragraph', content: inline(marked.Lexer.lexInline(one), [], reading) }))
    }
    case 'html':
      return (token as Tokens.HTML).text.split(/\n{2,}/u).flatMap((one) => {
        const words = one
          .replace(/<[^<>]*>/gu, '')
          .replace(/&nbsp;/gu, '\u00A0')
          .trim()
        if (words) return [{ type: 'paragraph', content: inline(marked.Lexer.lexInline(words), [], reading) }]
        return /<(?:br|p)\b/iu.test(one) ? [{ type: 'paragraph' }] : []
      })
    default: {
      // "&nbsp;" or a lone no-break space is how Markdown writes an empty paragraph.
      const raw = 'raw' in token ? token.raw : ''
      if (/^(?:\s|&nbsp;|\u00A0|\\)+$/u.test(raw)) return [{ type: 'paragraph' }]
      const tokens = ownTokens(token)
      const [picture, ...beside] = tokens
      if (picture?.type === 'image' && !beside.length) {
        const { href, title, text } = picture as Tokens.Image
        if (isOwnPicture(href)) return [{ type: 'figure', attrs: { src: href, alt: text }, ...(title ? { content: [{ type: 'text', text: title }] } : {}) }]
      }
      const lead = token.type === 'paragraph' ? (/^[ \t\u00A0]+/u.exec(raw)?.[0] ?? '') : ''
      const content = inline(
        tokens.length ? tokens : [{ type: 'text', raw, text: 'text' in token ? String(token.text) : raw } as Token],
        [],
        reading,
      )
      return content.length
        ? [
            {
              type: 'paragraph',
              content:
                lead && content[0]?.type === 'text' && !content[0].text!.startsWith(lead)
                  ? [{ ...content[0], text: lead + content[0].text! }, ...content.slice(1)]
                  : content,
            },
          ]
        : []
    }
  }
}

function inline(tokens: readonly Token[], marks: Marks, reading: Reading): DocNode[] {
  // Marks are read over what Markdown cut in pieces at their brackets.
  const out: DocNode[] = []
  let text = ''
  const flush = () => {
    if (text) out.push(...cited(text, marks, reading))
    text = ''
  }
  for (const token of tokens) {
    if (token.type === 'text' || token.type === 'escape') {
      const inner = ownTokens(token)
      if (inner.length) { flush(); out.push(...inline(inner, marks, reading)) }
      else text += entities(String((token as Tokens.Text).text)).replace(/\n/gu, ' ')
      continue
    }
    flush()
    if (token.type === 'em') out.push(...inline(ownTokens(token), [...marks, { type: 'italic' }], reading))
    else if (token.type === 'strong') out.push(...inline(ownTokens(token), [...marks, { type: 'bold' }], reading))
    else if (token.type === 'br') out.push({ type: 'hardBreak' })
    else if (token.type === 'link') {
      const { href } = token as Tokens.Link
      const link: Marks = /^https?:/u.test(href) ? [...marks, { type: 'link', attrs: { href } }] : marks
      out.push(...inline(ownTokens(token), link, reading))
    }
    else if (token.type === 'image') {
      const { href, text: words } = token as Tokens.Image
      reading.left(href)
      text += words
    }
    else if (token.type === 'html') { if (/^<br/iu.test(token.raw)) out.push({ type: 'hardBreak' }) }
    else text += 'text' in token ? String(token.text) : token.raw
  }
  flush()
  return out
}
const ENTITIES: Record<string, string> = { '&amp;': '&', '&lt;': '<', '&gt;': '>', '&quot;': '"', '&#39;': '\'', '&nbsp;': '\u00A0' }
const entities = (text: string): string => text.replace(/&(?:amp|lt|gt|quot|#39|nbsp);/gu, one => rowOf(ENTITIES, one)!)

/** Text with its marks and the calls of notes as citations. */
function cited(text: string, marks: Marks, reading: Reading): DocNode[] {
  const node = (data: CitationData): DocNode => ({ type: 'citation', attrs: { id: reading.next(), data } })
  return text.split(/(\[\^[^\]\s]{1,60}\])/u).flatMap((part): DocNode[] => {
    const label = /^\[\^([^\]\s]+)\]$/u.exec(part)?.[1]
    const words = label === undefined ? undefined : reading.notes.get(label)
    if (words !== undefined) return [node(noteOf(words, reading))]
    return readAllMarks(part, reading.idOf).filter(piece => piece !== '').map(piece =>
      typeof piece === 'string' ? { type: 'text', text: piece, ...(marks.length ? { marks } : {}) } : node(piece))
  })
}

const toRich = (nodes: readonly DocNode[]): string => {
  const has = (node: DocNode, type: string) => node.marks?.some(mark => mark.type === type) ?? false
  return writeRich(nodes.flatMap(node => (node.type === 'text'
    ? [{ text: node.text ?? '', ...(has(node, 'italic') ? { italic: true } : {}), ...(has(node, 'bold') ? { bold: true } : {}) }]
    : [])))
}

/** A note: its words, or the citation in it with the words before and behind. */
function noteOf(words: string, reading: Reading): CitationData {
  const nodes = inline(marked.Lexer.lexInline(words), [], { ...reading, notes: new Map() })
  const at = nodes.findIndex(one => one.type === 'citation')
  if (at < 0) return { items: [], form: 'parenthetical', words: { after: toRich(nodes) } }
  const data = nodes[at]!.attrs!.data as CitationData
  const [before, after] = [toRich(nodes.slice(0, at)).trim(), toRich(nodes.slice(at + 1)).replace(/^[\s.]+$/u, '').trim()]
  return { ...data, ...(before || after ? { words: { ...(before ? { before } : {}), ...(after ? { after } : {}) }, inNote: true } : {}) }
}
