<script setup lang="ts">
import { FIELDS, type FieldName } from '~~/core/source/fields'
import { readNames, writeName, type Name } from '~~/core/source/names'
import { readDate, writeDate, type SourceDate } from '~~/core/source/dates'
import { MAX_FIELD } from '~~/core/source/model'
import { readLine } from '~~/core/intake/line'

/** One field as a line to write on. What is typed stays as typed while it is being typed; what was read shows beside it. */
const props = defineProps<{ name: FieldName, value: string | Name[] | SourceDate | undefined, hint?: string, wide?: boolean, required?: boolean }>()
const emit = defineEmits<{ change: [value: string | Name[] | SourceDate | undefined], focus: [], blur: [] }>()
const spec = computed(() => FIELDS[props.name])
const written = (value: typeof props.value): string => value === undefined ? '' : typeof value === 'string' ? value : Array.isArray(value) ? value.map(writeName).join('; ') : writeDate(value)
const typed = ref(written(props.value))
let own = JSON.stringify(props.value)
watch(() => props.value, (value) => {
  if (JSON.stringify(value) === own) return
  own = JSON.stringify(value)
  typed.value = written(value)
})
function read(text: string) {
  if (spec.value.type === 'names') return text.trim() ? readNames(text) : undefined
  if (spec.value.type === 'date') return readDate(text)
  if (props.name === 'doi') return text.trim() ? readLine(text).fields.doi ?? text : undefined
  return text === '' ? undefined : text
}
function input(event: Event) {
  typed.value = (event.target as HTMLInputElement).value
  const value = read(typed.value)
  own = JSON.stringify(value)
  emit('change', value)
}
const understood = computed(() => {
  const { value } = props
  if (Array.isArray(value) && value.length) {
    const people = value.filter(n => !n.literal).length
    const groups = value.length - people
    return [people && (people === 1 ? 'a person' : `${people} people`), groups && (groups === 1 ? 'a group' : `${groups} groups`)].filter(Boolean).join(', ')
  }
  if (spec.value.type === 'date' && value && !Array.isArray(value) && typeof value === 'object' && value.literal) return 'kept in words'
  return ''
})
const placeholder = computed(() => spec.value.type === 'names' ? 'Surname, Given; Surname, Given' : spec.value.type === 'date' ? '2021, or 14 March 2023' : '')
const long = computed(() => spec.value.type === 'text' && typed.value.length > 90)
</script>

<template>
  <label class="field relative block">
    <span class="flex items-baseline justify-between gap-2 text-[12.5px] text-soft">
      <span class="shrink-0">{{ spec.label }}</span>
      <span class="truncate">{{ understood || hint }}</span>
    </span>
    <component
      :is="long ? 'textarea' : 'input'"
      :value="typed"
      :aria-label="spec.label"
      :aria-description="hint"
      :rows="long ? Math.min(8, Math.ceil(typed.length / 62)) : undefined"
      class="line resize-none"
      :placeholder="placeholder"
      :maxlength="MAX_FIELD"
      autocomplete="off"
      spellcheck="false"
      dir="auto"
      @input="input"
      @focus="emit('focus')"
      @blur="emit('blur')"
    />
  </label>
</template>
