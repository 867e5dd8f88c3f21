<script setup lang="ts">
/** A word more about a thing: at the pointer after a moment, at once with the focus, gone by Escape. */
defineProps<{ says: string }>()
const id = useId()
const shown = ref(false)
let timer: ReturnType<typeof setTimeout> | undefined
function show(wait: number) {
  clearTimeout(timer)
  timer = setTimeout(() => { shown.value = true }, wait)
}
function hide() {
  clearTimeout(timer)
  shown.value = false
}
onBeforeUnmount(hide)
</script>

<template>
  <span
    class="relative inline-block"
    @mouseenter="show(400)"
    @mouseleave="hide"
    @focusin="show(0)"
    @focusout="hide"
    @keydown.esc="hide"
  >
    <slot :described-by="id" />
    <span
      v-show="shown"
      :id="id"
      role="tooltip"
      class="leaf-raised absolute top-full left-0 z-40 mt-1 w-max max-w-64 px-2 py-1 text-fine font-normal text-ink"
    >{{ says }}</span>
  </span>
</template>
