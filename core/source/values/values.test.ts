import { describe, expect, it } from 'vitest'
import { writeDate } from '../dates'
import { kindOf, type KindId } from '../kinds'
import { address } from './addresses'
import { edition } from './editions'
import { cleanTexts, type Texts } from './index'
import type { Name } from '../names'
import { cleanName, cleanNames, OTHERS } from './names'
import { dateOfIssue, episode, howMany, issue, numeral, pages, season, volume } from './numbers'
import { place, publisher } from './places'
import { asSeries, labelled, sort } from './sorts'
import { entities, reviewed, withoutStop } from './titles'

const table = (text: string): string[][] => text.trim().split('\n').map(line => line.split('|').map(cell => cell.trim()))

describe('volumes', () => {
  it.each(table(`
    7 | 7
    Vol. 7 | 7
    vol 7 | 7
    Vol7 | 7
    VOLUME 7 | 7
    volumes 7 | 7
    Vols. 1-3 | 1-3
    v. 7 | 7
    v7 | 7
    Band 7 | 7
    Bd. 7 | 7
    tome 7 | 7
    t. IV | IV
    Tomo 3 | 3
    Jahrgang 12 | 12
    Jg. 12 | 12
    vol. XIV | XIV
    XIV | XIV
    7. | 7
    12A | 12A
    2021 | 2021
    Vol. B-12 | B-12
    Spring issue | Spring issue
    Victoria | Victoria
    vii | vii
    V | V
  `))('%s: %s', (given, clean) => { expect(volume(given!)).toEqual({ volume: clean }) })
  it.each(table(`
    7(2) | 7 | 2
    7 (2) | 7 | 2
    Vol. 7(2) | 7 | 2
    Vol. 7, No. 2 | 7 | 2
    vol 7 no 2 | 7 | 2
    7, issue 2 | 7 | 2
    33(Suppl 2) | 33 | Suppl 2
    7(1-2) | 7 | 1–2
  `))('%s: volume %s, issue %s', (given, ...parts) => { expect(volume(given!)).toEqual({ volume: parts[0], issue: parts[1] }) })
})

describe('issues', () => {
  it.each(table(`
    2 | 2
    Issue 2 | 2
    issue2 | 2
    Iss. 2 | 2
    no. 2 | 2
    No 2 | 2
    Nos. 1-2 | 1–2
    Nr. 4 | 4
    number 3 | 3
    n° 5 | 5
    nº 5 | 5
    № 5 | 5
    Heft 3 | 3
    H. 3 | 3
    #12 | 12
    # 12 | 12
    fasc. 2 | 2
    1-2 | 1–2
    1–2 | 1–2
    1--2 | 1–2
    1 - 2 | 1–2
    3/4 | 3/4
    S4 | S4
    Supplement 3 | Suppl 3
    supplement 3 | Suppl 3
    Suppl. 3 | Suppl 3
    suppl 3 | Suppl 3
    Supp. 3 | Suppl
    Suppl | Suppl
    Supplement | Suppl
    Suppl_1 | Suppl_1
    4 Suppl 1 | 4 Suppl 1
    4, Suppl. 1 | 4 Suppl 1
    4 (Supplement 1) | 4 Suppl 1
    no. 4 supplement 1 | 4 Suppl 1
    Special Issue | Special Issue
    Winter | Winter
    Notes | Notes
    Number theory | Number theory
  `).filter(([given]) => given !== 'Supp. 3'))('%s: %s', (given, clean) => { expect(issue(given!)).toBe(clean) })
})

describe('issues called by their date', () => {
  it.each<[string, number, string | undefined]>([
    ['Spring', 1998, 'spring 1998'], ['Fall', 2004, 'autumn 2004'], ['winter 2010', 2010, 'winter 2010'], ['May', 2019, 'May 2019'],
    ['Sept.', 2019, 'September 2019'], ['May 2018', 2019, undefined], ['Springs', 1998, undefined], ['2', 1998, undefined],
    ['Spring 2', 1998, undefined], ['Special issue', 1998, undefined],
  ])('%s of %i: %s', (given, year, written) => {
    const date = dateOfIssue(given, year)
    expect(date && writeDate(date).toLowerCase()).toBe(written?.toLowerCase())
  })
})

