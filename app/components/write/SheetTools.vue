<script setup lang="ts">
import { closeHistory } from '@tiptap/pm/history'
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import type { Editor } from '@tiptap/vue-3'
import { leaveOut } from '~~/core/text/omission'
import type { PaperEditor } from '~/editor/usePaperEditor'

/** The line of tools above the sheet: what is done often in words, the rest behind two menus. */
const props = defineProps<{ paper: PaperEditor, finding: boolean }>()
const emit = defineEmits<{ cite: [], passages: [], note: [], picture: [file: File], find: [], draft: [file: File], states: [], keys: [], headings: [] }>()
const store = usePaper()
const e = computed(() => props.paper.editor.value as Editor | undefined)
const picture = useTemplateRef<HTMLInputElement>('picture')
const draft = useTemplateRef<HTMLInputElement>('draft')
const linking = ref(false)
const address = ref('')

const BLOCKS = [['paragraph', 'Paragraph'], ['1', 'Heading'], ['2', 'Second heading'], ['3', 'Third heading'], ['4', 'Fourth heading'], ['5', 'Fifth heading'], ['quote', 'Block quotation'], ['verse', 'Lines of verse']] as const
const block = computed(() => {
  const editor = e.value
  if (!editor) return 'paragraph'
  if (editor.isActive('blockquote')) return 'quote'
  if (editor.isActive('verse')) return 'verse'
  return ['1', '2', '3', '4', '5'].find(level => editor.isActive('heading', { level: Number(level) })) ?? 'paragraph'
})
function setBlock(value: string) {
  const editor = e.value!
  editor.view.focus()
  const chain = editor.chain()
  if (value === 'quote') { if (!editor.isActive('blockquote')) chain.setParagraph().wrapIn('blockquote').run(); return }
  if (editor.isActive('blockquote')) chain.lift('blockquote')
  if (value === 'paragraph') chain.setParagraph().run()
  else if (value === 'verse') chain.setNode('verse').run()
  else chain.setHeading({ level: Number(value) as 1 | 2 | 3 | 4 | 5 }).run()
}
/** The words of a selection longer than a click. */
const chosenText = computed(() => { const { from, to } = e.value?.state.selection ?? { from: 0, to: 0 }; return to - from > 1 ? e.value!.state.doc.textBetween(from, Math.min(to, from + 400_000), ' ', ' ') : '' })
const on = (name: string) => e.value?.isActive(name) ?? false
/** The text has the keys at once, not a frame later: the next letter typed must not be lost. */
function run(make: (editor: Editor) => unknown) {
  if (!e.value) return
  e.value.view.focus()
  make(e.value)
}
/** Words left out of a quotation: the style's points, with the stops and spaces around them. */
function pointsFor() {
  run((editor) => {
    const { $from, from, to } = editor.state.selection
    const text = (a: number, b: number) => editor.state.doc.textBetween(a, b, ' ', '\uFFFC')
    const end = Math.min(to, $from.end())
    const { takeBefore, text: points, takeAfter } = leaveOut(text($from.start(), from), text(from, end), text(end, $from.end()), store.style.page.ellipsis, editor.isActive('blockquote'))
    const tr = closeHistory(editor.state.tr)
    const marks = $from.marks()
    if (points) tr.replaceWith(from - takeBefore, end + takeAfter, editor.schema.text(points, marks))
    else tr.delete(from - takeBefore, end + takeAfter)
    editor.view.dispatch(tr.scrollIntoView())
  })
}
function bracket() {
  run((editor) => {
    const { from, to } = editor.state.selection
    const text = editor.state.doc.textBetween(from, to)
    editor.chain().focus().insertContentAt({ from, to }, `[${text}]`).setTextSelection({ from: from + 1, to: from + 1 + text.length }).run()
  })
}
function link() {
  address.value = String(e.value?.getAttributes('link').href ?? '')
  linking.value = true
}
function setLink() {
  linking.value = false
  const href = address.value.trim()
  run((editor) => {
    if (!href) { editor.chain().focus().extendMarkRange('link').unsetLink().run(); return }
    const full = /^[a-z]+:/iu.test(href) ? href : `https://${href}`
    if (editor.state.selection.empty && !editor.isActive('link')) editor.chain().focus().insertContent({ type: 'text', text: href, marks: [{ type: 'link', attrs: { href: full } }] }).run()
    else editor.chain().focus().extendMarkRange('link').setLink({ href: full }).run()
  })
}
const MORE: readonly (readonly [word: string, act: () => void, key?: string, mark?: string])[] = [
  ['Underline', () => run(x => x.chain().focus().toggleUnderline().run()), 'Ctrl U', 'underline'], ['Small capitals', () => run(x => x.chain().focus().toggleMark('smallCaps').run()), '', 'smallCaps'],
  ['Lowered', () => run(x => x.chain().focus().toggleMark('subscript').run()), 'Ctrl ,', 'subscript'], ['Link…', link, '', 'link'], ['A remark to myself', () => run(x => x.chain().focus().toggleMark('remark').run()), 'Ctrl Alt M', 'remark'],
  ['List', () => run(x => x.chain().focus().toggleBulletList().run()), 'Ctrl Shift 8', 'bulletList'], ['Numbered list', () => run(x => x.chain().focus().toggleOrderedList().run()), 'Ctrl Shift 7', 'orderedList'],
  ['Table', () => run(x => x.chain().focus().insertTable({ rows: 3, cols: 3, withHeaderRow: true }).run())], ['Figure…', () => picture.value?.click()], ['Page break', () => run(x => x.chain().focus().insertContent([{ type: 'pageBreak' }, { type: 'paragraph' }]).run()), 'Ctrl Enter'],
  ['Leave words out of a quotation', pointsFor], ['Change in brackets [ ]', bracket],
]
const TABLE: readonly (readonly [string, () => void])[] = [
  ['Row below', () => run(x => x.chain().focus().addRowAfter().run())], ['Column to the right', () => run(x => x.chain().focus().addColumnAfter().run())], ['Take the row out', () => run(x => x.chain().focus().deleteRow().run())], ['Take the column out', () => run(x => x.chain().focus().deleteColumn().run())], ['Take the table out', () => run(x => x.chain().focus().deleteTable().run())],
]
const notesAt = computed({ get: () => store.paper?.details.notes === 'endnotes' ? 'endnotes' : 'footnotes', set: value => store.changePaper({ details: { ...store.paper!.details, notes: value } }) })
const file = (event: Event, give: (file: File) => void) => {
  const input = event.target as HTMLInputElement
  const [one] = input.files ?? []
  if (one) give(one)
  input.value = ''
}
</script>

