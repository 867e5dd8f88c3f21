<script setup lang="ts">
import { composeAlone } from '~~/core/compose/compose'
import { DIVISIONS } from '~~/core/sheet/divisions'
import type { FieldName } from '~~/core/source/fields'
import type { Finding } from '~~/core/check/finding'
import type { PaperSource } from '~/stores/sources'
import { copyRuns } from '~/utils/clipboard'

/** A source unfolded in place: its details, the reference taken apart, what is to be looked at, its passages. */
const props = defineProps<{ source: PaperSource, findings: readonly Finding[] }>()
const emit = defineEmits<{ fold: [], drop: [], merged: [into: string] }>()
const store = usePaper()
const owned = useSources()
const shelf = useShelf()
const notices = useNotices()
const field = ref<FieldName>()
const pointed = ref<FieldName>()
const root = useTemplateRef<HTMLElement>('root')
const ready = computed(() => !props.findings.some(f => f.serious))
const runs = computed(() => { const alone = composeAlone(store.style, props.source); return alone.reference ?? alone.parenthetical })
const original = computed(() => (props.source.origin?.custom as { original?: string } | undefined)?.original?.replace(/<[^>]+>/gu, ''))

const key = ref(props.source.key)
watch(() => props.source.key, (value) => { key.value = value })
async function rename() {
  const wanted = key.value.trim().toLowerCase()
  if (!wanted || wanted === props.source.key) { key.value = props.source.key; return }
  try { await shelf.rename(props.source, wanted) }
  catch (error) {
    notices.say((error as Error).message, { bad: true })
    key.value = props.source.key
  }
}
function go(name: FieldName) {
  const line = root.value?.querySelector<HTMLElement>(`[data-field="${name}"], [data-names="${name}"] input`)
  line?.focus()
  line?.scrollIntoView({ block: 'nearest' })
}
const copy = () => notices.attempt(async () => {
  await copyRuns(runs.value)
  notices.say('The reference is on the clipboard, italics and all.')
})
</script>

<template>
  <div
    ref="root"
    class="slip-open leaf-raised relative z-10 -mx-3 my-1 px-3 py-5 sm:-mx-6 sm:px-6"
  >
    <div class="mb-4 flex flex-wrap items-baseline gap-x-6 gap-y-1">
      <span class="flex items-baseline gap-2 text-[13px] text-soft">This is a
        <GatherKindFinder
          :kind="source.kind"
          label="Kind of source"
          @choose="shelf.changeKind(source, $event)"
        /></span>
      <label class="text-[13px] text-soft">key <input
        v-model="key"
        class="w-44 bg-transparent font-mono text-[13px] text-ink hover:underline hover:decoration-rule focus:no-underline"
        aria-label="Key of this source"
        title="Stands for this source in plain-text marks"
        maxlength="61"
        spellcheck="false"
        @blur="rename"
        @keydown.enter="($event.target as HTMLInputElement).blur()"
        @keydown.esc.stop="key = source.key"
      ></label>
      <span
        v-if="ready"
        class="text-[13px] font-semibold text-verdigris"
      >Ready</span>
      <button
        class="quiet ml-auto text-[13px]"
        :aria-expanded="true"
        @click="emit('fold')"
      >
        Fold
      </button>
    </div>
    <GatherSlipFindings
      :source="source"
      :findings="findings"
      @merged="emit('merged', $event)"
    />
    <div class="grid gap-x-10 gap-y-6 lg:grid-cols-[1fr_minmax(340px,420px)]">
      <GatherSlipForm
        class="max-lg:order-2"
        :source="source"
        :lit="pointed"
        @focus="field = $event"
      />
      <div>
        <GatherSlipAnatomy
          class="lg:sticky lg:top-[68px]"
          :source="source"
          :field="field"
          @point="pointed = $event"
          @go="go"
        />
        <p
          v-if="original"
          class="mt-4 text-[14px]"
        >
          <span class="block text-[12.5px] text-soft">as it was pasted</span>
          <span class="font-page text-[15px]">{{ original }}</span>
        </p>
      </div>
    </div>
    <label class="mt-5 block"><span class="text-[12.5px] text-soft">Annotation, printed under its entry in the list</span>
      <textarea
        rows="1"
        class="line"
        maxlength="20000"
        :value="source.annotation"
        @input="owned.changeUse(source.id, { annotation: ($event.target as HTMLTextAreaElement).value })"
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
        @change="owned.changeUse(source.id, { listed: ($event.target as HTMLInputElement).checked })"
      >List it even if it is not cited</label>
      <label class="text-[14px] text-soft">In the list under
        <select
          class="border-0 bg-transparent font-semibold text-ink"
          :value="source.division"
          @change="owned.changeUse(source.id, { division: ($event.target as HTMLSelectElement).value })"
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
    <GatherSlipPassages :source="source" />
  </div>
</template>
