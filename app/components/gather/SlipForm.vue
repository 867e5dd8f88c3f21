<script setup lang="ts">
import { FIELDS, FIELD_NAMES, type FieldName } from '~~/core/source/fields'
import { hintFor, kindOf } from '~~/core/source/kinds'
import { has, type Fields } from '~~/core/source/model'
import { QUESTIONS } from '~~/core/text/runs'
import type { PaperSource } from '~/stores/paper'

/** The fields this kind of source needs, grouped by the five questions, with where on the source to look for each. */
const props = defineProps<{ source: PaperSource }>()
const emit = defineEmits<{ focus: [field: FieldName | undefined] }>()
const store = usePaper()
const WORDS = { who: 'Who', when: 'When', what: 'What', inside: 'Inside what', where: 'Where' } as const
const INK = { who: 'var(--woad)', when: 'var(--madder)', what: 'var(--verdigris)', inside: 'var(--ochre)', where: 'var(--plum)' } as const
const asked = ref<FieldName[]>([])
const kind = computed(() => kindOf(props.source.kind))
// A field once shown stays while the slip is open, even when it is emptied.
watch(() => props.source.kind, () => { asked.value = [] })
const shown = computed(() => {
  const wanted = new Set<FieldName>([...kind.value.required, ...kind.value.usual, ...asked.value])
  return FIELD_NAMES.filter(name => wanted.has(name) || has(props.source, name))
})
const groups = computed(() => QUESTIONS.map(question => ({ question, fields: shown.value.filter(name => FIELDS[name].question === question) })).filter(g => g.fields.length))
const more = computed(() => FIELD_NAMES.filter(name => !shown.value.includes(name)))
/** Columns out of six. */
const THIRD = new Set<FieldName>(['volume', 'issue', 'number', 'pages', 'containerShort', 'season', 'chapter', 'seriesNumber', 'numberOfVolumes', 'section'])
const WIDE = new Set<FieldName>(['container', 'doi', 'series'])
const width = (name: FieldName): string => (THIRD.has(name) ? 'col-span-3 sm:col-span-2' : WIDE.has(name) ? 'col-span-6 sm:col-span-4' : HALF.has(name) ? 'col-span-3' : 'col-span-6')
const HALF = new Set<FieldName>(['edition', 'version', 'issued', 'originalDate', 'accessed', 'place', 'publisher', 'status', 'genre', 'medium', 'archivePlace', 'eventPlace', 'scale', 'dimensions', 'language', 'isbn', 'issn'])

function change(name: FieldName, value: unknown) {
  const fields: Fields = { ...props.source.fields, [name]: value }
  if (value === undefined) Reflect.deleteProperty(fields, name)
  store.changeSource(props.source.id, { fields })
}
function ask(event: Event) {
  const select = event.target as HTMLSelectElement
  if (select.value) asked.value = [...asked.value, select.value as FieldName]
  select.value = ''
}
</script>

<template>
  <div class="grid gap-y-4">
    <fieldset
      v-for="group in groups"
      :key="group.question"
      class="grid gap-x-5 border-l-[3px] pl-3 sm:grid-cols-[84px_1fr]"
      :style="{ borderColor: INK[group.question] }"
    >
      <legend class="sr-only">
        {{ WORDS[group.question] }}
      </legend>
      <span
        aria-hidden="true"
        class="pt-0.5 font-semibold"
        :style="{ color: INK[group.question] }"
      >{{ WORDS[group.question] }}</span>
      <div class="grid grid-cols-6 gap-x-4 gap-y-2">
        <GatherFieldLine
          v-for="name in group.fields"
          :key="name"
          :class="width(name)"
          :name="name"
          :value="source.fields[name]"
          :hint="hintFor(source.kind, name)"
          :required="kind.required.includes(name)"
          @change="change(name, $event)"
          @focus="emit('focus', name)"
          @blur="emit('focus', undefined)"
        />
      </div>
    </fieldset>
    <label class="text-[13px] text-soft">Something this source also has:
      <select
        class="max-w-48 border-0 bg-transparent font-semibold text-verdigris"
        @change="ask"
      >
        <option value="">add a line…</option>
        <option
          v-for="name in more"
          :key="name"
          :value="name"
        >{{ FIELDS[name].label }}</option>
      </select>
    </label>
  </div>
</template>
