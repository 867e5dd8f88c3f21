import { describe, expect, it } from 'vitest'
import { STYLES, styleOf } from '../styles'
import { withValues } from '../styles/paths'
import { KIND_IDS } from '../source/kinds'
import type { Fields, Source } from '../source/model'
import { readLocator } from '../source/locators'
import { readName } from '../source/names'
import { readDate } from '../source/dates'
import { plain, toMarkup } from '../text/runs'
import { compose, composeAlone, type Citation } from './compose'
import { captionCredit } from './caption-credit'
import { explain } from './explain'
import { parseTemplate } from '../styles/template'
import { firstWords, nounPhrase } from './titles'
import { bareDoi } from '../source/values/addresses'

const style = (id: string) => styleOf(id)!
let n = 0
const make = (kind: Source['kind'], fields: Fields, id = `s${++n}`): Source => ({ id, kind, fields })
const people = (...names: string[]) => names.map(readName)
const year = (text: string) => readDate(text)!
const article = (names: string[], when: string, title: string, more: Fields = {}) =>
  make('journal-article', { author: people(...names), issued: year(when), title, container: 'Shore Notes', volume: '1', ...more })
const cite = (...ids: string[]): Citation => ({ items: ids.map(id => ({ id })) })
const text = (id: string, sources: Source[], citations: Citation[]) => compose(style(id), sources, { citations }).citations.map(toMarkup)
const list = (id: string, sources: Source[]) =>
  compose(style(id), sources, { citations: [], alsoList: sources.map((s) => s.id) }).list.map((e) => toMarkup(e.runs))

describe('telling works apart', () => {
  const a = article(['Marsh, Eliot'], '2018', 'Counting the tides')
  const b = article(['Marsh, Eliot'], '2018', 'The patient wheel')
  it('gives letters in list order, whatever the order of citing', () => {
    expect(text('apa-7', [a, b], [cite(b.id), cite(a.id)])).toEqual(['(Marsh, 2018b)', '(Marsh, 2018a)'])
  })
  it('sets a hyphen before the letter where there is no year', () => {
    const { issued: _a, ...undatedA } = a.fields
    const { issued: _b, ...undatedB } = b.fields
    expect(text('apa-7', [{ ...a, fields: undatedA }, { ...b, fields: undatedB }], [cite(a.id, b.id)])).toEqual(['(Marsh, n.d.-a, n.d.-b)'])
  })
  it('gives more names where et al. would be ambiguous (APA 7, 8.18)', () => {
    const first = article(['Kerr, Isla', 'Lund, Axel', 'Nolan, Orla', 'Pryce, Bethan', 'Sato, Emi'], '2020', 'One')
    const second = article(['Kerr, Isla', 'Lund, Axel', 'Quist, Lars', 'Rowe, Hannah', 'Tanner, Jude'], '2020', 'Two')
    expect(text('apa-7', [first, second], [cite(first.id), cite(second.id)])).toEqual([
      '(Kerr, Lund, Nolan, et al., 2020)',
      '(Kerr, Lund, Quist, et al., 2020)',
    ])
  })
  it('never lets et al. stand for one name alone', () => {
    const first = article(['Kerr, Isla', 'Lund, Axel', 'Nolan, Orla'], '2020', 'One')
    const second = article(['Kerr, Isla', 'Lund, Axel', 'Quist, Lars'], '2020', 'Two')
    expect(text('apa-7', [first, second], [cite(first.id)])).toEqual(['(Kerr et al., 2020)'])
    expect(text('apa-7', [first, second], [cite(first.id), cite(second.id)])).toEqual([
      '(Kerr, Lund, & Nolan, 2020)',
      '(Kerr, Lund, & Quist, 2020)',
    ])
  })
  it('adds short titles in MLA for two works of one author', () => {
    expect(text('mla-9', [a, b], [{ items: [{ id: b.id, locator: { label: 'page', place: '12' } }] }])).toEqual(['(Marsh 12)'])
    expect(text('mla-9', [a, b], [{ items: [{ id: b.id, locator: { label: 'page', place: '12' } }] }, cite(a.id)])[0]).toBe(
      '(Marsh, “Patient Wheel” 12)',
    )
  })
})

