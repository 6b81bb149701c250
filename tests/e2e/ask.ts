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

/** The address of a page of the app, by its file: `book/(all)/page` is `/book`. */
const pathOf = (file: string, ids: Record<string, string>): string =>
  `/${file}`
    .slice(0, -'/page'.length)
    .replace(/\/\(\w+\)/, '')
    .replace(/\[(\w+)\]/g, (_, id: string) => ids[id] ?? 'missing') || '/'

/** Every page of the app, read off its files. */
export function pagesOf(ids: Record<string, string>): { name: string; path: string }[] {
  const files = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  return files
    .filter((file) => file.endsWith('page.tsx'))
    .map((file) => file.slice(0, -'.tsx'.length))
    .map((file) => ({
      name: pathOf(file, Object.fromEntries(Object.keys(ids).map((id) => [id, `[${id}]`]))),
      path: pathOf(file, ids),
    }))
}

/** Every server action of the build, with a page that carries it. */
export function actionsOf(ids: Record<string, string> = {}): { id: string; name: string; path: string }[] {
  const built = JSON.parse(readFileSync('.next/server/server-reference-manifest.json', 'utf8')) as {
    node: Record<string, { exportedName: string; workers: Record<string, object> }>
  }
  return Object.entries(built.node).map(([id, { exportedName, workers }]) => {
    const pages = Object.keys(workers).filter((each) => each.startsWith('app/') && !each.includes('_'))
    return { id, name: exportedName, path: pathOf((pages[0] ?? 'app/page').slice('app/'.length), ids) }
  })
}

/** The first day on which the van drives, of the two weeks ahead. @throws when there is none */
export async function roadDayOf(address: string): Promise<string> {
  for (let ahead = 0; ahead <= 15; ahead++) {
    const day = new Date(Date.now() + ahead * 86_400_000).toISOString().slice(0, 10)
    const page = await fetch(`${address}/?day=${day}`)
    if ((await page.text()).includes('by=road')) return day
  }
  throw new Error('The van does not drive in these two weeks')
}
