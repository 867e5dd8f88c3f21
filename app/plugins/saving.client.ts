/** What is unsaved when a page is hidden, left or closed, whichever paper it is of and whatever is shown. */
export default defineNuxtPlugin({
  name: 'saving',
  setup() {
    const saving = useSaving()
    addEventListener('online', () => void saving.flush())
    document.addEventListener('visibilitychange', () => { if (document.visibilityState === 'hidden') saving.keepNow() })
    addEventListener('pagehide', () => saving.keepNow())
    addEventListener('beforeunload', (event) => {
      if (!saving.hasUnsaved()) return
      saving.keepNow()
      event.preventDefault()
    })
  },
})
