import { cpSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Nitro } from 'nitropack'
import tailwindcss from '@tailwindcss/vite'
import { filesOf, OTHERS, TWINS } from './core/sheet/pages/shipped'
import { build as esbuild, transformSync } from 'esbuild'

const THREAD = {
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  minify: true,
  logLevel: 'error',
  banner: { js: 'import{createRequire}from"node:module";const require=createRequire(import.meta.url);' },
} as const
const WAKING = transformSync(readFileSync(new URL('./app/waking/hold.js', import.meta.url), 'utf8'), {
  minify: true,
  target: 'es2022',
}).code
const COLOURS = 'sRGB_IEC61966_2_1.icc'
// The type that Nuxt gives this part knows none of Nitro's own options here.
const nitro = {
  // Scripts and styles; the faces are no public files and stay as they are.
  compressPublicAssets: { gzip: false, brotli: true },
  hooks: {
    // Migrations travel with the build; the database plugin reads them beside the server's own file.
    // So does the script of the thread that writes documents: it is started as a file of its own.
    compiled: async ({ options: { rootDir, output: { serverDir } } }: Nitro) => {
      cpSync(join(rootDir, 'server/db/migrations'), join(serverDir, 'migrations'), { recursive: true })
      // And the faces, to measure by and to put into PDFs.
      for (const file of [...TWINS.flatMap(filesOf).map(([, own]) => own), ...OTHERS.map(other => other.file)]) cpSync(join(rootDir, 'node_modules', file), join(serverDir, 'workers/faces', file))
      // And what the PDF's colours are measured by, which the package reads beside the script that it is bundled into.
      cpSync(join(rootDir, 'node_modules/pdfkit/js/data', COLOURS), join(serverDir, 'workers/data', COLOURS))
      // What both threads are made of is there once.
      await esbuild({
        entryPoints: ['document', 'archive'].map(name => ({ in: join(rootDir, `server/workers/${name}.worker.ts`), out: name })),
        outdir: join(serverDir, 'workers'),
        outExtension: { '.js': '.mjs' },
        splitting: true,
        external: ['better-sqlite3'],
        ...THREAD,
      })
    },
  },
}

export default defineNuxtConfig({
  modules: ['@pinia/nuxt', '@nuxt/eslint', 'nuxt-security'],
  devtools: { enabled: false },
  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Dendle',
      viewport: 'width=device-width, initial-scale=1',
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' }],
      // Theme before paint: the choice of this browser, else the system's.
      // And what is done before the scripts are there is kept for them (app/waking).
      script: [
        { innerHTML: WAKING },
        {
          innerHTML:
            'try{var t=localStorage.getItem("dendle-theme")||(matchMedia("(prefers-color-scheme: dark)").matches?"night":"light");document.documentElement.dataset.theme=t}catch(e){}',
        },
      ],
    },
  },
  css: ['~/assets/main.css'],
  // The page of all parts, for tests and pictures of a built Dendle: NUXT_PUBLIC_PARTS=1.
  runtimeConfig: { public: { parts: '' } },
  srcDir: 'app',
  sourcemap: { server: false, client: false },
  // What a link leads to is fetched when somebody means to go there, not because the link is in sight.
  experimental: { defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } } },
  compatibilityDate: '2026-11-01',
  nitro: nitro as object,
  vite: {
    plugins: [tailwindcss()],
    worker: { format: 'es' },
    optimizeDeps: {
      include: [
        '@headlessui/vue',
        '@lucide/vue',
        '@tiptap/vue-3',
        '@tiptap/starter-kit',
        '@tiptap/core',
        'idb-keyval',
        'zod',
        '@vueuse/core',
      ],
    },
  },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
  hooks: {
    'build:manifest': (manifest) => {
      for (const part of Object.values(manifest)) part.prefetch = false
    },
  },
  eslint: { config: { stylistic: true } },
  // What a page may load and run: its own scripts (by nonce), pictures that travel in the paper, and nothing from elsewhere.
  security: {
    nonce: true,
    sri: false,
    rateLimiter: false,
    requestSizeLimiter: false,
    xssValidator: false,
    corsHandler: false,
    allowedMethodsRestricter: false,
    headers: {
      crossOriginEmbedderPolicy: false,
      crossOriginResourcePolicy: 'same-origin',
      crossOriginOpenerPolicy: 'same-origin',
      referrerPolicy: 'same-origin',
      strictTransportSecurity: false,
      xFrameOptions: 'DENY',
      xContentTypeOptions: 'nosniff',
      permissionsPolicy: { 'camera': [], 'microphone': [], 'geolocation': [], 'display-capture': [] },
      contentSecurityPolicy: {
        'default-src': ['\'self\''],
        'base-uri': ['\'none\''],
        'object-src': ['\'none\''],
        'frame-ancestors': ['\'none\''],
        'form-action': ['\'self\''],
        'script-src': ['\'self\'', '\'nonce-{{nonce}}\'', '\'strict-dynamic\''],
        'script-src-attr': ['\'none\''],
        'style-src': ['\'self\'', '\'unsafe-inline\''],
        'img-src': ['\'self\'', 'data:', 'blob:'],
        'font-src': ['\'self\'', 'data:'],
        'connect-src': ['\'self\''],
        'worker-src': ['\'self\'', 'blob:'],
        'upgrade-insecure-requests': false,
      },
    },
  },
})
