/**
 * The tables. Ids are random and never reused; every row has a revision that each change raises by one, so that a save
 * made from an older state is refused instead of overwriting. Rows are hidden (`deletedAt`), not removed.
 */
import { integer, primaryKey, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core'
import type { Fields } from '../../core/source/model'

const id = () => text('id').primaryKey()
const revision = () => integer('revision').notNull().default(1)
const times = () => ({
  createdAt: integer('created_at', { mode: 'timestamp_ms' }).notNull(),
  updatedAt: integer('updated_at', { mode: 'timestamp_ms' }).notNull(),
  deletedAt: integer('deleted_at', { mode: 'timestamp_ms' }),
})

export const papers = sqliteTable('papers', {
  id: id(),
  title: text('title').notNull(),
  style: text('style').notNull(),
  /** The paper as the editor's document, JSON. */
  body: text('body', { mode: 'json' }).$type<Record<string, unknown>>().notNull(),
  /** Writer, instructor, course, institution, date. */
  details: text('details', { mode: 'json' }).$type<Record<string, string>>().notNull(),
  /** "demo" for what seeding made; only that is ever touched by seeding. */
  madeBy: text('made_by').notNull().default('writer'),
  revision: revision(),
  ...times(),
})

export const sources = sqliteTable('sources', {
  id: id(),
  kind: text('kind').notNull(),
  fields: text('fields', { mode: 'json' }).$type<Fields>().notNull(),
  origin: text('origin', { mode: 'json' }).$type<Record<string, unknown>>(),
  /** Values that have no place in its kind, kept for when they have one again. */
  parked: text('parked', { mode: 'json' }).$type<Fields>().notNull().default({}),
  /** Ids of findings that the writer chose to leave. */
  settled: text('settled', { mode: 'json' }).$type<string[]>().notNull().default([]),
  revision: revision(),
  ...times(),
})

/** A paper's use of a source from the shelf. */
export const uses = sqliteTable('uses', {
  paperId: text('paper_id').notNull().references(() => papers.id),
  sourceId: text('source_id').notNull().references(() => sources.id),
  key: text('key').notNull(),
  /** In the list though not cited. */
  listed: integer('listed', { mode: 'boolean' }).notNull().default(false),
  annotation: text('annotation').notNull().default(''),
  /** The part of a divided list it stands in; empty for an undivided one. */
  division: text('division').notNull().default(''),
  revision: revision(),
  ...times(),
}, table => [primaryKey({ columns: [table.paperId, table.sourceId] }), uniqueIndex('uses_key').on(table.paperId, table.key)])

/** Words or ideas taken from a source; they belong to it on the shelf, `paperId` says for which paper they were taken. */
export const passages = sqliteTable('passages', {
  id: id(),
  sourceId: text('source_id').notNull().references(() => sources.id),
  paperId: text('paper_id').references(() => papers.id),
  form: text('form').notNull(),
  words: text('words').notNull(),
  /** The source's own words beside a paraphrase or a summary. */
  original: text('original').notNull().default(''),
  locator: text('locator').notNull().default(''),
  comment: text('comment').notNull().default(''),
  tags: text('tags', { mode: 'json' }).$type<string[]>().notNull().default([]),
  revision: revision(),
  ...times(),
})

export const houseRules = sqliteTable('house_rules', {
  id: id(),
  paperId: text('paper_id').references(() => papers.id),
  name: text('name').notNull(),
  style: text('style').notNull(),
  changes: text('changes', { mode: 'json' }).$type<unknown[]>().notNull(),
  revision: revision(),
  ...times(),
})

/** A paper as it was, kept before something replaced it. */
export const snapshots = sqliteTable('snapshots', {
  id: id(),
  paperId: text('paper_id').notNull().references(() => papers.id),
  reason: text('reason').notNull(),
  title: text('title').notNull(),
  body: text('body', { mode: 'json' }).$type<Record<string, unknown>>().notNull(),
  revision: revision(),
  ...times(),
})
