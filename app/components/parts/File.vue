<script setup lang="ts">
/** Files to be chosen. Not seen itself: another part opens it by `open()`. The same file can be chosen twice in a row. */
defineProps<{ label: string, accept: string, multiple?: boolean }>()
const emit = defineEmits<{ files: [files: File[]] }>()
const el = useTemplateRef<HTMLInputElement>('el')
defineExpose({ open: () => el.value?.click() })
function give() {
  const files = [...(el.value?.files ?? [])]
  if (files.length) emit('files', files)
  if (el.value) el.value.value = ''
}
</script>

<template>
  <input
    ref="el"
    type="file"
    class="sr-only"
    tabindex="-1"
    :aria-label="label"
    :accept="accept"
    :multiple="multiple"
    @change="give"
  >
</template>
