<script setup lang="ts">
/** Something on its way: what it is, how far it is where that is known, and a way to give it up where there is one. */
defineProps<{ says: string, done?: number | undefined, stop?: string }>()
const emit = defineEmits<{ stop: [] }>()
</script>

<template>
  <div
    class="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-1"
    role="status"
  >
    <span>{{ says }}…</span>
    <progress
      class="progress min-w-24 flex-1"
      max="1"
      :value="done || undefined"
      :aria-label="says"
    />
    <PartsButton
      v-if="stop"
      kind="quiet"
      @click="emit('stop')"
    >
      {{ stop }}
    </PartsButton>
  </div>
</template>
