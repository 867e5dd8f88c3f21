import { describe, expect, it } from 'vitest'
import { compose } from '../compose/compose'
import type { Source } from '../source/model'
import { STYLES, styleOf } from '../styles'
import { toMarkup } from '../text/runs'
import { roman } from '../text/numbers'
import { captionLines, creditLine, labelOf } from './captions'
import { blocksOf, richPieces, type InlinePiece } from './blocks'
import type { DocNode } from './document'
import { creditedIn, replaceCited } from './walking'

const show = (line: readonly InlinePiece[]) =>
  toMarkup(
    line.map(({ text, italic, bold }) => ({
      text,
      ...(italic ? { italic } : {}),
      ...(bold ? { bold } : {}),
      part: 'glue' as const,
      rules: [],
    })),
  )
const chart: Source = {
  id: 'chart',
  kind: 'figure',
  fields: {
    author: [{ family: 'Fell', given: 'Una' }],
    title: 'The lower Wend',
    issued: { start: { year: 2019 } },
    container: 'Atlas of Small Rivers',
    publisher: 'Meridian',
  },
}

describe('the number and title of a table and a figure', () => {
  it.each<[string, string[], string[]]>([
    ['apa-7', ['**Table 2**', '*Silt in* Scapha *ponds*'], ['**Figure 2**', '*Silt in* Scapha *ponds*']],
    ['apa-6', ['Table 2', '*Silt in* Scapha *ponds*'], ['*Figure 2.* Silt in *Scapha* ponds']],
    ['mla-9', ['Table 2', 'Silt in *Scapha* ponds'], ['Fig. 2. Silt in *Scapha* ponds']],
    ['chicago-18-notes', ['Table 2. Silt in *Scapha* ponds'], ['Figure 2. Silt in *Scapha* ponds']],
    ['harvard', ['Table 2: Silt in *Scapha* ponds'], ['Figure 2: Silt in *Scapha* ponds']],
    ['ieee', ['TABLE II', 'Silt in *Scapha* ponds'], ['Fig. 2. Silt in *Scapha* ponds']],
    ['acs', ['**Table 2.** Silt in *Scapha* ponds'], ['**Figure 2.** Silt in *Scapha* ponds']],
    ['nature', ['**Table 2 |** **Silt in** ***Scapha*** **ponds**'], ['**Fig. 2 |** **Silt in** ***Scapha*** **ponds**']],
  ])('%s', (id, table, figure) => {
    const style = styleOf(id)!
    const linesOf = (what: 'table' | 'figure') =>
      captionLines(style.page.captions[what], labelOf(style, what, { number: 2 }), richPieces('Silt in <i>Scapha</i> ponds')).map(show)
    expect([linesOf('table'), linesOf('figure')]).toEqual([table, figure])
  })
  it('every style puts a table’s above it, and every label has its number', () => {
    for (const { page: { captions } } of STYLES) {
      expect(captions.table.place).toBe('above')
      for (const form of [captions.table, captions.figure]) expect(form.label).toMatch(/\{[nN]\}/u)
    }
  })
  it('without a title the label stands alone', () =>
    expect(captionLines(styleOf('mla-9')!.page.captions.figure, 'Fig. 1.', [])).toEqual([[{ text: 'Fig. 1.' }]]))
  it.each([
    [1, 'I'],
    [4, 'IV'],
    [9, 'IX'],
    [14, 'XIV'],
    [40, 'XL'],
    [99, 'XCIX'],
    [388, 'CCCLXXXVIII'],
  ])('%i is %s', (n, sign) => expect(roman(n)).toBe(sign))
})

describe('the line under it', () => {
  const composed = (id: string) => compose(styleOf(id)!, [chart], { citations: [], alsoList: ['chart'] })
  it.each<[string, string]>([
    ['apa-7', '*Note*. From “The Lower Wend,” by U. Fell, 2019, *Atlas of Small Rivers*. Redrawn *here*.'],
    ['ieee', 'Reproduced from ref. 1. Redrawn *here*.'],
    ['mla-9', 'Una Fell, “The Lower Wend,” *Atlas of Small Rivers*, Meridian, 2019. Redrawn *here*.'],
  ])('%s: the credit of its source, then the writer’s words', (id, line) =>
    expect(toMarkup(creditLine(styleOf(id)!, { from: 'chart', credit: 'Redrawn <i>here</i>.' }, [chart], composed(id).list))).toBe(line),
  )
  it('is empty without either; a source that is gone is named', () =>
    expect([
      creditLine(styleOf('apa-7')!, {}, [chart], []),
      toMarkup(creditLine(styleOf('apa-7')!, { from: 'gone' }, [chart], [])),
    ]).toEqual([[], '[unknown source: gone]']))
  const doc: DocNode = {
    type: 'doc',
    content: [
      { type: 'figure', attrs: { from: 'a' } },
      { type: 'blockquote', content: [{ type: 'table', attrs: { from: 'a', title: 'T', credit: 'c' }, content: [] }] },
      { type: 'figure', attrs: { from: 'b' } },
      { type: 'table', attrs: {}, content: [] },
    ],
  }
  it('its sources are listed though none is cited', () => expect(creditedIn(doc)).toEqual(['a', 'b']))
  it('tables and figures are numbered each by themselves', () =>
    expect(blocksOf(doc).map((b) => [b.type, b.number, b.from])).toEqual([
      ['figure', 1, 'a'],
      ['table', 1, 'a'],
      ['figure', 2, 'b'],
      ['table', 2, undefined],
    ]))
  it('follows its source when two become one', () => expect(creditedIn(replaceCited(doc, 'a', 'b'))).toEqual(['b']))
})
