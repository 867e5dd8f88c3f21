<script setup lang="ts">
import type { MergedPiece } from '~~/core/compare/merged'

/** Two entries in one line: what only the other list has is struck out, what Dendle prints is underlined. */
defineProps<{ line: readonly MergedPiece[] }>()
const TAGS = { given: 'del', wanted: 'ins', both: 'span' } as const
</script>

<template>
  <!-- No space between the elements: the text is exact. -->
  <span><component
    :is="TAGS[piece.of]"
    v-for="(piece, i) in line"
    :key="i"
    :class="[piece.of, piece.italic && 'italic', piece.bold && 'font-bold']"
  >{{ piece.text }}</component></span>
</template>

<style scoped>
.given { background: color-mix(in srgb, var(--madder) 16%, transparent); color: var(--madder); text-decoration: line-through; text-decoration-thickness: 1px; }
.wanted { background: var(--tint); text-decoration: none; border-bottom: 2px solid var(--verdigris); }
</style>
