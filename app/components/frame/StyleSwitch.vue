<script setup lang="ts">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'
import { compose } from '~~/core/compose/compose'
import { plainText } from '~~/core/sheet/walking'
import { requote } from '~~/core/sheet/requote'
import { STYLES, type Style } from '~~/core/styles'
import { count } from '~/utils/words'

const store = usePaper()
const saving = useSaving()
const owned = useSources()
const written = useText()
const notices = useNotices()
/** One of the paper's own citations, the first with a place if any; else its first source. */
const sample = computed(() => {
  const real = written.citations.filter(c => c.items.length === 1 && owned.byId.has(c.items[0]!.id) && c.form !== 'suppress-author')
  const chosen = real.find(c => c.items[0]!.locator && c.form !== 'narrative') ?? real[0]
  if (chosen) return { items: chosen.items }
  const [first] = owned.sources
  return first ? { items: [{ id: first.id }] } : undefined
})
function show(style: Style) {
  if (!sample.value) return []
  const source = owned.byId.get(sample.value.items[0]!.id)!
  const composed = compose(style, [source], { citations: [sample.value] })
  return composed.notes[0] ?? composed.citations[0] ?? []
}
const chosen = computed({ get: () => store.style.id, set: change })

function change(id: string) {
  const before = store.style
  store.changePaper({ style: id })
  const { style } = store
  if (before.stopsInside !== style.stopsInside || before.quotes.outer[0] !== style.quotes.outer[0]) offer(style)
}
/** The writer's own quotations are the writer's: set otherwise only when asked for. */
function offer(style: Style) {
  void saving.flush()
  const { changed } = requote(written.body, style)
  const [open, close] = style.quotes.outer
  if (changed)
    notices.say(
      `${style.short} sets quotations in ${open}these marks${close}, commas and stops ${style.stopsInside ? 'inside' : 'outside'}. ${changed === 1 ? 'One in the text is' : `${changed.toLocaleString('en')} in the text are`} set otherwise.`,
      { action: { label: changed === 1 ? 'Set it so' : 'Set them so', run: () => set(style) } },
    )
}
async function set(style: Style) {
  await saving.flush()
  const was = written.body
  const { doc, changed } = requote(was, style)
  written.replaceBody(doc)
  // Words written since are not taken back with it.
  const unchanged = () => plainText(written.body) === plainText(doc)
  notices.say(`${count(changed, 'quotation')} ${changed === 1 ? 'is' : 'are'} set so.`, {
    action: {
      label: 'Take it back',
      run: () =>
        unchanged()
          ? written.replaceBody(was)
          : notices.say('The text has changed since: Undo on the sheet goes back step by step.', { bad: true }),
    },
  })
}
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
        class="hidden truncate font-page text-body text-soft md:inline"
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
            <span class="text-small text-soft">{{ style.edition }}</span>
          </span>
          <RunText
            class="line-clamp-2 font-page text-body text-soft"
            :runs="show(style)"
          />
        </li>
      </ListboxOption>
    </ListboxOptions>
  </Listbox>
</template>
