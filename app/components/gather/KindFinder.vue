<script setup lang="ts">
import { kindOf, type KindId } from '~~/core/source/kinds'
import { findKinds } from '~~/core/source/kind-words'

/** Choosing a kind of source by any word people use for it. */
defineProps<{ kind?: KindId, label: string, placeholder?: string }>()
const emit = defineEmits<{ choose: [kind: KindId] }>()
const typed = ref('')
const found = computed(() => findKinds(typed.value).slice(0, typed.value ? 12 : 60))
const name = (kind: KindId) => kindOf(kind).label
</script>

<template>
  <PartsCombobox
    v-model:typed="typed"
    :chosen="kind"
    :options="found"
    :name="name"
    :label="label"
    :placeholder="placeholder"
    :look="kind ? 'text-ink' : 'text-verdigris placeholder:font-normal'"
    @choose="emit('choose', $event)"
  >
    <template #none>
      No kind goes by that word. Try another, or take the nearest.
    </template>
  </PartsCombobox>
</template>
