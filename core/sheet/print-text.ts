/** The document's blocks as they print: citations in their places, headings, captions and credits as the style has them. */
import { appendixLabel } from './appendices'
import { isOwnPicture, pictureTrouble } from './pictures'
import { blocksOf, raiseAfterPunctuation, type Block, type InlinePiece } from './blocks'
import { captionLines, creditLine, labelOf } from './captions'
import type { CitationData } from './document'
import { raisedFor } from './placement'
import { printedRuns, type Printing } from './printing'
import type { Origin, PrintedBlock, PrintedParagraph, PrintedRun } from './printed'
import { citationsOf } from './walking'
import type { Look } from '../styles/page-schema'
import type { Role } from '../styles/roles'
import { letters, roman } from '../text/numbers'
import type { Style } from '../styles/schema'

/** The document's blocks: its text first, then each of its appendices. */
export function printText(printing: Printing): PrintedBlock[][] {
  const { style, body } = printing
  const citations = citationsOf(body)
  const raised = (at: number) => raisedFor(style, citations[at]! as CitationData)
  const blocks = raiseAfterPunctuation(blocksOf(body), raised, style.stopsInside)
  const begins = blocks.flatMap(({ type, appendix }, at) => (type === 'heading' && appendix ? [at] : []))
  const many = { ...printing, appendices: begins.length }
  return [0, ...begins].map((from, i) => printBlocks(blocks.slice(from, begins[i]), many))
}

interface TextPrinting extends Printing { appendices: number }
/** Blocks whose citations stand where they print. */
export function printBlocks(blocks: readonly Block[], printing: TextPrinting): PrintedBlock[] {
  const { style } = printing
  const counts = new Map<string, number>()
  const out: PrintedBlock[] = []
  for (let i = 0; i < blocks.length; i++) {
    const block = blocks[i]!
    const next = blocks[i + 1]
    if (block.type === 'heading' && !block.appendix && formOf(block, style).runIn && next?.type === 'paragraph') {
      out.push(runInHeading(block, next, printing))
      i++
    } else if (block.type === 'list-item') out.push(listItem(block, counts, printing))
    else out.push(...printBlock(block, blocks[i - 1], printing))
  }
  return out
}

const levelOf = (block: Block): number => Math.min(5, Math.max(1, block.level))
const formOf = (block: Block, { page }: Style) => page.headings[levelOf(block) - 1]!
const fromOf = ({ at }: Block): { from: Origin } | Record<string, never> => (at === undefined ? {} : { from: { block: at } })

function printBlock(block: Block, before: Block | undefined, printing: TextPrinting): PrintedBlock[] {
  const from = fromOf(block)
  const runs = () => runsOf(block.pieces, printing)
  switch (block.type) {
    case 'page-break':
      return [{ is: 'break', ...from }]
    case 'heading': {
      if (block.appendix) return [appendixHeading(block, printing)]
      const own = formOf(block, printing.style).runIn ? withStop(runs()) : runs()
      return [{ is: 'paragraph', role: `heading-${levelOf(block)}` as Role, runs: own, anchor: anchorOf(block), ...from }]
    }
    case 'table':
    case 'figure':
      return captioned(block, printing)
    case 'quotation': {
      // A second paragraph of one quotation has its first line set in (APA 7, 8.27; MLA Handbook 9, 6.37).
      const look = continues(block, before) ? { look: { first: printing.style.page.firstLineIndent } } : {}
      return [{ is: 'paragraph', role: 'quotation', runs: runs(), ...from, ...look }]
    }
    default:
      return [{ is: 'paragraph', role: block.type === 'verse' ? 'verse' : 'body', runs: runs(), ...from }]
  }
}
/** Label and title of an appendix; one without a title has its label alone. */
function appendixHeading(block: Block, printing: TextPrinting): PrintedParagraph {
  const title = runsOf(block.pieces, printing)
  const { between } = printing.style.page.appendix
  const label = appendixLabel(printing.style, block.appendix!, printing.appendices)
  const runs = title.length ? [{ text: `${label}${between}` }, ...title] : [{ text: label }]
  return { is: 'paragraph', role: 'appendix-heading', runs, anchor: anchorOf(block), ...fromOf(block) }
}
const continues = (block: Block, before: Block | undefined): boolean =>
  before?.type === 'quotation' && before.at !== undefined && before.at === block.at
const anchorOf = ({ at }: Block): string => `heading-${at ?? 0}`

/** A heading that begins its paragraph (APA 7, 2.27): its own runs first, in its marks. */
function runInHeading(block: Block, behind: Block, printing: Printing): PrintedParagraph {
  const { runIn: _, centred: _c, indented: _i, ...marks } = formOf(block, printing.style)
  const heading = withStop(runsOf(block.pieces, printing)).map((run): PrintedRun => {
    const { italic, ...rest } = run
    return { ...rest, ...marks, ...(Boolean(marks.italic) !== Boolean(italic) ? { italic: true } : { italic: false }) }
  })
  return {
    is: 'paragraph', role: 'body', anchor: anchorOf(block), ...fromOf(block),
    runs: [...heading, { text: ' ' }, ...runsOf(behind.pieces, printing)],
    runIn: { level: levelOf(block), runs: heading.length },
  }
}

