/** Reads a draft away from the page: documents, pages, Markdown, LaTeX and plain text as the paper's own document. */
import { openDraft } from '~~/core/intake/draft/open'
import type { Proposal } from '~~/core/intake/proposal'
import { byLine, readReferences } from '~~/core/intake/reference/references'

export type { ReadDraft } from '~~/core/intake/draft/open'

export const api = {
  read: openDraft,
  /** The draft's own list, one source a reference. */
  list: (references: readonly string[]): (Proposal | undefined)[] => byLine(references, readReferences(references)),
}
export type DraftWorker = typeof api
