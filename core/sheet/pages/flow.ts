/**
 * Pieces on pages: as many as a page holds, with the notes whose marks they carry at its foot. A note that does not fit
 * wholly begins on the page of its mark and goes on at the foot of the next (Chicago 18, 13.50).
 */
import type { Line } from './lines'
import type { BlockPieces, Piece } from './pieces'

/** Pieces that stand on one page together. */
export interface Chunk {
  pieces: readonly Piece[]
  /** White above each piece, between blocks as well. */
  gaps: readonly number[]
  height: number
  notes: readonly number[]
  newPage: boolean
  /** Of a table that goes on: what stands again over it. */
  heading?: readonly Piece[]
}

/** White between blocks: what is under the one and over the other; none between parts of one quotation. */
const between = (above: BlockPieces | undefined, below: BlockPieces): number =>
  !above ? 0 : above.close && above.close === below.close ? 0 : above.after

/** Blocks as chunks: a page may end between any two. */
export function chunksOf(blocks: readonly BlockPieces[]): Chunk[] {
  const out: Chunk[] = []
  let pieces: Piece[] = []
  let gaps: number[] = []
  let heading: readonly Piece[] | undefined
  const end = () => {
    if (!pieces.length) return
    out.push({
      pieces, gaps,
      height: pieces.reduce((sum, piece, i) => sum + piece.height + (i ? gaps[i]! : 0), 0),
      notes: pieces.flatMap(piece => piece.notes),
      newPage: pieces[0]!.newPage === true,
      ...(heading ? { heading } : {}),
    })
    pieces = []
    gaps = []
    heading = undefined
  }
  let above: BlockPieces | undefined
  for (const block of blocks) {
    block.pieces.forEach((piece, i) => {
      const joined = i === 0 && above?.keepNext === true && !piece.newPage
      if ((piece.breaks && !joined) || piece.newPage) {
        end()
        if (i > 0 && block.heading) ({ heading } = block)
      }
      pieces.push(piece)
      // Parts of one quotation: neither the white under the one nor that over the other.
      const close = i === 0 && above?.close !== undefined && above.close === block.close
      gaps.push(i === 0 ? (close ? 0 : between(above, block) + piece.before) : 0)
    })
    if (block.pieces.length) above = block
  }
  end()
  return out
}

/** Where on a page something stands: points from the head of its column's text. */
export interface Placed<T> { thing: T, y: number }
export interface Column {
  pieces: Placed<Piece>[]
  /** Lines of notes from the first to the last, each from the head of the notes. */
  notes: Placed<{ line: Line, note: number, first: boolean }>[]
  notesHeight: number
  /** How much of it is text. */
  height: number
}
/** The lines of a note, and white under it before the next. */
export interface NoteLines { lines: readonly Line[], after: number }

/** What is left of notes for the next column. */
export interface Carried { note: number, from: number }
/** Where a page begins: with which chunk, which of its pieces, and what notes go on. */
export interface Start { chunk: number, piece: number, carried: readonly Carried[] }

export interface Frame {
  /** How high each column is, in points. */
  heights: readonly number[]
}

/** Over the first note of a column: white, a rule two inches long, white. */
export const RULE = { above: 10, below: 6, width: 144 } as const
const SEPARATOR = RULE.above + RULE.below
/** Of a divided note, lines that stand at least on the page of its mark. */
const NOTE_LEAST = 2

/**
 * One page.
 * @param frame of this page @param start where it begins
 * @returns its columns, and where the next begins; nothing left: no next
 */
export function fillPage(
  chunks: readonly Chunk[],
  noteOf: (n: number) => NoteLines,
  frame: Frame,
  start: Start,
  until: number,
): { columns: Column[], next: Start | undefined } {
  const columns: Column[] = []
  let { chunk, piece, carried } = start
  let forced = false
  for (const height of frame.heights) {
    const filled = fillColumn(chunks, noteOf, height, { chunk, piece, carried }, until, columns.length === 0)
    columns.push(filled.column)
    ;({ chunk, piece, carried } = filled.next)
    if (filled.ended) { forced = true; break }
  }
  const over = chunk >= until && !carried.length
  // A page that could take nothing at all would never end.
  if (!over && !forced && sameStart({ chunk, piece, carried }, start)) chunk++
  return { columns, next: over ? undefined : { chunk, piece, carried } }
}

/** Whether two pages begin at the same place. @param shift how many chunks later the other is */
export const sameStart = (one: Start, other: Start, shift = 0): boolean =>
  one.chunk === other.chunk + shift && one.piece === other.piece && one.carried.length === other.carried.length
  && one.carried.every(({ note, from }, i) => note === other.carried[i]!.note && from === other.carried[i]!.from)

interface Filling {
  column: Column
  room: number
}

