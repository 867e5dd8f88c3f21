<script setup lang="ts">
import type { DocNode } from '~~/core/sheet/document'
import { compareTexts, paragraphs } from '~/utils/compare'

/** Two texts as one: what is only in the first struck out, what is only in the second underlined. Unchanged stretches are folded. */
const props = defineProps<{ before: DocNode, after: DocNode }>()
const store = usePaper()
const keyOf = (id: string) => store.byId.get(id)?.key ?? 'unknown'
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
</script>

<template>
  <div class="font-page text-[15.5px] leading-relaxed">
    <p
      v-if="!lines.some((_, i) => changed(i))"
      class="font-ui text-soft"
    >
      The two are the same, word for word.
    </p>
    <template
      v-for="(one, n) in shown"
      v-else
      :key="n"
    >
      <p
        v-if="'folded' in one"
        class="py-1 font-ui text-[13px] text-soft"
      >
        {{ one.folded === 1 ? 'a paragraph' : `${one.folded} paragraphs` }} the same
      </p>
      <p
        v-else
        class="mb-2"
      >
        <template
          v-for="(change, k) in lines[one.i]"
          :key="k"
        >
          <del
            v-if="change.kind === 'out'"
            class="text-madder"
          >{{ change.text }}</del><ins
            v-else-if="change.kind === 'in'"
            class="bg-tint text-verdigris underline"
          >{{ change.text }}</ins><template v-else>{{ change.text }}</template>
        </template>
      </p>
    </template>
  </div>
</template>
