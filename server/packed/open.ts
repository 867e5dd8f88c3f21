/** Opens a packed file by its own directory: nothing is unpacked before its size is known, and each part is held to its checksum. */
import { open, fromBuffer, type Entry, type ZipFile } from 'yauzl'
import { crc32 } from 'node:zlib'
import { Damaged, MOST_FILES, type PackedFiles } from '../../core/handin/archive/reading'

const NOT_PACKED = 'The file is not packed, or it is damaged; take the paper away once more as one file.'

/** @param from its path, or its bytes @returns its files, with what closes it; or why it cannot be opened */
export async function openPacked(from: string | Uint8Array): Promise<PackedFiles & { close: () => void } | string> {
  let zip: ZipFile
  try { zip = await opened(from) }
  catch { return NOT_PACKED }
  const entries = new Map<string, Entry>()
  try { await list(zip, entries) }
  catch (error) {
    zip.close()
    return error instanceof TooMany ? `The file has more than ${MOST_FILES.toLocaleString('en')} files in it; it is no archive of papers.` : NOT_PACKED
  }
  return {
    sizes: new Map([...entries].map(([name, entry]) => [name, entry.uncompressedSize])),
    text: name => textOf(zip, entries.get(name)!),
    close: () => zip.close(),
  }
}

class TooMany extends Error {}
const opened = (from: string | Uint8Array) => new Promise<ZipFile>((resolve, reject) => {
  const options = { lazyEntries: true, autoClose: false } as const
  const done = (error: Error | null, zip?: ZipFile) => (error ? reject(error) : resolve(zip!))
  if (typeof from === 'string') open(from, options, done)
  else fromBuffer(Buffer.from(from), options, done)
})

const list = (zip: ZipFile, entries: Map<string, Entry>) => new Promise<void>((resolve, reject) => {
  zip.on('entry', (entry: Entry) => {
    if (entries.size >= MOST_FILES) { reject(new TooMany()); return }
    if (!entry.fileName.endsWith('/')) entries.set(entry.fileName, entry)
    zip.readEntry()
  })
  zip.once('end', resolve)
  zip.once('error', reject)
  zip.readEntry()
})

const textOf = (zip: ZipFile, entry: Entry) => new Promise<string>((resolve, reject) => {
  const damaged = () => reject(new Damaged('is damaged: its bytes are not what was packed. It was not read.'))
  zip.openReadStream(entry, (error, stream) => {
    if (error) { damaged(); return }
    const parts: Buffer[] = []
    let sum = 0
    stream.on('data', (part: Buffer) => {
      parts.push(part)
      sum = crc32(part, sum)
    })
    // A part that unpacks to more than it says ends here as well.
    stream.once('error', damaged)
    stream.once('end', () => {
      if (sum !== entry.crc32) { damaged(); return }
      try { resolve(new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(parts))) }
      catch { reject(new Damaged('is no text in UTF-8. It was not read.')) }
    })
  })
})
