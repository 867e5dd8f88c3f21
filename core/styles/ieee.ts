/** IEEE: IEEE Reference Guide (2023) and IEEE Editorial Style Manual. */
import { DOUBLE_FIRST } from '../text/quotes'
import type { Style } from './schema'
import { IEEE } from './sections'
import { ACT_WORDS, CREDIT, EDITION_WORDS, etAl, IN_SENTENCE, locatorWords, MDY, MONTHS_IEEE, nameForm, PATENT_OFFICES, PRESENTED, ROLE_JOINS, SAYS, SEASONS_US, SPACED, SPACED_POINTS, YEAR } from './shared'
import { APPENDIX_BEFORE, manuscript } from './shared-page'

const HEADLINE = { style: 'headline', prepositions: 3 } as const
const SENTENCE = { style: 'sentence', afterColon: 'capital' } as const
const REPORT = { from: 'genre', or: 'Rep.', words: { 'report': 'Rep.', 'technical report': 'Tech. Rep.', 'research report': 'Res. Rep.', 'annual report': 'Annu. Rep.', 'government report': 'Rep.', 'working paper': 'Working Paper', 'discussion paper': 'Discussion Paper', 'white paper': 'White Paper', 'technical memorandum': 'Tech. Memo.', 'technical note': 'Tech. Note' } } as const
const ET_AL = { before: ' ', italic: true }

/** How a private communication is cited; it has no number. */
const PRIVATELY = { parenthetical: '<author?{author:whole}, >private communication[, {date:long}]', narrative: '{author:whole} (private communication[, {date:long}])' }

