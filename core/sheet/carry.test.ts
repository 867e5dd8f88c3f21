import { describe, expect, it } from 'vitest'
import { compose } from '../compose/compose'
import type { Source } from '../source/model'
import { styleOf } from '../styles'
import { listAsHtml, listAsText } from './carry'

const book: Source = {
  id: 'b',
  kind: 'book',
  fields: {
    title: 'Mills & <i>Zostera</i> of the western rivers and what became of them when the tide went out',
    author: [{ family: 'Tremayne', given: 'Loveday' }],
    issued: { start: { year: 2018 } },
    publisher: 'Saltmarsh Press',
  },
}
const page: Source = {
  id: 'p',
  kind: 'web-page',
  fields: {
    title: 'The tide',
    author: [{ family: 'Gill', given: 'Rosa' }],
    issued: { start: { year: 2023 } },
    url: `https://a.example/${'long/'.repeat(20)}`,
  },
}
const listed = (id: string, annotation?: string) => {
  const style = styleOf(id)!
  const { list } = compose(style, [book, page], { citations: [{ items: [{ id: 'b' }, { id: 'p' }] }] })
  return { style, carried: { entries: list, ...(annotation ? { annotation: (one: string) => (one === 'b' ? annotation : '') } : {}) } }
}

describe('a list carried elsewhere', () => {
  it('keeps face, size, spacing, italics and hanging indent', () => {
    const { style, carried } = listed('apa-7')
    const html = listAsHtml(style, carried, true)
    expect(html).toContain('<b>References</b></p>')
    expect(
      html.match(/margin:0pt 0pt 0pt 36pt;text-indent:-36pt;text-align:left;line-height:200%;font-family:'Times New Roman',serif;font-size:12pt/gu),
    ).toHaveLength(2)
    expect(html).toContain('Mills &amp;')
    expect(html).toMatch(/<(?:i|em)>/u)
  })
  it('has its numbers before a tab, at the style’s own indent', () => {
    const { style, carried } = listed('ieee')
    const html = listAsHtml(style, carried)
    expect(html).not.toContain('>References<')
    expect(html).toContain('>[1]<span style="white-space:pre">\t</span>')
    expect(html).toContain(`margin:0pt 0pt 3pt ${style.list.hanging}pt;text-indent:-${style.list.hanging}pt`)
  })
  it('sets annotations in under their entry', () => {
    const { style, carried } = listed('mla-9', 'On mud.\nAnd <gates>.')
    const html = listAsHtml(style, carried)
    expect(html.match(/36pt;text-indent:0pt;text-align/gu)).toHaveLength(2)
    expect(html).toContain('And &lt;gates&gt;.')
  })
  it('is plain text of one line an entry, or wrapped with the same indents; an address stays whole', () => {
    const { style, carried } = listed('apa-7', 'On mud.')
    expect(listAsText(style, carried).split('\n').map(line => line.slice(0, 8))).toEqual(['Gill, R.', 'Tremayne', 'On mud.'])
    const lines = listAsText(style, carried, { heading: true, wrapped: true }).split('\n')
    expect(lines.slice(0, 3)).toEqual(['References', '', 'Gill, R. (2023). The tide.'])
    expect(lines[3]).toBe(`    https://a.example/${'long/'.repeat(20)}`)
    expect(lines.at(-1)).toBe('    On mud.')
    expect(lines.every(line => line.length <= 78 || line.includes('https'))).toBe(true)
  })
})
