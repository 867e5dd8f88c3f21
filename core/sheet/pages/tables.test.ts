import { describe, expect, it } from 'vitest'
import { shippedFaces } from '../../../server/faces'
import { styleOf } from '../../styles'
import { choicesOf } from '../choices'
import { looksOf } from '../looks'
import type { PrintedParagraph, PrintedTable } from '../printed'
import { columnWidths, rowsOf } from './tables'

const style = styleOf('apa-7')!
const look = looksOf(style, choicesOf(style, {})).table
const { faces } = shippedFaces('tinos')
const cell = (text: string): PrintedParagraph[] => [{ is: 'paragraph', role: 'table', runs: [{ text }] }]
const table = (...rows: string[][]): PrintedTable => ({ is: 'table', headed: true, name: 'Table 1', rows: rows.map(row => row.map(cell)) })
const LONG = 'Ponds that were dredged more than once within thirty years of the last flushing, as far as the records say'

describe('columns', () => {
  it.each<[string, PrintedTable, number]>([
    ['of short words', table(['Pond', 'Depth'], ['A', '2 m']), 400], ['of a long text and a number', table(['What', 'n'], [LONG, '12']), 300],
    ['more than fit', table(Array.from({ length: 30 }, (_, i) => `Column${i}`)), 200], ['of rows of different length', table(['a', 'b', 'c'], ['d']), 300],
  ])('%s fill the measure', (_, given, width) => {
    expect(columnWidths(given, look, faces, width).reduce((sum, one) => sum + one, 0)).toBeCloseTo(width, 3)
  })
  it('are as wide as what stands in them wants: a long text more than a number, none narrower than its longest word', () => {
    const [text, number] = columnWidths(table(['What', 'Measured'], [LONG, '12']), look, faces, 300) as [number, number]
    expect(text).toBeGreaterThan(2 * number)
    expect(number).toBeGreaterThan(faces.of('regular').width('Measured') * look.size)
  })
})

describe('rows', () => {
  it('are as high as their highest cell, line by line beside each other', () => {
    const [, row] = rowsOf(table(['What', 'n'], [LONG, '12']), look, faces, 200)
    expect(row!.lines.length).toBeGreaterThan(2)
    expect(row!.lines[0]!.cells).toHaveLength(2)
    expect(row!.lines.at(-1)!.cells).toHaveLength(1)
    const first = row!.lines.flatMap(line => line.cells.filter(one => one.x < 10).map(one => one.line.texts.map(text => text.text).join('')))
    expect(first.join(' ')).toBe(LONG)
  })
  it('of empty cells have the height of a line', () => {
    const [row] = rowsOf(table(['', '']), look, faces, 200)
    expect(row!.height).toBeGreaterThan(look.size)
  })
})
