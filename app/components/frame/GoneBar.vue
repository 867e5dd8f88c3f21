<script setup lang="ts">
import { plainText } from '~~/core/sheet/walking'
import { download } from '~/utils/clipboard'

/** The paper was taken off the Desk in another window, with words here that it has not: it comes back, or they go along. */
const saving = useSaving()
const store = usePaper()
const written = useText()
const notices = useNotices()
const putBack = () => notices.attempt(async () => {
  await saving.current?.putBack()
  notices.say('The paper is back on the Desk, with what was written here.')
})
function takeAlong() {
  saving.settle()
  download(`${store.paper?.title.slice(0, 80) ?? 'paper'}.txt`, plainText(written.body), 'text/plain')
}
</script>

<template>
  <div
    v-if="saving.state === 'gone'"
    role="alert"
    class="sticky top-[52px] z-30 flex flex-wrap items-baseline gap-x-5 gap-y-1 border-b border-rule border-l-[3px] border-l-madder bg-leaf px-6 py-3"
  >
    <p class="min-w-0 flex-1 basis-80">
      <b>This paper was taken off the Desk in another window.</b> What you have written here is safe in this browser.
    </p>
    <PartsButton @click="putBack">
      Put it back
    </PartsButton>
    <PartsButton
      kind="quiet"
      @click="takeAlong"
    >
      Take its words along
    </PartsButton>
  </div>
</template>
