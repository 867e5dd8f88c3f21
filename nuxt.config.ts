import { cpSync } from 'node:fs'
import { join } from 'node:path'
import type { Nitro } from 'nitropack'
import tailwindcss from '@tailwindcss/vite'

// The type that Nuxt gives this part knows none of Nitro's own options here.
const nitro = {
  compressPublicAssets: true,
  hooks: {
    // Migrations travel with the build; the database plugin reads them beside the server's own file.
    compiled: (nitro: Nitro) => cpSync(join(nitro.options.rootDir, 'server/db/migrations'), join(nitro.options.output.serverDir, 'migrations'), { recursive: true }),
  },
}

export default defineNuxtConfig({
  modules: ['@pinia/nuxt', '@nuxt/eslint'],
  devtools: { enabled: false },
  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Dendle',
      viewport: 'width=device-width, initial-scale=1',
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' }],
      // Theme before paint: the choice of this browser, else the system's.
      script: [{ innerHTML: 'try{var t=localStorage.getItem("dendle-theme")||(matchMedia("(prefers-color-scheme: dark)").matches?"night":"light");document.documentElement.dataset.theme=t}catch(e){}' }],
    },
  },
  css: ['~/assets/main.css'],
  srcDir: 'app',
  compatibilityDate: '2026-11-01',
  nitro: nitro as object,
  vite: {
    plugins: [tailwindcss()],
    worker: { format: 'es' },
    optimizeDeps: { include: ['@headlessui/vue', '@lucide/vue', '@tiptap/vue-3', '@tiptap/starter-kit', '@tiptap/core', 'idb-keyval', 'zod', '@vueuse/core'] },
  },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
  eslint: { config: { stylistic: true } },
})
