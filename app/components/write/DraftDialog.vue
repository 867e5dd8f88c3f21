<script setup lang="ts">
import type { Remote } from 'comlink'
import { countWords } from '~~/core/sheet/count'
import type { DocNode } from '~~/core/sheet/document'
import { citationsOf } from '~~/core/sheet/walking'
import { bring as bringSources, citedAs } from '~~/core/intake/draft/bring'
import { citeIn } from '~~/core/intake/draft/citations'
import type { Proposal } from '~~/core/intake/proposal'
import { isNumbered, numberMarks, referencesIn, withoutNoticed, type Noticed } from '~~/core/intake/draft/noticed'
import { citeNotes } from '~~/core/intake/draft/notes'
import { lettersIn, TypedCitations, type Typed } from '~~/core/intake/draft/typed-citations'
import { Duplicates } from '~~/core/source/duplicates'
import { placeAll } from '~~/core/sheet/placement'
import type { KindId } from '~~/core/source/kinds'
import type { Fields } from '~~/core/source/model'
import { plainKey } from '~~/core/source/keys'
import { composeAlone } from '~~/core/compose/compose'
import { plain } from '~~/core/text/runs'
import { startTask } from '~/workers/start'
import type { DraftWorker, ReadDraft } from '~/workers/draft.worker'
import { within } from '~/workers/within'
import { request } from '~/utils/request'
import { count } from '~/utils/words'

/** A draft written elsewhere, looked at before it comes in: its text, its citations, its list. */
const props = defineProps<{ file: File }>()
const emit = defineEmits<{ close: [] }>()
const store = usePaper()
const saving = useSaving()
const owned = useSources()
const written = useText()
const shelf = useShelf()
const tray = useTray()
const notices = useNotices()
const draft = shallowRef<ReadDraft>()
const problem = ref('')
const others = shallowRef<{ id: string, kind: KindId, fields: Fields }[]>([])
/** "(15)" is one thing after one name and another after another. */
const keyOf = ({ typed: words, data }: Typed) => [words, ...data.items.map(item => item.id)].join('\n')
/** What the writer said of citations typed by hand. */
const said = ref(new Map<string, boolean>())
const isMeant = (one: Typed) => said.value.get(keyOf(one)) ?? one.sure
/** What was noticed and stays all the same. */
const kept = ref(new Set<Noticed>())
const busy = ref(false)

let worker: Worker | undefined
let reader: Remote<DraftWorker> | undefined
onBeforeUnmount(() => worker?.terminate())
onMounted(async () => {
  if (props.file.size > 60 * 1024 * 1024) { problem.value = 'is larger than 60 MB; no paper is. It was not opened.'; return }
  ;({ thread: worker, remote: reader } = startTask('draft'))
  try {
    const read = await within<ReadDraft | { problem: string }>(reader.read(await props.file.arrayBuffer(), props.file.name))
    if ('problem' in read) { problem.value = read.problem; return }
    if (!countWords(read.doc)) { problem.value = 'holds no words that could be read.'; return }
    others.value = await request<{ id: string, kind: KindId, fields: Fields }[]>('GET', '/api/sources').catch(() => [])
    draft.value = read
  }
  catch (error) { problem.value = `could not be read: ${(error as Error).message}` }
  if (!draft.value) worker.terminate()
})

