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
const YES_NO = [['yes', 'yes'], ['no', 'no']] as const
const has = (...types: string[]) => (written.body.content ?? []).some(block => types.includes(block.type))
const rows = computed((): Row[] => {
  const { page } = store.style
  const [is, was] = [now.value, own.value]
  const row = (key: string, says: string, value: string, otherwise: string, options: Row['options']): Row =>
    ({ key, says, value, otherwise, options })
  const yesNo = (key: 'titlePage' | 'contents' | 'figures' | 'lineNumbers', says: string) => row(key, says, yes(is[key]), yes(was[key]), YES_NO)
  const edges = (justified: boolean) => (justified ? 'justified' : 'ragged')
  const sizeOf = ({ name, size }: (typeof FACES)[number]) => page.size + (name === page.face ? 0 : size - 12)
  const whole = is.sort === 'paper'
  const all: (Row | false | undefined)[] = [
    row('sort', 'Handed in as', is.sort, 'paper', SORT_WORDS),
    is.sort !== 'slides' && row('paperSize', 'Paper', is.paper, was.paper, [['letter', 'US Letter'], ['a4', 'A4']]),
    row('face', 'Face', is.face, was.face, FACES.map(face => [face.name, `${face.name}, ${sizeOf(face)} points`] as const)),
    (whole || is.sort === 'annotated' || is.sort === 'bibliography') && yesNo('titlePage', 'A title page'),
    whole && page.professional && row('professional', 'Written for', yes(is.professional), 'no', [['no', 'a course'], ['yes', 'a journal']]),
    whole && (has('heading') || is.contents) && yesNo('contents', 'A contents list'),
    whole && (has('table', 'figure') || is.figures) && yesNo('figures', 'A list of tables and figures'),
    whole && composed.composition.notes.length > 0
    && row('notes', 'Notes', is.notesAt === 'end' ? 'endnotes' : 'foot', 'foot', [['foot', 'at the foot of their page'], ['endnotes', 'at the end']]),
    row('edges', 'Right edge', edges(is.justified), edges(was.justified), [['ragged', 'ragged'], ['justified', 'straight']]),
    is.justified && row('hyphens', 'Long words', yes(is.hyphens), 'no', [['no', 'whole'], ['yes', 'divided at line ends']]),
    whole && page.columns && row('columns', 'Columns', yes(is.columns > 1), 'no', [['no', 'one'], ['yes', 'two, as printed']]),
    whole && yesNo('lineNumbers', 'Lines numbered'),
    whole && row('returning', 'Citations in .docx', yes(is.returning), 'no', [['no', 'as words'], ['yes', 'to come back as such']]),
  ].map(one => (typeof one === 'object' ? one : false))
  return all.filter(one => typeof one === 'object')
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
