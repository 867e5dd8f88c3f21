/**
 * Composing a paper, and composing it again after a change: what did not change is not done again. The order of citing,
 * filing, telling apart and numbering are gone through each time, as cheaply as can be; a citation, a note or an entry is
 * set anew only when something that it prints is other than before. A property test holds that any sequence of changes
 * gives what composing anew gives.
 */
import type { Source } from '../source/model'
import type { Style } from '../styles/schema'
import { titlesHere, type TitleWords } from '../text/capitals'
import { tellApart, type Told } from './apart'
import { setCitation } from './citations'
import { asTyped, guarded, standIn } from './as-typed'
import { compiled, type CompiledStyle } from './compiled'
import { noteAlone, setEntry } from './entry'
import { setList, type Listed } from './in-list'
import { groupsMet, inText, setCitations, type CitationSet } from './in-text'
import { fileAll, type Entry } from './order'
import { alike, sameCitation, sameList, type Composition, type Paper } from './paper'
import { NOTHING_TOLD } from './work'

interface State {
  titles: TitleWords
  /** Of who decides capitals. */
  version: number
  style: Style
  sources: readonly Source[]
  paper: Paper
  entries: ReadonlyMap<string, Entry>
  used: readonly Entry[]
  filed: readonly Entry[]
  told: ReadonlyMap<string, Told>
  /** Every work of the paper that its style lists, in the list's order; and those that this paper lists. */
  ranked: readonly Entry[]
  inOrder: readonly Entry[]
  numbers: ReadonlyMap<string, number>
  records: readonly CitationSet[]
  listed: Listed
  composition: Composition
}

/** What composing goes by besides the paper: the style, and who decides capitals. */
interface By { style: Style, titles: TitleWords }

const samePaper = (a: Paper, b: Paper): boolean => a === b || (
  sameList(a.alsoList ?? [], b.alsoList ?? []) && sameList(a.leftOut ?? [], b.leftOut ?? []) && a.divisions === b.divisions
  && alike(a.citations, b.citations, sameCitation))

/** Composes one paper again and again. */
export class Composer {
  private last: State | undefined

  /** @param titles who decides the capitals of titles; otherwise whoever decides here when composing */
  constructor(private readonly titles?: TitleWords) {}

  compose(style: Style, sources: readonly Source[], paper: Paper): Composition {
    const titles = this.titles ?? titlesHere()
    const same = this.last?.style === style && this.last.titles === titles && this.last.version === titles.version
    const last = same ? this.last : undefined
    if (last && sameList(last.sources, sources) && samePaper(last.paper, paper)) return last.composition
    try { this.last = composeAfter(last, { style, titles }, sources, paper) }
    catch (error) { this.last = composeWithout(error, { style, titles }, sources, paper) }
    return this.last.composition
  }
}

/** The paper with the sources that cannot be set as they were typed. Nothing of it is kept for the next time but the whole. */
function composeWithout(error: unknown, by: By, sources: readonly Source[], paper: Paper): State {
  const failing = new Map(sources.filter(source => !canBeSet(by, source)).map(source => [source.id, source]))
  // Nothing wrong with any one source: the fault is elsewhere, and not to be hidden.
  if (!failing.size) throw error
  const state = composeAfter(undefined, by, sources.map(source => (failing.has(source.id) ? standIn(source) : source)), paper)
  const list = state.composition.list.map(entry => (failing.has(entry.id) ? { ...entry, runs: asTyped(failing.get(entry.id)!) } : entry))
  return { ...state, sources, entries: new Map(), records: [], composition: { ...state.composition, list, asTyped: [...failing.keys()] } }
}

function canBeSet({ style, titles }: By, source: Source): boolean {
  return guarded(() => {
    const work = compiled(style, titles).work(source)
    setEntry(work)
    noteAlone(work, NOTHING_TOLD, false)
    noteAlone(work, NOTHING_TOLD, true)
    setCitation(style, [{ work, told: {}, number: 1 }], 'parenthetical')
    setCitation(style, [{ work, told: {}, number: 1 }], 'narrative')
    fileAll([{ id: source.id, work }])
    return true
  }, () => false)
}

function composeAfter(last: State | undefined, { style, titles }: By, sources: readonly Source[], paper: Paper): State {
  const entries = last && sameList(last.sources, sources) ? last.entries : readWorks(last, compiled(style, titles), sources)
  const { first, unknown } = citing(paper, entries)
  const also = (paper.alsoList ?? []).filter(id => entries.has(id) && !first.has(id))
  const used = [...first.keys(), ...new Set(also)].map(id => entries.get(id)!)
  const sameWorks = last !== undefined && sameMembers(last.used, used)
  const filed = sameWorks ? last.filed : fileAll(used.filter(({ work }) => work.listed), last?.filed)
  const told = sameWorks ? last.told : tellApart(style, used, filed, last?.told)
  const all =
    style.list.order === 'appearance'
      ? [...used.filter(({ id, work }) => first.has(id) && work.listed), ...filed.filter(({ id }) => !first.has(id))]
      : filed
  // What is left out of the list is still told apart from the others in the text, and ordered among them.
  const ranked = last && sameList(last.ranked, all) ? last.ranked : all
  const numbers = last?.ranked === ranked ? last.numbers : new Map(ranked.map(({ id }, i) => [id, i + 1]))
  const out = style.citation.system === 'numbers' || !paper.leftOut?.length ? undefined : new Set(paper.leftOut)
  const order = out ? all.filter(({ id }) => !out.has(id)) : all
  const inOrder = last && sameList(last.inOrder, order) ? last.inOrder : order
  const records = setCitations(last, style, paper.citations, { entries, told, numbers, first, groups: groupsMet(style, used, paper) })
  const sameOrder =
    last?.inOrder === inOrder
    && last.told === told
    && last.paper.divisions === paper.divisions
    && (style.list.order === 'filing' || sameList(last.used, used))
  const listed = sameOrder ? last.listed : setList(last?.listed.placed, style, paper, { inOrder, told, numbers, cited: first })
  return {
    titles,
    version: titles.version,
    style,
    sources,
    paper,
    entries,
    used,
    filed,
    told,
    ranked,
    inOrder,
    numbers,
    records,
    listed,
    composition: { ...inText(records), list: listed.list, unknown, unsure: listed.unsure },
  }
}

function sameMembers<T>(a: readonly T[], b: readonly T[]): boolean {
  if (sameList(a, b)) return true
  if (a.length !== b.length) return false
  const set = new Set(a)
  return b.every(one => set.has(one))
}

function readWorks(last: State | undefined, { work: read }: CompiledStyle, sources: readonly Source[]): Map<string, Entry> {
  const entries = new Map<string, Entry>()
  for (const source of sources) {
    const before = last?.entries.get(source.id)
    const work = read(source)
    entries.set(source.id, before?.work === work ? before : { id: source.id, work })
  }
  return entries
}

/** For each id cited the place of its first citation, in that order; and the ids that no source has. */
function citing(paper: Paper, entries: ReadonlyMap<string, Entry>): { first: Map<string, number>, unknown: string[] } {
  const first = new Map<string, number>()
  const unknown = new Set<string>()
  paper.citations.forEach(({ items }, i) => {
    for (const { id } of items) {
      if (first.has(id)) continue
      if (entries.has(id)) first.set(id, i)
      else unknown.add(id)
    }
  })
  return { first, unknown: [...unknown] }
}
