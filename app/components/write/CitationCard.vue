<script setup lang="ts">
import type { CitationData } from '~~/core/sheet/document'
import type { PaperEditor } from '~/editor/usePaperEditor'

/** An open citation, the same in the margin and in the drawer: what can be changed in it, and what can be done with it. */
const props = defineProps<{ id: string, editor: PaperEditor, headed?: boolean }>()
const emit = defineEmits<{ done: [] }>()
const written = useText()
const place = computed(() => written.citationPlaces.get(props.id)!)
const data = computed(() => written.citations[place.value] as CitationData)
const again = computed(() => (void written.citations, props.editor.citedBefore(props.id)))
const near = computed(() => (void written.citations, props.editor.neighbours(props.id)))
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
    <PartsButton
      v-if="data.items.length > 1"
      kind="quiet"
      @click="editor.split(id)"
    >
      Split
    </PartsButton>
    <PartsButton
      v-if="near.before || near.after"
      kind="quiet"
      @click="editor.join(id, (near.before ?? near.after)!)"
    >
      Join with {{ near.before ? 'the one before' : 'the next' }}
    </PartsButton>
    <PartsButton
      kind="quiet"
      @click="editor.copy(id)"
    >
      Copy
    </PartsButton>
    <PartsButton
      kind="quiet"
      class="ml-auto"
      @click="editor.remove(id)"
    >
      Remove
    </PartsButton>
    <slot />
  </WriteCitationEditor>
</template>
