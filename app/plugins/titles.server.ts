import '~~/core/text/with-lists'

/** Where pages are made the lists themselves decide. */
export default defineNuxtPlugin({ name: 'titles', enforce: 'pre', setup: () => {} })
