<script setup lang="ts">
import { parseRich } from '~~/core/text/rich'
import type { ShownFinding } from '~/stores/findings'

/** One finding: the words as they stand, what is the matter and where that is written, and what can be done. */
const props = defineProps<{ finding: ShownFinding, current: boolean, left: boolean, lacksPlace: boolean, showTo: string }>()
const emit = defineEmits<{ look: [], fix: [], leave: [], give: [place: string] }>()
const root = useTemplateRef<HTMLElement>('root')
defineExpose({ focus: () => { root.value?.focus(); root.value?.scrollIntoView({ block: 'nearest' }) } })
const place = ref('')
const goes = computed(() => (props.finding.where.at === 'field' ? 'Look at the source' : props.finding.where.at === 'detail' ? 'Go there' : 'Show it'))
</script>

<template>
  <li
    ref="root"
    class="finding"
    :class="{ current }"
    :tabindex="current ? 0 : -1"
    :aria-current="current || undefined"
    :data-rule="finding.rule"
    @focusin="emit('look')"
    @click="emit('look')"
  >
    <p class="line-clamp-2 font-page text-page-small leading-6">
      <template
        v-for="(piece, i) in parseRich(finding.excerpt)"
        :key="i"
      ><i v-if="piece.italic">{{ piece.text }}</i><template v-else>{{ piece.text }}</template></template>
    </p>
    <CheckFindingSays :finding="finding" />
    <div class="mt-0.5 flex flex-wrap items-baseline gap-x-4 text-plain">
      <form
        v-if="lacksPlace && !left"
        class="flex items-baseline gap-3"
        @submit.prevent="emit('give', place)"
      >
        <PartsField
          v-model="place"
          :draft="`place ${finding.id}`"
          label="place"
          beside
          placeholder="p. 133"
          field-class="w-24"
          :tabindex="current ? 0 : -1"
        />
        <PartsButton
          type="submit"
          :disabled="!place.trim()"
          :tabindex="current ? 0 : -1"
        >
          Give it
        </PartsButton>
      </form>
      <span
        v-if="finding.fix && !left"
        class="whitespace-nowrap"
      ><PartsButton
        :tabindex="current ? 0 : -1"
        @click.stop="emit('fix')"
      >{{ finding.fix.label }}</PartsButton><span
        v-if="finding.certain"
        class="text-small text-soft"
      > certain</span></span>
      <PartsButton
        kind="quiet"
        :tabindex="current ? 0 : -1"
        @click.stop="emit('leave')"
      >
        {{ left ? 'Take it up again' : 'Leave it' }}
      </PartsButton>
      <PartsButton
        kind="quiet"
        :to="showTo"
        :tabindex="current ? 0 : -1"
      >
        {{ goes }}
      </PartsButton>
    </div>
  </li>
</template>

<style scoped>
.finding { padding: 9px 12px 9px 12px; border-left: 3px solid transparent; cursor: default; }
.finding.current { background: var(--leaf); border-left-color: var(--verdigris); }
.finding:focus-visible { outline-offset: -2px; }
</style>
