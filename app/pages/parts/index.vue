<script setup lang="ts">
import { Copy } from '@lucide/vue'
import type { MenuEntry } from '~/utils/menu'
import type { Column } from '~/utils/table'

/** Every part in every state, by day and by night: what a new view is made from. In development and in tests only. */
definePageMeta({ middleware: 'workshop' })
useHead({ title: 'Parts · Dendle' })
const LONG = 'A long title about the mills of a shore that nobody has drawn since the harbour silted up, and what became of them'
const words = ref('Saltmarsh Press')
const several = ref('In the ninth year the mill was let again,\nand the wheel turned twice a day.')
const number = ref('2000')
const style = ref('apa-7')
const listed = ref(true)
const form = ref<'plain' | 'sentence' | 'year'>('plain')
const FORMS = { plain: '(Okonjo, 2021, p. 104)', sentence: 'Okonjo (2021, p. 104)', year: '(2021, p. 104)' } as const
const show = ref<'all' | 'ready' | 'look'>('all')
const opened = ref<'dialog' | 'urgent' | 'drawer'>()
const typed = ref('')
const kind = ref('Book')
const KINDS = ['Book', 'Chapter in an edited book', 'Article in a journal', 'Map', 'Thesis', 'Web page'] as const
const found = computed(() => KINDS.filter(one => one.toLowerCase().includes(typed.value.toLowerCase())))
const done = ref('')
const entries: MenuEntry[] = [
  {
    word: 'Underlined',
    key: 'Ctrl U',
    on: true,
    run: () => {
      done.value = 'Underlined'
    },
  },
  {
    word: 'A table',
    run: () => {
      done.value = 'A table'
    },
  },
  { word: 'this table' },
  {
    word: 'A row below',
    run: () => {
      done.value = 'A row below'
    },
  },
]
interface Row { source: string, year: number, cited: number }
const rows: Row[] = [
  { source: 'Okonjo', year: 2021, cited: 4 },
  { source: 'Tremayne', year: 2018, cited: 11 },
  { source: LONG, year: 1909, cited: 0 },
]
const columns: Column<Row>[] = [
  { key: 'source', head: 'Source', value: (row) => row.source },
  { key: 'year', head: 'Year', value: (row) => row.year, number: true },
  { key: 'cited', head: 'Cited', value: (row) => row.cited, number: true },
]
const changes = [
  { text: 'The mill ', kind: 'same' },
  { text: 'stood', kind: 'out' },
  { text: 'stands', kind: 'in' },
  { text: ' at the mouth of the river.', kind: 'same' },
] as const
</script>

