/**
 * The Chicago family: notes and bibliography, or author and date, in the 17th (2017) and 18th (2024) editions of
 * The Chicago Manual of Style. One set of layouts; what the editions and systems do differently are options.
 */
import { DOUBLE_FIRST } from '../text/quotes'
import { GIVES_WAY } from './giving-way'
import type { Layout, PageRules, Rule, Silences, Style } from './schema'
import { CHICAGO_17_AUTHOR_DATE, CHICAGO_17_NOTES, CHICAGO_18_AUTHOR_DATE, CHICAGO_18_NOTES } from './sections'
import { captions, CREDIT, EDITION_WORDS, etAl, IN_SENTENCE, locatorWords, MDY, MONTHS_FULL, nameForm, PATENT_OFFICES, PRESENTED_SMALL, ROLE_JOINS, SAYS, SEASONS_US, SPACED, SPACED_POINTS, YEAR } from './shared'
import { APPENDIX_BEFORE, BLANK_LINE, manuscript, numberAt } from './shared-page'

interface Variant { edition: 17 | 18, authorDate: boolean }

/**
 * Single-spaced are block quotations, notes, captions and the list, with a blank line between (Turabian 9, A.2.2.3, A.2.3;
 * Chicago 18, 2.12, 2.23, 2.27); the title stands a third of the way down its page (Turabian 9, A.2.1.2); two blank lines
 * stand under the heading of the list (A.2.3.5).
 */
const CHICAGO_LOOKS: PageRules['looks'] = {
  'title-page-title': { before: 165.6, after: 193.2 },
  'quotation': { leading: 1, before: BLANK_LINE, after: BLANK_LINE },
  'verse': { leading: 1, before: BLANK_LINE, after: BLANK_LINE },
  'caption': { leading: 1 },
  'credit': { leading: 1 },
  'note': { size: 10, leading: 1, after: 11.5 },
  'notes-heading': { after: 2 * BLANK_LINE },
  'note-at-end': { leading: 1, after: BLANK_LINE },
  'list-heading': { leading: 1, after: 2 * BLANK_LINE },
  'division': { leading: 1, after: BLANK_LINE },
  'entry': { leading: 1, after: BLANK_LINE },
  'annotation': { leading: 1, after: BLANK_LINE },
}

