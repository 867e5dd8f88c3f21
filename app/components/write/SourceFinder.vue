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
const busy = ref(false)
const finder = useTemplateRef<{ focus: () => void }>('finder')
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
  return composed.filed
    .filter((s) => !props.exclude?.includes(s.id))
    .map((source, i) => ({ source, i, score: fit(typed.value, textFor(source)) }))
    .filter((row) => row.score > 0)
    .sort((a, b) => b.score - a.score || rank(a.source.id) - rank(b.source.id) || a.i - b.i)
    .slice(0, 40)
    .map(({ source }) => ({
      source,
      runs: (() => {
        const alone = composeAlone(store.style, source)
        return alone.reference ?? alone.parenthetical
      })(),
    }))
})
const QUICK: KindId[] = ['book', 'journal-article', 'web-page']
const LOOK_UP = 'look up'
const identifier = computed(() => readIdentifiers(typed.value)?.[0])
/** Behind the sources found: what can be begun with the words typed. */
const offers = computed(() => (typed.value.trim().length > 2 ? (identifier.value ? [LOOK_UP] : QUICK.map(kind => `new ${kind}`)) : []))
const rows = computed(() => [...found.value.map(row => row.source.id), ...offers.value])
const runsOf = computed(() => new Map(found.value.map(row => [row.source.id, row.runs])))

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
function choose(row: string) {
  if (runsOf.value.has(row)) emit('pick', row)
  else if (row === LOOK_UP) void lookUp()
  else void begin(row.slice(4) as KindId)
}
const hint = (id: string) =>
  props.near?.includes(id) ? 'in this paragraph' : (order.value.get(id) ?? 99) < (props.near?.length ?? 0) + 2 ? 'cited lately' : ''
onMounted(() => { if (props.autofocus) finder.value?.focus() })
</script>

<template>
  <PartsCombobox
    ref="finder"
    v-model:typed="typed"
    open
    :options="rows"
    label="Find a source to cite"
    list="Sources"
    placeholder="Author, title, year, key or words of a passage"
    @choose="choose"
    @cancel="emit('cancel')"
  >
    <template #option="{ option }">
      <template v-if="runsOf.has(option)">
        <span class="line-clamp-2 font-page text-body"><RunText :runs="runsOf.get(option)!" /></span>
        <span
          v-if="!typed && hint(option)"
          class="block text-fine text-soft"
        >{{ hint(option) }}</span>
      </template>
      <span
        v-else-if="option === LOOK_UP"
        class="act text-plain"
      >Look it up and cite it</span>
      <span
        v-else
        class="text-plain"
      ><span class="text-soft">New:</span> “{{ typed.trim().slice(0, 40) }}”, <span class="act">a {{ KINDS[option.slice(4) as KindId].label.toLowerCase() }}</span></span>
    </template>
    <template #none>
      {{ owned.sources.length ? 'No source here has those words.' : 'This paper has no sources yet: type a title, a DOI or an ISBN to begin one here.' }}
    </template>
  </PartsCombobox>
</template>
