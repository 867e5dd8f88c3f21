/** A thread that packs papers into a file or takes them in from one, by a connection of its own: nobody's save waits for it. */
import '../../core/text/with-lists'
import { parentPort, workerData } from 'node:worker_threads'
import { runArchiving, type Archiving } from './archiving'

const tell = (message: object) => parentPort!.postMessage(message)
runArchiving(workerData as Archiving, done => tell({ done })).then(
  result => tell({ result }),
  (error: unknown) => tell({ problem: String((error as Error)?.stack ?? error) }),
)
