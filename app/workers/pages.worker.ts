/** Sets the open paper's pages away from the page that shows them; after a change, only from there on. */
import { expose } from 'comlink'
import { Face, Faces, type Shape } from '~~/core/sheet/pages/face'
import { Layouter, type Page, type PlacedPicture, type PlacedRule, type PlacedText } from '~~/core/sheet/pages/pages'
import { printPaper } from '~~/core/sheet/print'
import { wordsOf, type Origin, type SectionName } from '~~/core/sheet/printed'
import { twinOf, type Twin } from '~~/core/sheet/choices'
import type { Detail } from '~~/core/styles/ids'
import { BY_LIST } from '~~/core/text/by-list'
import { decideTitlesBy } from '~~/core/text/capitals'
import { faceAddresses } from '../utils/face-addresses'
import { FedPaper, type PaperChange } from './fed-paper'

decideTitlesBy(BY_LIST)

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
  missing: Detail[]
}

const paper = new FedPaper()
const faces = new Map<Twin, Promise<Faces>>()
let layouter: { twin: Twin, layouter: Layouter } | undefined

async function read(twin: Twin): Promise<Faces> {
  const own = await Promise.all(Object.entries(faceAddresses(twin)).map(async ([shape, address]) => {
    const response = await fetch(new URL(address, self.location.origin))
    if (!response.ok) throw new Error(`The face ${twin} could not be read (${response.status}).`)
    return [shape, new Face(new Uint8Array(await response.arrayBuffer()))] as const
  }))
  return new Faces(Object.fromEntries(own) as Record<Shape, Face>)
}

const api = {
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
    if (layouter?.twin !== twin) layouter = { twin, layouter: new Layouter(own) }
    const sheet = layouter.layouter.lay(printed)
    const headings: ShownSheet['headings'] = []
    sheet.pages.forEach((page, at) => page.lines.forEach(({ block, first }) => {
      if (!first || block?.is !== 'paragraph') return
      const own = /^heading-(\d)$/u.exec(block.role)
      const level = block.runIn?.level ?? (own ? Number(own[1]) : ['list-heading', 'endnotes-heading', 'abstract-heading'].includes(block.role) ? 1 : 0)
      const runs = (block.runIn ? block.runs.slice(0, block.runIn.runs) : block.runs).filter(run => run.note === undefined)
      if (level) headings.push({ words: wordsOf({ runs }), level, page: at })
    }))
    return {
      width: sheet.width, height: sheet.height, face, twin, headings,
      pages: sheet.pages.map(shown), lacking: sheet.lacking, missing: printed.missing,
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
expose(api)
