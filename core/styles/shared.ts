/** What several styles have in common, as data: months, seasons, locator words, name forms. */
import type { CaptionForm, CitationRules, DateForms, NameForm, PageRules, Style } from './schema'

export const MONTHS_FULL = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'] as const
/** MLA 9, appendix 1: May, June and July are not shortened. */
export const MONTHS_MLA = ['Jan.', 'Feb.', 'Mar.', 'Apr.', 'May', 'June', 'July', 'Aug.', 'Sept.', 'Oct.', 'Nov.', 'Dec.'] as const
export const MONTHS_IEEE = ['Jan.', 'Feb.', 'Mar.', 'Apr.', 'May', 'Jun.', 'Jul.', 'Aug.', 'Sep.', 'Oct.', 'Nov.', 'Dec.'] as const
export const MONTHS_NLM = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const
/** ACS Guide: no stops; March to July in full. */
export const MONTHS_ACS = ['Jan', 'Feb', 'March', 'April', 'May', 'June', 'July', 'Aug', 'Sept', 'Oct', 'Nov', 'Dec'] as const
export const SEASONS_US: DateForms['seasons'] = ['Spring', 'Summer', 'Fall', 'Winter']
export const SEASONS_UK: DateForms['seasons'] = ['Spring', 'Summer', 'Autumn', 'Winter']

/** MLA Handbook 9, 5.70: seasons are in small letters. */
export const SEASONS_MLA: DateForms['seasons'] = ['spring', 'summer', 'fall', 'winter']

/** Month–day–year dates: March 14, 2023. */
export const MDY = { day: '{month} {day}, {year}', month: '{month} {year}', year: '{year}' }
/** Day–month–year dates: 14 March 2023. */
export const DMY = { day: '{day} {month} {year}', month: '{month} {year}', year: '{year}' }
/** Year–month–day dates: 2023 Mar 14. */
export const YMD = { day: '{year} {month} {day}', month: '{year} {month}', year: '{year}' }
export const YEAR = { day: '{year}', month: '{year}', year: '{year}' }

export const SPACED = { stop: '.', space: ' ', hyphen: true } as const
export const CLOSED = { stop: '.', space: '', hyphen: true } as const
export const BARE = { stop: '', space: '', hyphen: false } as const

export const nameForm = (over: Partial<NameForm> & Pick<NameForm, 'order'>): NameForm => ({
  given: 'full', invert: ', ', suffix: ' ', between: ', ', pair: ' and ', last: ', and ', ...over,
})
export const etAl = (from: number, keep: number, over: Partial<NonNullable<NameForm['etAl']>> = {}): NonNullable<NameForm['etAl']> =>
  ({ from, keep, before: ', ', text: 'et al.', ...over })

type Locators = CitationRules['locators']
/** The words for a place that are written out with a capital (APA 7, 8.13; ACS Guide). */
export const CAPITAL_WORDS: Partial<Locators> = {
  chapter: ['Chapter ', 'Chapters '], section: ['Section ', 'Sections '], figure: ['Figure ', 'Figures '], table: ['Table ', 'Tables '], volume: ['Vol. ', 'Vols. '],
  book: ['Book ', 'Books '], part: ['Part ', 'Parts '], column: ['Column ', 'Columns '], stanza: ['Stanza ', 'Stanzas '], note: ['Footnote ', 'Footnotes '],
  appendix: ['Appendix ', 'Appendices '], equation: ['Equation ', 'Equations '], plate: ['Plate ', 'Plates '], slide: ['Slide ', 'Slides '],
}

/** Locator words as most styles have them; a style changes what it says otherwise. */
export const locatorWords = (over: Partial<Locators>): Locators => ({
  page: ['p. ', 'pp. '], chapter: ['ch. ', 'chs. '], paragraph: ['para. ', 'paras. '], section: ['sec. ', 'secs. '], figure: ['fig. ', 'figs. '],
  table: ['table ', 'tables '], line: ['line ', 'lines '], verse: ['', ''], stanza: ['stanza ', 'stanzas '], volume: ['vol. ', 'vols. '], book: ['bk. ', 'bks. '],
  part: ['pt. ', 'pts. '], column: ['col. ', 'cols. '], folio: ['fol. ', 'fols. '], note: ['n. ', 'nn. '], appendix: ['app. ', 'apps. '],
  equation: ['eq. ', 'eqs. '], plate: ['pl. ', 'pls. '], slide: ['slide ', 'slides '], timestamp: ['', ''], act: ['', ''], ...over,
})

