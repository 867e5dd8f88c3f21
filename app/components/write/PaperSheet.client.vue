<script setup lang="ts">
import { EditorContent } from '@tiptap/vue-3'
import { usePaperEditor } from '~/editor/usePaperEditor'
import type { CitationData } from '~~/core/sheet/document'
import { count } from '~/utils/words'

const store = usePaper()
const picker = ref<{ left: number, top: number, place: number }>()
const sheet = useTemplateRef<HTMLElement>('sheet')
const paper = usePaperEditor(openPicker)
const { editor, selected } = paper
const notes = computed(() => store.style.citation.system === 'notes')

function openPicker() {
  const view = editor.value?.view
  if (!view) return
  const { from } = view.state.selection
  const at = view.coordsAtPos(from)
  let place = 0
  view.state.doc.nodesBetween(0, from, (node, pos) => { if (node.type.name === 'citation' && pos < from) place++ })
  selected.value = undefined
  picker.value = { left: at.left, top: Math.min(at.bottom + 8, Math.max(60, window.innerHeight - 420)), place }
}
function insert(data: CitationData) {
  picker.value = undefined
  paper.insert(data)
}
function close() {
  picker.value = undefined
  editor.value?.commands.focus()
}
const BLOCKS = [['paragraph', 'Paragraph'], ['1', 'Heading'], ['2', 'Second heading'], ['3', 'Third heading'], ['quote', 'Block quotation']] as const
const block = computed(() => {
  const e = editor.value
  if (!e) return 'paragraph'
  if (e.isActive('blockquote')) return 'quote'
  return ['1', '2', '3'].find(level => e.isActive('heading', { level: Number(level) })) ?? 'paragraph'
})
function setBlock(value: string) {
  const chain = editor.value!.chain().focus()
  if (value === 'quote') chain.setParagraph().wrapIn('blockquote').run()
  else {
    if (editor.value!.isActive('blockquote')) chain.lift('blockquote')
    if (value === 'paragraph') chain.setParagraph().run()
    else chain.setHeading({ level: Number(value) as 1 | 2 | 3 }).run()
  }
}
// A citation already selected is no new selection to the editor: the click itself opens its card.
function pick(event: Event) {
  const id = (event.target as HTMLElement).closest<HTMLElement>('[data-cid]')?.dataset.cid
  if (id) selected.value = id
}
const addNote = () => {
  paper.insert({ items: [], form: 'parenthetical', words: { after: 'Your note.' } })
}
</script>

