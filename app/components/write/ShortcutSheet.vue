<script setup lang="ts">
defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const KEYS: readonly (readonly [string, readonly (readonly [string, string])[]])[] = [
  [
    'Citing',
    [
      [';;', 'cite here'],
      ['Ctrl \'', 'cite here'],
      ['Enter on a citation', 'change it'],
      ['Backspace on a citation', 'take it out'],
      ['Alt Shift ↑ ↓', 'to the citation before, behind'],
      ['Alt Shift N', 'a note in your own words'],
      ['Alt Shift P', 'the passages, and back'],
    ],
  ],
  [
    'Writing',
    [
      ['Ctrl I · Ctrl B · Ctrl U', 'italic, bold, underline'],
      ['Ctrl .  ·  Ctrl ,', 'raised, lowered'],
      ['Ctrl Alt 1 … 5', 'headings'],
      ['Ctrl Shift B', 'block quotation'],
      ['Ctrl Shift 7 · 8', 'numbered list, list'],
      ['Ctrl Enter', 'page break'],
      ['Ctrl Alt M', 'a remark to myself'],
    ],
  ],
  [
    'Moving',
    [
      ['Ctrl Z · Ctrl Shift Z', 'undo, redo'],
      ['Ctrl F', 'find and replace'],
      ['?', 'these keys, outside the text'],
    ],
  ],
]
</script>

<template>
  <PartsDialog
    :open="open"
    title="Keys"
    @close="emit('close')"
  >
    <section
      v-for="[word, keys] in KEYS"
      :key="word"
      class="mb-3"
    >
      <h2 class="border-b border-rule font-semibold">
        {{ word }}
      </h2>
      <dl class="grid grid-cols-[auto_1fr] gap-x-8 gap-y-0.5 pt-1">
        <template
          v-for="[key, says] in keys"
          :key="key"
        >
          <dt class="font-mono text-small leading-6">
            {{ key }}
          </dt><dd>{{ says }}</dd>
        </template>
      </dl>
    </section>
  </PartsDialog>
</template>
