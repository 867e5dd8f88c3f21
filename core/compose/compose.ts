/**
 * Composition: a pure function of a style, sources and the citations in order, giving every citation, note and list
 * entry, with numbering, same-year letters, names told apart and shortened notes.
 */
import { plain, type Run } from '../text/runs'
import { compareKeys, fold, foldTitle, foldWords, ignoredArticle } from '../text/filing'
import { letters } from '../source/keys'
import { dateOf, namesOf, textOf, type Source } from '../source/model'
import { givenName, sameNames, surname, type Name } from '../source/names'
import type { Locator } from '../source/locators'
import type { Style } from '../styles/types'
import { after, before, own, setCitation, type Form, type Item } from './citations'
import { authorInText, contextFor, isListed, listEntry, note as noteAlone, noteAtoms, raised, type Extras } from './entry'
import { setLine, stop, type Atom } from './line'
import { render } from './render'
import { leader } from './values'

export interface CitedItem {
  id: string
  locator?: Locator
  prefix?: string
  suffix?: string
  /** The work quoted there, where this one is cited for what it quotes ("Rabbitt, 1982"). */
  original?: string
}
export interface Citation {
  items: readonly CitedItem[]
  form?: Form
  /** The writer's own words in a note: before and after its references in note styles; alone, or in a style that cites in the text, a note of their own. */
  words?: { before?: string, after?: string }
}
export interface Paper {
  citations: readonly Citation[]
  alsoList?: readonly string[]
  /** A divided list: the heading each source stands under, by id; divisions come in the order given, the rest first. */
  divisions?: { order: readonly string[], of: Readonly<Record<string, string>> }
}

export interface ListEntry {
  id: string
  runs: Run[]
  /** Numbered styles: its number. */
  number?: number
  /** A divided list: the heading it stands under. */
  division?: string
  /** Why it stands where it stands, a few words each. */
  why: string[]
}
export interface Composition {
  citations: Run[][]
  /** The text of each note, in order; in styles that cite in the text only those of the writer's own words. */
  notes: Run[][]
  /** For each citation, the number of its note. */
  noteNumbers: (number | undefined)[]
  list: ListEntry[]
  /** Ids cited that no source has. */
  unknown: string[]
  /** Words in titles whose capital could not be decided, by source. */
  unsure: Record<string, string[]>
}

