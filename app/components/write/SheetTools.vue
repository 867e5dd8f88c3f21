<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import type { Editor } from '@tiptap/vue-3'
import type { PaperEditor } from '~/editor/usePaperEditor'
import { useFindingsWished } from '~/editor/useMarginFindings'
import { useSheetTools } from '~/editor/useSheetTools'
import type { MenuEntry } from '~/utils/menu'

/** The line of tools above the sheet: what is done often in words, the rest behind two menus. */
const props = defineProps<{ paper: PaperEditor, finding: boolean }>()
const emit = defineEmits<{
  cite: []
  passages: []
  note: []
  picture: [file: File]
  find: []
  draft: [file: File]
  states: []
  keys: []
  headings: []
}>()
const e = computed(() => props.paper.editor.value as Editor | undefined)
interface Chooser { open: () => void }
const picture = useTemplateRef<Chooser>('picture')
const draft = useTemplateRef<Chooser>('draft')
const { BLOCKS, MORE, TABLE, block, setBlock, chosenText, on, run, linking, address, setLink, notesAt } = useSheetTools(props.paper, () =>
  picture.value?.open(),
)
const more = computed<MenuEntry[]>(() => [
  ...MORE.map(([word, act, key, mark]) => ({ word, run: act, ...(key ? { key } : {}), on: Boolean(mark && on(mark)) })),
  ...(on('table') ? [{ word: 'this table' }, ...TABLE.map(([word, act]) => ({ word, run: act }))] : []),
])
/** The margin is there in a wide window only. */
const wide = useMediaQuery('(min-width: 1280px)')
const findings = useFindingsWished()
const texts = computed<MenuEntry[]>(() => [
  { word: 'Find and replace', key: 'Ctrl F', run: () => emit('find') },
  { word: 'Headings', run: () => emit('headings') },
  { word: 'Bring a draft…', run: () => draft.value?.open() },
  { word: 'Earlier states', run: () => emit('states') },
  ...(wide.value ? [{ word: findings.value ? 'No findings in the margin' : 'Findings in the margin', run: () => { findings.value = !findings.value } }] : []),
  { word: 'Keys', key: '?', run: () => emit('keys') },
  {
    word: `Print notes ${notesAt.value === 'endnotes' ? 'at the foot of their pages' : 'at the end'}`,
    run: () => {
      notesAt.value = notesAt.value === 'endnotes' ? 'footnotes' : 'endnotes'
    },
  },
])
</script>

<template>
  <div
    class="leaf-raised sticky top-[52px] z-10 text-plain"
  >
    <div
      class="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 py-2"
      role="toolbar"
      aria-label="Writing"
    >
      <PartsButton
        title="Cite a source (;; or Ctrl+')"
        @click="emit('cite')"
      >
        Cite <span class="font-normal text-soft">;;</span>
      </PartsButton>
      <PartsButton
        title="Words taken from sources"
        @click="emit('passages')"
      >
        Passage
      </PartsButton>
      <PartsButton
        title="A note in your own words"
        @click="emit('note')"
      >
        Note
      </PartsButton>
      <label><span class="sr-only">What this paragraph is</span>
        <PartsSelect
          class="max-w-36 text-soft"
          :model-value="block"
          @update:model-value="setBlock($event)"
        >
          <option
            v-for="[value, word] in BLOCKS"
            :key="value"
            :value="value"
          >{{ word }}</option>
        </PartsSelect></label>
      <PartsButton
        kind="bare"
        class="font-page text-page italic"
        :class="on('italic') && 'text-verdigris'"
        :aria-pressed="on('italic')"
        aria-label="Italic"
        @click="run(x => x.chain().focus().toggleItalic().run())"
      >
        i
      </PartsButton>
      <PartsButton
        kind="bare"
        class="font-page text-page font-bold"
        :class="on('bold') && 'text-verdigris'"
        :aria-pressed="on('bold')"
        aria-label="Bold"
        @click="run(x => x.chain().focus().toggleBold().run())"
      >
        b
      </PartsButton>
      <PartsButton
        kind="bare"
        class="font-page text-page-small"
        :class="on('superscript') && 'text-verdigris'"
        :aria-pressed="on('superscript')"
        aria-label="Raised"
        @click="run(x => x.chain().focus().toggleMark('superscript').run())"
      >
        x<sup>2</sup>
      </PartsButton>
      <PartsMenu
        word="More…"
        :entries="more"
      />
      <span class="flex gap-3">
        <PartsButton
          kind="quiet"
          :disabled="!e?.can().undo()"
          @click="run(x => x.chain().focus().undo().run())"
        >
          Undo
        </PartsButton>
        <PartsButton
          kind="quiet"
          :disabled="!e?.can().redo()"
          @click="run(x => x.chain().focus().redo().run())"
        >
          Redo
        </PartsButton>
      </span>
      <span class="ml-auto flex items-center gap-5">
        <PartsMenu
          word="Text…"
          from="right"
          :entries="texts"
        />
        <WriteWordCount :selection="chosenText" />
      </span>
    </div>
    <form
      v-if="linking"
      class="flex items-baseline gap-4 border-t border-rule px-5 py-2"
      @submit.prevent="setLink"
      @keydown.esc="linking = false"
    >
      <PartsField
        v-model="address"
        label="address"
        beside
        class="flex-1"
        autofocus
        placeholder="https://"
      />
      <PartsButton type="submit">
        {{ address.trim() ? 'Link it' : 'No link' }}
      </PartsButton>
    </form>
    <WriteCaptionLine
      v-if="e"
      :editor="e"
    />
    <slot />
    <PartsFile
      ref="picture"
      label="A picture for the paper"
      accept="image/png,image/jpeg,image/gif"
      @files="([one]) => one && emit('picture', one)"
    />
    <PartsFile
      ref="draft"
      label="A draft to bring in"
      accept=".docx,.html,.htm,.md,.markdown,.txt,.tex"
      @files="([one]) => one && emit('draft', one)"
    />
  </div>
</template>
