<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { composeAlone } from '~~/core/compose/compose'
import { writeSources, type Written } from '~~/core/intake/convert'
import { toRaw } from 'vue'
import type { Slips } from '~/composables/useSlips'
import { copyEntries, download } from '~/utils/clipboard'
import { count } from '~/utils/words'

/** Above the slips: which are shown and in what order; or, when some are chosen, what to do with them. */
const props = defineProps<{ slips: Slips }>()
const emit = defineEmits<{ remove: [ids: string[]], merge: [ids: string[]] }>()
const store = usePaper()
const owned = useSources()
const undo = useUndo()
const notices = useNotices()
const { show, kind, order, find, ready, uncited, counted, kinds, chosen, chosenSources } = props.slips
const filters = computed(() => [
  ['all', count(owned.sources.length, 'source')], ['ready', `${ready.value} ready`], ['look', `${owned.sources.length - ready.value} to look at`], ['uncited', `${uncited.value} not cited`],
] as const)
const FILES: Record<Written, [word: string, ending: string, type: string]> = { 'bibtex': ['BibTeX', 'bib', 'application/x-bibtex'], 'ris': ['RIS', 'ris', 'application/x-research-info-systems'], 'csl-json': ['CSL-JSON', 'json', 'application/json'] }
const plainSources = () => chosenSources.value.map(({ key, kind, fields, origin }) => ({ id: key, kind, fields, ...(origin ? { origin: toRaw(origin) } : {}) }))
function save(to: Written) {
  const [word, ending, type] = FILES[to]
  download(`sources.${ending}`, writeSources(plainSources(), to), type)
  notices.say(`${count(chosen.value.size, 'source')} as ${word} in your downloads.`)
}
const copy = () => notices.attempt(async () => {
  await copyEntries(chosenSources.value.map((source) => { const alone = composeAlone(store.style, source); return alone.reference ?? alone.parenthetical }))
  notices.say(`${count(chosen.value.size, 'reference')} on the clipboard, italics and indents and all.`)
})
</script>

<template>
  <div
    v-if="chosen.size"
    class="bar sticky top-[52px] z-20 flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b border-rule bg-vellum py-3 text-[14px]"
    role="toolbar"
    aria-label="The sources chosen"
  >
    <b>{{ chosen.size.toLocaleString('en') }} chosen</b>
    <button
      class="act"
      :disabled="chosen.size !== 2"
      :title="chosen.size === 2 ? '' : 'Choose two to merge them'"
      @click="emit('merge', chosenSources.map(s => s.id))"
    >
      Merge
    </button>
    <button
      class="act"
      @click="copy"
    >
      Copy references
    </button>
    <Menu
      as="div"
      class="relative"
    >
      <MenuButton class="act">
        Save as a file…
      </MenuButton>
      <MenuItems class="leaf-raised absolute left-0 z-30 mt-1 w-40 py-1 focus:outline-none">
        <MenuItem
          v-for="([word], to) in FILES"
          :key="to"
          v-slot="{ active }"
        >
          <button
            class="block w-full px-3 py-1 text-left"
            :class="active && 'bg-tint'"
            @click="save(to)"
          >
            {{ word }}
          </button>
        </MenuItem>
      </MenuItems>
    </Menu>
    <button
      class="act"
      @click="emit('remove', chosenSources.map(s => s.id))"
    >
      Take out of this paper
    </button>
    <span class="ml-auto flex gap-5">
      <button
        class="quiet"
        @click="slips.chooseAll()"
      >Choose all shown</button>
      <button
        class="quiet"
        @click="slips.chooseNone()"
      >Choose none</button>
    </span>
  </div>
  <div
    v-else
    class="bar flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b border-rule py-3 text-[14px]"
    role="group"
    aria-label="Which sources to show"
  >
    <button
      v-for="[value, word] in filters"
      :key="value"
      :class="show === value ? 'font-bold' : 'text-soft hover:text-ink'"
      :aria-pressed="show === value"
      :aria-busy="!counted"
      @click="show = value"
    >
      {{ word }}
    </button>
    <input
      v-model="find"
      type="search"
      class="min-w-24 flex-1 bg-transparent"
      aria-label="Find among the sources"
      placeholder="Find…"
    >
    <select
      v-if="kinds.length > 1"
      v-model="kind"
      class="max-w-40 border-0 bg-transparent text-soft"
      aria-label="Show one kind"
    >
      <option value="">
        every kind
      </option>
      <option
        v-for="one in kinds"
        :key="one.id"
        :value="one.id"
      >{{ one.label }} ({{ one.n }})</option>
    </select>
    <select
      v-model="order"
      class="border-0 bg-transparent text-soft"
      aria-label="In what order"
    >
      <option value="filed">
        as the list files them
      </option>
      <option value="newest">
        newest here first
      </option>
      <option value="year">
        latest year first
      </option>
    </select>
    <button
      v-if="undo.steps.length"
      class="quiet"
      title="Ctrl+Z outside a line"
      @click="undo.last()"
    >
      Undo
    </button>
  </div>
</template>
