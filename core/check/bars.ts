/** Bars as a page asks for them, the server draws them, and the page finds again what is under the pointer. */

/** Stacked bars, one stack for each name; colours by their names on the page, so that day and night need no new picture. */
export interface Bars {
  /** In pixels. */
  width: number
  height: number
  /** Bars lie along lines, with their names before them and their number behind; the first is at the top. */
  lying: boolean
  names: readonly string[]
  parts: readonly { ink: string, values: readonly number[] }[]
}
/** More than this is no picture to anybody; the table of the same numbers has no such end. */
export const MOST_NAMES = 600
export const MOST_VALUES = 3000

/** The room around the bars, in pixels. */
export const UPRIGHT = { left: 8, right: 8, top: 12, bottom: 24 }
export const LYING = { left: 168, right: 30, top: 4, bottom: 4 }

export const tooMany = ({ names, parts }: Pick<Bars, 'names' | 'parts'>): boolean =>
  names.length > MOST_NAMES || names.length * parts.length > MOST_VALUES

/** The bar at a point of the picture, from 0; undefined where there is none. */
export function barAt({ width, height, lying, names }: Bars, x: number, y: number): number | undefined {
  const part = lying ? (y - LYING.top) / (height - LYING.top - LYING.bottom) : (x - UPRIGHT.left) / (width - UPRIGHT.left - UPRIGHT.right)
  const index = Math.floor(part * names.length)
  return index >= 0 && index < names.length ? index : undefined
}
