/**
 * Notes and a bibliography as the Modern Humanities Research Association has them: MHRA Style Guide, 3rd ed. (2013),
 * chapter 11. The first note of a work gives it in full, later ones the author and the place.
 */
import { SINGLE_FIRST } from '../text/quotes'
import { GIVES_WAY } from './giving-way'
import type { Style } from './schema'
import { MHRA_3 } from './sections'
import { captions, CREDIT, DMY, EDITION_WORDS, etAl, IN_SENTENCE, locatorWords, MONTHS_FULL, nameForm, PATENT_OFFICES, PLAIN_HEADINGS, ROLE_JOINS, SAYS, SEASONS_UK, SPACED, YEAR } from './shared'
import { APPENDIX_BEFORE, manuscript } from './shared-page'

const HEADLINE = { style: 'headline', prepositions: 'all' } as const
const OTHERS = etAl(4, 1, { before: ' ', text: 'and others' })
const source = (section: string) => `MHRA 3, ${section}`

/** Later notes: the author, or the title where nobody leads; the title too where the author has other works (11.3). */
const ITALIC_SHORT = '<lead?{lead:short,bare}<several?, *{short}*>|*{short}*>{&, }{@at}'
const QUOTED_SHORT = '<lead?{lead:short,bare}<several?, "{short}">|"{short}">{&, }{@at}'