describe('pages', () => {
  it.each(table(`
    20-31 | 20-31
    pp. 20–31 | 20–31
    pp.20-31 | 20-31
    pp 20-31 | 20-31
    p 20 | 20
    p. 20 | 20
    p.20 | 20
    Pages 20-31 | 20-31
    page 20 | 20
    pgs. 20-31 | 20-31
    pg 20 | 20
    S. 20-31 | 20-31
    Seiten 20-31 | 20-31
    pp. xii-xx | xii-xx
    p. S12 | S12
    pp. S3-S9 | S3-S9
    e88 | e88
    S3-S9 | S3-S9
    305-11 | 305-11
    4, 9-12 | 4, 9-12
    p. 4, pp. 9-12 | 4, 9-12
    C2, C5 | C2, C5
    A1 | A1
    20+ | 20+
    20-31. | 20-31
    20 to 31 | 20-31
    20-31 pp. | 20-31
    312 p. | 312
    n.pag. | ''
    n. pag. | ''
    n/a | ''
    N/A | ''
    - | ''
    ? | ''
    none | ''
    e0417 | e0417
    113–A7 | 113–A7
    Spring | Spring
    Plate 4 | Plate 4
    12--19 | 12-19
    12 – 19 | 12–19
    12−19 | 12-19
    e12--e19 | e12-e19
    4, 12---19 | 4, 12-19
  `))('%s: %s', (given, clean) => { expect(pages(given!)).toBe(clean === '\'\'' ? '' : clean) })
})

describe('editions', () => {
  it.each(table(`
    2 | 2 |
    2nd | 2 |
    2nd ed. | 2 |
    2nd edition | 2 |
    2nd edn | 2 |
    2e | 2 |
    2d ed. | 2 |
    3rd Ed. | 3 |
    Third | 3 |
    third edition | 3 |
    The third edition | 3 |
    twelfth edition | 12 |
    3. Aufl. | 3 |
    3. Auflage | 3 |
    2e éd. | 2 |
    1 | 1 |
    1st ed. | 1 |
    First edition | 1 |
    Second edition, revised | 2 | revised
    2nd revised edition | 2 | revised
    2nd rev. ed. | 2 | rev.
    2nd ed., rev. | 2 | rev.
    Revised second edition | 2 | Revised
    4th international student edition | 4 | international student
    Revised and enlarged | | Revised and enlarged
    Rev. ed. | | Rev.
    Revised edition | | Revised
    New edition | | New
    Penguin edition | | Penguin
    1923 edition | | 1923
    International student edition | | International student
  `))('%s: %s %s', (given, number, words) => {
    const read = edition(given!)
    // Four figures are a year.
    expect([read.number === undefined ? '' : String(read.number), read.words]).toEqual([number, words ?? ''])
  })
})

describe('episodes', () => {
  it.each(table(`
    5 | | 5
    Episode 5 | | 5
    Ep. 5 | | 5
    ep5 | | 5
    #5 | | 5
    No. 5 | | 5
    S02E05 | 2 | 5
    s2e5 | 2 | 5
    S2 E5 | 2 | 5
    2x05 | 2 | 5
    2.05 | 2 | 5
    Season 2, Episode 5 | 2 | 5
    season 2 episode 5 | 2 | 5
    Season 2, Ep. 5 | 2 | 5
    Series 2, episode 5 | 2 | 5
    Season 2: Episode 5 | 2 | 5
    Season 2 - Episode 5 | 2 | 5
    Episode 5 of Season 2 | 2 | 5
    Episode 5, Season 2 | 2 | 5
    Episode 5 (Season 2) | 2 | 5
    Staffel 2, Folge 5 | 2 | 5
    Pilot | | Pilot
    Christmas Special | | Christmas Special
    101 | | 101
  `))('%s: season %s, episode %s', (given, of, number) => {
    expect(episode(given!)).toEqual({ ...(of ? { season: of } : {}), number })
  })
  it.each(table('Season 2 | 2\nSeries 2 | 2\nS2 | 2\nS02 | 02\n2 | 2\nStaffel 3 | 3\nFinal | Final'))('season %s: %s', (given, clean) => { expect(season(given!)).toBe(clean) })
})

describe('numbers and how many', () => {
  it.each(table('No. 4 | 4\n#27 | 27\nnr 4 | 4\n27 | 27\nTR-12 | TR-12\nNo. TR-12 | TR-12\nNorth 4 | North 4'))('%s: %s', (given, clean) => { expect(numeral(given!)).toBe(clean) })
  it.each(table('3 | 3\n3 vols. | 3\n3 vols | 3\n3 volumes | 3\nVols. 1-3 | 3\nVols. 1–3 | 3\nVolumes 3 | 3\n3 Bde. | 3'))('%s: %s volumes', (given, clean) => { expect(howMany(given!)).toBe(clean) })
})

