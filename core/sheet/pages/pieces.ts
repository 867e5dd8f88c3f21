/**
 * A block as pieces: what is set one below the other, and where a page may end between them. Two lines of a paragraph at
 * least stand on each page that it stands on (widows and orphans: Chicago 18, 2.116; APA 7 leaves it to the word processor).
 */
import type { PrintedBlock, PrintedPaper, PrintedParagraph, PrintedPicture } from '../printed'
import { noteLead } from '../printed'
import type { Look } from '../../styles/page-schema'
import { pictureBytes, pictureSize } from '../pictures'
import type { Faces } from './face'
import { linesOf, type Line } from './lines'
import { rowsOf, type RowLine } from './tables'

export type Piece = {
  height: number
  /** White above it, where it does not stand at the head of a page. */
  before: number
  /** A page may begin with it. */
  breaks: boolean
  /** It begins a page. */
  newPage?: boolean
  /** Notes whose marks stand in it. */
  notes: readonly number[]
  /** The block it is of. */
  block: PrintedBlock
} & (
  | { is: 'line', line: Line, paragraph: PrintedParagraph, first: boolean }
  | { is: 'row', row: RowLine, at: number, top: number, heading: boolean, first: boolean, ends: boolean, last: boolean }
  | { is: 'picture', width: number, picture: PrintedPicture, x: number }
  | { is: 'break' }
)

export interface BlockPieces {
  pieces: readonly Piece[]
  /** White below it. */
  after: number
  keepNext: boolean
  /** Blocks of one such role stand close. */
  close?: string
  /** Of a table: its heading rows, which stand again where it goes on. */
  heading?: readonly Piece[]
}

export interface PieceSetup {
  paper: PrintedPaper
  faces: Faces
  /** Of the column. */
  width: number
  /** Of the page's text. */
  height: number
  hyphenate?: ((text: string) => string) | undefined
}

/** Paragraphs of one quotation or poem have no white between them. */
const CLOSE = new Set(['quotation', 'verse'])
/** Room for the number of a page at the right of the contents. */
const NUMBER = 36
/** Roles in which words may be divided. */
const DIVIDED = new Set(['body', 'quotation', 'note', 'note-at-end', 'list-item', 'abstract'])

export const lookOf = ({ geometry }: PrintedPaper, { role, look }: PrintedParagraph): Look => ({ ...geometry.looks[role], ...look })

export function piecesOf(block: PrintedBlock, setup: PieceSetup): BlockPieces {
  switch (block.is) {
    case 'break':
      return { pieces: [{ is: 'break', height: 0, before: 0, breaks: true, newPage: true, notes: [], block }], after: 0, keepNext: false }
    case 'picture':
      return pictureOf(block, setup)
    case 'table':
      return tableOf(block, setup)
    default:
      return paragraphOf(block, setup)
  }
}

/** A paragraph's lines, its own number before them; also those of a note. */
export function paragraphLines(paragraph: PrintedParagraph, { paper, faces, width, hyphenate }: PieceSetup): Line[] {
  const look = lookOf(paper, paragraph)
  const runs = paragraph.note === undefined ? paragraph.runs : [...noteLead(paper.geometry, paragraph.note), ...paragraph.runs]
  const room = paragraph.leads === undefined ? look : { ...look, right: look.right + NUMBER }
  const divides = hyphenate && look.align === 'justified' && DIVIDED.has(paragraph.role)
  return linesOf(runs, { faces, look: room, width, ...(divides ? { hyphenate } : {}) }, paragraph.lead)
}

function paragraphOf(paragraph: PrintedParagraph, setup: PieceSetup): BlockPieces {
  const look = lookOf(setup.paper, paragraph)
  const lines = paragraphLines(paragraph, setup)
  const n = lines.length
  return {
    pieces: lines.map((line, i): Piece => ({
      is: 'line', line, paragraph, first: i === 0,
      height: line.height,
      before: i === 0 ? look.before : 0,
      // Kept together with its next, a heading of several lines is not divided either.
      breaks: i === 0 || (!look.keepNext && i >= 2 && n - i >= 2),
      ...(i === 0 && look.newPage ? { newPage: true } : {}),
      notes: line.notes,
      block: paragraph,
    })),
    after: look.after,
    keepNext: look.keepNext,
    ...(CLOSE.has(paragraph.role) ? { close: paragraph.role } : {}),
  }
}

function tableOf(table: Extract<PrintedBlock, { is: 'table' }>, { paper, faces, width, height }: PieceSetup): BlockPieces {
  const look = paper.geometry.looks.table
  const rows = rowsOf(table, look, faces, width)
  const pieces = rows.flatMap((row, at): Piece[] => {
    const heading = table.headed && at === 0
    // A row that no page would hold is divided between its lines; every other stands whole.
    const whole = row.height < height / 2
    return row.lines.map((line, i): Piece => ({
      is: 'row', row: line, at, heading,
      first: at === 0 && i === 0,
      // It ends the headings; it ends the table.
      ends: heading && i === row.lines.length - 1,
      last: at === rows.length - 1 && i === row.lines.length - 1,
      top: i === 0 ? look.before : 0,
      height: line.height + (i === 0 ? look.before : 0) + (i === row.lines.length - 1 ? look.after : 0),
      before: 0,
      // The heading stands with the first row under it.
      breaks: i === 0 ? at === 0 || !(table.headed && at === 1) : !whole,
      notes: line.cells.flatMap(cell => cell.line.notes),
      block: table,
    }))
  })
  const heading = table.headed && rows.length > 1 ? { heading: pieces.filter(piece => piece.is === 'row' && piece.heading) } : {}
  return { pieces, after: TABLE_WHITE, keepNext: false, ...heading }
}
/** Under a table, before the text or its note goes on. */
const TABLE_WHITE = 6

function pictureOf(picture: PrintedPicture, { paper, width, height }: PieceSetup): BlockPieces {
  const read = pictureBytes(picture.picture)
  const look = { ...paper.geometry.looks.picture, ...picture.look }
  if (!read) return { pieces: [], after: 0, keepNext: false }
  const size = fitted(pictureSize(read.bytes), width, height)
  const x = look.align === 'centre' ? (width - size.width) / 2 : look.align === 'right' ? width - size.width : 0
  return {
    pieces: [{ is: 'picture', picture, x, ...size, before: look.before, breaks: true, notes: [], block: picture }],
    after: TABLE_WHITE,
    keepNext: look.keepNext,
  }
}

/** Points a pixel: pictures are as large as at 96 dots an inch. */
const PIXEL = 0.75
/** As much of a page as a picture may take: its caption stands with it. */
const MOST = 0.8
/** A picture's size on the page in points: its own, or as large as there is room. */
export function fitted(pixels: { width: number, height: number }, width: number, height: number): { width: number, height: number } {
  const scale = Math.min(PIXEL, width / Math.max(1, pixels.width), (height * MOST) / Math.max(1, pixels.height))
  return { width: pixels.width * scale, height: pixels.height * scale }
}
