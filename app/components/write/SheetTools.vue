<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import type { Editor } from '@tiptap/vue-3'
import type { PaperEditor } from '~/editor/usePaperEditor'
import { useSheetTools } from '~/editor/useSheetTools'

/** The line of tools above the sheet: what is done often in words, the rest behind two menus. */
const props = defineProps<{ paper: PaperEditor, finding: boolean }>()
const emit = defineEmits<{ cite: [], passages: [], note: [], picture: [file: File], find: [], draft: [file: File], states: [], keys: [], headings: [] }>()
const e = computed(() => props.paper.editor.value as Editor | undefined)
const picture = useTemplateRef<HTMLInputElement>('picture')
const draft = useTemplateRef<HTMLInputElement>('draft')
const { BLOCKS, MORE, TABLE, block, setBlock, chosenText, on, run, linking, address, setLink, notesAt } = useSheetTools(props.paper, () => picture.value?.click())
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
