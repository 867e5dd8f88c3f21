<script setup lang="ts">
import { dragAndDrop } from '@formkit/drag-and-drop/vue'
import { GripVertical } from '@lucide/vue'
import { FIELDS, type FieldName } from '~~/core/source/fields'
import { looksLikeGroup, readName, writeName, type Name } from '~~/core/source/names'
import { otherSplits } from '~~/core/source/splits'
import { readPastedNames } from '~~/core/intake/reference/pasted-names'

/** Names, one a row, each a person or a group. Several typed or pasted into one row become rows of their own. */
const props = defineProps<{
  name: FieldName
  value: readonly Name[] | undefined
  hint?: string | undefined
  lit?: boolean
  required?: boolean
}>()
const emit = defineEmits<{ change: [value: Name[] | undefined], focus: [], blur: [] }>()
interface Row { id: number, typed: string, group?: boolean }
let next = 0
const toRow = (name: Name): Row => ({
  id: next++,
  typed: writeName(name).replace(/^\{(.*)\}(?=$|\s\[)/u, '$1'),
  ...(name.literal !== undefined && !looksLikeGroup(name.literal) && /\s/u.test(name.literal) ? { group: true } : {}),
})
const rowsOf = (value: readonly Name[] | undefined): Row[] => (value?.length ? value.map(toRow) : [{ id: next++, typed: '' }])
const rows = ref<Row[]>(rowsOf(props.value))
const root = useTemplateRef<HTMLElement>('root')
const list = useTemplateRef<HTMLElement>('list')
const label = computed(() => FIELDS[props.name].label)

function readRow(row: Row): Name[] {
  const typed = row.typed.trim()
  if (!typed) return []
  if (row.group) return [readName(typed.replace(/^(.*?)(\s*\[[^\]]+\])?$/u, '{$1}$2'))]
  if (row.group === false && !typed.includes(',')) {
    // A person whose name looks like a group's: the last word is the surname.
    const words = typed.split(/\s+/u)
    return [{ family: words.at(-1)!, ...(words.length > 1 ? { given: words.slice(0, -1).join(' ') } : {}) }]
  }
  return readPastedNames(typed)
}
const read = (): Name[] => rows.value.flatMap(readRow)
let own = JSON.stringify(props.value ?? [])
watch(() => props.value, (value) => {
  if (JSON.stringify(value ?? []) === own) return
  own = JSON.stringify(value ?? [])
  rows.value = rowsOf(value)
})
function give() {
  const names = read()
  own = JSON.stringify(names)
  emit('change', names.length ? names : undefined)
}
function type(row: Row, text: string) {
  row.typed = text
  give()
}
/** Rows that hold several names are split once the writer leaves them. */
function settle(row: Row) {
  emit('blur')
  const names = readRow(row)
  if (names.length > 1) rows.value.splice(rows.value.indexOf(row), 1, ...names.map(toRow))
}
const focusRow = (at: number) => nextTick(() => root.value?.querySelectorAll<HTMLInputElement>('input')[at]?.focus())
function add(at: number) {
  const row = rows.value[at]
  if (row) settle(row)
  rows.value.splice(at + 1, 0, { id: next++, typed: '' })
  void focusRow(at + 1)
}
function remove(at: number) {
  if (rows.value.length === 1) rows.value = [{ id: next++, typed: '' }]
  else rows.value.splice(at, 1)
  give()
  void focusRow(Math.max(0, at - 1))
}
function move(at: number, by: number) {
  const to = at + by
  if (to < 0 || to >= rows.value.length) return
  const [row] = rows.value.splice(at, 1)
  rows.value.splice(to, 0, row!)
  give()
  void focusRow(to)
}
function key(event: KeyboardEvent, at: number) {
  if (event.key === 'Enter' && !event.isComposing) {
    event.preventDefault()
    add(at)
  } else if (event.key === 'Backspace' && !rows.value[at]!.typed && rows.value.length > 1) {
    event.preventDefault()
    remove(at)
  } else if (event.altKey && /^Digit[1-3]$/u.test(event.code)) {
    const as = splitsOf(rows.value[at]!)[Number(event.code.slice(-1)) - 1]
    if (!as) return
    event.preventDefault()
    split(rows.value[at]!, as)
  } else if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
    event.preventDefault()
    move(at, event.key === 'ArrowUp' ? -1 : 1)
  }
}
function paste(event: ClipboardEvent, row: Row) {
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (row.typed.trim() || !text.trim()) return
  const names = readPastedNames(text)
  if (names.length < 2) return
  event.preventDefault()
  rows.value.splice(rows.value.indexOf(row), 1, ...names.map(toRow))
  give()
}
// Names are put in order by their handle; by keys with Alt and the arrows, or "up".
onMounted(() => {
  dragAndDrop({
    parent: list as Ref<HTMLElement>,
    values: rows,
    dragHandle: '[data-handle]',
    draggingClass: 'dragged',
    dropZoneClass: 'dragged',
    onDragend: give,
  })
})
/** How people are named in the sources of this paper. */
const owned = useSources()
const elsewhere = computed(() => owned.sources.flatMap(({ fields }) => Object.values(fields).flatMap(value => (Array.isArray(value) ? value : []))))
/** Where a row's one name may be split otherwise, as the row would say it. */
function splitsOf(row: Row): string[] {
  if (row.group !== undefined) return []
  const [name, ...others] = readRow(row)
  return name && !others.length ? otherSplits(name, elsewhere.value).map(writeName) : []
}
function split(row: Row, as: string) {
  row.typed = as
  give()
  void focusRow(rows.value.indexOf(row))
}
const isGroup = (row: Row): boolean => readRow(row).every(name => name.literal !== undefined)
function turn(row: Row) {
  row.group = !isGroup(row)
  give()
}
</script>

