<script setup lang="ts">
/** A page with nothing of Dendle in it: what the framework itself weighs and takes (`npm run bench:views`). */
definePageMeta({ middleware: 'workshop' })
const counted = ref(0)
</script>

<template>
  <main>
    <button
      type="button"
      @click="counted++"
    >
      Count
    </button>
    <p>{{ counted }} counted</p>
  </main>
</template>
