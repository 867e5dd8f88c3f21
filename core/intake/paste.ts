/** Pasted HTML as paragraphs with italics; colours, fonts and odd spaces are dropped. */
import { htmlTree } from './html-tree'

const BLOCKS = new Set(['p', 'div', 'li', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'tr', 'blockquote', 'dd', 'dt', 'section', 'article', 'td'])

interface Node_ { type: string, name?: string, data?: string, attribs?: Record<string, string>, children?: Node_[] }

/** HTML from the clipboard as lines of text, one a paragraph, italics as `<i>`. */
export function richLines(html: string): string {
  const $ = htmlTree(html.slice(0, 2_000_000))
  $('script, style, head, title, template, noscript').remove()
  let out = ''
  const walk = (node: Node_, italic: boolean, depth: number) => {
    if (depth > 300) return
    if (node.type === 'text') {
      const text = (node.data ?? '').replace(/[\s\u00A0\u200B\uFEFF]+/gu, ' ')
      out += italic && text.trim() ? text.replace(/^(\s*)([\s\S]*?)(\s*)$/u, '$1<i>$2</i>$3') : text
      return
    }
    const name = node.name ?? ''
    if (name === 'br') { out += '\n'; return }
    const style = node.attribs?.style ?? ''
    const slanted = name === 'i' || name === 'em' || name === 'cite' || /font-style\s*:\s*(?:italic|oblique)/iu.test(style)
    const upright = /font-style\s*:\s*normal/iu.test(style)
    const block = BLOCKS.has(name)
    if (block && out && !out.endsWith('\n')) out += '\n'
    for (const child of node.children ?? []) walk(child, upright ? false : italic || slanted, depth + 1)
    if (block && !out.endsWith('\n')) out += '\n'
  }
  for (const node of $.root().toArray() as unknown as Node_[]) walk(node, false, 0)
  return out.replace(/<\/i>(\s*)<i>/gu, '$1').split('\n').map(line => line.replace(/ +/gu, ' ').trim()).filter(Boolean).join('\n')
}
