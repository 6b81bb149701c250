// The server of the pages: `node scripts/pages.mjs PORT`. The framework's own, with the door for benches before it.
import { createServer } from 'node:http'
import next from 'next'

const port = Number(process.argv[2])
const hostname = '127.0.0.1'
/** What is being answered when it is told to stop has so long, ms. A line for news would stay open for ever. From memory. */
const LAST_MS = 2000

const app = next({ dev: false, hostname, port })
await app.prepare()
const pages = app.getRequestHandler()

const server = createServer((request, response) => {
  // It is there from the first page on.
  if (globalThis.kovitQuickly?.(request, response)) return
  pages(request, response).catch((error) => {
    console.error(error)
    response.statusCode = 500
    response.end()
  })
})
server.listen(port, hostname)

function stop() {
  server.close(() => process.exit(0))
  setTimeout(() => server.closeAllConnections(), LAST_MS).unref()
}
for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, stop)