export const ieee: Style = {
  id: 'ieee', name: 'IEEE', edition: '2023', short: 'IEEE', manual: 'IEEE Reference Guide (2023)',
  quotes: DOUBLE_FIRST, stopsInside: true, commaAfterQuestion: false,
  capitals: { roman: SENTENCE, quoted: SENTENCE, italic: HEADLINE },
  credit: CREDIT,
  dash: '–', ranges: { pages: 'full', locators: 'full' },
  names: {
    lead: nameForm({ order: 'natural', given: 'initials', initials: SPACED, etAl: etAl(7, 1, ET_AL) }),
    inline: nameForm({ order: 'natural', given: 'initials', initials: SPACED, etAl: etAl(7, 1, ET_AL) }),
    narrative: nameForm({ order: 'surname', given: 'none', etAl: etAl(3, 1, ET_AL) }),
    whole: nameForm({ order: 'natural', given: 'initials', initials: SPACED }),
  },
  makers: {
    makers: { form: 'inline', pattern: '{names}, {label}', between: ', ' },
    inside: { form: 'inline', pattern: '{names}, {label}', between: ', ' },
  },
  roleJoins: { ...ROLE_JOINS, lead: ', and ' }, leadLabel: ', {label}',
  roles: {
    editor: { label: ['Ed.', 'Eds.'] }, translator: { label: ['Transl.', 'Transl.'] }, compiler: { label: ['Comp.', 'Comps.'] }, illustrator: { label: ['Illus.', 'Illus.'] },
    director: { label: ['Director', 'Directors'] }, producer: { label: ['Producer', 'Producers'] }, scriptWriter: { label: ['Writer', 'Writers'] }, creator: { label: ['Creator', 'Creators'] }, performer: { label: ['Performer', 'Performers'] },
    host: { label: ['Host', 'Hosts'] }, interviewer: { label: ['Interviewer', 'Interviewers'] },
  },
  kindRoles: { 'podcast-episode': { author: { label: ['Host', 'Hosts'] } }, podcast: { author: { label: ['Host', 'Hosts'] } } },
  dates: { months: MONTHS_IEEE, seasons: SEASONS_US, bce: ' BCE', circa: 'ca. ', range: '–', monthRange: '/', forms: { date: MDY, year: YEAR, accessed: MDY, long: MDY } },
  terms: { issue: 'no. ', issues: 'nos. ', supplement: { word: 'suppl. ', behind: ', ' }, edition: 'ed.', noDate: '', inPress: 'to be published', page: ['p. ', 'pp. '], editionWords: EDITION_WORDS },
  degrees: { doctoral: { named: '{degree} dissertation', plain: 'Ph.D. dissertation' }, master: { named: '{degree} thesis', plain: 'Master’s thesis' }, bachelor: { named: '{degree} thesis', plain: 'Bachelor’s thesis' } },
  degreeStops: true,
  descriptions: {
    'report': REPORT, 'working-paper': REPORT, 'brochure': { from: 'genre', or: 'Brochure' },
    thesis: { from: 'genre', or: 'thesis' },
    film: 'Film', song: { from: 'medium' }, album: { from: 'medium' }, artwork: { from: 'medium' }, photograph: { from: 'medium', or: 'Photograph' },
    map: 'Map', figure: { from: 'genre' }, talk: { from: 'genre', or: 'lecture', words: PRESENTED }, 'course-material': { from: 'genre', or: 'Class handout' },
    foreword: { from: 'genre' },
  },
  countries: { ...PATENT_OFFICES, US: 'U.S.', EP: 'Eur.' },
  sameMaker: { publisher: 'keep', site: 'site' },
  shorten: { companies: true, journals: true, universities: 'Univ.', institutes: true, proceedings: 'words' },
  url: { scheme: true, doi: 'doi: {doi}' },
  options: {},
  citation: {
    system: 'numbers', quotedPlace: 'paged', open: '', close: '', between: '; ', beforeYear: ' ', beforeLocator: ', ', order: 'given',
    names: 'narrative', narrativeNames: 'narrative', yearLetters: false, standInTitle: 'full',
    citedIn: ', as cited in ', inSentence: IN_SENTENCE,
    actWords: ACT_WORDS,
    // IEEE Reference Guide, II.A, “Citing parts of a reference”: [3, Fig. 1], [3, Sec. 4.5], [3, Appendix I], [3, ch. 2, pp. 5–10].
    locators: locatorWords({ figure: ['Fig. ', 'Figs. '], table: ['Table ', 'Tables '], section: ['Sec. ', 'Secs. '], appendix: ['Appendix ', 'Appendices '] }),
    numbers: { open: '[', close: ']', each: true, between: ', ', range: '–', superscript: false, locator: '{n}, {place}', narrative: ' ' },
  },
  list: { heading: 'References', order: 'appearance', then: 'title', number: '[{n}]', noStopAfter: ['url'], hanging: 21.6, doubleSpaced: false },
  page: { ...manuscript({ titleFirst: true, size: 10, firstLineIndent: 18, justified: true, columns: 2, appendix: { ...APPENDIX_BEFORE, label: 'Appendix {I}' }, looks: { 'list-heading': { smallCaps: true }, 'notes-heading': { smallCaps: true }, 'title': { size: 16, after: 6 }, 'opening-line': { align: 'centre', after: 12 }, 'entry': { size: 9, after: 3 } } }), titlePage: false, details: ['writer'], titleBold: true, lineSpacing: 1.15, blockQuote: { words: 40 }, // IEEE Editorial Style Manual: the first level in centred small capitals, the second in italics, deeper ones at the head of their paragraph.
    headings: [{ smallCaps: true, centred: true }, { italic: true }, { italic: true, indented: true, runIn: true }, { italic: true, indented: true, runIn: true }, { italic: true, indented: true, runIn: true }],
    ellipsis: { points: SPACED_POINTS },
    // IEEE Editorial Style Manual: tables have Roman numerals, above; figures “Fig. 1.”, below.
    captions: { table: { label: 'TABLE {N}', between: '\n', place: 'above', centred: true }, figure: { label: 'Fig. {n}.', between: ' ', place: 'below' } } },
  frame: '{lead}{&, }{@what}{&, }{@inside}{@link}',
  parts: {
    link: '<doi?[, {doi}]|accessed?[. Accessed: {accessed}][. ⟦Online⟧. Available: {url}]|link?[. ⟦Online⟧. Available: {url}]>',
    imprint: '{place}{&: }{publisher}{&, }{date}',
  },
  kinds: {
    'journal-article': { what: '"{title}"', inside: '*{container}*[, vol. {volume}][, {issue.labelled}][, {pp}][, {date}][, Art. no. {article}]' },
    'magazine-article': { what: '"{title}"', inside: '*{container}*[, vol. {volume}][, {issue.labelled}][, {pp}][, {date}]' },
    'review': { what: '["{title}"]{&, }[<reviewedTitle?review of *{reviewedTitle}*[, by {reviewedAuthor:inline}]>]', inside: '*{container}*[, vol. {volume}][, {issue.labelled}][, {pp}][, {date}]' },
    'book': { yearOnly: true, what: '*{title}*<volume?, vol. {volume}|[, {numberOfVolumes} vols.]>[, *{volumeTitle}*][, {edition}]', inside: '', entry: '{lead}{&, }{@what}{&, }{makers}[. {@imprint}]{@link}' },
    'chapter': { yearOnly: true, entry: '{lead}{&, }"{title}"{&, }{part.makers}{&, }[in *{container}*[, vol. {volume}][, *{volumeTitle}*][, {inside.makers}][, {edition}]][. {@imprint}][, {pp}]{@link}' },
    'foreword': { yearOnly: true, entry: '{lead}{&, }<title?"{title}"|{genre.lower}>{&, }[in *{container}*[, {containerAuthor:inline}][, {inside.makers}][, {edition}]][. {@imprint}][, {pp}]{@link}' },
    'encyclopedia-entry': { entry: '{lead}{&, }"{title}"{&, }[in *{container}*[, vol. {volume}][, {inside.makers}][, {edition}]][. {@imprint}][, {pp}]{@link}' },
    'conference-paper': { what: '"{title}"', inside: '[in *{container}*[, {inside.makers}]][, {eventPlace}][, {date}][, {pp}]' },
    'web-page': { entry: '{lead}{&. }"{title}"{&. }{container}{&. }{date}{@link}' },
    'social-post': { entry: '{lead}{&. }"{title}"{&. }{container}{&. }{date}{@link}' },
    'brochure': { entry: '{lead}{&, }*{title}*[ ⟦{description}⟧][. {@imprint}]{@link}' },
    'report': { what: '"{title}"', inside: '{publisher}[, {place}]<number?, {description} {number}|[, {genre.lower}]>[, {date}]' },
    'standard': { what: '*{title}*', inside: '{number}{&, }{publisher.other}[, {place}][, {date}]' },
    'preprint': { what: '"{title}"', inside: '{date}[, {publisher}[:{number}]]' },
    'thesis': { yearOnly: true, what: '"{title}"', inside: '{description}{&, }{publisher}[, {place}][, {date}]' },
    'talk': { what: '"{title}"', inside: '<slides?{description}{&, }{publisher}|presentation&event?presented at {event.the}[, {publisher}]|presentation&publisher?presented at {publisher.the}|event?{description.lower} presented at {event.the}[, {publisher}]|publisher?{description.lower} presented at {publisher.the}>[, {venue}][, {date}]' },
    'course-material': { what: '"{title}"', inside: '{description}{&, }{event}{&, }{publisher}[, {date}]' },
    'film': { yearOnly: true, entry: '{lead}{&. }*{title}*[. ({date})][. {publisher}]{@link}' },
    'tv-episode': { leadTogether: true, lead: ['scriptWriter', 'director', 'producer', 'host'], entry: '{lead}{&. }"{title}"{&, }*{container}*[, season {season}][, episode {number}][. ({date})][. {publisher}]{@link}' },
    'online-video': { entry: '{lead}{&. }*{title}*[. ({date})][. ⟦Online Video⟧. Available: {url}]' },
    'podcast': { entry: '{lead}{&. }*{title}*[. ({date})][. {publisher}]{@link}' },
    'podcast-episode': { entry: '{lead}{&. }"{title}"{&, }*{container}*<season?, season {season}[, episode {number}]|[, no. {number}]>[. ({date})][. {publisher}]{@link}' },
    'song': { entry: '{lead}{&. }"{title}"{&, }{makers}{&, }*{container}*[. ({date})][. {publisher}][. ⟦{medium}⟧]{@link}' },
    'album': { entry: '{lead}{&. }*{title}*[. ({date})][. {publisher}][. ⟦{medium}⟧]{@link}' },
    'artwork': { entry: '{lead}{&. }*{title}*[. ({date})][. ⟦{description}⟧][. {archive}{&, }{archivePlace}]<!archive?[. *{container}*]>{@link}' },
    'patent': { what: '"{title}"', inside: '[[{number.country} ]Patent {number.bare:spaced}]{&, }{date}' },
    'dataset': { entry: '{lead}{&, }{date}{&, }"{title}"{&, }[version {version}]{&, }{publisher}{@link}' },
    'software': { entry: '{lead}{&. }*{title}*[, version {version}][. ({date})][. {publisher}]{@link}' },
    'map': { entry: '{lead}{&. }*{title}*[. ({date})][. ⟦{description}⟧][. {publisher}{&, }{place}]{@link}' },
    'case': { entry: '*{title}*[, {volume} {container} {pages}][ ([{authority} ]{year})]{@link}', titleInText: 'italic' },
    'statute': { entry: '*{title}*[, {volume} {container}[ § {section}]][ ({year})]{@link}' },
    'interview': { what: '["{title}"]', inside: '{makers}{&, }*{container}*[, vol. {volume}][, {issue.labelled}][, {pp}]{&, }{publisher}[, {date}]', unlisted: { ...PRIVATELY, unless: ['title', 'container', 'publisher', 'archive', 'url', 'doi'] } },
    'personal-communication': { unlisted: PRIVATELY },
    'archival-item': { what: '"{title}"', inside: '{date}{&, }{container}{&, }{archive}{&, }{archivePlace}{&, }{archiveLocation}' },
  },
  sections: IEEE,
  rules: {
    'names.initials': { says: 'Initials come before the surname.', source: 'IEEE Reference Guide, Names' },
    'names.joined': { says: `Names are joined by commas, with ${SAYS.last} before the last.`, source: 'IEEE Reference Guide, Names' },
    'names.shortened': { says: 'More than {names.lead.etAl.from:less-one-words} authors: the first, then {names.lead.etAl.text}{names.lead.etAl.italic?true= in italics|*=}.', source: 'IEEE Reference Guide, Names' },
    'names.surname': { says: 'The sentence gives surnames alone.', source: 'IEEE Editorial Style Manual, References in text' },
    'role': { says: 'Editors and others are named with their role.', source: 'IEEE Reference Guide, Books' },
    'date': { says: 'The date ends the entry, months shortened.', source: 'IEEE Reference Guide, Periodicals' },
    'date.inpress': { says: 'Accepted but not yet printed: {terms.inPress}.', source: 'IEEE Reference Guide, Periodicals' },
    'date.accessed': { says: 'An undated page gives the day it was read.', source: 'IEEE Reference Guide, Websites' },
    'title.sentence': { says: 'Titles of articles and other parts take sentence case, in quotation marks.', source: 'IEEE Reference Guide, Periodicals' },
    'title.headline': { says: 'Titles of books take headline capitals, in italics.', source: 'IEEE Reference Guide, Books' },
    'title.asgiven': { says: 'The name keeps its own capitals.', source: 'IEEE Reference Guide, Periodicals' },
    'title.standsin': { says: 'No author: the title stands in the author’s place.', source: 'IEEE Reference Guide' },
    'title': { says: 'A part of a work is in quotation marks; a work that stands alone is italic.', source: 'IEEE Reference Guide' },
    'container': { says: 'The journal or book is italic.', source: 'IEEE Reference Guide, Periodicals' },
    'container.abbreviated': { says: 'Journal titles are abbreviated by the standard title words.', source: 'IEEE Reference Guide, Abbreviations' },
    'volume': { says: 'Volume: “vol.” and the number, upright.', source: 'IEEE Reference Guide, Periodicals' },
    'issue': { says: 'Issue: “no.” and the number.', source: 'IEEE Reference Guide, Periodicals' },
    'pages.range': { says: `Page ranges ${SAYS.range}, after p. or pp.`, source: 'IEEE Reference Guide, Periodicals' },
    'edition': { says: 'An edition other than the first, shortened to {terms.edition:quoted}.', source: 'IEEE Reference Guide, Books' },
    'publisher': { says: 'Place and publisher, a colon between; University becomes Univ.', source: 'IEEE Reference Guide, Books' },
    'publisher.shortened': { says: 'University becomes Univ.', source: 'IEEE Reference Guide, Abbreviations' },
    'link.doi': { says: 'A DOI is printed as doi: and the number, with a full stop.', source: 'IEEE Reference Guide, Online sources' },
    'link.url': { says: 'A web address follows [Online]. Available: and takes no full stop.', source: 'IEEE Reference Guide, Online sources' },
    'citation.number': { says: 'Works are numbered as they first appear and keep their number.', source: 'IEEE Reference Guide, References in text' },
    'citation.range': { says: 'Three or more numbers in a row make a range.', source: 'IEEE Reference Guide, References in text' },
    'locator': { says: 'The place stands inside the brackets, after the number.', source: 'IEEE Reference Guide, References in text' },
    'description': { says: 'What sort of thing it is.', source: 'IEEE Reference Guide' },
  },
}
