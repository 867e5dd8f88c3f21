/** What a source has and a style does not print, each with the reason that the style gives. */
import type { FieldName } from '../source/fields'
import { kindOf } from '../source/kinds'
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
  const { reference, parenthetical, narrative, note, shortNote } = composeAlone(style, source)
  const all: (readonly Run[] | null | undefined)[] = [reference, parenthetical, narrative, note, shortNote]
  return all.map(runs => (runs ? toMarkup(runs) : '')).join('\n')
}

/** Whether a field of a source changes nothing in what is printed of it. */
export function isUnprinted(style: Style, source: Source, field: FieldName): boolean {
  const { [field]: _, ...fields } = source.fields
  return forms(style, source) === forms(style, { ...source, fields })
}

/** Said of no source: what a reader of it wants to know, not what is printed. */
const BESIDE: ReadonlySet<FieldName> = new Set(['language', 'titleShort'])

/**
 * The fields that a source has and a style does not print, each with the style's reason, which may be none: ''. Asked of
 * those that the style declares and of those that its kind does not offer; what else a kind offers is printed
 * (tests/conformance/fields.test.ts), and composing a source without its title would ask for capitals that nobody sees.
 */
export function unprinted(style: Style, source: Source): Map<FieldName, string> {
  const { required, usual } = kindOf(source.kind)
  const offered = new Set<FieldName>([...required, ...usual, 'title', 'author'])
  const out = new Map<FieldName, string>()
  for (const field of Object.keys(source.fields) as FieldName[]) {
    if (!has(source, field) || BESIDE.has(field)) continue
    const why = silence(style, source, field)
    if ((why !== undefined || !offered.has(field)) && isUnprinted(style, source, field)) out.set(field, why ?? '')
  }
  return out
}
