<script setup lang="ts">
import { closeHistory } from '@tiptap/pm/history'
import type { Editor } from '@tiptap/vue-3'
import { marksLeft } from '~~/core/check/marks-left'
import { readAllMarks } from '~~/core/intake/draft/citations'
import { newCitationId } from '~/editor/citation'
import { bringIntoView } from '~/editor/going'
import { findWords } from '~/editor/find-in-text'
import { count } from '~/utils/words'

/** What is found about marks in the text: keys that no source has, and marks whose source has come since they were typed. */
const props = defineProps<{ editor: Editor }>()
const store = usePaper()
const owned = useSources()
const written = useText()
const found = useFindings()
const keys = computed(() => new Map(owned.sources.map(source => [source.key, source.id])))
const idOf = (key: string) => keys.value.get(key)
const left = computed(() => marksLeft(written.body, idOf))
/** Keys left as they are before Check knew of marks; what is left now is left there too. */
const settled = computed(() => new Set((store.paper?.details.marksLeft ?? '').split(' ').filter(Boolean)))
const unknown = computed(() => left.value.filter(one => !found.left.has(one.id) && one.unknown.some(key => !settled.value.has(key))))
const named = computed(() => [...new Set(unknown.value.flatMap(one => one.unknown))])
const namedInWords = computed(() => named.value.slice(0, 4).join(', ') + (named.value.length > 4 ? ` and ${named.value.length - 4} more` : ''))
const ready = computed(() => left.value.filter(one => !one.unknown.length))
const at = ref(0)
function show() {
  const { view, state } = props.editor
  const places = unknown.value
    .flatMap((one) => findWords(state.doc, one.typed, true))
    .filter((one) => !one.within)
    .sort((a, b) => a.from - b.from)
  const place = places[at.value++ % places.length]
  if (!place) return
  props.editor.commands.setTextSelection(place)
  view.focus()
  bringIntoView(view, place.from)
}
const leave = () => store.changePaper({ left: [...store.paper!.left, ...unknown.value.map(one => one.id)] })
/** One step, which Undo takes back and nothing else. */
function make() {
  const { state, view } = props.editor
  const tr = closeHistory(state.tr)
  const texts: { text: string, from: number, marks: (typeof state.doc)['marks'] }[] = []
  state.doc.descendants((node, from) => { if (node.isText) texts.push({ text: node.text!, from, marks: node.marks }) })
  for (const { text, from, marks } of texts.reverse()) {
    const pieces = readAllMarks(text, idOf)
    if (pieces.every(piece => typeof piece === 'string')) continue
    tr.replaceWith(
      from,
      from + text.length,
      pieces.map((piece) =>
        typeof piece === 'string'
          ? state.schema.text(piece, marks)
          : state.schema.nodes.citation!.create({ id: newCitationId(), data: piece }),
      ),
    )
  }
  view.dispatch(tr)
  view.focus()
}
</script>

<template>
  <div
    v-if="unknown.length || ready.length"
    class="border-t border-rule px-5 py-2"
    role="group"
    aria-label="Marks in the text"
  >
    <p
      v-if="unknown.length"
      class="flex flex-wrap items-baseline gap-x-5"
    >
      <span class="min-w-0 flex-1 basis-60"><b class="text-madder">{{ count(unknown.length, 'mark') }} without a source:</b> none here has the key {{ namedInWords }}. Correct it, or add the source in Gather; until then it prints as typed.</span>
      <PartsButton @click="show">
        Show
      </PartsButton>
      <PartsButton
        kind="quiet"
        @click="leave"
      >
        Leave as typed
      </PartsButton>
    </p>
    <p
      v-if="ready.length"
      class="flex flex-wrap items-baseline gap-x-5"
    >
      <span class="min-w-0 flex-1 basis-60">{{ count(ready.length, 'mark') }} in the text {{ ready.length === 1 ? 'has its source' : 'have their sources' }} now.</span>
      <PartsButton @click="make">
        {{ ready.length === 1 ? 'Make it a citation' : 'Make them citations' }}
      </PartsButton>
    </p>
  </div>
</template>
