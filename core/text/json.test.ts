import { expect, it } from 'vitest'
import { readJson } from './json'

it.each<[string, string, RegExp | undefined]>([
  ['a list', '[1,{"a":"[["}]', undefined],
  ['no JSON', '{', /no JSON/u],
  ['a thousand levels', '['.repeat(1000) + ']'.repeat(1000), /200 levels/u],
  ['two million pieces', `[${'[],'.repeat(2_000_000)}[]]`, /1,500,000 pieces/u],
  ['half of a character', '["a\\ud83d"]', /lone surrogate/u],
  ['half of a character in a name', '{"\\ude00":1}', /lone surrogate/u],
  ['a whole one, written as two halves', '["\\ud83d\\ude00"]', undefined],
  ['words about one', '["\\\\ud83d"]', undefined],
])('%s', (_, json, trouble) => {
  const read = readJson(json)
  if (trouble) expect('trouble' in read && read.trouble).toMatch(trouble)
  else expect(read).toEqual({ value: JSON.parse(json) })
})
