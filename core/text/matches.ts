/**
 * Every match of a global expression in a text. The same as `text.matchAll(find)`, which makes a new expression each time it
 * is asked: over the thousands of short lines of a paper that costs more than the looking.
 */
export function matchesOf(text: string, find: RegExp): RegExpExecArray[] {
  const out: RegExpExecArray[] = []
  find.lastIndex = 0
  for (let match = find.exec(text); match; match = find.exec(text)) {
    out.push(match)
    // An empty match is stepped over by a whole letter.
    if (!match[0]) find.lastIndex = match.index + (text.codePointAt(match.index)! > 0xFFFF ? 2 : 1)
  }
  return out
}
