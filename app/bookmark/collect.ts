/**
 * What the bookmark does in the page that somebody reads: it runs there, as text, with nothing of ours beside it. It takes
 * the page's own account of itself (address, title, tags for indexes, linked data, byline, what is marked) and opens
 * Dendle's window with it. It changes nothing in the page and asks nothing of any other machine.
 */

/** At most so many letters of a page are handed over: its own account of itself has a few thousand. */
export const MOST_LETTERS = 60_000

/** Self-contained: its text is the bookmark. @param dendle where Dendle is, as "http://127.0.0.1:4310" */
export function collect(page: Document, dendle: string, most: number): string {
  const parts: string[] = []
  let room = most
  const put = (part: string) => {
    if (part.length > room) return
    room -= part.length
    parts.push(part)
  }
  const safe = (text: string | null) => (text ?? '').slice(0, 4000).replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/"/g, '&quot;')
  const each = (selector: string, times: number, use: (element: Element) => void) =>
    Array.from(page.querySelectorAll(selector)).slice(0, times).forEach(use)
  put(`<title>${safe(page.title)}</title>`)
  each('link[rel="canonical"][href]', 1, element => put(`<link rel="canonical" href="${safe((element as HTMLLinkElement).href)}">`))
  each('meta[content]', 400, (element) => {
    for (const by of ['name', 'property', 'itemprop']) {
      const name = element.getAttribute(by) ?? ''
      if (/^(?:citation_|dc\.|dcterms\.|prism\.|og:|article:|book:|author|date|pubdate|publi|language|headline|twitter:creator)/i.test(name))
        put(`<meta ${by}="${safe(name)}" content="${safe(element.getAttribute('content'))}">`)
    }
  })
  each('script[type="application/ld+json"]', 6, (element) => {
    const text = element.textContent ?? ''
    if (text.length < 20_000) put(`<script type="application/ld+json">${text.replace(/<\//g, '<\\/')}</${'script'}>`)
  })
  const head = parts.splice(0).join('')
  each('h1', 1, element => put(`<h1>${safe(element.textContent)}</h1>`))
  each('[rel~=author], [itemprop=author], .byline, .by-line, .author', 3, element => put(`<p class="byline">${safe(element.textContent)}</p>`))
  each('time[datetime]', 1, element => put(`<time datetime="${safe(element.getAttribute('datetime'))}"></time>`))
  // The lines at its head: many pages say only there who wrote them, and when.
  const main = page.querySelector<HTMLElement>('article, main, [role=main]') ?? page.body
  for (const line of (main.innerText || '').slice(0, 6000).split('\n').map(one => one.trim()).filter(one => one && one.length < 200).slice(0, 40))
    put(`<p>${safe(line)}</p>`)
  const all = String(page.getSelection() ?? '').trim()
  // An address is never cut: a page's own, its canonical one, stands among its tags.
  const { href, origin, pathname } = page.location
  const address = href.length > 2000 ? origin + pathname : href
  const html = `<html lang="${safe(page.documentElement.lang)}"><head>${head}</head><body>${parts.join('')}</body></html>`
  return `${dendle}/take#${encodeURIComponent(JSON.stringify({ address, html, marked: all.slice(0, 8000), letters: all.length }))}`
}

/** The bookmark's address: kept among a browser's bookmarks, it runs in the page that is read. */
export function bookmarkOf(dendle: string): string {
  const open = `const at=(${collect.toString()})(document,${JSON.stringify(dendle)},${MOST_LETTERS});`
    + 'if(!window.open(at,"dendle-take","popup,width=560,height=680"))location.href=at'
  return `javascript:${encodeURIComponent(`(()=>{${open}})()`)}`
}
