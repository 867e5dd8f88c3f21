/**
 * The editor's citation: an inline atom that shows what the core makes of it, with the ways to open the picker and to
 * stand where the style sets it.
 */
import { InputRule, Node, mergeAttributes } from '@tiptap/core'
import type { Fragment, Node as PmNode } from '@tiptap/pm/model'
import { Plugin } from '@tiptap/pm/state'
import type { EditorView } from '@tiptap/pm/view'
import type { CitationData } from '~~/core/sheet/document'
import { readMarks } from '~~/core/intake/marks'
import { CitationView, type CitationSight } from './citation-view'
import { CarryingSerializer, carriedText, takenBack, type Carrier } from './carrying'
import { stopsPlugin } from './stops'

export const newCitationId = (): string => crypto.randomUUID().slice(0, 8)

const parse = (text: string | null): CitationData => {
  try { return JSON.parse(text ?? '') as CitationData }
  catch { return { items: [], form: 'parenthetical' } }
}

export interface CitationHost extends Carrier {
  openPicker: () => void
  sight: CitationSight
  /** A source's id by its key. */
  idOf: (key: string) => string | undefined
  /** Enter on a citation. */
  change: (id: string) => void
}

/** A selection made a moment ago may not have been read yet: a cut that comes so soon would be the browser's own, which drops citations. */
function readSelection(view: EditorView): false {
  (view as unknown as { domObserver?: { flush?: () => void } }).domObserver?.flush?.()
  return false
}

export const CitationNode = (host: CitationHost) =>
  Node.create({
    name: 'citation',
    group: 'inline',
    inline: true,
    atom: true,
    selectable: true,
    draggable: true,
    addAttributes: () => ({
      id: {
        default: '',
        parseHTML: (el) => el.getAttribute('data-cid') ?? '',
        renderHTML: (attrs) => ({ 'data-cid': attrs.id as string }),
      },
      data: {
        default: { items: [], form: 'parenthetical' },
        parseHTML: (el) => parse(el.getAttribute('data-citation')),
        renderHTML: (attrs) => ({ 'data-citation': JSON.stringify(attrs.data) }),
      },
    }),
    parseHTML: () => [{ tag: 'span[data-citation]' }],
    renderHTML: ({ HTMLAttributes }) => ['span', mergeAttributes(HTMLAttributes)],
    addNodeView:
      () =>
      ({ node, decorations }) =>
        new CitationView(node, decorations as never, host.sight),
    addInputRules: () => [
      new InputRule({
        find: /;;$/u,
        handler: ({ range, chain }) => {
          chain().deleteRange(range).run()
          // Before the next key can be pressed, which belongs to the picker already.
          queueMicrotask(host.openPicker)
        },
      }),
      new InputRule({
        // A mark typed by hand becomes its citation; one with an unknown key stays as it was typed.
        find: /\[ref(?:\s+(?:in-text|no-name))?:[^\][]+\]$/u,
        handler: ({ range, match, state }) => {
          const [read] = readMarks(match[0], host.idOf)
          if (read && typeof read !== 'string')
            state.tr.replaceWith(range.from, range.to, state.schema.nodes.citation!.create({ id: newCitationId(), data: read }))
        },
      }),
    ],
    addKeyboardShortcuts() {
      return {
        'Mod-\'': () => {
          host.openPicker()
          return true
        },
        // Browsers do not find the end of a text that ends in a citation.
        'Mod-End': () => this.editor.chain().setTextSelection(this.editor.state.doc.content.size).scrollIntoView().run(),
        'Mod-Home': () => this.editor.chain().setTextSelection(0).scrollIntoView().run(),
        'End': () => {
          const { $from, empty } = this.editor.state.selection
          return (
            empty
            && $from.parent.lastChild?.type.name === 'citation'
            && $from.pos < $from.end()
            && this.editor.view.coordsAtPos($from.pos).top + 4 > this.editor.view.coordsAtPos($from.end()).top
            && this.editor.commands.setTextSelection($from.end())
          )
        },
        'Enter': () => {
          const node = (this.editor.state.selection as { node?: PmNode }).node
          if (node?.type.name !== 'citation') return false
          host.change(String(node.attrs.id))
          return true
        },
      }
    },
    addProseMirrorPlugins() {
      return [
        stopsPlugin(host.style),
        new Plugin({
          props: {
            handleDOMEvents: { cut: readSelection, copy: readSelection },
            transformPastedHTML: takenBack,
            clipboardSerializer: new CarryingSerializer(this.editor.schema, host),
            clipboardTextSerializer: (slice) => carriedText(slice.content, host),
          },
          // A pasted or duplicated citation is a citation of its own. Typing a letter brings none: its steps are looked
          // at, not the document.
          appendTransaction: (transactions, _before, state) => {
            let brings = false
            for (const tr of transactions) {
              for (const step of tr.steps) {
                const slice = (step as { slice?: { content: Fragment } }).slice
                slice?.content.descendants((node) => {
                  if (node.type.name === 'citation') brings = true
                  return !brings
                })
              }
            }
            if (!brings) return null
            const seen = new Set<string>()
            const tr = state.tr
            state.doc.descendants((node, pos) => {
              if (node.type.name !== 'citation') return
              const id = String(node.attrs.id)
              if (!id || seen.has(id)) tr.setNodeMarkup(pos, undefined, { ...node.attrs, id: newCitationId() })
              else seen.add(id)
            })
            return tr.docChanged ? tr.setMeta('addToHistory', false) : null
          },
        }),
      ]
    },
  })
