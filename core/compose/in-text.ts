/** The citations and notes of a paper set, those on which nothing bears that changed left as they were. */
import { plain, type Run } from '../text/runs'
import type { Style } from '../styles/schema'
import type { Told } from './apart'
import { joint, own, sayAuthor, setCitation, type Item } from './citations'
import { place } from './citations/item'
import { setNote, type NoteState } from './citations/notes'
import { setLine, textOfAtoms } from './line'
import type { Entry } from './order'
import { sameCitation, type Citation, type CitedItem, type Composition, type Paper } from './paper'

/** A citation as it was set, with all that its setting rested on. */
export interface CitationSet {
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

/** For each group that has an abbreviation, the place of the first citation that names it; empty where the style has no such rule. */
export function groupsMet(style: Style, used: readonly Entry[], paper: Paper): ReadonlyMap<string, number> {
  const met = new Map<string, number>()
  if (!style.citation.groupAbbreviations) return met
  const named = new Map(used.filter(({ work }) => work.abbreviated.length).map(({ id, work }) => [id, work.abbreviated]))
  if (named.size)
    paper.citations.forEach(({ items }, i) => {
      for (const { id } of items) for (const group of named.get(id) ?? []) if (!met.has(group)) met.set(group, i)
    })
  return met
}

/** What bears on a citation besides itself. */
export interface Around {
  entries: ReadonlyMap<string, Entry>
  told: ReadonlyMap<string, Told>
  numbers: ReadonlyMap<string, number>
  /** The places of first citations, by id; of first namings, by group. */
  first: ReadonlyMap<string, number>
  groups: ReadonlyMap<string, number>
}

/** What the citations set before rested on. */
export interface SetBefore extends Pick<Around, 'entries' | 'told' | 'numbers'> { records: readonly CitationSet[] }

/** Every citation set, in order; those whose setting rests on nothing that changed as they were. */
export function setCitations(
  last: SetBefore | undefined, style: Style, citations: readonly Citation[], around: Around,
): CitationSet[] {
  const before = last?.records ?? []
  const { head, tail } = aligned(before, citations)
  const touched = last && idsTouched(last, style, citations, around, head, tail)
  const setAt = (i: number, was: CitationSet | undefined): CitationSet => {
    const citation = citations[i]!
    const items = itemsOf(style, citation, i, around)
    const states = notesOf(style, citation, i, items, citations[i - 1], around)
    const same =
      was
      && was.items.length === items.length
      && items.every((item, at) => sameItem(item, was.items[at]!))
      && states.every((state, at) => sameState(state, was.states[at]!))
    return same ? was : setOne(style, citation, items, states)
  }
  return citations.map((citation, i) => {
    const was = i < head ? before[i] : i >= citations.length - tail ? before[i - citations.length + before.length] : undefined
    // The note before decides whether this one is "ibid.": the first behind a change is looked at again.
    const untouched = was && touched && i !== citations.length - tail && !citation.items.some(({ id }) => touched.has(id))
    return untouched ? was : setAt(i, was)
  })
}

/** How many citations are as before at the beginning, and how many at the end: one put in or taken out moves none of the others. */
function aligned(before: readonly CitationSet[], citations: readonly Citation[]): { head: number, tail: number } {
  const most = Math.min(before.length, citations.length)
  let head = 0
  while (head < most && sameCitation(before[head]!.citation, citations[head]!)) head++
  let tail = 0
  while (tail < most - head && sameCitation(before[before.length - 1 - tail]!.citation, citations[citations.length - 1 - tail]!)) tail++
  return { head, tail }
}

/** The ids for which anything around a citation may be other than before: the work, what it is told, its number, what was cited ahead. */
function idsTouched(
  last: SetBefore,
  style: Style,
  citations: readonly Citation[],
  { entries, told, numbers, groups }: Around,
  head: number,
  tail: number,
): Set<string> {
  const touched = new Set<string>()
  const note = (items: readonly CitedItem[]) => {
    for (const { id } of items) touched.add(id)
  }
  for (let i = head; i < citations.length - tail; i++) note(citations[i]!.items)
  for (let i = head; i < last.records.length - tail; i++) note(last.records[i]!.citation.items)
  // What a group is called depends on who named it first.
  if (groups.size) for (const [id, { work }] of entries) if (work.abbreviated.length) touched.add(id)
  if (last.entries !== entries) {
    for (const [id, entry] of entries) if (last.entries.get(id) !== entry) touched.add(id)
    for (const id of last.entries.keys()) if (!entries.has(id)) touched.add(id)
  }
  if (last.told !== told) for (const [id, now] of told) if (last.told.get(id) !== now) touched.add(id)
  if (last.numbers !== numbers) {
    for (const [id, now] of numbers) if (last.numbers.get(id) !== now) touched.add(id)
    for (const id of last.numbers.keys()) if (!numbers.has(id)) touched.add(id)
  }
  return touched
}

/** The works of a citation, each with what comes to it from the paper around. */
const itemsOf = (style: Style, citation: Citation, i: number, around: Around): Item[] =>
  citation.items.filter(({ id }) => around.entries.has(id)).map(cited => itemOf(style, cited, citation.items.length > 1, i, around))

function itemOf(style: Style, cited: CitedItem, among: boolean, i: number, { entries, told, numbers, first, groups }: Around): Item {
  const { work } = entries.get(cited.id)!
  const item: Item = { work, told: told.get(cited.id)! }
  // The place in the list orders works within a citation, and is what numbered styles print.
  const number = numbers.get(cited.id)
  if (number !== undefined && (among || style.citation.system === 'numbers')) item.number = number
  if (style.citation.laterNames && first.get(cited.id)! < i) item.later = true
  if (groups.size && work.abbreviated.length) {
    const known = work.abbreviated.filter(name => groups.get(name)! < i)
    const fresh = work.abbreviated.filter(name => groups.get(name) === i)
    if (known.length) item.abbreviate = new Set(known)
    if (fresh.length) item.introduce = new Set(fresh)
  }
  if (cited.locator) item.locator = cited.locator
  if (cited.prefix) item.prefix = cited.prefix
  if (cited.suffix) item.suffix = cited.suffix
  if (cited.original) item.original = cited.original
  return item
}

const sameSet = (a: ReadonlySet<string> | undefined, b: ReadonlySet<string> | undefined): boolean =>
  a === b || (a !== undefined && b !== undefined && a.size === b.size && [...a].every((one) => b.has(one)))
/** The words and places of two items are alike when their citations are (`aligned`); this is what comes from around them. */
const sameItem = (a: Item, b: Item): boolean =>
  a.work === b.work
  && a.told === b.told
  && a.number === b.number
  && a.later === b.later
  && sameSet(a.abbreviate, b.abbreviate)
  && sameSet(a.introduce, b.introduce)
const sameState = (a: NoteState, b: NoteState): boolean => a.short === b.short && a.again === b.again

const NO_STATES: NoteState[] = []
const SHORT: NoteState = { short: true }
const FULL: NoteState = { short: false }

/** How a note names its works, by what stood in the notes before it; nothing in styles without notes. */
function notesOf(
  style: Style,
  citation: Citation,
  i: number,
  items: readonly Item[],
  previous: Citation | undefined,
  around: Around,
): NoteState[] {
  const { notes } = style.citation
  if (!notes) return NO_STATES
  const ids = citation.items.filter(({ id }) => around.entries.has(id)).map(({ id }) => id)
  const short = (at: number) => notes.firstShort === true || around.first.get(ids[at]!)! < i || ids.indexOf(ids[at]!) < at
  if (notes.ibid !== undefined && items.length === 1 && previous) {
    const [before, ...others] = itemsOf(style, previous, i - 1, around)
    if (before && !others.length && before.work === items[0]!.work) {
      const same = textOfAtoms(place(before)) === textOfAtoms(place(items[0]!))
      return [{ short: short(0), again: same ? 'same place' : 'other place' }]
    }
  }
  return items.map((_, at) => (short(at) ? SHORT : FULL))
}

function setOne(style: Style, citation: Citation, items: readonly Item[], states: readonly NoteState[]): CitationSet {
  const form = citation.form ?? 'parenthetical'
  const record = { citation, items, states }
  if (style.citation.system === 'notes') {
    const names =
      form === 'narrative' && !citation.inNote
        ? setLine(
            items.flatMap((item, i) => [...joint(style, i, items.length), ...sayAuthor(item, true)]),
            style,
          )
        : []
    return { ...record, runs: names, note: setNote(style, items, states, citation.words) }
  }
  const runs = items.length ? setCitation(style, items, form) : missing(citation)
  if (citation.inNote && citation.words) return { ...record, runs: [], note: amongWords(runs, citation.words) }
  // The writer's own words are a content note in styles that cite in the text (APA 7, 2.13; MLA Handbook 9, 7.1).
  const words = [citation.words?.before, citation.words?.after].map(text => text?.trim()).filter(Boolean).join(' ')
  // An empty note keeps its number: it is being written.
  return words || (!citation.items.length && citation.words) ? { ...record, runs, note: own(words, 'words.note') } : { ...record, runs }
}

/** A note of the writer's own words with a citation among them, as the text would have it (APA 7, 2.13; MLA Handbook 9, 7.1). */
function amongWords(runs: readonly Run[], { before, after }: NonNullable<Citation['words']>): Run[] {
  const [ahead, behind] = [before?.trim(), after?.trim()]
  const space: Run = { text: ' ', part: 'glue', rules: [] }
  const set = [
    ...(ahead ? [...own(ahead, 'words.note'), space] : []),
    ...runs,
    ...(behind ? [...(/^[.,;:?!)\]]/u.test(behind) ? [] : [space]), ...own(behind, 'words.note')] : []),
  ]
  return /[.?!][”’"')\]]*$/u.test(plain(set)) ? set : [...set, { text: '.', part: 'glue', rules: [] }]
}

/** A citation whose sources are all unknown keeps a place in the text that says so. */
const missing = (citation: Citation): Run[] =>
  citation.items.length
    ? [{ text: `[unknown source: ${citation.items.map((i) => i.id).join(', ')}]`, part: 'glue', rules: ['citation.unknown'] }]
    : []

export const noteNumber = (n: number): Run => ({ text: String(n), superscript: true, part: 'glue', rules: ['citation.note'] })

/** The citations as they stand in the text, their notes numbered. */
export function inText(records: readonly CitationSet[]): Pick<Composition, 'citations' | 'notes' | 'noteNumbers'> {
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