export function chicago({ edition, authorDate }: Variant): Style {
  const old = edition === 17
  const HEADLINE = { style: 'headline', prepositions: old ? 'all' : 4, ...(old ? { prefixes: true } : {}) } as const
  const inText = etAl(old ? 4 : 3, 1, { before: ' ' })
  return {
    id: `chicago-${edition}-${authorDate ? 'author-date' : 'notes'}`,
    name: authorDate ? 'Chicago author-date' : 'Chicago notes', edition: `${edition}th edition`, short: `Chicago ${edition} ${authorDate ? 'A–D' : 'notes'}`,
    manual: `The Chicago Manual of Style, ${edition}th ed. (${old ? 2017 : 2024})`,
    quotes: DOUBLE_FIRST, stopsInside: true, commaAfterQuestion: true,
    capitals: { roman: HEADLINE, quoted: HEADLINE, italic: HEADLINE },
    credit: CREDIT,
    dash: '–', ranges: { pages: 'chicago', locators: 'chicago', years: 'chicago' },
    names: {
      lead: nameForm({ order: 'first-inverted', pair: ', and ', etAl: old ? etAl(11, 7) : etAl(7, 3) }),
      inline: nameForm({ order: 'natural', etAl: etAl(old ? 11 : 7, old ? 7 : 3) }),
      note: nameForm({ order: 'natural', etAl: inText }),
      text: nameForm({ order: 'surname', given: 'none', etAl: inText }),
      short: nameForm({ order: 'surname', given: 'none', etAl: inText }),
      narrative: nameForm({ order: 'surname', given: 'none', etAl: inText }),
      apart: nameForm({ firstOnly: true, order: 'natural', given: 'initials', initials: SPACED, etAl: inText }),
      whole: nameForm({ order: 'natural' }),
    },
    makers: {
      makers: { form: 'inline', pattern: '{verb} {names}', between: '. ' },
      inside: { form: 'inline', pattern: '{verb} {names}', between: ', ' },
      note: { form: 'note', pattern: '{verb} {names}', between: ', ' },
    },
    roleJoins: ROLE_JOINS, countries: PATENT_OFFICES, leadLabel: ', {label}',
    roles: {
      editor: { label: ['ed.', 'eds.'], verb: 'edited by' }, translator: { label: ['trans.', 'trans.'], verb: 'translated by' },
      compiler: { label: ['comp.', 'comps.'], verb: 'compiled by' }, illustrator: { label: ['illus.', 'illus.'], verb: 'illustrated by' }, director: { label: ['dir.', 'dirs.'], verb: 'directed by' },
      producer: { label: ['prod.', 'prods.'], verb: 'produced by' }, scriptWriter: { label: ['writer', 'writers'], verb: 'written by' },
      performer: { verb: 'performed by' }, composer: { verb: 'by' }, creator: { label: ['creator', 'creators'], verb: 'created by' }, interviewer: { verb: 'interview by' }, host: { label: ['host', 'hosts'], verb: 'hosted by' },
    },
    // A note shortens "edited by" and its like (Chicago 18, 14.4).
    roleSets: { note: { editor: { verb: 'ed.' }, translator: { verb: 'trans.' }, compiler: { verb: 'comp.' }, illustrator: { verb: 'illus.' } } },
    kindRoles: { ...(old ? {} : { 'podcast-episode': { author: { label: ['host', 'hosts'] as const } } }), 'podcast': { author: { label: ['host', 'hosts'] } } },
    dates: {
      months: MONTHS_FULL, seasons: SEASONS_US, bce: ' BCE', circa: 'ca. ', range: '–', ...(authorDate ? {} : { sentence: true }),
      forms: { date: MDY, year: YEAR, accessed: MDY, long: MDY, monthday: { day: '{month} {day}', month: '{month}', year: '' }, issue: { day: '{year}', month: '{year}', season: '{month} {year}', year: '{year}' } },
    },
    terms: { issue: 'no. ', issues: 'nos. ', supplement: { word: 'suppl. ', behind: ', ' }, edition: 'ed.', noDate: authorDate ? 'n.d.' : '', inPress: 'forthcoming', page: ['', ''], editionWords: EDITION_WORDS },
    degrees: { doctoral: { named: '{degree} diss.', plain: 'PhD diss.' }, master: { named: '{degree} thesis', plain: 'master’s thesis' }, bachelor: { named: '{degree} thesis', plain: 'bachelor’s thesis' } },
    inState: '{town}, {state}',
    descriptions: {
      'thesis': { from: 'genre', or: 'thesis' },
      'talk': { from: 'genre', or: 'lecture', words: PRESENTED_SMALL }, 'course-material': { from: 'genre', or: 'course handout' }, 'song': { from: 'medium' }, 'album': { from: 'medium' }, 'artwork': { from: 'medium' },
      'photograph': { from: 'medium', or: 'photograph' }, 'map': 'map', 'interview': 'interview', 'figure': { from: 'genre' }, 'foreword': { from: 'genre' }, 'ai-output': { from: 'genre' }, 'brochure': { from: 'genre' },
      'web-page': { from: 'genre' }, 'newspaper-article': { from: 'genre' }, 'personal-communication': { from: 'genre', or: 'letter', words: { 'e-mail': 'email message', 'email': 'email message' } },
    },
    username: ' ({username})',
    sameMaker: { publisher: 'keep', site: 'site' },
    shorten: { journals: false, companies: true },
    url: { scheme: true, doi: 'https://doi.org/{doi}' },
    options: { ad: authorDate, places: old, chapterPages: old },
    citation: {
      system: authorDate ? 'author-date' : 'notes', quotedPlace: 'paged', open: '(', close: ')', between: '; ', beforeYear: ' ', beforeNoYear: ', ', beforeLocator: ', ',
      order: 'given', sameAuthor: ', ', sameAuthorLocated: '; ',
      names: 'text', narrativeNames: 'narrative', sameSurname: { names: 'apart', narrative: 'apart', within: true },
      // A note carries the title, which tells the works apart; only names and years may be taken for one another.
      ...(authorDate ? { ambiguous: 'names' as const } : {}), yearLetters: authorDate, noYearLetter: '-',
      standInTitle: 'first-words', firstPublished: '[{first}] {year}', ...(authorDate ? { volumeAndPage: true, placeAlone: true } : {}), volumeAndPlace: '{volume}:{place}',
      citedIn: ', quoted in ', inSentence: IN_SENTENCE,
      locators: locatorWords({ page: ['', ''], chapter: ['chap. ', 'chaps. '], timestamp: ['at ', 'at '] }),
      ...(authorDate ? {} : { notes: { between: '; ' } }),
    },
    list: { heading: authorDate ? 'References' : 'Bibliography', order: 'filing', withoutAl: true, then: authorDate ? 'year' : 'title', noStopAfter: [], hanging: 36, doubleSpaced: false, ...(authorDate ? {} : { uncited: true }) },
    page: { ...manuscript({ heads: [numberAt('top', 'right', 'later')], noteNumber: 'full-size', frontRoman: true, appendix: APPENDIX_BEFORE, looks: CHICAGO_LOOKS }), titlePage: true, details: ['writer', 'course', 'date'], titleBold: true, lineSpacing: 2, blockQuote: { words: 100, shorterToo: true }, // Chicago 18 leaves levels to the writer (2.23); these are those that Turabian 9 suggests for papers (A.2.2.4).
      headings: [{ bold: true, centred: true }, { centred: true }, { bold: true }, {}, { bold: true, runIn: true }], listHeadingBold: true,
      ellipsis: { points: SPACED_POINTS },
      // Chicago 18, 3.23 and 3.56.
      captions: captions('Table {n}.', 'Figure {n}.') },
    frame: '<%ad?<lead?{lead}{&. }{@y}[. {@what}]|@standIn?{@standIn}{&. }{@y}{&. }{@what}|{@what}{&. }{@y}>|<lead?{lead}[. {@what}]|@standIn?{@standIn}{&. }{@what}|{@what}>>[. {@inside}][. {@seen}][. {@link}]',
    noteFrame: '{lead:note}{&, }*{title}*{&, }{date}{&, }{@seen}{&, }{locator}{&, }{@link}',
    parts: {
      y: '[({first}) ]{year!}',
      // The 17th repeats the year with month and day (15.14, 15.49).
      ...(old ? { md: '{monthday}', d: '<%ad?<@md?{date}>|{date}>' } : { d: '<%ad?{monthday}|{date}>' }),
      link: '<{doi}|{url}>',
      seen: 'accessed {accessed}',
      // The 17th says of a reprint that it is one; a translation or another edition is none (14.114).
      imprint: `${old ? '<originalDate&publisher&!translator&!editor&!edition?Reprint, >' : ''}[<%places?{place}>{&: }{publisher}]{&, }{@d}`,
      noteImprint: `[{first}; ${old ? '<originalDate&publisher&!translator&!editor&!edition?repr., >' : ''}][<%places?{place}>{&: }{publisher}]{&, }{date}`,
      at: '<label=page&volume&!volumeTitle?{volume}:{locator}|{locator}>',
      short: '{lead:short,bare}{&, }"{short}"{&, }{locator}',
    },
    kinds: layouts(old),
    silent: silences(old, authorDate),
    sections: old ? (authorDate ? CHICAGO_17_AUTHOR_DATE : CHICAGO_17_NOTES) : authorDate ? CHICAGO_18_AUTHOR_DATE : CHICAGO_18_NOTES,
    rules: rules(edition),
  }
}

