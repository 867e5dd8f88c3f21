/** The paper as Markdown: headings, emphasis, lists, quotations, tables, footnotes; what Markdown has no words for as HTML. */
import { onOneLine, type PrintedPaper, type PrintedParagraph, type PrintedRun, type PrintedTable } from '../../sheet/printed'
import { grouped, headingLevel, type Grouped } from '../grouped'

/** @param verbatim citations are marks already, whose brackets are no signs of Markdown */
export function writeMarkdown(paper: PrintedPaper, verbatim = false): string {
  const writer = new MarkdownWriter(verbatim)
  const out: string[] = []
  for (const section of paper.sections) {
    if (section.is === 'endnotes' || section.is === 'contents') continue
    for (const group of grouped(section.blocks)) out.push(writer.group(group, section.is === 'title-page'))
  }
  for (const [i, note] of paper.notes.entries())
    out.push(`[^${i + 1}]: ${note.map(one => writer.runs(one.runs)).join('\n\n    ')}`)
  return `${out.filter(Boolean).join('\n\n').trim()}\n`
}

class MarkdownWriter {
  constructor(private readonly verbatim: boolean) {}

  group(group: Grouped, plain: boolean): string {
    switch (group.is) {
      case 'break': return ''
      case 'quotation': return group.paragraphs.map(one => `> ${this.runs(one.runs)}`).join('\n>\n')
      case 'verse': {
        const verse = (one: PrintedParagraph) => this.runs(one.runs).split('\\\n').map(line => `> ${line}`).join('  \n')
        return group.paragraphs.map(verse).join('\n>\n')
      }
      case 'list': return this.list(group, '')
      case 'captioned': {
        const lines = (all: readonly PrintedParagraph[]) => all.map(one => this.runs(one.runs)).join('  \n')
        const { thing } = group
        const own = thing?.is === 'table' ? this.table(thing) : thing ? `![${escaped(thing.alt || thing.name)}](${thing.picture})` : ''
        // With marks it comes back, and is numbered then: its number is no words of its title.
      const title = this.verbatim ? group.above.filter(one => this.runs(one.runs) !== group.thing?.name) : group.above
      return [lines(title), own, lines(group.below)].filter(Boolean).join('\n\n')
      }
      default: return this.paragraph(group.paragraph, plain)
    }
  }

  private paragraph(paragraph: PrintedParagraph, plain: boolean): string {
    const { role, runs, lead, item } = paragraph
    const level = headingLevel(paragraph)
    const isTitle = role === 'title' || role === 'title-page-title'
    const words = this.runs(level || isTitle ? onOneLine(paragraph) : runs)
    if (!words) return ''
    if (isTitle) return plain || paragraph.anchor === 'title' ? `# ${words}` : ''
    if (level) return `${'#'.repeat(Math.min(6, level + (this.verbatim ? 0 : 1)))} ${words}`
    if (role === 'division') return `### ${words}`
    return lead && !item ? `${escaped(lead.map(run => run.text).join(''))} ${words}` : words
  }

  private list({ ordered, start, items }: Extract<Grouped, { is: 'list' }>, indent: string): string {
    return items.map((item, i) => {
      const mark = ordered ? `${start + i}. ` : '- '
      const inner = indent + ' '.repeat(mark.length)
      return item.map((group, at) => {
        if (group.is === 'list') return this.list(group, inner)
        const words = this.group(group, false)
        return at === 0 ? `${indent}${mark}${words}` : `\n${inner}${words}`
      }).join('\n')
    }).join('\n')
  }

  private table({ rows, headed }: PrintedTable): string {
    const count = Math.max(1, ...rows.map(row => row.length))
    const cell = (paragraphs: readonly PrintedParagraph[] = []) =>
      paragraphs.map(one => this.runs(one.runs)).join('<br>').replace(/\\\n/gu, '<br>').replace(/\|/gu, '\\|')
    const line = (cells: readonly PrintedParagraph[][]) => `| ${Array.from({ length: count }, (_, i) => cell(cells[i])).join(' | ')} |`
    const [first, ...rest] = rows
    // A table of Markdown always has a heading; one without is given an empty one.
    const head = headed && first ? line(first) : line([])
    return [head, `|${' --- |'.repeat(count)}`, ...(headed ? rest : rows).map(line)].join('\n')
  }

  /** Runs as Markdown: signs stand against the words, never against a space. */
  runs(runs: readonly PrintedRun[]): string {
    let out = ''
    for (let i = 0; i < runs.length; i++) {
      const run = runs[i]!
      if (run.note !== undefined) { out += `[^${run.note}]`; continue }
      let { text } = run
      const goesOn = (next: PrintedRun) => sameLook(run, next) && !(this.verbatim && run.citation !== next.citation)
      while (i + 1 < runs.length && goesOn(runs[i + 1]!)) text += runs[++i]!.text
      out += this.verbatim && run.citation !== undefined ? text : marked(text, run)
    }
    return out.replace(/\n/gu, '\\\n')
  }
}

/** What would be read as a sign of Markdown is said to be none. */
const escaped = (text: string): string => text
  // An address within angle brackets of the text's own: unmarked, it would take what closes them for a part of itself.
  .replace(/<(https?:\/\/[^\s<>]+)>|(https?:\/\/[^\s<>*`[\]]+)|[\\`*_[\]<>]/gu, (sign: string, held?: string, address?: string) => (held ? `\\<<${held}>\\>` : address ?? `\\${sign}`))
  .replace(/^(\s*)([-+#]|\d+\.)(?=\s)/u, '$1\\$2')

const MARKS = ['italic', 'bold', 'underline', 'superscript', 'subscript', 'smallCaps'] as const
const sameLook = (one: PrintedRun, other: PrintedRun): boolean =>
  other.note === undefined && one.link === other.link && MARKS.every(mark => Boolean(one[mark]) === Boolean(other[mark]))

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
