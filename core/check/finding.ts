/** What a careful marker would circle: words, the reason, and a fix where one is certain. */
import type { FieldName } from '../source/fields'
import type { KindId } from '../source/kinds'
import type { Fields, Source } from '../source/model'
import type { Style } from '../styles/types'

export interface Fix {
  /** What the button says. */
  label: string
  /** What the value would be, to be seen before it is done. */
  shows?: string
  fields: Fields
  kind?: KindId
}

export interface Finding {
  /** Stable for the same words: "leave it" holds until they change. */
  id: string
  rule: string
  field?: FieldName
  says: string
  fix?: Fix
  /** The reference has a hole, or would be marked wrong, without it. */
  serious: boolean
}

/** What a rule may ask: the source, the style it will be printed in, today. */
export interface Setting {
  source: Source
  style: Style
  /** Year, month, day. */
  today: readonly [number, number, number]
}

/** One rule about the details of a source. A rule family is a file that exports a list of these. */
export type DetailRule = (setting: Setting) => (Omit<Finding, 'id' | 'serious'> & { serious?: boolean, about?: string })[]

/** A finding with its id made from the rule, the field and the words it is about. */
export function identify({ about, serious = false, ...finding }: ReturnType<DetailRule>[number], source: Source): Finding {
  const value = about ?? (finding.field ? JSON.stringify(source.fields[finding.field] ?? '') : '')
  return { ...finding, serious, id: `${finding.rule}:${finding.field ?? ''}:${hash(value)}` }
}

/** FNV-1a, 32 bits: short and the same everywhere. */
function hash(text: string): string {
  let h = 0x811C9DC5
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193) >>> 0
  return h.toString(36)
}
