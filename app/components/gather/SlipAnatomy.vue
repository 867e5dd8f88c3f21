<script setup lang="ts">
import { Copy } from '@lucide/vue'
import { compose, composeAlone } from '~~/core/compose/compose'
import { captionCredit } from '~~/core/compose/caption-credit'
import { silence } from '~~/core/compose/unprinted'
import { explain } from '~~/core/compose/explain'
import { FIELDS, type FieldName } from '~~/core/source/fields'
import { kindOf, labelFor } from '~~/core/source/kinds'
import type { Run } from '~~/core/text/runs'
import type { PaperSource } from '~/stores/sources'
import { copyRuns } from '~/utils/clipboard'
import { INKS } from '~/utils/inks'

/** The reference taken apart, and the forms it takes in the text. Parts and fields point at each other. */
const props = defineProps<{ source: PaperSource, field?: FieldName | undefined }>()
const emit = defineEmits<{ point: [field: FieldName | undefined], go: [field: FieldName] }>()
const store = usePaper()
const composed = useComposition()
const notices = useNotices()
const pointed = ref<Run>()
/** The part chosen by click, touch or arrow keys, among those with an answer. */
const at = ref<number>()
const alone = computed(() => composeAlone(store.style, props.source))
const paged = computed(() => kindOf(props.source.kind).paged)
const withPage = computed(
  () =>
    compose(store.style, [props.source], { citations: [{ items: [{ id: props.source.id, locator: { label: 'page', place: '104' } }] }] })
      .citations[0]!,
)
const runs = computed(() => alone.value.reference ?? alone.value.parenthetical)
const parts = computed(() => runs.value.filter(run => run.text && run.part !== 'glue'))
// Composed again to the same words (capitals that were asked for and stay), what was chosen stays chosen.
watch(() => runs.value.map(run => run.text).join('\n'), () => { at.value = undefined; pointed.value = undefined })
watch(() => props.field, () => { at.value = undefined })
const chosen = computed(() => pointed.value ?? (at.value === undefined ? undefined : parts.value[at.value]))
watch(chosen, run => emit('point', run?.field as FieldName | undefined))

const label = (name: FieldName) => labelFor(props.source.kind, name)
function notPrinted(name: FieldName): string {
  const why = silence(store.style, props.source, name)
  return `${store.style.short} does not print this for a ${kindOf(props.source.kind).label.toLowerCase()}${why ? `: ${why}` : ''}.`
}
const told = computed(() => {
  const run = chosen.value ?? runs.value.find(r => r.field === props.field && r.part !== 'glue')
  if (!run) {
    return props.field
      ? {
          head: `${label(props.field)}.`,
          ink: FIELDS[props.field].question,
          rule: {
            says:
              props.source.fields[props.field] === undefined
                ? 'Nothing is given here, so nothing is printed.'
                : notPrinted(props.field),
            source: '',
          },
        }
      : undefined
  }
  const rule = explain(store.style, run)[0]
  const own = run.field && FIELDS[run.field as FieldName] ? FIELDS[run.field as FieldName].label : ''
  return (
    rule && {
      head: own && `${label(run.field as FieldName)}.`,
      ink: run.part,
      rule: { ...rule, says: rule.says.replace(`${own}: `, '').replace(/^\p{Ll}/u, (c) => c.toUpperCase()) },
    }
  )
})
function key(event: KeyboardEvent) {
  const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (step) {
    event.preventDefault()
    at.value =
      at.value === undefined ? (step > 0 ? 0 : parts.value.length - 1) : (at.value + step + parts.value.length) % parts.value.length
  }
  else if (event.key === 'Enter' && chosen.value?.field) { event.preventDefault(); emit('go', chosen.value.field as FieldName) }
  else if (event.key === 'Escape') at.value = undefined
}
/** A first touch shows the rule; a second, or a click with a mouse, goes to the field. */
function press(run: Run, event: MouseEvent) {
  const i = parts.value.indexOf(run)
  const again = at.value === i
  at.value = i
  const touch = (event as PointerEvent).pointerType === 'touch'
  if ((again || !touch) && run.field) emit('go', run.field as FieldName)
}
const REPRODUCED = new Set(['figure', 'photograph', 'map', 'artwork', 'dataset'])
const credit = computed(() =>
  REPRODUCED.has(props.source.kind)
    ? captionCredit(store.style, props.source, composed.composition.list.find((e) => e.id === props.source.id)?.number)
    : undefined,
)
const forms = computed(() => {
  const list: [string, readonly Run[] | null | undefined][] = [['In the list', alone.value.reference]]
  if (store.style.citation.system === 'notes')
    list.push(['First note', alone.value.note], ['Later notes', alone.value.shortNote], ['In the sentence', alone.value.narrative])
  else
    list.push(
      ['In text', alone.value.parenthetical],
      ['In the sentence', alone.value.narrative],
      ...(paged.value ? [['With a page', withPage.value] as [string, readonly Run[]]] : []),
    )
  if (credit.value) list.push(['If reproduced', credit.value])
  return list.filter(([, form]) => form?.length) as [string, readonly Run[]][]
})
const copy = (word: string, form: readonly Run[]) => notices.attempt(async () => {
  await copyRuns(form)
  notices.say(`${word === 'In the list' ? 'The reference' : `“${word}”`} is on the clipboard, italics and all.`)
})
</script>

