<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

/** A leaf laid over the page: its title, what is beside it, and what it holds. `urgent` asks before something is lost. */
defineProps<{ open: boolean, title: string, tall?: boolean, urgent?: boolean }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <Dialog
    :open="open"
    :role="urgent ? 'alertdialog' : 'dialog'"
    class="relative z-50"
    @close="emit('close')"
  >
    <div class="fixed inset-0 grid place-items-center bg-ink/25 p-3">
      <DialogPanel
        class="leaf-raised flex w-full flex-col px-6 py-5 sm:px-8"
        :class="[tall ? 'h-[86vh] max-w-5xl' : 'max-h-[88vh] max-w-2xl overflow-auto', urgent && 'border-l-[3px] border-l-madder']"
      >
        <div
          class="flex flex-wrap items-baseline gap-x-6 gap-y-1 pb-3"
          :class="tall && 'border-b border-rule'"
        >
          <DialogTitle class="view-title min-w-0 break-words">
            {{ title }}
          </DialogTitle>
          <slot name="beside" />
          <PartsButton
            kind="quiet"
            class="ml-auto"
            @click="emit('close')"
          >
            Close
          </PartsButton>
        </div>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
