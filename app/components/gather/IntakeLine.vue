<script setup lang="ts">
import { KINDS, KIND_IDS, kindOf, type KindId } from '~~/core/source/kinds'
import { readLine } from '~~/core/intake/line'

const emit = defineEmits<{ added: [id: string] }>()
const store = usePaper()
const notices = useNotices()
const typed = ref('')
const busy = ref(false)
const input = useTemplateRef<HTMLInputElement>('input')
const QUICK: KindId[] = ['book', 'journal-article', 'web-page']
const others = KIND_IDS.filter(id => !QUICK.includes(id)).sort((a, b) => kindOf(a).label.localeCompare(kindOf(b).label))
const begun = computed(() => readLine(typed.value))
const understood = computed(() => {
  const { fields } = begun.value
  return fields.doi ? 'a DOI' : fields.url ? 'a web address' : fields.isbn ? 'an ISBN' : 'a title'
})

async function add(kind: KindId) {
  if (!typed.value.trim() || busy.value) return
  busy.value = true
  await notices.attempt(async () => {
    const source = await store.addSource(kind, begun.value.fields)
    typed.value = ''
    emit('added', source.id)
  })
  busy.value = false
}
defineExpose({ focus: () => input.value?.focus() })
</script>

<template>
  <form
    class="mb-1"
    @submit.prevent="add(begun.kind ?? 'book')"
  >
    <input
      ref="input"
      v-model="typed"
      class="w-full border-b-2 border-ink bg-transparent pb-2 font-title text-[21px] focus:outline-none"
      aria-label="Begin a source: its title, web address, DOI or ISBN"
      placeholder="Begin a source: its title, web address, DOI or ISBN"
      maxlength="20000"
      @keydown.esc="typed = ''"
    >
    <div
      v-if="typed.trim()"
      class="flex flex-wrap items-baseline gap-x-5 gap-y-1 py-2"
    >
      <span class="text-soft">{{ understood }} of a</span>
      <button
        v-for="kind in QUICK"
        :key="kind"
        type="button"
        class="act"
        :disabled="busy"
        @click="add(kind)"
      >
        {{ KINDS[kind].label }}<span
          v-if="kind === (begun.kind ?? 'book')"
          class="ml-1 font-normal text-soft"
        >↵</span>
      </button>
      <label class="text-soft">
        <span class="sr-only">Another kind of source</span>
        <select
          class="border-0 bg-transparent font-semibold text-verdigris"
          :disabled="busy"
          @change="add(($event.target as HTMLSelectElement).value as KindId)"
        >
          <option value="">something else…</option>
          <option
            v-for="kind in others"
            :key="kind"
            :value="kind"
          >{{ kindOf(kind).label }}</option>
        </select>
      </label>
    </div>
  </form>
</template>
