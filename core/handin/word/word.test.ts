import { strFromU8, unzipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import type { DocNode } from '../../sheet/document'
import type { Source } from '../../source/model'
import { styleOf } from '../../styles'
import { writeWord } from './word'

const SOURCES: Source[] = [
  {
    id: 'a',
    kind: 'book',
    fields: {
      author: [{ family: 'Tremayne', given: 'Loveday' }],
      issued: { start: { year: 2018 } },
      title: 'Working the tide',
      publisher: 'Saltmarsh Press',
    },
  },
  {
    id: 'b',
    kind: 'book',
    fields: {
      author: [{ family: 'Aldous', given: 'Henry' }],
      issued: { start: { year: 2012 } },
      title: 'The engineer’s shore',
      publisher: 'Lowwater Books',
    },
  },
]
const styleIn = (xml: string, id: string): string => new RegExp(`<w:style [^>]*w:styleId="${id}".*?</w:style>`, 'su').exec(xml)?.[0] ?? ''
const cite = (id: string): DocNode => ({ type: 'citation', attrs: { id: `c-${id}`, data: { items: [{ id }], form: 'parenthetical' } } })
const BODY: DocNode = {
  type: 'doc',
  content: [
    { type: 'heading', attrs: { level: 1 }, content: [{ type: 'text', text: 'Mud & gates' }] },
    {
      type: 'paragraph',
      content: [
        { type: 'text', text: 'A mill ' },
        cite('a'),
        { type: 'text', text: '. ' },
        { type: 'text', text: 'Zostera', marks: [{ type: 'italic' }] },
      ],
    },
    { type: 'blockquote', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'We did not notice.' }] }] },
  ],
}
const DETAILS = { writer: 'Tamsin Vale', instructor: 'Dr. Nolan', course: 'GEO 214', institution: 'Northmere', date: 'May 12, 2025' }

async function open(style: string, annotations = new Map<string, string>()) {
  const buffer = await writeWord({
      style: styleOf(style)!,
      title: 'A Tide Mill',
      details: DETAILS,
      body: BODY,
      sources: SOURCES,
      alsoList: ['b'],
      annotations,
  })
  const parts = unzipSync(buffer)
  const xml = (name: string) => (parts[name] ? strFromU8(parts[name]) : '')
  const text = (from: string) =>
    [...from.matchAll(/<w:p[ >].*?<\/w:p>/gsu)].map(([p]) =>
      [...p.matchAll(/<w:t[^>]*>([^<]*)<\/w:t>/gu)]
        .map((m) => m[1])
        .join('')
        .replace(/&amp;/gu, '&'),
    )
  const body = xml('word/document.xml')
  return {
    body,
    paragraphs: text(body),
    styles: xml('word/styles.xml'),
    footnotes: xml('word/footnotes.xml'),
    header: Object.keys(parts)
      .filter((k) => /header\d/u.test(k))
      .map(xml)
      .join(''),
  }
}

