/** Fixes done: one, or all the certain ones of some families, as one new text and some new sources. */
import { compose } from '../compose/compose'
import { citationsOf, creditedIn } from '../sheet/walking'
import type { DocNode } from '../sheet/document'
import type { Source } from '../source/model'
import { Checker } from './checker'
import type { Finding } from './finding'
import type { PaperToCheck } from './setting'

export interface Mended { doc: DocNode, sources: readonly Source[], alsoList: readonly string[] }

/** A paper with one finding's fix done; the same objects where it touches nothing. */
export function withFix(paper: Mended, { fix }: Pick<Finding, 'fix'>): Mended {
  const change = fix?.change
  switch (change?.on) {
    case 'text': {
      const content = paper.doc.content ?? []
      const next = [...content.slice(0, change.from), ...change.blocks, ...content.slice(change.to)]
      return { ...paper, doc: { ...paper.doc, content: next.length ? next : [{ type: 'paragraph' }] } }
    }
    case 'source':
      return {
        ...paper,
        sources: paper.sources.map((source) =>
          source.id === change.source ? { ...source, kind: change.kind ?? source.kind, fields: change.fields } : source,
        ),
      }
    case 'use':
      return {
        ...paper,
        alsoList: change.listed ? [...paper.alsoList, change.source] : paper.alsoList.filter((id) => id !== change.source),
      }
    default:
      return paper
  }
}

/** Rounds after which what is still found is left: a fix that brings another about is no reason to go on for ever. */
const ROUNDS = 40

/**
 * Every certain fix done that is wanted. A block is mended once a round and looked at again, so that no fix is made of
 * words that another has changed.
 * @param wanted which findings; those that were left are the caller's to leave out
 */
export function fixAll(given: PaperToCheck, wanted: (finding: Finding) => boolean): Mended & { done: number } {
  const checker = new Checker()
  let paper: Mended = { doc: given.doc, sources: given.sources, alsoList: given.alsoList }
  let done = 0
  /** What was found at first; and the rules of which some were left: what turns up of those later is left too. */
  let first: ReadonlySet<string> | undefined
  let leftRules: ReadonlySet<string> = new Set()
  for (let round = 0; round < ROUNDS; round++) {
    const { doc, sources, alsoList } = paper
    const listed = [...new Set([...alsoList, ...creditedIn(doc)])]
    const composition = compose(given.style, sources, { citations: citationsOf(doc), alsoList: listed, leftOut: given.leftOut ?? [] })
    const all = checker.check({ ...given, ...paper, composition }).filter((one) => one.certain)
    leftRules = first ? leftRules : new Set(all.filter((one) => !wanted(one)).map((one) => one.rule))
    first ??= new Set(all.map((one) => one.id))
    const meant = (one: Finding) => wanted(one) && (first!.has(one.id) || !leftRules.has(one.rule))
    const findings = all.filter(meant)
    if (!findings.length) break
    const touched = new Set<string>()
    const now: Finding[] = []
    for (const finding of findings) {
      const change = finding.fix!.change
      const places =
        change.on === 'text' ? Array.from({ length: change.to - change.from }, (_, i) => `b${change.from + i}`) : [change.source]
      if (places.some(one => touched.has(one))) continue
      for (const one of places) touched.add(one)
      now.push(finding)
    }
    // From the end, so that what is put in or taken out moves nothing that is still to be mended.
    const from = ({ fix }: Finding) => (fix!.change.on === 'text' ? fix!.change.from : -1)
    for (const finding of now.sort((a, b) => from(b) - from(a))) paper = withFix(paper, finding)
    done += now.length
  }
  return { ...paper, done }
}
