/** The paper as one web page that needs nothing else: its parts named for what they are, a sheet of looks for screen and print. */
import { escapeHtml } from '../../text/runs'
import { cssOf } from '../../sheet/carry'
import {
  marksIn,
  type PrintedPaper,
  type PrintedParagraph,
  type PrintedRun,
  type PrintedSection,
  type PrintedTable,
} from '../../sheet/printed'
import type { Look } from '../../styles/page-schema'
import { ROLES } from '../../styles/roles'
import { grouped, headingLevel, type Grouped } from '../grouped'

export function writeHtml(paper: PrintedPaper): string {
  const { geometry, sections, title, language, writer } = paper
  const others = sections.filter(section => section.is !== 'endnotes')
  const body = others.map(section => sectionHtml(section, paper))
  const list = others.findIndex(section => section.is === 'list')
  const at = list < 0 ? body.length : list
  const notes = notesHtml(paper)
  if (notes) body.splice(at, 0, notes)
  const { width, height, margins } = geometry
  return `<!DOCTYPE html>
<html lang="${escapeHtml(language)}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escapeHtml(title)}</title>
${writer ? `<meta name="author" content="${escapeHtml(writer)}">\n` : ''}<style>
@page { size: ${width}pt ${height}pt; margin: ${margins.top}pt ${margins.right}pt ${margins.bottom}pt ${margins.left}pt }
body { max-width: ${width - margins.left - margins.right}pt; margin: 3rem auto; padding: 0 1rem }
body { color: #000; background: #fff; overflow-wrap: anywhere }
h1, h2, h3, h4, h5, h6, p, figure, blockquote { margin: 0; font-weight: normal }
blockquote p, li p, td p, th p { margin: 0 }
table { border-collapse: collapse; border-top: .75pt solid; border-bottom: .75pt solid; width: 100% }
th, td { padding: 2pt 4pt; text-align: left; vertical-align: top; font-weight: normal }
thead th { border-bottom: .5pt solid }
img { max-width: 100%; height: auto }
sup, sub { line-height: 0 }
a { color: inherit }
.caps { font-variant: small-caps }
.verse { white-space: pre-wrap }
.number { display: inline-block; min-width: 2.2em; text-indent: 0 }
[role=doc-endnotes] { border-top: .5pt solid; margin-top: 2em; padding-top: .5em }
[role=doc-endnotes] ol { padding: 0; margin: 0; list-style: none }
@media print {
  body { margin: 0; max-width: none; padding: 0 }
  .page { break-before: page }
  h1, h2, h3, h4, h5, h6 { break-after: avoid }
  p { orphans: 2; widows: 2 }
}
${ROLES.map(role => `.${role} { ${roleCss(geometry.looks[role], geometry.face)} }`).join('\n')}
</style>
</head>
<body>
${body.join('\n')}
</body>
</html>
`
}

const roleCss = (look: Look, face: string): string => [
  cssOf(look, face),
  ...(look.italic ? ['font-style:italic'] : []),
  ...(look.underline ? ['text-decoration:underline'] : []),
  ...(look.smallCaps ? ['font-variant:small-caps'] : []),
].join(';')

const ROLE_OF: Partial<Record<PrintedSection['is'], string>> = {
  abstract: 'doc-abstract',
  contents: 'doc-toc',
  list: 'doc-bibliography',
  appendix: 'doc-appendix',
}

function sectionHtml(section: PrintedSection, paper: PrintedPaper): string {
  const role = ROLE_OF[section.is]
  const tag = section.is === 'title-page' ? 'header' : section.is === 'text' ? 'main' : section.is === 'contents' ? 'nav' : 'section'
  const inner = grouped(section.blocks).map(group => groupHtml(group, paper)).join('\n')
  return `<${tag}${role ? ` role="${role}"` : ''}${section.newPage ? ' class="page"' : ''}>\n${inner}\n</${tag}>`
}

function groupHtml(group: Grouped, paper: PrintedPaper): string {
  switch (group.is) {
    case 'break': return '<div class="page"></div>'
    case 'quotation': return `<blockquote>\n${group.paragraphs.map(one => paragraphHtml(one, paper)).join('\n')}\n</blockquote>`
    case 'verse': return group.paragraphs.map(one => paragraphHtml(one, paper)).join('\n')
    case 'list': {
      const items = group.items.map(item => `<li>${item.map(one => groupHtml(one, paper)).join('\n')}</li>`).join('\n')
      return group.ordered ? `<ol${group.start > 1 ? ` start="${group.start}"` : ''}>\n${items}\n</ol>` : `<ul>\n${items}\n</ul>`
    }
    case 'captioned': {
      const { above, thing, below } = group
      const caption = (lines: readonly PrintedParagraph[]) =>
        lines.length ? `<figcaption>${lines.map(one => paragraphHtml(one, paper)).join('\n')}</figcaption>\n` : ''
      const own = thing?.is === 'table'
        ? tableHtml(thing, paper)
        : thing ? `<img src="${thing.picture}" alt="${escapeHtml(thing.alt)}">\n` : ''
      // A figure has one caption: what stands on the other side of the thing is a paragraph.
      const under = above.length ? below.map(one => paragraphHtml(one, paper)).join('\n') : caption(below)
      return `<figure>\n${caption(above)}${own}${under}\n</figure>`
    }
    default: return paragraphHtml(group.paragraph, paper)
  }
}

