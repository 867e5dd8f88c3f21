/**
 * What a style is: data. For each kind of source its parts in order with their punctuation and treatment, and for the
 * whole style how names, titles, dates, ranges, citations, notes, the list and the page are set.
 * The engine knows no style by name; a new style is one new file.
 */
import type { CapitalRule } from '../text/capitals'
import type { QuoteMarks } from '../text/quotes'
import type { RangeStyle } from '../text/ranges'
import type { FieldName } from '../source/fields'
import type { InitialStyle } from '../source/names'
import type { LocatorLabel } from '../source/locators'

/** How a list of names is set in one place. */
export interface NameForm {
  order: 'first-inverted' | 'all-inverted' | 'natural' | 'surname'
  given: 'full' | 'initials' | 'none'
  initials?: InitialStyle
  /** Between surname and given names of an inverted name. */
  invert: string
  /** Before a suffix such as Jr. */
  suffix: string
  /** Between names; between the two of a pair; before the last of three or more. */
  between: string
  pair: string
  last: string
  /** Only the first name is set so; the others by their surnames. */
  firstOnly?: boolean
  etAl?: {
    /** From this many names on the list is shortened … */
    from: number
    /** … to this many. */
    keep: number
    /** What stands for the rest, with what comes before it. */
    before: string
    text: string
    italic?: boolean
    /** Instead of "et al.": an ellipsis and the last name. */
    withLast?: string
  }
}

/** A role's words: its label after names (one, several), its verb before names. */
export interface RoleWords { label?: readonly [string, string], verb?: string }

export interface DateForms {
  months: readonly string[]
  seasons: readonly [string, string, string, string]
  /** Patterns by precision; {year} {month} {day}. */
  forms: Record<string, { day: string, month: string, year: string }>
  bce: string
  circa: string
  range: string
}

/** A kind's layout in a style: templates (core/compose/template.ts describes their notation). */
export interface Layout {
  /** The title part, with its description. */
  what?: string
  /** What it is inside. */
  inside?: string
  /** Where to find it. */
  where?: string
  /** The whole entry, where the style's frame does not fit. */
  entry?: string
  /** Note styles: the first, full note; the short note. */
  note?: string
  short?: string
  /** What leads the entry when nobody does, if not the title: a newspaper, say. */
  standIn?: string
  /** Never listed; how it is cited instead. */
  unlisted?: { parenthetical: string, narrative: string }
  /** Print only the year of the date. */
  yearOnly?: boolean
  /** Another of the style's date forms than its own. */
  dateForm?: string
  /** Who leads, if the style wants other roles than the kind's. */
  lead?: readonly FieldName[]
  /** The person cited in the text is set by this treatment when a title stands in. */
  titleInText?: 'italic' | 'quoted' | 'plain'
  /** Named parts used by the templates above as {@name}. */
  parts?: Record<string, string>
}

/** How numbers stand in the text. */
export interface Numbers {
  open: string
  close: string
  /** Every number in brackets of its own. */
  each: boolean
  between: string
  range: string
  superscript: boolean
  /** `{n}` the number and `{place}` the locator; absent: the locator is not printed. */
  locator?: string
  /** The marks that a raised number stands behind. */
  behind?: string
  /** Between the author's name in the sentence and its number. */
  narrative: string
}

export interface CitationRules {
  system: 'author-date' | 'author-page' | 'numbers' | 'notes'
  open: string
  close: string
  /** Between works. */
  between: string
  /** Between author and year, year and locator. */
  beforeYear: string
  beforeLocator: string
  /** Author-page: a locator with a label is set off by this instead. */
  beforeLabelled?: string
  order: 'list' | 'given'
  /** Works by the same author side by side share the name; between their years (or titles). */
  sameAuthor?: string
  /** … when one has a locator; absent: the name is repeated. */
  sameAuthorLocated?: string
  names: string
  narrativeNames: string
  /** Name forms for a work cited before. */
  laterNames?: { names: string, narrative: string }
  /** Initials (text) and given names (sentence) tell authors of one surname apart. */
  sameSurname?: { names: string, narrative: string }
  /** Works whose names shorten alike: more names, or letters after the year. */
  ambiguous?: 'names' | 'letters'
  yearLetters: boolean
  /** A hyphen before the letter where there is no year (n.d.-a). */
  noYearLetter?: string
  /** Titles standing for an author: in full, or the short title of Chicago or MLA. */
  standInTitle: 'full' | 'chicago-short' | 'mla-short'
  standInCapitals?: CapitalRule
  /** Comma between a quoted stand-in and the year even where names have none ("Slack," n.d.). */
  beforeNoYear?: string
  /** First publication with the year: {first} and {year}. */
  firstPublished?: string
  /** Locator words by label: before the place, one and several. */
  locators: Record<LocatorLabel, readonly [string, string]>
  /** Between a work and the work that quotes it. */
  citedIn: string
  /** A group with an abbreviation is given with it at its first citation and by it afterwards. */
  groupAbbreviations?: boolean
  numbers?: Numbers
  notes?: { between: string, ibid?: string, firstShort?: boolean, spanWhole?: boolean }
}

