<script setup lang="ts">
import type { PaperSource } from '~/stores/sources'
import { count } from '~/utils/words'

/** The passages taken from one source. */
const props = defineProps<{ source: PaperSource }>()
const passages = usePassages()
const notices = useNotices()
const list = computed(() => passages.of(props.source.id))
const root = useTemplateRef<HTMLElement>('root')
async function settle(id: string | undefined) {
  if (!id) return
  await nextTick()
  root.value?.querySelector<HTMLElement>(`[data-passage="${id}"] textarea`)?.focus()
}
const write = () =>
  notices.attempt(async () =>
    settle((await passages.take(props.source.id, { form: 'quotation', words: '', original: '', locator: '', comment: '', tags: [] })).id),
  )
const paste = () => notices.attempt(async () => {
  try { await settle((await passages.takeFromClipboard(props.source.id))?.id) }
  catch (error) {
    // A browser that keeps its clipboard to itself: an empty passage to paste into does as well.
    if ((error as Error).name !== 'NotAllowedError') throw error
    await write()
    notices.say('This browser keeps its clipboard to itself: paste the words into the new passage.')
  }
})
</script>

<template>
  <section
    ref="root"
    class="mt-6 border-t border-rule pt-3"
    aria-label="Passages from this source"
  >
    <div class="flex flex-wrap items-baseline gap-x-6 gap-y-1">
      <h2 class="font-semibold">
        {{ list.length ? count(list.length, 'passage') : 'Passages' }}
      </h2>
      <PartsButton @click="paste">
        Take from the clipboard
      </PartsButton>
      <PartsButton @click="write">
        Write one
      </PartsButton>
      <span
        v-if="!list.length"
        class="text-plain text-soft"
      >Words or ideas you may use, with their page, so that nothing is quoted from memory.</span>
    </div>
    <ul v-if="list.length">
      <GatherPassageCard
        v-for="passage in list"
        :key="passage.id"
        :passage="passage"
      />
    </ul>
  </section>
</template>
