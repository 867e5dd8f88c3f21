import { describe, expect, it } from 'vitest'
import { runJob } from './job'
import { readMarks } from './marks'

const BOOK = {
  id: 'b',
  type: 'book',
  title: 'Working the tide',
  author: [{ family: 'Tremayne', given: 'Loveday' }],
  issued: { 'date-parts': [[2018]] },
  publisher: 'Saltmarsh Press',
}

describe('jobs', () => {
  it('does what can be done and says where the rest went wrong', () => {
    const { result, problems } = runJob({
      style: 'apa-7',
      sources: [BOOK, { id: 'x' }, { ...BOOK }, { id: 'e', type: 'book' }],
      citations: [{ items: [{ id: 'b', locator: 104 }] }, { items: [{ id: 'zz' }] }, { items: [] }],
    })
    expect(result!.citations).toEqual(['(Tremayne, 2018, p. 104)', '[unknown source: zz]', ''])
    expect(problems.map((p) => `${p.where}: ${p.what}`)).toEqual([
      'job.sources[1] (x).type: has no type; give a CSL-JSON type such as "book" or "article-journal".',
      'job.sources[2] (b): the id "b" is used twice; the first is kept.',
      'job.sources[3] (e): the source has no field; give at least a title or an author.',
      'job.citations[1]: no source has the id "zz"; add it to sources or correct the id.',
      'job.citations[2].items: has no items; name at least one source by its id.',
    ])
  })
  it('lists everything, alone, when nothing is cited', () => {
    const twin = { ...BOOK, id: 'c', title: 'Another tide' }
    expect(runJob({ style: 'apa-7', sources: [BOOK, twin] }).result!.list).toEqual([
      'Tremayne, L. (2018). *Another tide*. Saltmarsh Press.',
      'Tremayne, L. (2018). *Working the tide*. Saltmarsh Press.',
    ])
  })
  it.each([
    [{}, 'job.style'],
    [{ style: 'nope', sources: [] }, 'job.style'],
    [{ style: 'apa-7' }, 'job.sources'],
    [null, 'job'],
  ])('%o is named', (job, where) => {
    const { result, problems } = runJob(job)
    expect([result, problems[0]!.where]).toEqual([null, where])
  })
  it('writes HTML and plain text', () => {
    expect(runJob({ style: 'apa-7', sources: [BOOK] }, { to: 'html' }).result!.list[0]).toContain('<i>Working the tide</i>')
    expect(runJob({ style: 'apa-7', sources: [BOOK] }, { to: 'text' }).result!.list[0]).toBe(
      'Tremayne, L. (2018). Working the tide. Saltmarsh Press.',
    )
  })
  it('applies house rules, and refuses what a style has no place for', () => {
    const citations = [{ items: [{ id: 'b', locator: '4' }] }, { items: [{ id: 'b', locator: '5' }] }]
    const ibid = { path: 'citation.notes.ibid', value: 'Ibid.' }
    expect(runJob({ style: 'chicago-17-notes', sources: [BOOK], citations, houseRules: [ibid] }).result!.notes[1]).toBe('Ibid., 5.')
    expect(runJob({ style: 'chicago-17-notes', sources: [BOOK], citations }).result!.notes[1]).toBe('Tremayne, *Working the Tide*, 5.')
    expect(
      runJob({ style: 'chicago-18-notes', sources: [BOOK], citations, houseRules: [{ path: 'citation.notes.firstShort', value: true }] })
        .result!.notes[0],
    ).toBe('Tremayne, *Working the Tide*, 4.')
    expect(runJob({ style: 'apa-7', sources: [BOOK], citations, houseRules: [ibid] }).problems[0]!.what).toContain(
      '"citation.notes.ibid" cannot be "Ibid." in apa-7; the change was left out: there is nothing there',
    )
  })
  it('numbers by the alphabet where house rules ask', () => {
    const other = { ...BOOK, id: 'a', author: [{ family: 'Aldous', given: 'Henry' }] }
    const { result } = runJob({
      style: 'ieee',
      sources: [BOOK, other],
      citations: [{ items: [{ id: 'b' }] }, { items: [{ id: 'a' }] }],
      houseRules: [{ path: 'list.order', value: 'filing' }],
    })
    expect(result!.citations).toEqual(['[2]', '[1]'])
  })
})

describe('marks', () => {
  const idOf = (key: string) => ({ 'okonjo-2021': 'o', 'thorne-2019': 't' })[key]
  const page = (place: string) => ({ label: 'page', place })
  it.each([
    ['[ref: okonjo-2021, p. 104]', { items: [{ id: 'o', locator: page('104') }], form: 'parenthetical' }],
    [
      '[ref: okonjo-2021, p. 104; thorne-2019]',
      {
        items: [
          { id: 'o', locator: page('104') },
          { id: 't', locator: undefined },
        ],
        form: 'parenthetical',
      },
    ],
    ['[ref in-text: okonjo-2021]', { items: [{ id: 'o', locator: undefined }], form: 'narrative' }],
    ['[ref no-name: okonjo-2021, p. 104]', { items: [{ id: 'o', locator: page('104') }], form: 'suppress-author' }],
    [
      '[ref: see okonjo-2021, p. 104, on silt]',
      { items: [{ id: 'o', locator: page('104'), prefix: 'see', suffix: 'on silt' }], form: 'parenthetical' },
    ],
  ])('%s', (mark, citation) => expect(readMarks(`Before ${mark} after`, idOf)).toEqual(['Before ', citation, ' after']))
  it('leaves an unknown key as it was typed', () => expect(readMarks('x [ref: nobody-1999] y', idOf)).toEqual(['x [ref: nobody-1999] y']))
})
