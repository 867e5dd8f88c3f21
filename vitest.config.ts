import { defineConfig } from 'vitest/config'

export default defineConfig({ test: { include: ['core/**/*.test.ts', 'server/**/*.test.ts', 'tests/unit/**/*.test.ts', 'tests/conformance/**/*.test.ts', 'app/**/*.test.ts'], environment: 'node' } })
