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
</script>

<template>
  <section
    v-if="tray.items.length || tray.problems.length || tray.doing"
    class="my-3 border-l-[3px] border-weld bg-leaf px-4 py-3 shadow-[0_1px_4px_rgb(31_36_48_/_0.06)] sm:px-6"
    aria-label="Tray"
  >
    <div
      v-if="tray.doing"
      class="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-1"
      role="status"
    >
      <span>{{ tray.doing.says }}…</span>
      <progress
        class="h-1.5 flex-1 accent-verdigris"
        max="1"
        :value="tray.doing.done || undefined"
        :aria-label="tray.doing.says"
      />
      <button
        class="quiet"
        @click="tray.stop()"
      >
        Give up
      </button>
    </div>
    <div
      v-if="tray.items.length"
      class="flex flex-wrap items-baseline gap-x-6 gap-y-1 pb-1"
    >
      <h2 class="font-semibold">
        In the tray: {{ count(tray.items.length, 'source') }}<span
          v-if="again"
          class="font-normal text-soft">, {{ again.toLocaleString('en') }} of which you have</span>
      </h2>
      <button
        v-if="tray.fresh.length"
        class="act"
        :disabled="busy"
        @click="acceptAll"
      >
        {{ tray.fresh.length === 1 ? (tray.items.length === 1 ? 'Take it' : 'Take the new one') : `Take ${again ? 'the' : 'all'} ${tray.fresh.length.toLocaleString('en')}${again ? ' new ones' : ''}` }}
      </button>
      <button
        class="quiet"
        :disabled="busy"
        @click="tray.drop(tray.items.map(item => item.id))"
      >
        {{ tray.items.length === 1 ? 'Drop it' : 'Drop all' }}
      </button>
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
    <button
      v-if="tray.items.length > shown"
      class="act py-2"
      @click="shown += 200"
    >
      Show more ({{ (tray.items.length - shown).toLocaleString('en') }} below)
    </button>
    <div
      v-if="tray.problems.length"
      class="mt-2 border-t border-rule pt-2"
    >
      <p class="flex flex-wrap items-baseline gap-x-5">
        <span class="font-semibold text-madder">{{ count(tray.problems.length, 'thing') }} could not be taken as {{ tray.problems.length === 1 ? 'it was' : 'they were' }}</span>
        <button
          class="quiet text-[13px]"
          @click="tray.clearProblems()"
        >
          Seen
        </button>
      </p>
      <ul class="max-h-48 overflow-auto text-[14px]">
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
