import { describe, expect, it } from 'vitest'
import type { CitationData, DocNode } from '../../sheet/document'
import { citationsOf } from '../../sheet/walking'
import { SOURCES } from '../../../server/db/demo/sources'
import { fit, searchText } from '../../source/search'
import { straysFrom, quotedBefore } from '../../check/quoted'
import { readDraft, textToHtml } from './draft'
import { citeIn } from './citations'
import { noticedIn, referencesIn, withoutNoticed } from './noticed'
import { readLatexCitations } from '../tex/citations'
import { texToHtml } from '../tex/draft'
import { TypedCitations } from './typed-citations'

const sources = SOURCES.map(({ key, kind, fields }) => ({ id: key, kind, fields, key }))
const page = (place: string) => ({ label: 'page', place })
const show = (node: DocNode): string =>
  node.type === 'text'
    ? (node.marks ?? []).reduce((text, mark) => `${mark.type[0]}(${text})`, node.text ?? '')
    : node.type === 'citation'
      ? '◊'
      : node.type === 'hardBreak'
        ? '/'
        : node.type === 'doc'
          ? (node.content ?? []).map(show).join(' | ')
          : `${node.type}${node.attrs?.level ? String(node.attrs.level) : ''}[${(node.content ?? []).map(show).join('')}]`

