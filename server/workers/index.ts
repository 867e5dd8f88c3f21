/**
 * Documents are written off the server's own thread, one at a time. The build puts the thread's script beside the server;
 * where there is none (in development), the work is done here. A thread that ends takes the document with it that it was
 * writing, and no other.
 */
import { existsSync } from 'node:fs'
import { Worker } from 'node:worker_threads'
import type { Answered, Asked } from './document.worker'
import { scriptOf } from './script'
import type { Order } from './ways'

interface Waiting { order: Order, resolve: (file: Uint8Array) => void, reject: (error: Error) => void }
const waiting: Waiting[] = []
let current: Waiting | undefined
let worker: Worker | undefined
let last = 0
let over: ReturnType<typeof setTimeout> | undefined

/** Longer than this no paper takes, in milliseconds; and what its thread may keep in memory, in MB. */
const LONGEST = 120_000
const MEMORY = { maxOldGenerationSizeMb: 2048 }
const ENDED = 'The file could not be made: it needs more memory or time than a paper does. A picture may be too large; the paper itself is safe.'
export class TooMuch extends Error {}

function start(): Worker {
  const begun = new Worker(scriptOf('document'), { resourceLimits: MEMORY })
  // It never keeps the server from ending.
  begun.unref()
  begun.on('message', (answer: Answered) => {
    const asker = current
    current = undefined
    clearTimeout(over)
    if ('file' in answer) asker?.resolve(answer.file)
    else asker?.reject(new Error(answer.problem))
    next()
  })
  const ended = () => {
    if (worker !== begun) return
    worker = undefined
    clearTimeout(over)
    current?.reject(new TooMuch(ENDED))
    current = undefined
    next()
  }
  begun.on('error', ended)
  begun.on('exit', ended)
  return begun
}

function next() {
  if (current || !waiting.length) return
  current = waiting.shift()!
  worker ??= start()
  const thread = worker
  over = setTimeout(() => void thread.terminate(), LONGEST)
  over.unref?.()
  worker.postMessage({ id: ++last, order: current.order } satisfies Asked)
}

/** The paper as a file, written in a thread of its own. @throws TooMuch where it needs more than any paper does */
export async function paperFile(order: Order): Promise<Uint8Array> {
  if (!existsSync(scriptOf('document'))) return (await import('./ways')).writeOrder(order)
  return new Promise((resolve, reject) => {
    waiting.push({ order, resolve, reject })
    next()
  })
}
