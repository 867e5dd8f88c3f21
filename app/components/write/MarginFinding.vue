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
      <CheckFindingSays :finding="finding" />
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
