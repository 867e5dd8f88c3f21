/** Tables as rows of lines: how wide each column is, and what stands in each row. Lengths are points. */
import type { PrintedParagraph, PrintedTable } from '../printed'
import type { Look } from '../../styles/page-schema'
import { atomsOf, settingOf } from './atoms'
import { shapeOf, type Faces } from './face'
import { marksIn } from '../printed'
import { linesOf, type Line } from './lines'

/** White at both sides of what stands in a cell. */
const PADDING = 4

/** One line of every cell of a row, each at its column. */
export interface RowLine { cells: { x: number, line: Line }[], height: number }
export interface TableRow { lines: RowLine[], height: number }

/**
 * Columns as wide as what stands in them wants, as far as the page has room: what is over goes to those that want more,
 * and none is narrower than its longest word, unless all are.
 */
export function columnWidths(table: PrintedTable, look: Look, faces: Faces, width: number): number[] {
  const count = Math.max(1, ...table.rows.map(row => row.length))
  const least = Array.from({ length: count }, () => 12)
  const wanted = Array.from({ length: count }, () => 12)
  for (const row of table.rows)
    row.forEach((cell, column) => {
      for (const { runs } of cell) {
        const settings = runs.map(run => settingOf(look, run, shapeOf(marksIn(look, run))))
        let sum = 0
        for (const atom of atomsOf(runs, settings, faces)) {
          least[column] = Math.max(least[column]!, atom.width)
          sum = atom.ends ? 0 : sum + atom.width + (atom.space?.width ?? 0)
          wanted[column] = Math.max(wanted[column]!, sum)
        }
      }
    })
  const [narrow, wide] = [least, wanted].map(all => all.map(one => one + 2 * PADDING + 1)) as [number[], number[]]
  const [sumNarrow, sumWide] = [narrow, wide].map(all => all.reduce((sum, one) => sum + one, 0)) as [number, number]
  if (sumWide <= width) return wide.map(one => one + (width - sumWide) / count)
  if (sumNarrow >= width) return narrow.map(one => (one / sumNarrow) * width)
  const share = (width - sumNarrow) / (sumWide - sumNarrow)
  return narrow.map((one, i) => one + (wide[i]! - one) * share)
}

export function rowsOf(table: PrintedTable, look: Look, faces: Faces, width: number): TableRow[] {
  const widths = columnWidths(table, look, faces, width)
  const starts = widths.map((_, i) => widths.slice(0, i).reduce((sum, one) => sum + one, 0))
  return table.rows.map((row) => {
    const cells = row.map((cell, column) => linesIn(cell, look, faces, widths[column]! - 2 * PADDING))
    const count = Math.max(1, ...cells.map(lines => lines.length))
    const empty: Line = { texts: [], height: linesOf([], { faces, look, width })[0]!.height, baseline: 0, notes: [] }
    const lines = Array.from({ length: count }, (_, i): RowLine => {
      const own = cells.flatMap((all, column) => (all[i] ? [{ x: starts[column]! + PADDING, line: all[i] }] : []))
      return { cells: own, height: Math.max(empty.height, ...own.map(({ line }) => line.height)) }
    })
    return { lines, height: lines.reduce((sum, line) => sum + line.height, 0) + look.before + look.after }
  })
}

const linesIn = (cell: readonly PrintedParagraph[], look: Look, faces: Faces, width: number): Line[] =>
  cell.flatMap(({ runs, look: own }) => linesOf(runs, { faces, look: { ...look, ...own, left: 0, right: 0, first: 0 }, width }))
