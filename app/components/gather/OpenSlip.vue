<script setup lang="ts">
import { composeAlone } from '~~/core/compose/compose'
import { DIVISIONS, headingsOf } from '~~/core/sheet/listing'
import type { FieldName } from '~~/core/source/fields'
import type { Finding } from '~~/core/check/finding'
import type { PaperSource } from '~/stores/sources'
import { copyRuns } from '~/utils/clipboard'

/** A source unfolded in place: its details, the reference taken apart, what is to be looked at, its passages. */
const props = withDefaults(defineProps<{ source: PaperSource, findings: readonly Finding[], dropWord?: string }>(), { dropWord: 'Take out of this paper' })
const emit = defineEmits<{ fold: [], drop: [], merged: [into: string] }>()
const store = usePaper()
const owned = useSources()
const shelf = useShelf()
const notices = useNotices()
const field = ref<FieldName>()
const pointed = ref<FieldName>()
const root = useTemplateRef<HTMLElement>('root')
/** The headings of the list that it may stand under. */
const headings = computed(() => [...new Set([...headingsOf(owned.sources, store.paper?.details.headings), ...DIVISIONS])])
const ready = computed(() => !props.findings.some(f => f.serious))
const runs = computed(() => { const alone = composeAlone(store.style, props.source); return alone.reference ?? alone.parenthetical })
const original = computed(() => (props.source.origin?.custom as { original?: string } | undefined)?.original?.replace(/<[^>]+>/gu, ''))

const keyField = useTemplateRef<{ reset: () => void }>('keyField')
/** What is wrong with the key that was typed; it stays typed until it is another. */
const keyProblem = ref('')
async function rename(typed: string) {
  const wanted = typed.trim().toLowerCase()
  keyProblem.value = ''
  if (!wanted || wanted === props.source.key) return
  try { await shelf.rename(props.source, wanted) }
  catch (error) { keyProblem.value = (error as Error).message }
}
/** The key as it is, in place of what was typed. */
function keepKey() {
  keyProblem.value = ''
  keyField.value?.reset()
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
      <span class="flex items-baseline gap-2 text-small text-soft">This is a
        <GatherKindFinder
          :kind="source.kind"
          label="Kind of source"
          @choose="shelf.changeKind(source, $event)"
        /></span>
      <PartsField
        ref="keyField"
        :model-value="source.key"
        :rest="1200"
        :draft="`key ${source.id}`"
        :complaint="keyProblem"
        label="key"
        beside
        look="bare"
        field-class="w-44 font-mono text-small text-ink hover:underline hover:decoration-rule focus:no-underline"
        aria-label="Key of this source"
        title="Stands for this source in plain-text marks"
        maxlength="61"
        spellcheck="false"
        @update:model-value="rename"
        @keydown.enter="($event.target as HTMLInputElement).blur()"
        @keydown.esc.stop="keepKey"
      />
      <span
        v-if="ready"
        class="text-small font-semibold text-verdigris"
      >Ready</span>
      <PartsButton
        kind="quiet"
        class="ml-auto text-small"
        :aria-expanded="true"
        @click="emit('fold')"
      >
        Fold
      </PartsButton>
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
          class="mt-4 text-plain"
        >
          <span class="block text-fine text-soft">as it was pasted</span>
          <span class="font-page text-body">{{ original }}</span>
        </p>
      </div>
    </div>
    <PartsField
      label="Annotation, printed under its entry in the list"
      class="mt-5"
      rows="1"
      maxlength="20000"
      :model-value="source.annotation"
      @update:model-value="owned.changeUse(source.id, { annotation: $event })"
    />
    <div class="mt-4 flex flex-wrap gap-x-6 gap-y-1">
      <PartsButton @click="copy">
        Copy the reference
      </PartsButton>
      <PartsCheck
        class="text-plain"
        :model-value="source.listed"
        @update:model-value="owned.changeUse(source.id, { listed: $event })"
      >
        List it even if it is not cited
      </PartsCheck>
      <label class="text-plain text-soft">In the list under
        <PartsSelect
          class="font-semibold text-ink"
          :model-value="source.division"
          :options="[['', 'no heading of its own'], ...headings.map(one => [one, one] as const)]"
          @update:model-value="owned.changeUse(source.id, { division: $event as typeof source.division })"
        /></label>
      <PartsButton
        v-if="dropWord"
        kind="quiet"
        class="ml-auto"
        @click="emit('drop')"
      >
        {{ dropWord }}
      </PartsButton>
    </div>
    <GatherSlipPassages :source="source" />
  </div>
</template>