/** What the editions leave unsaid. */
const silences = (old: boolean, authorDate: boolean): Silences => ({
  ...GIVES_WAY,
  ...(old
    ? { 'thesis.place': 'a thesis names its university alone (Chicago 17, 14.215)' }
    : {
        'place': 'a publisher is named without its place (Chicago 18, 14.30)',
        ...Object.fromEntries(PARTS.map(kind => [`${kind}.pages`, 'the list gives no pages of a chapter; a note gives the page cited (Chicago 18, 14.8)'])),
      }),
  ...(authorDate ? { 'case.url': `a case is cited in the text or a note (Chicago ${old ? '17, 14.276' : '18, 14.185'})` } : {}),
  'magazine-article.volume': `a magazine goes by its date (Chicago ${old ? '17, 14.188' : '18, 14.87'})`,
  'magazine-article.issue': `a magazine goes by its date (Chicago ${old ? '17, 14.188' : '18, 14.87'})`,
  'magazine-article.pages': `a magazine goes by its date; a note gives the page cited (Chicago ${old ? '17, 14.188' : '18, 14.87'})`,
  'review.pages': { when: ['issued'], says: 'in a magazine without volume and issue the date is enough' },
  'newspaper-article.pages': `pages move from edition to edition (Chicago ${old ? '17, 14.191' : '18, 14.89'})`,
  'newspaper-article.section': `sections move from edition to edition (Chicago ${old ? '17, 14.191' : '18, 14.89'})`,
  'online-video.dimensions': `its length need not be given (Chicago ${old ? '17, 14.267' : '18, 14.167'})`,
  'social-post.genre': `the service says what it is (Chicago ${old ? '17, 14.209' : '18, 14.106'})`,
  'tv-episode.producer': `an episode names its writer and director (Chicago ${old ? '17, 14.265' : '18, 14.165'})`,
})
const PARTS = ['chapter', 'foreword', 'encyclopedia-entry', 'dictionary-entry', 'conference-paper']