/** A heading at the head of its paragraph ends with a full stop, unless it has a mark of its own. */
function withStop(runs: readonly PrintedRun[]): PrintedRun[] {
  const last = runs.at(-1)
  if (!last || last.note !== undefined || /[.?!:]$/u.test(last.text.trimEnd())) return [...runs]
  return [...runs.slice(0, -1), { ...last, text: `${last.text.trimEnd()}.` }]
}

const STEP = 36
/** Numbers of lists by depth: 1. a. i. */
function itemNumber(n: number, level: number): string {
  const ordinal = level % 3 === 1 ? letters(n) : level % 3 === 2 ? roman(n).toLowerCase() : String(n)
  return `${ordinal}.`
}
function listItem(block: Block, counts: Map<string, number>, printing: Printing): PrintedParagraph {
  const { level, numbered } = block
  const look = { left: STEP * (level + 1), first: 0 }
  const paragraph: PrintedParagraph = { is: 'paragraph', role: 'list-item', runs: runsOf(block.pieces, printing), look, ...fromOf(block) }
  // A further paragraph of an item has no number of its own.
  if (block.further) return paragraph
  const hung = { ...look, first: -STEP / 2 }
  if (numbered === undefined) return { ...paragraph, lead: [{ text: level % 2 ? '◦' : '•' }], item: { list: -1, level }, look: hung }
  const n = (counts.get(`${numbered}`) ?? (block.start ?? 1) - 1) + 1
  counts.set(`${numbered}`, n)
  return { ...paragraph, lead: [{ text: itemNumber(n, level) }], item: { list: numbered, level, n }, look: hung }
}

/** A table or figure with its caption above or below, as the style wants, and its credit line beneath. */
function captioned(block: Block, printing: Printing): PrintedBlock[] {
  const { style, sources, composition } = printing
  const what = block.type === 'table' ? 'table' : 'figure'
  const form = style.page.captions[what]
  const from = fromOf(block)
  const number = block.number ?? 1
  const name = labelOf(style, what, block)
  const lines = captionLines(form, name, block.pieces)
  const above = form.place === 'above'
  const credit = creditLine(style, block, sources, composition.list)
  const caption = lines.map((line, i): PrintedParagraph => ({
    is: 'paragraph', role: 'caption', runs: runsOf(line, printing), ...from, ...(i ? {} : { anchor: `${what}-${number}` }),
    look: { ...(form.centred ? { align: 'centre' } : {}), ...(above || i < lines.length - 1 ? { keepNext: true } : {}) },
  }))
  const thing = thingOf(block, name, { ...(form.centred ? { align: 'centre' } : {}), keepNext: !above || credit.length > 0 }, printing)
  return [
    ...(above ? [...caption, ...thing] : [...thing, ...caption]),
    ...(credit.length ? [{ is: 'paragraph' as const, role: 'credit' as const, runs: printedRuns(credit), ...from }] : []),
  ]
}
/** The table or picture itself; a figure without a picture of the paper's own has none. */
function thingOf(block: Block, name: string, look: Partial<Look>, printing: Printing): PrintedBlock[] {
  const from = fromOf(block)
  if (block.type !== 'table') {
    if (!isOwnPicture(block.picture)) return []
    const trouble = pictureTrouble(block.picture)
    return trouble
      ? [{ is: 'paragraph', role: 'caption', runs: [{ text: [trouble, block.alt].filter(Boolean).join(' ') }], look, ...from }]
      : [{ is: 'picture', picture: block.picture, alt: block.alt ?? '', name, look, ...from }]
  }
  const rows = (block.rows ?? []).map(row => row.map(cell => cellOf(cell, printing)))
  return [{ is: 'table', rows, headed: Boolean(block.headed), name, ...from }]
}
const cellOf = (cell: readonly Block[], printing: Printing): PrintedParagraph[] =>
  (cell.length ? cell : [undefined]).map(block => ({ is: 'paragraph', role: 'table', runs: block ? runsOf(block.pieces, printing) : [] }))

const runsOf = (pieces: readonly InlinePiece[], printing: Printing): PrintedRun[] => pieces.flatMap((piece): PrintedRun[] => {
  if (piece.citation !== undefined) {
    const set = citationRuns(piece.citation, printing, piece.part)
    return set.length || !printing.everyCitation ? set : [{ text: '', citation: piece.citation }]
  }
  const { citation: _, part: _p, ...run } = piece
  return run.text ? [run] : []
})

/** A citation as it prints; `part` leaves out its raised number, or all but that. */
function citationRuns(citation: number, { composition }: Printing, part?: InlinePiece['part']): PrintedRun[] {
  const note = composition.noteNumbers[citation]
  const runs = (composition.citations[citation] ?? []).filter(run => !run.rules.includes('citation.note'))
  const cut = part ? runs.findLastIndex(run => !run.superscript) + 1 : 0
  const shown = part === 'words' ? runs.slice(0, cut) : runs.slice(cut)
  return [
    ...printedRuns(shown).map(run => ({ ...run, citation })),
    ...(note === undefined || part === 'words' ? [] : [{ text: String(note), superscript: true, note, citation }]),
  ]
}
