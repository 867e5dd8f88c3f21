<script setup lang="ts">
import { FIELDS, RICH_FIELDS, type FieldName } from '~~/core/source/fields'
import type { Name } from '~~/core/source/names'
import { readDate, writeDate, type SourceDate } from '~~/core/source/dates'
import { isDoi, tidyDoi } from '~~/core/intake/identifiers'
import { MAX_FIELD } from '~~/core/source/model'
import { fromEditable } from '~~/core/text/protection'
import { written } from '~/utils/written'

/** One field as a line to write on. What is typed stays as typed while it is being typed; what was read shows beside it. */
const props = defineProps<{
  name: FieldName
  label: string
  value: string | Name[] | SourceDate | undefined
  hint?: string | undefined
  required?: boolean
  lit?: boolean
}>()
const emit = defineEmits<{ change: [value: string | SourceDate | undefined], focus: [], blur: [] }>()
const spec = computed(() => FIELDS[props.name])
const typed = ref(written(props.value))
let own = JSON.stringify(props.value)
watch(() => props.value, (value) => {
  if (JSON.stringify(value) === own) return
  own = JSON.stringify(value)
  typed.value = written(value)
})
function read(text: string) {
  if (spec.value.type === 'date') return readDate(text)
  if (text === '') return undefined
  // A DOI pasted with its resolver is the DOI; anything that is none stays as typed, for the finding to name.
  if (props.name === 'doi') return isDoi(tidyDoi(text)) && !/\s/u.test(text.trim()) ? tidyDoi(text) : text
  return RICH_FIELDS.has(props.name) ? fromEditable(text, typeof props.value === 'string' ? props.value : '') : text
}
/** A line is one line: what was pasted in several is one. */
function input(given: string) {
  const text = given.replace(/[\r\n]+/gu, ' ')
  typed.value = text
  const value = read(text)
  own = JSON.stringify(value)
  emit('change', value)
}
const understood = computed(() => {
  const { value } = props
  if (spec.value.type !== 'date' || !typed.value.trim()) return ''
  if (!value || typeof value === 'string' || Array.isArray(value)) return 'no date'
  const said = writeDate(value)
  return !value.start ? 'kept in words' : said === typed.value.trim() ? '' : `read as ${said}`
})
/** A text may be long: its field is of several lines from the beginning, and as high as it must be. */
const lines = computed(() => (spec.value.type === 'text' ? Math.max(1, Math.min(8, Math.ceil(typed.value.length / (typed.value.length > 90 ? 62 : 90)))) : undefined))
</script>

<template>
  <label
    class="field relative block"
    :class="lit && 'lit'"
  >
    <span class="flex items-baseline justify-between gap-2 text-fine text-soft">
      <span class="shrink-0">{{ label }}</span>
      <span
        class="truncate"
        :title="hint"
      >{{ understood || hint }}</span>
    </span>
    <PartsField
      :model-value="typed"
      :aria-label="label"
      :aria-description="hint"
      :aria-required="required"
      :data-field="name"
      :rows="lines"
      :placeholder="spec.type === 'date' ? '2021, or 14 March 2023' : ''"
      :maxlength="MAX_FIELD"
      autocomplete="off"
      spellcheck="false"
      dir="auto"
      @keydown.enter.prevent
      @update:model-value="input"
      @focus="emit('focus')"
      @blur="emit('blur')"
    />
  </label>
</template>

<style scoped>
.lit :deep(.line) { background: var(--wash); }
</style>
