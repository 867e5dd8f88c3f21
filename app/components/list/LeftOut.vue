<script setup lang="ts">
import type { PaperSource } from '~/stores/sources'

/** Works that the text cites and the writer keeps out of the list: never out of sight, and put back from here. */
defineProps<{ sources: readonly PaperSource[], places: ReadonlyMap<string, readonly { citation: string, begins: string }[]> }>()
const emit = defineEmits<{ putBack: [ids: string[]] }>()
const store = usePaper()
const composed = useComposition()
</script>

<template>
  <section
    class="px-1 pt-6 text-plain"
    aria-labelledby="left-out"
  >
    <p class="text-soft">
      <span id="left-out">Left out, though the text cites {{ sources.length === 1 ? 'it' : 'them' }}:</span>
      <PartsButton
        v-if="sources.length > 1"
        class="ml-4"
        @click="emit('putBack', sources.map(one => one.id))"
      >
        Put all back
      </PartsButton>
    </p>
    <ul>
      <li
        v-for="one in sources"
        :key="one.id"
        class="flex items-baseline gap-x-4"
      >
        <b class="shrink-0">{{ composed.nameOf(one.id) }}</b>
        <NuxtLink
          v-for="place in places.get(one.id)?.slice(0, 1)"
          :key="place.citation"
          :to="`/papers/${store.paper?.id}/write?cited=${place.citation}`"
          class="truncate text-soft hover:text-verdigris hover:underline"
        >
          {{ place.begins }} …
        </NuxtLink>
        <PartsButton
          class="shrink-0"
          @click="emit('putBack', [one.id])"
        >
          Put it back
        </PartsButton>
      </li>
    </ul>
  </section>
</template>
