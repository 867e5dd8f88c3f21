<script setup lang="ts">
import { closeHistory } from '@tiptap/pm/history'
import type { Editor } from '@tiptap/vue-3'
import { findKey, noteOf, replaceFound } from '~/editor/find-in-text'
import { bringIntoView } from '~/editor/going'

/** Finding words in the text and replacing them: a line under the tools, never over the text. */
const props = defineProps<{ editor: Editor }>()
const emit = defineEmits<{ close: [], note: [id: string | undefined] }>()
const words = ref('')
const instead = ref('')
const matchCase = ref(false)
const tick = ref(0)
const input = useTemplateRef<{ focus: () => void, select: () => void }>('input')
const search = computed(() => { void tick.value; return findKey.getState(props.editor.state)!.search })
function look(change: object) {
  props.editor.view.dispatch(props.editor.state.tr.setMeta(findKey, change))
  tick.value++
}
watch([words, matchCase], () => { look({ words: words.value, matchCase: matchCase.value, at: 0 }); show() })
function show() {
  const one = search.value.found[search.value.at]
  const note = one && noteOf(props.editor.state.doc, one)
  emit('note', note)
  if (!one || note) return
  bringIntoView(props.editor.view, one.from)
}
function step(by: number) {
  const { found, at } = search.value
  if (!found.length) return
  look({ at: (at + by + found.length) % found.length })
  show()
}
function replace(all: boolean) {
  const { found, at } = search.value
  const targets = all ? [...found] : found[at] ? [found[at]] : []
  if (!targets.length) return
  props.editor.view.dispatch(replaceFound(closeHistory(props.editor.state.tr), targets, instead.value))
  tick.value++
  show()
}
onMounted(() => {
  const { from, to } = props.editor.state.selection
  const chosen = props.editor.state.doc.textBetween(from, to)
  if (chosen && chosen.length < 80) words.value = chosen
  input.value?.focus()
  input.value?.select()
})
onBeforeUnmount(() => { emit('note', undefined); if (!props.editor.isDestroyed) look({ words: '', at: 0 }) })
</script>

<template>
  <form
    class="flex flex-wrap items-baseline gap-x-5 gap-y-1 border-t border-rule px-5 py-2"
    role="search"
    aria-label="Find and replace in the text"
    @submit.prevent="step(1)"
    @keydown.esc.stop="emit('close')"
  >
    <PartsField
      ref="input"
      v-model="words"
      class="w-44 flex-1"
      aria-label="Find in the text"
      placeholder="Find"
      @keydown.enter.shift.prevent="step(-1)"
    />
    <span
      class="text-small text-soft"
      role="status"
    >{{ !words ? '' : search.found.length ? `${search.at + 1} of ${search.found.length.toLocaleString('en')}` : 'not in the text' }}</span>
    <PartsField
      v-model="instead"
      draft="replace with"
      class="w-44 flex-1"
      aria-label="Replace with"
      placeholder="Replace with"
    />
    <PartsButton
      :disabled="!search.found.length"
      @click="replace(false)"
    >
      Replace
    </PartsButton>
    <PartsButton
      :disabled="!search.found.length"
      @click="replace(true)"
    >
      All
    </PartsButton>
    <PartsCheck
      v-model="matchCase"
      class="text-small text-soft"
    >
      capitals count
    </PartsCheck>
    <PartsButton
      kind="quiet"
      @click="emit('close')"
    >
      Close
    </PartsButton>
  </form>
</template>
