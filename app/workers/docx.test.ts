import { Document, Packer, Paragraph, type IIndentAttributesProperties } from 'docx'
import { strToU8, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
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
