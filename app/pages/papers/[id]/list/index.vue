<script setup lang="ts">
import { Copy } from '@lucide/vue'
import { DIVISIONS } from '~~/core/sheet/listing'
import { parseRich } from '~~/core/text/rich'
import { plain } from '~~/core/text/runs'
import { count } from '~/utils/words'

const store = usePaper()
const owned = useSources()
const view = useListView()
const { headings, moveUnder, renameHeading, orderHeading, dropHeading, entries, open, toggle, moves, places, annotation } = view
// From a page of Hand in one comes to an entry: it is open, and in sight.
const { entry: wanted } = useRoute().query
onMounted(() => {
  if (typeof wanted !== 'string' || !entries.value.some(entry => entry.id === wanted)) return
  open.value = wanted
  void nextTick(() => document.querySelector(`[data-entry="${CSS.escape(wanted)}"]`)?.scrollIntoView({ block: 'center' }))
})
const { chosen, choose, chooseNone, copy, copyPlain, unlisted, listAll, mayLeaveOut, leftOut, leaveOut, putBack } = view
const sheet = computed(() => store.style.list)
const { looks } = usePageLooks()
const indent = computed(() => `${-looks.value.entry.first * PX}px`)
/** Places shown beside an entry before the rest are asked for. */
const SHOWN = 3
const whole = ref(new Set<string>())
const placesOf = (id: string) => {
  const all = places.value.get(id) ?? []
  return whole.value.has(id) ? all : all.slice(0, SHOWN)
}
const more = (id: string) => (places.value.get(id)?.length ?? 0) - placesOf(id).length
const showAll = (id: string) => { whole.value = new Set([...whole.value, id]) }
// Chosen entries go under a heading: one that is there, none, or a new one.
const offered = computed(() => [...new Set([...headings.value, ...DIVISIONS])])
const naming = ref(false)
const heading = ref('')
const newHeading = useTemplateRef<{ focus: () => void }>('newHeading')
function put(under: string) {
  if (under === '?') return
  if (under !== '+') { moveUnder(chosen.value, under); chooseNone(); return }
  naming.value = true
  heading.value = ''
  void nextTick(() => newHeading.value?.focus())
}
function makeHeading() {
  moveUnder(chosen.value, heading.value)
  naming.value = false
  chooseNone()
}
// An entry is dragged under another heading, all that are chosen with it; by keys they are chosen and put there.
const dragged = ref<string[]>([])
const over = ref<string>()
function drag(event: DragEvent, id: string) {
  dragged.value = chosen.value.has(id) ? [...chosen.value] : [id]
  event.dataTransfer!.effectAllowed = 'move'
  event.dataTransfer!.setData('text/plain', dragged.value.map(one => plain(entries.value.find(entry => entry.id === one)?.runs ?? [])).join('\n'))
}
function hold(event: DragEvent, under: string) {
  if (!dragged.value.length) return
  event.preventDefault()
  over.value = under
}
function drop(event: DragEvent, under: string) {
  if (!dragged.value.length) return
  event.preventDefault()
  const moved = dragged.value.filter(id => (owned.byId.get(id)?.division ?? '') !== under)
  if (moved.length) moveUnder(moved, under)
  endDrag()
}
function endDrag() {
  dragged.value = []
  over.value = undefined
}
const leaves = (id: string) => {
  toggle(id)
  leaveOut([id])
}
</script>

