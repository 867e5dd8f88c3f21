/** What Dendle notices about each source, kept until the source, its style or what was left changes. */
import { checkDetails } from '~~/core/check/details'
import type { Finding } from '~~/core/check/finding'
import type { Style } from '~~/core/styles'
import type { PaperSource } from '~/stores/sources'

interface Kept { kind: string, settled: readonly string[], findings: Finding[] }
const kept = new WeakMap<Style, WeakMap<object, Kept>>()

const today = (): [number, number, number] => {
  const now = new Date()
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
}

/** The findings of a source in a style, without those the writer chose to leave. */
export function findingsOf(source: PaperSource, style: Style): Finding[] {
  let byFields = kept.get(style)
  if (!byFields) kept.set(style, byFields = new WeakMap())
  const before = byFields.get(source.fields)
  if (before && before.kind === source.kind && before.settled === source.settled) return before.findings
  const findings = checkDetails({ source, style, today: today() }, source.settled)
  byFields.set(source.fields, { kind: source.kind, settled: source.settled, findings })
  return findings
}
