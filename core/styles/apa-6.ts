/** APA 6: Publication Manual of the American Psychological Association, 6th edition (2010). What the 7th changed is set back. */
import { rowOf } from '../text/lookup'
import { apa7 } from './apa-7'
import { GIVES_WAY } from './giving-way'
import type { Layout, Style } from './schema'
import { APA_6 } from './sections'
import { etAl, nameForm, PRESENTED, SAYS } from './shared'

const NUMBERS = '*{container}*<volume?, *{volume}*<issue?({issue})>|issue?, ({issue})>[, <{pages}|{article}>]'
const IMPRINT = '<publisher.self?{place}{&: }{publisher.self}|publisher?{place}{&: }{publisher}>'

/** The sixth edition's sections for the rules it shares with the seventh. */
const SECTIONS: Record<string, string> = {
  'names.inverted': '6.27', 'names.initials': '6.27', 'names.joined': '6.27', 'names.surname': '6.11', 'names.apart': '6.14', 'role': '6.27', 'date': '6.28', 'date.none': '6.28', 'date.inpress': '6.28', 'date.original': '6.28',
  'date.accessed': '6.32', 'year.letter': '6.16', 'title.sentence': '4.15 and 6.29', 'title.headline': '4.15', 'title.asgiven': '6.29', 'title.standsin': '6.15', 'title': '6.29', 'container': '6.29', 'volume': '6.30', 'issue': '6.30',
  'pages.range': '6.30', 'edition': '6.29', 'description': '6.29', 'locator': '6.19', 'author.shared': '6.16',
}

const kinds: Record<string, Layout> = {
  ...apa7.kinds,
  'journal-article': { yearOnly: true, what: '{title}[ ⟦{description}⟧]', inside: NUMBERS },
  'newspaper-article': { what: '{title}[ ⟦{description}⟧]', inside: '*{container}*[, {pp}]' },
  'review': { ...apa7.kinds.review!, inside: NUMBERS },
  // A DOI stands for place and publisher (APA 6, 7.02).
  'book': { yearOnly: true, what: '*{title}{@of}*{@extra}', inside: '<!doi?{@imprint}>' },
  'brochure': { what: '*{title}* ⟦{description}⟧', inside: '{@imprint}' },
  'chapter': { yearOnly: true, what: '{title}[ ({part.makers})]', inside: 'In [{containerAuthor:inline}, ][{inside.makers}, ]*{container}{@of}*[ ({@reference})]{&. }{@imprint}' },
  'foreword': { ...apa7.kinds.foreword!, inside: 'In <containerAuthor?{containerAuthor:inline}, |[{inside.makers}, ]>*{container}*[ ({@reference})]{&. }{@imprint}' },
  'encyclopedia-entry': { yearOnly: true, what: '{title}', inside: 'In [{inside.makers}, ]*{container}*[ ({@reference})]<!online?. {@imprint}>' },
  'web-page': { what: '*{title}*[ ⟦{description}⟧]', inside: '', titleInText: 'quoted' },
  'blog-post': { what: '{title} ⟦Web log post⟧', inside: '' },
  'social-post': { what: '{title}{@bracket}', inside: '' },
  'report': { yearOnly: true, what: '*{title}*<number?[ (<genre?{genre.series}|Report> No. {number})]|[ ⟦{description}⟧]>', inside: '{@imprint}' },
  'working-paper': { yearOnly: true, what: '*{title}*<number?[ (<series?{series}|genre?{genre.series}|Working Paper> No. {number})]|series? ({series})|[ ⟦{description}⟧]>', inside: '{@imprint}' },
  'standard': { yearOnly: true, what: '*{title}*[ ({number})]', inside: '{@imprint}' },
  'preprint': { yearOnly: true, what: '*{title}*<!online?[ ({number})]>', inside: '<!online?{publisher}>' },
  'thesis': { yearOnly: true, what: '*{title}*<@kept?[ (<{description}|Thesis>[, {publisher}])]| (Unpublished <description?{description.lower}|thesis>)>', inside: '<online?|archive?Available from {archive}[. ({number})]|[{publisher}]{&, }{place}>', parts: { kept: '<online?{url}{doi}|{archive}>' } },
  'talk': { dateForm: 'monthly', what: '*{title}*', inside: '<publisher?{description} presented at {publisher.the}|event?{description} presented at {event.the}>{&, }{venue}' },
  'film': { yearOnly: true, what: '*{title}* ⟦{description}⟧', inside: '{publisher}' },
  'online-video': { what: '{title} ⟦{description}⟧', inside: '' },
  'podcast-episode': { what: '{title}[ (<season?Season {season}[, Episode {number}]|No. {number}>)]{@bracket}', inside: '[In *{container}*]' },
  'song': { yearOnly: true, what: '{title}', inside: '[On *{container}*[ ⟦{medium}⟧]]{&. }{publisher}' },
  'artwork': { yearOnly: true, what: '*{title}*{@bracket}', inside: '{archivePlace}{&: }{archive}{&, }<!archive?{container}>{&. }{publisher}' },
  'patent': { yearOnly: true, what: '<number?*[{number.country} ]Patent No. {number.bare}*|*{title}*>', inside: '<country=us?Washington, DC: {authority}|{authority}>' },
  'dataset': { yearOnly: true, what: '*{title}*[ (Version {version})] ⟦{description}⟧', inside: '<!online?{publisher}>' },
  'software': { yearOnly: true, what: '{title}[ (Version {version})] ⟦{description}⟧', inside: '<!online?{publisher}>' },
}

