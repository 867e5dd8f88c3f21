/**
 * Entries and notes set by hand after the MHRA Style Guide, 3rd ed., chapter 11: the bibliography, the first note at a
 * place, a later note.
 */
import { describe, expect, it } from 'vitest'
import { compose, composeAlone } from '../compose/compose'
import { readDate } from '../source/dates'
import { readLocator } from '../source/locators'
import type { KindId } from '../source/kinds'
import type { Fields, Source } from '../source/model'
import { readNames } from '../source/names'
import { toMarkup } from '../text/runs'
import { mhra3 } from './mhra-3'

type Row = [kind: KindId, fields: Fields, place: string, entry: string, note: string, later: string]
const by = (typed: string) => readNames(typed)
const on = (typed: string) => readDate(typed)!

const ROWS: Row[] = [
  [
    'book',
    {
      author: by('Tremayne, Loveday'),
      title: 'Working the tide: mills and millers',
      place: 'Bristol',
      publisher: 'Saltmarsh Press',
      issued: on('1986'),
    },
    '59',
    'Tremayne, Loveday, *Working the Tide: Mills and Millers* (Bristol: Saltmarsh Press, 1986)',
    'Loveday Tremayne, *Working the Tide: Mills and Millers* (Bristol: Saltmarsh Press, 1986), p. 59.',
    'Tremayne, p. 59.',
  ],
  [
    'book',
    {
      author: by('Fuente, Carla'),
      editor: by('Standing, Peter'),
      title: 'Aura of the marsh',
      series: 'Durham Marsh Series',
      seriesNumber: '1',
      place: 'Durham',
      publisher: 'University of Durham',
      issued: on('1986'),
    },
    '12-16',
    'Fuente, Carla, *Aura of the Marsh*, ed. by Peter Standing, Durham Marsh Series, 1 (Durham: University of Durham, 1986)',
    'Carla Fuente, *Aura of the Marsh*, ed. by Peter Standing, Durham Marsh Series, 1 (Durham: University of Durham, 1986), pp. 12–16.',
    'Fuente, pp. 12–16.',
  ],
  [
    'book',
    {
      editor: by('Fell, Una; Gray, Cal'),
      title: 'The tidal reader',
      edition: '2',
      place: 'London',
      publisher: 'Lantern House',
      issued: on('2017'),
    },
    '3',
    'Fell, Una, and Cal Gray, eds, *The Tidal Reader*, 2nd edn (London: Lantern House, 2017)',
    '*The Tidal Reader*, ed. by Una Fell and Cal Gray, 2nd edn (London: Lantern House, 2017), p. 3.',
    '*Tidal Reader*, p. 3.',
  ],
  [
    'book',
    {
      author: by('Hart, Ian'),
      translator: by('Penn, Harold'),
      title: 'Rivers of the north',
      originalDate: on('1912'),
      place: 'London',
      publisher: 'Lantern House',
      issued: on('2005'),
    },
    '104-109',
    'Hart, Ian, *Rivers of the North*, trans. by Harold Penn (London: Lantern House, 2005)',
    'Ian Hart, *Rivers of the North*, trans. by Harold Penn (London: Lantern House, 2005), pp. 104–09.',
    'Hart, pp. 104–09.',
  ],
  [
    'book',
    { author: by('Moss, Ada; Orr, Ben; Low, Kim; Ray, Mo'), title: 'Four hands', place: 'Leeds', publisher: 'Weir', issued: on('2008') },
    '9',
    'Moss, Ada, and others, *Four Hands* (Leeds: Weir, 2008)',
    'Ada Moss and others, *Four Hands* (Leeds: Weir, 2008), p. 9.',
    'Moss and others, p. 9.',
  ],
  [
    'book',
    {
      author: by('Moss, Ada'),
      title: 'A history of the mills',
      numberOfVolumes: '3',
      volume: '3',
      place: 'Bristol',
      publisher: 'Saltmarsh Press',
      issued: on('1967-1968'),
    },
    '27-31',
    'Moss, Ada, *A History of the Mills*, 3 vols (Bristol: Saltmarsh Press, 1967–68), III',
    'Ada Moss, *A History of the Mills*, 3 vols (Bristol: Saltmarsh Press, 1967–68), III, pp. 27–31.',
    'Moss, III, pp. 27–31.',
  ],
  [
    'chapter',
    {
      author: by('Elskin, Martin'),
      title: 'Words, things, and tides',
      container: 'Classic and muddy',
      editor: by('Summer, Claude J.; Larrabee, Ted'),
      place: 'Pittsworth',
      publisher: 'Weir',
      pages: '31-55',
      issued: on('1982'),
    },
    '41',
    'Elskin, Martin, ‘Words, Things, and Tides’, in *Classic and Muddy*, ed. by Claude J. Summer and Ted Larrabee (Pittsworth: Weir, 1982), pp. 31–55',
    'Martin Elskin, ‘Words, Things, and Tides’, in *Classic and Muddy*, ed. by Claude J. Summer and Ted Larrabee (Pittsworth: Weir, 1982), pp. 31–55 (p. 41).',
    'Elskin, p. 41.',
  ],
  [
    'journal-article',
    {
      author: by('Hillier, Rachel'),
      title: 'In more than name: “To the weir”',
      container: 'Marsh Language Review',
      volume: '85',
      pages: '1-11',
      issued: on('January 1990'),
    },
    '8',
    'Hillier, Rachel, ‘In More Than Name: “To the Weir”’, *Marsh Language Review*, 85 (1990), 1–11',
    'Rachel Hillier, ‘In More Than Name: “To the Weir”’, *Marsh Language Review*, 85 (1990), 1–11 (p. 8).',
    'Hillier, p. 8.',
  ],
  [
    'journal-article',
    {
      author: by('Somer, Stefan'),
      title: 'The lunar calendar of the mill',
      container: 'Early Mill Studies',
      volume: '5',
      issue: '2',
      issued: on('1999'),
      url: 'https://ems.example/5-2',
      accessed: on('28 January 2000'),
    },
    'para. 3',
    'Somer, Stefan, ‘The Lunar Calendar of the Mill’, *Early Mill Studies*, 5.2 (1999) <https://ems.example/5-2> [accessed 28 January 2000]',
    'Stefan Somer, ‘The Lunar Calendar of the Mill’, *Early Mill Studies*, 5.2 (1999), para. 3 <https://ems.example/5-2> [accessed 28 January 2000].',
    'Somer, para. 3.',
  ],
  [
    'newspaper-article',
    {
      author: by('Schmid, Micha'),
      title: 'Tragedy of three lovers',
      container: 'The Daily Courier',
      pages: '14',
      issued: on('1 February 1990'),
    },
    '14',
    'Schmid, Micha, ‘Tragedy of Three Lovers’, *Daily Courier*, 1 February 1990, p. 14',
    'Micha Schmid, ‘Tragedy of Three Lovers’, *Daily Courier*, 1 February 1990, p. 14 (p. 14).',
    'Schmid, p. 14.',
  ],
  [
    'thesis',
    {
      author: by('Ingrim, Robert'),
      title: 'Historical drama on the quay',
      genre: 'PhD thesis',
      publisher: 'University of Northmere',
      issued: on('1988'),
    },
    '17',
    'Ingrim, Robert, ‘Historical Drama on the Quay’ (unpublished doctoral thesis, University of Northmere, 1988)',
    'Robert Ingrim, ‘Historical Drama on the Quay’ (unpublished doctoral thesis, University of Northmere, 1988), p. 17.',
    'Ingrim, p. 17.',
  ],
  [
    'film',
    { director: by('Hale, Joan'), title: 'The last miller', publisher: 'Longshore Pictures', issued: on('1998') },
    '1:12',
    '*The Last Miller*, dir. by Joan Hale (Longshore Pictures, 1998)',
    '*The Last Miller*, dir. by Joan Hale (Longshore Pictures, 1998), at 1:12.',
    '*Last Miller*, at 1:12.',
  ],
  [
    'web-page',
    {
      author: by('Harbour Office'),
      title: 'How do tides work?',
      container: 'Harbour Office',
      url: 'https://h.example/t',
      accessed: on('6 May 2024'),
    },
    '',
    'Harbour Office, ‘How Do Tides Work?’ <https://h.example/t> [accessed 6 May 2024]',
    'Harbour Office, ‘How Do Tides Work?’ <https://h.example/t> [accessed 6 May 2024].',
    'Harbour Office.',
  ],
  [
    'archival-item',
    {
      author: by('Hart, Ian'),
      title: 'Letter to Ada Moss',
      issued: on('2 April 1887'),
      archivePlace: 'Northmere',
      archive: 'County Record Office',
      container: 'Moss Papers',
      archiveLocation: 'box 4',
    },
    '',
    'Northmere, County Record Office, Moss Papers, box 4, Ian Hart, Letter to Ada Moss, 2 April 1887',
    'Northmere, County Record Office, Moss Papers, box 4, Ian Hart, Letter to Ada Moss, 2 April 1887.',
    'Hart, box 4.',
  ],
]

