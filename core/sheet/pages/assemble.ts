/**
 * Pages with everything at its place: columns, notes at their foot, heads, numbers of lines and of pages.
 * Lengths are points from the page's corner.
 */
import { headsOn, headWords } from '../heads'
import type { Origin, PrintedBlock, PrintedPaper, PrintedPicture, SectionName } from '../printed'
import type { HeadLine } from '../../styles/page-schema'
import { roman } from '../../text/numbers'
import type { Faces } from './face'
import { RULE, type Column } from './flow'
import { linesOf, type Line, type PlacedText } from './lines'
import type { BlockPieces, Piece } from './pieces'

export interface PlacedLine {
  /** Of its top. */
  y: number
  /** Of its letters' foot. */
  baseline: number
  height: number
  texts: PlacedText[]
  is: 'text' | 'note' | 'head' | 'number'
  block?: PrintedBlock
  /** Of a line of the block, from which its words are; absent in heads. */
  from?: Origin
  /** It begins its block. */
  first?: boolean
  /** Which note it is of. */
  note?: number
  /** In a table: which of its cells, from 0, in the row that begins with `row`. */
  cell?: { row: number, column: number, heading: boolean }
}
export interface PlacedRule { x: number, y: number, width: number, thickness: number }
export interface PlacedPicture { x: number, y: number, width: number, height: number, picture: PrintedPicture }
export interface Page {
  /** What stands on it as its number: 3, iv. */
  label: string
  section: SectionName
  lines: PlacedLine[]
  rules: PlacedRule[]
  pictures: PlacedPicture[]
}

export interface Sheet {
  width: number
  height: number
  pages: Page[]
  /** The page that an anchor stands on, from 0, and how far down. */
  anchors: Map<string, { page: number, y: number }>
  /** Letters that no shipped face has. */
  lacking: string[]
}

/** Between two columns. */
export const GUTTER = 18

/** What a page holds before it is numbered. */
export interface PageParts {
  columns: readonly Column[]
  section: SectionName
  numbers: 'arabic' | 'roman'
  /** How much of the page stands over its columns. */
  top: number
  masthead: readonly BlockPieces[]
}

/** Heads stand half an inch from the paper's edge (APA 7, 2.18; MLA Handbook 9, 1.4). */
const HEAD_FROM_EDGE = 36

export function assemble(paper: PrintedPaper, parts: readonly PageParts[], faces: Faces): Sheet {
  const counts = { arabic: 0, roman: 0 }
  const { margins, columns, width: wide, height: high, heads } = paper.geometry
  const head = JSON.stringify([paper.title, paper.surname, margins, columns, wide, high, heads])
  const pages = parts.map((part, i): Page => {
    const n = ++counts[part.numbers]
    const label = part.numbers === 'roman' ? roman(n).toLowerCase() : String(n)
    return pageOf(part, paper, faces, label, i === 0, head)
  })
  const anchors: Sheet['anchors'] = new Map()
  pages.forEach((page, i) => {
    for (const { block, first, y } of page.lines)
      if (first && block?.is === 'paragraph' && block.anchor && !anchors.has(block.anchor)) anchors.set(block.anchor, { page: i, y })
  })
  const { width, height, lineNumbers } = paper.geometry
  const numbered = lineNumbers ? withLineNumbers(pages, paper, faces) : pages
  const whole = withContents(numbered, anchors, paper, faces)
  return { width, height, pages: whole, anchors, lacking: lackingOn(whole, faces) }
}

/** Letters on the pages that no face has: of these pages, where others were set in the same faces before. */
function lackingOn(pages: readonly Page[], faces: Faces): string[] {
  if (!faces.lacking.size) return []
  const out = new Set<string>()
  for (const { lines } of pages)
    for (const { texts } of lines)
      for (const { text, face } of texts)
        for (const char of text)
          if (faces.lacking.has(char) && !faces.of(face).has(char.codePointAt(0)!)) out.add(char)
  return [...out]
}

interface Body { lines: PlacedLine[], rules: PlacedRule[], pictures: PlacedPicture[] }
const made = new WeakMap<PageParts, { key: string, page: Page }>()

/** A page; made once for as long as its parts, its number and the words at its head are what they were. */
function pageOf(part: PageParts, paper: PrintedPaper, faces: Faces, label: string, first: boolean, head: string): Page {
  const key = `${label} ${first} ${head}`
  const kept = made.get(part)
  if (kept?.key === key) return kept.page
  const { lines, rules, pictures } = makeBody(part, paper)
  const over = headLines(paper, faces, label, part.numbers === 'roman', first)
  const page = { label, section: part.section, lines: [...over, ...lines], rules, pictures }
  made.set(part, { key, page })
  return page
}

function makeBody({ columns, masthead, top }: PageParts, { geometry }: PrintedPaper): Body {
  const { margins, height, width } = geometry
  const out: Body = { lines: [], rules: [], pictures: [] }
  let y = margins.top
  for (const { pieces, after } of masthead) {
    for (const piece of pieces) {
      putPiece(out, piece, margins.left, y + piece.before, width - margins.left - margins.right)
      y += piece.before + piece.height
    }
    y += after
  }
  const wide = (width - margins.left - margins.right - GUTTER * (geometry.columns - 1)) / geometry.columns
  columns.forEach((column, i) => {
    const x = margins.left + i * (wide + GUTTER)
    for (const { thing, y: down } of column.pieces) putPiece(out, thing, x, margins.top + top + down, wide)
    if (!column.notes.length) return
    const foot = height - margins.bottom - column.notesHeight
    out.rules.push({ x, y: foot - RULE.below, width: Math.min(RULE.width, wide), thickness: 0.5 })
    for (const { thing: { line, note, first }, y: down } of column.notes)
      out.lines.push({ ...placedLine(line, x, foot + down), is: 'note', note, from: { note }, ...(first ? { first } : {}) })
  })
  return out
}

