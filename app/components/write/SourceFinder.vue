<script setup lang="ts">
import { composeAlone } from '~~/core/compose/compose'
import { readIdentifiers } from '~~/core/intake/identifiers'
import type { KindId } from '~~/core/source/kinds'
import { KINDS } from '~~/core/source/kinds'
import { fit, searchText, type SearchText } from '~~/core/source/search'
import type { Proposal } from '~~/core/intake/proposal'
import type { PaperSource } from '~/stores/sources'
import { request } from '~/utils/request'

/** Finds a source of this paper by any word of it, or begins a new one, without leaving the line. */
const props = defineProps<{ exclude?: readonly string[], autofocus?: boolean, near?: readonly string[] }>()
const emit = defineEmits<{ pick: [id: string], cancel: [] }>()
const store = usePaper()
const written = useText()
const composed = useComposition()
const owned = useSources()
const shelf = useShelf()
const passages = usePassages()
const notices = useNotices()
const typed = ref('')
const at = ref(0)
const busy = ref(false)
const input = useTemplateRef<HTMLInputElement>('input')
const listId = useId()
const texts = new WeakMap<object, { passages: number, text: SearchText }>()
function textFor(source: PaperSource): SearchText {
  const taken = passages.of(source.id)
  const known = texts.get(source.fields)
  if (known && known.passages === taken.length) return known.text
  const text = searchText(source, taken.map(p => p.words))
  texts.set(source.fields, { passages: taken.length, text })
  return text
}
/** Sources of this paragraph, then those cited last before here, then the others as the list files them. */
const order = computed(() => {
  const near = [...new Set(props.near ?? [])]
  const last = [...new Set([...written.citations].reverse().flatMap(c => c.items.map(i => i.id)))]
  return new Map([...new Set([...near, ...last])].map((id, i) => [id, i]))
})
const found = computed(() => {
  const rank = (id: string) => order.value.get(id) ?? 1e6
  return composed.filed.filter(s => !props.exclude?.includes(s.id)).map((source, i) => ({ source, i, score: fit(typed.value, textFor(source)) })).filter(row => row.score > 0)
    .sort((a, b) => b.score - a.score || rank(a.source.id) - rank(b.source.id) || a.i - b.i).slice(0, 40)
    .map(({ source }) => ({ source, runs: (() => { const alone = composeAlone(store.style, source); return alone.reference ?? alone.parenthetical })() }))
})
const QUICK: KindId[] = ['book', 'journal-article', 'web-page']
const identifier = computed(() => readIdentifiers(typed.value)?.[0])
const offers = computed(() => (typed.value.trim().length > 2 ? (identifier.value ? 1 : QUICK.length) : 0))
watch(typed, () => { at.value = 0 })
watch(at, async () => { await nextTick(); document.getElementById(`${listId}-${at.value}`)?.scrollIntoView({ block: 'nearest' }) })

const begin = (kind: KindId) => notices.attempt(async () => {
  if (busy.value) return
  busy.value = true
  try {
    const [source] = await shelf.add([{ kind, fields: { title: typed.value.trim() } }])
    notices.say('Begun with its title. Gather asks for the rest; the citation keeps.')
    emit('pick', source!.id)
  }
  finally { busy.value = false }
})
const lookUp = () => notices.attempt(async () => {
  if (busy.value || !identifier.value) return
  busy.value = true
  try {
    const { type, value } = identifier.value
    const answer = await request<{ proposal?: Proposal, says?: string }>('POST', '/api/catalogue', { type, value })
    if (!answer.proposal) { notices.say(answer.says ?? 'It was not found.', { bad: true }); return }
    const [source] = await shelf.add([{ kind: answer.proposal.kind, fields: answer.proposal.fields }])
    emit('pick', source!.id)
  }
  finally { busy.value = false }
})
function key(event: KeyboardEvent) {
  const rows = found.value.length + offers.value
  if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault()
    at.value = Math.max(0, Math.min(rows - 1, at.value + (event.key === 'ArrowDown' ? 1 : -1)))
  }
  else if (event.key === 'Enter') {
    event.preventDefault()
    const row = found.value[at.value]
    if (row) emit('pick', row.source.id)
    else if (offers.value) void (identifier.value ? lookUp() : begin(QUICK[at.value - found.value.length]!))
  }
  else if (event.key === 'Escape') { event.preventDefault(); event.stopPropagation(); emit('cancel') }
}
const hint = (id: string) => (props.near?.includes(id) ? 'in this paragraph' : (order.value.get(id) ?? 99) < (props.near?.length ?? 0) + 2 ? 'cited lately' : '')
onMounted(() => { if (props.autofocus) input.value?.focus({ preventScroll: true }) })
</script>

<template>
  <div>
    <input
      ref="input"
      v-model="typed"
      class="line"
      role="combobox"
      aria-expanded="true"
      aria-autocomplete="list"
      :aria-controls="listId"
      :aria-activedescendant="found.length || offers ? `${listId}-${at}` : undefined"
      aria-label="Find a source to cite"
      placeholder="Author, title, year, key or words of a passage"
      autocomplete="off"
      @keydown="key"
    >
    <ul
      :id="listId"
      role="listbox"
      aria-label="Sources"
      class="mt-1 max-h-60 overflow-auto"
    >
      <li
        v-for="(row, i) in found"
        :id="`${listId}-${i}`"
        :key="row.source.id"
        role="option"
        :aria-selected="i === at"
        class="cursor-pointer px-2 py-1 font-page text-[15px]"
        :class="i === at && 'bg-tint'"
        @mousemove="at = i"
        @mousedown.prevent="emit('pick', row.source.id)"
      >
        <span class="line-clamp-2"><RunText :runs="row.runs" /></span>
        <span
          v-if="!typed && hint(row.source.id)"
          class="block font-ui text-[12px] text-soft"
        >{{ hint(row.source.id) }}</span>
      </li>
      <template v-if="offers">
        <li
          v-if="identifier"
          :id="`${listId}-${found.length}`"
          role="option"
          :aria-selected="at === found.length"
          class="cursor-pointer border-t border-rule px-2 py-1 text-[14px]"
          :class="at === found.length && 'bg-tint'"
          @mousemove="at = found.length"
          @mousedown.prevent="lookUp"
        >
          <span class="act">Look it up and cite it</span>
        </li>
        <template v-else>
          <li
            v-for="(kind, i) in QUICK"
            :id="`${listId}-${found.length + i}`"
            :key="kind"
            role="option"
            :aria-selected="at === found.length + i"
            class="cursor-pointer px-2 py-1 text-[14px]"
            :class="[at === found.length + i && 'bg-tint', i === 0 && 'border-t border-rule']"
            @mousemove="at = found.length + i"
            @mousedown.prevent="begin(kind)"
          >
            <span class="text-soft">New:</span> “{{ typed.trim().slice(0, 40) }}”, <span class="act">a {{ KINDS[kind].label.toLowerCase() }}</span>
          </li>
        </template>
      </template>
    </ul>
    <p
      v-if="!found.length && !offers"
      class="px-2 py-2 text-[14px] text-soft"
    >
      {{ owned.sources.length ? 'No source here has those words.' : 'This paper has no sources yet: type a title, a DOI or an ISBN to begin one here.' }}
    </p>
  </div>
</template>
