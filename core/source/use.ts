/** What a paper says of a source that it uses. */
import * as z from 'zod'

export const keySchema = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^[a-z0-9][a-z0-9-]{0,60}$/u, { error: 'A key is made of small letters, digits and hyphens, as okonjo-2021.' })
export const annotationSchema = z.string().max(20_000, { error: 'An annotation is longer than 20,000 characters.' })
export const divisionSchema = z.string().max(200)
export const useSchema = z.object({
  key: keySchema,
  /** In the list though not cited; or out of it though cited. */
  listed: z.boolean().default(false),
  leftOut: z.boolean().default(false),
  annotation: annotationSchema.default(''),
  division: divisionSchema.default(''),
})
