/** What the API accepts. */
import * as z from 'zod'
import { STYLES } from '../../core/styles'
import { blocksChangeSchema } from '../../core/sheet/changed-blocks'
import { PAPER_SORTS } from '../../core/sheet/choices'
import { detailsSchema, titleSchema as title } from '../../core/sheet/paper-details'
import { documentSchema } from '../../core/sheet/document'
import { idSchema } from '../../core/source/id'
import { fieldsSchema, isEmpty, kindSchema } from '../../core/source/model'
import { passageFormSchema, passageSchema } from '../../core/source/passages'

const styleIds = STYLES.map(style => style.id)
const style = z
  .string()
  .refine((id) => styleIds.includes(id), {
    error: (issue) => `There is no style "${String(issue.input)}". Dendle has ${styleIds.join(', ')}.`,
  })
const revision = z.number({ error: 'The revision this change was made from is missing.' }).int().positive()
const key = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^[a-z0-9][a-z0-9-]{0,60}$/u, { error: 'A key is made of small letters, digits and hyphens, as okonjo-2021.' })
/** The name a window gives itself, so that its own last save is known again. */
const by = z.string().max(64).optional()

export const newPaperSchema = z.object({ title, style: style.default('apa-7'), sort: z.enum(PAPER_SORTS).default('paper') })
export const paperChangeSchema = z.object({
  revision,
  by,
  save: z.string().max(64).optional(),
  title: title.optional(),
  style: style.optional(),
  body: documentSchema.optional(),
  blocks: blocksChangeSchema.optional(),
  details: detailsSchema.optional(),
  left: z.array(z.string().max(200)).max(5000, { error: 'More than 5,000 findings are left as they are; that is too many to keep.' }).optional(),
})
/** An id is given where the same source may have to be sent twice. */
export const newSourceSchema = z
  .object({
    id: idSchema.optional(),
    kind: kindSchema,
    fields: fieldsSchema,
    key: key.optional(),
    origin: z.record(z.string(), z.unknown()).optional(),
  })
  .refine((source) => !isEmpty(source), {
    error: 'This source has nothing in it yet; give at least a title or an author.',
    path: ['fields'],
  })
const ids = z.array(idSchema).min(1).max(1000)
/** Many at once, as an import brings them; a longer file comes in several. */
export const newSourcesSchema = z.object({ sources: z.array(newSourceSchema).min(1).max(1000) })
export const sourceIdsSchema = z.object({ ids })
const settled = z.array(z.string().max(120)).max(500).optional()
export const sourceChangeSchema = z.object({
  revision,
  by,
  kind: kindSchema,
  fields: fieldsSchema,
  parked: fieldsSchema.optional(),
  settled,
})
export const mergeSchema = sourceChangeSchema.extend({ keep: idSchema, drop: idSchema })
  .refine(({ keep, drop }) => keep !== drop, { error: 'A source cannot be merged with itself.', path: ['drop'] })
export const useChangeSchema = z.object({
  revision,
  by,
  key: key.optional(),
  listed: z.boolean().optional(),
  leftOut: z.boolean().optional(),
  annotation: z.string().max(20_000).optional(),
  division: z.string().max(200).optional(),
})
export const attachSchema = z.object({ sourceId: idSchema })
export const snapshotSchema = z.object({ reason: z.string().max(200), title: z.string().max(5000), body: documentSchema })
export const newPassageSchema = passageSchema.extend({ sourceId: idSchema })
// Without the defaults: what is not given stays as it is.
export const passageChangeSchema = z.object({
  revision,
  by,
  form: passageFormSchema.optional(),
  words: passageSchema.shape.words.optional(),
  original: z.string().max(50_000).optional(),
  locator: z.string().max(200).optional(),
  comment: z.string().max(20_000).optional(),
  tags: z.array(z.string().trim().min(1).max(40)).max(12).optional(),
})
export const movePassagesSchema = z.object({ ids, sourceId: idSchema })
export const lookUpSchema = z.object({
  type: z.enum(['doi', 'isbn', 'url']),
  value: z.string().trim().min(3, { error: 'There is nothing to look up.' }).max(2000),
})
