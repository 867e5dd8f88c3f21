/** One source alone: its list entry, its notes, and what stands for its author in the text. */
import { textOf, type Source } from '../source/model'
import type { Run } from '../text/runs'
import type { Layout, Style } from '../styles/types'
import { raise, setLine, stop, type Atom } from './line'
import { setNames } from './names'
import { mlaShort, chicagoShort, setTitle } from './titles'
import { layoutOf, render } from './render'
import { capitalsFor, form, leader, type Context } from './values'

export type Extras = Omit<Context, 'style' | 'source' | 'layout'> & { repeated?: string }

export const contextFor = (style: Style, source: Source, extras: Extras = {}): Context =>
  ({ style, source, layout: layoutOf(style, source.kind), ...extras })

export const isListed = (style: Style, source: Source): boolean => !layoutOf(style, source.kind).unlisted

/** The list entry of a source, or null where the style never lists its kind. Set once for each state it is asked in. */
export function listEntry(style: Style, source: Source, { unsure, ...extras }: Extras = {}): Run[] | null {
  // Fields are replaced when they change, never changed in place: they are the key.
  const cache = within(within(entries, style, () => new WeakMap<object, Map<string, SetEntry>>()), source.fields, () => new Map<string, SetEntry>())
  const key = `${source.kind} ${JSON.stringify(extras, (_, value: unknown) => (value instanceof Set ? [...value] : value))}`
  let set = cache.get(key)
  if (!set) {
    const words = new Set<string>()
    set = { runs: setEntry(style, source, { ...extras, unsure: words }), unsure: words }
    cache.set(key, set)
  }
  set.unsure.forEach(word => unsure?.add(word))
  return set.runs
}

interface SetEntry { runs: Run[] | null, unsure: ReadonlySet<string> }
const entries = new WeakMap<Style, WeakMap<object, Map<string, SetEntry>>>()
function within<K extends object, V>(map: WeakMap<K, V>, key: K, make: () => V): V {
  const found = map.get(key)
  if (found) return found
  const made = make()
  map.set(key, made)
  return made
}

function setEntry(style: Style, source: Source, extras: Extras): Run[] | null {
  const context = contextFor(style, source, extras)
  if (context.layout.unlisted) return null
  const atoms = render(context.layout.entry ?? style.frame, context)
  return finish(extras.repeated ? repeatName(atoms, context, extras.repeated) : atoms, style)
}

/** Lines end with a full stop, except after an address in the styles that leave it bare. */
function finish(atoms: Atom[], style: Style): Run[] {
  const field = atoms.findLast(a => a.field)?.field
  const bare = style.list.noStopAfter.some(name => name === field)
  return setLine(bare ? atoms : [...atoms, stop()], style)
}

/** The names of the entry before are not printed again where the style has a sign for them. */
function repeatName(atoms: readonly Atom[], context: Context, sign: string): Atom[] {
  const count = render('{lead:lead,bare}', context).length
  return [{ text: sign, part: 'who', ...(atoms[0]?.field ? { field: atoms[0].field } : {}), rules: ['names.repeated'] }, ...atoms.slice(count)]
}

/** The full note without its closing stop, as atoms; styles without notes have none. */
export function noteAtoms(style: Style, source: Source, extras: Extras, short: boolean): Atom[] {
  const context = contextFor(style, source, extras)
  const template = short ? context.layout.short ?? style.parts.short ?? '' : context.layout.note ?? style.noteFrame ?? ''
  return render(template, context)
}

/** A note of one source alone, ended and begun as a note is. */
export function note(style: Style, source: Source, extras: Extras, short: boolean): Run[] | null {
  if (style.citation.system !== 'notes') return null
  return setLine(raised([...noteAtoms(style, source, extras, short), stop()]), style)
}

/** The first letter of a note or sentence raised. */
export function raised(atoms: readonly Atom[]): Atom[] {
  const at = atoms.findIndex(a => /[\p{L}\p{N}]/u.test(a.text))
  return atoms.map((a, i) => (i === at ? { ...a, text: raise(a.text) } : a))
}

export interface TextNames {
  narrative: boolean
  /** Short titles in parentheses, whole ones in a sentence. */
  extras: Extras
}

/** What stands for the author in the text: names, a newspaper, or the title in its dress. */
export function authorInText(style: Style, source: Source, { narrative, extras }: TextNames): Atom[] {
  const context = contextFor(style, source, extras)
  const rules = style.citation
  const who = leader(context)
  if (who) {
    const names = extras.later && rules.laterNames && !context.tellApart && !extras.atLeast ? rules.laterNames[narrative ? 'narrative' : 'names'] : context.tellApart && rules.sameSurname ? rules.sameSurname[narrative ? 'narrative' : 'names'] : narrative ? rules.narrativeNames : rules.names
    return setNames(who.names, form(style, names), {
      field: who.role, ...(extras.atLeast ? { atLeast: extras.atLeast } : {}), ...(extras.abbreviate ? { abbreviate: extras.abbreviate } : {}), ...(extras.introduce && !narrative ? { introduce: extras.introduce } : {}),
    }).map(a => ({ ...a, rules: [...a.rules, ...(context.tellApart ? ['names.apart'] : [])] }))
  }
  if (context.layout.standIn && rules.system !== 'notes') {
    const standIn = render(context.layout.standIn, context)
    if (standIn.length) return standIn
  }
  return titleInText(style, source, { short: !narrative, context })
}

/** The title as it stands in a sentence or citation: italic or quoted as in the list, in the style's capitals. */
export function titleInText(style: Style, source: Source, options: { short: boolean, context?: Context }): Atom[] {
  const context = options.context ?? contextFor(style, source)
  const raw = textOf(source, 'title')
  const { standInTitle, standInCapitals } = style.citation
  if (!raw) return describe(context)
  const short = standInTitle === 'full' || !options.short ? textOf(source, 'titleShort') && options.short ? textOf(source, 'titleShort') : raw
    : textOf(source, 'titleShort') || (standInTitle === 'mla-short' ? mlaShort(raw) : chicagoShort(raw))
  const treatment = context.layout.titleInText ?? treatmentInList(context)
  const place = { italic: treatment === 'italic', quoted: treatment === 'quoted' ? 1 : 0 }
  const given = capitalsFor(context, 'title', place, [])
  const { atoms } = setTitle(short, { style, field: 'title', ...place, capitals: given.style === 'as-given' ? given : standInCapitals ?? given })
  const dressed = atoms.map(a => ({ ...a, rules: [...a.rules, 'title.standsin'] }))
  if (treatment !== 'quoted') return dressed
  const [open, close] = style.quotes.outer
  return [{ text: open, part: 'glue', rules: [] }, ...dressed, { text: close, part: 'glue', rules: [], closes: true }]
}

const describe = (context: Context): Atom[] => {
  const words = render('⟦{description}⟧', context).filter(a => a.part !== 'glue')
  return words.length ? [{ text: '[', part: 'glue', rules: [] }, ...words, { text: ']', part: 'glue', rules: [] }] : [{ text: '[no title]', part: 'what', field: 'title', rules: ['title.none'] }]
}

function treatmentInList(context: Context): 'italic' | 'quoted' {
  const atoms = render(context.layout.entry ?? context.style.frame, context)
  return atoms.find(a => a.field === 'title')?.italic && !isQuotedFirst(atoms) ? 'italic' : 'quoted'
}
const isQuotedFirst = (atoms: readonly Atom[]): boolean => {
  const at = atoms.findIndex(a => a.field === 'title')
  return at > 0 && /[“‘]$/u.test(atoms[at - 1]!.text)
}

export type { Layout }
