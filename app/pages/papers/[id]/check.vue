<script setup lang="ts">
import { sayFaults } from '~~/core/check/faults'
import { inWords } from '~~/core/text/numbers'
import { count } from '~/utils/words'

const { found, shown, showsLeft, families, current, look, step, fix, leave, fixAll, act, placeOf, lacksPlace, givePlace } = useCheckView()
const written = useText()
/** The pictures' script is larger than all the rest: it is asked for when the page has answered. */
const rested = ref(false)
onMounted(() => {
  const rest = () => { rested.value = true }
  if ('requestIdleCallback' in window) requestIdleCallback(rest, { timeout: 3000 })
  else setTimeout(rest, 300)
})
const rows = useTemplateRef<{ focus: () => void }[]>('rows')
const flat = computed(() => families.value.flatMap(one => one.findings))
const certain = computed(() => shown.value.filter(one => one.certain).length)
const words = computed(() => (written.body.content ?? []).some(block => block.content?.length))
const title = computed(() => {
  const n = shown.value.length
  if (showsLeft.value) return `${count(n, 'finding')} left as ${n === 1 ? 'it is' : 'they are'}`
  if (!n) return 'Nothing that a careful marker would circle'
  const said = n <= 20 ? inWords(n).replace(/^\p{Ll}/u, first => first.toUpperCase()) : n.toLocaleString('en')
  return `${said} ${n === 1 ? 'thing' : 'things'} a careful marker would circle`
})
const hasFix = computed(() => {
  const [n, of] = [certain.value, shown.value.length]
  if (n === of) return n === 1 ? 'It has a certain fix.' : 'Each has a certain fix.'
  return n === 1 ? 'One has a certain fix.' : `${n} have a certain fix.`
})
onMounted(() => found.start())

function focusOn(index: number) {
  void nextTick(() => rows.value?.[Math.max(0, index)]?.focus())
}
async function key(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  const row = target.closest('li')
  if (!row || !current.value || target.closest('input')) return
  if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
    event.preventDefault()
    const next = step(event.key === 'ArrowDown' ? 1 : -1)
    focusOn(flat.value.findIndex(one => one.id === next?.id))
  }
  else if (event.key === 'Home' || event.key === 'End') {
    event.preventDefault()
    const next = step(event.key === 'Home' ? -1e6 : 1e6)
    focusOn(flat.value.findIndex(one => one.id === next?.id))
  }
  else if (event.key === 'Enter' && target === row) {
    event.preventDefault()
    const at = flat.value.findIndex(one => one.id === current.value!.id)
    await act(current.value)
    focusOn(Math.min(at, flat.value.length - 1))
  }
  else if ((event.key === 'l' || event.key === 'Delete') && target === row && !event.ctrlKey && !event.metaKey) {
    event.preventDefault()
    const at = flat.value.findIndex(one => one.id === current.value!.id)
    await leave(current.value)
    focusOn(Math.min(at, flat.value.length - 1))
  }
}
</script>

<template>
  <div class="check-grid px-4 pt-6 pb-24 sm:px-8">
    <div class="min-w-0">
      <h1
        class="view-title"
        aria-live="polite"
      >
        <template v-if="found.known">
          {{ title }}
        </template>
        <template v-else-if="found.busy">
          Reading the paper through…
        </template>
        <template v-else>
          Check
        </template>
      </h1>
      <p
        v-if="found.failed"
        class="mt-1 text-madder"
        role="alert"
      >
        {{ found.failed }} <PartsButton @click="found.again">
          Read it again
        </PartsButton>
      </p>
      <p
        v-else-if="found.known"
        class="mt-1 flex flex-wrap items-baseline gap-x-4 text-plain text-soft"
      >
        <template v-if="showsLeft">
          <PartsButton @click="showsLeft = false">
            Back to what stands
          </PartsButton>
        </template>
        <template v-else>
          <span v-if="certain">{{ hasFix }}
            <PartsButton
              v-if="certain > 1 && families.length > 1"
              @click="fixAll()"
            >Fix all {{ certain }}</PartsButton></span>
          <span v-if="found.leftNow.length">{{ found.leftNow.length }} you left,
            <PartsButton @click="showsLeft = true">look again</PartsButton>.</span>
          <span
            v-if="shown.length > 1"
            class="hidden text-small sm:inline"
          >↓ ↑ go through them, Enter does the first thing offered, L leaves it.</span>
        </template>
      </p>

      <p
        v-if="found.faults.length"
        class="mt-1 text-plain text-madder"
        role="alert"
        :title="found.faults.join('\n')"
      >
        {{ sayFaults(found.faults) }} What it is about stands as it is.
      </p>
      <section
        v-for="one in families"
        :key="one.family"
        class="family"
        :aria-labelledby="`family-${one.family}`"
      >
        <div class="pt-2">
          <h2
            :id="`family-${one.family}`"
            class="text-body font-bold"
          >
            {{ one.words }}
          </h2>
          <PartsButton
            v-if="one.certain > 1 && !showsLeft"
            class="text-left text-small"
            @click="fixAll(one.family)"
          >
            Fix the {{ one.certain }} certain
          </PartsButton>
        </div>
        <ol
          class="min-w-0"
          @keydown="key"
        >
          <CheckFindingRow
            v-for="finding in one.findings"
            :key="finding.id"
            ref="rows"
            :finding="finding"
            :current="finding.id === current?.id"
            :left="showsLeft"
            :lacks-place="lacksPlace(finding)"
            :show-to="placeOf(finding)"
            @look="look(finding)"
            @fix="fix(finding)"
            @leave="leave(finding)"
            @give="givePlace(finding, $event)"
          />
        </ol>
      </section>
      <PartsEmpty
        v-if="found.known && !shown.length && !showsLeft"
        :title="words ? 'Ready to hand in, as far as Check can see.' : 'There is nothing to read yet.'"
      >
        <p v-if="words">
          It reads citations, quotations, your own words, the list, source details and the page. What it cannot judge is whether you are right.
        </p>
        <p v-else>
          Check reads what stands in Write. Begin there, and come back when there is a paragraph or two.
        </p>
      </PartsEmpty>
    </div>
    <aside
      v-if="words"
      class="aside min-w-0"
    >
      <ClientOnly>
        <LazyCheckPictures v-if="rested" />
        <div
          v-else
          class="h-[250px]"
        />
        <template #fallback>
          <div class="h-[250px]" />
        </template>
      </ClientOnly>
      <CheckWhereItStands
        v-if="current"
        class="mt-6"
        :finding="current"
      />
    </aside>
  </div>
</template>

<style scoped>
.check-grid { display: grid; grid-template-columns: minmax(0, 1.05fr) minmax(0, 1fr); gap: 8px 48px; max-width: 1240px; margin: 0 auto; }
.family { display: grid; grid-template-columns: 122px minmax(0, 1fr); border-top: 1px solid var(--rule); margin-top: 12px; padding-top: 10px; }
.aside { position: sticky; top: 16px; align-self: start; }
@media (max-width: 1023px) {
  .check-grid { grid-template-columns: minmax(0, 1fr); }
  .aside { position: static; }
}
@media (max-width: 639px) { .family { grid-template-columns: minmax(0, 1fr); } }
</style>
