<script setup lang="ts">
/**
 * A line to write on. `rows` makes it several; `label` stands over it, or beside it; `unit` behind a number. A hint says
 * what is meant, a complaint what is wrong, and both are read out with it. What else is given goes to the field itself.
 */
defineOptions({ inheritAttrs: false })
const props = defineProps<{ label?: string, beside?: boolean, rows?: number | string, unit?: string, type?: string, hint?: string, complaint?: string, look?: 'line' | 'bare', lazy?: boolean }>()
const model = defineModel<string | number>()
const attrs = useAttrs()
const id = useId()
const el = useTemplateRef<HTMLInputElement & HTMLTextAreaElement>('el')
defineExpose({ el, focus: (options?: FocusOptions) => el.value?.focus(options), select: () => el.value?.select() })
const framed = computed(() => Boolean(props.label || props.unit || props.hint || props.complaint))
const own = computed(() => (framed.value ? { ...attrs, class: undefined } : attrs))
const bound = computed(() => ({
  'type': props.rows ? undefined : props.type ?? 'text',
  'rows': props.rows,
  'value': model.value ?? '',
  'class': props.look === 'bare' ? 'bare-line' : 'line',
  'aria-invalid': props.complaint ? true : undefined,
  'aria-describedby': props.hint || props.complaint ? `${id}-says` : undefined,
}))
/** A composed letter (an accent, a syllable) is given when it is whole. */
function type(event: Event) {
  if (!props.lazy && !(event as InputEvent).isComposing) model.value = (event.target as HTMLInputElement).value
}
const settle = (event: Event) => { model.value = (event.target as HTMLInputElement).value }
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
      @input="type"
      @change="settle"
      @compositionend="type"
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
    @input="type"
    @change="settle"
    @compositionend="type"
  />
</template>
