/** What a window has of a paper. Each value is replaced when it changes, never changed in place. */
import type { DocNode } from '~~/core/sheet/document'
import type { Fields, Source } from '~~/core/source/model'
import type { PassageText } from '~~/core/source/passages'

/** A paper without its text. */
export interface PaperRecord {
  id: string
  title: string
  style: string
  details: Record<string, string>
  /** Ids of findings that the writer left as they are. */
  left: string[]
  revision: number
  updatedAt: string
}
export interface PaperSource extends Source {
  /** Values put aside because its kind has no place for them. */
  parked: Fields
  /** Ids of findings the writer chose to leave. */
  settled: string[]
  revision: number
  key: string
  listed: boolean
  leftOut: boolean
  annotation: string
  division: string
  useRevision: number
  addedAt: string
}
export interface Passage extends PassageText { id: string, sourceId: string, revision: number, createdAt: string, savedBy?: string | null }

/** What the server could not read of a paper: it is named, and written over by nobody. */
export interface Damage { what: 'source' | 'field' | 'passage', id: string, says: string }

/** The window that saved a paper last, and the names of the last saves: one whose answer was lost is known again by its name. */
export interface Saved { savedBy?: string | null, saves?: readonly string[] }
/** A paper with all that is its own, as the server gives it. */
export interface Workspace {
  paper: PaperRecord & Saved & { body: DocNode }
  sources: PaperSource[]
  passages: Passage[]
  damaged?: readonly Damage[]
}
/** A paper as the server has it when it refuses a save made from an older one. */
export type PaperState = Omit<PaperRecord, 'id'> & Saved & { body: DocNode }
