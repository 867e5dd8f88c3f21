import { expect, it } from 'vitest'
import { DEEPEST_BLOCK, documentSchema } from './document-schema'

const words = { type: 'text', text: 'x' }
const paragraph = { type: 'paragraph', content: [words] }
const nested = (n: number): object => (n ? { type: 'blockquote', content: [nested(n - 1)] } : paragraph)
const cell = { type: 'tableCell', attrs: { colspan: 1 }, content: [paragraph] }
const says = (block: unknown): string => {
  const { error } = documentSchema.safeParse({ type: 'doc', content: [block] })
  return error ? `${error.issues[0]!.path.join('.')} ${error.issues[0]!.message}` : 'taken'
}

it.each<[string, unknown, string | RegExp]>([
  ['a paragraph', paragraph, 'taken'],
  ['a node that is not known here', { type: 'sundial', attrs: { hour: 'noon' }, content: [words] }, 'taken'],
  ['an empty piece of text', { type: 'paragraph', content: [{ type: 'text', text: '' }] }, 'taken'],
  ['a heading', { type: 'heading', attrs: { level: 2 }, content: [words] }, 'taken'],
  ['a table', { type: 'table', content: [{ type: 'tableRow', content: [cell] }] }, 'taken'],
  ['a figure', { type: 'figure', attrs: { src: 'data:image/png;base64,iVBORw==', alt: null }, content: [words] }, 'taken'],
  ['a figure without its picture', { type: 'figure', attrs: { src: '' } }, 'taken'],
  ['a heading of level "x"', { type: 'heading', attrs: { level: 'x' } }, /^content\.0\.attrs\.level .*1 to 6/u],
  ['a heading of level 0', { type: 'heading', attrs: { level: 0 } }, /1 to 6/u],
  ['a table without rows', { type: 'table', content: [] }, /made of rows/u],
  ['a table of paragraphs', { type: 'table', content: [paragraph] }, /made of rows/u],
  ['a row without cells', { type: 'table', content: [{ type: 'tableRow' }] }, /made of cells/u],
  ['a cell as wide as a street', { type: 'table', content: [{ type: 'tableRow', content: [{ ...cell, attrs: { colspan: 1e9 } }] }] }, /1 to 200/u],
  ['a list without items', { type: 'bulletList', content: [paragraph] }, /made of items/u],
  ['a picture that is no base64', { type: 'figure', attrs: { src: 'data:image/png;base64,<x>' } }, /as base64/u],
  ['a picture from elsewhere', { type: 'figure', attrs: { src: 'http://spy.example/x.png' } }, /as base64/u],
  ['text that is a number', { type: 'paragraph', content: [{ type: 'text', text: 3 }] }, /has words/u],
  ['a block that is null', null, /object/u],
  ['content that is no list', { type: 'paragraph', content: 'x' }, /is a list/u],
  ['a mark without a type', { type: 'paragraph', content: [{ ...words, marks: [{}] }] }, /Marks are/u],
  ['a link that is a number', { type: 'paragraph', content: [{ ...words, marks: [{ type: 'link', attrs: { href: 3 } }] }] }, /href/u],
  ['a citation of things without ids', { type: 'paragraph', content: [{ type: 'citation', attrs: { data: { items: [{}] } } }] }, /items\.0\.id/u],
  ['a type called constructor', { type: 'constructor' }, 'taken'],
  ['as deep as papers go', nested(DEEPEST_BLOCK - 4), 'taken'],
  ['deeper', nested(DEEPEST_BLOCK + 1), /nested more than 60 deep/u],
])('%s', (_, block, wanted) => expect(says(block)).toMatch(wanted instanceof RegExp ? wanted : new RegExp(`^${wanted}$`, 'u')))
