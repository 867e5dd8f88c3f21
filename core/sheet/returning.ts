/**
 * Citations that go out with a document and come back with it: each stands in a content control of its own (OOXML,
 * ECMA-376 part 1, 17.5.2), and what they cite goes with them once, as CSL-JSON, in a part of the document made for such
 * things (15.2.5). Other programs show the words and leave the rest alone.
 */
import * as z from 'zod'
import { cslItemSchema, fromCsl, toCsl, type CslItem } from '../source/csl'
import type { Source } from '../source/model'
import { citationSchema, type CitationData, type DocNode } from './document'
import { placedCitations } from './walking'

export const RETURNING_NAMESPACE = 'urn:dendle:citations'
/** The tag of a citation's control, and of what is printed of it in a second place. */
export const CONTROL = { first: 'citation:', again: 'citation-again:' } as const

const schema = z.object({
  sources: z.array(cslItemSchema),
  citations: z.array(z.object({
    citationID: z.string().max(200),
    citationItems: z.array(z.looseObject({ id: z.union([z.string(), z.number()]).transform(String) })).max(100),
    properties: z.looseObject({}).optional(),
  })),
})

export interface Returning {
  /** Their ids are the keys that citations name them by. */
  sources: Source[]
  /** By the id of the control. */
  citations: Map<string, CitationData>
}

/** The name of each citation's control, in the order of the text. */
export const controlIds = (body: DocNode): string[] => placedCitations(body).map(({ id }, i) => id || `n${i + 1}`)

/** What a document carries of its citations and their sources. @param keyOf a source's key by its id */
export function writeReturning(body: DocNode, sources: readonly Source[], keyOf: (id: string) => string): string {
  const placed = placedCitations(body)
  const cited = new Set(placed.flatMap(({ citation }) => citation.items.map(item => item.id)))
  const ids = controlIds(body)
  return JSON.stringify({
    sources: sources.filter(({ id }) => cited.has(id)).map(source => toCsl({ ...source, id: keyOf(source.id) })),
    citations: placed.map(({ citation }, i) => {
      const { items, ...properties } = citation as CitationData
      return {
        citationID: ids[i]!,
        citationItems: items.map(({ id, locator, ...words }) => ({
          id: keyOf(id),
          ...(locator ? { locator: locator.place, label: locator.label } : {}),
          ...words,
          ...(properties.form === 'suppress-author' ? { 'suppress-author': true } : {}),
        })),
        properties,
      }
    }),
  })
}

/** @returns undefined for what is no such text */
export function readReturning(text: string): Returning | undefined {
  let given: unknown
  try { given = JSON.parse(text) }
  catch { return undefined }
  const read = schema.safeParse(given)
  if (!read.success) return undefined
  const citations = read.data.citations.flatMap(({ citationID, citationItems, properties }): [string, CitationData][] => {
    const items = citationItems.map(({ 'locator': place, label, 'suppress-author': _, ...item }) => ({
      ...item,
      ...(place === undefined || place === '' ? {} : { locator: { place: String(place), label: label ?? 'page' } }),
    }))
    const own = citationSchema.safeParse({ ...properties, items })
    return own.success ? [[citationID, own.data]] : []
  })
  return { sources: read.data.sources.map(item => fromCsl(item as CslItem)), citations: new Map(citations) }
}