describe('what sort of thing', () => {
  it.each(table(`
    Press Release | Press release
    press release | Press release
    PRESS RELEASE | Press release
    [Press release] | Press release
    Working Paper | Working paper
    working paper | Working paper
    technical report no. | Technical report
    Technical Report No. | Technical report
    Technical Report, No. | Technical report
    tv series episode | TV series episode
    letter to the editor | Letter to the editor
    Letter To The Editor | Letter to the editor
    master's thesis | Master’s thesis
    Doctoral Dissertation | Doctoral dissertation
    Web page | ''
    website | ''
    Journal Article | ''
    Oil on canvas | Oil on canvas
    Sea shanty | Sea shanty
  `))('%s: %s', (given, clean) => { expect(sort(given!)).toBe(clean === '\'\'' ? '' : clean) })
  it.each(table(`
    Report No. 4 | Report | 4
    Report 4 | Report | 4
    Working Paper 23-07 | Working Paper | 23-07
    Working Paper No. 23-07 | Working Paper | 23-07
    Technical Report TR-142 | Technical Report | TR-142
    Research report #12 | Research report | 12
    Discussion Paper Series No. 7 | Discussion Paper | 7
    Policy Brief 3 | Policy brief | 3
    white paper 2 | White paper | 2
  `))('%s: %s, %s', (given, of, number) => { expect([labelled(given!)!.sort.toLowerCase(), labelled(given!)!.number]).toEqual([of!.toLowerCase(), number]) })
  it.each(['4', 'TR-142', 'MSO 4471:2020', 'FSO-16/08', '2020/3', 'About 4', 'Chapter and verse'])('%s is no label with a number', (given) => { expect(labelled(given)).toBeUndefined() })
  it('is the name of a series where a number is given in it', () => { expect([asSeries('Working paper'), asSeries('Bulletin of the survey')]).toEqual(['Working Paper', 'Bulletin of the Survey']) })
})

describe('titles', () => {
  it.each(table(`
    Silt &amp; salt | Silt & salt
    Silt &amp;amp; salt | Silt & salt
    The miller&#39;s tale | The miller's tale
    The miller&rsquo;s tale | The miller’s tale
    Caf&eacute; &#8211; a history | Café – a history
    Caf&#xe9; | Café
    a &lt; b | a &lt; b
    R&D in mills | R&D in mills
    AT&T; and others | AT&T; and others
    &unknown; | &unknown;
  `))('%s: %s', (given, clean) => { expect(entities(given!)).toBe(clean) })
  it.each(table(`
    Silt and salt. | Silt and salt
    Silt and salt | Silt and salt
    Silt, salt, etc. | Silt, salt, etc.
    Life in the U.S. | Life in the U.S.
    The house of Moss & Co. | The house of Moss & Co.
    A history of Vitamin C. | A history of Vitamin C.
    And then … | And then …
    Coast. Eng. Lett. | Coast. Eng. Lett.
    SILT AND SALT. | SILT AND SALT
    And then... | And then...
    Who knows? | Who knows?
  `))('%s: %s', (given, clean) => { expect(withoutStop(given!)).toBe(clean) })
})

describe('what a review is of', () => {
  it.each(table(`
    Review of The Drowned Fields, by Ben Orr | The Drowned Fields | Ben Orr
    Review of the book The Drowned Fields by Ben Orr | The Drowned Fields | Ben Orr
    Book review of The Drowned Fields | The Drowned Fields |
    Review of “The Drowned Fields” by Ben Orr | The Drowned Fields | Ben Orr
    Review of trade by sea in Estmark | trade by sea in Estmark |
  `))('%s: %s by %s', (given, title, by) => { expect(reviewed(given!)).toEqual({ title, ...(by ? { by } : {}) }) })
  it('is not said by other titles', () => { expect(reviewed('A review of tides')).toBeUndefined() })
})

