import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { styleOf } from '../styles'
import { findQuotes } from '../text/quotes'
import type { DocNode } from './document'
import { requote, requoteText } from './requote'

const AMERICAN = styleOf('apa-7')!
const BRITISH = styleOf('harvard')!

describe('quotations set as the style sets them', () => {
  it.each<[string, string, string]>([
    ['a fragment: single marks, the stop outside', 'It is “the only clock.” So.', 'It is ‘the only clock’. So.'],
    ['a comma goes outside too', 'The “clock,” they said, ticks.', 'The ‘clock’, they said, ticks.'],
    ['run on from the sentence', 'She writes that “[a] pond is a promise.”', 'She writes that ‘[a] pond is a promise’.'],
    ['quotations within', 'He said “they called it ‘the clock.’”', 'He said ‘they called it “the clock”’.'],
    ['apostrophes stay', 'The mill’s “men’s tea.”', 'The mill’s ‘men’s tea’.'],
  ])('%s', (_, american, british) => {
    expect(requoteText(american, BRITISH).text).toBe(british)
    expect(requoteText(british, AMERICAN).text).toBe(american)
  })
  it.each<[string, string, 'uk' | 'us', string]>([
    [
      'a whole sentence keeps its stop in British practice',
      'As she puts it, “A pond is a promise.”',
      'uk',
      'As she puts it, ‘A pond is a promise.’',
    ],
    ['a question keeps its mark', 'She asks “why?”', 'uk', 'She asks ‘why?’'],
    ['before a citation nothing moves', 'It is “the clock” \uFFFC.', 'uk', 'It is ‘the clock’ \uFFFC.'],
    ['semicolons and colons stay outside', 'The ‘clock’; the ‘gate’: both.', 'us', 'The “clock”; the “gate”: both.'],
    ['a stop is not doubled', 'She asks ‘why?’.', 'us', 'She asks “why?”.'],
    ['straight marks become the style’s', 'It is "the clock".', 'us', 'It is “the clock.”'],
    ['points that stand for words stay', 'It is “the clock .\u00A0.\u00A0.” now', 'uk', 'It is ‘the clock .\u00A0.\u00A0.’ now'],
    ['what opens and never closes is left', 'An inch is 12" and “so on', 'us', 'An inch is 12" and “so on'],
  ])('%s', (_, text, where, result) => expect(requoteText(text, where === 'uk' ? BRITISH : AMERICAN).text).toBe(result))
  it('goes through the document: marks of italics keep their words, blocks and verse stand', () => {
    const text = (words: string, italic = false): DocNode => ({
      type: 'text',
      text: words,
      ...(italic ? { marks: [{ type: 'italic' }] } : {}),
    })
    const p = (...content: DocNode[]): DocNode => ({ type: 'paragraph', content })
    const block = { type: 'blockquote', content: [p(text('“Mud.”'))] }
    const doc: DocNode = {
      type: 'doc',
      content: [
        p(text('It is “the '), text('only', true), text(' clock.”'), { type: 'citation', attrs: {} }),
        block,
        { type: 'bulletList', content: [{ type: 'listItem', content: [p(text('a “gate”'))] }] },
      ],
    }
    const { doc: made, changed } = requote(doc, BRITISH)
    expect(changed).toBe(2)
    expect(made.content![0]!.content!.map(one => one.text)).toEqual(['It is ‘the ', 'only', ' clock.’', undefined])
    expect(made.content![1]).toBe(block)
    expect(requote(made, BRITISH)).toEqual({ doc: made, changed: 0 })
  })
  it('no letter is lost or made, and a second time changes nothing', () =>
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('“', '”', '‘', '’', '"', '\'', '.', ',', '?', ' ', 'word', 'A', '\uFFFC', 's', '(', ')', '. . .'), {
          maxLength: 24,
        }),
        fc.boolean(),
        (pieces, british) => {
          const style = british ? BRITISH : AMERICAN
          const once = requoteText(pieces.join(''), style).text
          const bare = (text: string) => [...text.replace(/[“”‘’"']/gu, '')].sort().join('')
          expect(bare(once)).toBe(bare(pieces.join('')))
          expect([...once]).toHaveLength([...pieces.join('')].length)
        },
      ),
    ))
})
describe('telling marks from apostrophes', () => {
  it.each<[string, string]>([
    ['“a”', 'open0 close0'],
    ['“a ‘b’ c”', 'open0 open1 close1 close0'],
    ['the mill’s', 'apostrophe0'],
    ['the men’s ‘tea’', 'apostrophe0 open0 close0'],
    ['"a"', 'open0 close0'],
    ['12" wide', 'stray0'],
    ['‘tis so', 'apostrophe0'],
  ])('%s', (text, signs) =>
    expect(
      findQuotes(text)
        .map((one) => `${one.sign}${one.level}`)
        .join(' '),
    ).toBe(signs),
  )
})
