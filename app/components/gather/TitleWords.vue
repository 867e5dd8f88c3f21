<script setup lang="ts">
import { titleWords, toggleProtection } from '~~/core/text/protection'

/** A title word by word: those that keep their capitals in every style are underlined; a click protects or releases. */
const props = defineProps<{ title: string }>()
const emit = defineEmits<{ change: [title: string] }>()
const pieces = computed(() => {
  let n = -1
  return titleWords(props.title).map(piece => ({ ...piece, at: piece.word ? ++n : -1 }))
})
</script>

<template>
  <p class="text-plain leading-7">
    <span class="block text-fine leading-5 text-soft">Click a name to keep its capital in every style; click again to let it go.</span>
    <template
      v-for="(piece, i) in pieces"
      :key="i"
    >
      <PartsButton
        v-if="piece.word"
        kind="bare"
        class="rounded-sm px-0.5"
        :class="[piece.kept ? 'border-b-2 border-verdigris bg-tint font-semibold' : 'hover:bg-tint', piece.italic && 'italic']"
        :aria-pressed="piece.kept"
        @click="emit('change', toggleProtection(title, piece.at))"
      >{{ piece.text }}</PartsButton><span v-else>{{ piece.text }}</span>
    </template>
  </p>
</template>
