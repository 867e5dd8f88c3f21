<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'

/** Something small that opens at its word and closes by Escape or a click beside it. */
withDefaults(defineProps<{ from?: 'left' | 'right' }>(), { from: 'right' })
defineOptions({ inheritAttrs: false })
</script>

<template>
  <Popover class="relative">
    <PopoverButton
      class="text-small text-soft hover:text-ink"
      v-bind="$attrs"
    >
      <slot name="word" />
    </PopoverButton>
    <PopoverPanel
      class="leaf-raised absolute z-30 mt-2 w-72 max-w-[92vw] px-4 py-3 text-plain"
      :class="from === 'right' ? 'right-0' : 'left-0'"
    >
      <slot />
    </PopoverPanel>
  </Popover>
</template>
