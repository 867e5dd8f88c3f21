/** What a place in a work can be: the words for each are in the styles. */
import * as z from 'zod'

export const LOCATOR_LABELS = [
  'page', 'chapter', 'paragraph', 'section', 'figure', 'table', 'line', 'verse', 'stanza', 'volume', 'book', 'part', 'column', 'folio',
  'note', 'appendix', 'equation', 'plate', 'slide', 'timestamp', 'act',
] as const
export const labelSchema = z.enum(LOCATOR_LABELS)
export type LocatorLabel = z.infer<typeof labelSchema>
