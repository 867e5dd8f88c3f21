/** What Dendle notices about each source, kept until the source or its style changes. */
import { checkDetails } from '~~/core/check/details'
import type { Finding } from '~~/core/check/finding'
import type { Style } from '~~/core/styles'
import type { PaperSource } from '~/stores/sources'

interface Kept { kind: string, findings: Finding[] }
const kept = new WeakMap<Style, WeakMap<object, Kept>>()

const today = (): [number, number, number] => {
  const now = new Date()
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
}

/** The findings of a source in a style, those among them that the writer left. */
export function findingsOf(source: PaperSource, style: Style): Finding[] {
  let byFields = kept.get(style)
  if (!byFields) kept.set(style, byFields = new WeakMap())
  const before = byFields.get(source.fields)
  if (before && before.kind === source.kind) return before.findings
  const findings = checkDetails({ source, style, today: today() })
  byFields.set(source.fields, { kind: source.kind, findings })
  return findings
}
