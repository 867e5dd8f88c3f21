/** The ways to take a paper away, a row each; what writes them is in ways.ts. */
export interface WayRow {
  /** The file's ending. */
  ending: string
  words: string
  type: string
}
export const WAYS = {
  docx: { ending: 'docx', words: 'Word-processor document', type: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document' },
  pdf: { ending: 'pdf', words: 'Finished pages', type: 'application/pdf' },
  odt: { ending: 'odt', words: 'Open document', type: 'application/vnd.oasis.opendocument.text' },
  html: { ending: 'html', words: 'Web page', type: 'text/html' },
  tex: { ending: 'tex', words: 'Typesetting source', type: 'application/x-tex' },
  md: { ending: 'md', words: 'Markdown', type: 'text/markdown' },
  txt: { ending: 'txt', words: 'Plain text', type: 'text/plain' },
  marked: { ending: 'md', words: 'Marked text', type: 'text/markdown' },
  texbib: { ending: 'zip', words: 'with its sources', type: 'application/zip' },
} as const satisfies Record<string, WayRow>
export type Way = keyof typeof WAYS
export const WAY_IDS = Object.keys(WAYS) as Way[]
