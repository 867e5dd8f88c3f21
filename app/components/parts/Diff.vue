<script setup lang="ts">
import type { Change } from '~/utils/compare'

/** Two wordings in one line: what only the first has struck out, what only the second has underlined; or one side of it. */
const props = defineProps<{ changes: readonly Change[], side?: 'before' | 'after' }>()
const shown = computed(() =>
  props.side ? props.changes.filter((change) => change.kind !== (props.side === 'before' ? 'in' : 'out')) : props.changes,
)
</script>

<template>
  <template
    v-for="(change, i) in shown"
    :key="i"
  >
    <mark
      v-if="side && change.kind !== 'same'"
      class="rounded-[2px] bg-wash text-ink"
    >{{ change.text }}</mark><del
      v-else-if="change.kind === 'out'"
      class="text-madder"
    >{{ change.text }}</del><ins
      v-else-if="change.kind === 'in'"
      class="bg-tint text-verdigris underline"
    >{{ change.text }}</ins><template v-else>{{ change.text }}</template>
  </template>
</template>
