/** BibTeX's and biblatex's entry types and fields, and what they are here; one table read both ways. */
import type { FieldName } from '../source/fields'
import type { KindId } from '../source/kinds'

/** Entry types as read. What a type leaves open is settled by `refineKind`. */
export const TYPE_KINDS: Record<string, KindId> = {
  article: 'journal-article', suppperiodical: 'journal-article', periodical: 'book', review: 'review', book: 'book', mvbook: 'book', collection: 'book', mvcollection: 'book', proceedings: 'book', mvproceedings: 'book', reference: 'book', mvreference: 'book', bookinbook: 'chapter',
  inbook: 'chapter', suppbook: 'foreword', incollection: 'chapter', suppcollection: 'foreword', inproceedings: 'conference-paper', conference: 'conference-paper', inreference: 'encyclopedia-entry',
  phdthesis: 'thesis', mastersthesis: 'thesis', thesis: 'thesis', techreport: 'report', report: 'report', manual: 'report', booklet: 'brochure', unpublished: 'talk', online: 'web-page', electronic: 'web-page', www: 'web-page', webpage: 'web-page', misc: 'web-page',
  patent: 'patent', dataset: 'dataset', data: 'dataset', software: 'software', image: 'artwork', artwork: 'artwork', video: 'online-video', movie: 'film', audio: 'podcast-episode', music: 'song', standard: 'standard', legislation: 'statute', legal: 'statute', jurisdiction: 'case', letter: 'personal-communication', map: 'map', performance: 'film', commentary: 'book', preprint: 'preprint',
}

/** The entry type each kind is written as. */
export const KIND_TYPES: Record<KindId, string> = {
  'journal-article': 'article', 'magazine-article': 'article', 'newspaper-article': 'article', 'review': 'article', 'book': 'book', 'classic': 'book', 'brochure': 'booklet', 'chapter': 'incollection', 'foreword': 'inbook',
  'encyclopedia-entry': 'inreference', 'dictionary-entry': 'inreference', 'conference-paper': 'inproceedings', 'web-page': 'online', 'blog-post': 'online', 'social-post': 'online', 'report': 'techreport', 'working-paper': 'techreport', 'preprint': 'misc',
  'thesis': 'phdthesis', 'talk': 'unpublished', 'film': 'movie', 'tv-series': 'misc', 'tv-episode': 'misc', 'online-video': 'video', 'podcast': 'misc', 'podcast-episode': 'audio', 'song': 'music', 'album': 'misc', 'artwork': 'artwork', 'photograph': 'image', 'map': 'map', 'figure': 'misc',
  'patent': 'patent', 'dataset': 'dataset', 'software': 'software', 'ai-output': 'software', 'standard': 'standard', 'case': 'jurisdiction', 'statute': 'legislation', 'interview': 'misc', 'personal-communication': 'letter', 'archival-item': 'misc', 'course-material': 'misc',
} as Record<KindId, string>

/** Fields that mean the same in every type: BibTeX's name, ours. The first name of a field is the one written. */
export const PLAIN_FIELDS: readonly [string, FieldName][] = [
  ['title', 'title'], ['shorttitle', 'titleShort'], ['translatedtitle', 'titleTranslated'], ['origtitle', 'originalTitle'], ['edition', 'edition'], ['version', 'version'], ['medium', 'medium'], ['size', 'dimensions'], ['scale', 'scale'],
  ['journal', 'container'], ['journaltitle', 'container'], ['booktitle', 'container'], ['shortjournal', 'containerShort'], ['volume', 'volume'], ['volumes', 'numberOfVolumes'], ['issue', 'issue'], ['series', 'series'], ['eventtitle', 'event'], ['venue', 'eventPlace'],
  ['publisher', 'publisher'], ['address', 'place'], ['location', 'place'], ['pages', 'pages'], ['chapter', 'chapter'], ['eid', 'number'], ['articleno', 'number'], ['section', 'section'], ['library', 'archive'], ['archive', 'archive'], ['archivelocation', 'archiveLocation'], ['archiveplace', 'archivePlace'],
  ['doi', 'doi'], ['url', 'url'], ['isbn', 'isbn'], ['issn', 'issn'], ['database', 'database'], ['langid', 'language'], ['language', 'language'], ['pubstate', 'status'], ['season', 'season'], ['reviewedtitle', 'reviewedTitle'], ['reviewedgenre', 'reviewedGenre'], ['volumetitle', 'volumeTitle'], ['authority', 'authority'], ['jurisdiction', 'jurisdiction'],
]
export const NAME_KEYS: readonly [string, FieldName][] = [
  ['author', 'author'], ['editor', 'editor'], ['translator', 'translator'], ['director', 'director'], ['host', 'host'], ['performer', 'performer'], ['composer', 'composer'], ['illustrator', 'illustrator'], ['interviewer', 'interviewer'], ['recipient', 'recipient'], ['producer', 'producer'], ['scriptwriter', 'scriptWriter'], ['narrator', 'narrator'], ['guest', 'guest'], ['contributor', 'contributor'], ['bookauthor', 'containerAuthor'], ['serieseditor', 'seriesEditor'], ['reviewedauthor', 'reviewedAuthor'], ['holder', 'author'],
]
/** Fields whose text is an address or a number of letters: no commands in them. */
export const VERBATIM = new Set(['url', 'doi', 'isbn', 'issn', 'eprint', 'file'])
/** Which field "number" is, by kind; an issue for everything else. */
export const NUMBER_IS: Partial<Record<KindId, FieldName>> = {
  'book': 'seriesNumber', 'classic': 'seriesNumber', 'chapter': 'seriesNumber', 'foreword': 'seriesNumber', 'encyclopedia-entry': 'seriesNumber', 'dictionary-entry': 'seriesNumber', 'conference-paper': 'seriesNumber',
  'report': 'number', 'working-paper': 'number', 'thesis': 'number', 'patent': 'number', 'standard': 'number', 'preprint': 'number', 'podcast-episode': 'number', 'tv-episode': 'number', 'statute': 'number', 'case': 'number', 'dataset': 'number', 'software': 'number', 'web-page': 'number', 'talk': 'number', 'brochure': 'number', 'archival-item': 'number',
}
/** What the publisher's field is called, by kind. */
export const PUBLISHER_KEY: Partial<Record<KindId, string>> = { thesis: 'school', report: 'institution', 'working-paper': 'institution', brochure: 'publisher', preprint: 'publisher' }
/** Names of the kinds' containers that are not journals. */
export const BOOKTITLE = new Set<KindId>(['chapter', 'foreword', 'encyclopedia-entry', 'dictionary-entry', 'conference-paper'])
