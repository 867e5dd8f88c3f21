<script setup lang="ts">
import { composeAlone } from '~~/core/compose/compose'
import { readHanded, type Handed } from '~~/core/intake/page/handed'
import { Duplicates } from '~~/core/source/duplicates'
import { kindOf } from '~~/core/source/kinds'
import { missing, type Source } from '~~/core/source/model'
import { styleOf } from '~~/core/styles'
import { plainTitle } from '~~/core/sheet/title'
import type { Workspace } from '~/saving/held'
import { pageTitles } from '~/titles/page'
import { request } from '~/utils/request'
import { fieldWords } from '~/utils/words'

/** The small window that the bookmark opens: a page's reference, shown before anything is taken. Whoever opened it can only propose. */
interface Row { id: string, title: string, style: string }
const { data: papers, error, refresh } = await useFetch<Row[]>('/api/papers', { default: () => [] })
useHead({ title: 'Take a page · Dendle' })
const notices = useNotices()

const handed = shallowRef<Handed | string>()
function read() {
  const now = new Date()
  taken.value = undefined
  handed.value = readHanded(location.hash.slice(1), { year: now.getFullYear(), month: now.getMonth() + 1, day: now.getDate() })
  // One page, one source: however often it is sent.
  sourceId = crypto.randomUUID()
}
let sourceId = ''
const given = computed(() => (typeof handed.value === 'object' ? handed.value : undefined))
/** Nobody who opens this window while a key is being struck has anything taken by it. */
const ready = ref(false)
const REST = 700
onMounted(() => {
  pageTitles()
  read()
  addEventListener('hashchange', read)
  setTimeout(() => { ready.value = true }, REST)
})
onBeforeUnmount(() => removeEventListener('hashchange', read))

// Where it goes ------------------------------------------------------------------------------------------------------
const LAST = 'dendle-take-into'
const into = ref(papers.value[0]?.id ?? '')
onMounted(() => {
  const last = remembered(LAST)
  if (papers.value.some(paper => paper.id === last)) into.value = last!
})
watch(papers, all => { if (!all.some(paper => paper.id === into.value)) into.value = all[0]?.id ?? '' })
const paper = computed(() => papers.value.find(one => one.id === into.value))
/** Sources of that paper; none before they are known. */
const owned = shallowRef<readonly Source[]>()
watch(into, (id) => {
  owned.value = undefined
  if (!id || import.meta.server) return
  void notices.attempt(async () => {
    const { sources } = await request<Workspace>('GET', `/api/papers/${id}`)
    if (into.value === id) owned.value = sources
  })
}, { immediate: true })
const same = computed(() => (given.value && owned.value ? new Duplicates(owned.value).find(given.value.proposal) : undefined))

const style = computed(() => styleOf(paper.value?.style ?? 'apa-7') ?? styleOf('apa-7')!)
const host = computed(() => new URL(given.value!.address).host)
const source = computed(() => ({ id: 'handed', kind: given.value!.proposal.kind, fields: given.value!.proposal.fields }))
const runs = computed(() => { const set = composeAlone(style.value, source.value); return set.reference ?? set.parenthetical })
const doubts = computed(() => {
  const holes = fieldWords(missing(source.value), source.value.kind)
  return [holes ? `Missing: ${holes}.` : '', ...given.value!.proposal.doubts].filter(Boolean).join(' ')
})

// Taking -------------------------------------------------------------------------------------------------------------
const busy = ref(false)
const taken = shallowRef<{ paper: Row, id: string, words: boolean, isNew: boolean }>()
const take = () => notices.attempt(async () => {
  if (!paper.value || !given.value || busy.value) return
  busy.value = true
  try {
    const [row, { proposal, marked }] = [paper.value, given.value]
    const isNew = !same.value
    const id = same.value?.source.id ?? sourceId
    if (isNew) await request('POST', `/api/papers/${row.id}/sources`, { id, kind: proposal.kind, fields: proposal.fields })
    if (marked) await request('POST', `/api/papers/${row.id}/passages`, { sourceId: id, form: 'quotation', words: marked })
    remember(LAST, row.id)
    taken.value = { paper: row, id, words: marked !== '', isNew }
  }
  finally { busy.value = false }
})
const takeBack = () => notices.attempt(async () => {
  const { paper: row, id } = taken.value!
  await request('DELETE', `/api/papers/${row.id}/sources/${id}`)
  taken.value = undefined
  // A second time it is another, since the first lies on the shelf.
  sourceId = crypto.randomUUID()
  notices.say('It is out of the paper again; it stays on the shelf.')
})
const close = () => { window.close(); void navigateTo('/') }
</script>

