/** Why a run looks as it does: its rules as sentences, with the manual's section. */
import type { Run } from '../text/runs'
import type { Rule, Style } from '../styles/types'

/** Rules that every style shares, where a style has no sentence of its own. */
const GENERAL: Record<string, Rule> = {
  'words.note': { says: 'Your own words in the note, printed as you typed them.', source: '' },
  'words.own': { says: 'Your own words, printed as you typed them.', source: '' },
  'title.none': { says: 'No title given: add one, or a description.', source: '' },
  'citation.unknown': { says: 'No source of this paper has this id.', source: '' },
}

/** The sentences behind a run, the most telling first; rules a style has no sentence for are left out. */
export function explain(style: Style, run: Pick<Run, 'rules' | 'field'>): Rule[] {
  const ids = [...new Set([...(run.field && style.rules[run.field] && !run.rules.includes(run.field) ? [run.field] : []), ...[...run.rules].reverse()])]
  return ids.map(id => style.rules[id] ?? GENERAL[id]).filter(rule => rule !== undefined)
}
