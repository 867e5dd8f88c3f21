import { describe, expect, it } from 'vitest'
import { readMarkdown } from '../intake/markdown'
import type { Source } from '../source/model'
import { evidenceAlong, sourcesByYear, weightOfSources } from './evidence'

const read = (text: string) => readMarkdown(text, key => key)
const along = (text: string) =>
  evidenceAlong(read(text)).map(({ paragraph, quoted, retold, own, sources }) => [paragraph, quoted, retold, own, ...sources])

describe('what each paragraph rests on, in words', () => {
  it.each<[string, string, unknown[]]>([
    ['own words', 'The gate is shut at noon.', [[1, 0, 0, 6]]],
    ['retold: a sentence with its citation', 'The gate is shut [ref: moss].', [[1, 0, 4, 0, 'moss']]],
    ['retold and own', 'The gate is shut [ref: moss]. I saw it.', [[1, 0, 4, 3, 'moss']]],
    ['quoted within a sentence that cites', 'Moss wrote “the gate is shut” [ref: moss, p. 2].', [[1, 4, 2, 0, 'moss']]],
    ['a quotation within a quotation counts once', 'He said “she said ‘go now’ twice” [ref: moss].', [[1, 5, 2, 0, 'moss']]],
    ['a block quotation', '> The gate is shut at noon, and nobody opens it. [ref: moss]', [[1, 10, 0, 0, 'moss']]],
    ['headings do not count', '# The Gate\n\nIt is shut.', [[1, 0, 0, 3]]],
    ['empty paragraphs are none', 'One here.\n\n\u00A0\n\nTwo here.', [[1, 0, 0, 2], [2, 0, 0, 2]]],
    ['each source once, in the order of its first place', 'A [ref: b]. B [ref: a; b]. C [ref: c].', [[1, 0, 3, 0, 'b', 'a', 'c']]],
    ['nothing', '', []],
  ])('%s', (_, text, found) => expect(along(text)).toEqual(found))
  it('a paragraph is found again by its block and its first words', () =>
    expect(evidenceAlong(read('# Head\n\nOne two three four five six seven eight nine ten.'))[0]).toMatchObject({
      block: 1,
      begins: 'One two three four five six seven eight',
    }))
})

const from = (id: string, year?: number, kind: Source['kind'] = 'book'): Source => ({
  id,
  kind,
  fields: { title: id, ...(year === undefined ? {} : { issued: { start: { year } } }) },
})

describe('sources', () => {
  it('weigh by how often they are cited, those never cited last', () => {
    const doc = read('A [ref: b]. B [ref: a; b].\n\n> C [ref: b]')
    expect(weightOfSources(doc, [from('a'), from('b'), from('c')]).map(({ source, times }) => [source.id, times])).toEqual([['b', 3], ['a', 1], ['c', 0]])
  })
  it.each<[string, Source[], string[], unknown[]]>([
    ['none', [], [], []],
    ['years without a gap between them', [from('a', 2018), from('b', 2020)], ['2018', '2019', '2020'], [['book', [1, 0, 1]]]],
    ['no date stands by itself', [from('a', 2018), from('b')], ['2018', 'no date'], [['book', [1, 1]]]],
    ['nothing but undated', [from('a'), from('b')], ['no date'], [['book', [2]]]],
    ['many years are shown by decades', [from('a', 1871), from('b', 1879), from('c', 2020)], ['1870s', '2020s'], [['book', [2, 1]]]],
    [
      'by kind, the commonest first',
      [from('a', 2018, 'film'), from('b', 2018), from('c', 2018)],
      ['2018'],
      [['book', [2]], ['film', [1]]],
    ],
  ])('by year and kind: %s', (_, sources, spans, kinds) => {
    const found = sourcesByYear(sources)
    expect(found.spans).toEqual(spans)
    expect(found.kinds.map(({ kind, counts }) => [kind, counts])).toEqual(kinds)
  })
})