<template>
  <div
    class="leaf-raised sticky top-[52px] z-10 text-[14px]"
  >
    <div
      class="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 py-2"
      role="toolbar"
      aria-label="Writing"
    >
      <button
        class="act"
        title="Cite a source (;; or Ctrl+')"
        @click="emit('cite')"
      >
        Cite <span class="font-normal text-soft">;;</span>
      </button>
      <button
        class="act"
        title="Words taken from sources"
        @click="emit('passages')"
      >
        Passage
      </button>
      <button
        class="act"
        title="A note in your own words"
        @click="emit('note')"
      >
        Note
      </button>
      <label><span class="sr-only">What this paragraph is</span>
        <select
          class="max-w-36 border-0 bg-transparent text-soft"
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
        :class="on('italic') && 'text-verdigris'"
        :aria-pressed="on('italic')"
        aria-label="Italic"
        @click="run(x => x.chain().focus().toggleItalic().run())"
      >
        i
      </button>
      <button
        class="font-page text-[17px] font-bold"
        :class="on('bold') && 'text-verdigris'"
        :aria-pressed="on('bold')"
        aria-label="Bold"
        @click="run(x => x.chain().focus().toggleBold().run())"
      >
        b
      </button>
      <button
        class="font-page text-[16px]"
        :class="on('superscript') && 'text-verdigris'"
        :aria-pressed="on('superscript')"
        aria-label="Raised"
        @click="run(x => x.chain().focus().toggleMark('superscript').run())"
      >
        x<sup>2</sup>
      </button>
      <Menu
        as="div"
        class="relative"
      >
        <MenuButton class="quiet">
          More…
        </MenuButton>
        <MenuItems class="leaf-raised absolute left-0 z-30 mt-2 max-h-[60vh] w-60 overflow-auto py-1 focus:outline-none">
          <MenuItem
            v-for="[word, act, key, mark] in MORE"
            :key="word"
            v-slot="{ active }"
          >
            <button
              class="flex w-full items-baseline justify-between gap-3 px-3 py-1 text-left"
              :class="[active && 'bg-tint', mark && on(mark) && 'font-semibold text-verdigris']"
              @click="act"
            >
              {{ word }} <span
                v-if="key"
                class="text-[12px] font-normal text-soft"
              >{{ key }}</span>
            </button>
          </MenuItem>
          <template v-if="on('table')">
            <li class="mt-1 list-none border-t border-rule px-3 pt-1 text-[12.5px] text-soft">
              this table
            </li>
            <MenuItem
              v-for="[word, act] in TABLE"
              :key="word"
              v-slot="{ active }"
            >
              <button
                class="block w-full px-3 py-1 text-left"
                :class="active && 'bg-tint'"
                @click="act"
              >
                {{ word }}
              </button>
            </MenuItem>
          </template>
        </MenuItems>
      </Menu>
      <span class="flex gap-3">
        <button
          class="quiet"
          :disabled="!e?.can().undo()"
          @click="run(x => x.chain().focus().undo().run())"
        >
          Undo
        </button>
        <button
          class="quiet"
          :disabled="!e?.can().redo()"
          @click="run(x => x.chain().focus().redo().run())"
        >
          Redo
        </button>
      </span>
      <span class="ml-auto flex items-center gap-5">
        <Menu
          as="div"
          class="relative"
        >
          <MenuButton class="quiet">
            Text…
          </MenuButton>
          <MenuItems class="leaf-raised absolute right-0 z-30 mt-2 w-60 py-1 focus:outline-none">
            <MenuItem
              v-for="[word, act, key] in ([['Find and replace', () => emit('find'), 'Ctrl F'], ['Headings', () => emit('headings'), ''], ['Bring a draft…', () => draft?.click(), ''], ['Earlier states', () => emit('states'), ''], ['Keys', () => emit('keys'), '?']] as const)"
              :key="word"
              v-slot="{ active }"
            >
              <button
                class="flex w-full items-baseline justify-between gap-3 px-3 py-1 text-left"
                :class="active && 'bg-tint'"
                @click="act"
              >
                {{ word }} <span class="text-[12px] text-soft">{{ key }}</span>
              </button>
            </MenuItem>
            <MenuItem v-slot="{ active }">
              <button
                class="block w-full px-3 py-1 text-left"
                :class="active && 'bg-tint'"
                @click="notesAt = notesAt === 'endnotes' ? 'footnotes' : 'endnotes'"
              >
                Print notes {{ notesAt === 'endnotes' ? 'at the foot of their pages' : 'at the end' }}
              </button>
            </MenuItem>
          </MenuItems>
        </Menu>
        <WriteWordCount :selection="chosenText" />
      </span>
    </div>
    <form
      v-if="linking"
      class="flex items-baseline gap-4 border-t border-rule px-5 py-2"
      @submit.prevent="setLink"
      @keydown.esc="linking = false"
    >
      <label class="flex flex-1 items-baseline gap-2"><span class="text-[12.5px] text-soft">address</span><input
        v-model="address"
        class="line"
        autofocus
        placeholder="https://"
      ></label>
      <button class="act">
        {{ address.trim() ? 'Link it' : 'No link' }}
      </button>
    </form>
    <WriteCaptionLine
      v-if="e"
      :editor="e"
    />
    <slot />
    <input
      ref="picture"
      type="file"
      class="sr-only"
      tabindex="-1"
      aria-label="A picture for the paper"
      accept="image/png,image/jpeg,image/gif"
      @change="file($event, one => emit('picture', one))"
    >
    <input
      ref="draft"
      type="file"
      class="sr-only"
      tabindex="-1"
      aria-label="A draft to bring in"
      accept=".docx,.html,.htm,.md,.markdown,.txt,.tex"
      @change="file($event, one => emit('draft', one))"
    >
  </div>
</template>
