<script setup lang="ts">
import { useElementSize, useEventListener, useLocalStorage } from '@vueuse/core'
import { formatDistanceToNow } from 'date-fns'
import type { SectionName } from '~~/core/sheet/printed'
import { placedCitations } from '~~/core/sheet/walking'
import { inWords } from '~~/core/text/numbers'
import { faceAddresses, otherAddress } from '~/utils/face-addresses'
import { count } from '~/utils/words'
import type { ShownLine } from '~/stores/pages'

const store = usePaper()
const pages = usePages()
const found = useFindings()
const written = useText()
const composed = useComposition()
const route = useRoute()
const sheet = computed(() => pages.sheet)
const { since, changed, marked, isChanged } = useSinceLastLook()

// Faces: the very files that the lines are measured by.
const face = computed(() => `Page ${sheet.value?.twin ?? 'tinos'}`)
const loaded = new Set<string>()
function load(name: string, address: string, shape: FontFaceDescriptors = {}) {
  const own = new FontFace(name, `url(${address})`, shape)
  document.fonts.add(own)
  void own.load()
}
watch(() => sheet.value?.twin, (twin) => {
  if (!twin || loaded.has(twin)) return
  loaded.add(twin)
  for (const [shape, address] of Object.entries(faceAddresses(twin))) {
    const [weight, style] = [shape.startsWith('bold') ? '700' : '400', shape.endsWith('italic') ? 'italic' : 'normal']
    load(`Page ${twin}`, address, { weight, style })
  }
}, { immediate: true })
watch(() => sheet.value?.others, (names = []) => {
  for (const name of names) {
    if (loaded.has(`${name} other`)) continue
    loaded.add(`${name} other`)
    load(`Page ${name} other`, otherAddress(name))
  }
}, { immediate: true })

// How large, and how many side by side.
const area = useTemplateRef<HTMLElement>('area')
const { width: room, height: high } = useElementSize(area)
const zoom = useLocalStorage('dendle-page-zoom', 'fit', { initOnMounted: true })
const two = useLocalStorage('dendle-pages-beside', true, { initOnMounted: true })
/** CSS pixels between pages, and around them; under each the line with its number. */
const GAP = 22
const UNDER = 30
const beside = computed(() => (two.value && room.value > 560 && (sheet.value?.pages.length ?? 0) > 1 ? 2 : 1))
const scale = computed(() => {
  if (!sheet.value) return 1
  const fit = (room.value - GAP * (beside.value + 1)) / beside.value / sheet.value.width
  return zoom.value === 'fit' ? Math.max(0.3, Math.min(fit, 1.9)) : Number(zoom.value) / 75
})
const rowHeight = computed(() => (sheet.value ? sheet.value.height * scale.value + UNDER + GAP : 1))
const rows = computed(() => Math.ceil((sheet.value?.pages.length ?? 0) / beside.value))
const top = ref(0)
useEventListener(area, 'scroll', () => { top.value = area.value?.scrollTop ?? 0 }, { passive: true })
/** Rows that are in sight, and one on each side. */
const inSight = computed(() => {
  const from = Math.max(0, Math.floor(top.value / rowHeight.value) - 1)
  const to = Math.min(rows.value, Math.ceil((top.value + (high.value || 800)) / rowHeight.value) + 1)
  return Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i)
})
const pagesOf = (row: number) => {
  const from = row * beside.value
  return (sheet.value?.pages ?? []).slice(from, from + beside.value).map((page, i) => ({ page, at: from + i }))
}
const current = ref(0)
watch([top, rowHeight, beside], () => {
  const row = Math.floor((top.value + rowHeight.value * 0.3) / rowHeight.value)
  // The page one went to stays the one one is on, as long as its row does.
  if (Math.floor(current.value / beside.value) !== row) current.value = Math.min((sheet.value?.pages.length ?? 1) - 1, row * beside.value)
})
function goToPage(at: number) {
  current.value = at
  area.value?.scrollTo({ top: Math.floor(at / beside.value) * rowHeight.value })
}
const asked = ref('')
function goToLabel() {
  const at = sheet.value?.pages.findIndex(page => page.label === asked.value.trim()) ?? -1
  if (at >= 0) goToPage(at)
  asked.value = ''
}
/** What a page is of, under it; nothing under those of the text. */
const pageWords = computed((): Record<SectionName, string> => ({
  'title-page': 'title page',
  'abstract': 'before the text',
  'contents': 'contents',
  'text': '',
  'appendix': store.style.page.appendix.alone,
  'endnotes': store.style.page.notesHeading,
  'list': store.style.list.heading,
}))