const ITALIC_SHORT = '{lead:short,bare}{&, }*{short}*{&, }<label=page&volume?{volume}:{locator}|{locator}>'
const QUOTED_SHORT = '{lead:short,bare}{&, }"{short}"{&, }{locator}'

const FILM: Layout = { yearOnly: true, makers: ['scriptWriter', 'producer', 'performer'], what: '*{title}*', inside: '{makers}{&. }<!%ad?[{first}; ]>{publisher}{&, }{@d}{&. }{medium}', note: '*{title}*{&, }[directed by {director:note}]{&, }{note.makers}[ ([{first}; ]{publisher}{&, }{date})]{&, }{medium.lower}{&, }{locator}{&, }{@link}', short: '*{short}*{&, }{locator}' }

function layouts(old: boolean): Record<string, Layout> {
  const numbers = '<%ad?<volume? {volume}<issue? ({issue})>>[<!volume?, {issue.labelled}>]|<volume? {volume}>[, {issue.labelled}]<inpress?|[ ({date:issue})]>>'
  const journal = `*{container}*<%ad?${numbers}[<volume&!issue?:|: ><{pages}|{article}>]|inpress?, {date}|${numbers}[: <{pages}|{article}>]>`
  const journalNote = '*{container}*<inpress?, {date}<locator?, {locator}>|<volume? {volume}>[, {issue.labelled}][ ({date:issue})]<locator?<article?: {article}, {locator}|container?: {locator}|volume?: {locator}|dated?: {locator}|, {locator}>|[: <{pages}|{article}>]>>'
  const bookNote = '{lead:note}{&, }<volumeTitle&title?*{title}*[, vol. {volume}]{&, }*{volumeTitle}*|volumeTitle?*{volumeTitle}*|*{title}*>{&, }{note.makers}{&, }{edition}[<volume&!volumeTitle&!locator?, vol. {volume}|!volume&numberOfVolumes?, {numberOfVolumes} vols.>]{&, }[{series}[ {seriesNumber}]][ ({@noteImprint})]{&, }{@at}{&, }{@link}'
  const inBook = 'in <volumeTitle&container?*{volumeTitle}*, [vol. {volume} of ]>*{container}*[, by {containerAuthor:inline}]{&, }{inside.makers}{&, }{edition}[<volume&!volumeTitle?, vol. {volume}>]<%chapterPages?[, {pages}]>[. {series}[ {seriesNumber}]][. {@imprint}]'
  const inBookNote = '{lead:note}{&, }"{title}"{&, }{note.part.makers}{&, }[in <volumeTitle&container?*{volumeTitle}*, [vol. {volume} of ]>*{container}*[, by {containerAuthor:note}]{&, }{note.inside.makers}{&, }{edition}[<volume&!volumeTitle?, vol. {volume}>][, {series}[ {seriesNumber}]]]<dated?[ ({@noteImprint})]|[, {publisher}][, accessed {accessed}]>{&, }{locator}{&, }{@link}'
  const news = '{container:nothe}'
  const magazine = old ? '*{container:nothe}*' : '*{container}*'
  const paper = old ? news : '{container}'
  return {
    'journal-article': { what: '"{title}"', inside: journal, note: `{lead:note}{&, }"{title}"{&, }${journalNote}{&, }{@link}`, short: QUOTED_SHORT },
    'magazine-article': { what: '"{title}"', inside: `${magazine}{&, }{@d}`, note: `{lead:note}{&, }"{title}"{&, }${magazine}{&, }{date}{&, }{locator}{&, }{@link}`, short: QUOTED_SHORT },
    'newspaper-article': {
      what: '"{title}"', inside: `[{description}]{&. }<lead?*${paper}*{&, }{@d}|{@d}>{&, }{edition.own}`, standIn: `*${paper}*`, short: QUOTED_SHORT,
      note: `{lead:note}{&, }"{title}"{&, }{description.lower}{&, }*${paper}*{&, }{date}{&, }{edition.own}{&, }{locator}{&, }{@link}`,
    },
    'review': {
      what: '["{title}"]{&. }[<reviewedTitle?review of *{reviewedTitle}*[, by {reviewedAuthor:inline}]>]', inside: `<volume?${journal}|issue?${journal}|*{container}*{&, }{@d}>`, short: '{lead:short,bare}{&, }<title?"{short}"|review of *{reviewedTitle}*>{&, }{locator}',
      note: `{lead:note}{&, }["{title}"]{&, }[<reviewedTitle?review of *{reviewedTitle}*[, by {reviewedAuthor:note}]>]{&, }<volume?${journalNote}|issue?${journalNote}|*{container}*{&, }{date}{&, }{locator}>{&, }{@link}`,
    },
    'book': { yearOnly: true, what: '<volumeTitle?*{volumeTitle}*|*{title}*><!%ad?[. {first}]>', inside: '<volumeTitle&title?[vol. {volume} of ]*{title}*>{&. }{makers}{&. }{edition}{&. }<numberOfVolumes&!volumeTitle?{numberOfVolumes} vols.|volume&!volumeTitle?vol. {volume}>{&. }[{series}[ {seriesNumber}]]{&. }{@imprint}', note: bookNote, short: ITALIC_SHORT },
    'chapter': { yearOnly: true, what: '"{title}"{&. }<!%ad?{first}>{&. }{part.makers}', inside: inBook, note: inBookNote, short: QUOTED_SHORT },
    'foreword': { yearOnly: true, what: '<title?"{title}"|genre?{description} to *{container}*{@whole}>', inside: '[<title&genre&container?{description} to *{container}*{@whole}|title?in *{container}*{@whole}|!genre?in *{container}*{@whole}>]{&. }{@imprint}', parts: { whole: '[, by {containerAuthor:inline}][, {inside.makers}]<%chapterPages?[, {pages}]>' }, note: '{lead:note}{&, }<title?"{title}"<container?[, <genre?{genre.lower} to|in> *{container}*]>|genre?{genre.lower} to *{container}*|in *{container}*>{&, }[by {containerAuthor:note}]{&, }{note.makers}[ ({@noteImprint})]{&, }{locator}', short: '{lead:short,bare}{&, }<title?"{short}"|{genre.lower}>{&, }{locator}' },
    'encyclopedia-entry': { what: '"{title}"', inside: `<wiki?{container}{&. }[last modified {@d}]|${inBook}>`, note: `<wiki?{lead:note}{&, }"{title}"{&, }{container}{&, }[last modified {date}]{&, }{locator}{&, }{@link}|${inBookNote}>`, short: QUOTED_SHORT },
    'web-page': { what: '"{title}"', inside: '{description}{&, }{container}{&, }{@d}', note: '{lead:note}{&, }"{title}"{&, }{description.lower}{&, }{container}{&, }{date}{&, }{@seen}{&, }{locator}{&, }{@link}', short: QUOTED_SHORT },
    'blog-post': { what: '"{title}"', inside: '[*{container}* (blog)]{&, }{@d}', note: '{lead:note}{&, }"{title}"{&, }[*{container}* (blog)]{&, }{date}{&, }{@seen}{&, }{locator}{&, }{@link}', short: QUOTED_SHORT },
    'report': { what: '*{title}*', inside: '<number?<genre?{genre.series}|Report> no. {number}|{genre}>{&. }{@imprint}', note: '{lead:note}{&, }*{title}*{&, }<number?<genre?{genre.series}|Report> no. {number}|{genre.lower}>[ ({@noteImprint})]{&, }{locator}{&, }{@link}', short: ITALIC_SHORT },
    'brochure': { what: '*{title}*', inside: '{description}{&. }{@imprint}', note: '{lead:note}{&, }*{title}*{&, }{description.lower}[ ({@noteImprint})]{&, }{locator}{&, }{@link}', short: ITALIC_SHORT },
    'standard': { what: '*{title}*', inside: '{number}{&. }{@imprint}', note: '{lead:note}{&, }*{title}*{&, }{number}[ ({@noteImprint})]{&, }{locator}{&, }{@link}', short: ITALIC_SHORT },
    'map': { what: '*{title}*', inside: '{description}[, {scale}]{&. }{@imprint}{&. }{archive}{&, }{archivePlace}', note: '{lead:note}{&, }*{title}*{&, }{description}[, {scale}][ ({@noteImprint})]{&, }{archive}{&, }{archivePlace}{&, }{locator}{&, }{@link}', short: ITALIC_SHORT },
    'working-paper': { what: '"{title}"', inside: '<number?<series?{series}|genre?{genre.series}|Working Paper> no. {number}|series?{series}|{genre}>{&. }{@imprint}', note: '{lead:note}{&, }"{title}"[ (<number?<series?{series}|genre?{genre.series}|Working Paper> no. {number}|series?{series}|{genre.lower}>{&, }{publisher}{&, }{date})]{&, }{locator}{&, }{@link}', short: QUOTED_SHORT },
    'preprint': { what: '"{title}"', inside: 'preprint[, {publisher}]<!online?[, {number}]>{&, }{@d}', note: '{lead:note}{&, }"{title}"{&, }preprint[, {publisher}]<!online?[, {number}]>{&, }{date}{&, }{locator}{&, }{@link}', short: QUOTED_SHORT },
    'thesis': { yearOnly: true, what: '"{title}"', inside: '{description}{&, }{publisher}{&, }{@d}<!online?[. {archive}[ ({number})]]>', note: '{lead:note}{&, }"{title}"[ ({description}{&, }{publisher}{&, }{date})]<!online?[, {archive}[ ({number})]]>{&, }{locator}{&, }{@link}', short: QUOTED_SHORT },
    'talk': { what: '"{title}"', inside: '{@given}{&, }{publisher}{&, }{venue}{&, }{@d}', parts: { given: '<presented?{description} presented at {event.the}|{description}{&, }{event}>', inNote: '<presented?{description.lower} presented at {event.the}|{description.lower}{&, }{event}>' }, note: '{lead:note}{&, }"{title}"[ ({@inNote}{&, }{publisher}{&, }{venue}{&, }{date})]{&, }{locator}{&, }{@link}', short: QUOTED_SHORT },
    'film': FILM,
    'tv-series': { ...FILM, makers: ['creator', 'producer'], note: FILM.note!.replace('{note.makers}', '[created by {creator:note}]{&, }[produced by {producer:note}]') },
    'tv-episode': { standIn: '*{container:nothe}*', entry: '<container?*{container}*{&. }<%ad?{@y}>{&. }{@what}|{@what}{&. }<%ad?{@y}>>[. {@inside}][. {@seen}][. {@link}]', what: '[season {season}]{&, }[episode {number}]{&, }"{title}"', inside: '{crew}{&. }{publisher}{&, }[aired {@d}]', lead: [], makers: ['director', 'scriptWriter', 'host'], note: '*{container}*{&, }[season {season}]{&, }[episode {number}]{&, }"{title}"{&, }{note.part.makers}{&, }{publisher}{&, }[aired {date}]{&, }{locator}{&, }{@link}', short: '*{container:nothe}*{&, }"{short}"{&, }{locator}' },
    'online-video': old
      ? { what: '"{title}"', inside: '[{container} video]{&. }[posted {date}]', note: '{lead:note}{&, }"{title}"{&, }[{container} video]{&, }[posted {date}]{&, }{locator}{&, }{@link}', short: QUOTED_SHORT }
      : { what: '"{title}"', inside: '{container}{&, }{@d}. Video', note: '{lead:note}{&, }"{title}"{&, }{container}{&, }{date}, video{&, }{locator}{&, }{@link}', short: QUOTED_SHORT },
    'podcast-episode': old
      ? { what: '"{title}"', inside: '{date}{&. }[in *{container}*][, episode {number}][, produced by {publisher}], podcast', note: '{lead:note}{&, }"{title}"{&, }{date}{&, }[in *{container}*][, episode {number}][, produced by {publisher}], podcast{&, }{locator}{&, }{@link}', short: QUOTED_SHORT }
      : { what: '*{container}*', inside: 'podcast[, season {season}][, episode {number}][, "{title}"]{&. }{publisher}{&, }{@d}', note: '{lead:note}{&, }*{container}*{&, }[podcast[, season {season}][, episode {number}]{&, }"{title}"]{&, }{publisher}{&, }{date}{&, }{locator}{&, }{@link}', short: QUOTED_SHORT },
    'podcast': { what: '*{title}*', inside: 'podcast[, {publisher}]{&, }{@d}', note: '{lead:note}{&, }*{title}*{&, }podcast[, {publisher}]{&, }{date}{&, }{locator}{&, }{@link}', short: ITALIC_SHORT },
    'song': { what: '"{title}"', inside: '{makers}{&. }[on *{container}*]{&. }{publisher}{&, }{@d}[. {medium}]', note: '{lead:note}{&, }"{title}"{&, }{note.makers}{&, }[on *{container}*]{&, }{publisher}{&, }{date}{&, }{medium}{&, }{locator}{&, }{@link}', short: QUOTED_SHORT },
    'album': { what: '*{title}*', inside: '{publisher}{&, }{@d}{&. }{medium}', note: '{lead:note}{&, }*{title}*{&, }{publisher}{&, }{date}{&, }{medium}{&, }{locator}{&, }{@link}', short: ITALIC_SHORT },
    'artwork': { what: '*{title}*', inside: '<!%ad?{date}>{&. }{description}{&, }{dimensions}{&. }{archive}{&, }{archivePlace}{&, }<!archive?{container}{&, }{publisher}>', note: '{lead:note}{&, }*{title}*{&, }{date}{&, }{description.lower}{&, }{dimensions}{&, }{archive}{&, }{archivePlace}{&, }<!archive?{container}{&, }{publisher}>{&, }{locator}{&, }{@link}', short: ITALIC_SHORT },
    'patent': { what: '{title:asgiven}', inside: '<number?[<number.country?{number.country}|{authority}> ]Patent {number.bare}>{&, }[issued {@d}]', note: '{lead:note}{&, }{title:asgiven}{&, }<number?[<number.country?{number.country}|{authority}> ]Patent {number.bare}>{&, }[issued {date}]{&, }{locator}{&, }{@link}', short: '{lead:short,bare}{&, }{title:asgiven}{&, }{locator}', titleInText: 'plain' },
    'dataset': { what: '"{title}"', inside: '<version?dataset, version {version}|Dataset>{&. }{publisher}{&, }{@d}', note: '{lead:note}{&, }"{title}"{&, }<version?dataset, version {version}|dataset>{&, }{publisher}{&, }{date}{&, }{locator}{&, }{@link}', short: QUOTED_SHORT },
    'software': { what: '*{title}*', inside: '[version {version}]{&. }{publisher}{&, }{@d}', note: '{lead:note}{&, }*{title}*{&, }[version {version}][ ({publisher}{&, }{date})]{&, }{locator}{&, }{@link}', short: ITALIC_SHORT },
    'ai-output': { what: '<container?"{title}"|*{title}*>', inside: '{description}{&, }{container}{&, }[version {version}]{&, }{publisher}{&, }{@d}', note: '{lead:note}{&, }<container?"{title}"|*{title}*>{&, }{description.lower}{&, }{container}{&, }[version {version}]{&, }{publisher}{&, }{date}{&, }{locator}{&, }{@link}', short: '{lead:short,bare}{&, }<container?"{short}"|*{short}*>{&, }{locator}' },
    'case': { unlisted: { parenthetical: '<title?*{title}*|case>[, {volume}{& }{container}{& }{pages}][, {locator}][ ⟦{authority}{& }{year}⟧]', narrative: '<title?*{title}*|case>[, {volume}{& }{container}{& }{pages}][, {locator}][ ({authority}{& }{year})]' }, entry: '{title}[, {volume} {container} {pages}][ ([{authority} ]{year})][. {url}]', note: '*{title}*[, {volume} {container} {pages}]{&, }{locator}[ ([{authority} ]{year})]{&, }{@link}', short: '*{short}*{&, }{locator}', titleInText: 'italic' },
    'statute': { entry: '{title:asgiven}[, {number}][, [{volume} ]{container}<section? § {section}|[ {pages}]>]<!yeared?[ ({year})]>[. {url}]', note: '{title:asgiven}[, {number}][, [{volume} ]{container}<section? § {section}|[ {pages}]>]<!yeared?[ ({year})]>{&, }{locator}{&, }{@link}', short: '{title:asgiven}{&, }{locator}', titleInText: 'plain' },
    'interview': { what: '["{title}"]', inside: `<title?{makers}|interviewer?{makers}|{description}><volume?. ${journal}|container?. *{container}*[, {publisher}][, {@d}]|publisher?. {publisher}[, {@d}]|[, {@d}]>`, note: `{lead:note}{&, }<title?"{title}"|!interviewer?{description.lower}>{&, }{note.makers}{&, }<volume?${journalNote}|*{container}*{&, }{publisher}{&, }{date}{&, }{locator}>{&, }{@link}`, short: '<title?{lead:short,bare}{&, }"{short}"|{lead:short,bare}{&, }interview>{&, }{locator}' },
    'personal-communication': { unlisted: { parenthetical: '<author?{author:whole}, >{description.lower} to <recipient?{recipient:whole}|author>[, {date:long}]', narrative: '{author:whole} ({description.lower} to <recipient?{recipient:whole}|author>[, {date:long}])' }, note: '{lead:note}{&, }{description.lower} to <recipient?{recipient:note}|author>{&, }{date}', short: '{lead:short,bare}{&, }{description.lower} to <recipient?{recipient:short}|author>' },
    'archival-item': { entry: '{lead}{&. }<%ad?{@y}>{&. }{title}{&, }<sorted?{genre.lower}>{&, }{@d}[. {archiveLocation}{&, }{container}][. {archive}{&, }{archivePlace}][. {url}]', note: '<recipient?{lead:note} to {recipient:note}|{lead:note}{&, }{title:lower}{&, }<sorted?{genre.lower}>>{&, }{date}{&, }{archiveLocation.lower}{&, }{container}{&, }{archive}{&, }{archivePlace}{&, }{locator}{&, }{url}', short: '<recipient?{lead:short,bare} to {recipient:short}{&, }{date}|{lead:short,bare}{&, }{title:lower}>{&, }{locator}', titleInText: 'plain' },
  }
}

