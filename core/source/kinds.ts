/**
 * The kinds of source: which fields each needs, which are usual, who leads its entry, and where on the source a
 * person finds what. A kind is data; the engine asks for its properties and knows none by name.
 */
import { FIELDS, type FieldName } from './fields'

export interface Kind {
  label: string
  /** A kind whose layout a style may use when it has none for this one. */
  like?: string
  /** Fields without which the reference has a hole. */
  required: readonly FieldName[]
  /** Fields most such sources have. */
  usual: readonly FieldName[]
  /** Roles that can lead the entry, the first one present wins. */
  lead: readonly FieldName[]
  /** Other makers named inside the entry, in this order. */
  makers: readonly FieldName[]
  /** The container is an official name (journal, site, show) and keeps its capitals. */
  officialContainer?: boolean
  /** The title is not a title but a text or a description: its capitals are left alone. */
  plainTitle?: boolean
  /** How its container behaves: a scholarly periodical is abbreviated, proceedings too in their way, a site may be its own author, a reference work is a name when online. */
  inside?: 'periodical' | 'proceedings' | 'site' | 'reference'
  /** Stands alone (book, film) rather than inside something. */
  whole?: boolean
  /** Pages are asked for in a citation of it. */
  paged?: boolean
  /** CSL-JSON type. */
  csl: string
  /** Where on the source to look, by field. */
  hints?: Partial<Record<FieldName, string>>
}

const PERIODICAL = { container: 'on the cover or above the article', volume: 'beside the journal’s name', issue: 'after the volume, often in brackets', pages: 'first and last', number: 'if it has no pages', doi: 'on the first page, begins with 10.' } as const
const WEB = { issued: 'near the title or at the foot of the page', container: 'the site’s own name, often in the header', url: 'the address bar', accessed: 'only if the page has no date' } as const
const BOOK = { title: 'the title page, not the cover', issued: 'the back of the title page', publisher: 'the title page', edition: 'only if it says so on the title page', place: 'the back of the title page', doi: 'e-books: on the publisher’s page' } as const

const k = (kind: Kind): Kind => kind

