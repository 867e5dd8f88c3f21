/**
 * RIS in and out: the reference types in common use and the dialects that databases write.
 * Source: RIS Format Specifications (2011), reference types and tags; older tags (T1, A1, Y1, JO, JF, UR, N1) are read too.
 */
import { FIELDS, type FieldName } from '../../source/fields'
import { isKind, kindOf, readAs, type KindId } from '../../source/kinds'
import { readDate, type DatePoint, type SourceDate } from '../../source/dates'
import type { Fields, Source } from '../../source/model'
import { readName, writeName, type Name } from '../../source/names'
import { plainEdition } from '../bibtex/bibtex'
import { isDoi, tidyDoi } from '../identifiers'
import { allFrom, type Intake, type Problem, type Progress, type Proposal } from '../proposal'

const TYPES = readAs('ris')
/** Kinds that share a type with another: which of them is meant is written in C8, a custom field. */
const OWN_TAG = 'C8'

const LINE = /^\s{0,3}([A-Z][A-Z0-9])\s{0,2}-(?:\s(.*)|)$/u
const TAGS = new Set(
  'TY ER ID A1 A2 A3 A4 AU ED TA AB N2 AD AN AV BT C1 C2 C3 C4 C5 C6 C7 C8 CA CN CP CR CT CY DA DB DI DO DP DS ET EP FD ID IS J1 J2 JA JF JO KW L1 L2 L3 L4 LA LB LK M1 M2 M3 N1 NV OP PB PP PY RD RI RN RP RT SE SF SN SP ST SV T1 T2 T3 TI TS TT U1 U2 U3 U4 U5 UN UR VL VO WT WV WP Y1 Y2 YR'.split(
    ' ',
  ),
)

interface Record_ { type: string, lines: [string, string][], line: number }

/** Reads an RIS file: continuation lines are joined, records without an end are named and kept. */
export function readRis(text: string, progress?: Progress): Intake {
  const problems: Problem[] = []
  const records = parse(text, problems)
  const proposals = records.map((record, i) => {
    if (progress && i % 500 === 0) progress(i / records.length)
    return toProposal(record, problems)
  })
  return { proposals, problems }
}

function parse(text: string, problems: Problem[]): Record_[] {
  const records: Record_[] = []
  let open: Record_ | undefined
  const close = (record: Record_ | undefined, ended: boolean, next: number) => {
    if (record && !ended)
      problems.push({
        where: `line ${record.line}`,
        what: `this record has no ER line; it was ended ${next ? `before line ${next}` : 'with the file'}.`,
      })
  }
  let number = 0
  for (const raw of text.split('\n')) {
    number++
    const match = LINE.exec(raw.trimEnd())
    const tag = match && TAGS.has(match[1]!) ? match[1]! : undefined
    const value = (match?.[2] ?? '').trim()
    if (tag === 'TY') {
      close(open, false, number)
      open = { type: value.toUpperCase(), lines: [], line: number }
      records.push(open)
    }
    else if (tag === 'ER') {
      if (!open) problems.push({ where: `line ${number}`, what: 'an ER line ends no record.' })
      open = undefined
    }
    else if (tag) {
      if (!open) {
        // A dialect that forgets TY: the record begins with its first tag.
        open = { type: 'GEN', lines: [], line: number }
        records.push(open)
        problems.push({ where: `line ${number}`, what: 'this record has no TY line; its kind is guessed.' })
      }
      if (value) open.lines.push([tag, value])
    }
    else if (raw.trim() && open) {
      const last = open.lines.at(-1)
      if (last) last[1] += ` ${raw.trim()}`
    }
    else if (raw.trim() && !records.length && number > 1) continue
  }
  close(open, false, 0)
  return records
}

