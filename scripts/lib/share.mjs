import { X509Certificate } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { request } from 'node:http'
import { createServer } from 'node:https'
import { isIP } from 'node:net'
import { hostname, networkInterfaces } from 'node:os'
import { join } from 'node:path'
import { Trouble } from './steps.mjs'

/** Tells the pages that a request came in by this door; what a browser sends under the name is thrown away. */
const OUTSIDE = 'x-kovit-outside'
const FIRST_PORT = 3443
/** A device asks at most so often a second, and so often at once. Source: chosen from memory of what a page needs. */
const A_SECOND = 60
const AT_ONCE = 400
/** Who says nothing for this long is let go, ms. */
const SILENT_MS = 20_000
const DAY_MS = 86_400_000
const HOUSE_DAYS = 3650
/** Devices of some makers take no certificate of a server that is older. Source: from memory. */
const SERVED_DAYS = 397
const RENEW_DAYS = 60

/** The names and addresses under which this machine is found in its network. */
export function namesHere(given) {
  const addresses = Object.values(networkInterfaces()).flatMap((each) =>
    (each ?? []).filter(({ family, internal }) => family === 'IPv4' && !internal).map(({ address }) => address),
  )
  const host = hostname().toLowerCase()
  const own = /^[a-z0-9-]+$/.test(host) && addresses.length > 0 ? [`${host}.local`] : []
  const names = [...(given ? [given.toLowerCase()] : []), ...addresses, ...own]
  if (names.length === 0)
    throw new Trouble('This machine is in no network, so there is nobody to share with. Connect it, then start again.')
  return names
}

const certificateOf = (file) => (existsSync(file) ? readFileSync(file, 'utf8') : null)

/** The house's own authority, made once, and a certificate for its names, made anew when they change or it grows old. */
async function certificates(folder, names) {
  const file = (name) => join(folder, name)
  // Loaded here: `npm start` runs before anything is installed.
  const { generate } = await import('selfsigned')
  const make = (commonName, days, extensions, ca) =>
    generate([{ name: 'commonName', value: commonName }], {
      keyType: 'ec',
      curve: 'P-256',
      algorithm: 'sha256',
      notBeforeDate: new Date(Date.now() - DAY_MS),
      notAfterDate: new Date(Date.now() + days * DAY_MS),
      extensions,
      ...(ca ? { ca } : {}),
    })
  const keep = (name, made) => {
    writeFileSync(file(`${name}.key`), made.private, { mode: 0o600 })
    writeFileSync(file(`${name}.crt`), made.cert)
  }
  if (!certificateOf(file('house.crt')))
    keep(
      'house',
      await make('Kovit, this house', HOUSE_DAYS, [
        { name: 'basicConstraints', cA: true, pathLenConstraint: 0, critical: true },
        { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
      ]),
    )
  const house = readFileSync(file('house.crt'), 'utf8')
  if (!servesStill(certificateOf(file('served.crt')), names)) {
    const altNames = names.map((name) => (isIP(name) ? { type: 7, ip: name } : { type: 2, value: name }))
    const extensions = [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      { name: 'subjectAltName', altNames },
    ]
    keep(
      'served',
      await make(names[0], SERVED_DAYS, extensions, { key: readFileSync(file('house.key'), 'utf8'), cert: house }),
    )
  }
  return { house, key: readFileSync(file('served.key'), 'utf8'), cert: readFileSync(file('served.crt'), 'utf8') }
}

function servesStill(pem, names) {
  if (pem === null) return false
  const served = new X509Certificate(pem)
  if (Date.parse(served.validTo) - Date.now() < RENEW_DAYS * DAY_MS) return false
  return names.every((name) => (isIP(name) ? served.checkIP(name) : served.checkHost(name)) !== undefined)
}

/** What the pages have to know of being shared, as their environment. */
export async function prepareShare(folder, given) {
  const names = namesHere(given)
  const { house, key, cert } = await certificates(folder, names)
  const port = Number(process.env.KOVIT_SHARE_PORT ?? FIRST_PORT)
  const addresses = names.map((name) => `https://${name}:${port}`)
  const fingerprint = new X509Certificate(house).fingerprint256
  return {
    key,
    cert: `${cert.trim()}\n${house}`,
    port,
    addresses,
    env: {
      KOVIT_NAMES: names.join(),
      KOVIT_SHARED_AT: addresses.join(),
      KOVIT_CERTIFICATE: join(folder, 'house.crt'),
      KOVIT_FINGERPRINT: fingerprint,
    },
  }
}

/**
 * The door to the house's network: HTTPS in front of the pages, which themselves answer this machine alone. Resolves when
 * it is open.
 * @param pagesPort where the pages answer on 127.0.0.1
 */
export function openShare({ key, cert, port }, pagesPort) {
  const pace = paceKeeper()
  const server = createServer({ key, cert, minVersion: 'TLSv1.2' }, (asked, answer) => {
    if (!pace(asked.socket.remoteAddress ?? '')) {
      answer.writeHead(429, { 'Retry-After': '2', 'Content-Type': 'text/plain; charset=utf-8' })
      return answer.end('Too much at once. Wait a moment.')
    }
    handOn(asked, answer, pagesPort)
  })
  server.headersTimeout = SILENT_MS
  server.requestTimeout = 4 * SILENT_MS
  return new Promise((done, failed) => {
    server.once('error', (error) =>
      failed(
        error.code === 'EADDRINUSE'
          ? new Trouble(`Port ${port} is in use. Set KOVIT_SHARE_PORT to a free one.`)
          : error,
      ),
    )
    server.listen(port, '0.0.0.0', () => done(server))
  })
}

function handOn(asked, answer, pagesPort) {
  const kept = Object.entries(asked.headers).filter(
    ([name]) => !/^(x-kovit-outside|x-kovit-asked|x-forwarded-.*|forwarded)$/.test(name),
  )
  const headers = { ...Object.fromEntries(kept), [OUTSIDE]: '1', 'x-forwarded-proto': 'https' }
  const handed = request(
    { host: '127.0.0.1', port: pagesPort, method: asked.method, path: asked.url, headers },
    (from) => {
      answer.writeHead(from.statusCode ?? 502, { ...from.headers, 'strict-transport-security': 'max-age=31536000' })
      from.pipe(answer)
    },
  )
  handed.on('error', () => {
    if (!answer.headersSent) answer.writeHead(503, { 'Content-Type': 'text/plain; charset=utf-8' })
    answer.end('Kovit is starting again.')
  })
  asked.on('aborted', () => handed.destroy())
  answer.on('close', () => handed.destroy())
  asked.pipe(handed)
}

/** Whether who asks from there may ask now: a bucket that fills again as time goes by. */
export function paceKeeper(nowMs = () => Date.now()) {
  const buckets = new Map()
  return (address) => {
    const now = nowMs()
    const { left, ms } = buckets.get(address) ?? { left: AT_ONCE, ms: now }
    const filled = Math.min(AT_ONCE, left + ((now - ms) / 1000) * A_SECOND)
    if (buckets.size > 10_000) buckets.clear()
    buckets.set(address, { left: Math.max(0, filled - 1), ms: now })
    return filled >= 1
  }
}
