<script setup lang="ts">
import { count } from '~/utils/words'

/** What came in and waits to be taken, merged or dropped. */
const emit = defineEmits<{ added: [id: string] }>()
const tray = useTray()
const notices = useNotices()
const shown = ref(40)
const again = computed(() => tray.items.length - tray.fresh.length)
const busy = ref(false)
async function run(what: () => Promise<unknown>) {
  busy.value = true
  await notices.attempt(what)
  busy.value = false
}
const acceptAll = () => run(async () => {
  const added = await tray.acceptAll()
  if (added.length === 1) emit('added', added[0]!.id)
})
const lookWords = computed(() => {
  const { length } = tray.unconfirmed
  if (length > 1) return `Look the ${length.toLocaleString('en')} up by title`
  return tray.items.length === 1 ? 'Look it up by title' : 'Look the one without an answer up by title'
})
const takeWords = computed(() => {
  const { length } = tray.fresh
  if (length === 1) return tray.items.length === 1 ? 'Take it' : 'Take the new one'
  return again.value ? `Take the ${length.toLocaleString('en')} new ones` : `Take all ${length.toLocaleString('en')}`
})
</script>

<template>
  <section
    v-if="tray.items.length || tray.problems.length || tray.doing"
    class="my-3 border-l-[3px] border-weld bg-leaf px-4 py-3 shadow-low sm:px-6"
    aria-label="Tray"
  >
    <PartsBusy
      v-if="tray.doing"
      :says="tray.doing.says"
      :done="tray.doing.done"
      stop="Give up"
      @stop="tray.stop()"
    />
    <div
      v-if="tray.items.length"
      class="flex flex-wrap items-baseline gap-x-6 gap-y-1 pb-1"
    >
      <h2 class="font-semibold">
        In the tray: {{ count(tray.items.length, 'source') }}<span
          v-if="again"
          class="font-normal text-soft">, {{ again.toLocaleString('en') }} of which you have</span>
      </h2>
      <PartsButton
        v-if="tray.fresh.length"
        :disabled="busy"
        @click="acceptAll"
      >
        {{ takeWords }}
      </PartsButton>
      <PartsButton
        v-if="tray.unconfirmed.length"
        kind="quiet"
        :disabled="busy"
        @click="run(tray.lookUpTitles)"
      >
        {{ lookWords }}
      </PartsButton>
      <PartsButton
        kind="quiet"
        :disabled="busy"
        @click="tray.drop(tray.items.map(item => item.id))"
      >
        {{ tray.items.length === 1 ? 'Drop it' : 'Drop all' }}
      </PartsButton>
    </div>
    <ul
      v-if="tray.items.length"
      aria-label="Proposed sources"
    >
      <GatherTrayItem
        v-for="item in tray.items.slice(0, shown)"
        :key="item.id"
        :item="item"
        @added="emit('added', $event)"
      />
    </ul>
    <PartsButton
      v-if="tray.items.length > shown"
      class="py-2"
      @click="shown += 200"
    >
      Show more ({{ (tray.items.length - shown).toLocaleString('en') }} below)
    </PartsButton>
    <div
      v-if="tray.problems.length"
      class="mt-2 border-t border-rule pt-2"
    >
      <p class="flex flex-wrap items-baseline gap-x-5">
        <span class="font-semibold text-madder">{{ count(tray.problems.length, 'thing') }} could not be taken as {{ tray.problems.length === 1 ? 'it was' : 'they were' }}</span>
        <PartsButton
          kind="quiet"
          class="text-small"
          @click="tray.clearProblems()"
        >
          Seen
        </PartsButton>
      </p>
      <ul class="max-h-48 overflow-auto text-plain">
        <li
          v-for="(problem, i) in tray.problems.slice(0, 200)"
          :key="i"
          class="py-0.5"
        >
          <span class="text-soft">{{ problem.where }}:</span> {{ problem.what }}
        </li>
        <li
          v-if="tray.problems.length > 200"
          class="text-soft"
        >
          and {{ (tray.problems.length - 200).toLocaleString('en') }} more of the same file
        </li>
      </ul>
    </div>
  </section>
</template>
