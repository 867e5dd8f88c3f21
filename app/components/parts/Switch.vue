<script setup lang="ts" generic="T extends string">
import { RadioGroup, RadioGroupOption } from '@headlessui/vue'

/** Which of a few is shown or meant: words in a row, the one that holds in bold. */
defineProps<{ label: string, options: readonly (readonly [value: T, word: string])[] }>()
const model = defineModel<T>({ required: true })
</script>

<template>
  <RadioGroup
    v-model="model"
    :aria-label="label"
    class="flex flex-wrap gap-x-5 gap-y-1"
  >
    <RadioGroupOption
      v-for="[value, word] in options"
      :key="value"
      v-slot="{ checked }"
      :value="value"
      as="template"
    >
      <span
        class="cursor-pointer"
        :class="checked ? 'font-bold' : 'text-soft hover:text-ink'"
      >{{ word }}</span>
    </RadioGroupOption>
  </RadioGroup>
</template>
