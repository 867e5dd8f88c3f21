<script setup lang="ts">
import { composeAlone } from '~~/core/compose/compose'
import { FIELDS, FIELD_NAMES, type FieldName } from '~~/core/source/fields'
import { compareFields } from '~~/core/source/merging'
import { labelFor } from '~~/core/source/kinds'
import { missing } from '~~/core/source/model'
import { TRUSTS, type Trust } from '~~/core/intake/proposal'
import type { TrayItem } from '~/stores/tray'
import { INKS } from '~/utils/inks'
import { written } from '~/utils/written'
import { fieldWords } from '~/utils/words'

/** One proposed source: as a reference, what each detail comes from, what is missing, and whether the paper has it. */
const props = defineProps<{ item: TrayItem }>()
const emit = defineEmits<{ added: [id: string] }>()
const store = usePaper()
const owned = useSources()
const tray = useTray()
const notices = useNotices()
const opened = ref(false)
const merging = ref(false)
const source = computed(() => ({ id: 'tray', kind: props.item.proposal.kind, fields: props.item.proposal.fields }))
const alone = computed(() => composeAlone(store.style, source.value))
const same = computed(() => (props.item.same ? owned.byId.get(props.item.same.id) : undefined))
const holes = computed(() => fieldWords(missing(source.value), props.item.proposal.kind))
const given = computed(() => FIELD_NAMES.filter(name => props.item.proposal.fields[name] !== undefined))
const WORDS: Record<Trust, string> = {
  catalogue: 'from the catalogue',
  page: 'from the page’s tags',
  file: 'from the file',
  read: 'read',
  guessed: 'guessed',
}
/** The origins of this item's fields, with how many of each, most trusted first. */
const origins = computed(() =>
  TRUSTS.map((by) => ({ by, names: given.value.filter((name) => props.item.proposal.from[name]?.by === by) })).filter(
    (one) => one.names.length,
  ),
)
function named(names: readonly FieldName[]): string {
  const first = fieldWords(names.slice(0, 3), props.item.proposal.kind)
  return names.length > 3 ? `${first} and ${names.length - 3} more` : first
}
/** What the catalogue says beside what was typed. */
const looked = computed(() => {
  if (!props.item.found) return undefined
  const all = compareFields(props.item.proposal.fields, props.item.found.fields)
  return { ...all, differ: all.differ.filter(one => !one.lightly) }
})
const comparing = ref(false)
const foundWords = computed(() => {
  const { added = [], differ = [] } = looked.value ?? {}
  if (!added.length && !differ.length) return 'The catalogue says the same.'
  const says = [differ.length ? `has otherwise: ${fieldWords(differ.map(one => one.name), props.item.proposal.kind)}` : '', added.length ? `adds: ${fieldWords(added, props.item.proposal.kind)}` : '']
  return `The catalogue ${says.filter(Boolean).join('; ')}.`
})
function takeFound(takeFrom: ReadonlySet<FieldName>) {
  comparing.value = false
  tray.takeFound(props.item, takeFrom)
}
const differ = computed(() => (same.value ? compareFields(same.value.fields, props.item.proposal.fields) : undefined))

const take = () => notices.attempt(async () => {
  const [added] = await tray.accept([props.item.id])
  if (added && tray.items.length === 0) emit('added', added.id)
})
function merge(takeFrom: ReadonlySet<FieldName>) {
  merging.value = false
  if (same.value) void notices.attempt(() => tray.mergeInto(props.item, same.value!, takeFrom))
}
</script>

<template>
  <li class="border-t border-rule py-3 first:border-t-0">
    <div class="grid gap-x-8 gap-y-1 sm:grid-cols-[1fr_auto]">
      <div class="min-w-0">
        <p class="page-text hang text-page-small">
          <RunText
            :runs="alone.reference ?? alone.parenthetical"
            ink
          />
        </p>
        <p class="mt-1 text-small text-soft">
          <GatherKindFinder
            class="mr-3"
            :kind="item.proposal.kind"
            label="Kind of this source"
            @choose="tray.changeKind(item.id, $event)"
          />
          <template
            v-for="(origin, i) in origins"
            :key="origin.by"
          >
            <template v-if="i">
              ·
            </template>
            <span :class="origin.by === 'guessed' && 'text-ochre'">{{ named(origin.names) }} {{ WORDS[origin.by] }}</span>
          </template>
        </p>
        <p
          v-if="holes || item.proposal.doubts.length"
          class="text-small text-madder"
        >
          {{ [holes ? `Missing: ${holes}.` : '', ...item.proposal.doubts].filter(Boolean).join(' ') }}
        </p>
        <p
          v-if="looked"
          class="text-small text-verdigris"
        >
          {{ foundWords }} <PartsButton
            v-if="looked.added.length || looked.differ.length"
            :aria-expanded="comparing"
            @click="comparing = !comparing"
          >
            See them side by side
          </PartsButton>
        </p>
        <p
          v-if="same || item.twin"
          class="text-small font-semibold text-ochre"
        >
          {{ same ? `You have this already (the same ${item.same!.by})` : `Also higher up in this tray (the same ${item.twin!.by})` }}
        </p>
      </div>
      <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-plain sm:justify-end">
        <PartsButton
          v-if="same"
          @click="merging = !merging"
        >
          Merge
        </PartsButton>
        <PartsButton
          :kind="same || item.twin ? 'quiet' : 'act'"
          @click="take"
        >
          {{ same || item.twin ? 'Take it anyway' : 'Take' }}
        </PartsButton>
        <PartsButton
          kind="quiet"
          @click="tray.drop([item.id])"
        >
          Drop
        </PartsButton>
        <PartsButton
          kind="quiet"
          :aria-expanded="opened"
          @click="opened = !opened"
        >
          {{ opened ? 'Less' : 'Details' }}
        </PartsButton>
      </div>
    </div>
    <GatherMergeLines
      v-if="comparing && looked"
      :comparison="looked"
      :kind="item.proposal.kind"
      mine-word="as it was typed"
      theirs-word="the catalogue"
      @merge="takeFound"
      @cancel="comparing = false"
    />
    <GatherMergeLines
      v-if="merging && same && differ"
      :comparison="differ"
      :kind="item.proposal.kind"
      mine-word="yours"
      theirs-word="this one"
      @merge="merge"
      @cancel="merging = false"
    />
    <div
      v-if="opened"
      class="mt-2 border-l border-rule pl-4 text-plain"
    >
      <p
        v-if="item.proposal.original"
        class="mb-2"
      >
        <span class="block text-fine text-soft">as it was pasted</span>
        <span class="font-page text-body">{{ item.proposal.original.replace(/<[^>]+>/gu, '') }}</span>
      </p>
      <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-0.5 sm:grid-cols-[auto_1fr_auto]">
        <template
          v-for="name in given"
          :key="name"
        >
          <dt
            class="font-semibold"
            :style="{ color: INKS[FIELDS[name].question].ink }"
          >
            {{ labelFor(item.proposal.kind, name) }}
          </dt>
          <dd class="min-w-0 break-words">
            {{ written(item.proposal.fields[name]) }}
          </dd>
          <dd
            class="text-small text-soft max-sm:col-span-2"
            :class="item.proposal.from[name]?.by === 'guessed' && 'text-ochre'"
          >
            {{ item.proposal.from[name]?.says }}
          </dd>
        </template>
      </dl>
    </div>
  </li>
</template>
