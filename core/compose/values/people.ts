/** The makers of a work: those who lead its entry, those named inside it with their roles. */
import type { FieldName, FieldOf } from '../../source/fields'
import { sameName, sameNames, type Name } from '../../source/names'
import type { MakerSet, NameFormId } from '../../styles/ids'
import { parsePattern, SLOTS } from '../../styles/pattern'
import type { NameForm, RoleWords, Style } from '../../styles/schema'
import { glue, type Atom } from '../line'
import { setNames, type NameOptions } from '../names'
import type { KindSetting } from '../work'
import type { Bind } from './setting'

type Role = FieldOf<'names'>

/** @throws Error for a form the style lacks, which `validateStyle` would have refused */
export function formOf(style: Style, id: NameFormId): NameForm {
  const form = style.names[id]
  if (!form) throw new Error(`no name form ${id} in ${style.id}`)
  return form
}

/** The names of one role, alone. */
export const people = (role: Role): Bind => (filters, { style }) => {
  const form = formOf(style, (filters[0] as NameFormId | undefined) ?? 'inline')
  return (work, { abbreviate }, out) => {
    const names = work.names(role)
    // The author of the whole is not named again where the part is by the same hand.
    if (!names.length || (role === 'containerAuthor' && work.lead && sameNames(work.lead.names, names))) return false
    setNames(names, form, { field: work.fieldOf(role), ...(abbreviate ? { abbreviate } : {}) }, out)
    return true
  }
}

/** The label printed behind the names that lead an entry in this role, if any: for one, for several. */
function leadLabel(kind: KindSetting, role: Role): readonly [string, string] | undefined {
  const inKind = kind.style.kindRoles?.[kind.id]?.[role]
  // An author is what one expects: only a kind can give the author a label (the host of a podcast).
  // So is the performer of what is performed.
  return (inKind ?? (role === 'author' || (role === 'performer' && kind.row.performed) ? undefined : kind.style.roles[role]))?.label
}

const lead: Bind = (filters, kind) => {
  const { style } = kind
  const id = (filters[0] as NameFormId | undefined) ?? 'lead'
  const form = formOf(style, id)
  const apart = id === 'short' && style.citation.sameSurname ? formOf(style, style.citation.sameSurname.names) : undefined
  const username = style.username !== undefined && (id === 'lead' || id === 'note') ? style.username : undefined
  const bare = filters.includes('bare')
  const [before, after] = aroundLabel(style)
  return (work, telling, out) => {
    const who = work.lead
    if (!who) return false
    const options: NameOptions = { field: work.fieldOf(who.role) }
    if (username) options.username = username
    if (telling.atLeast) options.atLeast = telling.atLeast
    if (telling.abbreviate) options.abbreviate = telling.abbreviate
    if (who.groups && id === 'lead') {
      const of = who.groups.length
      who.groups.forEach(({ roles, names }, i) => {
        if (i) out.push(glue(i < of - 1 && style.roleJoins.lead !== '; ' ? form.between : style.roleJoins.lead ?? form.last))
        const field = work.fieldOf(roles[0]!)
        setNames(names, form, { ...options, field }, out)
        const label = bare
          ? ''
          : roles
              .map((role) => leadLabel(kind, role)?.[names.length > 1 ? 1 : 0] ?? '')
              .filter(Boolean)
              .join(style.roleJoins.label)
        if (!label) return
        if (before) out.push(before)
        out.push({ text: label, part: 'who', field, rules: ['role'] })
        if (after) out.push(after)
      })
      return true
    }
    setNames(who.names, telling.tellApart && apart ? apart : form, options, out)
    const label = bare ? undefined : leadLabel(kind, who.role as Role)?.[who.names.length > 1 ? 1 : 0]
    if (label) {
      if (before) out.push(before)
      out.push({ text: label, part: 'who', field: options.field, rules: ['role'] })
      if (after) out.push(after)
    }
    return true
  }
}

