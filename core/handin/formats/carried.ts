/**
 * The paper for a clipboard: every paragraph with its few properties on it, since a sheet of looks is lost in pasting. Notes
 * are carried as readers of HTML know them: a raised number that leads to a list at the end.
 */
import { cssOf } from '../../sheet/carry'
import { marksIn, type PrintedBlock, type PrintedPaper, type PrintedParagraph, type PrintedRun } from '../../sheet/printed'
import { escapeHtml } from '../../text/runs'
import { headingLevel } from '../grouped'
import { runsHtml } from './html'

export function paperAsHtml(paper: PrintedPaper): string {
  const carried = paper.sections.filter(section => section.is !== 'contents' && section.is !== 'endnotes')
  const body = carried.flatMap(section => section.blocks.map(block => blockHtml(block, paper)))
  const notes = paper.notes.map((note, i) => {
    const words = note.map(one => runsHtml(one.runs)).join('<br>')
    return `<li id="note-${i + 1}">${words}</li>`
  })
  return body.join('') + (notes.length ? `<ol>${notes.join('')}</ol>` : '')
}

function blockHtml(block: PrintedBlock, paper: PrintedPaper): string {
  switch (block.is) {
    case 'break': return ''
    case 'picture': return `<p><img src="${block.picture}" alt="${escapeHtml(block.alt)}"></p>`
    case 'table': {
      const cellHtml = (cell: PrintedParagraph[], tag: string) => `<${tag}>${cell.map(one => runsHtml(one.runs)).join('<br>')}</${tag}>`
      const rows = block.rows.map((cells, i) => {
        const tag = i === 0 && block.headed ? 'th' : 'td'
        return `<tr>${cells.map(cell => cellHtml(cell, tag)).join('')}</tr>`
      })
      return `<table style="border-collapse:collapse">${rows.join('')}</table>`
    }
    default: return paragraphHtml(block, paper)
  }
}

const plainRun = ({ text, link }: PrintedRun): PrintedRun => (link ? { text, link } : { text })

function paragraphHtml(paragraph: PrintedParagraph, { geometry }: PrintedPaper): string {
  const { role, lead, runs, look } = paragraph
  const own = { ...geometry.looks[role], ...look }
  const level = headingLevel(paragraph)
  const tag = level ? `h${Math.min(6, level)}` : 'p'
  const before = lead ? `${runsHtml(lead)}<span style="white-space:pre">\t</span>` : ''
  const marked = runs.map(run => (run.note === undefined ? { ...plainRun(run), ...marksIn(own, run) } : run))
  const words = runsHtml(marked)
  return `<${tag} style="${cssOf(own, geometry.face)}${level && !own.bold ? ';font-weight:normal' : ''}">${before}${words}</${tag}>`
}