<template>
  <main class="mx-auto max-w-[880px] px-6 pt-8 pb-24">
    <h1 class="view-title mb-6">
      Parts
    </h1>
    <section
      class="part"
      aria-label="Button"
    >
      <h2>Button</h2>
      <div class="flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <PartsButton @click="done = 'act'">
          Act
        </PartsButton>
        <PartsButton disabled>
          Act, not now
        </PartsButton>
        <PartsButton kind="quiet">
          Quiet
        </PartsButton>
        <PartsButton
          kind="quiet"
          disabled
        >
          Quiet, not now
        </PartsButton>
        <PartsButton kind="solid">
          Solid
        </PartsButton>
        <PartsButton
          kind="solid"
          busy
        >
          Setting the pages…
        </PartsButton>
        <PartsButton
          kind="icon"
          aria-label="Copy"
        >
          <Copy
            :size="14"
            aria-hidden="true"
          />
        </PartsButton>
        <PartsButton to="/">
          A link
        </PartsButton>
        <PartsButton
          kind="bare"
          class="border-l-2 border-l-weld pl-3 text-left"
        >
          <b class="block">Bare</b><span class="text-small text-soft">the whole of it is pressed</span>
        </PartsButton>
      </div>
      <p
        class="text-small text-soft"
        role="status"
      >
        {{ done && `Last: ${done}` }}
      </p>
    </section>
    <section
      class="part"
      aria-label="Field"
    >
      <h2>Field, Select, Check</h2>
      <div class="grid gap-x-8 gap-y-3 sm:grid-cols-2">
        <PartsField
          v-model="words"
          label="Publisher"
        />
        <PartsField
          label="Publisher"
          placeholder="Saltmarsh Press"
          hint="on the back of the title page"
        />
        <PartsField
          model-value="10.5555/"
          label="DOI"
          complaint="A DOI has something behind its stroke."
        />
        <PartsField
          :model-value="LONG"
          label="Title"
        />
        <PartsField
          v-model="several"
          :rows="3"
          label="Several lines"
        />
        <PartsField
          v-model="number"
          type="number"
          min="0"
          label="asked for"
          unit="words"
          beside
          field-class="w-24"
        />
        <PartsField
          model-value="Not to be changed"
          label="Key"
          disabled
        />
        <label class="text-small text-soft">in
          <PartsSelect
            v-model="style"
            class="font-semibold text-ink"
            :options="[['apa-7', 'APA 7'], ['mla-9', 'MLA 9']]"
          /></label>
        <PartsCheck v-model="listed">
          List it even if it is not cited
        </PartsCheck>
        <PartsCheck disabled>
          Not now
        </PartsCheck>
      </div>
    </section>
    <section
      class="part"
      aria-label="Choices"
    >
      <h2>Tiles, Switch, Combobox, Menu, Popover</h2>
      <PartsTiles
        v-slot="{ option }"
        v-model="form"
        class="max-w-sm font-page text-body"
        label="Form of the citation"
        :options="(['plain', 'sentence', 'year'] as const)"
      >
        {{ FORMS[option] }}
      </PartsTiles>
      <PartsTiles
        v-slot="{ option }"
        v-model="form"
        row
        class="font-page text-body"
        label="The same, side by side"
        :options="(['plain', 'sentence', 'year'] as const)"
      >
        {{ FORMS[option] }}
      </PartsTiles>
      <PartsSwitch
        v-model="show"
        label="Which sources"
        :options="[['all', '12 sources'], ['ready', '9 ready'], ['look', '3 to look at']]"
      />
      <div class="flex flex-wrap items-baseline gap-x-8 gap-y-2">
        <PartsCombobox
          v-model:typed="typed"
          label="Kind of source"
          :chosen="kind"
          :options="found"
          @choose="kind = $event"
        >
          <template #none>
            No kind goes by that word.
          </template>
        </PartsCombobox>
        <PartsMenu
          word="More…"
          :entries="entries"
        />
        <PartsPopover from="left">
          <template #word>
            1,204 words
          </template>
          <p>The text itself, without its list.</p>
        </PartsPopover>
        <PartsTip
          v-slot="{ describedBy }"
          says="Printed surname first; a group is printed whole."
        >
          <PartsButton
            kind="quiet"
            :aria-describedby="describedBy"
          >
            a person
          </PartsButton>
        </PartsTip>
      </div>
    </section>
    <section
      class="part"
      aria-label="Leaves"
    >
      <h2>Dialog, Drawer, Toast</h2>
      <div class="flex flex-wrap gap-6">
        <PartsButton @click="opened = 'dialog'">
          Open a dialog
        </PartsButton>
        <PartsButton @click="opened = 'urgent'">
          Ask before something is lost
        </PartsButton>
        <PartsButton @click="opened = 'drawer'">
          Open a drawer
        </PartsButton>
      </div>
      <PartsToast
        text="The reference is on the clipboard, italics and all."
        action="Take it back"
      />
      <PartsToast
        bad
        :text="`The catalogue does not answer. “${LONG}” stays as it was typed.`"
      />
    </section>
    <section
      class="part"
      aria-label="Table"
    >
      <h2>Table</h2>
      <PartsTable
        caption="Sources and how often they are cited"
        :rows="rows"
        :columns="columns"
      />
      <PartsTable
        caption="The same with nothing in it"
        :rows="[]"
        :columns="columns"
        none="Nothing is cited yet."
      />
    </section>
    <section
      class="part"
      aria-label="States"
    >
      <h2>Empty, Busy, Diff</h2>
      <PartsEmpty title="Nothing gathered yet.">
        Give the line above whatever you have.
      </PartsEmpty>
      <PartsBusy says="Reading the list" />
      <PartsBusy
        says="Looking up the third of eight"
        :done="0.35"
        stop="Give up"
      />
      <p class="font-page text-body">
        <PartsDiff :changes="changes" />
      </p>
      <p class="font-page text-body">
        <PartsDiff
          :changes="changes"
          side="before"
        /> / <PartsDiff
          :changes="changes"
          side="after"
        />
      </p>
    </section>
    <PartsDialog
      :open="opened === 'dialog' || opened === 'urgent'"
      :urgent="opened === 'urgent'"
      :title="opened === 'urgent' ? 'Sources that are cited' : 'Earlier states'"
      @close="opened = undefined"
    >
      <p class="pb-3">
        The citations would stay in the text, marked as having no source.
      </p>
      <div class="flex gap-6">
        <PartsButton @click="opened = undefined">
          Take it out all the same
        </PartsButton>
        <PartsButton
          kind="quiet"
          @click="opened = undefined"
        >
          Keep it
        </PartsButton>
      </div>
    </PartsDialog>
    <PartsDrawer
      v-if="opened === 'drawer'"
      label="A drawer"
      @close="opened = undefined"
    >
      <PartsField
        v-model="words"
        label="place"
        beside
      />
      <PartsButton @click="opened = undefined">
        Done
      </PartsButton>
    </PartsDrawer>
  </main>
</template>

<style scoped>
.part { display: grid; row-gap: 14px; justify-items: stretch; border-top: 1px solid var(--rule); padding: 14px 0 22px; }
.part h2 { font-weight: 600; }
</style>