export function compose(style: Style, sources: readonly Source[], paper: Paper): Composition {
  const byId = new Map(sources.map(source => [source.id, source]))
  const unknown: string[] = []
  const cited: string[] = []
  for (const citation of paper.citations) {
    for (const { id } of citation.items) {
      if (!byId.has(id)) { if (!unknown.includes(id)) unknown.push(id) }
      else if (!cited.includes(id)) cited.push(id)
    }
  }
  const also = (paper.alsoList ?? []).filter(id => byId.has(id) && !cited.includes(id))
  const used = [...cited, ...also].map(id => byId.get(id)!)
  const listed = used.filter(source => isListed(style, source))
  const filed = fileAll(style, listed)
  const extras = tellApart(style, used, filed)
  const divisionOf = (source: Source): number => paper.divisions?.order.indexOf(paper.divisions.of[source.id] ?? '') ?? -1
  const asOne = style.list.order === 'appearance' ? [...listed.filter(s => cited.includes(s.id)), ...filed.filter(s => also.includes(s.id))] : filed
  // Numbers follow the order of citing whatever the list is divided into (numbered lists are not divided).
  const inOrder = paper.divisions && style.citation.system !== 'numbers' ? [...asOne].sort((a, b) => divisionOf(a) - divisionOf(b)) : asOne
  const place = new Map(asOne.map((source, i) => [source.id, i + 1]))

  const items = (citation: Citation): Item[] => citation.items.filter(({ id }) => byId.has(id)).map((item) => {
    const source = byId.get(item.id)!
    const told = extras.get(item.id)!
    const number = place.get(item.id)
    return {
      source, extras: told.extras, needsTitle: told.needsTitle, ...(number ? { number } : {}),
      ...(item.locator ? { locator: item.locator } : {}), ...(item.prefix ? { prefix: item.prefix } : {}), ...(item.suffix ? { suffix: item.suffix } : {}), ...(item.original ? { original: item.original } : {}),
    }
  })

  const citedBefore = new Set<string>()
  // Groups with an abbreviation, in the order they are met.
  const met = new Set<string>()
  const withAbbreviations = (set: Item[]): Item[] => !style.citation.groupAbbreviations ? set : set.map((item) => {
    const groups = namesOf(item.source, 'author').filter(name => name.literal && name.short).map(name => name.literal!)
    if (!groups.length) return item
    const known = groups.filter(name => met.has(name))
    const fresh = groups.filter(name => !met.has(name))
    fresh.forEach(name => met.add(name))
    return { ...item, extras: { ...item.extras, ...(known.length ? { abbreviate: new Set(known) } : {}), ...(fresh.length ? { introduce: new Set(fresh) } : {}) } }
  })

  const notes: Run[][] = []
  const noteNumbers: (number | undefined)[] = []
  const history: History = { seen: new Set() }
  const citations = paper.citations.map((citation) => {
    const set = withAbbreviations(items(citation)).map(item => (citedBefore.has(item.source.id) ? { ...item, extras: { ...item.extras, later: true } } : item))
    set.forEach(item => citedBefore.add(item.source.id))
    if (style.citation.system !== 'notes') {
      const cited = set.length ? setCitation(style, set, citation.form ?? 'parenthetical') : missing(citation)
      // The writer's own words are a content note in styles that cite in the text (APA 7, 2.13; MLA Handbook 9, 7.1).
      const words = [citation.words?.before, citation.words?.after].map(text => text?.trim()).filter(Boolean).join(' ')
      // An empty note keeps its number: it is being written.
      if (!words && (citation.items.length || !citation.words)) { noteNumbers.push(undefined); return cited }
      notes.push(own(words, 'words.note'))
      noteNumbers.push(notes.length)
      return [...cited, noteNumber(notes.length)]
    }
    notes.push(setNote(style, set, citation, history))
    noteNumbers.push(notes.length)
    const number = noteNumber(notes.length)
    if (citation.form !== 'narrative') return [number]
    const names = set.flatMap((item, i) => [...(i ? [{ text: i === set.length - 1 ? ' and ' : ', ', part: 'glue' as const, rules: [] }] : []), ...authorInText(style, item.source, { narrative: true, extras: item.extras })])
    return [...setLine(names, style), number]
  })

  const unsure: Record<string, string[]> = {}
  let previous: readonly Name[] | undefined
  const list = inOrder.map((source, i): ListEntry => {
    const who = leader(contextFor(style, source))
    if (i > 0 && divisionOf(source) !== divisionOf(inOrder[i - 1]!)) previous = undefined
    const repeats = Boolean(style.list.repeated && previous && who && sameNames(previous, who.names))
    previous = who?.names
    const words = new Set<string>()
    const runs = listEntry(style, source, { ...extras.get(source.id)!.extras, unsure: words, ...(repeats ? { repeated: style.list.repeated! } : {}) })!
    if (words.size) unsure[source.id] = [...words]
    return { id: source.id, runs, ...(style.citation.system === 'numbers' ? { number: place.get(source.id)! } : {}), ...(style.citation.system !== 'numbers' && divisionOf(source) >= 0 ? { division: paper.divisions!.of[source.id]! } : {}), why: reasons(style, source, inOrder[i - 1], i, cited) }
  })
  return { citations, notes, noteNumbers, list, unknown, unsure }
}

const noteNumber = (n: number): Run => ({ text: String(n), superscript: true, part: 'glue', rules: ['citation.note'] })

/** A citation whose sources are all unknown keeps a place in the text that says so. */
const missing = (citation: Citation): Run[] => citation.items.length ? [{ text: `[unknown source: ${citation.items.map(i => i.id).join(', ')}]`, part: 'glue', rules: ['citation.unknown'] }] : []

// Notes ------------------------------------------------------------------------------------------------------------

interface History { seen: Set<string>, last?: { id: string, place: string } }

