import { describe, expect, it } from 'vitest'
import { parseRich } from '../text/rich'
import { align, reads } from './align'
import { mergedLine } from './merged'
import { isPair, tokensElsewhere, type Token } from './tokens'

const tokens = (rich: string): Token[] =>
  tokensElsewhere(parseRich(rich).map(({ text, italic, bold }) => ({ text, ...(italic ? { italic } : {}), ...(bold ? { bold } : {}) })))

describe('an entry as words and marks', () => {
  it.each<[string, string, string[]]>([
    ['words and marks apart', 'Moss, I. (2012).', ['Moss', ',', 'I', '.', '(', '2012', ')', '.']],
    ['an address is one, without the stop behind it', 'See https://a.example/x.', ['See', 'https://a.example/x', '.']],
    ['a DOI is one', 'doi: 10.5555/ab.c', ['doi: 10.5555/ab.c']],
    ['a word with its apostrophe', 'The miller’s gate', ['The', 'miller’s', 'gate']],
    ['nothing', '', []],
  ])('%s', (_, text, found) => expect(tokens(text).map(one => one.text)).toEqual(found))

  it.each([
    ['letters without case', 'Weirs', 'WEIRS'],
    ['letters without accents', 'Émile', 'Emile'],
    ['every dash', 'a–b', 'a-b'],
    ['every quotation mark', '“a”', '"a"'],
    ['an address without its protocol', 'https://www.a.example/x/', 'http://a.example/x'],
    ['a DOI in all its forms', 'https://doi.org/10.5555/AB', 'doi:10.5555/ab'],
  ])('the same: %s', (_, a, b) => expect(tokens(a).map(one => one.key)).toEqual(tokens(b).map(one => one.key)))

  it('they read as what they were made of', () => {
    for (const text of ['Moss, I. (2012). Still water: A price.', '“Eels,” Fen Studies 31, no. 4 (2020): 201–20.', 'https://a.example/x'])
      expect(reads(tokens(text))).toBe(text)
  })
})

describe('two entries laid beside each other', () => {
  const laid = (given: string, wanted: string) =>
    align(tokens(given), tokens(wanted)).map(one => (isPair(one) ? one.wanted.text : `-${reads(one.onlyGiven)}+${reads(one.onlyWanted)}`))
  it.each<[string, string, string, string[]]>([
    ['the same', 'Moss 2012', 'Moss 2012', ['Moss', '2012']],
    ['a word other', 'Moss 2012', 'Moss 2013', ['Moss', '-2012+2013']],
    ['one has more', 'Moss 2012 p', 'Moss 2012', ['Moss', '2012', '-p+']],
    ['nothing the same', 'Moss', 'Vane', ['-Moss+Vane']],
    ['one is empty', '', 'Vane', ['-+Vane']],
  ])('%s', (_, given, wanted, found) => expect(laid(given, wanted)).toEqual(found))
})

describe('both in one line', () => {
  const line = (given: string, wanted: string, rich = true) =>
    mergedLine(align(tokens(given), tokens(wanted)), rich)
      .map(({ text, of, italic }) => `${of === 'both' ? '' : of === 'given' ? '-' : '+'}${italic ? '*' : ''}${text}`)
  it.each<[string, string, string, string[]]>([
    ['the same', 'Moss 2012.', 'Moss 2012.', ['Moss 2012.']],
    ['one letter’s case', 'the Price', 'the price', ['the ', '-P', '+p', 'rice']],
    ['a mark', 'Moss, 2012', 'Moss. 2012', ['Moss', '-,', '+.', ' 2012']],
    ['a word more', 'Moss (Ed.) 2012', 'Moss 2012', ['Moss ', '-(Ed.)', ' 2012']],
    ['a word less', 'Moss 2012', 'Moss Idris 2012', ['Moss ', '+Idris', ' 2012']],
    ['quotation marks of another shape are the same', '"Eels"', '“Eels”', ['“Eels”']],
    ['italics', 'Fen Studies', '<i>Fen Studies</i>', ['-Fen Studies', '+*Fen Studies']],
    ['a space that lacks', '7 (1)', '7(1)', ['7', '-␣', '(1)']],
  ])('%s', (_, given, wanted, pieces) => expect(line(given, wanted)).toEqual(pieces))
  it('italics are not looked at where they could not be seen', () => expect(line('Fen', '<i>Fen</i>', false)).toEqual(['*Fen']))
  it('what both say together is what each says', () => {
    const [given, wanted] = ['Moss, I. and C. Vane. 2012. The Price. Weirs 7.', 'Moss, I., & Vane, C. (2012). The price. Weirs, 7(1).']
    const pieces = mergedLine(align(tokens(given), tokens(wanted)), false)
    const of = (one: 'given' | 'wanted') => pieces.filter(piece => piece.of === 'both' || piece.of === one).map(piece => piece.text).join('')
    expect(of('wanted').replace(/\s/gu, '')).toBe(wanted.replace(/\s/gu, ''))
    expect(of('given').replace(/[\s␣]/gu, '')).toBe(given.replace(/\s/gu, ''))
  })
})
