<script setup lang="ts">
/** One of many in a closed box. The native one on purpose: on a phone, with a screen reader and by typing there is no better. */
withDefaults(
  defineProps<{
    modelValue?: string | undefined
    look?: 'plain' | 'line'
    options?: readonly (readonly [value: string, word: string])[]
  }>(),
  { look: 'plain', options: () => [] },
)
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const choose = (event: Event) => emit('update:modelValue', (event.target as HTMLSelectElement).value)
</script>

<template>
  <select
    :value="modelValue"
    :class="look === 'line' ? 'line' : 'border-0 bg-transparent'"
    @change="choose"
  >
    <slot />
    <option
      v-for="[value, word] in options"
      :key="value"
      :value="value"
    >
      {{ word }}
    </option>
  </select>
</template>
