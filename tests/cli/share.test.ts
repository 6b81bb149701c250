import { X509Certificate } from 'node:crypto'
import { mkdirSync, readFileSync, rmSync, statSync } from 'node:fs'
import { createServer } from 'node:http'
import { request } from 'node:https'
import type { AddressInfo } from 'node:net'
import { describe, expect, it } from 'vitest'
import { namesHere, openShare, paceKeeper, prepareShare } from '../../scripts/lib/share.mjs'

const FOLDER = '.kovit-test/share'
const fresh = () => {
  rmSync(FOLDER, { recursive: true, force: true })
  mkdirSync(FOLDER, { recursive: true })
}

describe('the certificate of a house', () => {
  it('is signed by the house itself, for its names, and kept from start to start', async () => {
    fresh()
    const first = await prepareShare(FOLDER, 'salon.example')
    const [served, house] = ['served', 'house'].map(
      (name) => new X509Certificate(readFileSync(`${FOLDER}/${name}.crt`)),
    )
    expect(served?.checkHost('salon.example')).toBe('salon.example')
    expect([house?.ca, served?.ca]).toEqual([true, false])
    expect(served?.verify(house!.publicKey)).toBe(true)
    expect(first.env.KOVIT_FINGERPRINT).toBe(house?.fingerprint256)
    expect(statSync(`${FOLDER}/house.key`).mode & 0o077).toBe(0)
    const again = await prepareShare(FOLDER, 'salon.example')
    expect(again.cert).toBe(first.cert)
  })
  it('is made anew for another name, under the same house: devices that trust it go on', async () => {
    const before = (await prepareShare(FOLDER, 'salon.example')).env.KOVIT_FINGERPRINT
    const moved = await prepareShare(FOLDER, 'van.example')
    expect(moved.env.KOVIT_FINGERPRINT).toBe(before)
    expect(new X509Certificate(moved.cert).checkHost('van.example')).toBe('van.example')
    expect(namesHere('Van.Example')[0]).toBe('van.example')
  })
})

describe('the door to the network', () => {
  it('marks what comes in by it, and hands on no such mark of a browser’s own', async () => {
    const seen: Record<string, unknown>[] = []
    const pages = createServer((asked, answer) => {
      seen.push(asked.headers)
      answer.end('ok')
    })
    await new Promise<void>((done) => pages.listen(0, '127.0.0.1', done))
    const share = await prepareShare(FOLDER, 'salon.example')
    const door = await openShare({ ...share, port: 0 }, (pages.address() as AddressInfo).port)
    const headers = {
      host: 'salon.example',
      'x-kovit-outside': '',
      'x-kovit-asked': '/evil',
      'x-forwarded-host': 'evil.example',
      'x-forwarded-for': '127.0.0.1',
    }
    const answer = await new Promise<{ status?: number; hsts: unknown }>((done, failed) => {
      request(
        {
          port: (door.address() as AddressInfo).port,
          host: '127.0.0.1',
          ca: readFileSync(`${FOLDER}/house.crt`),
          servername: 'salon.example',
          headers,
        },
        (from) => {
          from.resume()
          done({ status: from.statusCode ?? 0, hsts: from.headers['strict-transport-security'] })
        },
      )
        .on('error', failed)
        .end()
    })
    expect(answer).toEqual({ status: 200, hsts: 'max-age=31536000' })
    expect(seen[0]).toMatchObject({ host: 'salon.example', 'x-kovit-outside': '1', 'x-forwarded-proto': 'https' })
    for (const gone of ['x-kovit-asked', 'x-forwarded-host', 'x-forwarded-for'])
      expect(seen[0]).not.toHaveProperty(gone)
    door.closeAllConnections()
    door.close()
    pages.close()
  })
  it('lets a device ask much at once and little for long, each by itself', () => {
    let ms = 0
    const may = paceKeeper(() => ms)
    const asked = (address: string, times: number) =>
      Array.from({ length: times }, () => may(address)).filter(Boolean).length
    expect(asked('192.0.2.7', 1000)).toBe(400)
    expect(asked('192.0.2.8', 10)).toBe(10)
    ms += 1000
    expect(asked('192.0.2.7', 1000)).toBe(60)
  })
})
