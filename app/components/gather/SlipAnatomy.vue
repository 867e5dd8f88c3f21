<script setup lang="ts">
import { compose, composeAlone } from '~~/core/compose/compose'
import { captionCredit } from '~~/core/compose/captions'
import { explain } from '~~/core/compose/explain'
import { FIELDS, type FieldName } from '~~/core/source/fields'
import { kindOf } from '~~/core/source/kinds'
import type { Run } from '~~/core/text/runs'
import type { PaperSource } from '~/stores/paper'

/** The reference taken apart, and the forms it takes in the text. */
const props = defineProps<{ source: PaperSource, field?: FieldName }>()
const store = usePaper()
const pointed = ref<Run>()
const alone = computed(() => composeAlone(store.style, props.source))
const paged = computed(() => kindOf(props.source.kind).paged)
const withPage = computed(() => {
  const composed = compose(store.style, [props.source], { citations: [{ items: [{ id: props.source.id, locator: { label: 'page', place: '104' } }] }] })
  return composed.citations[0]!
})
const INKS = [['who', 'Who', 'woad'], ['when', 'When', 'madder'], ['what', 'What', 'verdigris'], ['inside', 'Inside what', 'ochre'], ['where', 'Where', 'plum']] as const
const runs = computed(() => alone.value.reference ?? alone.value.parenthetical)
const told = computed(() => {
  const run = pointed.value ?? runs.value.find(r => r.field === props.field && r.part !== 'glue')
  if (!run) {
    return props.field ? { head: `${FIELDS[props.field].label}.`, rule: { says: props.source.fields[props.field] === undefined ? 'Nothing is given here, so nothing is printed.' : `${store.style.short} does not print this for a ${kindOf(props.source.kind).label.toLowerCase()}.`, source: '' } } : undefined
  }
  const rule = explain(store.style, run)[0]
  const label = run.field ? FIELDS[run.field as FieldName]?.label ?? '' : ''
  return rule && { head: label && `${label}.`, rule: { ...rule, says: rule.says.replace(`${label}: `, '').replace(/^\p{Ll}/u, c => c.toUpperCase()) } }
})
const REPRODUCED = new Set(['figure', 'photograph', 'map', 'artwork', 'dataset'])
const credit = computed(() => REPRODUCED.has(props.source.kind) ? captionCredit(store.style, props.source, store.composition.list.find(e => e.id === props.source.id)?.number) : undefined)
const forms = computed(() => store.style.citation.system === 'notes'
  ? [['First note', alone.value.note], ['Later notes', alone.value.shortNote], ['In the sentence', alone.value.narrative]] as const
  : [['In text', alone.value.parenthetical], ['In the sentence', alone.value.narrative], ...(paged.value ? [['With a page', withPage.value] as const] : [])] as const)
</script>

<template>
  <div>
    <ul
      class="mb-3 flex flex-wrap gap-x-4 gap-y-1 text-[12.5px] text-soft"
      aria-label="Inks"
    >
      <li
        v-for="[key, word, ink] in INKS"
        :key="key"
        class="border-b-2"
        :style="{ borderColor: `var(--${ink})` }"
      >
        {{ word }}
      </li>
    </ul>
    <p
      class="page-text hang leading-[1.75]"
      data-testid="anatomy"
    >
      <RunText
        :runs="runs"
        ink
        :lit="field"
        @point="pointed = $event"
      />
    </p>
    <p
      v-if="!alone.reference"
      class="mt-1 text-[13px] text-soft"
    >
      {{ store.style.short }} never lists this kind of source; it is cited in the text only.
    </p>
    <p
      class="mt-3 min-h-[62px] border-l-[3px] border-ochre bg-wash/40 px-3 py-2 text-[14px]"
      aria-live="polite"
    >
      <template v-if="told">
        <b>{{ told.head }}</b> {{ told.rule.says }} <span class="text-[12.5px] text-soft">{{ told.rule.source }}</span>
      </template>
      <span
        v-else
        class="text-soft"
      >Point at a part, or go into a line, to see the rule behind it.</span>
    </p>
    <dl class="mt-3 grid grid-cols-[108px_1fr] items-baseline gap-y-1">
      <template
        v-for="[word, form] in forms"
        :key="word"
      >
        <dt class="text-[13px] text-soft">
          {{ word }}
        </dt>
        <dd class="font-page text-[16px]">
          <RunText
            v-if="form"
            :runs="form"
          />
        </dd>
      </template>
      <template v-if="credit">
        <dt class="text-[13px] text-soft">
          If reproduced
        </dt>
        <dd class="font-page text-[16px]">
          <RunText :runs="credit" />
        </dd>
      </template>
    </dl>
  </div>
</template>
