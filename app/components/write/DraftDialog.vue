<script setup lang="ts">
import { wrap } from 'comlink'
import { countWords, citationsOf, type CitationData, type DocNode } from '~~/core/sheet/document'
import { citeIn, noteToCitation } from '~~/core/intake/draft-citations'
import type { Draft } from '~~/core/intake/draft'
import { readReferences } from '~~/core/intake/references'
import { TypedCitations, type Typed } from '~~/core/intake/typed-citations'
import { Duplicates } from '~~/core/source/duplicates'
import { placeAll } from '~~/core/sheet/placement'
import { kindOf, type KindId } from '~~/core/source/kinds'
import { namesOf, textOf, type Fields } from '~~/core/source/model'
import { surname } from '~~/core/source/names'
import { plainKey } from '~~/core/source/keys'
import { composeAlone } from '~~/core/compose/compose'
import { plain } from '~~/core/text/runs'
import type { DraftWorker } from '~/workers/draft.worker'
import { request } from '~/utils/request'
import { count } from '~/utils/words'

/** A draft written elsewhere, looked at before it comes in: its text, its citations, its list. */
const props = defineProps<{ file: File }>()
const emit = defineEmits<{ close: [] }>()
const store = usePaper()
const shelf = useShelf()
const tray = useTray()
const notices = useNotices()
const draft = shallowRef<Draft>()
const problem = ref('')
const others = shallowRef<{ id: string, kind: KindId, fields: Fields }[]>([])
const wanted = ref(new Set<string>())
const busy = ref(false)

onMounted(async () => {
  if (props.file.size > 60 * 1024 * 1024) { problem.value = 'is larger than 60 MB; no paper is. It was not opened.'; return }
  const worker = new Worker(new URL('../../workers/draft.worker.ts', import.meta.url), { type: 'module' })
  try {
    const read = await wrap<DraftWorker>(worker).read(await props.file.arrayBuffer(), props.file.name)
    if ('problem' in read) { problem.value = read.problem; return }
    if (!countWords(read.doc)) { problem.value = 'holds no words that could be read.'; return }
    others.value = await request<{ id: string, kind: KindId, fields: Fields }[]>('GET', '/api/sources').catch(() => [])
    draft.value = read
  }
  catch (error) { problem.value = `could not be read: ${(error as Error).message}` }
  finally { worker.terminate() }
})

/** The paper's sources first; the shelf's others after them. */
const known = computed(() => [...store.sources, ...others.value.filter(o => !store.byId.has(o.id))])
const list = computed(() => (draft.value?.references.length ? readReferences(draft.value.references.join('\n\n')).proposals : []))
const typed = computed(() => {
  const index = new Duplicates(known.value)
  return new TypedCitations(known.value, list.value.map(proposal => index.find(proposal)?.source.id), new Set(store.sources.map(s => s.id)))
})
const idOf = (key: string) => store.sources.find(s => s.key === key)?.id ?? known.value.find(s => plainKey(s) === key)?.id
const named = computed(() => known.value.map((source) => {
  const role = kindOf(source.kind).lead.find(name => namesOf(source, name).length)
  return { id: source.id, surname: role ? surname(namesOf(source, role)[0]!) : '', title: textOf(source, 'title').split(/[:?]/u)[0]! }
}))
const cited = computed(() => {
  if (!draft.value) return undefined
  const made = read(draft.value.doc)
  return { ...made, doc: placeAll(made.doc) }
})
const read = (doc: DocNode) => citeIn(withNotes(doc), idOf, typed.value, one => wanted.value.has(one.typed))
const likely = computed(() => { const seen = new Set<string>(); return (draft.value ? citeIn(draft.value.doc, idOf, typed.value).likely : []).filter(one => !seen.has(one.typed) && Boolean(seen.add(one.typed))) })
/** Notes that name a source become references to it; their words go with them when they say more. */
function withNotes(node: DocNode): DocNode {
  if (node.type === 'citation') {
    const data = node.attrs!.data as CitationData
    const found = data.items.length ? undefined : noteToCitation(data.words?.after ?? '', named.value)
    return found ? { ...node, attrs: { ...node.attrs, data: found } } : node
  }
  return node.content ? { ...node, content: node.content.map(withNotes) } : node
}
const nameOf = (id: string) => { const source = known.value.find(s => s.id === id); return source ? plain(composeAlone(store.style, source).reference ?? composeAlone(store.style, source).narrative) : '' }
function toggle(one: Typed) {
  const next = new Set(wanted.value)
  if (!next.delete(one.typed)) next.add(one.typed)
  wanted.value = next
}

