<script setup lang="ts">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'
import { compose } from '~~/core/compose/compose'
import { STYLES, type Style } from '~~/core/styles'

const store = usePaper()
/** One of the paper's own citations, the first with a place if any; else its first source. */
const sample = computed(() => {
  const real = store.citations.filter(c => c.items.length === 1 && store.byId.has(c.items[0]!.id) && c.form !== 'suppress-author')
  const chosen = real.find(c => c.items[0]!.locator && c.form !== 'narrative') ?? real[0]
  if (chosen) return { items: chosen.items }
  const [first] = store.sources
  return first ? { items: [{ id: first.id }] } : undefined
})
function show(style: Style) {
  if (!sample.value) return []
  const source = store.byId.get(sample.value.items[0]!.id)!
  const composed = compose(style, [source], { citations: [sample.value] })
  return composed.notes[0] ?? composed.citations[0] ?? []
}
const chosen = computed({ get: () => store.style.id, set: (id: string) => store.changePaper({ style: id }) })
</script>

<template>
  <Listbox
    v-model="chosen"
    as="div"
    class="relative h-full shrink-0"
  >
    <ListboxButton
      class="flex h-full max-w-[420px] items-center gap-3 pl-4"
      :aria-label="`Style: ${store.style.name} ${store.style.edition}. Change it`"
    >
      <span class="shrink-0 font-bold">{{ store.style.short }}</span>
      <RunText
        class="hidden truncate font-page text-[15px] text-soft md:inline"
        :runs="show(store.style)"
      />
      <ChevronDown
        class="shrink-0"
        :size="16"
        aria-hidden="true"
      />
    </ListboxButton>
    <ListboxOptions class="leaf-raised absolute right-0 z-40 mt-1 max-h-[75vh] w-[min(560px,92vw)] overflow-auto py-2 focus:outline-none">
      <ListboxOption
        v-for="style in STYLES"
        :key="style.id"
        v-slot="{ active, selected }"
        :value="style.id"
        as="template"
      >
        <li
          class="cursor-pointer border-l-[3px] px-4 py-2"
          :class="[active && 'bg-tint', selected ? 'border-l-verdigris' : 'border-l-transparent']"
        >
          <span class="flex items-baseline justify-between gap-3">
            <span class="font-semibold">{{ style.name }}</span>
            <span class="text-[13px] text-soft">{{ style.edition }}</span>
          </span>
          <RunText
            class="line-clamp-2 font-page text-[15px] text-soft"
            :runs="show(style)"
          />
        </li>
      </ListboxOption>
    </ListboxOptions>
  </Listbox>
</template>
