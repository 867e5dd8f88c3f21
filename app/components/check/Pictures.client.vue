<script setup lang="ts">
import { use } from 'echarts/core'
import { BarChart } from 'echarts/charts'
import { GridComponent, TooltipComponent } from 'echarts/components'
import { SVGRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { evidenceAlong, sourcesByYear, weightOfSources, type ParagraphEvidence } from '~~/core/check/evidence'
import type { Column } from '~/utils/table'

/** Pictures of the paper: what each paragraph rests on, how much rests on each source, what years and kinds they are of. */
use([BarChart, GridComponent, TooltipComponent, SVGRenderer])
const store = usePaper()
const owned = useSources()
const written = useText()
const composed = useComposition()
const router = useRouter()
const { theme } = useTheme()
const which = ref<'along' | 'weight' | 'years'>('along')
const asTable = ref(false)

/** The tokens of the page as colours: a picture cannot read them by itself. */
const inks = computed(() => {
  void theme.value
  const style = getComputedStyle(document.documentElement)
  const of = (name: string) => style.getPropertyValue(`--${name}`).trim()
  return { ink: of('ink'), soft: of('soft'), rule: of('rule'), leaf: of('leaf'), madder: of('madder'), woad: of('woad'), verdigris: of('verdigris'), ochre: of('ochre'), plum: of('plum'), weld: of('weld'), pale: `color-mix(in srgb, ${of('soft')} 38%, ${of('vellum')})` }
})
const PARTS = [['own', 'your own words', 'pale'], ['retold', 'retold with a source', 'woad'], ['quoted', 'quoted', 'madder']] as const
const along = computed(() => evidenceAlong(written.body))
const namesOf = ({ sources }: ParagraphEvidence) => sources.flatMap((id) => {
  const source = owned.byId.get(id)
  return source ? [composed.nameOf(source.id)] : []
})
/** What stands under the pointer: a paragraph's words by what they rest on, and on whom. Text, never markup. */
function tellAlong(given: { dataIndex: number }[]): HTMLElement {
  const one = along.value[given[0]!.dataIndex]!
  const lines = [`${one.paragraph}. ${one.begins} …`, ...[...PARTS].reverse().filter(([key]) => one[key]).map(([key, word]) => `${word}: ${one[key]}`), namesOf(one).join(', ')]
  const box = document.createElement('div')
  for (const line of lines.filter(Boolean)) box.append(Object.assign(document.createElement('div'), { textContent: line }))
  return box
}
const listed = computed(() => {
  const ids = new Set(composed.composition.list.map(entry => entry.id))
  return owned.sources.filter(source => ids.has(source.id))
})
const weights = computed(() => weightOfSources(written.body, listed.value).slice(0, 40))
const years = computed(() => sourcesByYear(listed.value))
const KIND_INKS = ['woad', 'verdigris', 'ochre', 'plum', 'madder', 'weld', 'soft'] as const
const kindInk = (i: number) => KIND_INKS[i % KIND_INKS.length]!
const bare = computed(() => along.value.filter(one => !one.quoted && !one.retold).map(one => one.paragraph))
const restsOnNothing = computed(() => {
  const all = bare.value
  if (!all.length) return 'Every paragraph rests on a source.'
  const said = all.length > 1 ? `${all.slice(0, -1).join(', ')} and ${all.at(-1)}` : String(all[0])
  return all.length > 12 ? `${all.length} paragraphs rest on no source.` : `Paragraph${all.length > 1 ? 's' : ''} ${said} rest${all.length > 1 ? '' : 's'} on no source.`
})

const axis = computed(() => ({ axisLine: { lineStyle: { color: inks.value.rule } }, axisTick: { show: false }, axisLabel: { color: inks.value.soft, fontFamily: 'inherit', fontSize: 12 } }))
const common = computed(() => ({
  animation: false,
  textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable, system-ui, sans-serif' },
  tooltip: {
    trigger: 'axis', axisPointer: { type: 'none' }, confine: true,
    backgroundColor: inks.value.leaf, borderColor: inks.value.rule, textStyle: { color: inks.value.ink, fontSize: 13 },
  },
}))
const option = computed(() => {
  if (which.value === 'along') {
    const data = along.value
    return {
      ...common.value,
      tooltip: { ...common.value.tooltip, formatter: tellAlong },
      grid: { left: 8, right: 8, top: 12, bottom: 24 },
      xAxis: { type: 'category', data: data.map(one => String(one.paragraph)), ...axis.value },
      yAxis: { show: false },
      series: PARTS.map(([key, name, ink]) => ({ type: 'bar', stack: 'words', emphasis: { disabled: true }, name, barMaxWidth: 26, barMinHeight: 0, cursor: 'pointer', itemStyle: { color: inks.value[ink] }, data: data.map(one => one[key]) })),
    }
  }
  if (which.value === 'weight') {
    const data = [...weights.value].reverse()
    return {
      ...common.value,
      grid: { left: 8, right: 30, top: 4, bottom: 4, containLabel: true },
      xAxis: { show: false },
      yAxis: { type: 'category', data: data.map(one => composed.nameOf(one.source.id)), ...axis.value, axisLabel: { ...axis.value.axisLabel, width: 150, overflow: 'truncate' } },
      series: [{ type: 'bar', name: 'cited', barMaxWidth: 14, cursor: 'pointer', itemStyle: { color: inks.value.woad }, label: { show: true, position: 'right', color: inks.value.soft }, data: data.map(one => one.times) }],
    }
  }
  return {
    ...common.value,
    grid: { left: 8, right: 8, top: 12, bottom: 24 },
    xAxis: { type: 'category', data: [...years.value.spans], ...axis.value },
    yAxis: { show: false },
    series: years.value.kinds.map(({ label, counts }, i) => ({ type: 'bar', stack: 'sources', emphasis: { disabled: true }, name: label, barMaxWidth: 26, itemStyle: { color: inks.value[kindInk(i)] }, data: counts.map(n => n || null) })),
  }
})
const height = computed(() => (which.value === 'weight' ? `${Math.max(120, weights.value.length * 22 + 12)}px` : '220px'))

function press({ dataIndex }: { dataIndex: number }) {
  const paper = `/papers/${store.paper?.id}`
  if (which.value === 'along') void router.push(`${paper}/write?block=${along.value[dataIndex]!.block}`)
  else if (which.value === 'weight') void router.push(`${paper}/gather?source=${[...weights.value].reverse()[dataIndex]!.source.id}`)
}

const alongColumns: Column<ParagraphEvidence>[] = [
  { key: 'paragraph', head: 'No.', value: one => one.paragraph, number: true },
  { key: 'begins', head: 'Begins', value: one => one.begins },
  { key: 'quoted', head: 'Quoted', value: one => one.quoted, number: true },
  { key: 'retold', head: 'Retold', value: one => one.retold, number: true },
  { key: 'own', head: 'Own', value: one => one.own, number: true },
  { key: 'sources', head: 'Sources', value: one => namesOf(one).join(', ') },
]
const weightRows = computed(() => weights.value.map(({ source, times }) => ({ id: source.id, name: composed.nameOf(source.id), times })))
const weightColumns: Column<{ id: string, name: string, times: number }>[] = [
  { key: 'name', head: 'Source', value: one => one.name },
  { key: 'times', head: 'Times cited', value: one => one.times, number: true },
]
const yearRows = computed(() => years.value.kinds.flatMap(({ label, counts }) => counts.flatMap((n, i) => (n ? [{ span: years.value.spans[i]!, kind: label, n }] : []))))
const yearColumns: Column<{ span: string, kind: string, n: number }>[] = [
  { key: 'span', head: 'Year', value: one => one.span },
  { key: 'kind', head: 'Kind', value: one => one.kind },
  { key: 'n', head: 'Sources', value: one => one.n, number: true },
]
</script>

<template>
  <section aria-labelledby="what-it-rests-on">
    <h2
      id="what-it-rests-on"
      class="text-body font-bold"
    >
      What it rests on
    </h2>
    <PartsSwitch
      v-model="which"
      label="Which picture"
      class="mt-1 text-plain"
      :options="[['along', 'paragraph by paragraph'], ['weight', 'source by source'], ['years', 'their years and kinds']]"
    />
    <p class="mt-1 flex min-h-5 flex-wrap gap-x-4 text-plain text-soft">
      <template v-if="which === 'along'">
        <span
          v-for="[key, word, ink] in [...PARTS].reverse()"
          :key="key"
          class="whitespace-nowrap"
        >{{ word }} <span
          class="key"
          :style="{ background: inks[ink] }"
        /></span>
      </template>
      <template v-else-if="which === 'years'">
        <span
          v-for="(one, i) in years.kinds"
          :key="one.kind"
          class="whitespace-nowrap"
        >{{ one.label.toLowerCase() }} <span
          class="key"
          :style="{ background: inks[kindInk(i)] }"
        /></span>
      </template>
      <span v-else>how often each source of the list is cited</span>
    </p>
    <div
      v-if="asTable"
      class="max-h-[300px] overflow-y-auto"
    >
      <PartsTable
        v-if="which === 'along'"
        caption="What each paragraph rests on, in words"
        :rows="along"
        :columns="alongColumns"
      />
      <PartsTable
        v-else-if="which === 'weight'"
        caption="How often each source is cited"
        :rows="weightRows"
        :columns="weightColumns"
      />
      <PartsTable
        v-else
        caption="Sources by year and kind"
        :rows="yearRows"
        :columns="yearColumns"
      />
    </div>
    <div
      v-else
      class="max-h-[300px] overflow-y-auto"
      aria-hidden="true"
    >
      <VChart
        :option="option"
        :style="{ height }"
        autoresize
        @click="press"
      />
    </div>
    <p class="text-plain text-soft">
      <span
        v-if="which === 'along'"
        class="mr-2"
      >{{ restsOnNothing }}</span>
      <PartsButton @click="asTable = !asTable">
        {{ asTable ? 'as a picture' : 'as a table' }}
      </PartsButton>
    </p>
  </section>
</template>

<style scoped>
.key { display: inline-block; width: 7px; height: 11px; vertical-align: -1px; }
</style>
