<script setup lang="ts">
import { times } from '~/utils/words'

const store = usePaper()
const composed = useComposition()
const owned = useSources()
const sheet = computed(() => store.style.list)
const why = (id: string) => composed.composition.list.find(e => e.id === id)!.why
</script>

<template>
  <div class="mx-auto max-w-[1180px] px-3 pt-6 pb-24 sm:px-8">
    <h1 class="sr-only">
      List
    </h1>
    <template v-if="composed.composition.list.length">
      <div class="list-grid">
        <h2
          class="col-start-2 bg-leaf pt-10 pb-2 text-center font-page text-page"
          :class="store.style.page.listHeadingBold && 'font-bold'"
          data-testid="list-heading"
        >
          {{ sheet.heading }}
        </h2>
        <ol class="contents">
          <li
            v-for="(entry, i) in composed.composition.list"
            :key="entry.id"
            class="contents"
          >
            <p
              v-if="entry.division && entry.division !== composed.composition.list[i - 1]?.division"
              class="division bg-leaf px-5 pt-2 font-page text-page font-bold sm:px-12"
            >
              {{ entry.division }}
            </p>
            <p class="why pt-[0.5em] text-right text-small leading-4 text-soft">
              {{ why(entry.id).join(' · ') }}
            </p>
            <p
              class="entry bg-leaf px-5 font-page text-page sm:px-12"
              :style="{ lineHeight: sheet.doubleSpaced ? 2 : 1.45 }"
              data-testid="entry"
            >
              <span
                class="body block"
                :style="{ paddingLeft: `${sheet.hanging / 15}px`, textIndent: `-${sheet.hanging / 15}px` }"
              ><span
                v-if="entry.number"
                class="inline-block"
                :style="{ width: `${sheet.hanging / 15}px`, textIndent: 0 }"
              >{{ sheet.number?.replace('{n}', String(entry.number)) }}</span><RunText :runs="entry.runs" /></span>
              <span
                v-if="owned.byId.get(entry.id)?.annotation"
                class="block pl-12 whitespace-pre-line"
              >{{ owned.byId.get(entry.id)!.annotation }}</span>
            </p>
            <p class="where pt-[0.4em] text-small leading-5 text-soft">
              <NuxtLink
                :to="`/papers/${store.paper?.id}/gather?source=${entry.id}`"
                class="hover:text-verdigris hover:underline"
              >
                {{ composed.citedTimes.has(entry.id) ? times(composed.citedTimes.get(entry.id)!) : 'listed, not cited' }}
              </NuxtLink>
            </p>
          </li>
        </ol>
        <div class="col-start-2 h-14 bg-leaf" />
      </div>
    </template>
    <PartsEmpty
      v-else
      class="px-2"
      title="No entries yet."
    >
      The list builds itself from what the paper cites: put a citation into the text in Write, or tick “List it even if it is not cited” on a slip in Gather. In {{ store.style.short }} it will be headed {{ sheet.heading }}.
    </PartsEmpty>
  </div>
</template>

<style scoped>
.list-grid {
  display: grid;
  grid-template-columns: minmax(90px, 210px) minmax(0, 720px) minmax(80px, 140px);
  column-gap: 22px;
  justify-content: center;
}
.division { grid-column: 2; } .why { grid-column: 1; } .entry { grid-column: 2; } .where { grid-column: 3; }
.body { overflow-wrap: anywhere; }
@media (max-width: 860px) {
  .list-grid { grid-template-columns: minmax(0, 1fr); }
  .list-grid h2, .list-grid > div { grid-column: 1; }
  .why, .entry, .where, .division { grid-column: 1; }
  .why, .where { text-align: left; padding: 4px 20px 0; background: var(--leaf); }
  .where { padding-bottom: 14px; border-bottom: 1px solid var(--rule); }
}
</style>
