<script setup lang="ts">
import { useResizeObserver } from '@vueuse/core'
import { textOf } from '~~/core/source/model'
import { writeLocator } from '~~/core/source/locators'
import { composeAlone } from '~~/core/compose/compose'
import { plain } from '~~/core/text/runs'
import type { CitationData } from '~~/core/sheet/document'
import type { PaperEditor } from '~/editor/usePaperEditor'

/** The margin: a card level with each citation's line. Cards give way downwards so that none lies on another. */
const props = defineProps<{ editor: PaperEditor, sheet: HTMLElement | null }>()
const store = usePaper()
const ids = computed(() => [...store.citationPlaces.keys()])
const tops = ref(new Map<string, number>())
const margin = useTemplateRef<HTMLElement>('margin')
const { selected } = props.editor

let frame = 0
function level() {
  cancelAnimationFrame(frame)
  frame = requestAnimationFrame(() => {
    if (!margin.value || !props.sheet) return
    const origin = margin.value.getBoundingClientRect().top
    const placed = new Map<string, number>()
    let floor = 0
    for (const id of ids.value) {
      const chip = props.sheet.querySelector(`[data-cid="${id}"]`)
      if (!chip) continue
      const wanted = chip.getBoundingClientRect().top - origin - 8
      const top = Math.max(wanted, floor)
      placed.set(id, top)
      floor = top + (margin.value.querySelector<HTMLElement>(`[data-card="${id}"]`)?.offsetHeight ?? 52) + 8
    }
    tops.value = placed
  })
}
watch([ids, () => store.composition, selected, () => store.words], () => nextTick(level), { immediate: true })
useResizeObserver(() => props.sheet, level)
useResizeObserver(margin, level)
onMounted(() => { level(); setTimeout(level, 300); void document.fonts?.ready.then(level) })

const dataOf = (id: string): CitationData | undefined => store.citations[store.citationPlaces.get(id) ?? -1] as CitationData | undefined
function summary(id: string): { head: string, line: string } {
  const data = dataOf(id)
  const sources = (data?.items ?? []).map(item => ({ item, source: store.byId.get(item.id) }))
  if (!sources.length) return { head: 'A note in your own words', line: data?.words?.after ?? '' }
  const head = sources.map(({ source }) => source ? textOf(source, 'title').replace(/<[^>]+>/gu, '').split(/: /u)[0] : 'Unknown source').join(' · ')
  const line = sources.map(({ item, source }) => [source ? plain(composeAlone(store.style, source).narrative).replace(/[()]/gu, '').replace(/\s?\[?\d+\]?$/u, m => (store.style.citation.system === 'author-date' ? m : '')) : '', writeLocator(item.locator)].filter(Boolean).join(' · ')).join('; ')
  return { head, line }
}
</script>

<template>
  <aside
    ref="margin"
    class="margin relative hidden w-[330px] shrink-0 xl:block"
    aria-label="Margin: the citations of this paper"
  >
    <div
      v-for="id in ids"
      :key="id"
      :data-card="id"
      class="card absolute right-0 left-0"
      :class="selected === id ? 'leaf-raised z-10 border-l-[3px] border-l-verdigris p-4' : 'border-l-2 border-l-weld py-0.5 pl-3'"
      :style="{ top: `${tops.get(id) ?? 0}px`, visibility: tops.has(id) ? 'visible' : 'hidden' }"
    >
      <button
        class="block w-full text-left"
        :class="selected === id && 'mb-2'"
        :aria-expanded="selected === id"
        @click="selected === id ? (selected = undefined) : editor.select(id)"
      >
        <span class="line-clamp-1 text-[14px] font-semibold">{{ summary(id).head }}</span>
        <span class="line-clamp-1 text-[13px] text-soft">{{ summary(id).line }}</span>
      </button>
      <WriteCitationEditor
        v-if="selected === id && dataOf(id)"
        :data="dataOf(id)!"
        :place="store.citationPlaces.get(id)!"
        headed
        @change="editor.update(id, $event)"
        @done="selected = undefined"
      >
        <button
          class="quiet ml-auto"
          @click="editor.remove(id)"
        >
          Remove
        </button>
      </WriteCitationEditor>
    </div>
    <p
      v-if="!ids.length"
      class="pt-3 text-[14px] text-soft"
    >
      Citations stand here, each level with its line. Type <code>;;</code> in the text to make one.
    </p>
  </aside>
</template>

<style scoped>
.card { transition: top 140ms ease-out; }
</style>
