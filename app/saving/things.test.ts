import { describe, expect, it } from 'vitest'
import type { DocNode } from '~~/core/sheet/document'
import { joinParts, partsOf, valueOf, type Parts } from './things'

const doc = (letters: string): DocNode => ({ type: 'doc', content: [...letters].map(text => ({ type: 'paragraph', content: [{ type: 'text', text }] })) })
const read = (body: unknown) => (body as DocNode).content!.map(block => block.content![0]!.text).join('')

describe('a thing in its parts', () => {
  it('is what it was', () => {
    const source = { kind: 'book', settled: ['a'], fields: { title: 'T', issued: { start: { year: 2020 } } }, parked: {} }
    expect(valueOf('source', partsOf('source', { ...source, id: 's', revision: 3 }))).toEqual(source)
  })
  it('names the parts of its records', () => {
    expect(Object.keys(partsOf('paper', { title: 'T', details: { course: 'x', writer: undefined } }))).toEqual(['title', 'details.course'])
  })
})

describe('two states made from one', () => {
  it.each<[string, Parts | undefined, Parts, Parts, Parts, string[]]>([
    ['changed here', { title: 'a' }, { title: 'b' }, { title: 'a' }, { title: 'b' }, []],
    ['changed there', { title: 'a' }, { title: 'a' }, { title: 'b' }, { title: 'b' }, []],
    ['changed alike', { title: 'a' }, { title: 'b' }, { title: 'b' }, { title: 'b' }, []],
    ['changed by both', { title: 'a' }, { title: 'b' }, { title: 'c' }, { title: 'b' }, ['title']],
    ['in different parts', { title: 'a', style: 'x' }, { title: 'b', style: 'x' }, { title: 'a', style: 'y' }, { title: 'b', style: 'y' }, []],
    ['taken out here', { 'fields.doi': 'a' }, {}, { 'fields.doi': 'a' }, {}, []],
    ['taken out there', { 'fields.doi': 'a' }, { 'fields.doi': 'a' }, {}, {}, []],
    ['taken out here, changed there', { 'fields.doi': 'a' }, {}, { 'fields.doi': 'b' }, {}, ['fields.doi']],
    ['lists whose members come and go', { left: ['a', 'b'] }, { left: ['b', 'c'] }, { left: ['a', 'b', 'd'] }, { left: ['b', 'd', 'c'] }, []],
    ['made from what is not known', undefined, { title: 'b' }, { title: 'c' }, { title: 'b' }, ['title']],
    ['made from what is not known, alike', undefined, { title: 'b' }, { title: 'b' }, { title: 'b' }, []],
  ])('%s', (_, base, mine, theirs, parts, both) => {
    const joined = joinParts(base, mine, theirs)
    expect([joined.parts, joined.both.map(one => one.part), joined.ask]).toEqual([parts, both, false])
  })
  it.each<[string, string | undefined, string, string, string, boolean]>([
    ['both wrote, in different blocks', 'abc', 'Xbc', 'abY', 'XbY', false],
    ['both wrote in one block', 'ab', 'Xb', 'Yb', 'Xb', true],
    ['both wrote behind the same one', 'ab', 'abX', 'abY', 'abX', true],
    ['both came to the same text', 'a', 'ab', 'ab', 'ab', false],
    ['made from a text that is not known', undefined, 'Xb', 'ab', 'Xb', true],
  ])('texts: %s', (_, base, mine, theirs, text, ask) => {
    const joined = joinParts(base === undefined ? undefined : { body: doc(base) }, { body: doc(mine) }, { body: doc(theirs) })
    expect([read(joined.parts.body), joined.ask]).toEqual([text, ask])
  })
})
