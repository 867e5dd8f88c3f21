import { describe, expect, it } from 'vitest'
import { SOURCES } from '../../../server/db/demo/sources'
import { asSources } from '../convert'
import { readRis, risDate, withoutPlace, writeRis } from './ris'

const read = (...lines: string[]) => readRis(lines.join('\n'))
const one = (...lines: string[]) => read(...lines, 'ER  - ').proposals[0]!

describe('RIS records', () => {
  it('of a journal article, in the form of the specification', () => {
    expect(
      one(
        'TY  - JOUR',
        'AU  - Okonjo, Adaeze R.',
        'AU  - Thorne, Gareth',
        'PY  - 2021/05/03/',
        'TI  - Silt and patience',
        'T2  - Journal of Estuary Heritage',
        'VL  - 14',
        'IS  - 2',
        'SP  - 101',
        'EP  - 119',
        'DO  - https://doi.org/10.5555/JEH.1',
        'SN  - 1234-567X',
      ),
    ).toMatchObject({
      kind: 'journal-article',
      fields: {
        author: [
          { family: 'Okonjo', given: 'Adaeze R.' },
          { family: 'Thorne', given: 'Gareth' },
        ],
        issued: { start: { year: 2021, month: 5, day: 3 } },
        title: 'Silt and patience',
        container: 'Journal of Estuary Heritage',
        volume: '14',
        issue: '2',
        pages: '101-119',
        issn: '1234-567X',
      },
    })
  })
  it('of an older dialect: T1, A1, Y1, JF, JO, L2, N2, two spaces missing', () => {
    expect(
      one(
        'TY - JOUR',
        'T1 - Mud',
        'A1 - Fell, T.; Marsh, E.',
        'Y1 - 2003///Spring',
        'JF - Sediment Notes',
        'JO - Sed. Notes',
        'SP - 5-9',
        'UR - https://doi.org/10.5555/sed.9',
      ).fields,
    ).toEqual({
      author: [
        { family: 'Fell', given: 'T.' },
        { family: 'Marsh', given: 'E.' },
      ],
      issued: { start: { year: 2003 }, season: 1 },
      title: 'Mud',
      container: 'Sediment Notes',
      containerShort: 'Sed. Notes',
      pages: '5-9',
      doi: '10.5555/sed.9',
    })
  })
  it('joins lines that go on below', () =>
    expect(
      one('TY  - BOOK', 'TI  - Working the tide: Mills and', '  millers of the western rivers', 'AU  - Tremayne, Loveday').fields.title,
    ).toBe('Working the tide: Mills and millers of the western rivers'))
  it.each<[string, string, string]>([
    ['CHAP', 'T2  - Landscapes', 'chapter'],
    ['CPAPER', 'T2  - Proceedings', 'conference-paper'],
    ['THES', 'PB  - U', 'thesis'],
    ['RPRT', 'PB  - I', 'report'],
    ['ELEC', 'UR  - https://x.example', 'web-page'],
    ['NEWS', 'T2  - Courier', 'newspaper-article'],
    ['MGZN', 'T2  - Coast', 'magazine-article'],
    ['BLOG', 'T2  - Notes', 'blog-post'],
    ['VIDEO', '', 'online-video'],
    ['DATA', '', 'dataset'],
    ['COMP', '', 'software'],
    ['PAT', '', 'patent'],
    ['MAP', '', 'map'],
    ['GEN', 'JO  - J', 'journal-article'],
    ['ZZZZ', 'UR  - https://x.example', 'web-page'],
  ])('%s with %s is a %s', (type, line, kind) => expect(one(`TY  - ${type}`, 'TI  - T', line).kind).toBe(kind))
  it.each<[string, unknown]>([
    ['2021', { start: { year: 2021 } }],
    ['2021/03', { start: { year: 2021, month: 3 } }],
    ['2021///Spring', { start: { year: 2021 }, season: 1 }],
    ['2021/03/14/', { start: { year: 2021, month: 3, day: 14 } }],
    ['2021-03-14', { start: { year: 2021, month: 3, day: 14 } }],
    ['', undefined],
  ])('dates: %s', (said, date) => expect(risDate(said)).toEqual(date))
  it('names what is wrong with a file, by line, and reads the rest', () => {
    const { proposals, problems } = read(
      'some words',
      'TI  - No type',
      'ER  - ',
      'TY  - BOOK',
      'TI  - Not ended',
      'TY  - BOOK',
      'TI  - Second',
      'ER  - ',
      'ER  - ',
    )
    expect(proposals.map(p => p.fields.title)).toEqual(['No type', 'Not ended', 'Second'])
    expect(problems.map(p => p.where)).toEqual(['line 2', 'line 4', 'line 9'])
  })
})

describe('RIS out', () => {
  it.each(SOURCES.map(s => [s.key, s] as const))('%s comes back as it was', (key, { kind, fields }) => {
    const source = { id: key, kind, fields }
    const back = asSources(readRis(writeRis([source], s => s.id).replace(/\r\n/gu, '\n')).proposals)[0]!
    const lost = new Set(withoutPlace(source))
    expect(back.kind).toBe(kind)
    expect(back.fields).toEqual(Object.fromEntries(Object.entries(fields).filter(([name]) => !lost.has(name as never))))
  })
  it('keeps tags that Dendle has no field for', () => {
    const source = asSources([one('TY  - JOUR', 'TI  - Mud', 'KW  - silt', 'KW  - gates', 'JO  - J')])
    expect(writeRis(source, s => s.id).match(/KW {2}- \w+/gu)).toEqual(['KW  - silt', 'KW  - gates'])
  })
})
