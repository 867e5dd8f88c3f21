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
