<script setup lang="ts">
import { useForm } from '@tanstack/vue-form'
import * as z from 'zod'
import { DETAILS, detailSchema, type Detail } from '~~/core/sheet/paper-details'
import { count } from '~/utils/words'

const store = usePaper()
const composed = useComposition()
const saving = useSaving()
const written = useText()
const notices = useNotices()
const busy = ref(false)
const WORDS: Record<Detail, string> = {
  writer: 'Your name',
  instructor: 'Instructor',
  course: 'Course',
  institution: 'Institution',
  date: 'Date',
}
const given = () => Object.fromEntries(DETAILS.map(key => [key, store.paper?.details[key] ?? ''])) as Record<Detail, string>
// A detail is saved as it is typed; the form says what is wrong with one, and what other tabs change comes in.
const form = useForm({
  defaultValues: given(),
  validators: { onChange: z.object(Object.fromEntries(DETAILS.map(key => [key, detailSchema])) as Record<Detail, typeof detailSchema>) },
})
watch(
  () => store.paper?.details,
  () => {
    for (const key of DETAILS)
      if (form.getFieldValue(key) !== (store.paper?.details[key] ?? '')) form.setFieldValue(key, store.paper?.details[key] ?? '')
  },
)
function change(key: Detail, value: string) {
  form.setFieldValue(key, value)
  if (detailSchema.safeParse(value).success) store.changePaper({ details: { ...store.paper!.details, [key]: value } })
}
const page = computed(() => store.style.page)

async function take() {
  busy.value = true
  await notices.attempt(async () => {
    await saving.flush()
    if (saving.hasUnsaved())
      throw new Error('Some of the paper is not saved yet, so the document would be out of date. Try again when the head says Saved.')
    const response = await fetch(`/api/papers/${store.paper!.id}/document.docx`)
    if (!response.ok)
      throw new Error(((await response.json().catch(() => ({}))) as { message?: string }).message ?? 'The document could not be made.')
    const name = /filename\*=UTF-8''([^;]+)/u.exec(response.headers.get('content-disposition') ?? '')?.[1]
    const link = document.createElement('a')
    link.href = URL.createObjectURL(await response.blob())
    link.download = name ? decodeURIComponent(name) : 'paper.docx'
    link.click()
    setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
    notices.say('The document is in your downloads.')
  })
  busy.value = false
}
/** Where the style puts the details. */
const whither = computed(() => {
  const { short, page } = store.style
  if (page.titlePage) return `${short} puts these on a title page.`
  return page.runningHead === 'surname-number' ? `${short} heads the first page with them, and every page with your surname.` : 'These head the first page.'
})
const held = computed(() => {
  const { list, name, edition } = store.style
  const entries = `${count(composed.composition.list.length, 'entry', 'entries')} under ${list.heading}`
  return `${count(composed.words, 'word')}, ${count(written.citations.length, 'citation')}, ${entries}, in ${name} ${edition}.`
})
</script>

<template>
  <div class="mx-auto grid max-w-[1000px] gap-x-16 gap-y-10 px-6 pt-8 pb-24 md:grid-cols-[1fr_340px]">
    <section>
      <h1 class="view-title mb-5">
        Hand in
      </h1>
      <h2 class="mb-1 font-semibold">
        Details, once
      </h2>
      <p class="mb-3 text-plain text-soft">
        {{ whither }}
      </p>
      <form.Field
        v-for="key in DETAILS"
        :key="key"
        v-slot="{ state }"
        :name="key"
      >
        <PartsField
          class="mb-2 grid grid-cols-[110px_1fr] items-baseline"
          :label="WORDS[key]"
          :model-value="state.value"
          :complaint="state.meta.errors[0]?.message"
          @update:model-value="change(key, $event)"
        />
      </form.Field>
    </section>
    <section>
      <h2 class="mb-1 pt-1 font-semibold">
        Take it away
      </h2>
      <p class="mb-4 text-plain text-soft">
        {{ held }}
      </p>
      <PartsButton
        kind="solid"
        :disabled="busy"
        @click="take"
      >
        {{ busy ? 'Setting the pages…' : 'Word-processor document (.docx)' }}
      </PartsButton>
      <ul class="mt-4 text-plain text-soft">
        <li>{{ page.lineSpacing === 2 ? 'Double spacing' : `Line spacing ${page.lineSpacing}` }}, one-inch margins</li>
        <li>Page numbers in the running head</li>
        <li>{{ store.style.citation.system === 'notes' ? 'Real footnotes' : 'Citations in the text' }}, italics kept</li>
        <li>{{ store.style.list.heading }} on a page of its own, hanging indents</li>
      </ul>
      <p class="mt-6 text-plain text-soft">
        The pages on screen, PDF and the other formats are not here yet.
      </p>
    </section>
  </div>
</template>
