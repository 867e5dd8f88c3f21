/**
 * Every field a source can have: which of the five questions it answers, what it is called, how it is typed.
 * Adding a field is adding a line here.
 */
import type { Question } from '../text/runs'

export interface FieldSpec {
  label: string
  question: Question
  type: 'text' | 'names' | 'date'
  /** The property of the same meaning in CSL-JSON. */
  csl: string
}

const f = <T extends FieldSpec['type']>(label: string, question: Question, type: T, csl: string): FieldSpec & { type: T } => ({ label, question, type, csl })

export const FIELDS = {
  author: f('Author', 'who', 'names', 'author'),
  editor: f('Editor', 'who', 'names', 'editor'),
  translator: f('Translator', 'who', 'names', 'translator'),
  director: f('Director', 'who', 'names', 'director'),
  host: f('Host', 'who', 'names', 'host'),
  performer: f('Performer', 'who', 'names', 'performer'),
  composer: f('Composer', 'who', 'names', 'composer'),
  illustrator: f('Illustrator', 'who', 'names', 'illustrator'),
  interviewer: f('Interviewer', 'who', 'names', 'interviewer'),
  recipient: f('Sent to', 'who', 'names', 'recipient'),
  producer: f('Producer', 'who', 'names', 'producer'),
  scriptWriter: f('Writer', 'who', 'names', 'script-writer'),
  narrator: f('Narrator', 'who', 'names', 'narrator'),
  guest: f('Guest', 'who', 'names', 'guest'),
  contributor: f('Contributor', 'who', 'names', 'contributor'),
  containerAuthor: f('Author of the whole', 'who', 'names', 'container-author'),
  seriesEditor: f('Series editor', 'who', 'names', 'collection-editor'),
  reviewedAuthor: f('Author of the work reviewed', 'who', 'names', 'reviewed-author'),
  issued: f('Date', 'when', 'date', 'issued'),
  originalDate: f('First published', 'when', 'date', 'original-date'),
  eventDate: f('Date of the event', 'when', 'date', 'event-date'),
  submitted: f('Submitted', 'when', 'date', 'submitted'),
  accessed: f('Read on', 'where', 'date', 'accessed'),
  status: f('Publication state', 'when', 'text', 'status'),
  title: f('Title', 'what', 'text', 'title'),
  titleShort: f('Short title', 'what', 'text', 'title-short'),
  reviewedTitle: f('Work reviewed', 'what', 'text', 'reviewed-title'),
  reviewedGenre: f('Kind of work reviewed', 'what', 'text', 'reviewed-genre'),
  titleTranslated: f('Title in English', 'what', 'text', 'translated-title'),
  originalTitle: f('Original title', 'what', 'text', 'original-title'),
  edition: f('Edition', 'what', 'text', 'edition'),
  version: f('Version', 'what', 'text', 'version'),
  genre: f('What sort', 'what', 'text', 'genre'),
  medium: f('Medium', 'what', 'text', 'medium'),
  dimensions: f('Length or size', 'what', 'text', 'dimensions'),
  scale: f('Scale', 'what', 'text', 'scale'),
  container: f('Inside what', 'inside', 'text', 'container-title'),
  containerShort: f('Its short name', 'inside', 'text', 'container-title-short'),
  volume: f('Volume', 'inside', 'text', 'volume'),
  volumeTitle: f('Title of the volume', 'inside', 'text', 'volume-title'),
  numberOfVolumes: f('Number of volumes', 'inside', 'text', 'number-of-volumes'),
  issue: f('Issue', 'inside', 'text', 'issue'),
  number: f('Number', 'inside', 'text', 'number'),
  season: f('Series or season', 'inside', 'text', 'season-number'),
  series: f('Series', 'inside', 'text', 'collection-title'),
  seriesNumber: f('Number in the series', 'inside', 'text', 'collection-number'),
  event: f('Event', 'inside', 'text', 'event-title'),
  eventPlace: f('Place of the event', 'inside', 'text', 'event-place'),
  publisher: f('Publisher', 'inside', 'text', 'publisher'),
  place: f('Place', 'inside', 'text', 'publisher-place'),
  authority: f('Authority', 'inside', 'text', 'authority'),
  jurisdiction: f('Jurisdiction', 'inside', 'text', 'jurisdiction'),
  pages: f('Pages', 'where', 'text', 'page'),
  chapter: f('Chapter', 'where', 'text', 'chapter-number'),
  section: f('Section', 'where', 'text', 'section'),
  archive: f('Archive or collection', 'where', 'text', 'archive'),
  archivePlace: f('Place of the archive', 'where', 'text', 'archive-place'),
  archiveLocation: f('Shelf, box or folder', 'where', 'text', 'archive_location'),
  doi: f('DOI', 'where', 'text', 'DOI'),
  url: f('Web address', 'where', 'text', 'URL'),
  isbn: f('ISBN', 'where', 'text', 'ISBN'),
  issn: f('ISSN', 'where', 'text', 'ISSN'),
  database: f('Database', 'where', 'text', 'source'),
  language: f('Language', 'what', 'text', 'language'),
} as const satisfies Record<string, FieldSpec>

export type FieldName = keyof typeof FIELDS
export const FIELD_NAMES = Object.keys(FIELDS) as FieldName[]
/** The names of the fields of one type. */
export type FieldOf<T extends FieldSpec['type']> = { [K in FieldName]: (typeof FIELDS)[K]['type'] extends T ? K : never }[FieldName]
const ofType = <T extends FieldSpec['type']>(type: T) => FIELD_NAMES.filter((name): name is FieldOf<T> => FIELDS[name].type === type)
export const NAME_FIELDS = ofType('names')
export const DATE_FIELDS = ofType('date')
export const TEXT_FIELDS = ofType('text')
