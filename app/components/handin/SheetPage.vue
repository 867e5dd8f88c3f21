<script setup lang="ts">
import type { ShownLine, ShownPage } from '~/stores/pages'

/** One page as it prints: its lines where they stand, in points. A line that is from somewhere leads there. */
const props = defineProps<{
  page: ShownPage
  width: number
  height: number
  face: string
  changed?: (line: ShownLine) => boolean
  /** Of the line one came from. */
  here?: string | undefined
}>()
const emit = defineEmits<{ go: [line: ShownLine] }>()
const WEIGHTS = { 'regular': [400, 'normal'], 'bold': [700, 'normal'], 'italic': [400, 'italic'], 'bold-italic': [700, 'italic'] } as const
const shape = (face: string) => WEIGHTS[face as keyof typeof WEIGHTS] ?? WEIGHTS.regular
const left = (line: ShownLine) => Math.min(...line.texts.map(text => text.x))
const right = (line: ShownLine) => Math.max(...line.texts.map(text => text.x + text.width))
const lines = computed(() => props.page.lines.filter(line => line.texts.length))
</script>

<template>
  <svg
    class="page block bg-leaf"
    :viewBox="`0 0 ${width} ${height}`"
    :style="{ fontFamily: `'${face}'` }"
    role="group"
    :aria-label="`Page ${page.label}`"
  >
    <image
      v-for="(picture, i) in page.pictures"
      :key="`p${i}`"
      :x="picture.x"
      :y="picture.y"
      :width="picture.width"
      :height="picture.height"
      :href="picture.picture"
      :aria-label="picture.alt"
    />
    <rect
      v-for="(rule, i) in page.rules"
      :key="`r${i}`"
      :x="rule.x"
      :y="rule.y - rule.thickness / 2"
      :width="rule.width"
      :height="rule.thickness"
      fill="currentColor"
    />
    <g
      v-for="(line, i) in lines"
      :key="i"
      :class="{ goes: line.from, missing: line.missing, changed: changed?.(line), here: line.from && here === JSON.stringify(line.from) }"
      @click="line.from && emit('go', line)"
    >
      <rect
        v-if="line.from"
        class="hit"
        :x="left(line) - 3"
        :y="line.baseline - line.texts[0]!.size"
        :width="right(line) - left(line) + 6"
        :height="line.texts[0]!.size * 1.35"
      />
      <text
        v-for="(text, k) in line.texts"
        :key="k"
        :x="text.x"
        :y="line.baseline - text.rise"
        :font-size="text.size"
        :font-family="text.face in WEIGHTS ? undefined : `'Page ${text.face} other'`"
        :font-weight="shape(text.face)[0]"
        :font-style="shape(text.face)[1]"
        :text-decoration="text.underline ? 'underline' : undefined"
      >{{ text.text }}</text>
    </g>
  </svg>
</template>

<style scoped>
.page { color: var(--ink); outline: 1px solid var(--rule); }
/* Set as it was measured: pairs kerned, letters not joined. */
text { fill: currentColor; white-space: pre; font-kerning: normal; font-variant-ligatures: none; font-variant-numeric: normal; text-rendering: geometricPrecision; }
.hit { fill: transparent; }
.goes { cursor: pointer; }
.goes:hover .hit { fill: var(--tint); }
.changed .hit { fill: var(--wash); }
.here .hit { fill: var(--wash); }
.missing text { fill: var(--madder); }
.missing .hit { fill: color-mix(in srgb, var(--madder) 16%, transparent); }
</style>
