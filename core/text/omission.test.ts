import { describe, expect, it } from 'vitest'
import { STYLES } from '../styles'
import { straysFrom } from '../check/quoted'
import { leaveOut } from './omission'

const DOTS = '.\u00A0.\u00A0.'
/** Marks what is left out with | |; hard spaces show as ~. */
const say = (text: string, rule = { points: DOTS } as { points: string, atEnd?: boolean }, block = false): string => {
  const [before, omitted, after] = text.split('|') as [string, string, string]
  const { takeBefore, text: put, takeAfter } = leaveOut(before, omitted, after, rule, block)
  return (before.slice(0, before.length - takeBefore) + put + after.slice(takeAfter)).replace(/\u00A0/gu, '~')
}

describe('words left out of a quotation', () => {
  it.each<[string, string, string]>([
    ['inside a sentence (APA 7, 8.31)', '“The pond| at Carewick| silts.”', '“The pond~.~.~. silts.”'],
    ['with the spaces around them', '“The pond |at Carewick |silts.”', '“The pond~.~.~. silts.”'],
    ['before a comma', '“The pond| at Carewick|, it silts.”', '“The pond~.~.~., it silts.”'],
    [
      'a whole sentence: the stop before it stays (Chicago 18, 12.62)',
      '“It silts.| Nobody dredges.| It fills.”',
      '“It silts.~.~.~. It fills.”',
    ],
    ['a question before it keeps its mark', '“Does it silt?| Nobody dredges.| It fills.”', '“Does it silt?~.~.~. It fills.”'],
    [
      'from within a sentence to the next: a stop, then the points',
      '“It silts| and fills. |Nobody dredges.”',
      '“It silts.~.~.~. Nobody dredges.”',
    ],
    ['to the middle of the next', '“It silts| and fills. Then |nobody dredges.”', '“It silts~.~.~. nobody dredges.”'],
    ['where the quotation begins nothing stands', '“|The pond |silts.”', '“silts.”'],
    ['a space before the quotation stays', 'She says “|The pond |silts.”', 'She says “silts.”'],
    ['where it ends nothing stands', '“It silts| and fills|.”', '“It silts.”'],
    ['… nor with the stop outside', '“It silts| and fills|” (Fell, 2020).', '“It silts” (Fell, 2020).'],
    ['an apostrophe is no end', '“The mill| on the river|’s pond silts.”', '“The mill~.~.~.’s pond silts.”'],
    ['nothing chosen: the points alone', '“It silts ||and fills.”', '“It silts~.~.~. and fills.”'],
    ['outside any quotation', 'It silts| and fills| slowly', 'It silts~.~.~. slowly'],
  ])('%s', (_, text, result) => expect(say(text)).toBe(result))
  it.each<[string, string, string]>([
    ['MLA: a stop and points at the end of a sentence (9, 6.58)', '“It silts| and fills|.”', '“It silts.~.~.~.”'],
    ['MLA: the stop behind the citation waits for it (9, 6.59)', '“It silts| and fills|” (Fell 12).', '“It silts~.~.~.” (Fell 12).'],
  ])('%s', (_, text, result) => expect(say(text, { points: DOTS, atEnd: true })).toBe(result))
  it('a block quotation ends with its paragraph', () => {
    expect(say('It silts| and fills|.', { points: DOTS }, true)).toBe('It silts.')
    expect(say('|So it silts |and fills.', { points: DOTS }, true)).toBe('and fills.')
  })
  it('every style’s points are known where a quotation is held against its passage', () => {
    for (const { page } of STYLES) {
      const { text } = leaveOut('The pond', ' at Carewick', ' silts', page.ellipsis)
      expect(straysFrom(`The pond${text}silts`, 'The pond at Carewick silts')).toBeUndefined()
    }
  })
})
