/**
 * A LaTeX draft as HTML, for the reader of drafts: sections, emphasis, quotations, lists, footnotes; citation commands
 * stay as they are, for the reader of those. Commands that set pages are passed over; nothing is ever run.
 */
import { escapeHtml } from '../../text/runs'
import { fromLatex } from './latex'
import { rowOf } from '../../text/lookup'

const HEADINGS: Record<string, number> = { part: 1, chapter: 1, section: 1, subsection: 2, subsubsection: 3, paragraph: 4, subparagraph: 5 }
const LISTS: Record<string, string> = { itemize: 'ul', enumerate: 'ol', description: 'ul' }
const QUOTES = new Set(['quote', 'quotation', 'displayquote', 'verse'])
/** Environments whose inside never prints as words. */
const PASSED = new Set(['tikzpicture', 'comment', 'filecontents'])
/** Environments whose inside is not read as LaTeX: it comes in as it was typed. */
const RAW = new Set(['equation', 'align', 'gather', 'multline', 'eqnarray', 'displaymath', 'math', 'lstlisting', 'verbatim', 'minted'])
const CITE = /\\(?:[A-Za-z]*cite[a-zA-Z]*)\*?(?:\s*\[[^\]]*\]){0,2}\s*\{[^{}]+\}/gu

export function texToHtml(tex: string): { html: string, title?: string } {
  const source = tex.slice(0, 5_000_000).replace(/(?<!\\)%.*$/gmu, '')
  const title = /\\title\s*\{((?:[^{}]|\{[^{}]*\})*)\}/u.exec(source)?.[1]
  const body = /\\begin\{document\}([\s\S]*?)(?:\\end\{document\}|$)/u.exec(source)?.[1] ?? source
  const notes: string[] = []
  const out: string[] = []
  for (const chunk of body.split(/\n[ \t]*\n+|\\par\b/u)) writeChunk(chunk)
  const foot = notes.length ? `<ol>${notes.map((note, i) => `<li id="footnote-${i + 1}">${note}</li>`).join('')}</ol>` : ''
  return { html: out.join('\n') + foot, ...(title ? { title: fromLatex(title) } : {}) }

  function writeChunk(chunk: string) {
    let rest = chunk
    for (let guard = 0; guard < 2000 && rest.trim(); guard++) {
      const next =
        /\\(?:(part|chapter|section|subsection|subsubsection|paragraph|subparagraph)\*?\s*(?:\[[^\]]*\])?\{((?:[^{}]|\{[^{}]*\})*)\}|begin\{(\w+)\*?\}(?:\[[^\]]*\])?|end\{(\w+)\*?\}|item(?:\[[^\]]*\])?)/u.exec(
          rest,
        )
      paragraph(next ? rest.slice(0, next.index) : rest)
      if (!next) return
      rest = rest.slice(next.index + next[0].length)
      const [, heading, words, begins, ends] = next
      const level = heading && rowOf(HEADINGS, heading)
      const list = rowOf(LISTS, begins ?? ends ?? '')
      if (level) out.push(`<h${level}>${inline(words!)}</h${level}>`)
      else if (begins && (PASSED.has(begins) || RAW.has(begins) || begins === 'tabular' || begins === 'thebibliography')) {
        const close = rest.indexOf(`\\end{${begins}`)
        const inside = close < 0 ? rest : rest.slice(0, close)
        rest = close < 0 ? '' : rest.slice(rest.indexOf('}', close) + 1)
        if (RAW.has(begins)) out.push(`<p>${escapeHtml(inside.trim())}</p>`)
        else if (begins === 'tabular') out.push(tabular(inside))
        else if (begins === 'thebibliography') out.push(bibliography(inside))
      }
      // What sets a figure or table in place is not printed; its caption is.
      else if (begins && /^(?:figure|table|wrapfigure|center|minipage)$/u.test(begins))
        rest = rest.replace(/^\s*(?:\[[^\]]*\]|\{[^{}]*\})+/u, '')
      else if (begins) out.push(list ? `<${list}>` : QUOTES.has(begins) ? '<blockquote>' : '')
      else if (ends) out.push(list ? `</li></${list}>` : QUOTES.has(ends) ? '</blockquote>' : '')
      else out.push(out.at(-1)?.match(/^<(?:ul|ol)>$/u) ? '<li>' : '</li><li>')
    }
  }
  /** Rows of a tabular as a table; the columns' letters go. */
  function tabular(inside: string): string {
    const rows = inside
      .replace(/^\s*(?:(?:\[[^\]]*\])\s*)?\{[^{}]*\}/u, '')
      .replace(/\\(?:hline|toprule|midrule|bottomrule|c(?:mid|line)?rule(?:\([^)]*\))?(?:\{[^}]*\})?|cline\{[^}]*\})/gu, ' ')
      .split(/\\\\(?:\[[^\]]*\])?/u)
      .filter((row) => row.trim())
    return `<table>${rows
      .map(
        (row) =>
          `<tr>${row
            .split(/(?<!\\)&/u)
            .map((cell) => `<td>${inline(cell)}</td>`)
            .join('')}</tr>`,
      )
      .join('')}</table>`
  }
  /** A bibliography typed by hand, as the list at a draft's end. */
  function bibliography(inside: string): string {
    const items = inside.replace(/^\s*\{[^{}]*\}/u, '').split(/\\bibitem(?:\s*\[[^\]]*\])?\s*\{[^{}]*\}/u)
    return `<h2>References</h2>${items
      .map((item) => inline(item.replace(/\\newblock\b/gu, ' ')))
      .filter((item) => item.trim())
      .map((item) => `<p>${item}</p>`)
      .join('')}`
  }
  function paragraph(text: string) {
    const html = inline(text)
    if (html.replace(/<[^>]+>/gu, '').trim()) out.push(`<p>${html}</p>`)
  }
  /** Running text: footnotes set aside, citations kept, the rest read as LaTeX. */
  function inline(text: string, depth = 0): string {
    let bare = ''
    const closing = bracesOf(text)
    for (let at = 0; at < text.length;) {
      const begin = text.indexOf('\\footnote', at)
      const open = begin < 0 ? -1 : text.indexOf('{', begin)
      // Notes in notes in notes stay words of the text, as does one that is never closed.
      if (open < 0 || depth > 4) { bare += text.slice(at); break }
      const end = closing.get(open)
      if (end === undefined) {
        bare += text.slice(at, open)
        at = open
        continue
      }
      bare += text.slice(at, begin)
      notes.push(inline(text.slice(open + 1, end), depth + 1))
      bare += `\uE003${notes.length}\uE003`
      at = end + 1
    }
    const kept: string[] = []
    const marked = bare
      .replace(/\\(?:includegraphics)(?:\[[^\]]*\])?\{[^}]*\}/gu, ' ')
      .replace(/\\caption\*?(?:\[[^\]]*\])?(?=\{)/gu, '')
      .replace(CITE, (command) => {
        kept.push(command)
        return `\uE004${kept.length - 1}\uE004`
      })
      .replace(
        LAYOUT,
        ' ',
      )
    const escaped = fromLatex(marked.replace(/[<>]/gu, c => (c === '<' ? '\uE005' : '\uE006')).replace(/&(?!\w)/gu, '&'), { rich: true })
    return escaped.replace(/&/gu, '&amp;').replace(/\uE005/gu, '&lt;').replace(/\uE006/gu, '&gt;')
      .replace(/\uE003(\d+)\uE003/gu, '<sup><a href="#footnote-$1">$1</a></sup>')
      .replace(/\uE004(\d+)\uE004/gu, (_, n: string) => kept[Number(n)]!.replace(/&/gu, '&amp;').replace(/</gu, '&lt;'))
  }
}

