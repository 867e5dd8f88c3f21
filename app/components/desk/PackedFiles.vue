<script setup lang="ts">
import { format } from 'date-fns'
import { downloadBlob } from '~/utils/clipboard'
import { request } from '~/utils/request'
import { count } from '~/utils/words'

/** Everything taken away as one packed file, and packed files brought in: what is here in another state is asked about. */
const emit = defineEmits<{ came: [] }>()
const notices = useNotices()
interface Differing { id: string, title: string, here: string, there: string }
interface Unpacked {
  papers: { id: string, title: string, as: 'new' | 'back' | 'taken' | 'copy' }[]
  same: string[]
  differ: Differing[]
  sources: { added: number, same: number, kept: number, taken: number }
  passages: number
  removed: number
  problems: string[]
}
type Choice = 'keep' | 'take' | 'both'
const busy = ref('')
/** How far it is, from 0 to 1; and what ends it. */
const done = ref(0)
let stopper: AbortController | undefined
const stop = () => stopper?.abort()
onBeforeUnmount(stop)
const picker = useTemplateRef<{ open: () => void }>('picker')
const asked = ref<{ file: File, differ: Differing[], kept: number, removed: number }>()
const chosen = ref<Record<string, Choice>>({})
const takeSources = ref(false)
const bringBack = ref(false)

/** Does something that takes long: shows how far it is, and can be stopped. Nothing is thrown when it was. */
async function longWork<T>(says: string, run: (job: string, signal: AbortSignal) => Promise<T>): Promise<T | undefined> {
  const job = crypto.randomUUID()
  const { signal } = stopper = new AbortController()
  busy.value = says
  done.value = 0
  const asking = setInterval(() => void request<{ done: number | null }>('GET', `/api/archive/progress?job=${job}`)
    .then((answer) => { if (answer.done !== null) done.value = answer.done }, () => undefined), 500)
  try { return await run(job, signal) }
  catch (error) {
    if (!signal.aborted) throw error
    notices.say('Stopped.')
    return undefined
  }
  finally {
    clearInterval(asking)
    busy.value = ''
  }
}

const takeAll = () => notices.attempt(async () => {
  const day = format(new Date(), 'yyyy-MM-dd')
  const taken = await longWork('Packing everything', async (job, signal) => {
    const response = await fetch(`/api/archive?day=${day}&job=${job}`, { signal })
    if (!response.ok) throw new Error(((await response.json().catch(() => ({}))) as { message?: string }).message ?? 'It could not be packed. Nothing is lost; try again.')
    return { file: await response.blob(), leftOut: Number(response.headers.get('x-dendle-left-out') ?? 0) }
  })
  if (!taken) return
  downloadBlob(`Dendle ${day}.zip`, taken.file)
  notices.say('Every paper, with the shelf, is in your downloads as one file.')
  if (taken.leftOut) notices.say(`${count(taken.leftOut, 'earlier state')} would have made it too large to come back, and stayed here.`, { bad: true })
})

