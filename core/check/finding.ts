/**
 * A finding: what a careful marker would circle. One shape for all of Dendle, whoever makes it and whoever shows it: the
 * rule and its sentence, the words concerned, where they are, and, where there is one, a change that mends them as one
 * undo, of a source or of the text.
 */
import type { DocNode } from '../sheet/document'
import type { FieldName } from '../source/fields'
import type { KindId } from '../source/kinds'
import type { Fields } from '../source/model'
import type { Detail } from '../styles/ids'
import { foldWords } from '../text/filing'

export const FAMILIES = ['citations', 'quotations', 'own-words', 'list', 'details', 'page'] as const
export type Family = (typeof FAMILIES)[number]

export type Where =
  | { at: 'field', source: string, field?: FieldName }
  /** A citation, by the id of its node, in a block of the document. */
  | { at: 'citation', block: number, citation: string }
  /** A stretch of a line of a block: `path` leads from the block to the line, letters count from 0, a citation as one. */
  | { at: 'words', block: number, path: readonly number[], from: number, to: number }
  | { at: 'block', block: number }
  | { at: 'list' }
  | { at: 'detail', detail: Detail | 'title' | 'target' }

/** What mends it: other fields of a source, other blocks in the place of some, a source no longer listed. */
export type Change =
  | { on: 'source', source: string, fields: Fields, kind?: KindId }
  | { on: 'text', from: number, to: number, blocks: DocNode[] }
  | { on: 'use', source: string, listed: boolean }

export interface Fix {
  /** What the button says. */
  label: string
  /** What the words would be, to be seen before it is done; rich text. */
  shows?: string
  change: Change
}

export interface Finding {
  /** Stable for the same words at the same sort of place: "leave it" holds until they change. */
  id: string
  rule: string
  family: Family
  /** What is the matter, in a sentence or two. */
  says: string
  /** The same in a few words, where there is little room: "Title in capitals". */
  brief: string
  /** The manual's section; nothing for what is no manual's. */
  source: string
  /** The words concerned, as they stand; rich text, its stress what is meant. */
  excerpt: string
  where: Where
  /** The fix can be done without a look at it. */
  certain: boolean
  /** The reference has a hole, or would be marked wrong, without it; otherwise it is a question. */
  serious: boolean
  fix?: Fix
  /** Another source that it is about. */
  other?: string
}

/** FNV-1a, 32 bits: short and the same everywhere. */
export function hash(text: string): string {
  let h = 0x811C9DC5
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193) >>> 0
  return h.toString(36)
}

/** A finding's id: its rule, what it is about, and its words. */
export const findingId = (check: string, excerpt: string, filled: Readonly<Record<string, unknown>> = {}, about = ''): string =>
  `${check}:${about}${hash(`${foldWords(excerpt) || excerpt}\u0001${Object.values(filled).join('\u0001')}`)}`

/** Ids made one of a kind: the second of the same words, in the order of the paper, is "#2". */
export function distinct<T extends { id: string }>(findings: readonly T[]): T[] {
  const seen = new Map<string, number>()
  return findings.map((finding) => {
    const n = (seen.get(finding.id) ?? 0) + 1
    seen.set(finding.id, n)
    return n === 1 ? finding : { ...finding, id: `${finding.id}#${n}` }
  })
}

/** The block of the document it is in; none for what is no place in the text. */
export const blockOf = ({ where }: Finding): number | undefined => ('block' in where ? where.block : undefined)
