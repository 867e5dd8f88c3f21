/** Every way out, read back by what knows the format, from one paper that holds everything. */
import { strFromU8, unzipSync } from 'fflate'
import { getDocumentProxy } from 'unpdf'
import { load } from 'cheerio'
import { describe, expect, it } from 'vitest'
import { shippedFaces } from '../../server/faces'
import { DETAILS, paper, PIXEL, SOURCES, text, WIDE, write } from '../../tests/fixtures/whole-paper'
import { readMarkdown } from '../intake/markdown'
import type { DocNode } from '../sheet/document'
import { typedLabel } from '../sheet/appendices'
import { Layouter } from '../sheet/pages/pages'
import { printPaper, type PaperToPrint } from '../sheet/print'
import { citationsOf } from '../sheet/walking'
import { escapeLatex } from './formats/latex'
import type { Way } from './way-rows'
import { fileName } from './ways'

describe('the web page', () => {
  it('says what its parts are, and leads from marks to notes and back', async () => {
    const page = load(await text('html'))
    expect(page('h1').map((_, one) => page(one).text()).get()).toEqual(['On Mud & gates'])
    expect(page('h1 i').text()).toBe('Mud')
    expect(page('main h2').text()).toBe('Mud & gates')
    expect(page('blockquote p')).toHaveLength(2)
    expect(page('main ol > li')).toHaveLength(2)
    expect(page('main ol > li ul li')).toHaveLength(2)
    expect(page('thead th').map((_, one) => page(one).text()).get()).toEqual(['Pond', 'Depth'])
    expect(page('figure img').attr('alt')).toBe('A pond, <drawn>')
    expect(page('[role=doc-endnotes] li')).toHaveLength(3)
    expect(page('[role=doc-bibliography] .entry')).toHaveLength(2)
    for (const mark of page('a[role=doc-noteref]').get()) expect(page(page(mark).attr('href')!)).toHaveLength(1)
    expect(page('html').attr('lang')).toBe('en')
  })
})

describe('Markdown', () => {
  it('keeps words that look like signs, and notes at their place', async () => {
    const out = await text('md')
    expect(out).toContain('# On *Mud* & gates')
    expect(out).toContain('A mill \\<i\\> is 50% \\_old\\_ {and} *kept*')
    expect(out).toContain('| A\\|B | 2 m |')
    expect(out).toContain('https://mill.example/how_it_works?a=1&b=2')
    expect(out).toContain('[^2]: Its *own* words, see Ros Gill')
    expect(out).toContain('1. one\n2. two\n   - inner\n   - more')
    expect(out).toContain('[there](https://x.example/a?b=1&c=2)')
  })
  it('with marks comes back as the paper that it was', async () => {
    const { body } = paper()
    const own = { ...body, content: body.content!.filter(one => one.type !== 'figure' && one.type !== 'table') }
    const back = readMarkdown(await text('marked', paper('apa-7', { body: own })), key => SOURCES.find(one => one.id === key)?.id)
    const bare = ({ type, text: own, marks, attrs, content }: DocNode): unknown =>
      ({ type, text: own, marks, level: attrs?.level, content: content?.map(bare) })
    expect(bare(back)).toEqual(bare(own))
    expect(citationsOf(back).map(one => one.items)).toEqual(citationsOf(own).map(one => one.items))
  })
})

it('plain text has lines of seventy-eight letters at most, set in as on the page', async () => {
  const lines = (await text('txt', paper('apa-7'))).split('\n')
  expect(lines.filter(line => line.length > 78)).toEqual([])
  expect(lines.find(line => line.includes('On Mud & gates'))).toMatch(/^ {30,}/u)
  expect(lines.some(line => line.startsWith('    We did not notice.'))).toBe(true)
  const entry = lines.findIndex(line => line.startsWith('Gill, R.'))
  expect(lines[entry + 1]).toMatch(/^ {4}\S/u)
})

