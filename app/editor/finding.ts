/** Finding words in the text and replacing them; citations are never touched. */
import { Extension } from '@tiptap/core'
import { Plugin, PluginKey } from '@tiptap/pm/state'
import type { Node as PmNode } from '@tiptap/pm/model'
import { Decoration, DecorationSet } from '@tiptap/pm/view'

export interface Found { from: number, to: number }
export interface Search { words: string, matchCase: boolean, at: number, found: Found[] }
const EMPTY: Search = { words: '', matchCase: false, at: 0, found: [] }
export const findKey = new PluginKey<{ search: Search, set: DecorationSet }>('find-in-text')

/** Every place of some words; curly and straight marks are alike. */
export function findWords(doc: PmNode, words: string, matchCase: boolean): Found[] {
  if (!words) return []
  const plain = (text: string) => { const flat = text.replace(/[’‘]/gu, '\'').replace(/[“”]/gu, '"').replace(/\u00A0/gu, ' '); return matchCase ? flat : flat.toLowerCase() }
  const wanted = plain(words)
  const out: Found[] = []
  doc.descendants((node, pos) => {
    if (!node.inlineContent) return true
    const text = plain(node.textBetween(0, node.content.size, '\n', '\uFFFC'))
    if (text.length !== node.content.size) return false
    for (let at = text.indexOf(wanted); at >= 0; at = text.indexOf(wanted, at + wanted.length)) out.push({ from: pos + 1 + at, to: pos + 1 + at + wanted.length })
    return false
  })
  return out
}

export const FindInText = Extension.create({
  name: 'findInText',
  addProseMirrorPlugins: () => [new Plugin<{ search: Search, set: DecorationSet }>({
    key: findKey,
    state: {
      init: () => ({ search: EMPTY, set: DecorationSet.empty }),
      apply(tr, value, _, state) {
        const given = tr.getMeta(findKey) as Partial<Search> | undefined
        if (!given && (!tr.docChanged || !value.search.words)) return value
        const search = { ...value.search, ...given }
        search.found = findWords(state.doc, search.words, search.matchCase)
        search.at = Math.max(0, Math.min(search.at, search.found.length - 1))
        return { search, set: DecorationSet.create(state.doc, search.found.map((one, i) => Decoration.inline(one.from, one.to, { class: i === search.at ? 'found here' : 'found' }))) }
      },
    },
    props: { decorations: state => findKey.getState(state)?.set },
  })],
})
