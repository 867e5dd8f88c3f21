/** Whatever reads a person's text, by name, each as a function of that text. */
import { checkPaper } from '../../core/check/checker'
import { compareLists } from '../../core/compare/compare'
import { readListElsewhere } from '../../core/compare/elsewhere'
import { checkDetails } from '../../core/check/details'
import { readMarkdown } from '../../core/intake/markdown'
import { closeness } from '../../core/check/closeness'
import { quotedBefore, straysFrom } from '../../core/check/quoted'
import { compose } from '../../core/compose/compose'
import { readForm } from '../../core/intake/anything'
import { detect } from '../../core/intake/detect'
import { readBibNames } from '../../core/intake/bibtex/names'
import { readBibtex } from '../../core/intake/bibtex/bibtex'
import { readCslJson } from '../../core/intake/csl-json'
import { tidyEnds } from '../../core/intake/decode'
import { citeIn, readAllMarks } from '../../core/intake/draft/citations'
import { readDraft, textToHtml } from '../../core/intake/draft/draft'
import { citeNotes } from '../../core/intake/draft/notes'
import { noticedIn, referencesIn } from '../../core/intake/draft/noticed'
import { readIdentifiers, readIsbn, tidyDoi } from '../../core/intake/identifiers'
import { comparableUrl } from '../../core/source/values/addresses'
import { TypedCitations } from '../../core/intake/draft/typed-citations'
import { readMarks } from '../../core/intake/marks'
import { pageDate, pageNames } from '../../core/intake/page/values'
import { readPage } from '../../core/intake/page/page'
import { richLines } from '../../core/intake/paste'
import { readPdf } from '../../core/intake/pdf'
import { readHead, readInnerNames } from '../../core/intake/reference/names'
import { readPastedNames } from '../../core/intake/reference/pasted-names'
import { tidyPages } from '../../core/intake/reference/peel'
import { readReference } from '../../core/intake/reference/reference'
import { readReferences } from '../../core/intake/reference/references'
import { splitReferences } from '../../core/intake/reference/split'
import { readRis, risDate } from '../../core/intake/ris/ris'
import { readLatexCitations } from '../../core/intake/tex/citations'
import { fromLatex, toLatex } from '../../core/intake/tex/latex'
import { texToHtml } from '../../core/intake/tex/draft'
import type { DocNode } from '../../core/sheet/document'
import { namedBefore, raisedAt } from '../../core/sheet/placement'
import { requoteText } from '../../core/sheet/requote'
import { readDate } from '../../core/source/dates'
import { readDegree } from '../../core/source/degrees'
import type { FieldName } from '../../core/source/fields'
import { readLocator } from '../../core/source/locators'
import type { Source } from '../../core/source/model'
import { readName, readNames } from '../../core/source/names'
import { readPassage, standsIn } from '../../core/source/passages'
import { readPatent } from '../../core/source/patents'
import { styleOf } from '../../core/styles'
import { abbreviateJournal, abbreviateProceedings, shortenPublisher } from '../../core/text/abbreviations'
import { foldTitle, foldWords } from '../../core/text/filing'
import { leaveOut } from '../../core/text/omission'
import { findQuotes, setQuotes, SINGLE_FIRST } from '../../core/text/quotes'
import { parseRich, stripRich } from '../../core/text/rich'
import { runOn } from '../../core/text/run-on'
import { wordsOf } from '../../core/text/words'

const APA = styleOf('apa-7')!
const source =
  (name: FieldName, kind: Source['kind'] = 'journal-article') =>
  (text: string): Source => ({
    id: 's',
    kind,
    fields: {
      title: 'Tides',
      author: [{ family: 'Okonjo', given: 'Ada' }],
      issued: { start: { year: 2021 } },
      container: 'Shore Notes',
      [name]: text,
    },
  })
const document = (text: string): DocNode => ({
  type: 'doc',
  content: text.split('\n').map((line) => ({ type: 'paragraph', ...(line ? { content: [{ type: 'text', text: line }] } : {}) })),
})
const noted = (text: string): DocNode => ({
  type: 'doc',
  content: [
    {
      type: 'paragraph',
      content: [
        { type: 'text', text: 'Words.' },
        { type: 'citation', attrs: { id: 'c1', data: { items: [], form: 'parenthetical', words: { after: text } } } },
      ],
    },
  ],
})
const paper = { citations: [{ items: [{ id: 's' }] }] }
/** One style of each sort: author and date in either case of titles, notes, numbers. */
const SETTERS = ['apa-7', 'mla-9', 'chicago-18-notes', 'ama-11'].map(id => styleOf(id)!)
const composed = (name: FieldName, kind?: Source['kind']) => (text: string) =>
  SETTERS.map((style) => compose(style, [source(name, kind)(text)], paper))
const TODAY = [2026, 11, 28] as const
/** A paper with a text as its paragraphs and in a block quotation: in a style that cites in the text, and in one with notes. */
const checked = (text: string) => {
  const sources = [source('title')('Tides')]
  const doc: DocNode = { type: 'doc', content: [...document(text).content!, { type: 'blockquote', content: document(text).content! }] }
  return [SETTERS[0]!, SETTERS[2]!].map(style => checkPaper({
    style, sources, doc, composition: compose(style, sources, paper), alsoList: [], title: 'Tides', today: TODAY,
    passages: [{ sourceId: 's', form: 'quotation', words: text.slice(0, 500), original: '', locator: '' }],
  }))
}

