<script setup lang="ts">
import type { ShownFinding } from '~/stores/findings'

/** What is the matter and where that is written, and what the words would be. */
defineProps<{ finding: ShownFinding }>()
</script>

<template>
  <div>
    <p class="text-plain leading-5">
      {{ finding.says }} <span class="text-small text-soft">{{ finding.source }}</span>
    </p>
    <p
      v-if="finding.fix?.shows"
      class="font-page text-body text-verdigris"
    >
      {{ finding.fix.shows.replace(/<[^>]+>/gu, '') }}
    </p>
  </div>
</template>
