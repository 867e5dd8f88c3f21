/**
 * A style compiled: its kinds resolved, its templates made into printers, each at its first use. Made once for each style
 * object: a style is never changed in place (house rules give a new one). With it the works it has read, by who decides
 * the capitals of their titles.
 */
import { isKind, kindChain, kindOf, type KindId } from '../source/kinds'
import { has, type Fields, type Source } from '../source/model'
import type { Layout, Style } from '../styles/schema'
import { titlesHere, type TitleWords } from '../text/capitals'
import { compile, type Printer } from './printer'
import { Work, type KindSetting } from './work'

export interface CompiledStyle {
  readonly style: Style
  /** The work that a source is in this style. Fields are replaced when they change, never changed in place: they are the key. */
  work: (source: Source) => Work
}

interface Kept extends CompiledStyle { readonly version: number }
const all = new WeakMap<TitleWords, WeakMap<Style, Kept>>()

/** @param titles who decides the capitals of titles: a work keeps its titles as they were set, so it is read anew when an answer changes */
export function compiled(style: Style, titles: TitleWords = titlesHere()): CompiledStyle {
  const { version } = titles
  let mine = all.get(titles)
  if (!mine) all.set(titles, mine = new WeakMap())
  const known = mine.get(style)
  if (known?.version === version) return known
  const settingOf = settingsOf(style)
  const works = new WeakMap<Fields, Work>()
  const made: Kept = {
    style, version,
    work: (source) => {
      const read = works.get(source.fields)
      if (read?.source.kind === source.kind) return read
      const work = new Work(settingOf(kindSetAs(source)), source, titles)
      works.set(source.fields, work)
      return work
    },
  }
  mine.set(style, made)
  return made
}

const settings = new WeakMap<Style, (id: KindId) => KindSetting>()
/** The kinds of a style, each set at its first use. */
function settingsOf(style: Style): (id: KindId) => KindSetting {
  const known = settings.get(style)
  if (known) return known
  const kinds = new Map<KindId, KindSetting>()
  const settingOf = (id: KindId): KindSetting => {
    let kind = kinds.get(id)
    if (!kind) kinds.set(id, kind = kindSetting(style, id))
    return kind
  }
  settings.set(style, settingOf)
  return settingOf
}

/** The kind that a source is set as: its own, or the one of what was only given at an event. */
function kindSetAs(source: Source): KindId {
  const { givenAs } = kindOf(source.kind)
  return givenAs && isKind(givenAs.kind) && has(source, 'event') && !has(source, 'container') ? givenAs.kind : source.kind
}

/** The layout of a kind in a style: its own, whole, or that of the nearest kind it resembles which has one. */
export const layoutOf = (style: Style, kind: KindId): Layout =>
  kindChain(kind)
    .map((id) => style.kinds[id])
    .find((layout) => layout !== undefined)
  ?? style.kinds.book
  ?? {}

function kindSetting(style: Style, id: KindId): KindSetting {
  const row = kindOf(id)
  const layout = layoutOf(style, id)
  const printers = new Map<string, Printer>()
  const kind: KindSetting = {
    style, id, row, layout,
    lead: layout.lead ?? row.lead,
    print: (template) => {
      const known = printers.get(template)
      if (known) return known
      const made = compile(template, kind)
      printers.set(template, made)
      return made
    },
    get entry() { return kind.print(layout.entry ?? style.frame) },
  }
  return kind
}
