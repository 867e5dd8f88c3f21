<script setup lang="ts">
import { KIND_IDS, kindOf, type KindId } from '~~/core/source/kinds'
import { composeAlone } from '~~/core/compose/compose'
import { plain, toHtml } from '~~/core/text/runs'
import { DIVISIONS } from '~~/core/sheet/document'
import type { FieldName } from '~~/core/source/fields'
import { stateOf, type PaperSource } from '~/stores/paper'
import { count, times } from '~/utils/words'

const props = defineProps<{ source: PaperSource, open: boolean }>()
const emit = defineEmits<{ toggle: [], drop: [] }>()
const store = usePaper()
const notices = useNotices()
const field = ref<FieldName>()
const alone = computed(() => composeAlone(store.style, props.source))
const runs = computed(() => alone.value.reference ?? alone.value.parenthetical)
const state = computed(() => stateOf(props.source, store.style))
const kinds = [...KIND_IDS].sort((a, b) => kindOf(a).label.localeCompare(kindOf(b).label))
const cited = computed(() => store.citedTimes.get(props.source.id) ?? 0)

const copy = () => notices.attempt(async () => {
  const html = new Blob([toHtml(runs.value)], { type: 'text/html' })
  const text = new Blob([plain(runs.value)], { type: 'text/plain' })
  await navigator.clipboard.write([new ClipboardItem({ 'text/html': html, 'text/plain': text })])
  notices.say('The reference is on the clipboard, italics and all.')
})
</script>

<template>
  <li
    :id="`slip-${source.id}`"
    class="border-b border-rule"
    :class="open && 'slip-open leaf-raised relative z-10 -mx-3 my-1 border-b px-3 sm:-mx-6 sm:px-6'"
  >
    <div
      v-if="!open"
      class="grid gap-x-8 py-3 sm:grid-cols-[1fr_190px]"
    >
      <button
        class="page-text hang min-w-0 text-left hover:text-verdigris"
        :aria-expanded="false"
        @click="emit('toggle')"
      >
        <RunText :runs="runs" />
      </button>
      <p class="pt-0.5 text-[13.5px]">
        <span
          class="font-semibold"
          :class="state.ready ? 'text-verdigris' : 'text-madder'"
        >{{ state.says.join(' · ') }}</span><br>
        <span class="text-soft">{{ source.listed && !cited ? 'listed, not cited' : times(cited) }}<template v-if="source.passages"> · {{ count(source.passages, 'passage') }}</template></span>
      </p>
    </div>
    <div
      v-else
      class="py-5"
    >
      <div class="mb-4 flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <label class="text-[13px] text-soft">This is a
          <select
            :value="source.kind"
            class="border-0 bg-transparent font-semibold text-ink"
            aria-label="Kind of source"
            @change="store.changeSource(source.id, { kind: ($event.target as HTMLSelectElement).value as KindId })"
          >
            <option
              v-for="kind in kinds"
              :key="kind"
              :value="kind"
            >{{ kindOf(kind).label }}</option>
          </select>
        </label>
        <span class="text-[13px] text-soft">key <code class="text-ink">{{ source.key }}</code></span>
        <span
          class="text-[13px] font-semibold"
          :class="state.ready ? 'text-verdigris' : 'text-madder'"
        >{{ state.says.join(' · ') }}</span>
        <button
          class="quiet ml-auto text-[13px]"
          :aria-expanded="true"
          @click="emit('toggle')"
        >
          Fold
        </button>
      </div>
      <div class="grid gap-x-10 gap-y-6 lg:grid-cols-[1fr_minmax(340px,420px)]">
        <GatherSlipForm
          :source="source"
          @focus="field = $event"
        />
        <GatherSlipAnatomy
          :source="source"
          v-bind="field ? { field } : {}"
        />
      </div>
      <label class="mt-5 block"><span class="text-[12.5px] text-soft">Annotation, printed under its entry in the list</span>
        <textarea
          rows="1"
          class="line"
          maxlength="20000"
          :value="source.annotation"
          @input="store.changeUse(source.id, { annotation: ($event.target as HTMLTextAreaElement).value })"
        /></label>
      <div class="mt-4 flex flex-wrap gap-x-6 gap-y-1">
        <button
          class="act"
          @click="copy"
        >
          Copy the reference
        </button>
        <label class="flex items-baseline gap-2 text-[14px]"><input
          type="checkbox"
          class="accent-verdigris"
          :checked="source.listed"
          @change="store.changeUse(source.id, { listed: ($event.target as HTMLInputElement).checked })"
        >List it even if it is not cited</label>
        <label class="text-[14px] text-soft">In the list under
          <select
            class="border-0 bg-transparent font-semibold text-ink"
            :value="source.division"
            @change="store.changeUse(source.id, { division: ($event.target as HTMLSelectElement).value })"
          >
            <option value="">no heading of its own</option>
            <option
              v-for="division in DIVISIONS"
              :key="division"
              :value="division"
            >{{ division }}</option>
          </select></label>
        <button
          class="quiet ml-auto"
          @click="emit('drop')"
        >
          Take out of this paper
        </button>
      </div>
    </div>
  </li>
</template>