describe('what is pasted', () => {
  it.each<[string, string, string]>([
    [
      'italics, bold and the rest',
      '<p>A <i>b</i> <b>c</b> <u>d</u> H<sub>2</sub>O x<sup>2</sup> <span style="font-variant: small-caps">bc</span></p>',
      'paragraph[A i(b) b(c) u(d) Hs(2)O xs(2) s(bc)]',
    ],
    [
      'italics by style, and fonts, colours and backgrounds gone',
      '<p style="font-family:Wild;background:red"><span style="font-style:italic;color:blue">Silt</span> and <font size=7>salt</font></p>',
      'paragraph[i(Silt) and salt]',
    ],
    [
      'upright bold wrappers of word processors',
      '<b style="font-weight:normal"><p>One</p><p>Two</p></b>',
      'paragraph[One] | paragraph[Two]',
    ],
    [
      'doubled spaces, tabs, hard spaces and empty paragraphs',
      '<p>\t A \u00A0 b\tc </p><p>&nbsp;</p><p></p><p><br></p>',
      'paragraph[A b c]',
    ],
    ['headings without their bold', '<h2><b>What the Pond</b> Remembers</h2>', 'heading2[What the Pond Remembers]'],
    [
      'lists in lists',
      '<ol><li>One<ul><li>In it</li></ul></li><li>Two</li></ol>',
      'orderedList[listItem[paragraph[One]bulletList[listItem[paragraph[In it]]]]listItem[paragraph[Two]]]',
    ],
    [
      'a word processor’s list paragraphs, by their depth',
      '<p style="mso-list:l0 level1 lfo1"><span style="mso-list:Ignore">1.<span>&nbsp; </span></span>One</p><p style="mso-list:l0 level2 lfo1"><span style="mso-list:Ignore">·</span>In it</p><p style="mso-list:l0 level1 lfo1"><span style="mso-list:Ignore">2.</span>Two</p><p>Text</p>',
      'orderedList[listItem[paragraph[One]bulletList[listItem[paragraph[In it]]]]listItem[paragraph[Two]]] | paragraph[Text]',
    ],
    ['two breaks are a paragraph’s end', '<div>One<br>line<br> <br>Two</div>', 'paragraph[One/line] | paragraph[Two]'],
    [
      'a word processor’s title and quotation',
      '<p class=MsoTitle>Mud</p><p class=MsoQuote>So it is.</p>',
      'heading1[Mud] | blockquote[paragraph[So it is.]]',
    ],
    ['a word processor’s list paragraphs', '<p style="mso-list:l0 level1">· One</p>', 'bulletList[listItem[paragraph[One]]]'],
    [
      'block quotations, by tag and by indent',
      '<blockquote><p>One</p></blockquote><p style="margin-left:0.5in">Two</p><p style="margin-left:.5in;text-indent:-.5in">Hanging</p>',
      'blockquote[paragraph[One]] | blockquote[paragraph[Two]] | paragraph[Hanging]',
    ],
    [
      'links, but not scripts’',
      '<p><a href="https://x.example/a">there</a> <a href="javascript:x()">here</a></p>',
      'paragraph[l(there) here]',
    ],
    [
      'lists that stand between items, as some editors copy them',
      '<ul><li>One</li><ul><li>In it</li></ul>loose<li>Two</li></ul>',
      'bulletList[listItem[paragraph[One]bulletList[listItem[paragraph[In it]]]]listItem[paragraph[loose]]listItem[paragraph[Two]]]',
    ],
    [
      'lists and headings in a block quotation',
      '<blockquote><h3>Why</h3><ul><li>Mud</li></ul></blockquote>',
      'blockquote[heading3[Why]bulletList[listItem[paragraph[Mud]]]]',
    ],
    [
      'what stands in cells, and a caption',
      '<table><caption>Silt</caption><tr><td><ul><li>Mud</li></ul></td><td><table><tr><td>a</td><td>b</td></tr></table></td></tr></table>',
      'table[tableRow[tableCell[bulletList[listItem[paragraph[Mud]]]]tableCell[paragraph[a]paragraph[b]]]]',
    ],
    [
      'a table’s number and title above it',
      '<p>Table 2. Silt in <i>Scapha</i></p><table><tr><td>1</td><td>2</td></tr></table>',
      'table[tableRow[tableCell[paragraph[1]]tableCell[paragraph[2]]]]',
    ],
    [
      'a picture that comes with it, with its caption',
      '<p>A<img src="data:image/png;base64,iVBOR" alt="wheel"></p><p>Figure 3. The <i>wheel</i></p>',
      'paragraph[A] | figure[The i(wheel)]',
    ],
    [
      'tables',
      '<table><tr><th>A</th><th>B</th></tr><tr><td>1</td><td></td></tr></table>',
      'table[tableRow[tableHeader[paragraph[A]]tableHeader[paragraph[B]]]tableRow[tableCell[paragraph[1]]tableCell[paragraph[]]]]',
    ],
    ['a box around text is no table', '<table><tr><td><p>Only</p></td></tr></table>', 'paragraph[Only]'],
    [
      'footnotes become notes',
      '<p>Mud<sup><a href="#footnote-1" id="footnote-ref-1">[1]</a></sup>.</p><ol><li id="footnote-1"><p>See the survey. <a href="#footnote-ref-1">↑</a></p></li></ol>',
      'paragraph[Mud◊.]',
    ],
    [
      'pictures from elsewhere, scripts and frames are dropped',
      '<p>A<img src="https://x.example/p.png"><script>x</script><iframe src="https://x.example"></iframe>b</p>',
      'paragraph[Ab]',
    ],
    [
      'Dendle’s own citation',
      '<p>Mud <span data-citation=\'{"items":[{"id":"a"}],"form":"narrative"}\'>Okonjo (2021)</span></p>',
      'paragraph[Mud ◊]',
    ],
  ])('%s', (_, html, result) => expect(show(readDraft(html).doc)).toBe(result))
  it.each<[string, string]>([
    [
      'a word processor',
      '<p>Mud<a style="mso-footnote-id:ftn1" href="#_ftn1" name="_ftnref1"><span>[1]</span></a>.</p><div style="mso-element:footnote-list"><hr><div id=ftn1><p><a href="#_ftnref1" name="_ftn1"><span>[1]</span></a> See <i>there</i>.</p></div></div>',
    ],
    [
      'another',
      '<p>Mud<a class="sdfootnoteanc" name="sdfootnote1anc" href="#sdfootnote1sym"><sup>1</sup></a>.</p><div id="sdfootnote1"><p><a name="sdfootnote1sym" href="#sdfootnote1anc">1</a> See <i>there</i>.</p></div>',
    ],
    [
      'a converter',
      '<p>Mud<a href="#fn1" class="footnote-ref" id="fnref1"><sup>1</sup></a>.</p><section><hr><ol><li id="fn1"><p>See <em>there</em>. <a href="#fnref1">↩︎</a></p></li></ol></section>',
    ],
    [
      'a page whose number carries the name',
      '<p>Mud<sup><a href="#ftnt1" id="ftnt_ref1">[1]</a></sup>.</p><div><p><a href="#ftnt_ref1" id="ftnt1">[1]</a> See <i>there</i>.</p></div>',
    ],
    [
      'an encyclopedia',
      '<p>Mud<sup id="cite_ref-3"><a href="#cite_note-3">[3]</a></sup>.</p><ol><li id="cite_note-3"><span>^</span> See <i>there</i>.</li></ol>',
    ],
  ])('notes as %s writes them', (_, html) => {
    const { doc } = readDraft(html)
    expect(show(doc)).toBe('paragraph[Mud◊.]')
    expect(citationsOf(doc)[0]!.words).toEqual({ after: 'See <i>there</i>.' })
  })
  it('a heading that a contents list leads to is no note', () =>
    expect(
      show(readDraft('<ul><li><a href="#environment-2">Environment</a></li></ul><h2 id="environment-2">Environment</h2><p>Mud.</p>').doc),
    ).toBe('bulletList[listItem[paragraph[Environment]]] | heading2[Environment] | paragraph[Mud.]'))
  it('what calls a note that says nothing keeps its words', () =>
    expect(show(readDraft('<p>Mud <a href="#fn1">here</a></p><p id="fn1"></p>').doc)).toBe('paragraph[Mud here]'))
  it('notes keep their words', () =>
    expect(
      citationsOf(readDraft('<p>Mud<sup><a href="#fn1">1</a></sup></p><div id="fn1">1. See the <i>survey</i>.</div>').doc)[0]!.words,
    ).toEqual({ after: 'See the <i>survey</i>.' }))
  it('hand-typed page numbers, running heads and lists are noticed, and can be taken out', () => {
    const { doc, noticed } = readDraft('<p>Vale 2</p><p>The pond silts.</p><p>3</p><p>Works Cited</p><p>Tremayne, L. Tide. 2018.</p>')
    expect(noticed.map(n => n.what)).toEqual(['running head', 'page number', 'reference list'])
    expect(show(withoutNoticed(doc, noticed))).toBe('paragraph[The pond silts.]')
  })
  it.each<[string, string, string[]]>([
    ['labels of the text are no running heads', '<p>Chapter 3</p><p>Table 1</p><p>Figure 2</p><p>Part 2</p><p>Vale 7</p>', ['Vale 7']],
    [
      'a line that comes back with another number',
      '<p>Mending the Mill 1</p><p>x</p><p>Mending the Mill 2</p><p>y</p><p>Mending the Mill 3</p>',
      ['Mending the Mill 1', 'Mending the Mill 2', 'Mending the Mill 3'],
    ],
    ['a sentence is not', '<p>It has 3 gates.</p><p>It has 4 gates.</p><p>It has 5 gates.</p>', []],
    ['page numbers of every sort', '<p>12</p><p>– 12 –</p><p>Page 3 of 9</p><p>2021</p>', ['12', '– 12 –', 'Page 3 of 9']],
    ['a part of the text named “Sources” is no list', '<h2>Sources</h2><p>I asked the miller.</p><p>She knew.</p>', []],
    [
      'a list ends where an appendix begins',
      '<p>References</p><p>Fell, T. (2020). Mud.</p><p>Appendix A</p><p>What was asked.</p>',
      ['References'],
    ],
    [
      'the last of two headings',
      '<p>References</p><p>are due on Monday.</p><p>Works Cited</p><p>Fell, T. <i>Mud</i>. 2020.</p>',
      ['Works Cited'],
    ],
  ])('noticed: %s', (_, html, words) => expect(readDraft(html).noticed.map((one) => one.words)).toEqual(words))
  it('an appendix behind a list stays in the text', () => {
    const { doc, noticed } = readDraft(
      '<p>Text.</p><h1>References</h1><h2>Primary sources</h2><p>Fell, T. (2020). Mud.</p><h1>Appendix A</h1><p>What was asked in 2020.</p>',
    )
    expect(show(withoutNoticed(doc, noticed))).toBe('paragraph[Text.] | heading1[Appendix A] | paragraph[What was asked in 2020.]')
    expect(referencesIn(doc, noticed[0]!)).toEqual(['Fell, T. (2020). Mud.'])
    expect(noticedIn([])).toEqual([])
  })
  it('depth and size are bounded', () => expect(() => readDraft('<div>'.repeat(5000) + 'x'.repeat(100_000))).not.toThrow())
})

