<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { compareFields } from '~~/core/source/merging'

const store = usePaper()
const owned = useSources()
const tray = useTray()
const undo = useUndo()
const route = useRoute()
const open = ref<string | undefined>(typeof route.query.source === 'string' ? route.query.source : undefined)
const slips = useSlips(open)
const shown = slips.slips

// Thousands of slips: only those near the window are drawn. A few hundred are all there, for the browser's own search.
const column = useTemplateRef<HTMLElement>('column')
const top = ref(0)
const virtual = computed(() => shown.value.length > MANY_SLIPS)
/** Before the page knows its window it has the first of them, as the server wrote it. */
const hasWindow = ref(false)
onMounted(() => { hasWindow.value = true })
const [HEIGHT, FIRST] = [78, 20]
const virtualizer = useWindowVirtualizer(
  computed(() => ({
    count: virtual.value ? shown.value.length : 0,
    estimateSize: () => HEIGHT,
    overscan: 12,
    scrollMargin: top.value,
    getItemKey: (i: number) => shown.value[i]?.id ?? i,
  })),
)
const drawn = computed(() =>
  virtual.value && hasWindow.value
    ? virtualizer.value
        .getVirtualItems()
        .map((item) => ({ source: shown.value[item.index]!, index: item.index, start: item.start - top.value }))
        .filter((one) => one.source)
    : (virtual.value ? shown.value.slice(0, FIRST) : shown.value).map((source, index) => ({ source, index, start: index * HEIGHT })),
)
const measureTop = () => { if (column.value) top.value = column.value.getBoundingClientRect().top + window.scrollY }
watch([() => tray.items.length, () => tray.problems.length, () => slips.chosen.value.size, virtual], () => nextTick(measureTop))

async function focusSlip(id: string, within: string) {
  await nextTick()
  let slip = document.getElementById(`slip-${id}`)
  if (!slip && virtual.value) {
    virtualizer.value.scrollToIndex(shown.value.findIndex(s => s.id === id), { align: 'center' })
    await new Promise(resolve => setTimeout(resolve, 80))
    slip = document.getElementById(`slip-${id}`)
  }
  slip?.querySelector<HTMLElement>(within)?.focus({ preventScroll: true })
  // An unfolded slip may be taller than the window: its head is what must be seen.
  slip?.scrollIntoView({ block: id === open.value ? 'start' : 'nearest' })
}
async function unfold(id: string) {
  open.value = open.value === id ? undefined : id
  await (open.value ? focusSlip(id, 'fieldset input, fieldset textarea') : focusSlip(id, '[data-slip]'))
}
/** To the slip above or below; with Shift it is chosen too, and the one it was gone from. */
function near(index: number, by: number, choose: boolean) {
  const next = shown.value[index + by]
  if (!next) return
  if (choose && !slips.chosen.value.has(shown.value[index]!.id)) slips.choose(shown.value[index]!.id, false)
  if (choose) slips.choose(next.id, true)
  void focusSlip(next.id, '[data-slip]')
}

const { leaving, says, uncited, nameOf, remove, keep, letGo } = useLeaving(open)
const merging = useMerging(slips, open)

onMounted(async () => {
  await tray.open()
  measureTop()
  if (open.value) void focusSlip(open.value, 'nothing')
})
onBeforeUnmount(() => undo.clear())
if (import.meta.client) {
  useEventListener(window, 'resize', measureTop)
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    const typing = (event.target as HTMLElement).closest(
      'input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable]',
    )
    if (typing) return
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !event.shiftKey) {
      event.preventDefault()
      void undo.last()
    } else if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'a' && shown.value.length) {
      event.preventDefault()
      slips.chooseAll()
    } else if (event.key === 'Delete' && slips.chosen.value.size) {
      event.preventDefault()
      remove(slips.chosenSources.value.map((s) => s.id))
    } else if (event.key === 'Escape' && slips.chosen.value.size) slips.chooseNone()
  })
}
</script>