export const KINDS = {
  'journal-article': k({ label: 'Journal article', inside: 'periodical', required: ['author', 'issued', 'title', 'container'], usual: ['volume', 'issue', 'pages', 'number', 'doi', 'url'], lead: ['author'], makers: ['translator'], officialContainer: true, paged: true, csl: 'article-journal', hints: PERIODICAL }),
  'magazine-article': k({ label: 'Magazine article', like: 'journal-article', required: ['author', 'issued', 'title', 'container'], usual: ['volume', 'issue', 'pages', 'url'], lead: ['author'], makers: ['translator'], officialContainer: true, paged: true, csl: 'article-magazine', hints: PERIODICAL }),
  'newspaper-article': k({ label: 'Newspaper article', like: 'magazine-article', required: ['author', 'issued', 'title', 'container'], usual: ['pages', 'url', 'edition', 'section'], lead: ['author'], makers: [], officialContainer: true, paged: true, csl: 'article-newspaper', hints: { ...PERIODICAL, pages: 'the page and its letter, as A4' } }),
  'review': k({ label: 'Review', inside: 'periodical', like: 'journal-article', required: ['author', 'issued', 'reviewedTitle', 'container'], usual: ['title', 'reviewedAuthor', 'volume', 'issue', 'pages', 'doi', 'url'], lead: ['author'], makers: [], officialContainer: true, paged: true, csl: 'review', hints: PERIODICAL }),
  'book': k({ label: 'Book', required: ['author', 'issued', 'title', 'publisher'], usual: ['editor', 'edition', 'translator', 'originalDate', 'place', 'volume', 'series', 'doi', 'url'], lead: ['author', 'editor', 'translator'], makers: ['editor', 'translator', 'illustrator'], whole: true, paged: true, csl: 'book', hints: BOOK }),
  'classic': k({ label: 'Play, poem, scripture or classic', like: 'book', required: ['title', 'publisher'], usual: ['author', 'issued', 'originalDate', 'editor', 'translator', 'edition', 'place'], lead: ['author', 'editor'], makers: ['editor', 'translator'], whole: true, paged: true, csl: 'classic', hints: { ...BOOK, originalDate: 'when it was first written or printed' } }),
  'brochure': k({ label: 'Brochure or press release', like: 'report', required: ['title', 'issued'], usual: ['author', 'publisher', 'place', 'url'], lead: ['author'], makers: [], whole: true, paged: true, csl: 'pamphlet' }),
  'chapter': k({ label: 'Chapter', required: ['author', 'issued', 'title', 'container', 'publisher'], usual: ['editor', 'pages', 'edition', 'volume', 'translator', 'place', 'doi', 'url'], lead: ['author'], makers: ['editor', 'translator'], paged: true, csl: 'chapter', hints: { ...BOOK, title: 'at the head of the chapter', container: 'the title page of the whole book', pages: 'first and last page of the chapter', editor: 'the title page, after “edited by”' } }),
  'foreword': k({ label: 'Introduction, foreword or afterword', like: 'chapter', required: ['author', 'issued', 'container', 'publisher'], usual: ['title', 'genre', 'containerAuthor', 'editor', 'pages', 'place'], lead: ['author'], makers: ['editor', 'translator'], paged: true, csl: 'chapter', hints: { genre: 'Introduction, Foreword or Afterword', containerAuthor: 'who wrote the book itself' } }),
  'encyclopedia-entry': k({ label: 'Encyclopedia entry', inside: 'reference', like: 'chapter', required: ['title', 'container', 'issued'], usual: ['author', 'editor', 'edition', 'pages', 'publisher', 'place', 'url', 'accessed'], lead: ['author'], makers: ['editor'], paged: true, csl: 'entry-encyclopedia', hints: { title: 'the headword' } }),
  'dictionary-entry': k({ label: 'Dictionary entry', inside: 'reference', like: 'encyclopedia-entry', required: ['title', 'container'], usual: ['issued', 'edition', 'pages', 'publisher', 'place', 'url', 'accessed'], lead: ['author'], makers: ['editor'], paged: true, csl: 'entry-dictionary', hints: { title: 'the headword' } }),
  'conference-paper': k({ label: 'Conference paper', inside: 'proceedings', like: 'chapter', required: ['author', 'issued', 'title', 'container'], usual: ['editor', 'pages', 'publisher', 'place', 'event', 'doi', 'url'], lead: ['author'], makers: ['editor'], officialContainer: true, paged: true, csl: 'paper-conference', hints: { container: 'the title of the proceedings' } }),
  'web-page': k({ label: 'Web page', inside: 'site', required: ['title', 'url'], usual: ['author', 'issued', 'container', 'accessed'], lead: ['author'], makers: [], officialContainer: true, csl: 'webpage', hints: WEB }),
  'blog-post': k({ label: 'Blog post', inside: 'site', like: 'web-page', required: ['author', 'issued', 'title', 'container', 'url'], usual: ['accessed'], lead: ['author'], makers: [], officialContainer: true, csl: 'post-weblog', hints: { ...WEB, container: 'the blog’s name' } }),
  'social-post': k({ label: 'Social media post', like: 'web-page', required: ['author', 'issued', 'title', 'container', 'url'], usual: ['genre'], lead: ['author'], makers: [], officialContainer: true, plainTitle: true, csl: 'post', hints: { title: 'the first 20 words of the post', container: 'the service it was posted on' } }),
  'report': k({ label: 'Report', required: ['author', 'issued', 'title', 'publisher'], usual: ['genre', 'number', 'place', 'url', 'doi'], lead: ['author', 'editor'], makers: ['editor'], whole: true, paged: true, csl: 'report', hints: { number: 'on the cover, often after “Report No.”' } }),
  'working-paper': k({ label: 'Working paper', like: 'report', required: ['author', 'issued', 'title', 'publisher'], usual: ['genre', 'number', 'series', 'place', 'url', 'doi'], lead: ['author'], makers: [], whole: true, paged: true, csl: 'report' }),
  'preprint': k({ label: 'Preprint', required: ['author', 'issued', 'title', 'publisher'], usual: ['number', 'doi', 'url'], lead: ['author'], makers: [], csl: 'article', hints: { publisher: 'the server that hosts it', number: 'its number on that server' } }),
  'thesis': k({ label: 'Thesis or dissertation', required: ['author', 'issued', 'title', 'publisher'], usual: ['genre', 'place', 'archive', 'number', 'url'], lead: ['author'], makers: [], whole: true, paged: true, csl: 'thesis', hints: { publisher: 'the university', genre: 'Doctoral dissertation or Master’s thesis', archive: 'the database or repository' } }),
  'talk': k({ label: 'Talk, lecture, poster or slides', required: ['author', 'issued', 'title'], usual: ['genre', 'event', 'publisher', 'place', 'url'], lead: ['author'], makers: [], whole: true, csl: 'speech', hints: { genre: 'Lecture, Poster, Slides' } }),
  'film': k({ label: 'Film', required: ['director', 'issued', 'title', 'publisher'], usual: ['scriptWriter', 'producer', 'performer', 'originalDate', 'medium', 'url'], lead: ['director', 'producer', 'author'], makers: ['scriptWriter', 'performer'], whole: true, csl: 'motion_picture', hints: { publisher: 'the production company' } }),
  'tv-series': k({ label: 'Television series', like: 'film', required: ['title', 'issued', 'publisher'], usual: ['producer', 'director', 'url'], lead: ['producer', 'director', 'author'], makers: [], whole: true, csl: 'broadcast' }),
  'tv-episode': k({ label: 'Television episode', required: ['title', 'container', 'issued'], usual: ['scriptWriter', 'director', 'producer', 'season', 'number', 'publisher', 'url'], lead: ['scriptWriter', 'director', 'author'], makers: ['director', 'producer'], officialContainer: true, csl: 'broadcast' }),
  'online-video': k({ label: 'Online video', like: 'film', required: ['author', 'issued', 'title', 'container', 'url'], usual: ['dimensions'], lead: ['author', 'director'], makers: [], officialContainer: true, whole: true, csl: 'motion_picture', hints: { author: 'who uploaded it', container: 'the service it is on' } }),
  'podcast': k({ label: 'Podcast', like: 'podcast-episode', required: ['title', 'issued'], usual: ['author', 'host', 'producer', 'publisher', 'url'], lead: ['host', 'author', 'producer'], makers: [], whole: true, csl: 'broadcast' }),
  'podcast-episode': k({ label: 'Podcast episode', required: ['author', 'issued', 'title', 'container'], usual: ['number', 'publisher', 'url'], lead: ['host', 'author'], makers: [], officialContainer: true, csl: 'broadcast', hints: { container: 'the name of the podcast' } }),
  'song': k({ label: 'Song', required: ['author', 'issued', 'title'], usual: ['performer', 'composer', 'container', 'publisher', 'medium', 'url'], lead: ['author', 'composer', 'performer'], makers: ['performer'], csl: 'song', hints: { container: 'the album', publisher: 'the label' } }),
  'album': k({ label: 'Album', like: 'song', required: ['author', 'issued', 'title'], usual: ['publisher', 'medium', 'url'], lead: ['author', 'composer', 'performer'], makers: [], whole: true, csl: 'song' }),
  'artwork': k({ label: 'Artwork', required: ['author', 'issued', 'title'], usual: ['medium', 'archive', 'archivePlace', 'dimensions', 'url'], lead: ['author'], makers: [], whole: true, csl: 'graphic', hints: { archive: 'the museum that holds it', medium: 'Oil on canvas, Bronze…' } }),
  'photograph': k({ label: 'Photograph', like: 'artwork', required: ['author', 'issued', 'title'], usual: ['medium', 'archive', 'archivePlace', 'container', 'url'], lead: ['author'], makers: [], whole: true, csl: 'graphic' }),
  'map': k({ label: 'Map', like: 'artwork', required: ['author', 'issued', 'title'], usual: ['scale', 'publisher', 'place', 'archive', 'url'], lead: ['author'], makers: [], whole: true, csl: 'map' }),
  'figure': k({ label: 'Figure or chart', like: 'artwork', required: ['author', 'issued', 'title'], usual: ['container', 'publisher', 'url'], lead: ['author'], makers: [], whole: true, csl: 'figure' }),
  'patent': k({ label: 'Patent', required: ['author', 'issued', 'title', 'number'], usual: ['authority', 'url'], lead: ['author'], makers: [], whole: true, csl: 'patent', hints: { authority: 'the patent office', number: 'with its country code' } }),
  'dataset': k({ label: 'Dataset', required: ['author', 'issued', 'title', 'publisher'], usual: ['version', 'doi', 'url'], lead: ['author'], makers: [], whole: true, csl: 'dataset' }),
  'software': k({ label: 'Software or app', required: ['author', 'issued', 'title'], usual: ['version', 'publisher', 'url'], lead: ['author'], makers: [], whole: true, csl: 'software' }),
  'ai-output': k({ label: 'Generated text (AI)', like: 'software', required: ['author', 'issued', 'title', 'url'], usual: ['version', 'publisher', 'genre'], lead: ['author'], makers: [], whole: true, csl: 'software' }),
  'standard': k({ label: 'Standard', like: 'report', required: ['author', 'issued', 'title', 'number'], usual: ['publisher', 'place', 'url'], lead: ['author'], makers: [], whole: true, paged: true, csl: 'standard' }),
  'case': k({ label: 'Law case', required: ['title', 'issued'], usual: ['volume', 'container', 'pages', 'authority', 'url'], lead: [], makers: [], plainTitle: true, csl: 'legal_case' }),
  'statute': k({ label: 'Statute', required: ['title'], usual: ['issued', 'volume', 'container', 'section', 'pages', 'number', 'url'], lead: [], makers: [], plainTitle: true, csl: 'legislation' }),
  'interview': k({ label: 'Interview', required: ['author', 'issued'], usual: ['title', 'interviewer', 'container', 'publisher', 'url'], lead: ['author'], makers: ['interviewer'], officialContainer: true, csl: 'interview', hints: { author: 'the person interviewed' } }),
  'personal-communication': k({ label: 'Letter, e-mail or conversation', required: ['author', 'issued'], usual: ['title', 'genre', 'recipient'], lead: ['author'], makers: [], plainTitle: true, csl: 'personal_communication', hints: { genre: 'E-mail, Letter, Conversation' } }),
  'archival-item': k({ label: 'Archival item', required: ['title', 'archive'], usual: ['author', 'issued', 'genre', 'archivePlace', 'archiveLocation', 'container', 'url'], lead: ['author'], makers: [], plainTitle: true, csl: 'manuscript', hints: { archiveLocation: 'box, folder, shelf mark' } }),
  'course-material': k({ label: 'Course material or handout', like: 'talk', required: ['author', 'issued', 'title'], usual: ['genre', 'event', 'publisher', 'url'], lead: ['author'], makers: [], whole: true, csl: 'document', hints: { event: 'the course' } }),
} as const satisfies Record<string, Kind>

