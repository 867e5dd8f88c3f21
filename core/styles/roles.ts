/** The sorts of paragraph that a printed paper is made of. */
export const ROLES = [
  'title', 'title-page-title', 'title-page-line', 'title-page-note', 'opening-line',
  'abstract-heading', 'abstract', 'keywords', 'contents-heading', 'contents-line',
  'body', 'quotation', 'verse', 'list-item',
  'heading-1', 'heading-2', 'heading-3', 'heading-4', 'heading-5',
  'table', 'caption', 'picture', 'credit',
  'note', 'notes-heading', 'note-at-end',
  'appendix-heading', 'list-heading', 'division', 'entry', 'annotation',
  'head',
] as const
export type Role = (typeof ROLES)[number]
