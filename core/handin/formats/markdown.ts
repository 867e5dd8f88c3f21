/** The paper as Markdown: headings, emphasis, lists, quotations, tables, footnotes; what Markdown has no words for as HTML. */
import type { PrintedPaper, PrintedParagraph, PrintedRun, PrintedTable } from '../../sheet/printed'
import { grouped, headingLevel, type Grouped } from '../grouped'

export function writeMarkdown(paper: PrintedPaper): string {
  const out: string[] = []
  for (const section of paper.sections) {
    if (section.is === 'endnotes' || section.is === 'contents') continue
    for (const group of grouped(section.blocks)) out.push(groupText(group, section.is === 'title-page'))
  }
  for (const [i, note] of paper.notes.entries())
    out.push(`[^${i + 1}]: ${note.map(one => runsText(one.runs)).join('\n\n    ')}`)
  return `${out.filter(Boolean).join('\n\n').trim()}\n`
}

function groupText(group: Grouped, plain: boolean): string {
  switch (group.is) {
    case 'break': return ''
    case 'quotation': return group.paragraphs.map(one => `> ${runsText(one.runs)}`).join('\n>\n')
    case 'verse': return group.paragraphs.map(one => runsText(one.runs).split('\\\n').map(line => `> ${line}`).join('  \n')).join('\n>\n')
    case 'list': return listText(group, '')
    case 'captioned': {
      const lines = (all: readonly PrintedParagraph[]) => all.map(one => runsText(one.runs)).join('  \n')
      const own = group.thing?.is === 'table' ? tableText(group.thing) : group.thing ? `![${escaped(group.thing.alt || group.thing.name)}](${group.thing.picture})` : ''
      return [lines(group.above), own, lines(group.below)].filter(Boolean).join('\n\n')
    }
    default: return paragraphText(group.paragraph, plain)
  }
}

function paragraphText(paragraph: PrintedParagraph, plain: boolean): string {
  const { role, runs, lead } = paragraph
  const words = runsText(runs)
  if (!words) return ''
  if (role === 'title' || role === 'title-page-title') return plain || paragraph.anchor === 'title' ? `# ${words}` : ''
  const level = headingLevel(paragraph)
  if (level) return `${'#'.repeat(Math.min(6, level + 1))} ${words}`
  if (role === 'division') return `### ${words}`
  return lead ? `${escaped(lead.map(run => run.text).join(''))} ${words}` : words
}

function listText({ ordered, start, items }: Extract<Grouped, { is: 'list' }>, indent: string): string {
  return items.map((item, i) => {
    const mark = ordered ? `${start + i}. ` : '- '
    const inner = indent + ' '.repeat(mark.length)
    return item.map((group, at) => {
      if (group.is === 'list') return listText(group, inner)
      const words = groupText(group, false)
      return at === 0 ? `${indent}${mark}${words}` : `\n${inner}${words}`
    }).join('\n')
  }).join('\n')
}

function tableText({ rows, headed }: PrintedTable): string {
  const count = Math.max(1, ...rows.map(row => row.length))
  const line = (cells: readonly PrintedParagraph[][]) =>
    `| ${Array.from({ length: count }, (_, i) => (cells[i] ?? []).map(one => runsText(one.runs)).join('<br>').replace(/\\\n/gu, '<br>').replace(/\|/gu, '\\|')).join(' | ')} |`
  const [first, ...rest] = rows
  // A table of Markdown always has a heading; one without is given an empty one.
  const head = headed && first ? line(first) : line([])
  return [head, `|${' --- |'.repeat(count)}`, ...(headed ? rest : rows).map(line)].join('\n')
}

/** What would be read as a sign of Markdown is said to be none. */
const escaped = (text: string): string => text.replace(/[\\`*_[\]<>]/gu, '\\$&').replace(/^(\s*)([-+#]|\d+\.)(?=\s)/u, '$1\\$2')

/** Runs as Markdown: signs stand against the words, never against a space. */
export function runsText(runs: readonly PrintedRun[]): string {
  let out = ''
  for (let i = 0; i < runs.length; i++) {
    const run = runs[i]!
    if (run.note !== undefined) { out += `[^${run.note}]`; continue }
    let { text } = run
    while (i + 1 < runs.length && sameLook(run, runs[i + 1]!)) text += runs[++i]!.text
    out += marked(text, run)
  }
  return out.replace(/\n/gu, '\\\n')
}
const sameLook = (one: PrintedRun, other: PrintedRun): boolean =>
  other.note === undefined && one.link === other.link
  && (['italic', 'bold', 'underline', 'superscript', 'subscript', 'smallCaps'] as const).every(mark => Boolean(one[mark]) === Boolean(other[mark]))

function marked(text: string, run: PrintedRun): string {
  const core = text.trim()
  if (!core) return text
  const from = text.indexOf(core)
  let out = escaped(core)
  if (run.superscript) out = `<sup>${out}</sup>`
  if (run.subscript) out = `<sub>${out}</sub>`
  if (run.underline) out = `<u>${out}</u>`
  if (run.smallCaps) out = `<span style="font-variant: small-caps">${out}</span>`
  if (run.bold) out = `**${out}**`
  if (run.italic) out = `*${out}*`
  // An address that stands for itself needs no brackets.
  if (run.link) out = run.link === core ? `<${core}>` : `[${out}](${run.link.replace(/[()\s]/gu, encodeURIComponent)})`
  return text.slice(0, from) + out + text.slice(from + core.length)
}