describe('the word-processor document', () => {
  it('has a title page in APA, the list in order on its own page with hanging indents, double spacing', async () => {
    const { body, paragraphs, header, styles } = await open('apa-7')
    expect(paragraphs.slice(0, 6)).toEqual(['A Tide Mill', 'Tamsin Vale', 'Northmere', 'GEO 214', 'Dr. Nolan', 'May 12, 2025'])
    expect(paragraphs).toContain('A mill (Tremayne, 2018). Zostera')
    expect(paragraphs.slice(-3)).toEqual([
      'References',
      'Aldous, H. (2012). The engineer’s shore. Lowwater Books.',
      'Tremayne, L. (2018). Working the tide. Saltmarsh Press.',
    ])
    expect(body).toMatch(/<w:pageBreakBefore\/>/u)
    expect(body.match(/<w:pStyle w:val="ListOfWorksEntry"\/>/gu)).toHaveLength(2)
    expect(styleIn(styles, 'ListOfWorksEntry')).toMatch(/w:line="480".*w:left="720".*w:hanging="720"/su)
    // Nothing is set on a paragraph that its style could say.
    expect(body).not.toMatch(/<w:ind |<w:spacing |w:rFonts/u)
    expect(header).toContain('PAGE')
  })
  it('has a heading block and the surname in the running head in MLA', async () => {
    const { paragraphs, header } = await open('mla-9')
    expect(paragraphs.slice(0, 5)).toEqual(['Tamsin Vale', 'Dr. Nolan', 'GEO 214', '12 May 2025', 'A Tide Mill'])
    expect(paragraphs).toContain('Works Cited')
    expect(header).toContain('Vale ')
    expect(header).toContain('PAGE')
  })
  it('keeps italics, and indents block quotations', async () => {
    const { body, styles } = await open('apa-7')
    expect(body).toMatch(/<w:i\/>(?:(?!<\/w:r>).)*Zostera/su)
    expect(body).toMatch(/<w:i\/>(?:(?!<\/w:r>).)*Working the tide/su)
    expect(body).toMatch(/<w:pStyle w:val="BlockQuotation"\/>(?:(?!<\/w:p>).)*We did not notice/su)
    expect(styleIn(styles, 'BlockQuotation')).toMatch(/<w:ind w:left="720"/u)
  })
  it('has real footnotes, their number behind the full stop', async () => {
    const { body, footnotes } = await open('chicago-18-notes')
    expect(footnotes).toContain('Loveday Tremayne')
    expect(body).toMatch(/A mill<\/w:t>.*?>\.<\/w:t>.*?<w:footnoteReference w:id="1"\/>/su)
    expect(body.match(/footnoteReference w:id/gu)).toHaveLength(1)
    // Full-size with a stop before the note (Turabian 9, 16.3.4), raised in the text; its words do not touch it.
    expect(footnotes).toMatch(/<w:rStyle w:val="NoteNumber"\/><\/w:rPr><w:footnoteRef\/><\/w:r>.*?>\. <\/w:t>/su)
    expect(body).toMatch(/<w:rStyle w:val="FootnoteReference"\/><\/w:rPr><w:footnoteReference/u)
  })
  it('numbers the list where the style does, and raises numbers', async () => {
    const { paragraphs } = await open('ieee')
    expect(paragraphs).toContain('[1]L. Tremayne, Working the Tide. Saltmarsh Press, 2018.')
    const { body } = await open('nature')
    expect(body).toMatch(/<w:vertAlign w:val="superscript"\/>(?:(?!<\/w:r>).)*>1</su)
  })
  it('prints annotations under their entries', async () => {
    const { paragraphs } = await open('apa-7', new Map([['b', 'A useful survey.']]))
    expect(paragraphs.at(-2)).toBe('A useful survey.')
  })
})

