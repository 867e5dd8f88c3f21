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
    <PartsToast
      v-for="notice in notices.list"
      :key="notice.id"
      :text="notice.text"
      :bad="notice.bad ?? false"
      :action="notice.action?.label ?? ''"
      @act="act(notice.id, notice.action!.run)"
      @close="notices.dismiss(notice.id)"
    />
  </div>
</template>
