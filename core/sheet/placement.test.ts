import { describe, expect, it } from 'vitest'
import { STYLES } from '../styles'
import { blocksOf, raiseAfterPunctuation } from './blocks'
import type { CitationData, DocNode } from './document'
import { isBlock, namedBefore, place, placeAll, raisedAt, raisedFor } from './placement'

/** The text around `|` with a citation put there, which shows as ◊. */
function put(text: string, block = false): string {
  const [before, after] = text.split('|') as [string, string]
  const placed = place(before, after, block)
  return before.slice(0, before.length - placed.takeBefore) + placed.before + '◊' + placed.after + after.slice(placed.takeAfter)
}

describe('a citation put into a sentence', () => {
  it.each<[string, string, string]>([
    ['stands before the full stop', 'The pond silts.|', 'The pond silts ◊.'],
    ['with one space', 'The pond silts  |', 'The pond silts ◊'],
    ['and none doubled', 'The pond silts |.', 'The pond silts ◊.'],
    ['before a stop that has a sentence behind it', 'The pond silts.| Then the wheel stops.', 'The pond silts ◊. Then the wheel stops.'],
    ['before a comma', 'When the pond silts,| the wheel stops', 'When the pond silts ◊, the wheel stops'],
    ['before a question mark', 'Who dredges?|', 'Who dredges ◊?'],
    ['before a semicolon at the end', 'It silts;|', 'It silts ◊;'],
    ['before a semicolon in the middle', 'It silts;| the gate falls', 'It silts ◊; the gate falls'],
    ['behind a colon, with what it leads in', 'They said:| mud', 'They said: ◊ mud'],
    ['a bracket that is a sentence of its own stays whole', '(It silts.)|', '(It silts.) ◊'],
    ['a stop behind a bracket', 'It silts (as there).|', 'It silts (as there) ◊.'],
    [
      'behind a closing quotation mark, the stop behind it',
      'They called it “the mill’s only clock.”|',
      'They called it “the mill’s only clock” ◊.',
    ],
    ['British quotation marks', 'They called it ‘the only clock.’|', 'They called it ‘the only clock’ ◊.'],
    [
      'a question inside its quotation keeps its mark, the sentence gets a stop',
      'They asked, “Who dredges?”|',
      'They asked, “Who dredges?” ◊.',
    ],
    ['a comma inside a quotation comes out', '“Mud remembers,”| she wrote', '“Mud remembers” ◊, she wrote'],
    ['an abbreviation’s stop is no end', 'As shown by Abara et al.| in Kenya', 'As shown by Abara et al. ◊ in Kenya'],
    ['nor an initial’s', 'So wrote Okonjo A.|', 'So wrote Okonjo A. ◊'],
    ['nor three points', 'and so on . . .|', 'and so on . . . ◊'],
    ['behind an opening bracket without a space', 'It silts (|)', 'It silts (◊)'],
    ['at the beginning', '| found that it silts', '◊ found that it silts'],
    ['in the middle, spaces on both sides', 'The pond|silts', 'The pond ◊ silts'],
  ])('%s', (_, text, result) => expect(put(text)).toBe(result))
  it.each<[string, string, string]>([
    ['stands behind the last stop', 'what it was worth keeping.|', 'what it was worth keeping. ◊'],
    ['a stop typed behind comes before', 'worth keeping|.', 'worth keeping. ◊'],
    ['a question keeps its mark', 'worth keeping?|', 'worth keeping? ◊'],
  ])('of a block quotation: %s', (_, text, result) => expect(put(text, true)).toBe(result))
})

