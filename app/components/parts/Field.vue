<script setup lang="ts">
/**
 * A line to write on. `rows` makes it several; `label` stands over it, or beside it; `unit` behind a number. A hint says
 * what is meant, a complaint what is wrong, and both are read out with it. What else is given goes to the field itself.
 */
defineOptions({ inheritAttrs: false })
const props = defineProps<{
  modelValue?: string | number | undefined
  label?: string
  beside?: boolean
  rows?: number | string
  unit?: string
  type?: string
  hint?: string
  complaint?: string
  look?: 'line' | 'bare'
  lazy?: boolean
  fieldClass?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const attrs = useAttrs()
const id = useId()
const el = useTemplateRef<HTMLInputElement & HTMLTextAreaElement>('el')
defineExpose({ el, focus: (options?: FocusOptions) => el.value?.focus(options), select: () => el.value?.select() })
const framed = computed(() => Boolean(props.label || props.unit || props.hint || props.complaint))
/** What else is given goes to the field itself; a class goes to the whole where there is a label around it. */
const own = computed(() => {
  const { class: _, ...rest } = attrs
  return rest
})
const bound = computed(() => ({
  'type': props.rows ? undefined : (props.type ?? 'text'),
  'rows': props.rows,
  'value': props.modelValue ?? '',
  'class': [
    props.look === 'bare' ? 'bare-line' : 'line',
    props.rows && 'resize-none',
    props.fieldClass,
    !framed.value && (attrs.class as string),
  ],
  'aria-invalid': props.complaint ? true : undefined,
  'aria-describedby': props.hint || props.complaint ? `${id}-says` : undefined,
}))
/** A composed letter (an accent, a syllable) is given when it is whole. */
function enter(event: Event) {
  if (!props.lazy && !(event as InputEvent).isComposing) emit('update:modelValue', (event.target as HTMLInputElement).value)
}
/** On leaving: what is given only then (`lazy`). */
const settle = (event: Event) => props.lazy && emit('update:modelValue', (event.target as HTMLInputElement).value)
</script>

<template>
  <label
    v-if="framed"
    :class="[beside ? 'flex items-baseline gap-2' : 'block', attrs.class]"
  >
    <span
      v-if="label"
      class="shrink-0 text-fine text-soft"
    >{{ label }}</span>
    <component
      :is="rows ? 'textarea' : 'input'"
      ref="el"
      v-bind="{ ...bound, ...own }"
      @input="enter"
      @change="settle"
      @compositionend="enter"
    />
    <span
      v-if="unit"
      class="shrink-0 text-soft"
    >{{ unit }}</span>
    <span
      v-if="complaint || hint"
      :id="`${id}-says`"
      class="block text-fine"
      :class="complaint ? 'text-madder' : 'text-soft'"
    >{{ complaint || hint }}</span>
  </label>
  <component
    :is="rows ? 'textarea' : 'input'"
    v-else
    ref="el"
    v-bind="{ ...bound, ...own }"
    @input="enter"
    @change="settle"
    @compositionend="enter"
  />
</template>