/** Where a field is found on most sources, for the kinds that say nothing of their own. */
const FOUND: Partial<Record<FieldName, string>> = {
  author: 'under the title, or on the title page', editor: 'after “edited by”', translator: 'after “translated by”', director: 'in the credits', host: 'on the show’s page',
  performer: 'in the credits', composer: 'in the credits', interviewer: 'who asks the questions', recipient: 'whom it was sent to', producer: 'in the credits', scriptWriter: 'in the credits', containerAuthor: 'on the title page of the whole',
  reviewedAuthor: 'at the head of the review', issued: 'near the title, or on the imprint page', originalDate: 'on the imprint page, after “first published”', eventDate: 'on the programme', accessed: 'only if it has no date of its own', status: 'in press, forthcoming',
  title: 'at the head of it, in full', titleShort: 'if you want another than Dendle’s', titleTranslated: 'for a title in another language', reviewedTitle: 'at the head of the review', edition: 'only if it says so', version: 'in its “about” or on its page', genre: 'what it calls itself',
  medium: 'on the label or case', dimensions: 'on the label', scale: 'in the margin of the map', container: 'the whole it is part of', containerShort: 'on the journal’s page', volume: 'beside the title of the whole', issue: 'after the volume', number: 'on its first page',
  season: 'in the listing', series: 'facing the title page', seriesNumber: 'after the series', event: 'on the programme', eventPlace: 'on the programme', publisher: 'on the imprint page, or at the foot', place: 'with the publisher', authority: 'at the head of it',
  pages: 'first and last', section: 'after §', archive: 'who holds it', archivePlace: 'town of the archive', archiveLocation: 'box, folder, shelf mark', doi: 'begins with 10.', url: 'the address bar', isbn: 'by the bar code', language: 'if not English: fr, de, es…', database: 'where you found it',
}
/** Where on a source of this kind to look for a field. */
export const hintFor = (kind: KindId, field: FieldName): string | undefined => kindOf(kind).hints?.[field] ?? FOUND[field]

