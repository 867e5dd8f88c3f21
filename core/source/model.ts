/**
 * The source: a kind and its fields. One schema is the model, the form, the API's validation and the importers' target.
 * All fields are optional but the kind; nothing typed is rewritten when saved, formatting is derived.
 */
import * as z from 'zod'
import { DATE_FIELDS, FIELDS, FIELD_NAMES, NAME_FIELDS, TEXT_FIELDS, type FieldName } from './fields'
import { KIND_IDS, kindOf, type KindId } from './kinds'
import { nameSchema, isNamed, type Name } from './names'
import { dateSchema, type SourceDate } from './dates'

/** Longest text a field takes, in characters. A title of 5,000 is kept; a pasted book is refused with a reason. */
export const MAX_FIELD = 20_000

const shape = Object.fromEntries(FIELD_NAMES.map((name) => {
  const type = FIELDS[name].type
  const schema =
    type === 'names'
      ? z.array(nameSchema).max(2000)
      : type === 'date'
        ? dateSchema
        : z
            .string()
            .max(MAX_FIELD, {
              error: `${FIELDS[name].label} is longer than ${MAX_FIELD.toLocaleString('en')} characters; shorten it, or keep the rest in a passage.`,
            })
  return [name, schema.optional()]
}))

export type Fields = {
  [K in FieldName]?: (typeof FIELDS)[K]['type'] extends 'names' ? Name[] : (typeof FIELDS)[K]['type'] extends 'date' ? SourceDate : string
}

export const fieldsSchema = z.strictObject(shape) as unknown as z.ZodType<Fields, Fields>
export const kindSchema = z.enum(KIND_IDS)
/** Ids of findings of a source that the writer left as they are. */
export const settledSchema = z.array(z.string().max(200)).max(500)
const UNREAD = Symbol('unread')
/**
 * Fields as they were kept: each that is as it should be. What is not takes no other with it; it goes along unseen, and is
 * there again when the fields are kept anew (`withUnread`).
 */
export function readFields(kept: unknown): Fields {
  const whole = fieldsSchema.safeParse(kept)
  if (whole.success) return whole.data
  const all = Object.entries(z.record(z.string(), z.unknown()).parse(kept))
  const isRead = ([name, value]: [string, unknown]) => Object.hasOwn(shape, name) && shape[name]!.safeParse(value).success
  const fields = Object.fromEntries(all.filter(isRead)) as Fields
  return Object.defineProperty(fields, UNREAD, { value: Object.fromEntries(all.filter(one => !isRead(one))), enumerable: false })
}
/** What of kept fields could not be read, by name. */
export const unreadIn = (fields: Fields): Record<string, unknown> => (fields as { [UNREAD]?: Record<string, unknown> })[UNREAD] ?? {}
/** Fields with what could not be read of those they replace. */
export const withUnread = (before: Fields, fields: Fields): Fields => ({ ...unreadIn(before), ...fields })

export const sourceSchema = z.object({
  id: z.string().min(1).max(200),
  kind: kindSchema,
  fields: fieldsSchema,
  /** The CSL-JSON item it came from, kept whole so that nothing unknown is lost on the way out. */
  origin: z.record(z.string(), z.unknown()).optional(),
})
export interface Source { id: string, kind: KindId, fields: Fields, origin?: Record<string, unknown> }

export const textOf = (source: Source, name: FieldName): string => {
  const value = source.fields[name]
  return typeof value === 'string' ? value.trim() : ''
}
export const namesOf = (source: Source, name: FieldName): readonly Name[] => {
  const value = source.fields[name]
  return Array.isArray(value) ? value.filter(isNamed) : []
}
export const dateOf = (source: Source, name: FieldName): SourceDate | undefined => {
  const value = source.fields[name] as SourceDate | Name[] | string | undefined
  return value && typeof value === 'object' && !Array.isArray(value) && (value.start || value.literal) ? value : undefined
}
/** Whether a field has anything to print. */
export function has(source: Source, name: FieldName): boolean {
  const type = FIELDS[name].type
  return type === 'names' ? namesOf(source, name).length > 0 : type === 'date' ? Boolean(dateOf(source, name)) : textOf(source, name) !== ''
}

/** Required fields that are empty. A lead role may be filled by any role that can lead ("author" by an editor). */
export function missing(source: Source): FieldName[] {
  const kind = kindOf(source.kind)
  return kind.required.filter((name) => {
    if (has(source, name)) return false
    if ((kind.lead as readonly FieldName[]).includes(name)) return !kind.lead.some(role => has(source, role))
    if (name === 'issued') return textOf(source, 'status') === ''
    // A body that is named as the author publishes what it writes (APA 7, 9.29).
    if (name === 'publisher') return !byGroup(source)
    return true
  })
}

const byGroup = (source: Source): boolean => {
  const authors = namesOf(source, 'author')
  return authors.length > 0 && authors.every(one => one.literal !== undefined && !one.username)
}

/** Whether a source has no field at all. */
export const isEmpty = (source: Pick<Source, 'fields'>): boolean =>
  ![...NAME_FIELDS, ...DATE_FIELDS, ...TEXT_FIELDS].some(name => has({ id: '', kind: 'book', fields: source.fields }, name))

/** The fields with one of them set, or taken out when the value is undefined; the given ones stay as they are. */
export function withField(fields: Fields, name: FieldName, value: Fields[FieldName] | undefined): Fields {
  const { [name]: _, ...rest } = fields
  return value === undefined ? rest : { ...rest, [name]: value }
}