export const mhra3: Style = {
  id: 'mhra-3', name: 'MHRA', edition: '3rd edition', short: 'MHRA 3', manual: 'MHRA Style Guide, 3rd ed. (2013)',
  quotes: SINGLE_FIRST, stopsInside: false, commaAfterQuestion: true,
  capitals: { roman: HEADLINE, quoted: HEADLINE, italic: HEADLINE },
  credit: CREDIT,
  dash: '–', ranges: { pages: 'two-digits', locators: 'two-digits', years: 'two-digits' },
  names: {
    lead: nameForm({ order: 'first-inverted', pair: ', and ', etAl: { ...OTHERS, before: ', ' } }),
    inline: nameForm({ order: 'natural', etAl: OTHERS }),
    note: nameForm({ order: 'natural', etAl: OTHERS }),
    text: nameForm({ order: 'surname', given: 'none', etAl: OTHERS }),
    short: nameForm({ order: 'surname', given: 'none', etAl: OTHERS }),
    narrative: nameForm({ order: 'surname', given: 'none', etAl: OTHERS }),
    apart: nameForm({ firstOnly: true, order: 'natural', given: 'initials', initials: SPACED, etAl: OTHERS }),
    whole: nameForm({ order: 'natural' }),
  },
  makers: {
    makers: { form: 'inline', pattern: '{verb} {names}', between: ', ' },
    inside: { form: 'inline', pattern: '{verb} {names}', between: ', ' },
    note: { form: 'note', pattern: '{verb} {names}', between: ', ' },
  },
  roleJoins: ROLE_JOINS, leadLabel: ', {label}', countries: PATENT_OFFICES,
  roles: {
    editor: { label: ['ed.', 'eds'], verb: 'ed. by' }, translator: { label: ['trans.', 'trans.'], verb: 'trans. by' },
    compiler: { label: ['comp.', 'comps'], verb: 'comp. by' }, illustrator: { label: ['illus.', 'illus.'], verb: 'illus. by' },
    director: { verb: 'dir. by' }, scriptWriter: { verb: 'written by' }, producer: { verb: 'prod. by' }, creator: { verb: 'created by' },
    performer: { verb: 'perf. by' }, host: { verb: 'presented by' }, composer: { verb: 'by' }, interviewer: { verb: 'interviewed by' },
  },
  dates: {
    months: MONTHS_FULL, seasons: SEASONS_UK, bce: ' BC', circa: 'c. ', range: '–',
    forms: { date: DMY, year: YEAR, accessed: DMY, long: DMY, monthday: { day: '{day} {month}', month: '{month}', year: '' }, issue: { day: '{year}', month: '{year}', season: '{month} {year}', year: '{year}' } },
  },
  terms: { issue: 'no. ', supplement: { word: 'suppl. ', behind: ', ' }, edition: 'edn', noDate: 'n.d.', inPress: 'forthcoming', page: ['p. ', 'pp. '], editionWords: EDITION_WORDS },
  degrees: { doctoral: { plain: 'doctoral thesis' }, master: { plain: 'master’s thesis' }, bachelor: { plain: 'bachelor’s thesis' } },
  inState: '{town}, {state}',
  descriptions: {
    'thesis': { from: 'genre', or: 'thesis' }, 'talk': { from: 'genre', or: 'lecture' }, 'course-material': { from: 'genre', or: 'handout' },
    'online-video': 'online video recording', 'podcast': 'podcast', 'podcast-episode': 'podcast', 'song': { from: 'medium' }, 'album': { from: 'medium' },
    'artwork': { from: 'medium' }, 'photograph': { from: 'medium', or: 'photograph' }, 'map': 'map', 'interview': 'interview', 'figure': { from: 'genre' },
    'foreword': { from: 'genre' }, 'brochure': { from: 'genre' }, 'ai-output': { from: 'genre' }, 'software': 'software', 'dataset': 'dataset',
    'personal-communication': { from: 'genre', or: 'letter', words: { 'e-mail': 'email', 'email': 'email' } },
  },
  sameMaker: { publisher: 'keep', site: 'site' },
  shorten: { journals: false, companies: true },
  url: { scheme: true, doi: '<https://doi.org/{doi}>', address: '<{url}>' },
  options: {},
  citation: {
    system: 'notes', quotedPlace: 'paged', open: '(', close: ')', between: '; ', beforeYear: ', ', beforeLocator: ', ', order: 'given',
    names: 'text', narrativeNames: 'narrative', sameSurname: { names: 'apart', narrative: 'apart' }, yearLetters: false, titleForSeveral: true,
    standInTitle: 'first-words', citedIn: ', quoted in ', inSentence: IN_SENTENCE, volumeAndPlace: '{VOLUME}, {place}',
    locators: locatorWords({ line: ['l. ', 'll. '], timestamp: ['at ', 'at '], chapter: ['Chapter ', 'Chapters '] }),
    notes: { between: '; ' },
  },
  list: { heading: 'Bibliography', uncited: true, order: 'filing', then: 'title', noStop: true, noStopAfter: [], repeated: '———', hanging: 36, doubleSpaced: false },
  page: { ...manuscript({ paper: 'a4', date: 'day-month-year', appendix: APPENDIX_BEFORE }), titlePage: false, details: ['writer', 'course', 'date'], lineSpacing: 2, blockQuote: { words: 40 }, headings: PLAIN_HEADINGS, ellipsis: { points: '...' }, captions: captions('Table {n}.', 'Figure {n}.') },
  frame: '{lead}{&, }{@what}[, {@inside}][ ({@imprint})][, {@pages}]{@online}',
  noteFrame: '{lead:note}{&, }{@what}[, {@inside}][ ({@imprint})][, {@place}]{@online}',
  parts: {
    // A translation or another edition is no reprint (11.2.2).
    imprint: '<!translator&!editor&!edition?[{first}; repr. ]>[{place}{&: }{publisher}]{&, }{date}',
    pages: '{pp}',
    // The whole range once, the place itself in parentheses behind it (11.2.2).
    place: '<locator&pages?{pp} ({locator})|locator?{locator}|{pp}>',
    online: '<doi? {doi}|[ {url}][ ⟦accessed {read}⟧]>',
    at: '{locator}',
    short: QUOTED_SHORT,
  },
  kinds: {
    'journal-article': {
      what: '"{title}"', inside: '*{container}*<volume&supplement?, {volume}, {issue.labelled}|volume?, {volume}{&.}{issue}|[, {issue.labelled}]>', short: QUOTED_SHORT,
      parts: { imprint: '{date:issue}', pages: '<{pages}|{article}>', place: '<locator&pages?{pages} ({locator})|locator?{locator}|{pages}|{article}>' },
    },
    'magazine-article': { what: '"{title}"', inside: '*{container:nothe}*{&, }{date}', parts: { imprint: '{section}' }, short: QUOTED_SHORT },
    'newspaper-article': { what: '"{title}"', inside: '*{container:nothe}*{&, }{date}[, {section} section]', parts: { imprint: '' }, short: QUOTED_SHORT },
    'review': {
      what: '["{title}"]{&, }[<reviewedTitle?review of *{reviewedTitle}*[, by {reviewedAuthor:inline}]>]',
      inside: '*{container}*<volume?, {volume}{&.}{issue}|issue?, {issue.labelled}|[, {date}]>',
      short: '<lead?{lead:short,bare}|title?"{short}"|review of *{reviewedTitle}*>{&, }{locator}',
      parts: { imprint: '<volume?{date:issue}|issue?{date:issue}>', pages: '<volume?{pages}|{pp}>', place: '<locator&pages?<volume?{pages}|{pp}> ({locator})|locator?{locator}|<volume?{pages}|{pp}>>' },
    },
    'book': {
      yearOnly: true, what: '<volumeTitle?*{volumeTitle}*|*{title}*>',
      // The list is headed by editors (11.5); a note begins with the title of their book (11.2.2).
      note: '<author?{lead:note}>{&, }{@what}{&, }{@inNote}[ ({@imprint})][, {@place}]{@online}',
      inside: '<volumeTitle&title?[vol. {volume.roman} of ]*{title}*>{&, }{makers}{&, }{edition}{&, }[{series}[, {seriesNumber}]]{&, }[{numberOfVolumes} vols]',
      parts: { inNote: '<volumeTitle&title?[vol. {volume.roman} of ]*{title}*>{&, }<author?{makers}|editor?ed. by {editor:inline}[, trans. by {translator:inline}]|compiler?comp. by {compiler:inline}|translator?trans. by {translator:inline}|{makers}>{&, }{edition}{&, }[{series}[, {seriesNumber}]]{&, }[{numberOfVolumes} vols]', pages: '<!volumeTitle?{volume.roman}>', place: '<volumeTitle?{locator}|[{volume.roman}]{&, }{locator}>', at: '<volumeTitle?{locator}|[{volume.roman}]{&, }{locator}>' }, short: ITALIC_SHORT.replace('lead?', 'author?'),
    },
    'chapter': {
      yearOnly: true, what: '"{title}"', short: QUOTED_SHORT,
      inside: '{part.makers}{&, }<container?in [{containerAuthor:inline}, ]*{container}*[, {inside.makers}]|{inside.makers}>{&, }{edition}{&, }[{series}[, {seriesNumber}]]',
      // No p. behind the number of a volume (11.2.2).
      parts: { pages: '<volume?{volume.roman}[, {pages}]|{pp}>', place: '<volume?{volume.roman}{&, }<locator&pages?{pages} ({locator})|locator?{locator}|{pages}>|locator&pages?{pp} ({locator})|locator?{locator}|{pp}>' },
    },
    'foreword': {
      yearOnly: true, what: '<title?"{title}"|"{description}">', inside: '<container?<title&genre?{genre.lower} to|in> [{containerAuthor:inline}, ]*{container}*[, {inside.makers}]|{inside.makers}>{&, }{edition}',
      short: '<lead?{lead:short,bare}|title?"{short}"|"{description}">{&, }{locator}',
    },
    'encyclopedia-entry': { yearOnly: true, what: '"{title}"', inside: '[in *{container}*[, {inside.makers}]]{&, }{edition}', parts: { pages: '[{volume.roman}]{&, }{pp}', place: '[{volume.roman}]{&, }<locator&pages?{pp} ({locator})|locator?{locator}|{pp}>' }, short: QUOTED_SHORT },
    'web-page': { what: '"{title}"', inside: '*{container}*{&, }{date}', parts: { imprint: '' }, short: QUOTED_SHORT },
    'blog-post': { what: '"{title}"', inside: '*{container}*{&, }{date}', parts: { imprint: '' }, short: QUOTED_SHORT },
    'social-post': { what: '"{title}"', inside: '{container}{&, }{date}', parts: { imprint: '' }, short: QUOTED_SHORT },
    'report': { yearOnly: true, what: '*{title}*', inside: '<number?<genre?{genre}|Report> {number}|{genre}>', short: ITALIC_SHORT },
    'brochure': { what: '*{title}*', inside: '{description.lower}', short: ITALIC_SHORT },
    'standard': { yearOnly: true, what: '*{title}*', inside: '{number}', short: ITALIC_SHORT },
    'working-paper': { yearOnly: true, what: '"{title}"', inside: '<number?<series?{series}|genre?{genre}|Working Paper> {number}|series?{series}|{genre}>', short: QUOTED_SHORT },
    'preprint': { what: '"{title}"', inside: '{publisher}[, {number}]', parts: { imprint: '{date}' }, short: QUOTED_SHORT },
    'thesis': { yearOnly: true, what: '"{title}"', inside: '', parts: { imprint: '<online?{description}|archive?{description}|unpublished {description}>{&, }{publisher}{&, }{date}' }, short: QUOTED_SHORT },
    'talk': { what: '"{title}"', inside: '<presented?{description.lower} given at {event.the}|{description.lower}{&, }{event}>{&, }{publisher}{&, }{venue}{&, }{date}', parts: { imprint: '' }, short: QUOTED_SHORT },
    'film': { yearOnly: true, what: '*{title}*', inside: '{makers}', lead: [], makers: ['director', 'scriptWriter', 'performer'], parts: { imprint: '[{first}; ]{publisher}{&, }{date}', online: '[ ⟦on {medium}⟧]<doi? {doi}|[ {url}][ ⟦accessed {read}⟧]>' }, short: '*{short}*{&, }{locator}' },
    'tv-series': { yearOnly: true, what: '*{title}*', inside: '{makers}', lead: [], parts: { imprint: '{publisher}{&, }{date}' }, short: '*{short}*{&, }{locator}' },
    'tv-episode': { what: '"{title}"', inside: '[*{container}*[, series {season}][, episode {number}]]{&, }{crew}{&, }{publisher}{&, }{date}', lead: [], makers: ['director', 'scriptWriter', 'host'], parts: { imprint: '' }, short: '"{short}"{&, }{locator}' },
    'online-video': { what: '*{title}*', inside: '{description}{&, }{container}{&, }{date}', parts: { imprint: '' }, short: ITALIC_SHORT },
    'podcast': { what: '*{title}*', inside: '{description}{&, }{publisher}{&, }{date}', parts: { imprint: '' }, short: ITALIC_SHORT },
    'podcast-episode': { what: '"{title}"', inside: '[*{container}*[, episode {number}]]{&, }{description}{&, }{publisher}{&, }{date}', parts: { imprint: '' }, short: QUOTED_SHORT },
    'song': { yearOnly: true, what: '"{title}"', inside: '{makers}{&, }[on *{container}*]{&, }{medium.lower}', parts: { imprint: '{publisher}{&, }{date}' }, short: QUOTED_SHORT },
    'album': { yearOnly: true, what: '*{title}*', inside: '{medium.lower}', parts: { imprint: '{publisher}{&, }{date}' }, short: ITALIC_SHORT },
    'artwork': { what: '*{title}*', inside: '{date}{&, }{description.lower}{&, }{archive}{&, }{archivePlace}{&, }<!archive?{container}{&, }{publisher}>', parts: { imprint: '' }, short: ITALIC_SHORT },
    'map': { what: '*{title}*', inside: '{description}[, {scale}]{&, }{archive}{&, }{archivePlace}', short: ITALIC_SHORT },
    'patent': { what: '*{title:asgiven}*', inside: '<number?[<number.country?{number.country}|{authority}> ]patent {number.bare}>{&, }{date}', parts: { imprint: '' }, short: '<lead?{lead:short,bare}|*{title:asgiven}*>{&, }{locator}', titleInText: 'plain' },
    'dataset': { yearOnly: true, what: '*{title}*', inside: '{description}[, version {version}]', parts: { imprint: '{publisher}{&, }{date}' }, short: ITALIC_SHORT },
    'software': { yearOnly: true, what: '*{title}*', inside: '{description}[, version {version}]', parts: { imprint: '{publisher}{&, }{date}' }, short: ITALIC_SHORT },
    'ai-output': { what: '*{title}*', inside: '[version {version}]{&, }{description.lower}', parts: { imprint: '{publisher}{&, }{date}' }, short: ITALIC_SHORT },
    'case': { entry: '*{title}*[ ⟦{year}⟧][ {volume}][ {container}][ {pages}]{@online}', note: '*{title}*[ ⟦{year}⟧][ {volume}][ {container}][ {pages}]{&, }{locator}{@online}', short: '*{short}*{&, }{locator}', titleInText: 'italic' },
    'statute': { entry: '*{title:asgiven}*<!yeared?[ {year}]>[, section {section}]{@online}', note: '*{title:asgiven}*<!yeared?[ {year}]>[, section {section}]{&, }{locator}{@online}', short: '*{title:asgiven}*{&, }{locator}', titleInText: 'italic' },
    'interview': { what: '<title?"{title}"|!interviewer?{description.lower}>', inside: '{makers}{&, }[*{container}*]<volume?, {volume}{&.}{issue}>{&, }{publisher}{&, }{date}', parts: { imprint: '', pages: '{pp}' }, short: QUOTED_SHORT },
    'personal-communication': {
      unlisted: { parenthetical: '<author?{author:whole}, >{description.lower} to <recipient?{recipient:whole}|author>[, {date:long}]', narrative: '{author:whole} ({description.lower} to <recipient?{recipient:whole}|author>[, {date:long}])' },
      note: '{lead:note}{&, }{description.lower} to <recipient?{recipient:note}|author>{&, }{date}', short: '{lead:short,bare}{&, }{description.lower} to <recipient?{recipient:short}|author>',
    },
    'archival-item': {
      entry: '{archivePlace}{&, }{archive}{&, }{container}{&, }{archiveLocation}{&, }{lead:note}{&, }{title}{&, }<sorted?{genre.lower}>{&, }{date}{@online}', titleInText: 'plain',
      note: '{archivePlace}{&, }{archive}{&, }{container}{&, }{archiveLocation}{&, }{lead:note}{&, }{title}{&, }<sorted?{genre.lower}>{&, }{date}{&, }{locator}{@online}', short: '<lead?{lead:short,bare}|{title}>{&, }{archiveLocation}{&, }{locator}',
    },
  },
  silent: {
    ...GIVES_WAY,
    'originalDate': { when: ['translator', 'editor', 'edition'], says: 'only a reprint says when it first appeared' },
    'artwork.dimensions': 'medium and place tell which it is (MHRA 3, 11.2.14)',
    'online-video.dimensions': 'a length is not said (MHRA 3, 11.2.13)',
    'case.authority': 'the report names the court (MHRA 3, 11.2.9)',
    'statute.container': 'an Act goes by its title and year (MHRA 3, 11.2.9)',
    'statute.volume': 'an Act goes by its title and year (MHRA 3, 11.2.9)',
    'statute.number': 'an Act goes by its title and year (MHRA 3, 11.2.9)',
    'statute.pages': 'an Act is cited by its sections (MHRA 3, 11.2.9)',
    'film.producer': 'a film names its director (MHRA 3, 11.2.11)',
    'tv-episode.producer': 'an episode names its writer and director (MHRA 3, 11.2.11)',
    'tv-series.director': 'a series names its creator and producer (MHRA 3, 11.2.11)',
    'magazine-article.volume': 'a magazine goes by its date (MHRA 3, 11.2.5)',
    'magazine-article.issue': 'a magazine goes by its date (MHRA 3, 11.2.5)',
    'newspaper-article.edition': 'a newspaper goes by its date (MHRA 3, 11.2.5)',
    'social-post.genre': 'the service says what it is (MHRA 3, 11.2.12)',
    'thesis.place': 'a thesis names its university alone (MHRA 3, 11.2.7)',
    'thesis.number': 'a thesis names its university alone (MHRA 3, 11.2.7)',
  },
  sections: MHRA_3,
  rules: {
    'names.inverted': { says: 'In the bibliography the first author is given surname first, the rest in natural order.', source: source('11.6') },
    'names.joined': { says: `Names are joined by commas, with ${SAYS.last} before the last.`, source: source('11.2.2') },
    'names.shortened': { says: 'Up to {names.note.etAl.from:less-one-words} authors are named; of more, the first {names.note.etAl.text}.', source: source('11.2.2') },
    'names.surname': { says: 'A later note gives the surname alone.', source: source('11.3') },
    'names.initials': { says: 'An initial tells authors of one surname apart.', source: source('11.3') },
    'names.repeated': { says: 'A further work by the same author has a long dash in the place of the name.', source: source('11.6') },
    'names.apart': { says: 'Authors of one surname are told apart by initials.', source: source('11.3') },
    'role': { says: 'Editors, translators and others follow the title with their role.', source: source('11.2.2') },
    'date': { says: 'The year ends the facts of publication.', source: source('11.2.2') },
    'date.none': { says: 'No date is given, so it is said: {terms.noDate}.', source: source('11.2.2') },
    'date.inpress': { says: 'Not yet published: {terms.inPress}.', source: source('11.2.2') },
    'date.original': { says: 'A reprint names the year it first appeared.', source: source('11.2.2') },
    'date.accessed': { says: 'What is read on a site gives the day it was read, in square brackets.', source: source('11.2.12') },
    'title.headline': { says: 'English titles take headline capitals; {capitals.roman.prepositions?all=every preposition inside stays|*=short prepositions stay} lower.', source: source('6.2') },
    'title.asgiven': { says: 'A description or a post keeps its own capitals.', source: source('6.2') },
    'title.standsin': { says: 'No author: the title stands in the author’s place.', source: source('11.3') },
    'title': { says: 'A work that stands alone is italic; a part of one is in single quotation marks.', source: source('11.2.2–11.2.4') },
    'container': { says: 'The journal or book that holds the part is italic.', source: source('11.2.3–11.2.4') },
    'volume': { says: 'A journal’s volume is in Arabic numerals, a volume of a set in Roman ones.', source: source('11.2.2, 11.2.4') },
    'issue': { says: 'An issue follows its volume after a full stop.', source: source('11.2.4') },
    'edition': { says: 'An edition other than the first, shortened to {terms.edition:quoted}.', source: source('11.2.2') },
    'publisher': { says: 'Place and publisher, a colon between, in parentheses.', source: source('11.2.2') },
    'pages.range': { says: `Second numbers ${SAYS.range}.`, source: source('8.3') },
    'link.doi': { says: 'A DOI is given as a link in angle brackets.', source: source('11.2.12') },
    'link.url': { says: 'A web address is given in angle brackets.', source: source('11.2.12') },
    'locator': { says: 'Of an article or chapter the whole range is given, and the place cited in parentheses behind it.', source: source('11.2.3') },
    'note.full': { says: 'The first note of a work gives it in full.', source: source('11.2.1') },
    'note.short': { says: 'Later notes give the author and the place, and the title where the author has other works here.', source: source('11.3') },
    'citation.note': { says: 'Notes are numbered through the paper, raised, after the punctuation.', source: source('10.1') },
    'description': { says: 'What sort of thing it is, where the title does not say.', source: source('11.2.10–11.2.14') },
  },
}
