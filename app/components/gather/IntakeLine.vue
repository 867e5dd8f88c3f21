<script setup lang="ts">
import { useDropZone, useEventListener } from '@vueuse/core'
import { detect, FORM_WORDS } from '~~/core/intake/detect'
import { readIdentifiers } from '~~/core/intake/identifiers'
import { KINDS, type KindId } from '~~/core/source/kinds'
import { count } from '~/utils/words'

/** The one line that takes anything: typed, pasted or dropped. */
const emit = defineEmits<{ added: [id: string] }>()
const shelf = useShelf()
const tray = useTray()
const notices = useNotices()
const typed = ref('')
const busy = ref(false)
const line = useTemplateRef<{ el: HTMLTextAreaElement | null, focus: () => void }>('input')
const input = computed(() => line.value?.el)
const files = useTemplateRef<{ open: () => void }>('files')
const QUICK: KindId[] = ['book', 'journal-article', 'web-page']
/** More than this is no longer shown being typed; it is read at once. */
const LONG = 4000

const form = computed(() => (typed.value.trim() ? detect(typed.value) : undefined))
const identifiers = computed(() => (form.value === 'identifiers' ? readIdentifiers(typed.value) ?? [] : []))
const understood = computed(() => {
  if (form.value === 'identifiers') {
    const [one] = identifiers.value
    return identifiers.value.length === 1
      ? { doi: 'a DOI', isbn: 'an ISBN', url: 'a web address' }[one!.type]
      : count(identifiers.value.length, 'identifier')
  }
  return form.value === 'title' ? 'a title' : form.value ? FORM_WORDS[form.value] : ''
})

/** The line's words have been taken: what was typed behind them since stays. @returns whether nothing was */
function taken(words: string): boolean {
  typed.value = typed.value.startsWith(words) ? typed.value.slice(words.length).trimStart() : typed.value
  return !typed.value
}
async function begin(kind: KindId) {
  if (!typed.value.trim() || busy.value) return
  busy.value = true
  await notices.attempt(async () => {
    const [first] = identifiers.value
    const given = typed.value
    const fields = first ? { [first.type]: first.value } : { title: given.trim() }
    const [source] = await shelf.add([{ kind, fields }])
    // Whoever has typed on meanwhile goes on with that; the slip lies there.
    if (taken(given)) emit('added', source!.id)
  })
  busy.value = false
}
async function read(given: { text?: string, html?: string }) {
  if (busy.value) return
  busy.value = true
  await notices.attempt(async () => {
    const was = typed.value
    const form = await tray.takeIn(given)
    if (form === 'title') { if (typed.value === was) typed.value = given.text ?? was }
    else if (form) taken(was)
  })
  busy.value = false
}
function enter() {
  if (form.value === 'title') void begin('book')
  else if (form.value) void read({ text: typed.value })
}

// What is pasted goes where it belongs: a short line is there to be changed, everything else is read.
function paste(event: ClipboardEvent) {
  const data = event.clipboardData
  if (!data) return
  if (data.files.length) { event.preventDefault(); void takeFiles([...data.files]); return }
  const text = data.getData('text/plain')
  const html = data.getData('text/html')
  const whole = !typed.value.trim() || (input.value?.selectionEnd === typed.value.length && input.value.selectionStart === 0)
  if (!text.trim() || !whole) return
  const what = detect(text)
  if (what === 'title' && text.length < LONG && !text.includes('\n')) return
  event.preventDefault()
  void read({ text, ...(html ? { html } : {}) })
}
async function takeFiles(list: readonly File[]) {
  for (const file of list) {
    await notices.attempt(async () => {
      if (file.size > 120 * 1024 * 1024) throw new Error(`${file.name} is larger than 120 MB; it was not read.`)
      await tray.takeIn({ bytes: await file.arrayBuffer(), name: file.name })
    })
  }
}
if (import.meta.client) {
  const { isOverDropZone } = useDropZone(document.documentElement, {
    onDrop: (dropped) => void takeFiles(dropped ?? []),
    dataTypes: (types) => types.includes('Files'),
  })
  watch(isOverDropZone, (over) => { hovering.value = over })
  useEventListener(document, 'paste', (event: ClipboardEvent) => {
    const target = event.target as HTMLElement
    if (target !== input.value && target.closest('input, textarea, [contenteditable]')) return
    if (target !== input.value) paste(event)
  })
}
const hovering = ref(false)
function grow() {
  const box = input.value
  if (!box) return
  box.style.height = 'auto'
  box.style.height = `${Math.min(box.scrollHeight, 160)}px`
}
watch(typed, () => nextTick(grow))
defineExpose({ focus: () => line.value?.focus() })
</script>

<template>
  <form
    class="mb-1"
    @submit.prevent="enter"
  >
    <div class="flex items-end gap-4 border-b-2 border-ink">
      <PartsField
        ref="input"
        v-model="typed"
        draft="intake"
        look="bare"
        class="min-w-0 flex-1 resize-none pb-2 font-title text-head leading-8 placeholder-shown:truncate"
        rows="1"
        aria-label="Take in a source: a title, address, DOI, ISBN or whole list"
        placeholder="Type, paste or drop a source: a title, a DOI, a whole list…"
        maxlength="2000000"
        autocomplete="off"
        spellcheck="false"
        @paste="paste"
        @keydown.enter.exact.prevent="enter"
        @keydown.esc="typed = ''"
      />
      <PartsButton
        kind="quiet"
        class="shrink-0 pb-3 text-small"
        @click="files?.open()"
      >
        or choose files
      </PartsButton>
      <PartsFile
        ref="files"
        multiple
        label="Files with sources"
        accept=".bib,.bibtex,.ris,.json,.html,.htm,.pdf,.docx,.txt,.nbib"
        @files="takeFiles"
      />
    </div>
    <div
      v-if="form"
      class="flex flex-wrap items-baseline gap-x-5 gap-y-1 py-2"
    >
      <template v-if="form === 'title' || identifiers.length === 1">
        <PartsButton
          v-if="identifiers.length"
          type="submit"
          :disabled="busy"
        >
          Look it up <span class="font-normal text-soft">↵</span>
        </PartsButton>
        <span class="text-soft">{{ identifiers.length ? `${understood}; or begin it yourself, as a` : `${understood} of a` }}</span>
        <PartsButton
          v-for="kind in QUICK"
          :key="kind"
          :disabled="busy"
          @click="begin(kind)"
        >
          {{ KINDS[kind].label }}<span
            v-if="kind === 'book' && !identifiers.length"
            class="ml-1 font-normal text-soft"
          >↵</span>
        </PartsButton>
        <GatherKindFinder
          label="Another kind of source"
          placeholder="something else: say what"
          @choose="begin"
        />
      </template>
      <template v-else>
        <span class="text-soft">{{ understood }}</span>
        <PartsButton
          type="submit"
          :disabled="busy"
        >
          {{ form === 'identifiers' ? 'Look them up' : 'Read it into the tray' }} <span class="font-normal text-soft">↵</span>
        </PartsButton>
      </template>
    </div>
    <Teleport to="body">
      <div
        v-if="hovering"
        class="pointer-events-none fixed inset-0 z-50 grid place-items-center border-4 border-verdigris bg-vellum/80"
      >
        <p class="font-title text-title">
          Let go, and it is read into the tray
        </p>
      </div>
    </Teleport>
  </form>
</template>