export interface ListRules {
  heading: string
  order: 'filing' | 'appearance'
  /** Spaces count in filing, so that "New York" comes before "Newark"; letter by letter otherwise. */
  wordByWord?: boolean
  /** After the names: by year, or by title. */
  then: 'year' | 'title'
  /** What replaces the names of the entry before; absent: names again. */
  repeated?: string
  /** "[1]", "1." or none. */
  number?: string
  /** Fields after which an entry ends without a full stop. */
  noStopAfter: readonly FieldName[]
  /** Hanging indent in twips; numbered lists hang at their number. */
  hanging: number
  doubleSpaced: boolean
}

export interface PageRules {
  titlePage: boolean
  lineSpacing: number
  runningHead: 'number' | 'surname-number' | 'number-centred'
  firstLineIndent: number
  /** Words (or lines) from which a quotation becomes a block. */
  blockQuote: { words?: number, lines?: number }
  /** The five levels of headings, the first at 0. */
  headings: readonly [HeadingForm, HeadingForm, HeadingForm, HeadingForm, HeadingForm]
  /** The paper's title is bold. */
  titleBold?: boolean
  /** The heading over the list is bold. */
  listHeadingBold?: boolean
  captions: { table: CaptionForm, figure: CaptionForm }
  /** The points that stand for words left out of a quotation, and whether they stand at its end too where it ends as a sentence. */
  ellipsis: { points: string, atEnd?: boolean }
}

export interface HeadingForm {
  bold?: boolean
  italic?: boolean
  underline?: boolean
  smallCaps?: boolean
  centred?: boolean
  indented?: boolean
  /** It stands at the head of its paragraph and ends with a full stop. */
  runIn?: boolean
}

/** How a table or a figure of the paper is numbered and titled. */
export interface CaptionForm {
  /** `{n}` is the number, `{N}` the number in Roman capitals. */
  label: string
  labelled?: 'bold' | 'italic'
  /** Between label and title; a line break sets each on a line of its own. */
  between: string
  titled?: 'bold' | 'italic'
  place: 'above' | 'below'
  centred?: boolean
}

export interface Rule { says: string, source: string }

export interface Style {
  id: string
  name: string
  edition: string
  /** Short name for the style switch. */
  short: string
  /** The published manual it follows. */
  manual: string
  citation: CitationRules
  list: ListRules
  page: PageRules
  quotes: QuoteMarks
  /** Commas and full stops stand inside closing quotation marks. */
  stopsInside: boolean
  /** A comma after a title ending in ? or !. */
  commaAfterQuestion: boolean
  capitals: { roman: CapitalRule, quoted: CapitalRule, italic: CapitalRule, container?: CapitalRule }
  dash: string
  ranges: { pages: RangeStyle, locators: RangeStyle }
  names: Record<string, NameForm>
  /** How the makers inside an entry are set: `{names}`, `{label}`, `{verb}`. */
  makers: Record<string, { form: string, pattern: string, between: string }>
  /** Label after the leading names when they are not authors: `{label}`. */
  leadLabel: string
  roles: Record<string, RoleWords>
  dates: DateForms
  terms: {
    edition: string
    noDate: string
    inPress: string
    page: readonly [string, string]
    [term: string]: string | readonly string[]
  }
  /** Bracketed descriptions and the words that stand for genres, by kind. */
  descriptions: Record<string, string>
  /** How a username follows its owner's name in the list. */
  username?: string
  /** What is left out when the author is also the publisher, or the site. */
  sameMaker: { publisher: 'keep' | 'publisher' | 'author', site: 'keep' | 'site' | 'author' }
  shorten: { journals: boolean, universities?: 'Univ.' | 'U', proceedings?: 'words' | 'proc', ampersand?: string }
  url: { scheme: boolean, doi: string }
  /** The encyclopedias whose titles are books and cased as such even online. */
  onlineReferenceAsBook?: boolean
  /** The credit under something reproduced, where the style has a pattern for it. */
  caption?: string
  options: Record<string, boolean>
  frame: string
  noteFrame?: string
  parts: Record<string, string>
  kinds: Record<string, Layout>
  /** One sentence a rule, with the manual's section. */
  rules: Record<string, Rule>
}
