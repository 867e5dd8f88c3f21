<script setup lang="ts">
/** What happened, said once, with a way back where there is one. */
defineProps<{ text: string, bad?: boolean, action?: string }>()
const emit = defineEmits<{ act: [], close: [] }>()
</script>

<template>
  <div
    class="leaf-raised pointer-events-auto flex max-w-xl items-baseline gap-4 border-l-[3px] px-4 py-2"
    :class="bad ? 'border-l-madder' : 'border-l-verdigris'"
  >
    <span class="min-w-0 break-words">{{ text }}</span>
    <PartsButton
      v-if="action"
      class="shrink-0"
      @click="emit('act')"
    >
      {{ action }}
    </PartsButton>
    <PartsButton
      kind="quiet"
      class="shrink-0"
      aria-label="Close this message"
      @click="emit('close')"
    >
      Close
    </PartsButton>
  </div>
</template>
