/** What reading files costs, against parsing as many bytes of JSON; what finding duplicates costs, against reading. */
import { readBibtex } from '../core/intake/bibtex/bibtex'
import { readRis, writeRis } from '../core/intake/ris/ris'
import { asSources } from '../core/intake/convert'
import { Duplicates } from '../core/source/duplicates'
import { median, ms } from './median'

const ENTRIES = 10_000

/** As many entries as a large file has, no two alike in shape: accents, braces, macros, several names. */
function file(): string {
  const entry = (i: number) =>
    i % 3 === 0
      ? `@article{key${i},\n  author = {Okonjo, Adaeze R. and Fell, Tom},\n  title = {A Study of the {Tide}: Part ${i} of the Survey of {\\'E}tudes},\n  journal = jeh,\n  year = 2021, volume = {14}, number = 2, pages = {101--119}, doi = {10.5555/jeh.2021.${i}}\n}`
      : i % 3 === 1
        ? `@book{key${i},\n  author = {van der Berg, Sanne},\n  title = "Wheels and weirs, volume ${i}",\n  publisher = {Saltmarsh Press}, address = {Bristol}, year = {${1900 + (i % 120)}}, edition = {2nd}\n}`
        : `@inproceedings{key${i},\n  author = {Farrow, Ruth and Quayle, Simon and {Mill Trust}},\n  title = {Retrofitting pits: result ${i}},\n  booktitle = {Proceedings of the ${i % 40}th Symposium on Small Hydropower}, month = mar, year = {2020}, pages = {5-9}\n}`
  return `@string{jeh = "Journal of Estuary Heritage"}\n${Array.from({ length: ENTRIES }, (_, i) => entry(i)).join('\n\n')}`
}

export function reading() {
  const bib = file()
  const sources = asSources(readBibtex(bib).proposals)
  const ris = writeRis(sources, source => source.id).replace(/\r\n/gu, '\n')
  // JSON of the same content, repeated and cut to the same number of bytes.
  const items = sources.map(({ id, kind, fields }) => ({ id, kind, fields }))
  const json = (bytes: number) => {
    const each = JSON.stringify(items).length / items.length
    return JSON.stringify(Array.from({ length: Math.round(bytes / each) }, (_, i) => items[i % items.length]))
  }
  const against = (name: string, text: string, read: () => unknown) => {
    const like = json(text.length)
    const cost = median(read, 7)
    const parse = median(() => JSON.parse(like) as unknown, 7)
    console.log(
      `${name.padEnd(22)} ${ENTRIES.toLocaleString('en')} entries, ${(text.length / 1e6).toFixed(1)} MB   ${ms(cost)}   against JSON.parse of as many bytes: ${(cost / parse).toFixed(1)}`,
    )
    return cost
  }
  const cost = against('BibTeX in', bib, () => readBibtex(bib))
  against('RIS in', ris, () => readRis(ris))
  const find = median(() => { const index = new Duplicates(sources); for (const source of sources) index.find(source) }, 5)
  console.log(`duplicates among them                              ${ms(find)}   against reading them: ${(find / cost).toFixed(1)}`)
}
