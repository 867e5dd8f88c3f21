<script setup lang="ts">
/** A view with nothing in it yet: what is missing, and how to begin. */
defineProps<{ title: string }>()
</script>

<template>
  <div class="max-w-xl py-10">
    <p class="font-title text-head">
      {{ title }}
    </p>
    <div class="mt-2 text-soft">
      <slot />
    </div>
  </div>
</template>
