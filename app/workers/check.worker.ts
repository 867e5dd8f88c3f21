/** Reads the open paper as a careful marker would, away from the page; after a change, only what changed. */
import { expose } from 'comlink'
import { Checker } from '~~/core/check/checker'
import type { Change, Finding } from '~~/core/check/finding'
import { fixAll, withFix, type Mended } from '~~/core/check/fixing'
import type { PaperToCheck } from '~~/core/check/setting'
import { Composer } from '~~/core/compose/compose'
import { sameList } from '~~/core/compose/paper'
import { changedBlocks, withBlocks, type BlocksChange } from '~~/core/sheet/changed-blocks'
import { listing, type ListPart } from '~~/core/sheet/listing'
import { emptyDocument, type DocNode } from '~~/core/sheet/document'
import { citationsOf, creditedIn } from '~~/core/sheet/walking'
import type { Source } from '~~/core/source/model'
import { styleOf } from '~~/core/styles'
import { BY_LIST } from '~~/core/text/by-list'
import { decideTitlesBy } from '~~/core/text/capitals'

decideTitlesBy(BY_LIST)

type GivenSource = Source & { listed: boolean, leftOut: boolean, division?: string }
/** What of the paper is other than at the last check; everything at the first. */
export interface Given {
  style?: string
  sources?: readonly GivenSource[]
  passages?: PaperToCheck['passages']
  doc?: DocNode
  blocks?: BlocksChange
  title?: string
  details?: Record<string, string>
  words?: number
}
/** A finding as it is shown: what its fix would change stays here until it is asked for. */
export type ShownFinding = Omit<Finding, 'fix'> & { fix?: { label: string, shows?: string, on: Change['on'] } }
export interface MendedPaper { blocks?: BlocksChange, sources: Source[], unlisted: string[], done: number }

const composer = new Composer()
const checker = new Checker()
let paper = { style: 'apa-7', sources: [] as readonly GivenSource[], passages: [] as PaperToCheck['passages'], doc: emptyDocument(), title: '', details: {} as Record<string, string>, words: 0 }
let found: readonly Finding[] = []
/** What bears on the list, kept while the sources and headings are what they were: what is composed of it is kept by it. */
let listed: { of: readonly GivenSource[], headings: string | undefined, part: ListPart } | undefined

function toCheck(): PaperToCheck {
  const style = styleOf(paper.style)!
  const now = new Date()
  const { headings } = paper.details
  if (!listed || listed.headings !== headings || !sameList(listed.of, paper.sources))
    listed = { of: paper.sources, headings, part: listing(paper.sources, headings) }
  const { alsoList, leftOut } = listed.part
  const composition = composer.compose(style, paper.sources, {
    ...listed.part,
    citations: citationsOf(paper.doc),
    alsoList: [...new Set([...alsoList, ...creditedIn(paper.doc)])],
  })
  const today = [now.getFullYear(), now.getMonth() + 1, now.getDate()] as const
  return { ...paper, style, alsoList, ...(leftOut ? { leftOut } : {}), composition, today }
}

/** A source that says what it said is the object it was: what was made of it is not made again. */
function sameSource(source: GivenSource): GivenSource {
  const before = paper.sources.find(one => one.id === source.id)
  if (!before) return source
  const fields = JSON.stringify(before.fields) === JSON.stringify(source.fields) ? before.fields : source.fields
  return fields === before.fields && JSON.stringify(before) === JSON.stringify(source) ? before : { ...source, fields }
}

const show = ({ fix, ...finding }: Finding): ShownFinding => ({
  ...finding,
  ...(fix ? { fix: { label: fix.label, ...(fix.shows === undefined ? {} : { shows: fix.shows }), on: fix.change.on } } : {}),
})

const api = {
  check({ blocks, ...given }: Given): ShownFinding[] {
    paper = { ...paper, ...given, ...(given.sources ? { sources: given.sources.map(sameSource) } : {}) }
    if (blocks) paper.doc = withBlocks(paper.doc, blocks)
    found = checker.check(toCheck())
    return found.map(show)
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
expose(api)