function setNote(style: Style, items: readonly Item[], citation: Citation, history: History): Run[] {
  const rules = style.citation.notes!
  const parts = items.map((item) => {
    const extras: Extras = { ...item.extras, ...(item.locator ? { locator: item.locator } : {}) }
    const placeText = item.locator ? plain(render('{locator}', contextFor(style, item.source, extras))) : ''
    const again = rules.ibid && items.length === 1 && history.last?.id === item.source.id
    const short = rules.firstShort || history.seen.has(item.source.id)
    history.seen.add(item.source.id)
    const same = history.last?.place === placeText
    history.last = { id: item.source.id, place: placeText }
    const atoms: Atom[] = again
      ? [{ text: rules.ibid!, part: 'who', rules: ['note.ibid'] }, ...(placeText && !same ? [{ text: `, ${placeText}`, part: 'where' as const, rules: ['locator'] }] : [])]
      : noteAtoms(style, item.source, extras, short).map(a => ({ ...a, rules: [...a.rules, short ? 'note.short' : 'note.full'] }))
    return [...before(style, item), ...atoms, ...after(item)]
  })
  if (items.length !== 1) delete history.last
  const glue = (text: string): Atom => ({ text, part: 'glue', rules: [] })
  const body = parts.flatMap((part, i) => (i ? [glue(rules.between), ...part] : part))
  const { before: ahead, after: behind } = citation.words ?? {}
  const atoms: Atom[] = [...(ahead?.trim() ? [...own(ahead.trim(), 'words.note'), glue(body.length ? ' ' : '')] : []), ...body]
  const set = atoms.length ? setLine(raised([...atoms, stop()]), style) : []
  return behind?.trim() ? [...set, ...(set.length ? [{ text: ' ', part: 'glue' as const, rules: [] }] : []), ...own(behind.trim(), 'words.note')] : set
}

// Order ------------------------------------------------------------------------------------------------------------

const nameKey = (name: Name, style?: Style): string[] => [surname(name), givenName(name), name.suffix ?? ''].map(style?.list.wordByWord ? foldWords : fold)

/** What a source files under: its leading names, or the stand-in, or its title without the article. */
export function filingNames(style: Style, source: Source): string[] {
  const context = contextFor(style, source)
  const who = leader(context)
  if (who) return who.names.flatMap(name => nameKey(name, style))
  const standIn = context.layout.standIn ? plain(render(context.layout.standIn, context)) : ''
  return [foldTitle(standIn || textOf(source, 'title') || textOf(source, 'container') || textOf(source, 'genre')), '', '']
}

function filingKey(style: Style, source: Source): (string | number)[] {
  const date = dateOf(source, 'issued')?.start
  const title = foldTitle(textOf(source, 'title'))
  const names = filingNames(style, source)
  // No date first, in press last (APA 7, 9.46).
  const year = date ? date.year : textOf(source, 'status') ? 9999 : -9999
  const rest = style.list.then === 'year' ? [year, date?.month ?? 0, date?.day ?? 0, title] : [title, year]
  return [names.join('\u0001'), ...rest, source.id]
}

/** The ids of sources in the order a list of all of them would file them. */
export const filingOrder = (style: Style, sources: readonly Source[]): string[] => fileAll(style, sources).map(source => source.id)

function fileAll(style: Style, sources: readonly Source[]): Source[] {
  const keyed = sources.map(source => ({ source, key: filingKey(style, source) }))
  return keyed.sort((a, b) => compareKeys(a.key, b.key)).map(({ source }) => source)
}

function reasons(style: Style, source: Source, previous: Source | undefined, at: number, cited: readonly string[]): string[] {
  if (style.list.order === 'appearance') {
    return [cited.includes(source.id) ? `${['first', 'second', 'third'][at] ?? `${at + 1}th`} work cited` : 'not cited: after the works that are']
  }
  const who = leader(contextFor(style, source))
  const why: string[] = []
  if (who) {
    const last = previous && leader(contextFor(style, previous))
    if (last && sameNames(last.names, who.names)) why.push(style.list.then === 'year' ? 'same author: earlier year first' : 'same author: by title')
    else if (last && nameKey(last.names[0]!).join() === nameKey(who.names[0]!).join() && who.names.length > 1) why.push('same first author: the work alone comes before the work with others')
    else why.push(`files under ${foldWords(surname(who.names[0]!))}`)
  }
  else {
    const title = textOf(source, 'title')
    const article = ignoredArticle(title)
    why.push(`no author: files under ${foldWords(title).replace(/^(?:the|an?) /u, '').split(' ').slice(0, 2).join(' ')}`)
    if (article) why.push(`${article[0]!.toUpperCase()}${article.slice(1).toLowerCase()} is ignored`)
  }
  return why
}

// Telling works apart ----------------------------------------------------------------------------------------------

