import { describe, expect, it } from 'vitest'
import type { Source } from '../../source/model'
import { NoteReader } from './notes'

const name = (given: string, family: string) => ({ given, family })
const year = (n: number) => ({ start: { year: n } })
const SOURCES: Source[] = [
  {
    id: 'tide',
    kind: 'book',
    fields: {
      author: [name('Loveday', 'Tremayne')],
      title: 'Working the Tide: A Miller’s Year',
      publisher: 'Saltmarsh Press',
      place: 'Carewick',
      issued: year(2018),
    },
  },
  {
    id: 'gates',
    kind: 'book',
    fields: { author: [name('Loveday', 'Tremayne')], title: 'Gates of the Lower Wend', publisher: 'Meridian UP', issued: year(2012) },
  },
  {
    id: 'silt',
    kind: 'journal-article',
    fields: {
      author: [name('Adaeze R.', 'Okonjo')],
      title: 'Silt, Salt, and Patience',
      container: 'Journal of Estuary Heritage',
      volume: '14',
      issue: '2',
      pages: '101–119',
      issued: year(2021),
      doi: '10.5555/jeh.14',
    },
  },
  {
    id: 'two',
    kind: 'chapter',
    fields: {
      author: [name('Ana', 'Vasquez'), name('Piers', 'Thorne')],
      title: 'Keeping Time by Water',
      container: 'Rivers at Work',
      editor: [name('Una', 'Fell')],
      issued: year(2019),
      pages: '40–66',
    },
  },
  {
    id: 'pond',
    kind: 'web-page',
    fields: { title: 'Visiting the Old Mill Pond', container: 'Carewick Trails', url: 'https://trails.example/pond' },
  },
]
const say = (reader: NoteReader, note: string): string => {
  const data = reader.read(note)
  if (!data) return 'words'
  return [
    data.words?.before && `<${data.words.before}>`,
    ...data.items.map((i) =>
      [
        i.prefix && `(${i.prefix})`,
        i.id,
        i.locator && `${i.locator.label === 'page' ? '' : `${i.locator.label} `}${i.locator.place}`,
        i.suffix && `(${i.suffix})`,
      ]
        .filter(Boolean)
        .join(' '),
    ),
    data.words?.after && `<${data.words.after}>`,
  ]
    .filter(Boolean)
    .join(' + ')
}

describe('a note that is a reference', () => {
  it.each<[string, string]>([
    ['Loveday Tremayne, <i>Working the Tide: A Miller’s Year</i> (Saltmarsh Press, 2018), 41.', 'tide 41'],
    ['Loveday Tremayne, <i>Working the Tide</i> (Carewick: Saltmarsh Press, 2018), 41–43.', 'tide 41–43'],
    ['Loveday Tremayne, <i>Working the Tide</i> (Saltmarsh, 2018).', 'tide'],
    ['L. Tremayne, <i>Working the Tide</i>, p. 41', 'tide 41'],
    ['Tremayne, <i>Gates</i>, 12.', 'gates 12'],
    [
      'Adaeze R. Okonjo, “Silt, Salt, and Patience,” <i>Journal of Estuary Heritage</i> 14, no. 2 (2021): 104–6, https://doi.org/10.5555/jeh.14.',
      'silt 104–6',
    ],
    ['Adaeze R. Okonjo, “Silt, Salt, and Patience,” <i>Journal of Estuary Heritage</i> 14, no. 2 (2021): 101–119.', 'silt'],
    [
      'Ana Vasquez and Piers Thorne, “Keeping Time by Water,” in <i>Rivers at Work</i>, ed. Una Fell (Meridian, 2019), chap. 3.',
      'two chapter 3',
    ],
    ['Vasquez and Thorne, “Keeping Time,” 44.', 'two 44'],
    ['“Visiting the Old Mill Pond,” Carewick Trails, accessed March 3, 2024, https://trails.example/pond.', 'pond'],
    ['See Okonjo, “Silt, Salt,” 104.', '(see) silt 104'],
    ['For the survey, see Okonjo, “Silt, Salt,” 104, on the pond.', '(for the survey, see) silt 104 (on the pond)'],
    ['Okonjo, “Silt, Salt,” 104; Tremayne, <i>Working the Tide</i>, 12.', 'silt 104 + tide 12'],
    [
      'Okonjo, “Silt, Salt,” 104. The survey was <i>never</i> finished; nobody asked.',
      'silt 104 + <The survey was <i>never</i> finished; nobody asked.>',
    ],
    ['The survey was never finished. See Okonjo, “Silt, Salt,” 104.', '<The survey was never finished.> + (see) silt 104'],
  ])('%s', (note, result) => expect(say(new NoteReader(SOURCES), note)).toBe(result))
  it.each([
    'Tremayne thinks otherwise.',
    'As Okonjo shows in “Silt, Salt, and Patience” the pond fills with mud.',
    'Nobody, <i>Another Book</i>, 12.',
    'The survey of 1990.',
    'Okonjo, “Silt, Salt,” 104; Nobody, <i>Else</i>, 3.',
    'Ibid.',
    '',
    'Tremayne, 12.',
  ])('stays words: %s', (note) => expect(say(new NoteReader(SOURCES), note)).toBe('words'))
  it('one of the paper’s own sources is meant where another fits as well', () => {
    const twice = [...SOURCES, { ...SOURCES[0]!, id: 'elsewhere' }]
    expect([
      say(new NoteReader(twice), 'Tremayne, <i>Working the Tide</i>, 4.'),
      say(new NoteReader(twice, new Set(['tide'])), 'Tremayne, <i>Working the Tide</i>, 4.'),
    ]).toEqual(['words', 'tide 4'])
  })
  it('goes by what was cited before: Ibid., and a name alone', () => {
    const reader = new NoteReader(SOURCES)
    expect(
      [
        'Okonjo, “Silt, Salt,” 104.',
        'Ibid.',
        'Ibid., 106.',
        'Okonjo, 110.',
        'Only words.',
        'Ibid.',
        'Okonjo, “Silt, Salt,” 1; Tremayne, <i>Gates</i>, 2.',
        'Ibid., 4.',
      ].map((note) => say(reader, note)),
    ).toEqual(['silt 104', 'silt 104', 'silt 106', 'silt 110', 'words', 'words', 'silt 1 + gates 2', 'words'])
  })
})
