/** A difference between an entry made elsewhere and Dendle's: what it is, in a sentence, and whose affair it is. */
import type { FieldName } from '../source/fields'
import type { RuleId } from '../text/runs'

export type DifferenceKind = 'italics' | 'capitals' | 'punctuation' | 'words' | 'order' | 'names' | 'abbreviation' | 'number' | 'spacing'
export interface Difference {
  kind: DifferenceKind
  says: string
  /** The manual's section; empty where it is no rule's. */
  source: string
  given: string
  wanted: string
  /** A mistake in that list, a detail missing or other in the source, a matter of house rules. */
  of: 'mistake' | 'detail' | 'house-rule'
  rule?: RuleId
  /** The source's field whose value is other or missing. */
  field?: FieldName
}
