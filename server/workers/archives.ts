/** Packing and unpacking in a thread for each: how far it is can be asked, and it can be stopped. */
import { existsSync } from 'node:fs'
import { Worker } from 'node:worker_threads'
import type { H3Event } from 'h3'
import { dataFile } from '../db/open'
import type { Archived, Archiving, Packed, Taken } from './archiving'
import { scriptOf } from './script'

/** Longer than this no archive of papers takes, in milliseconds. */
const LONGEST = 10 * 60_000
/** What its thread may keep in memory, in MB; pieces are read and written one at a time. */
const MEMORY = { maxOldGenerationSizeMb: 1024 }

export class Stopped extends Error {}
/** How far each job is, by the name that its asker gave it. */
const progress = new Map<string, number>()
export const progressOf = (job: string): number | undefined => progress.get(job)

type Work = Archiving extends infer One ? (One extends { database: string } ? Omit<One, 'database'> : never) : never
/** @param event whose request it is: when that is broken off, so is the work */
export async function archiving(event: H3Event, job: string | undefined, work: Work & { work: 'pack' }): Promise<Packed>
export async function archiving(event: H3Event, job: string | undefined, work: Work & { work: 'unpack' }): Promise<Taken>
export async function archiving(event: H3Event, job: string | undefined, work: Work): Promise<Archived> {
  const given = { ...work, database: dataFile() } as Archiving
  const tell = (done: number) => { if (job) progress.set(job, done) }
  tell(0)
  try {
    const script = scriptOf('archive')
    if (!existsSync(script)) return await (await import('./archiving')).runArchiving(given, tell)
    return await inThread(event, script, given, tell)
  }
  finally { if (job) progress.delete(job) }
}

function inThread(event: H3Event, script: string, given: Archiving, tell: (done: number) => void): Promise<Archived> {
  const thread = new Worker(script, { workerData: given, resourceLimits: MEMORY })
  let over: ReturnType<typeof setTimeout> | undefined
  const gone = () => { if (!event.node.res.writableFinished) void thread.terminate() }
  event.node.res.once('close', gone)
  return new Promise<Archived>((resolve, reject) => {
    over = setTimeout(() => {
      void thread.terminate()
      reject(new Stopped('It took more than ten minutes, which no archive of papers does; it was given up.'))
    }, LONGEST)
    thread.on('message', (message: { done: number } | { result: Archived } | { problem: string }) => {
      if ('done' in message) tell(message.done)
      else if ('result' in message) resolve(message.result)
      else reject(new Error(message.problem))
    })
    thread.once('error', reject)
    thread.once('exit', () => reject(new Stopped('It was stopped.')))
  }).finally(() => {
    clearTimeout(over)
    event.node.res.off('close', gone)
    void thread.terminate()
  })
}