describe('a whole draft', () => {
  it('is told apart: title, text, list', () => {
    const { doc, title, noticed } = readDraft(
      '<h1>Should It Turn?</h1><p>The pond silts.</p><h2>References</h2><p>Tremayne, L. (2018). <em>Working the tide</em>.</p><p>Hale, P. (2019). Ten &lt; years.</p>',
      { whole: true },
    )
    expect([title, show(withoutNoticed(doc, noticed)), referencesIn(doc, noticed[0]!)]).toEqual([
      'Should It Turn?',
      'paragraph[The pond silts.]',
      ['Tremayne, L. (2018). <i>Working the tide</i>.', 'Hale, P. (2019). Ten < years.'],
    ])
  })
  it('as plain text', () =>
    expect(show(readDraft(textToHtml('One line.\n\nTwo < three.')).doc)).toBe('paragraph[One line.] | paragraph[Two < three.]'))
  it('as text out of a PDF: broken lines joined, paragraphs kept', () =>
    expect(
      show(
        readDraft(
          textToHtml(
            'The pond at Carewick remembers what the mill for-\ngot, and the tide comes fifty minutes later each\nday. It silts.\nThen the wheel stops, and no one on the river can\nsay in which year.',
          ),
        ).doc,
      ),
    ).toBe(
      'paragraph[The pond at Carewick remembers what the mill forgot, and the tide comes fifty minutes later each day. It silts.] | paragraph[Then the wheel stops, and no one on the river can say in which year.]',
    ))
  it('as text of one line a paragraph', () =>
    expect(show(readDraft(textToHtml('First.\nSecond line.\nThird.')).doc)).toBe(
      'paragraph[First.] | paragraph[Second line.] | paragraph[Third.]',
    ))
  it.each<[string, string, string]>([
    [
      'a bibliography typed by hand',
      '\\begin{thebibliography}{9}\n\\bibitem{a} Fell, U. \\newblock \\emph{Mud}. 2020.\n\\bibitem[Hale]{b} Hale, P. Ten \\& one. 2019.\n\\end{thebibliography}',
      'heading2[References] | paragraph[Fell, U. i(Mud). 2020.] | paragraph[Hale, P. Ten & one. 2019.]',
    ],
    [
      'a table with its caption',
      '\\begin{table}[h]\n\\centering\n\\begin{tabular}{l|r}\\hline A & \\textit{B} \\\\ 1 & 2 \\\\ \\hline\\end{tabular}\n\\caption{Depths}\n\\end{table}',
      'table[tableRow[tableCell[paragraph[A]]tableCell[paragraph[i(B)]]]tableRow[tableCell[paragraph[1]]tableCell[paragraph[2]]]] | paragraph[Depths]',
    ],
    [
      'an equation as it was typed',
      'So\n\\begin{equation}\nE = mgh < 3\n\\end{equation}\nit is.',
      'paragraph[So] | paragraph[E = mgh < 3] | paragraph[it is.]',
    ],
    [
      'a figure’s caption, not its file',
      '\\begin{figure}\\includegraphics[width=3cm]{wheel.png}\\caption{The wheel}\\end{figure}',
      'paragraph[The wheel]',
    ],
    [
      'nothing of comments and drawings',
      'a\\begin{comment}gone\\end{comment}\\begin{tikzpicture}\\draw x;\\end{tikzpicture}b',
      'paragraph[a] | paragraph[b]',
    ],
  ])('as LaTeX: %s', (_, tex, result) => expect(show(readDraft(texToHtml(tex).html).doc)).toBe(result))
  it('as LaTeX', () => {
    const { html, title } = texToHtml(
      '\\documentclass{article}\n\\title{Mud \\& Men}\n\\begin{document}\n\\maketitle\n\\section{The Pond}\nIt \\emph{silts} --- % a remark\nslowly~\\citep[p. 4]{okonjo-2021}.\\footnote{See \\textit{there}.}\n\n\\begin{quote}\nMud remembers.\n\\end{quote}\n\\begin{itemize}\\item One \\item Two\\end{itemize}\n\\begin{comment}gone\\end{comment}\n\\end{document}',
    )
    const { doc } = readDraft(html)
    expect(title).toBe('Mud & Men')
    expect(show(doc)).toBe(
      'heading1[The Pond] | paragraph[It i(silts) — slowly \\citep[p. 4]{okonjo-2021}.◊] | blockquote[paragraph[Mud remembers.]] | bulletList[listItem[paragraph[One]]listItem[paragraph[Two]]]',
    )
    expect(show(citeIn(doc, key => key).doc)).toContain('slowly ◊.◊')
  })
})