<template>
  <div class="mx-auto max-w-[1180px] px-5 pt-6 pb-24 sm:px-10">
    <h1 class="sr-only">
      Gather
    </h1>
    <GatherIntakeLine @added="unfold" />
    <GatherTheTray @added="unfold" />
    <GatherSlipBar
      v-if="owned.sources.length"
      :slips="slips"
      @remove="remove"
      @merge="merging.start"
    />
    <PartsDialog
      v-if="leaving"
      open
      urgent
      title="Sources that are cited"
      @close="keep"
    >
      <p><b>{{ says }}</b> The citations would stay in the text, marked as having no source, until it is put back.</p>
      <ul class="my-1 max-h-32 overflow-auto font-page text-body text-soft">
        <li
          v-for="(place, i) in leaving.places.slice(0, 12)"
          :key="i"
        >
          … {{ place.words }} <span class="bg-wash">{{ nameOf(place.id) }}</span>
        </li>
      </ul>
      <div class="flex flex-wrap gap-x-6">
        <PartsButton @click="letGo(leaving.ids)">
          Take {{ leaving.ids.length === 1 ? 'it' : 'them' }} out all the same
        </PartsButton>
        <PartsButton
          v-if="uncited.length && uncited.length < leaving.ids.length"
          @click="letGo(uncited)"
        >
          Take out the {{ uncited.length }} that are not cited
        </PartsButton>
        <NuxtLink
          class="act"
          :to="`/papers/${store.paper?.id}/write`"
        >
          See the text first
        </NuxtLink>
        <PartsButton
          kind="quiet"
          @click="keep"
        >
          Keep {{ leaving.ids.length === 1 ? 'it' : 'them' }}
        </PartsButton>
      </div>
    </PartsDialog>
    <GatherMergeLines
      v-if="merging.pair.value"
      :comparison="compareFields(merging.pair.value.keep.fields, merging.pair.value.drop.fields)"
      :kind="merging.pair.value.keep.kind"
      :mine-word="`${merging.pair.value.keep.key}, which stays`"
      :theirs-word="merging.pair.value.drop.key"
      @merge="merging.merge"
      @cancel="merging.stop"
    />
    <ul
      v-if="shown.length"
      ref="column"
      aria-label="Sources"
      :class="virtual && 'relative'"
      :style="virtual ? { height: `${virtualizer.getTotalSize()}px` } : undefined"
    >
      <li
        v-for="{ source, index, start } in drawn"
        :id="`slip-${source.id}`"
        :key="source.id"
        :ref="virtual ? (el => { if (el) virtualizer.measureElement(el as Element) }) : undefined"
        :data-index="index"
        :aria-setsize="shown.length"
        :aria-posinset="index + 1"
        class="scroll-mt-[60px]"
        :class="virtual && 'absolute inset-x-0 top-0'"
        :style="virtual ? { transform: `translateY(${start}px)` } : undefined"
      >
        <GatherOpenSlip
          v-if="open === source.id"
          :source="source"
          :findings="slips.findings(source.id)"
          @fold="unfold(source.id)"
          @drop="remove([source.id])"
          @merged="open = $event"
        />
        <GatherSourceSlip
          v-else
          :source="source"
          :findings="slips.findings(source.id)"
          :chosen="slips.chosen.value.has(source.id)"
          :choosing="slips.chosen.value.size > 0"
          @unfold="unfold(source.id)"
          @choose="slips.choose(source.id, $event)"
          @near="(by, choose) => near(index, by, choose)"
        />
      </li>
    </ul>
    <p
      v-else-if="owned.sources.length"
      class="py-8 text-soft"
    >
      No source fits that. <PartsButton @click="slips.showAll()">
        Show all
      </PartsButton>
    </p>
    <PartsEmpty
      v-else-if="!tray.items.length"
      title="Nothing gathered yet."
    >
      Give the line above whatever you have. A title begins a source: Dendle asks for what its kind needs and tells you where on it to look. A DOI, an ISBN or a web address is looked up. A whole reference list, copied from anywhere, is taken apart. Files go onto this page: .bib, .ris, .json, saved web pages, PDFs, documents.
    </PartsEmpty>
  </div>
</template>
