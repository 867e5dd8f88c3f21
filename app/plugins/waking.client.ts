import { nextTick } from 'vue'

declare global {
  interface Window { dendleAwake?: () => void }
}

/** Once the page's own scripts have taken it over, what was done before that is done again (`waking/hold.js`). */
export default defineNuxtPlugin({
  name: 'waking',
  setup(nuxtApp) {
    const wake = () => void nextTick(() => window.dendleAwake?.())
    nuxtApp.hook('app:suspense:resolve', wake)
    nuxtApp.hook('app:error', wake)
  },
})
