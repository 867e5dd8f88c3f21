import { describe, expect, it } from 'vitest'
import { compose } from '../compose/compose'
import { styleOf } from '../styles'
import { plain } from '../text/runs'
import { headingsOf, listing, readHeadings, writeHeadings } from './listing'

const book = (id: string, family: string, rest: object = {}) => ({
  id,
  kind: 'book' as const,
  fields: { title: `On ${id}`, author: [{ family, given: 'A.' }], issued: { start: { year: 2020 } }, publisher: 'Heron Press' },
  listed: false,
  leftOut: false,
  division: '',
  ...rest,
})
const citing = (...ids: string[]) => ids.map(id => ({ items: [{ id }] }))

describe('what of a paper’s sources bears on its list', () => {
  it.each([
    ['nothing', [book('a', 'Adams')], undefined, { alsoList: [] }],
    ['one listed without being cited', [book('a', 'Adams', { listed: true }), book('b', 'Burr')], undefined, { alsoList: ['a'] }],
    ['one left out', [book('a', 'Adams', { leftOut: true })], undefined, { alsoList: [], leftOut: ['a'] }],
    ['listed wins over left out', [book('a', 'Adams', { leftOut: true, listed: true })], undefined, { alsoList: ['a'] }],
    [
      'headings in the writer’s order, what sources name besides behind them',
      [book('a', 'Adams', { division: 'Letters' }), book('b', 'Burr', { division: 'Maps' })],
      'Maps\nPlays',
      { alsoList: [], divisions: { order: ['Maps', 'Plays', 'Letters'], of: { a: 'Letters', b: 'Maps' } } },
    ],
    ['headings that nothing stands under', [book('a', 'Adams')], 'Maps', { alsoList: [] }],
  ])('%s', (_, sources, kept, part) => expect(listing(sources, kept)).toEqual(part))

  it.each([
    [undefined, []],
    ['', []],
    ['Maps\n\n Plays \nMaps', ['Maps', 'Plays']],
  ])('headings are kept one a line: %j', (kept, read) => {
    expect(readHeadings(kept)).toEqual(read)
    expect(readHeadings(writeHeadings(read))).toEqual(read)
  })
  it('the usual headings come before what sources name besides, when they are named', () => {
    expect(headingsOf([{ id: 'a', division: 'Maps' }, { id: 'b', division: 'Primary sources' }], '')).toEqual(['Primary sources', 'Maps'])
  })
})

describe('a cited work that is left out', () => {
  const sources = [book('a', 'Adams'), book('b', 'Adams'), book('c', 'Cade', { leftOut: true })]
  const paper = { ...listing(sources), citations: citing('c', 'a', 'b') }
  const listed = (style: string) => compose(styleOf(style)!, sources, paper).list.map(entry => entry.id)
  it.each([
    ['apa-7', ['a', 'b']],
    ['mla-9', ['a', 'b']],
    ['chicago-18-notes', ['a', 'b']],
    // A number in the text must lead to an entry.
    ['ieee', ['c', 'a', 'b']],
    ['vancouver', ['c', 'a', 'b']],
  ])('in %s', (style, ids) => expect(listed(style)).toEqual(ids))
  it('is told apart in the text all the same', () => {
    const twins = { ...paper, leftOut: ['a'] }
    const { citations, list } = compose(styleOf('apa-7')!, sources, twins)
    expect(citations.map(plain)).toEqual(['(Cade, 2020)', '(Adams, 2020a)', '(Adams, 2020b)'])
    expect(list.map(entry => plain(entry.runs).slice(0, 20))).toEqual(['Adams, A. (2020b). O', 'Cade, A. (2020). On '])
  })
})
