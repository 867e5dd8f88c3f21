<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core'
import type { CitationData } from '~~/core/sheet/document'
import type { PaperEditor } from '~/editor/usePaperEditor'

/** The notes at the foot of the sheet; the writer's own words in them are changed where they stand. */
const props = defineProps<{ paper: PaperEditor, found?: string | undefined }>()
const store = usePaper()
const composed = useComposition()
const written = useText()
const { selected } = props.paper
const notes = computed(() => {
  const ids = [...written.citationPlaces.keys()]
  return composed.composition.noteNumbers.flatMap((n, i) =>
    n === undefined ? [] : [{ n, id: ids[i]!, data: written.citations[i] as CitationData, runs: composed.composition.notes[n - 1]! }],
  )
})
// Hundreds of notes are drawn as one comes near them, some at a time.
const SOME = 60
const shown = ref(SOME)
const end = useTemplateRef<HTMLElement>('end')
useIntersectionObserver(
  end,
  ([entry]) => {
    if (entry?.isIntersecting && shown.value < notes.value.length) shown.value += SOME
  },
  { rootMargin: '600px' },
)
const open = ref<string>()
const own = (runs: (typeof notes.value)[number]['runs']) => runs.filter(run => !run.rules.includes('words.note'))
/** The words go to the citation as it is by now, not as it was when the note was opened. */
function set(id: string, change: { before?: string, after?: string }) {
  const data = props.paper.find(id)?.data
  if (data) props.paper.update(id, { ...data, words: { ...data.words, ...change } })
}
/** Back to the sheet, behind the note's number. */
function leave(id: string) {
  open.value = undefined
  selected.value = undefined
  const at = props.paper.find(id)
  if (at) props.paper.editor.value!.chain().focus(at.pos + 1).run()
}
const reach = (id: string) => { shown.value = Math.max(shown.value, notes.value.findIndex(note => note.id === id) + 1) }
watch(() => props.found, async (id) => {
  if (!id) return
  reach(id)
  await nextTick()
  document.querySelector(`[data-note="${id}"]`)?.scrollIntoView({ block: 'center' })
})
function begin(id: string) {
  open.value = id
  reach(id)
  selected.value = id
}
defineExpose({ begin })
</script>

<template>
  <div v-if="notes.length">
  <h2
    v-if="store.paper?.details.notes === 'endnotes'"
    class="mt-10 text-center font-page text-page font-bold"
  >
    Notes
  </h2>
  <ol
    class="notes border-t border-ink/60 pt-3 font-page text-plain"
    :class="store.paper?.details.notes !== 'endnotes' && 'mt-10'"
    :aria-label="store.paper?.details.notes === 'endnotes' ? 'Endnotes' : 'Footnotes'"
  >
    <li
      v-for="note in notes.slice(0, shown)"
      :key="note.id"
      class="mb-2"
      :data-note="note.id"
      :class="found === note.id ? 'bg-wash' : selected === note.id && 'bg-wash/50'"
    >
      <div
        v-if="open === note.id"
        class="grid grid-cols-[1.7em_1fr] items-baseline py-1"
      >
        <sup class="pl-1">{{ note.n }}</sup>
        <div class="grid gap-1">
        <WriteNoteWords
          v-if="note.data.items.length"
          :words="note.data.words?.before ?? ''"
          label="Your words before the reference"
          placeholder="your words before"
          @change="set(note.id, { before: $event })"
          @done="leave(note.id)"
        />
        <span
          v-if="note.data.items.length && store.style.citation.system === 'notes'"
          class="text-soft"
        ><RunText :runs="own(note.runs)" /></span>
        <WriteNoteWords
          :words="note.data.words?.after ?? ''"
          label="Your words in the note"
          placeholder="your words"
          autofocus
          @change="set(note.id, { after: $event })"
          @done="leave(note.id)"
        />
        <PartsButton
          class="justify-self-start font-ui text-small"
          @click="leave(note.id)"
        >
          Done
        </PartsButton>
        </div>
      </div>
      <PartsButton
        v-else
        kind="bare"
        class="w-full text-left indent-[2em]"
        :aria-label="`Note ${note.n}: change its words`"
        @click="begin(note.id)"
      >
        <sup>{{ note.n }}</sup> <RunText :runs="note.runs" /><span
          v-if="!note.runs.length"
          class="text-soft"
        >An empty note: write its words.</span>
      </PartsButton>
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
