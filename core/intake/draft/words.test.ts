/** No word is lost: whatever a draft or a pasted page nests in whatever, its words come through, in order. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { stripRich } from '../../text/rich'
import type { CitationData, DocNode } from '../../sheet/document'
import { SOURCES } from '../../../server/db/demo/sources'
import { readDraft, textToHtml } from './draft'
import { citeIn } from './citations'
import { citeNotes } from './notes'
import { TypedCitations } from './typed-citations'
import { texToHtml } from '../tex/draft'
import { placeAll } from '../../sheet/placement'

const TAGS = [
  'p',
  'div',
  'span',
  'i',
  'b',
  'u',
  'sup',
  'sub',
  'a',
  'h1',
  'h2',
  'h6',
  'ul',
  'ol',
  'li',
  'blockquote',
  'table',
  'tbody',
  'tr',
  'td',
  'th',
  'caption',
  'figure',
  'figcaption',
  'pre',
  'dl',
  'dt',
  'dd',
  'section',
  'center',
  'font',
  'em',
  'form',
  'details',
  'summary',
  'body',
  'nav',
]
const STYLES = [
  '',
  ' style="margin-left:0.5in"',
  ' style="mso-list:l0"',
  ' style="font-style:italic"',
  ' id="fn1"',
  ' href="#fn1"',
  ' id="footnote-2"',
  ' href="#footnote-2"',
  ' href="https://x.example"',
]
let n = 0
const word = () => `w${(n++).toString(36)}x`
const tree: fc.Arbitrary<string> = fc.letrec<{ node: string }>((tie) => ({
  node: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc.constant('').map(() => ` ${word()} `),
    fc.constantFrom('<br>', '<hr>', '<!-- no -->', '<img src="https://x.example/p.png">'),
    fc
      .tuple(fc.constantFrom(...TAGS), fc.constantFrom(...STYLES), fc.array(tie('node'), { maxLength: 4 }))
      .map(([tag, style, inside]) => `<${tag}${style}>${inside.join('')}</${tag}>`),
  ),
})).node
const wordsOf = (node: DocNode): string => {
  const data = node.attrs?.data as CitationData | undefined
  return [
    node.text ?? '',
    typeof node.attrs?.title === 'string' ? ` ${node.attrs.title} ` : '',
    data
      ? ` ${stripRich([data.words?.before, ...data.items.flatMap((i) => [i.prefix, i.suffix]), data.words?.after].filter(Boolean).join(' '))} `
      : '',
    ...(node.content ?? []).map(wordsOf),
    node.type === 'text' ? '' : ' ',
  ].join('')
}
const found = (text: string) => [...new Set(text.match(/w[0-9a-z]+x/gu) ?? [])].sort()

describe('no word is lost', () => {
  it('from HTML of any nesting, whole or pasted', () =>
    fc.assert(
      fc.property(fc.array(tree, { minLength: 1, maxLength: 8 }), fc.boolean(), (nodes, whole) => {
        const html = nodes.join('')
        const { doc, title } = readDraft(html, { whole })
        expect(found(`${title ?? ''} ${wordsOf(doc)}`)).toEqual(found(html))
      }),
      { numRuns: 1500 },
    ))
  it('from very deep nesting', () =>
    expect(wordsOf(readDraft(`${'<div><i>'.repeat(4000)}deep words<p>here</p>`).doc)).toMatch(/deep words\s+here/u))
  it('from plain text of any lines', () =>
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.constantFrom('\n', '\n\n', ' ', '  \n', '. ', '<', '&', '\t'), fc.constant('').map(word)), { maxLength: 80 }),
        (pieces) => {
          expect(found(wordsOf(readDraft(textToHtml(pieces.join(' '))).doc))).toEqual(found(pieces.join(' ')))
        },
      ),
      { numRuns: 300 },
    ))
  it('from LaTeX of any commands that hold words', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.oneof(
            fc.constantFrom(
              '\n\n',
              ' ',
              '\\\\',
              '\\item ',
              '\\begin{quote}',
              '\\end{quote}',
              '\\begin{itemize}',
              '\\end{itemize}',
              '~',
              '---',
              '\\begin{figure}[h]',
              '\\end{figure}',
              '\\begin{equation}',
              '\\end{equation}',
              '\\begin{tabular}{ll}',
              '\\end{tabular}',
              '&',
              '\\begin{thebibliography}{9}',
              '\\bibitem{k}',
              '\\end{thebibliography}',
            ),
            fc
              .constantFrom(
                '\\section{',
                '\\emph{',
                '\\footnote{',
                '\\textbf{',
                '\\href{https://x.example}{',
                '\\textsc{',
                '\\unknowncommand{',
                '\\caption{',
              )
              .map((open) => `${open}${word()}}`),
            fc.constant('').map(word),
          ),
          { maxLength: 40 },
        ),
        (pieces) => {
          const tex = pieces.join(' ')
          expect(found(wordsOf(readDraft(texToHtml(tex).html).doc))).toEqual(found(tex))
        },
      ),
      { numRuns: 300 },
    ))
  it('where typed citations and notes become citations, and are put in their place', () => {
    const sources = SOURCES.map(({ key, kind, fields }) => ({ id: key, kind, fields, key }))
    const typed = new TypedCitations(sources, { numbered: ['vasquez-2019'] })
    const piece = fc.oneof(
      fc.constant('').map(word),
      fc.constantFrom(
        '(Okonjo, 2021)',
        '(see Okonjo, 2021, p. 4)',
        'Okonjo (2021)',
        '[1]',
        '(',
        ')',
        '.',
        '“',
        '”',
        '[ref: okonjo-2021]',
        '[ref: see okonjo-2021, p. 4]',
        '\\cite[p. 3]{okonjo-2021}',
        ';',
        'According to',
        '?',
        ',',
      ),
    )
    fc.assert(fc.property(fc.array(piece, { maxLength: 30 }), fc.array(piece, { maxLength: 12 }), (text, note) => {
      const doc: DocNode = {
        type: 'doc',
        content: [
          {
            type: 'paragraph',
            content: [
              { type: 'text', text: `${text.join(' ')} ` },
              { type: 'citation', attrs: { id: 'a', data: { items: [], form: 'parenthetical', words: { after: note.join(' ') } } } },
              { type: 'text', text: ' end' },
            ],
          },
        ],
      }
      const made = placeAll(citeNotes(citeIn(doc, key => sources.find(s => s.key === key)?.id, typed, () => true).doc, sources).doc)
      expect(found(wordsOf(made))).toEqual(found(wordsOf(doc)))
    }), { numRuns: 800 })
  })
})
