/**
 * Sources as they look while they are typed, and as students leave them: for every kind, with all of its usual fields,
 * with any one or two of them missing, and with any one or two alone.
 */
import { readDate } from '../../core/source/dates'
import { FIELDS, type FieldName } from '../../core/source/fields'
import { KIND_IDS, kindOf, type KindId } from '../../core/source/kinds'
import type { Fields, Source } from '../../core/source/model'
import { readName } from '../../core/source/names'

const TEXTS: Partial<Record<FieldName, string>> = {
  title: 'Working the tide', titleShort: 'Tide', reviewedTitle: 'Silt and patience', reviewedGenre: 'book', edition: '2', version: '3', genre: 'Technical report', medium: 'Oil on canvas', dimensions: '12 minutes', scale: '1:50,000',
  container: 'Shore notes', volume: '14', numberOfVolumes: '3', issue: '2', number: '27', season: '4', series: 'Tidal studies', seriesNumber: '7', event: 'Meeting of millers', eventPlace: 'Leedside', publisher: 'Saltmarsh Press', place: 'Bristol',
  authority: 'Patent office', pages: '101-119', section: '9', archive: 'Record office', archivePlace: 'Carewick', archiveLocation: 'box 4', doi: '10.5555/sweep', url: 'https://sweep.example/a', status: 'in press', jurisdiction: 'Northmere',
}
/** What a kind calls itself, where the sample word would be odd in it. */
const GENRES: Partial<Record<KindId, string>> = { 'thesis': 'Doctoral dissertation', 'talk': 'Lecture', 'foreword': 'Foreword', 'personal-communication': 'Letter', 'brochure': 'Leaflet', 'ai-output': 'Generated text', 'social-post': 'Post', 'course-material': 'Handout', 'working-paper': 'Working paper', 'archival-item': 'Diary' }
const NAMES: Partial<Record<FieldName, string>> = { author: 'Moss, Ada', editor: 'Fell, Una', translator: 'Penn, Harold', director: 'Hale, Joan', host: 'Orr, Ben', interviewer: 'Ray, Mo', recipient: 'Dale, Di', producer: 'Low, Kim', scriptWriter: 'Shaw, Cy', performer: 'Reed, Al', composer: 'Vale, Eva', containerAuthor: 'Hart, Ian', reviewedAuthor: 'Quist, Lars' }

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

const sourceOf = (kind: KindId, id: string, names: readonly FieldName[]): Source => ({ id, kind, fields: Object.fromEntries(names.map(name => [name, valueOf(kind, name)])) as Fields })

/** Every kind in every such state. */
export const sweepSources = (): Source[] => KIND_IDS.flatMap(kind => subsets(kind).map((names, i) => sourceOf(kind, `${kind}-${i}`, names)))

/** Every kind three times: with all its fields, with those it needs, with a title alone. */
export const readingSources = (): Source[] => KIND_IDS.flatMap((kind) => {
  const { required, usual } = kindOf(kind)
  return [sourceOf(kind, `${kind}, full`, [...new Set([...required, ...usual])]), sourceOf(kind, `${kind}, usual`, required), sourceOf(kind, `${kind}, sparse`, ['title'])]
})
