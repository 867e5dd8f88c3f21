import { describe, expect, it } from 'vitest'
import type { DocNode } from '../sheet/document'
import { citedWhere, replaceCited } from '../sheet/walking'
import { Duplicates, sameBy } from './duplicates'
import { KIND_IDS, kindOf, type KindId } from './kinds'
import { findKinds } from './kind-words'
import { compareFields, mergeFields } from './merging'
import type { Fields, Source } from './model'
import { readName } from './names'
import { readDate } from './dates'
import { readPassage, standsIn } from './passages'
import { placesIn, restoreField, switchKind } from './switching'
import { foldWords } from '../text/filing'

describe('kinds, by everyday words', () => {
  it.each<[string, KindId]>([
    ['website', 'web-page'],
    ['online video', 'online-video'],
    ['handout from class', 'course-material'],
    ['e-book', 'book'],
    ['newspaper', 'newspaper-article'],
    ['phd', 'thesis'],
    ['tweet', 'social-post'],
    ['law', 'statute'],
    ['court', 'case'],
    ['powerpoint', 'talk'],
    ['chatbot', 'ai-output'],
    ['graph', 'figure'],
    ['movie', 'film'],
    ['radio', 'podcast-episode'],
    ['email', 'personal-communication'],
    ['play', 'classic'],
    ['scholarly article', 'journal-article'],
    ['Journal article', 'journal-article'],
    ['essay in a book', 'chapter'],
    ['wiki', 'encyclopedia-entry'],
    ['leaflet', 'brochure'],
    ['census', 'dataset'],
    ['app', 'software'],
    ['painting', 'artwork'],
  ])('%s', (typed, kind) => expect(findKinds(typed)[0]).toBe(kind))
  it('every kind is found by its own name', () => { for (const id of KIND_IDS) expect(findKinds(kindOf(id).label)[0]).toBe(id) })
  it('all of them for nothing, none for nonsense', () => expect([findKinds('').length, findKinds('xqzw')]).toEqual([KIND_IDS.length, []]))
})

describe('another kind', () => {
  const fields: Fields = {
    author: [readName('Fell, Tom')],
    title: 'Mud',
    issued: readDate('2020')!,
    container: 'Sediment Notes',
    volume: '5',
    issue: '2',
    doi: '10.5555/x',
  }
  it.each(KIND_IDS)('and back through %s loses nothing', (kind) => {
    const there = switchKind({ fields }, kind)
    expect({ ...there.fields, ...there.parked }).toEqual(fields)
    for (const name of Object.keys(there.fields)) expect(placesIn(kind).has(name as never)).toBe(true)
    expect(switchKind(there, 'journal-article')).toEqual({ kind: 'journal-article', fields, parked: {} })
  })
  it('what was filled meanwhile stays, and what was put aside waits', () => {
    const book = switchKind({ fields }, 'book')
    const back = switchKind({ fields: { ...book.fields, volume: '9' }, parked: { ...book.parked, volume: '5' } }, 'journal-article')
    expect([back.fields.volume, back.parked.volume]).toEqual(['9', '5'])
    expect(restoreField(back, 'volume')).toMatchObject({ fields: { volume: '5' }, parked: { volume: '9' } })
  })
})

describe('merging', () => {
  const mine: Fields = { title: 'Mud', author: [readName('Fell, T.')], issued: readDate('2020')!, doi: '10.5555/X' }
  const theirs: Fields = { title: 'MUD', author: [readName('Fell, Tom')], issued: readDate('May 2020')!, doi: '10.5555/x', pages: '4-9' }
  it('tells same, added and different, and which is fuller', () => {
    const { same, added, differ } = compareFields(mine, theirs)
    expect([same, added, differ.map((d) => [d.name, d.fuller])]).toEqual([
      ['doi'],
      ['pages'],
      [
        ['author', 'theirs'],
        ['issued', 'theirs'],
        ['title', 'mine'],
      ],
    ])
  })
  it.each<[string, string, string, boolean]>([
    ['capitals', 'Mud and Tides', 'Mud and tides', true],
    ['marks', 'Mud, and tides', 'Mud and tides.', true],
    ['all in capitals', 'MUD AND TIDES', 'Mud and tides', false],
    ['words', 'Mud and tide', 'Mud and tides', false],
  ])('by %s: is it the style’s affair?', (_, a, b, lightly) =>
    expect(compareFields({ title: a }, { title: b }).differ.map(d => d.lightly)).toEqual([lightly]))
  it('takes what it is told and what is missing', () =>
    expect(mergeFields(mine, theirs, new Set(['author']))).toEqual({ ...mine, author: theirs.author, pages: '4-9' }))
})

