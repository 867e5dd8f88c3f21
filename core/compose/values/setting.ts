/** What values have in common: how an answer becomes an atom. */
import { FIELDS, type FieldName } from '../../source/fields'
import { curled } from '../../text/quotes'
import { RULE_IDS, type Part, type RuleId } from '../../text/origin'
import type { Style } from '../../styles/schema'
import type { Atom } from '../line'
import type { Place, Printer } from '../printer'
import type { KindSetting, Work } from '../work'

/** A value bound to its filters and to where it stands in a kind's template. */
export type Bind = (filters: readonly string[], kind: KindSetting, place: Place) => Printer

/** Fields that have a rule of their own in some styles. */
const isRule = (name: string): name is RuleId => RULE_IDS.some(id => id === name)

/** The rules behind an answer: those given, and the field's own where the style has one. */
export function rulesFor(style: Style, field: FieldName | undefined, ...rules: RuleId[]): readonly RuleId[] {
  return field && isRule(field) && style.rules[field] ? [...rules, field] : rules
}

/** Puts an answer into the line; whether there was one. */
export type Answer = (text: string, out: Atom[]) => boolean

/** How answers from a field are put into the line, with the question and the rules behind them. */
export function answer(style: Style, field: FieldName, ...given: RuleId[]): Answer {
  const rules = rulesFor(style, field, ...given)
  const part: Part = FIELDS[field].question
  const plain = field === 'url' || field === 'doi'
  // What the source calls its shelf or its sort begins with a capital where it begins a sentence.
  const sentence =
    field === 'archiveLocation'
    || field === 'genre'
    || field === 'medium'
    || field === 'scale'
    || (style.dates.sentence === true && FIELDS[field].type === 'date')
  return (text, out) => {
    if (!text) return false
    out.push(
      sentence && /^\p{Ll}/u.test(text)
        ? { text: curled(text), part, field, rules, sentence }
        : { text: plain ? text : curled(text), part, field, rules },
    )
    return true
  }
}

/** A printer of what `read` finds in a work. */
export const printing = (field: FieldName, read: (work: Work) => string, ...rules: RuleId[]): Bind => (_filters, { style }) => {
  const put = answer(style, field, ...rules)
  return (work, _telling, out) => put(read(work), out)
}

/** The first letter small, unless the word has other capitals: "PhD dissertation" stays. */
export const beginSmall = (text: string): string => text.replace(/^\p{Lu}(?=\p{Ll}+(?![\p{L}]))/u, c => c.toLowerCase())
