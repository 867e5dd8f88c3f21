/** `check` and `compare` of papers as they are: one or many, for people or, with --json, for programs. */
import { reported, type ReportedFinding } from '../core/check/job'
import { comparedWithOwn, readListFile, type CompareResult } from '../core/compare/job'
import { asSources, writeSources } from '../core/intake/convert'
import type { Written } from '../core/intake/formats'
import type { Problem } from '../core/intake/proposal'
import type { Style } from '../core/styles/schema'
import { papersIn } from './named'
import { readPaper } from './papers'
import { comparedTold, findingsTold, headed } from './told'

interface Asked { names: readonly string[], style: Style | undefined, json: boolean, problems: Problem[] }
/** One file's answer as data: the file's name where several were asked for. */
const asData = (all: readonly (object & { file: string })[], many: boolean): string => {
  const [only] = all
  return JSON.stringify(many || !only ? all : Object.fromEntries(Object.entries(only).filter(([name]) => name !== 'file')), null, 2)
}
/** More than one paper was asked for, or a folder of them. */
const isMany = ({ names }: Asked, files: readonly string[]): boolean => files.length !== 1 || files[0] !== names[0]

export async function checkPapers(asked: Asked): Promise<string> {
  const now = new Date()
  const files = papersIn(asked.names)
  const all: { file: string, style: string, findings: ReportedFinding[], told: string }[] = []
  for (const file of files) {
    const read = await readPaper(file, asked.style, asked.problems)
    if (!read) continue
    const { result: { findings }, problems } = reported(read.paper, [now.getFullYear(), now.getMonth() + 1, now.getDate()], file, true)
    asked.problems.push(...problems)
    const head = headed(file, read, findings.length ? `${findings.length} to look at` : 'nothing to mend')
    all.push({ file, style: read.paper.style.id, findings, told: findings.length ? `${head}\n${findingsTold(findings)}` : head })
  }
  return asked.json ? asData(all.map(({ file, style, findings }) => ({ file, style, findings })), isMany(asked, files)) : all.map(one => one.told).join('\n\n')
}

export async function comparePapers(asked: Asked): Promise<string> {
  const files = papersIn(asked.names)
  const all: { file: string, result: CompareResult, told: string }[] = []
  for (const file of files) {
    const read = await readPaper(file, asked.style, asked.problems)
    if (!read?.references.length) continue
    const seen = /\.docx$/iu.test(file) ? readListFile(read.bytes, file) : undefined
    const result = comparedWithOwn(read.paper, read.references, seen && 'entries' in seen ? seen : undefined)
    const head = headed(file, read, `${result.right} of ${read.references.length} references are right`)
    all.push({ file, result, told: [head, comparedTold(result)].filter(Boolean).join('\n') })
  }
  return asked.json ? asData(all.map(({ file, result }) => ({ file, ...result })), isMany(asked, files)) : all.map(one => one.told).join('\n\n')
}

/** The sources of papers' typed lists, in one: what convert writes of papers. */
export async function listsOf(names: readonly string[], to: Written, problems: Problem[]): Promise<string> {
  const sources = []
  for (const file of papersIn(names)) sources.push(...(await readPaper(file, undefined, problems))?.paper.sources ?? [])
  return writeSources(asSources(sources.map(({ id, kind, fields }) => ({ kind, fields, key: id, from: {}, doubts: [], where: '' }))), to)
}
