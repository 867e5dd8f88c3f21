<script setup lang="ts">
import { readBlock, type Line } from '~~/core/check/reading'
import { composeAlone } from '~~/core/compose/compose'
import { labelFor } from '~~/core/source/kinds'
import { plain } from '~~/core/text/runs'
import type { ShownFinding } from '~/stores/findings'

/** The words of a finding among those around them, as they stand on the sheet; or the reference that it is about. */
const props = defineProps<{ finding: ShownFinding }>()
const store = usePaper()
const owned = useSources()
const written = useText()
const composed = useComposition()

interface Piece { text: string, marked: boolean }
const block = computed(() => {
  const { where } = props.finding
  const node = 'block' in where ? written.body.content?.[where.block] : undefined
  return node && readBlock(node)
})
/** What a citation of the block prints, by its node. */
const printed = (id: string) => plain((composed.composition.citations[written.citationPlaces.get(id) ?? -1] ?? []).filter(run => !run.superscript))

function piecesOf(line: Line): Piece[] {
  const { where } = props.finding
  const here = where.at === 'words' && where.path.join() === line.path.join()
  const out: Piece[] = []
  const put = (text: string, marked: boolean) => {
    const last = out.at(-1)
    if (last && last.marked === marked) last.text += text
    else if (text) out.push({ text, marked })
  }
  for (let at = 0; at < line.text.length; at++) {
    const citation = line.citations.find(one => one.at === at)
    if (citation) put(printed(citation.id), where.at === 'citation' && where.citation === citation.id)
    else if (line.text[at] !== '\u2060') put(line.text[at]!, here && at >= where.from && at < where.to)
  }
  return near(out)
}
/** Of a long paragraph the words around what is meant. */
const BEFORE = 280
const BEHIND = 360
function near(pieces: Piece[]): Piece[] {
  const at = pieces.findIndex(piece => piece.marked)
  if (at < 0) return pieces
  return pieces.map(({ text, marked }, i) => {
    if (marked) return { text, marked }
    if (i < at && text.length > BEFORE) return { text: `… ${text.slice(text.indexOf(' ', text.length - BEFORE) + 1)}`, marked }
    if (i > at && text.length > BEHIND) return { text: `${text.slice(0, text.lastIndexOf(' ', BEHIND))} …`, marked }
    return { text, marked }
  })
}
/** Of a long block the lines near the one that is meant. */
const lines = computed(() => {
  const all = block.value?.lines ?? []
  const { where } = props.finding
  const at = Math.max(0, all.findIndex(line =>
    (where.at === 'words' && where.path.join() === line.path.join())
    || (where.at === 'citation' && line.citations.some(one => one.id === where.citation))))
  return all.slice(Math.max(0, at - 1), at + 3).map(piecesOf)
})
const source = computed(() => (props.finding.where.at === 'field' ? owned.byId.get(props.finding.where.source) : undefined))
const reference = computed(() => {
  if (!source.value) return undefined
  const alone = composeAlone(store.style, source.value)
  return alone.reference ?? alone.parenthetical
})
const field = computed(() => (props.finding.where.at === 'field' ? props.finding.where.field : undefined))
</script>

<template>
  <section aria-labelledby="where-it-stands">
    <h2
      id="where-it-stands"
      class="mb-2 text-body font-bold"
    >
      Where it stands
    </h2>
    <div class="max-h-[46vh] overflow-y-auto border border-rule bg-leaf px-5 py-4 font-page text-page-small leading-7 sm:px-9 sm:py-6">
      <template v-if="block">
        <p
          v-for="(line, i) in lines"
          :key="i"
          :class="[block.kind === 'quotation' && 'pl-8', block.kind === 'heading' && 'font-bold']"
          class="break-words whitespace-pre-wrap"
        >
          <template
            v-for="(piece, k) in line"
            :key="k"
          ><mark v-if="piece.marked">{{ piece.text }}</mark><template v-else>{{ piece.text }}</template></template>
          <span
            v-if="!line.length"
            class="text-soft"
          >(an empty line)</span>
        </p>
      </template>
      <template v-else-if="source && reference">
        <p class="hang">
          <RunText
            :runs="reference"
            ink
            :lit="field"
          />
        </p>
        <p
          v-if="field"
          class="mt-2 font-ui text-small text-soft"
        >
          {{ labelFor(source.kind, field) }} is underlined in the ink of its question.
        </p>
      </template>
      <p
        v-else
        class="font-ui text-plain text-soft"
      >
        {{ finding.where.at === 'detail' ? 'It belongs to the paper itself, not to a place in the text.' : 'It is about the list as a whole.' }}
      </p>
    </div>
  </section>
</template>

<style scoped>
mark { background: color-mix(in srgb, var(--madder) 18%, transparent); color: inherit; border-bottom: 2px solid var(--madder); padding: 1px 0; }
</style>
