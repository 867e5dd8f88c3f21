/** Every reference type and tag of RIS (RIS Format Specifications, 2011): what it is read as, or that it is kept. */
import { describe, expect, it } from 'vitest'
import type { FieldName } from '../../source/fields'
import type { KindId } from '../../source/kinds'
import { asSources } from '../convert'
import { readRis, writeRis } from './ris'

const TYPES: [string, KindId][] = [
  ['ABST', 'journal-article'],
  ['ADVS', 'film'],
  ['AGGR', 'dataset'],
  ['ANCIENT', 'classic'],
  ['ART', 'artwork'],
  ['BILL', 'statute'],
  ['BLOG', 'blog-post'],
  ['BOOK', 'book'],
  ['CASE', 'case'],
  ['CHAP', 'chapter'],
  ['CHART', 'figure'],
  ['CLSWK', 'classic'],
  ['COMP', 'software'],
  ['CONF', 'conference-paper'],
  ['CPAPER', 'conference-paper'],
  ['CTLG', 'book'],
  ['DATA', 'dataset'],
  ['DBASE', 'dataset'],
  ['DICT', 'dictionary-entry'],
  ['EBOOK', 'book'],
  ['ECHAP', 'chapter'],
  ['EDBOOK', 'book'],
  ['EJOUR', 'journal-article'],
  ['ENCYC', 'encyclopedia-entry'],
  ['EQUA', 'figure'],
  ['FIGURE', 'figure'],
  ['GOVDOC', 'report'],
  ['GRANT', 'report'],
  ['HEAR', 'statute'],
  ['INPR', 'journal-article'],
  ['JFULL', 'journal-article'],
  ['JOUR', 'journal-article'],
  ['LEGAL', 'statute'],
  ['MANSCPT', 'archival-item'],
  ['MAP', 'map'],
  ['MGZN', 'magazine-article'],
  ['MPCT', 'film'],
  ['MULTI', 'online-video'],
  ['MUSIC', 'song'],
  ['NEWS', 'newspaper-article'],
  ['PAMP', 'brochure'],
  ['PAT', 'patent'],
  ['PCOMM', 'personal-communication'],
  ['RPRT', 'report'],
  ['SER', 'book'],
  ['SLIDE', 'talk'],
  ['SOUND', 'podcast-episode'],
  ['STAND', 'standard'],
  ['STAT', 'statute'],
  ['THES', 'thesis'],
  ['UNBILL', 'statute'],
  ['UNPB', 'talk'],
  ['VIDEO', 'online-video'],
]

/** By the type of record: a tag, its value, and the field it is read into; none: it is kept and written again. */
const TAGS: [string, string, string, FieldName?][] = [
  ['JOUR', 'AU', 'Abara, Ngozi', 'author'],
  ['JOUR', 'A1', 'Abara, Ngozi', 'author'],
  ['BOOK', 'A2', 'Abara, Ngozi', 'editor'],
  ['BOOK', 'ED', 'Abara, Ngozi', 'editor'],
  ['CHAP', 'A3', 'Abara, Ngozi', 'seriesEditor'],
  ['BOOK', 'A4', 'Abara, Ngozi', 'translator'],
  ['BOOK', 'TA', 'Abara, Ngozi', 'translator'],
  ['JOUR', 'TI', 'Mud', 'title'],
  ['JOUR', 'T1', 'Mud', 'title'],
  ['CHAP', 'T2', 'Mud', 'container'],
  ['CHAP', 'BT', 'Mud', 'container'],
  ['JOUR', 'T2', 'Mud', 'container'],
  ['JOUR', 'JF', 'Mud', 'container'],
  ['JOUR', 'JO', 'Mud', 'container'],
  ['JOUR', 'JA', 'Mud', 'container'],
  ['BOOK', 'T2', 'Mud', 'series'],
  ['CHAP', 'T3', 'Mud', 'series'],
  ['JOUR', 'ST', 'Mud', 'titleShort'],
  ['JOUR', 'TT', 'Mud', 'titleTranslated'],
  ['JOUR', 'PY', '2021', 'issued'],
  ['JOUR', 'Y1', '2021', 'issued'],
  ['JOUR', 'DA', '2021/03/14/', 'issued'],
  ['BOOK', 'OP', '1890', 'originalDate'],
  ['JOUR', 'VL', '14', 'volume'],
  ['JOUR', 'IS', '2', 'issue'],
  ['RPRT', 'IS', '2', 'number'],
  ['RPRT', 'M1', '2', 'number'],
  ['BOOK', 'M1', '2', 'seriesNumber'],
  ['JOUR', 'SP', '101', 'pages'],
  ['JOUR', 'EP', '119', 'pages'],
  ['JOUR', 'C7', 'e12', 'number'],
  ['JOUR', 'SN', '1234-567X', 'issn'],
  ['BOOK', 'SN', '9780000000000', 'isbn'],
  ['JOUR', 'DO', '10.5555/x', 'doi'],
  ['JOUR', 'UR', 'https://x.example', 'url'],
  ['JOUR', 'LK', 'https://x.example', 'url'],
  ['BOOK', 'PB', 'Mud', 'publisher'],
  ['BOOK', 'CY', 'Mud', 'place'],
  ['BOOK', 'PP', 'Mud', 'place'],
  ['BOOK', 'ET', '2', 'edition'],
  ['BOOK', 'NV', '3', 'numberOfVolumes'],
  ['JOUR', 'LA', 'fr', 'language'],
  ['JOUR', 'DB', 'Mud', 'database'],
  ['JOUR', 'DP', 'Mud', 'database'],
  ['THES', 'M3', 'Mud', 'genre'],
  ['JOUR', 'Y2', '2024/05/06/', 'accessed'],
  ['BOOK', 'SE', 'Mud', 'section'],
  ...[
    'AB',
    'AD',
    'AN',
    'C1',
    'C2',
    'C3',
    'C4',
    'C5',
    'C6',
    'CA',
    'CN',
    'DS',
    'FD',
    'KW',
    'L1',
    'L3',
    'L4',
    'LB',
    'M2',
    'N1',
    'N2',
    'RI',
    'RN',
    'RP',
    'SV',
    'U1',
    'U2',
    'U3',
    'U4',
    'U5',
  ].map((tag): [string, string, string] => ['JOUR', tag, 'Mud']),
]

describe('RIS, the whole of it', () => {
  it.each(TYPES)('TY %s is a %s', (type, kind) =>
    expect(readRis(`TY  - ${type}\nTI  - T\n${kind === 'web-page' ? 'UR  - https://x.example\n' : ''}ER  - `).proposals[0]!.kind).toBe(
      kind,
    ),
  )
  it.each(TAGS)('%s: %s with %s is read into %s, and is written again', (type, tag, value, field) => {
    const sources = asSources(readRis(`TY  - ${type}\n${tag}  - ${value}\nER  - `).proposals)
    expect(Object.keys(sources[0]!.fields)).toEqual(field ? [field] : [])
    expect(writeRis(sources, source => source.id)).toContain(value.replace(/\/$/u, ''))
  })
  it('keeps what a field had no room for', () => {
    const sources = asSources(
      readRis(
        'TY  - JOUR\nTI  - Mud\nT2  - Long name\nJO  - Short name\nJF  - Third name\nUR  - https://one.example\nUR  - https://two.example\nER  - ',
      ).proposals,
    )
    const written = writeRis(sources, source => source.id)
    for (const words of ['Long name', 'Short name', 'Third name', 'https://one.example', 'https://two.example'])
      expect(written).toContain(words)
  })
})