describe('LaTeX citations', () => {
  const idOf = (key: string) => ({ a: 'A', b: 'B' })[key]
  it.each<[string, CitationData]>([
    ['\\cite{a}', { items: [{ id: 'A', locator: undefined }], form: 'parenthetical' }],
    [
      '\\cite[p.~4]{a,b}',
      {
        items: [
          { id: 'A', locator: undefined },
          { id: 'B', locator: page('4') as never },
        ],
        form: 'parenthetical',
      },
    ],
    ['\\parencite[see][104]{a}', { items: [{ id: 'A', locator: page('104') as never, prefix: 'see' }], form: 'parenthetical' }],
    ['\\textcite{b}', { items: [{ id: 'B', locator: undefined }], form: 'narrative' }],
    ['\\citet*{b}', { items: [{ id: 'B', locator: undefined }], form: 'narrative' }],
    ['\\citeyear{a}', { items: [{ id: 'A', locator: undefined }], form: 'suppress-author' }],
    ['\\citep[on silt]{a}', { items: [{ id: 'A', locator: undefined, suffix: 'on silt' }], form: 'parenthetical' }],
  ])('%s', (text, data) => expect(readLatexCitations(`x ${text} y`, idOf)).toEqual(['x ', data, ' y']))
  it('an unknown key stays as it was typed', () => expect(readLatexCitations('x \\cite{zz} y', idOf)).toEqual(['x \\cite{zz} y']))
})

