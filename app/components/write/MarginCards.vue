<script setup lang="ts">
import { useEventListener, useResizeObserver } from '@vueuse/core'
import { composeAlone } from '~~/core/compose/compose'
import { writeLocator } from '~~/core/source/locators'
import { plain } from '~~/core/text/runs'
import { textOf } from '~~/core/source/model'
import { setQuotes } from '~~/core/text/quotes'
import { stripRich } from '~~/core/text/rich'
import type { CitationData } from '~~/core/sheet/document'
import type { ShownFinding } from '~/stores/findings'
import type { PaperSource } from '~/stores/sources'
import type { PaperEditor } from '~/editor/usePaperEditor'
import { useMarginFindings } from '~/editor/useMarginFindings'
import { useStrayWords } from '~/editor/useStrayWords'

/**
 * The margin: a card level with each citation's line. Cards give way downwards, and join where they crowd; only those
 * near the window are drawn.
 */
const props = defineProps<{ editor: PaperEditor, sheet: HTMLElement | null }>()
const store = usePaper()
const composed = useComposition()
const owned = useSources()
const written = useText()
const margin = useTemplateRef<HTMLElement>('margin')
const drawn = useTemplateRef<HTMLElement[]>('drawn')
const { selected } = props.editor
/** Cards this far from where they belong join the one above. */
const CROWDED = 130
/** Citations, by their ids, or a finding. */
interface Card { ids: string[], top: number, finding?: ShownFinding }
const told = useMarginFindings(props.editor)
const { wished } = told
/** The finding that is open, by its id. */
const read = ref<string>()
const cards = shallowRef<Card[]>([])
/** Where the last card ends: the passages stand below it. */
const foot = ref(0)
const ids = computed(() => [...written.citationPlaces.keys()])

interface Wanted { id: string, top: number, finding?: ShownFinding }
/** What has a card near the window, from above. Blocks are asked where they stand, not what is in them: what is far away stays undrawn. */
function nearby(sheet: HTMLElement): Wanted[] {
  const out: Wanted[] = []
  for (const [i, block] of [...(sheet.querySelector('.sheet-text')?.children ?? [])].entries()) {
    const { top, bottom } = block.getBoundingClientRect()
    if (bottom < -900) continue
    if (top > window.innerHeight + 900) break
    for (const chip of block.querySelectorAll<HTMLElement>('[data-cid]')) {
      const id = chip.dataset.cid!
      if (written.citationPlaces.has(id)) out.push({ id, top: chip.getBoundingClientRect().top })
    }
    for (const finding of told.byBlock.value.get(i) ?? []) {
      const at = told.topOf(finding, block)
      if (at !== undefined) out.push({ id: finding.id, top: at, finding })
    }
  }
  return out.sort((a, b) => a.top - b.top)
}
let frame = 0
function level() {
  cancelAnimationFrame(frame)
  frame = requestAnimationFrame(() => {
    if (!margin.value || !props.sheet || !margin.value.offsetParent) { cards.value = []; return }
    const origin = margin.value.getBoundingClientRect().top
    const out: Card[] = []
    let floor = 0
    for (const { id, top, finding } of nearby(props.sheet)) {
      const wanted = top - origin - 8
      const last = out.findLast(card => !card.finding)
      if (!finding && last && floor - wanted > CROWDED && selected.value !== id && !last.ids.includes(selected.value ?? '')) {
        last.ids.push(id)
        continue
      }
      const place = Math.max(wanted, floor)
      out.push({ ids: finding ? [] : [id], top: place, ...(finding ? { finding } : {}) })
      floor = place + (margin.value.querySelector<HTMLElement>(`[data-card="${CSS.escape(id)}"]`)?.offsetHeight ?? 52) + 8
    }
    cards.value = out
    foot.value = floor
  })
}
watch([ids, () => composed.composition, selected, () => written.body, told.byBlock, read], () => nextTick(level), { immediate: true })
useResizeObserver(() => props.sheet, level)
useResizeObserver(margin, level)
// An open card grows and shrinks with what is done in it.
useResizeObserver(drawn, level)
if (import.meta.client) useEventListener(window, 'scroll', level, { passive: true })
// An open card is seen whole: the page moves to it, and no more than it must.
watch(selected, async (id) => {
  // A note being written at the foot keeps the page where it is.
  if (!id || document.activeElement?.closest('[data-note]')) return
  await nextTick()
  level()
  setTimeout(() => margin.value?.querySelector(`[data-card].open`)?.scrollIntoView({ block: 'nearest' }), 180)
})
onMounted(() => { level(); setTimeout(level, 300); void document.fonts?.ready.then(level) })

