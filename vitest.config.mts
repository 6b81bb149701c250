import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const project = (name: string, include: string[], timeout = 20_000) => ({
  extends: true as const,
  test: { name, include, testTimeout: timeout, fileParallelism: name === 'unit', hookTimeout: timeout },
})

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    projects: [
      project('unit', ['src/**/*.test.{ts,tsx}', 'tests/cli/**/*.test.ts', 'tests/words/**/*.test.ts']),
      project('reference', ['tests/reference/**/*.test.ts']),
      project('data', ['tests/data/**/*.test.ts'], 120_000),
      project('e2e', ['tests/e2e/**/*.test.ts'], 180_000),
    ],
  },
})
