/** Findings about the details of a source: all rule families, in the order a writer would mend them. */
import { titlesHere, type TitleWords } from '../text/capitals'
import { listEntry } from '../compose/entry'
import type { Source } from '../source/model'
import type { Style } from '../styles/schema'
import { identify, type Setting } from './detail-rule'
import { asked } from './faults'
import type { Finding } from './finding'
import { ADDRESS_RULES } from './detail-addresses'
import { NAME_RULES } from './detail-names'
import { NUMBER_RULES } from './detail-numbers'
import { PLACE_RULES } from './detail-places'
import { TITLE_RULES } from './detail-titles'

const RULES = [...PLACE_RULES, ...NAME_RULES, ...TITLE_RULES, ...NUMBER_RULES, ...ADDRESS_RULES]

/** Everything worth looking at in one source. */
export function checkDetails(given: Omit<Setting, 'titles'>, titles: TitleWords = titlesHere()): Finding[] {
  const setting: Setting = { ...given, titles }
  const { source, style } = setting
  // A rule that comes to grief on a source leaves the others theirs.
  const found = RULES.flatMap(rule => asked(rule, () => rule(setting))).map(finding => identify(finding, setting))
  if (listEntry(style, source, { titles })?.some(run => run.rules.includes('as-typed'))) {
    found.unshift(
      identify(
        {
          rule: 'as-typed',
          says: 'Dendle could not set this source, and prints it as it was typed. Take out what is unusual in it, field by field, until it is set.',
          about: source.id,
          serious: true,
        },
        setting,
      ),
    )
  }
  if (!found.some(({ where }) => where.at === 'field' && where.field === 'title')) {
    const unsure = new Set<string>()
    listEntry(style, source, { unsure, titles })
    if (unsure.size)
      found.push(identify({ rule: 'title-unsure', field: 'title', says: doubt([...unsure], titles), about: [...unsure].join() }, setting))
  }
  return found
}

/** A source with a finding's fix done: the fields, and the kind where it changes. */
export function fixed(source: Source, { fix }: Finding): Source {
  const change = fix?.change
  return change?.on === 'source' ? { ...source, kind: change.kind ?? source.kind, fields: change.fields } : source
}

/** That a source is in the paper twice; the fix, a merge, is for the writer to see through. */
export const duplicateOf = (source: Source, other: { id: string, name: string }, by: string, style: Style): Finding => ({
  ...identify(
    {
      rule: 'duplicate',
      serious: true,
      says: `This looks like ${other.name}, which the paper has already: the same ${by}.`,
      about: other.id,
    },
    { source, style, titles: titlesHere() },
  ),
  other: other.id,
})

/** What is done with words that may be names: those that no list knows keep their capital, those that are both are lowered. */
function doubt(words: readonly string[], { isCommon }: TitleWords): string {
  const kept = words.filter(word => !isCommon(word))
  const lowered = words.filter(word => isCommon(word))
  return [
    'A name or a word?',
    lowered.length && `${lowered.join(', ')}: a name keeps its capital; protect it, or leave it.`,
    kept.length
      && `${kept.join(', ')}: no list knows ${kept.length > 1 ? 'them, so they keep their capitals' : 'it, so it keeps its capital'} as a name would; give a common word a small letter.`,
  ]
    .filter(Boolean)
    .join(' ')
}
