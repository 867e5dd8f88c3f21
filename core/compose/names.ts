/** Names set in a style's form: order, initials, joining, shortening. */
import { givenName, initials, surname, type Name } from '../source/names'
import { OTHERS } from '../source/values/names'
import type { FieldName } from '../source/fields'
import type { NameForm } from '../styles/schema'
import { fillPattern } from '../styles/pattern'
import type { RuleId } from '../text/origin'
import { curled } from '../text/quotes'
import type { Atom } from './line'

export interface NameOptions {
  field: FieldName
  /** Names to show before "et al.", when more are needed to tell works apart. */
  atLeast?: number
  /** How a username follows its name: " [{username}]". */
  username?: string
  /** Groups met for the first time: given with their abbreviation. */
  introduce?: ReadonlySet<string>
  /** Group names by their abbreviation. */
  abbreviate?: ReadonlySet<string>
  /** Where only the first name has its initials, others of the same surname in this work have them too. */
  alsoWithin?: boolean
}

/** One name as text. `position` counts from 0. */
export function setName(name: Name, form: NameForm, position: number, abbreviate?: ReadonlySet<string>): string {
  return curled(
    name.literal ? (name.short && abbreviate?.has(name.literal) ? name.short : name.literal.trim()) : setPerson(name, form, position),
  )
}

function setPerson(name: Name, form: NameForm, position: number): string {
  // Where initials take no stops, nothing in a name does: "St John O" (Citing Medicine 2, Appendix F).
  const bare = form.initials?.stop === ''
  const family = bare ? surname(name).replace(/\./gu, '') : surname(name)
  if (form.order === 'surname' || form.given === 'none' || (form.firstOnly && position > 0)) return family
  const given = form.given === 'initials' ? setInitials(name, form) : spacedInitials(givenName(name))
  if (!given) return name.suffix ? `${family}${form.suffix}${setSuffix(name.suffix, form)}` : family
  const inverted = form.order === 'all-inverted' || (form.order === 'first-inverted' && position === 0)
  const text = inverted ? `${family}${form.invert}${given}` : `${given} ${family}`
  if (!name.suffix) return text
  // A roman numeral takes no comma in either order (Chicago 18, 6.46); in an inverted name every suffix is set off.
  const setOff = inverted && form.invert.includes(',') && form.suffix === ' ' && form.given === 'full'
  return `${text}${setOff ? ', ' : form.suffix}${setSuffix(name.suffix, form)}`
}

/** Initials in a name given in full stand apart: "J.R." is J. R. (Chicago 18, 7.62; MLA Handbook 9, 2.83). */
const spacedInitials = (given: string): string => (given.includes('.') ? given.replace(/(?<=\p{Lu}\.)(?=\p{Lu}\.)/gu, ' ') : given)

const DEFAULT_INITIALS = { stop: '.', space: ' ', hyphen: true } as const

/** Initials, with a dropping particle behind them; none of a name that has no surname. */
function setInitials(name: Name, form: NameForm): string {
  if (!name.family) return ''
  const set = initials(name.initials ?? name.given ?? '', form.initials ?? DEFAULT_INITIALS)
  return name.droppingParticle ? `${set} ${name.droppingParticle}`.trim() : set
}

const setSuffix = (suffix: string, form: NameForm): string => {
  const bare = suffix.replace(/\.$/u, '')
  return /^(?:jr|sr)$/iu.test(bare) ? (form.initials?.stop === '' ? bare : `${bare}.`) : suffix
}

/** A list of names as atoms, joined and shortened as the form wants. */
export function setNames(given: readonly Name[], form: NameForm, options: NameOptions, out: Atom[] = []): Atom[] {
  // Where the source itself gives no more than the first of them, the others are "et al." however few are named.
  const open = given.length > 1 && given.at(-1) === OTHERS
  const names = open ? given.slice(0, -1) : given
  const { field } = options
  const rules = rulesOf(form)
  const etAl = form.etAl ?? (open ? { from: Infinity, keep: 0, before: form.between, text: 'et al.' } : undefined)
  const keep = Math.max(etAl?.keep ?? 0, options.atLeast ?? 0)
  const cut = etAl !== undefined && names.length >= etAl.from && keep < names.length
  const short = cut || open
  const shown = cut ? keep : names.length
  const text = (name: Name, i: number): string => {
    const alike =
      options.alsoWithin
      && i > 0
      && form.firstOnly
      && !name.literal
      && names.some((other, at) => at !== i && !other.literal && surname(other) === surname(name))
    const set = setName(name, form, alike ? 0 : i, options.abbreviate)
    const handle = name.username && options.username ? fillPattern(options.username, { username: name.username }) : ''
    const short = name.literal && name.short && options.introduce?.has(name.literal) ? ` [${name.short}]` : ''
    return set + handle + short
  }
  for (let i = 0; i < shown; i++) {
    if (i > 0) {
      const isLast = i === shown - 1 && !short
      out.push({ text: !isLast ? form.between : names.length === 2 ? form.pair : form.last, part: 'glue', field, rules: JOINED })
    }
    out.push({ text: text(names[i]!, i), part: 'who', field, rules })
  }
  if (!short || !etAl) return out
  if (etAl.withLast !== undefined && !open) {
    out.push({ text: etAl.withLast, part: 'glue', field, rules: SHORTENED })
    out.push({ text: text(names.at(-1)!, names.length - 1), part: 'who', field, rules: [...rules, 'names.shortened'] })
    return out
  }
  // More than one name before it: the serial comma, where the style has one.
  out.push({ text: shown > 1 && etAl.before === ' ' && form.last.startsWith(',') ? ', ' : etAl.before, part: 'glue', field, rules: [] })
  out.push({ text: etAl.text, part: 'who', field, rules: SHORTENED, ...(etAl.italic ? { italic: true } : {}) })
  return out
}

const JOINED: readonly RuleId[] = ['names.joined']
const SHORTENED: readonly RuleId[] = ['names.shortened']

const ruled = new WeakMap<NameForm, readonly RuleId[]>()
/** The rules that a name set in this form follows. */
function rulesOf(form: NameForm): readonly RuleId[] {
  const known = ruled.get(form)
  if (known) return known
  const rules: RuleId[] = []
  if (form.order === 'first-inverted' || form.order === 'all-inverted') rules.push('names.inverted')
  if (form.given === 'initials') rules.push('names.initials')
  if (form.order === 'surname') rules.push('names.surname')
  ruled.set(form, rules)
  return rules
}