function fillColumn(
  chunks: readonly Chunk[],
  noteOf: (n: number) => NoteLines,
  height: number,
  start: Start,
  until: number,
  pageBegins: boolean,
): { column: Column, next: Start, ended: boolean } {
  const filling: Filling = { column: { pieces: [], notes: [], notesHeight: 0, height: 0 }, room: height }
  const { column } = filling
  // What goes on from the column before comes first, and leaves room for two lines of text if there is any.
  const textLeast = start.chunk < until ? Math.min(height / 2, 2 * (chunks[start.chunk]?.pieces[0]?.height ?? 0)) : 0
  let carried = putNotes(filling, noteOf, start.carried, textLeast)
  let { chunk, piece } = start
  const next = (): Start => ({ chunk, piece, carried })
  if (carried.length) return { column, next: next(), ended: false }
  while (chunk < until) {
    const one = chunks[chunk]!
    const fresh = column.pieces.length === 0
    if (one.newPage && piece === 0 && !(fresh && pageBegins)) return { column, next: next(), ended: true }
    const again = fresh && piece === 0 && one.heading ? one.heading : []
    const againHeight = again.reduce((sum, row) => sum + row.height, 0)
    // White over a block stands at the head of a page only where the page begins on purpose.
    const gap = piece > 0 ? 0 : fresh && !(one.newPage || (chunk === 0 && pageBegins)) ? 0 : fresh ? one.pieces[0]!.before : one.gaps[0]!
    const rest = piece > 0 ? heightFrom(one, piece) : one.height
    const notes = piece > 0 ? one.pieces.slice(piece).flatMap(each => each.notes) : one.notes
    const needed = gap + againHeight + rest
    if (needed + leastFor(filling, noteOf, notes) <= filling.room + HAIR) {
      let y = column.height + gap
      for (const row of again) { column.pieces.push({ thing: row, y }); y += row.height }
      for (let i = piece; i < one.pieces.length; i++) {
        y += i > piece ? one.gaps[i]! : 0
        column.pieces.push({ thing: one.pieces[i]!, y })
        y += one.pieces[i]!.height
      }
      column.height = y
      filling.room -= needed
      carried = putNotes(filling, noteOf, notes.map(note => ({ note, from: 0 })), 0)
      chunk++
      piece = 0
      if (carried.length) return { column, next: next(), ended: false }
      continue
    }
    if (!fresh) break
    // Even an empty column does not hold it: as many of its pieces as go in, one at the least.
    const first = piece
    let y = column.height
    while (piece < one.pieces.length) {
      const each = one.pieces[piece]!
      const own = (piece > first ? one.gaps[piece]! : 0) + each.height
      if (piece > first && own + leastFor(filling, noteOf, each.notes) > filling.room + HAIR) break
      column.pieces.push({ thing: each, y: y + own - each.height })
      y += own
      filling.room -= own
      piece++
      carried = putNotes(filling, noteOf, each.notes.map(note => ({ note, from: 0 })), 0)
      if (carried.length) break
    }
    column.height = y
    if (piece >= one.pieces.length) { chunk++; piece = 0 }
    if (carried.length || piece > 0) break
  }
  return { column, next: next(), ended: false }
}
const HAIR = 0.01

const heightFrom = (chunk: Chunk, from: number): number =>
  chunk.pieces.slice(from).reduce((sum, piece, i) => sum + piece.height + (i ? chunk.gaps[from + i]! : 0), 0)

/** The room that notes take on the page of their marks at the least: all but the last whole, of that its first lines. */
function leastFor({ column }: Filling, noteOf: (n: number) => NoteLines, notes: readonly number[]): number {
  if (!notes.length) return 0
  let sum = column.notes.length ? gapUnder(column, noteOf) : SEPARATOR
  notes.forEach((note, i) => {
    const { lines, after } = noteOf(note)
    const last = i === notes.length - 1
    const shown = last && lines.length > NOTE_LEAST + 1 ? lines.slice(0, NOTE_LEAST) : lines
    sum += shown.reduce((height, line) => height + line.height, 0) + (last ? 0 : after)
  })
  return sum
}
const gapUnder = (column: Column, noteOf: (n: number) => NoteLines): number => noteOf(column.notes.at(-1)!.thing.note).after

/**
 * Notes at the foot of a column, as far as there is room.
 * @param spare room that is left for text
 * @returns what goes on in the next
 */
function putNotes(filling: Filling, noteOf: (n: number) => NoteLines, notes: readonly Carried[], spare: number): Carried[] {
  const { column } = filling
  const left: Carried[] = []
  for (const { note, from } of notes) {
    const { lines } = noteOf(note)
    if (left.length) { left.push({ note, from }); continue }
    let at = from
    while (at < lines.length) {
      const line = lines[at]!
      const white = column.notes.length ? (at === from ? gapUnder(column, noteOf) : 0) : SEPARATOR
      // A first line is set even where sums are off by a hair, or nothing ever would be.
      const stuck = column.notes.length === 0 && column.pieces.length === 0
      if (!stuck && line.height + white > filling.room - spare + HAIR) break
      const y = column.notes.length ? column.notesHeight + white : 0
      column.notes.push({ thing: { line, note, first: at === 0 }, y })
      column.notesHeight = y + line.height
      filling.room -= line.height + white
      at++
    }
    if (at < lines.length) left.push({ note, from: at })
  }
  return left
}
