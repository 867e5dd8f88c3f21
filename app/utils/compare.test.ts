import { describe, expect, it } from 'vitest'
import type { DocNode } from '~~/core/sheet/document'
import { compareTexts, paragraphs, type Change } from './compare'

const show = (lines: Change[][]) =>
  lines.map((line) => line.map((one) => (one.kind === 'same' ? one.text : one.kind === 'in' ? `+${one.text}+` : `-${one.text}-`)).join(''))

describe('two states of a text', () => {
  it.each<[string, string[], string[], string[]]>([
    ['the same', ['One.'], ['One.'], ['One.']],
    ['a word changed', ['The pond silts slowly.'], ['The pond fills slowly.'], ['The pond -silts-+fills+ slowly.']],
    ['a paragraph more', ['One.', 'Three.'], ['One.', 'Two.', 'Three.'], ['One.', '+Two.+', 'Three.']],
    ['a paragraph less', ['One.', 'Two.'], ['One.'], ['One.', '-Two.-']],
    [
      'paragraphs with nothing in common are not mixed',
      ['What was there before.'],
      ['The Pond'],
      ['-What was there before.-', '+The Pond+'],
    ],
    [
      'more came than went',
      ['The wheel turns in the pit.'],
      ['The wheel hangs in the pit.', 'And rots.'],
      ['The wheel -turns-+hangs+ in the pit.', '+And rots.+'],
    ],
    ['from nothing', [], ['One.'], ['+One.+']],
  ])('%s', (_, before, after, lines) => expect(show(compareTexts(before, after))).toEqual(lines))
  it('citations, verse and tables are words too', () => {
    const doc: DocNode = {
      type: 'doc',
      content: [
        {
          type: 'paragraph',
          content: [
            { type: 'text', text: 'It silts ' },
            { type: 'citation', attrs: { data: { items: [{ id: 'a', locator: { label: 'page', place: '4' } }] } } },
            { type: 'text', text: '.' },
          ],
        },
        { type: 'verse', content: [{ type: 'text', text: 'one' }, { type: 'hardBreak' }, { type: 'text', text: 'two' }] },
        {
          type: 'table',
          attrs: { title: 'Depths' },
          content: [
            {
              type: 'tableRow',
              content: [{ type: 'tableCell', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'cell' }] }] }],
            },
          ],
        },
        { type: 'paragraph', content: [{ type: 'citation', attrs: { data: { items: [], words: { after: 'My note.' } } } }] },
        { type: 'figure', attrs: { credit: 'Drawn <i>here</i>.' }, content: [{ type: 'text', text: 'The wheel' }] },
        {
          type: 'paragraph',
          content: [{ type: 'citation', attrs: { data: { items: [{ id: 'b', prefix: 'see' }], words: { after: 'It <i>silts</i>.' } } } }],
        },
      ],
    }
    expect(paragraphs(doc, (id) => `key-${id}`)).toEqual([
      'It silts [key-a p. 4].',
      'one / two',
      'Depths',
      'cell',
      '[My note.]',
      'The wheel',
      'Drawn here.',
      '[see key-b · It silts.]',
    ])
  })
})
