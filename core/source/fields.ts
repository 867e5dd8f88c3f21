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
  /** Where on a source it stands, where its kind says nothing closer. */
  found: string
  /** The names of the same meaning in BibTeX and biblatex, the one that is written first; none where it depends on the type. */
  bibtex: readonly string[]
}

const f = <T extends FieldSpec['type']>(label: string, question: Question, type: T, csl: string, found: string, bibtex: readonly string[]): FieldSpec & { type: T } =>
  ({ label, question, type, csl, found, bibtex })

export const FIELDS = {
  author: f('Author', 'who', 'names', 'author', 'under the title, or on the title page', ['author', 'holder']),
  editor: f('Editor', 'who', 'names', 'editor', 'after “edited by”', ['editor']),
  translator: f('Translator', 'who', 'names', 'translator', 'after “translated by”', ['translator']),
  director: f('Director', 'who', 'names', 'director', 'in the credits', ['director']),
  host: f('Host', 'who', 'names', 'host', 'on the show’s page', ['host']),
  performer: f('Performer', 'who', 'names', 'performer', 'in the credits', ['performer']),
  composer: f('Composer', 'who', 'names', 'composer', 'in the credits', ['composer']),
  compiler: f('Compiler', 'who', 'names', 'compiler', 'after “compiled by”', ['compiler']),
  illustrator: f('Illustrator', 'who', 'names', 'illustrator', 'after “illustrated by”', ['illustrator']),
  interviewer: f('Interviewer', 'who', 'names', 'interviewer', 'who asks the questions', ['interviewer']),
  recipient: f('Sent to', 'who', 'names', 'recipient', 'whom it was sent to', ['recipient']),
  producer: f('Producer', 'who', 'names', 'producer', 'in the credits', ['producer']),
  creator: f('Creator', 'who', 'names', 'series-creator', 'in the credits', ['creator']),
  scriptWriter: f('Writer', 'who', 'names', 'script-writer', 'in the credits', ['scriptwriter']),
  narrator: f('Narrator', 'who', 'names', 'narrator', 'in the credits', ['narrator']),
  guest: f('Guest', 'who', 'names', 'guest', 'in the credits', ['guest']),
  contributor: f('Contributor', 'who', 'names', 'contributor', 'in the credits', ['contributor']),
  containerAuthor: f('Author of the whole', 'who', 'names', 'container-author', 'on the title page of the whole', ['bookauthor']),
  seriesEditor: f('Series editor', 'who', 'names', 'collection-editor', 'facing the title page', ['serieseditor']),
  reviewedAuthor: f('Author of the work reviewed', 'who', 'names', 'reviewed-author', 'at the head of the review', ['reviewedauthor']),
  issued: f('Date', 'when', 'date', 'issued', 'near the title, or on the imprint page', []),
  originalDate: f('First published', 'when', 'date', 'original-date', 'on the imprint page, after “first published”', []),
  eventDate: f('Date of the event', 'when', 'date', 'event-date', 'on the programme', []),
  submitted: f('Submitted', 'when', 'date', 'submitted', 'on the first page', []),
  accessed: f('Read on', 'where', 'date', 'accessed', 'only if it has no date of its own', []),
  status: f('Publication state', 'when', 'text', 'status', 'in press, forthcoming', ['pubstate']),
  title: f('Title', 'what', 'text', 'title', 'at the head of it, in full', ['title']),
  titleShort: f('Short title', 'what', 'text', 'title-short', 'if you want another than Dendle’s', ['shorttitle']),
  reviewedTitle: f('Work reviewed', 'what', 'text', 'reviewed-title', 'at the head of the review', ['reviewedtitle']),
  reviewedGenre: f('Kind of work reviewed', 'what', 'text', 'reviewed-genre', 'book, film, performance…', ['reviewedgenre']),
  titleTranslated: f('Title in English', 'what', 'text', 'translated-title', 'for a title in another language', ['translatedtitle']),
  originalTitle: f('Original title', 'what', 'text', 'original-title', 'on the imprint page', ['origtitle']),
  edition: f('Edition', 'what', 'text', 'edition', 'only if it says so', ['edition']),
  version: f('Version', 'what', 'text', 'version', 'in its “about” or on its page', ['version']),
  genre: f('What sort', 'what', 'text', 'genre', 'what it calls itself', []),
  medium: f('Medium', 'what', 'text', 'medium', 'on the label or case', ['medium']),
  dimensions: f('Length or size', 'what', 'text', 'dimensions', 'on the label', ['size']),
  scale: f('Scale', 'what', 'text', 'scale', 'in the margin of the map', ['scale']),
  container: f('Inside what', 'inside', 'text', 'container-title', 'the whole it is part of', ['journal', 'journaltitle', 'booktitle']),
  containerShort: f('Its short name', 'inside', 'text', 'container-title-short', 'on the journal’s page', ['shortjournal']),
  volume: f('Volume', 'inside', 'text', 'volume', 'beside the title of the whole', ['volume', 'part']),
  volumeTitle: f('Title of the volume', 'inside', 'text', 'volume-title', 'the title page of the volume', ['volumetitle']),
  numberOfVolumes: f('Number of volumes', 'inside', 'text', 'number-of-volumes', 'on the imprint page', ['volumes']),
  issue: f('Issue', 'inside', 'text', 'issue', 'after the volume', ['issue']),
  number: f('Number', 'inside', 'text', 'number', 'on its first page', ['eid', 'articleno']),
  season: f('Series or season', 'inside', 'text', 'season-number', 'in the listing', ['season']),
  series: f('Series', 'inside', 'text', 'collection-title', 'facing the title page', ['series']),
  seriesNumber: f('Number in the series', 'inside', 'text', 'collection-number', 'after the series', []),
  event: f('Event', 'inside', 'text', 'event-title', 'on the programme', ['eventtitle']),
  eventPlace: f('Place of the event', 'inside', 'text', 'event-place', 'on the programme', ['venue']),
  publisher: f('Publisher', 'inside', 'text', 'publisher', 'on the imprint page, or at the foot', ['publisher']),
  place: f('Place', 'inside', 'text', 'publisher-place', 'with the publisher', ['address', 'location']),
  authority: f('Authority', 'inside', 'text', 'authority', 'at the head of it', ['authority']),
  jurisdiction: f('Jurisdiction', 'inside', 'text', 'jurisdiction', 'at the head of it', ['jurisdiction']),
  pages: f('Pages', 'where', 'text', 'page', 'first and last', ['pages']),
  chapter: f('Chapter', 'where', 'text', 'chapter-number', 'at the head of the chapter', ['chapter']),
  section: f('Section', 'where', 'text', 'section', 'after §', ['section']),
  archive: f('Archive or collection', 'where', 'text', 'archive', 'who holds it', ['library', 'archive']),
  archivePlace: f('Place of the archive', 'where', 'text', 'archive-place', 'town of the archive', ['archiveplace']),
  archiveLocation: f('Shelf, box or folder', 'where', 'text', 'archive_location', 'box, folder, shelf mark', ['archivelocation']),
  doi: f('DOI', 'where', 'text', 'DOI', 'begins with 10.', ['doi']),
  url: f('Web address', 'where', 'text', 'URL', 'the address bar', ['url']),
  isbn: f('ISBN', 'where', 'text', 'ISBN', 'by the bar code', ['isbn']),
  issn: f('ISSN', 'where', 'text', 'ISSN', 'on the cover or the journal’s page', ['issn']),
  database: f('Database', 'where', 'text', 'source', 'where you found it', ['database']),
  language: f('Language', 'what', 'text', 'language', 'if not English: fr, de, es…', ['langid', 'language']),
} as const satisfies Record<string, FieldSpec>

/** Fields whose text carries italics and words protected from a style's capitals. */
export const RICH_FIELDS: ReadonlySet<string> = new Set<keyof typeof FIELDS>([
  'title', 'container', 'titleShort', 'reviewedTitle', 'volumeTitle', 'series', 'originalTitle', 'titleTranslated',
])
export type FieldName = keyof typeof FIELDS
export const FIELD_NAMES = Object.keys(FIELDS) as FieldName[]
/** The names of the fields of one type. */
export type FieldOf<T extends FieldSpec['type']> = { [K in FieldName]: (typeof FIELDS)[K]['type'] extends T ? K : never }[FieldName]
const ofType = <T extends FieldSpec['type']>(type: T) => FIELD_NAMES.filter((name): name is FieldOf<T> => FIELDS[name].type === type)
export const NAME_FIELDS = ofType('names')
export const DATE_FIELDS = ofType('date')
export const TEXT_FIELDS = ofType('text')
