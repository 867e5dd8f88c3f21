<script setup lang="ts">
import { findingsOf } from '~/utils/findings'
import { count } from '~/utils/words'

const store = usePaper()
const composed = useComposition()
const owned = useSources()
const look = computed(() => owned.sources.filter(s => findingsOf(s, store.style).some(f => f.serious)).length)
const uncited = computed(() => owned.sources.filter(s => !composed.citedTimes.has(s.id) && !s.listed).length)
</script>

<template>
  <div class="mx-auto max-w-[720px] px-6 pt-10 pb-24">
    <h1 class="view-title mb-4">
      Check
    </h1>
    <p>
      Here a careful marker’s circles will stand: citations, quotations, list, source details and page, each with the rule and a fix. Dendle does not read papers that way yet, so this page finds nothing and says nothing is right or wrong.
    </p>
    <p
      v-if="look || uncited"
      class="mt-4 text-soft"
    >
      What is already known stands on the slips: {{ [look && `${count(look, 'source')} with something missing`, uncited && `${count(uncited, 'source')} not cited`].filter(Boolean).join(', ') }}.
      <NuxtLink
        :to="`/papers/${store.paper?.id}/gather`"
        class="act"
      >
        See them in Gather
      </NuxtLink>
    </p>
  </div>
</template>
