<script setup lang="ts">
import type { FieldName } from '~~/core/source/fields'
import { labelFor, type KindId } from '~~/core/source/kinds'
import type { Comparison } from '~~/core/source/merging'
import { written } from '~/utils/written'
import { fieldWords } from '~/utils/words'

/** Two records of one source, field by field: where they differ, which word stands. */
const props = defineProps<{ comparison: Comparison, kind: KindId, mineWord: string, theirsWord: string }>()
const emit = defineEmits<{ merge: [take: ReadonlySet<FieldName>], cancel: [] }>()
const take = ref(new Set<FieldName>(props.comparison.differ.filter(d => d.fuller === 'theirs').map(d => d.name)))
function choose(name: FieldName, theirs: boolean) {
  const next = new Set(take.value)
  if (theirs) next.add(name)
  else next.delete(name)
  take.value = next
}
const SIDES = ['mine', 'theirs'] as const
</script>

<template>
  <div
    class="my-2 border-l-[3px] border-verdigris bg-tint/40 px-4 py-3 text-plain"
    role="group"
    aria-label="Merge field by field"
  >
    <p
      v-if="!comparison.differ.length"
      class="text-soft"
    >
      The two nowhere disagree{{ comparison.added.length ? `; ${fieldWords(comparison.added, kind)} will be added` : '' }}.
    </p>
    <template v-else>
      <p class="mb-1 text-soft">
        Where the two differ, choose the word that stands. The fuller one is chosen.
      </p>
      <fieldset
        v-for="difference in comparison.differ"
        :key="difference.name"
        class="grid gap-x-4 border-t border-rule py-1.5 sm:grid-cols-[110px_1fr]"
      >
        <legend class="sr-only">
          {{ labelFor(kind, difference.name) }}
        </legend>
        <span class="font-semibold">{{ labelFor(kind, difference.name) }}</span>
        <PartsTiles
          v-slot="{ option }"
          row
          :label="`${labelFor(kind, difference.name)}: which stands`"
          :options="SIDES"
          :model-value="take.has(difference.name) ? 'theirs' : 'mine'"
          @update:model-value="choose(difference.name, $event === 'theirs')"
        >
          <span class="block min-w-0 break-words"><span class="block text-fine text-soft">{{ option === 'mine' ? mineWord : theirsWord }}</span>{{ written(difference[option]) }}</span>
        </PartsTiles>
      </fieldset>
      <p
        v-if="comparison.added.length"
        class="border-t border-rule pt-1.5 text-soft"
      >
        Added: {{ fieldWords(comparison.added, kind) }}.
      </p>
    </template>
    <div class="mt-2 flex gap-5">
      <PartsButton @click="emit('merge', take)">
        Merge them
      </PartsButton>
      <PartsButton
        kind="quiet"
        @click="emit('cancel')"
      >
        Not now
      </PartsButton>
    </div>
  </div>
</template>
