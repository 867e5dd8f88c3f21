/** Citations in content controls, and the part of the document that says what they cite (core/sheet/returning). */
import { XmlAttributeComponent, XmlComponent, type ParagraphChild } from 'docx'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { RETURNING_NAMESPACE, CONTROL } from '../../sheet/returning'
import { escapeHtml } from '../../text/runs'

class Value extends XmlAttributeComponent<{ val: string | number }> {
  protected override readonly xmlKeys = { val: 'w:val' }
}
class Said extends XmlComponent {
  constructor(name: string, val: string | number) {
    super(name)
    this.root.push(new Value({ val }))
  }
}
class Holder extends XmlComponent {
  constructor(name: string, children: readonly unknown[]) {
    super(name)
    this.root.push(...(children as XmlComponent[]))
  }
}

/**
 * Words in a control of their own.
 * @param n its number in the document, from 1, and @param again where its citation has one already in this paragraph
 */
export function control(children: readonly ParagraphChild[], id: string, n: number, again: boolean): ParagraphChild {
  const about = [
    new Said('w:alias', 'Citation'),
    new Said('w:tag', (again ? CONTROL.again : CONTROL.first) + id),
    // Every control has a number of its own (17.5.2.18).
    new Said('w:id', again ? 1_000_000 + n : n),
  ]
  return new Holder('w:sdt', [new Holder('w:sdtPr', about), new Holder('w:sdtContent', children)]) as unknown as ParagraphChild
}

const RELATION = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships/customXml'
/** The document with the part that its controls' citations are read from. */
export function withReturning(bytes: Uint8Array, citations: string): Uint8Array {
  const parts = unzipSync(bytes)
  const relations = 'word/_rels/document.xml.rels'
  parts['customXml/item1.xml'] = strToU8(
    `<?xml version="1.0" encoding="UTF-8"?>\n<citations xmlns="${RETURNING_NAMESPACE}">${escapeHtml(citations)}</citations>`,
  )
  parts[relations] = strToU8(strFromU8(parts[relations]!).replace(
    '</Relationships>',
    `<Relationship Id="rIdCitations" Type="${RELATION}" Target="../customXml/item1.xml"/></Relationships>`,
  ))
  return zipSync(parts, { level: 6 })
}
