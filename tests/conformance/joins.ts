/**
 * What a copy editor would circle in a line whatever it says: things run together, marks doubled or orphaned, labels
 * before nothing, pairs that do not close, a small letter after a full stop.
 */

/** Abbreviations that a small letter may follow, and words that end a name in one. */
const ABBREVIATED =
  /(?:^|[\s(“‘[])(?:ed|eds|edn|trans|transl|illus|vol|vols|no|nos|pp|chap|sec|fig|dir|dirs|prod|prods|diss|al|ca|Ph\.D|approx|Inc|Ltd|Jr|Sr|St|Dr|Univ|Inst|Press|comp|rev|Rev|qtd|writer|Symp|Proc|Conf|Dept|Transl|enl|Eng|Sci|Hist|Herit|Stud|Notes|App|Rep|Tech|Eur|Brit|U\.S|n\.d|perf|Perf|repr|Ed|Dir|Trans|Comp|Prod|(?:[A-Z]\.)*[A-Z])\.$/u

const FAULTS: readonly (readonly [string, RegExp])[] = [
  ['a letter runs into a bracket or a quotation', /(?<!\b[IVX]+|\d)\p{L}[“([]/u],
  ['a figure runs into a quotation or a square bracket', /\p{N}[“[]/u],
  ['a bracket or quotation runs into a word', /[)\]”][\p{L}\p{N}“([]/u],
  ['two words run together', /(?<!Ph|MS|DPh)\p{Ll}(?<!\bMSc?)\p{Lu}(?<!\bPhD|\bMSc|\bDPhil)/u],
  ['a figure runs into a word', /\p{N}\p{Lu}\p{Ll}|\p{Ll}{2}\p{N}/u],
  ['a comma or semicolon without its space', /[,;](?![IVXivx]+\b|S\d|e\d|Sect\.)[\p{L}“[]|,\(/u],
  ['a full stop without its space', /\p{Ll}{2}\.[\p{L}“([]/u],
  ['marks doubled', /,,|;;|::|\.\.(?!\.)|,\.|;\.|:\.|,;|;,|:,|:;|[.,;:] [.,;:)]/u],
  ['a space before a mark', /\s[.,;:?!)\]”]/u],
  ['a space after an opening mark', /[([“]\s/u],
  ['two spaces', /\s\s/u],
  ['an empty pair', /\(\)|\[\]|“”|‘’/u],
  ['a mark after an opening one, or before a closing one', /[([][.,;:]|[,;:][)\]]/u],
  [
    'a label before nothing',
    /(?:^|(?<!\d)[\s(])(?:[Nn]o|[Vv]ol|[Pp]p?|[Nn]os?|[Ss]eason|[Vv]ersion|[Pp]atent [Nn]o)\.?:?(?=[,;)\]]|\.? ?$|\. \p{Lu}\p{Ll})/u,
  ],
  [
    'a word before nothing',
    /(?:^|[\s(])(?:[Ii]n|[Ff]rom|[Aa]t|[Bb]y|[Tt]o|[Oo]n|[Oo]f|at the|presented at|Available at|Available from|Accessed|Retrieved|aired|issued|posted|with):?(?:[.,;)\]]|$)/u,
  ],
  ['a stray mark of the notation', /[{}|<>⟦⟧@%]/u],
  ['a space at an end', /^\s|\s$/u],
  ['a mark at the beginning', /^[.,;:)\]]/u],
  ['a dash before nothing', /[–-](?:[\s.,;:)]|$)/u],
]

const PAIRS = [['(', ')'], ['[', ']'], ['“', '”']] as const

/** @param line without markup; addresses in it are not looked into */
export function anomalies(line: string): string[] {
  const text = line
    .replace(/<(https?:[^>]*)>/gu, '$1')
    .replace(/https?:\/\/[^\s,;)\]]*[^\s,;:.)\]]|\bdoi:\s?10\.\S*[^\s.,;)]|\b[a-z]+\.example\S*[^\s.,;)]/gu, 'Address')
    // Usernames, an ellipsis of three spaced points, and names that begin small.
    .replace(/@(?=\p{L})/gu, '')
    .replace(/\.(?:\s|\u00A0)\.(?:\s|\u00A0)\. /gu, '… ')
    .replace(/\be(?=Tide)/gu, '')
  const found = FAULTS.filter(([, fault]) => fault.test(text)).map(([what]) => what)
  for (const [open, close] of PAIRS)
    if (text.split(open).length !== text.split(close).length) found.push(`${open} and ${close} do not pair`)
  for (const match of text.matchAll(/\.[”’)]? (?=(?!(?:pp|nos?|vols?)\.|in press|ca\.|[ivxlc]+[–.,)-]|van |al-)\p{Ll}{2,})/gu)) {
    const before = text.slice(0, match.index + 1)
    if (!ABBREVIATED.test(before)) { found.push('a small letter after a full stop'); break }
  }
  return found
}
