<script setup lang="ts">
import { tooMany } from '~~/core/check/bars'
import { evidenceAlong, sourcesByYear, weightOfSources, type ParagraphEvidence } from '~~/core/check/evidence'
import type { Column } from '~/utils/table'

/** Pictures of the paper: what each paragraph rests on, how much rests on each source, what years and kinds they are of. */
const store = usePaper()
const owned = useSources()
const written = useText()
const composed = useComposition()
const router = useRouter()
const which = ref<'along' | 'weight' | 'years'>('along')
const wantsTable = ref(false)

const PARTS = [['own', 'your own words', 'pale'], ['retold', 'retold with a source', 'woad'], ['quoted', 'quoted', 'madder']] as const
const along = computed(() => evidenceAlong(written.body))
const namesOf = ({ sources }: ParagraphEvidence) => sources.flatMap((id) => {
  const source = owned.byId.get(id)
  return source ? [composed.nameOf(source.id)] : []
})
/** What stands under the pointer: a paragraph's words by what they rest on, and on whom. */
function tellAlong(index: number): string[] {
  const one = along.value[index]!
  return [`${one.paragraph}. ${one.begins} …`, ...[...PARTS].reverse().filter(([key]) => one[key]).map(([key, word]) => `${word}: ${one[key]}`), namesOf(one).join(', ')].filter(Boolean)
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

const bars = computed(() => {
  if (which.value === 'along')
    return { names: along.value.map(one => String(one.paragraph)), parts: PARTS.map(([key,, ink]) => ({ ink, values: along.value.map(one => one[key]) })) }
  if (which.value === 'weight') return { names: weights.value.map(one => composed.nameOf(one.source.id)), parts: [{ ink: 'woad', values: weights.value.map(one => one.times) }] }
  return { names: [...years.value.spans], parts: years.value.kinds.map(({ counts }, i) => ({ ink: kindInk(i), values: [...counts] })) }
})
const asTable = computed(() => wantsTable.value || tooMany(bars.value))
const height = computed(() => (which.value === 'weight' ? Math.max(60, weights.value.length * 22 + 8) : 220))

function press(index: number) {
  const paper = `/papers/${store.paper?.id}`
  if (which.value === 'along') void router.push(`${paper}/write?block=${along.value[index]!.block}`)
  else if (which.value === 'weight') void router.push(`${paper}/gather?source=${weights.value[index]!.source.id}`)
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
          :style="{ background: `var(--${ink})` }"
        /></span>
      </template>
      <template v-else-if="which === 'years'">
        <span
          v-for="(one, i) in years.kinds"
          :key="one.kind"
          class="whitespace-nowrap"
        >{{ one.label.toLowerCase() }} <span
          class="key"
          :style="{ background: `var(--${kindInk(i)})` }"
        /></span>
      </template>
      <span v-else>how often each source of the list is cited</span>
    </p>
    <div
      v-if="asTable"
      class="max-h-[300px] overflow-y-auto"
    >
      <LazyPartsTable
        v-if="which === 'along'"
        caption="What each paragraph rests on, in words"
        :rows="along"
        :columns="alongColumns"
      />
      <LazyPartsTable
        v-else-if="which === 'weight'"
        caption="How often each source is cited"
        :rows="weightRows"
        :columns="weightColumns"
      />
      <LazyPartsTable
        v-else
        caption="Sources by year and kind"
        :rows="yearRows"
        :columns="yearColumns"
      />
    </div>
    <div
      v-else
      class="max-h-[300px] overflow-y-auto"
    >
      <PartsBars
        :names="bars.names"
        :parts="bars.parts"
        :height="height"
        :lying="which === 'weight'"
        :tell="which === 'along' ? tellAlong : undefined"
        @press="press"
      />
    </div>
    <p class="text-plain text-soft">
      <span
        v-if="which === 'along'"
        class="mr-2"
      >{{ restsOnNothing }}</span>
      <PartsButton
        v-if="!tooMany(bars)"
        @click="wantsTable = !wantsTable"
      >
        {{ asTable ? 'as a picture' : 'as a table' }}
      </PartsButton>
    </p>
  </section>
</template>

<style scoped>
section { --pale: color-mix(in srgb, var(--soft) 38%, var(--vellum)); }
.key { display: inline-block; width: 7px; height: 11px; vertical-align: -1px; }
</style>
