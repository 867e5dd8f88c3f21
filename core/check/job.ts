/** The `check` verb of the `dendle` command: a paper's findings as plain data. */
import { readPaperJob, type ReadPaper } from '../intake/paper-job'
import type { Problem } from '../intake/job'
import { countParts, total } from '../sheet/count'
import { stripRich } from '../text/rich'
import { checkPaper } from './checker'
import { takeFaults } from './faults'
import { blockOf, type Family, type Finding } from './finding'

export interface ReportedFinding {
  rule: string
  family: Family
  says: string
  /** The manual's section; empty where no manual says it. */
  source: string
  excerpt: string
  /** Paragraphs, quotations and lists count from 1, headings do not; null for what stands in no paragraph. */
  paragraph: number | null
  certain: boolean
  /** The words as they would be, or what would be done; null where nothing can be done by itself. */
  fix: string | null
}

/** @param today year, month, day */
export function runCheck(
  input: unknown,
  today: readonly [number, number, number],
  where = 'job',
): { result: { findings: ReportedFinding[] } | null, problems: Problem[] } {
  const { paper, problems } = readPaperJob(input, where)
  if (!paper) return { result: null, problems }
  const done = reported(paper, today, where)
  return { result: done.result, problems: [...problems, ...done.problems] }
}

/** @param where the paper's name, for what went wrong in looking at it @param typed its sources were read from a list typed by hand */
export function reported(
  paper: ReadPaper, today: readonly [number, number, number], where: string, typed = false,
): { result: { findings: ReportedFinding[] }, problems: Problem[] } {
  const problems: Problem[] = []
  const counts = countParts(paper.doc, paper.composition)
  const found = checkPaper({ ...paper, words: total(counts, ['quoted', 'headings', 'blockQuotations']), today })
  // A typed list may say "et al." where its style does: what its sources lack cannot be known from it.
  const findings = typed ? found.filter(({ rule }) => rule !== 'name-et-al' && rule !== 'names-left-out') : found
  problems.push(...takeFaults().map(what => ({ where, what: `one rule could not look at it (${what}); the others did.` })))
  let n = 0
  const paragraph = (paper.doc.content ?? []).map((block) => (block.type === 'heading' || block.type === 'pageBreak' ? n : ++n))
  return { result: { findings: findings.map((finding) => report(finding, paragraph)) }, problems }
}

function report(finding: Finding, paragraphs: readonly number[]): ReportedFinding {
  const block = blockOf(finding)
  const { rule, family, says, source, certain, fix } = finding
  return {
    rule,
    family,
    says,
    source,
    excerpt: stripRich(finding.excerpt),
    paragraph: block === undefined ? null : (paragraphs[block] || null),
    certain,
    fix: fix ? stripRich(fix.shows ?? fix.label) : null,
  }
}