interface Wishes { decide?: Record<string, string>, sources?: boolean, removed?: boolean }
const send = (file: File, { decide, sources, removed }: Wishes = {}) => longWork(`Reading ${file.name}`, async (job, signal): Promise<Unpacked> => {
  const query = new URLSearchParams({
    job,
    ...(decide ? { decide: JSON.stringify(decide) } : {}),
    ...(sources ? { sources: 'take' } : {}),
    ...(removed ? { removed: 'back' } : {}),
  })
  const response = await fetch(`/api/archive?${query}`, { method: 'POST', body: file, headers: { 'content-type': 'application/zip' }, signal })
  const answer = await response.json().catch(() => ({})) as Unpacked & { message?: string }
  if (!response.ok) throw new Error(answer.message ?? `“${file.name}” could not be taken in. Nothing here was changed.`)
  return answer
})
const bring = (file: File | undefined) => file && notices.attempt(async () => {
  const came = await send(file)
  emit('came')
  if (!came) return
  say(came)
  if (!came.differ.length && !came.sources.kept && !came.removed) return
  asked.value = { file, differ: came.differ, kept: came.sources.kept, removed: came.removed }
  chosen.value = Object.fromEntries(came.differ.map(one => [one.id, 'keep']))
  takeSources.value = false
  bringBack.value = false
})
const decide = () => notices.attempt(async () => {
  const { file } = asked.value!
  const wanted = Object.fromEntries(Object.entries(chosen.value).filter(([, choice]) => choice !== 'keep'))
  asked.value = undefined
  if (!Object.keys(wanted).length && !takeSources.value && !bringBack.value) return
  const came = await send(file, { decide: wanted, sources: takeSources.value, removed: bringBack.value })
  if (came) say(came)
  emit('came')
})
function say({ papers, same, sources, problems }: Unpacked) {
  const named = papers.map(paper => `“${paper.title}”`).slice(0, 3).join(', ') + (papers.length > 3 ? ` and ${papers.length - 3} more` : '')
  const came = papers.length ? `${named} ${papers.length === 1 ? 'is' : 'are'} on the Desk` : ''
  const there = same.length ? `${count(same.length, 'paper')} ${same.length === 1 ? 'was' : 'were'} here already` : ''
  const added = sources.added ? `${count(sources.added, 'source')} came to the shelf` : ''
  const said = [came, there, added].filter(Boolean).join('; ')
  if (said) notices.say(`${said}.`)
  if (problems.length) notices.say(`Not all of the file could be read: ${problems.slice(0, 3).join(' ')}`, { bad: true })
}
const when = (at: string) => format(new Date(at), 'd MMM yyyy, HH:mm')
</script>

<template>
  <div>
    <p class="flex flex-wrap items-baseline gap-x-6 gap-y-1 text-plain text-soft">
      <PartsButton
        kind="quiet"
        :disabled="busy !== ''"
        @click="takeAll"
      >
        Take everything away as one file
      </PartsButton>
      <PartsButton
        kind="quiet"
        :disabled="busy !== ''"
        @click="picker?.open()"
      >
        Bring a packed file in
      </PartsButton>
      <PartsFile
        ref="picker"
        accept=".zip,application/zip"
        label="A packed file to bring in"
        @files="bring($event[0])"
      />
    </p>
    <PartsBusy
      v-if="busy"
      class="max-w-[56ch]"
      :says="busy"
      :done="done"
      stop="Stop"
      @stop="stop"
    />
    <PartsDialog
      v-if="asked"
      open
      title="Some of it is here in another state"
      @close="asked = undefined"
    >
      <p class="mb-4 max-w-[56ch] text-plain text-soft">
        Nothing here was overwritten. Say what is to be done with each.
      </p>
      <ul v-if="asked.differ.length">
        <li
          v-for="one in asked.differ"
          :key="one.id"
          class="border-t border-rule py-3"
        >
          <p class="font-semibold">
            {{ one.title }}
          </p>
          <p class="mb-1 text-small text-soft">
            here from {{ when(one.here) }}, in the file from {{ when(one.there) }}
          </p>
          <PartsSwitch
            v-model="chosen[one.id]!"
            :label="`What to do with ${one.title}`"
            :options="[['keep', 'Keep what is here'], ['take', 'Take the file’s'], ['both', 'Keep both']]"
          />
          <p
            v-if="chosen[one.id] === 'take'"
            class="mt-1 text-small text-soft"
          >
            What is here stays among its earlier states.
          </p>
        </li>
      </ul>
      <PartsCheck
        v-if="asked.kept"
        v-model="takeSources"
        class="mt-3"
      >
        Take the file’s details of {{ count(asked.kept, 'source') }} where they are newer
      </PartsCheck>
      <PartsCheck
        v-if="asked.removed"
        v-model="bringBack"
        class="mt-3"
      >
        Bring back {{ count(asked.removed, 'source or passage', 'sources and passages') }} that {{ asked.removed === 1 ? 'was' : 'were' }} taken away here
      </PartsCheck>
      <div class="mt-5 flex gap-6">
        <PartsButton
          kind="solid"
          @click="decide"
        >
          Do so
        </PartsButton>
        <PartsButton
          kind="quiet"
          @click="asked = undefined"
        >
          Leave all as it is
        </PartsButton>
      </div>
    </PartsDialog>
  </div>
</template>
