<script setup lang="ts">
import { choicesOf, FACES } from '~~/core/sheet/choices'

/** What the style leaves to the writer, as sentences with the choice in them. */
const store = usePaper()
const composed = useComposition()
const written = useText()
const details = computed(() => store.paper?.details ?? {})
const own = computed(() => choicesOf(store.style, {}))
const now = computed(() => choicesOf(store.style, details.value))
/** A choice is kept only where it is other than the style's own: another style brings its own again. */
function choose(key: string, value: string, otherwise: string) {
  const { [key]: _, ...rest } = details.value
  store.changePaper({ details: value === otherwise ? rest : { ...rest, [key]: value } })
}
const yes = (value: boolean) => (value ? 'yes' : 'no')
interface Row { key: string, says: string, value: string, otherwise: string, options: readonly (readonly [string, string])[] }
const rows = computed((): Row[] => {
  const { page } = store.style
  const notes = composed.composition.notes.length > 0
  const headings = (written.body.content ?? []).some(block => block.type === 'heading')
  const captioned = (written.body.content ?? []).some(block => block.type === 'table' || block.type === 'figure')
  const row = (key: string, says: string, value: string, otherwise: string, options: Row['options']): Row => ({ key, says, value, otherwise, options })
  const yesNo = (key: 'titlePage' | 'contents' | 'figures' | 'lineNumbers', says: string) =>
    row(key, says, yes(now.value[key]), yes(own.value[key]), [['yes', 'yes'], ['no', 'no']])
  return [
    row('sort', 'Handed in as', now.value.sort, 'paper', [['paper', 'a paper'], ['annotated', 'an annotated bibliography'], ['bibliography', 'a list of works'], ['notes', 'notes alone']]),
    row('paperSize', 'Paper', now.value.paper, own.value.paper, [['letter', 'US Letter'], ['a4', 'A4']]),
    row('face', 'Face', now.value.face, own.value.face, FACES.map(({ name, size }) => [name, `${name}, ${page.size + (name === page.face ? 0 : size - 12)} points`] as const)),
    yesNo('titlePage', 'A title page'),
    ...(page.professional ? [row('professional', 'Written for', yes(now.value.professional), 'no', [['no', 'a course'], ['yes', 'a journal']])] : []),
    ...(headings || now.value.contents ? [yesNo('contents', 'A contents list')] : []),
    ...(captioned || now.value.figures ? [yesNo('figures', 'A list of tables and figures')] : []),
    ...(notes ? [row('notes', 'Notes', now.value.notesAt === 'end' ? 'endnotes' : 'foot', 'foot', [['foot', 'at the foot of their page'], ['endnotes', 'at the end']])] : []),
    row('edges', 'Right edge', now.value.justified ? 'justified' : 'ragged', own.value.justified ? 'justified' : 'ragged', [['ragged', 'ragged'], ['justified', 'straight']]),
    ...(now.value.justified ? [row('hyphens', 'Long words', yes(now.value.hyphens), 'no', [['no', 'whole'], ['yes', 'divided at line ends']])] : []),
    ...(page.columns ? [row('columns', 'Columns', now.value.columns > 1 ? 'yes' : 'no', 'no', [['no', 'one'], ['yes', 'two, as printed']])] : []),
    yesNo('lineNumbers', 'Lines numbered'),
  ]
})
</script>

<template>
  <section aria-labelledby="open-heading">
    <h2
      id="open-heading"
      class="mb-1 font-semibold"
    >
      What {{ store.style.short }} leaves open
    </h2>
    <dl class="grid grid-cols-[auto_1fr] items-baseline gap-x-3 text-plain">
      <template
        v-for="one in rows"
        :key="one.key"
      >
        <dt class="text-soft">
          {{ one.says }}
        </dt>
        <dd>
          <PartsSelect
            class="max-w-full font-semibold"
            :aria-label="one.says"
            :model-value="one.value"
            :options="one.options"
            @update:model-value="choose(one.key, $event, one.otherwise)"
          />
        </dd>
      </template>
    </dl>
  </section>
</template>