// Places: a line leads to where its words are kept.
const details = useTemplateRef<{ focus: (key: string) => void }>('details')
const here = ref<string>()
function go({ from }: ShownLine) {
  if (!from) return
  const paper = `/papers/${store.paper!.id}`
  if ('block' in from) void navigateTo({ path: `${paper}/write`, query: { block: String(from.block) } })
  else if ('source' in from) void navigateTo({ path: `${paper}/list`, query: { entry: from.source } })
  else if ('note' in from) {
    const cited = placedCitations(written.body)[composed.composition.noteNumbers.indexOf(from.note)]?.id
    void navigateTo({ path: `${paper}/write`, query: cited ? { cited } : {} })
  }
  else if (from.detail === 'title') document.querySelector<HTMLElement>('header [aria-label="Title of the paper"]')?.focus()
  else details.value?.focus(from.detail)
}
/** One who comes from Write, or from a finding, is shown the place. */
function arrive() {
  const { sheet: laid, lastPlace } = pages
  const { block } = route.query
  const place = typeof block === 'string' ? Number(block) : lastPlace?.paper === store.paper!.id ? lastPlace.block : undefined
  if (!laid || place === undefined) return
  const wanted = JSON.stringify({ block: place })
  const at = laid.pages.findIndex(page => page.lines.some(line => line.from && JSON.stringify(line.from) === wanted))
  if (at < 0) return
  here.value = wanted
  void nextTick(() => goToPage(at))
}
const arrived = ref(false)
watch([sheet, room], () => {
  if (arrived.value || !sheet.value || !room.value) return
  arrived.value = true
  arrive()
}, { immediate: true })
onMounted(() => {
  pages.start()
  found.start()
})

const held = computed(() => {
  const n = found.standing.length
  const certain = found.standing.filter(one => one.certain).length
  if (!found.known) return ''
  if (!n) return 'Check has nothing left to say.'
  const whose = certain < n ? `${inWords(certain)} with` : n === 1 ? 'with' : 'each with'
  return `${count(n, 'finding')} in Check${certain ? `, ${whose} a certain fix` : ''}.`
})
const NAMED = { writer: 'Your name', instructor: 'Instructor', course: 'Course', institution: 'Institution', date: 'Date' } as const
const zooms = [['fit', 'fit'], ['75', '75 %'], ['100', '100 %'], ['125', '125 %'], ['150', '150 %']] as const
</script>

