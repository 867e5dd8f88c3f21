import { describe, expect, it } from 'vitest'
import { barAt, tooMany, type Bars } from '../../core/check/bars'
import { barsSchema } from './bars'
import { drawBars } from './draw'

const bars = (lying: boolean): Bars => ({
  width: 416,
  height: 208,
  lying,
  names: ['Okonjo <b>', 'Penhale', 'Tremayne'],
  parts: [{ ink: 'woad', values: [1, 2, 0] }, { ink: 'madder', values: [0, 3, 5] }],
})
/** The middle of each bar of one part, by the path that it is. */
const drawn = (svg: string, ink: string) =>
  [...svg.matchAll(/<path d="M([\d.]+) ([\d.]+)l([\d.]+) 0l0 (-?[\d.]+)[^>]*fill="var\(--(\w+)\)"/gu)]
    .filter(([, , , w, , of]) => of === ink && Number(w))
    .map(([, x, y, w, h]) => [Number(x) + Number(w) / 2, Number(y) + Number(h) / 2] as const)

describe('bars', () => {
  it.each([false, true])('lying: %s. The bar under the pointer is the one that is drawn there', (lying) => {
    const given = bars(lying)
    const svg = drawBars(given)
    expect(drawn(svg, 'woad').map(([x, y]) => barAt(given, x, y))).toEqual([0, 1])
    expect(drawn(svg, 'madder').map(([x, y]) => barAt(given, x, y))).toEqual([1, 2])
  })
  it('have names that are text and no markup', () => { expect(drawBars(bars(true))).toContain('Okonjo &lt;b&gt;') })
  it.each([[true, 100, -1], [true, 100, 207], [false, 2, 100], [false, 414, 100]])('lying: %s. None at %d, %d', (lying, x, y) => {
    expect(barAt(bars(lying), x, y)).toBeUndefined()
  })
  it('more than a picture can show are refused, and colours that are none of the page', () => {
    const many = { ...bars(false), names: Array.from({ length: 400 }, String), parts: Array.from({ length: 10 }, () => ({ ink: 'woad', values: [1] })) }
    expect(tooMany(many)).toBe(true)
    expect(barsSchema.safeParse(many).error?.issues[0]?.message).toContain('more bars than a picture can show')
    expect(barsSchema.safeParse({ ...bars(false), parts: [{ ink: 'url(x)', values: [] }] }).success).toBe(false)
    expect(barsSchema.safeParse(bars(false)).success).toBe(true)
  })
})
