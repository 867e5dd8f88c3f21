<script setup lang="ts">
const store = usePaper()
const notices = useNotices()
const when = computed(() => store.conflict ? new Date(store.conflict.updatedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }) : '')
const decide = (keep: 'mine' | 'theirs') => notices.attempt(async () => {
  await store.decide(keep)
  notices.say(keep === 'mine' ? 'This tab’s text is kept. The other is in the paper’s snapshots.' : 'The other tab’s text is here now. This one is in the paper’s snapshots.')
})
</script>

<template>
  <div
    v-if="store.conflict"
    role="alert"
    class="flex flex-wrap items-baseline gap-x-5 gap-y-1 border-b border-rule border-l-[3px] border-l-madder bg-leaf px-6 py-3"
  >
    <p class="min-w-0 flex-1 basis-80">
      <b>This paper was changed in another tab at {{ when }}.</b> Both texts are safe. Choose the one to go on with; the other is kept as a snapshot.
    </p>
    <button
      class="act"
      @click="decide('mine')"
    >
      Go on with this tab’s
    </button>
    <button
      class="act"
      @click="decide('theirs')"
    >
      Take the other
    </button>
  </div>
</template>