describe('filing', () => {
  it('puts the work alone before the work with others, earlier before later', () => {
    const alone = article(['Marsh, Eliot'], '2019', 'B')
    const earlier = article(['Marsh, Eliot'], '2015', 'Z')
    const both = article(['Marsh, Eliot', 'Aldous, Henry'], '2001', 'A')
    expect(list('apa-7', [both, alone, earlier]).map((e) => e.slice(0, 35))).toEqual([
      'Marsh, E. (2015). Z. *Shore Notes*,',
      'Marsh, E. (2019). B. *Shore Notes*,',
      'Marsh, E., & Aldous, H. (2001). A. ',
    ])
  })
  it('files particles, Mc and titles where a reader looks', () => {
    const sources = [
      article(['McKay, Una'], '2000', 'x'),
      article(['Maddox, Al'], '2000', 'x'),
      article(['van der Berg, Sanne'], '2000', 'x'),
      make('book', { title: 'The harbour year', issued: year('2001') }),
      article(['Vance, Mary'], '2000', 'x'),
    ]
    expect(list('apa-7', sources).map(e => e.split(/[,.]/u)[0])).toEqual(['*The harbour year*', 'Maddox', 'McKay', 'Vance', 'van der Berg'])
  })
  it.each<[string, string, string]>([
    ['apa-7', 'Tides, Inc.', 'Tides'],
    ['apa-7', 'Saltmarsh Press Ltd', 'Saltmarsh Press'],
    ['chicago-18-notes', 'Weir LLC', 'Weir'],
    ['apa-7', 'Moss & Co.', 'Moss & Co'],
    ['vancouver', 'Tides, Inc.', 'Tides, Inc.'],
    ['apa-7', 'Lincoln Press', 'Lincoln Press'],
  ])('%s: a publisher called %s is %s', (id, publisher, printed) =>
    expect(list(id, [make('book', { title: 'Mud', issued: year('2001'), publisher })])[0]).toContain(
      printed + (id === 'apa-7' ? '.' : id === 'vancouver' ? ';' : ','),
    ),
  )
  it.each([
    ['chicago-18-notes', ['Moss', 'al-Rashidi', 'Zahn']],
    ['apa-7', ['al-Rashidi', 'Moss', 'Zahn']],
  ])('passes over the Arabic article where the style does: %s', (id, order) => {
    expect(
      list(
        id,
        ['Zahn, Q.', 'al-Rashidi, Noor', 'Moss, Ada'].map((name) => article([name], '2000', 'x')),
      ).map((e) => e.split(',')[0]),
    ).toEqual(order)
  })
  it('files word by word where the style does', () => {
    const sources = [article(['Newark, Al'], '2000', 'x'), article(['New York, Bo'], '2000', 'x')]
    const first = (words: boolean) =>
      compose({ ...style('apa-7'), list: { ...style('apa-7').list, wordByWord: words } }, sources, {
        citations: [],
        alsoList: sources.map((s) => s.id),
      }).list[0]!.runs[0]!.text
    expect([first(false), first(true)]).toEqual(['Newark, A.', 'New York, B.'])
  })
  it('files a group without its article, and prints it', () => {
    const group = (literal: string) =>
      make('report', { author: [{ literal }], issued: year('2001'), title: 'x', publisher: 'Harbour Institute' })
    expect(list('apa-7', [group('The Mill Trust'), group('Tidal Board'), group('Lantern Office')]).map((e) => e.split('.')[0])).toEqual([
      'Lantern Office',
      'The Mill Trust',
      'Tidal Board',
    ])
  })
  it('joins a particle that ends in a hyphen or an apostrophe to its surname', () => {
    expect(
      list('apa-7', [
        article([], '2001', 'x', {
          author: [
            { family: 'Masri', given: 'Rana', particle: 'al-' },
            { family: 'Aubigny', given: 'Luc', particle: 'd\'' },
          ],
        }),
      ])[0]!.slice(0, 35),
    ).toBe('al-Masri, R., & d’Aubigny, L. (2001')
  })
  it('says why', () => {
    const { list: entries } = compose(style('apa-7'), [make('book', { title: 'The harbour year' }, 'x')], {
      citations: [],
      alsoList: ['x'],
    })
    expect(entries[0]!.why).toEqual(['under <b>h</b>: <i>The</i> is not counted'])
  })
})

