/** A column of a table: its key (the name of its slot), its head, what a row has there, whether it is counted, whether it sorts. */
export interface Column<R> { key: string, head: string, value: (row: R) => string | number, number?: boolean, sorts?: boolean }