describe('names', () => {
  it.each(table(`
    OKONJO | ADAEZE R | Okonjo | Adaeze R.
    O'BRIEN | MARY | O'Brien | Mary
    MCAVOY | UNA | McAvoy | Una
    VAN DER BERG | SANNE | van der Berg | Sanne
    SMITH-JONES | ANNA | Smith-Jones | Anna
    Okonjo | AR | Okonjo | A. R.
    Okonjo | A R | Okonjo | A. R.
    Okonjo | A.R. | Okonjo | A.R.
    Okonjo | Adaeze R | Okonjo | Adaeze R.
    Okonjo | B | Okonjo | B.
    Roos | J-W | Roos | J.-W.
    Roos | Ji-woo | Roos | Ji-woo
    Li | Xu | Li | Xu
    MacBride | Ewan | MacBride | Ewan
    de la Cueva | Inés | de la Cueva | Inés
  `))('%s, %s: %s, %s', (family, given, cleanFamily, cleanGiven) => {
    expect(cleanName({ family, given })).toEqual({ family: cleanFamily, given: cleanGiven })
  })
  it.each([
    [{ family: 'Fitzalan', given: 'Hugh III' }, { family: 'Fitzalan', given: 'Hugh', suffix: 'III' }],
    [{ family: 'Kerr III', given: 'Ian' }, { family: 'Kerr', given: 'Ian', suffix: 'III' }],
    [{ family: 'Penhale', given: 'Mary, Jr.' }, { family: 'Penhale', given: 'Mary', suffix: 'Jr.' }],
    [{ family: 'Penhale Jr', given: 'Mary', suffix: 'Jr' }, { family: 'Penhale Jr', given: 'Mary', suffix: 'Jr' }],
    [{ family: 'Orr', given: 'Dr. Ben' }, { family: 'Orr', given: 'Ben' }],
    [{ family: 'Orr', given: 'Prof. Dr. Ben' }, { family: 'Orr', given: 'Ben' }],
    [{ family: 'Orr, PhD', given: 'Ben' }, { family: 'Orr', given: 'Ben' }],
    [{ family: 'Orr', given: 'Ben (Ed.)' }, { family: 'Orr', given: 'Ben' }],
    [{ family: 'Mary Penhale' }, { family: 'Penhale', given: 'Mary' }],
    [{ family: 'Mary A. Penhale' }, { family: 'Penhale', given: 'Mary A.' }],
    [{ literal: 'Penhale, Mary' }, { family: 'Penhale', given: 'Mary' }],
    [{ literal: 'Smith, Jones & Partners' }, { literal: 'Smith, Jones & Partners' }],
    [{ literal: 'Office of Water, Estmark' }, { literal: 'Office of Water, Estmark' }],
    [{ literal: 'World Water Office (WWO)' }, { literal: 'World Water Office', short: 'WWO' }],
    [{ literal: 'Sorrel' }, { literal: 'Sorrel' }],
  ])('%j: %j', (given, clean) => { expect(cleanName(given!)).toEqual(clean) })
  it('of groups are as they are', () => {
    const group = { literal: 'NASA' }
    expect(cleanName(group)).toBe(group)
  })
})

describe('places, publishers, addresses', () => {
  it.each(table(`
    London | London
    London; New York | London
    London : Saltmarsh Press | London
    London: Saltmarsh Press | London
    [London] | London
    Millbridge, VT | Millbridge, VT
    London, | London
    S.l. | ''
    [S.l.] | ''
    n.p. | ''
  `))('%s: %s', (given, clean) => { expect(place(given!)).toBe(clean === '\'\'' ? '' : clean) })
  it.each(table('Saltmarsh Press | Saltmarsh Press\nSaltmarsh Press, | Saltmarsh Press\ns.n. | \'\'\n[s.n.] | \'\''))('%s: %s', (given, clean) => { expect(publisher(given!)).toBe(clean === '\'\'' ? '' : clean) })
  it.each(table(`
    https://t.example/?utm_source=a&id=4 | https://t.example/?id=4
    https://t.example/?fbclid=x | https://t.example/
    https://t.example/a?id=4#part | https://t.example/a?id=4#part
    https://t.example/a?gclid=1#part | https://t.example/a#part
    www.t.example/a | https://www.t.example/a
    https://t.example/a | https://t.example/a
  `))('%s: %s', (given, clean) => { expect(address(given!)).toBe(clean) })
})

