/** Composed text onto the clipboard: rich where italics count, plain beside it. */
import { plain, toHtml, type Run } from '~~/core/text/runs'

/** Rich and plain together: who takes it chooses. */
export const copyRich = (html: string, text: string) =>
  navigator.clipboard.write([
    new ClipboardItem({ 'text/html': new Blob([html], { type: 'text/html' }), 'text/plain': new Blob([text], { type: 'text/plain' }) }),
  ])

export const copyRuns = (runs: readonly Run[]) => copyRich(toHtml(runs), plain(runs))
/** A text as a file in the downloads. */
export const download = (name: string, text: string, type: string) => downloadBlob(name, new Blob([text], { type }))

export function downloadBlob(name: string, blob: Blob) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(blob)
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}
