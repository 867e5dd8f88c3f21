/**
 * The values a template can name. Each gives the atoms it prints, none when the source has nothing to print there.
 *
 * Values: every field of core/source/fields.ts by its name, and the derived ones below (lead, date, year, link …).
 * Filters after a colon choose a form: a name form for people, a date form for dates, "asgiven" for titles.
 */
import { FIELDS, type FieldName } from '../source/fields'
import { KINDS, kindOf } from '../source/kinds'
import { dateOf, namesOf, textOf, type Source } from '../source/model'
import { sameName, type Name } from '../source/names'
import type { DatePoint, SourceDate } from '../source/dates'
import { isPlural, setRange } from '../text/ranges'
import { ordinal } from '../text/numbers'
import { abbreviateJournal, abbreviateProceedings, shortenPublisher } from '../text/abbreviations'
import type { CapitalRule } from '../text/capitals'
import type { Locator } from '../source/locators'
import type { Layout, NameForm, Style } from '../styles/types'
import type { Atom } from './line'
import { setNames } from './names'
import { chicagoShort, setTitle } from './titles'

/** What a template is rendered for. */
export interface Context {
  style: Style
  source: Source
  layout: Layout
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
  /** Cited before in this paper. */
  later?: boolean
  /** Collected on the way: capitals that could not be decided. */
  unsure?: Set<string>
}

/** Where in the template a value stands. */
export interface Place { italic: boolean, quoted: number }

export type Value = (context: Context, filters: readonly string[], place: Place) => Atom[]

