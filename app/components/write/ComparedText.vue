<script setup lang="ts">
import type { DocNode } from '~~/core/sheet/document'
import { compareTexts, paragraphs, type Change } from '~/utils/compare'

/**
 * Two texts compared: as one, what is only in the first struck out and what is only in the second underlined; or side by
 * side, each with its own words marked. Unchanged stretches are folded.
 */
const props = defineProps<{ before: DocNode, after: DocNode, beside?: readonly [before: string, after: string] }>()
const owned = useSources()
const keyOf = (id: string) => owned.byId.get(id)?.key ?? 'unknown'
const lines = computed(() => compareTexts(paragraphs(props.before, keyOf), paragraphs(props.after, keyOf)))
const changed = (i: number) => lines.value[i]?.some(change => change.kind !== 'same') ?? false
/** A changed paragraph with the one before and behind it; runs between are folded. */
const shown = computed(() => {
  const out: ({ i: number } | { folded: number })[] = []
  let folded = 0
  lines.value.forEach((_, i) => {
    if (changed(i) || changed(i - 1) || changed(i + 1)) {
      if (folded) out.push({ folded })
      folded = 0
      out.push({ i })
    }
    else folded++
  })
  if (folded) out.push({ folded })
  return out
})
const alike = computed(() => !lines.value.some((_, i) => changed(i)))
const looks = computed(() => alike.value && JSON.stringify(props.before) !== JSON.stringify(props.after))
/** One side of a paragraph: what both have, and what this side alone has. */
const side = (i: number, without: Change['kind']) => lines.value[i]!.filter(change => change.kind !== without)
</script>

<template>
  <div class="font-page text-body leading-relaxed">
    <p
      v-if="alike"
      class="font-ui text-soft"
    >
      The two are the same, word for word{{ looks ? '; they differ in how words are set (italics, headings, lists) or in their order in a table' : '' }}.
    </p>
    <template v-else>
      <div
        v-if="beside"
        class="sticky top-0 z-10 hidden grid-cols-2 gap-x-8 border-b border-rule bg-leaf pb-1 font-ui text-plain font-semibold sm:grid"
      >
        <span>{{ beside[0] }}</span><span>{{ beside[1] }}</span>
      </div>
      <template
        v-for="(one, n) in shown"
        :key="n"
      >
        <p
          v-if="'folded' in one"
          class="py-1 font-ui text-small text-soft"
        >
          {{ one.folded === 1 ? 'a paragraph' : `${one.folded} paragraphs` }} the same
        </p>
        <div
          v-else-if="beside"
          class="grid gap-x-8 gap-y-1 py-1.5 sm:grid-cols-2"
          :class="n > 0 && 'border-t border-rule'"
        >
          <p
            v-for="(without, k) in (['in', 'out'] as const)"
            :key="without"
            :class="!changed(one.i) && k === 1 && 'max-sm:hidden'"
          >
            <b
              v-if="changed(one.i)"
              class="block font-ui text-fine font-normal text-soft sm:hidden"
            >{{ beside[k] }}</b>
            <span
              v-if="!side(one.i, without).length"
              class="font-ui text-small text-soft"
            >not in this one</span>
            <PartsDiff
              :changes="lines[one.i]!"
              :side="k ? 'after' : 'before'"
            />
          </p>
        </div>
        <p
          v-else
          class="mb-2"
        >
          <PartsDiff :changes="lines[one.i]!" />
        </p>
      </template>
    </template>
  </div>
</template>