/** The paper's sources first; the shelf's others after them. */
const here = computed(() => [...owned.sources, ...others.value.filter(o => !owned.byId.has(o.id))])
/** A document that went out of here comes back with its citations, and with the sources that are not here. */
const returned = computed(() => (draft.value?.brings ? bringSources(draft.value.doc, draft.value.brings, here.value) : undefined))
const known = computed(() => [...here.value, ...(returned.value?.fresh ?? [])])
/** The heading block at its top goes to the paper's details, unless the writer keeps it in the text. */
const takesHeading = ref(true)
const heading = computed(() => draft.value?.heading)
const out = computed(() => draft.value?.noticed.filter(one => !kept.value.has(one)) ?? [])
const listed = computed(() => out.value.find(one => one.what === 'reference list'))
const references = computed(() => (draft.value && listed.value ? referencesIn(draft.value.doc, listed.value) : []))
/** What each of them was read as; nothing for one that could not be, so that the others keep their numbers. */
const list = shallowRef<readonly (Proposal | undefined)[]>([])
watch(references, async (given) => { list.value = given.length ? await within(reader!.list([...given])).catch(() => []) : [] })
/** Where several sources fit, this paper's own are meant. */
const own = computed(() => new Set(owned.sources.map(s => s.id)))
const typed = computed(() => {
  const index = new Duplicates(known.value)
  // A number in brackets means a source only where the draft's own list is numbered.
  const numbers = listed.value && isNumbered(draft.value!.doc, listed.value)
  const ids = list.value.map(proposal => proposal && index.find(proposal)?.source.id)
  return new TypedCitations(known.value, { numbered: numbers ? ids : [], marks: numberMarks(draft.value!.doc, ids.length), letters: lettersIn(references.value, i => ids[i]) }, own.value)
})
const idOf = (key: string) => owned.sources.find(s => s.key === key)?.id ?? known.value.find(s => plainKey(s) === key)?.id
const body = computed(() => {
  const taken = heading.value && takesHeading.value ? [...out.value, heading.value] : out.value
  return draft.value ? withoutNoticed(returned.value?.doc ?? draft.value.doc, taken) : undefined
})
const cited = computed(() => {
  if (!body.value) return undefined
  const notes = citeNotes(body.value, known.value, own.value)
  const made = citeIn(notes.doc, idOf, typed.value, isMeant)
  const came = returned.value ? citationsOf(body.value).length : 0
  return { ...made, made: made.made + notes.made, came, doc: placeAll(made.doc) }
})
/** Typed by hand, each wording for a source once: those to be decided first, then the certain ones. */
const handTyped = computed(() => {
  const all = new Map((cited.value?.typed ?? []).map(one => [keyOf(one), one]))
  return [...all.values()].sort((a, b) => Number(a.sure) - Number(b.sure))
})
const nameOf = (id: string) => {
  const source = known.value.find((s) => s.id === id)
  return source ? plain(composeAlone(store.style, source).reference ?? composeAlone(store.style, source).narrative) : ''
}
function toggle(one: Typed) {
  said.value = new Map([...said.value, [keyOf(one), !isMeant(one)]])
}

function keep(one: Noticed) {
  const next = new Set(kept.value)
  if (!next.delete(one)) next.add(one)
  kept.value = next
}

async function bring(where: 'instead' | 'end') {
  if (!cited.value || busy.value) return
  busy.value = true
  await notices.attempt(async () => {
    await saving.flush()
    if (countWords(written.body))
      await request('POST', `/api/papers/${store.paper!.id}/snapshots`, {
        reason: `Before ${props.file.name} came in`.slice(0, 200),
        title: store.paper!.title,
        body: written.body,
      })
    // Sources of the shelf that the draft cites join the paper.
    const ids = [...new Set(citationsOf(cited.value!.doc).flatMap(c => c.items.map(i => i.id)))].filter(id => !owned.byId.has(id))
    const fresh = (returned.value?.fresh ?? []).filter(({ id }) => ids.includes(id))
    const shelved = ids.filter(id => fresh.every(one => one.id !== id))
    if (shelved.length) await shelf.bringBack(shelved)
    const added = fresh.length ? await shelf.add(fresh.map(({ kind, fields, origin }) => ({ kind, fields, ...(origin ? { origin } : {}) }))) : []
    const came = citedAs(cited.value!.doc, new Map(fresh.map(({ id }, i) => [id, added[i]?.id ?? id]))).content ?? []
    const content = where === 'instead' ? came : [...(written.body.content ?? []), ...came]
    const taken = new Set<string>()
    const named = JSON.parse(JSON.stringify({ type: 'doc', content }), (key, value: unknown) => {
      // Every citation has an id of its own.
      if (key !== 'attrs' || typeof value !== 'object' || value === null || !('data' in value)) return value
      const id = String((value as { id?: string }).id ?? '')
      const own = id && !taken.has(id) ? id : crypto.randomUUID().slice(0, 8)
      taken.add(own)
      return { ...value, id: own }
    }) as DocNode
    written.replaceBody(named)
    if (heading.value && takesHeading.value) {
      const given = Object.entries(heading.value.details).filter(([name]) => !store.paper!.details[name]?.trim())
      if (given.length) store.changeDetails({ ...Object.fromEntries(given) })
    }
    const title = draft.value!.title ?? (takesHeading.value ? heading.value?.title : undefined)
    if (where === 'instead' && title && /^(?:untitled|a paper|draft)/iu.test(store.paper!.title))
      store.changePaper({ title })
    if (references.value.length) await tray.takeIn({ references: references.value })
    notices.say(
      `${props.file.name} is in the paper${references.value.length ? '; its list lies in Gather’s tray' : ''}. What was there before is among the earlier states.`,
    )
    emit('close')
  })
  busy.value = false
}
/** What becomes of a thing typed by hand. */
const becomes = (one: Noticed): string =>
  one.what === 'reference list' ? `${count(referencesIn(draft.value!.doc, one).length, 'reference')}, to Gather’s tray` : `a ${one.what}`
