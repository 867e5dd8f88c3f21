import { Schema, type Node as PmNode } from '@tiptap/pm/model'
import { EditorState, type Transaction } from '@tiptap/pm/state'
import { describe, expect, it } from 'vitest'
import type { CitationData } from '~~/core/sheet/document'
import { styleOf } from '~~/core/styles'
import type { Source } from '~~/core/source/model'
import { moveCitation, putCitation, takeCitation } from './placing'

const schema = new Schema({
  nodes: {
    doc: { content: 'block+' },
    paragraph: { group: 'block', content: 'inline*' },
    blockquote: { group: 'block', content: 'block+' },
    pageBreak: { group: 'block', atom: true },
    text: { group: 'inline' },
    citation: { group: 'inline', inline: true, atom: true, attrs: { id: { default: '' }, data: { default: null } } },
  },
  marks: { italic: {}, remark: {} },
})
const source: Source = {
  id: 's',
  kind: 'book',
  fields: { author: [{ family: 'Okonjo', given: 'Adaeze' }], title: 'Silt', issued: { start: { year: 2021 } } },
}
const setting = { style: styleOf('apa-7')!, sourceOf: () => source }
const cite = (
  form: CitationData['form'] = 'parenthetical',
  items: CitationData['items'] = [{ id: 's', locator: undefined }],
): CitationData => ({ items, form })
/** Paragraphs from text: ◊ is a citation, | the place; > begins a block quotation. */
function read(text: string): { tr: Transaction, at: number } {
  const block = (line: string): PmNode =>
    line.startsWith('>')
      ? schema.nodes.blockquote.create(null, block(line.slice(1)))
      : schema.nodes.paragraph.create(
          null,
          line
            .split(/(◊)/u)
            .filter(Boolean)
            .map((piece) => (piece === '◊' ? schema.nodes.citation.create({ id: 'old', data: cite() }) : schema.text(piece))),
        )
  const doc = schema.nodes.doc.create(null, text.split(' / ').map(block))
  let at = 0
  doc.descendants((node, pos) => { const i = node.text?.indexOf('|') ?? -1; if (i >= 0) at = pos + i })
  const tr = EditorState.create({ doc }).tr
  return { tr: at ? tr.delete(at, at + 1) : tr, at }
}
const show = (doc: PmNode): string => {
  const out: string[] = []
  doc.forEach((node) =>
    out.push(
      node.type.name === 'blockquote'
        ? `>${show(node)}`
        : node.type.name === 'paragraph'
          ? node.textBetween(0, node.content.size, '', '◊')
          : `[${node.type.name}]`,
    ),
  )
  return out.join(' / ')
}
const where = (doc: PmNode): number => {
  let at = -1
  doc.descendants((node, pos) => {
    if (node.type.name === 'citation') at = pos
  })
  return at
}

describe('a citation put into the text', () => {
  it.each<[string, string, CitationData, string]>([
    ['before the stop', 'The pond silts.|', cite(), 'The pond silts ◊.'],
    ['behind a word', 'The pond| silts.', cite(), 'The pond ◊ silts.'],
    ['outside quotation marks', 'A “clock.”| It ticks.', cite(), 'A “clock” ◊. It ticks.'],
    ['behind the stop of a block quotation', '>We saw mud|.', cite(), '>We saw mud. ◊'],
    ['a narrative one says the name itself', 'According to Okonjo|, mud wins.', cite('narrative'), 'According to ◊, mud wins.'],
    ['a narrative one before a word', 'Mud wins, |says.', cite('narrative'), 'Mud wins, ◊ says.'],
    ['a note of words alone stays where it was put', 'It silts.|', cite('parenthetical', []), 'It silts.◊'],
    ['an empty paragraph', 'x / |', cite(), 'x / ◊'],
  ])('%s', (_, text, data, result) => {
    const { tr, at } = read(text)
    expect(show(putCitation(tr, at, 'new', data, setting).doc)).toBe(result)
  })
  it('leaves out the name that the sentence has said', () => {
    const { tr, at } = read('As Okonjo writes, and Okonjo|, mud wins.')
    const doc = putCitation(tr, at, 'new', cite(), setting).doc
    expect((doc.nodeAt(where(doc))!.attrs.data as CitationData).form).toBe('suppress-author')
  })
  it('makes a paragraph where no text can stand', () => {
    const doc = schema.nodes.doc.create(null, [schema.nodes.pageBreak.create()])
    expect(show(putCitation(EditorState.create({ doc }).tr, 1, 'new', cite(), setting).doc)).toBe('[pageBreak] / ◊')
  })
  it('has the treatment of the words around it, but is no remark', () => {
    const doc = schema.nodes.doc.create(null, [
      schema.nodes.paragraph.create(null, [schema.text('mud', [schema.marks.italic.create(), schema.marks.remark.create()])]),
    ])
    const made = putCitation(EditorState.create({ doc }).tr, 4, 'new', cite(), setting).doc
    expect(made.firstChild!.child(1).marks.map(mark => mark.type.name)).toEqual(['italic'])
  })
})

describe('a citation taken out', () => {
  it.each([
    ['It silts ◊. More.', 'It silts. More.'],
    ['It ◊ silts.', 'It silts.'],
    ['◊ says so.', ' says so.'],
    ['It silts ◊', 'It silts'],
    ['(◊)', '()'],
    ['It silts. ◊ More.', 'It silts. More.'],
  ])('%s', (text, result) => {
    const { tr } = read(text)
    expect(show(takeCitation(tr, where(tr.doc)).doc)).toBe(result)
  })
})

describe('a citation moved', () => {
  it.each<[string, string, string]>([
    ['to the end of a sentence, behind its stop', 'It silts ◊. The gate fell.| More.', 'It silts. The gate fell ◊. More.'],
    ['within a word it goes behind the word', 'It silts ◊. The ga|te fell.', 'It silts. The gate ◊ fell.'],
    ['to another paragraph', 'It silts ◊. / The gate| fell.', 'It silts. / The gate ◊ fell.'],
    ['backwards', 'The gate fell.| It silts ◊.', 'The gate fell ◊. It silts.'],
    ['into a block quotation', 'It silts ◊. / >We saw mud.|', 'It silts. / >We saw mud. ◊'],
    ['where it stands already', 'It silts ◊|.', 'It silts ◊.'],
  ])('%s', (_, text, result) => {
    const { tr, at } = read(text)
    expect(show(moveCitation(tr, where(tr.doc), at, setting).doc)).toBe(result)
  })
  it('stays the same citation', () => {
    const { tr, at } = read('It silts ◊. The gate| fell.')
    const { doc } = moveCitation(tr, where(tr.doc), at, setting)
    expect(doc.nodeAt(where(doc))!.attrs.id).toBe('old')
  })
  it('what is no citation is not moved', () => {
    const { tr } = read('It silts ◊.')
    expect(moveCitation(tr, 1, 4, setting).docChanged).toBe(false)
  })
})