<template>
  <div class="mx-auto flex max-w-[1180px] justify-center gap-7 px-3 pt-5 sm:px-6 xl:justify-start">
    <div class="w-full max-w-[760px] min-w-0">
      <div
        class="leaf-raised sticky top-[52px] z-10 flex flex-wrap items-center gap-x-5 gap-y-1 px-5 py-2 text-[14px]"
        role="toolbar"
        aria-label="Writing"
      >
        <button
          class="act"
          title="Cite a source (;; or Ctrl+')"
          @click="editor?.commands.focus(); openPicker()"
        >
          Cite <span class="font-normal text-soft">;;</span>
        </button>
        <button
          v-if="notes"
          class="act"
          @click="addNote"
        >
          Note
        </button>
        <label><span class="sr-only">What this paragraph is</span>
          <select
            class="border-0 bg-transparent text-soft"
            :value="block"
            @change="setBlock(($event.target as HTMLSelectElement).value)"
          >
            <option
              v-for="[value, word] in BLOCKS"
              :key="value"
              :value="value"
            >{{ word }}</option>
          </select></label>
        <button
          class="font-page text-[17px] italic"
          :class="editor?.isActive('italic') ? 'text-verdigris' : ''"
          :aria-pressed="editor?.isActive('italic') ?? false"
          aria-label="Italic"
          @click="editor?.chain().focus().toggleItalic().run()"
        >
          i
        </button>
        <button
          class="font-page text-[17px] font-bold"
          :class="editor?.isActive('bold') ? 'text-verdigris' : ''"
          :aria-pressed="editor?.isActive('bold') ?? false"
          aria-label="Bold"
          @click="editor?.chain().focus().toggleBold().run()"
        >
          b
        </button>
        <button
          class="font-page text-[16px]"
          :class="editor?.isActive('superscript') ? 'text-verdigris' : ''"
          :aria-pressed="editor?.isActive('superscript') ?? false"
          aria-label="Raised"
          @click="editor?.chain().focus().toggleMark('superscript').run()"
        >
          x<sup>2</sup>
        </button>
        <button
          class="quiet"
          :disabled="!editor?.can().undo()"
          @click="editor?.chain().focus().undo().run()"
        >
          Undo
        </button>
        <button
          class="quiet"
          :disabled="!editor?.can().redo()"
          @click="editor?.chain().focus().redo().run()"
        >
          Redo
        </button>
        <span class="ml-auto text-[13px] text-soft">{{ count(store.words, 'word') }}</span>
      </div>
      <article
        ref="sheet"
        class="sheet border border-t-0 border-rule bg-leaf px-6 pt-10 pb-24 sm:px-[76px]"
        :class="{ centred: store.style.page.headings === 'centred-bold' }"
        :style="{ '--indent': `${store.style.page.firstLineIndent / 15}px`, '--leading': store.style.page.lineSpacing }"
        @click="pick"
      >
        <h1 class="mb-1 text-center font-page text-[17px] font-bold">
          {{ store.paper?.title }}
        </h1>
        <EditorContent :editor="editor" />
        <ol
          v-if="notes && store.composition.notes.length"
          class="notes mt-10 border-t border-ink/60 pt-3 font-page text-[14.5px]"
          aria-label="Footnotes"
        >
          <li
            v-for="(note, i) in store.composition.notes"
            :key="i"
            class="mb-2"
          >
            <sup>{{ i + 1 }}</sup> <RunText :runs="note" />
          </li>
        </ol>
      </article>
    </div>
    <WriteMarginCards
      :editor="paper"
      :sheet="sheet"
    />
    <div
      v-if="selected && store.citationPlaces.has(selected)"
      class="leaf-raised fixed inset-x-0 bottom-[58px] z-20 max-h-[55vh] overflow-auto p-4 sm:bottom-0 sm:left-[72px] xl:hidden"
      role="dialog"
      aria-label="This citation"
    >
      <WriteCitationEditor
        :key="selected"
        :data="(store.citations[store.citationPlaces.get(selected)!] as CitationData)"
        :place="store.citationPlaces.get(selected)!"
        @change="paper.update(selected!, $event)"
        @done="selected = undefined"
      >
        <button
          class="quiet"
          @click="paper.remove(selected!)"
        >
          Remove
        </button>
        <button
          class="act ml-auto"
          @click="selected = undefined"
        >
          Done
        </button>
      </WriteCitationEditor>
    </div>
    <WriteCitePicker
      v-if="picker"
      :at="picker"
      :place="picker.place"
      @insert="insert"
      @close="close"
    />
  </div>
</template>

<style scoped>
.sheet { min-height: calc(100vh - 120px); }
.sheet :deep(.sheet-text) { font-family: var(--font-page); font-size: 17px; line-height: var(--leading); outline: none; min-height: 320px; font-variant-numeric: normal; overflow-wrap: break-word; }
.sheet :deep(p) { text-indent: var(--indent); }
.sheet :deep(h1), .sheet :deep(h2), .sheet :deep(h3) { font-weight: 700; }
.sheet.centred :deep(.sheet-text h1) { text-align: center; }
.sheet :deep(h3) { font-style: italic; }
.sheet :deep(blockquote) { margin-left: 48px; }
.sheet :deep(blockquote p) { text-indent: 0; }
.sheet :deep(ul) { list-style: disc; padding-left: 48px; }
.sheet :deep(ol:not(.notes)) { list-style: decimal; padding-left: 48px; }
.sheet :deep(li p) { text-indent: 0; }
.notes { list-style: none; }
.notes li { text-indent: 2em; }
@media (max-width: 640px) { .sheet :deep(blockquote) { margin-left: 20px; } }
</style>
