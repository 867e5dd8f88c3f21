/** What is sent, read no further than it may be long. */
import type { IncomingMessage, ServerResponse } from 'node:http'

export class TooLong extends Error {}

/** A request's body as text (`readBytes`). @throws TooLong */
export const readLimited = async (req: IncomingMessage, res: ServerResponse, limit: number): Promise<string> =>
  (await readBytes(req, res, limit)).toString('utf8')

/** A request's body. Stops reading once it is longer than `limit` bytes, however it is sent. @throws TooLong */
export function readBytes(req: IncomingMessage, res: ServerResponse, limit: number): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = []
    let size = 0
    const take = (chunk: Buffer) => {
      size += chunk.length
      if (size <= limit) { chunks.push(chunk); return }
      // The rest stays unread: the answer goes out, and the connection is closed behind it.
      req.off('data', take)
      req.pause()
      if (!res.headersSent) res.setHeader('connection', 'close')
      res.once('finish', () => req.destroy())
      reject(new TooLong())
    }
    req.on('data', take)
    req.once('end', () => resolve(Buffer.concat(chunks)))
    req.once('error', reject)
    req.once('aborted', () => reject(new Error('the request was broken off')))
  })
}
