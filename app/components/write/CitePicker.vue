<script setup lang="ts">
import type { CitationData } from '~~/core/sheet/document'

/** The picker at the cursor: choose, place, form; Enter puts it in. */
defineProps<{ at: { left: number, top: number }, place: number, near?: readonly string[], again?: string }>()
const emit = defineEmits<{ insert: [data: CitationData], close: [] }>()
const data = ref<CitationData>({ items: [], form: 'parenthetical' })
const done = () => (data.value.items.length ? emit('insert', data.value) : emit('close'))
</script>

<template>
  <PartsDrawer
    label="Cite a source"
    :at="at"
    @close="emit('close')"
  >
    <WriteCitationEditor
      :data="data"
      :place="place"
      :near="near ?? []"
      :again="again"
      autofocus
      @change="data = $event"
      @done="done"
    >
      <PartsButton
        v-if="data.items.length"
        kind="solid"
        class="ml-auto"
        @click="done"
      >
        Put it in
      </PartsButton>
    </WriteCitationEditor>
  </PartsDrawer>
</template>
