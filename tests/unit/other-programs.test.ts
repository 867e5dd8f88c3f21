/**
 * What programs that are none of ours read in the files that are handed in: Debian's office writer, Poppler, LaTeX. Each is
 * asked where it is on hand; the formats' own readers are asked everywhere (core/handin/handin.test.ts).
 */
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { load, type CheerioAPI } from 'cheerio'
import { afterAll, describe, expect, it } from 'vitest'
import { Layouter } from '../../core/sheet/pages/pages'
import { printPaper, type PaperToPrint } from '../../core/sheet/print'
import type { DocNode } from '../../core/sheet/document'
import { shippedFaces } from '../../server/faces'
import { DETAILS, paper, text, write } from '../fixtures/whole-paper'

const place = mkdtempSync(join(tmpdir(), 'dendle-others-'))
afterAll(() => rmSync(place, { recursive: true, force: true }))
const has = (program: string): boolean => spawnSync('which', [program]).status === 0
function ask(program: string, ...args: string[]): string {
  const { status, stdout, stderr, error } = spawnSync(program, args, {
    cwd: place, encoding: 'utf8', timeout: 120_000, maxBuffer: 64 * 1024 * 1024,
  })
  if (status !== 0) throw new Error(`${program} ${args.join(' ')}: ${error?.message ?? ''} ${stderr.slice(-400)} ${stdout.slice(-400)}`)
  return stdout
}

const appendix: DocNode = { type: 'heading', attrs: { level: 1, appendix: true }, content: [{ type: 'text', text: 'Asked' }] }
const whole = (style: string, details: Record<string, string> = {}): PaperToPrint => {
  const given = paper(style)
  const content = [...given.body.content!, appendix, { type: 'paragraph', content: [{ type: 'text', text: 'Why?' }] }]
  return { ...given, details: { ...DETAILS, ...details }, body: { ...given.body, content } }
}

describe.skipIf(!has('soffice'))('the office writer', () => {
  let n = 0
  /** A document as the office writer has read it, in one file of the open format. */
  async function opened(way: 'docx' | 'odt', given: PaperToPrint): Promise<CheerioAPI> {
    const name = `document${++n}`
    writeFileSync(join(place, `${name}.${way}`), await write(way, given))
    ask('soffice', `-env:UserInstallation=file://${place}/profile`, '--headless', '--convert-to', 'fodt', `${name}.${way}`)
    return load(readFileSync(join(place, `${name}.fodt`), 'utf8'), { xml: true })
  }
  /** The named style of a paragraph, through those that the program makes for itself. */
  function styleOf(document: CheerioAPI, name: string): string {
    const style = document(`office\\:automatic-styles > style\\:style[style\\:name="${name}"]`)
    const own = style.attr('style:parent-style-name') ?? name
    return document(`style\\:style[style\\:name="${own}"]`).attr('style:display-name') ?? own
  }
  const flat = (words: string) => words.replace(/\s+/gu, ' ').trim()
  const said = (document: CheerioAPI, find: string) => document(find).map((_, one) => flat(document(one).text())).get()

  it.each([
    ['docx', 'List of Works Entry', 'Block Quotation'],
    ['odt', 'Entry', 'Quotations'],
  ] as const)('.%s: every part is what it is', async (way, entry, quotation) => {
    const document = await opened(way, whole('apa-7', { returning: 'yes' }))
    const outline = document('office\\:text text\\:h')
      .map((_, one) => `${document(one).attr('text:outline-level')} ${flat(document(one).text())}`)
      .get()
    for (const heading of ['1 Mud & gates', '2 Lists']) expect(outline).toContain(heading)
    expect(outline.filter(one => /^1 Appendix ?Asked$/u.test(one))).toHaveLength(1)
    expect(document('text\\:note[text\\:note-class="footnote"]')).toHaveLength(1)
    expect(said(document, 'text\\:note-body')[0]).toContain('Its own words, see (Gill, 2020).')
    expect(document('text\\:list text\\:list text\\:list-item')).toHaveLength(2)
    expect(said(document, 'table\\:table-header-rows table\\:table-cell')).toEqual(['Pond', 'Depth'])
    expect(document('draw\\:frame draw\\:image')).toHaveLength(1)
    expect(said(document, 'draw\\:frame svg\\:desc')).toEqual(['A pond, <drawn>'])
    const inStyle = (name: string) => document('office\\:text text\\:p')
      .filter((_, one) => styleOf(document, document(one).attr('text:style-name') ?? '') === name)
      .map((_, one) => flat(document(one).text()))
      .get()
    expect(inStyle(quotation)).toEqual(['We did not notice.', 'Nobody did. (Gill, 2020)'])
    expect(inStyle(entry)).toHaveLength(2)
    // The hanging indent and the spacing are the style's, set once.
    const properties = document(`style\\:style[style\\:name="${entry.replaceAll(' ', '_20_')}"] > style\\:paragraph-properties`)
    const set = ['fo:margin-left', 'fo:text-indent', 'fo:line-height'].map(name => properties.attr(name))
    expect(set).toEqual(['0.5in', '-0.5in', '200%'])
    expect(said(document, 'dc\\:title')).toEqual(['On Mud & gates'])
    const page = document('style\\:page-layout-properties[fo\\:page-width="8.5in"]').first()
    expect([page.attr('fo:page-height'), page.attr('fo:margin-left'), page.attr('fo:margin-right')]).toEqual(['11in', '1in', '1in'])
    expect(document('style\\:header text\\:page-number').length).toBeGreaterThan(0)
    expect(said(document, 'text\\:a[xlink\\:href="https://x.example/a?b=1&c=2"]')).toEqual(['there'])
    if (way === 'docx') expect(document('loext\\:content-control')).toHaveLength(3)
  }, 130_000)
  it.each(['docx', 'odt'] as const)('.%s: every note of Chicago is there, the list behind the appendix', async (way) => {
    const document = await opened(way, whole('chicago-18-notes'))
    expect(document('text\\:note')).toHaveLength(3)
    const all = document('office\\:text').text().replace(/\s+/gu, ' ')
    expect(all.indexOf('Asked')).toBeGreaterThan(0)
    expect(all.indexOf('Bibliography')).toBeGreaterThan(all.indexOf('Asked'))
  }, 130_000)
})

