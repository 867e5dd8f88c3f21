/**
 * LaTeX's way of writing letters and treatments, read into Unicode and the inline tags of titles, and written back.
 * Source: LaTeX2e unofficial reference manual, 23.5 (accents), 23.6 (additional Latin letters); BibTeX manual, 4 (special characters).
 */
import { rowOf } from '../../text/lookup'

const COMBINING: Record<string, string> = {
  '`': '\u0300', '\'': '\u0301', '^': '\u0302', '~': '\u0303', '=': '\u0304', 'u': '\u0306', '.': '\u0307', '"': '\u0308',
  'r': '\u030A', 'H': '\u030B', 'v': '\u030C', 'd': '\u0323', 'c': '\u0327', 'k': '\u0328', 'b': '\u0331', 't': '\u0361',
}
const SYMBOLS: Record<string, string> = {
  aa: 'å',
  AA: 'Å',
  ae: 'æ',
  AE: 'Æ',
  oe: 'œ',
  OE: 'Œ',
  o: 'ø',
  O: 'Ø',
  l: 'ł',
  L: 'Ł',
  ss: 'ß',
  SS: 'ẞ',
  i: 'ı',
  j: 'ȷ',
  dh: 'ð',
  DH: 'Ð',
  th: 'þ',
  TH: 'Þ',
  dj: 'đ',
  DJ: 'Đ',
  ng: 'ŋ',
  NG: 'Ŋ',
  textquoteleft: '‘',
  textquoteright: '’',
  textquotedblleft: '“',
  textquotedblright: '”',
  quotesinglbase: '‚',
  quotedblbase: '„',
  guillemotleft: '«',
  guillemotright: '»',
  guillemetleft: '«',
  guillemetright: '»',
  textendash: '–',
  textemdash: '—',
  ldots: '…',
  dots: '…',
  textellipsis: '…',
  copyright: '©',
  textcopyright: '©',
  textregistered: '®',
  texttrademark: '™',
  pounds: '£',
  textsterling: '£',
  texteuro: '€',
  euro: '€',
  S: '§',
  P: '¶',
  dag: '†',
  ddag: '‡',
  textdegree: '°',
  degree: '°',
  textbackslash: '\\',
  textasciitilde: '~',
  textasciicircum: '^',
  textunderscore: '_',
  textbar: '|',
  textless: '<',
  textgreater: '>',
  textbullet: '•',
  textperiodcentered: '·',
  textordfeminine: 'ª',
  textordmasculine: 'º',
  textexclamdown: '¡',
  textquestiondown: '¿',
  LaTeX: 'LaTeX',
  TeX: 'TeX',
  BibTeX: 'BibTeX',
  slash: '/',
  textonehalf: '½',
  textonequarter: '¼',
  times: '×',
  pm: '±',
  cdot: '·',
  circ: '°',
  infty: '∞',
  approx: '≈',
  leq: '≤',
  le: '≤',
  geq: '≥',
  ge: '≥',
  neq: '≠',
  rightarrow: '→',
  to: '→',
  leftarrow: '←',
  prime: '′',
  sim: '∼',
  mu: 'μ',
  alpha: 'α',
  beta: 'β',
  gamma: 'γ',
  delta: 'δ',
  epsilon: 'ε',
  varepsilon: 'ε',
  zeta: 'ζ',
  eta: 'η',
  theta: 'θ',
  iota: 'ι',
  kappa: 'κ',
  lambda: 'λ',
  nu: 'ν',
  xi: 'ξ',
  pi: 'π',
  rho: 'ρ',
  sigma: 'σ',
  tau: 'τ',
  upsilon: 'υ',
  phi: 'φ',
  varphi: 'φ',
  chi: 'χ',
  psi: 'ψ',
  omega: 'ω',
  Gamma: 'Γ',
  Delta: 'Δ',
  Theta: 'Θ',
  Lambda: 'Λ',
  Xi: 'Ξ',
  Pi: 'Π',
  Sigma: 'Σ',
  Phi: 'Φ',
  Psi: 'Ψ',
  Omega: 'Ω',
  quad: ' ',
  qquad: ' ',
  newline: ' ',
  par: ' ',
  textvisiblespace: ' ',
  space: ' ',
  nobreakspace: ' ',
}
/** Commands whose argument takes a tag, or a mark on either side. */
const AROUND: Record<string, readonly [string, string]> = {
  emph: ['<i>', '</i>'],
  textit: ['<i>', '</i>'],
  textsl: ['<i>', '</i>'],
  mathit: ['<i>', '</i>'],
  textbf: ['<b>', '</b>'],
  mathbf: ['<b>', '</b>'],
  textsc: ['<sc>', '</sc>'],
  textsuperscript: ['<sup>', '</sup>'],
  textsubscript: ['<sub>', '</sub>'],
  enquote: ['“', '”'],
  mkbibquote: ['“', '”'],
  mkbibemph: ['<i>', '</i>'],
  mkbibitalic: ['<i>', '</i>'],
  NoCaseChange: [NOCASE(), '</span>'],
}
/** Switches that reach to the end of their group. */
const SWITCHES: Record<string, readonly [string, string]> = {
  it: ['<i>', '</i>'],
  itshape: ['<i>', '</i>'],
  em: ['<i>', '</i>'],
  sl: ['<i>', '</i>'],
  bf: ['<b>', '</b>'],
  bfseries: ['<b>', '</b>'],
  sc: ['<sc>', '</sc>'],
  scshape: ['<sc>', '</sc>'],
}
/** Commands that mean nothing on our pages. */
const SILENT = new Set([
  'relax',
  'protect',
  'noopsort',
  'textrm',
  'textnormal',
  'rm',
  'rmfamily',
  'tt',
  'ttfamily',
  'sf',
  'sffamily',
  'textup',
  'upshape',
  'normalfont',
  'small',
  'footnotesize',
  'large',
  'mathrm',
  'text',
  'mbox',
  'hbox',
  'ensuremath',
  'url',
  'path',
  'nolinkurl',
  'texttt',
  'textsf',
  'textmd',
  'uppercase',
  'lowercase',
  'hskip',
  'hspace',
  'displaystyle',
  'left',
  'right',
])
/** Of two arguments the second is what prints. */
const SECOND = new Set(['href', 'textcolor', 'foreignlanguage', 'texorpdfstring'])

