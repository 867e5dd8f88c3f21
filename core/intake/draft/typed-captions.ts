/** Captions that a draft typed above its tables and under its pictures: their words become the title, the number is Dendle's to give. */
import type { DocNode } from '../../sheet/document'
import { sliceRich, stripRich } from '../../text/rich'

const CAPTION = /^(?:fig(?:ure)?\.?)\s*\d+\s*[.:|]?\s*/iu

/** "Figure 2. The wheel" under a picture is its caption; the number is Dendle's to give. */
export function captioned(blocks: DocNode[]): DocNode[] {
  const out: DocNode[] = []
  for (const one of blocks) {
    const last = out.at(-1)
    const [first, ...rest] = one.content ?? []
    if (
      last?.type === 'figure'
      && !last.content?.length
      && one.type === 'paragraph'
      && first?.type === 'text'
      && CAPTION.test(first.text!)
    ) {
      const text = first.text!.replace(CAPTION, '')
      out[out.length - 1] = { ...last, content: [...(text ? [{ ...first, text }] : []), ...rest] }
    } else if (one.type === 'table' && !one.attrs?.title) {
      const title = titleAbove(out)
      out.push(title ? { ...one, attrs: { ...one.attrs, title } } : one)
    } else out.push(one)
  }
  return out
}
const TABLE = /^table\s+(?:\d{1,3}|[IVXL]{1,7})\s*[.:|]?\s*/iu
/** "Table 2. Silt by year" above a table is its title, also on a line of its own below the number; taken from the blocks before it. */
function titleAbove(out: DocNode[]): string | undefined {
  const bare = (node: DocNode | undefined) =>
    node?.type === 'paragraph' && node.content?.every((one) => one.type === 'text')
      ? node.content.map((one) => (one.marks?.some((mark) => mark.type === 'italic') ? `<i>${one.text}</i>` : one.text)).join('')
      : undefined
  const [second, last] = [bare(out.at(-2)), bare(out.at(-1))]
  const plain = (rich: string) => stripRich(rich)
  if (last && TABLE.test(plain(last)) && plain(last).replace(TABLE, '') && plain(last).length < 300) {
    out.pop()
    return sliceRich(last, TABLE.exec(plain(last))![0].length, plain(last).length)
  }
  if (last && second && plain(second).replace(TABLE, '') === '' && plain(last).length < 200) {
    out.splice(-2)
    // An italic title is the style's own treatment.
    return /^<i>[^<]*<\/i>$/u.test(last) ? plain(last) : last
  }
  return undefined
}
