import { describe, expect, it } from 'vitest'
import { blocksOf, raiseAfterPunctuation } from './blocks'
import { countWords } from './count'
import type { DocNode } from './document'
import { documentSchema } from './document-schema'
import { citationsOf, citedPlaces, placedCitations } from './walking'

const cite = (id: string): DocNode => ({ type: 'citation', attrs: { id, data: { items: [{ id: 's' }], form: 'parenthetical' } } })
const text = (t: string, ...marks: string[]): DocNode => ({
  type: 'text',
  text: t,
  ...(marks.length ? { marks: marks.map((type) => ({ type })) } : {}),
})
const doc: DocNode = {
  type: 'doc', content: [
    { type: 'heading', attrs: { level: 2 }, content: [text('Mud')] },
    { type: 'paragraph', content: [text('The mill’s pond, '), text('silted', 'italic'), text(' '), cite('a'), text(', fell.')] },
    { type: 'blockquote', content: [{ type: 'paragraph', content: [text('Low-head.'), cite('b')] }] },
    { type: 'paragraph', content: [{ type: 'citation', attrs: { id: 'c', data: { items: 'nonsense' } } }] },
  ],
}

describe('the document', () => {
  it('gives its citations in order, a malformed one as one without works', () => {
    expect(citationsOf(doc).map(c => c.items.length)).toEqual([1, 1, 0])
    expect(placedCitations(doc).map(({ id }) => id)).toEqual(['a', 'b', 'c'])
  })
  it('says where sources are cited, block by block', () => {
    const twice = {
      type: 'doc',
      content: [
        ...doc.content!.slice(0, 2),
        { type: 'paragraph', content: [text('So '), cite('d'), text(', and '), cite('e'), text('.')] },
      ],
    }
    expect(
      citedPlaces(twice).map(({ under, begins, sources }) => [
        under,
        begins,
        [...sources].map(([id, { citation, times }]) => [id, citation, times]),
      ]),
    ).toEqual([
      ['Mud', 'The mill’s pond, silted, fell.', [['s', 'a', 1]]],
      ['Mud', 'So, and.', [['s', 'd', 2]]],
    ])
  })
  it('counts words, not citations', () => expect(countWords(doc)).toBe(7))
  it('is a run of blocks', () => {
    expect(blocksOf(doc).map((b) => [b.type, b.level, b.pieces.length])).toEqual([
      ['heading', 2, 1],
      ['paragraph', 0, 5],
      ['quotation', 0, 2],
      ['paragraph', 0, 1],
    ])
    expect(blocksOf(doc)[1]!.pieces.map(p => p.citation ?? p.text)).toEqual(['The mill’s pond, ', 'silted', ' ', 0, ', fell.'])
  })
  it('sets raised numbers behind the comma or full stop', () => {
    expect(raiseAfterPunctuation(blocksOf(doc), () => ({ marks: '.,', bare: true }))[1]!.pieces.map((p) => p.citation ?? p.text)).toEqual([
      'The mill’s pond, ',
      'silted',
      ',',
      0,
      ' fell.',
    ])
    // What says more than its number keeps its words before the mark.
    expect(
      raiseAfterPunctuation(blocksOf(doc), () => ({ marks: '.,', bare: false }))[1]!.pieces.map((p) =>
        p.citation === undefined ? p.text : `${p.citation} ${p.part}`,
      ),
    ).toEqual(['The mill’s pond, ', 'silted', ' ', '0 words', ',', '0 number', ' fell.'])
    expect(raiseAfterPunctuation(blocksOf(doc), () => undefined)).toEqual(blocksOf(doc))
    const dash: DocNode = { type: 'doc', content: [{ type: 'paragraph', content: [text('pond'), cite('a'), text('—and')] }] }
    expect(
      raiseAfterPunctuation(blocksOf(dash), () => ({ marks: '.,;:?!', bare: true }))[0]!.pieces.map((p) => p.citation ?? p.text),
    ).toEqual(['pond', 0, '—and'])
  })
  it('refuses what is no document', () => {
    expect(documentSchema.safeParse({ type: 'paragraph' }).success).toBe(false)
    expect(documentSchema.safeParse({ type: 'doc', content: [{ nonsense: 1 }] }).success).toBe(false)
  })
})
