import { randomUUID } from 'node:crypto'
import { createWriteStream, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { Transform } from 'node:stream'
import { getQuery, type H3Event } from 'h3'
import { TooLong } from '../utils/body'

/** A place on the disk for as long as it is needed. */
export function temporary(): { file: string, remove: () => void } {
  const file = join(tmpdir(), `dendle-${randomUUID()}.zip`)
  return { file, remove: () => rmSync(file, { force: true }) }
}

/** The name under which its asker will ask how far it is. */
export function jobOf(event: H3Event): string | undefined {
  const { job } = getQuery(event)
  return typeof job === 'string' && /^[\w-]{1,64}$/u.test(job) ? job : undefined
}

/** Writes what is sent to the disk as it comes. @throws TooLong past so many bytes */
export async function receive(event: H3Event, file: string, limit: number) {
  let size = 0
  const counted = new Transform({
    transform(part: Buffer, _, done) {
      size += part.length
      if (size > limit) done(new TooLong())
      else done(null, part)
    },
  })
  await pipeline(event.node.req, counted, createWriteStream(file, { mode: 0o600 }))
}
