/** The text as Markdown with marks in the place of citations, to go on with elsewhere and to come back. */
import { parseRich } from '../../text/rich'
import type { Run } from '../../text/runs'
import { appendicesIn } from '../../sheet/appendices'
import { blocksOf } from '../../sheet/blocks'
import { choicesOf } from '../../sheet/choices'
import type { CitationData } from '../../sheet/document'
import { printBlocks } from '../../sheet/print-text'
import { printPaper, type PaperToPrint } from '../../sheet/print'
import { citationsOf } from '../../sheet/walking'
import { writeLocator } from '../../source/locators'
import { writeMarkdown } from './markdown'

const FORM_WORD: Partial<Record<CitationData['form'], string>> = {
  'narrative': ' in-text',
  'suppress-author': ' no-name',
  'place-alone': ' place',
}

/** A citation as the mark that is read as it. @param keyOf a source's key by its id */
export function writeMark({ items, form }: Pick<CitationData, 'items' | 'form'>, keyOf: (id: string) => string): string {
  const each = items.map(({ id, locator, prefix, suffix }) => {
    const named = [prefix?.trim(), keyOf(id)].filter(Boolean).join(' ')
    return [named, writeLocator(locator), suffix?.trim().replace(/^,\s*/u, '')].filter(Boolean).join(', ')
  })
  return `[ref${FORM_WORD[form] ?? ''}: ${each.join('; ')}]`
}

export function writeMarked(paper: PaperToPrint, keyOf: (id: string) => string): string {
  const citations = citationsOf(paper.body) as CitationData[]
  const run = (text: string): Run => ({ text, part: 'glue', rules: [] })
  const rich = (text: string): Run[] => parseRich(text).map(({ kept: _, ...segment }) => ({ ...segment, part: 'glue', rules: [] }))
  const notes: Run[][] = []
  const noteNumbers = citations.map(({ items, form, words }) => {
    const { before = '', after = '' } = words ?? {}
    if (!before.trim() && !after.trim()) return undefined
    const mark = items.length ? writeMark({ items, form }, keyOf) : ''
    const parts = [rich(before.trim()), mark ? [run(mark)] : [], rich(after.trim())].filter(part => part.length)
    return notes.push(parts.flatMap((part, i) => [...(i ? [run(' ')] : []), ...part]))
  })
  const printing = {
    ...paper,
    choices: choicesOf(paper.style, paper.details),
    composition: {
      citations: citations.map((data, i) => (data.items.length && noteNumbers[i] === undefined ? [run(writeMark(data, keyOf))] : [])),
      notes, noteNumbers, list: [], unknown: [], unsure: {},
    },
  }
  const printed = printPaper({ ...paper, body: { type: 'doc', content: [] }, alsoList: [] }, printing.composition)
  const blocks = printBlocks(blocksOf(paper.body), { ...printing, appendices: appendicesIn(paper.body) })
  const text = writeMarkdown({ ...printed, sections: [{ is: 'text', newPage: false, numbers: 'arabic', blocks }] }, true)
  const about = Object.entries({ title: paper.title, author: paper.details.writer, date: paper.details.date })
    .flatMap(([name, said]) => (said?.trim() ? [`${name}: ${JSON.stringify(said.trim())}`] : []))
  return `---\n${about.join('\n')}\n---\n\n${text}`
}
