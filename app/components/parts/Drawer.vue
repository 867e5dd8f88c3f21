<script setup lang="ts">
import { FocusTrap } from '@headlessui/vue'
import { onClickOutside, useEventListener } from '@vueuse/core'

/**
 * A leaf that leaves the page beneath it in sight: at a place (the cursor), or at the foot of a narrow window. Tab goes
 * round within it, Escape and a click beside it close it, and the focus goes back to where it was.
 */
const props = withDefaults(defineProps<{ label: string, at?: { left: number, top: number }, width?: number, focus?: boolean }>(), {
  width: 400,
  focus: true,
})
const emit = defineEmits<{ close: [] }>()
const box = useTemplateRef<{ $el: HTMLElement }>('box')
const el = computed(() => box.value?.$el)
onClickOutside(el, () => emit('close'))
// Tab goes round within; the focus may be given elsewhere by what is done here (a citation put in the text).
const FEATURES = { initial: 2, tab: 4 } as const
/** Where else the focus may go when it is given there: anywhere, only Tab stays. */
const anywhere = () => [document.body]
const features = computed(() => FEATURES.tab | (props.focus ? FEATURES.initial : 0))
const place = computed(() =>
  props.at
    ? {
        left: `${Math.max(8, Math.min(props.at.left, (import.meta.client ? window.innerWidth : 1280) - props.width - 20))}px`,
        top: `${props.at.top}px`,
        width: `${props.width}px`,
      }
    : undefined,
)
useEventListener(el, 'keydown', (event: KeyboardEvent) => {
  if (event.key !== 'Escape') return
  event.preventDefault()
  event.stopPropagation()
  emit('close')
})
</script>

<template>
  <FocusTrap
    ref="box"
    as="div"
    :features="features"
    :containers="anywhere"
    role="dialog"
    :aria-label="label"
    class="leaf-raised fixed z-40 max-w-[calc(100vw-16px)] p-4"
    :class="!at && 'inset-x-0 bottom-[58px] max-h-[55vh] overflow-auto sm:bottom-0 sm:left-[72px]'"
    :style="place"
  >
    <slot />
  </FocusTrap>
</template>
