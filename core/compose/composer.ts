/**
 * Composing a paper, and composing it again after a change: what did not change is not done again. The order of citing,
 * filing, telling apart and numbering are gone through each time, as cheaply as can be; a citation, a note or an entry is
 * set anew only when something that it prints is other than before. A property test holds that any sequence of changes
 * gives what composing anew gives.
 */
import type { Source } from '../source/model'
import { sameNames } from '../source/names'
import type { Run } from '../text/runs'
import type { Style } from '../styles/schema'
import { tellApart, type Told } from './apart'
import { joint, own, sayAuthor, setCitation, type Item } from './citations'
import { place as setPlace } from './citations/item'
import { setNote, type NoteState } from './citations/notes'
import { compiled, isListed } from './compiled'
import { setEntry, type SetEntry } from './entry'
import { setLine, textOfAtoms } from './line'
import { appearanceReasons, fileAll, filingReasons, type Entry } from './order'
import { sameCitation, sameList, type Citation, type CitedItem, type Composition, type ListEntry, type Paper } from './paper'

/** A citation as it was set, with all that its setting rested on. */
interface Record {
  citation: Citation
  items: readonly Item[]
  states: readonly NoteState[]
  /** In the text, without the number of a note. */
  runs: Run[]
  /** The words of its note, if it has one. */
  note?: Run[]
  /** The text with its note's number, as last asked for. */
  withNumber?: { number: number, runs: Run[] }
}
/** A list entry as it was set, likewise. */
interface Placed { entry: Entry, told: Told, repeats: boolean, previous: Entry | undefined, at: number, number: number | undefined, cited: boolean, division: string | undefined, set: SetEntry, listed: ListEntry }

interface State {
  style: Style
  sources: readonly Source[]
  paper: Paper
  entries: ReadonlyMap<string, Entry>
  used: readonly Entry[]
  filed: readonly Entry[]
  told: ReadonlyMap<string, Told>
  records: readonly Record[]
  placed: ReadonlyMap<string, Placed>
  composition: Composition
}

const samePaper = (a: Paper, b: Paper): boolean => a === b || (
  sameList(a.alsoList ?? [], b.alsoList ?? []) && a.divisions === b.divisions
  && a.citations.length === b.citations.length && a.citations.every((citation, i) => sameCitation(citation, b.citations[i]!)))

/** Composes one paper again and again. */
export class Composer {
  private last: State | undefined

  compose(style: Style, sources: readonly Source[], paper: Paper): Composition {
    const last = this.last?.style === style ? this.last : undefined
    if (last && sameList(last.sources, sources) && samePaper(last.paper, paper)) return last.composition
    this.last = composeAfter(last, style, sources, paper)
    return this.last.composition
  }
}

function composeAfter(last: State | undefined, style: Style, sources: readonly Source[], paper: Paper): State {
  const entries = last && sameList(last.sources, sources) ? last.entries : readWorks(last, style, sources)
  const { cited, unknown } = citing(paper, entries)
  const also = (paper.alsoList ?? []).filter(id => entries.has(id) && !cited.has(id))
  const used = [...cited, ...new Set(also)].map(id => entries.get(id)!)
  const sameWorks = last !== undefined && last.used.length === used.length && (sameList(last.used, used) || (set => used.every(entry => set.has(entry)))(new Set(last.used)))
  const filed = sameWorks ? last.filed : fileAll(used.filter(({ work }) => isListed(work)), last?.filed)
  const told = sameWorks ? last.told : tellApart(style, used, filed, last?.told)
  const inOrder = style.list.order === 'appearance' ? [...used.filter(({ id, work }) => cited.has(id) && isListed(work)), ...filed.filter(({ id }) => !cited.has(id))] : filed
  const numbers = new Map(inOrder.map(({ id }, i) => [id, i + 1]))
  const records = setCitations(last?.records ?? [], style, paper.citations, { entries, told, numbers })
  const { list, placed, unsure } = setList(last?.placed, style, paper, { inOrder, told, numbers, cited })
  return { style, sources, paper, entries, used, filed, told, records, placed, composition: { ...inText(style, records), list, unknown, unsure } }
}

function readWorks(last: State | undefined, style: Style, sources: readonly Source[]): Map<string, Entry> {
  const { work: read } = compiled(style)
  const entries = new Map<string, Entry>()
  for (const source of sources) {
    const before = last?.entries.get(source.id)
    const work = read(source)
    entries.set(source.id, before?.work === work ? before : { id: source.id, work })
  }
  return entries
}

/** The ids cited, in the order of their first citing, and those that no source has. */
function citing(paper: Paper, entries: ReadonlyMap<string, Entry>): { cited: Set<string>, unknown: string[] } {
  const cited = new Set<string>()
  const unknown = new Set<string>()
  for (const { items } of paper.citations) for (const { id } of items) (entries.has(id) ? cited : unknown).add(id)
  return { cited, unknown: [...unknown] }
}

