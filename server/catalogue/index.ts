/**
 * Looking sources up by DOI, ISBN or address. `Catalogue` is what Dendle asks; the stand-in that ships with it answers
 * from made-up records. A real one is another object of the same shape.
 */
import { cslItemSchema, fromCsl, type CslItem } from '../../core/source/csl'
import { fieldsSchema, isEmpty } from '../../core/source/model'
import type { Identifier } from '../../core/intake/identifiers'
import { readPage } from '../../core/intake/page/page'
import { allFrom, type Proposal } from '../../core/intake/proposal'

export type CatalogueAnswer =
  /** A record, as a CSL-JSON item, not yet trusted. */
  | { type: 'record', item: unknown }
  /** A page as it was found at an address. */
  | { type: 'page', html: string, address: string }
  | { type: 'none' }

export interface Catalogue {
  /** Looks up one identifier. Rejects when it cannot answer; `signal` ends the wait. */
  look: (identifier: Pick<Identifier, 'type' | 'value'>, signal: AbortSignal) => Promise<CatalogueAnswer>
}

export type Outcome =
  | { outcome: 'found', proposal: Proposal }
  | { outcome: 'none' | 'slow' | 'nonsense' | 'down', says: string }

const NAMES = { doi: 'DOI', isbn: 'ISBN', url: 'address' } as const

/** Asks a catalogue and turns whatever comes back, or does not, into a proposal or a sentence. Never throws. */
export async function lookUp(catalogue: Catalogue, { type, value }: Pick<Identifier, 'type' | 'value'>, limit: number): Promise<Outcome> {
  const what = `the ${NAMES[type]} ${value}`
  const signal = AbortSignal.timeout(limit)
  const late = new Promise<'late'>(resolve => signal.addEventListener('abort', () => resolve('late'), { once: true }))
  let answer: CatalogueAnswer | 'late'
  try {
    answer = await Promise.race([catalogue.look({ type, value }, signal), late])
  } catch {
    return signal.aborted
      ? slow(what)
      : { outcome: 'down', says: `The catalogue could not be asked for ${what}. Try again, or type the details.` }
  }
  if (answer === 'late') return slow(what)
  if (answer.type === 'none')
    return { outcome: 'none', says: `The catalogue has nothing under ${what}. Check it against the source, or type the details.` }
  if (answer.type === 'page') {
    const [proposal] = readPage(answer.html, answer.address).proposals
    return proposal
      ? { outcome: 'found', proposal: { ...proposal, where: value } }
      : { outcome: 'nonsense', says: `The page at ${value} says nothing of itself that could be read. Type its title instead.` }
  }
  return (
    readRecord(answer.item, type, value) ?? {
      outcome: 'nonsense',
      says: `The catalogue’s answer for ${what} could not be read as a source. Type the details instead.`,
    }
  )
}

const slow = (what: string): Outcome => ({
  outcome: 'slow',
  says: `The catalogue did not answer in time for ${what}. Try again, or type the details.`,
})

function readRecord(given: unknown, type: Identifier['type'], value: string): Outcome | undefined {
  const item = typeof given === 'object' && given !== null && !('id' in given) ? { ...given, id: value } : given
  const parsed = cslItemSchema.safeParse(item)
  if (!parsed.success) return undefined
  const { kind, fields } = fromCsl(parsed.data as CslItem)
  if (isEmpty({ fields }) || !fields.title || !fieldsSchema.safeParse(fields).success) return undefined
  // What was asked by is what the reader will look it up by.
  if (type === 'doi' && !fields.doi) fields.doi = value
  if (type === 'isbn' && !fields.isbn) fields.isbn = value
  return { outcome: 'found', proposal: { kind, fields, from: allFrom(fields, 'catalogue', 'the catalogue'), where: value, doubts: [] } }
}
