/** A document that went out of Dendle with its citations comes back with them, whatever was written around them. */
import { load } from 'cheerio/slim'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { RETURNING_NAMESPACE, readReturning, type Returning } from '../../sheet/returning'
import type { DocNode } from '../../sheet/document'

/** A control around a citation's words; those that hold others are none of ours. */
const CONTROLLED = /<w:sdt>(?:(?!<w:sdt>)[\s\S])*?<w:tag w:val="citation(-again)?:([^"]+)"\s*\/>(?:(?!<w:sdt>)[\s\S])*?<\/w:sdt>/gu
/** What stands for a citation in the words until they are read: letters of nobody's. */
const token = (n: number): string => `\uE000${n}\uE001`
const TOKEN = /\uE000(\d+)\uE001/gu

export interface Returned {
  /** The document, with a token in the place of each citation. */
  bytes: Uint8Array
  sources: Returning['sources']
  /** By the number of its token. */
  citations: { id: string, data: NonNullable<ReturnType<Returning['citations']['get']>> }[]
}

/** @returns undefined for a document that brings none */
export function readReturned(bytes: Uint8Array): Returned | undefined {
  const names: string[] = []
  unzipSync(bytes, { filter: ({ name }) => { names.push(name); return false } })
  if (!names.some(name => /^customXml\/item\d+\.xml$/u.test(name))) return undefined
  const parts = unzipSync(bytes)
  const own = Object.entries(parts).find(([name, part]) =>
    /^customXml\/item\d+\.xml$/u.test(name) && strFromU8(part.slice(0, 1000)).includes(RETURNING_NAMESPACE))
  const main = parts['word/document.xml']
  const returning = own && main ? readReturning(load(strFromU8(own[1]), { xml: true })('citations').text()) : undefined
  if (!returning || !main) return undefined
  const citations: Returned['citations'] = []
  const xml = strFromU8(main).replace(CONTROLLED, (whole, again: string | undefined, id: string) => {
    const data = returning.citations.get(load(`<i>${id}</i>`, { xml: true })('i').text())
    if (!data) return whole
    if (again) return ''
    citations.push({ id, data })
    return `<w:r><w:t xml:space="preserve">${token(citations.length - 1)}</w:t></w:r>`
  })
  if (!citations.length) return undefined
  return { bytes: zipSync({ ...parts, 'word/document.xml': strToU8(xml) }, { level: 1 }), sources: returning.sources, citations }
}

/** The document read, with its citations in the place of their tokens. */
export function withReturned(node: DocNode, citations: Returned['citations']): DocNode {
  if (!node.content) return node
  return {
    ...node,
    content: node.content.flatMap((child): DocNode[] => {
      if (child.type !== 'text') return [withReturned(child, citations)]
      // Words between tokens are at even places, the tokens' numbers between them.
      return (child.text ?? '').split(TOKEN).flatMap((piece, i): DocNode[] => {
        if (i % 2 === 0) return piece ? [{ ...child, text: piece }] : []
        const { id, data } = citations[Number(piece)] ?? {}
        return data ? [{ type: 'citation', attrs: { id, data } }] : []
      })
    }),
  }
}
