/** The paper as plain text: lines of so many letters, the first or the others set in as on the page, notes at the end. */
import { noteLead, wordsOf, type PrintedBlock, type PrintedPaper, type PrintedParagraph, type PrintedTable } from '../../sheet/printed'
import type { Look } from '../../styles/page-schema'
import { WIDTH, wrapped } from '../../text/wrapping'

/** Points that one letter stands for in what is set in. */
const LETTER = 9

export function writeText(paper: PrintedPaper): string {
  const out: string[] = []
  const { looks } = paper.geometry
  for (const section of paper.sections) {
    if (section.is === 'contents' || section.is === 'endnotes') continue
    if (out.length) out.push('')
    section.blocks.forEach((block, i) => {
      const spaced = i > 0 && isSpaced(block, section.blocks[i - 1]!)
      if (spaced) out.push('')
      out.push(...linesOf(block, looks))
    })
  }
  if (paper.notes.length) {
    out.push('', ...(paper.notesAt === 'end' ? [centred(paper.sections.find(one => one.is === 'endnotes')?.blocks[0])] : ['--------']), '')
    paper.notes.forEach((note, i) => note.forEach((paragraph, at) => {
      const number = at ? '' : noteLead(paper.geometry, i + 1).map(run => run.text).join('')
      out.push(...wrapped(number + plain(paragraph), '  ', ''))
    }))
  }
  return `${out.map(line => line.trimEnd()).join('\n').replace(/\n{3,}/gu, '\n\n').replace(/^\n+/u, '').trimEnd()}\n`
}

/** White stands around headings, quotations, tables and between entries. */
const isSpaced = (block: PrintedBlock, before: PrintedBlock): boolean => {
  const role = block.is === 'paragraph' ? block.role : block.is
  const last = before.is === 'paragraph' ? before.role : before.is
  if (role === 'body') return last !== 'body'
  return role !== last || role === 'entry'
}

function linesOf(block: PrintedBlock, looks: PrintedPaper['geometry']['looks']): string[] {
  switch (block.is) {
    case 'break': return ['']
    case 'picture': return [`[${block.name}: ${block.alt || 'a picture'}]`]
    case 'table': return tableLines(block)
    default: return paragraphLines(block, { ...looks[block.role], ...block.look })
  }
}

const plain = ({ runs }: PrintedParagraph): string => runs.map(run => (run.note === undefined ? run.text : `[${run.note}]`)).join('')
const inMiddle = (line: string): string => ' '.repeat(Math.max(0, Math.floor((WIDTH - line.length) / 2))) + line

function paragraphLines(paragraph: PrintedParagraph, look: Look): string[] {
  const words = plain(paragraph)
  if (look.align === 'centre') return words.split('\n').flatMap(line => wrapped(line, '', '')).map(inMiddle)
  const lead = paragraph.lead ? `${wordsOf({ runs: paragraph.lead })} ` : ''
  const left = Math.round(look.left / LETTER)
  const first = Math.max(0, Math.round((look.left + look.first) / LETTER))
  const rest = lead ? Math.max(left, first + lead.length) : left
  return words.split('\n').flatMap((line, i) => wrapped((i ? '' : lead) + line, ' '.repeat(i ? rest : first), ' '.repeat(rest)))
}
const centred = (block: PrintedBlock | undefined): string => inMiddle(block?.is === 'paragraph' ? plain(block) : '')

function tableLines({ rows, headed }: PrintedTable): string[] {
  const cells = rows.map(row => row.map(cell => cell.map(plain).join(' ').replace(/\s+/gu, ' ').trim()))
  const count = Math.max(1, ...cells.map(row => row.length))
  const most = Math.floor((WIDTH - 2 * (count - 1)) / count)
  const widths = Array.from({ length: count }, (_, i) => Math.min(Math.max(...cells.map(row => row[i]?.length ?? 0)), Math.max(most, 8)))
  const rule = '-'.repeat(widths.reduce((sum, one) => sum + one, 2 * (count - 1)))
  const lines = cells.flatMap((row) => {
    const parts = widths.map((width, i) => wrapped(row[i] ?? '', '', '', width))
    const height = Math.max(1, ...parts.map(part => part.length))
    return Array.from({ length: height }, (_, line) => parts.map((part, i) => (part[line] ?? '').padEnd(widths[i]!)).join('  '))
  })
  const heading = headed ? Math.max(1, ...widths.map((width, i) => wrapped(cells[0]?.[i] ?? '', '', '', width).length)) : 0
  return [rule, ...lines.slice(0, heading), ...(heading ? [rule] : []), ...lines.slice(heading), rule]
}
