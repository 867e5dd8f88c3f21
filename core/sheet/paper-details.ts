/** A paper's title and its details: what each may be. The forms and the server read them by the same schemas. */
import * as z from 'zod'

export const titleSchema = z
  .string()
  .trim()
  .min(1, { error: 'A paper needs a title; a working title will do.' })
  .max(5000, { error: 'The title is longer than 5,000 characters.' })

export { DETAILS, type Detail } from '../styles/ids'
export const detailSchema = z.string().max(2000, { error: 'This is longer than 2,000 characters; a title page has no room for it.' })
export const detailsSchema = z.record(z.string().max(60), detailSchema)