async function bring(where: 'instead' | 'end') {
  if (!cited.value || busy.value) return
  busy.value = true
  await notices.attempt(async () => {
    await store.flush()
    if (countWords(store.body)) await request('POST', `/api/papers/${store.paper!.id}/snapshots`, { reason: `Before ${props.file.name} came in`.slice(0, 200), title: store.paper!.title, body: store.body })
    // Sources of the shelf that the draft cites join the paper.
    const ids = [...new Set(citationsOf(cited.value!.doc).flatMap(c => c.items.map(i => i.id)))].filter(id => !store.byId.has(id))
    if (ids.length) await shelf.bringBack(ids)
    const content = where === 'instead' ? cited.value!.doc.content ?? [] : [...(store.body.content ?? []), ...(cited.value!.doc.content ?? [])]
    const taken = new Set<string>()
    const fresh = JSON.parse(JSON.stringify({ type: 'doc', content }), (key, value: unknown) => {
      // Every citation has an id of its own.
      if (key !== 'attrs' || typeof value !== 'object' || value === null || !('data' in value)) return value
      const id = String((value as { id?: string }).id ?? '')
      const own = id && !taken.has(id) ? id : crypto.randomUUID().slice(0, 8)
      taken.add(own)
      return { ...value, id: own }
    }) as DocNode
    store.replaceBody(fresh)
    if (where === 'instead' && draft.value!.title && /^(?:untitled|a paper|draft)/iu.test(store.paper!.title)) store.changePaper({ title: draft.value!.title })
    if (draft.value!.references.length) await tray.takeIn({ text: draft.value!.references.map(line => line.replace(/<[^>]+>/gu, '')).join('\n\n'), html: draft.value!.references.map(line => `<p>${line}</p>`).join('') })
    notices.say(`${props.file.name} is in the paper${draft.value!.references.length ? '; its list lies in Gather’s tray' : ''}. What was there before is among the earlier states.`)
    emit('close')
  })
  busy.value = false
}
</script>

<template>
  <FrameOverDialog
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
            <li v-if="cited.made">
              {{ count(cited.made, 'typed citation') }} {{ cited.made === 1 ? 'becomes a real one' : 'become real ones' }}
            </li>
            <li v-if="draft.references.length">
              {{ count(draft.references.length, 'reference') }} at its end {{ draft.references.length === 1 ? 'goes' : 'go' }} to Gather’s tray
            </li>
            <li
              v-if="draft.noticed.length"
              class="text-soft"
            >
              {{ count(draft.noticed.length, 'typed page number or running head', 'typed page numbers and running heads') }} left out: Dendle sets them
            </li>
            <li
              v-if="cited.unknown.length"
              class="text-madder"
            >
              No source has the key {{ cited.unknown.slice(0, 4).join(', ') }}; those marks stay as they were typed
            </li>
          </ul>
          <fieldset
            v-if="likely.length"
            class="mb-3 border-l-[3px] border-weld pl-3"
          >
            <legend class="font-semibold">
              Likely, but not certain: tick those that are meant
            </legend>
            <label
              v-for="one in likely"
              :key="one.typed"
              class="flex items-baseline gap-2 py-0.5 text-[14px]"
            ><input
              type="checkbox"
              class="accent-verdigris"
              :checked="wanted.has(one.typed)"
              @change="toggle(one)"
            ><span><span class="font-page text-[15px]">{{ one.typed }}</span><span class="block text-soft">{{ nameOf(one.data.items[0]!.id) }}</span></span></label>
          </fieldset>
          <div class="flex flex-wrap gap-x-6 gap-y-2">
            <button
              class="act-solid"
              :disabled="busy"
              @click="bring('instead')"
            >
              {{ countWords(store.body) ? 'In place of the text' : 'Put it in' }}
            </button>
            <button
              v-if="countWords(store.body)"
              class="act"
              :disabled="busy"
              @click="bring('end')"
            >
              At the end of the text
            </button>
          </div>
        </template>
  </FrameOverDialog>
</template>
