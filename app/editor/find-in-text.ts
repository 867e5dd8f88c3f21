/**
 * Finding words in the text, in notes, around citations and under tables and figures, and replacing them. What a
 * citation prints is never touched.
 */
import { Extension } from '@tiptap/core'
import { Plugin, PluginKey, type Transaction } from '@tiptap/pm/state'
import type { Node as PmNode } from '@tiptap/pm/model'
import { Decoration, DecorationSet } from '@tiptap/pm/view'
import type { CitationData } from '~~/core/sheet/document'
import { replaceRich, stripRich } from '~~/core/text/rich'

type Path = readonly (string | number)[]
/** A place in the text; or in words that a node carries, by the path to them in its attributes and the letters in their plain form. */
export interface Found { from: number, to: number, within?: { path: Path, from: number, to: number } }
export interface Search { words: string, matchCase: boolean, at: number, found: Found[] }
const EMPTY: Search = { words: '', matchCase: false, at: 0, found: [] }
export const findKey = new PluginKey<{ search: Search, set: DecorationSet }>('find-in-text')

/** The writer's words that a node carries beside the text. */
function carried(node: PmNode): (readonly [path: Path, words: string])[] {
  if (node.type.name === 'citation') {
    const { items, words } = node.attrs.data as CitationData
    const all: (readonly [path: Path, words: string | undefined])[] = [[['data', 'words', 'before'], words?.before]]
    items.forEach((item, i) => all.push([['data', 'items', i, 'prefix'], item.prefix], [['data', 'items', i, 'suffix'], item.suffix]))
    all.push([['data', 'words', 'after'], words?.after])
    return all.flatMap(([path, said]) => (said ? [[path, said] as const] : []))
  }
  return node.type.name === 'table' || node.type.name === 'figure'
    ? (['title', 'credit'] as const).flatMap((name) => (node.attrs[name] ? [[[name], String(node.attrs[name])] as const] : []))
    : []
}

/** Every place of some words; curly and straight marks are alike. */
export function findWords(doc: PmNode, words: string, matchCase: boolean): Found[] {
  if (!words) return []
  const flat = (text: string) => text.replace(/[’‘]/gu, '\'').replace(/[“”]/gu, '"').replace(/\u00A0/gu, ' ')
  // A letter whose small form is longer is left as it is, so that places stay places.
  const plain = (text: string) =>
    matchCase
      ? flat(text)
      : flat(text).replace(/./gsu, (letter) => (letter.toLowerCase().length === letter.length ? letter.toLowerCase() : letter))
  const wanted = plain(words)
  const places = (text: string): number[] => {
    const out: number[] = []
    for (let at = text.indexOf(wanted); at >= 0; at = text.indexOf(wanted, at + wanted.length)) out.push(at)
    return out
  }
  const out: Found[] = []
  doc.descendants((node, pos) => {
    for (const [path, rich] of carried(node))
      for (const at of places(plain(stripRich(rich))))
        out.push({ from: pos, to: pos + node.nodeSize, within: { path, from: at, to: at + wanted.length } })
    if (!node.inlineContent) return true
    const text = plain(node.textBetween(0, node.content.size, '\n', '\uFFFC'))
    if (text.length === node.content.size) for (const at of places(text)) out.push({ from: pos + 1 + at, to: pos + 1 + at + wanted.length })
    return true
  })
  return out.sort((a, b) => a.from - b.from)
}

/** Exchanges the words found for others, the last first, so that the places before stay right. */
export function replaceFound(tr: Transaction, found: readonly Found[], words: string): Transaction {
  const { schema } = tr.doc.type
  for (const { from, to, within } of [...found].reverse()) {
    if (within) {
      const node = tr.doc.nodeAt(from)!
      const attrs = JSON.parse(JSON.stringify(node.attrs)) as Record<string, unknown>
      const holder = within.path.slice(0, -1).reduce<unknown>((at, key) => (at as Record<string | number, unknown>)[key], attrs) as Record<
        string | number,
        unknown
      >
      const last = within.path.at(-1)!
      holder[last] = replaceRich(String(holder[last]), within.from, within.to, words)
      tr.setNodeMarkup(from, undefined, attrs, node.marks)
    }
    else if (words) tr.replaceWith(from, to, schema.text(words, tr.doc.resolve(from + 1).marks()))
    else tr.delete(from, to)
  }
  return tr
}

/** Of a place within a note: the citation that carries it. */
export const noteOf = (doc: PmNode, { from, within }: Found): string | undefined =>
  within?.path[1] === 'words' ? String(doc.nodeAt(from)?.attrs.id) : undefined

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
        return {
          search,
          set: DecorationSet.create(
            state.doc,
            search.found.map((one, i) =>
              Decoration[one.within ? 'node' : 'inline'](one.from, one.to, { class: i === search.at ? 'found here' : 'found' }),
            ),
          ),
        }
      },
    },
    props: { decorations: state => findKey.getState(state)?.set },
  })],
})
