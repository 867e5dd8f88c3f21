<script setup lang="ts">
import { EditorContent, useEditor } from '@tiptap/vue-3'
import { useDebounceFn } from '@vueuse/core'
import { readDraft, textToHtml } from '~~/core/intake/draft/draft'
import { docToWords, layWords, NOTE_EXTENSIONS, piecesOf, wordsToDoc } from '~/editor/note-words'

/**
 * A line of the writer's own words with their italics. What is typed is given on after a moment's rest, and at once when
 * the line is left.
 */
const props = defineProps<{ words: string, label: string, placeholder?: string, autofocus?: boolean }>()
const emit = defineEmits<{ change: [words: string], done: [] }>()
let given = props.words
function give() {
  if (!editor.value) return
  const now = docToWords(editor.value.getJSON())
  if (now === given) return
  given = now
  emit('change', now)
}
const soon = useDebounceFn(give, 400, { maxWait: 900 })
const saving = useSaving()
const empty = ref(!props.words)
const editor = useEditor({
  content: wordsToDoc(props.words),
  extensions: NOTE_EXTENSIONS,
  editorProps: {
    attributes: { 'class': 'line note-words', 'role': 'textbox', 'aria-label': props.label, 'spellcheck': 'true' },
    handleKeyDown: (_, event) => {
      if (event.key !== 'Enter' && event.key !== 'Escape') return false
      event.preventDefault()
      event.stopPropagation()
      give()
      emit('done')
      return true
    },
    // Several paragraphs become one: none of their words is dropped.
    handlePaste: (_, event) => {
      const html = event.clipboardData?.getData('text/html') || textToHtml(event.clipboardData?.getData('text/plain') ?? '')
      const words = docToWords(readDraft(html).doc)
      if (words) editor.value!.commands.insertContent(piecesOf(words))
      return true
    },
  },
  onUpdate: ({ editor }) => {
    empty.value = editor.isEmpty
    void soon()
  },
  onBlur: give,
})
// Undo on the sheet, or another tab, changed the words: what differs gives way, and the cursor stays where it was. What
// was typed here was handed over before that.
watch(() => props.words, (words) => {
  if (words === given || !editor.value) return
  given = words
  layWords(editor.value, words)
  empty.value = !words
})
const release = saving.holdsBack(give)
// It has the keys before the next one can be pressed: the first letter must not be lost.
onMounted(async () => {
  if (!props.autofocus) return
  for (let i = 0; i < 4 && !editor.value?.view.dom.isConnected; i++) await nextTick()
  const e = editor.value
  if (!e) return
  e.commands.setTextSelection(e.state.doc.content.size - 1)
  e.view.focus()
})
onBeforeUnmount(() => { give(); release() })
</script>

<template>
  <div class="relative min-w-0">
    <span
      v-if="empty && placeholder"
      aria-hidden="true"
      class="pointer-events-none absolute top-[5px] left-px text-soft"
    >{{ placeholder }}</span>
    <EditorContent :editor="editor" />
  </div>
</template>

<style scoped>
div :deep(.note-words p) { text-indent: 0; }
</style>
