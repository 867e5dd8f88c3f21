/** A thread that writes documents: a long paper being made leaves the others their answers. */
import '../../core/text/with-lists'
import { parentPort } from 'node:worker_threads'
import { writeOrder, type Order } from './ways'

export interface Asked { id: number, order: Order }
export type Answered = { id: number, file: Uint8Array } | { id: number, problem: string }

parentPort!.on('message', ({ id, order }: Asked) => {
  writeOrder(order).then(
    file => parentPort!.postMessage({ id, file } satisfies Answered),
    (error: unknown) => parentPort!.postMessage({ id, problem: String((error as Error)?.stack ?? error) } satisfies Answered),
  )
})
