/**
 * BibTeX in and out. What Dendle has no field for travels with the source and is written again.
 * Source: Patashnik, BibTeXing (1988); Kime, Wemheuer and Lehman, The biblatex Package, 2.2 (entry fields).
 */
import { FIELDS, RICH_FIELDS, FIELD_NAMES, type FieldName } from '../../source/fields'
import { isKind, kindOf, type KindId } from '../../source/kinds'
import { MONTHS, readDate, type DatePoint, type SourceDate } from '../../source/dates'
import type { Fields, Source } from '../../source/model'
import type { Name } from '../../source/names'
import { parseBibtex, type BibEntry } from './parse'
import { BIBTEX, SEASON, type Dialect } from './dialects'
import { NAME_KEYS, PLAIN_FIELDS, TYPE_KINDS, VERBATIM } from './types'
import { readBibNames, writeBibNames } from './names'
import { fromLatex, toLatex } from '../tex/latex'
import { allFrom, type Intake, type Problem, type Progress, type Proposal } from '../proposal'
import { tidyDoi } from '../identifiers'
import { rowOf } from '../../text/lookup'

/** Reads a BibTeX file into proposals; broken entries are named with their line and kept as far as they could be read. */
export function readBibtex(text: string, progress?: Progress): Intake {
  const { entries, problems } = parseBibtex(text, progress && (done => progress(done * 0.5)))
  const byKey = new Map(entries.map(entry => [entry.key.toLowerCase(), entry]))
  const seen = new Set<string>()
  const proposals = entries.map((entry, i) => {
    if (progress && i % 500 === 0) progress(0.5 + (0.5 * i) / entries.length)
    if (entry.key && seen.has(entry.key))
      problems.push({ where: `line ${entry.line}`, what: `the key ${entry.key} is used twice; both are kept.` })
    seen.add(entry.key)
    return toProposal(entry, inherit(entry, byKey, problems))
  })
  return { proposals, problems }
}

/** What a part takes from the whole it refers to: its title becomes the container's. */
function inherit(entry: BibEntry, byKey: ReadonlyMap<string, BibEntry>, problems: Problem[]): ReadonlyMap<string, string> {
  if (!entry.fields.has('crossref')) return entry.fields
  const fields = new Map(entry.fields)
  let at: BibEntry | undefined = entry
  const visited = new Set<BibEntry>([entry])
  for (;;) {
    const ref: string | undefined = at.fields.get('crossref')?.trim().toLowerCase() || undefined
    if (!ref) return fields
    const parent: BibEntry | undefined = byKey.get(ref)
    if (!parent) {
      problems.push({ where: `line ${entry.line}`, what: `${entry.key} refers to ${ref}, which is not in this file.` })
      return fields
    }
    if (visited.has(parent)) {
      problems.push({ where: `line ${entry.line}`, what: `${entry.key} refers to itself through ${ref}.` })
      return fields
    }
    visited.add(parent)
    const part = kindOf(TYPE_KINDS.get(entry.type) ?? 'book').partOfBook === true
    for (const [name, value] of parent.fields) {
      if (['crossref', 'doi', 'url', 'pages', 'shorttitle', 'subtitle', 'author'].includes(name) && part) {
        if (name === 'subtitle' && !fields.has('booksubtitle') && !entry.fields.has('booktitle')) fields.set('booksubtitle', value)
        if (name === 'author' && !fields.has('bookauthor')) fields.set('bookauthor', value)
        continue
      }
      const target = name === 'title' && part ? 'booktitle' : name
      if (!fields.has(target)) fields.set(target, value)
    }
    at = parent
  }
}

const USED = new Set([
  'year',
  'month',
  'day',
  'date',
  'urldate',
  'origdate',
  'eventdate',
  'number',
  'subtitle',
  'booksubtitle',
  'journalsubtitle',
  'maintitle',
  'titleaddon',
  'howpublished',
  'school',
  'institution',
  'organization',
  'type',
  'crossref',
  'eprint',
  'eprinttype',
  'archiveprefix',
  'primaryclass',
  'dendlekind',
  'editortype',
  'note',
  'submitted',
  'origyear',
  'lastchecked',
  'accessed',
  'urlaccessdate',
  'seriesnumber',
  'genre',
])
/** Fields that are read where nothing closer is given: kept where they were not. */
const SPARE = ['note', 'organization', 'booksubtitle', 'journalsubtitle', 'titleaddon']
/** What a note says that becomes a field. */
const NOTED = /https?:|\\url|accessed|retrieved|visited|last checked|in press|to appear|forthcoming/iu
/** Other names of a text field than the one that is written: two of them may differ. */
const SECOND = new Set(FIELD_NAMES.filter(name => FIELDS[name].type === 'text').flatMap(name => FIELDS[name].bibtex.slice(1)))
const KNOWN = new Set([...PLAIN_FIELDS, ...NAME_KEYS].map(([name]) => name))

