/** Why a run looks as it does: its rules as sentences, with the manual's section. */
import type { Run } from '../text/runs'
import { RULE_IDS, type RuleId } from '../text/origin'
import type { Rule, Style } from '../styles/schema'

/** Rules that every style shares, where a style has no sentence of its own. */
const GENERAL: Partial<Record<RuleId, Rule>> = {
  'words.note': { says: 'Your own words in the note, printed as you typed them.', source: '' },
  'words.own': { says: 'Your own words, printed as you typed them.', source: '' },
  'title.none': { says: 'No title given: add one, or a description.', source: '' },
  'citation.unknown': { says: 'No source of this paper has this id.', source: '' },
}

/** The sentences behind a run, the most telling first; rules a style has no sentence for are left out. */
export function explain(style: Style, run: Pick<Run, 'rules' | 'field'>): Rule[] {
  const field = RULE_IDS.find(id => id === run.field)
  const ids = [...new Set([...(field && style.rules[field] && !run.rules.includes(field) ? [field] : []), ...[...run.rules].reverse()])]
  return ids.map(id => style.rules[id] ?? GENERAL[id]).filter(rule => rule !== undefined)
}
