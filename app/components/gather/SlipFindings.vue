<script setup lang="ts">
import type { Finding } from '~~/core/check/finding'
import { compareFields, mergeFields } from '~~/core/source/merging'
import type { FieldName } from '~~/core/source/fields'
import type { PaperSource } from '~/stores/sources'

/** What is to be looked at in a source, each with its rule in words, a fix where one is certain, and the choice to leave it. */
const props = defineProps<{ source: PaperSource, findings: readonly Finding[] }>()
const emit = defineEmits<{ merged: [into: string] }>()
const owned = useSources()
const found = useFindings()
const shelf = useShelf()
const notices = useNotices()
const merging = ref<string>()
const twin = computed(() => (merging.value ? owned.byId.get(merging.value) : undefined))
const fieldOf = ({ where }: Finding) => (where.at === 'field' ? where.field : undefined)
const show = (finding: Finding) => {
  const field = fieldOf(finding)
  if (!field) return
  const slip = `#slip-${props.source.id}`
  document.querySelector<HTMLElement>(`${slip} [data-field="${field}"], ${slip} [data-names="${field}"] input`)?.focus()
}
const merge = (take: ReadonlySet<FieldName>) => notices.attempt(async () => {
  const into = twin.value!
  await shelf.merge(into, props.source, mergeFields(into.fields, props.source.fields, take))
  emit('merged', into.id)
})
/** What it says behind the few words that stand before it, which it may begin with. */
const rest = ({ brief, says }: Finding): string => (says.startsWith(`${brief}.`) ? says.slice(brief.length + 1) : says)
</script>

<template>
  <ul
    v-if="findings.length"
    class="mb-4 border-l-[3px] border-madder bg-vellum/60 px-4 py-1 text-plain"
    aria-label="To look at"
  >
    <li
      v-for="finding in findings"
      :key="finding.id"
      class="flex flex-wrap items-baseline gap-x-4 py-1"
    >
      <span class="min-w-0 flex-1 basis-72"><b :class="finding.serious ? 'text-madder' : ''">{{ finding.brief }}.</b> {{ rest(finding) }}<span
        v-if="finding.fix?.shows"
        class="block font-page text-body"
      >{{ finding.fix.shows.replace(/<[^>]+>/gu, '') }}</span></span>
      <span class="flex shrink-0 gap-4">
        <PartsButton
          v-if="finding.fix"
          @click="shelf.fix(source, finding)"
        >{{ finding.fix.label }}</PartsButton>
        <PartsButton
          v-else-if="finding.other"
          @click="merging = merging ? undefined : finding.other"
        >Merge the two</PartsButton>
        <PartsButton
          v-else-if="fieldOf(finding)"
          @click="show(finding)"
        >Go to it</PartsButton>
        <PartsButton
          kind="quiet"
          @click="found.leaveOf(source, finding)"
        >Leave it</PartsButton>
      </span>
      <GatherMergeLines
        v-if="twin && finding.other"
        class="basis-full"
        :comparison="compareFields(twin.fields, source.fields)"
        :kind="source.kind"
        mine-word="the other"
        theirs-word="this one"
        @merge="merge"
        @cancel="merging = undefined"
      />
    </li>
  </ul>
</template>