describe('LaTeX', () => {
  it.each([
    ['50% of $5 & #1_a', '50\\% of \\$5 \\& \\#1\\_a'], ['a\\b{c}~^', 'a\\textbackslash{}b\\{c\\}\\textasciitilde{}\\textasciicircum{}'],
    ['“‘Mud’ and”', '``{}`Mud\' and\'\''], ['p.\u00A05–6', 'p.~5--6'], ['‘a’”', '`a\'{}\'\''],
  ])('%s is typed as %s', (given, wanted) => {
    expect(escapeLatex(given)).toBe(wanted)
  })
  it('is in balance, with its notes where their marks are', async () => {
    const out = await text('tex')
    let depth = 0
    for (const [sign] of out.replace(/\\[{}\\]/gu, '').matchAll(/[{}]/gu)) depth += sign === '{' ? 1 : -1
    expect(depth).toBe(0)
    const environments = [...out.matchAll(/\\(begin|end)\{(\w+)\}/gu)].map(([, side, name]) => `${side} ${name}`)
    expect(environments.filter(one => one.startsWith('begin'))).toHaveLength(environments.filter(one => one.startsWith('end')).length)
    expect(out).toContain('\\footnote{Its \\textit{own} words, see ')
    expect(out).toContain('\\url{https://mill.example/how_it_works?a=1&b=2}')
  })
  it('goes with its sources and pictures in one file', async () => {
    const parts = unzipSync(await write('texbib'))
    expect(Object.keys(parts)).toEqual(['paper.tex', 'sources.bib', 'figure-1.png'])
    expect(strFromU8(parts['paper.tex']!)).toContain('{figure-1.png}')
  })
})

describe('the open document', () => {
  it('has named styles, real notes, lists, a table with a heading row, and its picture', async () => {
    const parts = unzipSync(await write('odt'))
    expect(Object.keys(parts)[0]).toBe('mimetype')
    const content = load(strFromU8(parts['content.xml']!), { xml: true })
    const count = (name: string) => content(name.replace(':', '\\:')).length
    expect(content('text\\:h').first().attr('text:outline-level')).toBe('1')
    expect(count('text:note')).toBe(3)
    expect(count('table:table-header-rows')).toBe(1)
    expect(content('text\\:list text\\:list text\\:list-item')).toHaveLength(2)
    expect(content('svg\\:desc').text()).toBe('A pond, <drawn>')
    expect(Object.keys(parts)).toContain('Pictures/1.png')
    const styles = load(strFromU8(parts['styles.xml']!), { xml: true })
    const names = new Set(styles('style\\:style').map((_, one) => styles(one).attr('style:name')).get())
    const used = content('[text\\:style-name]').map((_, one) => content(one).attr('text:style-name')).get()
    const own = new Set(content('style\\:style').map((_, one) => content(one).attr('style:name')).get())
    for (const name of used) expect(names.has(name) || own.has(name) || ['Numbers', 'Points'].includes(name), name).toBe(true)
  })
})

describe('the PDF', () => {
  it('has the words of the sheet where the sheet has them, its title, language and tags', async () => {
    const printed = printPaper(paper())
    const { faces } = shippedFaces('tinos')
    const sheet = new Layouter(faces).lay(printed)
    const pdf = await getDocumentProxy(await write('pdf'))
    expect(pdf.numPages).toBe(sheet.pages.length)
    const { info } = await pdf.getMetadata()
    expect(info).toMatchObject({ Title: 'On Mud & gates', Author: 'Ada Moss', Language: 'en' })
    expect(await pdf.getPageLabels()).toEqual(sheet.pages.map(page => page.label))
    for (const [i, page] of sheet.pages.entries()) {
      const own = await pdf.getPage(i + 1)
      const { items } = await own.getTextContent()
      const found = items.flatMap(item => ('str' in item && item.str.trim() ? [item] : []))
      const letters = (all: string[]) => all.join('').replace(/\s/gu, '').split('').sort().join('')
      const texts = page.lines.flatMap(line => line.texts.map(one => ({ ...one, y: line.baseline - one.rise })))
      const wanted = texts.filter(one => one.text.trim())
      expect(letters(found.map(item => item.str))).toBe(letters(wanted.map(one => one.text)))
      // Every piece stands where the sheet has its words.
      for (const item of found) {
        const [x, y] = [item.transform[4] as number, sheet.height - (item.transform[5] as number)]
        const line = texts.filter(one => Math.abs(one.y - y) < 0.5)
        const [left, right] = [Math.min(...line.map(one => one.x)), Math.max(...line.map(one => one.x + one.width))]
        expect(line.map(one => one.text).join('').replace(/\s+/gu, ' '), `page ${page.label}`).toContain(item.str.trim().replace(/\s+/gu, ' '))
        expect(x).toBeGreaterThan(left - 0.5)
        expect(x + item.width).toBeLessThan(right + 0.5)
      }
    }
    const tags = JSON.stringify(await (await pdf.getPage(2)).getStructTree())
    for (const role of ['H2', 'P', 'BlockQuote', 'L', 'LI', 'Table', 'TH', 'TD', 'Note']) expect(tags, role).toContain(`"role":"${role}"`)
    expect((await pdf.getOutline())?.map(item => item.title)).toContain('Bibliography')
    const annotations = await Promise.all(sheet.pages.map(async (_, i) => (await pdf.getPage(i + 1)).getAnnotations()))
    const links = annotations.flat() as { url?: string, dest?: unknown }[]
    expect(links.some(link => link.url === 'https://x.example/a?b=1&c=2')).toBe(true)
    const names = links.flatMap(link => (typeof link.dest === 'string' ? [link.dest] : []))
    expect(names).toContain('note-1')
    for (const name of names) expect(await pdf.getDestination(name), name).not.toBeNull()
  })
})

