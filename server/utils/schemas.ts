/** What the API accepts. */
import * as z from 'zod'
import { STYLES } from '../../core/styles'
import { PAPER_SORTS } from '../../core/sheet/choices'
import { detailsSchema, leftSchema, titleSchema as title } from '../../core/sheet/paper-details'
import { blocksChangeSchema, documentSchema } from '../../core/sheet/document-schema'
import { idSchema } from '../../core/source/id'
import { fieldsSchema, isEmpty, kindSchema, settledSchema } from '../../core/source/model'
import { annotationSchema, divisionSchema, keySchema } from '../../core/source/use'
import { passageFormSchema, passageSchema } from '../../core/source/passages'

const styleIds = STYLES.map(style => style.id)
const style = z
  .string()
  .refine((id) => styleIds.includes(id), {
    error: (issue) => `There is no style "${String(issue.input)}". Dendle has ${styleIds.join(', ')}.`,
  })
const revision = z.number({ error: 'The revision this change was made from is missing.' }).int().positive()
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
  left: leftSchema.optional(),
})
/** An id is given where the same source may have to be sent twice. */
export const newSourceSchema = z
  .object({
    id: idSchema.optional(),
    kind: kindSchema,
    fields: fieldsSchema,
    key: keySchema.optional(),
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
const settled = settledSchema.optional()
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
  key: keySchema.optional(),
  listed: z.boolean().optional(),
  leftOut: z.boolean().optional(),
  annotation: annotationSchema.optional(),
  division: divisionSchema.optional(),
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
  type: z.enum(['doi', 'isbn', 'url', 'title']),
  value: z.string().trim().min(3, { error: 'There is nothing to look up.' }).max(2000),
  family: z.string().max(200).optional(),
  year: z.number().int().optional(),
})
