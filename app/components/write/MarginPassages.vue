<script setup lang="ts">
import { isBlock } from '~~/core/sheet/placement'
import { composeAlone } from '~~/core/compose/compose'
import { readLocator, writeLocator } from '~~/core/source/locators'
import { plain } from '~~/core/text/runs'
import { foldWords } from '~~/core/text/filing'
import type { Passage } from '~/stores/sources'
import type { PassageWay } from '~/editor/usePassageInsert'
import { count } from '~/utils/words'

/** Passages not yet used, those of this paragraph's sources first: picked or dragged into the text. */
const props = defineProps<{ open: boolean, near: readonly string[] }>()
const emit = defineEmits<{ put: [passage: Passage, way: PassageWay], toggle: [] }>()
const store = usePaper()
const owned = useSources()
const passages = usePassages()
const find = ref('')
const used = ref(false)
const chosen = ref<string>()
const list = computed(() => {
  const words = foldWords(find.value).split(' ').filter(Boolean)
  return owned.passages
    .filter((p) => p.words.trim() && (used.value || !passages.used.has(p.id)))
    .map((p) => ({ p, near: props.near.includes(p.sourceId), text: foldWords(`${p.words} ${p.comment} ${p.tags.join(' ')} ${name(p)}`) }))
    .filter(({ text }) => words.every((word) => text.includes(word)))
    .sort((a, b) => Number(passages.used.has(a.p.id)) - Number(passages.used.has(b.p.id)) || Number(b.near) - Number(a.near))
})
const unused = computed(() => owned.passages.filter(p => p.words.trim() && !passages.used.has(p.id)))
function name(p: Passage): string {
  const source = owned.byId.get(p.sourceId)
  return source
    ? plain(composeAlone(store.style, source).narrative)
        .replace(/[()]/gu, '')
        .replace(/\s?\[[\d, –-]+\]$|(?<=\p{L})\d+$/u, '')
    : ''
}
/** The ways a quotation is led in, with the name that they say. */
const ways = (p: Passage): readonly (readonly [PassageWay, string])[] => {
  const who = name(p).replace(/\s\d{4}[a-z]?$|\sn\.d\.$/u, '') || 'The author'
  return [
    ['plain', 'with its citation'],
    ['says', `${who} writes that …`],
    ['puts', `As ${who} puts it, …`],
    ['argues', `${who} argues that …`],
  ]
}
const block = (p: Passage) => p.form === 'quotation' && isBlock(p.words, store.style.page.blockQuote)
function drag(event: DragEvent, p: Passage) {
  event.dataTransfer?.setData('application/x-dendle-passage', p.id)
  event.dataTransfer?.setData('text/plain', p.words)
}
/** Whose it is, where it stands, and what has become of it. */
const about = (p: Passage, here: boolean): string => [
  name(p), p.locator && writeLocator(readLocator(p.locator)), here && 'cited in this paragraph', passages.used.has(p.id) && 'in the paper', ...p.tags,
].filter(Boolean).join(' · ')
</script>

<template>
  <section
    v-if="owned.passages.length || open"
    class="passages z-20 border-t border-rule bg-vellum max-xl:fixed xl:sticky xl:bottom-0"
    :class="open ? 'max-xl:leaf-raised max-xl:px-5' : 'max-xl:hidden'"
    aria-label="Passages"
  >
    <PartsButton
      kind="bare"
      class="flex w-full items-baseline gap-2 py-2 text-left text-plain"
      :aria-expanded="open"
      @click="emit('toggle')"
    >
      <b class="shrink-0">{{ unused.length ? `Unused passages, ${unused.length}` : 'Passages' }}</b>
      <span
        v-if="!open && unused[0]"
        class="truncate text-soft"
      >“{{ unused[0].words.slice(0, 60) }}”</span>
      <span
        v-if="open"
        class="ml-auto text-soft"
      >Close</span>
    </PartsButton>
    <div
      v-if="open"
      class="max-h-[44vh] overflow-auto pb-3"
    >
      <div class="flex items-baseline gap-4 pb-1">
        <PartsField
          v-model="find"
          class="py-0.5 text-plain"
          type="search"
          placeholder="Find among passages"
          aria-label="Find among passages"
        />
        <PartsCheck
          v-model="used"
          class="shrink-0 text-small text-soft"
        >
          used too
        </PartsCheck>
      </div>
      <ul>
        <li
          v-for="{ p, near: here } in list"
          :key="p.id"
          class="border-t border-rule py-2 first:border-t-0"
          draggable="true"
          @dragstart="drag($event, p)"
        >
          <PartsButton
            kind="bare"
            class="block w-full cursor-grab text-left"
            :aria-expanded="chosen === p.id"
            @click="chosen = chosen === p.id ? undefined : p.id"
          >
            <span
              class="font-page text-body"
              :class="chosen === p.id ? '' : 'line-clamp-2'"
            >{{ p.form === 'quotation' ? `“${p.words}”` : p.words }}</span>
            <span class="block text-small text-soft">{{ about(p, here) }}</span>
          </PartsButton>
          <div
            v-if="chosen === p.id"
            class="flex flex-wrap gap-x-4 gap-y-0.5 pt-1 text-plain"
          >
            <template v-if="p.form !== 'quotation'">
              <PartsButton @click="emit('put', p, 'plain')">
                Put it in, with its citation
              </PartsButton>
            </template>
            <template v-else-if="block(p)">
              <PartsButton @click="emit('put', p, 'plain')">
                As a block quotation
              </PartsButton>
              <span class="text-soft">{{ count(p.words.split(/\s+/u).length, 'word') }}: {{ store.style.short }} sets it off</span>
            </template>
            <template v-else>
              <PartsButton
                v-for="[way, word] in ways(p)"
                :key="way"
                @click="emit('put', p, way)"
              >
                {{ word }}
              </PartsButton>
            </template>
          </div>
        </li>
      </ul>
      <p
        v-if="!list.length"
        class="text-plain text-soft"
      >
        {{ owned.passages.length ? (find ? 'No passage has those words.' : 'Every passage is in the paper.') : 'No passages yet. Take them from a source in Gather: unfold a slip and choose “Take from the clipboard”.' }}
      </p>
    </div>
  </section>
</template>

<style scoped>
@media (max-width: 1279px) { .passages { left: 0; right: 0; bottom: 0; } }
@media (max-width: 639px) { .passages { bottom: 58px; } }
@media (min-width: 640px) and (max-width: 1279px) { .passages { left: 72px; } }
</style>