export const READERS: Record<string, (text: string) => unknown> = {
  detect,
  readIdentifiers,
  readIsbn,
  tidyDoi,
  comparableUrl,
  tidyEnds,
  readMarks: (text) => readMarks(text, () => 'x'),
  readAllMarks: (text) => readAllMarks(text, () => 'x'),
  ...Object.fromEntries(
    (['identifiers', 'bibtex', 'ris', 'csl-json', 'page', 'references'] as const).map((form) => [
      `readForm ${form}`,
      (text: string) => readForm(form, text),
    ]),
  ),
  'readBibtex field': (text) => readBibtex(`@book{a, title = {${text}}, author = {${text}}}`),
  'readRis field': (text) => readRis(`TY  - BOOK\nTI  - ${text}\nAU  - ${text}\nER  - \n`),
  'readCslJson title': (text) => readCslJson(JSON.stringify([{ type: 'book', title: text, author: [{ literal: text }] }])),
  'readCslJson': readCslJson,
  'readBibNames': readBibNames,
  'risDate': risDate,
  'readDraft html': (text) => readDraft(`<p>${text}</p>`),
  'readDraft text': (text) => readDraft(textToHtml(text)),
  'citeIn': (text) => citeIn(document(text), () => 'x', new TypedCitations([source('title')('Tides')])),
  'citeNotes': (text) => citeNotes(noted(text), [source('title')('Tides')]),
  'noticedIn': (text) => noticedIn(document(text).content!),
  'referencesIn': (text) => referencesIn(document(`References\n\n${text}`), { from: 0, to: 9 }),
  'readPage': (text) => readPage(text, 'https://a.example/'),
  'readPage body': (text) => readPage(`<html><head><title>${text}</title></head><body><p>${text}</p></body></html>`, 'https://a.example/'),
  'pageNames': (text) => pageNames([text]),
  pageDate,
  richLines,
  'readPdf': (text) =>
    readPdf({
      lines: text.split('\n').map((line) => ({ text: line, size: 12, y: 600 })),
      height: 800,
      info: { title: text, author: text, date: text, doi: text, name: text },
    } as never),
  readHead,
  readInnerNames,
  readPastedNames,
  tidyPages,
  readReference,
  readReferences,
  splitReferences,
  'readLatexCitations': (text) => readLatexCitations(text, () => 'x'),
  fromLatex,
  toLatex,
  texToHtml,
  'namedBefore': (text) => namedBefore(text, 'Okonjo'),
  'raisedAt': (text) => raisedAt(text, text, '.,;:?!', true),
  'requoteText': (text) => requoteText(text, APA),
  readDate,
  readDegree,
  readLocator,
  readName,
  readNames,
  readPassage,
  readPatent,
  'standsIn': (text) => standsIn(text, foldWords(text)),
  abbreviateJournal,
  'abbreviateProceedings': (text) => [abbreviateProceedings(text, 'words'), abbreviateProceedings(text, 'proc')],
  'shortenPublisher': (text) => [shortenPublisher(text, 'Univ.'), shortenPublisher(text, 'U', true)],
  foldTitle,
  foldWords,
  'leaveOut': (text) => leaveOut(text, text, text, APA.page.ellipsis, false),
  findQuotes,
  'setQuotes': (text) => setQuotes(text, SINGLE_FIRST, 0),
  parseRich,
  stripRich,
  'runOn': (text) => runOn(text, new Set()),
  wordsOf,
  'straysFrom': (text) => straysFrom(text, text),
  'quotedBefore': (text) => quotedBefore(text, false),
  'closeness': (text) => closeness(text, text),
  'compareLists': (text) => {
    const sources = [source('title')('Tides')]
    const { list } = compose(APA, sources, paper)
    return (['html', 'text'] as const).map(form => compareLists(APA, list, sources, readListElsewhere(`Okonjo, A. (2021). Tides. ${text}`, form)))
  },
  'checkPaper': checked,
  'readMarkdown': (text) => readMarkdown(text, () => undefined),
  'checkDetails title': (text) => checkDetails({ source: source('title')(text), style: APA, today: TODAY }),
  'checkDetails container': (text) => checkDetails({ source: source('container')(text), style: APA, today: TODAY }),
  'checkDetails url': (text) => checkDetails({ source: source('url')(text), style: APA, today: TODAY }),
  'checkDetails pages': (text) => checkDetails({ source: source('pages')(text), style: APA, today: TODAY }),
  'compose title': composed('title'),
  'compose pages': composed('pages'),
  'compose container': composed('container'),
  'compose publisher': composed('publisher', 'book'),
  'compose url': composed('url', 'web-page'),
  'compose volume': composed('volume'),
  'compose edition': composed('edition', 'book'),
  'compose place': composed('place', 'book'),
  'compose genre': composed('genre', 'thesis'),
  'compose event': composed('event', 'conference-paper'),
}
