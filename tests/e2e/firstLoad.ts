import { gzipSync } from 'node:zlib'

/** The scripts that a page loads at first, compressed as a server on a network would send them, kB. */
export async function firstLoadKb(address: string, path: string): Promise<number> {
  const html = await (await fetch(address + path)).text()
  // What is marked for browsers without modules is loaded by none that Kovit runs in.
  const tags = (html.match(/<script[^>]*>/g) ?? []).filter((tag) => !/nomodule/i.test(tag))
  const scripts = [...new Set(tags.join('').match(/\/_next\/static\/chunks\/[\w.~-]+\.js/g))]
  const sizes = await Promise.all(
    scripts.map(async (script) => gzipSync(Buffer.from(await (await fetch(address + script)).arrayBuffer())).length),
  )
  return sizes.reduce((sum, size) => sum + size, 0) / 1000
}
