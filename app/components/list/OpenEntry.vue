<script setup lang="ts">
import type { PaperSource } from '~/stores/sources'
import { findingsOf } from '~/utils/findings'

/** An entry unfolded: its slip, with what Dendle notices about it. Asked for when the first is opened. */
defineProps<{ source: PaperSource, dropWord: string }>()
const emit = defineEmits<{ fold: [], drop: [], merged: [] }>()
const store = usePaper()
const found = useFindings()
</script>

<template>
  <GatherOpenSlip
    :source="source"
    :findings="found.standingOf({ id: source.id }, findingsOf(source, store.style))"
    :drop-word="dropWord"
    @fold="emit('fold')"
    @drop="emit('drop')"
    @merged="emit('merged')"
  />
</template>
