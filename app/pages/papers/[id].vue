<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import type { Answered } from '~/titles/answers'
import { pageTitles } from '~/titles/page'

const route = useRoute()
const store = usePaper()
const saving = useSaving()
const owned = useSources()
const tray = useTray()
const id = String(route.params.id)
const { data, error } = await useFetch(`/api/papers/${id}`, { key: `paper-${id}` })
if (error.value || !data.value) throw createError({ status: error.value?.statusCode ?? 500, statusText: error.value?.statusCode === 404 ? 'No such paper' : 'The paper could not be read', fatal: true })
if (import.meta.client) {
  const titles = pageTitles()
  titles.learn((data.value as unknown as { titles: readonly Answered[] }).titles)
  onScopeDispose(titles.whenLearnt((texts) => {
    owned.retitle(texts)
    tray.retitle()
  }))
}
await store.open(id, data.value as never)
useHead({ title: () => `${store.paper?.title ?? 'Paper'} · Dendle` })

if (import.meta.client) {
  useEventListener('online', () => void saving.flush())
  useEventListener(document, 'visibilitychange', () => { if (document.visibilityState === 'hidden') void saving.flush() })
  useEventListener('beforeunload', (event: BeforeUnloadEvent) => {
    if (!saving.hasUnsaved()) return
    void saving.flush()
    event.preventDefault()
  })
}
onBeforeRouteLeave(async () => { await saving.flush() })
</script>

<template>
  <div class="flex min-h-full">
    <FrameTheSpine />
    <div class="flex min-w-0 flex-1 flex-col pb-16 sm:pb-0">
      <FrameTheHead />
      <FrameConflictBar />
      <main class="min-w-0 flex-1">
        <NuxtPage />
      </main>
    </div>
  </div>
</template>
