/**
 * What pages cost: a paper of some three hundred pages laid out whole, beside summing the widths of its letters; laid out
 * again after one letter near its end; written as a PDF and as a document.
 */
import { writePdf } from '../core/handin/pdf/pdf'
import { writeWord } from '../core/handin/word/word'
import type { DocNode } from '../core/sheet/document'
import { Layouter } from '../core/sheet/pages/pages'
import { printPaper, type PaperToPrint } from '../core/sheet/print'
import { paragraphsIn, wordsOf, type PrintedPaper } from '../core/sheet/printed'
import { fromCsl } from '../core/source/csl'
import { styleOf } from '../core/styles'
import { shippedFaces } from '../server/faces'
import { longPaper } from './checking'
import { least, ms, trial } from './median'
import { mixed } from './mixed'

const MB = 1024 * 1024

export async function pages() {
  const { file, faces } = shippedFaces('tinos')
  const sources = mixed(200).map(fromCsl)
  console.log('style                     pages   whole   whole / widths of its letters   after a letter / whole   .pdf      .docx     memory')
  for (const id of ['apa-7', 'chicago-18-notes', 'ieee']) {
    const paper = (doc: DocNode): PaperToPrint => ({ style: styleOf(id)!, title: 'Long', details: { writer: 'Ada Moss' }, body: doc, sources, alsoList: [] })
    const doc = longPaper(1000)
    const printed = printPaper(paper(doc))
    const words = printed.sections.flatMap(section => paragraphsIn(section.blocks)).concat(printed.notes.flat()).map(wordsOf)
    const face = faces.of('regular')
    const codes = words.map(text => [...text].map(char => char.codePointAt(0)!))
    // The letters' widths with their pairs, from tables that are warm: what no layout can do without.
    let sum = 0
    const widthsOf = () => {
      for (const all of codes) for (let i = 0; i < all.length; i++) sum += face.advance(all[i]!) + (i ? face.kern(all[i - 1]!, all[i]!) : 0)
    }
    const layouter = new Layouter(faces)
    let sheet = layouter.lay(printed)
    let n = 0
    const [widths, whole, letter] = least(
      5,
      trial(widthsOf),
      trial(() => { sheet = new Layouter(faces).lay(printed) }),
      { make: () => withLetter(printed, ++n), run: (one: PrintedPaper) => layouter.lay(one) },
    ) as [number, number, number]
    const began = performance.now()
    const pdf = await writePdf(printed, sheet, file, faces)
    const written = performance.now()
    const docx = await writeWord(paper(doc))
    const done = performance.now()
    console.log([
      id.padEnd(25), String(sheet.pages.length).padEnd(7), ms(whole).padEnd(7), `${(whole / widths).toFixed(1)} ×`.padEnd(31), `1/${(whole / letter).toFixed(0)}`.padEnd(24),
      `${ms(written - began)} (${(pdf.length / MB).toFixed(1)} MB)`.padEnd(20), `${ms(done - written)} (${(docx.length / MB).toFixed(1)} MB)`.padEnd(20), `${(process.memoryUsage().rss / MB).toFixed(0)} MB`,
    ].join(' '), sum ? '' : ' ')
  }
}

/** The printed paper with one letter more in a paragraph near its end. */
function withLetter(printed: PrintedPaper, n: number): PrintedPaper {
  const sections = printed.sections.map((section) => {
    if (section.is !== 'text') return section
    const at = section.blocks.length - 5
    return {
      ...section,
      blocks: section.blocks.map((block, i) => (i === at && block.is === 'paragraph' ? { ...block, runs: [{ text: 'x'.repeat(n % 7 + 1) }, ...block.runs] } : block)),
    }
  })
  return { ...printed, sections }
}
