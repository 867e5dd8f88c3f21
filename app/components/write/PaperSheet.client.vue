<script setup lang="ts">
import { useEventListener, useMediaQuery } from '@vueuse/core'
import { EditorContent, type Editor } from '@tiptap/vue-3'
import { usePaperEditor } from '~/editor/usePaperEditor'
import { behindWord } from '~/editor/placing'
import { usePasting } from '~/editor/usePasting'
import { usePassageInsert, type PassageWay } from '~/editor/usePassageInsert'
import type { CitationData } from '~~/core/sheet/document'
import type { Passage } from '~/stores/sources'
import { useMakingRoom } from '~/editor/useMakingRoom'
import { useStrayWords } from '~/editor/useStrayWords'
import { goTo, standing } from '~/editor/going'

const store = usePaper()
const owned = useSources()
const written = useText()
const tray = useTray()
/** No margin beside the sheet: an open citation stands in a drawer. */
const narrow = useMediaQuery('(max-width: 1279px)')
const picker = ref<{ left: number, top: number, place: number, again?: string }>()
const sheet = useTemplateRef<HTMLElement>('sheet')
const foot = useTemplateRef<{ begin: (id: string) => void }>('foot')
const finding = ref(false)
/** The note that holds the words being looked for. */
const foundNote = ref<string>()
const states = ref(false)
const keys = ref(false)
const outline = ref(false)
const passagesOpen = ref(false)
const draft = shallowRef<File>()
const paper = usePaperEditor({
  openPicker,
  paste: (view, event) => pasting.paste(view, event),
  drop: (view, event) => pasting.drop(view, event),
})
const { editor, selected } = paper
const putPassage = usePassageInsert(paper)
const pasting = usePasting(() => editor.value as Editor | undefined, {
  dropPassage: (id, pos) => {
    const passage = owned.passages.find((p) => p.id === id)
    if (passage) putPassage(passage, 'plain', behindWord(editor.value!.state.doc, pos))
  },
  bringDraft: (file) => {
    draft.value = file
  },
})

/** Sources cited in the paragraph that the cursor is in. */
const near = ref<string[]>([])
function look() {
  const state = editor.value?.state
  if (!state) return
  const { $from } = state.selection
  const ids: string[] = []
  if ($from.depth)
    $from.node(1).descendants((node) => {
      if (node.type.name === 'citation') ids.push(...(node.attrs.data as CitationData).items.map((i) => i.id))
    })
  near.value = ids
}
function openPicker() {
  const view = editor.value?.view
  if (!view) return
  look()
  const { from } = view.state.selection
  const at = view.coordsAtPos(from)
  let place = 0
  view.state.doc.nodesBetween(0, from, (node, pos) => { if (node.type.name === 'citation' && pos < from) place++ })
  selected.value = undefined
  const again = paper.citedBefore(from)
  picker.value = { left: at.left, top: Math.min(at.bottom + 8, Math.max(60, window.innerHeight - 420)), place, ...(again ? { again } : {}) }
}
function insert(data: CitationData) {
  picker.value = undefined
  paper.insert(data)
}
function close() {
  picker.value = undefined
  editor.value?.view.focus()
}
// A citation already selected is no new selection to the editor: the click itself opens its card.
function pick(event: Event) {
  const id = (event.target as HTMLElement).closest<HTMLElement>('[data-cid]')?.dataset.cid
  if (id) selected.value = id
}
async function addNote() {
  const before = new Set(written.citationPlaces.keys())
  paper.insert({ items: [], form: 'parenthetical', words: { after: '' } })
  await nextTick()
  const id = [...written.citationPlaces.keys()].find(one => !before.has(one))
  if (!id) return
  foot.value?.begin(id)
}
function togglePassages() {
  look()
  passagesOpen.value = !passagesOpen.value
}
/** By the keys: opened with the cursor in its search, closed back to the text. */
async function passagesByKey() {
  togglePassages()
  await nextTick()
  if (passagesOpen.value) document.querySelector<HTMLElement>('.passages input[type=search]')?.focus()
  else editor.value?.view.focus()
}
function put(passage: Passage, way: PassageWay) {
  putPassage(passage, way)
  if (window.innerWidth < 1280) passagesOpen.value = false
}
/** The citation before or behind the cursor. */
function step(by: number) {
  const state = editor.value!.state
  const all: { id: string, pos: number }[] = []
  state.doc.descendants((node, pos) => { if (node.type.name === 'citation') all.push({ id: String(node.attrs.id), pos }) })
  const next = by > 0 ? all.find(one => one.pos > state.selection.from) : all.findLast(one => one.pos < state.selection.from)
  if (next) paper.select(next.id)
}
const strayWords = useStrayWords(paper)
const stray = computed(() => (selected.value && written.citationPlaces.has(selected.value) ? strayWords(selected.value) : undefined))
useMakingRoom(selected, passagesOpen)
onMounted(() => void tray.open())
// Hand in opens at the page of the place where one wrote last.
const pages = usePages()
onBeforeUnmount(() => {
  const selection = editor.value?.state.selection
  // At the very head stands the cursor that nobody has put anywhere.
  pages.lastPlace = selection && selection.from > 1 ? { paper: store.paper!.id, block: selection.$from.index(0) } : undefined
})
// From the list one comes to a citation: it is shown, and its card is open. From Check also to words.
const route = useRoute()
watch(editor, async (ready) => {
  const { cited } = route.query
  if (!ready || !(await standing(ready as Editor))) return
  if (typeof cited === 'string' && written.citationPlaces.has(cited)) paper.select(cited)
  else if (typeof route.query.block === 'string') goTo(ready as Editor, route.query)
}, { immediate: true })
useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  const typing = (event.target as HTMLElement).closest('input, textarea, select, [contenteditable=true]')
  if (event.key === '?' && !typing) {
    event.preventDefault()
    keys.value = true
  } else if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'f' && !event.shiftKey) {
    event.preventDefault()
    finding.value = true
  } else if (event.altKey && event.shiftKey && event.code === 'KeyN') {
    event.preventDefault()
    void addNote()
  } else if (event.altKey && event.shiftKey && event.code === 'KeyP') {
    event.preventDefault()
    void passagesByKey()
  } else if (event.altKey && event.shiftKey && (event.key === 'ArrowDown' || event.key === 'ArrowUp')) {
    event.preventDefault()
    step(event.key === 'ArrowDown' ? 1 : -1)
  }
})
const { looks } = usePageLooks()
/** The style's levels of headings, as the sheet's own variables; those that begin their paragraph by their level. */
const headings = computed(() =>
  Object.fromEntries(
    [
      ...([1, 2, 3, 4, 5] as const).map(level => [level, looks.value[`heading-${level}`]] as const),
      ['a', looks.value['appendix-heading']] as const,
    ].flatMap(([level, look]) => [
      [`--h${level}-weight`, look.bold ? 700 : 400],
      [`--h${level}-style`, look.italic ? 'italic' : 'normal'],
      [`--h${level}-align`, look.align === 'centre' ? 'center' : 'left'],
      [`--h${level}-indent`, `${look.first * PX}px`],
      [`--h${level}-line`, look.underline ? 'underline' : 'none'],
      [`--h${level}-caps`, look.smallCaps ? 'small-caps' : 'normal'],
    ]),
  ),
)
/** The text's own measures, and those of block quotations. */
const measures = computed(() => {
  const { body, quotation } = looks.value
  return {
    '--indent': `${body.first * PX}px`, '--leading': body.leading, '--after': `${body.after * PX}px`,
    '--quotation-leading': quotation.leading, '--quotation-left': `${quotation.left * PX}px`,
    '--quotation-before': `${quotation.before * PX}px`, '--quotation-after': `${quotation.after * PX}px`,
  }
})
const runIn = computed(() => store.style.page.headings.flatMap((form, i) => (form.runIn ? [`run-in-${i + 1}`] : [])))
</script>

