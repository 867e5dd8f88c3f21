/**
 * Checking a paper, and checking it again after a change: a block whose words, citations and sources stayed is not read
 * again. Rules that look at more than a block are asked each time, and look at what was read of the blocks, not at their
 * letters.
 */
import { filingOrder } from '../compose/compose'
import { sameList } from '../compose/paper'
import type { DocNode } from '../sheet/document'
import { textOf } from '../source/model'
import { foldWords } from '../text/filing'
import { stripRich } from '../text/rich'
import type { Run } from '../text/runs'
import { checkRow, sayCheck, sectionOf } from './catalogue'
import { CITATIONS } from './citations'
import { asked } from './faults'
import { distinct, FAMILIES, findingId, type Finding, type Where } from './finding'
import { LIST, printedDetails } from './list'
import { OWN_WORDS } from './own-words'
import { PAGE } from './page'
import { QUOTATIONS } from './quotations'
import { readBlock, type BlockReading } from './reading'
import { printedBy, type Found, type PaperSetting, type PaperToCheck } from './setting'
import { namesThatLead, surnamesOf } from './typed'

const FAMILIES_OF_TEXT = [CITATIONS, QUOTATIONS, OWN_WORDS, LIST, PAGE]
const BLOCK_RULES = FAMILIES_OF_TEXT.flatMap(family => family.block)

interface KeptBlock {
  paper: PaperSetting
  runs: readonly (readonly Run[] | undefined)[]
  findings: readonly Finding[]
  /** The same at the place where the block stood last. */
  placed: { at: number, findings: readonly Finding[] }
}

export class Checker {
  private paper: PaperSetting | undefined
  private given: Pick<PaperToCheck, 'style' | 'sources' | 'passages'> | undefined
  private kept = new WeakMap<DocNode, KeptBlock>()

  /** Every finding, in the order of the families and, within one, of the paper. Those left are among them. */
  check(given: PaperToCheck): Finding[] {
    const paper = this.settingOf(given)
    const blocks = given.doc.content ?? []
    const readings = blocks.map(readBlock)
    const firstCitation: number[] = []
    let first = 0
    for (const { citations } of readings) {
      firstCitation.push(first)
      first += citations.length
    }
    const ofBlocks = blocks.flatMap((block, i) => this.block(paper, given, block, readings[i]!, i, firstCitation[i]!))
    const whole = { ...given, paper, readings, firstCitation }
    const ofWhole = FAMILIES_OF_TEXT.flatMap((family) => family.whole)
      .flatMap((rule) =>
        asked(rule, () => rule(whole)),
      )
      .map((found) => put(found, paper))
    const listed = new Set(given.composition.list.map((entry) => entry.id))
    const ofSources = given.sources
      .filter((source) => listed.has(source.id))
      .flatMap((source) => printedDetails(source, given.style, given.today))
    return distinct([...ofBlocks, ...ofWhole, ...ofSources].sort(byPlace))
  }

  private settingOf(given: PaperToCheck): PaperSetting {
    const before = this.given
    if (
      this.paper
      && before
      && before.style === given.style
      && sameList(before.sources, given.sources)
      && sameList(before.passages, given.passages)
    ) {
      const numbered = given.style.citation.system === 'numbers' ? given.composition.list.map((entry) => entry.id) : []
      if (sameList(numbered, this.paper.numbered)) return this.paper
    }
    this.given = { style: given.style, sources: given.sources, passages: given.passages }
    return (this.paper = paperSetting(given))
  }

  private block(
    paper: PaperSetting,
    given: PaperToCheck,
    block: DocNode,
    reading: BlockReading,
    at: number,
    first: number,
  ): readonly Finding[] {
    const runs = reading.citations.map((one) => given.composition.citations[first + one.nth])
    const before = this.kept.get(block)
    const findings =
      before && before.paper === paper && sameList(before.runs, runs)
        ? before.findings
        : readingRules(paper, block, reading, printedBy(given.composition, first))
    if (findings === before?.findings && before.placed.at === at) return before.placed.findings
    const placed = findings.map((finding) => moved(finding, at))
    this.kept.set(block, { paper, runs, findings, placed: { at, findings: placed } })
    return placed
  }
}

export const checkPaper = (given: PaperToCheck): Finding[] => new Checker().check(given)

function readingRules(paper: PaperSetting, block: DocNode, reading: BlockReading, printed: ReturnType<typeof printedBy>): Finding[] {
  if (!reading.lines.some((line) => line.text.trim())) return []
  const setting = { paper, block, reading, printed }
  return BLOCK_RULES.flatMap(rule => asked(rule, () => rule(setting))).map(found => put(found, paper))
}

/** Ids of the numbered list; where nothing is cited or listed, of the sources in the order they came. */
function numberedIn({ style, composition, sources }: PaperToCheck): string[] {
  if (style.citation.system !== 'numbers') return []
  return (composition.list.length ? composition.list : sources).map(one => one.id)
}

function paperSetting(given: PaperToCheck): PaperSetting {
  const byId = new Map(given.sources.map(source => [source.id, source]))
  const passages = new Map<string, PaperToCheck['passages'][number][]>()
  for (const passage of given.passages) {
    const there = passages.get(passage.sourceId)
    if (there) there.push(passage)
    else passages.set(passage.sourceId, [passage])
  }
  let filed: readonly string[] | undefined
  let names: readonly string[] | undefined
  let titles: readonly string[] | undefined
  let leads: ReadonlySet<string> | undefined
  return {
    style: given.style,
    sources: given.sources,
    sourceOf: id => byId.get(id),
    passagesOf: id => passages.get(id) ?? [],
    filed: () => filed ??= filingOrder(given.style, given.sources),
    names: () => names ??= namesThatLead(given.sources),
    leads: () => leads ??= new Set(given.sources.flatMap(surnamesOf).map(foldWords)),
    titles: () => titles ??= given.sources.map(source => foldWords(stripRich(textOf(source, 'title')))).filter(Boolean),
    numbered: numberedIn(given),
    numberedAsGiven: !given.composition.list.length,
  }
}

/** What a rule found as a finding. */
function put({ check, with: filled, excerpt, where, certain = false, fix, other }: Found, { style }: PaperSetting): Finding {
  const { family, brief, asks = false } = checkRow(check) as ReturnType<typeof checkRow> & { asks?: boolean }
  const about = where.at === 'field' ? `${where.source}:` : ''
  return {
    id: findingId(check, excerpt, filled, about),
    rule: check,
    family,
    says: sayCheck(style, check, filled),
    brief,
    source: sectionOf(style, check),
    excerpt,
    where,
    certain: certain && fix !== undefined,
    serious: !asks,
    ...(fix ? { fix } : {}),
    ...(other ? { other } : {}),
  }
}

/** A finding of a block's rules at the block's place. */
function moved(finding: Finding, at: number): Finding {
  if (!at) return finding
  const where: Where = 'block' in finding.where ? { ...finding.where, block: at } : finding.where
  const change = finding.fix?.change
  if (change?.on !== 'text') return { ...finding, where }
  return { ...finding, where, fix: { ...finding.fix!, change: { ...change, from: change.from + at, to: change.to + at } } }
}

const RANK = new Map(FAMILIES.map((family, i) => [family, i]))
const placeOf = ({ where }: Finding): number => ('block' in where ? where.block : Number.MAX_SAFE_INTEGER)
const within = ({ where }: Finding): number => (where.at === 'words' ? where.from : 0)
const byPlace = (a: Finding, b: Finding): number =>
  RANK.get(a.family)! - RANK.get(b.family)! || placeOf(a) - placeOf(b) || within(a) - within(b)
