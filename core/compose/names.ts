/** Names set in a style's form: order, initials, joining, shortening. */
import { givenName, initials, surname, type Name } from '../source/names'
import type { NameForm } from '../styles/types'
import type { Atom } from './line'

export interface NameOptions {
  field: string
  /** Names to show before "et al.", when more are needed to tell works apart. */
  atLeast?: number
  /** How a username follows its name: " [{username}]". */
  username?: string
  /** Groups met for the first time: given with their abbreviation. */
  introduce?: ReadonlySet<string>
  /** Group names by their abbreviation. */
  abbreviate?: ReadonlySet<string>
}

/** One name as text. `position` counts from 0. */
export function setName(name: Name, form: NameForm, position: number, abbreviate?: ReadonlySet<string>): string {
  if (name.literal) return name.short && abbreviate?.has(name.literal) ? name.short : name.literal.trim()
  const family = surname(name)
  if (form.order === 'surname' || form.given === 'none' || (form.firstOnly && position > 0)) return family
  const whole = givenName(name)
  const given = form.given === 'initials' ? withDropping(initials(name.given ?? '', form.initials ?? { stop: '.', space: ' ', hyphen: true }), name, !name.family) : whole
  if (!given) return name.suffix ? `${family}${form.suffix}${suffixText(name.suffix, form)}` : family
  const inverted = form.order === 'all-inverted' || (form.order === 'first-inverted' && position === 0)
  const text = inverted ? `${family}${form.invert}${given}` : `${given} ${family}`
  if (!name.suffix) return text
  // A roman numeral takes no comma in either order (Chicago 18, 6.46); in an inverted name every suffix is set off.
  return `${text}${inverted && form.invert.includes(',') && form.suffix === ' ' && form.given === 'full' ? ', ' : form.suffix}${suffixText(name.suffix, form)}`
}

const suffixText = (suffix: string, form: NameForm): string => {
  const bare = suffix.replace(/\.$/u, '')
  return /^(?:jr|sr)$/iu.test(bare) ? (form.initials?.stop === '' ? bare : `${bare}.`) : suffix
}

const withDropping = (given: string, name: Name, lone: boolean): string => lone ? '' : [given, name.droppingParticle].filter(Boolean).join(' ')

/** A list of names as atoms. */
export function setNames(names: readonly Name[], form: NameForm, options: NameOptions): Atom[] {
  const out: Atom[] = []
  const who = (text: string, ...rules: string[]) => out.push({ text, part: 'who', field: options.field, rules: [...nameRules(form), ...rules] })
  const glue = (text: string, ...rules: string[]) => out.push({ text, part: 'glue', field: options.field, rules })
  const etAl = form.etAl
  const short = etAl && names.length >= etAl.from && Math.max(etAl.keep, options.atLeast ?? 0) < names.length
  const shown = short ? names.slice(0, Math.max(etAl.keep, options.atLeast ?? 0)) : names
  const handle = (name: Name) => (name.username && options.username ? options.username.replace('{username}', name.username) : '')
  const text = (name: Name, i: number) => setName(name, form, i, options.abbreviate) + handle(name) + (name.literal && name.short && options.introduce?.has(name.literal) ? ` [${name.short}]` : '')
  shown.forEach((name, i) => {
    if (i > 0) {
      const isLast = i === shown.length - 1 && !short
      glue(!isLast ? form.between : names.length === 2 ? form.pair : form.last, 'names.joined')
    }
    who(text(name, i))
  })
  if (short && etAl.withLast) {
    glue(etAl.withLast, 'names.shortened')
    who(text(names.at(-1)!, names.length - 1), 'names.shortened')
  }
  else if (short) {
    // More than one name before it: the serial comma, where the style has one.
    glue(shown.length > 1 && etAl.before === ' ' && form.last.startsWith(',') ? ', ' : etAl.before)
    out.push({ text: etAl.text, part: 'who', field: options.field, rules: ['names.shortened'], ...(etAl.italic ? { italic: true } : {}) })
  }
  return out
}

function nameRules(form: NameForm): string[] {
  const rules: string[] = []
  if (form.order === 'first-inverted' || form.order === 'all-inverted') rules.push('names.inverted')
  if (form.given === 'initials') rules.push('names.initials')
  if (form.order === 'surname') rules.push('names.surname')
  return rules
}
