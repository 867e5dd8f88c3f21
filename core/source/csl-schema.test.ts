/** Every type and every variable of the published CSL-JSON schema (csl-data.json, 1.0.2): what it is read as, or that it is kept. */
import { describe, expect, it } from 'vitest'
import { fieldsOfCsl, fromCsl, kindOfCsl, toCsl, type CslItem } from './csl'
import type { FieldName } from './fields'
import type { KindId } from './kinds'
import type { Fields } from './model'

const TYPES: [string, KindId][] = [
  ['article', 'preprint'],
  ['article-journal', 'journal-article'],
  ['article-magazine', 'magazine-article'],
  ['article-newspaper', 'newspaper-article'],
  ['bill', 'statute'],
  ['book', 'book'],
  ['broadcast', 'tv-series'],
  ['chapter', 'chapter'],
  ['classic', 'classic'],
  ['collection', 'archival-item'],
  ['dataset', 'dataset'],
  ['document', 'course-material'],
  ['entry', 'encyclopedia-entry'],
  ['entry-dictionary', 'dictionary-entry'],
  ['entry-encyclopedia', 'encyclopedia-entry'],
  ['event', 'talk'],
  ['figure', 'figure'],
  ['graphic', 'artwork'],
  ['hearing', 'statute'],
  ['interview', 'interview'],
  ['legal_case', 'case'],
  ['legislation', 'statute'],
  ['manuscript', 'archival-item'],
  ['map', 'map'],
  ['motion_picture', 'film'],
  ['musical_score', 'book'],
  ['pamphlet', 'brochure'],
  ['paper-conference', 'conference-paper'],
  ['patent', 'patent'],
  ['performance', 'film'],
  ['periodical', 'book'],
  ['personal_communication', 'personal-communication'],
  ['post', 'social-post'],
  ['post-weblog', 'blog-post'],
  ['regulation', 'statute'],
  ['report', 'report'],
  ['review', 'review'],
  ['review-book', 'review'],
  ['software', 'software'],
  ['song', 'song'],
  ['speech', 'talk'],
  ['standard', 'standard'],
  ['thesis', 'thesis'],
  ['treaty', 'statute'],
  ['webpage', 'web-page'],
]

/** What the words of a genre or medium, or another property, make of a type. */
const SAID: [string, Record<string, string>, KindId][] = [
  ['broadcast', { 'genre': 'Podcast episode', 'container-title': 'P' }, 'podcast-episode'],
  ['broadcast', { genre: 'Podcast' }, 'podcast'],
  ['song', { 'genre': 'Podcast episode', 'container-title': 'P' }, 'podcast-episode'],
  ['broadcast', { 'container-title': 'P' }, 'tv-episode'],
  ['motion_picture', { 'genre': 'TV series episode', 'container-title': 'P' }, 'tv-episode'],
  ['motion_picture', { genre: 'TV series' }, 'tv-series'],
  ['motion_picture', { genre: 'Video' }, 'online-video'],
  ['song', { genre: 'Album' }, 'album'],
  ['song', { medium: 'Album' }, 'album'],
  ['report', { genre: 'Working paper' }, 'working-paper'],
  ['report', { genre: 'Press release' }, 'brochure'],
  ['report', { genre: 'Brochure' }, 'brochure'],
  ['report', { genre: 'Standard' }, 'standard'],
  ['article', { genre: 'Working paper' }, 'working-paper'],
  ['article', { genre: 'Preprint' }, 'preprint'],
  ['article', { 'genre': 'Preprint', 'container-title': 'S', 'volume': '1' }, 'preprint'],
  ['article', { 'container-title': 'J', 'volume': '1' }, 'journal-article'],
  ['article', { genre: 'Press release' }, 'brochure'],
  ['document', { genre: 'News release' }, 'brochure'],
  ['chapter', { title: 'Preface' }, 'foreword'],
  ['chapter', { title: 'The preface as a form' }, 'chapter'],
  ['chapter', { genre: 'Foreword' }, 'foreword'],
  ['graphic', { genre: 'Photograph' }, 'photograph'],
  ['graphic', { medium: 'Photograph' }, 'photograph'],
  ['graphic', { genre: 'Map' }, 'map'],
  ['graphic', { genre: 'Figure' }, 'figure'],
  ['software', { genre: 'Large language model' }, 'ai-output'],
  ['webpage', { genre: 'Blog post' }, 'blog-post'],
  ['webpage', { genre: 'Dataset' }, 'dataset'],
  ['document', { URL: 'https://x.example' }, 'web-page'],
  ['document', { genre: 'Handout' }, 'course-material'],
  ['manuscript', { genre: 'Doctoral dissertation' }, 'thesis'],
  ['manuscript', { genre: 'Letter', archive: 'A' }, 'archival-item'],
  ['speech', { genre: 'Poster' }, 'talk'],
  ['speech', { genre: 'Lecture notes' }, 'talk'],
  ['event', { genre: 'Webinar' }, 'talk'],
  ['article-journal', { genre: 'Book review', 'reviewed-title': 'W' }, 'review'],
  ['article-newspaper', { genre: 'Review', 'reviewed-title': 'W' }, 'review'],
  ['article-magazine', { 'reviewed-title': 'W' }, 'review'],
]

