/** Bytes to text: UTF-8, UTF-16 and Latin-1, with or without a byte order mark; line ends made one. */

export interface Decoded {
  text: string
  encoding: 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252'
  /** Its bytes are a picture's or a program's: what is read of them as letters is none. */
  noText: boolean
}
export const NO_TEXT = 'is no text: its bytes are a picture’s, a program’s or a packed file’s. Nothing of it was read.'

/**
 * Reads a file's bytes. Without a byte order mark: UTF-16 if every other byte of the beginning is zero, else UTF-8 if it is
 * valid, else Windows-1252, which has every letter of Latin-1.
 */
export function decode(bytes: Uint8Array): Decoded {
  const encoding = encodingOf(bytes)
  const text = new TextDecoder(encoding).decode(bytes)
  return {
    text: tidyEnds(encoding === 'windows-1252' ? text.replace(/[\u0080-\u009F]/gu, (c) => UPPER[c.charCodeAt(0) - 0x80]!) : text),
    encoding,
    noText: isNoText(text),
  }
}
/** Control characters that nobody types, in number. */
function isNoText(text: string): boolean {
  const head = text.slice(0, 20_000)
  const odd = head.match(/(?![\s\u0080-\u009F])[\p{Cc}\uFFFD]/gu)?.length ?? 0
  return odd > 2 && odd > head.length * 0.01
}
/** 0x80 to 0x9F of Windows-1252, which some decoders leave as control characters. */
const UPPER = [...'€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008DŽ\u008F\u0090‘’“”•–—˜™š›œ\u009DžŸ']

/** CRLF and CR become LF; a byte order mark and NUL characters go. */
export const tidyEnds = (text: string): string => text.replace(/^\uFEFF/u, '').replace(/\r\n?/gu, '\n').replaceAll('\u0000', '')

function encodingOf(bytes: Uint8Array): Decoded['encoding'] {
  if (bytes[0] === 0xFF && bytes[1] === 0xFE) return 'utf-16le'
  if (bytes[0] === 0xFE && bytes[1] === 0xFF) return 'utf-16be'
  if (bytes[0] === 0xEF && bytes[1] === 0xBB && bytes[2] === 0xBF) return 'utf-8'
  const head = bytes.subarray(0, 400)
  let even = 0
  let odd = 0
  head.forEach((byte, i) => { if (byte === 0) { if (i % 2) odd++; else even++ } })
  if (head.length >= 4 && odd > head.length * 0.3) return 'utf-16le'
  if (head.length >= 4 && even > head.length * 0.3) return 'utf-16be'
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    return 'utf-8'
  }
  catch { return 'windows-1252' }
}