function tableHtml({ rows, headed }: PrintedTable, paper: PrintedPaper): string {
  const row = (cells: PrintedParagraph[][], tag: 'td' | 'th') => {
    const opens = tag === 'th' ? '<th scope="col">' : '<td>'
    return `<tr>${cells.map(cell => `${opens}${cell.map(one => paragraphHtml(one, paper)).join('')}</${tag}>`).join('')}</tr>`
  }
  const [first, ...rest] = rows
  const head = headed && first ? `<thead>${row(first, 'th')}</thead>\n` : ''
  return `<table>\n${head}<tbody>\n${(headed ? rest : rows).map(cells => row(cells, 'td')).join('\n')}\n</tbody>\n</table>\n`
}

function paragraphHtml(paragraph: PrintedParagraph, paper: PrintedPaper): string {
  const { role, runs, lead, anchor, look, leads, item } = paragraph
  const level = headingLevel(paragraph)
  const first = role === 'title' || role === 'title-page-title'
  const tag = first ? (anchor === 'title' ? 'h1' : 'p') : level ? `h${Math.min(6, level + 1)}` : 'p'
  const before = lead && !item ? `<span class="number">${runsHtml(lead)}</span>` : ''
  const own = { ...paper.geometry.looks[role], ...look }
  const css = look && !item && (look.left !== undefined || look.first !== undefined || look.align)
    ? ` style="margin-left:${own.left}pt;text-indent:${own.first}pt;text-align:${own.align === 'centre' ? 'center' : own.align}"`
    : ''
  const words = leads ? `<a href="#${escapeHtml(leads)}">${runsHtml(runs)}</a>` : runsHtml(runs)
  return `<${tag} class="${role}"${anchor ? ` id="${escapeHtml(anchor)}"` : ''}${css}>${before}${words}</${tag}>`
}

/** Runs as HTML; a note's mark leads to its note. */
export const runsHtml = (runs: readonly PrintedRun[]): string => runs.map(runHtml).join('')

function runHtml(run: PrintedRun): string {
  const { note, link } = run
  if (note !== undefined) return `<sup><a href="#note-${note}" id="mark-${note}" role="doc-noteref">${note}</a></sup>`
  const marks = marksIn({ bold: false, italic: false, underline: false, smallCaps: false }, run)
  let out = escapeHtml(run.text).replace(/\n/gu, '<br>')
  if (marks.smallCaps) out = `<span class="caps">${out}</span>`
  if (marks.superscript) out = `<sup>${out}</sup>`
  if (marks.subscript) out = `<sub>${out}</sub>`
  if (marks.underline) out = `<u>${out}</u>`
  if (marks.italic) out = `<i>${out}</i>`
  if (marks.bold) out = `<b>${out}</b>`
  return link ? `<a href="${escapeHtml(link)}">${out}</a>` : out
}

function notesHtml(paper: PrintedPaper): string {
  const { notes, geometry } = paper
  if (!notes.length) return ''
  const items = notes.map((note, i) => {
    const n = i + 1
    const back = (words: string) => `<a href="#mark-${n}" role="doc-backlink">${words}</a>`
    const number = geometry.noteNumber === 'raised' ? `<sup>${back(String(n))}</sup> ` : `${back(`${n}.`)} `
    const role = note[0]?.role ?? 'note'
    const inner = note.map((one, at) => `<p class="${role}">${at ? '' : number}${runsHtml(one.runs)}</p>`).join('\n')
    return `<li id="note-${n}">${inner}</li>`
  })
  const heading = paper.notesAt === 'end' ? paper.sections.find(section => section.is === 'endnotes')?.blocks[0] : undefined
  const over = heading?.is === 'paragraph' ? `${paragraphHtml(heading, paper)}\n` : ''
  return `<section role="doc-endnotes"${heading ? ' class="page"' : ''}>\n${over}<ol>\n${items.join('\n')}\n</ol>\n</section>`
}
