/**
 * A work: what a style has to know of one source, read from its fields once. Who leads it, its date, what it is in; and,
 * when first asked for, its titles as they are set and what it files under.
 */
import { peopleOf } from '../source/facts'
import type { FieldName, FieldOf } from '../source/fields'
import type { SourceDate } from '../source/dates'
import type { TitleWords } from '../text/capitals'
import { foldWords } from '../text/filing'
import { FRONT_MATTER_ALONE } from '../text/lists/front-matter'
import { kindOf, type Kind } from '../source/kinds'
import type { Source } from '../source/model'
import { readName, sameNames, type Name } from '../source/names'
import { cleanTexts } from '../source/values'
import { dateOfIssue } from '../source/values/numbers'
import { reviewed } from '../source/values/titles'
import { withoutSiteBehind } from '../text/site-name'
import type { Locator } from '../source/locators'
import { readPatent, type PatentNumber } from '../source/patents'
import type { Layout, Style } from '../styles/schema'
import type { Run } from '../text/runs'
import type { Atom } from './line'
import type { Printer } from './printer'
import type { SetTitle } from './titles'

/** What a printed thing is told beside the work itself: what the paper around it asks for. */
export interface Telling {
  /** Letter after the year. */
  yearLetter?: string
  locator?: Locator
  /** First names shown before et al., where more are needed. */
  atLeast?: number
  abbreviate?: ReadonlySet<string>
  /** Groups whose abbreviation is given here for the first time. */
  introduce?: ReadonlySet<string>
  /** Use given names where the style tells authors of one surname apart. */
  tellApart?: boolean
  /** Its author has other works in this paper. */
  needsTitle?: boolean
  /** Cited before in this paper. */
  later?: boolean
  /** Collected on the way: capitals that could not be decided. */
  unsure?: Set<string>
}
export const NOTHING_TOLD: Telling = {}

/** A list entry, and the words of its titles whose capital could not be decided. */
export interface SetEntry { runs: Run[], unsure: readonly string[] }

/** A kind as a style sets it: its row, its layout, and the layout's printers. */
export interface KindSetting {
  readonly style: Style
  readonly id: Source['kind']
  readonly row: Kind
  readonly layout: Layout
  /** Roles that can lead its entry. */
  readonly lead: readonly FieldOf<'names'>[]
  /** The printer of a template of the layout or of the style; made at its first use. */
  print: (template: string) => Printer
  /** The whole entry. */
  readonly entry: Printer
}

export class Work {
  private readonly texts: Partial<Record<FieldName, string>> = {}
  private readonly people: Partial<Record<FieldName, readonly Name[]>>
  private readonly dates: Partial<Record<FieldName, SourceDate>> = {}
  /** The role that leads, and its names; none when a title or stand-in must lead. */
  readonly lead: Lead | undefined
  readonly issued: SourceDate | undefined
  /** Without a date, and said to be on its way to print. */
  readonly inPress: boolean
  /** Its title is in another language than English. */
  readonly foreign: boolean
  /** Groups among its authors that have an abbreviation. */
  readonly abbreviated: readonly string[]
  /** The author's name in small letters where the author is one group. */
  private readonly group: string
  /** The role that its author is taken for, where that is another. */
  private readonly inAuthor: FieldName | undefined
  /** Titles set so far, by the number of their setting (titles.ts). */
  readonly titles: (SetTitle | undefined)[] = []
  /** Its list entry, and its author in the text, as they are when nothing else has to be told. */
  entry: SetEntry | undefined
  inSentence: Atom[] | undefined
  inParentheses: Atom[] | undefined
  /** What it files under (order.ts). */
  filing: readonly (string | number)[] | undefined
  /** What else was computed of it once and is asked for again (a form told apart, a short title). */
  private kept: Map<string, unknown> | undefined

  /** @param words who decides the capitals of its titles */
  constructor(readonly kind: KindSetting, readonly source: Source, readonly words: TitleWords) {
    const fields = source.fields as Record<FieldName, string | readonly Name[] | SourceDate | undefined>
    for (const name of Object.keys(fields) as FieldName[]) {
      const value = fields[name]
      if (typeof value === 'string') {
        const text = value.trim()
        if (text) this.texts[name] = text
      }
      else if (isDate(value)) this.dates[name] = value
    }
    if (source.kind !== kind.id) this.texts.genre ??= kindOf(source.kind).givenAs?.genre ?? ''
    cleanTexts(this.texts, kind.row)
    const { names, inAuthor } = peopleOf(kind.row, source.fields)
    this.people = names
    this.inAuthor = inAuthor
    this.cleanTitle()
    const { namedByGenre, patented } = kind.row
    if (namedByGenre && this.texts.title && FRONT_MATTER_ALONE.test(this.texts.title)) {
      this.texts.genre ??= this.texts.title
      delete this.texts.title
    }
    // "Letter to the editor" is said once.
    else if (this.texts.genre && this.texts.title && foldWords(this.texts.genre) === foldWords(this.texts.title)) delete this.texts.genre
    this.fullNames()
    if (patented && /patent/iu.test(this.texts.number ?? '')) {
      const { country, bare } = readPatent(this.texts.number!, this.texts.authority)
      this.texts.number = country ? `${country} ${bare}` : bare
    }
    const authors = this.people.author
    this.group = authors?.length === 1 ? authors[0]!.literal?.trim().toLowerCase() ?? '' : ''
    this.abbreviated = authors?.some((name) => name.short)
      ? authors.filter((name) => name.literal && name.short).map((name) => name.literal!)
      : NO_GROUPS
    const { issued } = this.dates
    // A date in words that is none says how far it has come.
    if (issued && !issued.start && issued.literal && ON_ITS_WAY.test(issued.literal) && issued.literal.length < 40) {
      this.texts.status ??= issued.literal
      delete this.dates.issued
    }
    this.issued = this.dates.issued
    const year = this.issued?.start?.year
    const ofIssue = this.texts.issue && year !== undefined ? dateOfIssue(this.texts.issue, year) : undefined
    if (ofIssue) {
      delete this.texts.issue
      if (!this.issued!.season && !this.issued!.start!.month) this.issued = this.dates.issued = ofIssue
    }
    this.inPress = !this.issued && this.texts.status !== undefined && ON_ITS_WAY.test(this.texts.status)
    const language = this.texts.language
    this.foreign = language !== undefined && !/^(?:en\b|eng|english)/iu.test(language)
    this.lead = this.leader()
  }

