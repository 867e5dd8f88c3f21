<script setup lang="ts">
const notices = useNotices()
async function act(id: number, run: () => unknown) {
  notices.dismiss(id)
  await notices.attempt(async () => run())
}
</script>

<template>
  <div
    class="pointer-events-none fixed inset-x-0 bottom-[70px] z-50 flex flex-col items-center gap-2 px-4 sm:bottom-4 sm:left-[76px] sm:items-start"
    role="status"
    aria-live="polite"
  >
    <div
      v-for="notice in notices.list"
      :key="notice.id"
      class="leaf-raised pointer-events-auto flex max-w-xl items-baseline gap-4 border-l-[3px] px-4 py-2"
      :class="notice.bad ? 'border-l-madder' : 'border-l-verdigris'"
    >
      <span>{{ notice.text }}</span>
      <button
        v-if="notice.action"
        class="act shrink-0"
        @click="act(notice.id, notice.action.run)"
      >
        {{ notice.action.label }}
      </button>
      <button
        class="quiet shrink-0"
        aria-label="Close this message"
        @click="notices.dismiss(notice.id)"
      >
        Close
      </button>
    </div>
  </div>
</template>
