/**
 * CSL-JSON in and out. An item read and written again is the same item: properties that Dendle has no field for are
 * kept in `origin`, and a field that was not changed is written exactly as it came.
 * Source: the published CSL-JSON schema (csl-data.json, 1.0.2).
 */
import * as z from 'zod'
import { FIELDS, FIELD_NAMES, type FieldName } from './fields'
import { isKind, KIND_IDS, kindOf, type CslRule, type KindId } from './kinds'
import type { Fields, Source } from './model'
import { isNamed, type Name } from './names'
import { daysIn, readDate, type DatePoint, type SourceDate } from './dates'

const cslText = z.union([z.string(), z.number(), z.boolean()])
const cslName = z.looseObject({
  'family': z.string().optional(), 'given': z.string().optional(), 'literal': z.string().optional(), 'suffix': cslText.optional(),
  'non-dropping-particle': z.string().optional(), 'dropping-particle': z.string().optional(),
})
const cslDate = z.looseObject({
  'date-parts': z.array(z.array(cslText)).optional(), 'season': cslText.optional(), 'circa': cslText.optional(),
  'literal': z.string().optional(), 'raw': z.string().optional(),
})
/** Other properties that say the same where the first is wanting, as the schema has or has had them. */
const ALIASES: Partial<Record<FieldName, readonly string[]>> = {
  author: ['original-author'], editor: ['editor-translator', 'editorial-director'], translator: ['editor-translator'],
  producer: ['executive-producer'], contributor: ['chair', 'curator', 'organizer'],
  issued: ['available-date'], event: ['event'], titleShort: ['shortTitle'], containerShort: ['journalAbbreviation'], season: ['season'],
  volume: ['part-number'], volumeTitle: ['part-title'], issue: ['supplement-number'], pages: ['page-first'],
  container: ['archive_collection'], archiveLocation: ['call-number'],
}
const propertiesOf = (name: FieldName): readonly string[] => [FIELDS[name].csl, ...(ALIASES[name] ?? [])]

const shape = Object.fromEntries(FIELD_NAMES.flatMap(name => propertiesOf(name).map(property => [property,
  (FIELDS[name].type === 'names' ? z.array(cslName) : FIELDS[name].type === 'date' ? cslDate : cslText).nullish()])))

/** A CSL-JSON item; properties it does not name pass through. */
export const cslItemSchema = z.looseObject({
  id: z.union([z.string().min(1), z.number()]),
  type: z.string({ error: 'has no type; give a CSL-JSON type such as "book" or "article-journal".' }),
  ...shape,
})
export type CslItem = Record<string, unknown> & { id: string | number, type: string }

/** How many things a rule asks for: what asks for more is asked first. */
const asks = ({ says, titled, has = [], lacks = [] }: CslRule): number => (says ? 1 : 0) + (titled ? 1 : 0) + has.length + lacks.length
const rank = (rule: CslRule): number => rule.order ?? 20 - asks(rule)
const RULES = new Map<string, { rule: CslRule, kind: KindId }[]>()
for (const kind of KIND_IDS)
  for (const rule of kindOf(kind).reads.csl)
    RULES.set(
      rule.type,
      [...(RULES.get(rule.type) ?? []), { rule, kind }].sort((a, b) => rank(a.rule) - rank(b.rule)),
    )

/** The kind of a CSL-JSON item, from its type and what the type leaves open. */
export function kindOfCsl(item: Record<string, unknown>): KindId {
  const own = (item.custom as { dendle?: { kind?: string } } | undefined)?.dendle?.kind
  if (own && isKind(own)) return own
  const words = `${String(item.genre ?? '')} ${String(item.medium ?? '')}`
  const given = (property: string) => item[property] !== undefined && item[property] !== ''
  const found = RULES.get(String(item.type))?.find(
    ({ rule: { says, titled, has = [], lacks = [] } }) =>
      (!says || says.test(words)) && (!titled || titled.test(String(item.title ?? ''))) && has.every(given) && !lacks.some(given),
  )
  return found?.kind ?? (given('container-title') ? 'journal-article' : given('URL') ? 'web-page' : 'book')
}

export function fromCsl(item: CslItem): Source {
  const fields: Record<string, unknown> = {}
  for (const property of Object.keys(item)) {
    for (const name of fieldsOfCsl(property)) {
      // A field may be spelt in several ways: the schema's own comes first, whatever their order.
      if (fields[name] !== undefined) continue
      const value = readProperty(name, item)
      if (value !== undefined) fields[name] = value
    }
  }
  const kind = kindOfCsl(item)
  // Who issues a standard is its author (APA 7, 10.8; IEEE Reference Guide, Standards).
  if (kindOf(kind).authorityLeads && typeof fields.authority === 'string' && !fields.author) {
    fields.author = [{ literal: fields.authority }]
    delete fields.authority
  }
  return { id: String(item.id), kind, fields: fields as Fields, origin: item }
}

