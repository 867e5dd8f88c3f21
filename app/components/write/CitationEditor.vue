<script setup lang="ts">
import { FORMS } from '~~/core/compose/citations/forms'
import { compose, composeAlone } from '~~/core/compose/compose'
import { readLocator, writeLocator } from '~~/core/source/locators'
import { plain } from '~~/core/text/runs'
import { textOf } from '~~/core/source/model'
import type { CitationData } from '~~/core/sheet/document'

/** A citation being made or changed: its works, their places, the words around, and the real forms to choose from. */
const props = defineProps<{
  data: CitationData
  place?: number
  autofocus?: boolean
  headed?: boolean
  near?: readonly string[]
  again?: string
}>()
const emit = defineEmits<{ change: [data: CitationData], done: [] }>()
const store = usePaper()
const written = useText()
const composed = useComposition()
const owned = useSources()
const adding = ref(props.data.items.length === 0)
const around = ref(props.data.items.some(i => i.prefix || i.suffix || i.original))
const notes = computed(() => store.style.citation.system === 'notes')
const root = useTemplateRef<HTMLElement>('root')

// A work that its paragraph has just cited may give its place alone, where the style lets it: offered, never done unasked.
const alone = computed(
  () =>
    store.style.citation.placeAlone === true
    && props.data.items.length === 1
    && Boolean(props.data.items[0]!.locator)
    && (props.again === props.data.items[0]!.id || props.data.form === 'place-alone'),
)
// Each form as it will stand in this very place of the paper.
const forms = computed(() => props.data.items.length === 0
  ? []
  : FORMS.filter(form => form !== 'place-alone' || alone.value).map((form) => {
      const citations = [...written.citations]
      const at = props.place ?? citations.length
      citations[at] = { ...props.data, form }
      const printed = compose(store.style, owned.sources, { citations, alsoList: composed.alsoList })
      return {
        form,
        runs: printed.citations[at]!,
        note: printed.noteNumbers[at] === undefined ? undefined : printed.notes[printed.noteNumbers[at]! - 1],
      }
    }).filter((f, i, all) => plain(f.runs).trim() !== '' && all.findIndex(o => plain(o.runs) === plain(f.runs)) === i))

const formed = computed(() => new Map(forms.value.map(one => [one.form, one])))

const titleOf = (id: string): string => {
  const source = owned.byId.get(id)
  return source
    ? textOf(source, 'title').replace(/<[^>]+>/gu, '') || plain(composeAlone(store.style, source).narrative)
    : 'A source this paper no longer has'
}
const set = (change: Partial<CitationData>) => emit('change', { ...props.data, ...change })
const setItem = (i: number, change: Partial<CitationData['items'][number]>) =>
  set({ items: props.data.items.map((item, n) => (n === i ? { ...item, ...change } : item)) })
/** Places as they are being typed: what is read of them shows when the field is left. */
const places = ref<Record<number, string>>({})
function setPlace(i: number, typed: string) {
  places.value = { ...places.value, [i]: typed }
  if (JSON.stringify(readLocator(typed)) !== JSON.stringify(props.data.items[i]?.locator)) setItem(i, { locator: readLocator(typed) })
}
function forgetPlace(i: number) {
  const { [i]: _, ...rest } = places.value
  places.value = rest
}
async function add(id: string) {
  set({ items: [...props.data.items, { id, locator: undefined }] })
  adding.value = false
  await nextTick()
  ;[...root.value!.querySelectorAll<HTMLInputElement>('[data-place]')].at(-1)?.focus({ preventScroll: true })
}
function remove(i: number) {
  places.value = {}
  set({ items: props.data.items.filter((_, n) => n !== i) })
  if (props.data.items.length === 1) adding.value = true
}
onMounted(() => {
  if (props.autofocus && !adding.value) root.value?.querySelector<HTMLInputElement>('[data-place]')?.focus({ preventScroll: true })
})
</script>

<template>
  <div ref="root">
    <div
      v-for="(item, i) in data.items"
      :key="`${item.id}-${i}`"
      class="mb-2"
    >
      <p
        v-if="!headed || data.items.length > 1"
        class="flex items-baseline gap-3"
      >
        <NuxtLink
          :to="`/papers/${store.paper?.id}/gather?source=${item.id}`"
          class="min-w-0 flex-1 truncate text-plain font-semibold hover:text-verdigris"
        >
          {{ titleOf(item.id) }}
        </NuxtLink>
        <PartsButton
          v-if="data.items.length > 1"
          kind="quiet"
          class="text-small"
          @click="remove(i)"
        >
          Leave out
        </PartsButton>
      </p>
      <PartsField
        v-if="around"
        class="text-plain"
        aria-label="Words before"
        placeholder="words before: see, cf., for example"
        :model-value="item.prefix ?? ''"
        @update:model-value="setItem(i, { prefix: $event })"
      />
      <PartsField
        label="place"
        beside
        data-place
        placeholder="104-6, para 4, ch 3, 1:12:30"
        :model-value="places[i] ?? writeLocator(item.locator)"
        rest
        @update:model-value="setPlace(i, $event)"
        @blur="forgetPlace(i)"
        @keydown.enter.prevent="setPlace(i, ($event.target as HTMLInputElement).value); emit('done')"
      />
      <PartsField
        v-if="around"
        class="text-plain"
        aria-label="The work it quotes"
        placeholder="cited for a work it quotes: Rabbitt, 1982"
        :model-value="item.original ?? ''"
        @update:model-value="setItem(i, { original: $event })"
      />
      <PartsField
        v-if="around"
        class="text-plain"
        aria-label="Words after"
        placeholder="words after"
        :model-value="item.suffix ?? ''"
        @update:model-value="setItem(i, { suffix: $event })"
      />
    </div>
    <WriteSourceFinder
      v-if="adding"
      :exclude="data.items.map(i => i.id)"
      :autofocus="autofocus || data.items.length > 0"
      :near="near ?? []"
      @pick="add"
      @cancel="data.items.length ? (adding = false) : emit('done')"
    />
    <PartsTiles
      v-if="forms.length > 1 || notes"
      v-slot="{ option, chosen }"
      class="-mx-2 my-2 font-page text-body"
      label="Form of the citation"
      :options="forms.map(one => one.form)"
      :model-value="data.form"
      @update:model-value="set({ form: $event })"
    >
      <RunText :runs="formed.get(option)!.runs" /><span
        v-if="/^\d+$/u.test(plain(formed.get(option)!.runs))"
        class="ml-2 font-ui text-small text-soft"
      >the number alone</span><span
        v-else-if="option === 'place-alone'"
        class="ml-2 font-ui text-small text-soft"
      >cited just before</span><span
        v-if="formed.get(option)!.note && chosen"
        class="mt-0.5 block text-small text-soft"
      ><RunText :runs="formed.get(option)!.note!" /></span>
    </PartsTiles>
    <div
      v-if="(notes || data.words?.after || data.words?.before) && !adding"
      class="mb-2 text-plain"
    >
      <span class="text-fine text-soft">your own words in the note</span>
      <WriteNoteWords
        :words="data.words?.after ?? ''"
        label="Your own words in the note"
        @change="set({ words: { ...data.words, after: $event } })"
        @done="emit('done')"
      />
    </div>
    <div class="flex flex-wrap gap-x-[13px] gap-y-1 text-plain">
      <PartsButton
        v-if="!adding"
        @click="adding = true"
      >
        Add a source
      </PartsButton>
      <PartsButton
        v-if="data.items.length"
        kind="quiet"
        @click="around = !around"
      >
        Words around
      </PartsButton>
      <slot />
    </div>
  </div>
</template>
