/** A page that somebody reads, handed over by the bookmark: it may come from anywhere, and is believed in nothing. */
import * as z from 'zod'
import { kindOf } from '../../source/kinds'
import type { DatePoint } from '../../source/dates'
import type { Proposal } from '../proposal'
import { readPage } from './page'

/** Longest text read, in letters: what a bookmark hands over is shorter. */
const LONGEST = 400_000
const schema = z.object({
  address: z.url({ protocol: /^https?$/u }).max(2000),
  html: z.string().max(100_000),
  marked: z.string().max(10_000).default(''),
  letters: z.number().int().nonnegative().default(0),
})

/** `letters` is how many were marked, where that is more than came. */
export interface Handed { address: string, proposal: Proposal, marked: string, letters: number }

/**
 * Reads what stands behind the "#" of the address.
 * @param today read on that day, which a page without a date is cited by
 * @returns the proposal; or why there is none, in a sentence
 */
export function readHanded(fragment: string, today: DatePoint): Handed | string {
  if (!fragment) return 'No page was handed over. Open a page that you read, and press the bookmark there.'
  const parsed = fragment.length > LONGEST ? undefined : schema.safeParse(parse(fragment))
  if (!parsed?.success) return 'What was handed over is not a page that can be read. Copy its address into Gather instead.'
  const { address, html, letters } = parsed.data
  const marked = parsed.data.marked.trim()
  const [proposal] = readPage(html, address).proposals
  if (!proposal) return `Neither a title nor tags were found on ${new URL(address).host}. Copy its address into Gather instead.`
  const { required, usual } = kindOf(proposal.kind)
  const isReadOn = [...required, ...usual].includes('accessed') && proposal.fields.url !== undefined
  return {
    address,
    marked,
    letters: Math.max(letters, marked.length),
    proposal: isReadOn
      ? { ...proposal, fields: { ...proposal.fields, accessed: { start: today } }, from: { ...proposal.from, accessed: { by: 'page', says: 'the day it was handed over' } } }
      : proposal,
  }
}

function parse(fragment: string): unknown {
  try { return JSON.parse(decodeURIComponent(fragment)) }
  catch { return undefined }
}