function toProposal({ type, lines, line }: Record_, problems: Problem[]): Proposal {
  const fields: Fields = {}
  const doubts: string[] = []
  const byTag = new Map<string, string[]>()
  for (const [tag, value] of lines) {
    const there = byTag.get(tag)
    if (there) there.push(value)
    else byTag.set(tag, [value])
  }
  /** The values of some tags, in the order they stand in the record. */
  const all = (...tags: string[]) =>
    tags.length === 1
      ? (byTag.get(tags[0]!) ?? [])
      : tags.filter((tag) => byTag.has(tag)).length < 2
        ? tags.flatMap((tag) => byTag.get(tag) ?? [])
        : lines.filter(([tag]) => tags.includes(tag)).map(([, value]) => value)
  const first = (...tags: string[]): string => {
    for (const tag of tags) { const value = byTag.get(tag)?.[0]; if (value) return value }
    return ''
  }
  const set = (name: FieldName, value: Fields[FieldName] | undefined | '') => {
    if (value !== undefined && value !== '' && !(Array.isArray(value) && !value.length) && fields[name] === undefined)
      (fields as Record<string, unknown>)[name] = value
  }
  if (!TYPES.get(type))
    problems.push({ where: `line ${line}`, what: `the type ${type || '(none)'} is not one of RIS; its kind is guessed.` })
  const kind = refine(TYPES.get(type), first, lines)
  const names = (...tags: string[]) => all(...tags).flatMap(readRisNames)
  set('author', names('AU', 'A1'))
  const second = names('A2', 'ED')
  const whole = kindOf(kind).partOfBook === true
  set(kind === 'podcast-episode' || kind === 'podcast' ? 'host' : kind === 'review' ? 'reviewedAuthor' : 'editor', second)
  set(whole || kind === 'book' ? 'seriesEditor' : 'contributor', names('A3'))
  set('translator', names(...(lines.some(([tag]) => tag === 'TA') ? ['TA', 'A4'] : ['A4'])))
  if ((kind === 'film' || kind === 'tv-episode') && fields.author) { fields.director = fields.author; delete fields.author }
  set('title', first('TI', 'T1', 'CT') || (whole ? '' : first('BT')))
  const names2 = first('T2', 'BT', 'JF', 'JO')
  const journal = first('JF', 'T2', 'JO', 'J1', 'JA', 'J2')
  if (inPeriodical(kind)) set('container', journal)
  else if (whole) set('container', names2)
  else if (kind === 'book' || kind === 'report' || kind === 'working-paper') set('series', first('T2', 'T3'))
  else set('container', first('T2', 'JF', 'JO'))
  const short = first('J2', 'JA', 'J1') || (first('JO') !== fields.container ? first('JO') : '')
  if (short && short !== fields.container && inPeriodical(kind)) set('containerShort', short)
  set('series', whole ? first('T3') : '')
  set('titleShort', first('ST') !== fields.title ? first('ST') : '')
  set('titleTranslated', first('TT'))
  date(first, set)
  set('volume', first('VL', 'VO'))
  const number = first('IS', 'CP') || (inPeriodical(kind) ? '' : first('M1'))
  set(inPeriodical(kind) ? 'issue' : kind === 'book' || whole ? 'seriesNumber' : 'number', number)
  pages(first('SP'), first('EP'), set)
  if (inPeriodical(kind)) { if (!fields.pages) set('number', first('C7', 'AR')) }
  const serial = first('SN').replace(/\s*\([^)]*\)\s*$/u, '')
  set(/^\d{4}-?\d{3}[\dx]$/iu.test(serial) ? 'issn' : 'isbn', serial)
  const link = first('UR', 'LK', 'L2')
  const doi = tidyDoi(first('DO', 'DI')) || all('M3', 'UR', 'N1').map(tidyDoi).find(isDoi) || ''
  set('doi', doi)
  set('url', /doi\.org\/10\./iu.test(link) && doi ? '' : link)
  set('publisher', first('PB'))
  set('place', first('CY', 'PP'))
  set('edition', first('ET') && plainEdition(first('ET')))
  set('numberOfVolumes', first('NV'))
  if (!inPeriodical(kind) || kind === 'newspaper-article') set('section', first('SE'))
  set('language', first('LA'))
  set('database', first('DB', 'DP'))
  set('genre', isDoi(tidyDoi(first('M3'))) ? '' : first('M3'))
  const read = first('Y2')
  if (/accessed|retrieved/iu.test(first('N1')) && !read)
    set('accessed', readDate(first('N1').replace(/^.*?(?:accessed|retrieved)(?:\s+on)?:?\s*/iu, '')))
  if (read) set('accessed', risDate(read))
  if (/in press|forthcoming/iu.test(`${first('N1')} ${type === 'INPR' ? 'in press' : ''}`) && !fields.issued) set('status', 'in press')
  const left = lines.filter(
    ([tag, value]) =>
      !READ.has(tag)
      && !(tag === 'M3' && (value === fields.genre || value === fields.doi))
      && !(tag === 'C7' && value === fields.number)
      && !(tag === 'M1' && value === number)
      && !(tag === 'SE' && value === fields.section),
  )
  // A second name or address that no field had room for.
  const said = new Set(Object.values(fields).filter(value => typeof value === 'string'))
  left.push(...lines.filter(([tag, value]) => SEVERAL.has(tag) && !said.has(value) && !(doi && value.includes(doi))))
  return {
    kind, fields, from: allFrom(fields, 'file', 'the RIS file'), ...(first('ID') ? { key: first('ID') } : {}),
    ...(left.length ? { origin: { custom: { ris: left } } } : {}), where: `line ${line}`, doubts,
  }
}

