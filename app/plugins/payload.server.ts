/**
 * What the stores hold is made anew in the page from what the page was given (the paper as text): it is not written into
 * the page a second time.
 */
export default defineNuxtPlugin((nuxtApp) => {
  nuxtApp.hook('app:rendered', () => { nuxtApp.payload.pinia = {} })
})
