<script setup lang="ts">
// Who comes to a citation or to words is taken there by the sheet: the page does not go back to its top after that.
definePageMeta({ scrollToTop: to => !to.query.cited && !to.query.block })
</script>

<template>
  <div>
    <h1 class="sr-only">
      Write
    </h1>
    <ClientOnly>
      <WritePaperSheet />
      <template #fallback>
        <p class="mx-auto max-w-[760px] px-6 pt-16 text-soft">
          Laying out the sheet…
        </p>
      </template>
    </ClientOnly>
  </div>
</template>
