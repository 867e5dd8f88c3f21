/** Why a run looks as it does: its rules as sentences, with the manual's section. */
import { RULE_IDS } from '../text/origin'
import type { Run } from '../text/runs'
import { sayRule, type SaidRule } from '../styles/rules'
import type { Style } from '../styles/schema'

/** The sentences behind a run, the most telling first; rules that say nothing in this style are left out. */
export function explain(style: Style, run: Pick<Run, 'rules' | 'field'>): SaidRule[] {
  const field = RULE_IDS.find(id => id === run.field)
  const ofField = field && style.rules[field] && !run.rules.includes(field) ? [field] : []
  return [...new Set([...ofField, ...[...run.rules].reverse()])].flatMap(id => sayRule(style, id) ?? [])
}
