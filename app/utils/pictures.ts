/** A picture on its way into the paper: turned as it is looked at, and no larger than a page can show. */
import { MOST_PIXELS, orientationOf, sizeOf } from '~~/core/sheet/pictures'

/** Six and a half inches at 300 points an inch, and some to spare; as bytes what a save can carry at each letter beside it. */
const WIDEST = 2400
const LARGEST = 2 * 1024 * 1024
/** Larger files are not opened, in bytes. */
const MOST = 60 * 1024 * 1024

/** @returns its data address, or why it cannot be taken, as a sentence */
export async function takenPicture(file: Blob, name: string): Promise<{ src: string } | { problem: string }> {
  if (file.size > MOST) return { problem: `${name} is larger than 60 MB. It was not opened; make it smaller first.` }
  const bytes = new Uint8Array(await file.arrayBuffer())
  const type = bytes[0] === 0x89 ? 'png' : bytes[0] === 0xFF && bytes[1] === 0xD8 ? 'jpeg' : bytes[0] === 0x47 ? 'gif' : undefined
  if (!type) return { problem: `${name} is no PNG, JPEG or GIF, which pictures here are.` }
  const size = sizeOf(bytes)
  if (!size) return { problem: `${name} says nothing of its size, so it is damaged, or no picture.` }
  const { width, height } = size
  if (width * height > MOST_PIXELS * 4)
    return { problem: `${name} is ${width.toLocaleString('en')} by ${height.toLocaleString('en')} points large. It was not opened; make it smaller first.` }
  const turned = type === 'jpeg' && orientationOf(bytes) !== 1
  if (!turned && width <= WIDEST && width * height <= MOST_PIXELS && file.size <= LARGEST) return { src: await addressOf(new Blob([bytes], { type: `image/${type}` })) }
  if (type === 'gif') return { problem: `${name} is larger than 2 MB or than any page. Make it smaller first.` }
  const scale = Math.min(1, WIDEST / width)
  try {
    const bitmap = await createImageBitmap(new Blob([bytes], { type: `image/${type}` }), {
      imageOrientation: 'from-image', resizeWidth: Math.round(width * scale), resizeHeight: Math.max(1, Math.round(height * scale)), resizeQuality: 'high',
    })
    const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
    canvas.getContext('2d')!.drawImage(bitmap, 0, 0)
    bitmap.close()
    let made = await canvas.convertToBlob({ type: `image/${type}`, quality: 0.9 })
    // A photograph as PNG: as JPEG it is a tenth.
    if (made.size > LARGEST) made = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.85 })
    return { src: await addressOf(made) }
  }
  catch { return { problem: `${name} could not be opened: it is damaged, or larger than this browser can show.` } }
}

const addressOf = (blob: Blob) => new Promise<string>((resolve, reject) => {
  const reader = new FileReader()
  reader.onload = () => resolve(String(reader.result))
  reader.onerror = () => reject(reader.error ?? new Error('it could not be read'))
  reader.readAsDataURL(blob)
})
