<script setup lang="ts">
import { composeAlone } from '~~/core/compose/compose'
import type { Written } from '~~/core/intake/formats'
import { toRaw } from 'vue'
import type { Slips } from '~/composables/useSlips'
import { listAsHtml, listAsText } from '~~/core/sheet/carry'
import { copyRich, download } from '~/utils/clipboard'
import { count } from '~/utils/words'

/** Above the slips: which are shown and in what order; or, when some are chosen, what to do with them. */
const props = defineProps<{ slips: Slips }>()
const emit = defineEmits<{ remove: [ids: string[]], merge: [ids: string[]] }>()
const store = usePaper()
const owned = useSources()
const undo = useUndo()
const notices = useNotices()
const { show, kind, order, find, ready, uncited, counted, kinds, chosen, chosenSources } = props.slips
const filters = computed(
  () =>
    [
      ['all', count(owned.sources.length, 'source')],
      ['ready', `${ready.value} ready`],
      ['look', `${owned.sources.length - ready.value} to look at`],
      ['uncited', `${uncited.value} not cited`],
    ] as const,
)
const ORDERS = [['filed', 'as the list files them'], ['newest', 'newest here first'], ['year', 'latest year first']] as const
const plainSources = () =>
  chosenSources.value.map(({ key, kind, fields, origin }) => ({ id: key, kind, fields, ...(origin ? { origin: toRaw(origin) } : {}) }))
async function save(to: Written) {
  const [word, ending, type] = SOURCE_FILES[to]
  const { writeSources } = await import('~~/core/intake/convert')
  download(`sources.${ending}`, writeSources(plainSources(), to), type)
  notices.say(`${count(chosen.value.size, 'source')} as ${word} in your downloads.`)
}
const files = (Object.keys(SOURCE_FILES) as Written[]).map(to => ({ word: SOURCE_FILES[to][0], run: () => save(to) }))
const copy = () => notices.attempt(async () => {
  const entries = chosenSources.value.map((source) => {
    const alone = composeAlone(store.style, source)
    return { id: source.id, runs: alone.reference ?? alone.parenthetical, why: [] }
  })
  const carried = { entries, details: store.paper?.details ?? {} }
  await copyRich(listAsHtml(store.style, carried), listAsText(store.style, carried))
  notices.say(`${count(chosen.value.size, 'reference')} on the clipboard, italics and indents and all.`)
})
</script>

<template>
  <div
    v-if="chosen.size"
    class="bar sticky top-[52px] z-20 flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b border-rule bg-vellum py-3 text-plain"
    role="toolbar"
    aria-label="The sources chosen"
  >
    <b>{{ chosen.size.toLocaleString('en') }} chosen</b>
    <PartsButton
      :disabled="chosen.size !== 2"
      :title="chosen.size === 2 ? '' : 'Choose two to merge them'"
      @click="emit('merge', chosenSources.map(s => s.id))"
    >
      Merge
    </PartsButton>
    <PartsButton @click="copy">
      Copy references
    </PartsButton>
    <PartsMenu
      word="Save as a file…"
      kind="act"
      :entries="files"
    />
    <PartsButton @click="emit('remove', chosenSources.map(s => s.id))">
      Take out of this paper
    </PartsButton>
    <span class="ml-auto flex gap-5">
      <PartsButton
        kind="quiet"
        @click="slips.chooseAll()"
      >Choose all shown</PartsButton>
      <PartsButton
        kind="quiet"
        @click="slips.chooseNone()"
      >Choose none</PartsButton>
    </span>
  </div>
  <div
    v-else
    class="bar flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b border-rule py-3 text-plain"
  >
    <PartsSwitch
      v-model="show"
      label="Which sources to show"
      :options="filters"
      :aria-busy="!counted"
    />
    <PartsField
      v-model="find"
      look="bare"
      class="min-w-24 flex-1"
      type="search"
      aria-label="Find among the sources"
      placeholder="Find…"
    />
    <PartsSelect
      v-if="kinds.length > 1"
      v-model="kind"
      class="max-w-40 text-soft"
      aria-label="Show one kind"
      :options="[['', 'every kind'], ...kinds.map(one => [one.id, `${one.label} (${one.n})`] as const)]"
    />
    <PartsSelect
      v-model="order"
      class="text-soft"
      aria-label="In what order"
      :options="ORDERS"
    />
    <PartsButton
      v-if="undo.steps.length"
      kind="quiet"
      title="Ctrl+Z outside a line"
      @click="undo.last()"
    >
      Undo
    </PartsButton>
  </div>
</template>