/** A variable and the fields it is read into; none: it is kept and written again. */
const VARIABLES: [string, ...FieldName[]][] = [
  ['abstract'],
  ['annote'],
  ['archive', 'archive'],
  ['archive_collection', 'container'],
  ['archive_location', 'archiveLocation'],
  ['archive-place', 'archivePlace'],
  ['authority', 'authority'],
  ['call-number', 'archiveLocation'],
  ['chapter-number', 'chapter'],
  ['citation-key'],
  ['citation-label'],
  ['citation-number'],
  ['collection-number', 'seriesNumber'],
  ['collection-title', 'series'],
  ['container-title', 'container'],
  ['container-title-short', 'containerShort'],
  ['dimensions', 'dimensions'],
  ['division'],
  ['DOI', 'doi'],
  ['edition', 'edition'],
  ['event', 'event'],
  ['event-title', 'event'],
  ['event-place', 'eventPlace'],
  ['first-reference-note-number'],
  ['genre', 'genre'],
  ['ISBN', 'isbn'],
  ['ISSN', 'issn'],
  ['issue', 'issue'],
  ['journalAbbreviation', 'containerShort'],
  ['jurisdiction', 'jurisdiction'],
  ['keyword'],
  ['language', 'language'],
  ['license'],
  ['locator'],
  ['medium', 'medium'],
  ['note'],
  ['number', 'number'],
  ['number-of-pages'],
  ['number-of-volumes', 'numberOfVolumes'],
  ['original-publisher'],
  ['original-publisher-place'],
  ['original-title', 'originalTitle'],
  ['page', 'pages'],
  ['page-first', 'pages'],
  ['part-number', 'volume'],
  ['part-title', 'volumeTitle'],
  ['PMCID'],
  ['PMID'],
  ['printing-number'],
  ['publisher', 'publisher'],
  ['publisher-place', 'place'],
  ['references'],
  ['reviewed-genre', 'reviewedGenre'],
  ['reviewed-title', 'reviewedTitle'],
  ['scale', 'scale'],
  ['section', 'section'],
  ['season', 'season'],
  ['shortTitle', 'titleShort'],
  ['source', 'database'],
  ['status', 'status'],
  ['supplement-number', 'issue'],
  ['title', 'title'],
  ['title-short', 'titleShort'],
  ['URL', 'url'],
  ['version', 'version'],
  ['volume', 'volume'],
  ['volume-title', 'volumeTitle'],
  ['volume-title-short'],
  ['year-suffix'],
]
const NAMES: [string, ...FieldName[]][] = [
  ['author', 'author'],
  ['chair', 'contributor'],
  ['collection-editor', 'seriesEditor'],
  ['compiler', 'compiler'],
  ['composer', 'composer'],
  ['container-author', 'containerAuthor'],
  ['contributor', 'contributor'],
  ['curator', 'contributor'],
  ['director', 'director'],
  ['editor', 'editor'],
  ['editor-translator', 'editor', 'translator'],
  ['editorial-director', 'editor'],
  ['executive-producer', 'producer'],
  ['guest', 'guest'],
  ['host', 'host'],
  ['illustrator', 'illustrator'],
  ['interviewer', 'interviewer'],
  ['narrator', 'narrator'],
  ['organizer', 'contributor'],
  ['original-author', 'author'],
  ['performer', 'performer'],
  ['producer', 'producer'],
  ['recipient', 'recipient'],
  ['reviewed-author', 'reviewedAuthor'],
  ['script-writer', 'scriptWriter'],
  ['series-creator', 'creator'],
  ['translator', 'translator'],
]
const DATES: [string, ...FieldName[]][] = [
  ['accessed', 'accessed'],
  ['available-date', 'issued'],
  ['event-date', 'eventDate'],
  ['issued', 'issued'],
  ['original-date', 'originalDate'],
  ['submitted', 'submitted'],
]
const PEOPLE = [{ family: 'Abara', given: 'Ngozi' }]
const DAY = { 'date-parts': [[2021, 3, 14]] }

describe('CSL-JSON, the whole schema', () => {
  it.each(TYPES)('type %s is a %s', (type, kind) => expect(kindOfCsl({ type })).toBe(kind))
  it.each(SAID)('type %s with %o is a %s', (type, more, kind) => expect(kindOfCsl({ type, ...more })).toBe(kind))
  const value = (property: string): unknown =>
    NAMES.some(([name]) => name === property) ? PEOPLE : DATES.some(([name]) => name === property) ? DAY : 'Words 4'
  describe.each([...VARIABLES, ...NAMES, ...DATES].map(([property, ...fields]) => [property, fields] as const))(
    '%s',
    (property, fields) => {
      const item: CslItem = { id: 'x', type: 'book', [property]: value(property) }
      it(fields.length ? `is read into ${fields.join(' and ')}` : 'is kept', () => {
        expect(fieldsOfCsl(property)).toEqual(fields)
        const read = fromCsl(item).fields
        expect(Object.keys(read).sort()).toEqual([...fields].sort())
      })
      it('comes back as it went in, and is gone when it is taken out', () => {
        expect(toCsl(fromCsl(item))).toEqual(item)
        expect(property in toCsl({ ...fromCsl(item), fields: {} })).toBe(fields.length === 0)
      })
    },
  )
  it.each<[Record<string, unknown>, Fields]>([
    [{ 'issue': '4', 'supplement-number': '1' }, { issue: '4 Suppl 1' }],
    [{ 'supplement-number': 'Suppl 2' }, { issue: 'Suppl 2' }],
    [{ 'producer': PEOPLE, 'executive-producer': [{ literal: 'Trust' }] }, { producer: PEOPLE }],
    [{ 'part-number': '3', 'volume': '14' }, { volume: '14' }],
  ])('%o: the schema’s own name comes first', (more, fields) => expect(fromCsl({ id: 'x', type: 'book', ...more }).fields).toEqual(fields))
  it('writes the other half of a property that named two roles', () => {
    const source = fromCsl({ 'id': 'x', 'type': 'book', 'editor-translator': PEOPLE })
    expect(toCsl({ ...source, fields: { translator: PEOPLE } })).toEqual({ id: 'x', type: 'book', translator: PEOPLE })
  })
})
