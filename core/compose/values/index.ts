/**
 * The values a template can name (styles/vocabulary.ts lists them): each is bound to its filters and its place when a
 * style is compiled, and prints nothing when the work has nothing to print there.
 */
import { FIELDS, type FieldName, type FieldOf } from '../../source/fields'
import { isDerived, type DerivedValue } from '../../styles/vocabulary'
import type { Style } from '../../styles/schema'
import type { Atom } from '../line'
import type { Place, Printer } from '../printer'
import type { KindSetting } from '../work'
import { DATES, noDate, plainDate } from './dates'
import { NUMBERS } from './numbers'
import { PEOPLE, people } from './people'
import { PLACES } from './places'
import { printing, type Bind } from './setting'
import { TITLES } from './titles'
import { WORDS } from './words'

const DERIVED: Record<DerivedValue, Bind> = { ...PEOPLE, ...DATES, ...TITLES, ...NUMBERS, ...PLACES, ...WORDS }

/** @throws Error for a name that is no value, which `validateStyle` would have refused */
export function bindValue(name: string, filters: readonly string[], kind: KindSetting, place: Place): Printer {
  if (isDerived(name)) return DERIVED[name](filters, kind, place)
  if (!Object.hasOwn(FIELDS, name)) throw new Error(`no value {${name}} in ${kind.style.id}, ${kind.id}`)
  const field = name as FieldName
  const { type } = FIELDS[field]
  const bind =
    type === 'names'
      ? people(field as FieldOf<'names'>)
      : type === 'date'
        ? plainDate(field as FieldOf<'date'>)
        : printing(field, (work) => work.text(field))
  return bind(filters, kind, place)
}

/** What `{date!}` and `{year!}` print where there is none. */
export const fallback = (style: Style): Printer => noDate(style)

/** Titles decide their own italics. */
export const isTitleAtom = (atom: Atom): boolean => atom.rules.some(rule => rule.startsWith('title.'))
