import { describe, expect, it } from 'vitest'
import type { DocNode } from '~~/core/sheet/document'
import { meetPaper, meetSource, type PaperState } from './policy'

const doc = (letters: string): DocNode => ({
  type: 'doc',
  content: [...letters].map((text) => ({ type: 'paragraph', content: [{ type: 'text', text }] })),
})
const theirs = (body: string): PaperState => ({ title: 'T', style: 'apa-7', details: {}, left: [], body: doc(body), revision: 7, updatedAt: '' })
const read = (body: DocNode) => body.content!.map(block => block.content![0]!.text).join('')

describe('a paper changed here and elsewhere', () => {
  it.each<[string, string | undefined, string, string | undefined, boolean, string, string?]>([
    ['its own last save, whose answer was lost', 'aX', 'a', 'a', true, 'own'],
    ['no text was changed here', undefined, 'ab', 'a', false, 'take'],
    ['both came to the same text', 'ab', 'ab', 'a', false, 'take'],
    ['only the style was changed there', 'aX', 'a', 'a', false, 'join', 'aX'],
    ['both wrote, in different blocks', 'Xbc', 'abY', 'abc', false, 'join', 'XbY'],
    ['both wrote in one block', 'Xb', 'Yb', 'ab', false, 'ask'],
    ['both wrote behind the same one', 'abX', 'abY', 'ab', false, 'ask'],
    ['what was here was made from is not known', 'Xb', 'ab', undefined, false, 'ask'],
    ['here everything was taken out', '', 'abY', 'ab', false, 'join', 'Y'],
  ])('%s', (_, mine, there, base, own, what, text) => {
    const meeting = meetPaper(
      mine === undefined ? { style: 'mla-9' } : { body: doc(mine) },
      theirs(there),
      base === undefined ? undefined : doc(base),
      own,
    )
    expect([meeting.what, meeting.what === 'join' ? read(meeting.body) : undefined]).toEqual([what, text])
  })
})

describe('a source changed here and elsewhere', () => {
  const base = { title: 'Mills', publisher: 'P' }
  const state = (fields: object, settled: string[] = []) => ({ kind: 'book', fields, parked: {}, settled, revision: 3 })
  it.each<[string, object, object, boolean, object, string[]]>([
    [
      'in different fields',
      { ...base, title: 'Mills and tides' },
      { ...base, volume: '2' },
      false,
      { title: 'Mills and tides', publisher: 'P', volume: '2' },
      [],
    ],
    ['in one field', { ...base, title: 'Mine' }, { ...base, title: 'Theirs' }, false, { title: 'Mine', publisher: 'P' }, ['title']],
    ['by its own save', { ...base, title: 'Mine, later' }, { ...base, title: 'Mine' }, true, { title: 'Mine, later', publisher: 'P' }, []],
  ])('%s', (_, mine, there, own, fields, both) => {
    const met = meetSource(state(mine, ['a']), base, state(there, own ? [] : ['b']), own)
    expect([met.fields, met.both, met.settled]).toEqual([fields, both, own ? ['a'] : ['b', 'a']])
  })
})