<template>
  <div
    ref="root"
    role="group"
    :aria-label="`${label}s`"
    :class="lit && 'lit'"
  >
    <span class="flex items-baseline justify-between gap-2 text-fine text-soft">
      <span class="shrink-0">{{ label }}{{ rows.length > 1 ? 's' : '' }}</span>
      <span class="truncate">{{ hint }}</span>
    </span>
    <div ref="list">
      <div
        v-for="(row, at) in rows"
        :key="row.id"
        class="name-row flex flex-wrap items-baseline gap-x-2 border-b border-rule"
      >
        <span
          v-if="rows.length > 1"
          data-handle
          class="tools -ml-1 shrink-0 cursor-grab self-center text-soft"
          aria-hidden="true"
          title="Drag to put the names in order"
        ><GripVertical :size="13" /></span>
        <PartsField
          look="bare"
          class="min-w-0 flex-1 px-px py-[5px]"
          :model-value="row.typed"
          :aria-label="at ? `${label} ${at + 1}` : label"
          :aria-description="hint"
          :placeholder="at ? 'Surname, Given' : 'Surname, Given; or a group'"
          :aria-required="required"
          maxlength="500"
          autocomplete="off"
          spellcheck="false"
          dir="auto"
          @update:model-value="type(row, $event)"
          @focus="emit('focus')"
          @blur="settle(row)"
          @keydown="key($event, at)"
          @paste="paste($event, row)"
        />
        <PartsButton
          v-if="row.typed.trim()"
          kind="quiet"
          class="shrink-0 text-fine"
          :title="isGroup(row) ? 'Printed whole. Make it a person' : 'Printed surname first. Make it a group, printed whole'"
          :aria-label="isGroup(row) ? `${row.typed} is a group; make it a person` : `${row.typed} is a person; make it a group`"
          @click="turn(row)"
        >
          {{ isGroup(row) ? 'a group' : 'a person' }}
        </PartsButton>
        <span
          v-if="rows.length > 1"
          class="tools flex w-12 shrink-0 justify-end gap-2 text-fine"
        >
          <PartsButton
            v-if="at"
            kind="quiet"
            title="One up (Alt+↑)"
            :aria-label="`Move ${row.typed || 'this name'} up`"
            @click="move(at, -1)"
          >up</PartsButton>
          <PartsButton
            kind="quiet"
            :aria-label="`Take ${row.typed || 'this name'} out`"
            @click="remove(at)"
          >out</PartsButton>
        </span>
        <span
          v-if="splitsOf(row).length"
          class="splits w-full pb-1.5 pt-1 text-fine text-soft"
        >or
          <template
            v-for="(as, n) in splitsOf(row)"
            :key="as"
          ><template v-if="n">, </template><PartsButton
            kind="quiet"
            class="text-fine"
            :title="`Filed under ${as.split(',')[0]} (Alt+${n + 1})`"
            :aria-label="`The surname may be ${as.split(',')[0]}: write ${as}`"
            @click="split(row, as)"
          >{{ as }}</PartsButton></template>
        </span>
      </div>
    </div>
    <PartsButton
      v-if="rows.at(-1)!.typed.trim()"
      kind="quiet"
      class="mt-0.5 text-fine"
      @click="add(rows.length - 1)"
    >
      another {{ label.toLowerCase() }}
    </PartsButton>
  </div>
</template>

<style scoped>
.name-row:focus-within { border-color: var(--verdigris); box-shadow: 0 1px 0 var(--verdigris); }
.tools { opacity: 0; }
.splits { display: none; }
.name-row:focus-within .splits { display: block; }
.dragged { background: var(--tint); }
.name-row:hover .tools, .name-row:focus-within .tools { opacity: 1; }
@media (hover: none) { .tools { opacity: 1; } }
.lit .name-row { background: var(--wash); }
</style>