describe('numbers', () => {
  const sources = ['A', 'B', 'C', 'D', 'E'].map(t => article([`${t}bara, N.`], '2020', t, {}))
  const [a, b, c, d, e] = sources.map(s => s.id) as [string, string, string, string, string]
  it('numbers by first appearance, reuses, orders and collapses', () => {
    expect(text('ieee', sources, [cite(c), cite(a), cite(b, c, a), cite(d, a), cite(e, d, a)])).toEqual([
      '[1]',
      '[2]',
      '[1]–[3]',
      '[2], [4]',
      '[2], [4], [5]',
    ])
  })
  it('does not collapse a number that carries a place', () => {
    expect(
      text('ieee', sources, [cite(a), cite(b), { items: [{ id: a }, { id: b, locator: { label: 'page', place: '4' } }, { id: c }] }])[2],
    ).toBe('[1], [2, p. 4], [3]')
  })
})

describe('notes', () => {
  const book = make('book', {
    author: people('Tremayne, Loveday'),
    issued: year('2018'),
    title: 'Working the tide: Mills and millers',
    publisher: 'Saltmarsh Press',
  })
  const notes = (citations: Citation[]) => compose(style('chicago-18-notes'), [book], { citations })
  it('gives the first in full and later ones short, with the writer’s own words', () => {
    const composed = notes([
      { items: [{ id: book.id, prefix: 'see', locator: { label: 'page', place: '41' } }], words: { after: 'The <i>figure</i> is hers.' } },
      { items: [{ id: book.id }] }, { items: [], words: { after: 'A note of its own.' } },
    ])
    expect(composed.notes.map(toMarkup)).toEqual([
      'See Loveday Tremayne, *Working the Tide: Mills and Millers* (Saltmarsh Press, 2018), 41. The *figure* is hers.',
      'Tremayne, *Working the Tide*.',
      'A note of its own.',
    ])
    expect(composed.citations.map(toMarkup)).toEqual(['^1^', '^2^', '^3^'])
  })
})

describe('names in the list', () => {
  it.each([
    ['apa-7', ['Moreau, Jean-Luc', 'Whitlock, Samuel J., Jr.'], 'Moreau, J.-L., & Whitlock, S. J., Jr.'],
    ['mla-9', ['Whitlock, Samuel J., Jr.', 'Moreau, Jean-Luc'], 'Whitlock, Samuel J., Jr., and Jean-Luc Moreau.'],
    ['chicago-18-notes', ['Moreau, Jean-Luc', 'Whitlock, Samuel J., Jr.'], 'Moreau, Jean-Luc, and Samuel J. Whitlock Jr.'],
    ['ieee', ['van der Berg, Sanne', 'Moreau, Jean-Luc', 'O’Neill, Una'], 'S. van der Berg, J.-L. Moreau, and U. O’Neill,'],
  ])('%s %o', (id, names, start) =>
    expect(plain(composeAlone(style(id), article(names, '2020', 'X')).reference!).startsWith(start)).toBe(true),
  )
  it('names an editor who leads by the role, and not twice', () => {
    expect(
      list('apa-7', [
        make('book', { editor: people('Drummond, Fiona'), issued: year('2014'), title: 'Tides', publisher: 'Saltmarsh Press' }),
      ]),
    ).toEqual(['Drummond, F. (Ed.). (2014). *Tides*. Saltmarsh Press.'])
  })
  it('joins the roles of one hand', () => {
    expect(
      list('mla-9', [
        make('book', {
          author: people('Lindqvist, Maja'),
          editor: people('Penn, Harold'),
          translator: people('Penn, Harold'),
          issued: year('1998'),
          title: 'The harbour year',
          publisher: 'Lantern House',
        }),
      ]),
    ).toEqual(['Lindqvist, Maja. *The Harbour Year*. Edited and translated by Harold Penn, Lantern House, 1998.'])
  })
})

