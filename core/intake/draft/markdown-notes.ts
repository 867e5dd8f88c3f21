/** Markdown's footnotes, "[^1]" and "[^1]: words", once it is HTML, in the form of a document's notes. */
export function markdownNotes(html: string): string {
  // Named notes get numbers of their own.
  const numbers = new Map<string, number>()
  const number = (id: string): number => { if (!numbers.has(id)) numbers.set(id, numbers.size + 1); return numbers.get(id)! }
  const notes: string[] = []
  const body = html.replace(/<p>\[\^([\w-]+)\]:([\s\S]*?)<\/p>/gu, (_, id: string, words: string) => {
    notes.push(`<li id="fn-${number(id)}">${words.trim()}</li>`)
    return ''
  })
  return (
    body.replace(/\[\^([\w-]+)\]/gu, (_, id: string) => `<sup><a href="#fn-${number(id)}">${id}</a></sup>`)
    + (notes.length ? `<ol>${notes.join('')}</ol>` : '')
  )
}