// Citations and notes --------------------------------------------------------------------------------------------------

interface Around { entries: ReadonlyMap<string, Entry>, told: ReadonlyMap<string, Told>, numbers: ReadonlyMap<string, number> }

/** Every citation set, in order; those whose setting rests on nothing that changed as they were. */
function setCitations(before: readonly Record[], style: Style, citations: readonly Citation[], around: Around): Record[] {
  const beforeOf = aligned(before, citations)
  const history = new History(style)
  return citations.map((citation, i) => {
    const items = citation.items.filter(({ id }) => around.entries.has(id)).map(cited => itemOf(style, cited, citation.items.length > 1, around, history))
    const states = history.note(items, citation.items)
    const was = beforeOf(i)
    if (was && was.citation.items.length === citation.items.length && was.items.length === items.length
      && items.every((item, at) => sameItem(item, was.items[at]!)) && states.every((state, at) => sameState(state, was.states[at]!))) return was
    return setOne(style, citation, items, states)
  })
}

/** What a citation was set as before: found from both ends, so that one put in or taken out moves none of the others. */
function aligned(before: readonly Record[], citations: readonly Citation[]): (i: number) => Record | undefined {
  let head = 0
  while (head < before.length && head < citations.length && sameCitation(before[head]!.citation, citations[head]!)) head++
  let tail = 0
  const most = Math.min(before.length, citations.length) - head
  while (tail < most && sameCitation(before[before.length - 1 - tail]!.citation, citations[citations.length - 1 - tail]!)) tail++
  return i => (i < head ? before[i] : i >= citations.length - tail ? before[i - citations.length + before.length] : undefined)
}

function itemOf(style: Style, cited: CitedItem, among: boolean, { entries, told, numbers }: Around, history: History): Item {
  const { work } = entries.get(cited.id)!
  const item: Item = { work, told: told.get(cited.id)! }
  // The place in the list orders works within a citation, and is what numbered styles print.
  const number = numbers.get(cited.id)
  if (number !== undefined && (among || style.citation.system === 'numbers')) item.number = number
  if (cited.locator) item.locator = cited.locator
  if (cited.prefix) item.prefix = cited.prefix
  if (cited.suffix) item.suffix = cited.suffix
  if (cited.original) item.original = cited.original
  history.cite(item, cited.id)
  return item
}

const sameSet = (a: ReadonlySet<string> | undefined, b: ReadonlySet<string> | undefined): boolean => a === b || (a !== undefined && b !== undefined && a.size === b.size && [...a].every(one => b.has(one)))
/** The words and places of two items are alike when their citations are (`aligned`); this is what comes from around them. */
const sameItem = (a: Item, b: Item): boolean => a.work === b.work && a.told === b.told && a.number === b.number && a.later === b.later && sameSet(a.abbreviate, b.abbreviate) && sameSet(a.introduce, b.introduce)
const sameState = (a: NoteState, b: NoteState): boolean => a.short === b.short && a.again === b.again

/** What was cited before, as far as the style minds. */
class History {
  private readonly seen = new Set<string>()
  private readonly groups = new Set<string>()
  private readonly noted = new Set<object>()
  private last: { work: object, place: string } | undefined
  constructor(private readonly style: Style) {}

  /** Tells an item whether it was cited before, and which groups are known by their abbreviation by now. */
  cite(item: Item, id: string): void {
    const { laterNames, groupAbbreviations } = this.style.citation
    if (laterNames && this.seen.has(id)) item.later = true
    if (groupAbbreviations && item.work.abbreviated.length) {
      const known = item.work.abbreviated.filter(name => this.groups.has(name))
      const fresh = item.work.abbreviated.filter(name => !this.groups.has(name))
      fresh.forEach(name => this.groups.add(name))
      if (known.length) item.abbreviate = new Set(known)
      if (fresh.length) item.introduce = new Set(fresh)
    }
  }

  /** What the notes before mean for a note of these works; none in styles without notes. Ends the citation for `cite`. */
  note(items: readonly Item[], cited: readonly CitedItem[]): NoteState[] {
    const { notes } = this.style.citation
    const states = notes ? items.map(item => this.stateOf(item, items.length === 1)) : NO_STATES
    for (const { id } of cited) this.seen.add(id)
    if (items.length !== 1) this.last = undefined
    return states
  }

  private stateOf(item: Item, only: boolean): NoteState {
    const { ibid, firstShort } = this.style.citation.notes!
    const short = firstShort === true || this.noted.has(item.work)
    this.noted.add(item.work)
    if (ibid === undefined) return short ? SHORT : FULL
    const place = textOfAtoms(setPlace(item))
    const again = only && this.last?.work === item.work
    const same = this.last?.place === place
    this.last = { work: item.work, place }
    return again ? { short, again: same ? 'same place' : 'other place' } : { short }
  }
}
const NO_STATES: NoteState[] = []
const SHORT: NoteState = { short: true }
const FULL: NoteState = { short: false }

