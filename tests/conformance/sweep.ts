/**
 * Sources as they look while they are typed, and as students leave them: for every kind, with all of its usual fields,
 * with any one or two of them missing, and with any one or two alone.
 */
import { readDate } from '../../core/source/dates'
import { FIELDS, type FieldName } from '../../core/source/fields'
import { KIND_IDS, kindOf, type KindId } from '../../core/source/kinds'
import type { Fields, Source } from '../../core/source/model'
import { readName, readNames } from '../../core/source/names'

const TEXTS: Partial<Record<FieldName, string>> = {
  title: 'Working the tide',
  titleShort: 'Tide',
  reviewedTitle: 'Silt and patience',
  reviewedGenre: 'book',
  edition: '2',
  version: '3',
  genre: 'Technical report',
  medium: 'Oil on canvas',
  dimensions: '12 minutes',
  scale: '1:50,000',
  container: 'Shore notes',
  volume: '14',
  numberOfVolumes: '3',
  issue: '2',
  number: '27',
  season: '4',
  series: 'Tidal studies',
  seriesNumber: '7',
  event: 'Meeting of millers',
  eventPlace: 'Leedside',
  publisher: 'Saltmarsh Press',
  place: 'Bristol',
  authority: 'Patent office',
  pages: '101-119',
  section: '9',
  archive: 'Record office',
  archivePlace: 'Carewick',
  archiveLocation: 'box 4',
  doi: '10.5555/sweep',
  url: 'https://sweep.example/a',
  status: 'in press',
  jurisdiction: 'Northmere',
}
/** What a kind calls itself, where the sample word would be odd in it. */
const GENRES: Partial<Record<KindId, string>> = {
  'thesis': 'Doctoral dissertation',
  'talk': 'Lecture',
  'foreword': 'Foreword',
  'personal-communication': 'Letter',
  'brochure': 'Leaflet',
  'ai-output': 'Generated text',
  'social-post': 'Post',
  'course-material': 'Handout',
  'working-paper': 'Working paper',
  'archival-item': 'Diary',
}
const NAMES: Partial<Record<FieldName, string>> = {
  author: 'Moss, Ada',
  editor: 'Fell, Una',
  translator: 'Penn, Harold',
  director: 'Hale, Joan',
  host: 'Orr, Ben',
  interviewer: 'Ray, Mo',
  recipient: 'Dale, Di',
  producer: 'Low, Kim',
  scriptWriter: 'Shaw, Cy',
  performer: 'Reed, Al',
  composer: 'Vale, Eva',
  containerAuthor: 'Hart, Ian',
  reviewedAuthor: 'Quist, Lars',
}

const valueOf = (kind: KindId, name: FieldName): Fields[FieldName] => {
  const { type } = FIELDS[name]
  if (type === 'names') return [readName(NAMES[name] ?? 'Lund, Axel')]
  if (type === 'date') return readDate(name === 'accessed' ? '6 May 2024' : name === 'originalDate' ? '1890' : '14 March 2021')
  return name === 'genre' ? GENRES[kind] ?? TEXTS.genre : TEXTS[name]
}

/** The subsets of a kind's fields, each once. */
function subsets(kind: KindId): FieldName[][] {
  const row = kindOf(kind)
  const all = [...new Set([...row.required, ...row.usual])]
  const out = new Map<string, FieldName[]>()
  const add = (fields: FieldName[]) => out.set(fields.join(), fields)
  add(all)
  all.forEach((one, i) => {
    add(all.filter(name => name !== one))
    add([one])
    all.slice(i + 1).forEach((other) => {
      add(all.filter(name => name !== one && name !== other))
      add([one, other])
    })
  })
  return [...out.values()]
}

const sourceOf = (kind: KindId, id: string, names: readonly FieldName[]): Source => ({
  id,
  kind,
  fields: Object.fromEntries(names.map((name) => [name, valueOf(kind, name)])) as Fields,
})

/** Every kind in every such state. */
export const sweepSources = (): Source[] => KIND_IDS.flatMap(kind => subsets(kind).map((names, i) => sourceOf(kind, `${kind}-${i}`, names)))

/** Every kind three times: with all its fields, with those it needs, with a title alone. */
export const readingSources = (): Source[] => KIND_IDS.flatMap((kind) => {
  const { required, usual } = kindOf(kind)
  return [
    sourceOf(kind, `${kind}, full`, [...new Set([...required, ...usual])]),
    sourceOf(kind, `${kind}, usual`, required),
    sourceOf(kind, `${kind}, sparse`, ['title']),
  ]
})

// With other values --------------------------------------------------------------------------------------------------

