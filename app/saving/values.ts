/** The things of a paper as values: how they differ, how a difference is sent, and how it waits in the browser. */
import { changedBlocks } from '~~/core/sheet/changed-blocks'
import type { DocNode } from '~~/core/sheet/document'
import type { PaperRecord, PaperSource, Passage } from './held'
import { differing, partsOf, valueOf, type KeptJob, type Parts, type Thing, type ThingName } from './things'

export interface PaperValue extends PaperRecord { body: DocNode }
export type Value = PaperValue | PaperSource | Passage

export const revisionOf = (thing: ThingName, value: Value): number =>
  thing === 'use' ? (value as PaperSource).useRevision : value.revision

/** Names of the parts in which a thing is other than it was. */
export function changedParts({ thing }: Thing, base: Value, now: Value): string[] {
  if (thing !== 'paper') return differing(partsOf(thing, base), partsOf(thing, now))
  // A long text is compared block by block: those that stayed are the same objects, and are not read.
  const [{ body: was, ...before }, { body, ...after }] = [base as PaperValue, now as PaperValue]
  const names = differing(partsOf('paper', before), partsOf('paper', after))
  return was !== body && changedBlocks(was, body) ? [...names, 'body'] : names
}

const PATHS: Record<ThingName, (id: string, paperId: string) => string> = {
  paper: id => `/api/papers/${id}`,
  source: id => `/api/sources/${id}`,
  use: (id, paperId) => `/api/papers/${paperId}/sources/${id}`,
  passage: id => `/api/passages/${id}`,
}
export const pathOf = ({ thing, id }: Thing, paperId: string): string => PATHS[thing](id, paperId)

/** What is sent of a change. A text goes as the blocks that differ, a record of details or a source's fields whole. */
export function payloadOf(thing: ThingName, names: readonly string[], base: Value, now: Value): object {
  if (thing === 'source') {
    const { kind, fields, parked, settled } = now as PaperSource
    return { kind, fields, parked, settled }
  }
  const value = now as unknown as Record<string, unknown>
  const changed = [...new Set(names.map(name => name.split('.')[0]!))].filter(name => name !== 'body')
  const blocks = names.includes('body') ? changedBlocks((base as PaperValue).body, (now as PaperValue).body) : undefined
  return { ...Object.fromEntries(changed.map(name => [name, value[name]])), ...(blocks ? { blocks } : {}) }
}

/**
 * A change as it waits in the browser; none where nothing differs.
 * @param undecided while the writer has not chosen between two texts: the one here was made from neither
 */
export function jobOf(of: Thing, base: Value, now: Value, undecided: boolean): KeptJob | undefined {
  const names = changedParts(of, base, now)
  if (!names.length) return undefined
  const [mine, was] = [partsOf(of.thing, now), partsOf(of.thing, base)]
  const pick = (parts: Parts) =>
    valueOf(of.thing, Object.fromEntries(names.filter(name => parts[name] !== undefined).map(name => [name, parts[name]])), false)
  const gone = names.filter(name => mine[name] === undefined)
  const { body: _, ...known } = was
  return {
    ...of,
    change: { ...pick(mine), ...(gone.length ? { gone } : {}) },
    base: pick(undecided ? known : was),
    from: revisionOf(of.thing, base),
  }
}

/** What the server told when the paper was opened. */
export interface Told {
  /** The window that kept the change, and the one that saved last. */
  by: string
  lastBy: string | null | undefined
  saves: readonly string[]
  opened: { revision: number, body: DocNode }
}
/** What a change that waited in the browser was made from, where that is known. */
export function baseOf({ thing, base, from, sent }: KeptJob, now: Value, { by, lastBy, saves, opened }: Told): Parts | undefined {
  if (thing === 'state') return undefined
  const here = partsOf(thing, now)
  const arrived = sent?.findLast(one => saves.includes(one.save))
  if (arrived) return { ...(base ? partsOf('paper', base) : here), body: arrived.body }
  // It had saved without hearing of it: what the server has is what it went on from.
  if (lastBy === by && thing === 'paper' && now.revision === opened.revision) return here
  // Windows of an older Dendle kept of a source its fields alone, and of a text nothing.
  if (base) return partsOf(thing, thing === 'source' && !('fields' in base) && !('kind' in base) ? { fields: base } : base)
  if (thing === 'paper' && from === opened.revision) return { ...here, body: opened.body }
  return from === undefined || from === revisionOf(thing, now) ? here : undefined
}
