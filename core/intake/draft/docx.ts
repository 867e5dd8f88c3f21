/**
 * Opens a word-processor document without trusting it: a file that unpacks to far more than it is, or holds no document,
 * is refused in words; macros and scripts are never looked at, nothing outside the file is fetched.
 */
import { unzipSync } from 'fflate'
import mammoth from 'mammoth'
import { readReturned, type Returned } from './returned'

/** What a paragraph that is set in as a whole is called, so that it comes as a block quotation. */
const QUOTATION = 'Set in as a whole'
/** That, and what word processors and Dendle itself call one. */
const QUOTATIONS = [QUOTATION, 'Block Quotation', 'Quote', 'Intense Quote', 'Block Text', 'Quotations']
type Twips = string | null
interface Indented { styleName?: string | null, numbering?: unknown, indent?: { start?: Twips, end?: Twips, hanging?: Twips } }
/** The library's types leave this part of it out. */
const { transforms } = mammoth as unknown as { transforms: { paragraph: (change: typeof setInAsQuotation) => unknown } }
/** Set in at the left by half an inch and more, or at both sides, every line of it: a block quotation (twips). */
function setInAsQuotation<T extends Indented>(paragraph: T): T {
  const { indent, numbering, styleName } = paragraph
  const [start, end, hanging] = [indent?.start, indent?.end, indent?.hanging].map(one => Number(one ?? 0)) as [number, number, number]
  const setIn = !numbering && hanging === 0 && (start >= 700 || (start >= 250 && end >= 250))
  return setIn && (!styleName || /^normal|body/iu.test(styleName)) ? { ...paragraph, styleName: QUOTATION } : paragraph
}

/** As large as a document's parts may be in all, unpacked, in bytes. */
export const MAX_UNPACKED = 80 * 1024 * 1024

/** Pictures that come with the document; other kinds are left, and counted by the reader of drafts. */
const picture = async (image: { contentType: string, readAsBase64String: () => Promise<string> }): Promise<{ src: string }> => ({
  src: /^image\/(?:png|jpeg|gif)$/u.test(image.contentType) ? `data:${image.contentType};base64,${await image.readAsBase64String()}` : '',
})

export async function readDocx(bytes: ArrayBuffer): Promise<{ html: string, returned?: Returned } | { problem: string }> {
  let total = 0
  let main = false
  try {
    // Nothing is unpacked here: the sizes stand in the file's own directory.
    unzipSync(new Uint8Array(bytes), { filter: ({ name, originalSize }) => {
      total += originalSize
      if (name === 'word/document.xml') main = true
      return false
    } })
  }
  catch { return { problem: 'is damaged, or is not a word-processor document; open it there and save it again as .docx.' } }
  if (!main) return { problem: 'is a packed file, but no word-processor document; unpack it, or save the document as .docx.' }
  if (total > MAX_UNPACKED) return { problem: 'unpacks to more than 80 MB, which no paper does; it was not opened.' }
  try {
    // One that went out of here with its citations has a token in the place of each.
    const returned = readReturned(new Uint8Array(bytes))
    const opened = returned ? returned.bytes.slice().buffer : bytes
    // The browser's build of the library asks for the one, Node's for the other.
    const { value } = await mammoth.convertToHtml({ arrayBuffer: opened, buffer: opened } as { arrayBuffer: ArrayBuffer }, {
      transformDocument: transforms.paragraph(setInAsQuotation),
      styleMap: [...QUOTATIONS.map(name => `p[style-name='${name}'] => blockquote > p:fresh`), 'p[style-name=\'Appendix Heading\'] => h1:fresh'],
      convertImage: mammoth.images.imgElement(picture),
      externalFileAccess: false,
    } as Parameters<typeof mammoth.convertToHtml>[1])
    return { html: value, ...(returned ? { returned } : {}) }
  } catch (error) {
    return { problem: `could not be read: ${(error as Error).message}. Open it in a word processor and save it again as .docx.` }
  }
}