function toProposal(entry: BibEntry, raw: ReadonlyMap<string, string>): Proposal {
  const doubts: string[] = []
  const fields: Fields = {}
  const set = (name: FieldName, value: Fields[FieldName] | undefined) => {
    if (value !== undefined && value !== '' && fields[name] === undefined) (fields as Record<string, unknown>)[name] = value
  }
  const text = (name: string, target?: FieldName): string => {
    const value = raw.get(name)
    if (value === undefined) return ''
    if (VERBATIM.has(name))
      return value
        .replace(/^\s*\\(?:url|path)\{(.*)\}\s*$/su, '$1')
        .replace(/\\([_%&#~$])/gu, '$1')
        .replace(/[{}]/gu, '')
        .trim()
    const rich = target !== undefined && RICH_FIELDS.has(target)
    return fromLatex(value, { rich, protect: rich })
  }
  const kind = kindOfEntry(entry, raw, text)
  const others: FieldName[] = []
  for (const [name, target] of NAME_KEYS) {
    if (!raw.has(name)) continue
    const read = readBibNames(raw.get(name)!)
    if (read.others) {
      others.push(target)
      doubts.push(`The file ends its ${FIELDS[target].label.toLowerCase()}s with “and others”: the rest are missing.`)
    }
    if (read.names.length) set(name === 'editor' ? editorRole(text('editortype')) : target, read.names)
  }
  for (const [name, target] of PLAIN_FIELDS) if (raw.has(name)) set(target, text(name, target))
  joinSubtitles(fields, text)
  dates(raw, text, set)
  set(kindOf(kind).number, text('number'))
  set('seriesNumber', text('seriesnumber'))
  set(
    'publisher',
    text('school')
      || text('institution')
      || (kind === 'web-page' || kind === 'conference-paper' || kind === 'report' ? text('organization') : ''),
  )
  if (kind === 'web-page') set('container', fields.publisher === text('organization') && fields.publisher ? fields.publisher : undefined)
  set('genre', text('genre') || sortOf(entry.type, text('type')))
  preprint(text, set)
  how(text, set, kind)
  // A classic "location" is the place; a DOI given as an address is a DOI.
  if (fields.doi) fields.doi = tidyDoi(fields.doi)
  if (fields.pages) fields.pages = fields.pages.replace(/\s*[-–—]+\s*/gu, '-')
  if (fields.edition) fields.edition = plainEdition(fields.edition)
  if (fields.container && kind === 'book' && entry.type === 'book' && raw.has('journal'))
    doubts.push('A book with a journal: check what kind of source it is.')
  const left: [string, string][] = []
  const said = new Set(Object.values(fields).filter(value => typeof value === 'string'))
  for (const [name, value] of raw)
    if (!KNOWN.has(name) ? !USED.has(name) : SECOND.has(name) && !said.has(text(name))) left.push([name, value])
  for (const name of SPARE)
    if (
      raw.has(name)
      && !Object.values(fields).some((value) => typeof value === 'string' && value.includes(text(name)))
      && !(name === 'note' && NOTED.test(text(name)))
    )
      left.push([name, raw.get(name)!])
  const custom = {
    bibtex: Object.fromEntries(left),
    ...(others.length ? { others } : {}),
    ...(entry.type !== kindOf(kind).bibtex ? { type: entry.type } : {}),
  }
  const keep = left.length > 0 || others.length > 0 || 'type' in custom
  return {
    kind, fields, from: allFrom(fields, 'file', 'the BibTeX file'), ...(entry.key ? { key: entry.key } : {}),
    ...(keep ? { origin: { custom } } : {}), where: `line ${entry.line}`, doubts,
  }
}

const EDITOR_ROLES: Record<string, FieldName> = {
  director: 'director',
  producer: 'producer',
  translator: 'translator',
  compiler: 'compiler',
}
const editorRole = (type: string): FieldName => rowOf(EDITOR_ROLES, type) ?? 'editor'

function joinSubtitles(fields: Fields, text: (name: string, target?: FieldName) => string) {
  const join = (a: string, b: string) => (!a ? b : !b ? a : /[?!.:]$/u.test(a.replace(/<[^>]+>$/u, '')) ? `${a} ${b}` : `${a}: ${b}`)
  const sub = text('subtitle', 'title')
  if (sub) fields.title = join(fields.title ?? '', sub)
  const bookSub = text('booksubtitle', 'title') || text('journalsubtitle', 'title')
  if (bookSub && fields.container) fields.container = join(fields.container, bookSub)
  const main = text('maintitle', 'title')
  if (main && !fields.container) {
    // "maintitle" is the set, "title" the volume of it.
    if (fields.title) fields.volumeTitle ??= fields.title
    fields.title = main
  }
  const added = text('titleaddon')
  if (added && !fields.genre) fields.genre = added.replace(/^\[|\]$/gu, '')
}

type Setter = (name: FieldName, value: Fields[FieldName] | undefined) => void
type Text = (name: string, target?: FieldName) => string

function dates(raw: ReadonlyMap<string, string>, text: Text, set: Setter) {
  const year = text('year')
  if (raw.has('date')) set('issued', isoDate(text('date')))
  else if (/in press|forthcoming|to appear|accepted/iu.test(year))
    set('status', /press|appear|accepted/iu.test(year) ? 'in press' : 'forthcoming')
  else if (year) {
    const month = text('month')
    const day = text('day')
    const said = [
      /^\d{1,2}$/u.test(month) ? (MONTHS[Number(month) - 1] ?? '') : month.replace(/\s*(?:--?|–|\/)\s*/gu, '-'),
      day,
      year,
    ].filter(Boolean)
    const days = /^(\d{1,2})\s+(\p{L}+)$/u.exec(month) ?? /^(\p{L}+)\s+(\d{1,2})$/u.exec(month)
    const span = /^(\p{L}+)\.?-(\p{L}+)\.?$/u.exec(said[0] ?? '')
    const read = days
      ? (readDate(`${month} ${year}`) ?? readDate(`${days[2]} ${days[1]} ${year}`))
      : span
        ? readDate(`${span[1]} ${year} – ${span[2]} ${year}`)
        : readDate(said.length === 3 ? `${day} ${said[0]} ${year}` : said.join(' '))
    set('issued', read && !read.literal ? read : (readDate(year) ?? read))
  }
  set('originalDate', isoDate(text('origdate') || text('origyear')))
  set('eventDate', isoDate(text('eventdate')))
  set('submitted', isoDate(text('submitted')))
  set('accessed', isoDate(text('urldate') || text('lastchecked') || text('accessed') || text('urlaccessdate')))
}

/** "2021-03-14", "2021-03/2021-05", "2021~", or as a person writes it. */
function isoDate(typed: string): SourceDate | undefined {
  if (!typed) return undefined
  const season = /^(\d{4})-2([1-4])$/u.exec(typed.trim())
  if (season) return { start: { year: Number(season[1]) }, season: Number(season[2]) as NonNullable<SourceDate['season']> }
  const [from, to] = typed.split('/')
  const circa = /[~?]$/u.test(from ?? '')
  const start = readDate((from ?? '').replace(/[~?%]$/u, ''))
  const end = to && /^\d{4}/u.test(to) ? readDate(to) : undefined
  if (!start) return undefined
  return { ...start, ...(start.start && end?.start ? { end: end.start } : {}), ...(circa ? { circa: true } : {}) }
}

const SORTS: Record<string, string> = { phdthesis: 'Doctoral dissertation', mastersthesis: 'Master’s thesis', manual: 'Manual' }
function sortOf(type: string, said: string): string {
  const words: Record<string, string> = {
    phdthesis: 'Doctoral dissertation',
    mathesis: 'Master’s thesis',
    techreport: 'Technical report',
    resreport: 'Research report',
    candthesis: 'Candidate thesis',
    bathesis: 'Bachelor’s thesis',
  }
  return rowOf(words, said.toLowerCase()) ?? (said || (rowOf(SORTS, type) ?? ''))
}

function preprint(text: Text, set: Setter) {
  const number = text('eprint')
  if (!number) return
  set('number', number)
  set('publisher', text('archiveprefix') || text('eprinttype'))
}

const ADDRESS = /\\url\{([^}]*)\}|(https?:\/\/[^\s{}\\]+)/u
function how(text: Text, set: Setter, kind: KindId) {
  for (const name of ['howpublished', 'note']) {
    const said = text(name)
    if (!said) continue
    const address = ADDRESS.exec(said)
    if (address) set('url', address[1] ?? address[2])
    const read = /(?:accessed|retrieved|last (?:checked|visited|accessed)|visited)(?:\s+on)?:?\s*([^.;)]+)/iu.exec(said)
    if (read) set('accessed', readDate(read[1]!.replace(/,?\s*from\s*$/iu, '').trim()))
    if (/\b(?:in press|to appear|forthcoming|accepted)\b/iu.test(said))
      set('status', /forthcoming/iu.test(said) ? 'forthcoming' : 'in press')
    if (name === 'howpublished' && !address && kind !== 'web-page') set('medium', said)
  }
}

/** The kind, from the type and what it leaves open. */
function kindOfEntry(entry: BibEntry, raw: ReadonlyMap<string, string>, text: Text): KindId {
  const own = raw.get('dendlekind')?.trim()
  if (own && isKind(own)) return own
  const kind = TYPE_KINDS.get(entry.type)
  const sub = text('entrysubtype').toLowerCase()
  if (sub === 'magazine') return 'magazine-article'
  if (sub === 'newspaper') return 'newspaper-article'
  const paged = raw.has('journal') || raw.has('journaltitle')
  if (kind === 'journal-article' && !paged && raw.has('eprint')) return 'preprint'
  if (kind === 'journal-article' && /arxiv|rxiv/iu.test(text('journal')) && !raw.has('volume')) return 'preprint'
  if (kind === 'report' && /working paper|discussion paper/iu.test(text('type'))) return 'working-paper'
  if (entry.type === 'misc' || !kind) {
    if (raw.has('eprint') || /arxiv/iu.test(text('archiveprefix'))) return 'preprint'
    if (raw.has('journal') || raw.has('journaltitle')) return 'journal-article'
    if (raw.has('booktitle')) return 'chapter'
    if (raw.has('url') || ADDRESS.test(text('howpublished')) || ADDRESS.test(text('note'))) return 'web-page'
    if (raw.has('school')) return 'thesis'
    return raw.has('publisher') ? 'book' : kind ?? 'web-page'
  }
  return kind
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth', 'eleventh', 'twelfth']
/** "2nd", "Second", "2nd ed." are 2; anything else ("Revised") stays. */
export function plainEdition(said: string): string {
  const bare = said.trim().replace(/\s*\b(?:ed(?:ition|n)?)\b\.?$/iu, '').trim()
  const number = /^(\d+)(?:st|nd|rd|th)?\.?$/iu.exec(bare)?.[1]
  const word = ORDINALS.indexOf(bare.toLowerCase())
  return number ?? (word >= 0 ? String(word + 1) : bare || said.trim())
}

// Out ---------------------------------------------------------------------------------------------------------------

/** Sources as a BibTeX file, one entry each, keys as given by `keyOf`. Reading it gives the same sources again. */
export function writeBibtex(sources: readonly Source[], keyOf: (source: Source) => string, dialect = BIBTEX): string {
  return sources.map(source => writeEntry(source, keyOf(source), dialect)).join('\n')
}

function writeEntry(source: Source, key: string, dialect: Dialect): string {
  const { fields, kind } = source
  const custom = (source.origin?.custom ?? {}) as { bibtex?: Record<string, string>, others?: FieldName[], type?: string }
  const ownType = custom.type && (TYPE_KINDS.get(custom.type) === kind || custom.type === 'misc') ? custom.type : undefined
  const plainType = ownType ?? kindOf(kind).bibtex
  const type = rowOf(dialect.types, plainType) ?? plainType
  const lines: [string, string][] = []
  const put = (name: string, value: string | undefined) => { if (value) lines.push([rowOf(dialect.fields, name) ?? name, value]) }
  const done = new Set<FieldName>()
  const names = (target: FieldName, name: string) => {
    const value = fields[target] as Name[] | undefined
    if (value?.length) put(name, writeBibNames(value, custom.others?.includes(target) ?? false))
    done.add(target)
  }
  for (const [name, target] of NAME_KEYS) if (!done.has(target)) names(target, name)
  const numberField = kindOf(kind).number
  for (const target of FIELD_NAMES) {
    const value = fields[target]
    if (done.has(target) || value === undefined || FIELDS[target].type === 'names') continue
    if (FIELDS[target].type === 'date') { putDate(target, value as SourceDate, put, dialect); continue }
    const said = value as string
    if (target === numberField) put('number', toLatex(said))
    else if (target === 'container') put(kindOf(kind).partOfBook ? 'booktitle' : 'journal', toLatex(said))
    else if (target === 'publisher') put(kindOf(kind).publisherKey ?? 'publisher', toLatex(said))
    else if (target === 'seriesNumber') put('seriesnumber', toLatex(said))
    else if (target === 'genre') {
      const sort = said === rowOf(SORTS, plainType)
      if (sort) put('type', rowOf(dialect.sorts, plainType))
      else put(['thesis', 'report', 'working-paper'].includes(kind) ? 'type' : 'genre', toLatex(said))
    } else if (target === 'pages') put('pages', toLatex(said).replace(/(?<=\w)-(?=\w)/gu, '--'))
    else {
      const name = PLAIN_FIELDS.find(([, ours]) => ours === target)?.[0]
      if (name) put(name, VERBATIM.has(name) ? said.replace(/[{}]/gu, '') : toLatex(said))
    }
  }
  for (const [name, value] of Object.entries(custom.bibtex ?? {}))
    if (typeof value === 'string' && balanced(value) && /^[a-z][\w:+./-]*$/iu.test(name)) put(name, value)
  // Two kinds may share a type: what tells them apart is written beside it.
  const probe = new Map(lines)
  const entry: BibEntry = { type, key, fields: probe, line: 0 }
  if (kindOfEntry(entry, probe, name => probe.get(name) ?? '') !== kind) put('dendlekind', kind)
  const width = Math.max(...lines.map(([name]) => name.length), 0)
  return `@${type}{${key},\n${lines.map(([name, value]) => `  ${name.padEnd(width)} = {${value}},\n`).join('')}}\n`
}

const balanced = (value: string): boolean => {
  let depth = 0
  for (const char of value.replace(/\\./gsu, '')) {
    if (char === '{') depth++
    if (char === '}' && --depth < 0) return false
  }
  return depth === 0
}

function putDate(target: FieldName, date: SourceDate, put: (name: string, value: string | undefined) => void, { isoDates }: Dialect) {
  const iso = (p: DatePoint) =>
    [String(p.year).padStart(4, '0'), p.month, p.day]
      .filter((v) => v !== undefined)
      .map((v) => String(v).padStart(2, '0'))
      .join('-')
  const simple = date.start && !date.end && !date.season && !date.circa && date.start.year > 999
  const name = (
    { issued: 'date', originalDate: 'origdate', eventDate: 'eventdate', submitted: 'submitted', accessed: 'urldate' } as Record<
      string,
      string
    >
  )[target]!
  if (isoDates && date.start && date.season && !date.end && date.start.year > 999) put(name, `${date.start.year}-${SEASON + date.season}`)
  else if (target === 'issued' && simple && !isoDates) {
    put('year', String(date.start!.year))
    if (date.start!.month) put('month', MONTHS[date.start!.month - 1]!.slice(0, 3).toLowerCase())
    if (date.start!.day) put('day', String(date.start!.day))
  } else if (date.start && !date.season && date.start.year > 999)
    put(name, `${iso(date.start)}${date.end ? `/${iso(date.end)}` : ''}${date.circa ? '~' : ''}`)
  else put(target === 'issued' ? 'year' : name, toLatex(writeWords(date)))
}
const writeWords = (date: SourceDate): string =>
  date.literal && !date.start
    ? date.literal
    : `${date.circa ? 'c. ' : ''}${date.season ? `${['Spring', 'Summer', 'Autumn', 'Winter'][date.season - 1]} ` : ''}${date.start!.year < 0 ? `${-date.start!.year} BCE` : date.start!.year}`