function setOne(style: Style, citation: Citation, items: readonly Item[], states: readonly NoteState[]): Record {
  const form = citation.form ?? 'parenthetical'
  const record = { citation, items, states }
  if (style.citation.system === 'notes') {
    const names = form === 'narrative' ? setLine(items.flatMap((item, i) => [...joint(style, i, items.length), ...sayAuthor(item, true)]), style) : []
    return { ...record, runs: names, note: setNote(style, items, states, citation.words) }
  }
  const runs = items.length ? setCitation(style, items, form) : missing(citation)
  // The writer's own words are a content note in styles that cite in the text (APA 7, 2.13; MLA Handbook 9, 7.1).
  const words = [citation.words?.before, citation.words?.after].map(text => text?.trim()).filter(Boolean).join(' ')
  // An empty note keeps its number: it is being written.
  return words || (!citation.items.length && citation.words) ? { ...record, runs, note: own(words, 'words.note') } : { ...record, runs }
}

/** A citation whose sources are all unknown keeps a place in the text that says so. */
const missing = (citation: Citation): Run[] => citation.items.length ? [{ text: `[unknown source: ${citation.items.map(i => i.id).join(', ')}]`, part: 'glue', rules: ['citation.unknown'] }] : []

export const noteNumber = (n: number): Run => ({ text: String(n), superscript: true, part: 'glue', rules: ['citation.note'] })

/** The citations as they stand in the text, their notes numbered. */
function inText(style: Style, records: readonly Record[]): Pick<Composition, 'citations' | 'notes' | 'noteNumbers'> {
  const notes: Run[][] = []
  const noteNumbers: (number | undefined)[] = []
  const citations = records.map((record) => {
    if (!record.note) { noteNumbers.push(undefined); return record.runs }
    notes.push(record.note)
    const number = notes.length
    noteNumbers.push(number)
    if (record.withNumber?.number !== number) record.withNumber = { number, runs: [...record.runs, noteNumber(number)] }
    return record.withNumber.runs
  })
  return { citations, notes, noteNumbers }
}

// The list -------------------------------------------------------------------------------------------------------------

interface ToList { inOrder: readonly Entry[], told: ReadonlyMap<string, Told>, numbers: ReadonlyMap<string, number>, cited: ReadonlySet<string> }

function setList(before: ReadonlyMap<string, Placed> | undefined, style: Style, paper: Paper, { inOrder, told, numbers, cited }: ToList) {
  const numbered = style.citation.system === 'numbers'
  const byAppearance = style.list.order === 'appearance'
  const divisions = numbered ? undefined : paper.divisions
  const divisionOf = ({ id }: Entry): number => divisions?.order.indexOf(divisions.of[id] ?? '') ?? -1
  // Numbers follow the order of citing whatever the list is divided into (numbered lists are not divided).
  const divided = divisions ? [...inOrder].sort((a, b) => divisionOf(a) - divisionOf(b)) : inOrder
  const placed = new Map<string, Placed>()
  const unsure: Composition['unsure'] = {}
  let previous: Entry | undefined
  const list = divided.map((entry, at): ListEntry => {
    const { id, work } = entry
    const mine = told.get(id)!
    const under = divisions ? divisionOf(entry) : -1
    const follows = previous && (!divisions || divisionOf(previous) === under) ? previous : undefined
    const repeats = Boolean(style.list.repeated && follows?.work.lead && work.lead && sameNames(follows.work.lead.names, work.lead.names))
    const number = numbered ? numbers.get(id) : undefined
    const division = under >= 0 ? divisions!.of[id] : undefined
    const isCited = cited.has(id)
    const was = before?.get(id)
    const same = was && was.entry === entry && was.told === mine && was.repeats === repeats && was.number === number && was.division === division
      && (byAppearance ? was.at === at && was.cited === isCited : was.previous === previous)
    const now = same ? was : place()
    function place(): Placed {
      const set = setEntry(work, mine, repeats ? style.list.repeated : undefined)!
      const why = byAppearance ? appearanceReasons(at, isCited) : filingReasons(work, previous?.work)
      const listed: ListEntry = { id, runs: set.runs, ...(number !== undefined ? { number } : {}), ...(division !== undefined ? { division } : {}), why }
      return { entry, told: mine, repeats, previous, at, number, cited: isCited, division, set, listed }
    }
    placed.set(id, now)
    if (now.set.unsure.length) unsure[id] = [...now.set.unsure]
    previous = entry
    return now.listed
  })
  return { list, placed, unsure }
}
