/** The formats of source details that are written and read, by the names that the command takes. */
import type { Form } from './detect'

export const WRITTEN = ['csl-json', 'bibtex', 'biblatex', 'ris'] as const
export type Written = (typeof WRITTEN)[number]
/** What `--from` may say, and the form it means. */
export const READ_AS: Record<string, Form> = {
  'csl-json': 'csl-json',
  'json': 'csl-json',
  'bibtex': 'bibtex',
  'biblatex': 'bibtex',
  'ris': 'ris',
  'html': 'page',
  'page': 'page',
  'text': 'references',
  'references': 'references',
}
