/** What can be saved, each with the parts of it that are met one by one when two windows change it. */
import { joinTexts } from '~~/core/sheet/changed-blocks'
import type { DocNode } from '~~/core/sheet/document'

export type ThingName = 'paper' | 'source' | 'use' | 'passage'
export interface Thing { thing: ThingName, id: string }
export const keyOf = ({ thing, id }: Thing): string => `${thing}/${id}`
export function thingOf(key: string): Thing {
  const at = key.indexOf('/')
  return { thing: key.slice(0, at) as ThingName, id: key.slice(at + 1) }
}

/** A change of one thing as it waits in the browser, with what it was made from. Plain data. */
export interface KeptJob {
  thing: ThingName | 'state'
  id: string
  change: Record<string, unknown>
  /** The same parts as they were at the server; windows of an older Dendle kept none. */
  base?: Record<string, unknown> | undefined
  /** The revision they were at. */
  from?: number
  /** Texts that went out without an answer, by the names of their saves: one that arrived is what the text here was made from. */
  sent?: { save: string, body: DocNode }[]
}

/** What of a thing can be changed, by name; what is kept in records (details, fields) by "record.name". */
export type Parts = Readonly<Record<string, unknown>>
const PARTS: Record<ThingName, { own: readonly string[], records: readonly string[] }> = {
  paper: { own: ['title', 'style', 'left', 'body'], records: ['details'] },
  source: { own: ['kind', 'settled'], records: ['fields', 'parked'] },
  use: { own: ['listed', 'leftOut', 'annotation', 'division'], records: [] },
  passage: { own: ['form', 'words', 'original', 'locator', 'comment', 'tags'], records: [] },
}
/** Lists whose members come and go by themselves: both windows' comings and goings count. */
const SETS = new Set(['left', 'settled', 'tags'])

export function partsOf(thing: ThingName, value: object): Parts {
  const given = value as Record<string, unknown>
  const { own, records } = PARTS[thing]
  return Object.fromEntries([
    ...own.filter(name => given[name] !== undefined).map(name => [name, given[name]]),
    ...records.flatMap(record =>
      Object.entries((given[record] ?? {}) as object).filter(([, one]) => one !== undefined).map(([name, one]) => [`${record}.${name}`, one])),
  ])
}
/** The parts as a value again; a record is there as soon as it is named in `whole`, if only empty. */
export function valueOf(thing: ThingName, parts: Parts, whole = true): Record<string, unknown> {
  const out: Record<string, unknown> = whole ? Object.fromEntries(PARTS[thing].records.map(record => [record, {}])) : {}
  for (const [part, one] of Object.entries(parts)) {
    const [record, name] = split(part)
    if (name === undefined) out[record] = one
    else out[record] = { ...(out[record] as object | undefined), [name]: one }
  }
  return out
}
const split = (part: string): [string, string?] => {
  const at = part.indexOf('.')
  return at < 0 ? [part] : [part.slice(0, at), part.slice(at + 1)]
}

export const same = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b)

/** Names of the parts in which two values differ. */
export const differing = (a: Parts, b: Parts): string[] =>
  [...new Set([...Object.keys(a), ...Object.keys(b)])].filter(name => !same(a[name], b[name]))

/** A part that both windows changed, differently: what is here stands, and the other's is offered. */
export interface Both { part: string, theirs: unknown }
export interface Joined {
  parts: Parts
  both: Both[]
  /** Both wrote in one place of the text, which only the writer can settle: the text here stands for the time being. */
  ask: boolean
}

/**
 * Two states made from one, part by part.
 * @param base what both were made from; a part that is not known there counts as changed by both
 */
export function joinParts(base: Parts | undefined, mine: Parts, theirs: Parts): Joined {
  const parts: Record<string, unknown> = {}
  const both: Both[] = []
  let ask = false
  for (const name of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const [b, m, t] = [base?.[name], mine[name], theirs[name]]
    let chosen = m
    if (same(m, t) || (base && same(b, t))) chosen = m
    else if (base && same(b, m)) chosen = t
    else if (SETS.has(name)) chosen = joinSets(b as string[] | undefined, m as string[] | undefined, t as string[] | undefined)
    else if (name === 'body') {
      const text = b && m && t ? joinTexts(b as DocNode, m as DocNode, t as DocNode) : undefined
      if (text) chosen = text
      else ask = true
    } else both.push({ part: name, theirs: t })
    if (chosen !== undefined) parts[name] = chosen
  }
  return { parts, both, ask }
}

function joinSets(base: readonly string[] = [], mine: readonly string[] = [], theirs: readonly string[] = []): string[] {
  const gone = new Set(base.filter(one => !mine.includes(one)))
  return [...new Set([...theirs.filter(one => !gone.has(one)), ...mine.filter(one => !base.includes(one))])]
}
