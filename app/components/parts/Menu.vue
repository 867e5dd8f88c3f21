<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import type { MenuEntry } from '~/utils/menu'

/** Things to do, behind a word. A line without `run` is a heading over what follows. */
withDefaults(defineProps<{ word: string, entries: readonly MenuEntry[], kind?: 'act' | 'quiet', from?: 'left' | 'right' }>(), {
  kind: 'quiet',
  from: 'left',
})
</script>

<template>
  <Menu
    as="div"
    class="relative"
  >
    <MenuButton :class="kind">
      {{ word }}
    </MenuButton>
    <MenuItems
      class="leaf-raised absolute z-30 mt-2 max-h-[60vh] w-60 overflow-auto py-1 focus:outline-none"
      :class="from === 'left' ? 'left-0' : 'right-0'"
    >
      <template
        v-for="entry in entries"
        :key="entry.word"
      >
        <p
          v-if="!entry.run"
          class="mt-1 border-t border-rule px-3 pt-1 text-fine text-soft"
          role="presentation"
        >
          {{ entry.word }}
        </p>
        <MenuItem
          v-else
          v-slot="{ active }"
        >
          <button
            type="button"
            class="flex w-full items-baseline justify-between gap-3 px-3 py-1 text-left"
            :class="[active && 'bg-tint', entry.on && 'font-semibold text-verdigris']"
            @click="entry.run"
          >
            {{ entry.word }} <span
              v-if="entry.key"
              class="text-fine font-normal text-soft"
            >{{ entry.key }}</span>
          </button>
        </MenuItem>
      </template>
    </MenuItems>
  </Menu>
</template>