/** Tags that say the same in several ways, and may differ. */
const SEVERAL = new Set('T2 JF JO J1 J2 JA T3 BT UR LK L2'.split(' '))
/** Tags whose values become fields; the rest travel with the source. */
const READ = new Set(
  'AU A1 A2 ED A3 A4 TA TI T1 CT BT T2 JF JO J1 J2 JA T3 ST TT PY Y1 YR DA VL VO IS CP SP EP SN UR LK L2 DO DI PB CY PP ET NV LA DB DP Y2 C8 ID'.split(
    ' ',
  ),
)

const inPeriodical = (kind: KindId): boolean =>
  kindOf(kind).inside === 'periodical' || ['magazine-article', 'newspaper-article'].includes(kind)

function refine(kind: KindId | undefined, first: (...tags: string[]) => string, lines: readonly [string, string][]): KindId {
  const own = first(OWN_TAG)
  if (own && isKind(own)) return own
  const sort = first('M3')
  if (kind === 'report' && /working paper|discussion paper/iu.test(sort)) return 'working-paper'
  if (kind === 'talk' && /preprint/iu.test(sort)) return 'preprint'
  if (kind === 'web-page' && /blog/iu.test(sort)) return 'blog-post'
  if (kind === undefined || (kind === 'web-page' && lines.every(([tag]) => tag !== 'UR'))) {
    if (first('JF', 'JO', 'JA')) return 'journal-article'
    if (first('UR')) return 'web-page'
    return first('T2') ? 'chapter' : first('PB') ? 'book' : kind ?? 'web-page'
  }
  return kind
}

/** "Family, Given, Suffix"; a dialect puts several on a line with semicolons, another writes them in natural order. */
function readRisNames(value: string): Name[] {
  return value.split(/\s*;\s*/u).filter(Boolean).map((one) => {
    const parts = one.split(/\s*,\s*/u).filter(Boolean)
    if (parts.length === 1 && /,\s*$/u.test(one)) return { literal: parts[0]! }
    return readName(one.replace(/,\s*$/u, ''))
  })
}

function date(first: (...tags: string[]) => string, set: (name: FieldName, value: Fields[FieldName] | undefined) => void) {
  const year = first('PY', 'Y1', 'YR')
  const day = first('DA')
  if (/^\s*(?:in press|forthcoming)/iu.test(year)) { set('status', year.trim().toLowerCase()); return }
  const fromYear = risDate(year)
  const fromDay = day ? risDate(day) ?? (year ? risDate(`${day} ${/\d{4}/u.exec(year)?.[0] ?? ''}`) : undefined) : undefined
  const finer = fromDay?.start?.month || fromDay?.season ? fromDay : undefined
  set('issued', fromYear?.start?.month || fromYear?.season ? fromYear : finer ?? fromYear ?? fromDay)
  set('originalDate', /^\d{4}/u.test(first('OP')) ? risDate(first('OP')) : undefined)
}

/** "2021/03/14/", "2021///Spring", "2021-03-14", or as a person writes it. */
export function risDate(typed: string): SourceDate | undefined {
  const text = typed.trim()
  if (!text) return undefined
  const slashed = /^(\d{4})\/(\d{0,2})\/?(\d{0,2})\/?(.*)$/u.exec(text)
  if (!slashed) return readDate(text)
  const [, year, month, day, other] = slashed
  if (!Number(month) && other?.trim()) {
    const read = readDate(`${other.trim()} ${year}`)
    if (read && !read.literal) return read
  }
  const start: DatePoint = { year: Number(year) }
  if (Number(month) >= 1 && Number(month) <= 12) start.month = Number(month)
  if (start.month && Number(day) >= 1 && Number(day) <= 31) start.day = Number(day)
  return { start }
}

function pages(from: string, to: string, set: (name: FieldName, value: string) => void) {
  const start = from.replace(/^pp?\.?\s*/iu, '').replace(/\s*[-–—]+\s*/gu, '-')
  const end = to.replace(/^pp?\.?\s*/iu, '')
  set('pages', !end || start.includes('-') || start === end ? start : start ? `${start}-${end}` : end)
}

// Out ---------------------------------------------------------------------------------------------------------------

/** Sources as an RIS file. Reading it gives the same sources again. */
export function writeRis(sources: readonly Source[], keyOf: (source: Source) => string): string {
  return sources.map(source => writeRecord(source, keyOf(source))).join('\r\n')
}

