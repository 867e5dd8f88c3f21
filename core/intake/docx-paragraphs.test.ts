import { strToU8, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { docxParagraphs } from './docx-paragraphs'

const space = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"'
const file = (body: string, styles = '') =>
  zipSync({
    'word/document.xml': strToU8(`<w:document ${space}><w:body>${body}</w:body></w:document>`),
    ...(styles ? { 'word/styles.xml': strToU8(`<w:styles ${space}>${styles}</w:styles>`) } : {}),
  })
const run = (text: string, properties = '') => `<w:r>${properties ? `<w:rPr>${properties}</w:rPr>` : ''}<w:t xml:space="preserve">${text}</w:t></w:r>`
const paragraph = (properties: string, ...runs: string[]) => `<w:p>${properties ? `<w:pPr>${properties}</w:pPr>` : ''}${runs.join('')}</w:p>`
const read = (body: string, styles?: string) => docxParagraphs(file(body, styles))!
const words = [{ text: 'Words' }]
const named = (id: string, properties: string, based = '', rest = '') =>
  `<w:style w:type="paragraph" w:styleId="${id}"${rest}>${based ? `<w:basedOn w:val="${based}"/>` : ''}${properties}</w:style>`

describe('how a paragraph is set', () => {
  it.each<[string, string, object]>([
    ['nothing said', '', {}],
    ['hanging', '<w:ind w:left="720" w:hanging="720"/>', { left: 36, hanging: 36 }],
    ['its first line set in', '<w:ind w:firstLine="720"/>', { hanging: -36 }],
    ['set in on both sides, by the names of either direction', '<w:ind w:start="720" w:end="720"/>', { left: 36, right: 36 }],
    ['double-spaced', '<w:spacing w:line="480" w:lineRule="auto"/>', { spacing: 2 }],
    ['exact spacing says nothing of single and double', '<w:spacing w:line="480" w:lineRule="exact"/>', {}],
    ['centred', '<w:jc w:val="center"/>', { centred: true }],
    ['an item of a list', '<w:numPr><w:numId w:val="1"/></w:numPr>', { numbered: true }],
    ['what is no number', '<w:ind w:left="much"/>', {}],
  ])('%s', (_, properties, look) => expect(read(paragraph(properties, run('Words')))).toEqual([{ pieces: words, ...look }]))

  const sheet =
    '<w:docDefaults><w:rPrDefault><w:rPr><w:sz w:val="22"/></w:rPr></w:rPrDefault></w:docDefaults>'
    + named('Plain', '<w:rPr><w:rFonts w:ascii="Fen"/></w:rPr>', '', ' w:default="1"')
    + named('List', '<w:pPr><w:ind w:left="720" w:hanging="720"/></w:pPr><w:rPr><w:sz w:val="24"/></w:rPr>', 'Plain')
    + named('Round', '<w:pPr><w:jc w:val="center"/></w:pPr>', 'Round')
  it.each<[string, string, object]>([
    ['the style that is every paragraph’s', '', { face: 'Fen', size: 11 }],
    ['its own style, with what that is based on', '<w:pStyle w:val="List"/>', { face: 'Fen', size: 12, left: 36, hanging: 36 }],
    ['its own word before its style’s', '<w:pStyle w:val="List"/><w:ind w:left="0" w:firstLine="360"/>', { face: 'Fen', size: 12, left: 0, hanging: -18 }],
    ['no first line set in takes the hanging back', '<w:pStyle w:val="List"/><w:ind w:firstLine="0"/>', { face: 'Fen', size: 12, left: 36, hanging: 0 }],
    ['a style based on itself', '<w:pStyle w:val="Round"/>', { size: 11, centred: true }],
    ['a style that is not there', '<w:pStyle w:val="Gone"/>', { face: 'Fen', size: 11 }],
  ])('%s', (_, properties, look) => expect(read(paragraph(properties, run('Words')), sheet)).toEqual([{ pieces: words, ...look }]))
})

describe('its letters', () => {
  it.each<[string, string, object[]]>([
    ['italics and bold', run('a ') + run('b', '<w:i/>') + run('c', '<w:b/>'), [{ text: 'a ' }, { text: 'b', italic: true }, { text: 'c', bold: true }]],
    ['italics taken back', run('a', '<w:i w:val="0"/>'), [{ text: 'a' }]],
    ['tabs, lines and hyphens that do not break', '<w:r><w:t>a</w:t><w:tab/><w:t>b</w:t><w:br/><w:t>c</w:t><w:noBreakHyphen/></w:r>', [{ text: 'a\tb\nc-' }]],
    ['in a link', `<w:hyperlink>${run('a')}</w:hyperlink>`, [{ text: 'a' }]],
    ['letters of the file’s own signs', run('a &amp; b &lt;c&gt;'), [{ text: 'a & b <c>' }]],
    ['none', '', []],
  ])('%s', (_, runs, pieces) => expect(read(paragraph('', runs))[0]!.pieces).toEqual(pieces))
})

it.each([
  ['no archive', strToU8('not a document')],
  ['an archive of something else', zipSync({ 'a.txt': strToU8('a') })],
  ['nothing', new Uint8Array()],
])('what is no such document is known: %s', (_, bytes) => expect(docxParagraphs(bytes)).toBeUndefined())