describe('typed citations', () => {
  const typed = new TypedCitations(sources, { numbered: ['vasquez-2019', 'abara-2022', 'okonjo-2021'] })
  const say = (text: string) =>
    typed
      .read(text)
      .map((piece) =>
        typeof piece === 'string'
          ? piece
          : `${piece.sure ? '' : '?'}${piece.data.form[0]}:${piece.data.items.map((i) => [i.prefix, i.id, i.locator?.place].filter(Boolean).join(' ')).join('; ')}`,
      )
  it.each<[string, string[]]>([
    ['It silts (Okonjo, 2021, p. 104).', ['It silts ', 'p:okonjo-2021 104', '.']],
    ['As Okonjo (2021) found', ['As ', 'n:okonjo-2021', ' found']],
    ['As Vasquez and Thorne (2019, p. 58) found', ['As ', 'n:vasquez-2019 58', ' found']],
    ['(Abara et al., 2022; Vasquez & Thorne, 2019)', ['p:abara-2022; vasquez-2019']],
    ['(see Hale & Mistry, 2019, p. 31)', ['p:see hale-2019 31']],
    ['(Marine Planning Agency, 2020)', ['p:marine-planning-agency-2020']],
    ['(Tremayne 41)', ['p:tremayne-2018 41']],
    ['(“Visiting the Old Mill Pond,” n.d.)', ['p:visiting-the']],
    [
      '[1], [2, p. 5] and [1]–[3] and [1, 3]',
      [
        'p:vasquez-2019; abara-2022 5',
        ' and ',
        'p:vasquez-2019; abara-2022; okonjo-2021',
        ' and ',
        'p:vasquez-2019; okonjo-2021',
      ],
    ],
    ['nothing (in brackets, 2021) and (Nobody, 1999) and [9]', ['nothing (in brackets, 2021) and (Nobody, 1999) and [9]']],
    ['(Okonjo, 2020)', ['(Okonjo, 2020)']],
    // A place behind a name in its sentence, and a title alone: likely.
    ['As Okonjo argues, ponds fill (104).', ['As Okonjo argues, ponds fill ', '?s:okonjo-2021 104', '.']],
    ['Tremayne waits (9).', ['Tremayne waits ', '?s:tremayne-2018 9', '.']],
    ['Okonjo’s ponds “fill” (pp. 104–6).', ['Okonjo’s ponds “fill” ', '?s:okonjo-2021 104–6', '.']],
    ['Okonjo says so. Ponds fill (104).', ['Okonjo says so. Ponds fill (104).']],
    ['Okonjo and Tremayne differ (104).', ['Okonjo and Tremayne differ (104).']],
    ['Okonjo wrote it later (2021).', ['Okonjo wrote it later (2021).']],
    ['Okonjo counted the ponds (12).', ['Okonjo counted the ponds (12).']],
    ['Ponds fill (“Silt, Salt, and Patience”).', ['Ponds fill ', '?p:okonjo-2021', '.']],
    ['Ponds fill ("Silt, Salt, and Patience" 104).', ['Ponds fill ', '?p:okonjo-2021 104', '.']],
    ['Ponds fill (“Silt,” 104).', ['Ponds fill ', '?p:okonjo-2021 104', '.']],
    ['The pond is open (“Visiting the Old Mill Pond”).', ['The pond is open ', 'p:visiting-the', '.']],
    ['They call it rest (“the long sleep”).', ['They call it rest (“the long sleep”).']],
  ])('%s', (text, pieces) => expect(say(text)).toEqual(pieces))
  it('what fits two sources is likely, not sure', () => {
    const two = new TypedCitations([...sources, { id: 'other', kind: 'book', fields: { ...SOURCES[0]!.fields, title: 'Another' } }])
    expect(two.read('(Okonjo, 2021)').map(p => typeof p !== 'string' && p.sure)).toEqual([false])
    const doc: DocNode = {
      type: 'doc',
      content: [{ type: 'paragraph', content: [{ type: 'text', text: 'a (Okonjo, 2021) b [ref: nobody-1999]' }] }],
    }
    const first = citeIn(doc, () => undefined, two)
    expect([first.made, first.typed.length, first.unknown, show(first.doc)]).toEqual([
      0,
      1,
      ['nobody-1999'],
      'paragraph[a (Okonjo, 2021) b [ref: nobody-1999]]',
    ])
    expect(show(citeIn(doc, () => undefined, two, () => true).doc)).toBe('paragraph[a ◊ b [ref: nobody-1999]]')
  })
})