<template>
  <div class="hand-in">
    <h1 class="sr-only">
      Hand in
    </h1>
    <HandinPageRail
      v-if="sheet && sheet.pages.length > 1"
      class="rail border-r border-rule"
      :sheet="sheet"
      :current="current"
      @go="goToPage"
    />
    <div class="middle min-w-0">
      <div
        ref="area"
        class="area"
        role="region"
        aria-label="The pages as they print"
        tabindex="0"
      >
        <p
          v-if="pages.failed"
          class="p-8 text-madder"
          role="alert"
        >
          {{ pages.failed }} <PartsButton @click="pages.retry">
            Try again
          </PartsButton>
        </p>
        <PartsBusy
          v-else-if="!sheet"
          class="p-8"
          says="Setting the pages"
        />
        <div
          v-else
          class="relative"
          :style="{ height: `${rows * rowHeight + GAP}px` }"
        >
          <div
            v-for="row in inSight"
            :key="row"
            class="absolute inset-x-0 flex justify-center"
            :style="{ top: `${row * rowHeight + GAP}px`, gap: `${GAP}px` }"
          >
            <figure
              v-for="{ page, at } in pagesOf(row)"
              :key="at"
              :style="{ width: `${sheet.width * scale}px` }"
            >
              <HandinSheetPage
                :class="at === current && sheet.pages.length > 1 && 'on'"
                :page="page"
                :width="sheet.width"
                :height="sheet.height"
                :face="face"
                :changed="isChanged"
                :here="here"
                @go="go"
              />
              <figcaption class="pt-1.5 text-center text-small text-soft">
                {{ page.label }}<template v-if="pageWords[page.section]">
                  · {{ pageWords[page.section] }}
                </template><template v-if="!page.lines.length">
                  · nothing stands on it yet
                </template>
              </figcaption>
            </figure>
          </div>
        </div>
      </div>
      <div
        v-if="sheet"
        class="tools flex flex-wrap items-baseline gap-x-6 gap-y-1 border-t border-rule px-5 py-2 text-plain"
        role="toolbar"
        aria-label="Pages"
      >
        <span class="flex items-baseline gap-2">
          <PartsButton
            kind="quiet"
            :disabled="current <= 0"
            aria-label="The page before"
            @click="goToPage(Math.max(0, current - beside))"
          >‹</PartsButton>
          <form
            class="flex items-baseline gap-1.5"
            @submit.prevent="goToLabel"
          >
            <PartsField
              v-model="asked"
              aria-label="Go to page"
              type="search"
              field-class="w-9 text-center"
              inputmode="numeric"
              :placeholder="sheet.pages[current]?.label ?? '1'"
            /> of {{ sheet.pages.length.toLocaleString('en') }}
          </form>
          <PartsButton
            kind="quiet"
            :disabled="current >= sheet.pages.length - 1"
            aria-label="The page behind"
            @click="goToPage(Math.min(sheet.pages.length - 1, current + beside))"
          >›</PartsButton>
        </span>
        <PartsSwitch
          class="max-sm:hidden"
          label="Pages side by side"
          :model-value="two ? 'two' : 'one'"
          :options="[['one', 'One page'], ['two', 'Two']]"
          @update:model-value="two = $event === 'two'"
        />
        <label class="text-soft">Size <PartsSelect
          v-model="zoom"
          class="font-semibold text-ink"
          :options="zooms"
        /></label>
        <PartsCheck
          v-if="since && changed.size"
          v-model="marked"
        >
          What changed {{ formatDistanceToNow(new Date(since), { addSuffix: true }).replace('about ', '') }}
        </PartsCheck>
        <span
          v-if="pages.busy"
          class="text-soft"
          role="status"
        >setting…</span>
      </div>
    </div>
    <aside class="side flex flex-col gap-8 px-6 pt-6 pb-12 sm:px-8">
      <HandinPaperDetails ref="details" />
      <HandinWaysOut />
      <section
        v-if="sheet?.missing.length || held || sheet?.lacking.length"
        aria-labelledby="held-heading"
        class="text-plain"
      >
        <h2
          id="held-heading"
          class="mb-1 font-semibold"
        >
          Before it goes
        </h2>
        <p v-if="sheet?.missing.length">
          <span class="text-madder">Not given: </span>
          <template
            v-for="(key, i) in sheet.missing"
            :key="key"
          >
            <template v-if="i">
              ,
            </template><PartsButton @click="details?.focus(key)">{{ NAMED[key].toLowerCase() }}</PartsButton>
          </template>
        </p>
        <p v-if="held">
          <NuxtLink
            v-if="found.standing.length"
            class="act"
            :to="`/papers/${store.paper?.id}/check`"
          >{{ held }}</NuxtLink><template v-else>
            {{ held }}
          </template>
        </p>
        <p
          v-if="sheet?.lacking.length"
          class="text-soft"
        >
          The faces that ship with Dendle lack {{ sheet.lacking.slice(0, 12).join(' ') }}: in the PDF there are gaps in their place; the
          documents keep them.
        </p>
      </section>
      <HandinPageChoices />
    </aside>
  </div>
</template>

<style scoped>
.hand-in { display: grid; grid-template-columns: auto minmax(0, 1fr) 380px; height: calc(100dvh - 53px); }
.rail { grid-area: 1 / 1; width: 84px; height: 100%; }
.middle { grid-area: 1 / 2; display: flex; flex-direction: column; min-height: 0; height: 100%; }
.area { flex: 1; min-height: 0; overflow: auto; outline-offset: -3px; }
.side { grid-area: 1 / 3; overflow-y: auto; border-left: 1px solid var(--rule); }
.on { outline: 2px solid var(--verdigris); }
@media (max-width: 1099px) {
  .hand-in { grid-template-columns: auto minmax(0, 1fr); height: auto; }
  .rail, .middle { height: calc(100dvh - 53px); }
  .side { grid-area: 2 / 1 / auto / -1; overflow: visible; border-left: 0; border-top: 1px solid var(--rule); }
}
@media (max-width: 639px) {
  .hand-in { display: block; }
  .rail { display: none; }
  .middle { height: auto; }
  .area { height: min(70dvh, 520px); flex: none; }
}
</style>
