<script setup lang="ts">
import { closeness } from '~~/core/check/closeness'
import { readPassage, PASSAGE_FORMS, type PassageForm } from '~~/core/source/passages'
import { readLocator, writeLocator } from '~~/core/source/locators'
import type { Passage } from '~/stores/sources'
import { count } from '~/utils/words'

/** One passage: its words, its place, the writer's comment; beside a paraphrase its original, and where the two are too alike. */
const props = defineProps<{ passage: Passage }>()
const passages = usePassages()
const notices = useNotices()
const WORDS: Record<PassageForm, string> = { quotation: 'Quotation', paraphrase: 'Paraphrase', summary: 'Summary' }
const change = (change: Partial<Passage>) => passages.change(props.passage.id, change)
const own = computed(() => props.passage.form !== 'quotation')
const close = computed(() => (own.value && props.passage.original ? closeness(props.passage.words, props.passage.original) : undefined))
/** The writer's words, those shared with the original told apart. */
const pieces = computed(() => {
  const { words } = props.passage
  const out: { text: string, shared: boolean }[] = []
  let at = 0
  for (const run of close.value?.runs ?? []) {
    if (run.from > at) out.push({ text: words.slice(at, run.from), shared: false })
    out.push({ text: words.slice(run.from, run.to), shared: true })
    at = run.to
  }
  if (at < words.length) out.push({ text: words.slice(at), shared: false })
  return out
})
const used = computed(() => passages.used.has(props.passage.id))
const place = computed(() => (props.passage.locator ? writeLocator(readLocator(props.passage.locator)) : ''))
function become(form: PassageForm) {
  // What was a quotation is the original of a paraphrase, and the other way about when that is empty.
  if (props.passage.form === 'quotation' && form !== 'quotation' && !props.passage.original)
    change({ form, original: props.passage.words, words: '' })
  else if (form === 'quotation' && props.passage.original && !props.passage.words)
    change({ form, words: props.passage.original, original: '' })
  else change({ form })
}
function paste(event: ClipboardEvent) {
  if (props.passage.words.trim()) return
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (!text.trim()) return
  event.preventDefault()
  const { words, locator } = readPassage(text)
  change({ words, ...(locator && !props.passage.locator ? { locator } : {}) })
}
const tags = computed({
  get: () => props.passage.tags.join(', '),
  set: (text) =>
    change({
      tags: [
        ...new Set(
          text
            .split(',')
            .map((tag) => tag.trim().slice(0, 40))
            .filter(Boolean),
        ),
      ].slice(0, 12),
    }),
})
const rows = (text: string, wide: number) =>
  Math.max(
    2,
    Math.min(
      14,
      text.split('\n').reduce((sum, line) => sum + Math.max(1, Math.ceil(line.length / wide)), 0),
    ),
  )
</script>

<template>
  <li
    class="border-t border-rule py-3 first:border-t-0"
    :data-passage="passage.id"
  >
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1 text-plain">
      <PartsSwitch
        label="What this passage is"
        :options="PASSAGE_FORMS.map(form => [form, WORDS[form]])"
        :model-value="passage.form"
        @update:model-value="become"
      />
      <PartsField
        label="place"
        beside
        field-class="w-32 py-0"
        :model-value="passage.locator"
        placeholder="104-6, para 4"
        maxlength="200"
        @update:model-value="change({ locator: $event })"
      />
      <span class="text-soft">{{ place }}</span>
      <span
        class="ml-auto"
        :class="used ? 'text-verdigris' : 'text-soft'"
      >{{ used ? 'in the paper' : 'not used yet' }}</span>
      <PartsButton
        kind="quiet"
        @click="notices.attempt(() => passages.remove(passage))"
      >
        Take away
      </PartsButton>
    </div>
    <div
      class="mt-2 grid gap-x-6 gap-y-2"
      :class="own && 'md:grid-cols-2'"
    >
      <PartsField
        :label="own ? 'in your own words' : 'the source’s words, exactly'"
        field-class="resize-none font-page text-page-small"
        :rows="rows(passage.words, own ? 58 : 118)"
        :model-value="passage.words"
        maxlength="50000"
        dir="auto"
        @update:model-value="change({ words: $event })"
        @paste="paste"
      />
      <PartsField
        v-if="own"
        label="the source’s words, for comparing"
        field-class="resize-none font-page text-page-small"
        :rows="rows(passage.original, 58)"
        :model-value="passage.original"
        maxlength="50000"
        dir="auto"
        @update:model-value="change({ original: $event })"
      />
    </div>
    <div
      v-if="close?.runs.length"
      class="mt-1 border-l-[3px] px-3 py-1 text-plain"
      :class="close.tooClose ? 'border-madder' : 'border-weld'"
      role="status"
    >
      <b :class="close.tooClose && 'text-madder'">{{ close.tooClose ? 'Too close to its original.' : 'A few words stand in the original too.' }}</b>
      {{ count(close.runs.reduce((sum, run) => sum + run.words, 0), 'word') }} in {{ close.runs.length === 1 ? 'one run' : `${close.runs.length} runs` }}: say it anew, or quote it.
      <span class="block font-page text-body"><template
        v-for="(piece, i) in pieces"
        :key="i"
      ><mark
        v-if="piece.shared"
        class="bg-wash text-ink underline decoration-madder decoration-2 underline-offset-2"
      >{{ piece.text }}</mark><template v-else>{{ piece.text }}</template></template></span>
    </div>
    <div class="mt-1 grid gap-x-6 sm:grid-cols-[1fr_220px]">
      <PartsField
        label="to yourself"
        beside
        field-class="py-0.5 text-plain"
        :model-value="passage.comment"
        placeholder="why you took it, where it might go"
        maxlength="20000"
        @update:model-value="change({ comment: $event })"
      />
      <PartsField
        v-model="tags"
        label="tags"
        beside
        field-class="py-0.5 text-plain"
        rest
        placeholder="mud, cost"
      />
    </div>
  </li>
</template>