function NOCASE() { return '<span class="nocase">' }

const PLAIN = /[^\\{}$~`'^_-]+/uy

export interface LatexOptions {
  /** Braces around words protect their capitals: they become `<span class="nocase">`. */
  protect?: boolean
  /** Tags for italics and the like are wanted; without, only the words. */
  rich?: boolean
}

/**
 * Reads LaTeX text. Commands it does not know leave their argument's words; nothing is thrown, whatever comes.
 * @returns Unicode text, with inline tags where `rich` asks for them.
 */
export function fromLatex(input: string, { protect = false, rich = false }: LatexOptions = {}): string {
  if (!/[\\{}$~`']|--/u.test(input)) return squash(input)
  let at = 0
  let math = false
  const tag = (text: string, [before, after]: readonly [string, string]) => (rich || !before.startsWith('<') ? before + text + after : text)

  /** A group's inside, or one letter or command. */
  function argument(depth: number): string {
    while (input[at] === ' ' || input[at] === '\n') at++
    if (input[at] === '{') { at++; return group(depth + 1) }
    if (input[at] === '\\') { at++; return command(depth) }
    const char = String.fromCodePoint(input.codePointAt(at) ?? 32)
    if (at >= input.length || char === '}') return ''
    at += char.length
    return char
  }

  function command(depth: number): string {
    const name = /^[A-Za-z]+/u.exec(input.slice(at, at + 40))?.[0]
    if (!name) {
      const mark = input[at] ?? ''
      at++
      if (Object.hasOwn(COMBINING, mark)) return accent(mark, argument(depth))
      return (
        (
          {
            '-': '',
            '/': '',
            ',': ' ',
            ';': ' ',
            ':': ' ',
            '!': '',
            '@': '',
            ' ': ' ',
            '\n': ' ',
            '\\': ' ',
            '(': '',
            ')': '',
            '[': '',
            ']': '',
          } as Record<string, string>
        )[mark] ?? mark
      )
    }
    at += name.length
    const symbol = rowOf(SYMBOLS, name)
    if (symbol !== undefined) {
      eatSpace()
      return symbol
    }
    if (Object.hasOwn(COMBINING, name)) return accent(name, argument(depth))
    const behind = at
    eatSpace()
    const around = rowOf(AROUND, name)
    if (around) return tag(argument(depth), around)
    const switched = rowOf(SWITCHES, name)
    if (switched) return tag(group(depth, true), switched)
    if (SECOND.has(name)) { argument(depth); return argument(depth) }
    if (name === 'noopsort') { argument(depth); return '' }
    if (input[at] === '{') return argument(depth)
    if (SILENT.has(name)) return ''
    // A command that nobody knows stands for something: its name is better than a hole.
    at = behind
    return name
  }
  function eatSpace() {
    if (input[at] === ' ') while (input[at] === ' ') at++
    else if (input.startsWith('{}', at)) at += 2
  }

  /** Reads to the closing brace of the group it is in, or (`peek`) up to it, leaving it there. */
  function group(depth: number, peek = false): string {
    let out = ''
    while (at < input.length) {
      // Letters that mean themselves are taken in one go.
      PLAIN.lastIndex = at
      const plain = PLAIN.exec(input)?.[0]
      if (plain) { out += plain; at += plain.length; continue }
      const char = input[at]!
      if (char === '}') {
        if (!peek) at++
        if (depth > 0) return out
        if (peek) return out
        continue
      }
      if (char === '{') {
        at++
        if (depth > 200) continue
        const special = input[at] === '\\'
        const inner = group(depth + 1)
        // Braces that open with a command are how BibTeX writes a letter or a treatment, not a protection; nor are braces around marks.
        const guards = protect && !math && depth === 0 && !special && /[\p{L}\p{N}]/u.test(inner)
        out += guards ? `\uE001${inner}\uE002` : inner
        continue
      }
      at++
      if (char === '\\') out += depth > 200 ? '' : command(depth)
      else if (char === '$') math = !math
      else if (char === '~') out += ' '
      else if (math && (char === '^' || char === '_'))
        out += depth > 200 ? '' : tag(argument(depth), char === '^' ? ['<sup>', '</sup>'] : ['<sub>', '</sub>'])
      else if (input.startsWith('--', at - 1)) {
        const long = input.startsWith('---', at - 1)
        at += long ? 2 : 1
        out += long ? '—' : '–'
      } else if (char === '`' && input[at] === '`') {
        at++
        out += '“'
      } else if (char === '\'' && input[at] === '\'') {
        at++
        out += '”'
      } else if (char === '`') out += '‘'
      else out += char
    }
    return out
  }
  const text = squash(group(0))
  return protect ? setProtection(text, rich) : text
}

