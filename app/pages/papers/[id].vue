<script setup lang="ts">
import type { Workspace } from '~/saving/held'
import type { Answered } from '~~/core/text/title-answers'
import { pageTitles } from '~/titles/page'
import { count } from '~/utils/words'

const route = useRoute()
const store = usePaper()
const saving = useSaving()
const id = String(route.params.id)
// As text: a long paper as one string is written into the page, and read out of it, many times as fast as a tree.
const { data, error } = await useFetch<string>(`/api/papers/${id}`, { key: `paper-${id}`, query: { titles: 1 }, responseType: 'text' as never })
if (error.value || !data.value)
  throw createError({
    status: error.value?.statusCode ?? 500,
    statusText: error.value?.statusCode === 404 ? 'No such paper' : 'The paper could not be read',
    data: { says: saidBy(error.value?.data) },
    fatal: true,
  })
/** Why, as the server says it: its answer was asked for as text. */
function saidBy(answer: unknown): string {
  try { return (JSON.parse(String(answer)) as { message?: string }).message ?? '' }
  catch { return '' }
}
const workspace = JSON.parse(data.value) as Workspace & { titles: readonly Answered[] }
if (import.meta.client) pageTitles().learn(workspace.titles)
await store.open(id, workspace)
if (workspace.damaged?.length && import.meta.client) {
  const all = workspace.damaged
  useNotices().say(
    `${count(all.length, 'thing')} of this paper cannot be read in the database, and ${all.length === 1 ? 'is' : 'are'} left as ${all.length === 1 ? 'it is' : 'they are'}: ${all.slice(0, 3).map(one => `${one.what} ${one.says}`).join('; ')}.`,
    { bad: true, lasting: true },
  )
}
useHead({ title: () => `${store.paper?.title ?? 'Paper'} · Dendle` })

onBeforeRouteLeave(() => saving.leaving())
onUnmounted(() => { if (saving.current?.id === id) saving.leave() })
</script>

<template>
  <div class="flex min-h-full">
    <FrameTheSpine />
    <div class="flex min-w-0 flex-1 flex-col pb-16 sm:pb-0">
      <FrameTheHead />
      <FrameConflictBar />
      <FrameGoneBar />
      <main class="min-w-0 flex-1">
        <NuxtPage />
      </main>
    </div>
  </div>
</template>