describe.skipIf(!has('pdftotext') || !has('pdfinfo'))('Poppler', () => {
  const SIX = ['apa-7', 'mla-9', 'chicago-18-notes', 'harvard', 'ieee', 'vancouver']
  it.each(SIX)('has every word of the sheet in its place: %s', async (style) => {
    const given = whole(style)
    const sheet = new Layouter(shippedFaces('tinos').faces).lay(printPaper(given))
    writeFileSync(join(place, 'pages.pdf'), await write('pdf', given))
    const read = load(ask('pdftotext', '-bbox', 'pages.pdf', '-'), { xml: true })
    const pages = read('page').toArray()
    expect(pages).toHaveLength(sheet.pages.length)
    pages.forEach((page, i) => {
      const size = ['width', 'height'].map(side => Number(read(page).attr(side)))
      expect(size).toEqual([sheet.width, sheet.height].map(points => Math.round(points * 100) / 100))
      const found = read(page).find('word').toArray().map(word => ({
        text: read(word).text(),
        box: ['xMin', 'xMax', 'yMin', 'yMax'].map(side => Number(read(word).attr(side))),
      }))
      const texts = sheet.pages[i]!.lines.flatMap(line => line.texts.map(one => ({ ...one, y: line.baseline - one.rise })))
      const letters = (all: readonly string[]) => [...all.join('').replace(/\s/gu, '').normalize('NFKC')].sort().join('')
      expect(letters(found.map(one => one.text)), `page ${i + 1}`).toBe(letters(texts.map(one => one.text)))
      for (const { text: word, box: [left, right, top, bottom] } of found) {
        const isHere = ({ text: own, x, y }: (typeof texts)[number]) =>
          x - 0.6 <= left! && y > top! && y < bottom! && [...word].some(letter => own.includes(letter))
        expect(texts.some(isHere), `“${word}” on page ${i + 1}`).toBe(true)
        expect(right).toBeLessThanOrEqual(sheet.width - 71)
      }
    })
  })
  it('reads the tags, in the order of reading', async () => {
    writeFileSync(join(place, 'tags.pdf'), await write('pdf', whole('chicago-18-notes')))
    const drawn = ask('pdfinfo', '-struct', 'tags.pdf').split('\n')
    const tree = drawn.map(line => line.trim().replace(/[ :].*$/u, ''))
    const depth = drawn.map((line, i) => [tree[i], line.search(/\S/u) / 2] as const)
    const first = (tag: string) => { const at = tree.indexOf(tag); expect(at, tag).toBeGreaterThanOrEqual(0); return at }
    expect(first('H1')).toBeLessThan(first('H2'))
    expect(first('P')).toBeLessThan(first('BlockQuote'))
    expect(first('BlockQuote')).toBeLessThan(first('L'))
    expect(first('L')).toBeLessThan(first('Table'))
    // A quotation of two paragraphs is one, and a list in a list stands in its item.
    expect(tree.filter(tag => tag === 'BlockQuote')).toHaveLength(1)
    expect(depth.filter(([tag]) => tag === 'L').map(([, deep]) => deep).slice(0, 3)).toEqual([2, 4, 2])
    expect(first('TH')).toBeLessThan(first('TD'))
    expect(first('Table')).toBeLessThan(first('Figure'))
    first('Note')
  })
  it('finds title and writer, and slides as wide as a screen', async () => {
    writeFileSync(join(place, 'slides.pdf'), await write('pdf', { ...whole('apa-7', { sort: 'slides' }), title: 'Mud & <Silt>' }))
    const about = ask('pdfinfo', 'slides.pdf')
    expect(about).toMatch(/^Title:\s+Mud & <Silt>$/mu)
    expect(about).toMatch(/^Author:\s+Ada Moss$/mu)
    expect(about).toMatch(/^Tagged:\s+yes$/mu)
    expect(about).toMatch(/^Page size:\s+960 x 540 pts$/mu)
  })
})

describe.skipIf(!has('pdflatex'))('LaTeX', () => {
  it.each(['apa-7', 'mla-9', 'chicago-18-notes', 'harvard', 'ieee'])('sets the source, in %s', async (style) => {
    writeFileSync(join(place, 'paper.tex'), await text('tex', whole(style, { contents: 'yes' })))
    // Pages that contents name are known the second time.
    for (const _ of [1, 2]) ask('pdflatex', '-interaction=nonstopmode', '-halt-on-error', 'paper.tex')
    expect(readFileSync(join(place, 'paper.log'), 'utf8')).not.toMatch(/undefined references|Missing character/u)
  }, 60_000)
})
