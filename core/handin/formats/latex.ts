/**
 * The paper as LaTeX that compiles with the article class and what comes with every installation: citations as they print,
 * real footnotes, the list with its hanging indents. Set with pdflatex, and with the engines that know all letters.
 */
import { headsOn, headWords } from '../../sheet/heads'
import { pictureBytes } from '../../sheet/pictures'
import {
  headingRuns,
  noteLead,
  type PrintedPaper,
  type PrintedParagraph,
  type PrintedPicture,
  type PrintedRun,
  type PrintedTable,
} from '../../sheet/printed'
import type { Look } from '../../styles/page-schema'
import { grouped, headingLevel, type Grouped } from '../grouped'

/** Letters that LaTeX reads as something else, and how each is said. */
const SIGNS = new Map(Object.entries({
  '\\': '\\textbackslash{}', '{': '\\{', '}': '\\}', '$': '\\$', '&': '\\&', '#': '\\#', '%': '\\%', '_': '\\_',
  '^': '\\textasciicircum{}', '~': '\\textasciitilde{}', '<': '\\textless{}', '>': '\\textgreater{}', '|': '\\textbar{}',
  '"': '\\textquotedbl{}', '\u00A0': '~', '\u202F': '\\,', '\u2009': '\\,', '\u00AD': '\\-', '\u200B': '\\hspace{0pt}',
  '…': '\\ldots{}', '—': '---', '–': '--', '‐': '-', '‑': '\\mbox{-}',
  '“': '``', '”': '\'\'', '‘': '`', '’': '\'', '′': '\\ensuremath{\'}', '″': '\\ensuremath{\'\'}',
  '•': '\\textbullet{}', '°': '\\textdegree{}', '×': '\\texttimes{}', '÷': '\\textdiv{}', '±': '\\textpm{}', '−': '\\textminus{}',
  '€': '\\texteuro{}',
}))
/** Words as LaTeX reads them: nothing that was typed is a command. */
export function escapeLatex(text: string): string {
  let out = ''
  for (const char of text) {
    const sign = SIGNS.get(char) ?? char
    // Quotation marks side by side would be taken for one of another sort.
    out += (sign.startsWith('`') && out.endsWith('`')) || (sign.startsWith('\'') && out.endsWith('\'')) ? `{}${sign}` : sign
  }
  return out
}
/** An address inside a command that takes it as it stands. */
const address = (text: string): string => text.replace(/[%#\\{}]/gu, '\\$&')

/** The files that the source asks for, by their names: pictures that travel in the paper. */
export function latexPictures(paper: PrintedPaper): Map<string, Uint8Array> {
  const out = new Map<string, Uint8Array>()
  for (const section of paper.sections)
    for (const block of section.blocks) {
      const read = block.is === 'picture' ? pictureBytes(block.picture) : undefined
      if (read && block.is === 'picture') out.set(pictureFile(block, read.type), read.bytes)
    }
  return out
}
const pictureFile = ({ name }: PrintedPicture, type: string): string =>
  `${name.toLowerCase().split(/[^a-z0-9]+/u).filter(Boolean).join('-')}.${type === 'jpeg' ? 'jpg' : type}`

export const writeLatex = (paper: PrintedPaper): string => new LatexWriter(paper).whole()

/** Sizes that the class knows. */
const SIZES = [10, 11, 12]
const HEADINGS = ['section', 'subsection', 'subsubsection'] as const
const HEAD_PLACES = { left: 'L', centre: 'C', right: 'R' } as const

class LatexWriter {
  constructor(private readonly paper: PrintedPaper) {}

  whole(): string {
    const { looks } = this.paper.geometry
    const ragged = looks.body.align === 'justified' ? [] : ['\\raggedright', `\\setlength{\\parindent}{${looks.body.first}bp}`]
    return `${[...this.preamble(), '', '\\begin{document}', ...ragged, ...this.firstPage(), this.body(), '', '\\end{document}'].join('\n')}\n`
  }

  private preamble(): string[] {
    const { geometry, title, writer } = this.paper
    const { looks, margins } = geometry
    const size = SIZES.reduce((best, one) => (Math.abs(one - looks.body.size) < Math.abs(best - looks.body.size) ? one : best))
    const sides = Object.entries(margins).map(([side, length]) => `${side}=${length}bp`).join(',')
    return [
      `\\documentclass[${size}pt,${geometry.width === 612 ? 'letterpaper' : 'a4paper'}]{article}`,
      '\\usepackage{iftex}',
      '\\ifpdftex',
      '  \\usepackage[utf8]{inputenc}',
      '  \\usepackage[T1]{fontenc}',
      '  \\usepackage{textcomp}',
      '  \\IfFileExists{tgtermes.sty}{\\usepackage{tgtermes}}{\\IfFileExists{lmodern.sty}{\\usepackage{lmodern}}{}}',
      '\\else',
      '  \\usepackage{fontspec}',
      `  \\setmainfont{${geometry.face}}[Ligatures=TeX]`,
      '\\fi',
      `\\usepackage[${sides}]{geometry}`,
      '\\usepackage{fancyhdr}',
      '\\usepackage{graphicx}',
      '\\usepackage[hidelinks]{hyperref}',
      `\\hypersetup{pdftitle={${escapeLatex(title)}},pdfauthor={${escapeLatex(writer)}}}`,
      '\\urlstyle{same}',
      '\\pagestyle{fancy}',
      '\\fancyhf{}',
      '\\renewcommand{\\headrulewidth}{0pt}',
      ...this.heads(false),
      `\\setlength{\\parindent}{${looks.body.first}bp}`,
      `\\setlength{\\parskip}{${looks.body.after}bp}`,
      `\\linespread{${stretch(looks.body)}}\\selectfont`,
      ...entries(looks.entry),
    ]
  }

  /** Heads of the first page where they are other. */
  private firstPage(): string[] {
    if (this.paper.geometry.heads.every(head => head.on === 'every')) return []
    return [`\\fancypagestyle{first}{\\fancyhf{}${this.heads(true).join('')}}`, '\\thispagestyle{first}']
  }

  private heads(first: boolean): string[] {
    return headsOn(this.paper.geometry.heads, first).map((head) => {
      const words = escapeLatex(headWords(head, this.paper, '\u0001')).replace('\u0001', '\\thepage{}')
      return `\\fancy${head.place === 'top' ? 'head' : 'foot'}[${HEAD_PLACES[head.align]}]{${words}}`
    })
  }

  private body(): string {
    const { sections } = this.paper
    const written = sections.map(section => [
      ...(section.newPage && section !== sections[0] ? ['\\clearpage'] : []),
      ...(section.is === 'endnotes' ? this.notesAtEnd(section.blocks[0] as PrintedParagraph) : grouped(section.blocks).map(group => this.group(group))),
    ].filter(Boolean).join('\n\n'))
    // Entries that follow each other stand in one list.
    return written.join('\n\n').replaceAll('\\end{entries}\n\n\\begin{entries}\n', '')
  }

  // Blocks --------------------------------------------------------------------------------------------------------------

  private group(group: Grouped): string {
    const { quotation } = this.paper.geometry.looks
    switch (group.is) {
      case 'break': return '\\clearpage'
      case 'quotation': return around('quote', `\\linespread{${stretch(quotation)}}\\selectfont\n${this.paragraphs(group.paragraphs)}`)
      case 'verse': return around('verse', this.paragraphs(group.paragraphs))
      case 'list': {
        const items = group.items.map(item => `\\item ${item.map(one => this.group(one)).join('\n\n')}`)
        return around(group.ordered ? 'enumerate' : 'itemize', items.join('\n'))
      }
      case 'captioned': {
        const own = group.thing?.is === 'table' ? [this.table(group.thing)] : group.thing ? [this.picture(group.thing)] : []
        return [...group.above.map(one => this.paragraph(one)), ...own, ...group.below.map(one => this.paragraph(one))].join('\n\n')
      }
      default: return this.paragraph(group.paragraph)
    }
  }

  private readonly paragraphs = (all: readonly PrintedParagraph[]): string => all.map(one => this.runs(one.runs)).join('\n\n')

  private paragraph(paragraph: PrintedParagraph): string {
    const { role, runs, lead } = paragraph
    const look: Look = { ...this.paper.geometry.looks[role], ...paragraph.look }
    const words = this.runs(runs)
    if (!words || role === 'body') return words
    if (role === 'entry') return around('entries', `\\item ${lead ? `${this.runs(lead)}\\quad ` : ''}${words}`)
    if (role === 'annotation') return around('entries', `\\item \\hspace*{${-this.paper.geometry.looks.entry.first}bp}${words}`)
    if (role === 'contents-line') return `\\noindent ${words}\\dotfill\\pageref{${paragraph.leads}}`
    const level = headingLevel(paragraph)
    if (!level) return looked(words, look)
    // Readers of the PDF find the heading; a note's words are none of it.
    const plain = this.runs(headingRuns(paragraph))
    const mark = level <= HEADINGS.length ? `\\addcontentsline{toc}{${HEADINGS[level - 1]}}{${plain}}` : ''
    const label = paragraph.anchor ? `\\label{${paragraph.anchor}}` : ''
    return `\\phantomsection${mark}${label}\n${looked(words, look)}\\nopagebreak`
  }

  private table({ rows, headed }: PrintedTable): string {
    const count = Math.max(1, ...rows.map(row => row.length))
    const cell = (paragraphs: readonly PrintedParagraph[] = []) => paragraphs.map(one => this.runs(one.runs)).join(' \\newline ')
    const line = (row: PrintedParagraph[][]) => `${Array.from({ length: count }, (_, i) => cell(row[i])).join(' & ')} \\\\`
    const lines = rows.flatMap((row, i) => [line(row), ...(i === 0 && headed ? ['\\hline'] : [])])
    const column = `p{${(0.96 / count).toFixed(3)}\\linewidth}`
    return `\\noindent\\begin{tabular}{${column.repeat(count)}}\n\\hline\n${lines.join('\n')}\n\\hline\n\\end{tabular}`
  }

  /** The picture where its file lies beside the source; what it shows in words where it does not. */
  private picture(picture: PrintedPicture): string {
    const read = pictureBytes(picture.picture)
    const words = `\\fbox{\\parbox{0.6\\linewidth}{${escapeLatex(picture.alt || picture.name)}}}`
    if (!read || read.type === 'gif') return `\\noindent${words}`
    const file = pictureFile(picture, read.type)
    return `\\noindent\\IfFileExists{${file}}{\\includegraphics[width=0.8\\linewidth,height=0.6\\textheight,keepaspectratio]{${file}}}{${words}}`
  }

  private notesAtEnd(heading: PrintedParagraph): string[] {
    const { notes, geometry } = this.paper
    return [
      this.paragraph(heading),
      ...notes.map((note, i) => this.runs(noteLead(geometry, i + 1)) + note.map(one => this.runs(one.runs)).join('\n\n')),
    ]
  }

  // Words ---------------------------------------------------------------------------------------------------------------

  private runs(runs: readonly PrintedRun[]): string {
    return runs.map(run => this.run(run)).join('')
  }

  private run(run: PrintedRun): string {
    const { notes, notesAt } = this.paper
    if (run.note !== undefined && notesAt === 'end') return `\\textsuperscript{${run.note}}`
    if (run.note !== undefined) return `\\footnote{${(notes[run.note - 1] ?? []).map(one => this.runs(one.runs)).join('\\par ')}}`
    const core = run.text.trim()
    const isAddress = /^https?:\/\/\S+$/u.test(core)
    const out = isAddress ? run.text.replace(core, `\\url{${address(core)}}`) : marked(escapeLatex(run.text).replace(/\n/gu, '\\\\\n'), run)
    return run.link && !isAddress && !run.link.startsWith('#') ? `\\href{${address(run.link)}}{${out}}` : out
  }
}

const around = (environment: string, inner: string): string => `\\begin{${environment}}\n${inner}\n\\end{${environment}}`

/** A look's leading as LaTeX counts it: from its own lines, which are a fifth higher than the letters, to those of the page. */
const stretch = ({ leading }: Look): string => (leading * 1.149 / 1.208).toFixed(3)

/** The list of works: a list without points, its entries hung. */
const entries = (look: Look): string[] => [
  '\\newenvironment{entries}{%',
  '  \\begin{list}{}{%',
  `    \\setlength{\\leftmargin}{${look.left}bp}\\setlength{\\itemindent}{${look.first}bp}%`,
  '    \\setlength{\\labelwidth}{0pt}\\setlength{\\labelsep}{0pt}%',
  `    \\setlength{\\itemsep}{${look.after}bp}\\setlength{\\parsep}{0pt}}%`,
  `  \\linespread{${stretch(look)}}\\selectfont}{\\end{list}}`,
]

function marked(words: string, run: PrintedRun): string {
  let out = words
  if (run.superscript) out = `\\textsuperscript{${out}}`
  if (run.subscript) out = `\\textsubscript{${out}}`
  if (run.smallCaps) out = `\\textsc{${out}}`
  if (run.underline) out = `\\underline{${out}}`
  if (run.italic) out = `\\textit{${out}}`
  return run.bold ? `\\textbf{${out}}` : out
}

/** A paragraph in a look of its own. */
function looked(words: string, look: Look): string {
  const out = marked(words, { text: '', bold: look.bold, italic: look.italic, underline: look.underline, smallCaps: look.smallCaps })
  const white = look.before ? `\\vspace*{${look.before}bp}\n` : ''
  if (look.align === 'centre') return white + around('center', out)
  if (look.align === 'right') return white + around('flushright', out)
  return `${white}${look.first > 0 ? '' : '\\noindent '}${look.left ? `\\hspace*{${look.left}bp}` : ''}${out}`
}
