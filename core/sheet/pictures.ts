import { Unzlib } from 'fflate'

/**
 * Pictures of a paper travel in it. Nothing is fetched to show one: an address would tell another machine who reads what,
 * and when.
 */
const DATA = /^data:image\/(png|jpeg|gif);base64,([A-Za-z0-9+/=]+)$/u

/** Whether a figure's picture is one that the paper itself carries. */
export const isOwnPicture = (src: unknown): src is string => typeof src === 'string' && DATA.test(src)

export interface PictureBytes { type: 'png' | 'jpeg' | 'gif', bytes: Uint8Array }

/** A data address as bytes; undefined where it is no picture that travels in the paper. */
export function pictureBytes(address: string | undefined): PictureBytes | undefined {
  const read = DATA.exec(address ?? '')
  return read ? { type: read[1] as PictureBytes['type'], bytes: Uint8Array.from(atob(read[2]!), char => char.charCodeAt(0)) } : undefined
}

/**
 * The size of a PNG, JPEG or GIF from its first bytes, in pixels, as it is looked at: a photograph taken upright may lie on
 * its side in its file (EXIF 2.32, 4.6.4). Nothing where they say nothing.
 */
export function sizeOf(bytes: Uint8Array): { width: number, height: number } | undefined {
  const at = (i: number) => (bytes[i]! << 8) | bytes[i + 1]!
  const long = (i: number) => at(i) * 65_536 + at(i + 2)
  const size = (width: number, height: number) => (width > 0 && height > 0 ? { width, height } : undefined)
  if (bytes[0] === 0x89 && bytes.length > 24) return size(long(16), long(20))
  if (bytes[0] === 0x47 && bytes.length > 10) return size(bytes[6]! | (bytes[7]! << 8), bytes[8]! | (bytes[9]! << 8))
  const frame = bytes[0] === 0xFF ? frameAt(bytes) : undefined
  if (!frame) return undefined
  return orientationOf(bytes) >= 5 ? size(at(frame + 5), at(frame + 7)) : size(at(frame + 7), at(frame + 5))
}
/** A square where the file says nothing. */
export const pictureSize = (bytes: Uint8Array): { width: number, height: number } => sizeOf(bytes) ?? { width: 400, height: 400 }

/** How a JPEG is to be turned, from 1 (as it is) to 8; from 5 on its sides change places. */
export function orientationOf(bytes: Uint8Array): number {
  for (let i = 2; i + 18 < bytes.length && bytes[i] === 0xFF; i += 2 + ((bytes[i + 2]! << 8) | bytes[i + 3]!)) {
    if (bytes[i + 1] !== 0xE1 || String.fromCharCode(...bytes.subarray(i + 4, i + 8)) !== 'Exif') continue
    const head = i + 10
    const little = bytes[head] === 0x49
    const two = (at: number) => (little ? bytes[at]! | (bytes[at + 1]! << 8) : (bytes[at]! << 8) | bytes[at + 1]!)
    const four = (at: number) => (little ? two(at) + two(at + 2) * 65_536 : two(at) * 65_536 + two(at + 2))
    const first = head + four(head + 4)
    if (first + 2 > bytes.length) return 1
    for (let n = 0, entry = first + 2; n < two(first) && entry + 12 <= bytes.length; n++, entry += 12)
      if (two(entry) === 0x0112) return Math.min(8, Math.max(1, two(entry + 8)))
    return 1
  }
  return 1
}

/** Points of a picture beyond which none is printed: it would take hundreds of megabytes to take apart. */
export const MOST_PIXELS = 40_000_000
const known = new Map<string, string | undefined>()
/**
 * Why a picture that travels in the paper cannot be printed, as a sentence; nothing where it can. Its size is read before
 * anything is unpacked, and a PNG is unpacked no further than that size.
 */
export function pictureTrouble(address: string): string | undefined {
  if (known.has(address)) return known.get(address)
  const trouble = troubleOf(pictureBytes(address))
  if (known.size > 60) known.clear()
  known.set(address, trouble)
  return trouble
}
const DAMAGED = 'This picture cannot be shown: its file is damaged.'
function troubleOf(read: PictureBytes | undefined): string | undefined {
  const size = read && sizeOf(read.bytes)
  if (!read || !size) return DAMAGED
  const { width, height } = size
  if (width * height > MOST_PIXELS)
    return `This picture cannot be shown: it is ${width.toLocaleString('en')} by ${height.toLocaleString('en')} points large, and no page can show so many.`
  return read.type === 'png' && !isWholePng(read.bytes, width, height) ? DAMAGED : undefined
}

/** Whether a PNG's own data unpack to as much as its size says (PNG 1.2, 2.3 and 3.2.3). */
function isWholePng(bytes: Uint8Array, width: number, height: number): boolean {
  const channels = ({ 0: 1, 2: 3, 3: 1, 4: 2, 6: 4 } as Record<number, number>)[bytes[25]!]
  if (!channels || ![1, 2, 4, 8, 16].includes(bytes[24]!)) return false
  const row = Math.ceil((width * channels * bytes[24]!) / 8) + 1
  // Seven passes of an interlaced one have a few more rows, each with its own mark.
  const most = row * height + (bytes[28] ? 16 * (height + width) : 0)
  let size = 0
  let whole = false
  const packed = new Unzlib((chunk, final) => {
    size += chunk.length
    if (size > most) throw new RangeError('more than its size says')
    whole ||= final
  })
  try {
    for (let at = 8; at + 12 <= bytes.length;) {
      const length = ((bytes[at]! << 24) | (bytes[at + 1]! << 16) | (bytes[at + 2]! << 8) | bytes[at + 3]!) >>> 0
      const name = String.fromCharCode(...bytes.subarray(at + 4, at + 8))
      if (at + 12 + length > bytes.length) return false
      if (name === 'IDAT') for (let i = 0; i < length; i += 8192) packed.push(bytes.subarray(at + 8 + i, at + 8 + Math.min(length, i + 8192)))
      if (name === 'IEND') break
      at += 12 + length
    }
    packed.push(new Uint8Array(), true)
  }
  catch { return false }
  return whole && (bytes[28] ? size >= row * height * 0.5 : size >= row * height)
}

/** Where the header of a JPEG's frame stands, which says its size and its colours (ITU-T T.81, B.2.2). */
function frameAt(bytes: Uint8Array): number | undefined {
  for (let i = 2; i + 9 < bytes.length && bytes[i] === 0xFF; i += 2 + ((bytes[i + 2]! << 8) | bytes[i + 3]!))
    if (bytes[i + 1]! >= 0xC0 && bytes[i + 1]! <= 0xC3) return i
  return undefined
}

/** Whether a picture is made of the four inks of print rather than of red, green and blue. */
export function isOfInks({ type, bytes }: PictureBytes): boolean {
  const frame = type === 'jpeg' ? frameAt(bytes) : undefined
  return frame !== undefined && bytes[frame + 9] === 4
}
