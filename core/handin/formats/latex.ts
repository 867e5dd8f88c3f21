/**
 * The paper as LaTeX that compiles with the article class: citations as they print, real footnotes, the list with its
 * hanging indents. Set with pdflatex, and with the engines that know all letters.
 */
import { noteLead, type PrintedPaper, type PrintedParagraph, type PrintedRun, type PrintedTable } from '../../sheet/printed'
import { headsOn, headWords } from '../../sheet/heads'
import type { Look } from '../../styles/page-schema'
import { grouped, headingLevel, type Grouped } from '../grouped'

const SIGNS = new Map(Object.entries({
  '\\': '\\textbackslash{}', '{': '\\{', '}': '\\}', '$': '\\$', '&': '\\&', '#': '\\#', '%': '\\%', '_': '\\_',
  '^': '\\textasciicircum{}', '~': '\\textasciitilde{}', '<': '\\textless{}', '>': '\\textgreater{}', '|': '\\textbar{}',
  '\u00A0': '~', '\u202F': '\\,', '\u2009': '\\,', '\u00AD': '\\-', '\u200B': '\\hspace{0pt}', '"': '\\textquotedbl{}',
  '…': '\\ldots{}', '—': '---', '–': '--', '‐': '-', '‑': '\\mbox{-}', '“': '``', '”': '\'\'', '‘': '`', '’': '\'', '•': '\\textbullet{}', '°': '\\textdegree{}',
  '×': '\\texttimes{}', '÷': '\\textdiv{}', '±': '\\textpm{}', '−': '\\textminus{}', '€': '\\texteuro{}', '′': '\\ensuremath{\'}', '″': '\\ensuremath{\'\'}',
}))
/** Words as LaTeX reads them: nothing that was typed is a command. */
export const escapeLatex = (text: string): string => {
  let out = ''
  for (const char of text) out += SIGNS.get(char) ?? char
  // Quotation marks side by side would be taken for one of another sort.
  return out.replace(/`(?=``)/gu, '`{}').replace(/'(?='')/gu, '\'{}').replace(/\\ldots\{\}(?=\s|$)/gu, '\\ldots{}')
}

export function writeLatex(paper: PrintedPaper): string {
  const { geometry, title, writer, sections } = paper
  const { looks, margins } = geometry
  const size = [10, 11, 12].reduce((best, one) => (Math.abs(one - looks.body.size) < Math.abs(best - looks.body.size) ? one : best), 12)
  const letter = geometry.width === 612
  const body = sections.map(section => [
    ...(section.newPage && section !== sections[0] ? ['\\clearpage'] : []),
    ...(section.is === 'endnotes' ? endnotes(paper) : grouped(section.blocks).map(group => groupLatex(group, paper))),
    ...(section.is === 'title-page' ? ['\\clearpage'] : []),
  ].filter(Boolean).join('\n\n'))
  const heads = headsOn(geometry.heads, false).map((head) => {
    const words = escapeLatex(headWords(head, paper, '\u0000')).replace('\u0000', '\\thepage{}')
    const command = head.place === 'top' ? 'fancyhead' : 'fancyfoot'
    return `\\${command}[${{ left: 'L', centre: 'C', right: 'R' }[head.align]}]{${words}}`
  })
  return `\\documentclass[${size}pt,${letter ? 'letterpaper' : 'a4paper'}]{article}
\\usepackage{iftex}
\\ifpdftex
  \\usepackage[utf8]{inputenc}
  \\usepackage[T1]{fontenc}
  \\usepackage{textcomp}
  \\IfFileExists{tgtermes.sty}{\\usepackage{tgtermes}}{\\IfFileExists{lmodern.sty}{\\usepackage{lmodern}}{}}
\\else
  \\usepackage{fontspec}
  \\setmainfont{${geometry.face}}[Ligatures=TeX]
\\fi
\\usepackage[top=${margins.top}bp,right=${margins.right}bp,bottom=${margins.bottom}bp,left=${margins.left}bp]{geometry}
\\usepackage{fancyhdr}
\\usepackage{graphicx}
\\usepackage[hidelinks]{hyperref}
\\hypersetup{pdftitle={${escapeLatex(title)}},pdfauthor={${escapeLatex(writer)}}}
\\urlstyle{same}
\\pagestyle{fancy}
\\fancyhf{}
\\renewcommand{\\headrulewidth}{0pt}
${heads.join('\n')}
\\setlength{\\parindent}{${looks.body.first}bp}
\\setlength{\\parskip}{${looks.body.after}bp}
\\linespread{${stretch(looks.body)}}\\selectfont
\\newenvironment{entries}{%
  \\begin{list}{}{%
    \\setlength{\\leftmargin}{${looks.entry.left}bp}\\setlength{\\itemindent}{${looks.entry.first}bp}%
    \\setlength{\\labelwidth}{0pt}\\setlength{\\labelsep}{0pt}%
    \\setlength{\\itemsep}{${looks.entry.after}bp}\\setlength{\\parsep}{0pt}}%
  \\linespread{${stretch(looks.entry)}}\\selectfont}{\\end{list}}

\\begin{document}
${looks.body.align === 'justified' ? '' : `\\raggedright\\setlength{\\parindent}{${looks.body.first}bp}\n`}${body.join('\n\n').replaceAll('\\end{entries}\n\n\\begin{entries}\n', '')}

\\end{document}
`
}

/** A look's leading as LaTeX counts it: from its own lines, which are a fifth higher than the letters, to those of the page. */
const stretch = ({ leading }: Look): string => (leading * 1.149 / 1.208).toFixed(3)

