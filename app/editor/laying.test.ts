import { Schema } from '@tiptap/pm/model'
import { EditorState, TextSelection } from '@tiptap/pm/state'
import { describe, expect, it } from 'vitest'
import type { DocNode } from '~~/core/sheet/document'
import { forEditor, layingOf } from './laying'

const schema = new Schema({ nodes: { doc: { content: 'paragraph+' }, paragraph: { content: 'text*' }, text: {} } })
const doc = (...texts: string[]): DocNode => ({ type: 'doc', content: texts.map(text => ({ type: 'paragraph', ...(text ? { content: [{ type: 'text', text }] } : {}) })) })
/** The sheet with its cursor before the bar, and what it is when another text was laid. */
function laid(before: string[], after: DocNode): string {
  const at = before.findIndex(text => text.includes('|'))
  const whole = schema.nodeFromJSON(doc(...before.map(text => text.replace('|', ''))))
  let pos = 1 + before[at]!.indexOf('|')
  for (let i = 0; i < at; i++) pos += whole.child(i).nodeSize
  const state = EditorState.create({ doc: whole, selection: TextSelection.create(whole, pos) })
  const tr = layingOf(state.tr, after)
  const now = tr ? state.apply(tr) : state
  const { $from } = now.selection
  return now.doc.children.map((node, i) => (i === $from.index(0) ? `${node.textContent.slice(0, $from.parentOffset)}|${node.textContent.slice($from.parentOffset)}` : node.textContent)).join(' / ')
}

describe('a text from elsewhere', () => {
  it.each<[string, string[], DocNode, string]>([
    ['before the cursor', ['One.', 'Tw|o.'], doc('One, theirs.', 'Two.'), 'One, theirs. / Tw|o.'],
    ['behind it', ['On|e.', 'Two.'], doc('One.', 'Two, theirs.'), 'On|e. / Two, theirs.'],
    ['on both sides of it', ['One.', 'Tw|o.', 'Three.'], doc('One, theirs.', 'Two.', 'Three, theirs.'), 'One, theirs. / Tw|o. / Three, theirs.'],
    ['with paragraphs more', ['Tw|o.'], doc('Zero.', 'One.', 'Two.', 'Three.'), 'Zero. / One. / Tw|o. / Three.'],
    ['with paragraphs fewer', ['One.', 'Two.', 'Thr|ee.'], doc('Three.'), 'Thr|ee.'],
    ['the same', ['On|e.'], doc('One.'), 'On|e.'],
    ['nothing at all', ['On|e.'], { type: 'doc', content: [] }, '|'],
  ])('%s', (_, before, after, wanted) => expect(laid(before, after)).toBe(wanted))
  it('leaves pieces without words out, which the editor cannot hold', () => {
    expect(forEditor({ type: 'paragraph', content: [{ type: 'text', text: '' }, { type: 'text', text: 'x' }] })).toEqual({ type: 'paragraph', content: [{ type: 'text', text: 'x' }] })
  })
})
