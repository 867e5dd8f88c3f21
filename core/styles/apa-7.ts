/** APA 7: Publication Manual of the American Psychological Association, 7th edition (2020). */
import { DOUBLE_FIRST } from '../text/quotes'
import type { PageRules, Style } from './schema'
import { APA_7 } from './sections'
import { CAPITAL_WORDS, CREDIT, EDITION_WORDS, etAl, IN_SENTENCE, locatorWords, MONTHS_FULL, nameForm, PATENT_OFFICES, ROLE_JOINS, SAYS, SEASONS_US, SPACED, SPACED_POINTS, YEAR } from './shared'
import { manuscript, numberAt } from './shared-page'

const inverted = { order: 'all-inverted', given: 'initials', initials: SPACED, suffix: ', ' } as const
const SENTENCE = { style: 'sentence', afterColon: 'capital' } as const

/**
 * The title stands three or four lines down its page, with a blank line under it (APA 7, 2.4);
 * the abstract is one paragraph that is not set in (2.9).
 */
const APA_LOOKS: PageRules['looks'] = {
  'title-page-title': { before: 82.8, after: 27.6 },
  'abstract': { first: 0 },
}

/** Behind everything; "Table A1" even in one that is alone (APA 7, 2.14). */
const APA_APPENDIX: PageRules['appendix'] = { label: 'Appendix {A}', alone: 'Appendix', between: '\n', behindList: true, numbersAnew: true }