export const apa6: Style = {
  ...apa7,
  id: 'apa-6', edition: '6th edition', short: 'APA 6', manual: 'Publication Manual of the American Psychological Association, 6th ed. (2010)',
  names: {
    ...apa7.names,
    lead: { ...apa7.names.lead!, etAl: etAl(8, 6, { withLast: ', . . . ' }) },
    text: { ...apa7.names.text!, etAl: etAl(6, 1, { before: ' ' }) },
    narrative: { ...apa7.names.narrative!, etAl: etAl(6, 1, { before: ' ' }) },
    later: nameForm({ order: 'surname', given: 'none', pair: ' & ', last: ', & ', etAl: etAl(3, 1, { before: ' ' }) }),
    laterNarrative: nameForm({ order: 'surname', given: 'none', etAl: etAl(3, 1, { before: ' ' }) }),
  },
  descriptions: { ...apa7.descriptions, 'talk': { from: 'genre', or: 'Lecture', words: PRESENTED }, 'film': { from: 'medium', or: 'Motion picture' }, 'album': { from: 'medium', or: 'Album' }, 'online-video': 'Video file', 'podcast-episode': 'Audio podcast', 'podcast': 'Audio podcast' },
  dates: { ...apa7.dates, forms: { ...apa7.dates.forms, monthly: { day: '{year}, {month}', month: '{year}, {month}', year: '{year}' } } },
  terms: { ...apa7.terms, selfPublished: 'Author' },
  url: { scheme: true, doi: 'doi:{doi}' },
  citation: { ...apa7.citation, laterNames: { names: 'later', narrative: 'laterNarrative' } },
  // A figure's caption follows its number below it; a table's title stands above in italics (APA 6, 5.12, 5.23).
  page: {
    ...apa7.page,
    // APA 6, 2.01 and 8.03: the words "Running head" stand on the first page only.
    heads: [
      { on: 'first', place: 'top', align: 'left', says: 'Running head: {TITLE}' },
      { on: 'later', place: 'top', align: 'left', says: '{TITLE}' },
      { on: 'every', place: 'top', align: 'right', says: '{n}' },
    ],
    details: ['writer', 'institution'], titleBold: false, listHeadingBold: false,
    // APA 6, 3.03: from the third level on a heading begins its paragraph.
    headings: [{ bold: true, centred: true }, { bold: true }, { bold: true, indented: true, runIn: true }, { bold: true, italic: true, indented: true, runIn: true }, { italic: true, indented: true, runIn: true }],
    captions: { table: { label: 'Table {n}', between: '\n', titled: 'italic', place: 'above' }, figure: { label: 'Figure {n}.', labelled: 'italic', between: ' ', place: 'below' } },
  },
  parts: { ...apa7.parts, imprint: IMPRINT, link: '<doi|{doi}|accessed?[Retrieved {accessed}[, from {url}]]|[Retrieved from {url}]>' },
  kinds,
  silent: {
    ...GIVES_WAY,
    'place': 'an address stands for place and publisher (APA 6, 6.32)',
    'publisher': 'an address stands for place and publisher (APA 6, 6.32)',
    'container': 'what stands on a site is found by its address (APA 6, 7.11)',
    'chapter.series': 'a book is found by its own title (APA 6, 7.02)',
    'conference-paper.series': 'proceedings are found by their own title (APA 6, 7.02)',
    'book.series': 'a book is found by its own title (APA 6, 6.29)',
    'film.performer': 'producer and director lead a film (APA 6, 7.07)', 'film.producer': 'the director leads where there is one (APA 6, 7.07)', 'film.scriptWriter': 'producer and director lead a film (APA 6, 7.07)',
    'song.composer': 'who performs it leads (APA 6, 7.07)',
    'artwork.dimensions': 'its size is not said (APA 6, 7.07)', 'online-video.dimensions': 'its length is not said (APA 6, 7.07)', 'map.scale': 'the description is “Map” alone (APA 6, 7.07)',
    'newspaper-article.edition': 'a newspaper goes by its date (APA 6, 7.01)', 'newspaper-article.section': 'a newspaper goes by date and page (APA 6, 7.01)',
    'personal-communication.genre': 'all are called personal communication (APA 6, 6.20)', 'personal-communication.recipient': 'only the one who wrote is named (APA 6, 6.20)',
    'talk.event': 'the body that held it is named (APA 6, 7.04)', 'talk.genre': 'a paper or poster is called so where it was given (APA 6, 7.04)',
    'thesis.number': 'the number is given with the archive that it is from (APA 6, 7.05)',
  },
  sections: APA_6,
  rules: {
    ...Object.fromEntries(Object.entries(apa7.rules).map(([id, rule]) => [id, { ...rule, source: rowOf(SECTIONS, id) ? `APA 6, ${rowOf(SECTIONS, id)}` : 'APA 6' }])),
    'names.shortened': { says: `Up to {names.lead.etAl.from:less-one-words} authors are listed; beyond that the first {names.lead.etAl.keep:words}, ${SAYS.rest}. In the text {names.later.etAl.from:words} to {names.text.etAl.from:less-one-words} are all named once, then the first and {names.text.etAl.text}; {names.text.etAl.from:words} or more always so.`, source: 'APA 6, 6.12 and 6.27' },
    'publisher': { says: 'Place and publisher, a colon between; “Author” when they are the same.', source: 'APA 6, 6.30' },
    'link.doi': { says: 'A DOI is printed as doi: and the number, with no full stop.', source: 'APA 6, 6.32' },
    'link.url': { says: 'A web address follows “Retrieved from”, with no full stop.', source: 'APA 6, 6.32' },
  },
}
