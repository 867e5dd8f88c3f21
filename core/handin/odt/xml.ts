/** XML made from names, attributes and children: whatever a paper holds, what comes out is well formed. */
import { escapeHtml } from '../../text/runs'

/** Text that is markup already. */
export type Xml = string & { readonly markup: unique symbol }

type Attributes = Readonly<Record<string, string | number | undefined>>

/** An element; an attribute that is undefined is left out. */
export function xml(name: string, attributes: Attributes = {}, ...children: readonly Xml[]): Xml {
  const said = Object.entries(attributes).filter(([, value]) => value !== undefined)
  const given = said.map(([key, value]) => ` ${key}="${escapeHtml(String(value))}"`).join('')
  return (children.length ? `<${name}${given}>${children.join('')}</${name}>` : `<${name}${given}/>`) as Xml
}

/** Words as they stand. Spaces in a row are one in OpenDocument, unless they are counted (ODF 1.2, part 1, 6.1.3). */
export const words = (text: string): Xml => escapeHtml(text)
  .replace(/ {2,}/gu, all => ` ${xml('text:s', { 'text:c': all.length - 1 })}`)
  .replace(/\t/gu, xml('text:tab'))
  .replace(/\n/gu, xml('text:line-break')) as Xml

const SPACES = {
  'xmlns:office': 'office:1.0', 'xmlns:style': 'style:1.0', 'xmlns:text': 'text:1.0', 'xmlns:table': 'table:1.0',
  'xmlns:draw': 'drawing:1.0', 'xmlns:fo': 'xsl-fo-compatible:1.0', 'xmlns:meta': 'meta:1.0', 'xmlns:svg': 'svg-compatible:1.0',
} as const

/** A file of the package: its root with the name spaces that are used in it. */
export const root = (name: string, ...children: readonly Xml[]): string => `<?xml version="1.0" encoding="UTF-8"?>\n${xml(name, {
  ...Object.fromEntries(Object.entries(SPACES).map(([key, space]) => [key, `urn:oasis:names:tc:opendocument:xmlns:${space}`])),
  'xmlns:xlink': 'http://www.w3.org/1999/xlink',
  'xmlns:dc': 'http://purl.org/dc/elements/1.1/',
  'office:version': '1.2',
}, ...children)}`
