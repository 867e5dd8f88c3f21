import { defineEventHandler, getRouterParam, setResponseStatus, type H3Event } from 'h3'
import * as z from 'zod'
import { LARGEST } from '../../core/handin/archive/reading'
import { idSchema } from '../../core/source/id'
import { NO_JSON, readJson } from '../../core/text/json'
import { Damaged } from '../db/damage'
import { TooMuch } from '../workers'
import { Stopped } from '../workers/archives'
import { readLimited, TooLong } from './body'

/** The one shape of every error: what went wrong (code), in words, and where in what was sent. */
export interface ApiProblem { code: string, message: string, field?: string, current?: unknown }

export class ApiError extends Error {
  constructor(readonly status: number, readonly problem: ApiProblem) { super(problem.message) }
}
export const notFound = (what: string) =>
  new ApiError(404, { code: 'not-found', message: `There is no ${what} with this address; it may have been removed.` })
/** A save made from an older state than the server's: refused, with the state it would have overwritten. */
export const stale = (current: unknown) =>
  new ApiError(409, { code: 'stale', message: 'This was changed elsewhere since it was loaded. Nothing was overwritten.', current })

/** Wraps an API route: errors leave in the one shape, with the right status. */
export const api = <T>(handler: (event: H3Event) => T | Promise<T>) => defineEventHandler(async (event) => {
  try { return await handler(event) }
  catch (error) {
    const { status, problem } = asProblem(error)
    if (status === 500) console.error(error)
    setResponseStatus(event, status)
    return problem
  }
})

export function asProblem(error: unknown): { status: number, problem: ApiProblem } {
  if (error instanceof ApiError) return { status: error.status, problem: error.problem }
  if (error instanceof Damaged)
    return {
      status: 422,
      problem: {
        code: 'damaged',
        message: `It stands in the database in a form that this Dendle cannot read (${error.column}). It was left as it is: bring Dendle up to date, or bring in a packed file of it.`,
      },
    }
  if (error instanceof TooMuch) return { status: 422, problem: { code: 'too-much', message: error.message } }
  if (error instanceof Stopped) return { status: 503, problem: { code: 'stopped', message: error.message } }
  if (error instanceof z.ZodError) {
    const [issue] = error.issues
    const field = issue?.path.join('.') ?? ''
    return {
      status: 422,
      problem: { code: 'invalid', message: issue?.message ?? 'Something in it is not as it should be.', ...(field ? { field } : {}) },
    }
  }
  const code = (error as { code?: string })?.code ?? ''
  if (/^SQLITE_(?:FULL|IOERR|READONLY|CANTOPEN)/u.test(code))
    return {
      status: 507,
      problem: {
        code: 'disk',
        message:
          code === 'SQLITE_FULL'
            ? 'The disk is full, so nothing could be saved. Make room; it is tried again by itself.'
            : 'The database cannot be written just now. Look whether its disk is there and may be written; it is tried again by itself.',
      },
    }
  if (code === 'SQLITE_BUSY') return { status: 503, problem: { code: 'busy', message: 'The database is busy; try again in a moment.' } }
  return {
    status: 500,
    problem: { code: 'unexpected', message: 'Something went wrong in Dendle. Nothing that was saved before is lost; try again.' },
  }
}

/** Reads and parses a JSON body; a body that is no JSON, or too large however it was sent, is named as such. */
export async function parseBody<T>(event: H3Event, schema: z.ZodType<T>): Promise<T> {
  const raw = await readLimited(event.node.req, event.node.res, bodyLimit(event.path)).catch((error: unknown) => {
    if (error instanceof TooLong) throw new ApiError(413, { code: 'too-large', message: tooLarge(event.path) })
    throw error
  })
  const json = readJson(raw || '{}')
  if ('value' in json) return schema.parse(json.value)
  if (json.trouble === NO_JSON) throw new ApiError(400, { code: 'not-json', message: 'The body is not JSON.' })
  throw new ApiError(422, { code: 'too-deep', message: `What was sent ${json.trouble}` })
}
const MB = 1024 * 1024
/** A paper carries its pictures; nothing else that is sent is larger than much text. In bytes. */
const isPaper = (path: string): boolean => /^\/api\/papers\/[^/?]+(?:\/snapshots)?(?:\?|$)/u.test(path)
export const PAPER_LIMIT = 25 * MB
/** A packed file, which is written to the disk as it comes. */
export const ARCHIVE_LIMIT = LARGEST
const isArchive = (path: string): boolean => /^\/api\/archive(?:\?|$)/u.test(path)
export const tooLargePaper =
  'The paper is larger than 25 MB with its pictures. Make a picture smaller or take one out; the text is kept in this browser.'
export const bodyLimit = (path: string): number => (isArchive(path) ? ARCHIVE_LIMIT : isPaper(path) ? PAPER_LIMIT : 5 * MB)
export const tooLarge = (path: string): string =>
  isArchive(path)
    ? 'The file is larger than 2,048 MB; take its papers away one by one.'
    : isPaper(path) ? tooLargePaper : 'That is more than 5 MB of text; split it and try again.'

/** An id from the path; a malformed one is simply not found. */
export function pathId(event: H3Event, name: string, what: string): string {
  const parsed = idSchema.safeParse(getRouterParam(event, name))
  if (!parsed.success) throw notFound(what)
  return parsed.data
}
