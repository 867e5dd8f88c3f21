<script setup lang="ts">
import { Combobox, ComboboxButton, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'
import { kindOf, type KindId } from '~~/core/source/kinds'
import { findKinds } from '~~/core/source/kind-words'

/** Choosing a kind of source by any word people use for it. */
const props = defineProps<{ kind?: KindId, label: string, placeholder?: string }>()
const emit = defineEmits<{ choose: [kind: KindId] }>()
const typed = ref('')
const found = computed(() => findKinds(typed.value).slice(0, typed.value ? 12 : 60))
const chosen = computed({ get: () => props.kind ?? null, set: (kind: KindId | null) => { if (kind) emit('choose', kind) } })
const name = (kind: unknown) => (kind ? kindOf(kind as KindId).label : '')
</script>

<template>
  <Combobox
    v-model="chosen"
    as="div"
    class="relative inline-block"
    nullable
  >
    <span class="flex items-center gap-1">
      <ComboboxInput
        class="max-w-60 min-w-20 bg-transparent font-semibold [field-sizing:content]"
        :class="kind ? 'text-ink' : 'text-verdigris placeholder:font-normal'"
        :aria-label="label"
        :placeholder="placeholder"
        :display-value="name"
        autocomplete="off"
        @change="typed = ($event.target as HTMLInputElement).value"
        @focus="($event.target as HTMLInputElement).select()"
      />
      <ComboboxButton
        class="text-soft"
        :aria-label="`${label}: show all`"
      ><ChevronDown
        :size="15"
        aria-hidden="true"
      /></ComboboxButton>
    </span>
    <ComboboxOptions
      class="leaf-raised absolute left-0 z-40 mt-1 max-h-72 w-72 overflow-auto py-1 text-[14px] focus:outline-none"
      @vue:unmounted="typed = ''"
    >
      <li
        v-if="!found.length"
        class="px-3 py-1.5 text-soft"
      >
        No kind goes by that word. Try another, or take the nearest.
      </li>
      <ComboboxOption
        v-for="one in found"
        :key="one"
        v-slot="{ active, selected }"
        :value="one"
        as="template"
      >
        <li
          class="cursor-pointer border-l-[3px] px-3 py-1"
          :class="[active && 'bg-tint', selected ? 'border-l-verdigris font-semibold' : 'border-l-transparent']"
        >
          {{ kindOf(one).label }}
        </li>
      </ComboboxOption>
    </ComboboxOptions>
  </Combobox>
</template>
