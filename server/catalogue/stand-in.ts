/**
 * The catalogue that ships with Dendle: made-up records and saved pages, answered after a moment as a service far away
 * would, and a few identifiers under which it misbehaves in the ways that services do.
 */
import { isbn13 } from '../../core/intake/identifiers'
import { comparableUrl } from '../../core/source/values/addresses'
import { toCsl } from '../../core/source/csl'
import type { Catalogue, CatalogueAnswer } from './index'
import { RECORDS } from './records'
import { PAGES } from './pages'

/** Identifiers with a part after the prefix that begins so are never found right: for trying what happens then. */
const TROUBLE = { slow: '10.5555/slow', nonsense: '10.5555/nonsense', down: '10.5555/down' }

const byDoi = new Map(RECORDS.filter(r => r.fields.doi).map(r => [r.fields.doi!.toLowerCase(), r]))
const byIsbn = new Map(RECORDS.filter(r => r.fields.isbn).map(r => [isbn13(r.fields.isbn!), r]))
const byAddress = new Map(PAGES.map(page => [comparableUrl(page.address), page]))

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
      const record = type === 'doi' ? byDoi.get(key) : byIsbn.get(isbn13(value))
      return (record ? { type: 'record', item: toCsl({ id: value, ...record }) } : { type: 'none' }) satisfies CatalogueAnswer
    },
  }
}

const wait = (ms: number, signal: AbortSignal) => new Promise<void>((resolve, reject) => {
  const timer = setTimeout(resolve, ms)
  signal.addEventListener('abort', () => { clearTimeout(timer); reject(new Error('given up')) }, { once: true })
})
