/** What a source has and a style does not print, each with the reason that the style gives. */
import type { FieldName } from '../source/fields'
import { has, type Source } from '../source/model'
import type { Style } from '../styles/schema'
import { rowOf } from '../text/lookup'
import { toMarkup, type Run } from '../text/runs'
import { composeAlone } from './compose'

/** Why a style does not print a field of a source: because of the manual, or of another detail; nothing where it does. */
export function silence(style: Style, { kind, fields }: Source, field: FieldName): string | undefined {
  const said = rowOf(style.silent, `${kind}.${field}`) ?? rowOf(style.silent, field)
  if (said === undefined || typeof said === 'string') return said
  return said.when.some(other => fields[other] !== undefined && other !== field) ? said.says : undefined
}

/** Every form of a source in one text. */
const forms = (style: Style, source: Source): string => {
  const alone = composeAlone(style, source)
  return [alone.reference, alone.parenthetical, alone.narrative, alone.note, alone.shortNote].map((runs: readonly Run[] | null | undefined) => (runs ? toMarkup(runs) : '')).join('\n')
}

/** Whether a field of a source changes nothing in what is printed of it. */
export function isUnprinted(style: Style, source: Source, field: FieldName): boolean {
  const { [field]: _, ...fields } = source.fields
  return forms(style, source) === forms(style, { ...source, fields })
}

/** Said of no source: what a reader of it wants to know, not what is printed. */
const BESIDE: ReadonlySet<FieldName> = new Set(['language', 'titleShort'])

/** The fields that a source has and a style does not print, each with the style's reason, which may be none: ''. */
export function unprinted(style: Style, source: Source): Map<FieldName, string> {
  const given = (Object.keys(source.fields) as FieldName[]).filter(field => has(source, field) && !BESIDE.has(field))
  return new Map(given.filter(field => isUnprinted(style, source, field)).map(field => [field, silence(style, source, field) ?? '']))
}
