<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core'
import type { CitationData } from '~~/core/sheet/document'
import type { PaperEditor } from '~/editor/usePaperEditor'

/** The notes at the foot of the sheet; the writer's own words in them are changed where they stand. */
const props = defineProps<{ paper: PaperEditor }>()
const store = usePaper()
const { selected } = props.paper
const notes = computed(() => {
  const ids = [...store.citationPlaces.keys()]
  return store.composition.noteNumbers.flatMap((n, i) => (n === undefined ? [] : [{ n, id: ids[i]!, data: store.citations[i] as CitationData, runs: store.composition.notes[n - 1]! }]))
})
// Hundreds of notes are drawn as one comes near them, some at a time.
const SOME = 60
const shown = ref(SOME)
const end = useTemplateRef<HTMLElement>('end')
useIntersectionObserver(end, ([entry]) => { if (entry?.isIntersecting && shown.value < notes.value.length) shown.value += SOME }, { rootMargin: '600px' })
const open = ref<string>()
const own = (runs: (typeof notes.value)[number]['runs']) => runs.filter(run => !run.rules.includes('words.own'))
const set = (id: string, data: CitationData, change: { before?: string, after?: string }) => props.paper.update(id, { ...data, words: { ...data.words, ...change } })
async function begin(id: string) {
  open.value = id
  shown.value = Math.max(shown.value, notes.value.findIndex(note => note.id === id) + 1)
  selected.value = id
  await nextTick()
  document.querySelector<HTMLElement>(`[data-note="${id}"] textarea`)?.focus()
}
defineExpose({ begin })
</script>

<template>
  <div v-if="notes.length">
  <ol
    class="notes mt-10 border-t border-ink/60 pt-3 font-page text-[14.5px]"
    :aria-label="store.paper?.details.notes === 'endnotes' ? 'Endnotes' : 'Footnotes'"
  >
    <li
      v-for="note in notes.slice(0, shown)"
      :key="note.id"
      class="mb-2"
      :data-note="note.id"
      :class="selected === note.id && 'bg-wash/50'"
    >
      <template v-if="open === note.id">
        <sup>{{ note.n }}</sup>
        <textarea
          v-if="note.data.items.length"
          class="line font-page text-[14.5px]"
          rows="1"
          aria-label="Your words before the reference"
          placeholder="your words before"
          :value="note.data.words?.before ?? ''"
          @change="set(note.id, note.data, { before: ($event.target as HTMLTextAreaElement).value })"
        />
        <span
          v-if="note.data.items.length && store.style.citation.system === 'notes'"
          class="text-soft"
        ><RunText :runs="own(note.runs)" /></span>
        <textarea
          class="line font-page text-[14.5px]"
          :rows="Math.max(1, Math.ceil((note.data.words?.after?.length ?? 0) / 90))"
          aria-label="Your words in the note"
          placeholder="your words"
          :value="note.data.words?.after ?? ''"
          @change="set(note.id, note.data, { after: ($event.target as HTMLTextAreaElement).value })"
          @keydown.esc="open = undefined"
        />
        <button
          class="act font-ui text-[13px]"
          @click="open = undefined"
        >
          Done
        </button>
      </template>
      <button
        v-else
        class="w-full text-left indent-[2em]"
        :aria-label="`Note ${note.n}: change its words`"
        @click="begin(note.id)"
      >
        <sup>{{ note.n }}</sup> <RunText :runs="note.runs" /><span
          v-if="!note.runs.length"
          class="text-soft"
        >An empty note: write its words.</span>
      </button>
    </li>
    <li
      v-if="notes.length > shown"
      class="text-soft"
    >
      {{ (notes.length - shown).toLocaleString('en') }} more below
    </li>
  </ol>
    <div
      ref="end"
      class="h-px"
    />
  </div>
</template>

<style scoped>
.notes { list-style: none; }
</style>