<template>
  <div class="mx-auto flex max-w-[1180px] justify-center gap-7 px-3 pt-5 sm:px-6 xl:justify-start">
    <div class="w-full max-w-[760px] min-w-0">
      <WriteSheetTools
        :paper="paper"
        :finding="finding"
        @cite="editor?.view.focus(); openPicker()"
        @passages="togglePassages"
        @note="addNote"
        @picture="pasting.takePicture($event)"
        @find="finding = true"
        @draft="draft = $event"
        @states="states = true"
        @keys="keys = true"
        @headings="outline = true"
      >
        <WriteMarksLeft
          v-if="editor"
          :editor="(editor as Editor)"
        />
        <WriteFindLine
          v-if="finding && editor"
          :editor="(editor as Editor)"
          @note="foundNote = $event"
          @close="finding = false; editor?.view.focus()"
        />
      </WriteSheetTools>
      <article
        ref="sheet"
        class="sheet border border-t-0 border-rule bg-leaf px-6 pt-10 pb-24 sm:px-[76px]"
        :class="runIn"
        :style="{ ...headings, ...measures }"
        @click="pick"
        @keyup="passagesOpen && look()"
        @mouseup="passagesOpen && look()"
      >
        <h1
          class="mb-1 text-center font-page text-page"
          :class="store.style.page.titleBold && 'font-bold'"
        >
          {{ store.paper?.title }}
        </h1>
        <EditorContent :editor="editor" />
        <WriteNotesAtFoot
          ref="foot"
          :paper="paper"
          :found="foundNote"
        />
      </article>
    </div>
    <div class="max-xl:contents xl:flex xl:w-[330px] xl:shrink-0 xl:flex-col">
      <WriteMarginCards
        class="flex-1"
        :editor="paper"
        :sheet="sheet"
      />
      <WriteMarginPassages
        :open="passagesOpen"
        :near="near"
        @put="put"
        @toggle="togglePassages"
      />
    </div>
    <PartsDrawer
      v-if="narrow && selected && written.citationPlaces.has(selected)"
      data-drawer
      label="This citation"
      :focus="false"
      @close="selected = undefined"
    >
      <p
        v-if="stray"
        class="pb-1 text-small text-madder"
      >
        Not in its passage: “{{ stray }}”
      </p>
      <WriteCitationCard
        :id="selected"
        :key="selected"
        :editor="paper"
        @done="selected = undefined"
      >
        <PartsButton @click="selected = undefined">
          Done
        </PartsButton>
      </WriteCitationCard>
    </PartsDrawer>
    <WriteCitePicker
      v-if="picker"
      :at="picker"
      :place="picker.place"
      :near="near"
      :again="picker.again"
      @insert="insert"
      @close="close"
    />
    <LazyWriteEarlierStates
      v-if="states"
      @close="states = false"
    />
    <LazyWriteHeadingsList
      v-if="outline && editor"
      :editor="(editor as Editor)"
      @close="outline = false"
    />
    <LazyWriteDraftDialog
      v-if="draft"
      :file="draft"
      @close="draft = undefined"
    />
    <LazyWriteShortcutSheet
      v-if="keys"
      open
      @close="keys = false"
    />
  </div>
</template>

<style scoped src="./paper-sheet.css"></style>
