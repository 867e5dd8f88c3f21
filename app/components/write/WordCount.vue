<script setup lang="ts">
import { COUNTED, type Counted } from '~~/core/sheet/count'
import { countOf } from '~~/core/text/words'
import { count } from '~/utils/words'

/** Words as instructors count them, and how far they are from what is asked for; of a selection, how many it has. */
const props = defineProps<{ selection?: string }>()
const store = usePaper()
const composed = useComposition()
const WORDS: Record<Counted, string> = {
  quoted: 'of it, between quotation marks',
  headings: 'headings',
  blockQuotations: 'block quotations',
  captions: 'captions',
  citations: 'citations in the text',
  notes: 'notes',
  list: 'the reference list',
  appendices: 'appendices',
}
const selected = computed(() => (props.selection ? countOf(props.selection) : 0))
const parts = computed(() => composed.counts)
const words = computed(() => composed.words)
const target = computed(() => Number(store.paper?.details.target) || 0)
const set = (change: Record<string, string>) => store.changeDetails({ ...change })
const toggle = (part: Counted) => set({ countedParts: COUNTED.filter(one => (one === part) !== composed.counted.includes(one)).join(',') })
const share = computed(() => (target.value ? Math.min(1, words.value / target.value) : 0))
const distance = computed(() => {
  if (words.value === target.value) return 'just so'
  return words.value < target.value ? `${count(target.value - words.value, 'word')} to go` : `${count(words.value - target.value, 'word')} over`
})
const shown = computed(() => {
  if (selected.value) return `${selected.value.toLocaleString('en')} of ${count(words.value, 'word')} chosen`
  return target.value ? `${words.value.toLocaleString('en')} of ${count(target.value, 'word')}` : count(words.value, 'word')
})
</script>

<template>
  <PartsPopover data-testid="word-count">
    <template #word>
      {{ shown }}
      <span
        v-if="target"
        class="block h-0.5 bg-rule"
      ><span
        class="block h-0.5"
        :class="words > target * 1.1 ? 'bg-madder' : 'bg-verdigris'"
        :style="{ width: `${share * 100}%` }"
      /></span>
    </template>
      <p class="flex justify-between">
        <span>The text itself</span><span>{{ parts.text.toLocaleString('en') }}</span>
      </p>
      <PartsCheck
        v-for="part in COUNTED"
        :key="part"
        spread
        :model-value="composed.counted.includes(part)"
        @update:model-value="toggle(part)"
      >
        <span>{{ WORDS[part] }}</span><span class="text-soft">{{ parts[part].toLocaleString('en') }}</span>
      </PartsCheck>
      <PartsField
        class="mt-2 border-t border-rule pt-2"
        field-class="w-24"
        label="asked for"
        unit="words"
        beside
        rest
        type="number"
        min="0"
        max="500000"
        step="50"
        placeholder="2000"
        aria-label="Words asked for"
        :model-value="target || ''"
        @update:model-value="set({ target: $event })"
      />
      <p
        v-if="target"
        class="mt-1 text-small text-soft"
      >
        {{ distance }}
      </p>
  </PartsPopover>
</template>
