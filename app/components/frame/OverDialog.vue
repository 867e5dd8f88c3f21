<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

/** A leaf laid over the page: its title, what is beside it, and what it holds. */
defineProps<{ open: boolean, title: string, tall?: boolean }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <Dialog
    :open="open"
    class="relative z-50"
    @close="emit('close')"
  >
    <div class="fixed inset-0 grid place-items-center bg-ink/25 p-3">
      <DialogPanel
        class="leaf-raised flex w-full flex-col px-6 py-5 sm:px-8"
        :class="tall ? 'h-[86vh] max-w-5xl' : 'max-h-[88vh] max-w-2xl overflow-auto'"
      >
        <div
          class="flex flex-wrap items-baseline gap-x-6 gap-y-1 pb-3"
          :class="tall && 'border-b border-rule'"
        >
          <DialogTitle class="view-title min-w-0 break-words">
            {{ title }}
          </DialogTitle>
          <slot name="beside" />
          <button
            class="quiet ml-auto"
            @click="emit('close')"
          >
            Close
          </button>
        </div>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