function groupLatex(group: Grouped, paper: PrintedPaper): string {
  switch (group.is) {
    case 'break': return '\\clearpage'
    case 'quotation': return `\\begin{quote}\\linespread{${stretch(paper.geometry.looks.quotation)}}\\selectfont\n${group.paragraphs.map(one => runsLatex(one.runs, paper)).join('\n\n')}\n\\end{quote}`
    case 'verse': return `\\begin{verse}\n${group.paragraphs.map(one => runsLatex(one.runs, paper)).join('\n\n')}\n\\end{verse}`
    case 'list': {
      const name = group.ordered ? 'enumerate' : 'itemize'
      const items = group.items.map(item => `\\item ${item.map(one => groupLatex(one, paper)).join('\n\n')}`)
      return `\\begin{${name}}\n${items.join('\n')}\n\\end{${name}}`
    }
    case 'captioned': {
      const lines = [...group.above.map(one => paragraphLatex(one, paper))]
      if (group.thing?.is === 'table') lines.push(tableLatex(group.thing, paper))
      else if (group.thing) lines.push(`\\noindent\\fbox{\\parbox{0.6\\linewidth}{${escapeLatex(group.thing.alt || group.thing.name)}}}`)
      return [...lines, ...group.below.map(one => paragraphLatex(one, paper))].join('\n\n')
    }
    default: return paragraphLatex(group.paragraph, paper)
  }
}

const HEADINGS = ['section', 'subsection', 'subsubsection', 'paragraph', 'subparagraph'] as const

function paragraphLatex(paragraph: PrintedParagraph, paper: PrintedPaper): string {
  const { role, runs, lead } = paragraph
  const look: Look = { ...paper.geometry.looks[role], ...paragraph.look }
  const words = runsLatex(runs, paper)
  if (!words) return ''
  if (role === 'entry' || role === 'annotation') {
    const number = lead ? `${runsLatex(lead, paper)}\\quad ` : ''
    return `\\begin{entries}\n\\item ${role === 'annotation' ? '\\hspace*{0pt}' : ''}${number}${words}\n\\end{entries}`
  }
  const level = headingLevel(paragraph)
  if (level) {
    const mark = `\\addcontentsline{toc}{${HEADINGS[Math.min(2, level - 1)]}}{${words.replace(/\\footnote\{(?:[^{}]|\{[^{}]*\})*\}/gu, '')}}`
    return `\\phantomsection${level <= 3 ? mark : ''}\n${looked(words, look)}\\nopagebreak`
  }
  if (role === 'body') return words
  return looked(words, look)
}

/** A paragraph in a look of its own. */
function looked(words: string, look: Look): string {
  let out = words
  if (look.smallCaps) out = `\\textsc{${out}}`
  if (look.underline) out = `\\underline{${out}}`
  if (look.italic) out = `\\textit{${out}}`
  if (look.bold) out = `\\textbf{${out}}`
  const white = look.before ? `\\vspace*{${look.before}bp}\n` : ''
  if (look.align === 'centre') return `${white}\\begin{center}\n${out}\n\\end{center}`
  if (look.align === 'right') return `${white}\\begin{flushright}\n${out}\n\\end{flushright}`
  const indent = look.first > 0 ? '' : '\\noindent '
  return `${white}${indent}${look.left ? `\\hspace*{${look.left}bp}` : ''}${out}`
}

function tableLatex({ rows, headed }: PrintedTable, paper: PrintedPaper): string {
  const count = Math.max(1, ...rows.map(row => row.length))
  const width = (0.96 / count).toFixed(3)
  const line = (row: PrintedParagraph[][]) =>
    `${Array.from({ length: count }, (_, i) => (row[i] ?? []).map(one => runsLatex(one.runs, paper)).join(' \\newline ')).join(' & ')} \\\\`
  const lines = rows.flatMap((row, i) => [line(row), ...(i === 0 && headed ? ['\\hline'] : [])])
  return `\\noindent\\begin{tabular}{${`p{${width}\\linewidth}`.repeat(count)}}\n\\hline\n${lines.join('\n')}\n\\hline\n\\end{tabular}`
}

function runsLatex(runs: readonly PrintedRun[], paper: PrintedPaper): string {
  return runs.map(run => runLatex(run, paper)).join('')
}
function runLatex(run: PrintedRun, paper: PrintedPaper): string {
  if (run.note !== undefined) {
    if (paper.notesAt === 'end') return `\\textsuperscript{${run.note}}`
    const words = (paper.notes[run.note - 1] ?? []).map(one => runsLatex(one.runs, paper)).join('\\par ')
    return `\\footnote{${words}}`
  }
  const core = run.text.trim()
  const address = /^https?:\/\/\S+$/u.test(core)
  let out = escapeLatex(run.text).replace(/\n/gu, '\\\\\n')
  if (address) out = out.replace(escapeLatex(core), `\\url{${core.replace(/([%#\\{}])/gu, '\\$1')}}`)
  if (run.superscript) out = `\\textsuperscript{${out}}`
  if (run.subscript) out = `\\textsubscript{${out}}`
  if (run.smallCaps) out = `\\textsc{${out}}`
  if (run.underline) out = `\\underline{${out}}`
  if (run.italic) out = `\\textit{${out}}`
  if (run.bold) out = `\\textbf{${out}}`
  if (run.link && !address && !run.link.startsWith('#')) out = `\\href{${run.link.replace(/([%#\\{}])/gu, '\\$1')}}{${out}}`
  return out
}

function endnotes(paper: PrintedPaper): string[] {
  const heading = paper.sections.find(section => section.is === 'endnotes')?.blocks[0]
  return [
    ...(heading?.is === 'paragraph' ? [paragraphLatex(heading, paper)] : []),
    ...paper.notes.map((note, i) => note.map((one, at) => (at ? '' : runsLatex(noteLead(paper.geometry, i + 1), paper)) + runsLatex(one.runs, paper)).join('\n\n')),
  ]
}