  text(name: FieldName): string { return this.texts[name] ?? '' }
  names(name: FieldName): readonly Name[] { return this.people[name] ?? NOBODY }
  date(name: FieldOf<'date'>): SourceDate | undefined { return this.dates[name] }
  /** The field that the names of a role were given in. */
  fieldOf(role: FieldName): FieldName { return role === this.inAuthor ? 'author' : role }
  has(name: FieldName): boolean { return (this.texts[name] ?? this.people[name] ?? this.dates[name]) !== undefined }

  get dated(): boolean { return this.issued !== undefined }
  /** Whether it stands in the list: a private communication does not, unless it can be found after all. */
  get listed(): boolean {
    const { unlisted } = this.kind.layout
    return !unlisted || (unlisted.unless?.some(field => this.has(field)) ?? false)
  }

  /** Whether its title ends in its year: then a statute is dated by it. */
  get yeared(): boolean {
    const year = this.issued?.start?.year
    return year !== undefined && this.text('title').endsWith(String(year))
  }

  get datedByTitle(): boolean { return this.kind.row.datedByTitle === true && !this.lead && this.yeared }

  /** Whether the author is a group of this name. */
  isAuthor(name: string): boolean { return name !== '' && this.group !== '' && name.toLowerCase() === this.group }
  /** A patent's number, and the country of the office that gave it. */
  get patent(): PatentNumber { return this.keep('patent', () => readPatent(this.text('number'), this.text('authority'))) }

  /** What is worth computing once: the first call computes. */
  keep<T>(key: string, make: () => T): T {
    const all = this.kept ??= new Map<string, unknown>()
    if (all.has(key)) return all.get(key) as T
    const made = make()
    all.set(key, made)
    return made
  }

  private leader(): Work['lead'] {
    for (const role of this.kind.lead) {
      const names = this.people[role]
      if (!names) continue
      if (role === 'author' && this.dropsAuthor()) return undefined
      return this.kind.layout.leadTogether ? this.together() : { role, names }
    }
    return undefined
  }

  /** Every role that can lead leads, those in one hand together. */
  private together(): Lead {
    const groups: LeadGroup[] = []
    for (const role of this.kind.lead) {
      const names = this.people[role]
      if (!names) continue
      const same = groups.find(group => sameNames(group.names, names))
      if (same) same.roles.push(role)
      else groups.push({ roles: [role], names })
    }
    return { role: groups[0]!.roles[0]!, names: groups.flatMap(group => group.names), groups }
  }

  /** A title without the name of the site behind it; the title of a review that has none of its own. */
  private cleanTitle(): void {
    const { title, container, publisher } = this.texts
    if (!title) return
    const group = this.people.author?.length === 1 ? this.people.author[0]!.literal ?? '' : ''
    let bare = title
    for (const site of [container, publisher, group]) if (site) bare = withoutSiteBehind(bare, site)
    this.texts.title = bare
    const of = this.kind.row.reviewing && !this.texts.reviewedTitle ? reviewed(bare) : undefined
    if (!of) return
    this.texts.reviewedTitle = of.title
    if (of.by && !this.people.reviewedAuthor) this.people.reviewedAuthor = [readName(of.by)]
    delete this.texts.title
  }

  /** A publisher or site that goes by the abbreviation of its author is its author. */
  private fullNames(): void {
    for (const { literal, short } of this.people.author ?? NOBODY) {
      if (!literal || !short) continue
      for (const field of ['publisher', 'container'] as const) if (this.texts[field] === short) this.texts[field] = literal
    }
  }

  /** A group that is also the publisher or the site gives way where the style says so. */
  private dropsAuthor(): boolean {
    const { sameMaker } = this.kind.style
    if (sameMaker.publisher === 'author' && this.kind.row.whole && this.isAuthor(this.text('publisher'))) return true
    return sameMaker.site === 'author' && this.kind.row.inside === 'site' && this.isAuthor(this.text('container'))
  }
}

const isDate = (value: unknown): value is SourceDate =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && Boolean((value as SourceDate).start ?? (value as SourceDate).literal)

interface LeadGroup { roles: FieldOf<'names'>[], names: readonly Name[] }
/** Who leads: the role that decides, all the names; where several roles lead together, each with its names. */
export interface Lead { role: FieldName, names: readonly Name[], groups?: readonly LeadGroup[] }

/** What is on its way to print; what is only written or sent in is not. */
const ON_ITS_WAY = /\b(?:press|forthcoming|accepted|to be published|to appear)\b/iu
const NOBODY: readonly Name[] = []
const NO_GROUPS: readonly string[] = []
/** What a printer leaves in a line of its own. */
export function printed(printer: Printer, work: Work, telling: Telling = NOTHING_TOLD): Atom[] {
  const out: Atom[] = []
  printer(work, telling, out)
  return out
}
