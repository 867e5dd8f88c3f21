<script setup lang="ts">
import { stateOf } from '~/stores/paper'
import { plain } from '~~/core/text/runs'
import { composeAlone } from '~~/core/compose/compose'

const store = usePaper()
const notices = useNotices()
const route = useRoute()
const open = ref<string | undefined>(typeof route.query.source === 'string' ? route.query.source : undefined)
const show = ref<'all' | 'ready' | 'look' | 'uncited'>('all')
const find = ref('')
const ready = computed(() => store.sources.filter(s => stateOf(s, store.style).ready).length)
const uncited = computed(() => store.sources.filter(s => !store.citedTimes.has(s.id)).length)
// Slips keep their place while one is open: a surname half typed must not send it up and down the column.
const order = ref<string[]>([])
watch([() => store.filed.map(s => s.id).join(), open], () => {
  const ids = store.filed.map(s => s.id)
  const known = new Set(ids)
  order.value = open.value && order.value.length ? [...ids.filter(id => !order.value.includes(id)), ...order.value.filter(id => known.has(id))] : ids
}, { immediate: true })
const slips = computed(() => order.value.map(id => store.byId.get(id)).filter(s => s !== undefined).filter((source) => {
  if (source.id === open.value) return true
  if (show.value === 'ready' && !stateOf(source, store.style).ready) return false
  if (show.value === 'look' && stateOf(source, store.style).ready) return false
  if (show.value === 'uncited' && store.citedTimes.has(source.id)) return false
  if (!find.value.trim()) return true
  const text = `${plain(composeAlone(store.style, source).reference ?? [])} ${source.key} ${JSON.stringify(source.fields)}`.toLowerCase()
  return find.value.toLowerCase().split(/\s+/u).every(word => text.includes(word))
}))
async function unfold(id: string) {
  open.value = open.value === id ? undefined : id
  if (!open.value) return
  await nextTick()
  const slip = document.getElementById(`slip-${id}`)
  slip?.scrollIntoView({ block: 'nearest' })
  slip?.querySelector<HTMLElement>('fieldset input, fieldset textarea')?.focus()
}
const drop = (id: string) => notices.attempt(async () => {
  const name = plain(composeAlone(store.style, store.byId.get(id)!).narrative)
  await store.dropSource(id)
  if (open.value === id) open.value = undefined
  notices.say(`${name} is out of this paper and still on your shelf.`, { action: { label: 'Put it back', run: () => store.attach(id) } })
})
onMounted(() => { if (open.value) document.getElementById(`slip-${open.value}`)?.scrollIntoView({ block: 'center' }) })
</script>

<template>
  <div class="mx-auto max-w-[1180px] px-5 pt-6 pb-24 sm:px-10">
    <h1 class="sr-only">
      Gather
    </h1>
    <GatherIntakeLine @added="unfold" />
    <div
      v-if="store.sources.length"
      class="flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b border-rule py-3 text-[14px]"
      role="group"
      aria-label="Which sources to show"
    >
      <button
        v-for="[key, word] in ([['all', `${store.sources.length} ${store.sources.length === 1 ? 'source' : 'sources'}`], ['ready', `${ready} ready`], ['look', `${store.sources.length - ready} to look at`], ['uncited', `${uncited} not cited`]] as const)"
        :key="key"
        :class="show === key ? 'font-bold' : 'text-soft hover:text-ink'"
        :aria-pressed="show === key"
        @click="show = key"
      >
        {{ word }}
      </button>
      <input
        v-model="find"
        type="search"
        class="min-w-24 flex-1 bg-transparent"
        aria-label="Find among the sources"
        placeholder="Find…"
      >
      <span class="text-soft max-md:hidden">as the list files them</span>
    </div>
    <ul
      v-if="slips.length"
      aria-label="Sources"
    >
      <GatherSourceSlip
        v-for="source in slips"
        :key="source.id"
        :source="source"
        :open="open === source.id"
        @toggle="unfold(source.id)"
        @drop="drop(source.id)"
      />
    </ul>
    <p
      v-else-if="store.sources.length"
      class="py-8 text-soft"
    >
      No source fits that. <button
        class="act"
        @click="find = ''; show = 'all'"
      >
        Show all
      </button>
    </p>
    <div
      v-else
      class="max-w-lg py-10"
    >
      <p class="font-title text-[20px]">
        Nothing gathered yet.
      </p>
      <p class="mt-2 text-soft">
        Type the title of a book, an article or a page above and say what it is. Dendle then asks for what that kind of source needs, tells you where on it to look, and forms the reference as you go.
      </p>
    </div>
  </div>
</template>
