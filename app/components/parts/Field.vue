<script setup lang="ts">
/**
 * A line to write on. `rows` makes it several; `label` stands over it, or beside it; `unit` behind a number. A hint says
 * what is meant, a complaint what is wrong, and both are read out with it. What else is given goes to the field itself.
 *
 * What is typed is given on at each letter. With `rest` it is given on when the writer rests, leaves the field, or the
 * paper is saved, left or met by another window's words; what the outside makes of it (spaces tidied, a place read) shows
 * when the field is left and takes no letter away before. With `draft` it is kept in the browser under that name until
 * the field is empty again, or, with `rest`, until the outside has it.
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
  rest?: boolean | number
  draft?: string
  fieldClass?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const attrs = useAttrs()
const id = useId()
const el = useTemplateRef<HTMLInputElement & HTMLTextAreaElement>('el')
defineExpose({ el, focus: (options?: FocusOptions) => el.value?.focus(options), select: () => el.value?.select(), reset })
const framed = computed(() => Boolean(props.label || props.unit || props.hint || props.complaint))
/** What it is it stays: another element in its place would take the cursor and the next letter with it. */
const tag = props.rows ? 'textarea' : 'input'
/** What else is given goes to the field itself; a class goes to the whole where there is a label around it. */
const own = computed(() => {
  const { class: _, ...rest } = attrs
  return rest
})
const model = computed(() => String(props.modelValue ?? ''))
/** In milliseconds: how long the writer rests before it is given on. */
const REST = 400
const resting = computed(() => props.rest !== undefined && props.rest !== false)
const typed = ref(model.value)
/** What the outside was given last, and whether there is more; whether it was typed in since it was entered. */
let given = typed.value
let more = false
let touched = false
let timer: ReturnType<typeof setTimeout> | undefined
const kept = useDraft(() => props.draft)
const saving = useSaving()

function reset() {
  clearTimeout(timer)
  more = false
  touched = false
  given = typed.value = model.value
  kept.drop()
}
function giveOn() {
  clearTimeout(timer)
  if (!more) return
  more = false
  given = typed.value
  emit('update:modelValue', typed.value)
}
/** A composed letter (an accent, a syllable) is given when it is whole. */
function enter(event: Event) {
  if ((event as InputEvent).isComposing) return
  const { value } = event.target as HTMLInputElement
  kept.write(value)
  if (!resting.value) { emit('update:modelValue', value); return }
  if (value === typed.value) return
  typed.value = value
  more = touched = true
  clearTimeout(timer)
  timer = setTimeout(giveOn, typeof props.rest === 'number' ? props.rest : REST)
}
function left() {
  giveOn()
  touched = false
  if (resting.value) void nextTick(() => { if (!touched) given = typed.value = model.value })
}
/** The same but for spaces, marks and capitals: what the outside makes of what it was given. */
const bare = (text: string) => text.replace(/[^\p{L}\p{N}]/gu, '').toLowerCase()
watch(model, (value) => {
  if (value === '' || (resting.value && value === kept.read())) kept.drop()
  if (!resting.value || more) return
  if (touched && bare(value) === bare(given)) return
  given = typed.value = value
})
onMounted(() => {
  const draft = kept.read()
  if (draft === undefined || draft === model.value) return
  typed.value = draft
  if (resting.value) more = true
  else emit('update:modelValue', draft)
  giveOn()
})
const release = saving.holdsBack(giveOn)
onBeforeUnmount(() => { giveOn(); release(); clearTimeout(timer) })

const bound = computed(() => ({
  'type': tag === 'textarea' ? undefined : (props.type ?? 'text'),
  'rows': tag === 'textarea' ? props.rows : undefined,
  'value': resting.value ? typed.value : model.value,
  'class': [
    props.look === 'bare' ? 'bare-line' : 'line',
    tag === 'textarea' && 'resize-none',
    props.fieldClass,
    !framed.value && (attrs.class as string),
  ],
  'aria-invalid': props.complaint ? true : undefined,
  'aria-describedby': props.hint || props.complaint ? `${id}-says` : undefined,
}))
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
      :is="tag"
      ref="el"
      v-bind="{ ...bound, ...own }"
      @input="enter"
      @change="giveOn"
      @blur="left"
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
    :is="tag"
    v-else
    ref="el"
    v-bind="{ ...bound, ...own }"
    @input="enter"
    @change="giveOn"
      @blur="left"
    @compositionend="enter"
  />
</template>
