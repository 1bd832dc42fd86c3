import { defineConfig } from 'vitest/config'

const project = (name: string, include: string[]) => ({
  test: {
    name,
    include,
    environment: 'node' as const,
    pool: 'threads' as const,
    isolate: false,
    testTimeout: 60_000,
    hookTimeout: 60_000,
    setupFiles: ['./tests/sameDraws.ts'],
  },
})
export default defineConfig({
  test: {
    projects: [
      project('unit', ['core/**/*.test.ts', 'web/**/*.test.ts', 'demo/**/*.test.ts', 'scripts/**/*.test.mjs']),
      project('outside', ['tests/outside/**/*.test.ts']),
      project('data', ['data/**/*.test.ts']),
    ],
  },
})