describe('MHRA', () => {
  it.each(ROWS.map(row => [row[3].slice(0, 40), row] as const))('%s', (_, [kind, fields, place, entry, note, later]) => {
    const source: Source = { id: 'x', kind, fields }
    const { notes, list } = compose(mhra3, [source], {
      citations: [1, 2].map(() => ({ items: [{ id: 'x', locator: readLocator(place) }] })),
    })
    expect([toMarkup(list[0]!.runs), ...notes.map(toMarkup)]).toEqual([entry, note, later])
  })
  it('names the work in later notes where the author has others, and draws a dash in the bibliography', () => {
    const work = (id: string, title: string): Source => ({
      id,
      kind: 'book',
      fields: { author: by('Moss, Ada'), title, issued: on('2001'), publisher: 'Weir', place: 'Leeds' },
    })
    const { notes, list } = compose(mhra3, [work('a', 'Mills of the west'), work('b', 'Salt')], {
      citations: ['a', 'b', 'a'].map((id) => ({ items: [{ id, locator: readLocator('9') }] })),
    })
    expect(toMarkup(notes[2]!)).toBe('Moss, *Mills of the West*, p. 9.')
    expect(list.map(({ runs }) => toMarkup(runs))).toEqual([
      'Moss, Ada, *Mills of the West* (Leeds: Weir, 2001)',
      '———, *Salt* (Leeds: Weir, 2001)',
    ])
  })
  it('cites a letter in notes alone', () => {
    const letter: Source = {
      id: 'l',
      kind: 'personal-communication',
      fields: { author: by('Hart, Ian'), recipient: by('Orr, Ben'), genre: 'Letter', issued: on('2 April 2020') },
    }
    expect(composeAlone(mhra3, letter).reference).toBeNull()
    expect(toMarkup(composeAlone(mhra3, letter).note!)).toBe('Ian Hart, letter to Ben Orr, 2 April 2020.')
  })
})