<template>
  <div class="mx-auto max-w-[1180px] px-3 pt-6 pb-24 sm:px-8">
    <h1 class="sr-only">
      List
    </h1>
    <template v-if="entries.length">
      <div class="list-grid">
        <div
          class="col-start-2 mb-3 flex px-1 flex-wrap items-baseline gap-x-6 gap-y-1 text-plain"
          role="toolbar"
          :aria-label="chosen.size ? 'The entries chosen' : 'The list'"
        >
          <template v-if="chosen.size">
            <b>{{ chosen.size.toLocaleString('en') }} chosen</b>
            <PartsButton @click="copy(chosen)">
              Copy {{ chosen.size === 1 ? 'it' : 'them' }}
            </PartsButton>
            <label class="text-soft">Under
              <PartsSelect
                class="font-semibold text-ink"
                :model-value="'?'"
                :options="[['?', 'choose a heading'], ['', 'no heading'], ...offered.map(one => [one, one] as const), ['+', 'a new heading…']]"
                @update:model-value="put"
              /></label>
            <form
              v-if="naming"
              class="flex items-baseline gap-3"
              @submit.prevent="makeHeading"
            >
              <PartsField
                ref="newHeading"
                v-model="heading"
                draft="new heading"
                aria-label="The new heading"
                field-class="w-48"
                maxlength="200"
                @keydown.esc="naming = false"
              />
              <PartsButton
                type="submit"
                :disabled="!heading.trim()"
              >Put {{ chosen.size === 1 ? 'it' : 'them' }} under it</PartsButton>
            </form>
            <PartsButton
              v-if="mayLeaveOut || [...chosen].every(id => !places.has(id))"
              kind="quiet"
              @click="leaveOut(chosen); chooseNone()"
            >
              Leave {{ chosen.size === 1 ? 'it' : 'them' }} out
            </PartsButton>
            <PartsButton
              kind="quiet"
              @click="chooseNone"
            >
              Choose none
            </PartsButton>
          </template>
          <template v-else>
            <span class="text-soft">{{ count(entries.length, 'entry', 'entries') }}, as the page prints them</span>
            <PartsButton @click="copy()">
              Copy the list
            </PartsButton>
            <PartsButton
              kind="quiet"
              @click="copyPlain"
            >
              as plain text
            </PartsButton>
            <PartsButton
              kind="quiet"
              :to="`/papers/${store.paper?.id}/list/compare`"
            >
              Compare with another list
            </PartsButton>
            <PartsButton
              v-if="unlisted.length"
              kind="quiet"
              class="ml-auto"
              @click="listAll"
            >
              List {{ unlisted.length === 1 ? 'the one' : `the ${unlisted.length.toLocaleString('en')}` }} not cited
            </PartsButton>
          </template>
        </div>
        <h2
          class="col-start-2 bg-leaf pt-10 pb-2 text-center font-page text-page"
          :class="[looks['list-heading'].bold && 'font-bold', looks['list-heading'].smallCaps && '[font-variant:small-caps]', over === '' && 'bg-tint']"
          data-testid="list-heading"
          @dragover="hold($event, '')"
          @drop="drop($event, '')"
        >
          {{ sheet.heading }}
        </h2>
        <ol class="contents">
          <li
            v-for="(entry, i) in entries"
            :key="entry.id"
            class="row contents"
            @dragover="hold($event, entry.division ?? '')"
            @drop="drop($event, entry.division ?? '')"
          >
            <ListDivisionRow
              v-if="entry.division && entry.division !== entries[i - 1]?.division"
              class="division"
              :class="over === entry.division && 'over'"
              :words="entry.division"
              :place="headings.indexOf(entry.division)"
              :of="headings.length"
              @rename="renameHeading(entry.division!, $event)"
              @order="orderHeading(entry.division!, $event)"
              @drop-out="dropHeading(entry.division!)"
            />
            <p class="why pt-[0.5em] text-right text-small leading-4 text-soft">
              <template
                v-for="(words, k) in parseRich(entry.why.join(' · '))"
                :key="k"
              ><b v-if="words.bold">{{ words.text }}</b><i v-else-if="words.italic">{{ words.text }}</i><template v-else>{{ words.text }}</template></template>
            </p>
            <div
              :data-entry="entry.id"
              class="entry relative bg-leaf px-5 font-page text-page sm:px-12"
              :class="chosen.has(entry.id) && 'chosen'"
              :draggable="headings.length > 0"
              :style="{ lineHeight: Math.max(1.3, looks.entry.leading), paddingBottom: `${looks.entry.after * PX}px` }"
              @dragstart="drag($event, entry.id)"
              @dragend="endDrag"
            >
              <PartsCheck
                class="tick absolute top-[0.6em] left-4"
                :class="{ shown: chosen.size > 0 }"
                :model-value="chosen.has(entry.id)"
                :aria-label="`Choose ${plain(entry.runs).slice(0, 60)}`"
                @update:model-value="choose(entry.id)"
              />
              <PartsButton
                kind="bare"
                class="block w-full text-left leading-[inherit]"
                :aria-expanded="open === entry.id"
                data-testid="entry"
                @click="toggle(entry.id)"
              >
                <span
                  class="body block"
                  :style="{ paddingLeft: indent, textIndent: `-${indent}` }"
                ><span
                  v-if="entry.number"
                  class="inline-block"
                  :style="{ width: indent, textIndent: 0 }"
                >{{ sheet.number?.replace('{n}', String(entry.number)) }}</span><RunText :runs="entry.runs" /></span>
              </PartsButton>
              <PartsButton
                kind="icon"
                class="one absolute top-[0.5em] right-3"
                :aria-label="`Copy ${plain(entry.runs).slice(0, 60)}`"
                title="Copy"
                @click="copy(new Set([entry.id]))"
              >
                <Copy
                  :size="14"
                  aria-hidden="true"
                />
              </PartsButton>
              <span
                v-if="annotation(entry.id)"
                class="block pl-12 whitespace-pre-line"
              >{{ annotation(entry.id) }}</span>
            </div>
            <div class="where pt-[0.4em] text-small leading-5 text-soft">
              <span v-if="!places.has(entry.id)">listed, not cited</span>
              <NuxtLink
                v-for="place in placesOf(entry.id)"
                :key="place.citation"
                :to="`/papers/${store.paper?.id}/write?cited=${place.citation}`"
                class="block truncate hover:text-verdigris hover:underline"
                :title="`${place.under ? `Under “${place.under}”: ` : ''}${place.begins} …`"
              >
                <span v-if="place.times > 1">{{ place.times }} × </span>{{ place.begins }} …
              </NuxtLink>
              <PartsButton
                v-if="more(entry.id) > 0"
                kind="quiet"
                class="text-small"
                @click="showAll(entry.id)"
              >
                and {{ more(entry.id) }} more
              </PartsButton>
            </div>
            <div
              v-if="open === entry.id && owned.byId.has(entry.id)"
              :id="`slip-${entry.id}`"
              class="details"
            >
              <p
                v-if="moves"
                class="px-3 pt-2 text-small text-soft"
                role="status"
              >
                Its place in the list changes; it goes there when this is folded.
              </p>
              <LazyListOpenEntry
                :source="owned.byId.get(entry.id)!"
                :drop-word="!places.has(entry.id) ? 'Take out of the list' : mayLeaveOut ? 'Leave out of the list' : ''"
                @fold="toggle(entry.id)"
                @drop="leaves(entry.id)"
                @merged="open = undefined"
              />
            </div>
          </li>
        </ol>
        <div class="col-start-2 h-14 bg-leaf" />
        <ListLeftOut
          v-if="leftOut.length"
          class="col-start-2"
          :sources="leftOut"
          :places="places"
          @put-back="putBack"
        />
      </div>
    </template>
    <PartsEmpty
      v-else
      class="px-2"
      title="No entries yet."
    >
      <p>The list builds itself from what the paper cites: put a citation into the text in Write. In {{ store.style.short }} it will be headed {{ sheet.heading }}.</p>
      <ListLeftOut
        v-if="leftOut.length"
        :sources="leftOut"
        :places="places"
        @put-back="putBack"
      />
      <p
        v-if="unlisted.length"
        class="mt-3"
      >
        A list can also stand by itself, for a bibliography that is handed in alone or a paper written elsewhere.
        <PartsButton @click="listAll">
          List {{ unlisted.length === 1 ? 'the one source' : `all ${unlisted.length.toLocaleString('en')} sources` }}
        </PartsButton>
      </p>
    </PartsEmpty>
  </div>
