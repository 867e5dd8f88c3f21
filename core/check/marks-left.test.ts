import { describe, expect, it } from 'vitest'
import type { DocNode } from '../sheet/document'
import { marksLeft } from './marks-left'

const idOf = (key: string) => ({ 'okonjo-2021': 'o', 'tide': 't' })[key]
const doc = (...texts: string[]): DocNode => ({
  type: 'doc',
  content: [{ type: 'blockquote', content: texts.map((text) => ({ type: 'paragraph', content: [{ type: 'text', text }] })) }],
})

describe('marks that are still text', () => {
  it.each<[string, string, [string, string[]][]]>([
    ['one whose source is missing', 'It silts [ref: nobody-1999, p. 4].', [['[ref: nobody-1999, p. 4]', ['nobody-1999']]]],
    ['one of two keys is missing', '[ref: okonjo-2021; nobody-1999]', [['[ref: okonjo-2021; nobody-1999]', ['nobody-1999']]]],
    ['one whose source has come', 'See [ref in-text: okonjo-2021].', [['[ref in-text: okonjo-2021]', []]]],
    [
      'a command, its key in other letters',
      '\\citep[p. 4]{Tide} and \\cite{none}',
      [
        ['\\citep[p. 4]{Tide}', []],
        ['\\cite{none}', ['none']],
      ],
    ],
    ['words in brackets are no mark', '[reference needed], [ref: ], (cite this), \\nocite{tide}', []],
  ])('%s', (_, text, left) => expect(marksLeft(doc(text), idOf).map((one) => [one.typed, one.unknown])).toEqual(left))
  it('in the order of the text', () =>
    expect(marksLeft(doc('[ref: b-2000]', 'no', '[ref: a-2001]'), idOf).map((one) => one.unknown[0])).toEqual(['b-2000', 'a-2001']))
})