/** What else students put into a field, by type and by name; each field is drawn from its own list. */
const PEOPLE = [
  'Moss, Ada',
  'O’Dowd, J.R.; Whitlock, Samuel J., Jr.',
  'van der Berg, Sanne; al-Rashidi, Noor; d’Aubigny, Claire-Marie',
  'The Coastal Trust',
  'Plato',
  'Sable Ortiz, Camila; Fell, U.; Orr, Ben; Low, Kim; Ray, Mo; Dale, Di; Hart, Ian; Penn, Harold',
  'Harbour Office [HO]',
  'Fenn, Walter [@tidelines]',
  'St. Clair, Émile',
  'Moss, Ada; Moss, Bo',
]
const DATES = [
  '2021',
  '14 March 2021',
  'March 2021',
  'Spring 2020',
  'c. 1890',
  '46 BCE',
  '2015-2018',
  '3-5 March 2020',
  'Michaelmas term 1871',
  '31 February 2021',
  'Winter 2020-21',
  '1998-12',
]
const OTHERS: Partial<Record<FieldName, readonly string[]>> = {
  title: [
    'Who owns the shore?',
    'Stop the tide!',
    'The Theory of a Constructor',
    '“Nothing but mud”: Letters',
    'SALT AND STONE',
    'Mud: A history. Part 2',
    '<i>Zostera marina</i> in a cold sea',
    'Notes',
    'How (not) to drain a marsh',
    'The end.',
    '1848: the flood',
    'A day with eTide',
    'Le marais et la mer',
  ],
  container: [
    'The Northmere Courier',
    'Coast & Country',
    'Shore Notes',
    'PROCEEDINGS OF THE 4TH MEETING ON SILT',
    'Who Reads the Tide?',
    'Silt. Part B',
    'Tides, Inc.',
  ],
  volume: ['14', 'II', 'Vol. 3', '2A'],
  issue: ['2', '3-4', 'Suppl 1', 'Spring', '12 Suppl 2'],
  number: ['27', 'e0417', 'No. 4', 'S02E05', 'US 9,876,543', 'U.S. Patent No. 9,876,543', 'TR-2021-04'],
  pages: ['101-119', '5', 'S12-S19', 'xii-xv', 'A1, B4', '101-9', 'e12'],
  edition: ['2', '3rd', 'Second edition', 'Revised', 'Rev. ed.', '2nd, revised', 'First'],
  version: ['3', 'v1.2.0', 'Version 4'],
  publisher: ['Saltmarsh Press', 'The Coastal Trust', 'University of Leedside', 'Tides, Inc.', 'Lantern House Ltd.'],
  place: ['Bristol', 'Turin, Italy', 'Washington, D.C.'],
  authority: ['European Patent Office', 'N. Ct. App.'],
  genre: ['Technical report', 'MA thesis', 'PhD dissertation', 'Press release', 'Poster', 'Radio broadcast', 'Foreword', 'E-mail'],
  series: ['Tidal studies'],
  status: ['in press', 'forthcoming'],
  language: ['fr', 'en', 'de'],
  titleTranslated: ['The marsh and the sea'],
  volumeTitle: ['The age of steam'],
  numberOfVolumes: ['3', '2 vols.'],
  section: ['9', 'Business'],
  eventPlace: ['Turin, Italy'],
  event: ['15th Annual Meeting of Millers', 'Silt Forum 2021'],
  doi: ['10.5555/sweep', 'https://doi.org/10.5555/sweep', 'doi:10.5555/sweep.'],
  url: ['https://sweep.example/a', 'https://sweep.example/a/'],
}

/** A sequence that is the same each time (mulberry32). */
function sequence(seed: number): () => number {
  let at = seed
  return () => {
    at = (at + 0x6D2B79F5) | 0
    let t = Math.imul(at ^ (at >>> 15), 1 | at)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** Sources of every kind with fields and values drawn by chance, the same ones each time. */
export function variedSources(each: number, seed = 1): Source[] {
  const next = sequence(seed)
  const pick = <T>(from: readonly T[]): T => from[Math.floor(next() * from.length)]!
  return KIND_IDS.flatMap((kind) => {
    const { required, usual } = kindOf(kind)
    const usualOnes = [...new Set<FieldName>([...required, ...usual])]
    return Array.from({ length: each }, (_, i): Source => {
      const names = [
        ...usualOnes.filter(() => next() < 0.7),
        ...(Object.keys(FIELDS) as FieldName[]).filter((name) => !usualOnes.includes(name) && next() < 0.08),
      ]
      const value = (name: FieldName): Fields[FieldName] => {
        const { type } = FIELDS[name]
        if (type === 'names') return readNames(pick(PEOPLE))
        if (type === 'date') return readDate(name === 'accessed' ? '6 May 2024' : pick(DATES))
        return pick(OTHERS[name] ?? [TEXTS[name] ?? 'Words'])
      }
      return {
        id: `${kind}-varied-${i}`,
        kind,
        fields: Object.fromEntries((names.length ? names : ['title' as const]).map((name) => [name, value(name)])) as Fields,
      }
    })
  })
}
