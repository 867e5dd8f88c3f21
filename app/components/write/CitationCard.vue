<script setup lang="ts">
import { quotedBefore, straysFrom } from '~~/core/check/quoted'
import type { CitationData } from '~~/core/sheet/document'
import type { PaperEditor } from '~/editor/usePaperEditor'

/** An open citation, the same in the margin and in the drawer: what can be changed in it, and what can be done with it. */
const props = defineProps<{ id: string, editor: PaperEditor, headed?: boolean }>()
const emit = defineEmits<{ done: [] }>()
const store = usePaper()
const place = computed(() => store.citationPlaces.get(props.id)!)
const data = computed(() => store.citations[place.value] as CitationData)
const again = computed(() => (void store.citations, props.editor.citedBefore(props.id)))
const near = computed(() => (void store.citations, props.editor.neighbours(props.id)))
</script>

<script lang="ts">
/** Words of the quotation before a citation that its passages do not have; undefined when it has none, or all are there. */
export function strayWords(id: string, editor: PaperEditor, store: ReturnType<typeof usePaper>): string | undefined {
  const data = store.citations[store.citationPlaces.get(id) ?? -1] as CitationData | undefined
  const passages = (data?.passages ?? []).map(one => store.passages.find(p => p.id === one)).filter(p => p?.form === 'quotation')
  const at = passages.length ? editor.find(id) : undefined
  if (!at) return undefined
  const $pos = editor.editor.value!.state.doc.resolve(at.pos)
  const block = $pos.depth > 1 && $pos.node($pos.depth - 1).type.name === 'blockquote'
  const quotation = quotedBefore($pos.parent.textBetween(0, $pos.parentOffset, ' ', ''), block) ?? quotedBefore(`${$pos.parent.textBetween($pos.parentOffset, $pos.parent.content.size, ' ', '')} `, false)
  return quotation ? straysFrom(quotation, passages.map(p => p!.words).join(' '))?.words : undefined
}
</script>

<template>
  <WriteCitationEditor
    :data="data"
    :place="place"
    :headed="headed ?? false"
    :again="again"
    @change="editor.update(id, $event)"
    @done="emit('done')"
  >
    <button
      v-if="data.items.length > 1"
      class="quiet"
      @click="editor.split(id)"
    >
      Split
    </button>
    <button
      v-if="near.before || near.after"
      class="quiet"
      @click="editor.join(id, (near.before ?? near.after)!)"
    >
      Join with {{ near.before ? 'the one before' : 'the next' }}
    </button>
    <button
      class="quiet"
      @click="editor.copy(id)"
    >
      Copy
    </button>
    <button
      class="quiet ml-auto"
      @click="editor.remove(id)"
    >
      Remove
    </button>
    <slot />
  </WriteCitationEditor>
</template>
