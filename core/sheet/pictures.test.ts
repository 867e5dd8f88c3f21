import { zlibSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { orientationOf, pictureTrouble, sizeOf } from './pictures'

const text = (word: string) => [...word].map(letter => letter.charCodeAt(0))
const long = (n: number) => [(n >>> 24) & 255, (n >>> 16) & 255, (n >>> 8) & 255, n & 255]
const chunk = (name: string, data: Uint8Array | number[]) => [...long(data.length), ...text(name), ...data, 0, 0, 0, 0]
/** A grey PNG of a size, whose data may be of another. */
const png = (width: number, height: number, data = new Uint8Array((width + 1) * height)) => Uint8Array.from([
  0x89, ...text('PNG'), 13, 10, 26, 10,
  ...chunk('IHDR', [...long(width), ...long(height), 8, 0, 0, 0, 0]), ...chunk('IDAT', zlibSync(data, { level: 9 })), ...chunk('IEND', []),
])
/** A JPEG's beginning: how it is to be turned, and its frame. */
const jpeg = (width: number, height: number, orientation: number, little = true) => {
  const two = (n: number) => (little ? [n & 255, n >> 8] : [n >> 8, n & 255])
  const four = (n: number) => (little ? [...two(n), 0, 0] : [0, 0, ...two(n)])
  const tag = [...two(0x0112), ...two(3), ...four(1), ...two(orientation), 0, 0]
  const exif = [...text('Exif'), 0, 0, ...text(little ? 'II' : 'MM'), ...two(42), ...four(8), ...two(1), ...tag, ...four(0)]
  const frame = [0xFF, 0xC0, 0, 11, 8, height >> 8, height & 255, width >> 8, width & 255, 1, 1, 0x11, 0]
  return Uint8Array.from([0xFF, 0xD8, 0xFF, 0xE1, 0, exif.length + 2, ...exif, ...frame, 0xFF, 0xD9])
}
const address = (type: string, bytes: Uint8Array) => `data:image/${type};base64,${Buffer.from(bytes).toString('base64')}`

describe('a picture’s size is read before it is opened', () => {
  it.each<[string, Uint8Array, object | undefined]>([
    ['a PNG', png(3, 2), { width: 3, height: 2 }],
    ['a PNG wider than two bytes say', png(70_000, 1), { width: 70_000, height: 1 }],
    ['a JPEG', jpeg(40, 30, 1), { width: 40, height: 30 }],
    ['a JPEG that lies on its side', jpeg(40, 30, 6), { width: 30, height: 40 }],
    ['one whose EXIF is written the other way', jpeg(40, 30, 8, false), { width: 30, height: 40 }],
    ['one that stands on its head', jpeg(40, 30, 3), { width: 40, height: 30 }],
    ['no picture', Uint8Array.from(text('hello')), undefined],
    ['nothing', new Uint8Array(), undefined],
  ])('%s', (_, bytes, size) => expect(sizeOf(bytes)).toEqual(size))
  it('a tag that points nowhere turns nothing', () => {
    const bytes = jpeg(40, 30, 6)
    bytes.set([255, 255, 255, 127], 16)
    expect(orientationOf(bytes)).toBe(1)
  })
})

describe('a picture that cannot be printed is a sentence', () => {
  const whole = png(20, 20)
  it.each<[string, string, Uint8Array, RegExp | undefined]>([
    ['one that can', 'png', whole, undefined],
    ['one that is cut off', 'png', whole.subarray(0, whole.length - 20), /damaged/u],
    ['one whose data end too soon', 'png', png(20, 20, new Uint8Array(30)), /damaged/u],
    ['one that unpacks to more than its size says', 'png', png(20, 20, new Uint8Array(5_000_000)), /damaged/u],
    ['one of ten thousand by ten thousand points', 'png', png(10_000, 10_000, new Uint8Array(10)), /10,000 by 10,000 points/u],
    ['one of no width', 'png', png(0, 10), /damaged/u],
    ['words that say they are a picture', 'png', Uint8Array.from(text('hello, world, this is no picture')), /damaged/u],
    ['a JPEG without a frame', 'jpeg', Uint8Array.from([0xFF, 0xD8, 0xFF, 0xD9]), /damaged/u],
  ])('%s', (_, type, bytes, says) => {
    const trouble = pictureTrouble(address(type, bytes))
    if (says) expect(trouble).toMatch(says)
    else expect(trouble).toBeUndefined()
  })
})
