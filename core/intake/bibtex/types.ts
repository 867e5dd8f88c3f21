/** BibTeX's and biblatex's entry types and fields, as the tables of kinds and fields have them. */
import { FIELDS, FIELD_NAMES, type FieldName } from '../../source/fields'
import { readAs } from '../../source/kinds'

/** Entry types as read. What a type leaves open is settled by `refineKind`. */
export const TYPE_KINDS = readAs('bibtex')

/** Fields that mean the same in every type: BibTeX's name, ours. The first name of a field is the one written. */
export const PLAIN_FIELDS: readonly (readonly [string, FieldName])[] = FIELD_NAMES.filter((name) => FIELDS[name].type === 'text').flatMap(
  (name) => FIELDS[name].bibtex.map((key) => [key, name] as const),
)
export const NAME_KEYS: readonly (readonly [string, FieldName])[] = FIELD_NAMES.filter((name) => FIELDS[name].type === 'names').flatMap(
  (name) => FIELDS[name].bibtex.map((key) => [key, name] as const),
)
/** Fields whose text is an address or a number of letters: no commands in them. */
export const VERBATIM = new Set(['url', 'doi', 'isbn', 'issn', 'eprint', 'file'])
