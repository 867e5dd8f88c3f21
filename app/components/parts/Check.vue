<script setup lang="ts">
/** A yes or no beside its words. Without words, what it is about is said by `aria-label`. */
defineOptions({ inheritAttrs: false })
defineProps<{ modelValue?: boolean, spread?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [value: boolean] }>()
const attrs = useAttrs()
const own = computed(() => ({ ...attrs, class: undefined }))
const slots = useSlots()
const choose = (event: Event) => emit('update:modelValue', (event.target as HTMLInputElement).checked)
</script>

<template>
  <label
    v-if="slots.default"
    class="flex items-baseline gap-2"
    :class="attrs.class"
  ><input
    type="checkbox"
    class="accent-verdigris"
    v-bind="own"
    :checked="modelValue"
    @change="choose"
  ><span :class="spread && 'flex flex-1 justify-between gap-2'"><slot /></span></label>
  <input
    v-else
    type="checkbox"
    class="accent-verdigris"
    v-bind="attrs"
    :checked="modelValue"
    @change="choose"
  >
</template>
