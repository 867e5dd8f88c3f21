/**
 * A word-processor document's paragraphs with their letters and how each is set: italics and bold, indents, spacing, face
 * and size, from the paragraph itself and the style it names (OOXML, ECMA-376 part 1, 17.3 and 17.7).
 */
import { unzipSync } from 'fflate'
import { load } from 'cheerio/slim'

export interface DocxLetters { text: string, italic?: boolean, bold?: boolean }
export interface DocxParagraph {
  pieces: DocxLetters[]
  /** Points; the first line from the others: above nothing where the others are set in from it. */
  hanging?: number
  left?: number
  right?: number
  /** Share of single spacing. */
  spacing?: number
  face?: string
  size?: number
  centred?: boolean
  numbered?: boolean
}

const MAX_PART = 40 * 1024 * 1024
const TWIPS = 20

interface Look {
  'left'?: number
  'right'?: number
  /** Below nothing where the first line is the one set in: a paragraph says the one or the other, and takes the style's back. */
  'hanging'?: number
  'line'?: number
  'jc'?: string
  'face'?: string
  'size'?: number
  'italic'?: boolean
  'bold'?: boolean
  'numbered'?: boolean
}

/** @returns undefined for what is no such document */
export function docxParagraphs(bytes: Uint8Array): DocxParagraph[] | undefined {
  let files: Record<string, Uint8Array>
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => /^word\/(?:document|styles)\.xml$/u.test(name) && originalSize < MAX_PART,
    })
  }
  catch { return undefined }
  const main = files['word/document.xml']
  if (!main) return undefined
  const text = new TextDecoder()
  const styles = readStyles(files['word/styles.xml'] ? text.decode(files['word/styles.xml']) : '')
  const xml = load(text.decode(main), { xml: true })
  return xml('w\\:p').toArray().map((node): DocxParagraph => {
    const own = xml(node)
    const given = lookIn(own.children('w\\:pPr'))
    const named = styles(own.children('w\\:pPr').children('w\\:pStyle').attr('w:val'))
    const look: Look = { ...named, ...given }
    const pieces = own.find('w\\:r').toArray().flatMap((run): DocxLetters[] => {
      const one = xml(run)
      const letters = one
        .children()
        .toArray()
        .map((child) =>
          child.name === 'w:t'
            ? xml(child).text()
            : child.name === 'w:tab'
              ? '\t'
              : child.name === 'w:br'
                ? '\n'
                : child.name === 'w:noBreakHyphen'
                  ? '-'
                  : '',
        )
        .join('')
      if (!letters) return []
      const lettered = one.children('w\\:rPr').children('w\\:rStyle').attr('w:val')
      const marks: Look = {
        ...named,
        ...(lettered ? styles(lettered) : {}),
        ...lookIn(one.children('w\\:rPr')),
      }
      look.face ??= marks.face!
      look.size ??= marks.size!
      return [{ text: letters, ...(marks.italic ? { italic: true } : {}), ...(marks.bold ? { bold: true } : {}) }]
    })
    return asParagraph(pieces, look)
  })
}

function asParagraph(pieces: DocxLetters[], look: Look): DocxParagraph {
  return {
    pieces,
    ...(look.hanging === undefined ? {} : { hanging: look.hanging / TWIPS }),
    ...(look.left === undefined ? {} : { left: look.left / TWIPS }),
    ...(look.right === undefined ? {} : { right: look.right / TWIPS }),
    ...(look.line === undefined ? {} : { spacing: look.line / 240 }),
    ...(look.face ? { face: look.face } : {}),
    ...(look.size ? { size: look.size / 2 } : {}),
    ...(look.jc === 'center' ? { centred: true } : {}),
    ...(look.numbered ? { numbered: true } : {}),
  }
}

type Selection = ReturnType<ReturnType<typeof load>>
const numberOf = (value: string | undefined): number | undefined =>
  value === undefined || !/^-?\d{1,6}$/u.test(value) ? undefined : Number(value)
const negative = (value: number | undefined) => (value ? -value : value)
const isOn = (node: Selection): boolean | undefined => (node.length ? !/^(?:0|false|off)$/u.test(node.attr('w:val') ?? '') : undefined)

/** What one set of properties says; nothing of what it leaves open. */
function lookIn(properties: Selection): Look {
  const indent = properties.children('w\\:ind')
  const spacing = properties.children('w\\:spacing')
  const said: Look = {
    left: numberOf(indent.attr('w:left') ?? indent.attr('w:start')),
    right: numberOf(indent.attr('w:right') ?? indent.attr('w:end')),
    hanging: numberOf(indent.attr('w:hanging')) ?? negative(numberOf(indent.attr('w:firstLine'))),
    // Exact spacing is in points, and says nothing of single and double.
    line: /^(?:exact|atLeast)$/u.test(spacing.attr('w:lineRule') ?? '') ? undefined : numberOf(spacing.attr('w:line')),
    jc: properties.children('w\\:jc').attr('w:val'),
    face: properties.children('w\\:rFonts').attr('w:ascii'),
    size: numberOf(properties.children('w\\:sz').attr('w:val')),
    italic: isOn(properties.children('w\\:i')),
    bold: isOn(properties.children('w\\:b')),
    numbered: properties.children('w\\:numPr').length ? true : undefined,
  } as Look
  return Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined)) as Look
}

/** What a style says, with all that it is based on and the document's defaults. */
function readStyles(source: string): (id: string | undefined) => Look {
  if (!source) return () => ({})
  const xml = load(source, { xml: true })
  const defaults: Look = { ...lookIn(xml('w\\:docDefaults w\\:pPr')), ...lookIn(xml('w\\:docDefaults w\\:rPr')) }
  const own = new Map<string, { based: string | undefined, look: Look }>()
  let normal: string | undefined
  xml('w\\:style').each((_, node) => {
    const one = xml(node)
    const id = one.attr('w:styleId')
    if (!id) return
    if (one.attr('w:default') === '1' && one.attr('w:type') === 'paragraph') normal = id
    own.set(id, {
      based: one.children('w\\:basedOn').attr('w:val'),
      look: { ...lookIn(one.children('w\\:pPr')), ...lookIn(one.children('w\\:rPr')) },
    })
  })
  const kept = new Map<string, Look>()
  const resolve = (id: string | undefined, depth = 0): Look => {
    const one = id === undefined ? undefined : own.get(id)
    if (!one || depth > 20) return defaults
    const known = kept.get(id!)
    if (known) return known
    const look = { ...(one.based ? resolve(one.based, depth + 1) : defaults), ...one.look }
    kept.set(id!, look)
    return look
  }
  // A style that the document does not have is that of every paragraph (17.3.1.27).
  return id => resolve(id !== undefined && own.has(id) ? id : normal)
}
