import { describe, expect, it } from 'vitest'
import { PIECES } from './pieces'
import { READERS } from './readers'

/**
 * Whatever reads a person's text takes a time that grows with its length and no faster. Each reader is given each piece
 * over and over; what may pass is counted in a yardstick of the same run, so that a slow machine is no failure, and the
 * allowance is some hundred times what a reader needs, so that only one that runs away meets it: at these lengths a time
 * that grows with the square is over it tenfold.
 */
const LENGTH = 20_000
/** The same at five times the length, for the pieces that expressions stumble over most. */
const LONG = 100_000
const WORST = [' ', '\n', '(', '[', '{', '<', '<i>', '“', '’', '.', 'A. ', 'ABCD ', '1', '1-', 'a', '</p>', '[ref: ', '\\footnote{']

const text = (piece: string, length: number) => piece.repeat(Math.ceil(length / piece.length)).slice(0, length)
function time(run: () => unknown): number {
  const from = performance.now()
  run()
  return performance.now() - from
}
/** What a plain reading of so many letters takes here: the middle of five. */
const yardstick = (length: number) => {
  const sample = text('Aa, B. (2021). ', length)
  return Array.from({ length: 5 }, () => time(() => JSON.parse(JSON.stringify([...sample])))).sort((a, b) => a - b)[2]!
}
/** A second try, since a machine has other things to do at times. */
function slow(read: (text: string) => unknown, piece: string, length: number, allowed: number): number | undefined {
  const given = text(piece, length)
  const took = time(() => read(given))
  if (took <= allowed) return undefined
  const again = time(() => read(given))
  return again <= allowed ? undefined : Math.round(again)
}

describe('a reader takes a time that grows with the length of its text', () => {
  const short = 300 + 150 * yardstick(LENGTH)
  const long = 1500 + 150 * yardstick(LONG)
  it.each(Object.entries(READERS))('%s', (_, read) => {
    const over = [
      ...PIECES.flatMap((piece) => {
        const ms = slow(read, piece, LENGTH, short)
        return ms ? [`${JSON.stringify(piece)} × ${LENGTH}: ${ms} ms`] : []
      }),
      ...WORST.flatMap((piece) => {
        const ms = slow(read, piece, LONG, long)
        return ms ? [`${JSON.stringify(piece)} × ${LONG}: ${ms} ms`] : []
      }),
    ]
    expect(over).toEqual([])
  }, 120_000)
})
