/** What a paper is checked with, and what rules of the text are asked and answer. */
import type { Composition } from '../compose/compose'
import type { DocNode } from '../sheet/document'
import type { PassageForm } from '../source/passages'
import type { Source } from '../source/model'
import type { Style } from '../styles/schema'
import { plain } from '../text/runs'
import type { CheckId } from './catalogue'
import type { Change, Where } from './finding'
import type { BlockReading, Line, LineCitation } from './reading'

export interface CheckedPassage { sourceId: string, form: PassageForm, words: string, original: string, locator: string }

export interface PaperToCheck {
  style: Style
  sources: readonly Source[]
  doc: DocNode
  /** Of this document in this style. */
  composition: Composition
  /** Ids of what is listed without being cited. */
  alsoList: readonly string[]
  /** Cited works that the writer keeps out of the list. */
  leftOut?: readonly string[]
  passages: readonly CheckedPassage[]
  title: string
  /** What the paper says of itself; absent where that is not known, and then not asked for. */
  details?: Readonly<Record<string, string>>
  /** How many words count, for the target. */
  words?: number
  /** Year, month, day. */
  today: readonly [number, number, number]
}

/** What rules of one block are asked. It stays the same for as long as nothing of it changes. */
export interface BlockSetting {
  paper: PaperSetting
  block: DocNode
  reading: BlockReading
  /** What a citation of the block prints. */
  printed: (citation: LineCitation) => string
}
/** What every rule may ask of the paper, made once for a style, its sources and passages. */
export interface PaperSetting {
  style: Style
  sourceOf: (id: string) => Source | undefined
  sources: readonly Source[]
  passagesOf: (source: string) => readonly CheckedPassage[]
  /** Surnames and groups that lead a source, as a sentence says them. */
  names: () => readonly string[]
  /** Surnames that lead a source, folded. */
  leads: () => ReadonlySet<string>
  /** Titles of sources, folded. */
  titles: () => readonly string[]
  /** Ids in the order of a list of all sources. */
  filed: () => readonly string[]
  /** Ids of the numbered list, in its order; empty in styles that cite by name. */
  numbered: readonly string[]
  /** Nothing is cited yet: the numbers are those of the sources as they were given. */
  numberedAsGiven: boolean
}
/** The whole paper, for rules that look at more than a block. */
export interface WholeSetting extends PaperToCheck {
  paper: PaperSetting
  readings: readonly BlockReading[]
  /** What the first citation of each block is, in the order of the whole paper. */
  firstCitation: readonly number[]
}

/** What a rule of the text says; the checker puts it with its row in the catalogue. */
export interface Found {
  check: CheckId
  /** What its sentence's own slots are filled with, written [name] there. */
  with?: Readonly<Record<string, string>>
  /** Rich text. */
  excerpt: string
  where: Where
  certain?: boolean
  fix?: { label: string, shows?: string, change: Change }
  other?: string
}
export type BlockRule = (setting: BlockSetting) => Found[]
export type WholeRule = (setting: WholeSetting) => Found[]
/** One family of rules. Places in what a block's rule says count from block 0; the checker moves them. */
export interface RuleFamily { block: readonly BlockRule[], whole: readonly WholeRule[] }

/** A stretch of a line, as a place in its block. */
export const wordsAt = (line: Line, from: number, to: number): Where => ({ at: 'words', block: 0, path: line.path, from, to })
export const citationAt = (citation: LineCitation): Where => ({ at: 'citation', block: 0, citation: citation.id })

/** A line's text from one place to another with its citations as they print. */
export function shown(line: Line, printed: (citation: LineCitation) => string, from = 0, to = line.text.length): string {
  let out = ''
  let at = from
  for (const citation of line.citations) {
    if (citation.at < from || citation.at >= to) continue
    out += line.text.slice(at, citation.at) + printed(citation)
    at = citation.at + 1
  }
  return (out + line.text.slice(at, to)).replace(/\u2060/gu, '')
}

/** What every citation prints in the text; the number of a note is left out. */
export const printedBy = (composition: Composition, first: number) => (citation: LineCitation): string =>
  plain((composition.citations[first + citation.nth] ?? []).filter(run => !run.rules.includes('citation.note')))

/** Long words cut at a word, with points. */
export function cut(words: string, most = 120): string {
  if (words.length <= most) return words
  const short = words.slice(0, most)
  return `${short.slice(0, Math.max(short.lastIndexOf(' '), most - 30)).trimEnd()} …`
}
