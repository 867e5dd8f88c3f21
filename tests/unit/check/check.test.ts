/** What Check finds in short papers, flawed and clean; every rule has its rows. */
import { expect, it } from 'vitest'
import { CHECKS } from '../../../core/check/catalogue'
import { marksLeft } from '../../../core/check/marks-left'
import { BY_HAND } from './by-hand'
import { CITATIONS } from './citations'
import { CLEAN, NEAR } from './clean'
import { clean, find, flawed, paperOf } from './papers'
import { QUOTATIONS } from './quotations'
import { REST } from './rest'

flawed('citations', CITATIONS)
flawed('quotations', QUOTATIONS)
flawed('own words, list and page', REST)
flawed('as students type it', BY_HAND)
clean('texts in which a marker would circle nothing', CLEAN)
clean('as near to a fault as a right text comes', NEAR)

it('a mark left in the text is the finding left in Check', () => {
  const row = { name: '', text: 'It silts [ref: nobody-1999, p. 4]. So it does [ref: nobody-1999, p. 4], and [ref: none-2000] too.' }
  const ids = marksLeft(paperOf(row).doc, () => undefined).map(one => one.id)
  expect(new Set(ids).size).toBe(3)
  expect(find(row).filter(one => one.rule === 'citations.unknown-key').map(one => one.id)).toEqual(ids)
})
it('every rule of the catalogue is found in some row', () => {
  const found = new Set([...CITATIONS, ...QUOTATIONS, ...REST, ...BY_HAND].flatMap((row) => row.finds ?? []))
  expect(Object.keys(CHECKS).filter((rule) => !found.has(rule))).toEqual([])
})
