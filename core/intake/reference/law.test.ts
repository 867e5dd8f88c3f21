import { describe, expect, it } from 'vitest'
import { writeDate } from '../../source/dates'
import type { KindId } from '../../source/kinds'
import { readReference } from './reference'

/** Cases and statutes have no author (APA 7, 11.4 to 11.5; Chicago 18, 14.177 and 14.185). */
describe('references to law', () => {
  it.each<[string, KindId, Record<string, string>]>([
    ['Hollis v. Port of Wendmere, 212 F.2d 88 (Ct. App. 2014).', 'case', { title: 'Hollis v. Port of Wendmere', volume: '212', container: 'F.2d', pages: '88', authority: 'Ct. App.', issued: '2014' }],
    ['Hollis vs. Tidewater Co., 31 Est. Rep. 7 (1988).', 'case', { title: 'Hollis vs. Tidewater Co.', volume: '31', container: 'Est. Rep.', pages: '7', issued: '1988' }],
    ['Hollis v Vale [2003] 4 ELR 19.', 'case', { title: 'Hollis v Vale', volume: '4', container: 'ELR', pages: '19', issued: '2003' }],
    ['Estuaries Act, 9 U.S.C. § 204 (2011).', 'statute', { title: 'Estuaries Act', volume: '9', container: 'U.S.C.', section: '204', issued: '2011' }],
    ['Estuaries Act of 2011, 9 Northmere Code § 204.1.', 'statute', { title: 'Estuaries Act of 2011', volume: '9', container: 'Northmere Code', section: '204.1' }],
    ['Estuaries Act 1997, c. 23.', 'statute', { title: 'Estuaries Act 1997', number: 'c. 23', issued: '1997' }],
    ['Estuaries Act 1997.', 'statute', { title: 'Estuaries Act 1997', issued: '1997' }],
  ])('%s', (text, kind, wanted) => {
    const read = readReference(text)!
    expect(read.kind).toBe(kind)
    const said = { ...read.fields, ...(read.fields.issued ? { issued: writeDate(read.fields.issued) } : {}) }
    expect(said).toEqual(wanted)
  })
  it.each([
    'Vale, T. (2011). *The Act of reading*. Alder Press.',
    'Rao, P. (2019). Versus: Men v. tide. *Coastal Work*, *3*(2), 4–9.',
  ])('%s is none', text => expect(['case', 'statute']).not.toContain(readReference(text)!.kind))
})
