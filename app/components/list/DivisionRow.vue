<script setup lang="ts">
/** A heading that divides the list: renamed where it stands, moved up and down, taken out. */
defineProps<{ words: string, place: number, of: number }>()
const emit = defineEmits<{ rename: [words: string], order: [by: -1 | 1], dropOut: [] }>()
</script>

<template>
  <div class="flex items-baseline gap-4 bg-leaf px-5 pt-2 font-page text-page font-bold sm:px-12">
    <PartsField
      look="bare"
      class="grow"
      field-class="w-full font-bold hover:underline hover:decoration-rule"
      :model-value="words"
      aria-label="A heading of the list"
      rest
      maxlength="200"
      @update:model-value="emit('rename', $event)"
    />
    <span class="tools flex gap-3 font-ui text-small font-normal">
      <PartsButton
        kind="quiet"
        :aria-label="`Move “${words}” up`"
        :disabled="place < 1"
        @click="emit('order', -1)"
      >up</PartsButton>
      <PartsButton
        kind="quiet"
        :aria-label="`Move “${words}” down`"
        :disabled="place === of - 1"
        @click="emit('order', 1)"
      >down</PartsButton>
      <PartsButton
        kind="quiet"
        :aria-label="`Take the heading “${words}” out`"
        @click="emit('dropOut')"
      >take out</PartsButton>
    </span>
  </div>
</template>

<style scoped>
.tools { opacity: 0; }
div:hover > .tools, div:focus-within > .tools { opacity: 1; }
@media (hover: none) { .tools { opacity: 1; } }
</style>
