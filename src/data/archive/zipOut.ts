import { createHash } from 'node:crypto'
import { Readable, type Transform } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { ZipFile } from 'yazl'
import { createReadStream, createWriteStream, disk } from './disk'

/** The zip's comment ends in the SHA-256 of all that stands before it, so that a change of any byte is seen. */
export const SEAL = 'SHA-256 of all before: '
export const DIGEST_CHARS = 64

/** A file of an archive; it is made when its turn comes. */
export interface FileOut {
  path: string
  /** Pictures are as small as they get. */
  packed: boolean
  content: () => AsyncIterable<Buffer> | Iterable<Buffer>
}

/** Enough for text to become a tenth of its size, at the speed of the disk. */
const PACKING = 4

/** Writes files into one zip, one after another, and seals it. Memory stays flat, however large they are. */
export async function writeZip(path: string, files: AsyncIterable<FileOut> | Iterable<FileOut>): Promise<void> {
  const zip = new ZipFile()
  const failed = new Promise<never>((_, fail) => zip.on('error', fail))
  failed.catch(() => undefined)
  const written = pipeline(zip.outputStream, createWriteStream(path, { mode: 0o600 }))
  for await (const { path: name, packed, content } of files)
    zip.addReadStreamLazy(name, { compressionLevel: packed ? PACKING : 0, mtime: EPOCH }, (take) => {
      const stream = Readable.from(content())
      stream.on('error', (error) => zip.emit('error', error))
      take(null, stream)
    })
  const end = { forceZip64Format: false, comment: SEAL + '0'.repeat(DIGEST_CHARS) }
  zip.end(end)
  await Promise.race([written, failed])
  await seal(path)
}

/** The same content makes the same file. */
const EPOCH = new Date('1980-01-02T00:00:00Z')

async function seal(path: string): Promise<void> {
  const file = await disk.open(path, 'r+')
  try {
    const { size } = await file.stat()
    const digest = await digestBefore(path, size - DIGEST_CHARS)
    await file.write(digest, size - DIGEST_CHARS)
    await file.sync()
  } finally {
    await file.close()
  }
}

/** SHA-256 of a file's first bytes. */
export async function digestBefore(path: string, end: number): Promise<string> {
  const hash = createHash('sha256')
  if (end > 0) await pipeline(createReadStream(path, { end: end - 1 }), hash as unknown as Transform)
  return hash.digest('hex')
}
