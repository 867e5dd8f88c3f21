<script setup lang="ts">
import type { Editor } from '@tiptap/vue-3'
import { countOf } from '~~/core/text/words'
import { count } from '~/utils/words'

/** The paper's headings, to go to one; with how many words stand under each. */
const props = defineProps<{ editor: Editor }>()
const emit = defineEmits<{ close: [] }>()
interface Row { pos: number, level: number, words: string, under: number }
const rows = computed(() => {
  const out: Row[] = []
  props.editor.state.doc.forEach((node, pos) => {
    if (node.type.name === 'heading') out.push({ pos, level: Number(node.attrs.level), words: node.textContent, under: 0 })
    else if (out.length) out.at(-1)!.under += countOf(node.textBetween(0, node.content.size, ' ', ' '))
  })
  return out
})
async function go({ pos }: Row) {
  emit('close')
  await nextTick()
  props.editor.chain().focus().setTextSelection(pos + 1).run()
  const dom = props.editor.view.nodeDOM(pos)
  if (dom instanceof Element) window.scrollTo({ top: dom.getBoundingClientRect().top + window.scrollY - 150 })
}
</script>

<template>
  <PartsDialog
    :open="true"
    title="Headings"
    @close="emit('close')"
  >
    <ul
      v-if="rows.length"
      class="max-h-[60vh] overflow-auto"
    >
      <li
        v-for="row in rows"
        :key="row.pos"
      >
        <PartsButton
          kind="bare"
          class="flex w-full items-baseline gap-4 py-1 text-left hover:bg-tint"
          :style="{ paddingLeft: `${(row.level - 1) * 20}px` }"
          @click="go(row)"
        >
          <span
            class="min-w-0 flex-1 font-page text-page-small"
            :class="row.level === 1 && 'font-bold'"
          >{{ row.words || 'A heading without words' }}</span>
          <span class="shrink-0 text-small text-soft">{{ count(row.under, 'word') }}</span>
        </PartsButton>
      </li>
    </ul>
    <p
      v-else
      class="text-soft"
    >
      None yet. Choose “Heading” where it says “Paragraph” above the sheet, or Ctrl Alt 1 to 5: the style sets each level.
    </p>
  </PartsDialog>
</template>
