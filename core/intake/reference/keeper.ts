/** Who holds what a reference names: pictures, letters, theses; and what a service or a server is to its kind. */
import type { FieldName } from '../../source/fields'
import type { KindId } from '../../source/kinds'
import { KEEPER_WORDS } from '../../text/lists/organisations'
import type { Peeler } from './peel'

const KEEPER = new RegExp(`\\b(?:${KEEPER_WORDS})\\b`, 'iu')
const COLLECTION = /\b(?:papers|collection|records|fonds|manuscripts|mss)\b/iu
const SHELF = /^(?:box|folder|file|item|shelf|reel|vol|album|map)\b/iu
/** "[Chirpline]", and not "[Post]". */
const isService = (word: string): boolean => /^\p{Lu}\p{L}+$/u.test(word) && !/^(?:post|tweet|video|photo|thread)$/iu.test(word)
/** Who holds a picture, a letter or a thesis stands where a publisher would. */
export function keptBy(peeler: Peeler, kind: KindId, segments: string[]): void {
  const { fields } = peeler
  if (['software', 'dataset', 'ai-output'].includes(kind) && !fields.publisher && fields.container) { fields.publisher = fields.container; delete fields.container }
  if (kind === 'social-post' && !fields.container) peeler.set('container', peeler.says.find(isService))
  const server = kind === 'preprint' ? /^(.{2,40}):(\S+)$/u.exec(fields.publisher ?? fields.container ?? '') : null
  if (server) {
    fields.publisher = server[1]!
    peeler.set('number', server[2]!)
    delete fields.container
  }
  if (kind === 'preprint' && !fields.publisher && fields.container) { fields.publisher = fields.container; delete fields.container }
  if (kind === 'song' && fields.author && !fields.performer) { fields.performer = fields.author; delete fields.author }
  if (kind === 'thesis') {
    peeler.take(/\((\d{5,12})\)/u, match => peeler.set('number', match[1]!))
    if (fields.place && KEEPER.test(fields.place)) { peeler.set('archive', fields.place); delete fields.place }
    const at = segments.findIndex(part => KEEPER.test(part) && !/\buniversit/iu.test(part))
    if (at >= 0) peeler.set('archive', segments.splice(at, 1)[0]!)
    return
  }
  if (kind === 'archival-item') {
    const all = [fields.container, fields.publisher, fields.place, ...segments].filter(part => part !== undefined)
    delete fields.container
    delete fields.publisher
    delete fields.place
    const take = (name: FieldName, is: (part: string) => boolean) => {
      const at = all.findIndex(is)
      if (at >= 0) peeler.set(name, all.splice(at, 1)[0]!)
    }
    const shelves = all.filter(part => SHELF.test(part))
    if (shelves.length) { peeler.set('archiveLocation', shelves.join(', ')); for (const one of shelves) all.splice(all.indexOf(one), 1) }
    take('container', part => COLLECTION.test(part) && !/\b(?:library|museum|archives)\b/iu.test(part))
    take('archive', part => KEEPER.test(part))
    take('archivePlace', part => /^\p{Lu}[\p{L} .'’-]{2,40}$/u.test(part))
    segments.splice(0, segments.length, ...all)
    return
  }
  if (kind !== 'photograph' && kind !== 'artwork') return
  if (fields.publisher && KEEPER.test(fields.publisher) && !fields.archive) { fields.archive = fields.publisher; delete fields.publisher }
  if (fields.container && KEEPER.test(fields.container) && !fields.archive) { fields.archive = fields.container; delete fields.container }
}
