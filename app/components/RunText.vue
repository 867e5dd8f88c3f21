<script setup lang="ts">
import type { Run } from '~~/core/text/runs'
import { INKS } from '~/utils/inks'

/** Composed text. With `ink`, every part is underlined in its question's colour and can be pointed at. */
const props = defineProps<{ runs: readonly Run[], ink?: boolean, lit?: string | undefined, chosen?: Run | undefined }>()
const emit = defineEmits<{ point: [run: Run | undefined], press: [run: Run, event: MouseEvent] }>()
const pieces = computed(() => props.runs.filter(run => run.text))
const inked = (run: Run) => props.ink && run.part !== 'glue'
const inkOf = (run: Run) => (run.part === 'glue' ? undefined : INKS[run.part])
</script>

<template>
  <!-- One element per run and no space between them: the text is exact. -->
  <span><component
    :is="run.superscript ? 'sup' : 'span'"
    v-for="(run, i) in pieces"
    :key="i"
    :class="[run.italic && 'italic', run.bold && 'font-bold', inked(run) && 'part', inked(run) && (run === chosen || (lit && run.field === lit)) && 'lit']"
    :style="inked(run) ? { '--ink-of-part': inkOf(run)!.ink } : undefined"
    :title="inked(run) ? inkOf(run)!.word : undefined"
    @mouseenter="inked(run) && emit('point', run)"
    @mouseleave="ink && emit('point', undefined)"
    @click="inked(run) && emit('press', run, $event)"
  >{{ run.text }}</component></span>
</template>

<style scoped>
sup { line-height: 0; font-size: 0.72em; }
.part { border-bottom: 2px solid var(--ink-of-part); cursor: help; }
.lit { background: color-mix(in srgb, var(--ink-of-part) 20%, transparent); }
</style>