export const apa7: Style = {
  id: 'apa-7', name: 'APA', edition: '7th edition', short: 'APA 7', manual: 'Publication Manual of the American Psychological Association, 7th ed. (2020)',
  quotes: DOUBLE_FIRST, stopsInside: true, commaAfterQuestion: false,
  capitals: { roman: SENTENCE, quoted: SENTENCE, italic: SENTENCE },
  onlineReferenceAsBook: true,
  credit: { ...CREDIT, template: '*Note*. From <container?"{title:headline}"|*{title:headline}*>{&, }[by {lead:inline,bare}]{&, }{year!}{&, }<container?*{container:headline}*[, *{volume}*<issue?({issue})>][, {pp}]|{archive}|{publisher}>[ ({url})][ ({doi})]' },
  dash: '–', ranges: { pages: 'full', locators: 'full' },
  names: {
    lead: nameForm({ ...inverted, pair: ', & ', last: ', & ', etAl: etAl(21, 19, { withLast: ', . . . ' }) }),
    inline: nameForm({ order: 'natural', given: 'initials', initials: SPACED, suffix: ', ', pair: ' & ', last: ', & ' }),
    text: nameForm({ order: 'surname', given: 'none', pair: ' & ', last: ', & ', etAl: etAl(3, 1, { before: ' ' }) }),
    narrative: nameForm({ order: 'surname', given: 'none', etAl: etAl(3, 1, { before: ' ' }) }),
    apart: nameForm({ firstOnly: true, order: 'natural', given: 'initials', initials: SPACED, suffix: ', ', pair: ' & ', last: ', & ', etAl: etAl(3, 1, { before: ' ' }) }),
    apartNarrative: nameForm({ firstOnly: true, order: 'natural', given: 'initials', initials: SPACED, etAl: etAl(3, 1, { before: ' ' }) }),
    whole: nameForm({ order: 'natural', given: 'initials', initials: SPACED, suffix: ', ' }),
  },
  makers: {
    makers: { form: 'inline', pattern: '{names}, {label}', between: '; ' },
    inside: { form: 'inline', pattern: '{names} ({label})', between: ', ' },
  },
  roleJoins: ROLE_JOINS, leadLabel: ' ({label})',
  roles: {
    editor: { label: ['Ed.', 'Eds.'] }, translator: { label: ['Trans.', 'Trans.'] }, compiler: { label: ['Comp.', 'Comps.'] }, illustrator: { label: ['Illus.', 'Illus.'] },
    director: { label: ['Director', 'Directors'] }, producer: { label: ['Executive Producer', 'Executive Producers'] },
    scriptWriter: { label: ['Writer', 'Writers'] }, host: { label: ['Host', 'Hosts'] }, interviewer: { label: ['Interviewer', 'Interviewers'] },
    creator: { label: ['Creator', 'Creators'] }, performer: { label: ['Performer', 'Performers'] },
  },
  kindRoles: { 'podcast-episode': { author: { label: ['Host', 'Hosts'] } }, podcast: { author: { label: ['Host', 'Hosts'] } } },
  dates: {
    months: MONTHS_FULL, seasons: SEASONS_US, bce: ' B.C.E.', circa: 'ca. ', range: '–',
    forms: {
      date: { day: '{year}, {month} {day}', month: '{year}, {month}', year: '{year}' },
      year: YEAR,
      accessed: { day: '{month} {day}, {year}', month: '{month} {year}', year: '{year}' },
      long: { day: '{month} {day}, {year}', month: '{month} {year}', year: '{year}' },
    },
  },
  terms: { issue: 'no. ', supplement: { word: 'Suppl. ', behind: ', ' }, edition: 'ed.', noDate: 'n.d.', inPress: 'in press', page: ['p. ', 'pp. '], editionWords: EDITION_WORDS },
  descriptions: {
    film: 'Film', 'tv-series': 'TV series', 'tv-episode': { or: 'TV series episode', words: { 'radio': 'Radio broadcast', 'radio broadcast': 'Radio broadcast', 'radio episode': 'Radio broadcast', 'radio programme': 'Radio broadcast', 'radio program': 'Radio broadcast' } }, 'online-video': 'Video', 'podcast-episode': 'Audio podcast episode',
    podcast: 'Audio podcast', song: 'Song', album: 'Album',
    software: { or: 'Computer software', words: { app: 'Mobile app', 'mobile app': 'Mobile app' } }, 'ai-output': 'Large language model',
    dataset: 'Data set', artwork: { from: 'medium', or: 'Artwork' }, photograph: 'Photograph', map: 'Map', figure: { from: 'genre', or: 'Figure' },
    'social-post': { from: 'genre', or: 'Post' }, thesis: { from: 'genre' }, talk: { from: 'genre', or: 'Lecture' },
    'course-material': { from: 'genre', or: 'Class handout' }, brochure: { from: 'genre', or: 'Brochure' }, interview: 'Interview',
    foreword: { from: 'genre' }, 'archival-item': { from: 'genre' }, 'journal-article': { from: 'genre' }, 'magazine-article': { from: 'genre' },
    'newspaper-article': { from: 'genre' }, 'web-page': { from: 'genre' }, 'blog-post': { from: 'genre' }, 'report': { from: 'genre' }, 'working-paper': { from: 'genre' },
  },
  degrees: { doctoral: { plain: 'Doctoral dissertation' }, master: { plain: 'Master’s thesis' }, bachelor: { plain: 'Bachelor’s thesis' } },
  countries: { ...PATENT_OFFICES, US: 'U.S.' },
  username: ' [{username}]',
  sameMaker: { publisher: 'publisher', site: 'site' },
  shorten: { journals: false, companies: true },
  url: { scheme: true, doi: 'https://doi.org/{doi}' },
  options: { capitalEdition: true },
  citation: {
    system: 'author-date', quotedPlace: 'always', open: '(', close: ')', between: '; ', beforeYear: ', ', beforeLocator: ', ', order: 'list', sameAuthor: ', ',
    names: 'text', narrativeNames: 'narrative', sameSurname: { names: 'apart', narrative: 'apartNarrative' },
    ambiguous: 'names', yearLetters: true, noYearLetter: '-', standInTitle: 'full', standInCapitals: { style: 'headline', prepositions: 3 },
    firstPublished: '{first}/{year}',
    citedIn: ', as cited in ', inSentence: IN_SENTENCE, groupAbbreviations: true,
    locators: locatorWords(CAPITAL_WORDS),
  },
  list: { heading: 'References', order: 'filing', then: 'year', noStopAfter: ['url', 'doi', 'originalDate'], hanging: 36, doubleSpaced: true },
  page: { ...manuscript({ titleAgain: true, notesHeading: 'Footnotes', notesAfterList: true, appendix: APA_APPENDIX, professional: [{ on: 'every', place: 'top', align: 'left', says: '{TITLE}' }, numberAt('top', 'right')], looks: APA_LOOKS }), titlePage: true, details: ['writer', 'institution', 'course', 'instructor', 'date'], titleBold: true, lineSpacing: 2, blockQuote: { words: 40 }, // APA 7, 2.27: two levels are set in bold, the third in bold italics; the deepest two stand at the head of their paragraph.
    headings: [{ bold: true, centred: true }, { bold: true }, { bold: true, italic: true }, { bold: true, indented: true, runIn: true }, { bold: true, italic: true, indented: true, runIn: true }], listHeadingBold: true,
    ellipsis: { points: SPACED_POINTS },
    // Number in bold, title in italics on a line of its own, both above (APA 7, 7.10–7.11, 7.24).
    captions: { table: { label: 'Table {n}', labelled: 'bold', between: '\n', titled: 'italic', place: 'above' }, figure: { label: 'Figure {n}', labelled: 'bold', between: '\n', titled: 'italic', place: 'above' } } },
  frame: '<lead?{lead}{&. }({date!})[. {@what}]|{@what}{&. }({date!})>[. {@inside}][. {@where}][. {@link}]<online?[ {@reprint}]|[. {@reprint}]>',
  parts: {
    link: '<doi|{doi}|accessed?[Retrieved {accessed}[, from {url}]]|{url}>',
    reprint: '(Original work published {first})',
    // A volume with a title of its own is part of the title (APA 7, 10.2, example 30).
    of: '<volumeTitle?: [Vol. {volume}. ]{volumeTitle}>',
    extra: '[ ({makers}{&; }[{edition}{&, }[<volume&!volumeTitle?Vol. {volume}|!volume&numberOfVolumes?Vols. 1–{numberOfVolumes}>]])]',
    reference: '[{edition}{&, }[<volume&!volumeTitle?Vol. {volume}>]{&, }{pp}]',
    bracket: '[ ⟦{description}⟧]',
  },
  kinds: {
    'journal-article': { yearOnly: true, what: '{title}[ ⟦{description}⟧]', inside: '*{container}*<volume?, *{volume}*<issue?({issue})>|issue?, ({issue})>[, <{pages}|Article {article}>]' },
    'magazine-article': { what: '{title}[ ⟦{description}⟧]', inside: '*{container}*<volume?, *{volume}*<issue?({issue})>|issue?, ({issue})>[, {pages}]' },
    'newspaper-article': { what: '{title}[ ⟦{description}⟧]', inside: '*{container}*[, {pages}]' },
    'review': { what: '{title}{& }[⟦Review of the <reviewedGenre?{reviewedGenre}|book> *{reviewedTitle}*[, by {reviewedAuthor:inline}]⟧]', inside: '*{container}*<volume?, *{volume}*<issue?({issue})>|issue?, ({issue})>[, <{pages}|Article {article}>]' },
    'book': { yearOnly: true, what: '*{title}{@of}*{@extra}', inside: '{publisher}' },
    'brochure': { what: '*{title}* ⟦{description}⟧', inside: '{publisher}' },
    'chapter': { yearOnly: true, what: '{title}[ ({part.makers})]', inside: 'In [{inside.makers}, ]*{container}{@of}*[ ({@reference})]{&. }{publisher}' },
    'foreword': { yearOnly: true, what: '<title?{title}[ ⟦{description}⟧]|{description}>', inside: 'In <containerAuthor?{containerAuthor:inline}, |[{inside.makers}, ]>*{container}*[ ({@reference})]{&. }{publisher}' },
    'encyclopedia-entry': { what: '{title}', inside: 'In [{inside.makers}, ]*{container}{@of}*[ ({@reference})]{&. }{publisher}' },
    'web-page': { what: '*{title}*[ ⟦{description}⟧]', inside: '{container}' },
    'blog-post': { what: '{title}[ ⟦{description}⟧]', inside: '*{container}*' },
    'social-post': { what: '*{title:first20}*{@bracket}', inside: '{container}' },
    'report': { yearOnly: true, what: '*{title}*<number?[ (<genre?{genre.series}|Report> No. {number})]|[ ⟦{description}⟧]>', inside: '{publisher}' },
    'working-paper': { yearOnly: true, what: '*{title}*<number?[ (<genre?{genre.series}|Working Paper> No. {number})]|[ ⟦{description}⟧]>', inside: '{publisher}' },
    'standard': { yearOnly: true, what: '*{title}*[ ({number})]', inside: '{publisher}' },
    'preprint': { yearOnly: true, what: '*{title}*', inside: '{publisher}' },
    'thesis': { yearOnly: true, what: '*{title}*<@kept?[ <archive?[(Publication No. {number}) ]>⟦<{description}|Thesis>[, {publisher}]⟧]| ⟦Unpublished <description?{description.lower}|thesis>⟧>', inside: '<@kept?{archive}|{publisher}>', parts: { kept: '<online?{url}{doi}|{archive}>' } },
    'talk': { what: '*{title}*{@bracket}', inside: '{event}{&, }{publisher}{&, }{venue}' },
    'course-material': { what: '*{title}*{@bracket}', inside: '{event}{&, }{publisher}' },
    'film': { yearOnly: true, what: '*{title}* ⟦{description}⟧', inside: '{publisher}' },
    'tv-episode': { leadTogether: true, lead: ['scriptWriter', 'director', 'host'], what: '{title}[ (<season?Season {season}[, Episode {number}]|Episode {number}>)]{@bracket}', inside: 'In [{inside.makers}, ]*{container}*{&. }{publisher}' },
    'online-video': { what: '*{title}* ⟦{description}⟧', inside: '{container}' },
    'podcast': { what: '*{title}* ⟦{description}⟧', inside: '{publisher}' },
    'podcast-episode': { what: '{title}[ (<season?Season {season}[, Episode {number}]|No. {number}>)]{@bracket}', inside: 'In *{container}*{&. }{publisher}' },
    'song': { yearOnly: true, what: '{title} ⟦{description}⟧', inside: '[On *{container}*]{&. }{publisher}' },
    'album': { yearOnly: true, what: '*{title}* ⟦{description}⟧', inside: '{publisher}' },
    'artwork': { yearOnly: true, what: '*{title}*{@bracket}', inside: '{archive}{&, }{archivePlace}{&, }<!archive?{container}>{&. }{publisher}' },
    'patent': { yearOnly: true, what: '*{title}*[ ([{number.country} ]Patent No. {number.bare})]', inside: '{authority}' },
    'dataset': { yearOnly: true, what: '*{title}*[ (Version {version})] ⟦{description}⟧', inside: '{publisher}' },
    'software': { yearOnly: true, what: '*{title}*[ (Version {version})] ⟦{description}⟧', inside: '{publisher}' },
    'case': { entry: '{title:asgiven}[, {volume} {container}[ {pages}]][ ([{authority} ]{year})][. {url}]', titleInText: 'italic' },
    'statute': { entry: '{title}[, {volume} {container}[ § {section}]][ ({year})][. {url}]', titleInText: 'plain' },
    'interview': { what: '<title?{title}|⟦Interview[ by {interviewer:inline}]⟧>{& }<title?[⟦Interview by {interviewer:inline}⟧]>', inside: '*{container}*<volume?, *{volume}*<issue?({issue})>|issue?, ({issue})>[, {pages}]{&. }{publisher}', unlisted: { parenthetical: '<author?{author:whole}, >personal communication[, {date:long}]', narrative: '{author:whole} (personal communication[, {date:long}])', unless: ['title', 'container', 'publisher', 'archive', 'url', 'doi'] } },
    'personal-communication': { unlisted: { parenthetical: '<author?{author:whole}, >personal communication[, {date:long}]', narrative: '{author:whole} (personal communication[, {date:long}])' } },
    'archival-item': { what: '⟦{title}⟧', inside: '<container?{container}[ ({archiveLocation.caps})]{&, }{archive}|{archive}[ ({archiveLocation.caps})]>{&, }{archivePlace}' },
  },
  sections: APA_7,
  rules: {
    'names.inverted': { says: 'Every author is given surname first, then initials.', source: 'APA 7, 9.8' },
    'names.initials': { says: 'Given names become initials with {names.lead.initials.space? =a|=no} space between them.', source: 'APA 7, 9.8' },
    'names.joined': { says: `Names are joined by commas, with ${SAYS.last} before the last.`, source: 'APA 7, 9.8' },
    'names.shortened': { says: `Up to {names.lead.etAl.from:less-one} authors are listed; beyond that the first {names.lead.etAl.keep}, ${SAYS.rest}. In the text {names.text.etAl.from:words} or more become the first and {names.text.etAl.text}`, source: 'APA 7, 8.17 and 9.8' },
    'names.surname': { says: 'The text gives surnames alone.', source: 'APA 7, 8.11' },
    'names.apart': { says: 'First authors who share a surname are told apart by initials.', source: 'APA 7, 8.20' },
    'role': { says: 'A maker who is not the author is named with the role.', source: 'APA 7, 9.10' },
    'date': { says: 'The date follows the author, in parentheses; articles and books give the year, pages and news the day as well.', source: 'APA 7, 9.13–9.14' },
    'date.none': { says: 'No date is given, so APA prints {terms.noDate}', source: 'APA 7, 9.17' },
    'date.inpress': { says: 'Accepted but not yet published: {terms.inPress}.', source: 'APA 7, 8.15' },
    'date.original': { says: 'A republished work names the year it first appeared.', source: 'APA 7, 9.41' },
    'date.accessed': { says: 'A retrieval date is given only for an undated page that may change.', source: 'APA 7, 9.16' },
    'year.letter': { says: 'Works by the same authors in the same year take letters, in the order of the list.', source: 'APA 7, 8.19' },
    'title.sentence': { says: 'Titles take sentence case: a capital for the first word, {capitals.roman.afterColon?capital=for the first after a colon, |lower=}and for names.', source: 'APA 7, 6.17' },
    'title.headline': { says: 'A title in the text takes headline capitals.', source: 'APA 7, 6.17' },
    'title.asgiven': { says: 'The name of a journal, newspaper or site keeps its own capitals.', source: 'APA 7, 9.25' },
    'title.standsin': { says: 'No author: the title stands in the author’s place.', source: 'APA 7, 8.14' },
    'title': { says: 'A work that stands alone is italic; an article, chapter or entry is plain.', source: 'APA 7, 9.19' },
    'container': { says: 'The whole that holds the part is italic.', source: 'APA 7, 9.25–9.28' },
    'volume': { says: 'Volume: italic, because it belongs to the journal.', source: 'APA 7, 9.25' },
    'issue': { says: 'Issue: in parentheses, upright, with no space after the volume.', source: 'APA 7, 9.25' },
    'pages.range': { says: `Page ranges ${SAYS.range} with ${SAYS.dash}.`, source: 'APA 7, 6.32' },
    'edition': { says: 'An edition other than the first follows the title in parentheses.', source: 'APA 7, 9.19' },
    'publisher': { says: 'The publisher’s name alone: no place, and not again when it is the author.', source: 'APA 7, 9.29' },
    'description': { says: 'Works outside the usual run are described in square brackets.', source: 'APA 7, 9.21' },
    'link.doi': { says: 'A DOI is printed as a link and wins over any other address; no full stop after it.', source: 'APA 7, 9.34–9.35' },
    'link.url': { says: 'A web address is printed whole with no full stop after it.', source: 'APA 7, 9.34–9.35' },
    'locator': { says: 'A quotation gives its page, paragraph or time after the year.', source: 'APA 7, 8.13' },
    'author.shared': { says: 'Works by one author side by side give the name once.', source: 'APA 7, 8.12' },
  },
}
