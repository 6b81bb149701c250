import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { buildSync } from 'esbuild'

const BUILT = '.next/static'

/** What starts a worker reads its own address, which an answer that was kept does not have. */
const STARTS_WORKER = /^turbopack-worker/

/** Every file of the build as the browser asks for it; a name carries its content's hash. */
const files = readdirSync(BUILT, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile() && !STARTS_WORKER.test(entry.name))
  .map((entry) => ({
    url: `/_next/static/${join(entry.parentPath, entry.name).slice(BUILT.length + 1)}`,
    revision: null,
  }))
  .sort((a, b) => (a.url < b.url ? -1 : 1))

/** Makes the service worker of this build: another build is another worker, which the browser takes as a new version. */
buildSync({
  entryPoints: ['src/workers/serviceWorker.ts'],
  outfile: '.next/service-worker.js',
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2022',
  define: { KOVIT_FILES: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
})
