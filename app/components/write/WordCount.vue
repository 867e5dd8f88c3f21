<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { COUNTED, type Counted } from '~~/core/sheet/count'
import { countOf } from '~~/core/text/words'
import { count } from '~/utils/words'

/** Words as instructors count them, and how far they are from what is asked for; of a selection, how many it has. */
const props = defineProps<{ selection?: string }>()
const store = usePaper()
const composed = useComposition()
const WORDS: Record<Counted, string> = { quoted: 'of it, between quotation marks', headings: 'headings', blockQuotations: 'block quotations', captions: 'captions', citations: 'citations in the text', notes: 'notes', list: 'the reference list' }
const selected = computed(() => (props.selection ? countOf(props.selection) : 0))
const parts = computed(() => composed.counts)
const words = computed(() => composed.words)
const target = computed(() => Number(store.paper?.details.target) || 0)
const set = (change: Record<string, string>) => store.changePaper({ details: { ...store.paper!.details, ...change } })
const toggle = (part: Counted) => set({ countedParts: COUNTED.filter(one => (one === part) !== composed.counted.includes(one)).join(',') })
const share = computed(() => (target.value ? Math.min(1, words.value / target.value) : 0))
</script>

<template>
  <Popover class="relative">
    <PopoverButton
      class="text-[13px] text-soft hover:text-ink"
      data-testid="word-count"
    >
      {{ selected ? `${selected.toLocaleString('en')} of ${count(words, 'word')} chosen` : target ? `${words.toLocaleString('en')} of ${count(target, 'word')}` : count(words, 'word') }}
      <span
        v-if="target"
        class="block h-0.5 bg-rule"
      ><span
        class="block h-0.5"
        :class="words > target * 1.1 ? 'bg-madder' : 'bg-verdigris'"
        :style="{ width: `${share * 100}%` }"
      /></span>
    </PopoverButton>
    <PopoverPanel class="leaf-raised absolute right-0 z-30 mt-2 w-72 px-4 py-3 text-[14px]">
      <p class="flex justify-between">
        <span>The text itself</span><span>{{ parts.text.toLocaleString('en') }}</span>
      </p>
      <label
        v-for="part in COUNTED"
        :key="part"
        class="flex items-baseline gap-2"
      ><input
        type="checkbox"
        class="accent-verdigris"
        :checked="composed.counted.includes(part)"
        @change="toggle(part)"
      ><span class="flex-1">{{ WORDS[part] }}</span><span class="text-soft">{{ parts[part].toLocaleString('en') }}</span></label>
      <label class="mt-2 flex items-baseline gap-2 border-t border-rule pt-2"><span class="text-soft">asked for</span><input
        class="line w-24"
        type="number"
        min="0"
        max="500000"
        step="50"
        :value="target || ''"
        placeholder="2000"
        aria-label="Words asked for"
        @change="set({ target: ($event.target as HTMLInputElement).value })"
      ><span class="text-soft">words</span></label>
      <p
        v-if="target"
        class="mt-1 text-[13px] text-soft"
      >
        {{ words < target ? `${count(target - words, 'word')} to go` : words > target ? `${count(words - target, 'word')} over` : 'just so' }}
      </p>
    </PopoverPanel>
  </Popover>
</template>