describe('dates', () => {
  it.each([
    ['apa-7', '3-5 March 2020', '(2020, March 3–5)'],
    ['apa-7', 'Spring 2020', '(2020, Spring)'],
    ['apa-7', 'c. 1890', '(ca. 1890)'],
    ['mla-9', '14 March 2023', '14 Mar. 2023'],
    ['mla-9', 'June 2022', 'June 2022'],
    ['ieee', '9 January 2024', 'Jan. 9, 2024'],
    ['chicago-18-notes', '9 January 2024', 'January 9, 2024'],
    ['apa-7', '46 BCE', '(46 B.C.E.)'],
  ])('%s prints %s as %s', (id, typed, printed) => {
    expect(
      plain(
        composeAlone(
          style(id),
          make('magazine-article', { author: people('Hale, Joan'), issued: year(typed), title: 'X', container: 'Coast' }),
        ).reference!,
      ),
    ).toContain(printed)
  })
})

describe('punctuation', () => {
  const question = article(['Grieve, Morag'], '2016', 'Who owns the foreshore?')
  it.each([
    ['apa-7', 'foreshore? *Shore'],
    ['mla-9', 'Foreshore?” *Shore'],
    ['chicago-18-notes', 'Foreshore?” *Shore'],
    ['ieee', 'foreshore?” *Shore'],
  ])('%s leaves one mark after a question', (id, part) => expect(toMarkup(composeAlone(style(id), question).reference!)).toContain(part))
  it.each([
    '10.5555/x.1',
    'https://doi.org/10.5555/x.1',
    'http://dx.doi.org/10.5555/x.1',
    'doi:10.5555/x.1',
    'DOI: 10.5555/x.1',
    '10.5555/x.1.',
  ])('reads the DOI in %s', (doi) => expect(bareDoi(doi)).toBe('10.5555/x.1'))
})

describe('short titles', () => {
  it.each([
    ['Silt, salt, and patience: Restoring', 'Silt, salt, and patience'],
    ['The pilot’s guide to northern inlets', 'pilot’s guide'],
    ['Sound and silence in working harbours', 'Sound and silence'],
    ['Return of <i>Zostera marina</i> meadows after dredging', 'Return of <i>Zostera marina</i>'],
    ['The 1790 sluice gate is back where it belongs', '1790 sluice gate'],
  ])('Chicago: %s', (title, short) => expect(firstWords(title)).toBe(short))
  it.each([
    ['Weirs and their keepers', 'Weirs'],
    ['The patient wheel', 'patient wheel'],
    ['The river that turned around', 'river'],
    ['Counting the tides', 'Counting the tides'],
    ['Saltmarsh restoration: Questions', 'Saltmarsh restoration'],
  ])('MLA: %s', (title, short) => expect(nounPhrase(title)).toBe(short))
})