describe('what a paper holds, in the document', () => {
  const word = (text: string, ...marks: string[]): DocNode => ({
    type: 'text',
    text,
    ...(marks.length
      ? { marks: marks.map((type) => (type === 'link' ? { type, attrs: { href: 'https://x.example/a' } } : { type })) }
      : {}),
  })
  const p = (...content: DocNode[]): DocNode => ({ type: 'paragraph', content })
  const item = (text: string): DocNode => ({ type: 'listItem', content: [p(word(text))] })
  const note: DocNode = {
    type: 'citation',
    attrs: { id: 'n', data: { items: [], form: 'parenthetical', words: { after: 'Never finished.' } } },
  }
  const PIXEL = 'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='
  const body: DocNode = {
    type: 'doc',
    content: [
      { type: 'heading', attrs: { level: 4 }, content: [word('Fourth')] },
      p(
        word('Lined', 'underline'),
        word('caps', 'smallCaps'),
        word('2', 'subscript'),
        word('there', 'link'),
        word('ask Dr. Nolan', 'remark'),
        note,
        word('.'),
      ),
      { type: 'orderedList', content: [item('one'), item('two')] },
      { type: 'bulletList', content: [item('gate')] },
      { type: 'verse', content: [word('The gate fell'), { type: 'hardBreak' }, word('and rose')] },
      {
        type: 'table',
        attrs: { title: 'Ponds and <i>depths</i>' },
        content: [
          {
            type: 'tableRow',
            content: [
              { type: 'tableHeader', content: [p(word('Pond'))] },
              { type: 'tableHeader', content: [p(word('Depth'))] },
            ],
          },
          {
            type: 'tableRow',
            content: [
              { type: 'tableCell', content: [p(word('A'))] },
              { type: 'tableCell', content: [p(cite('a'))] },
            ],
          },
        ],
      },
      { type: 'figure', attrs: { src: PIXEL, alt: 'A pond, drawn', credit: 'Note. From there.' }, content: [word('The pond.')] },
      { type: 'pageBreak' },
      p(word('After.')),
    ],
  }
  async function parts(details: Record<string, string> = {}) {
    const buffer = await writeWord({ style: styleOf('apa-7')!, title: 'T', details, body, sources: SOURCES, alsoList: [] })
    const files = unzipSync(buffer)
    return {
      files: Object.keys(files),
      body: strFromU8(files['word/document.xml']!),
      notes: strFromU8(files['word/footnotes.xml'] ?? new Uint8Array()),
      ends: strFromU8(files['word/endnotes.xml'] ?? new Uint8Array()),
      numbering: strFromU8(files['word/numbering.xml'] ?? new Uint8Array()),
    }
  }
  it('every mark and block is real, and remarks are not there', async () => {
    const { body: xml, notes, numbering, files } = await parts()
    for (const tag of [
      '<w:u ',
      '<w:smallCaps/>',
      '<w:vertAlign w:val="subscript"/>',
      '<w:hyperlink ',
      '<w:tbl>',
      '<w:br w:type="page"/>',
      '<w:numPr>',
      'w:val="RunInHeading"',
    ])
      expect(xml).toContain(tag)
    expect(xml).not.toContain('ask Dr. Nolan')
    expect(xml).toMatch(/The gate fell.*<w:br\/>.*and rose/su)
    expect(xml.replace(/<[^>]+>/gu, '')).toContain('(Tremayne, 2018)')
    expect(xml).toContain('descr="A pond, drawn"')
    // APA sets number and title above, on lines of their own (7.24), and the note below.
    const lines = [...xml.matchAll(/<w:p>.*?<\/w:p>/gsu)].map(([p]) =>
      p.includes('<w:drawing>') ? '[picture]' : p.replace(/<[^>]+>/gu, ''),
    )
    expect(lines.slice(lines.indexOf('Figure 1'), lines.indexOf('Figure 1') + 4)).toEqual([
      'Figure 1',
      'The pond.',
      '[picture]',
      'Note. From there.',
    ])
    expect(lines.slice(lines.indexOf('Table 1'), lines.indexOf('Table 1') + 3)).toEqual(['Table 1', 'Ponds and depths', 'Pond'])
    expect(files.some(name => name.startsWith('word/media/'))).toBe(true)
    expect(numbering).toContain('w:val="decimal"')
    // A paragraph has one style.
    expect(xml).not.toMatch(/<w:pPr>(?:(?!<\/w:pPr>).)*<w:pStyle [^>]*>(?:(?!<\/w:pPr>).)*<w:pStyle/su)
    // A content note in a style that cites in the text (APA 7, 2.13).
    expect(notes).toContain('Never finished.')
    expect(xml).toMatch(/<w:footnoteReference w:id="1"\/>/u)
  })
  it.each<[string, string, object, string]>([
    [
      'a name in the sentence keeps its place before the comma',
      'chicago-18-notes',
      { items: [{ id: 'a' }], form: 'narrative' },
      'So Tremayne,#1 writes',
    ],
    ['a note stands behind it', 'chicago-18-notes', { items: [{ id: 'a' }], form: 'parenthetical' }, 'So,#1 writes'],
    [
      'a content note behind a citation',
      'apa-7',
      { items: [{ id: 'a' }], form: 'parenthetical', words: { after: 'x' } },
      'So (Tremayne, 2018),#1 writes',
    ],
    ['a number', 'nature', { items: [{ id: 'a' }], form: 'parenthetical' }, 'So,^1 writes'],
  ])('%s', async (_, id, data, line) => {
    const doc: DocNode = { type: 'doc', content: [p(word('So '), { type: 'citation', attrs: { id: 'n', data } }, word(', writes'))] }
    const xml = strFromU8(
      unzipSync(
        await writeWord({ style: styleOf(id)!, title: 'T', details: {}, body: doc, sources: SOURCES, alsoList: [] }),
      )['word/document.xml']!,
    )
    const [para] = [...xml.matchAll(/<w:p>.*?<\/w:p>/gsu)]
      .map((one) =>
        one[0]
          .replace(/<w:r><w:rPr><w:vertAlign w:val="superscript"\/><\/w:rPr>/gu, '^')
          .replace(/<w:footnoteReference w:id="(\d+)"\/>/gu, '#$1')
          .replace(/<[^>]+>/gu, ''),
      )
      .filter((one) => one.startsWith('So'))
    expect(para).toBe(line)
  })
  it('notes print at the end where the writer asks', async () => {
    const { body: xml, ends } = await parts({ notes: 'endnotes' })
    expect(xml).toMatch(/<w:endnoteReference w:id="1"\/>/u)
    expect(ends).toContain('Never finished.')
  })
})