<template>
  <div>
    <ul
      class="mb-3 flex flex-wrap gap-x-4 gap-y-1 text-fine text-soft"
      aria-label="Inks"
    >
      <li
        v-for="{ word, ink } in INKS"
        :key="word"
        class="border-b-2"
        :style="{ borderColor: ink }"
      >
        {{ word }}
      </li>
    </ul>
    <p
      class="page-text hang leading-[1.75]"
      data-testid="anatomy"
      tabindex="0"
      role="group"
      aria-label="The reference in parts. Arrow keys go from part to part, Enter to its line."
      @keydown="key"
      @blur="at = undefined"
    >
      <RunText
        :runs="runs"
        ink
        :lit="at === undefined ? field : undefined"
        :chosen="at === undefined ? undefined : parts[at]"
        @point="pointed = $event"
        @press="press"
      />
    </p>
    <p
      v-if="!alone.reference"
      class="mt-1 text-small text-soft"
    >
      {{ store.style.short }} never lists this kind of source; it is cited in the text only.
    </p>
    <p
      class="mt-3 min-h-[62px] border-l-[3px] bg-wash/40 px-3 py-2 text-plain"
      :style="{ borderColor: told && told.ink !== 'glue' ? INKS[told.ink].ink : 'var(--rule)' }"
      aria-live="polite"
    >
      <template v-if="told">
        <b>{{ told.head }}</b> {{ told.rule.says }} <span class="text-fine text-soft">{{ told.rule.source }}</span>
      </template>
      <span
        v-else
        class="text-soft"
      >Point at a part, or go into a line, to see the rule behind it.</span>
    </p>
    <dl class="mt-3 grid grid-cols-[100px_1fr] items-baseline gap-y-1">
      <template
        v-for="[word, form] in forms"
        :key="word"
      >
        <dt class="text-small text-soft">
          {{ word }}
        </dt>
        <dd class="form flex items-baseline gap-2 font-page text-page-small">
          <span
            v-if="word === 'In the list'"
            class="text-small font-ui text-soft"
          >the reference above</span>
          <RunText
            v-else
            class="min-w-0"
            :runs="form"
          />
          <PartsButton
            kind="icon"
            class="copy shrink-0 self-center"
            :aria-label="`Copy: ${word}`"
            title="Copy"
            @click="copy(word, form)"
          >
            <Copy
              :size="14"
              aria-hidden="true"
            />
          </PartsButton>
        </dd>
      </template>
    </dl>
  </div>
</template>

<style scoped>
.copy { opacity: 0.45; }
.form:hover .copy, .copy:focus-visible { opacity: 1; }
</style>