describe('an appendix', () => {
  const heading = (text: string): DocNode => ({ type: 'heading', attrs: { level: 1, appendix: true }, content: [{ type: 'text', text }] })
  const given = paper('apa-7', { body: { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Mud.' }] }, heading('Asked'), heading('Counted')] }, details: { ...DETAILS, contents: 'yes' } })
  it.each<[Way, RegExp]>([
    ['md', /^## Appendix A\. Asked$/mu],
    ['marked', /^# Appendix B\. Counted$/mu],
    ['html', /<section role="doc-appendix" class="page">\s*<h2[^>]*>Appendix A<br>Asked<\/h2>/u],
    ['txt', /^ {20,}Appendix A\n {20,}Asked$/mu],
    ['tex', /\\addcontentsline\{toc\}\{section\}\{Appendix A\. Asked\}/u],
  ])('as %s', async (way, wanted) => expect(await text(way, given)).toMatch(wanted))
  it('is found again in the marked text that it went out in', async () => {
    const doc = readMarkdown((await text('marked', given)).replace(/^---[\s\S]*?---\n/u, ''), () => undefined)
    expect(doc.content!.flatMap(one => (one.type === 'heading' ? [typedLabel(one.content![0]!.text!)] : []))).toEqual([12, 12])
  })
  it('is in the bookmarks of the PDF, on one line', async () => {
    const outline = await (await getDocumentProxy(await write('pdf', given))).getOutline()
    expect(outline?.map(item => item.title)).toEqual(['On Mud & gates', 'Contents', 'Appendix A. Asked', 'Appendix B. Counted'])
  })
})

describe('a PDF that is to be kept', () => {
  /** Whether it says so of itself (ISO 19005-2), and what its metadata call it. */
  const kept = async (over: Partial<PaperToPrint>) => {
    const pdf = await getDocumentProxy(await write('pdf', paper('apa-7', over)))
    const { metadata } = await pdf.getMetadata()
    const raw = String((metadata as { getRaw?: () => string } | null)?.getRaw?.() ?? '')
    return { says: /<pdfaid:part>2<\/pdfaid:part>\s*<pdfaid:conformance>A</u.test(raw), title: (metadata as { get: (name: string) => string }).get('dc:title') }
  }
  const figure = (src: string): Partial<PaperToPrint> => ({ body: { type: 'doc', content: [{ type: 'figure', attrs: { src, alt: 'A pond' }, content: [] }] } })
  // A frame of 8 bits, 1 × 1, of four inks; nothing of the picture follows.
  const inks = `data:image/jpeg;base64,${Buffer.from([0xFF, 0xD8, 0xFF, 0xC0, 0, 20, 8, 0, 1, 0, 1, 4, 1, 17, 0, 2, 17, 0, 3, 17, 0, 4, 17, 0, 0xFF, 0xD9]).toString('base64')}`
  it.each<[string, boolean, Partial<PaperToPrint>]>([
    ['as a paper’s is', true, {}],
    ['not with letters that no face of it has', false, { body: { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: '𓀀' }] }] } }],
    ['with a picture of the screen’s colours', true, figure(PIXEL)],
    ['not with one of inks', false, figure(inks)],
  ])('%s', async (_, wanted, over) => expect((await kept(over)).says).toBe(wanted))
  it('has its title whole, whatever letters stand in it', async () =>
    expect((await kept({ title: 'Mud & <Silt>' })).title).toBe('Mud & <Silt>'))
})

describe('whatever a paper holds, every way out is written', () => {
  const bad = 'a\uFFFEb\u0000c\uD800d\u001Fe'
  const cell: DocNode = { type: 'tableCell', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'm' }] }] }
  const ROWS: [string, Partial<PaperToPrint>][] = [
    ['nothing', { title: '', details: {}, body: { type: 'doc' }, sources: [] }],
    ['letters that no document can hold', { title: bad, details: { writer: bad, abstract: bad }, body: { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: bad }] }] } }],
    ['a word of five thousand letters', { body: { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'x'.repeat(5000) }] }] } }],
    ['a picture wider than any page, and one that is damaged', { body: { type: 'doc', content: [
      { type: 'figure', attrs: { src: WIDE, alt: 'A pond, from far away' }, content: [] }, { type: 'figure', attrs: { src: `${PIXEL.slice(0, 60)}AAAA`, alt: '' }, content: [] },
    ] } }],
    ['other scripts', { body: { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'שלום 水車 мельница مرحبا' }] }] } }],
    ['a table of two hundred rows and one of thirty columns', { body: { type: 'doc', content: [
      { type: 'table', content: Array.from({ length: 200 }, () => ({ type: 'tableRow', content: [cell, cell] })) },
      { type: 'table', content: [{ type: 'tableRow', content: Array.from({ length: 30 }, () => cell) }] },
    ] } }],
    ['a source of three hundred authors', { alsoList: ['m'], sources: [{ id: 'm', kind: 'book', fields: { title: 'Many', author: Array.from({ length: 300 }, (_, i) => ({ family: `Name${i}`, given: 'A' })) } }] }],
  ]
  it.each(ROWS)('%s', async (_, over) => {
    for (const way of ['docx', 'pdf', 'odt', 'html', 'md', 'txt', 'tex', 'marked'] as const) {
      const bytes = await write(way, paper('apa-7', over))
      expect(bytes.length, way).toBeGreaterThan(0)
      if (way === 'html' || way === 'odt') {
        const xml = way === 'html' ? strFromU8(bytes) : strFromU8(unzipSync(bytes)['content.xml']!)
        expect(xml, way).not.toMatch(/[^\t\n\r\u{20}-\u{D7FF}\u{E000}-\u{FFFD}\u{10000}-\u{10FFFF}]/u)
      }
    }
  }, 30_000)
})