it('holds no character that a document cannot', async () => {
  const bad = 'a\uFFFEb\uFFFFc\u0000d\u000Be\uD800f\u001Fg'
  const body = {
    type: 'doc',
    content: [
      { type: 'paragraph', content: [{ type: 'text', text: bad }] },
      { type: 'figure', attrs: { alt: bad, credit: bad }, content: [{ type: 'text', text: bad }] },
    ],
  }
  const source: Source = { id: 's', kind: 'book', fields: { author: [{ family: bad }], title: bad, publisher: bad } }
  const files = unzipSync(
    await writeWord({
        style: styleOf('apa-7')!,
        title: bad,
        details: { author: bad },
        body,
        sources: [source],
        alsoList: ['s'],
        annotations: new Map([['s', bad]]),
    }),
  )
  for (const [name, bytes] of Object.entries(files))
    if (/\.xml$|\.rels$/u.test(name))
      expect(strFromU8(bytes), name).not.toMatch(/[^\t\n\r\u{20}-\u{D7FF}\u{E000}-\u{FFFC}\u{10000}-\u{10FFFF}]/u)
  expect(strFromU8(files['word/document.xml']!)).toContain('abcdefg')
})

describe('styles and structure', () => {
  const p = (text: string): DocNode => ({ type: 'paragraph', content: [{ type: 'text', text }] })
  const all: DocNode = {
    type: 'doc',
    content: [
      { type: 'heading', attrs: { level: 1 }, content: [{ type: 'text', text: 'Mud' }] }, p('Text.'),
      { type: 'blockquote', content: [p('Said.')] }, { type: 'verse', content: [{ type: 'text', text: 'Line' }] },
      { type: 'bulletList', content: [{ type: 'listItem', content: [p('Point')] }] },
      { type: 'table', attrs: { title: 'Ponds', credit: 'By hand.' }, content: [{ type: 'tableRow', content: [{ type: 'tableHeader', content: [p('a')] }] }, { type: 'tableRow', content: [{ type: 'tableCell', content: [p('b')] }] }] },
      { type: 'paragraph', content: [{ type: 'text', text: 'So' }, { type: 'citation', attrs: { id: 'n', data: { items: [], form: 'parenthetical', words: { after: 'A note.' } } } }] },
    ],
  }
  const FRONT = { ...DETAILS, abstract: 'In short.', keywords: 'mud', authorNote: 'Of no account.', acknowledgements: 'To all.', contents: 'yes' }
  async function parts(style: string, details: Record<string, string> = FRONT) {
    const files = unzipSync(await writeWord({ style: styleOf(style)!, title: 'A Tide Mill', details, body: all, sources: SOURCES, alsoList: ['b'], annotations: new Map([['b', 'Of use.']]) }))
    return (name: string) => strFromU8(files[`word/${name}.xml`] ?? new Uint8Array())
  }
  it.each(['apa-7', 'apa-6', 'mla-9', 'chicago-18-notes', 'harvard', 'ieee', 'mhra-3'])('%s: every paragraph is in a style that the document has, and no style is said again on it', async (style) => {
    const xml = await parts(style)
    const [body, styles] = [xml('document'), xml('styles')]
    const used = new Set([...`${body}${xml('footnotes')}`.matchAll(/<w:pStyle w:val="(\w+)"/gu)].map(([, id]) => id!))
    for (const id of used) expect(styles, id).toContain(`w:styleId="${id}"`)
    const paragraphs = [...body.matchAll(/<w:p>.*?<\/w:p>/gsu)].map(([one]) => one).filter(one => /<w:t[ >]/u.test(one))
    for (const one of paragraphs) expect(one).toContain('<w:pStyle ')
    expect(body).not.toMatch(/w:rFonts|<w:sz /u)
  })
  it('has a field for its contents, its headings in the outline, and bookmarks that it leads to', async () => {
    const xml = await parts('chicago-18-notes')
    expect(xml('document')).toMatch(/TOC /u)
    expect(xml('document')).toMatch(/<w:bookmarkStart w:name="heading_0"/u)
    expect(styleIn(xml('styles'), 'ListOfWorksHeading')).toContain('<w:outlineLvl w:val="0"/>')
  })
  it('numbers what stands before the text in roman, the text from 1, and has no number on a title page', async () => {
    const sections = [...(await parts('chicago-18-notes'))('document').matchAll(/<w:sectPr.*?<\/w:sectPr>/gsu)].map(([one]) => one)
    expect(sections).toHaveLength(2)
    expect(sections[0]).toMatch(/<w:pgNumType w:fmt="lowerRoman"\/>.*<w:titlePg\/>/su)
    expect(sections[1]).toMatch(/<w:pgNumType w:start="1" w:fmt="decimal"\/>/u)
  })
  it.each([['letter', '12240', '15840'], ['a4', '11906', '16838']])('is on %s paper', async (paperSize, width, height) => {
    expect((await parts('mla-9', { paperSize }))('document')).toContain(`<w:pgSz w:w="${width}" w:h="${height}"`)
  })
  it('has two columns, numbered lines and straight edges where they are wanted', async () => {
    const xml = await parts('ieee', { columns: 'yes', lineNumbers: 'yes' })
    expect(xml('document')).toMatch(/<w:cols [^>]*w:num="2"/u)
    expect(xml('document')).toContain('<w:lnNumType')
    expect(styleIn(xml('styles'), 'BodyText')).toContain('<w:jc w:val="both"/>')
  })
  it('has its face in one place, and another where it is chosen', async () => {
    const styles = (await parts('apa-7', { face: 'Calibri' }))('styles')
    expect(styleIn(styles, 'BodyText')).toMatch(/w:ascii="Calibri".*<w:sz w:val="22"\/>/su)
    expect(styles).not.toContain('Times New Roman')
  })
  it('has the words "Running head" on the first page of an APA 6 paper alone', async () => {
    const files = unzipSync(await writeWord({ style: styleOf('apa-6')!, title: 'A Tide Mill', details: DETAILS, body: all, sources: [], alsoList: [] }))
    const heads = Object.entries(files).filter(([name]) => /header\d/u.test(name)).map(([, bytes]) => strFromU8(bytes).replace(/<[^>]+>/gu, ' '))
    expect(heads.filter(one => one.includes('Running head: A TIDE MILL'))).toHaveLength(1)
    expect(heads.filter(one => one.includes('A TIDE MILL'))).toHaveLength(2)
  })
})
