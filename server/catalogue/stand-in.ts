/**
 * The catalogue that ships with Dendle: made-up records and saved pages, answered after a moment as a service far away
 * would, and a few identifiers under which it misbehaves in the ways that services do.
 */
import { isbn13 } from '../../core/intake/identifiers'
import { comparableUrl } from '../../core/source/values/addresses'
import { toCsl } from '../../core/source/csl'
import { foldWords } from '../../core/text/filing'
import type { Catalogue, CatalogueAnswer } from './index'
import { RECORDS } from './records'
import { PAGES } from './pages'

/** Identifiers with a part after the prefix that begins so are never found right: for trying what happens then. */
const TROUBLE = { slow: '10.5555/slow', nonsense: '10.5555/nonsense', down: '10.5555/down' }

const byDoi = new Map(RECORDS.filter(r => r.fields.doi).map(r => [r.fields.doi!.toLowerCase(), r]))
const byIsbn = new Map(RECORDS.filter(r => r.fields.isbn).map(r => [isbn13(r.fields.isbn!), r]))
const byAddress = new Map(PAGES.map(page => [comparableUrl(page.address), page]))

const wordsOf = ({ fields: { title = '' } }: { fields: { title?: string | undefined } }) => new Set(foldWords(title).split(' '))

export function standIn(delay = 250): Catalogue {
  return {
    async look({ type, value }, signal) {
      await wait(delay, signal)
      const key = value.toLowerCase()
      if (key.startsWith(TROUBLE.slow)) await wait(3_600_000, signal)
      if (key.startsWith(TROUBLE.down)) throw new Error('503 from the catalogue')
      if (key.startsWith(TROUBLE.nonsense)) return { type: 'record', item: '<html>Service temporarily odd</html>' }
      if (type === 'url') {
        const page = byAddress.get(comparableUrl(value))
        return page ? { type: 'page', html: page.html, address: page.address } : { type: 'none' }
      }
      if (type === 'title') {
        const words = foldWords(value).split(' ').filter(word => word.length > 3)
        const items = RECORDS.map(record => ({ record, n: words.filter(word => wordsOf(record).has(word)).length }))
          .filter(one => one.n * 2 >= words.length && one.n > 0).sort((a, b) => b.n - a.n).slice(0, 10)
        return { type: 'records', items: items.map(({ record }, i) => toCsl({ id: String(i), ...record })) }
      }
      const record = type === 'doi' ? byDoi.get(key) : byIsbn.get(isbn13(value))
      return (record ? { type: 'record', item: toCsl({ id: value, ...record }) } : { type: 'none' }) satisfies CatalogueAnswer
    },
  }
}

const wait = (ms: number, signal: AbortSignal) => new Promise<void>((resolve, reject) => {
  const timer = setTimeout(resolve, ms)
  signal.addEventListener('abort', () => { clearTimeout(timer); reject(new Error('given up')) }, { once: true })
})