const atom = (context: Context, field: FieldName | undefined, text: string, ...rules: string[]): Atom[] =>
  text ? [{ text: field === 'url' || field === 'doi' ? text : text.replace(/(?<=\p{L})'/gu, '’'), part: field ? FIELDS[field].question : 'glue', ...(field ? { field } : {}), rules: [...rules, ...(field && context.style.rules[field] ? [field] : [])] }] : []

export const form = (style: Style, id: string): NameForm => style.names[id] ?? fail(`no name form ${id} in ${style.id}`)
const fail = (message: string): never => { throw new Error(message) }

/** The roles that lead this source's entry in this style. */
export const leadRoles = (context: Pick<Context, 'source' | 'layout'>): readonly FieldName[] => context.layout.lead ?? kindOf(context.source.kind).lead

/** The role that leads, and its names; none when a title or stand-in must lead. */
export function leader(context: Context): { role: FieldName, names: readonly Name[] } | undefined {
  for (const role of leadRoles(context)) {
    const names = namesOf(context.source, role)
    if (!names.length) continue
    if (role === 'author' && dropsAuthor(context)) return undefined
    return { role, names }
  }
  return undefined
}

const isGroupNamed = (context: Context, text: string): boolean => {
  const names = namesOf(context.source, 'author')
  return Boolean(text) && names.length === 1 && names[0]!.literal?.trim().toLowerCase() === text.toLowerCase()
}
const isSite = (context: Context): boolean => kindOf(context.source.kind).inside === 'site'
function dropsAuthor(context: Context): boolean {
  const { sameMaker } = context.style
  if (sameMaker.publisher === 'author' && kindOf(context.source.kind).whole && isGroupNamed(context, textOf(context.source, 'publisher'))) return true
  return sameMaker.site === 'author' && isSite(context) && isGroupNamed(context, textOf(context.source, 'container'))
}

const text = (field: FieldName): Value => context => atom(context, field, textOf(context.source, field))

/** How capitals are set in a title standing in this place. */
export function capitalsFor(context: Context, field: FieldName, place: Place, filters: readonly string[]): CapitalRule {
  const { capitals } = context.style
  const kind = kindOf(context.source.kind)
  if (filters.includes('asgiven')) return { style: 'as-given' }
  if (filters.includes('headline')) return context.style.citation.standInCapitals ?? capitals.italic
  // A title in another language follows that language's own capitals (APA 7, 9.38; Chicago 18, 11.8).
  const language = textOf(context.source, 'language').toLowerCase()
  if (language && !/^(?:en\b|eng|english)/u.test(language) && field !== 'titleTranslated') return { style: 'as-given' }
  if (field === 'title' && kind.plainTitle && !filters.includes('cased')) return { style: 'as-given' }
  if (field === 'container') {
    // An official name: a journal (it has issues), a newspaper, a site, a show; reference works online in most styles.
    const reference = kind.inside === 'reference' && textOf(context.source, 'url') !== '' && !context.style.onlineReferenceAsBook
    const official = kind.officialContainer || reference || textOf(context.source, 'issue') !== ''
    if (official) return capitals.container ?? { style: 'as-given' }
  }
  return place.italic ? capitals.italic : place.quoted ? capitals.quoted : capitals.roman
}

const title = (field: FieldName, value?: (context: Context) => string): Value => (context, filters, place) => {
  const raw = value ? value(context) : textOf(context.source, field)
  if (!raw) return []
  const set = setTitle(raw, { style: context.style, field, quoted: place.quoted, italic: place.italic, capitals: capitalsFor(context, field, place, filters) })
  set.unsure.forEach(word => context.unsure?.add(word))
  if (filters.includes('lower')) set.atoms[0]!.text = set.atoms[0]!.text.replace(/^\p{Lu}(?=\p{Ll}|\s)/u, c => c.toLowerCase())
  const translated = field === 'title' && !value ? textOf(context.source, 'titleTranslated') : ''
  if (translated) {
    const inEnglish = setTitle(translated, { style: context.style, field: 'titleTranslated', quoted: place.quoted, italic: false, capitals: context.style.capitals.roman })
    set.atoms.push({ text: ' [', part: 'glue', rules: [], italic: false }, ...inEnglish.atoms.map(a => ({ ...a, italic: false })), { text: ']', part: 'glue', rules: [], italic: false })
  }
  const own = context.style.rules[field]
  return own ? set.atoms.map(a => ({ ...a, rules: [...a.rules, field] })) : set.atoms
}

const container: Value = (context, filters, place) => {
  const full = textOf(context.source, 'container')
  if (!full || (isSite(context) && context.style.sameMaker.site === 'site' && isGroupNamed(context, full))) return []
  const { shorten } = context.style
  const { inside } = kindOf(context.source.kind)
  if (shorten.journals && inside === 'periodical') {
    const short = textOf(context.source, 'containerShort') || abbreviateJournal(full)
    return atom(context, 'container', context.style.options.bareAbbreviations ? short.replace(/\./gu, '') : short, 'container.abbreviated')
  }
  if (shorten.proceedings && inside === 'proceedings') return atom(context, 'container', abbreviateProceedings(full, shorten.proceedings), 'container.abbreviated')
  const set = title('container')(context, filters, place)
  if (filters.includes('nothe') && set[0]) set[0].text = set[0].text.replace(/^The (?=\p{Lu})/u, '')
  if (shorten.ampersand) set.forEach(a => (a.text = a.text.replace(/ & /gu, ` ${shorten.ampersand} `)))
  return set
}

const publisher: Value = (context) => {
  const name = textOf(context.source, 'publisher')
  if (!name || (context.style.sameMaker.publisher === 'publisher' && isGroupNamed(context, name))) return []
  const university = context.style.shorten.universities ?? (context.style.options.shortUniversities && /\bUniversity\b/u.test(name) ? 'Univ.' : undefined)
  return atom(context, 'publisher', university ? shortenPublisher(name, university) : name, ...(university ? ['publisher.shortened'] : []))
}

// Dates ------------------------------------------------------------------------------------------------------------

function setPoint(p: DatePoint, season: number | undefined, style: Style, formName: string): string {
  const forms = style.dates.forms[formName] ?? style.dates.forms.date!
  const pattern = p.day ? forms.day : p.month || season ? forms.month : forms.year
  const year = p.year < 0 ? `${-p.year}${style.dates.bce}` : String(p.year)
  return pattern.replace('{year}', year).replace('{day}', String(p.day ?? ''))
    .replace('{dd}', String(p.day ?? '').padStart(2, '0')).replace('{mm}', String(p.month ?? '').padStart(2, '0'))
    .replace('{Month}', p.month ? FULL_MONTHS[p.month - 1]! : season ? style.dates.seasons[season - 1]! : '')
    .replace('{month}', p.month ? style.dates.months[p.month - 1]! : season ? style.dates.seasons[season - 1]! : '')
}
const FULL_MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December']

/** A date in one of the style's forms, ranges and rough dates included. */
export function setDate(date: SourceDate, style: Style, formName: string): string {
  if (!date.start) return date.literal ?? ''
  const from = setPoint(date.start, date.season, style, formName)
  if (!from) return ''
  const rough = date.circa ? style.dates.circa : ''
  if (!date.end) return rough + from
  return rough + joinRange(from, setPoint(date.end, undefined, style, formName), style.dates.range)
}

/** "March 3, 2020" and "March 5, 2020": March 3–5, 2020; whole years side by side. */
function joinRange(from: string, to: string, dash: string): string {
  if (!to || from === to) return from
  const a = from.split(/(?<=\s)/u)
  const b = to.split(/(?<=\s)/u)
  let head = 0
  while (head < a.length && head < b.length && a[head] === b[head]) head++
  let last = 0
  while (last < a.length - head && last < b.length - head && a.at(-1 - last) === b.at(-1 - last)) last++
  // The comma or space that both share stays with the tail: "3, 2020" / "5, 2020".
  const first = a.slice(head, a.length - last).join('').trimEnd()
  const second = b.slice(head, b.length - last).join('')
  const shared = /^(.*?)([,.]?)$/u.exec(first)!
  return a.slice(0, head).join('') + shared[1]! + dash + second + a.slice(a.length - last).join('')
}

const status = (context: Context): boolean => !dateOf(context.source, 'issued') && /press|forthcoming|accepted|to be published/iu.test(textOf(context.source, 'status'))
export const isDated = (source: Source): boolean => Boolean(dateOf(source, 'issued'))

const letter = (context: Context, dated: boolean): Atom[] =>
  context.yearLetter ? [{ text: `${dated ? '' : context.style.citation.noYearLetter ?? ''}${context.yearLetter}`, part: 'when', field: 'issued', rules: ['year.letter'] }] : []

/** The date of publication, or what the style prints for none. */
const date = (formName: string): Value => (context, filters) => {
  const issued = dateOf(context.source, 'issued')
  const chosen = filters[0] ?? (formName === 'date' ? context.layout.dateForm ?? (context.layout.yearOnly ? 'year' : 'date') : formName)
  if (issued) {
    const set = setDate(issued, context.style, chosen)
    const year = issued.start && !issued.end ? String(Math.abs(issued.start.year)) : ''
    if (context.yearLetter && year && set.includes(year)) {
      const cut = set.indexOf(year) + year.length
      return [...atom(context, 'issued', set.slice(0, cut), 'date'), ...letter(context, true), ...atom(context, 'issued', set.slice(cut), 'date')]
    }
    return set ? [...atom(context, 'issued', set, 'date'), ...(chosen === 'monthday' ? [] : letter(context, true))] : []
  }
  if (chosen === 'monthday') return []
  if (status(context)) return [...atom(context, 'status', context.style.terms.inPress, 'date.inpress').map(a => ({ ...a, sentence: true })), ...letter(context, false)]
  return []
}

const accessed: Value = (context, filters) => {
  const when = dateOf(context.source, 'accessed')
  return when && !isDated(context.source) ? atom(context, 'accessed', setDate(when, context.style, filters[0] ?? 'accessed'), 'date.accessed') : []
}

const original: Value = (context, filters) => {
  const when = dateOf(context.source, 'originalDate')
  return when ? atom(context, 'originalDate', setDate(when, context.style, filters[0] ?? 'year'), 'date.original') : []
}

// Numbers ----------------------------------------------------------------------------------------------------------

const edition: Value = (context) => {
  const raw = textOf(context.source, 'edition')
  if (!raw) return []
  const number = /^(\d+)(?:st|nd|rd|th)?\.?\s*(?:ed(?:n|ition)?\.?)?$/iu.exec(raw)
  const term = context.style.terms.edition
  if (number) return Number(number[1]) === 1 ? [] : atom(context, 'edition', `${ordinal(Number(number[1]))} ${term}`, 'edition')
  const words = raw.replace(/\bedition\b|\bedn?\b\.?/giu, '').trim()
  const wordNumber = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'].indexOf(words.toLowerCase())
  if (wordNumber === 0) return []
  if (wordNumber > 0) return atom(context, 'edition', `${ordinal(wordNumber + 1)} ${term}`, 'edition')
  const short = words.replace(/^revised$/iu, 'Rev.').replace(/^revised and enlarged$/iu, 'Rev. and enl.').replace(/^(\d+\w*),? revised$/iu, '$1 rev.')
  // "Rev. ed." where it begins a sentence or stands in parentheses, "rev. ed." after a comma.
  const set = context.style.options.capitalEdition ? short : short.replace(/^(?:Rev|Revised|Enlarged|New|Abridged|International)\b/u, w => w.toLowerCase())
  return [{ text: `${set} ${term}`, part: 'what', field: 'edition', rules: ['edition'], sentence: true }]
}

const pages: Value = (context) => {
  const raw = textOf(context.source, 'pages')
  return raw ? atom(context, 'pages', setRange(raw, context.style.ranges.pages, context.style.dash), 'pages.range') : []
}
/** "p." or "pp." before the pages. */
const pageWord: Value = (context) => {
  const raw = textOf(context.source, 'pages')
  if (!raw) return []
  const [one, many] = context.style.terms.page
  return [...atom(context, undefined, isPlural(raw) ? many : one), ...pages(context, [], { italic: false, quoted: 0 })]
}

/** An article number: a number or page field that is no page ("e0417"). */
const articleNumber: Value = context => textOf(context.source, 'pages') ? [] : atom(context, 'number', textOf(context.source, 'number').replace(/^(?:article|art\.? no\.?)\s*/iu, ''))

const number = (field: FieldName, strip: RegExp): Value => context => atom(context, field, textOf(context.source, field).replace(strip, ''))

// Where ------------------------------------------------------------------------------------------------------------

/** Any spelling of a DOI reduced to 10.… */
export const bareDoi = (doi: string): string => doi.trim().replace(/^(?:https?:\/\/)?(?:dx\.|www\.)?doi\.org\//iu, '').replace(/^doi:?\s*/iu, '').replace(/^info:doi\//iu, '').replace(/[.,;]$/u, '')

const doi: Value = context => atom(context, 'doi', textOf(context.source, 'doi') && context.style.url.doi.replace('{doi}', bareDoi(textOf(context.source, 'doi'))), 'link.doi')
const url: Value = (context) => {
  const raw = textOf(context.source, 'url').replace(/\s+/gu, '')
  if (!raw || textOf(context.source, 'doi')) return []
  const asDoi = /^https?:\/\/(?:dx\.)?doi\.org\//iu.test(raw)
  if (asDoi) return atom(context, 'url', context.style.url.doi.replace('{doi}', bareDoi(raw)), 'link.doi')
  return atom(context, 'url', context.style.url.scheme ? raw : raw.replace(/^https?:\/\//iu, '').replace(/\/$/u, ''), 'link.url')
}

// Who --------------------------------------------------------------------------------------------------------------

const people = (field: FieldName): Value => (context, filters) => {
  const names = namesOf(context.source, field)
  if (!names.length) return []
  return setNames(names, form(context.style, filters[0] ?? 'inline'), { field, ...(context.abbreviate ? { abbreviate: context.abbreviate } : {}) })
}

const lead: Value = (context, filters) => {
  const who = leader(context)
  if (!who) return []
  const options = { field: who.role, ...(context.style.username && ['lead', 'note'].includes(filters[0] ?? 'lead') ? { username: context.style.username } : {}), ...(context.atLeast ? { atLeast: context.atLeast } : {}), ...(context.abbreviate ? { abbreviate: context.abbreviate } : {}) }
  const apart = context.tellApart && filters[0] === 'short' ? context.style.citation.sameSurname?.names : undefined
  const set = setNames(who.names, form(context.style, apart ?? filters[0] ?? 'lead'), options)
  const words = context.style.roles[leadLabelKey(context, who.role)]?.label
  if (who.role === 'author' ? !context.style.roles[`${context.source.kind}.author`]?.label : !words) return set
  const label = (words ?? context.style.roles[`${context.source.kind}.author`]!.label!)[who.names.length > 1 ? 1 : 0]
  if (filters.includes('bare') || !label) return set
  const [before, after] = context.style.leadLabel.split('{label}')
  return [...set, ...atom(context, undefined, before!), { text: label, part: 'who', field: who.role, rules: ['role'] }, ...atom(context, undefined, after!)]
}
const leadLabelKey = (context: Context, role: FieldName): string => context.style.roles[`${context.source.kind}.${role}`] ? `${context.source.kind}.${role}` : role

/** The other makers of the work with their roles, those in one hand together ("edited and translated by"). */
const makers = (set: string): Value => (context) => {
  const rules = context.style.makers[set]
  if (!rules) return []
  const led = leader(context)?.role
  const groups: { roles: FieldName[], names: readonly Name[] }[] = []
  for (const role of kindOf(context.source.kind).makers) {
    const names = namesOf(context.source, role)
    if (!names.length || role === led || !context.style.roles[role]) continue
    const same = groups.find(g => g.names.length === names.length && g.names.every((n, i) => sameName(n, names[i]!)))
    if (same) same.roles.push(role)
    else groups.push({ roles: [role], names })
  }
  const out: Atom[] = []
  groups.forEach(({ roles, names }, i) => {
    if (i) out.push(...atom(context, undefined, rules.between))
    const words = roles.map(role => context.style.roles[`${set}.${role}`] ?? context.style.roles[role]!)
    const label = words.map(w => w.label?.[names.length > 1 ? 1 : 0] ?? '').filter(Boolean).join(' & ')
    const verb = joinVerbs(words.map(w => w.verb ?? '').filter(Boolean))
    for (const piece of rules.pattern.split(/(\{names\}|\{label\}|\{verb\})/u)) {
      if (piece === '{names}') out.push(...setNames(names, form(context.style, rules.form), { field: roles[0]! }))
      else if (piece === '{label}' || piece === '{verb}') out.push({ text: piece === '{label}' ? label : verb, part: 'who', field: roles[0]!, rules: ['role'], sentence: piece === '{verb}' })
      else out.push(...atom(context, undefined, piece))
    }
  })
  return out
}
/** "edited by" and "translated by": "edited and translated by". */
const joinVerbs = (verbs: readonly string[]): string =>
  verbs.length < 2 ? verbs[0] ?? '' : `${verbs.slice(0, -1).map(v => v.replace(/ by$/u, '')).join(', ')} and ${verbs.at(-1)!}`

// Words ------------------------------------------------------------------------------------------------------------

/** The description a style prints for this kind, or the source's own words for what it is. */
const description: Value = (context) => {
  const { descriptions } = context.style
  const own = textOf(context.source, 'genre')
  const kind = context.source.kind
  // The source's own word for what it is, where the style has a word for that; a kind's name is no such word.
  const word = own.toLowerCase().replace(/'/gu, '’')
  const byWord = own ? descriptions[`${kind}:${word}`] ?? (word in KINDS ? undefined : descriptions[word]) : undefined
  const byKind = descriptions[kind]
  const words = byWord ?? (byKind === 'genre' ? own : byKind === 'medium' ? textOf(context.source, 'medium') : byKind?.startsWith('medium|') ? textOf(context.source, 'medium') || byKind.slice(7) : byKind?.startsWith('genre|') ? own || byKind.slice(6) : byKind) ?? ''
  const field: FieldName = byKind?.startsWith('medium') ? 'medium' : 'genre'
  return words ? [{ text: words.replace(/(?<=\p{L})'/gu, '’'), part: 'what', field, rules: ['description'], sentence: /^\p{Ll}/u.test(words) }] : []
}

const locator: Value = (context) => {
  if (!context.locator) return []
  const { label, place } = context.locator
  const [one, many] = context.style.citation.locators[label]
  const word = isPlural(place) ? many : one
  const set = label === 'timestamp' || label === 'act' ? place.replace(/-/gu, '–') : setRange(place, context.style.ranges.locators, context.style.dash)
  if (label === 'act' && word === 'words') return [{ text: actInWords(place), part: 'where', rules: ['locator'] }]
  return [{ text: word + set, part: 'where', rules: ['locator'] }]
}
const actInWords = (place: string): string => {
  const parts = place.split('.')
  return parts.map((n, i) => `${['act', 'scene', parts.length > 2 ? 'line' : 'line'][i] ?? ''} ${n}`.trim()).join(', ')
}

const letterSubject = (field: FieldName): Value => (context) => {
  const raw = textOf(context.source, field)
  return raw ? atom(context, field, raw.replace(/^\p{Lu}(?=\p{Ll})/u, c => c.toLowerCase())) : []
}
/** A patent's number without its country, and the country: "US 9,999,321". */
const country = /^([A-Z]{2})\s*(?=\d)/u
const patentCountry: Value = (context, filters) => {
  const found = country.exec(textOf(context.source, 'number'))?.[1]
  return found ? atom(context, 'number', filters.includes('dotted') && found === 'US' ? 'U.S.' : found) : []
}
const patentNumber: Value = (context, filters) => {
  const bare = textOf(context.source, 'number').replace(country, '')
  return atom(context, 'number', filters.includes('spaced') ? bare.replace(/,/gu, ' ') : bare)
}

/** The publisher where it is neither the author nor the site. */
const otherPublisher: Value = (context, filters, place) =>
  textOf(context.source, 'publisher').toLowerCase() === textOf(context.source, 'container').toLowerCase() || isGroupNamed(context, textOf(context.source, 'publisher'))
    ? [] : publisher(context, filters, place)

/** "A4" as section and page (Citing Medicine 2, chapter 8). */
const sectionPage: Value = (context) => {
  const raw = textOf(context.source, 'pages')
  const section = /^([A-Z]+)(\d+.*)$/u.exec(raw)
  return raw ? atom(context, 'pages', section ? `Sect. ${section[1]!}:${setRange(section[2]!.replaceAll(section[1]!, ''), context.style.ranges.pages, context.style.dash)}` : raw) : []
}

/** Every maker who is not the author, editors included where they would else lead (ACS puts them after the title). */
const allMakers: Value = context => makers('makers')(context, [], { italic: false, quoted: 0 })

/** Leading names as a book has them: no stop before the title when a role in parentheses ends them. */
const leadBook: Value = (context, filters, place) => {
  const set = lead(context, filters, place)
  if (!set.length) return []
  return /\)$/u.test(set.at(-1)!.text) ? set : [...set, ...(/\.$/u.test(set.at(-1)!.text) ? [] : atom(context, undefined, '.'))]
}

/** The publisher is the author, in print: some styles say "Author" for it. */
const selfPublished: Value = context => isGroupNamed(context, textOf(context.source, 'publisher')) && !textOf(context.source, 'url') && !textOf(context.source, 'doi')
  ? atom(context, 'publisher', 'Author') : []

const DERIVED: Record<string, Value> = {
  lead, doi, url, edition, pages, accessed, container, publisher, locator, description,
  'date': date('date'), 'year': date('year'), 'monthday': date('monthday'),
  'first': original,
  'inside.makers': makers('inside'), 'makers': makers('makers'), 'note.makers': makers('note'),
  'pp': pageWord,
  'article': articleNumber,
  'title': title('title'),
  'short': title('title', context => textOf(context.source, 'titleShort') || chicagoShort(textOf(context.source, 'title'))),
  'reviewedTitle': title('reviewedTitle'),
  'series': title('series'),
  'volumeTitle': title('volumeTitle'),
  'event': text('event'),
  'volume': number('volume', /^vol(?:ume|\.)?\s*/iu),
  'issue': number('issue', /^(?:no|nr|issue)\.?\s+/iu),
  'number': number('number', /^(?:no|nr)\.?\s+/iu),
  'version': number('version', /^(?:version|v\.?|ver\.)\s*(?=\d)/iu),
  sectionPage, allMakers,
  'publisher.self': selfPublished,
  'lead.book': leadBook,
  'description.lower': (context, filters, place) => description(context, filters, place).map(a => ({ ...a, text: a.text.replace(/^\p{Lu}(?=\p{Ll})/u, c => c.toLowerCase()), sentence: false })),
  'number.country': patentCountry,
  'number.bare': patentNumber,
  'publisher.other': otherPublisher,
  'authority.plain': context => atom(context, 'authority', textOf(context.source, 'authority').replace(/\b(?:[A-Z]\.){2,}/gu, m => m.replace(/\./gu, ''))),
  'title.lower': letterSubject('title'),
  'genre.lower': letterSubject('genre'),
  'medium.lower': letterSubject('medium'),
  'archiveLocation.lower': letterSubject('archiveLocation'),
  'archiveLocation.caps': context => atom(context, 'archiveLocation', textOf(context.source, 'archiveLocation').replace(/(^|,\s*)(\p{Ll})/gu, (_, a: string, b: string) => a + b.toUpperCase())),
}

export const isValue = (name: string): boolean => name in DERIVED || name in FIELDS

/** The value a template names; throws for a name that is none (a fault of the style's file). */
export function valueOf(name: string): Value {
  const derived = DERIVED[name]
  if (derived) return derived
  if (name in FIELDS) {
    const field = name as FieldName
    return FIELDS[field].type === 'names' ? people(field) : FIELDS[field].type === 'date'
      ? (context, filters) => { const d = dateOf(context.source, field); return d ? atom(context, field, setDate(d, context.style, filters[0] ?? 'date')) : [] }
      : text(field)
  }
  return fail(`no value {${name}}`)
}

/** What a value prints when it has nothing and the template insists: the words for no date. */
export function fallbackOf(name: string, context: Context): Atom[] {
  if (!['date', 'year'].includes(name)) return []
  const words = context.style.terms.noDate
  return words ? [{ text: words, part: 'when', field: 'issued', rules: ['date.none'] }, ...letter(context, false)] : []
}