interface Told { extras: Extras, needsTitle: boolean }

function tellApart(style: Style, used: readonly Source[], filed: readonly Source[]): Map<string, Told> {
  const rules = style.citation
  const told = new Map<string, Told>(used.map(source => [source.id, { extras: {}, needsTitle: false }]))
  const leads = new Map(used.map(source => [source.id, leader(contextFor(style, source))?.names ?? []]))
  if (rules.sameSurname) {
    const givens = new Map<string, Set<string>>()
    const firsts = used.map((source) => {
      const [first] = leads.get(source.id)!
      const person = first && !first.literal && givenName(first) ? { surname: fold(surname(first)), given: fold(givenName(first)) } : undefined
      if (person) givens.set(person.surname, (givens.get(person.surname) ?? new Set()).add(person.given))
      return { source, person }
    })
    for (const { source, person } of firsts) if (person && givens.get(person.surname)!.size > 1) told.get(source.id)!.extras.tellApart = true
  }
  const printed = new Map<string, string>()
  const shown = (source: Source) => {
    const known = printed.get(source.id)
    if (known !== undefined) return known
    const set = plain(authorInText(style, source, { narrative: false, extras: told.get(source.id)!.extras }))
    printed.set(source.id, set)
    return set
  }
  const yearOf = (source: Source) => String(dateOf(source, 'issued')?.start?.year ?? textOf(source, 'status'))
  if (rules.ambiguous === 'names') addNames(used, told, leads, source => `${shown(source)} ${yearOf(source)}`)
  printed.clear()
  if (rules.yearLetters) {
    const groups = new Map<string, Source[]>()
    for (const source of filed) {
      const who = leads.get(source.id)!
      const key = `${who.length ? shown(source) : `title ${fold(textOf(source, 'title'))}`} ${yearOf(source)}`
      groups.set(key, [...(groups.get(key) ?? []), source])
    }
    for (const group of groups.values()) {
      if (group.length > 1) group.forEach((source, i) => (told.get(source.id)!.extras.yearLetter = letters(i)))
    }
  }
  if (rules.system === 'author-page') {
    const led = used.filter(source => leads.get(source.id)!.length > 0)
    const alike = new Map<string, number>()
    for (const source of led) alike.set(shown(source), (alike.get(shown(source)) ?? 0) + 1)
    for (const source of led) told.get(source.id)!.needsTitle = alike.get(shown(source))! > 1
  }
  return told
}

/** Works whose names shorten to the same citation show as many more names as it takes (APA 7, 8.18; Chicago 18, 13.122). */
function addNames(used: readonly Source[], told: Map<string, Told>, leads: Map<string, readonly Name[]>, citation: (source: Source) => string) {
  const groups = new Map<string, Source[]>()
  for (const source of used) if (leads.get(source.id)!.length > 2) groups.set(citation(source), [...(groups.get(citation(source)) ?? []), source])
  for (const group of groups.values()) {
    const differing = group.filter(a => group.some(b => !sameNames(leads.get(a.id)!, leads.get(b.id)!)))
    for (const source of differing) {
      const mine = leads.get(source.id)!
      const others = differing.filter(b => !sameNames(mine, leads.get(b.id)!)).map(b => leads.get(b.id)!)
      const needed = Math.max(...others.map((names) => {
        let same = 0
        while (same < mine.length && same < names.length && fold(surname(mine[same]!)) === fold(surname(names[same]!))) same++
        return same + 1
      }))
      // "et al." cannot stand for one name alone: then that name is given too.
      told.get(source.id)!.extras.atLeast = needed >= mine.length - 1 ? mine.length : needed
    }
  }
}

/** The forms of one source standing alone. */
export interface Alone { reference: Run[] | null, parenthetical: Run[], narrative: Run[], note: Run[] | null, shortNote: Run[] | null }

export function composeAlone(style: Style, source: Source, locator?: Locator): Alone {
  const item = [{ id: source.id, ...(locator ? { locator } : {}) }]
  const once = (form: Form) => compose(style, [source], { citations: [{ items: item, form }] }).citations[0]!
  const extras = locator ? { locator } : {}
  return {
    reference: listEntry(style, source), parenthetical: once('parenthetical'), narrative: once('narrative'),
    note: noteAlone(style, source, extras, false), shortNote: noteAlone(style, source, extras, true),
  }
}
