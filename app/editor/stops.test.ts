import fc from 'fast-check'
import { Schema, type Node as PmNode } from '@tiptap/pm/model'
import { EditorState } from '@tiptap/pm/state'
import { describe, expect, it } from 'vitest'
import { styleOf } from '~~/core/styles'
import { stopsKey, stopsPlugin } from './stops'

const schema = new Schema({
  nodes: {
    doc: { content: 'paragraph+' },
    paragraph: { content: 'inline*' },
    text: { group: 'inline' },
    citation: { group: 'inline', inline: true, atom: true, attrs: { id: { default: '' }, data: { default: null } } },
  },
})
const cite = (data: object = {}) =>
  schema.nodes.citation.create({ id: 'c', data: { items: [{ id: 'a' }], form: 'parenthetical', ...data } })
const p = (text: string): PmNode =>
  schema.nodes.paragraph.create(
    null,
    text
      .split(/(◊|◆)/u)
      .filter(Boolean)
      .map((one) => (one === '◊' ? cite() : one === '◆' ? cite({ words: { after: 'So.' } }) : schema.text(one))),
  )
const begin = (id: string, ...paragraphs: string[]) =>
  EditorState.create({ doc: schema.nodes.doc.create(null, paragraphs.map(p)), plugins: [stopsPlugin(() => styleOf(id)!)] })
/** What is hidden behind citations, what is shown in them, what is set elsewhere. */
const show = (state: EditorState): string =>
  stopsKey
    .getState(state)!
    .set.find()
    .map(
      (one) => `${one.from}-${one.to}${(one.spec as { ahead?: string, key?: string }).ahead ?? (one.spec as { key?: string }).key ?? ''}`,
    )
    .sort()
    .join(' ')

describe('raised numbers on the sheet', () => {
  it.each<[string, string, string, string]>([
    ['a note stands behind the stop', 'chicago-18-notes', 'ab ◊.', '4-5. 5-6'],
    ['a question mark', 'chicago-18-notes', 'ab ◊? C', '4-5? 5-6'],
    ['inside quotation marks', 'ama-11', '“a” ◊.', '3-3stop-. 6-7'],
    ['not in AMA with a semicolon', 'ama-11', 'ab ◊; c', ''],
    ['nothing in a style that cites in the text', 'apa-7', 'ab ◊.', ''],
    ['but a content note there', 'apa-7', '“a” ◆.', '5-6. 6-7'],
  ])('%s', (_, id, text, shown) => expect(show(begin(id, text))).toBe(shown))
  it('whatever is typed, taken out and put in, is shown as if made anew', () => {
    const step = fc.record({ at: fc.nat(80), to: fc.nat(6), what: fc.constantFrom('a', '.', ', ', '“x”', '◊', '◆.', '', '\n') })
    fc.assert(fc.property(fc.constantFrom('chicago-18-notes', 'ama-11', 'apa-7'), fc.array(step, { maxLength: 14 }), (id, steps) => {
      let state = begin(id, 'One ◊. Two', 'ab “c” ◊. ◆, d', 'plain')
      for (const { at, to, what } of steps) {
        const from = Math.min(at, state.doc.content.size - 1)
        const tr = state.tr
        if (what === '\n') { if (state.doc.resolve(from).depth === 1) tr.split(from) }
        else if (what === '') tr.delete(from, Math.min(from + to, state.doc.content.size))
        else if (state.doc.resolve(from).parent.inlineContent) tr.insert(from, p(what).content)
        state = state.apply(tr)
      }
      expect(show(state)).toBe(show(EditorState.create({ doc: state.doc, plugins: [stopsPlugin(() => styleOf(id)!)] })))
    }), { numRuns: 500 })
  })
  it('another style is drawn at the next step', () => {
    let id = 'apa-7'
    const state = EditorState.create({ doc: schema.nodes.doc.create(null, [p('ab ◊.')]), plugins: [stopsPlugin(() => styleOf(id)!)] })
    id = 'nature'
    expect([show(state), show(state.apply(state.tr))]).toEqual(['', '4-5. 5-6'])
  })
})
