<script setup lang="ts">
import { nameOf } from '~~/core/check/typed'
import type { Fields } from '~~/core/source/model'
import { stripRich } from '~~/core/text/rich'
import { count } from '~/utils/words'

const store = usePaper()
const owned = useSources()
const composed = useComposition()
const comparing = useComparing()
const tray = useTray()
const router = useRouter()
const chooser = useTemplateRef<{ open: () => void }>('chooser')
const typed = ref('')
const over = ref(false)
onMounted(() => {
  comparing.open()
  void comparing.read()
})
// What is corrected in a source, or another style, shows here at once.
watch([() => composed.composition.list, () => owned.sources], () => void comparing.read())

const compared = computed(() => comparing.compared)
const differences = computed(() => compared.value?.lines.reduce((sum, line) => sum + line.differences.length, 0) ?? 0)
const details = computed(() => compared.value?.lines.flatMap(line =>
  line.differences.flatMap(one => (one.takes ? [{ source: line.source, fields: one.takes as Fields }] : []))) ?? [])
const named = (id: string) => { const source = owned.byId.get(id); return source ? nameOf(source) : 'a source that is gone' }

function paste(event: ClipboardEvent) {
  const html = event.clipboardData?.getData('text/html') ?? ''
  const text = event.clipboardData?.getData('text/plain') ?? ''
  const [file] = event.clipboardData?.files ?? []
  if (!text.trim() && !html.trim() && file) { event.preventDefault(); void comparing.takeFile(file); return }
  if (!text.trim()) return
  event.preventDefault()
  typed.value = text
  void comparing.take({ ...(html ? { html } : {}), text })
}
function drop(event: DragEvent) {
  over.value = false
  const [file] = event.dataTransfer?.files ?? []
  if (file) { void comparing.takeFile(file); return }
  const [html, text] = [event.dataTransfer?.getData('text/html') ?? '', event.dataTransfer?.getData('text/plain') ?? '']
  if (text) void comparing.take({ ...(html ? { html } : {}), text })
}
function again() {
  comparing.putAway()
  typed.value = ''
}
async function toTray() {
  const extra = compared.value!.extra
  await tray.takeIn({ references: extra })
  await router.push(`/papers/${store.paper?.id}/gather`)
}
</script>

<template>
  <div class="mx-auto max-w-[1180px] px-4 pt-6 pb-24 sm:px-8">
    <header class="mb-4 flex flex-wrap items-baseline gap-x-6 gap-y-1">
      <h1 class="view-title">
        A list made elsewhere, beside this one
      </h1>
      <p
        v-if="compared"
        class="text-plain text-soft"
        role="status"
      >
        {{ count(compared.lines.length, 'entry', 'entries') }}, <b class="text-ink">{{ compared.right }} right to the comma</b>, {{ count(differences, 'difference') }}
      </p>
      <span class="ml-auto flex items-baseline gap-5 text-plain">
        <PartsButton
          v-if="details.length"
          @click="comparing.takeDetails(details)"
        >Take {{ count(details.length, 'detail') }} into Gather</PartsButton>
        <PartsButton
          v-if="compared"
          kind="quiet"
          @click="again"
        >Put away</PartsButton>
        <PartsButton
          kind="quiet"
          :to="`/papers/${store.paper?.id}/list`"
        >Back to the list</PartsButton>
      </span>
    </header>
    <p
      v-if="comparing.problem"
      class="mb-3 text-madder"
      role="alert"
    >
      {{ comparing.problem }}
    </p>
    <div
      v-if="!compared"
      class="zone max-w-[760px] px-5 py-5"
      :class="over && 'over'"
      @dragover.prevent="over = true"
      @dragleave="over = false"
      @drop.prevent="drop"
    >
      <PartsField
        v-model="typed"
        draft="list to compare"
        label="The other list"
        rows="7"
        placeholder="Paste it here as it is, from a word processor, a web page, a PDF or a database."
        :disabled="comparing.busy"
        @paste="paste"
      />
      <p class="mt-3 flex flex-wrap items-baseline gap-x-5 gap-y-1 text-plain">
        <PartsButton
          :busy="comparing.busy"
          :disabled="!typed.trim()"
          @click="comparing.take({ text: typed })"
        >
          {{ comparing.busy ? 'Laying it beside this one…' : 'Lay it beside this one' }}
        </PartsButton>
        <PartsButton
          kind="quiet"
          @click="chooser?.open()"
        >
          or choose a file
        </PartsButton>
        <span class="text-soft">.docx, .html or .txt; it can be dropped here too.</span>
      </p>
      <PartsFile
        ref="chooser"
        label="A file with the other list"
        accept=".docx,.html,.htm,.txt"
        @files="comparing.takeFile($event[0]!)"
      />
      <p class="mt-4 text-plain text-soft">
        Every difference is marked at its letter and named with its rule: a mistake in that list, a detail that your source lacks or has otherwise, or a matter of house rules. Nothing changes until you say so.
      </p>
    </div>
    <template v-else>
      <ol class="lines">
        <li
          v-for="line in compared.lines"
          :key="line.source"
          class="line-row"
          :data-source="line.source"
        >
          <p class="hang font-page text-page leading-[1.5]">
            <ListMergedLine :line="line.line" />
          </p>
          <div class="text-plain">
            <p
              v-if="line.right"
              class="font-bold text-verdigris"
            >
              Right.
            </p>
            <ul v-else>
              <li
                v-for="one in line.differences"
                :key="one.kind + one.says"
                class="mb-1 leading-5"
              >
                {{ one.says }} <span class="text-small whitespace-nowrap text-soft">{{ one.source }}</span>
                <span
                  v-if="one.of !== 'mistake'"
                  class="text-small text-soft"
                >&ensp;{{ one.of === 'detail' ? 'a detail' : 'a matter of house rules' }}</span>
                <PartsButton
                  v-if="one.takes"
                  class="ml-2"
                  @click="comparing.takeDetails([{ source: line.source, fields: one.takes }])"
                >
                  Use this detail
                </PartsButton>
              </li>
            </ul>
            <p
              v-for="one in compared.order.filter(o => o.source === line.source)"
              :key="one.says"
              class="leading-5"
            >
              {{ one.says }}
            </p>
          </div>
        </li>
      </ol>
      <div class="mt-4 space-y-1 text-plain text-soft">
        <p v-if="compared.page.length">
          As a whole: {{ compared.page.join(' ') }}
        </p>
        <p v-if="compared.missing.length">
          Not in that list: {{ compared.missing.map(named).join('; ') }}.
        </p>
        <div v-if="compared.extra.length">
          <p>
            {{ count(compared.extra.length, 'entry', 'entries') }} that no source here answers. <PartsButton @click="toTray">
              Put {{ compared.extra.length === 1 ? 'it' : 'them' }} in the tray
            </PartsButton>
          </p>
          <p
            v-for="one in compared.extra"
            :key="one"
            class="hang mt-1 font-page text-body text-ink"
          >
            {{ stripRich(one) }}
          </p>
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.zone { border: 1px dashed var(--rule); }
.zone.over { border-color: var(--verdigris); background: var(--tint); }
.line-row { display: grid; grid-template-columns: minmax(0, 1fr) minmax(220px, 340px); gap: 4px 36px; border-top: 1px solid var(--rule); padding: 12px 0; }
@media (max-width: 860px) { .line-row { grid-template-columns: minmax(0, 1fr); } }
</style>
