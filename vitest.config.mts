import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

/** Limits against a test that hangs, far beyond what a busy machine needs; none is a measure of speed. */
const project = (name: string, include: string[], timeout = 120_000) => ({
  extends: true as const,
  test: {
    name,
    include,
    testTimeout: timeout,
    hookTimeout: timeout,
    // Of its own accord it leaves one core idle, which of two is half the machine.
    maxWorkers: name === 'unit' ? availableParallelism() : 1,
  },
})

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    projects: [
      project('unit', [
        'src/**/*.test.{ts,tsx}',
        'tests/cli/**/*.test.ts',
        'tests/words/**/*.test.ts',
        'tests/day/**/*.test.ts',
      ]),
      project('reference', ['tests/reference/**/*.test.ts']),
      project('data', ['tests/data/**/*.test.ts'], 600_000),
      project('e2e', ['tests/e2e/**/*.test.ts'], 600_000),
      project('faults', ['tests/faults/**/*.test.ts'], 600_000),
    ],
  },
})
