/** Reads the open paper as a careful marker would, away from the page; after a change, only what changed. */
import { Checker } from '~~/core/check/checker'
import { takeFaults } from '~~/core/check/faults'
import type { Change, Finding } from '~~/core/check/finding'
import { fixAll, withFix, type Mended } from '~~/core/check/fixing'
import type { PaperToCheck } from '~~/core/check/setting'
import { changedBlocks, type BlocksChange } from '~~/core/sheet/changed-blocks'
import { listing } from '~~/core/sheet/listing'
import type { Source } from '~~/core/source/model'
import { FedPaper, type PaperChange } from './fed-paper'

/** What is other than at the last check. */
export interface Given extends PaperChange {
  passages?: PaperToCheck['passages']
  words?: number
}
/** A finding as it is shown: what its fix would change stays here until it is asked for. */
export type ShownFinding = Omit<Finding, 'fix'> & { fix?: { label: string, shows?: string, on: Change['on'] } }
export interface MendedPaper { blocks?: BlocksChange, sources: Source[], unlisted: string[], done: number }

const checker = new Checker()
const paper = new FedPaper()
let passages: PaperToCheck['passages'] = []
let words = 0
let found: readonly Finding[] = []

function toCheck(): PaperToCheck {
  const now = new Date()
  const { style, sources, doc, title, details } = paper
  const { alsoList, leftOut } = paper.listPart
  const today = [now.getFullYear(), now.getMonth() + 1, now.getDate()] as const
  const composition = paper.compose()
  return { style, sources, doc, title, details, passages, words, alsoList, ...(leftOut ? { leftOut } : {}), composition, today }
}

const show = ({ fix, ...finding }: Finding): ShownFinding => ({
  ...finding,
  ...(fix ? { fix: { label: fix.label, ...(fix.shows === undefined ? {} : { shows: fix.shows }), on: fix.change.on } } : {}),
})

export const api = {
  check(given: Given): { found: ShownFinding[], faults: string[] } {
    paper.change(given)
    if (given.passages) ({ passages } = given)
    if (given.words !== undefined) ({ words } = given)
    found = checker.check(toCheck())
    return { found: found.map(show), faults: takeFaults() }
  },
  /** The paper with one finding's fix done; undefined where it is no longer found. */
  mend(id: string): MendedPaper | undefined {
    const finding = found.find(one => one.id === id)
    if (!finding?.fix) return undefined
    const { sources, doc } = paper
    const { alsoList } = listing(sources)
    return difference({ ...withFix({ doc, sources, alsoList }, finding), done: 1 })
  },
  /** The paper with every certain fix done of one family, or of all; those that were left stay. */
  mendAll(family: Finding['family'] | undefined, left: readonly string[]): MendedPaper {
    const leave = new Set(left)
    return difference(fixAll(toCheck(), one => (!family || one.family === family) && !leave.has(one.id)))
  },
}

function difference({ doc, sources, alsoList, done }: Mended & { done: number }): MendedPaper {
  const before = new Map(paper.sources.map(source => [source.id, source]))
  const blocks = changedBlocks(paper.doc, doc)
  const listed = new Set(alsoList)
  return {
    done,
    ...(blocks ? { blocks } : {}),
    sources: sources.filter(source => before.get(source.id)?.fields !== source.fields || before.get(source.id)?.kind !== source.kind),
    unlisted: paper.sources.filter(source => source.listed && !listed.has(source.id)).map(source => source.id),
  }
}
export type CheckWorker = typeof api
