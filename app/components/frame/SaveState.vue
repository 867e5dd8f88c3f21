<script setup lang="ts">
const store = usePaper()
const clock = computed(() => store.savedAt?.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }) ?? '')
const words = computed(() => ({
  saved: clock.value ? `Saved ${clock.value}` : 'Saved', waiting: 'Saving…', saving: 'Saving…', offline: store.saveProblem ? 'Kept in this browser' : 'Offline: kept in this browser',
  conflict: 'Changed in another tab', refused: 'Not saved',
})[store.saveState])
const troubled = computed(() => ['offline', 'conflict', 'refused'].includes(store.saveState))
</script>

<template>
  <span
    class="shrink-0 text-[13px]"
    :class="troubled ? 'max-w-40 truncate font-semibold text-madder sm:max-w-none' : 'text-soft max-sm:hidden'"
    role="status"
    :title="store.saveProblem || undefined"
    data-testid="save-state"
  ><ClientOnly>{{ words }}<template v-if="store.saveProblem">: {{ store.saveProblem }}</template></ClientOnly></span>
</template>
