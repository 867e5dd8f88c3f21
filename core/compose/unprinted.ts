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

/** The fields that a source has and a style does not print, with the style's reasons. A style is asked only where it gives one. */
export function unprinted(style: Style, source: Source): { field: FieldName, why: string }[] {
  return (Object.keys(source.fields) as FieldName[]).flatMap((field) => {
    const why = has(source, field) ? silence(style, source, field) : undefined
    return why !== undefined && isUnprinted(style, source, field) ? [{ field, why }] : []
  })
}