export function toCsl(source: Source): CslItem {
  const origin = (source.origin ?? {}) as Partial<CslItem>
  const item: CslItem = { ...origin, id: origin.id !== undefined && String(origin.id) === source.id ? origin.id : source.id, type: '' }
  const told = (name: FieldName) => JSON.stringify(readProperty(name, item)) === JSON.stringify(source.fields[name])
  // What no longer says what the source does goes in all its spellings; then every field that is not said is written.
  for (const property of FIELD_NAMES.filter(name => !told(name)).flatMap(propertiesOf)) Reflect.deleteProperty(item, property)
  for (const name of FIELD_NAMES) {
    if (told(name)) continue
    const written = writeProperty(source.fields[name] as string | Name[] | SourceDate | undefined)
    if (written !== undefined) item[FIELDS[name].csl] = written
  }
  item.type = origin.type && kindOfCsl(origin) === source.kind ? origin.type : kindOf(source.kind).csl
  // Two kinds may share one type: what tells them apart travels in `custom`, the schema's place for that.
  if (kindOfCsl(item) !== source.kind) item.custom = { ...(item.custom as object | undefined), dendle: { kind: source.kind } }
  return item
}

/** The fields that a property is read into: more than one where it names two roles at once. */
const FIELDS_OF = new Map<string, FieldName[]>()
for (const name of FIELD_NAMES)
  for (const property of propertiesOf(name)) FIELDS_OF.set(property, [...(FIELDS_OF.get(property) ?? []), name])
/** The fields that a CSL-JSON property is read into, none where it is only kept. */
export const fieldsOfCsl = (property: string): readonly FieldName[] => FIELDS_OF.get(property) ?? []

function readProperty(name: FieldName, item: Record<string, unknown>): string | Name[] | SourceDate | undefined {
  const property = propertiesOf(name).find(p => item[p] !== undefined && item[p] !== null)
  if (!property) return undefined
  const value = item[property]
  switch (FIELDS[name].type) {
    case 'names': {
      const names = Array.isArray(value) ? value.map(readCslName).filter(isNamed) : []
      return names.length ? names : undefined
    }
    case 'date': return readCslDate(value)
    default: return typeof value === 'object' ? undefined : name === 'issue' ? issueOf(item, String(value)) : String(value)
  }
}

/** A supplement stands with the issue it belongs to, or is the issue: "4 Suppl 1", "Suppl 1". */
function issueOf(item: Record<string, unknown>, said: string): string {
  const supplement = item['supplement-number']
  if (supplement === undefined || typeof supplement === 'object') return said
  const words = /\p{L}/u.test(String(supplement)) ? String(supplement) : `Suppl ${String(supplement)}`
  return item.issue === undefined ? words : `${said} ${words}`
}

function readCslName(value: unknown): Name {
  const n = value as z.infer<typeof cslName>
  if (n.literal) return { literal: n.literal }
  // "van der Berg" in the family name alone: the particle is the same particle.
  const particle = n['non-dropping-particle']
  return Object.fromEntries(Object.entries({
    family: n.family, given: n.given, particle, droppingParticle: n['dropping-particle'],
    suffix: n.suffix === undefined ? undefined : String(n.suffix),
  }).filter(([, v]) => v)) as Name
}

function readCslDate(value: unknown): SourceDate | undefined {
  const d = value as z.infer<typeof cslDate>
  const points = (d['date-parts'] ?? []).map(readParts).filter(p => p !== undefined)
  const circa = d.circa && d.circa !== 'false' ? { circa: true } : {}
  if (points.length) {
    // A month of 13 to 16 or 21 to 24 is a season in some files.
    const month = Number(d['date-parts']?.[0]?.[1])
    const season = Number(d.season) || (month >= 13 && month <= 16 ? month - 12 : month >= 21 && month <= 24 ? month - 20 : NaN)
    return { start: points[0], ...(points[1] ? { end: points[1] } : {}), ...(season >= 1 && season <= 4 ? { season } : {}), ...circa }
  }
  if (d.raw) { const read = readDate(d.raw); if (read) return { ...read, ...circa } }
  const literal = d.literal?.trim() || (d['date-parts']?.[0]?.[0] !== undefined && String(d['date-parts'][0][0]).trim()) || ''
  const read = readDate(literal)
  return read && { ...read, ...circa }
}

function readParts(parts: readonly unknown[]): DatePoint | undefined {
  const [year, month, day] = parts.map(Number)
  if (!year || !Number.isInteger(year) || Math.abs(year) > 9999) return undefined
  const named = Number.isInteger(month) && month! >= 1 && month! <= 12 ? month! : undefined
  return {
    year,
    ...(named ? { month: named } : {}),
    ...(named && Number.isInteger(day) && day! >= 1 && day! <= daysIn(year, named) ? { day: day! } : {}),
  }
}

function writeProperty(value: string | Name[] | SourceDate | undefined): unknown {
  if (value === undefined || value === '') return undefined
  if (typeof value === 'string') return value
  if (Array.isArray(value)) {
    const names = value.filter(isNamed)
    return names.length ? names.map(writeCslName) : undefined
  }
  if (!value.start) return value.literal ? { literal: value.literal } : undefined
  const parts = (p: DatePoint) => [p.year, p.month, p.day].filter(v => v !== undefined)
  return {
    'date-parts': [parts(value.start), ...(value.end ? [parts(value.end)] : [])],
    ...(value.season ? { season: value.season } : {}), ...(value.circa ? { circa: true } : {}),
  }
}

const writeCslName = (name: Name) => Object.fromEntries(Object.entries({
  'literal': name.literal, 'family': name.family, 'given': name.given, 'suffix': name.suffix,
  'non-dropping-particle': name.particle, 'dropping-particle': name.droppingParticle,
}).filter(([, v]) => v))
