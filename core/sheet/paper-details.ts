/** A paper's title and its details: what each may be. The forms and the server read them by the same schemas. */
import * as z from 'zod'

export const titleSchema = z
  .string()
  .trim()
  .min(1, { error: 'A paper needs a title; a working title will do.' })
  .max(5000, { error: 'The title is longer than 5,000 characters.' })

/** Ids of findings that the writer left as they are. */
export const leftSchema = z
  .array(z.string().max(200))
  .max(5000, { error: 'More than 5,000 findings are left as they are; that is too many to keep.' })

/** What a paper says of itself on its pages, besides its title. */
export const SAID_DETAILS = [
  'writer', 'studentNumber', 'instructor', 'course', 'institution', 'date', 'abstract', 'keywords', 'authorNote', 'acknowledgements',
] as const
export type SaidDetail = (typeof SAID_DETAILS)[number]
/** Those that are paragraphs. */
export const LONG_DETAILS = ['abstract', 'authorNote', 'acknowledgements'] as const satisfies readonly SaidDetail[]

const LINE = 2000
const LONG = 20_000
const isLong = (key: SaidDetail): boolean => (LONG_DETAILS as readonly string[]).includes(key)
export const detailSchema = (key: SaidDetail): z.ZodString =>
  isLong(key)
    ? z.string().max(LONG, { error: 'This is longer than 20,000 characters: a chapter, not a part of the pages before it.' })
    : z.string().max(LINE, { error: 'This is longer than 2,000 characters; a title page has no room for it.' })
/** All that a paper keeps about itself: details, and its choices. */
export const detailsSchema = z.record(z.string().max(60), z.string().max(LONG, { error: 'This is longer than 20,000 characters.' }))
