<script setup lang="ts">
const saving = useSaving()
const clock = computed(() => saving.savedAt?.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }) ?? '')
const words = computed(
  () =>
    ({
      saved: clock.value ? `Saved ${clock.value}` : 'Saved',
      waiting: 'Saving…',
      saving: 'Saving…',
      offline: saving.problem ? 'Kept in this browser' : 'Offline: kept in this browser',
      conflict: 'Changed in another tab',
      refused: 'Not all is saved',
      gone: 'Not saved',
    })[saving.state],
)
const troubled = computed(() => saving.unkept || ['offline', 'conflict', 'refused', 'gone'].includes(saving.state))
</script>

<template>
  <span
    class="shrink-0 text-small"
    :class="troubled ? 'max-w-40 truncate font-semibold text-madder sm:max-w-none' : 'text-soft max-sm:hidden'"
    role="status"
    :title="saving.problem || undefined"
    data-testid="save-state"
  ><ClientOnly><template v-if="saving.unkept">Not saved, and this browser keeps no copy: leave this page open</template><template v-else>{{ words }}<template v-if="saving.problem">: {{ saving.problem }}</template></template></ClientOnly></span>
</template>