describe('every kind in every style', () => {
  const FULL: Fields = {
    author: people('Okonjo, Adaeze'),
    director: people('Castellan, Marco'),
    title: 'A long tide',
    container: 'Shore notes',
    reviewedTitle: 'Working the tide',
    issued: year('14 March 2023'),
    volume: '3',
    issue: '2',
    number: '17',
    pages: '12-15',
    publisher: 'Saltmarsh Press',
    place: 'Bristol',
    genre: 'Lecture',
    medium: 'Oil on canvas',
    archive: 'Northmere Museum',
    url: 'https://x.example/y',
  }
  for (const s of STYLES) {
    it.each(KIND_IDS)(`${s.id} sets a %s full and empty without stray marks`, (kind) => {
      for (const fields of [FULL, { title: 'A long tide' }, { author: people('Okonjo, Adaeze') }, {}]) {
        const alone = composeAlone(s, make(kind, fields))
        for (const runs of [alone.reference, alone.parenthetical, alone.narrative, alone.note, alone.shortNote]) {
          const set = runs ? plain(runs) : ''
          expect(set).not.toMatch(/\s[,.;:](?:\s|$)(?<!\. \. \. )|,,|;;|\(\s*\)|“”|‘’|undefined|[,;:]\.|\(,|\[\]|\s\s/u)
        }
      }
    })
  }
})

describe('explanations', () => {
  it('have a sentence and a section for what a reference is made of', () => {
    const runs = composeAlone(
      style('apa-7'),
      article(['Okonjo, Adaeze'], '2021', 'Silt', { issue: '2', pages: '101-119', doi: '10.5555/x' }),
    ).reference!
    for (const run of runs.filter((r) => r.part !== 'glue'))
      expect([run.text, explain(style('apa-7'), run).length > 0]).toEqual([run.text, true])
    expect(
      explain(
        style('apa-7'),
        runs.find((r) => r.field === 'volume')!,
      )[0],
    ).toMatchObject({ says: 'Volume: italic, because it belongs to the journal.', source: 'APA 7, 9.25' })
  })
})

describe('templates', () => {
  it.each(['{title', '*x', '[x', '<a|b', '"x'])('%s is refused with its place', (template) =>
    expect(() => parseTemplate(template)).toThrow(/unclosed/u),
  )
})

describe('groups, other languages, works cited in works', () => {
  const agency = make('report', {
    author: [{ literal: 'Marine Planning Agency', short: 'MPA' }],
    issued: year('2020'),
    title: 'Small tidal schemes',
    publisher: 'Marine Planning Agency',
  })
  it('gives a group’s abbreviation at its first citation and uses it afterwards (APA 7, 8.21)', () => {
    expect(text('apa-7', [agency], [cite(agency.id), cite(agency.id), { ...cite(agency.id), form: 'narrative' }])).toEqual([
      '(Marine Planning Agency [MPA], 2020)',
      '(MPA, 2020)',
      'MPA (2020)',
    ])
    expect(text('apa-7', [agency], [{ ...cite(agency.id), form: 'narrative' }])).toEqual(['Marine Planning Agency (MPA, 2020)'])
    expect(text('mla-9', [agency], [cite(agency.id)])).toEqual(['(*Small Tidal Schemes*)'])
  })
  it.each([
    ['apa-7', '(Rabbitt, 1982, as cited in Tremayne, 2018, p. 4)'],
    ['mla-9', '(Rabbitt, qtd. in Tremayne 4)'],
  ])('%s names a work found in another', (id, set) => {
    const book = make('book', { author: people('Tremayne, Loveday'), issued: year('2018'), title: 'X' })
    expect(
      text(
        id,
        [book],
        [{ items: [{ id: book.id, original: id === 'apa-7' ? 'Rabbitt, 1982' : 'Rabbitt', locator: { label: 'page', place: '4' } }] }],
      ),
    ).toEqual([set])
  })
  it('leaves another language its capitals and adds the title in English', () => {
    const book = make('book', {
      author: people('Moreau, Jean-Luc'),
      issued: year('2001'),
      title: 'Le Moulin à marée',
      titleTranslated: 'The Tide Mill',
      language: 'fr',
      publisher: 'Lantern House',
    })
    expect(list('apa-7', [book])).toEqual(['Moreau, J.-L. (2001). *Le Moulin à marée* [The tide mill]. Lantern House.'])
  })
})

describe('names of a work cited again', () => {
  it('are all given once and then shortened in APA 6 (6.12)', () => {
    const three = article(['Kerr, Isla', 'Lund, Axel', 'Nolan, Orla'], '2020', 'One')
    expect(text('apa-6', [three], [cite(three.id), cite(three.id), { ...cite(three.id), form: 'narrative' }])).toEqual([
      '(Kerr, Lund, & Nolan, 2020)',
      '(Kerr et al., 2020)',
      'Kerr et al. (2020)',
    ])
    expect(text('apa-7', [three], [cite(three.id)])).toEqual(['(Kerr et al., 2020)'])
  })
})

describe('divided lists', () => {
  const play = make('book', { author: people('Marlowe-Finch, Edmund'), title: 'The drowned king' }, 'play')
  const study = make('book', { author: people('Aldous, Henry'), title: 'The shore' }, 'study')
  const again = make('book', { author: people('Marlowe-Finch, Edmund'), title: 'Letters' }, 'again')
  const paper = {
    citations: [cite('play', 'study', 'again')],
    divisions: { order: ['Primary', 'Secondary'], of: { play: 'Primary', study: 'Secondary', again: 'Secondary' } },
  }
  it('come in their order, filed within, the repeated-name sign never across', () => {
    expect(compose(style('mla-9'), [play, study, again], paper).list.map((e) => [e.division, toMarkup(e.runs)])).toEqual([
      ['Primary', 'Marlowe-Finch, Edmund. *The Drowned King*.'],
      ['Secondary', 'Aldous, Henry. *The Shore*.'],
      ['Secondary', 'Marlowe-Finch, Edmund. *Letters*.'],
    ])
  })
  it('leave numbered lists undivided', () => {
    expect(compose(style('ieee'), [play, study, again], paper).list.map((e) => [e.number, e.division])).toEqual([
      [1, undefined],
      [2, undefined],
      [3, undefined],
    ])
  })
})

describe('credits under a reproduction', () => {
  const chart = make('figure', {
    author: people('Okonjo, Adaeze R.'),
    issued: year('2021'),
    title: 'Depth of the pond',
    container: 'Journal of Estuary Heritage',
    volume: '14',
    issue: '2',
    pages: '105',
  })
  it.each([
    ['apa-7', '*Note*. From “Depth of the Pond,” by A. R. Okonjo, 2021, *Journal of Estuary Heritage*, *14*(2), p. 105.'],
    ['mla-9', 'Adaeze R. Okonjo, “Depth of the Pond,” *Journal of Estuary Heritage*, 2021, p. 105.'],
    ['harvard', 'Source: Okonjo (2021).'], ['ieee', 'Reproduced from ref. 3.'],
  ])('%s', (id, credit) => expect(toMarkup(captionCredit(style(id), chart, 3))).toBe(credit))
})

describe('usernames', () => {
  const post = make('social-post', {
    author: [{ family: 'Fenn', given: 'Walter', username: '@tidelines' }],
    issued: year('30 October 2023'),
    title: 'The gate is back',
    container: 'Chirpline',
    url: 'https://chirpline.example/1',
  })
  it.each([
    ['apa-7', 'Fenn, W. [@tidelines]. (2023'],
    ['mla-9', 'Fenn, Walter [@tidelines]. “'],
    ['chicago-18-notes', 'Fenn, Walter (@tidelines). “'],
    ['harvard', 'Fenn, W. (2023)'],
  ])('%s', (id, start) => {
    expect(plain(composeAlone(style(id), post).reference!).startsWith(start)).toBe(true)
  })
  it('stay out of the text', () => expect(text('apa-7', [post], [cite(post.id)])).toEqual(['(Fenn, 2023)']))
})

describe('a note of the writer’s own words', () => {
  const works = [
    make('book', { author: people('Tremayne, Loveday'), issued: year('2018'), title: 'Working the tide', publisher: 'Saltmarsh' }, 'own-a'),
  ]
  const words = { after: 'The survey was never finished.' }
  const shown = (id: string, citation: Citation) => {
    const made = compose(style(id), works, { citations: [cite('own-a'), citation] })
    return [toMarkup(made.citations[1]!), made.notes.map(toMarkup), made.noteNumbers]
  }
  it.each<[string, string, Citation, unknown[]]>([
    [
      'alone, in a style that cites in the text, is a content note (APA 7, 2.13)',
      'apa-7',
      { items: [], words },
      ['^1^', ['The survey was never finished.'], [undefined, 1]],
    ],
    [
      'with a work: the citation, and the note behind it',
      'apa-7',
      { items: [{ id: 'own-a' }], words },
      ['(Tremayne, 2018)^1^', ['The survey was never finished.'], [undefined, 1]],
    ],
    ['an empty one keeps its number while it is written', 'apa-7', { items: [], words: { after: '' } }, ['^1^', [''], [undefined, 1]]],
    [
      'its italics print',
      'apa-7',
      { items: [], words: { before: 'Not <i>so</i>.', after: 'See <i>Mud</i> < 3.' } },
      ['^1^', ['Not *so*. See *Mud* < 3.'], [undefined, 1]],
    ],
    ['in MLA too (9, 7.1)', 'mla-9', { items: [], words }, ['^1^', ['The survey was never finished.'], [undefined, 1]]],
    [
      'in a style with notes it is a note among the others',
      'chicago-18-notes',
      { items: [], words },
      ['^2^', ['Loveday Tremayne, *Working the Tide* (Saltmarsh, 2018).', 'The survey was never finished.'], [1, 2]],
    ],
    [
      'before and after a reference',
      'chicago-18-notes',
      { items: [{ id: 'own-a' }], words: { before: 'See', after: 'It is the best.' } },
      ['^2^', ['Loveday Tremayne, *Working the Tide* (Saltmarsh, 2018).', 'See Tremayne, *Working the Tide*. It is the best.'], [1, 2]],
    ],
    [
      'empty words are no note',
      'apa-7',
      { items: [{ id: 'own-a' }], words: { after: '  ' } },
      ['(Tremayne, 2018)', [], [undefined, undefined]],
    ],
  ])('%s', (_, id, citation, expected) => expect(shown(id, citation)).toEqual(expected))
})

describe('a copy editor’s small things', () => {
  const dated: Fields = {
    author: people('Moss, Ada'),
    issued: readDate('14 March 2021'),
    title: 'Working the tide',
    publisher: 'Saltmarsh Press',
  }
  it.each<[string, Source['kind'], Fields, string]>([
    // Of a book the year alone (Chicago 18, 14.30; MLA Handbook 9, 5.73), of an entry in a reference work the day.
    ['chicago-18-notes', 'book', {}, 'Moss, Ada. *Working the Tide*. Saltmarsh Press, 2021.'],
    ['chicago-18-author-date', 'book', {}, 'Moss, Ada. 2021. *Working the Tide*. Saltmarsh Press.'],
    ['mla-9', 'book', {}, 'Moss, Ada. *Working the Tide*. Saltmarsh Press, 2021.'],
    ['vancouver', 'book', {}, 'Moss A. Working the tide. Saltmarsh Press; 2021.'],
    ['ama-11', 'film', { author: undefined }, '*Working the Tide*. Film. Saltmarsh Press; 2021.'],
    ['acs', 'chapter', { container: 'Shore' }, 'Moss, A. Working the Tide. In *Shore*; Saltmarsh Press, 2021.'],
    ['acs', 'encyclopedia-entry', { container: 'Shore' }, 'Moss, A. Working the Tide. In *Shore*; Saltmarsh Press, March 14, 2021.'],
    // No stop after an address (APA 7, 9.35).
    [
      'apa-7',
      'book',
      { originalDate: readDate('1890'), doi: '10.5555/tide' },
      'Moss, A. (2021). *Working the tide*. Saltmarsh Press. https://doi.org/10.5555/tide (Original work published 1890)',
    ],
    [
      'apa-7',
      'book',
      { originalDate: readDate('1890') },
      'Moss, A. (2021). *Working the tide*. Saltmarsh Press. (Original work published 1890)',
    ],
    // An article before a description, none before a place.
    [
      'acs',
      'talk',
      { publisher: 'University of Northmere' },
      'Moss, A. Working the Tide. Lecture presented at the University of Northmere, March 14, 2021.',
    ],
    [
      'acs',
      'talk',
      { publisher: 'Leedside University' },
      'Moss, A. Working the Tide. Lecture presented at Leedside University, March 14, 2021.',
    ],
    [
      'ieee',
      'talk',
      { publisher: 'Royal Society of Tides' },
      'A. Moss, “Working the tide,” lecture presented at the Royal Society of Tides, Mar. 14, 2021.',
    ],
    // A foreword that does not say what it is.
    ['chicago-18-notes', 'foreword', { title: undefined, container: 'Shore' }, 'Moss, Ada. In *Shore*. Saltmarsh Press, 2021.'],
    [
      'chicago-18-notes',
      'foreword',
      { title: undefined, container: 'Shore', genre: 'Foreword' },
      'Moss, Ada. Foreword to *Shore*. Saltmarsh Press, 2021.',
    ],
  ])('%s, %s %j', (id, kind, more, expected) => {
    const { reference } = composeAlone(style(id), make(kind, { ...dated, ...more }))
    expect(toMarkup(reference!)).toBe(expected)
  })
  it('a username is not raised at the head of a note', () => {
    const { note } = composeAlone(
      style('chicago-18-notes'),
      make('social-post', { ...dated, author: [{ literal: '@millwatch' }], container: 'Harbour' }),
    )
    expect(plain(note!)).toMatch(/^@millwatch, /u)
  })
})

describe('a place alone, for a work cited again in its paragraph', () => {
  const book: Source = {
    id: 'b',
    kind: 'book',
    fields: { author: [{ family: 'Moss', given: 'Ada' }], title: 'Mills', issued: { start: { year: 2014 } }, publisher: 'Weir' },
  }
  const again = (id: string, place?: string) =>
    toMarkup(
      compose(styleOf(id)!, [book], {
        citations: [
          { items: [{ id: 'b', locator: readLocator('p. 9') }] },
          { items: [{ id: 'b', locator: readLocator(place ?? '') }], form: 'place-alone' },
        ],
      }).citations[1]!,
    )
  it.each([
    ['mla-9', '104-9', '(104–09)'],
    ['chicago-18-author-date', '107', '(107)'],
    ['chicago-18-author-date', 'ch. 3', '(chap. 3)'],
    // Where the manual does not allow it, or no place is given, the work is cited as ever.
    ['apa-7', '107', '(Moss, 2014, p. 107)'],
    ['harvard', '107', '(Moss, 2014, p. 107)'],
    ['mla-9', '', '(Moss)'],
    ['ieee', '107', '[1, p. 107]'],
  ])('%s %s: %s', (id, place, cited) => expect(again(id, place)).toBe(cited))
})

describe('acts in Roman numerals, where a style is told so', () => {
  it.each([['3.2.14', 'III.ii.14'], ['1.4.15-19', 'I.iv.15–19'], ['2.1', 'II.i']])('%s: %s', (place, cited) => {
    const { style, refused } = withValues(styleOf('mla-9')!, [{ path: 'citation.romanActs', value: true }])
    expect(refused).toEqual([])
    const play: Source = { id: 'p', kind: 'classic', fields: { author: [{ family: 'Marlow' }], title: 'The Drowned Bell' } }
    expect(
      toMarkup(compose(style, [play], { citations: [{ items: [{ id: 'p', locator: { label: 'act', place } }] }] }).citations[0]!),
    ).toBe(`(Marlow ${cited})`)
  })
})
