/** A draft written elsewhere, or a piece of one that is pasted, as the paper's own document. */
import type { DocNode } from '../../sheet/document'
import { curlMarks } from '../../text/quotes'
import { withAppendices } from './appendices'
import { headingBlockIn, type HeadingBlock } from './heading-block'
import { readHtml } from './html'
import { noticedIn, type Noticed } from './noticed'

export interface Draft {
  doc: DocNode
  /** Page numbers, running heads and a reference list that were typed by hand: still in `doc`, to be taken out if the writer says so. */
  noticed: Noticed[]
  /** A title that stood alone at the head; only of a whole draft, and no longer in `doc`. */
  title?: string
  /** Who wrote it for whom and when, typed at its top: still in `doc`, to be taken into the paper's details if the writer says so. */
  heading?: HeadingBlock
  /** How many pictures were left out: from elsewhere, of another kind, or too large. */
  pictures: number
}

/** Reads HTML. `whole` for a whole draft: its title is told apart from its text. */
export function readDraft(html: string, { whole = false }: { whole?: boolean } = {}): Draft {
  const { blocks, pictures } = readHtml(html)
  const read = whole ? blocks.map(curled) : blocks
  return draftOf(read, pictures, whole)
}

/** Straight marks of a draft written elsewhere are set curly, as they are when they are typed here; a line at a time. */
function curled(node: DocNode): DocNode {
  if (!node.content) return node
  if (!node.content.some(child => child.type === 'text')) return { ...node, content: node.content.map(curled) }
  const text = node.content.map(child => (child.type === 'text' ? (child.text ?? '') : '\uFFFC')).join('')
  if (!/["']/u.test(text)) return node
  const set = curlMarks(text)
  let at = 0
  return {
    ...node,
    content: node.content.map((child) => {
      if (child.type !== 'text') { at++; return child }
      const from = at
      at += (child.text ?? '').length
      return { ...child, text: set.slice(from, at) }
    }),
  }
}

function draftOf(blocks: readonly DocNode[], pictures: number, whole: boolean): Draft {
  const firsts = blocks.filter(one => one.type === 'heading' && Number(one.attrs?.level) === 1)
  const titled =
    whole && blocks.length > 1 && firsts.length === 1 && firsts[0] === blocks[0] && blocks[0]!.content!.every((one) => one.type === 'text')
  const content = titled ? blocks.slice(1) : [...blocks]
  const title = titled ? (blocks[0]!.content ?? []).map(one => one.text ?? ' ').join('').trim() : ''
  const heading = whole ? headingBlockIn(content, title) : undefined
  const found = noticedIn(content).filter(one => !heading || one.from >= heading.to)
  const { blocks: read, noticed } = whole ? withAppendices(content, found) : { blocks: content, noticed: found }
  return {
    doc: { type: 'doc', content: read.length ? read : [{ type: 'paragraph' }] },
    noticed,
    ...(heading ? { heading } : {}),
    pictures,
    ...(title ? { title } : {}),
  }
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
  const widest = lines.reduce((most, line) => Math.max(most, line.length), 0)
  const broken = lines
    .slice(0, -1)
    .filter((line) => line.length > widest * 0.7 && (!/[.?!:”"’)]$/u.test(line) || line.length > widest * 0.85)).length
  // Few lines that reach the edge: each line was meant.
  if (lines.length < 2 || widest < 40 || widest > 140 || broken * 2 < lines.length - 1) return lines
  const out: string[] = []
  let open = false
  for (const line of lines) {
    const last = out.at(-1)
    if (open && last !== undefined)
      out[out.length - 1] = /\p{Ll}-$/u.test(last) && /^\p{Ll}/u.test(line) ? last.slice(0, -1) + line : `${last} ${line}`
    else out.push(line)
    open = !(/[.?!”"’)]$/u.test(line) && line.length < widest * 0.75)
  }
  return out
}
