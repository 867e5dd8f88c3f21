<script setup lang="ts">
import type { ShownPage, ShownSheet } from '~/stores/pages'

/** The pages small, in a column: where the ink stands, and the number of each. */
const props = defineProps<{ sheet: ShownSheet, current: number }>()
const emit = defineEmits<{ go: [page: number] }>()
/** Ink as one path: a bar for each line of words. */
function ink(page: ShownPage): string {
  let out = ''
  for (const { texts, baseline } of page.lines) {
    const [first] = texts
    if (!first) continue
    const last = texts.at(-1)!
    out += `M${first.x.toFixed(0)} ${(baseline - first.size * 0.45).toFixed(0)}h${Math.max(4, last.x + last.width - first.x).toFixed(0)}`
  }
  return out
}
const list = useTemplateRef<HTMLElement>('list')
watch(() => props.current, (at) => {
  const [rail, one] = [list.value, list.value?.children[at] as HTMLElement | undefined]
  if (!rail || !one) return
  if (one.offsetTop < rail.scrollTop || one.offsetTop + one.offsetHeight > rail.scrollTop + rail.clientHeight)
    rail.scrollTo({ top: one.offsetTop - rail.clientHeight / 2 })
})
function key(event: KeyboardEvent) {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  const at = event.key === 'Home' ? 0 : event.key === 'End' ? props.sheet.pages.length - 1 : by ? props.current + by : undefined
  if (at === undefined || !props.sheet.pages[at]) return
  event.preventDefault()
  emit('go', at)
  void nextTick(() => list.value?.querySelectorAll<HTMLElement>('button')[at]?.focus())
}
</script>

<template>
  <ol
    ref="list"
    class="relative flex flex-col items-center gap-2 overflow-y-auto py-4"
    aria-label="Pages"
    @keydown="key"
  >
    <li
      v-for="(page, i) in sheet.pages"
      :key="i"
      class="thumb"
    >
      <PartsButton
        kind="bare"
        class="block text-center text-small text-soft"
        :aria-label="`To page ${page.label}`"
        :aria-current="i === current ? 'page' : undefined"
        :tabindex="i === current ? 0 : -1"
        @click="emit('go', i)"
      >
        <svg
          :viewBox="`0 0 ${sheet.width} ${sheet.height}`"
          class="leaf mx-auto w-[46px] bg-leaf"
          aria-hidden="true"
        ><path
          :d="ink(page)"
          stroke="currentColor"
          :stroke-width="sheet.width / 90"
          fill="none"
        /></svg>
        {{ page.label }}
      </PartsButton>
    </li>
  </ol>
</template>

<style scoped>
.thumb { content-visibility: auto; contain-intrinsic-size: 60px 82px; padding: 1px 4px; }
.leaf { border: 1px solid var(--rule); box-sizing: content-box; }
[aria-current] .leaf { border-color: var(--verdigris); box-shadow: inset 0 0 0 1px var(--verdigris); }
[aria-current] { color: var(--ink); font-weight: 600; }
</style>
