<script setup lang="ts">
import { BookOpenText, ListOrdered, NotebookPen, PackageCheck, SearchCheck } from '@lucide/vue'

const composed = useComposition()
const owned = useSources()
const found = useFindings()
const pages = usePages()
const { theme, toggle } = useTheme()
const route = useRoute()
const base = computed(() => `/papers/${String(route.params.id)}`)
const stops = computed(() => [
  { to: 'gather', word: 'Gather', icon: BookOpenText, count: owned.sources.length, of: owned.sources.length === 1 ? 'source' : 'sources' },
  { to: 'write', word: 'Write', icon: NotebookPen, count: composed.words, of: 'words' },
  { to: 'list', word: 'List', icon: ListOrdered, count: composed.composition.list.length, of: 'entries' },
  { to: 'check', word: 'Check', icon: SearchCheck, count: found.known ? found.standing.length : undefined, of: found.standing.length === 1 ? 'finding' : 'findings' },
  { to: 'hand-in', word: 'Hand in', icon: PackageCheck, count: pages.sheet?.pages.length, of: pages.sheet?.pages.length === 1 ? 'page' : 'pages' },
])
// The paper is read through, and its pages are set, when the page has come to rest.
const idle: ReturnType<typeof setTimeout>[] = []
onMounted(() => idle.push(setTimeout(() => found.start(), 6000), setTimeout(() => pages.start(), 9000)))
onBeforeUnmount(() => idle.forEach(clearTimeout))
</script>

<template>
  <nav
    class="spine flex border-rule bg-vellum"
    aria-label="Stops of this paper"
  >
    <NuxtLink
      to="/"
      class="mark font-title text-title font-semibold text-verdigris"
      aria-label="Dendle: to the Desk"
    >
      Dn
    </NuxtLink>
    <NuxtLink
      v-for="stop in stops"
      :key="stop.to"
      :to="`${base}/${stop.to}`"
      class="stop"
      :class="route.path.startsWith(`${base}/${stop.to}`) && 'here'"
    >
      <component
        :is="stop.icon"
        :size="17"
        :stroke-width="1.6"
        aria-hidden="true"
        class="icon"
      />
      <span
        v-if="stop.count !== undefined"
        class="font-title text-head leading-6 font-normal"
      >{{ stop.count.toLocaleString('en') }}<span class="sr-only"> {{ stop.of }},</span></span>
      <span class="word">{{ stop.word }}</span>
    </NuxtLink>
    <div class="foot">
      <NuxtLink
        to="/"
        class="quiet"
      >
        Desk
      </NuxtLink>
      <PartsButton
        kind="quiet"
        @click="toggle"
      >
        {{ theme === 'night' ? 'Day' : 'Night' }}
      </PartsButton>
    </div>
  </nav>
</template>

<style scoped>
.spine {
  width: 72px;
  flex-direction: column;
  align-items: stretch;
  text-align: center;
  border-right-width: 1px;
  position: sticky;
  top: 0;
  height: 100vh;
  flex: none;
}
.mark { height: 52px; line-height: 44px; }
.stop {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  padding: 8px 0 7px;
  font-size: var(--text-small);
  color: var(--soft);
}
.stop .icon { margin-bottom: 2px; }
.stop:hover { color: var(--ink); }
.stop.here { color: var(--ink); font-weight: 700; }
.stop.here::after { content: ''; position: absolute; right: -2px; top: 8px; bottom: 8px; width: 3px; background: var(--verdigris); }
.foot { margin-top: auto; display: flex; flex-direction: column; gap: 8px; padding-bottom: 16px; font-size: var(--text-small); }
@media (max-width: 639px) {
  .spine {
    position: fixed;
    inset: auto 0 0 0;
    top: auto;
    width: auto;
    height: 58px;
    flex-direction: row;
    border-right: 0;
    border-top-width: 1px;
    z-index: 30;
  }
  .mark, .foot { display: none; }
  .stop { flex: 1; padding: 6px 0; font-size: var(--text-fine); justify-content: flex-end; }
  .stop .icon { display: none; }
  .stop span.font-title { font-size: var(--text-page); line-height: 20px; }
  .stop.here::after { right: 20%; left: 20%; top: -2px; bottom: auto; width: auto; height: 3px; }
}
</style>
