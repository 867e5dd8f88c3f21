/**
 * How wide words are on the printed page: the faces instructors ask for share these widths. Source: the font metrics of
 * Times as published for PostScript, in thousandths of the size; Tinos and Times New Roman are made to the same measure
 * (every letter of the table was held against the shipped face).
 */
const WIDTHS: readonly (readonly [width: number, letters: string])[] = [
  [180, '\''],
  [200, '|'],
  [250, ' \u00A0.,'],
  [278, '/\\:;ijlt'],
  [333, '!()-[]‘’`fr'],
  [389, 'Js'],
  [400, '°'],
  [408, '"'],
  [444, '“”?aceéz'],
  [469, '^'],
  [480, '{}'],
  [500, '#$*_0123456789bdghknopquvxy–€ß'],
  [333, 'I'],
  [541, '~'],
  [556, 'FPS'],
  [564, '+<=>×'],
  [611, 'ELTZ'],
  [667, 'BCRæ'],
  [722, 'ADGHKNOQUVXYw'],
  [778, '&m'],
  [833, '%'],
  [889, 'MÆ'],
  [921, '@'],
  [944, 'W'],
  [1000, '—…'],
]
const OF = new Map(WIDTHS.flatMap(([width, letters]) => [...letters].map(letter => [letter, width] as const)))
/** What a letter that is not in the table is taken to be: the width of most small ones. */
const OTHER = 500

/** The width of a text in thousandths of its size; accents add nothing to their letter. */
export function widthOf(text: string): number {
  let sum = 0
  for (const char of text.normalize('NFC')) sum += OF.get(char) ?? OF.get([...char.normalize('NFD')][0]!) ?? OTHER
  return sum
}

export interface Measure {
  /** Inches between the margins. */ width: number
  /** Points. */ size: number
  /** Inches that the first line is indented. */ indent: number
}
/** A letter page with one-inch margins, set in 12 points (MLA Handbook 9, 1.1–1.2; AMA 11, 1.1). */
export const PAGE: Measure = { width: 6.5, size: 12, indent: 0.5 }

/** How many lines a text fills, broken at spaces and behind hyphens and dashes as a page breaks them. */
export function linesOf(text: string, { width, size, indent }: Measure = PAGE): number {
  const room = (width * 72 / size) * 1000
  let lines = 0
  for (const paragraph of text.trim().split('\n')) {
    let used = (indent * 72 / size) * 1000
    lines++
    for (const piece of paragraph.trim().match(/[^\s\u2013\u2014-]*[\u2013\u2014-]+|[^\s\u2013\u2014-]+|\s+/gu) ?? []) {
      const space = /^\s/u.test(piece)
      const wide = widthOf(space ? ' ' : piece)
      // A space at the end of a line takes no room.
      if (!space && used + wide > room && used > 0) { lines++; used = 0 }
      if (!(space && used === 0)) used += wide
    }
  }
  return lines
}
