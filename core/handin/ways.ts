/** Writes a paper in each of the ways that way-rows.ts lists. */
import { strToU8, zipSync } from 'fflate'
import { twinOf, type Twin } from '../sheet/choices'
import type { Faces } from '../sheet/pages/face'
import { printPaper, type PaperToPrint } from '../sheet/print'
import { plainTitle } from '../sheet/title'
import type { FaceFile } from './pdf/pdf'
import { printable } from './printable'
import type { Way } from './way-rows'

export interface ShippedFaces { file: FaceFile, faces: Faces }
export interface Needs {
  /** A shipped face, measured and as files. */
  faces: (twin: Twin) => ShippedFaces | Promise<ShippedFaces>
  /** A source's key by its id. */
  keyOf: (id: string) => string
  /** Its sources as BibTeX, by their keys. */
  bibtex: () => string
}

/** The paper as a file's bytes. What no document can hold is taken out of its words. */
export async function writeWay(way: Way, { style, ...given }: PaperToPrint, needs: Needs): Promise<Uint8Array> {
  const paper: PaperToPrint = { style, ...printable(given), showMissing: false }
  switch (way) {
    case 'docx': return (await import('./word/word')).writeWord(paper, needs.keyOf)
    case 'odt': return (await import('./odt/odt')).writeOdt(printPaper(paper))
    case 'pdf': {
      const printed = printPaper(paper)
      const [{ Layouter }, { writePdf }] = await Promise.all([import('../sheet/pages/pages'), import('./pdf/pdf')])
      const { file, faces } = await needs.faces(twinOf(printed.geometry.face))
      const divided = printed.geometry.hyphens ? { hyphenate: (await import('../sheet/pages/hyphens')).hyphenate } : {}
      return writePdf(printed, new Layouter(faces, divided).lay(printed), file, faces)
    }
    case 'html': return strToU8((await import('./formats/html')).writeHtml(printPaper(paper)))
    case 'md': return strToU8((await import('./formats/markdown')).writeMarkdown(printPaper(paper)))
    case 'txt': return strToU8((await import('./formats/text')).writeText(printPaper(paper)))
    case 'marked': return strToU8((await import('./formats/marked')).writeMarked(paper, needs.keyOf))
    case 'tex': return strToU8((await import('./formats/latex')).writeLatex(printPaper(paper)))
    case 'texbib': {
      const { latexPictures, writeLatex } = await import('./formats/latex')
      const printed = printPaper(paper)
      return zipSync({
        'paper.tex': strToU8(writeLatex(printed)),
        'sources.bib': strToU8(needs.bibtex()),
        ...Object.fromEntries(latexPictures(printed)),
      })
    }
  }
}

/** A file's name from the paper's title and the day: "Should Carewick Mend Its Tide Mill 2026-11-29.docx". */
export function fileName(title: string, day: string, ending: string): string {
  const words = plainTitle(title).replace(/[^\p{L}\p{N} '’-]+/gu, ' ').replace(/\s+/gu, ' ').trim().slice(0, 80).trim()
  return `${words || 'Paper'}${day ? ` ${day}` : ''}.${ending}`
}
