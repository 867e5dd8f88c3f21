<script setup lang="ts" generic="R extends object">
import { createColumnHelper, FlexRender, getCoreRowModel, getSortedRowModel, useVueTable, type SortingState } from '@tanstack/vue-table'
import type { Column } from '~/utils/table'

/** Rows in columns. A head that sorts is pressed once for ascending, again for descending, a third time for the order given. */
const props = defineProps<{ caption: string, rows: readonly R[], columns: readonly Column<R>[], none?: string }>()
defineSlots<Record<string, (given: { row: R, value: string | number }) => unknown>>()
const sorting = ref<SortingState>([])
const helper = createColumnHelper<R>()
const table = useVueTable<R>({
  get data() {
    return props.rows as R[]
  },
  get columns() {
    return props.columns.map((one) =>
      helper.accessor(one.value, {
        id: one.key,
        header: one.head,
        enableSorting: one.sorts !== false,
        sortingFn: one.number ? 'basic' : 'text',
      }),
    )
  },
  state: {
    get sorting() {
      return sorting.value
    },
  },
  onSortingChange: (change) => {
    sorting.value = typeof change === 'function' ? change(sorting.value) : change
  },
  getCoreRowModel: getCoreRowModel(),
  getSortedRowModel: getSortedRowModel(),
})
const numeric = computed(() => new Set(props.columns.filter(one => one.number).map(one => one.key)))
const ORDER = { asc: 'ascending', desc: 'descending', false: 'none' } as const
const orderOf = (sorted: false | 'asc' | 'desc') => ORDER[String(sorted) as keyof typeof ORDER]
</script>

<template>
  <div class="overflow-x-auto">
    <table class="w-full border-collapse text-plain">
      <caption class="sr-only">
        {{ caption }}
      </caption>
      <thead>
        <tr
          v-for="group in table.getHeaderGroups()"
          :key="group.id"
          class="border-b border-ink"
        >
          <th
            v-for="head in group.headers"
            :key="head.id"
            scope="col"
            class="py-1 pr-5 align-bottom font-semibold whitespace-nowrap last:pr-0"
            :class="numeric.has(head.id) ? 'text-right' : 'text-left'"
            :aria-sort="head.column.getCanSort() ? orderOf(head.column.getIsSorted()) : undefined"
          >
            <PartsButton
              v-if="head.column.getCanSort()"
              kind="bare"
              class="inline-flex items-baseline hover:text-verdigris"
              :class="numeric.has(head.id) && 'flex-row-reverse'"
              @click="head.column.toggleSorting(undefined)"
            >
              <FlexRender
                :render="head.column.columnDef.header"
                :props="head.getContext()"
              /><span
                aria-hidden="true"
                class="px-1 text-verdigris"
              >{{ { asc: '↑', desc: '↓', false: '' }[String(head.column.getIsSorted())] }}</span>
            </PartsButton>
            <FlexRender
              v-else
              :render="head.column.columnDef.header"
              :props="head.getContext()"
            />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in table.getRowModel().rows"
          :key="row.id"
          class="border-b border-rule"
        >
          <td
            v-for="cell in row.getVisibleCells()"
            :key="cell.id"
            class="py-1.5 pr-5 align-baseline last:pr-0"
            :class="numeric.has(cell.column.id) && 'text-right tabular-nums'"
          >
            <slot
              :name="cell.column.id"
              :row="row.original"
              :value="(cell.getValue() as string | number)"
            >
              {{ cell.getValue() }}
            </slot>
          </td>
        </tr>
        <tr v-if="!rows.length">
          <td
            :colspan="columns.length"
            class="py-3 text-soft"
          >
            {{ none ?? 'Nothing here.' }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
