<script setup lang="ts">
import { composeAlone } from '~~/core/compose/compose'
import { plain } from '~~/core/text/runs'
import type { Finding } from '~~/core/check/finding'
import type { PaperSource } from '~/stores/sources'
import { count, times } from '~/utils/words'

/** A source folded: its reference, its state in words, a fix that takes one step. */
const props = defineProps<{ source: PaperSource, findings: readonly Finding[], chosen: boolean, choosing: boolean }>()
const emit = defineEmits<{ unfold: [], choose: [range: boolean], near: [by: number, choose: boolean] }>()
const store = usePaper()
const composed = useComposition()
const shelf = useShelf()
const passages = usePassages()
const alone = computed(() => composeAlone(store.style, props.source))
const runs = computed(() => alone.value.reference ?? alone.value.parenthetical)
const cited = computed(() => composed.citedTimes.get(props.source.id) ?? 0)
const taken = computed(() => passages.of(props.source.id).length)
const ready = computed(() => !props.findings.some(f => f.serious))
const told = computed(() => [...props.findings].sort((a, b) => Number(b.serious) - Number(a.serious)).slice(0, 2))
function key(event: KeyboardEvent) {
  if (event.key === ' ') { event.preventDefault(); emit('choose', event.shiftKey) }
  else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault()
    emit('near', event.key === 'ArrowDown' ? 1 : -1, event.shiftKey)
  }
}
const press = (event: MouseEvent) => (event.shiftKey || event.metaKey || event.ctrlKey ? emit('choose', event.shiftKey) : emit('unfold'))
</script>

<template>
  <div
    class="slip grid gap-x-8 border-b border-rule py-3 sm:grid-cols-[1fr_190px]"
    :class="chosen && 'bg-tint/50'"
  >
    <div class="flex min-w-0 items-baseline">
      <PartsCheck
        class="box -ml-7 mr-3 w-4 shrink-0 max-sm:ml-0"
        :class="{ shown: choosing }"
        :model-value="chosen"
        tabindex="-1"
        :aria-label="`Choose ${plain(alone.narrative)}`"
        @click="emit('choose', ($event as MouseEvent).shiftKey)"
      />
      <PartsButton
        kind="bare"
        class="page-text hang min-w-0 flex-1 text-left hover:text-verdigris"
        :aria-expanded="false"
        :data-slip="source.id"
        aria-keyshortcuts="Space"
        @click="press"
        @keydown="key"
      >
        <RunText :runs="runs" />
      </PartsButton>
    </div>
    <p class="pt-0.5 text-small">
      <span
        v-if="ready && !told.length"
        class="font-semibold text-verdigris"
      >Ready</span>
      <template v-else>
        <span
          v-if="ready"
          class="font-semibold text-verdigris"
        >Ready<br></span>
        <span
          v-for="finding in told"
          :key="finding.id"
          class="block"
        ><span :class="finding.serious ? 'font-semibold text-madder' : 'text-soft'">{{ finding.brief }}</span><template v-if="finding.fix">
          · <PartsButton
            class="text-left"
            :title="finding.fix.shows?.replace(/<[^>]+>/gu, '')"
            @click="shelf.fix(source, finding)"
          >{{ finding.fix.label.replace(/^\p{Lu}/u, c => c.toLowerCase()) }}</PartsButton></template></span>
      </template>
      <span class="block text-soft">{{ source.listed && !cited ? 'listed, not cited' : times(cited) }}<template v-if="taken"> · {{ count(taken, 'passage') }}</template></span>
    </p>
  </div>
</template>

<style scoped>
.box { opacity: 0; }
.slip:hover .box, .box.shown, .box:checked, .box:focus-visible { opacity: 1; }
@media (hover: none) { .box { opacity: 1; } }
@media (max-width: 1099px) { .box:not(.shown):not(:checked) { margin-left: 0; } }
@media (max-width: 639px) { .box { display: none; } .box.shown, .box:checked { display: block; } }
</style>
