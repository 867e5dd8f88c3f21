<script setup lang="ts">
import { formatDistanceToNow } from 'date-fns'
import { useForm } from '@tanstack/vue-form'
import * as z from 'zod'
import { titleSchema } from '~~/core/sheet/paper-details'
import { plainTitle } from '~~/core/sheet/title'
import { request } from '~/utils/request'
import { count } from '~/utils/words'

interface Row { id: string, title: string, style: string, sources: number, words: number, updatedAt: string }
interface StyleName { id: string, short: string }
const [{ data: papers, refresh, error }, { data: styles }] = await Promise.all([
  useFetch<Row[]>('/api/papers', { default: () => [] }),
  useFetch<StyleName[]>('/api/styles', { default: () => [] }),
])
const shortOf = computed(() => new Map(styles.value.map(style => [style.id, style.short])))
const notices = useNotices()
const { theme, toggle } = useTheme()
useHead({ title: 'Desk · Dendle' })

// A title that came back from a browser without scripts is there to be mended.
const form = useForm({
  defaultValues: { title: String(useRoute().query.title ?? ''), style: 'apa-7', sort: 'paper' },
  validators: { onSubmit: z.object({ title: titleSchema, style: z.string(), sort: z.string() }) },
  onSubmit: ({ value }) => notices.attempt(async () => {
    const made = await request<{ id: string }>('POST', '/api/papers', value)
    // Begun: the line is free for another, and its draft is gone before this page is.
    form.reset()
    await nextTick()
    await navigateTo(`/papers/${made.id}/gather`)
  }),
})
/** What a paper is begun as, and in which style. */
const chosen = computed(() => [
  ['sort', 'as', SORT_WORDS],
  ['style', 'in', styles.value.map(one => [one.id, one.short] as const)],
] as const)
const busy = form.useSelector(state => state.isSubmitting)
const remove = (row: Row) => notices.attempt(async () => {
  await request('DELETE', `/api/papers/${row.id}`)
  await refresh()
  notices.say(`“${row.title}” is off the Desk. Its sources stay on the shelf.`, {
    action: {
      label: 'Put it back',
      run: async () => {
        await request('POST', `/api/papers/${row.id}/restore`)
        await refresh()
      },
    },
  })
})
</script>

<template>
  <main class="mx-auto max-w-[880px] px-6 pt-12 pb-24">
    <div class="mb-10 flex items-baseline justify-between">
      <span class="font-title text-title font-semibold text-verdigris">Dendle</span>
      <PartsButton
        kind="quiet"
        class="text-small"
        @click="toggle"
      >
        {{ theme === 'night' ? 'Day' : 'Night' }}
      </PartsButton>
    </div>
    <h1 class="view-title mb-5">
      Desk
    </h1>
    <form
      class="mb-10 flex flex-wrap items-end gap-4 border-b-2 border-ink pb-1"
      method="post"
      action="/begin"
      @submit.prevent="form.handleSubmit()"
    >
      <form.Field
        v-slot="{ field, state }"
        name="title"
      >
        <PartsField
          name="title"
          draft="title of a new paper"
          look="bare"
          class="min-w-0 flex-1 basis-72"
          field-class="w-full py-1 font-title text-head"
          aria-label="Title of a new paper"
          placeholder="Begin a paper: type its working title"
          maxlength="5000"
          :model-value="state.value"
          :complaint="state.meta.errors[0]?.message"
          @update:model-value="field.handleChange"
        />
      </form.Field>
      <form.Field
        v-for="[name, says, options] in chosen"
        :key="name"
        v-slot="{ field, state }"
        :name="name"
      >
        <label class="text-small text-soft">{{ says }}
          <PartsSelect
            :name="name"
            class="ml-1 py-1 font-semibold text-ink"
            :model-value="state.value"
            :options="options"
            @update:model-value="field.handleChange"
          /></label>
      </form.Field>
      <PartsButton
        type="submit"
        class="pb-1"
        :busy="busy"
      >
        Begin
      </PartsButton>
    </form>

    <p
      v-if="error"
      role="alert"
      class="text-madder"
    >
      The papers could not be read. <PartsButton @click="refresh()">
        Try again
      </PartsButton>
    </p>
    <p
      v-else-if="!papers.length"
      class="max-w-md text-soft"
    >
      No papers yet. A working title is enough to begin; it can change at any time, and so can the style.
    </p>
    <ul v-else>
      <li
        v-for="row in papers"
        :key="row.id"
        class="group flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b border-rule py-4"
      >
        <NuxtLink
          :to="`/papers/${row.id}/${row.words ? 'write' : 'gather'}`"
          class="min-w-0 flex-1 basis-80 font-title text-head break-words hover:text-verdigris"
        >
          {{ plainTitle(row.title) }}
        </NuxtLink>
        <span class="text-small text-soft">{{ shortOf.get(row.style) ?? row.style }} · {{ count(row.words, 'word') }} · {{ count(row.sources, 'source') }}</span>
        <ClientOnly><span class="text-small text-soft sm:w-32 sm:text-right">{{ formatDistanceToNow(new Date(row.updatedAt), { addSuffix: true }).replace('less than a minute ago', 'just now') }}</span></ClientOnly>
        <PartsButton
          kind="quiet"
          class="text-small opacity-0 group-hover:opacity-100 focus-visible:opacity-100"
          :aria-label="`Take “${row.title}” off the Desk`"
          @click="remove(row)"
        >
          Take away
        </PartsButton>
      </li>
    </ul>
    <DeskTheBookmark class="mt-10" />
    <DeskPackedFiles
      class="mt-8"
      @came="refresh()"
    />
  </main>
</template>
