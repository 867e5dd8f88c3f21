/** What Check finds in short papers, flawed and clean; every rule has its rows. */
import { expect, it } from 'vitest'
import { CHECKS } from '../../../core/check/catalogue'
import { CITATIONS } from './citations'
import { CLEAN, NEAR } from './clean'
import { clean, flawed } from './papers'
import { QUOTATIONS } from './quotations'
import { REST } from './rest'

flawed('citations', CITATIONS)
flawed('quotations', QUOTATIONS)
flawed('own words, list and page', REST)
clean('texts in which a marker would circle nothing', CLEAN)
clean('as near to a fault as a right text comes', NEAR)

it('every rule of the catalogue is found in some row', () => {
  const found = new Set([...CITATIONS, ...QUOTATIONS, ...REST].flatMap((row) => row.finds ?? []))
  expect(Object.keys(CHECKS).filter((rule) => !found.has(rule))).toEqual([])
})
