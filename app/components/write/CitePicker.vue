<script setup lang="ts">
import { onClickOutside } from '@vueuse/core'
import type { CitationData } from '~~/core/sheet/document'

/** The picker at the cursor: choose, place, form; Enter puts it in. */
const props = defineProps<{ at: { left: number, top: number }, place: number, near?: readonly string[], again?: string }>()
const emit = defineEmits<{ insert: [data: CitationData], close: [] }>()
const data = ref<CitationData>({ items: [], form: 'parenthetical' })
const done = () => (data.value.items.length ? emit('insert', data.value) : emit('close'))
const box = useTemplateRef<HTMLElement>('box')
onClickOutside(box, () => emit('close'))
const left = computed(() => Math.max(8, Math.min(props.at.left, (import.meta.client ? window.innerWidth : 1280) - 420)))
</script>

<template>
  <div
    ref="box"
    class="leaf-raised fixed z-40 w-[400px] max-w-[calc(100vw-16px)] p-4"
    :style="{ left: `${left}px`, top: `${at.top}px` }"
    role="dialog"
    aria-label="Cite a source"
    @keydown.esc.stop.prevent="emit('close')"
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
      <button
        v-if="data.items.length"
        class="act-solid ml-auto"
        @click="done"
      >
        Put it in
      </button>
    </WriteCitationEditor>
  </div>
</template>
