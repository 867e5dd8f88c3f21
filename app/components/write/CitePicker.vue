<script setup lang="ts">
import { citationSchema, type CitationData } from '~~/core/sheet/document'

/** The picker at the cursor: choose, place, form; Enter puts it in. */
defineProps<{ at: { left: number, top: number }, place: number, near?: readonly string[], again?: string }>()
const owned = useSources()
const emit = defineEmits<{ insert: [data: CitationData], close: [] }>()
const data = ref<CitationData>({ items: [], form: 'parenthetical' })
// One that was begun in a page that is gone is gone on with; one that is put in, or closed, is not.
const kept = useDraft(() => 'citation begun')
onMounted(() => {
  try {
    const before = citationSchema.safeParse(JSON.parse(kept.read() ?? 'null'))
    if (before.success && before.data.items.every(item => owned.byId.has(item.id))) data.value = before.data
  }
  catch { kept.drop() }
})
/** What its fields hand over as they go is nobody's any more. */
let over = false
function change(next: CitationData) {
  if (over) return
  data.value = next
  kept.write(next.items.length ? JSON.stringify(next) : '')
}
function close() {
  over = true
  kept.drop()
  emit('close')
}
function done() {
  if (!data.value.items.length) { close(); return }
  over = true
  kept.drop()
  emit('insert', data.value)
}
</script>

<template>
  <PartsDrawer
    label="Cite a source"
    :at="at"
    @close="close"
  >
    <WriteCitationEditor
      :data="data"
      :place="place"
      :near="near ?? []"
      :again="again"
      autofocus
      @change="change"
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
