/**
 * The printed paper's blocks in the groups that documents have names for: lists with lists in them, quotations of several
 * paragraphs, tables and figures with their captions.
 */
import type { PrintedBlock, PrintedParagraph, PrintedPicture, PrintedTable } from '../sheet/printed'

export type Grouped
  = | { is: 'paragraph', paragraph: PrintedParagraph }
    | { is: 'quotation' | 'verse', paragraphs: PrintedParagraph[] }
    | { is: 'list', ordered: boolean, start: number, items: Grouped[][] }
    | { is: 'captioned', above: PrintedParagraph[], thing?: PrintedTable | PrintedPicture, below: PrintedParagraph[] }
    | { is: 'break' }

export function grouped(blocks: readonly PrintedBlock[]): Grouped[] {
  const out: Grouped[] = []
  let i = 0
  while (i < blocks.length) {
    const block = blocks[i]!
    if (block.is === 'break') {
      out.push({ is: 'break' })
      i++
    } else if (isCaptioned(block)) {
      const { group, next } = captioned(blocks, i)
      out.push(group)
      i = next
    } else if (block.is === 'paragraph' && block.role === 'list-item' && block.item) {
      const { group, next } = list(blocks, i)
      out.push(group)
      i = next
    } else if (block.is === 'paragraph' && (block.role === 'quotation' || block.role === 'verse')) {
      const paragraphs: PrintedParagraph[] = []
      const { role } = block
      for (; i < blocks.length && sameQuotation(block, blocks[i]!); i++) paragraphs.push(blocks[i] as PrintedParagraph)
      out.push({ is: role, paragraphs })
    } else {
      if (block.is === 'paragraph') out.push({ is: 'paragraph', paragraph: block })
      i++
    }
  }
  return out
}

const blockAt = ({ from }: PrintedBlock): number | undefined => (from && 'block' in from ? from.block : undefined)
const sameQuotation = (one: PrintedParagraph, other: PrintedBlock): boolean =>
  other.is === 'paragraph' && other.role === one.role && blockAt(other) === blockAt(one)

const isCaptioned = (block: PrintedBlock): boolean =>
  block.is === 'table' || block.is === 'picture' || (block.is === 'paragraph' && (block.role === 'caption' || block.role === 'credit'))

/** A table or figure, its number and title, and what stands under it: all of one block of the document. */
function captioned(blocks: readonly PrintedBlock[], from: number): { group: Grouped, next: number } {
  const at = blockAt(blocks[from]!)
  const above: PrintedParagraph[] = []
  const below: PrintedParagraph[] = []
  let thing: PrintedTable | PrintedPicture | undefined
  let i = from
  for (; i < blocks.length && isCaptioned(blocks[i]!) && blockAt(blocks[i]!) === at; i++) {
    const block = blocks[i]!
    if (block.is === 'table' || block.is === 'picture') thing = block
    else if (block.is === 'paragraph') (thing || block.role === 'credit' ? below : above).push(block)
  }
  return { group: { is: 'captioned', above, ...(thing ? { thing } : {}), below }, next: i }
}

function list(blocks: readonly PrintedBlock[], from: number): { group: Extract<Grouped, { is: 'list' }>, next: number } {
  const { list: id, level, n } = (blocks[from] as PrintedParagraph).item!
  const items: Grouped[][] = []
  let i = from
  while (i < blocks.length) {
    const block = blocks[i]!
    if (block.is !== 'paragraph' || block.role !== 'list-item') break
    if (!block.item) {
      // A further paragraph of the item it is set in as far as.
      if ((block.look?.left ?? 0) / 36 - 1 < level) break
      items.at(-1)?.push({ is: 'paragraph', paragraph: block })
      i++
    } else if (block.item.level > level) {
      const inner = list(blocks, i)
      if (items.length) items.at(-1)!.push(inner.group)
      else items.push([inner.group])
      i = inner.next
    } else if (block.item.level < level || block.item.list !== id) break
    else {
      items.push([{ is: 'paragraph', paragraph: block }])
      i++
    }
  }
  return { group: { is: 'list', ordered: n !== undefined, start: n ?? 1, items }, next: i }
}

/** The level of a heading, 1 for those over whole sections; nothing for other paragraphs. */
export function headingLevel({ role }: PrintedParagraph): number | undefined {
  const own = /^heading-(\d)$/u.exec(role)
  if (own) return Number(own[1])
  return ['appendix-heading', 'list-heading', 'notes-heading', 'abstract-heading', 'contents-heading'].includes(role) ? 1 : undefined
}
