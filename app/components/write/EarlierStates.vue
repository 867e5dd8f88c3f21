<script setup lang="ts">
import { formatDistanceToNow } from 'date-fns'
import type { Besides } from '~~/core/handin/archive/schema'
import type { DocNode } from '~~/core/sheet/document'
import { request } from '~/utils/request'
import { count } from '~/utils/words'
import { paragraphs } from '~/utils/compare'

/** Earlier states of the text: kept by themselves while writing, or by name; looked at, compared, gone back to. */
const emit = defineEmits<{ close: [] }>()
interface Row { id: string, reason: string, title: string, createdAt: string, words: number, begins: string }
const store = usePaper()
const saving = useSaving()
const owned = useSources()
const written = useText()
const notices = useNotices()
const rows = ref<Row[]>()
const failed = ref('')
const chosen = shallowRef<Row & { body: DocNode, besides?: Besides }>()
const comparing = ref(true)
const name = ref('')
const at = () => `/api/papers/${store.paper!.id}/snapshots`
async function load() {
  try { rows.value = await request<Row[]>('GET', at()); failed.value = '' }
  catch (error) { failed.value = (error as Error).message }
}
onMounted(load)
const look = (row: Row) =>
  notices.attempt(async () => {
    chosen.value = { ...row, ...(await request<{ body: DocNode, besides?: Besides }>('GET', `${at()}/${row.id}`)) }
  })
const keepNow = (reason: string) => request('POST', at(), { reason, title: store.paper!.title, body: written.body })
const keep = () => notices.attempt(async () => {
  await saving.flush()
  await keepNow(name.value.trim() || 'Kept by you')
  name.value = ''
  await load()
})
const goBack = () => notices.attempt(async () => {
  await saving.flush()
  await keepNow('Before going back')
  const { body, besides } = chosen.value!
  written.replaceBody(body)
  if (besides) {
    const { style, details, left, uses } = besides
    store.changePaper({ style, details, left })
    for (const { source, listed, leftOut, annotation, division } of uses) owned.changeUse(source, { listed, leftOut, annotation, division })
  }
  notices.say('The text is as it was then. What it was a moment ago is kept too.')
  emit('close')
})
const when = (row: Row) => formatDistanceToNow(new Date(row.createdAt), { addSuffix: true })
const keyOf = (id: string) => owned.byId.get(id)?.key ?? 'unknown'
</script>

<template>
  <PartsDialog
    :open="true"
    title="Earlier states"
    tall
    @close="emit('close')"
  >
    <template #beside>
          <form
            class="flex min-w-0 flex-1 items-baseline gap-4 max-sm:order-last max-sm:basis-full"
            @submit.prevent="keep"
          >
            <PartsField
              v-model="name"
              class="max-w-72 py-0.5"
              aria-label="A name for the text as it is now"
              placeholder="keep it as it is now, as…"
              maxlength="120"
            />
            <PartsButton type="submit">
              Keep
            </PartsButton>
          </form>
    </template>
        <div class="grid min-h-0 flex-1 gap-x-8 pt-3 sm:grid-cols-[250px_1fr]">
          <ul class="overflow-auto max-sm:max-h-40">
            <li
              v-for="row in rows"
              :key="row.id"
            >
              <PartsButton
                kind="bare"
                class="w-full border-l-[3px] py-1.5 pl-3 text-left"
                :class="chosen?.id === row.id ? 'border-verdigris bg-tint' : 'border-transparent hover:bg-tint'"
                @click="look(row)"
              >
                <b class="block text-plain">{{ row.reason }}</b>
                <span class="text-small text-soft">{{ when(row) }} · {{ count(row.words, 'word') }}</span>
              </PartsButton>
            </li>
            <li
              v-if="rows && !rows.length"
              class="text-plain text-soft"
            >
              None yet. Dendle keeps one every ten minutes of writing, and before anything large is done to the text.
            </li>
            <li
              v-if="failed"
              class="text-plain text-madder"
              role="alert"
            >
              They could not be read: {{ failed }} <PartsButton @click="load">
                Try again
              </PartsButton>
            </li>
          </ul>
          <div class="flex min-h-0 flex-col">
            <template v-if="chosen">
              <div class="flex flex-wrap items-baseline gap-x-5 pb-2">
                <PartsCheck
                  v-model="comparing"
                  class="text-plain"
                >
                  beside the text of now
                </PartsCheck>
                <PartsButton
                  kind="solid"
                  class="ml-auto"
                  @click="goBack"
                >
                  Go back to this
                </PartsButton>
              </div>
              <div class="min-h-0 flex-1 overflow-auto pr-2">
                <p
                  v-if="comparing"
                  class="pb-2 text-small text-soft"
                >
                  <del class="text-madder">Struck out</del> was there then; <ins class="bg-tint text-verdigris">underlined</ins> came since.
                </p>
                <WriteComparedText
                  v-if="comparing"
                  :before="chosen.body"
                  :after="written.body"
                />
                <div
                  v-else
                  class="font-page text-body leading-relaxed"
                >
                  <p
                    v-for="(line, i) in paragraphs(chosen.body, keyOf)"
                    :key="i"
                    class="mb-2"
                  >
                    {{ line }}
                  </p>
                </div>
              </div>
            </template>
            <p
              v-else-if="rows?.length"
              class="text-soft"
            >
              Choose one to look at it.
            </p>
          </div>
        </div>
  </PartsDialog>
</template>
