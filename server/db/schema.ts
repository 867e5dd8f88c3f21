/**
 * The tables. Ids are random and never reused; every row has a revision that each change raises by one, so that a save
 * made from an older state is refused instead of overwriting. Rows are hidden (`deletedAt`), not removed.
 */
import { index, integer, primaryKey, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core'
import * as z from 'zod'
import { besidesSchema } from '../../core/handin/archive/schema'
import { blocksChangeSchema } from '../../core/sheet/document-schema'
import type { DocNode } from '../../core/sheet/document'
import { kindSchema, readFields } from '../../core/source/model'
import { passageFormSchema } from '../../core/source/passages'
import { json, word } from './columns'

const readKind = (value: string) => kindSchema.parse(value)
const readForm = (value: string) => passageFormSchema.parse(value)
const strings = (value: unknown) => z.array(z.string()).parse(value)
const record = (value: unknown) => z.record(z.string(), z.unknown()).parse(value)
const textRecord = (value: unknown) => z.record(z.string(), z.string()).parse(value)
/** A document is checked whole when it comes in; when read it need only be one. */
const document = (value: unknown): DocNode => z.looseObject({ type: z.literal('doc') }).parse(value) as unknown as DocNode

const id = () => text('id').primaryKey()
const revision = () => integer('revision').notNull().default(1)
/** The window that saved it last, by the name it gave itself: a save whose answer was lost is known again as one's own. */
const savedBy = () => text('saved_by')
const times = () => ({
  createdAt: integer('created_at', { mode: 'timestamp_ms' }).notNull(),
  updatedAt: integer('updated_at', { mode: 'timestamp_ms' }).notNull(),
  deletedAt: integer('deleted_at', { mode: 'timestamp_ms' }),
})

export const papers = sqliteTable('papers', {
  id: id(),
  title: text('title').notNull(),
  style: text('style').notNull(),
  /** Writer, instructor, course, institution, date. */
  details: json('details', textRecord).notNull(),
  /** Ids of findings that the writer left as they are. */
  left: json('left', strings).notNull().default([]),
  /** "demo" for what seeding made; only that is ever touched by seeding. */
  madeBy: text('made_by').notNull().default('writer'),
  savedBy: savedBy(),
  /** Names of the last saves, so that one whose answer was lost is known again though another has written since. */
  saves: json('saves', strings).notNull().default([]),
  revision: revision(),
  ...times(),
})

/**
 * A paper's text as the editor's document, whole, as it stood at a revision; `text_changes` holds what was changed since.
 * Beside the paper and not in it: a new title need not write a long text again.
 */
export const texts = sqliteTable('texts', {
  paperId: text('paper_id').primaryKey().references(() => papers.id),
  body: json('body', document).notNull(),
  /** How many blocks it has, and characters as JSON. */
  blocks: integer('blocks').notNull(),
  size: integer('size').notNull(),
})

/** Changes of a paper's text since it was last written whole, each with the revision that it made and the blocks there are then. */
export const textChanges = sqliteTable('text_changes', {
  paperId: text('paper_id').notNull().references(() => papers.id),
  revision: integer('revision').notNull(),
  change: json('change', value => blocksChangeSchema.parse(value)).notNull(),
  blocks: integer('blocks').notNull(),
  size: integer('size').notNull(),
}, table => [primaryKey({ columns: [table.paperId, table.revision] })])

export const sources = sqliteTable('sources', {
  id: id(),
  kind: word('kind', readKind).notNull(),
  fields: json('fields', readFields).notNull(),
  origin: json('origin', record),
  /** Values that have no place in its kind, kept for when they have one again. */
  parked: json('parked', readFields).notNull().default({}),
  /** Ids of findings that the writer chose to leave. */
  settled: json('settled', strings).notNull().default([]),
  savedBy: savedBy(),
  revision: revision(),
  ...times(),
})

/** A paper's use of a source from the shelf. */
export const uses = sqliteTable(
  'uses',
  {
    paperId: text('paper_id')
      .notNull()
      .references(() => papers.id),
    sourceId: text('source_id')
      .notNull()
      .references(() => sources.id),
    key: text('key').notNull(),
    /** In the list though not cited. */
    listed: integer('listed', { mode: 'boolean' }).notNull().default(false),
    /** Not in the list though cited. */
    leftOut: integer('left_out', { mode: 'boolean' }).notNull().default(false),
    annotation: text('annotation').notNull().default(''),
    /** The part of a divided list it stands in; empty for an undivided one. */
    division: text('division').notNull().default(''),
    savedBy: savedBy(),
    revision: revision(),
    ...times(),
  },
  (table) => [
    primaryKey({ columns: [table.paperId, table.sourceId] }),
    uniqueIndex('uses_key').on(table.paperId, table.key),
    index('uses_source').on(table.sourceId),
  ],
)

/** Words or ideas taken from a source; they belong to it on the shelf, `paperId` says for which paper they were taken. */
export const passages = sqliteTable('passages', {
  id: id(),
  sourceId: text('source_id').notNull().references(() => sources.id),
  paperId: text('paper_id').references(() => papers.id),
  form: word('form', readForm).notNull(),
  words: text('words').notNull(),
  /** The source's own words beside a paraphrase or a summary. */
  original: text('original').notNull().default(''),
  locator: text('locator').notNull().default(''),
  comment: text('comment').notNull().default(''),
  tags: json('tags', strings).notNull().default([]),
  savedBy: savedBy(),
  revision: revision(),
  ...times(),
}, table => [index('passages_source').on(table.sourceId)])

/** A paper as it was, kept before something replaced it. */
export const snapshots = sqliteTable('snapshots', {
  id: id(),
  paperId: text('paper_id').notNull().references(() => papers.id),
  reason: text('reason').notNull(),
  title: text('title').notNull(),
  body: json('body', document).notNull(),
  /** What else of the paper was kept with it. */
  besides: json('besides', value => besidesSchema.optional().parse(value)),
  revision: revision(),
  ...times(),
}, table => [index('snapshots_paper').on(table.paperId, table.createdAt)])