function writeRecord(source: Source, key: string): string {
  const { kind, fields } = source
  const lines: string[] = []
  const put = (tag: string, value: string | undefined) => {
    if (value) lines.push(`${tag}  - ${value.replace(/<span class="nocase">|<\/span>/gu, '').replace(/\s+/gu, ' ')}`)
  }
  const names = (tag: string, value: readonly Name[] | undefined) =>
    value?.forEach((name) => put(tag, name.literal !== undefined ? `${name.literal},` : writeName(name)))
  put('TY', kindOf(kind).ris)
  put('ID', key)
  const periodical = inPeriodical(kind)
  const whole = kindOf(kind).partOfBook === true
  names('AU', fields.author ?? (kind === 'film' || kind === 'tv-episode' ? fields.director : undefined))
  names('A2', kind === 'podcast-episode' || kind === 'podcast' ? fields.host : kind === 'review' ? fields.reviewedAuthor : fields.editor)
  names('A3', whole || kind === 'book' ? fields.seriesEditor : fields.contributor)
  names('A4', fields.translator)
  put('TI', fields.title)
  put('T2', fields.container ?? (['book', 'report', 'working-paper'].includes(kind) ? fields.series : undefined))
  if (whole) put('T3', fields.series)
  put('J2', periodical ? fields.containerShort : undefined)
  put('ST', fields.titleShort)
  put('TT', fields.titleTranslated)
  if (fields.issued?.start) {
    put('PY', String(fields.issued.start.year))
    const { month, day, year } = fields.issued.start
    if (month || fields.issued.season)
      put(
        'DA',
        [
          year,
          String(month ?? '').padStart(month ? 2 : 0, '0'),
          String(day ?? '').padStart(day ? 2 : 0, '0'),
          fields.issued.season ? ['Spring', 'Summer', 'Autumn', 'Winter'][fields.issued.season - 1] : '',
        ].join('/'),
      )
  }
  else put('PY', fields.status ?? fields.issued?.literal)
  put('OP', fields.originalDate?.start && String(fields.originalDate.start.year))
  put('VL', fields.volume)
  put(periodical ? 'IS' : 'M1', periodical ? fields.issue : fields.number ?? fields.seriesNumber)
  const [from, to] = (fields.pages ?? '').split('-')
  put('SP', fields.pages && (fields.pages.match(/-/gu)?.length ?? 0) <= 1 ? from : fields.pages)
  put('EP', (fields.pages?.match(/-/gu)?.length ?? 0) === 1 ? to : undefined)
  if (periodical) put('C7', fields.number)
  put('SN', fields.issn ?? fields.isbn)
  put('DO', fields.doi)
  put('UR', fields.url)
  put('PB', fields.publisher)
  put('CY', fields.place)
  put('ET', fields.edition)
  if (!periodical || kind === 'newspaper-article') put('SE', fields.section)
  put('NV', fields.numberOfVolumes)
  put('LA', fields.language)
  put('DB', fields.database)
  put('M3', fields.genre)
  if (fields.accessed?.start)
    put(
      'Y2',
      [fields.accessed.start.year, fields.accessed.start.month, fields.accessed.start.day]
        .map((v) => (v === undefined ? '' : String(v).padStart(2, '0')))
        .join('/')
        .concat('/'),
    )
  for (const line of (source.origin?.custom as { ris?: [string, string][] } | undefined)?.ris ?? [])
    if (Array.isArray(line) && TAGS.has(line[0])) put(line[0], line[1])
  if (TYPES.get(kindOf(kind).ris) !== kind) put(OWN_TAG, kind)
  return `${lines.join('\r\n')}\r\nER  - \r\n`
}

/** Fields that RIS has no place for, by name; the writer is told what stays behind. */
export const withoutPlace = (source: Source): FieldName[] =>
  (Object.keys(source.fields) as FieldName[]).filter((name) => !RIS_FIELDS.has(name) && FIELDS[name])
const RIS_FIELDS = new Set<FieldName>([
  'author',
  'editor',
  'translator',
  'director',
  'host',
  'reviewedAuthor',
  'seriesEditor',
  'contributor',
  'title',
  'titleShort',
  'titleTranslated',
  'container',
  'containerShort',
  'series',
  'seriesNumber',
  'issued',
  'originalDate',
  'status',
  'volume',
  'issue',
  'number',
  'pages',
  'isbn',
  'issn',
  'doi',
  'url',
  'publisher',
  'place',
  'edition',
  'section',
  'numberOfVolumes',
  'language',
  'database',
  'genre',
  'accessed',
])
