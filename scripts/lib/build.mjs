import { existsSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { run } from './install.mjs'
import { step } from './steps.mjs'

const SOURCES = ['src', 'public', 'scripts/service-worker.ts', 'package-lock.json', 'next.config.ts', 'tsconfig.json']

function newestMs(path) {
  if (!existsSync(path)) return 0
  const stat = statSync(path)
  if (!stat.isDirectory()) return stat.mtimeMs
  return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newestMs(join(path, name))))
}

/** A production build when the sources are newer than the last one. */
export async function ensureBuild() {
  const mark = '.next/service-worker.js' // made last
  if (existsSync(mark) && statSync(mark).mtimeMs > Math.max(...SOURCES.map(newestMs))) return
  await step('Building the pages', async () => {
    const env = { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' }
    await run(process.execPath, ['--import', 'tsx', 'scripts/antd-css.ts'], { env })
    await run(process.execPath, ['node_modules/next/dist/bin/next', 'build'], { env })
    await run(process.execPath, ['--import', 'tsx', 'scripts/service-worker.ts'], { env })
  })
}
