<script setup lang="ts">
import type { Run } from '~~/core/text/runs'

/** Composed text. With `ink`, every part is underlined in its question's colour and can be pointed at. */
const props = defineProps<{ runs: readonly Run[], ink?: boolean, lit?: string }>()
const emit = defineEmits<{ point: [run: Run | undefined] }>()
const INK: Record<string, string> = { who: 'woad', when: 'madder', what: 'verdigris', inside: 'ochre', where: 'plum' }
const pieces = computed(() => props.runs.filter(run => run.text))
</script>

<template>
  <!-- One element per run and no space between them: the text is exact. -->
  <span><component
    :is="run.superscript ? 'sup' : 'span'"
    v-for="(run, i) in pieces"
    :key="i"
    :class="[run.italic && 'italic', run.bold && 'font-bold', ink && run.part !== 'glue' && 'part', ink && lit && run.field === lit && 'lit']"
    :style="ink && run.part !== 'glue' ? { '--ink-of-part': `var(--${INK[run.part]})` } : undefined"
    :title="ink && run.part !== 'glue' ? run.part : undefined"
    @mouseenter="ink && run.part !== 'glue' && emit('point', run)"
    @mouseleave="ink && emit('point', undefined)"
  >{{ run.text }}</component></span>
</template>

<style scoped>
sup { line-height: 0; font-size: 0.72em; }
.part { border-bottom: 2px solid var(--ink-of-part); cursor: help; }
.lit { background: color-mix(in srgb, var(--ink-of-part) 20%, transparent); }
</style>
