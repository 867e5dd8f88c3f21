/** The first page of a PDF file as lines with their place and size, for the core to make a proposal of. */
import { getDocumentProxy } from 'unpdf'
import { readPdf, type PdfLine } from '~~/core/intake/pdf'
import type { Intake } from '~~/core/intake/proposal'

interface Item { str: string, transform: number[], height: number, width: number }

export async function readPdfFile(bytes: ArrayBuffer, name: string): Promise<Intake> {
  try {
    const pdf = await getDocumentProxy(new Uint8Array(bytes))
    const page = await pdf.getPage(1)
    const { height } = page.getViewport({ scale: 1 })
    const { items } = await page.getTextContent()
    const { info, metadata } = await pdf.getMetadata().catch(() => ({ info: {}, metadata: null }))
    const said = info as Record<string, string | undefined>
    const doi =
      (metadata as { get?: (key: string) => string | null } | null)?.get?.('prism:doi') ?? /10\.\d{4,9}\/\S+/u.exec(said.Subject ?? '')?.[0]
    const proposal = readPdf({
      lines: linesOf(items as Item[], height),
      height,
      info: {
        name,
        ...(said.Title ? { title: said.Title } : {}),
        ...(said.Author ? { author: said.Author } : {}),
        ...(doi ? { doi } : {}),
      },
    })
    return { proposals: [proposal], problems: [] }
  }
  catch (error) {
    const locked = /password/iu.test((error as Error).message)
    return {
      proposals: [],
      problems: [
        {
          where: name || 'PDF',
          what: locked
            ? 'is locked with a password; open it and type what its first page says.'
            : 'could not be read as a PDF; it may be damaged. Type its details instead.',
        },
      ],
    }
  }
}

/** Pieces of text on one baseline are one line, in the order they stand. */
function linesOf(items: readonly Item[], height: number): PdfLine[] {
  const rows: { y: number, size: number, pieces: { x: number, text: string, end: number }[] }[] = []
  for (const item of items) {
    if (!item.str.trim()) continue
    const [, , , scale = 0, x = 0, y = 0] = item.transform
    const size = Math.abs(scale) || item.height
    const row = rows.find(one => Math.abs(one.y - (height - y)) < size * 0.4)
    const piece = { x, text: item.str, end: x + item.width }
    if (row) { row.pieces.push(piece); row.size = Math.max(row.size, size) }
    else rows.push({ y: height - y, size, pieces: [piece] })
  }
  return rows
    .sort((a, b) => a.y - b.y)
    .map(({ y, size, pieces }) => ({
      y,
      size,
      text: pieces
        .sort((a, b) => a.x - b.x)
        .reduce(
          (line, piece, i) => line + (i > 0 && piece.x - pieces[i - 1]!.end > size * 0.15 && !line.endsWith(' ') ? ' ' : '') + piece.text,
          '',
        )
        .replace(/\s+/gu, ' ')
        .trim(),
    }))
}
