/** What naming differences is made of: where a word of Dendle’s own comes from, and how a difference is said. */
import { FIELD_NAMES, type FieldName } from '../source/fields'
import { labelFor } from '../source/kinds'
import type { Source } from '../source/model'
import { sayRule } from '../styles/rules'
import type { Style } from '../styles/schema'
import type { RuleId, Run } from '../text/runs'
import type { Difference, DifferenceKind } from './difference'
import type { Token } from './tokens'

export interface Naming { style: Style, source: Source, /** Whether italics could be seen in the other list. */ rich: boolean }

export const fieldOf = (token: Token | undefined): FieldName | undefined => {
  const field = token?.run?.field
  return FIELD_NAMES.find(name => name === field)
}

export const partOf = (token: Token | undefined): Run['part'] => token?.run?.part ?? 'glue'

export const carries = (tokens: readonly Token[], ...ids: RuleId[]): RuleId | undefined =>
  ids.find((id) => tokens.some((token) => token.run?.rules.includes(id)))

/** What a field is called in a sentence. */
const CALLED: Partial<Record<FieldName, string>> = {
  accessed: 'day of reading', originalDate: 'date of first publication', archive: 'archive', url: 'address', genre: 'sort of work',
}

export function calledIn({ source }: Naming, field: FieldName): string {
  const own = CALLED[field]
  if (own) return own
  const label = labelFor(source.kind, field)
  return /^(?:DOI|ISBN|ISSN)/u.test(label) ? label : label.toLowerCase()
}

export const quoted = (text: string): string => `“${text}”`

/** The words that both have before and behind a stretch that differs. */
export interface Near { before: Token | undefined, behind: Token | undefined }

interface Said {
  kind: DifferenceKind
  says: string
  given: string
  wanted: string
  of?: Difference['of']
  rule?: RuleId | undefined
  field?: FieldName | undefined
}

export function say({ style }: Naming, { rule, field, of = 'mistake', ...said }: Said): Difference {
  const source = rule ? (sayRule(style, rule)?.source ?? '') : ''
  return { ...said, of, source, ...(rule ? { rule } : {}), ...(field ? { field } : {}) }
}

/** A rule's own sentence, or another where the style has none. */
export const sentence = ({ style }: Naming, rule: RuleId | undefined, otherwise: string): string =>
  (rule && sayRule(style, rule)?.says) || otherwise

export const keyed = (tokens: readonly Token[]): string => tokens.filter(token => token.kind !== 'mark').map(token => token.key).join(' ')

export const cap = (text: string): string => text.replace(/^\p{Ll}/u, first => first.toUpperCase())

const EDGES = ' .,;:()[]'

/** Without the marks and spaces at its edges. */
export function trim(text: string): string {
  let [from, to] = [0, text.length]
  while (from < to && EDGES.includes(text[from]!)) from++
  while (to > from && EDGES.includes(text[to - 1]!)) to--
  return text.slice(from, to)
}
