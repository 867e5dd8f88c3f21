/**
 * Looking sources up by DOI, ISBN or address. `Catalogue` is what Dendle asks; the stand-in that ships with it answers
 * from made-up records. A real one is another object of the same shape.
 */
import { cslItemSchema, fromCsl, type CslItem } from '../../core/source/csl'
import { fieldsSchema, isEmpty, type Fields } from '../../core/source/model'
import { foldWords } from '../../core/text/filing'
import { stripRich } from '../../core/text/rich'
import type { Identifier } from '../../core/intake/identifiers'
import { readPage } from '../../core/intake/page/page'
import { allFrom, type Proposal } from '../../core/intake/proposal'

export type CatalogueAnswer =
  /** A record, as a CSL-JSON item, not yet trusted. */
  | { type: 'record', item: unknown }
  /** What a title brought, the likeliest first. */
  | { type: 'records', items: readonly unknown[] }
  /** A page as it was found at an address. */
  | { type: 'page', html: string, address: string }
  | { type: 'none' }

/** What is asked for: an identifier, or a title. */
export interface Asked { type: Identifier['type'] | 'title', value: string }
/** With a title what else is known of it, or one of many works of that name would do. */
export interface AskedAs extends Asked { family?: string | undefined, year?: number | undefined }

export interface Catalogue {
  /** Looks up one identifier or title. Rejects when it cannot answer; `signal` ends the wait. */
  look: (asked: Asked, signal: AbortSignal) => Promise<CatalogueAnswer>
}

export type Outcome =
  | { outcome: 'found', proposal: Proposal }
  | { outcome: 'none' | 'slow' | 'nonsense' | 'down', says: string }

const NAMES = { doi: 'DOI', isbn: 'ISBN', url: 'address', title: 'title' } as const
/** So many of the works that a title brought are looked at. */
const MOST = 20

/** Asks a catalogue and turns whatever comes back, or does not, into a proposal or a sentence. Never throws. */
export async function lookUp(catalogue: Catalogue, asked: AskedAs, limit: number): Promise<Outcome> {
  const { type, value } = asked
  const what = type === 'title' ? `the title “${value}”` : `the ${NAMES[type]} ${value}`
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
  if (answer.type === 'records') {
    const read = answer.items.slice(0, MOST).map(item => readRecord(item, type, value)).filter(one => one?.outcome === 'found')
    if (answer.items.length && !read.length) return nonsense(what)
    return (
      read.find(one => isAsked(one.proposal.fields, asked))
      ?? { outcome: 'none', says: `The catalogue has no work that agrees with ${what}. Check it against the source, or keep it as it was typed.` }
    )
  }
  if (answer.type === 'page') {
    const [proposal] = readPage(answer.html, answer.address).proposals
    return proposal
      ? { outcome: 'found', proposal: { ...proposal, where: value } }
      : { outcome: 'nonsense', says: `The page at ${value} says nothing of itself that could be read. Type its title instead.` }
  }
  return readRecord(answer.item, type, value) ?? nonsense(what)
}

const nonsense = (what: string): Outcome =>
  ({ outcome: 'nonsense', says: `The catalogue’s answer for ${what} could not be read as a source. Type the details instead.` })

/** Whether a record is the work that was asked for: next to its words, its first author, its year or the one beside it. */
function isAsked(fields: Fields, { value, family, year }: AskedAs): boolean {
  const first = (fields.author ?? fields.editor)?.[0]
  const named = first?.family ?? first?.literal
  const theirs = fields.issued?.start?.year
  return isSameTitle(value, fields.title ?? '')
    && (!family || !named || shareWord(family, named))
    && (year === undefined || theirs === undefined || Math.abs(year - theirs) <= 1)
}
/** "Marr" and "de Marr", but not "Li" and "Lister". */
function shareWord(a: string, b: string): boolean {
  const words = new Set(foldWords(a).split(' '))
  return foldWords(b).split(' ').some(word => words.has(word))
}
/** Of so many words in both, as a share of all. */
const ALIKE = 0.8
function isSameTitle(a: string, b: string): boolean {
  const [whole, other] = [a, b].map(title => foldWords(stripRich(title)))
  // One of the two may be without its subtitle.
  if (mainOf(a) === other || mainOf(b) === whole) return true
  const [mine, theirs] = [whole!, other!].map(text => new Set(text.split(' ').filter(Boolean)))
  const shared = [...mine!].filter(word => theirs!.has(word)).length
  return shared > 0 && (2 * shared) / (mine!.size + theirs!.size) >= ALIKE
}
const mainOf = (title: string): string => foldWords(stripRich(title).split(/[:;–—?!]/u)[0]!)

const slow = (what: string): Outcome => ({
  outcome: 'slow',
  says: `The catalogue did not answer in time for ${what}. Try again, or type the details.`,
})

function readRecord(given: unknown, type: Asked['type'], value: string): Outcome | undefined {
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
