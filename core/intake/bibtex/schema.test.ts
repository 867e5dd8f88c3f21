/** Every entry type and field of BibTeX and biblatex (The biblatex Package, 2.1 and 2.2): what it is read as, or that it is kept. */
import { describe, expect, it } from 'vitest'
import type { FieldName } from '../../source/fields'
import type { KindId } from '../../source/kinds'
import { asSources } from '../convert'
import { readBibtex, writeBibtex } from './bibtex'

const TYPES: [string, KindId][] = [
  ['article', 'journal-article'],
  ['book', 'book'],
  ['mvbook', 'book'],
  ['inbook', 'chapter'],
  ['bookinbook', 'chapter'],
  ['suppbook', 'foreword'],
  ['booklet', 'brochure'],
  ['collection', 'book'],
  ['mvcollection', 'book'],
  ['incollection', 'chapter'],
  ['suppcollection', 'foreword'],
  ['dataset', 'dataset'],
  ['manual', 'report'],
  ['misc', 'web-page'],
  ['online', 'web-page'],
  ['electronic', 'web-page'],
  ['www', 'web-page'],
  ['patent', 'patent'],
  ['periodical', 'book'],
  ['suppperiodical', 'journal-article'],
  ['proceedings', 'book'],
  ['mvproceedings', 'book'],
  ['inproceedings', 'conference-paper'],
  ['conference', 'conference-paper'],
  ['reference', 'book'],
  ['mvreference', 'book'],
  ['inreference', 'encyclopedia-entry'],
  ['report', 'report'],
  ['techreport', 'report'],
  ['software', 'software'],
  ['thesis', 'thesis'],
  ['phdthesis', 'thesis'],
  ['mastersthesis', 'thesis'],
  ['unpublished', 'talk'],
  ['artwork', 'artwork'],
  ['audio', 'podcast-episode'],
  ['commentary', 'book'],
  ['image', 'artwork'],
  ['jurisdiction', 'case'],
  ['legislation', 'statute'],
  ['legal', 'statute'],
  ['letter', 'personal-communication'],
  ['movie', 'film'],
  ['music', 'song'],
  ['performance', 'film'],
  ['review', 'review'],
  ['standard', 'standard'],
  ['video', 'online-video'],
]

/** A field and what it is read into; none: it is kept and written again. */
const NAMES: [string, ...FieldName[]][] = [
  ['author', 'author'],
  ['editor', 'editor'],
  ['translator', 'translator'],
  ['bookauthor', 'containerAuthor'],
  ['holder', 'author'],
  ['afterword'],
  ['annotator'],
  ['commentator'],
  ['foreword'],
  ['introduction'],
  ['editora'],
  ['editorb'],
  ['editorc'],
  ['shortauthor'],
  ['shorteditor'],
]
const TEXTS: [string, ...FieldName[]][] = [
  ['title', 'title'],
  ['subtitle', 'title'],
  ['titleaddon', 'genre'],
  ['shorttitle', 'titleShort'],
  ['booktitle', 'container'],
  ['booksubtitle'],
  ['booktitleaddon'],
  ['maintitle', 'title'],
  ['mainsubtitle'],
  ['journal', 'container'],
  ['journaltitle', 'container'],
  ['journalsubtitle'],
  ['shortjournal', 'containerShort'],
  ['issuetitle'],
  ['issuesubtitle'],
  ['series', 'series'],
  ['shortseries'],
  ['edition', 'edition'],
  ['volume', 'volume'],
  ['volumes', 'numberOfVolumes'],
  ['number', 'seriesNumber'],
  ['issue', 'issue'],
  ['part', 'volume'],
  ['chapter', 'chapter'],
  ['pages', 'pages'],
  ['pagetotal'],
  ['eid', 'number'],
  ['publisher', 'publisher'],
  ['institution', 'publisher'],
  ['organization'],
  ['school', 'publisher'],
  ['address', 'place'],
  ['location', 'place'],
  ['howpublished', 'medium'],
  ['eventtitle', 'event'],
  ['venue', 'eventPlace'],
  ['eventtitleaddon'],
  ['origtitle', 'originalTitle'],
  ['origpublisher'],
  ['origlocation'],
  ['origlanguage'],
  ['reprinttitle'],
  ['version', 'version'],
  ['type', 'genre'],
  ['doi', 'doi'],
  ['url', 'url'],
  ['isbn', 'isbn'],
  ['issn', 'issn'],
  ['isrn'],
  ['ismn'],
  ['isan'],
  ['iswc'],
  ['eprint', 'number'],
  ['eprintclass'],
  ['language', 'language'],
  ['langid', 'language'],
  ['library', 'archive'],
  ['pubstate', 'status'],
  ['note'],
  ['addendum'],
  ['abstract'],
  ['annotation'],
  ['annote'],
  ['keywords'],
  ['file'],
  ['label'],
  ['shorthand'],
  ['indextitle'],
  ['nameaddon'],
  ['pagination'],
  ['bookpagination'],
  ['entrysubtype'],
  ['gender'],
  ['related'],
  ['sortkey'],
  ['usera'],
  ['lista'],
  ['verba'],
]
const DATES: [string, ...FieldName[]][] = [
  ['date', 'issued'],
  ['year', 'issued'],
  ['origdate', 'originalDate'],
  ['eventdate', 'eventDate'],
  ['urldate', 'accessed'],
]

describe('BibTeX, the whole of it', () => {
  it.each(TYPES)('@%s is a %s', (type, kind) => expect(readBibtex(`@${type}{k, title = {T}}`).proposals[0]!.kind).toBe(kind))
  const value = (name: string) =>
    NAMES.some(([one]) => one === name)
      ? 'Abara, Ngozi'
      : DATES.some(([one]) => one === name)
        ? '2021'
        : name === 'pages'
          ? '3'
          : name === 'url'
            ? 'https://x.example'
            : name === 'doi'
              ? '10.5555/x'
              : 'Words'
  it.each([...NAMES, ...TEXTS, ...DATES].map(([name, ...fields]) => [name, fields] as const))(
    '%s is read into %j, and is written again',
    (name, fields) => {
      const sources = asSources(readBibtex(`@book{k, ${name} = {${value(name)}}}`).proposals)
      expect(Object.keys(sources[0]!.fields).sort()).toEqual([...fields].sort())
      expect(writeBibtex(sources, (source) => source.id)).toContain(`{${value(name)}}`)
    },
  )
  it.each<[string, FieldName]>([
    ['compiler', 'compiler'],
    ['director', 'director'],
    ['producer', 'producer'],
    ['translator', 'translator'],
    ['founder', 'editor'],
    ['', 'editor'],
  ])('an editor who is a %s', (type, field) => {
    expect(readBibtex(`@book{k, editor = {Abara, Ngozi}, editortype = {${type}}}`).proposals[0]!.fields[field]).toEqual([
      { family: 'Abara', given: 'Ngozi' },
    ])
  })
  it('one bad name never costs the file', () => {
    const { proposals } = readBibtex('@book{a, title={One}, author={~}}\n@book{b, title={Two}, author={ and }}\n@book{c, title={Three}}')
    expect(proposals.map(({ fields }) => fields.title)).toEqual(['One', 'Two', 'Three'])
  })
})
