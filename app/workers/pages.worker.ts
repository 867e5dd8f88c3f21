/** Sets the open paper's pages away from the page that shows them; after a change, only from there on. */
import { Face, Faces, type Shape } from '~~/core/sheet/pages/face'
import { Layouter, type Page, type PlacedPicture, type PlacedRule, type PlacedText } from '~~/core/sheet/pages/pages'
import { headingLevel } from '~~/core/handin/grouped'
import { printPaper } from '~~/core/sheet/print'
import { headingRuns, paragraphsIn, wordsOf, type Origin, type SectionName } from '~~/core/sheet/printed'
import { twinOf, type Twin } from '~~/core/sheet/choices'
import type { Detail } from '~~/core/styles/ids'
import { OTHERS, othersFor } from '~~/core/sheet/pages/shipped'
import { faceAddresses, otherAddress } from '../utils/face-addresses'
import { FedPaper, type PaperChange } from './fed-paper'

/** A page as it is drawn: what its words are of, as far as one can go there. */
export interface ShownLine { y: number, baseline: number, height: number, texts: PlacedText[], from?: Origin, missing?: boolean }
export interface ShownPage {
  label: string
  section: SectionName
  lines: ShownLine[]
  rules: PlacedRule[]
  pictures: (Omit<PlacedPicture, 'picture'> & { picture: string, alt: string })[]
}
export interface ShownSheet {
  width: number
  height: number
  face: string
  twin: Twin
  pages: ShownPage[]
  /** Headings, and the page each stands on from 0. */
  headings: { words: string, level: number, page: number }[]
  lacking: string[]
  /** Faces for other letters that stand on its pages. */
  others: string[]
  missing: Detail[]
}

const paper = new FedPaper()
const faces = new Map<Twin, Promise<Faces>>()
const others = new Map<string, Face>()
let layouter: { twin: Twin, divides: boolean, layouter: Layouter } | undefined

async function faceAt(address: string): Promise<Face> {
  const response = await fetch(new URL(address, self.location.origin))
  if (!response.ok) throw new Error(`a face could not be read (${response.status})`)
  return new Face(new Uint8Array(await response.arrayBuffer()))
}
async function read(twin: Twin): Promise<Faces> {
  const addresses = Object.entries(faceAddresses(twin))
  const own = await Promise.all(addresses.map(async ([shape, address]) => [shape, await faceAt(address)] as const))
  const found = OTHERS.map(({ name, letters }) => ({ name, letters, face: () => others.get(name) }))
  return new Faces(Object.fromEntries(own) as Record<Shape, Face>, found)
}
/** Faces for letters of other scripts are read when a paper has some. */
async function readOthers(text: string) {
  const wanted = othersFor(text).filter(({ name }) => !others.has(name))
  // One that cannot be read leaves its letters to be named as lacking.
  await Promise.all(wanted.map(async ({ name }) => {
    const face = await faceAt(otherAddress(name)).catch(() => undefined)
    if (face) others.set(name, face)
  }))
}

export const api = {
  async lay(change: PaperChange): Promise<ShownSheet> {
    paper.change(change)
    const { style, title, details, doc, sources, listPart } = paper
    const printed = printPaper({
      style, title, details, body: doc, sources, ...listPart, showMissing: true,
      annotations: new Map(sources.flatMap(source => (source.annotation ? [[source.id, source.annotation] as const] : []))),
    }, paper.compose())
    const { face } = printed.geometry
    const twin = twinOf(face)
    if (!faces.has(twin)) {
      const reading = read(twin)
      faces.set(twin, reading)
      reading.catch(() => faces.delete(twin))
    }
    const own = await faces.get(twin)!
    const words = [...printed.sections.flatMap(section => paragraphsIn(section.blocks)), ...printed.notes.flat()].map(wordsOf)
    await readOthers([printed.title, printed.surname, ...words].join(' '))
    const hyphenate = printed.geometry.hyphens ? (await import('~~/core/sheet/pages/hyphens')).hyphenate : undefined
    if (layouter?.twin !== twin || layouter.divides !== Boolean(hyphenate))
      layouter = { twin, divides: Boolean(hyphenate), layouter: new Layouter(own, hyphenate ? { hyphenate } : {}) }
    const sheet = layouter.layouter.lay(printed)
    const headings: ShownSheet['headings'] = []
    sheet.pages.forEach((page, at) => page.lines.forEach(({ block, first }) => {
      if (!first || block?.is !== 'paragraph') return
      const level = block.runIn?.level ?? headingLevel(block)
      if (level) headings.push({ words: wordsOf({ runs: headingRuns(block) }), level, page: at })
    }))
    return {
      width: sheet.width, height: sheet.height, face, twin, headings,
      pages: sheet.pages.map(shown), lacking: sheet.lacking, others: [...others.keys()], missing: printed.missing,
    }
  },
}

const shown = ({ label, section, lines, rules, pictures }: Page): ShownPage => ({
  label,
  section,
  lines: lines.map(({ y, baseline, height, texts, from, block }) => ({
    y, baseline, height, texts, ...(from ? { from } : {}),
    ...(block?.is === 'paragraph' && block.missing ? { missing: true } : {}),
  })),
  rules,
  pictures: pictures.map(({ picture, ...place }) => ({ ...place, picture: picture.picture, alt: picture.alt || picture.name })),
})
export type PagesWorker = typeof api
