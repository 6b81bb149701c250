import { readFileSync, readdirSync } from 'node:fs'
import { request, type IncomingMessage, type OutgoingHttpHeaders } from 'node:http'
import { join } from 'node:path'

export interface Answer {
  status: number
  headers: IncomingMessage['headers']
  text: string
}

/** Asks as no browser would: with any host, origin, cookies and body. What writes says that it comes from the house itself. */
export function askAt(
  address: string,
  method: string,
  path: string,
  headers: OutgoingHttpHeaders = {},
  body?: string | Buffer,
): Promise<Answer> {
  const from = method === 'GET' ? {} : { origin: address }
  return new Promise((done, failed) => {
    const asking = request(address + path, { method, headers: { ...from, ...headers } }, (answer) => {
      const parts: Buffer[] = []
      answer.on('data', (part: Buffer) => parts.push(part))
      answer.on('end', () => {
        done({ status: answer.statusCode ?? 0, headers: answer.headers, text: Buffer.concat(parts).toString() })
      })
      answer.on('error', failed)
    })
    asking.on('error', failed)
    asking.end(body)
  })
}

export interface Way {
  method: string
  /** As its file stands: `/visits/[visitId]/events`. */
  name: string
  path: string
}

/** Every way into the app that is no page, read off its files, so that a new one is tried as well. */
export function routesOf(ids: Record<string, string>): Way[] {
  const known: Record<string, string> = {
    photoId: '00000000-0000-4000-8000-0000000000aa',
    secret: 'x'.repeat(43),
    ...ids,
  }
  const files = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  const ways = files.filter((file) => file.endsWith('/route.ts'))
  return ways.flatMap((file) => {
    const name = `/${file}`.slice(0, -'/route.ts'.length)
    const path = name.replace(/\[(\w+)\]/g, (_, id: string) => known[id] ?? 'missing')
    const methods = readFileSync(join('src/app', file), 'utf8').matchAll(
      /export (?:async function|function|const) (GET|POST|PUT)\b/g,
    )
    return [...methods].map(([, method = '']) => ({ method, name, path }))
  })
}

/** Every page of the app, read off its files. */
export function pagesOf(ids: Record<string, string>): { name: string; path: string }[] {
  const files = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  return files
    .filter((file) => file.endsWith('page.tsx'))
    .map((file) => {
      const name = `/${file}`.slice(0, -'/page.tsx'.length).replace(/\/\(\w+\)/, '') || '/'
      return { name, path: name.replace(/\[(\w+)\]/g, (_, id: string) => ids[id] ?? 'missing') }
    })
}

/** Every server action of the build. */
export function actionsOf(): { id: string; name: string }[] {
  const built = JSON.parse(readFileSync('.next/server/server-reference-manifest.json', 'utf8')) as {
    node: Record<string, { exportedName: string }>
  }
  return Object.entries(built.node).map(([id, { exportedName }]) => ({ id, name: exportedName }))
}
