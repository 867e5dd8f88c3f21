/**
 * The kinds of source, a row each: the words for it, the fields it needs, who leads its entry, the types it has in other
 * formats, how it is recognised. A kind is data; the engine asks for its properties and knows none by name.
 */
import { FIELDS, type FieldName } from '../fields'
import { books } from './books'
import { data } from './data'
import type { Kind } from './kind'
import { law } from './law'
import { media } from './media'
import { papers } from './papers'
import { periodicals } from './periodicals'
import { pictures } from './pictures'
import { privateKinds } from './private'
import { web } from './web'

export type { CslRule, Kind, SaidRule } from './kind'

export const KINDS = { ...periodicals, ...books, ...web, ...papers, ...media, ...pictures, ...data, ...law, ...privateKinds }
export type KindId = keyof typeof KINDS
export const KIND_IDS = Object.keys(KINDS) as [KindId, ...KindId[]]
export const kindOf = (id: KindId): Kind => KINDS[id]
export const isKind = (id: string): id is KindId => Object.hasOwn(KINDS, id)

/** Where on a source of this kind to look for a field. */
export const hintFor = (kind: KindId, field: FieldName): string => kindOf(kind).hints[field] ?? FIELDS[field].found
/** What a source of this kind calls a field. */
export const labelFor = (kind: KindId, field: FieldName): string => kindOf(kind).called[field] ?? FIELDS[field].label

/** The kind, then the kinds it resembles, nearest first. */
export function kindChain(id: KindId): KindId[] {
  const chain: KindId[] = []
  for (let at: string | undefined = id; at && isKind(at) && !chain.includes(at); at = kindOf(at).like) chain.push(at)
  return chain
}

/** Which kind a type of another format is read as. */
export const readAs = (format: 'bibtex' | 'ris'): ReadonlyMap<string, KindId> => new Map(KIND_IDS.flatMap(id => kindOf(id).reads[format].map(type => [type, id] as const)))