describe('raised numbers', () => {
  it.each<[string, string, string, boolean, string, string, string?]>([
    ['in notes behind a question mark too (Chicago 18, 13.27)', 'Who dredges ', '? So', true, '?', '', '.,;:?!'],
    ['behind a semicolon', 'silts ', '; so', true, ';', '', '.,;:?!'],
    ['and a colon', 'so ', ': mud', true, ':', '', '.,;:?!'],
    ['but before a dash', 'silts ', '—so', true, '', '', '.,;:?!'],
    ['a semicolon stays outside quotation marks', 'a “clock” ', '; so', true, ';', '', '.,;:?!'],
    ['with the quotation that closes behind the mark', '“who dredges ', '?” So', true, '?”', '', '.,;:?!'],
    ['several marks', 'silts ', '?! So', true, '?!', '', '.,;:?!'],
    ['stand behind the stop', 'silts ', '. Then', true, '.', ''],
    ['behind a comma', 'silts ', ', and', true, ',', ''],
    ['and before a colon', 'silts ', ': first', true, '', ''],
    ['the stop goes inside American quotation marks', '“only clock” ', '.', true, '.', '”'],
    ['and stays outside British ones', '‘only clock’ ', '.', false, '.', ''],
    ['an apostrophe is no quotation mark', 'the millers’ ', '.', true, '.', ''],
  ])('%s', (_, before, after, inside, ahead, quote, marks = '.,?!') =>
    expect(raisedAt(before, after, marks, inside)).toEqual({ ahead, inside: quote }),
  )
  it.each<[string, string, Partial<CitationData>, ReturnType<typeof raisedFor>]>([
    ['a note', 'chicago-18-notes', {}, { marks: '.,;:?!', bare: true }],
    ['a note behind a name in the sentence', 'chicago-18-notes', { form: 'narrative' }, { marks: '.,;:?!', bare: false }],
    ['a number in AMA: colons and semicolons follow it (11, 3.6)', 'ama-11', {}, { marks: '.,?!', bare: true }],
    ['with words around', 'nature', { items: [{ id: 'a', locator: undefined, prefix: 'see' }] }, { marks: '.,?!', bare: false }],
    ['numbers in brackets are not raised', 'ieee', {}, undefined],
    ['nor are authors and years', 'apa-7', {}, undefined],
    ['a content note is (APA 7, 2.13)', 'apa-7', { items: [], words: { after: 'So.' } }, { marks: '.,;:?!', bare: true }],
    ['and one behind a citation', 'mla-9', { words: { after: 'So.' } }, { marks: '.,;:?!', bare: false }],
    ['an empty note that is being written', 'apa-7', { items: [], words: { after: '' } }, { marks: '.,;:?!', bare: true }],
  ])('%s', (_, id, data, expected) =>
    expect(
      raisedFor(
        STYLES.find((s) => s.id === id)!,
        { items: [{ id: 'a', locator: undefined }], form: 'parenthetical', ...data },
      ),
    ).toEqual(expected),
  )
  it('are set so in the document', () => {
    const doc: DocNode = {
      type: 'doc',
      content: [
        {
          type: 'paragraph',
          content: [
            { type: 'text', text: 'Called “the only clock” ' },
            { type: 'citation', attrs: { data: { items: [] } } },
            { type: 'text', text: '. It fell, ' },
            { type: 'citation', attrs: { data: { items: [] } } },
            { type: 'text', text: ' “Why?” ' },
            { type: 'citation', attrs: { data: { items: [] } } },
            { type: 'text', text: '.' },
          ],
        },
      ],
    }
    const show = (inside: boolean) =>
      raiseAfterPunctuation(blocksOf(doc), () => ({ marks: '.,;:?!', bare: true }), inside)[0]!
        .pieces.map((piece) => (piece.citation === undefined ? piece.text : `[${piece.citation + 1}]`))
        .join('')
    expect(show(true)).toBe('Called “the only clock.”[1] It fell,[2] “Why?”[3]')
    expect(show(false)).toBe('Called “the only clock”.[1] It fell,[2] “Why?”.[3]')
  })
})

describe('a name already in the sentence', () => {
  it.each<[string, string, number]>([
    ['According to Okonjo ', 'Okonjo', 7],
    ['According to Vasquez and Thorne, ', 'Vasquez and Thorne', 20],
    ['According to MacOkonjo ', 'Okonjo', 0],
    ['According to others ', 'Okonjo', 0],
    ['Okonjo', 'Okonjo', 6],
    ['x', '', 0],
  ])('%s', (before, names, length) => expect(namedBefore(before, names)).toBe(length))
})

describe('a quotation becomes a block', () => {
  const words = (n: number) => Array.from({ length: n }, () => 'mud').join(' ')
  it.each(STYLES.map(s => [s.id, s] as const))('by the limit of %s', (_, style) => {
    // 468 points at 12 hold 39 ems: 17 words of 1.778 ems behind the indent and the mark, then 19 a line; the 75th is on the fifth.
    const limit = style.page.blockQuote.words ?? 75
    expect([isBlock(words(limit - 1), style.page.blockQuote), isBlock(words(limit), style.page.blockQuote)]).toEqual([false, true])
  })
  it('APA from forty words, Chicago from a hundred', () =>
    expect(['apa-7', 'chicago-18-notes'].map((id) => STYLES.find((s) => s.id === id)!.page.blockQuote.words)).toEqual([40, 100]))
  it('verse from more than three lines', () =>
    expect([isBlock('a\nb\nc', { lines: 4 }), isBlock('a\nb\nc\nd', { lines: 4 })]).toEqual([false, true]))
})

it('notes of a draft that are citations now stand before their stop; notes of words stay', () => {
  const cite = (n: number): DocNode => ({ type: 'citation', attrs: { data: { items: n ? [{ id: 'a' }] : [] } } })
  const p = (...content: DocNode[]): DocNode => ({ type: 'paragraph', content })
  const t = (text: string): DocNode => ({ type: 'text', text })
  const show = (doc: DocNode): string =>
    (doc.content ?? [])
      .map((one) => (one.type === 'text' ? one.text : one.type === 'citation' ? '◊' : show(one)))
      .join(doc.type === 'doc' ? ' | ' : '')
  expect(
    show(
      placeAll({
        type: 'doc',
        content: [
          p(t('It silts.'), cite(1), t(' They said “mud.”'), cite(1)),
          p(t('Alone.'), cite(0), t(' Then')),
          { type: 'blockquote', content: [p(t('Mud remembers.'), cite(1))] },
        ],
      }),
    ),
  ).toBe('It silts ◊. They said “mud” ◊. | Alone.◊ Then | Mud remembers. ◊')
})