describe('duplicates', () => {
  const source = (fields: Fields, kind: KindId = 'journal-article'): Source => ({ id: JSON.stringify(fields), kind, fields })
  const base: Fields = {
    title: 'Sediment budgets of restored tide mill ponds',
    author: [readName('Abara, Ngozi')],
    issued: readDate('2022')!,
  }
  it.each<[string, Fields, Fields, string | undefined]>([
    ['one DOI in two spellings', { doi: 'https://doi.org/10.5555/EP.1' }, { doi: '10.5555/ep.1.' }, 'DOI'],
    ['two DOIs are two works, whatever the title', { ...base, doi: '10.5555/a' }, { ...base, doi: '10.5555/b' }, undefined],
    ['one address', { title: 'T', url: 'http://www.x.example/a/' }, { title: 'T', url: 'https://x.example/a?utm_source=m#b' }, 'address'],
    ['a slip of the finger', base, { ...base, title: 'Sediment bugdets of restored tide mill ponds' }, 'title, author and year'],
    [
      'capitals and a subtitle',
      base,
      { ...base, title: 'SEDIMENT BUDGETS OF RESTORED TIDE MILL PONDS: A REVIEW' },
      'title, author and year',
    ],
    ['another year', base, { ...base, issued: readDate('2019')! }, undefined],
    ['another author', base, { ...base, author: [readName('Fell, T.')] }, undefined],
    [
      'Part 3 and Part 4',
      { ...base, title: 'Studies in mud and water, part 3' },
      { ...base, title: 'Studies in mud and water, part 4' },
      undefined,
    ],
  ])('%s', (_, a, b, by) => {
    expect(sameBy(source(a), source(b))).toBe(by)
    expect(new Duplicates([source(a)]).find(source(b))?.by).toBe(by)
  })
  it('of thousands with one beginning are still found soon', () => {
    const many = Array.from({ length: 4000 }, (_, i) =>
      source({ title: `A study of the tide, part ${i} of the survey`, author: [readName('Fell, Tom')], issued: readDate('2020')! }),
    )
    const began = performance.now()
    const index = new Duplicates(many)
    expect(many.filter(one => index.find(one)).length).toBe(0)
    expect(index.find(source({ ...many[3999]!.fields }))?.source).toBe(many[3999])
    expect(performance.now() - began).toBeLessThan(8000)
  })
})

describe('passages', () => {
  it.each<[string, string, string]>([
    ['“We did not notice\nthe mud.” (p. 58)', 'We did not notice the mud.', 'p. 58'],
    ['Words broken by a hy-\nphen (Sorensen, 2014, pp. 58–59).', 'Words broken by a hyphen', 'pp. 58–59'],
    ['No place at all', 'No place at all', ''],
    ['“One” and “two”', '“One” and “two”', ''],
  ])('%s', (pasted, words, locator) => expect(readPassage(pasted)).toMatchObject({ words, locator }))
  it('are known to stand in the paper, whole or by eight words in a row', () => {
    const text = foldWords('He said that “the gate is the mill’s only clock. When it fell you knew” and stopped.')
    expect([
      standsIn('The gate is the mill’s only clock.', text),
      standsIn('the gate is the mill’s only clock. When it fell you knew without looking', text),
      standsIn('the gate is a clock', text),
      standsIn('', text),
    ]).toEqual([true, true, false, false])
  })
})

describe('citations of a source that goes', () => {
  const cite = (...ids: string[]): DocNode => ({
    type: 'citation',
    attrs: { id: ids.join(), data: { items: ids.map((id) => ({ id })), form: 'parenthetical' } },
  })
  const doc: DocNode = {
    type: 'doc',
    content: [
      {
        type: 'paragraph',
        content: [{ type: 'text', text: 'The gate fell ' }, cite('a', 'b'), { type: 'text', text: ' and rose ' }, cite('c')],
      },
    ],
  }
  it('become citations of the one that stays, once each', () => {
    const after = replaceCited(doc, 'b', 'a')
    expect(JSON.stringify(after)).not.toContain('"b"')
    expect(JSON.stringify(after).match(/"id":"a"/gu)).toHaveLength(1)
    expect(replaceCited(doc, 'zz', 'a')).toBe(doc)
  })
  it('are told with the words before them', () =>
    expect(citedWhere(doc, new Set(['c']))).toEqual([{ id: 'c', words: 'The gate fell and rose' }]))
})
