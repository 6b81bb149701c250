import { createHash } from 'node:crypto'
import { promisify } from 'node:util'
import { open as openZip, type Entry, type ZipFile } from 'yauzl'
import { refuse, type Result } from '@/core/result'
import { disk } from './disk'
import { DIGEST_CHARS, SEAL, digestBefore } from './zipOut'

/** A line longer than this is no row of ours, bytes; and no archive has more files. */
const LONGEST_LINE = 32_000_000
const MOST_FILES = 2_000_000
/** Text packs to about a tenth; what unpacks to a hundred times its size is made to fill a disk. Source: common practice. */
const MOST_TIMES = 100
const ALWAYS_TAKEN = 50_000_000

/** An archive that was opened: its files by their path. */
export interface ZipIn {
  sizes: ReadonlyMap<string, number>
  /** A file, piece by piece. */
  read(path: string): AsyncGenerator<Buffer>
  close(): void
}

/** @param isKnown whether a path has a place in the archive */
export async function openZipIn(path: string, isKnown: (path: string) => boolean): Promise<Result<ZipIn>> {
  if (!(await isSealed(path)))
    return refuse('file', 'This file is no archive, is cut short, or was changed since it was made.')
  const zip = await opened(path)
  if (!zip) return refuse('file', 'This file is no archive.')
  const entries = await entriesOf(zip, isKnown)
  if (!entries.ok) return entries
  const sizes = new Map([...entries.value].map(([name, entry]) => [name, entry.uncompressedSize]))
  return {
    ok: true,
    value: { sizes, read: (name) => readEntry(zip, entries.value.get(name)), close: () => zip.close() },
  }
}

async function isSealed(path: string): Promise<boolean> {
  const file = await disk.open(path).catch(() => null)
  if (!file) return false
  try {
    const { size } = await file.stat()
    const length = SEAL.length + DIGEST_CHARS
    if (size < length) return false
    const { buffer } = await file.read(Buffer.alloc(length), 0, length, size - length)
    const said = buffer.toString('latin1')
    return said.startsWith(SEAL) && said.slice(SEAL.length) === (await digestBefore(path, size - DIGEST_CHARS))
  } finally {
    await file.close()
  }
}

const opened = (path: string): Promise<ZipFile | null> =>
  promisify<string, object, ZipFile>(openZip)(path, {
    lazyEntries: true,
    autoClose: false,
    strictFileNames: true,
  }).catch(() => null)

function entriesOf(zip: ZipFile, isKnown: (path: string) => boolean): Promise<Result<Map<string, Entry>>> {
  const entries = new Map<string, Entry>()
  let [packed, unpacked] = [0, 0]
  return new Promise((done) => {
    const no = (sentence: string) => {
      zip.close()
      done(refuse('file', sentence))
    }
    zip.on('error', () => no('The list of files in this archive cannot be read.'))
    zip.on('end', () => done({ ok: true, value: entries }))
    zip.on('entry', (entry: Entry) => {
      const { fileName } = entry
      if (!isKnown(fileName)) return no(`This archive holds a file that has no place in one: ${fileName.slice(0, 80)}`)
      if (entries.has(fileName)) return no(`This archive holds ${fileName} twice.`)
      packed += entry.compressedSize
      unpacked += entry.uncompressedSize
      if (unpacked > ALWAYS_TAKEN && unpacked > packed * MOST_TIMES)
        return no('This archive would unpack to far more than a house holds.')
      if (entries.set(fileName, entry).size > MOST_FILES) return no('This archive holds more files than a house has.')
      zip.readEntry()
    })
    zip.readEntry()
  })
}

async function* readEntry(zip: ZipFile, entry: Entry | undefined): AsyncGenerator<Buffer> {
  if (!entry) return
  const stream = await promisify<Entry, NodeJS.ReadableStream>(zip.openReadStream.bind(zip))(entry)
  yield* stream as AsyncIterable<Buffer>
}

/** A whole file that is known to be small. @throws when it is not */
export async function wholeFile(pieces: AsyncIterable<Buffer>, most: number): Promise<Buffer> {
  const all: Buffer[] = []
  let size = 0
  for await (const piece of pieces) {
    size += piece.length
    if (size > most) throw new Error('A file of this archive is too long.')
    all.push(piece)
  }
  return Buffer.concat(all)
}

/** What tells whether a file of lines is the one that was written. */
export class Tally {
  rows = 0
  bytes = 0
  private readonly hash = createHash('sha256')

  add(piece: Buffer): void {
    this.hash.update(piece)
    this.bytes += piece.length
    for (let end = piece.indexOf(NEW_LINE); end >= 0; end = piece.indexOf(NEW_LINE, end + 1)) this.rows++
  }

  /** Asked once, at the end. */
  sha256(): string {
    return this.hash.digest('hex')
  }
}

const NEW_LINE = 10

/** The lines of a file, some at a time, and what tells at the end whether it is the one that was written. */
export function linesOf(pieces: AsyncIterable<Buffer>) {
  const seen = new Tally()
  async function* lines(): AsyncGenerator<string[]> {
    let rest: Buffer = Buffer.alloc(0)
    for await (const piece of pieces) {
      seen.add(piece)
      const end = piece.lastIndexOf(NEW_LINE)
      if (end >= 0)
        yield Buffer.concat([rest, piece.subarray(0, end)])
          .toString('utf8')
          .split('\n')
      rest = end < 0 ? Buffer.concat([rest, piece]) : piece.subarray(end + 1)
      if (rest.length > LONGEST_LINE) throw new Error('A line of this archive is too long.')
    }
    if (rest.length > 0) throw new Error('The last line of a table is cut short.')
  }
  return { lines: lines(), seen }
}