/** What a command is given, with braces in it, as long as a line may be. */
const GIVEN = String.raw`\{(?:[^{}]|\{(?:[^{}]|\{[^{}]*\})*\}){0,800}\}`
const OPTIONS = String.raw`(?:\[[^\]]*\])?`
/** Commands that set pages and say no words, by how much they are given. */
const SILENT: readonly string[] = [
  'maketitle|tableofcontents|clearpage|newpage|noindent|centering|raggedright|raggedbottom|singlespacing|doublespacing|onehalfspacing|phantomsection|bigskip|medskip|smallskip|hfill|vfill|newline|appendix|sloppy|frenchspacing|par|nopagebreak|pagebreak',
  'bibliography|bibliographystyle|label|author|date|title|usepackage|documentclass|vspace\\*?|hspace\\*?|pagestyle|thispagestyle|pagenumbering|fancyhf|fancyhead|fancyfoot|hypersetup|linespread|bookmarksetup|urlstyle|setstretch|thanks',
  'setlength|addtolength|setcounter|fancypagestyle|renewcommand|newcommand|definecolor|titleformat\\*?',
  'addcontentsline|markboth',
]
const LAYOUT = new RegExp([
  ...SILENT.map((names, given) => String.raw`\\(?:${names})(?![a-zA-Z])${OPTIONS}${GIVEN.repeat(given)}`),
  String.raw`\\printbibliography${OPTIONS}`,
].reverse().join('|'), 'gu')

/** For each opening brace the place of the one that closes it. */
function bracesOf(text: string): Map<number, number> {
  const open: number[] = []
  const out = new Map<number, number>()
  for (let i = 0; i < text.length; i++) {
    if (text[i] === '{') open.push(i)
    else if (text[i] === '}' && open.length) out.set(open.pop()!, i)
  }
  return out
}
