<script setup lang="ts">
import type { NuxtError } from '#app'

const props = defineProps<{ error: NuxtError }>()
const lost = computed(() => props.error.status === 404)
const says = computed(() => (props.error.data as { says?: string } | undefined)?.says)
useHead({ title: () => (lost.value ? 'Not found' : 'Something went wrong') })
</script>

<template>
  <main class="mx-auto max-w-xl px-6 py-24">
    <h1 class="view-title mb-3">
      {{ lost ? 'There is nothing at this address' : 'Dendle could not show this' }}
    </h1>
    <p
      v-if="says && !lost"
      class="mb-3"
    >
      {{ says }}
    </p>
    <p class="mb-6 text-soft">
      {{ lost ? 'The paper may have been removed, or the address mistyped. Your papers are all on the Desk.' : 'What was saved is safe. Going back to the Desk and opening the paper again usually helps.' }}
    </p>
    <!-- A link of the page itself: it leads home before the scripts are there, and when they fail. -->
    <a
      class="act-solid inline-block"
      href="/"
    >Go to the Desk</a>
  </main>
</template>
