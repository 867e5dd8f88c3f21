<script setup lang="ts">
import { NodeViewWrapper, nodeViewProps } from '@tiptap/vue-3'
import { plain } from '~~/core/text/runs'

const props = defineProps(nodeViewProps)
const store = usePaper()
const place = computed(() => store.citationPlaces.get(String(props.node.attrs.id)))
const runs = computed(() => (place.value === undefined ? [] : store.composition.citations[place.value] ?? []))
/** The mark that the raised number stands behind; the number is the raised end of the runs. */
const ahead = computed(() => (props.decorations as unknown as { spec?: { ahead?: string } }[]).find(d => d.spec?.ahead)?.spec?.ahead ?? '')
const cut = computed(() => runs.value.findLastIndex(run => !run.superscript) + 1)
const raisedEnd = computed(() => (ahead.value && cut.value < runs.value.length ? runs.value.slice(cut.value) : []))
const empty = computed(() => plain(runs.value).trim() === '')
</script>

<template>
  <NodeViewWrapper
    as="span"
    class="citation"
    :class="{ selected, raised: runs[0]?.superscript }"
    :data-cid="node.attrs.id"
    contenteditable="false"
  >
    <template v-if="raisedEnd.length"><RunText :runs="runs.slice(0, cut)" />{{ ahead }}<RunText :runs="raisedEnd" /></template><RunText
      v-else
      :runs="runs"
    /><span
      v-if="ahead && !raisedEnd.length"
    >{{ ahead }}</span><span
      v-if="empty"
      class="text-soft"
    >[nothing to print]</span>
  </NodeViewWrapper>
</template>

<style scoped>
.citation { background: var(--wash); border-radius: 2px; padding: 1px 1px; cursor: pointer; text-indent: 0; }
/* A raised number stands against its word; the space typed before it is for styles that need one. */
.citation.raised { margin-left: -0.22em; }
.citation.selected { box-shadow: 0 2px 0 var(--weld); background: color-mix(in srgb, var(--weld) 50%, transparent); }
</style>