/** What stands before and behind the label of the leading names. */
function aroundLabel(style: Style): (Atom | undefined)[] {
  const pieces = parsePattern(style.leadLabel, SLOTS.label)
  const at = pieces.findIndex(piece => 'slot' in piece)
  const text = (piece: (typeof pieces)[number] | undefined) => (piece && 'text' in piece ? glue(piece.text) : undefined)
  return [text(pieces[at - 1]), text(pieces[at + 1])]
}

/** Leading names as a book has them: no stop before the title when a role in brackets ends them. */
const leadBook: Bind = (filters, kind, place) => {
  const names = lead(filters, kind, place)
  return (work, telling, out) => {
    if (!names(work, telling, out)) return false
    if (!/[).]$/u.test(out.at(-1)!.text)) out.push(glue('.'))
    return true
  }
}

/** The makers who do not lead, with their roles, those in one hand together ("edited and translated by"). */
const makers = (set: MakerSet, of: 'all' | 'part' | 'whole' = 'all', apart?: string): Bind => (_filters, kind) => {
  const { style } = kind
  const rules = style.makers[set]
  if (!rules) return () => false
  const form = formOf(style, rules.form)
  const pattern = parsePattern(rules.pattern, SLOTS.makers)
  const between = apart ?? rules.between ? glue(apart ?? rules.between!) : undefined
  const ofPart = kind.row.partMakers ?? []
  const order = kind.row.makers
  const roles = (kind.layout.makers ?? order).filter(
    (role) => style.roles[role] && (of === 'all' || ofPart.includes(role) === (of === 'part')),
  )
  const wordsOf = (role: Role): RoleWords => style.roleSets?.[set]?.[role] ?? style.roles[role]!
  return (work, _telling, out) => {
    const groups: { roles: Role[], names: readonly Name[] }[] = []
    for (const role of roles) {
      const names = work.names(role)
      if (!names.length || role === work.lead?.role) continue
      const same = groups.find(g => g.names.length === names.length && g.names.every((name, i) => sameName(name, names[i]!)))
      if (same) same.roles = order.filter(one => one === role || same.roles.includes(one))
      else groups.push({ roles: [role], names })
    }
    groups.forEach(({ roles, names }, i) => {
      if (i && between) out.push(between)
      const words = roles.map(wordsOf)
      const field: FieldName = roles[0]!
      for (const piece of pattern) {
        if ('text' in piece) out.push(glue(piece.text))
        else if (piece.slot === 'names') setNames(names, form, { field }, out)
        else if (piece.slot === 'label') {
          const label = words
            .map((w) => w.label?.[names.length > 1 ? 1 : 0] ?? '')
            .filter(Boolean)
            .join(style.roleJoins.label)
          out.push({ text: label, part: 'who', field, rules: ['role'] })
        } else
          out.push({
            text: joinVerbs(words.map((w) => w.verb ?? '').filter(Boolean), style),
            part: 'who',
            field,
            rules: ['role'],
            sentence: true,
          })
      }
    })
    return groups.length > 0
  }
}

/** "edited by" and "translated by": "edited and translated by". */
function joinVerbs(verbs: readonly string[], style: Style): string {
  if (verbs.length < 2) return verbs[0] ?? ''
  const shared = verbs.map((verb) => verb.slice(verb.lastIndexOf(' '))).every((ending, _, all) => ending === all[0])
    ? verbs[0]!.slice(verbs[0]!.lastIndexOf(' '))
    : ''
  const all = verbs.slice(0, -1).map(verb => (shared ? verb.slice(0, -shared.length) : verb))
  return `${all.join(', ')}${style.roleJoins.verb}${verbs.at(-1)!}`
}

export const PEOPLE = {
  'lead': lead,
  'lead.book': leadBook,
  'makers': makers('makers'),
  'inside.makers': makers('inside', 'whole'),
  'note.makers': makers('note'),
  'part.makers': makers('makers', 'part'),
  'note.part.makers': makers('note', 'part'),
  'note.inside.makers': makers('note', 'whole'),
  'all.inside.makers': makers('inside'),
  /** Writers and directors of an episode, side by side. */
  'crew': makers('makers', 'part', ', '),
  /** Every maker who does not lead, editors included where they would else lead (ACS puts them after the title). */
  'allMakers': makers('makers'),
}
