<script setup lang="ts">
const store = usePaper()
const written = useText()
const notices = useNotices()
const beside = ref(false)
const when = computed(() =>
  store.conflict ? new Date(store.conflict.updatedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }) : '',
)
const decide = (keep: 'mine' | 'theirs') => notices.attempt(async () => {
  await store.decide(keep)
  beside.value = false
  notices.say(
    keep === 'mine'
      ? 'This tab’s text is kept. The other is among the earlier states.'
      : 'The other tab’s text is here now. This one is among the earlier states.',
  )
})
</script>

<template>
  <div
    v-if="store.conflict"
    role="alert"
    class="sticky top-[52px] z-30 border-b border-rule border-l-[3px] border-l-madder bg-leaf px-6 py-3"
  >
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <p class="min-w-0 flex-1 basis-80">
        <b>This paper was changed in another tab at {{ when }}.</b> Both texts are safe. Choose the one to go on with; the other is kept as an earlier state.
      </p>
      <PartsButton
        :aria-expanded="beside"
        @click="beside = !beside"
      >
        {{ beside ? 'Fold' : 'See both' }}
      </PartsButton>
      <PartsButton @click="decide('mine')">
        Go on with this tab’s
      </PartsButton>
      <PartsButton @click="decide('theirs')">
        Take the other
      </PartsButton>
    </div>
    <div
      v-if="beside"
      class="mt-3 max-h-[50vh] overflow-auto border-t border-rule pt-3"
    >
      <LazyWriteComparedText
        :before="store.conflict.body"
        :after="written.body"
        :beside="['The other tab’s', 'This tab’s']"
      />
    </div>
  </div>
</template>