<template>
  <main class="mx-auto max-w-[560px] px-5 pt-6 pb-16">
    <p class="font-title text-head font-semibold text-verdigris">
      Dendle
    </p>
    <h1 class="view-title mt-2 mb-4">
      A page you read
    </h1>
    <p
      v-if="handed === undefined"
      class="text-soft"
    >
      Reading the page…
    </p>
    <p
      v-else-if="!given"
      role="alert"
      class="text-madder"
    >
      {{ handed }} <PartsButton
        to="/"
      >
        To the Desk
      </PartsButton>
    </p>
    <template v-else>
      <div class="bg-leaf px-4 py-4">
        <p
          class="page-text hang text-page-small break-words"
          data-testid="handed"
        >
          <RunText
            :runs="runs"
            ink
          />
        </p>
      </div>
      <p class="mt-2 text-small text-soft">
        {{ kindOf(source.kind).label }}, from {{ host }}, in {{ style.short }}
      </p>
      <p
        v-if="doubts"
        class="mt-1 text-small text-madder"
      >
        {{ doubts }}
      </p>
      <template v-if="given.marked">
        <h2 class="mt-5 text-small font-semibold text-soft">
          What you marked, kept with it as a quotation
        </h2>
        <blockquote
          class="mt-1 max-h-40 overflow-y-auto border-l-2 border-ink pl-3 font-page text-body whitespace-pre-line"
          tabindex="0"
        >
          {{ given.marked }}
        </blockquote>
        <p
          v-if="given.letters > given.marked.length + 10"
          class="mt-1 text-small text-madder"
        >
          You marked {{ given.letters.toLocaleString('en') }} letters; these are the first {{ given.marked.length.toLocaleString('en') }}.
        </p>
      </template>
      <p
        v-if="error"
        role="alert"
        class="mt-5 text-madder"
      >
        The papers could not be read. <PartsButton @click="refresh()">
          Try again
        </PartsButton>
      </p>
      <p
        v-else-if="!papers.length"
        class="mt-5"
      >
        There is no paper yet to put it in. <PartsButton to="/">
          Begin one on the Desk
        </PartsButton>
      </p>
      <div
        v-else-if="taken"
        class="mt-5 border-t-2 border-ink pt-4"
        role="status"
      >
        <p>
          {{ taken.isNew ? 'It is' : 'What you marked is' }} in “{{ plainTitle(taken.paper.title) }}”{{ taken.isNew && taken.words ? ', with what you marked' : '' }}.
        </p>
        <p class="mt-2 flex flex-wrap gap-x-5 gap-y-1">
          <PartsButton :to="`/papers/${taken.paper.id}/gather?source=${taken.id}`">
            Open its slip
          </PartsButton>
          <PartsButton
            v-if="taken.isNew"
            kind="quiet"
            @click="takeBack"
          >
            Take it out again
          </PartsButton>
          <PartsButton
            kind="quiet"
            @click="close"
          >
            Close
          </PartsButton>
        </p>
      </div>
      <form
        v-else
        class="mt-5 border-t-2 border-ink pt-4"
        @submit.prevent="take"
      >
        <label class="block text-small text-soft">Into the paper
          <PartsSelect
            v-model="into"
            class="mt-0.5 block w-full max-w-full py-1 font-title text-body font-semibold text-ink"
            :options="papers.map(row => [row.id, plainTitle(row.title)] as const)"
          /></label>
        <p
          v-if="same"
          class="mt-2 text-small font-semibold text-ochre"
        >
          This paper has it already (the same {{ same.by }}).{{ given.marked ? '' : ' There is nothing to take.' }}
        </p>
        <p class="mt-3 flex gap-5">
          <PartsButton
            v-if="!same || given.marked"
            kind="solid"
            type="submit"
            :busy="busy"
            :disabled="!ready || !owned"
          >
            {{ same ? 'Keep what I marked' : 'Take it' }}
          </PartsButton>
          <PartsButton
            kind="quiet"
            @click="close"
          >
            {{ same && !given.marked ? 'Close' : 'Not now' }}
          </PartsButton>
        </p>
      </form>
    </template>
  </main>
</template>
