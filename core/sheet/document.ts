/**
 * The paper as the editor keeps it: blocks of text with citations between the words. Unknown nodes and marks pass, so
 * that no word is lost by an older or newer editor. What may stand in it: `document-schema`; what is read from it: `walking`,
 * `blocks`, `count`.
 */
import * as z from 'zod'
import { FORMS } from '../compose/citations/forms'
import { labelSchema } from '../source/locator-labels'

export const citationSchema = z.object({
  items: z.array(z.object({
    id: z.string(),
    locator: z.object({ label: labelSchema, place: z.string().max(200) }).nullish().transform(v => v ?? undefined),
    prefix: z.string().max(2000).optional(),
    suffix: z.string().max(2000).optional(),
    original: z.string().max(2000).optional(),
  })).max(100),
  form: z.enum(FORMS).default('parenthetical'),
  /** Ids of the passages it stands with. */
  passages: z.array(z.string().max(64)).max(20).optional(),
  /** Its works stand among its words in a note, in styles that cite in the text as well. */
  inNote: z.boolean().optional(),
  words: z.object({ before: z.string().max(20_000).optional(), after: z.string().max(20_000).optional() }).optional(),
})
export type CitationData = z.infer<typeof citationSchema>

export interface DocNode {
  type: string
  attrs?: Record<string, unknown>
  content?: DocNode[]
  marks?: { type: string, attrs?: Record<string, unknown> }[]
  text?: string
}
export const emptyDocument = (): DocNode => ({ type: 'doc', content: [{ type: 'paragraph' }] })

export function readCitation(node: DocNode): CitationData {
  const parsed = citationSchema.safeParse(node.attrs?.data ?? node.attrs)
  return parsed.success ? parsed.data : { items: [], form: 'parenthetical' }
}
