<script setup lang="ts">
import type { Editor } from '@tiptap/vue-3'
import type { Node as PmNode } from '@tiptap/pm/model'
import type { Selection, Transaction } from '@tiptap/pm/state'
import { composeAlone } from '~~/core/compose/compose'
import { plain } from '~~/core/text/runs'
import type { CaptionAttrs } from '~/editor/captioned'

/** The table or figure that the cursor is in: its title, the source it is taken from, the line beneath. */
const props = defineProps<{ editor: Editor }>()
const store = usePaper()
const composed = useComposition()
const owned = useSources()
/** A table or figure of the sheet, followed through what is written before it. */
interface Target { key: number, what: 'figure' | 'table', pos: number }
const target = shallowRef<Target>()
let keys = 0
/** Those that were left a moment ago as well: their fields hand over as they go. */
let followed: Target[] = []
function under(): { what: 'figure' | 'table', pos: number } | undefined {
  const { $from, node } = props.editor.state.selection as Selection & { node?: PmNode }
  if (node && isCaptioned(node.type.name)) return { what: node.type.name, pos: $from.pos }
  for (let depth = $from.depth; depth > 0; depth--) {
    const { name } = $from.node(depth).type
    if (isCaptioned(name)) return { what: name, pos: $from.before(depth) }
  }
  return undefined
}
const isCaptioned = (name: string): name is 'figure' | 'table' => name === 'figure' || name === 'table'
function look() {
  const now = under()
  const before = target.value
  if (now && before && now.pos === before.pos && now.what === before.what) return
  target.value = now && { ...now, key: ++keys }
  followed = [...followed.slice(-3), ...(target.value ? [target.value] : [])]
}
function follow({ transaction }: { transaction: Transaction }) {
  if (transaction.docChanged) for (const one of followed) one.pos = transaction.mapping.map(one.pos, 1)
  look()
}
look()
props.editor.on('transaction', follow)
onBeforeUnmount(() => props.editor.off('transaction', follow))
const nodeOf = ({ pos, what }: Target) => {
  const node = props.editor.state.doc.nodeAt(pos)
  return node?.type.name === what ? node : undefined
}
const attrs = computed(() => (target.value && props.editor.state ? nodeOf(target.value)?.attrs as CaptionAttrs | undefined : undefined))
function set(of: Target, change: Partial<CaptionAttrs>) {
  const node = nodeOf(of)
  if (node) props.editor.view.dispatch(props.editor.state.tr.setNodeMarkup(of.pos, undefined, { ...node.attrs, ...change }))
}
const nameOf = (id: string) => {
  const source = owned.byId.get(id)!
  return plain(composeAlone(store.style, source).reference ?? composeAlone(store.style, source).narrative).slice(0, 90)
}
</script>

<template>
  <div
    v-for="one in target && attrs ? [target] : []"
    :key="one.key"
    class="grid items-baseline gap-x-5 gap-y-1 border-t border-rule px-5 py-2 sm:grid-cols-2"
    role="group"
    :aria-label="`This ${one.what}`"
  >
    <div
      v-if="one.what === 'table'"
      class="flex items-baseline gap-2 sm:col-span-2"
    >
      <span class="shrink-0 text-fine text-soft">title of the table</span>
      <WriteNoteWords
        class="flex-1"
        :words="attrs!.title ?? ''"
        label="Title of the table"
        placeholder="What it shows"
        @change="set(one, { title: $event })"
        @done="editor.view.focus()"
      />
    </div>
    <label class="flex min-w-0 items-baseline gap-2"><span class="shrink-0 text-fine text-soft">taken from</span>
      <PartsSelect
        look="line"
        class="min-w-0 py-0.5"
        :model-value="attrs!.from"
        :options="[['', 'nowhere: my own'], ...composed.filed.map(source => [source.id, nameOf(source.id)] as const)]"
        @update:model-value="set(one, { from: $event })"
      /></label>
    <div class="flex min-w-0 items-baseline gap-2">
      <span class="shrink-0 text-fine text-soft">{{ attrs!.from ? 'and under it' : 'under it' }}</span>
      <WriteNoteWords
        class="min-w-0 flex-1"
        :words="attrs!.credit"
        label="Words under it"
        placeholder="a note, or a credit in your own words"
        @change="set(one, { credit: $event })"
        @done="editor.view.focus()"
      />
    </div>
    <PartsField
      v-if="one.what === 'figure'"
      label="for those who cannot see it"
      beside
      class="sm:col-span-2"
      field-class="py-0.5"
      :model-value="attrs!.alt"
      placeholder="What the picture shows, in words"
      rest
      @update:model-value="set(one, { alt: $event })"
    />
  </div>
</template>
