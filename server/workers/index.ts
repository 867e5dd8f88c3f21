/**
 * Long work off the server's own thread. The build puts the thread's script beside the server; where there is none
 * (in development), the work is done here.
 */
import { existsSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { Worker } from 'node:worker_threads'
import type { Answered, Asked } from './document.worker'
import type { Order } from './ways'

const script = () => join(dirname(resolve(process.argv[1] ?? '.')), 'workers/document.mjs')
const waiting = new Map<number, { resolve: (file: Uint8Array) => void, reject: (error: Error) => void }>()
let worker: Worker | undefined
let last = 0

function start(): Worker {
  const begun = new Worker(script())
  // It never keeps the server from ending.
  begun.unref()
  begun.on('message', (answer: Answered) => {
    const asker = waiting.get(answer.id)
    waiting.delete(answer.id)
    if ('file' in answer) asker?.resolve(answer.file)
    else asker?.reject(new Error(answer.problem))
  })
  const ended = (error?: unknown) => {
    if (worker === begun) worker = undefined
    for (const { reject } of waiting.values()) reject(error instanceof Error ? error : new Error('the thread that writes documents ended'))
    waiting.clear()
  }
  begun.on('error', ended)
  begun.on('exit', () => ended())
  return begun
}

/** The paper as a file, written in a thread of its own. */
export async function paperFile(order: Order): Promise<Uint8Array> {
  if (!existsSync(script())) return (await import('./ways')).writeOrder(order)
  worker ??= start()
  const id = ++last
  return new Promise((resolve, reject) => {
    waiting.set(id, { resolve, reject })
    worker!.postMessage({ id, order } satisfies Asked)
  })
}