/** What a kind calls a field that other kinds call otherwise: a journal article is inside a journal. */
const CALLED: Partial<Record<KindId, Partial<Record<FieldName, string>>>> = {
  'journal-article': { container: 'Journal' }, 'magazine-article': { container: 'Magazine' }, 'newspaper-article': { container: 'Newspaper' }, 'review': { container: 'Journal or newspaper' }, 'chapter': { container: 'Book' }, 'foreword': { container: 'Book' }, 'encyclopedia-entry': { container: 'Encyclopedia' }, 'dictionary-entry': { container: 'Dictionary' },
  'conference-paper': { container: 'Proceedings' }, 'web-page': { container: 'Site' }, 'blog-post': { container: 'Blog' }, 'social-post': { container: 'Service' }, 'thesis': { publisher: 'University' }, 'preprint': { publisher: 'Server' }, 'film': { publisher: 'Production company' }, 'tv-episode': { container: 'Series' }, 'online-video': { container: 'Service' }, 'podcast-episode': { container: 'Podcast' },
  'song': { container: 'Album', publisher: 'Label' }, 'album': { publisher: 'Label' }, 'case': { container: 'Reporter' }, 'statute': { container: 'Code or collection' },
}
export const labelFor = (kind: KindId, field: FieldName): string => CALLED[kind]?.[field] ?? FIELDS[field].label

export type KindId = keyof typeof KINDS
export const KIND_IDS = Object.keys(KINDS) as [KindId, ...KindId[]]
export const kindOf = (id: KindId): Kind => KINDS[id]

/** The kind, then the kinds it resembles, nearest first. */
export function kindChain(id: KindId): KindId[] {
  const chain: KindId[] = []
  for (let at: KindId | undefined = id; at && !chain.includes(at); at = kindOf(at).like as KindId | undefined) chain.push(at)
  return chain
}
