import { describe, expect, it } from 'vitest'
import { isBlock } from './placement'
import { linesOf, widthOf } from './measure'

describe('words on the page', () => {
  it.each<[string, number]>([
    ['', 0],
    ['a', 444],
    ['mill', 778 + 278 * 3],
    ['É', 611],
    ['é', 444],
    ['The tide', 611 + 500 + 444 + 250 + 278 + 278 + 500 + 444],
    ['水', 500],
  ])('%s is %i wide', (text, width) => expect(widthOf(text)).toBe(width))
  it.each<[string, string, number]>([
    ['an empty text is a line', '', 1],
    ['a word', 'mill', 1],
    ['as much as fits: 78 hyphens and more', '0'.repeat(72), 1],
    ['one more', `${'0'.repeat(72)} 0`, 2],
    ['the first line is shorter by its indent', `${'0'.repeat(71)} ${'0'.repeat(78)}`, 2],
    ['breaks behind a hyphen', `${'0'.repeat(70)}-${'0'.repeat(70)}`, 2],
    ['the space at an edge takes no room', `${'0'.repeat(72)} ${'0'.repeat(78)} 0`, 3],
    ['paragraphs begin anew', 'a\nb', 2],
  ])('%s', (_, text, lines) => expect(linesOf(text)).toBe(lines))
})
describe('four lines of prose (MLA Handbook 9, 6.35; AMA 11, 8.6.2)', () => {
  const words = (n: number, word: string) => Array.from({ length: n }, () => word).join(' ')
  it.each<[string, string, boolean]>([
    ['long words fill four lines sooner', words(33, 'restorations'), true],
    ['short ones later', words(60, 'it is'), false],
    ['just four lines', words(28, 'restorations'), false],
    ['five', words(100, 'it is'), true],
  ])('%s', (_, text, block) => expect(isBlock(text, { lines: 4 })).toBe(block))
})