const dataOf = (id: string): CitationData | undefined => written.citations[written.citationPlaces.get(id) ?? -1] as CitationData | undefined
/** The main title as the list prints it; as it was given where the list has none. */
function titleOf(source: PaperSource): string {
  const printed = composeAlone(store.style, source).reference?.filter(run => run.field === 'title')
  // It stands alone here: quotation marks within it are the outer ones.
  return (printed?.length ? setQuotes(plain(printed), store.style.quotes, 0) : stripRich(textOf(source, 'title'))).split(/: /u)[0]!
}
function summary(id: string): { head: string, line: string } {
  const data = dataOf(id)
  const sources = (data?.items ?? []).map(item => ({ item, source: owned.byId.get(item.id) }))
  const number = composed.composition.noteNumbers[written.citationPlaces.get(id) ?? -1]
  const numbers =
    store.style.citation.system === 'numbers'
      ? (data?.items ?? []).flatMap((item) => composed.composition.list.find((entry) => entry.id === item.id)?.number ?? [])
      : []
  const note = [
    numbers.length && `${numbers.length > 1 ? 'numbers' : 'number'} ${numbers.join(', ')}`,
    number !== undefined && `note ${number}`,
  ]
    .filter(Boolean)
    .join(' · ')
  if (!sources.length) return { head: 'A note in your own words', line: [note, data?.words?.after ?? ''].filter(Boolean).join(' · ') }
  const head = sources.map(({ source }) => source ? titleOf(source) : 'A source this paper no longer has').join(' · ')
  const line = [
    note,
    sources
      .map(({ item, source }) =>
        [
          source
            ? plain(composeAlone(store.style, source).narrative)
                .replace(/[()]/gu, '')
                .replace(/\s?\[?\d+\]?$/u, (m) => (store.style.citation.system === 'author-date' ? m : ''))
            : '',
          writeLocator(item.locator),
        ]
          .filter(Boolean)
          .join(' · '),
      )
      .join('; '),
  ]
    .filter(Boolean)
    .join(' · ')
  return { head, line }
}
const stray = useStrayWords(props.editor)
/** The citation under the pointer, so that its card shows itself. */
const under = ref<string>()
if (import.meta.client) {
  useEventListener(
    () => props.sheet,
    'mouseover',
    (event: MouseEvent) => {
      under.value = (event.target as HTMLElement).closest<HTMLElement>('[data-cid]')?.dataset.cid
    },
  )
}
function hover(id: string, on: boolean) {
  props.sheet?.querySelector(`[data-cid="${id}"]`)?.classList.toggle('pointed', on)
}
</script>

<template>
  <aside
    ref="margin"
    class="margin relative hidden xl:block"
    :style="{ minHeight: `${foot}px` }"
    aria-label="Margin: the citations of this paper"
  >
    <div
      v-for="card in cards"
      :key="card.finding?.id ?? card.ids[0]"
      ref="drawn"
      :data-card="card.finding?.id ?? card.ids[0]"
      class="card absolute right-0 left-0"
      :class="card.finding ? 'border-l-2 border-l-madder py-0.5 pl-3' : card.ids.includes(selected ?? '') ? 'open leaf-raised z-10 border-l-[3px] border-l-verdigris p-4' : ['border-l-2 py-0.5 pl-3', card.ids.includes(under ?? '') ? 'border-l-verdigris bg-tint' : 'border-l-weld']"
      :style="{ top: `${card.top}px` }"
    >
      <WriteMarginFinding
        v-if="card.finding"
        :finding="card.finding"
        :open="read === card.finding.id"
        @toggle="read = read === card.finding.id ? undefined : card.finding.id"
        @show="told.show(card.finding)"
        @fix="told.fix(card.finding)"
        @leave="told.leave(card.finding)"
      />
      <template
        v-for="id in card.ids"
        :key="id"
      >
        <PartsButton
          kind="bare"
          class="block w-full text-left"
          :class="selected === id && 'mb-2'"
          :aria-expanded="selected === id"
          @click="selected === id ? (selected = undefined) : editor.select(id)"
          @mouseenter="hover(id, true)"
          @mouseleave="hover(id, false)"
        >
          <span class="line-clamp-1 text-plain font-semibold">{{ summary(id).head }}</span>
          <span
            v-if="card.ids.length === 1 || selected === id"
            class="line-clamp-1 text-small text-soft"
          >{{ summary(id).line }}</span>
        </PartsButton>
        <p
          v-if="!wished && stray(id)"
          class="text-small text-madder"
        >
          Not in its passage: “{{ stray(id) }}”
        </p>
        <WriteCitationCard
          v-if="selected === id && dataOf(id)"
          :id="id"
          :editor="editor"
          headed
          @done="selected = undefined; editor.editor.value?.view.focus()"
        />
      </template>
    </div>
    <p
      v-if="!ids.length"
      class="pt-3 text-plain text-soft"
    >
      Citations stand here, each level with its line. Type <code>;;</code> in the text to make one.
    </p>
  </aside>
</template>

<style scoped>
.card { transition: top 140ms ease-out; scroll-margin: 124px 0 56px; }
</style>
