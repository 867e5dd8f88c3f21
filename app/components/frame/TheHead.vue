<script setup lang="ts">
const store = usePaper()
const field = useTemplateRef<{ reset: () => void }>('field')
/** A paper has a title: while there is none it keeps the one it had. */
function keep(typed: string) {
  const next = typed.trim().replace(/\s+/gu, ' ')
  if (next && next !== store.paper!.title) store.changePaper({ title: next })
}
</script>

<template>
  <header class="head sticky top-0 z-20 flex h-[52px] items-center gap-5 border-b border-rule bg-vellum px-4 sm:px-7">
    <PartsField
      ref="field"
      :model-value="store.paper?.title"
      rest
      look="bare"
      class="min-w-0 flex-1 truncate font-title text-head hover:underline hover:decoration-rule focus:no-underline"
      aria-label="Title of the paper"
      maxlength="5000"
      @update:model-value="keep"
      @keydown.enter="($event.target as HTMLInputElement).blur()"
      @keydown.esc="field?.reset()"
    />
    <FrameSaveState />
    <div class="h-full border-l border-rule" />
    <FrameStyleSwitch />
  </header>
</template>