/** One space for many; most texts have no other. */
const squash = (text: string): string => (/[\t\n\r\v\f\u00A0]|\s\s|^\s|\s$/u.test(text) ? text.replace(/\s+/gu, ' ').trim() : text)

function accent(mark: string, base: string): string {
  const [, before, letter, rest] = /^((?:<[^>]*>)*)([\s\S]?)([\s\S]*)$/u.exec(base)!
  const plain = letter === 'ı' ? 'i' : letter === 'ȷ' ? 'j' : letter!
  return plain ? before + (plain + rowOf(COMBINING, mark)!).normalize('NFC') + rest : ''
}

/**
 * Protected stretches widened to their whole words: {T}ide protects Tide. A whole title in braces is not protected:
 * databases brace them all.
 */
function setProtection(text: string, rich: boolean): string {
  const bare = text.replace(/[\uE001\uE002]/gu, '')
  if (!rich || !text.includes('\uE001') || /^\uE001[^\uE001\uE002]*\uE002$/u.test(text)) return bare
  let out = ''
  for (const piece of text.split(/(\s+)/u)) {
    if (!/[\uE001\uE002]/u.test(piece)) { out += piece; continue }
    const opens = (piece.match(/\uE001/gu) ?? []).length
    const closes = (piece.match(/\uE002/gu) ?? []).length
    if (opens && opens === closes) {
      const [, before, word, after] = /^([^\p{L}\p{N}\uE001]*)([\s\S]*?)([^\p{L}\p{N}\uE002]*)$/u.exec(piece)!
      const clean = word!.replace(/[\uE001\uE002]/gu, '')
      out += clean ? `${before}${NOCASE()}${clean}</span>${after}` : before! + after!
    }
    else out += piece
  }
  return out.replace(/\uE001([^\uE001\uE002]*)\uE002/gu, `${NOCASE()}$1</span>`).replace(/[\uE001\uE002]/gu, '')
}

/** Text with inline tags as LaTeX; letters stay Unicode, which every current LaTeX reads. */
export function toLatex(rich: string): string {
  return rich
    .replace(
      /[\\{}$&#%_~^]/gu,
      (c) => ({ '\\': '\\textbackslash{}', '~': '\\textasciitilde{}', '^': '\\textasciicircum{}' })[c] ?? `\\${c}`,
    )
    .replace(/<(?:i|em)>/giu, '\\emph{')
    .replace(/<(?:b|strong)>/giu, '\\textbf{')
    .replace(/<sc>/giu, '\\textsc{')
    .replace(/<sup>/giu, '\\textsuperscript{')
    .replace(/<sub>/giu, '\\textsubscript{')
    .replace(/<span class="nocase">/giu, '{')
    .replace(/<\/(?:i|em|b|strong|sc|sup|sub|span)>/giu, '}')
    .replaceAll('–', '--')
    .replaceAll('—', '---')
}
