/**
 * Papers with all that belongs to them as one packed file of open files (docs/archive.md): what each file may hold. What
 * the API takes is taken here, and nothing else: both are made of the same schemas.
 */
import * as z from 'zod'
import { documentSchema } from '../../sheet/document-schema'
import { detailsSchema, leftSchema, titleSchema } from '../../sheet/paper-details'
import { idSchema } from '../../source/id'
import { fieldsSchema, kindSchema, settledSchema } from '../../source/model'
import { passageSchema } from '../../source/passages'
import { useSchema } from '../../source/use'

/** A file of an earlier version is read as well. */
export const VERSION = 2
const id = idSchema
/** Sources that one paper may use. */
const MAX_USES = 20_000
const when = z.iso.datetime({ error: 'is no time.' })
const revision = z.number().int().min(1).catch(1)

export const archivedSourceSchema = z.object({
  id,
  kind: kindSchema,
  fields: fieldsSchema,
  origin: z.record(z.string(), z.unknown()).optional(),
  /** Values that have no place in its kind. */
  parked: fieldsSchema.default({}),
  /** Ids of findings that were left as they are. */
  settled: settledSchema.default([]),
  revision,
})
export const archivedUseSchema = useSchema.extend({ source: id })
export const archivedPassageSchema = passageSchema.extend({ id, source: id, paper: id.optional(), revision })
/** What else of a paper an earlier state may keep: its style and details, and what it says of its sources. */
export const besidesSchema = z.object({
  style: z.string().max(60),
  details: detailsSchema,
  left: leftSchema,
  uses: z.array(archivedUseSchema).max(MAX_USES),
})
export const archivedStateSchema = z.object({
  id,
  reason: z.string().max(300),
  title: z.string().max(5000),
  body: documentSchema,
  /** What else of the paper was kept with it. */
  besides: besidesSchema.optional(),
  createdAt: when,
})
export const archivedPaperSchema = z.object({
  id,
  title: titleSchema,
  style: z.string().max(60),
  details: detailsSchema.default({}),
  /** Changes of the style that this paper has recorded. */
  houseRules: z.array(z.unknown()).default([]),
  /** Ids of findings that were left as they are. */
  left: leftSchema.default([]),
  revision,
  updatedAt: when,
  uses: z.array(archivedUseSchema).max(MAX_USES).default([]),
})
export type ArchivedSource = z.infer<typeof archivedSourceSchema>
export type ArchivedUse = z.infer<typeof archivedUseSchema>
export type Besides = z.infer<typeof besidesSchema>
export type ArchivedPassage = z.infer<typeof archivedPassageSchema>
export type ArchivedState = z.infer<typeof archivedStateSchema>
export type ArchivedPaper = z.infer<typeof archivedPaperSchema> & { body: z.infer<typeof documentSchema>, states: ArchivedState[] }
