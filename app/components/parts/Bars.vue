<script setup lang="ts">
import { useDebounceFn, useElementSize } from '@vueuse/core'
import { barAt, type Bars } from '~~/core/check/bars'

/**
 * A picture of numbers as bars. The server draws it; what stands under the pointer is told beside it, and pressed. For eyes
 * alone: whoever shows it gives the same numbers as a table too.
 */
const props = defineProps<{
  names: readonly string[]
  parts: Bars['parts']
  height: number
  lying?: boolean
  /** What a bar means, line by line. */
  tell?: (index: number) => readonly string[]
}>()
const emit = defineEmits<{ press: [index: number] }>()
const box = useTemplateRef<HTMLElement>('box')
const picture = useTemplateRef<HTMLElement>('picture')
const { width } = useElementSize(box)
const asked = computed((): Bars => ({
  width: Math.max(40, Math.round(width.value)), height: props.height, lying: props.lying ?? false, names: props.names.map(name => name.slice(0, 300)), parts: props.parts,
}))
/** What is drawn now; it stays until the next is there. */
const shown = shallowRef<Bars>()
const failed = ref('')

let turn = 0
async function draw() {
  if (!width.value || !box.value) return
  const [mine, bars] = [++turn, asked.value]
  try {
    const response = await fetch('/api/charts', { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(bars) })
    const text = await response.text()
    if (mine !== turn) return
    if (!response.ok) throw new Error((JSON.parse(text) as { message: string }).message)
    // Read as a document of its own kind: what is no picture is none.
    const svg = new DOMParser().parseFromString(text, 'image/svg+xml').documentElement
    if (svg.localName !== 'svg') throw new Error('What came is no picture.')
    for (const own of svg.querySelectorAll('script, style')) own.remove()
    picture.value?.replaceChildren(document.importNode(svg, true))
    shown.value = bars
    failed.value = ''
  }
  catch (error) {
    if (mine === turn) failed.value = error instanceof TypeError ? 'Dendle’s server does not answer.' : (error as Error).message
  }
}
watch(asked, useDebounceFn(draw, 60), { immediate: true })

const at = shallowRef<{ index: number, x: number, y: number }>()
function over(event: PointerEvent) {
  if (!shown.value || !picture.value) return
  const area = picture.value.getBoundingClientRect()
  const [x, y] = [event.clientX - area.left, event.clientY - area.top]
  const index = barAt(shown.value, x, y)
  at.value = index === undefined ? undefined : { index, x, y }
}
const lines = computed(() => (at.value && at.value.index < props.names.length ? props.tell?.(at.value.index) ?? [] : []))
/** Beside the pointer, on the side that has room. */
const beside = computed(() => {
  const { x, y } = at.value ?? { x: 0, y: 0 }
  return { top: `${y + 14}px`, ...(x < width.value / 2 ? { left: `${x + 12}px` } : { right: `${width.value - x + 12}px` }) }
})
</script>

<template>
  <div
    ref="box"
    class="relative"
  >
    <p
      v-if="failed"
      class="text-plain text-madder"
      role="alert"
    >
      The picture could not be drawn: {{ failed }} <PartsButton @click="draw">
        Draw it again
      </PartsButton>
    </p>
    <div
      v-show="shown || !failed"
      ref="picture"
      aria-hidden="true"
      :style="{ height: `${height}px` }"
      :class="{ 'cursor-pointer': at }"
      @pointermove="over"
      @pointerleave="at = undefined"
      @click="at && emit('press', at.index)"
    />
    <div
      v-if="lines.length"
      class="told"
      aria-hidden="true"
      :style="beside"
    >
      <div
        v-for="line in lines"
        :key="line"
      >
        {{ line }}
      </div>
    </div>
  </div>
</template>

<style scoped>
.told { position: absolute; z-index: 2; width: max-content; max-width: 60%; padding: 6px 10px; border: 1px solid var(--rule); background: var(--leaf); font-size: 13px; pointer-events: none; overflow-wrap: anywhere; }
</style>
