/**
 * A style's template turned round: what an entry looks like that has certain details, as places for them and the words and
 * marks between. Made by setting a source of stand-in values and looking where they came to stand, so that every style that
 * is printed is read, house rules as well.
 */
import { listEntry } from '../../compose/entry'
import { FIELDS, type FieldName } from '../../source/fields'
import { kindOf, type KindId } from '../../source/kinds'
import type { Fields } from '../../source/model'
import type { Style } from '../../styles'
import { even } from './even'

/** How a style sets a name, "Qqx, Q.", "Qqx Q", "Q. Qqx", "Qqg Qqx"; or a body's. */
export type NameOrder = 'inverted' | 'compressed' | 'initials' | 'natural' | 'body'
export interface Place { field: FieldName, italic: boolean, order?: NameOrder }
export type Element = { words: string } | Place
export interface Skeleton {
  elements: readonly Element[]
  /** Words that any entry of this build has. */
  needs: readonly string[]
}

/** What a source is to show: which details, how exact its date, whether several people have each role, whether a body is its author. */
export interface Build { names: readonly FieldName[], date: 'year' | 'month' | 'day', many: boolean, body: boolean }

const STAND_IN = 'Qqx'
/** Somebody else for each role, or a style would make one of two. */
const person = (role: FieldName) => ({ family: STAND_IN + role.toLowerCase(), given: GIVEN })
const GIVEN = 'Qqg'
/** Stand-ins that must be of a sort for a style to print them as it does. */
const VALUES: Partial<Record<FieldName, string>> = {
  volume: '41', issue: '3', pages: '12-34', edition: '2', season: '5', number: '67', version: '8.9', seriesNumber: '7',
  numberOfVolumes: '6',  doi: '10.5555/qqx', url: 'https://qqx.example', status: 'in press',
}

function standIns({ names, date, many, body }: Build): Fields {
  const day = { year: 2020, ...(date === 'year' ? {} : { month: 4 }), ...(date === 'day' ? { day: 5 } : {}) }
  const value = (name: FieldName): Fields[FieldName] => {
    const { type } = FIELDS[name]
    if (type === 'names') return name === 'author' ? [body ? { literal: STAND_IN } : person(name)] : many ? [person(name), person(name)] : [person(name)]
    if (type === 'date') return { start: name === 'issued' ? day : name === 'accessed' ? { year: 2021, month: 6, day: 7 } : { year: 1950 } }
    // A word of its own for each, or a style would leave out what is said twice.
    return VALUES[name] ?? STAND_IN + name.toLowerCase()
  }
  return Object.fromEntries(names.map(name => [name, value(name)])) as Fields
}

const kept = new WeakMap<Style, Map<string, Skeleton | null>>()
/** So many builds of one style are kept. */
const MOST = 3000

/** The skeleton of a kind's entry in a style; null where the style does not print one of the details, or no entry. */
export function skeletonOf(style: Style, kind: KindId, build: Build): Skeleton | null {
  let mine = kept.get(style)
  if (!mine || mine.size > MOST) kept.set(style, mine = new Map())
  if (build.names.some(name => !prints(style, kind, name))) return null
  const key = `${kind} ${build.date} ${build.many ? 'many' : ''} ${build.body ? 'body' : ''} ${build.names.join()}`
  const known = mine.get(key)
  if (known !== undefined) return known
  const made = newSkeleton(style, kind, build)
  mine.set(key, made)
  return made
}

/** What else there is may decide whether a detail is printed. */
const COMPANY: readonly (readonly FieldName[])[] = [
  ['title'], ['title', 'container', 'publisher'], ['author', 'title', 'url', 'issued'],
  ['author', 'title', 'container', 'publisher', 'series', 'event', 'place', 'volume', 'season'], ['title', 'archive'],
]
const printing = new WeakMap<Style, Map<string, boolean>>()
/** Whether a style prints a detail of a kind at all, which most builds need not be set for to know. */
export function prints(style: Style, kind: KindId, name: FieldName): boolean {
  let mine = printing.get(style)
  if (!mine) printing.set(style, mine = new Map())
  const shown = (names: readonly FieldName[]): string[] =>
    (listEntry(style, { id: 'x', kind, fields: standIns({ names, date: 'year', many: false, body: false }) }) ?? []).flatMap(run => run.field ?? [])
  if (!mine.has(kind)) {
    // Most details show when all that the kind offers is set at once.
    const { required, usual } = kindOf(kind)
    for (const field of shown([...new Set<FieldName>(['title', ...required, ...usual])])) mine.set(`${kind} ${field}`, true)
    mine.set(kind, true)
  }
  const key = `${kind} ${name}`
  let known = mine.get(key)
  if (known === undefined) mine.set(key, known = COMPANY.some(names => shown([...names, name]).includes(name)))
  return known
}

function newSkeleton(style: Style, kind: KindId, build: Build): Skeleton | null {
  const runs = listEntry(style, { id: 'x', kind, fields: standIns(build) })
  if (!runs) return null
  const elements: Element[] = []
  const seen = new Set<string>()
  const words = (text: string) => {
    const last = elements.at(-1)
    if (last && 'words' in last) last.words += even(text)
    else if (text) elements.push({ words: even(text) })
  }
  runs.forEach((run, i) => {
    const field = run.field as FieldName | undefined
    const last = elements.at(-1)
    const isName = field !== undefined && FIELDS[field].type === 'names'
    const isPerson = run.text.includes(STAND_IN)
    // "A and B": what stands between two names is of both.
    const next = runs[i + 1]
    const joins = run.part === 'glue' && last !== undefined && 'field' in last && next?.field === field && next?.text.includes(STAND_IN) === true
    if (!field || (isName && !isPerson && !joins)) { words(run.text); return }
    if (last && 'field' in last && last.field === field) return
    seen.add(field)
    elements.push({ field, italic: run.italic === true, ...(isName ? { order: field === 'author' && build.body ? 'body' : orderOf(run.text) } : {}) })
  })
  if (build.names.some(name => !seen.has(name))) return null
  const needs = elements.flatMap(one => ('words' in one ? one.words.match(/\p{L}{3,}/gu) ?? [] : []))
  return { elements, needs }
}

const orderOf = (name: string): NameOrder =>
  (/^Qqx\p{L}*,/u.test(name) ? 'inverted' : name.startsWith(STAND_IN) ? 'compressed' : name.startsWith(GIVEN) ? 'natural' : 'initials')