</template>

<style scoped>
.list-grid {
  display: grid;
  grid-template-columns: minmax(90px, 190px) minmax(0, 720px) minmax(80px, 170px);
  column-gap: 22px;
  justify-content: center;
}
.division { grid-column: 2; } .why { grid-column: 1; } .entry { grid-column: 2; } .where { grid-column: 3; }
.details { grid-column: 1 / -1; }
.division.over { background: var(--tint); }
.entry.chosen { background: color-mix(in srgb, var(--tint) 60%, var(--leaf)); }
.tick, .one { opacity: 0; }
.entry:hover .one, .one:focus-visible, .entry:hover .tick, .tick:focus-visible, .tick.shown { opacity: 1; }
@media (hover: none) { .tick, .one { opacity: 1; } }
.body { overflow-wrap: anywhere; }
.entry :deep(button:hover .body) { color: var(--verdigris); }
@media (max-width: 860px) {
  .list-grid { grid-template-columns: minmax(0, 1fr); }
  .list-grid h2, .list-grid > div { grid-column: 1; }
  .why, .entry, .where, .division, .details { grid-column: 1; }
  .why, .where { text-align: left; padding: 4px 20px 0; background: var(--leaf); }
  .where { padding-bottom: 14px; border-bottom: 1px solid var(--rule); }
}
</style>
