<script setup lang="ts">
import type { Editor } from '@tiptap/vue-3'
import { composeAlone } from '~~/core/compose/compose'
import { plain } from '~~/core/text/runs'
import type { CaptionAttrs } from '~/editor/captioned'

/** The table or figure that the cursor is in: its title, the source it is taken from, the line beneath. */
const props = defineProps<{ editor: Editor }>()
const store = usePaper()
const composed = useComposition()
const owned = useSources()
const what = computed(() => (['figure', 'table'] as const).find(name => props.editor.isActive(name)))
const attrs = computed(() => (what.value ? props.editor.getAttributes(what.value) as CaptionAttrs : undefined))
/** Where it begins: its fields are made anew when the cursor moves to another. */
const at = computed(() => {
  const { $from } = props.editor.state.selection
  for (let depth = $from.depth; depth > 0; depth--) if ($from.node(depth).type.name === what.value) return $from.before(depth)
  return props.editor.state.selection.from
})
const set = (change: Partial<CaptionAttrs>) => what.value && props.editor.chain().updateAttributes(what.value, change).run()
const nameOf = (id: string) => {
  const source = owned.byId.get(id)!
  return plain(composeAlone(store.style, source).reference ?? composeAlone(store.style, source).narrative).slice(0, 90)
}
</script>

<template>
  <div
    v-if="what && attrs"
    :key="`${what}-${at}`"
    class="grid items-baseline gap-x-5 gap-y-1 border-t border-rule px-5 py-2 sm:grid-cols-2"
    role="group"
    :aria-label="`This ${what}`"
  >
    <div
      v-if="what === 'table'"
      class="flex items-baseline gap-2 sm:col-span-2"
    >
      <span class="shrink-0 text-fine text-soft">title of the table</span>
      <WriteNoteWords
        class="flex-1"
        :words="attrs.title ?? ''"
        label="Title of the table"
        placeholder="What it shows"
        @change="set({ title: $event })"
        @done="editor.view.focus()"
      />
    </div>
    <label class="flex min-w-0 items-baseline gap-2"><span class="shrink-0 text-fine text-soft">taken from</span>
      <PartsSelect
        look="line"
        class="min-w-0 py-0.5"
        :model-value="attrs.from"
        :options="[['', 'nowhere: my own'], ...composed.filed.map(source => [source.id, nameOf(source.id)] as const)]"
        @update:model-value="set({ from: $event })"
      /></label>
    <div class="flex min-w-0 items-baseline gap-2">
      <span class="shrink-0 text-fine text-soft">{{ attrs.from ? 'and under it' : 'under it' }}</span>
      <WriteNoteWords
        class="min-w-0 flex-1"
        :words="attrs.credit"
        label="Words under it"
        placeholder="a note, or a credit in your own words"
        @change="set({ credit: $event })"
        @done="editor.view.focus()"
      />
    </div>
    <PartsField
      v-if="what === 'figure'"
      label="for those who cannot see it"
      beside
      class="sm:col-span-2"
      field-class="py-0.5"
      :model-value="attrs.alt"
      placeholder="What the picture shows, in words"
      lazy
      @update:model-value="set({ alt: $event })"
    />
  </div>
</template>
