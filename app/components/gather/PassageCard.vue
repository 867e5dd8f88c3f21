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
  if (props.passage.form === 'quotation' && form !== 'quotation' && !props.passage.original) change({ form, original: props.passage.words, words: '' })
  else if (form === 'quotation' && props.passage.original && !props.passage.words) change({ form, words: props.passage.original, original: '' })
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
const tags = computed({ get: () => props.passage.tags.join(', '), set: text => change({ tags: [...new Set(text.split(',').map(tag => tag.trim().slice(0, 40)).filter(Boolean))].slice(0, 12) }) })
const rows = (text: string, wide: number) => Math.max(2, Math.min(14, text.split('\n').reduce((sum, line) => sum + Math.max(1, Math.ceil(line.length / wide)), 0)))
</script>

<template>
  <li
    class="border-t border-rule py-3 first:border-t-0"
    :data-passage="passage.id"
  >
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1 text-[14px]">
      <div
        role="radiogroup"
        aria-label="What this passage is"
        class="flex gap-4"
      >
        <button
          v-for="form in PASSAGE_FORMS"
          :key="form"
          role="radio"
          :aria-checked="passage.form === form"
          :class="passage.form === form ? 'font-bold' : 'text-soft hover:text-ink'"
          @click="become(form)"
        >
          {{ WORDS[form] }}
        </button>
      </div>
      <label class="flex items-baseline gap-2"><span class="text-[12.5px] text-soft">place</span><input
        class="line w-32 py-0"
        :value="passage.locator"
        placeholder="104-6, para 4"
        maxlength="200"
        @input="change({ locator: ($event.target as HTMLInputElement).value })"
      ></label>
      <span class="text-soft">{{ place }}</span>
      <span
        class="ml-auto"
        :class="used ? 'text-verdigris' : 'text-soft'"
      >{{ used ? 'in the paper' : 'not used yet' }}</span>
      <button
        class="quiet"
        @click="notices.attempt(() => passages.remove(passage))"
      >
        Take away
      </button>
    </div>
    <div
      class="mt-2 grid gap-x-6 gap-y-2"
      :class="own && 'md:grid-cols-2'"
    >
      <label class="block"><span class="text-[12.5px] text-soft">{{ own ? 'in your own words' : 'the source’s words, exactly' }}</span>
        <textarea
          class="line resize-none font-page text-[16.5px]"
          :rows="rows(passage.words, own ? 58 : 118)"
          :value="passage.words"
          maxlength="50000"
          dir="auto"
          @input="change({ words: ($event.target as HTMLTextAreaElement).value })"
          @paste="paste"
        /></label>
      <label
        v-if="own"
        class="block"
      ><span class="text-[12.5px] text-soft">the source’s words, for comparing</span>
        <textarea
          class="line resize-none font-page text-[16.5px]"
          :rows="rows(passage.original, 58)"
          :value="passage.original"
          maxlength="50000"
          dir="auto"
          @input="change({ original: ($event.target as HTMLTextAreaElement).value })"
        /></label>
    </div>
    <div
      v-if="close?.runs.length"
      class="mt-1 border-l-[3px] px-3 py-1 text-[14px]"
      :class="close.tooClose ? 'border-madder' : 'border-weld'"
      role="status"
    >
      <b :class="close.tooClose && 'text-madder'">{{ close.tooClose ? 'Too close to its original.' : 'A few words stand in the original too.' }}</b>
      {{ count(close.runs.reduce((sum, run) => sum + run.words, 0), 'word') }} in {{ close.runs.length === 1 ? 'one run' : `${close.runs.length} runs` }}: say it anew, or quote it.
      <span class="block font-page text-[15.5px]"><template
        v-for="(piece, i) in pieces"
        :key="i"
      ><mark
        v-if="piece.shared"
        class="bg-wash text-ink underline decoration-madder decoration-2 underline-offset-2"
      >{{ piece.text }}</mark><template v-else>{{ piece.text }}</template></template></span>
    </div>
    <div class="mt-1 grid gap-x-6 sm:grid-cols-[1fr_220px]">
      <label class="flex items-baseline gap-2"><span class="shrink-0 text-[12.5px] text-soft">to yourself</span><input
        class="line py-0.5 text-[14px]"
        :value="passage.comment"
        placeholder="why you took it, where it might go"
        maxlength="20000"
        @input="change({ comment: ($event.target as HTMLInputElement).value })"
      ></label>
      <label class="flex items-baseline gap-2"><span class="shrink-0 text-[12.5px] text-soft">tags</span><input
        v-model.lazy="tags"
        class="line py-0.5 text-[14px]"
        placeholder="mud, cost"
      ></label>
    </div>
  </li>
</template>