/** Number and title on one line: the table's above it, the figure's below. */
export const captions = (table: string, figure: string, over: Partial<CaptionForm> = {}): { table: CaptionForm, figure: CaptionForm } =>
  ({ table: { label: table, between: ' ', place: 'above', ...over }, figure: { label: figure, between: ' ', place: 'below', ...over } })

/** Three spaced points that no line's end divides (Chicago 18, 12.59; MLA 9, 6.58; APA 7, 8.31). */
export const SPACED_POINTS = '.\u00A0.\u00A0.'

/** Headings where a manual leaves them to the writer: bold at the margin, the deeper ones italic. */
export const PLAIN_HEADINGS: PageRules['headings'] = [{ bold: true }, { bold: true }, { bold: true, italic: true }, { bold: true, italic: true }, { italic: true }]

/** Between works named in a sentence: "Okonjo (2021), Thorne (2019), and Moss (2018)". */
export const IN_SENTENCE: CitationRules['inSentence'] = { between: ', ', pair: ' and ', last: ', and ' }
/** Between the labels, and the verbs, of one hand: "Ed. & Trans.", "edited and translated by". */
export const ROLE_JOINS: Style['roleJoins'] = { label: ' & ', verb: ' and ' }
/** "act 3, scene 2, line 14". */
export const ACT_WORDS: CitationRules['actWords'] = ['act', 'scene', 'line']
/** The words of an edition that are shortened; the style's own word for edition follows. */
export const EDITION_WORDS: Style['terms']['editionWords'] = { 'revised': 'Rev.', 'revised and enlarged': 'Rev. and enl.' }
/** The credit under something reproduced, in the styles that have no pattern of their own for it. */
export const CREDIT: Style['credit'] = { before: 'Source: ', numbered: 'Reproduced from ref. {n}', unnumbered: 'Reproduced from the work cited' }

/** Slots that the sentences of many styles share. */
export const SAYS = {
  range: '{ranges.pages?full=are given in full|two-digits=give the last two digits of the second number|chicago=are shortened: 101–8, 321–28, 100–104|minimal=give only the digits that change}',
  dash: '{dash?–=an en dash|-=a hyphen|*=the style’s own mark}',
  last: '{names.lead.last?, & =an ampersand| & =an ampersand|, and =“and”| and =“and”|, =a comma|; =a semicolon|*=a mark}',
  rest: '{names.lead.etAl.withLast?=et al.|*=an ellipsis and the last}',
  italicRest: '{names.lead.etAl.italic?true=, in italics|*=}',
  colon: '{capitals.roman.afterColon?lower=lower after a colon|capital=with a capital after a colon|*=}',
  initials: '{names.lead.initials.stop?.=take stops|=run together without stops}{names.lead.initials.space? =\u0020and spaces|=}',
} as const

/** Patents are named by the office that gave them. */
export const PATENT_OFFICES: Style['countries'] = { EP: 'European', GB: 'British', DE: 'German', FR: 'French', JP: 'Japanese', CN: 'Chinese', CA: 'Canadian', AU: 'Australian', KR: 'Korean', WO: 'World' }
/** What was shown at an event, in the words before "presented at". */
export const PRESENTED = { 'poster presentation': 'Poster', 'poster session': 'Poster', 'paper presentation': 'Paper', 'conference paper': 'Paper', 'conference presentation': 'Paper', 'oral presentation': 'Paper' }
export const PRESENTED_SMALL = Object.fromEntries(Object.entries(PRESENTED).map(([word, printed]) => [word, printed.toLowerCase()]))
/** How what nobody else can find is cited, in the styles that do not list it. */
export const PERSONALLY = { parenthetical: '<author?{author:whole}, >personal communication[, {date:long}]', narrative: '{author:whole} (personal communication[, {date:long}])' }
