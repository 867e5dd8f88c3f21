<script setup lang="ts">
const store = usePaper()
const title = ref('')
watch(() => store.paper?.title, (value) => { title.value = value ?? '' }, { immediate: true })
function keep() {
  const next = title.value.trim().replace(/\s+/gu, ' ')
  if (!next) title.value = store.paper!.title
  else if (next !== store.paper!.title) store.changePaper({ title: next })
}
</script>

<template>
  <header class="head sticky top-0 z-20 flex h-[52px] items-center gap-5 border-b border-rule bg-vellum px-4 sm:px-7">
    <PartsField
      v-model="title"
      look="bare"
      class="min-w-0 flex-1 truncate font-title text-head hover:underline hover:decoration-rule focus:no-underline"
      aria-label="Title of the paper"
      maxlength="5000"
      @blur="keep"
      @keydown.enter="($event.target as HTMLInputElement).blur()"
      @keydown.esc="title = store.paper!.title"
    />
    <FrameSaveState />
    <div class="h-full border-l border-rule" />
    <FrameStyleSwitch />
  </header>
</template>
