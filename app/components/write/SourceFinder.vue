<script setup lang="ts">
import { composeAlone } from '~~/core/compose/compose'
import { plain } from '~~/core/text/runs'
import { textOf } from '~~/core/source/model'

/** Finds a source of this paper by any word of its author, title, year or key. */
const props = defineProps<{ exclude?: readonly string[], autofocus?: boolean }>()
const emit = defineEmits<{ pick: [id: string], cancel: [] }>()
const store = usePaper()
const typed = ref('')
const at = ref(0)
const input = useTemplateRef<HTMLInputElement>('input')
const listId = useId()
const rows = computed(() => store.filed.filter(s => !props.exclude?.includes(s.id)).map((source) => {
  const reference = composeAlone(store.style, source).reference ?? composeAlone(store.style, source).parenthetical
  return { source, reference, text: `${plain(reference)} ${source.key} ${textOf(source, 'title')}`.toLowerCase() }
}))
const found = computed(() => {
  const words = typed.value.toLowerCase().split(/\s+/u).filter(Boolean)
  return rows.value.filter(row => words.every(word => row.text.includes(word)))
})
watch(typed, () => { at.value = 0 })
watch(at, async () => { await nextTick(); document.getElementById(`${listId}-${at.value}`)?.scrollIntoView({ block: 'nearest' }) })
function key(event: KeyboardEvent) {
  if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault()
    at.value = Math.max(0, Math.min(found.value.length - 1, at.value + (event.key === 'ArrowDown' ? 1 : -1)))
  }
  else if (event.key === 'Enter') {
    event.preventDefault()
    const row = found.value[at.value]
    if (row) emit('pick', row.source.id)
  }
  else if (event.key === 'Escape') { event.preventDefault(); event.stopPropagation(); emit('cancel') }
}
onMounted(() => { if (props.autofocus) input.value?.focus({ preventScroll: true }) })
</script>

<template>
  <div>
    <input
      ref="input"
      v-model="typed"
      class="line"
      role="combobox"
      aria-expanded="true"
      :aria-controls="listId"
      :aria-activedescendant="found.length ? `${listId}-${at}` : undefined"
      aria-label="Find a source to cite"
      placeholder="Author, title, year or key"
      @keydown="key"
    >
    <ul
      :id="listId"
      role="listbox"
      aria-label="Sources"
      class="mt-1 max-h-60 overflow-auto"
    >
      <li
        v-for="(row, i) in found"
        :id="`${listId}-${i}`"
        :key="row.source.id"
        role="option"
        :aria-selected="i === at"
        class="cursor-pointer px-2 py-1 font-page text-[15px]"
        :class="i === at && 'bg-tint'"
        @mousemove="at = i"
        @mousedown.prevent="emit('pick', row.source.id)"
      >
        <span class="line-clamp-2"><RunText :runs="row.reference" /></span>
      </li>
    </ul>
    <p
      v-if="!found.length"
      class="px-2 py-2 text-[14px] text-soft"
    >
      <template v-if="store.sources.length">
        No source here has those words. Gather it first; this place in the text keeps.
      </template>
      <template v-else>
        This paper has no sources yet. Gather one first.
      </template>
    </p>
  </div>
</template>