const placedLine = (line: Line, x: number, y: number): Pick<PlacedLine, 'y' | 'baseline' | 'height' | 'texts'> => ({
  y,
  baseline: y + line.baseline,
  height: line.height,
  texts: x ? line.texts.map(text => ({ ...text, x: text.x + x })) : line.texts,
})

function putPiece(out: Body, piece: Piece, x: number, y: number, width: number) {
  const { block } = piece
  const from = block.from ? { from: block.from } : {}
  if (piece.is === 'line') {
    const first = piece.first ? { first: true } : {}
    out.lines.push({ ...placedLine(piece.line, x, y), is: 'text', block, ...from, ...first })
  } else if (piece.is === 'picture') {
    const { picture, width: wide, height } = piece
    out.pictures.push({ x: x + piece.x, y, width: wide, height, picture })
  } else if (piece.is === 'row') {
    // Rules above the table, under its headings and below it.
    if (piece.first || (piece.heading && piece.top > 0)) out.rules.push({ x, y, width, thickness: 0.75 })
    piece.row.cells.forEach(({ x: column, line }, at) => {
      const cell = { row: piece.at, column: at, heading: piece.heading }
      out.lines.push({ ...placedLine(line, x + column, y + piece.top), is: 'text', block, ...from, cell })
    })
    if (piece.ends || piece.last) out.rules.push({ x, y: y + piece.height, width, thickness: piece.last ? 0.75 : 0.5 })
  }
}

// Heads and numbers -----------------------------------------------------------------------------------------------------

/** Pages before the text have their roman numbers at their foot, the title page none (Turabian 9, A.1.4.1). */
const ROMAN_HEADS: readonly HeadLine[] = [{ on: 'later', place: 'bottom', align: 'centre', says: '{n}' }]

function headLines(paper: PrintedPaper, faces: Faces, label: string, isRoman: boolean, first: boolean): PlacedLine[] {
  const { geometry } = paper
  const look = { ...geometry.looks.head, left: 0, right: 0, first: 0 }
  const width = geometry.width - geometry.margins.left - geometry.margins.right
  return headsOn(isRoman ? ROMAN_HEADS : geometry.heads, first).flatMap((head): PlacedLine[] => {
    const words = headWords(head, paper, label)
    if (!words) return []
    const [line] = linesOf([{ text: words }], { faces, look: { ...look, align: head.align }, width })
    const y = head.place === 'top' ? HEAD_FROM_EDGE : geometry.height - HEAD_FROM_EDGE - line!.height
    return [{ ...placedLine(line!, geometry.margins.left, y), is: 'head' }]
  })
}

/** The numbers of lines, through the whole paper, left of the text. */
function withLineNumbers(pages: Page[], paper: PrintedPaper, faces: Faces): Page[] {
  const { head } = paper.geometry.looks
  const look = { ...head, size: head.size * 0.75, align: 'right' as const, left: 0, right: 0, first: 0 }
  let n = 0
  return pages.map((page) => {
    const numbers = page.lines.filter(line => line.is === 'text' && !line.cell).map((line): PlacedLine => {
      const [set] = linesOf([{ text: String(++n) }], { faces, look, width: paper.geometry.margins.left - 12 })
      return { ...placedLine(set!, 0, line.y), baseline: line.baseline, is: 'number' }
    })
    return { ...page, lines: [...page.lines, ...numbers] }
  })
}

/** Points from the words of a line of the contents to the number of its page, at the right. */
function withContents(pages: Page[], anchors: Sheet['anchors'], paper: PrintedPaper, faces: Faces): Page[] {
  if (!pages.some(page => page.section === 'contents')) return pages
  const look = { ...paper.geometry.looks['contents-line'], left: 0, right: 0, first: 0, align: 'right' as const }
  const { margins, width, columns } = paper.geometry
  const right = margins.left + (width - margins.left - margins.right - GUTTER * (columns - 1)) / columns
  return pages.map((page) => {
    if (page.section !== 'contents') return page
    const lines = page.lines.map((line, i): PlacedLine => {
      const { block } = line
      if (block?.is !== 'paragraph' || block.leads === undefined || page.lines[i + 1]?.block === block) return line
      const there = anchors.get(block.leads)
      const label = there ? pages[there.page]!.label : ''
      const [number] = linesOf([{ text: label }], { faces, look, width: right - margins.left })
      const from = Math.max(...line.texts.map(text => text.x + text.width)) + 4
      const to = right - (number!.texts[0]?.width ?? 0) - 4
      const dot = faces.of('regular').width(' .') * look.size
      const points = Math.max(0, Math.floor((to - from) / dot))
      const leader: PlacedText[] = points > 1
        ? [{ x: to - points * dot, width: points * dot, text: ' .'.repeat(points), face: 'regular', size: look.size, rise: 0 }]
        : []
      const link = `#${block.leads}`
      return { ...line, texts: [...line.texts, ...leader, ...placedLine(number!, margins.left, 0).texts].map(text => ({ ...text, link })) }
    })
    return { ...page, lines }
  })
}
