<script setup lang="ts" generic="T extends string">
import { Combobox, ComboboxButton, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'

/**
 * One of many, found by typing. `open` keeps the list in sight under the line, as a finder; otherwise it opens over the
 * page. The words typed are the owner's (`typed`), who says which options fit; each option draws itself in the slot.
 */
const props = defineProps<{
  label: string
  options: readonly T[]
  chosen?: T | undefined
  name?: (value: T) => string
  placeholder?: string
  open?: boolean
  list?: string
  look?: string
}>()
const emit = defineEmits<{ choose: [value: T], cancel: [] }>()
const typed = defineModel<string>('typed', { default: '' })
defineSlots<{ option: (given: { option: T, active: boolean }) => unknown, none: () => unknown }>()
const value = computed({ get: () => props.chosen ?? null, set: (next: T | null) => { if (next) emit('choose', next) } })
const input = useTemplateRef<{ $el: HTMLInputElement }>('input')
defineExpose({ focus: () => input.value?.$el.focus({ preventScroll: true }) })
/** A finder's list is in sight: its first row is chosen from the start, as an arrow key would. */
function enter(line: HTMLInputElement) {
  if (!props.open) { line.select(); return }
  void nextTick(() => {
    if (line.getAttribute('aria-expanded') !== 'true') line.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown' }))
  })
}
const show = (one: unknown) => (one ? props.name?.(one as T) ?? String(one) : '')
</script>

<template>
  <Combobox
    v-model="value"
    as="div"
    :class="open ? '' : 'relative inline-block'"
    nullable
  >
    <span :class="!open && 'flex items-center gap-1'">
      <ComboboxInput
        ref="input"
        :class="open ? 'line' : ['max-w-60 min-w-10 bg-transparent font-semibold [field-sizing:content]', look]"
        :aria-label="label"
        :placeholder="placeholder"
        :display-value="open ? () => typed : show"
        autocomplete="off"
        @change="typed = ($event.target as HTMLInputElement).value"
        @focus="enter($event.target as HTMLInputElement)"
        @keydown.esc="open && emit('cancel')"
      />
      <ComboboxButton
        v-if="!open"
        class="text-soft"
        :aria-label="`${label}: show all`"
      ><ChevronDown
        :size="15"
        aria-hidden="true"
      /></ComboboxButton>
    </span>
    <ComboboxOptions
      :static="open"
      :hold="open"
      :aria-label="list"
      :class="open ? 'mt-1 max-h-60 overflow-auto' : 'leaf-raised absolute left-0 z-40 mt-1 max-h-72 w-72 overflow-auto py-1 text-plain focus:outline-none'"
      @vue:unmounted="typed = ''"
    >
      <li
        v-if="!open && !options.length"
        class="px-3 py-1.5 text-soft"
      >
        <slot name="none" />
      </li>
      <ComboboxOption
        v-for="option in options"
        :key="option"
        v-slot="{ active, selected }"
        :value="option"
        as="template"
      >
        <li
          class="cursor-pointer border-l-[3px] py-1"
          :class="[open ? 'px-2' : 'px-3', active && 'bg-tint', selected ? 'border-l-verdigris font-semibold' : 'border-l-transparent']"
        >
          <slot
            name="option"
            :option="option"
            :active="active"
          >
            {{ show(option) }}
          </slot>
        </li>
      </ComboboxOption>
    </ComboboxOptions>
    <p
      v-if="open && !options.length"
      class="px-2 py-2 text-plain text-soft"
    >
      <slot name="none" />
    </p>
  </Combobox>
</template>
