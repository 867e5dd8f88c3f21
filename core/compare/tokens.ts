/** An entry as words and marks, so that two of them can be laid beside each other. */
import type { Run } from '../text/runs'
import { bareDoi } from '../source/values/addresses'
import type { Lettered } from './elsewhere'

export interface Token {
  text: string
  /** What it is the same as: letters without case and accents, every dash one, every quotation mark one. */
  key: string
  kind: 'word' | 'mark' | 'link'
  italic: boolean
  bold: boolean
  /** A space stands before it. */
  spaced: boolean
  /** Of an entry that Dendle set: the run it comes from. */
  run?: Run
}

const TOKEN =
  /(?:https?:\/\/|www\.)[^\s<>]+|(?<![\p{L}\p{N}.-])[\p{L}\p{N}-]{2,60}(?:\.[\p{L}\p{N}-]{2,60}){1,5}\/[^\s<>]*|doi:\s?10\.\d{4,9}\/[^\s<>]+|10\.\d{4,9}\/[^\s<>]+|[\p{L}\p{M}\p{N}]+(?:[’'][\p{L}\p{M}]+)*|\S/giu
/** Longer ones are no references. */
const MOST = 4000

const keyOf = (text: string): string => {
  if (/^[-‐‑–—−]$/u.test(text)) return '-'
  if (/^["“”]$/u.test(text)) return '"'
  if (/^['‘’]$/u.test(text)) return '\''
  return text.toLowerCase().normalize('NFKD').replace(/\p{M}/gu, '').replace(/[’']/gu, '')
}
/** An address without its protocol, a DOI without what stands before it. */
const linkKey = (text: string): string =>
  /10\.\d{4,9}\//u.test(text) && /^(?:https?:\/\/(?:dx\.|www\.)?doi\.org|doi:|10\.)/iu.test(text)
    ? `doi ${bareDoi(text).toLowerCase()}`
    : text.toLowerCase().replace(/^https?:\/\//u, '').replace(/^www\./u, '').replace(/\/$/u, '')

function tokensOf(pieces: readonly (Lettered & { run?: Run })[]): Token[] {
  const text = pieces.map(piece => piece.text).join('').slice(0, MOST)
  const starts: { at: number, piece: Lettered & { run?: Run } }[] = []
  let at = 0
  for (const piece of pieces) {
    starts.push({ at, piece })
    at += piece.text.length
  }
  const out: Token[] = []
  let n = 0
  const put = (word: string, from: number, kind: Token['kind'], spaced: boolean) => {
    while (n + 1 < starts.length && starts[n + 1]!.at <= from) n++
    const { piece } = starts[n]!
    const key = kind === 'link' ? linkKey(word) : keyOf(word)
    out.push({
      text: word,
      key,
      kind,
      italic: Boolean(piece.italic),
      bold: Boolean(piece.bold),
      spaced,
      ...(piece.run ? { run: piece.run } : {}),
    })
  }
  for (const match of text.matchAll(TOKEN)) {
    const spaced = match.index > 0 && /\s/u.test(text[match.index - 1]!)
    const [word] = match
    if (!/^(?:https?:|www\.|doi:|10\.)|^[\p{L}\p{N}-]+\.[\p{L}\p{N}.-]+\//iu.test(word) || word.length < 8) {
      put(word, match.index, /[\p{L}\p{N}]/u.test(word) ? 'word' : 'mark', spaced)
      continue
    }
    // The stop that ends the entry is no part of the address.
    let end = word.length
    while ('.,;)]'.includes(word[end - 1]!)) end--
    const bare = word.slice(0, end)
    put(bare, match.index, 'link', spaced)
    for (let i = bare.length; i < word.length; i++) put(word[i]!, match.index + i, 'mark', false)
  }
  return out
}
export const tokensElsewhere = (pieces: readonly Lettered[]): Token[] => tokensOf(pieces)
export const tokensOfRuns = (runs: readonly Run[]): Token[] =>
  tokensOf(runs.map(run => ({ text: run.text, ...(run.italic ? { italic: true } : {}), ...(run.bold ? { bold: true } : {}), run })))

/** Two entries side by side: tokens that are the same, and stretches that one has and the other has not. */
export interface Pair { given: Token, wanted: Token }
export type Aligned = Pair | { onlyGiven: Token[], onlyWanted: Token[] }
export const isPair = (one: Aligned): one is Pair => 'given' in one
