/** What a printed paper is made from. */
import type { Composition, Paper } from '../compose/compose'
import type { Source } from '../source/model'
import type { Style } from '../styles/schema'
import type { Run } from '../text/runs'
import type { Choices } from './choices'
import type { DocNode } from './document'
import type { PrintedRun } from './printed'

export interface PaperToPrint {
  style: Style
  title: string
  /** What the paper says of itself (`DETAILS` and the longer ones), and its choices (`CHOICES`). */
  details: Readonly<Record<string, string>>
  body: DocNode
  sources: readonly Source[]
  alsoList: readonly string[]
  leftOut?: Paper['leftOut']
  /** By source: the part of a divided list. */
  divisions?: Paper['divisions']
  /** Paragraphs under entries, by source. */
  annotations?: ReadonlyMap<string, string>
  /** Details that are missing stand named in their place: for the screen, never in what is handed in. */
  showMissing?: boolean
  /** A citation that prints nothing has its place in the printed text all the same. */
  everyCitation?: boolean
}

export interface Printing extends PaperToPrint { choices: Choices, composition: Composition }

/** What composing made, as it prints. */
export const printedRuns = (runs: readonly Run[]): PrintedRun[] => runs.map(({ text, italic, bold, superscript, smallCaps }) => ({
  text,
  ...(italic ? { italic } : {}),
  ...(bold ? { bold } : {}),
  ...(superscript ? { superscript } : {}),
  ...(smallCaps ? { smallCaps } : {}),
}))