const rules = (edition: number): Record<string, Rule> => {
  const source = (section: string) => `Chicago ${edition}, ${section}`
  const old = edition === 17
  return {
    'names.inverted': { says: 'In the list the first author is given surname first, the rest in natural order.', source: source('13.74') },
    'names.joined': { says: `Names are joined by commas, with ${SAYS.last} before the last.`, source: source('13.76') },
    'names.shortened': { says: 'The list names up to {names.lead.etAl.from:less-one-words} authors, then the first {names.lead.etAl.keep:words} and {names.lead.etAl.text}; a note names up to {names.note.etAl.from:less-one-words}.', source: source(old ? '14.76' : '13.78') },
    'names.surname': { says: 'A short citation gives surnames alone.', source: source('13.33') },
    'names.initials': { says: 'An initial tells authors of one surname apart.', source: source('13.33') },
    'names.apart': { says: 'Authors of one surname are told apart by initials.', source: source('13.33') },
    'role': { says: 'Editors, translators and others are named with their role.', source: source('14.4–14.6') },
    'date': { says: 'The date stands with the facts of publication, or after the author in author-date.', source: source('13.17') },
    'date.none': { says: 'No date is given, so Chicago prints {terms.noDate?=nothing|n.d.=n.d.}', source: source('14.44') },
    'date.inpress': { says: 'Not yet published: {terms.inPress}.', source: source('14.46') },
    'date.original': { says: 'A reprint names the year it first appeared.', source: source('14.16') },
    'date.accessed': { says: 'An undated page gives the day it was read.', source: source('13.15') },
    'year.letter': { says: 'Works by one author in one year take letters, in the order of the list.', source: source('13.114') },
    'title.headline': { says: 'Titles take headline capitals; {capitals.roman.prepositions?all=every preposition inside stays|3=prepositions of up to three letters stay|4=prepositions of up to four letters stay|*=short prepositions stay} lower.', source: source('8.160') },
    'title.asgiven': { says: 'A description or a post keeps its own capitals.', source: source('14.105') },
    'title.standsin': { says: 'No author: the title stands in the author’s place, shortened in the text.', source: source('13.81') },
    'title': { says: 'A work that stands alone is italic; a part of one is in quotation marks.', source: source('13.85–13.86') },
    'container': { says: 'The journal or book that holds the part is italic.', source: source('14.70') },
    'volume': { says: 'The volume follows the journal’s title with no comma.', source: source('14.70') },
    'issue': { says: 'The issue follows the volume.', source: source('14.70') },
    'edition': { says: 'An edition other than the first, shortened to {terms.edition:quoted}.', source: source('14.17') },
    'publisher': { says: old ? 'Place and publisher, a colon between.' : 'The publisher alone: the 18th edition asks for no place.', source: source(old ? '14.127' : '14.30') },
    'pages.range': { says: `Second numbers ${SAYS.range}.`, source: source('9.63') },
    'link.doi': { says: 'A DOI is printed as a link and wins over a web address.', source: source('13.7') },
    'link.url': { says: 'A web address is printed whole and ends with the entry’s full stop.', source: source('13.6') },
    'locator': { says: 'The place cited stands at the end of the note, or after the year.', source: source('13.20') },
    'note.full': { says: 'The first note of a work gives it in full.', source: source('13.28') },
    'note.short': { says: 'Later notes give surname, short title and place.', source: source('13.32') },
    'citation.note': { says: 'Notes are numbered through the paper, raised, after the punctuation.', source: source('13.27') },
    'author.shared': { says: 'Works by one author side by side give the name once.', source: source('13.124') },
    'description': { says: 'What sort of thing it is, where the title does not say.', source: source('14.103') },
  }
}
