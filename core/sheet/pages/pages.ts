/**
 * The printed paper as pages: every word where it prints. The screen draws these lines and the PDF has the same.
 *
 *   face.ts       how wide letters are
 *   atoms.ts      what no line divides
 *   breaking.ts   where lines end
 *   lines.ts      a paragraph as lines; tables.ts: a table as rows
 *   pieces.ts     a block as pieces, and where a page may end
 *   flow.ts       pieces and their notes on pages
 *   assemble.ts   pages with everything at its place, heads and numbers
 *
 * A `Layouter` keeps what it laid out: after a change only what is other is set again, and pages only from there on.
 */
import type { PrintedBlock, PrintedPaper, PrintedSection, SectionName } from '../printed'
import { assemble, GUTTER, type PageParts, type Sheet } from './assemble'
import type { Faces } from './face'
import { chunksOf, fillPage, sameStart, type Chunk, type NoteLines, type Start } from './flow'
import { paragraphLines, piecesOf, lookOf, type BlockPieces, type PieceSetup } from './pieces'

export type { Page, PlacedLine, PlacedPicture, PlacedRule, Sheet } from './assemble'
export type { PlacedText } from './lines'

/** What stands over two columns at their full width. */
const MASTHEAD = new Set(['title', 'opening-line'])

interface KeptSection { blocks: readonly PrintedBlock[], pieces: readonly BlockPieces[], wide: number }
interface LaidPage { start: Start, next: Start | undefined, parts: PageParts }
interface Laid {
  chunks: readonly Chunk[]
  notes: ReadonlyMap<number, NoteLines>
  pages: readonly LaidPage[]
  /** What else a page's shape depends on. */
  frame: string
}

export interface Hyphenating { hyphenate?: (text: string) => string }

export class Layouter {
  private kept: readonly KeptSection[] = []
  private keptNotes: { notes: PrintedPaper['notes'], lines: NoteLines[] } = { notes: [], lines: [] }
  private last: Laid | undefined

  constructor(private readonly faces: Faces, private readonly options: Hyphenating = {}) {}

  lay(paper: PrintedPaper): Sheet {
    const { geometry } = paper
    const { margins } = geometry
    const whole = geometry.width - margins.left - margins.right
    const width = (whole - GUTTER * (geometry.columns - 1)) / geometry.columns
    const height = geometry.height - margins.top - margins.bottom
    const setup: PieceSetup = { paper, faces: this.faces, width, height, hyphenate: this.options.hyphenate }
    // What is set depends on the looks too: other looks, and nothing that was kept is right.
    const looks = JSON.stringify([geometry.looks, geometry.face, geometry.noteNumber, width, height])
    const { pieces, sections } = this.set(setup, whole, looks)
    const notes = this.setNotes(setup, looks)
    const { chunks, begins } = chunked(pieces, sections)
    const laid = this.flow(chunks, notes, begins, sections, { looks, height, columns: geometry.columns })
    this.last = laid
    return assemble(paper, laid.pages.map(page => page.parts), this.faces)
  }

  /** Every block in its pieces; those before and behind what has changed are not set again. */
  private set(setup: PieceSetup, whole: number, looks: string): { pieces: BlockPieces[][], sections: SectionShape[] } {
    const sections: SectionShape[] = []
    const kept: KeptSection[] = []
    const pieces = setup.paper.sections.map((section, at) => {
      const { blocks } = section
      const wide = mastheadOf(section, setup.paper.geometry.columns)
      const before = this.looks === looks && this.kept[at]?.wide === wide ? this.kept[at] : undefined
      const head = before ? alikeAtHead(before.blocks, blocks, sameBlock) : 0
      const tail = before ? alikeAtTail(before.blocks, blocks, head, sameBlock) : 0
      const set = blocks.map((block, i) => {
        if (i < head) return before!.pieces[i]!
        if (i >= blocks.length - tail) return before!.pieces[before!.blocks.length - (blocks.length - i)]!
        return piecesOf(block, i < wide ? { ...setup, width: whole } : setup)
      })
      kept.push({ blocks, pieces: set, wide })
      sections.push({ is: section.is, numbers: section.numbers, newPage: section.newPage, masthead: set.slice(0, wide) })
      return set.slice(wide)
    })
    this.kept = kept
    return { pieces, sections }
  }

  private looks = ''

  private setNotes(setup: PieceSetup, looks: string): ReadonlyMap<number, NoteLines> {
    const out = new Map<number, NoteLines>()
    const notes = setup.paper.notesAt === 'foot' ? setup.paper.notes : []
    const before = this.looks === looks ? this.keptNotes : undefined
    const lines = notes.map((note, i): NoteLines => {
      const was = before?.notes[i]
      if (was && was.length === note.length && was.every((one, at) => sameBlock(one, note[at]!))) return before!.lines[i]!
      return {
        lines: note.flatMap(paragraph => paragraphLines(paragraph, setup)),
        after: note[0] ? lookOf(setup.paper, note[0]).after : 0,
      }
    })
    lines.forEach((one, i) => out.set(i + 1, one))
    this.keptNotes = { notes, lines }
    this.looks = looks
    return out
  }

