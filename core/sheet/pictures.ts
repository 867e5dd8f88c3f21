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
  for (let i = 2; i + 9 < bytes.length;) {
    if (bytes[i] !== 0xFF) break
    if (bytes[i + 1]! >= 0xC0 && bytes[i + 1]! <= 0xC3) return { width: at(i + 7), height: at(i + 5) }
    i += 2 + at(i + 2)
  }
  return { width: 400, height: 400 }
}
