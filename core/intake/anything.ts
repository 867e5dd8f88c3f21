/** One door for everything that comes in as text: who reads it. What it is, `detect.ts` tells. */
import { readBibtex } from './bibtex/bibtex'
import { readCslJson } from './csl-json'
import type { Form } from './detect'
import { readPage } from './page/page'
import type { Intake, Progress } from './proposal'
import { readReferences } from './reference/references'
import { readRis } from './ris/ris'

/** Reads text in a form. Identifiers and titles are not read here: they are looked up, or begun, by who asked. */
export function readForm(form: Form, text: string, progress?: Progress): Intake {
  switch (form) {
    case 'bibtex': return readBibtex(text, progress)
    case 'ris': return readRis(text, progress)
    case 'csl-json': return readCslJson(text, progress)
    case 'page': return readPage(text)
    case 'references': return readReferences(text, progress)
    default: return { proposals: [], problems: [] }
  }
}

export type { Intake }