</script>

<template>
  <PartsDialog
    :open="true"
    :title="file.name"
    @close="emit('close')"
  >
        <p
          v-if="problem"
          role="alert"
          class="border-l-[3px] border-madder pl-3"
        >
          {{ file.name }} {{ problem }}
        </p>
        <p
          v-else-if="!draft || !cited"
          role="status"
          class="text-soft"
        >
          Reading it…
        </p>
        <template v-else>
          <ul class="mb-3">
            <li>{{ count(countWords(cited.doc), 'word') }}<template v-if="draft.title">, titled “{{ draft.title }}”</template></li>
            <li v-if="cited.came">
              {{ count(cited.came, 'citation') }} {{ cited.came === 1 ? 'comes' : 'come' }} back as {{ cited.came === 1 ? 'it' : 'they' }} went out
            </li>
            <li v-if="returned?.fresh.length">
              {{ count(returned.fresh.length, 'source') }} {{ returned.fresh.length === 1 ? 'that is' : 'that are' }} not on the shelf
              {{ returned.fresh.length === 1 ? 'comes' : 'come' }} with {{ returned.fresh.length === 1 ? 'it' : 'them' }}
            </li>
            <li v-if="cited.made">
              {{ count(cited.made, 'typed citation') }} {{ cited.made === 1 ? 'becomes a real one' : 'become real ones' }}
            </li>
            <li v-if="draft.pictures">
              {{ count(draft.pictures, 'picture') }} left out: only PNG, JPEG and GIF pictures that lie in the file itself come in
            </li>
            <li
              v-if="cited.unknown.length"
              class="text-madder"
            >
              No source has the key {{ cited.unknown.slice(0, 4).join(', ') }}; those marks stay as they were typed
            </li>
          </ul>
          <PartsCheck
            v-if="heading"
            v-model="takesHeading"
            class="mb-3 border-l-[3px] border-rule pl-3 text-plain"
          >
            <span>The heading at its top goes to Hand in’s details, which print it as the style wants: <span class="font-page text-body">{{ [...Object.values(heading.details), heading.title].filter(Boolean).join(' · ') }}</span></span>
          </PartsCheck>
          <fieldset
            v-if="draft.noticed.length"
            class="mb-3 max-h-56 overflow-auto border-l-[3px] border-rule pl-3"
          >
            <legend class="font-semibold">
              Typed by hand, set by Dendle: taken out unless you untick them
            </legend>
            <PartsCheck
              v-for="(one, i) in draft.noticed"
              :key="i"
              class="py-0.5 text-plain"
              :model-value="!kept.has(one)"
              @update:model-value="keep(one)"
            >
              <span><span class="font-page text-body">{{ one.words }}</span> <span class="text-soft">{{ becomes(one) }}</span></span>
            </PartsCheck>
          </fieldset>
          <fieldset
            v-if="handTyped.length"
            class="mb-3 max-h-64 overflow-auto border-l-[3px] border-weld pl-3"
          >
            <legend class="font-semibold">
              Citations typed by hand: those ticked become real ones
            </legend>
            <PartsCheck
              v-for="one in handTyped"
              :key="keyOf(one)"
              class="py-0.5 text-plain"
              :model-value="isMeant(one)"
              @update:model-value="toggle(one)"
            >
              <span><span class="font-page text-body">{{ one.typed }}</span><span
                v-if="!one.sure"
                class="text-small text-soft"
              > likely, not certain</span><span
                v-for="{ id } in one.data.items"
                :key="id"
                class="line-clamp-1 text-soft"
              >{{ nameOf(id) }}</span></span>
            </PartsCheck>
          </fieldset>
          <div class="flex flex-wrap gap-x-6 gap-y-2">
            <PartsButton
              kind="solid"
              :disabled="busy"
              @click="bring('instead')"
            >
              {{ countWords(written.body) ? 'In place of the text' : 'Put it in' }}
            </PartsButton>
            <PartsButton
              v-if="countWords(written.body)"
              :disabled="busy"
              @click="bring('end')"
            >
              At the end of the text
            </PartsButton>
          </div>
        </template>
  </PartsDialog>
</template>
