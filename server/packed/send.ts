/** A packed file on its way out: written to the disk by a thread, sent from there, and gone. */
import { createReadStream, statSync } from 'node:fs'
import { sendStream, setResponseHeaders, type H3Event } from 'h3'
import { archiving } from '../workers/archives'
import { jobOf, temporary } from './temporary'

/** @param ids of papers; undefined: everything @param plain its name in plain letters, where it has others */
export async function sendPacked(event: H3Event, ids: readonly string[] | undefined, name: string, plain = name) {
  const { file, remove } = temporary()
  event.node.res.once('close', remove)
  try {
    const { leftOut } = await archiving(event, jobOf(event), { work: 'pack', file, ...(ids ? { ids } : {}) })
    setResponseHeaders(event, {
      'content-type': 'application/zip',
      'content-length': statSync(file).size,
      'content-disposition': `attachment; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`,
      // Earlier states that would have made it larger than it could come back.
      ...(leftOut ? { 'x-dendle-left-out': String(leftOut) } : {}),
    })
    return sendStream(event, createReadStream(file))
  }
  catch (error) {
    remove()
    throw error
  }
}
