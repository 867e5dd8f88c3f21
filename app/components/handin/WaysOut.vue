<script setup lang="ts">
import { WAYS, type Way } from '~~/core/handin/way-rows'
import { fileName } from '~~/core/handin/ways'
import type { Written } from '~~/core/intake/formats'
import { download } from '~/utils/clipboard'
import { count } from '~/utils/words'

/** Every way to take the paper away. */
const store = usePaper()
const notices = useNotices()
const { taking, take, stop } = useTaking()
const slow = ref(false)
let timer: ReturnType<typeof setTimeout> | undefined
watch(taking, (now) => {
  clearTimeout(timer)
  slow.value = false
  if (now) timer = setTimeout(() => { slow.value = true }, 500)
})
const WHAT: Partial<Record<Way, string>> = { docx: 'The document', pdf: 'The PDF', odt: 'The document', html: 'The page' }
const ROWS: readonly (readonly Way[])[] = [['docx'], ['pdf'], ['odt'], ['html'], ['tex', 'texbib'], ['md', 'marked', 'txt']]
// The sources' details, for other programs: those in the list, those cited in the text, or all that were gathered.
const owned = useSources()
const composed = useComposition()
const which = ref('listed')
const wanted = computed(() => {
  const listed = new Set(composed.composition.list.map(entry => entry.id))
  return owned.sources.filter(({ id }) => which.value === 'all' || (which.value === 'cited' ? composed.citedTimes.has(id) : listed.has(id)))
})
async function takeSources(to: Written) {
  const [word, ending, type] = SOURCE_FILES[to]
  const { writeSources } = await import('~~/core/intake/convert')
  const plain = wanted.value.map(({ key, kind, fields, origin }) => ({ id: key, kind, fields, ...(origin ? { origin: toRaw(origin) } : {}) }))
  download(fileName(`${store.paper!.title} sources`, '', ending), writeSources(plain, to), type)
  notices.say(`${count(plain.length, 'source')} as ${word} in your downloads.`)
}
const copied = useCopying()
const copyPaper = () => notices.attempt(async () => {
  await copied.paper()
  notices.say('The paper is on the clipboard, as its pages have it.')
})
const copyList = () => notices.attempt(async () => {
  await copied.list()
  notices.say(`${store.style.list.heading} is on the clipboard, with its indents.`)
})
</script>

<template>
  <section aria-labelledby="away-heading">
    <h2
      id="away-heading"
      class="mb-2 font-title text-head"
    >
      Take it away
    </h2>
    <ul class="border-t border-rule">
      <li
        v-for="ways in ROWS"
        :key="ways[0]"
        class="flex items-baseline justify-between gap-4 border-b border-rule py-1.5"
      >
        <span class="flex flex-wrap gap-x-4"><PartsButton
          v-for="way in ways"
          :key="way"
          :disabled="taking !== undefined"
          @click="take(way, WHAT[way] ?? 'The file')"
        >{{ WAYS[way].words }}</PartsButton></span>
        <span class="shrink-0 text-plain text-soft">
          <template v-if="slow && taking && taking !== 'zip' && ways.includes(taking)">being made <PartsButton
            kind="quiet"
            @click="stop"
          >Stop</PartsButton></template>
          <template v-else>.{{ [...new Set(ways.map(way => (way === 'texbib' ? 'bib' : WAYS[way].ending)))].join(' .') }}</template>
        </span>
      </li>
      <li class="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1.5">
        <label class="text-plain text-soft">Sources <PartsSelect
          v-model="which"
          class="font-semibold text-ink"
          :options="[['listed', 'in the list'], ['cited', 'cited in the text'], ['all', 'all gathered']]"
        /></label>
        <PartsButton
          v-for="(file, to) in SOURCE_FILES"
          :key="to"
          :disabled="!wanted.length"
          @click="takeSources(to)"
        >
          {{ file[0] }}
        </PartsButton>
      </li>
    </ul>
    <p class="mt-3 text-plain">
      <PartsButton
        :disabled="taking !== undefined"
        @click="take('zip', 'The paper')"
      >
        The whole paper as one file
      </PartsButton> <span class="text-soft">with its sources, passages and earlier states: the Desk takes it in again</span>
    </p>
    <p class="mt-2 text-plain">
      Copy <PartsButton @click="copyPaper">
        the paper
      </PartsButton> · <PartsButton @click="copyList">
        the list
      </PartsButton> <span class="text-soft">with indents and italics</span>
    </p>
  </section>
</template>
