/** Headings of appendices: marked as such, and drawn with the label that the style gives them. */
import { Extension } from '@tiptap/core'
import type { Node as PmNode } from '@tiptap/pm/model'
import { Plugin, PluginKey } from '@tiptap/pm/state'
import { Decoration, DecorationSet } from '@tiptap/pm/view'
import { appendixLabel, isAppendix } from '~~/core/sheet/appendices'
import type { Style } from '~~/core/styles/schema'

interface Drawn { style: Style, doc: PmNode, labels: DecorationSet }
const key = new PluginKey<Drawn>('appendices')

function draw(style: Style, doc: PmNode): Drawn {
  const found: { pos: number, node: PmNode }[] = []
  doc.forEach((node, pos) => { if (isAppendix({ type: node.type.name, attrs: node.attrs })) found.push({ pos, node }) })
  const { between } = style.page.appendix
  const labels = found.map(({ pos, node }, i) => {
    const label = appendixLabel(style, i + 1, found.length)
    return Decoration.node(pos, pos + node.nodeSize, { 'data-label': node.content.size || between === '\n' ? label + between : label })
  })
  return { style, doc, labels: labels.length ? DecorationSet.create(doc, labels) : DecorationSet.empty }
}

export const Appendices = (style: () => Style) => Extension.create({
  name: 'appendices',
  addGlobalAttributes: () => [{
    types: ['heading'],
    attributes: {
      appendix: {
        default: null,
        keepOnSplit: false,
        parseHTML: el => (el.hasAttribute('data-appendix') ? true : null),
        renderHTML: ({ appendix }) => (appendix ? { 'data-appendix': '' } : {}),
      },
    },
  }],
  addProseMirrorPlugins: () => [new Plugin<Drawn>({
    key,
    state: {
      init: (_, { doc }) => draw(style(), doc),
      // What an appendix is called depends on how many there are; their headings stand on the first level, which is soon gone through.
      apply: (_, before, __, { doc }) => (doc === before.doc && style() === before.style ? before : draw(style(), doc)),
    },
    props: { decorations: state => key.getState(state)?.labels },
  })],
})
