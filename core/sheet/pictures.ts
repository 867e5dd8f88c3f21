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

/** The size of a PNG, JPEG or GIF from its first bytes, in pixels; a square where they say nothing. */
export function pictureSize(bytes: Uint8Array): { width: number, height: number } {
  const at = (i: number) => (bytes[i]! << 8) | bytes[i + 1]!
  if (bytes[0] === 0x89) return { width: at(18), height: at(22) }
  if (bytes[0] === 0x47) return { width: bytes[6]! | (bytes[7]! << 8), height: bytes[8]! | (bytes[9]! << 8) }
  const frame = frameAt(bytes)
  return frame ? { width: at(frame + 7), height: at(frame + 5) } : { width: 400, height: 400 }
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
