/** Titles of every field of study, each with its capitals as a copy editor would set them, written by hand (titles.txt). */
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { capitaliseText } from '../../core/text/capitals'
import { styleOf } from '../../core/styles'

const curl = (text: string): string => text.replace(/'/gu, '’')
const rows = readFileSync(new URL('titles.txt', import.meta.url), 'utf8')
  .trim()
  .split('\n')
  .filter((line) => !line.startsWith('#'))
  .map((line) => {
    const [given, set, style = 'apa-7'] = line.split(' | ')
    return [given!, set!, style] as const
  })

describe('titles', () => {
  it('are some hundreds', () => expect(rows.length).toBeGreaterThan(400))
  it.each(rows)('%s: %s (%s)', (given, set, style) => expect(curl(capitaliseText(given, styleOf(style)!.capitals.roman))).toBe(curl(set)))
})
