<script setup lang="ts" generic="T extends string">
import { RadioGroup, RadioGroupOption } from '@headlessui/vue'

/** One of a few, each shown as it would look: a column of them, or side by side. */
defineProps<{ label: string, options: readonly T[], row?: boolean }>()
const model = defineModel<T>({ required: true })
defineSlots<{ default: (given: { option: T, chosen: boolean }) => unknown }>()
</script>

<template>
  <RadioGroup
    v-model="model"
    :aria-label="label"
    :class="row && 'grid gap-x-4 sm:grid-cols-[repeat(auto-fit,minmax(0,1fr))] sm:grid-flow-col'"
  >
    <RadioGroupOption
      v-for="option in options"
      :key="option"
      v-slot="{ checked }"
      :value="option"
      as="template"
    >
      <div
        class="cursor-pointer px-2 py-1 text-left"
        :class="checked ? 'bg-tint text-verdigris' : 'hover:bg-tint'"
      >
        <slot
          :option="option"
          :chosen="checked"
        />
      </div>
    </RadioGroupOption>
  </RadioGroup>
</template>
