<script setup lang="ts">
import type { ShownFinding } from '~/stores/findings'

/** A finding in the margin: in a few words until it is opened, then its sentence and what can be done. */
defineProps<{ finding: ShownFinding, open: boolean }>()
const emit = defineEmits<{ toggle: [], show: [], fix: [], leave: [] }>()
</script>

<template>
  <div>
    <PartsButton
      kind="bare"
      class="block w-full text-left text-plain text-madder"
      :aria-expanded="open"
      @click="emit('toggle')"
    >
      {{ finding.brief }}
    </PartsButton>
    <template v-if="open">
      <p class="text-plain leading-5">
        {{ finding.says }} <span class="text-small text-soft">{{ finding.source }}</span>
      </p>
      <p
        v-if="finding.fix?.shows"
        class="font-page text-body text-verdigris"
      >
        {{ finding.fix.shows.replace(/<[^>]+>/gu, '') }}
      </p>
      <p class="flex flex-wrap gap-x-4 text-plain">
        <PartsButton
          v-if="finding.fix"
          @click="emit('fix')"
        >
          {{ finding.fix.label }}
        </PartsButton>
        <PartsButton
          kind="quiet"
          @click="emit('leave')"
        >
          Leave it
        </PartsButton>
        <PartsButton
          kind="quiet"
          @click="emit('show')"
        >
          Show it
        </PartsButton>
      </p>
    </template>
  </div>
</template>
