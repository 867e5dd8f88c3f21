<script setup lang="ts">
import { unprinted } from '~~/core/compose/unprinted'
import { FIELDS, FIELD_NAMES, type FieldName } from '~~/core/source/fields'
import { hintFor, kindOf, labelFor } from '~~/core/source/kinds'
import { has, withField } from '~~/core/source/model'
import type { Name } from '~~/core/source/names'
import { restoreField } from '~~/core/source/switching'
import { QUESTIONS } from '~~/core/text/runs'
import type { PaperSource } from '~/stores/sources'
import { INKS } from '~/utils/inks'
import { written } from '~/utils/written'

/** The fields this kind of source needs, grouped by the five questions, with where on the source to look for each. */
const props = defineProps<{ source: PaperSource, lit?: FieldName | undefined }>()
const emit = defineEmits<{ focus: [field: FieldName | undefined] }>()
const owned = useSources()
const asked = ref<FieldName[]>([])
const capitals = ref(false)
const kind = computed(() => kindOf(props.source.kind))
const store = usePaper()
/** Where to look for a field; where it is filled in and the style does not print it, that, and why. */
const silent = computed(() => unprinted(store.style, props.source))
function hint(name: FieldName): string {
  const why = silent.value.get(name)
  if (why === undefined) return hintFor(props.source.kind, name)
  return `not printed in ${store.style.short}${why && `: ${why}`}`
}
watch(() => props.source.kind, () => { asked.value = [] })
// A field once shown stays while the slip is open, even when it is emptied. Required ones first within their question.
const shown = computed(() => {
  const wanted = new Set<FieldName>([...kind.value.required, ...kind.value.usual, ...asked.value])
  const names = FIELD_NAMES.filter(name => wanted.has(name) || has(props.source, name))
  return names.sort((a, b) => rank(a) - rank(b))
})
function rank(name: FieldName): number {
  const required = (kind.value.required as readonly FieldName[]).indexOf(name)
  const usual = (kind.value.usual as readonly FieldName[]).indexOf(name)
  return required >= 0 ? required : usual >= 0 ? 20 + usual : 60 + FIELD_NAMES.indexOf(name)
}
const groups = computed(() =>
  QUESTIONS.map((question) => ({ question, fields: shown.value.filter((name) => FIELDS[name].question === question) })).filter(
    (g) => g.fields.length,
  ),
)
const more = computed(() => FIELD_NAMES.filter(name => !shown.value.includes(name)))
const parked = computed(() => FIELD_NAMES.filter(name => props.source.parked[name] !== undefined))
/** Columns out of six. */
const THIRD = new Set<FieldName>([
  'volume',
  'issue',
  'number',
  'pages',
  'containerShort',
  'season',
  'chapter',
  'seriesNumber',
  'numberOfVolumes',
  'section',
])
const WIDE = new Set<FieldName>(['container', 'doi', 'series'])
const HALF = new Set<FieldName>([
  'edition',
  'version',
  'issued',
  'originalDate',
  'accessed',
  'place',
  'publisher',
  'status',
  'genre',
  'medium',
  'archivePlace',
  'eventPlace',
  'scale',
  'dimensions',
  'language',
  'isbn',
  'issn',
])
const width = (name: FieldName): string =>
  THIRD.has(name)
    ? 'col-span-3 sm:col-span-2'
    : WIDE.has(name)
      ? 'col-span-6 sm:col-span-4'
      : HALF.has(name)
        ? 'col-span-6 sm:col-span-3'
        : 'col-span-6'

const change = (name: FieldName, value: PaperSource['fields'][FieldName] | undefined) =>
  owned.changeSource(props.source.id, { fields: withField(props.source.fields, name, value) })
function ask(event: Event) {
  const select = event.target as HTMLSelectElement
  if (select.value) asked.value = [...asked.value, select.value as FieldName]
  select.value = ''
}
const restore = (name: FieldName) => owned.changeSource(props.source.id, restoreField(props.source, name))
</script>

<template>
  <div class="grid content-start gap-y-4">
    <fieldset
      v-for="group in groups"
      :key="group.question"
      class="grid gap-x-5 border-l-[3px] pl-3 sm:grid-cols-[84px_1fr]"
      :style="{ borderColor: INKS[group.question].ink }"
    >
      <legend class="sr-only">
        {{ INKS[group.question].word }}
      </legend>
      <span
        aria-hidden="true"
        class="pt-0.5 font-semibold"
        :style="{ color: INKS[group.question].ink }"
      >{{ INKS[group.question].word }}</span>
      <div class="grid grid-cols-6 gap-x-4 gap-y-2">
        <template
          v-for="name in group.fields"
          :key="name"
        >
          <GatherNameRows
            v-if="FIELDS[name].type === 'names'"
            class="col-span-6"
            :data-names="name"
            :name="name"
            :value="(source.fields[name] as Name[] | undefined)"
            :hint="hint(name)"
            :required="kind.required.includes(name)"
            :lit="lit === name"
            @change="change(name, $event)"
            @focus="emit('focus', name)"
            @blur="emit('focus', undefined)"
          />
          <GatherFieldLine
            v-else
            :class="width(name)"
            :name="name"
            :label="labelFor(source.kind, name)"
            :value="source.fields[name]"
            :hint="hint(name)"
            :required="kind.required.includes(name)"
            :lit="lit === name"
            @change="change(name, $event)"
            @focus="emit('focus', name)"
            @blur="emit('focus', undefined)"
          />
          <div
            v-if="name === 'title' && source.fields.title && !kind.plainTitle"
            class="col-span-6 -mt-1"
          >
            <GatherTitleWords
              v-if="capitals"
              :title="source.fields.title"
              @change="change('title', $event)"
            />
            <PartsButton
              kind="quiet"
              class="text-fine"
              :aria-expanded="capitals"
              @click="capitals = !capitals"
            >
              {{ capitals ? 'Enough' : 'Which words are names?' }}
            </PartsButton>
          </div>
        </template>
      </div>
    </fieldset>
    <div
      v-if="parked.length"
      class="border-l-[3px] border-rule pl-3 text-plain"
    >
      <span class="text-soft">Put aside, since a {{ kind.label.toLowerCase() }} has no place for it:</span>
      <ul>
        <li
          v-for="name in parked"
          :key="name"
          class="flex flex-wrap items-baseline gap-x-3"
        >
          <span class="text-soft">{{ FIELDS[name].label }}</span> {{ written(source.parked[name]) }}
          <PartsButton
            class="text-small"
            @click="restore(name)"
          >
            Put back
          </PartsButton>
        </li>
      </ul>
    </div>
    <label class="text-small text-soft">Something this source also has:
      <PartsSelect
        class="max-w-48 font-semibold text-verdigris"
        model-value=""
        :options="[['', 'add a line…'], ...more.map(name => [name, FIELDS[name].label] as const)]"
        @change="ask"
      />
    </label>
  </div>
</template>
