/**
 * A browser's small store, for what makes no difference when it is gone: a private window may have none, and a full one
 * refuses what is new. What must not be lost is kept by `saving/`.
 */
export function smallStore(): Storage | undefined {
  try { return typeof localStorage === 'undefined' ? undefined : localStorage }
  catch { return undefined }
}
export function remembered(place: string): string | undefined {
  try { return smallStore()?.getItem(place) ?? undefined }
  catch { return undefined }
}
/** @param text undefined where it is to be forgotten */
export function remember(place: string, text: string | undefined) {
  try {
    if (text === undefined) smallStore()?.removeItem(place)
    else smallStore()?.setItem(place, text)
  }
  catch { /* it lasts as long as the page */ }
}