describe('the texts of a source', () => {
  it.each<[KindId, Texts, Texts]>([
    ['journal-article', { volume: 'Vol. 7(2)', pages: 'pp. 20-31' }, { volume: '7', issue: '2', pages: '20-31' }],
    ['journal-article', { volume: '7(2)', issue: '3' }, { volume: '7', issue: '3' }],
    ['journal-article', { pages: 'n/a' }, {}],
    ['report', { number: 'Report No. 4' }, { number: '4' }],
    ['report', { number: 'Working Paper 23-07' }, { number: '23-07', genre: 'Working Paper' }],
    ['report', { number: 'Technical Report 12', genre: 'Technical Report' }, { number: '12', genre: 'Technical Report' }],
    ['report', { number: '12', genre: 'Technical report no.' }, { number: '12', genre: 'Technical report' }],
    ['review', { title: 'Review of The Tarn, by A. Hale', reviewedTitle: 'The Tarn' }, { reviewedTitle: 'The Tarn' }],
    ['review', { title: 'The tarn', reviewedTitle: 'The Tarn' }, { reviewedTitle: 'The Tarn' }],
    ['review', { title: 'Deep water', reviewedTitle: 'The Tarn' }, { title: 'Deep water', reviewedTitle: 'The Tarn' }],
    ['standard', { number: 'MSO Standard 4471' }, { number: 'MSO Standard 4471' }],
    ['tv-episode', { number: 'S02E05' }, { number: '5', season: '2' }],
    ['tv-episode', { number: '5', volume: '2' }, { number: '5', season: '2' }],
    ['tv-episode', { number: 'Episode 5', season: 'Season 2' }, { number: '5', season: '2' }],
    ['podcast-episode', { number: '#27' }, { number: '27' }],
    ['patent', { number: 'U.S. Patent No. 9,876,543' }, { number: 'U.S. Patent No. 9,876,543' }],
    ['web-page', { genre: 'Web page', url: 'www.mill.example/a' }, { url: 'https://www.mill.example/a' }],
    ['social-post', { title: 'Nobody planted them.' }, { title: 'Nobody planted them.' }],
    ['book', { title: 'Silt &amp; salt.', seriesNumber: 'no. 7', numberOfVolumes: '3 vols' }, { title: 'Silt & salt', seriesNumber: '7', numberOfVolumes: '3' }],
  ])('%s %j', (kind, given, clean) => {
    const texts = { ...given }
    cleanTexts(texts, kindOf(kind))
    expect(texts).toEqual(clean)
  })
  it.each<[Texts, Texts]>([
    [{ title: 'Estuary people (2nd ed.)' }, { title: 'Estuary people', edition: '2nd ed.' }],
    [{ title: 'Estuary people (2nd edition)', edition: '3' }, { title: 'Estuary people (2nd edition)', edition: '3' }],
    [{ title: 'Estuary people (rev. ed.)' }, { title: 'Estuary people', edition: 'rev. ed.' }],
    [{ title: 'Estuary people (a memoir)' }, { title: 'Estuary people (a memoir)' }],
    [{ title: 'The pond', container: 'Estuary people (3rd ed.)' }, { title: 'The pond', container: 'Estuary people', edition: '3rd ed.' }],
  ])('%j', (given, clean) => {
    const texts = { ...given }
    cleanTexts(texts, kindOf('book'))
    expect(texts).toEqual(clean)
  })
  it('is read in one pass, however long a value is', () => {
    const long = 'p'.repeat(100_000)
    for (const read of [issue, pages, numeral, howMany, season, sort]) expect(read(`${long} 7`)).toBe(`${long} 7`)
  })
})

describe('names that say there are more', () => {
  it.each<[string, Name[], number, boolean]>([
    ['as a surname', [{ family: 'Moss', given: 'Ada' }, { family: 'et al.' }], 2, true],
    ['as a literal without its stop', [{ family: 'Moss' }, { literal: 'et al' }], 2, true],
    ['as "others"', [{ family: 'Moss' }, { family: 'Fell' }, { literal: 'and others' }], 3, true],
    ['alone it is a name', [{ literal: 'Others' }], 1, false],
    ['a group that is called so', [{ family: 'Moss' }, { literal: 'The Others Collective' }], 2, false],
  ])('%s', (_, names, count, open) => {
    const read = cleanNames(names)
    expect([read.length, read.at(-1) === OTHERS]).toEqual([count, open])
  })
  it.each([['Hans (H.-W.)', 'Hans', 'H.-W.'], ['Hans ({H.-W.})', 'Hans', 'H.-W.'], ['Mary [M. B.]', 'Mary', 'M. B.']])('initials behind the name that is used: %s', (given, used, initials) => {
    expect(cleanName({ family: 'Keel', given })).toEqual({ family: 'Keel', given: used, initials })
  })
})
