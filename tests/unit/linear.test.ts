import { describe, expect, it } from 'vitest'
import { PIECES } from './pieces'
import { READERS } from './readers'

/**
 * Whatever reads a person's text takes a time that grows with its length and no faster. Each reader is given each piece
 * over and over: sixty of them for 100,000 letters, the others for 20,000; what may pass is counted in a yardstick of the
 * same run, so that a slow machine is no failure, and the allowance is some hundred times what a reader needs, so that
 * only one that runs away meets it.
 */
const LONG = 100_000
const SHORT = 20_000
/** Every other piece, so that there are some of each sort, and what expressions stumble over most. */
const STUMBLED = new Set(['\n', '(', '[', '<', '<i>', '’', '.', 'ABCD ', '1-', '[ref: ', '\\footnote{'])
const lengthOf = (piece: string, i: number): number => (i % 2 === 0 || STUMBLED.has(piece) ? LONG : SHORT)

const text = (piece: string, length: number) => piece.repeat(Math.ceil(length / piece.length)).slice(0, length)
/**
 * Milliseconds of the clock or of the processor, whichever are fewer: what else the machine does is not counted, nor what
 * the engine does beside.
 */
function time(run: () => unknown): number {
  const [from, began] = [process.cpuUsage(), performance.now()]
  run()
  const { user, system } = process.cpuUsage(from)
  return Math.min((user + system) / 1000, performance.now() - began)
}
/** What a plain reading of so many letters takes here: the quickest of seven, so that what else goes on allows nothing. */
const yardstick = (length: number) => {
  const sample = text('Aa, B. (2021). ', length)
  return Math.min(...Array.from({ length: 7 }, () => time(() => JSON.parse(JSON.stringify([...sample])))))
}
/** A second try, since a machine has other things to do at times. */
function slow(read: (text: string) => unknown, piece: string, length: number, allowed: number): number | undefined {
  const given = text(piece, length)
  const took = time(() => read(given))
  if (took <= allowed) return undefined
  const again = time(() => read(given))
  return again <= allowed ? undefined : Math.round(again)
}

it('at least sixty pieces are given at the greater length', () => {
  expect(PIECES.filter((piece, i) => lengthOf(piece, i) === LONG).length).toBeGreaterThanOrEqual(60)
})

describe('a reader takes a time that grows with the length of its text', () => {
  const allowed = new Map([LONG, SHORT].map((length) => [length, length / 66 + 150 * yardstick(length)]))
  it.each(Object.entries(READERS))('%s', (_, read) => {
    const over = PIECES.flatMap((piece, i) => {
      const length = lengthOf(piece, i)
      const ms = slow(read, piece, length, allowed.get(length)!)
      return ms ? [`${JSON.stringify(piece)} × ${length}: ${ms} ms`] : []
    })
    expect(over).toEqual([])
  }, 240_000)
  it('and one that tries the same letters again from each of them is found', () => {
    expect(time(() => /[a-z]+\d/u.test(text('a', 80_000)))).toBeGreaterThan(allowed.get(LONG)!)
  }, 240_000)
})
