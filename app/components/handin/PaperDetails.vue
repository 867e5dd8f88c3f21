<script setup lang="ts">
import { useForm } from '@tanstack/vue-form'
import * as z from 'zod'
import { detailSchema, LONG_DETAILS, SAID_DETAILS, type SaidDetail } from '~~/core/sheet/paper-details'

/** What the paper says of itself, once; the style decides where it stands and how. */
const store = usePaper()
const WORDS: Record<SaidDetail, { word: string, hint?: string }> = {
  writer: { word: 'Your name', hint: 'several: a semicolon between' },
  studentNumber: { word: 'Student number' },
  instructor: { word: 'Instructor' },
  course: { word: 'Course' },
  institution: { word: 'Institution' },
  date: { word: 'Date' },
  abstract: { word: 'Abstract' },
  keywords: { word: 'Keywords' },
  authorNote: { word: 'Author note' },
  acknowledgements: { word: 'Thanks', hint: 'on a page before the text' },
}
const SHORT = ['writer', 'instructor', 'course', 'institution', 'date'] as const
const MORE = ['studentNumber', 'abstract', 'keywords', 'authorNote', 'acknowledgements'] as const
const given = () => Object.fromEntries(SAID_DETAILS.map(key => [key, store.paper?.details[key] ?? ''])) as Record<SaidDetail, string>
// A detail is saved as it is typed; the form says what is wrong with one, and what other tabs change comes in.
const form = useForm({
  defaultValues: given(),
  validators: { onChange: z.object(Object.fromEntries(SAID_DETAILS.map(key => [key, detailSchema(key)])) as Record<SaidDetail, z.ZodString>) },
})
watch(
  () => store.paper?.details,
  () => {
    for (const key of SAID_DETAILS)
      if (form.getFieldValue(key) !== (store.paper?.details[key] ?? '')) form.setFieldValue(key, store.paper?.details[key] ?? '')
  },
)
function change(key: SaidDetail, value: string) {
  form.setFieldValue(key, value)
  if (detailSchema(key).safeParse(value).success) store.changeDetails({ [key]: value })
}
const asked = (key: SaidDetail) => (store.style.page.details as readonly string[]).includes(key)
const more = ref(MORE.some(key => store.paper?.details[key]))
const sayWords = computed(() => store.paper?.details.sayWords === 'yes')
const root = useTemplateRef<HTMLElement>('root')
/** The field of one is where one goes on. */
function focus(key: string) {
  if ((MORE as readonly string[]).includes(key)) more.value = true
  void nextTick(() => root.value?.querySelector<HTMLElement>(`[name="${key}"]`)?.focus())
}
defineExpose({ focus })
</script>

<template>
  <section
    ref="root"
    aria-labelledby="details-heading"
  >
    <h2
      id="details-heading"
      class="mb-2 font-title text-head"
    >
      Details, once
    </h2>
    <form.Field
      v-for="key in more ? [...SHORT, ...MORE] : SHORT"
      :key="key"
      v-slot="{ state }"
      :name="key"
    >
      <PartsField
        class="mb-1.5 grid grid-cols-[96px_1fr] items-baseline gap-x-3"
        :name="key"
        :label="WORDS[key].word"
        :model-value="state.value"
        :rows="(LONG_DETAILS as readonly string[]).includes(key) ? 4 : undefined"
        :placeholder="[asked(key) && `${store.style.short} asks for it`, WORDS[key].hint].filter(Boolean).join('; ')"
        :complaint="state.meta.errors[0]?.message"
        @update:model-value="change(key, $event)"
      />
    </form.Field>
    <p class="mt-2 flex flex-wrap items-baseline gap-x-5 text-plain">
      <PartsButton
        v-if="!more"
        kind="quiet"
        @click="more = true"
      >
        Abstract, keywords and more
      </PartsButton>
      <PartsCheck
        v-else
        :model-value="sayWords"
        @update:model-value="store.changeDetails({ sayWords: $event ? 'yes' : '' })"
      >
        Say how many words it has
      </PartsCheck>
    </p>
  </section>
</template>