it.each([
  ['Should Carewick Mend Its Tide Mill?', '2026-03-04', 'docx', 'Should Carewick Mend Its Tide Mill 2026-03-04.docx'], ['On *Mud*: a/b', '', 'pdf', 'On Mud a b.pdf'],
  ['???', '', 'md', 'Paper.md'], ['Die Mühle', '2026-01-01', 'odt', 'Die Mühle 2026-01-01.odt'],
])('%s is a file named for it', (title, day, ending, name) => {
  expect(fileName(title, day, ending)).toBe(name)
})

const SAID = (marks: object[], more: DocNode[] = []): DocNode => ({
  type: 'doc',
  content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Read this.', marks } as DocNode] }, ...more],
})
it.each<Way>(['html', 'tex', 'md'])('.%s leads nowhere that would run something', async (way) => {
  for (const href of ['javascript:alert(1)', ' \tjavascript:alert(1)', 'data:text/html,x', 'file:///etc/passwd']) {
    const out = await text(way, paper('apa-7', { body: SAID([{ type: 'link', attrs: { href } }]) }))
    expect(out).toContain('Read this.')
    expect(out).not.toMatch(/javascript:|data:text|file:\/\//u)
  }
})
it.each<Way>(['html', 'tex', 'md', 'txt'])('.%s says of a damaged picture that it is one', async (way) => {
  const figure: DocNode = { type: 'figure', attrs: { src: 'data:image/png;base64,iVBORw0KGgo=', alt: 'A gate' }, content: [] }
  expect((await text(way, paper('apa-7', { body: SAID([], [figure]) }))).replace(/\s+/gu, ' ')).toContain('its file is damaged')
})
