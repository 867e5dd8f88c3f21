import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))
export default defineConfig({
  // The aliases that the interface is built with.
  resolve: { alias: [{ find: /^~~\//u, replacement: at('./') }, { find: /^~\//u, replacement: at('./app/') }] },
  test: { include: ['core/**/*.test.ts', 'server/**/*.test.ts', 'tests/unit/**/*.test.ts', 'tests/conformance/**/*.test.ts', 'app/**/*.test.ts'], environment: 'node', setupFiles: ['core/text/with-lists.ts', 'core/check/strict.ts'], testTimeout: 30_000, maxWorkers: 2 },
})
