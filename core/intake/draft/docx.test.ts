import { Document, Packer, Paragraph, type IIndentAttributesProperties } from 'docx'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { writeWord } from '../../handin/word/word'
import { bring } from './bring'
import { withReturned } from './returned'
import { readDraft } from './draft'
import { withoutNoticed } from './noticed'
import type { DocNode } from '../../sheet/document'
import { placeAll } from '../../sheet/placement'
import { placedCitations, plainText } from '../../sheet/walking'
import type { Source } from '../../source/model'
import { styleOf, STYLES } from '../../styles'
import { readDocx } from './docx'

const open = async (bytes: Uint8Array) => readDocx(bytes.slice().buffer)
const said = async (bytes: Uint8Array) => { const read = await open(bytes); return 'problem' in read ? read.problem : 'read' }

describe('a file that says it is a document', () => {
  it('is not unpacked when it would be far larger than any paper', async () => {
    const bomb = zipSync({ 'word/document.xml': new Uint8Array(90 * 1024 * 1024) }, { level: 9 })
    expect(bomb.length).toBeLessThan(1024 * 1024)
    expect(await said(bomb)).toContain('more than 80 MB')
  })
  it('is named when it holds no document, or is damaged', async () => {
    expect(await said(zipSync({ 'a.txt': strToU8('x') }))).toContain('no word-processor document')
    expect(await said(strToU8('PK nonsense'))).toContain('is damaged')
    expect(await said(new Uint8Array())).toContain('is damaged')
  })
})

describe('a paragraph that is set in as a whole', () => {
  const open = async (indent: IIndentAttributesProperties) =>
    readDocx(Uint8Array.from(await Packer.toBuffer(new Document({ sections: [{ children: [new Paragraph({ text: 'Words.', indent })] }] }))).buffer)
  it.each([
    ['at both sides', { left: 720, right: 720 }, true],
    ['by a little at both', { left: 360, right: 360 }, true],
    ['at the left', { left: 720 }, true],
    ['in its first line alone', { firstLine: 720 }, false],
    ['in all lines but the first, as a reference is', { left: 720, hanging: 720 }, false],
    ['by a hair', { left: 120 }, false],
  ])('%s', async (_, indent, quotation) => {
    const read = await open(indent)
    expect('html' in read && read.html).toBe(quotation ? '<blockquote><p>Words.</p></blockquote>' : '<p>Words.</p>')
  })
})

describe('a paper that went out with its citations', () => {
  const words = (text: string): DocNode => ({ type: 'text', text })
  const cite = (id: string, data: object): DocNode => ({ type: 'citation', attrs: { id, data } })
  const SOURCES: Source[] = [
    { id: 's1', kind: 'book', fields: { author: [{ family: 'Moss', given: 'Ada' }], issued: { start: { year: 2018 } }, title: 'Silt & <i>Salt</i>' } },
    { id: 's2', kind: 'journal-article', fields: { author: [{ family: 'Fell', given: 'Una' }], issued: { start: { year: 2020 } }, title: 'Gates', container: 'Mud' } },
  ]
  const place = { place: '104–6', label: 'page' }
  const BODY: DocNode = {
    type: 'doc',
    content: [
      { type: 'heading', attrs: { level: 1 }, content: [words('The Pond')] },
      { type: 'paragraph', content: [words('It silts '), cite('c1', { items: [{ id: 's1', locator: place, prefix: 'see ' }, { id: 's2' }], form: 'parenthetical' }), words('.')] },
      { type: 'paragraph', content: [cite('c2', { items: [{ id: 's2', suffix: ', on gates' }], form: 'narrative' }), words(' counted the gates; so it does '), cite('c3', { items: [{ id: 's1' }], form: 'suppress-author' }), words(', and more.')] },
      { type: 'blockquote', content: [{ type: 'paragraph', content: [words('Mud keeps the work of years. '), cite('c4', { items: [{ id: 's1', locator: { place: '9', label: 'page' } }], form: 'parenthetical' })] }] },
    ],
  }
  const keys: Record<string, string> = { s1: 'moss-2018', s2: 'fell-2020' }
  const write = (style: string, details: Record<string, string> = { returning: 'yes' }) =>
    writeWord({ style: styleOf(style)!, title: 'Mud', details: { titlePage: 'no', ...details }, body: BODY, sources: SOURCES, alsoList: [] }, id => keys[id]!)
  const comeBack = async (bytes: Uint8Array) => {
    const read = await open(bytes)
    if ('problem' in read) throw new Error(read.problem)
    const draft = readDraft(read.html, { whole: true })
    return { draft, returned: read.returned, doc: withReturned(draft.doc, read.returned?.citations ?? []) }
  }
  const data = (doc: DocNode) => placedCitations(doc).map(({ id, citation }) => [id, citation])
  it.each(STYLES.map(style => style.id))('comes back with every one of them, in %s', async (style) => {
    const { draft, doc, returned } = await comeBack(await write(style))
    const here = bring(doc, returned!.sources, SOURCES.map(source => ({ ...source, key: keys[source.id]! })))
    expect(here.fresh).toEqual([])
    expect(data(here.doc)).toEqual(data(BODY))
    const text = plainText(placeAll(withoutNoticed(here.doc, draft.noticed))).replace(/\s+/gu, ' ')
    for (const said of ['It silts .', ' counted the gates; so it does , and more.', 'Mud keeps the work of years.']) expect(text).toContain(said)
  })
  it('brings the sources that are not here', async () => {
    const { doc, returned } = await comeBack(await write('apa-7'))
    const there = bring(doc, returned!.sources, [{ ...SOURCES[0]!, key: 'other-key' }])
    expect(there.fresh.map(({ id, kind, fields }) => ({ id, kind, fields }))).toEqual([{ ...SOURCES[1], id: 'new:fell-2020' }])
    expect(placedCitations(there.doc)[0]!.citation.items.map(item => item.id)).toEqual(['s1', 'new:fell-2020'])
  })
  it('carries nothing where that is not wished, and a copied control is a citation of its own', async () => {
    expect(Object.keys(unzipSync(await write('apa-7', {}))).filter(name => name.startsWith('customXml'))).toEqual([])
    const parts = unzipSync(await write('apa-7'))
    const xml = strFromU8(parts['word/document.xml']!)
    const [control] = /<w:sdt>.*?<\/w:sdt>/u.exec(xml)!
    const copied = zipSync({ ...parts, 'word/document.xml': strToU8(xml.replace(control, `${control}<w:r><w:t xml:space="preserve"> and </w:t></w:r>${control}`)) })
    expect(placedCitations((await comeBack(copied)).doc)).toHaveLength(5)
  })
  it('is read as any other where what it carries is damaged', async () => {
    const parts = unzipSync(await write('apa-7'))
    const broken = zipSync({ ...parts, 'customXml/item1.xml': strToU8('<citations xmlns="urn:dendle:citations">{"sources":1}</citations>') })
    const { doc, returned } = await comeBack(broken)
    expect(returned).toBeUndefined()
    expect(plainText(doc)).toContain('(Fell, 2020; see Moss, 2018, pp. 104–106)')
  })
})
