/** schema.org as JSON-LD: what a page says of itself in structured data. */
import type { KindId } from '../../source/kinds'
import type { Fields } from '../../source/model'
import { isDoi, readIsbn, tidyDoi } from '../identifiers'
import { pageDate, pageNames } from './values'
import type { Name } from '../../source/names'

type Thing = Record<string, unknown>

/** What each type is here; earlier ones are taken where a page has several. */
const TYPES: readonly [string, KindId][] = [
  ['ScholarlyArticle', 'journal-article'],
  ['MedicalScholarlyArticle', 'journal-article'],
  ['Chapter', 'chapter'],
  ['Thesis', 'thesis'],
  ['Report', 'report'],
  ['Dataset', 'dataset'],
  ['NewsArticle', 'newspaper-article'],
  ['ReportageNewsArticle', 'newspaper-article'],
  ['OpinionNewsArticle', 'newspaper-article'],
  ['BlogPosting', 'blog-post'],
  ['SocialMediaPosting', 'social-post'],
  ['PodcastEpisode', 'podcast-episode'],
  ['VideoObject', 'online-video'],
  ['TVEpisode', 'tv-episode'],
  ['Movie', 'film'],
  ['MusicRecording', 'song'],
  ['MusicAlbum', 'album'],
  ['Book', 'book'],
  ['SoftwareApplication', 'software'],
  ['SoftwareSourceCode', 'software'],
  ['TechArticle', 'web-page'],
  ['Article', 'web-page'],
  ['WebPage', 'web-page'],
  ['AboutPage', 'web-page'],
  ['FAQPage', 'web-page'],
]

/** Reads the page's JSON-LD blocks; broken ones are passed over. */
export function readLinked(blocks: readonly string[]): { kind?: KindId, fields: Fields } | undefined {
  const things = blocks.slice(0, 30).flatMap((block) => {
    try { return flatten(JSON.parse(block.replace(/^\s*(?:\/\/)?<!\[CDATA\[|(?:\/\/)?\]\]>\s*$/gu, '')), 0) }
    catch { return [] }
  })
  const rank = (thing: Thing) => TYPES.findIndex(([type]) => typesOf(thing).includes(type))
  const best = things.filter(thing => rank(thing) >= 0).sort((a, b) => rank(a) - rank(b))[0]
  if (!best) return undefined
  const byId = new Map(things.filter(thing => typeof thing['@id'] === 'string').map(thing => [thing['@id'] as string, thing]))
  return readThing(best, TYPES[rank(best)]![1], byId)
}

function readThing(thing: Thing, kind: KindId, byId: ReadonlyMap<string, Thing>): { kind: KindId, fields: Fields } {
  const resolve = (value: unknown): unknown =>
    isThing(value) && Object.keys(value).length === 1 && typeof value['@id'] === 'string' ? (byId.get(value['@id']) ?? value) : value
  const word = (value: unknown): string => {
    const v = resolve(Array.isArray(value) ? value[0] : value)
    if (typeof v === 'string' || typeof v === 'number') return String(v).replace(/\s+/gu, ' ').trim()
    return isThing(v) ? word(v.name ?? v['@value'] ?? v.headline) : ''
  }
  const people = (value: unknown): Name[] => (Array.isArray(value) ? value : [value]).slice(0, 500).map(resolve).flatMap((one): Name[] => {
    if (isThing(one) && typeof one.familyName === 'string')
      return [{ family: one.familyName, ...(typeof one.givenName === 'string' ? { given: one.givenName } : {}) }]
    const name = word(one)
    if (!name) return []
    return isThing(one) && typesOf(one).some((type) => /Organization|Corporation|GovernmentOrganization|NewsMedia/u.test(type))
      ? [{ literal: name }]
      : pageNames([name])
  })
  const fields: Fields = {}
  const put = (name: keyof Fields, value: unknown) => {
    if (value !== undefined && value !== '' && !(Array.isArray(value) && !value.length)) Object.assign(fields, { [name]: value })
  }
  put('title', word(thing.headline) || word(thing.name))
  put('author', people(thing.author ?? thing.creator))
  put('editor', people(thing.editor))
  put('issued', pageDate(word(thing.datePublished) || word(thing.uploadDate) || word(thing.dateCreated)))
  put('version', kind === 'software' || kind === 'dataset' ? word(thing.softwareVersion ?? thing.version) : '')
  put('isbn', readIsbn(word(thing.isbn)))
  put('edition', kind === 'book' ? word(thing.bookEdition).replace(/(\d+)(?:st|nd|rd|th).*/iu, '$1') : '')
  const ids = [thing.identifier, thing.sameAs, thing['@id'], thing.url]
    .flat()
    .map((one) => tidyDoi(isThing(one) ? word(one.value) : word(one)))
  put('doi', ids.find(isDoi))
  // The whole it is part of, through issue and volume.
  for (
    let part = resolve(Array.isArray(thing.isPartOf) ? thing.isPartOf[0] : thing.isPartOf), depth = 0;
    isThing(part) && depth < 6;
    depth++
  ) {
    const types = typesOf(part)
    if (types.includes('PublicationIssue')) put('issue', word(part.issueNumber))
    else if (types.includes('PublicationVolume')) put('volume', word(part.volumeNumber))
    else if (!types.some((type) => /WebPage/u.test(type)) && !fields.container) put('container', word(part.name))
    if (types.includes('PublicationIssue') && part.volumeNumber) put('volume', word(part.volumeNumber))
    part = resolve(part.isPartOf)
  }
  put('volume', fields.volume ?? word(thing.volumeNumber))
  put('issue', fields.issue ?? word(thing.issueNumber))
  const series = resolve(thing.partOfSeries)
  if (isThing(series) && !fields.container) put('container', word(series.name))
  if (kind === 'podcast-episode' || kind === 'tv-episode') put('number', word(thing.episodeNumber))
  const [start, end] = [word(thing.pageStart), word(thing.pageEnd)]
  put('pages', start && end ? `${start}-${end}` : start || word(thing.pagination).replace(/\s*[–—]\s*/u, '-'))
  put('publisher', word(thing.publisher) || word(thing.provider))
  if (kind === 'journal-article' && !fields.container) return { kind: 'web-page', fields }
  return { kind, fields }
}

const isThing = (value: unknown): value is Thing => typeof value === 'object' && value !== null && !Array.isArray(value)
const typesOf = (thing: Thing): string[] =>
  [thing['@type']]
    .flat()
    .filter((type) => typeof type === 'string')
    .map((type) => type.replace(/^.*[/#:]/u, ''))

/** Every thing in a block: the block, lists, @graph and mainEntity. */
function flatten(value: unknown, depth: number): Thing[] {
  if (depth > 5) return []
  if (Array.isArray(value)) return value.slice(0, 200).flatMap(one => flatten(one, depth + 1))
  if (!isThing(value)) return []
  return [
    value,
    ...flatten(value['@graph'], depth + 1),
    ...flatten(value.mainEntity, depth + 1),
    ...flatten(value.author, depth + 1).filter((thing) => thing['@id']),
    ...flatten(value.isPartOf, depth + 1).filter((thing) => thing['@id']),
  ]
}
