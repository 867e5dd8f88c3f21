<script setup lang="ts">
import { NuxtLink } from '#components'

/** A word that acts. `bare` brings no look of its own: what it holds is pressed as a whole. With `to` it is a link. */
const props = defineProps<{
  kind?: 'act' | 'quiet' | 'solid' | 'icon' | 'bare'
  to?: string
  busy?: boolean
  disabled?: boolean
  type?: 'button' | 'submit'
}>()
const LOOKS = { act: 'act', quiet: 'quiet', solid: 'act-solid', icon: 'act-icon', bare: '' } as const
const root = useTemplateRef<HTMLElement | { $el: HTMLElement }>('root')
defineExpose({ focus: () => { const el = root.value; (el && '$el' in el ? el.$el : el)?.focus() } })
const look = computed(() => LOOKS[props.kind ?? 'act'])
</script>

<template>
  <NuxtLink
    v-if="to"
    ref="root"
    :to="to"
    :class="look"
  >
    <slot />
  </NuxtLink>
  <button
    v-else
    ref="root"
    :type="type ?? 'button'"
    :class="look"
    :disabled="disabled || busy"
    :aria-busy="busy || undefined"
  >
    <slot />
  </button>
</template>
