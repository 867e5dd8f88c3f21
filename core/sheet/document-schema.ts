/**
 * What a block of a paper may hold, for the API, packed files and whoever else gives one. Nodes and marks that are not
 * known here pass, so that no word is lost by an older or newer editor; of those that are known each attribute is what
 * whoever prints it takes it for.
 */
import * as z from 'zod'
import type { BlocksChange } from './changed-blocks'
import { isOwnPicture } from './pictures'
import type { DocNode } from './document'

const whole = (least: number, most: number, says: string) =>
  z.number({ error: says }).int({ error: says }).min(least, { error: says }).max(most, { error: says })
const words = (most: number) => z.string().max(most).nullish()

const ATTRIBUTES: Readonly<Record<string, z.ZodType>> = {
  heading: z.looseObject({ level: whole(1, 6, 'A heading’s level is a number from 1 to 6.').optional() }),
  orderedList: z.looseObject({ start: whole(-1_000_000, 1_000_000, 'A list begins at a whole number.').nullish() }),
  tableCell: cell(),
  tableHeader: cell(),
  table: z.looseObject({ title: words(20_000), credit: words(20_000), from: words(64) }),
  figure: z.looseObject({
    src: z.string()
      .refine(src => src === '' || isOwnPicture(src), { error: 'A picture is a PNG, JPEG or GIF as base64 in the paper itself.' })
      .nullish(),
    alt: words(20_000),
    credit: words(20_000),
    from: words(64),
  }),
}
function cell() {
  const span = whole(1, 200, 'A cell spans from 1 to 200 rows or columns.').optional()
  return z.looseObject({ colspan: span, rowspan: span })
}
const citation = z.looseObject({
  data: z.looseObject({ items: z.array(z.looseObject({ id: z.string().max(200) })).max(100) }).optional(),
})
const MARKS: Readonly<Record<string, z.ZodType>> = { link: z.looseObject({ href: z.string().max(20_000).nullish() }) }

/** Levels of blocks within blocks: lists in lists, tables in quotations. */
export const DEEPEST_BLOCK = 60
type Maybe = Partial<Record<keyof DocNode, unknown>>
const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value)
const MOST_CHILDREN = 200_000
/** What every node is made of, asked by hand: a long paper has hundreds of thousands of them. */
function shapeTrouble({ type, attrs, content, marks, text }: Maybe): Trouble | undefined {
  if (typeof type !== 'string' || type.length > 60) return { path: ['type'], message: 'A piece of a paper has a type.' }
  if (attrs !== undefined && !isRecord(attrs)) return { path: ['attrs'], message: 'Attributes are given by name.' }
  if (content !== undefined && !Array.isArray(content)) return { path: ['content'], message: 'What is in a block is a list.' }
  if (Array.isArray(content) && content.length > MOST_CHILDREN) return { path: ['content'], message: 'A block holds more than 200,000 others.' }
  const isMark = (mark: unknown) => isRecord(mark) && typeof mark.type === 'string' && (mark.attrs === undefined || mark.attrs === null || isRecord(mark.attrs))
  if (marks !== undefined && !(Array.isArray(marks) && marks.length <= 40 && marks.every(isMark)))
    return { path: ['marks'], message: 'Marks are a list of at most 40, each with its type.' }
  if (type === 'text' ? typeof text !== 'string' : text !== undefined && typeof text !== 'string')
    return { path: ['text'], message: 'A piece of text has words.' }
  return undefined
}
const CONTENTS: Readonly<Record<string, { of: RegExp, says: string }>> = {
  table: { of: /^tableRow$/u, says: 'A table is made of rows.' },
  tableRow: { of: /^table(?:Cell|Header)$/u, says: 'A row of a table is made of cells.' },
  bulletList: { of: /^listItem$/u, says: 'A list is made of items.' },
  orderedList: { of: /^listItem$/u, says: 'A list is made of items.' },
}

interface Trouble { path: (string | number)[], message: string }
const own = <T>(table: Readonly<Record<string, T>>, name: string): T | undefined => (Object.hasOwn(table, name) ? table[name] : undefined)

/** The first thing that is not as it should be. */
function troubleIn(value: unknown, depth: number): Trouble | undefined {
  if (depth > DEEPEST_BLOCK) return { path: [], message: `Blocks are nested more than ${DEEPEST_BLOCK} deep, which no paper has.` }
  if (!isRecord(value)) return { path: [], message: 'A piece of a paper is an object.' }
  const trouble = shapeTrouble(value)
  if (trouble) return trouble
  const { type, attrs, content, marks } = value as unknown as DocNode
  const attributes = type === 'citation' ? citation : own(ATTRIBUTES, type)
  const wrong = attributes?.safeParse(attrs ?? {}).error?.issues[0]
  if (wrong) return { path: ['attrs', ...wrong.path as (string | number)[]], message: wrong.message }
  for (const [i, mark] of (marks ?? []).entries()) {
    const issue = own(MARKS, mark.type)?.safeParse(mark.attrs ?? {}).error?.issues[0]
    if (issue) return { path: ['marks', i, 'attrs', ...issue.path as (string | number)[]], message: issue.message }
  }
  const made = own(CONTENTS, type)
  if (made && !content?.length) return { path: ['content'], message: made.says }
  for (const [i, child] of (content ?? []).entries()) {
    const name = (child as { type?: unknown } | null)?.type
    if (made && !(typeof name === 'string' && made.of.test(name))) return { path: ['content', i], message: made.says }
    const inside = troubleIn(child, depth + 1)
    if (inside) return { path: ['content', i, ...inside.path], message: inside.message }
  }
  return undefined
}

const checked = (also: (value: unknown) => string | undefined) => z.unknown().superRefine((value, context) => {
  const says = also(value)
  const trouble = says ? { path: ['type'], message: says } : troubleIn(value, 0)
  if (trouble) context.addIssue({ code: 'custom', path: trouble.path, message: trouble.message })
}) as unknown as z.ZodType<DocNode>

/** One block of a document, with all that is in it. */
export const blockSchema = checked(() => undefined)
/** The whole document of a paper. */
export const documentSchema = checked(value =>
  ((value as DocNode | null | undefined)?.type === 'doc' ? undefined : 'A paper begins with a node of type "doc".'))

const place = z.number().int().min(0).max(1_000_000)
export const blocksChangeSchema: z.ZodType<BlocksChange> = z
  .object({ from: place, to: place, of: place, blocks: z.array(blockSchema).max(100_000) })
  .refine(({ from, to, of }) => from <= to && to <= of, {
    error: 'The blocks that change are not in the order from, to, of.',
    path: ['from'],
  })