  private flow(
    chunks: readonly Chunk[],
    notes: ReadonlyMap<number, NoteLines>,
    begins: readonly number[],
    sections: readonly SectionShape[],
    { looks, height, columns }: { looks: string, height: number, columns: number },
  ): Laid {
    const shapes = sections.map(({ masthead, ...section }) => [section, mastheadHeight(masthead)])
    const frame = JSON.stringify([looks, height, columns, shapes])
    const none: NoteLines = { lines: [], after: 0 }
    const noteOf = (n: number) => notes.get(n) ?? none
    const before = this.last?.frame === frame ? this.last : undefined
    const same = (one: Chunk, other: Chunk) => sameChunk(one, other) && one.notes.every(n => before!.notes.get(n) === notes.get(n))
    const head = before ? alikeAtHead(before.chunks, chunks, same) : 0
    const tail = before ? alikeAtTail(before.chunks, chunks, head, same) : 0
    const shift = before ? chunks.length - before.chunks.length : 0
    // Sections begin where they began, or no page that was laid out stands.
    const pages: LaidPage[] = []
    let start: Start | undefined = { chunk: 0, piece: 0, carried: [] }
    if (before)
      for (const page of before.pages) {
        if (!page.next || page.next.chunk >= head) break
        pages.push(page)
        start = page.next
      }
    const at = new Map(before?.pages.map((page, i) => [page.start.chunk, i] as const))
    while (start) {
      const from: Start = start
      const there = before && from.chunk >= chunks.length - tail ? before.pages[firstAt(before.pages, from, shift, at)] : undefined
      if (there && before) {
        const rest = before.pages.slice(before.pages.indexOf(there))
        pages.push(...(shift ? rest.map(page => movedPage(page, shift)) : rest))
        break
      }
      const section = sectionAt(begins, from.chunk)
      const shape = sections[section]!
      const opens = from.chunk === begins[section] && from.piece === 0 && !from.carried.length
      const top = opens ? mastheadHeight(shape.masthead) : 0
      const heights = Array.from({ length: columns }, () => height - top)
      const filled = fillPage(chunks, noteOf, { heights }, from, chunks.length)
      const { is, numbers, masthead } = shape
      const parts = { columns: filled.columns, section: is, numbers, top, masthead: opens ? masthead : [] }
      pages.push({ start: from, next: filled.next, parts })
      start = filled.next
    }
    return { chunks, notes, pages, frame }
  }
}

interface SectionShape { is: SectionName, numbers: 'arabic' | 'roman', newPage: boolean, masthead: readonly BlockPieces[] }

/** All sections' chunks in a row, and where each section begins. */
function chunked(pieces: readonly (readonly BlockPieces[])[], sections: readonly SectionShape[]): { chunks: Chunk[], begins: number[] } {
  const chunks: Chunk[] = []
  const begins: number[] = []
  pieces.forEach((blocks, i) => {
    begins.push(chunks.length)
    const own = chunksOf(blocks)
    chunks.push(...own.map((chunk, at) => (at === 0 && i > 0 && sections[i]!.newPage ? { ...chunk, newPage: true } : chunk)))
  })
  return { chunks, begins }
}
const sectionAt = (begins: readonly number[], chunk: number): number => {
  let at = 0
  while (at + 1 < begins.length && begins[at + 1]! <= chunk) at++
  return at
}

/** White between what stands over columns and the columns. */
const UNDER_MASTHEAD = 12
function mastheadHeight(masthead: readonly BlockPieces[]): number {
  if (!masthead.length) return 0
  const ofPieces = ({ pieces, after }: BlockPieces) => pieces.reduce((height, piece) => height + piece.before + piece.height, after)
  return masthead.reduce((sum, block) => sum + ofPieces(block), UNDER_MASTHEAD)
}

/** Blocks at the head of the text that stand over its columns. */
function mastheadOf({ is, blocks }: PrintedSection, columns: number): number {
  if (columns < 2 || is !== 'text') return 0
  const end = blocks.findIndex(block => block.is !== 'paragraph' || !MASTHEAD.has(block.role))
  return end < 0 ? blocks.length : end
}

/** Whether two printed blocks are set alike: they say the same, in the same marks. */
const sameBlock = (one: PrintedBlock, other: PrintedBlock): boolean => sameValue(one, other)
function sameValue(one: unknown, other: unknown): boolean {
  if (one === other) return true
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) return false
  if (Array.isArray(one)) return Array.isArray(other) && one.length === other.length && one.every((value, i) => sameValue(value, other[i]))
  const names = Object.keys(one)
  return names.length === Object.keys(other).length
    && names.every(name => sameValue((one as Record<string, unknown>)[name], (other as Record<string, unknown>)[name]))
}

const sameChunk = (one: Chunk, other: Chunk): boolean =>
  one === other
  || (one.pieces.length === other.pieces.length && one.newPage === other.newPage && one.heading === other.heading
    && one.pieces.every((piece, i) => piece === other.pieces[i] && one.gaps[i] === other.gaps[i]))

function alikeAtHead<T>(before: readonly T[], now: readonly T[], same: (one: T, other: T) => boolean): number {
  let n = 0
  while (n < before.length && n < now.length && same(before[n]!, now[n]!)) n++
  return n
}
function alikeAtTail<T>(before: readonly T[], now: readonly T[], head: number, same: (one: T, other: T) => boolean): number {
  const most = Math.min(before.length, now.length) - head
  let n = 0
  while (n < most && same(before[before.length - 1 - n]!, now[now.length - 1 - n]!)) n++
  return n
}
function firstAt(pages: readonly LaidPage[], start: Start, shift: number, at: ReadonlyMap<number, number>): number {
  const i = at.get(start.chunk - shift)
  if (i === undefined) return -1
  // A long chunk begins several pages.
  for (let k = i; k >= 0 && pages[k]!.start.chunk === start.chunk - shift; k--) if (sameStart(start, pages[k]!.start, shift)) return k
  return -1
}
const movedPage = ({ start, next, parts }: LaidPage, shift: number): LaidPage =>
  ({ start: moved(start, shift), next: next && moved(next, shift), parts })
const moved = (start: Start, shift: number): Start => ({ ...start, chunk: start.chunk + shift })