describe('finding a source to cite', () => {
  const best = (typed: string) =>
    sources
      .map((s) => [s.id, fit(typed, searchText(s, s.id === 'rask-2019' ? ['the gate is the mill’s only clock'] : []))] as const)
      .filter(([, n]) => n > 0)
      .sort((a, b) => b[1] - a[1])[0]?.[0]
  it.each<[string, string | undefined]>([
    ['okonjo', 'okonjo-2021'],
    ['thorne 2019', 'vasquez-2019'],
    ['silt patience', 'okonjo-2021'],
    ['okonho', 'okonjo-2021'],
    ['rask-2019', 'rask-2019'],
    ['only clock', 'rask-2019'],
    ['2012', 'aldous-2012'],
    ['mill trails', 'gill-2023'],
    ['tremayn', 'tremayne-2018'],
    ['xyzzy', undefined],
  ])('%s', (typed, id) => expect(best(typed)).toBe(id))
})

describe('a quotation and its passage', () => {
  const PASSAGE = 'We did not notice the mud. We noticed that the flour came later, and then that people had stopped asking for it.'
  it.each<[string, string | undefined]>([
    ['We did not notice the mud.', undefined],
    ['We noticed that the flour came later . . . people had stopped asking', undefined],
    ['[They] noticed that the flour came [much] later', undefined],
    ['[w]e noticed that the flour came later', undefined],
    ['We noticed that the flour came sooner, and then', 'sooner, and then'],
    ['people had stopped … We noticed', 'We noticed'],
  ])('%s', (quotation, stray) => expect(straysFrom(quotation, PASSAGE)?.words).toBe(stray))
  it('is found before its citation', () =>
    expect([
      quotedBefore('She wrote “not the mud” and “the flour came later” ', false),
      quotedBefore('nothing quoted ', false),
      quotedBefore('All of it. ', true),
    ]).toEqual(['the flour came later', undefined, 'All of it.']))
})

it('a line in capitals before a year is looked through once', () => {
  const line = `${'THE RIVER THAT TURNED AROUND AND THE NORTHMERE HARBOUR OFFICE OF TOWNS '.repeat(40)}(2021)`
  expect(new TypedCitations([]).read(line)).toEqual([line])
})
