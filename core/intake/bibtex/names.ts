/** Names as BibTeX writes them. Source: Patashnik, BibTeXing, 4 ("First von Last", "von Last, First", "von Last, Jr, First"). */
import type { Name } from '../../source/names'
import { fromLatex, toLatex } from '../tex/latex'

/** A separator, everywhere in a text and at the beginning of what is left of it. */
interface Separator { all: RegExp, here: RegExp }
const AND: Separator = { all: /\s+and\s+/iu, here: /^\s+and\s+/iu }
const COMMA: Separator = { all: /\s*,\s*/u, here: /^\s*,\s*/u }
const SPACE: Separator = { all: /(?:\s|~)+/u, here: /^(?:\s|~)+/u }

/** Splits a list of names at "and" outside braces. "and others" is told apart: it names no one. */
export function readBibNames(raw: string): { names: Name[], others: boolean } {
  const pieces = splitOutside(raw.replace(/\s+/gu, ' ').trim(), AND)
  const names: Name[] = []
  let others = false
  for (const piece of pieces) {
    const said = piece.trim()
    if (!said) continue
    if (/^(?:others|et\.?\s+al\.?)$/iu.test(said)) { others = true; continue }
    const name = readBibName(said)
    if (name) names.push(name)
  }
  return { names, others }
}

function readBibName(said: string): Name | undefined {
  const whole = /^\{(.*)\}$/su.exec(said)
  if (whole && balancedInside(whole[1]!)) return { literal: fromLatex(whole[1]!) }
  const parts = splitOutside(said, COMMA).map(part => part.trim()).filter(Boolean)
  const clean = (words: string) => fromLatex(words)
  if (!parts.length) return undefined
  if (parts.length >= 2) {
    const { von, last } = vonLast(words(parts[0]!), true)
    const given = clean(parts.at(-1)!)
    const suffix = parts.length >= 3 ? clean(parts.slice(1, -1).join(', ')) : ''
    // "Whitlock, Samuel J., Jr.": the suffix behind the given name, as libraries write it.
    if (parts.length >= 3 && /^(?:jr|sr|[ivx]{2,4})\.?$/iu.test(given))
      return trimmed({ particle: von, family: last, given: suffix, suffix: given })
    return trimmed({ particle: von, family: last, given, suffix })
  }
  const all = words(parts[0] ?? said)
  if (!all.length) return undefined
  if (all.length === 1) return { literal: clean(all[0]!) }
  const firstVon = all.findIndex((word, i) => i > 0 && i < all.length - 1 && isLower(word))
  if (firstVon > 0) {
    const { von, last } = vonLast(all.slice(firstVon), true)
    return trimmed({ given: clean(all.slice(0, firstVon).join(' ')), particle: von, family: last })
  }
  if (isLower(all[0]!)) {
    const { von, last } = vonLast(all, true)
    return trimmed({ particle: von, family: last })
  }
  const suffix = all.length > 2 && /^(?:jr|sr|[ivx]{2,4})\.?$/iu.test(all.at(-1)!) ? all.pop()! : ''
  return trimmed({ given: clean(all.slice(0, -1).join(' ')), family: clean(all.at(-1)!), suffix })
}

function vonLast(all: readonly string[], lowerOnly: boolean): { von: string, last: string } {
  let at = 0
  while (lowerOnly && at < all.length - 1 && isLower(all[at]!)) at++
  return { von: fromLatex(all.slice(0, at).join(' ')), last: fromLatex(all.slice(at).join(' ')) }
}

const isLower = (word: string): boolean => !word.startsWith('{') && /^\p{Ll}/u.test(fromLatex(word))
const words = (text: string): string[] => splitOutside(text, SPACE).filter(Boolean)
const trimmed = (name: Name): Name | undefined => {
  const out: Record<string, string> = {}
  let some = false
  for (const [part, value] of Object.entries(name)) if (value) { out[part] = value; some = true }
  return some ? out as Name : undefined
}

/** Splits at a separator that stands outside braces; a text without braces and commands is split at once. */
function splitOutside(text: string, { all, here: separator }: Separator): string[] {
  if (!/[{\\]/u.test(text)) return text.split(all)
  const out: string[] = []
  let depth = 0
  let from = 0
  for (let at = 0; at < text.length; at++) {
    const char = text[at]
    if (char === '\\') { at++; continue }
    if (char === '{') depth++
    else if (char === '}') depth = Math.max(0, depth - 1)
    else if (depth === 0 && (char === ' ' || char === ',' || char === '~')) {
      const match = separator.exec(text.slice(at, at + 40))
      if (match?.[0]) { out.push(text.slice(from, at)); from = at + match[0].length; at = from - 1 }
    }
  }
  out.push(text.slice(from))
  return out
}
const balancedInside = (text: string): boolean => {
  let depth = 0
  for (const char of text) {
    if (char === '{') depth++
    if (char === '}' && --depth < 0) return false
  }
  return depth === 0
}

/** Names joined by "and"; groups in braces, so that they are read as groups again. */
export function writeBibNames(names: readonly Name[], others: boolean): string {
  const written = names.map((name) => {
    if (name.literal !== undefined) return `{${toLatex(name.literal)}}`
    const family = [name.particle, name.family].filter(Boolean).join(' ')
    const last = toLatex(family)
    // A surname of several words, or one that begins small, would be taken apart.
    const guarded = /\s/u.test(name.family ?? '') && !name.given ? `{${last}}` : last
    return [
      guarded,
      name.suffix && toLatex(name.suffix),
      [name.given, name.droppingParticle]
        .filter(Boolean)
        .map((part) => toLatex(part!))
        .join(' '),
    ]
      .filter(Boolean)
      .join(', ')
  })
  return [...written, ...(others ? ['others'] : [])].join(' and ')
}
