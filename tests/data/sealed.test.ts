import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Lock } from '@/core/archive'
import { isLocked, lockBy, lockFile, unlockFile } from '@/data/archive/sealed'
import { linesOf, openZipIn, wholeFile } from '@/data/archive/zipIn'
import { writeZip } from '@/data/archive/zipOut'

const PASSPHRASE = 'five quiet otters swim home'
/** What is locked goes in pieces of so many bytes. */
const PIECE = 64 * 1024
let folder: string
let lock: Lock
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'kovit-test-'))
  lock = await lockBy(PASSPHRASE)
})
afterAll(() => rmSync(folder, { recursive: true }))
const at = (name: string) => join(folder, name)

describe('a locked file', () => {
  it.each([0, 1, PIECE - 1, PIECE, PIECE + 1, 3 * PIECE, 3 * PIECE + 17])(
    'of %i bytes opens as it was',
    async (size) => {
      const content = Buffer.alloc(size, 'kovit')
      writeFileSync(at('plain'), content)
      await lockFile(at('plain'), at('locked'), lock)
      expect([await isLocked(at('locked')), await isLocked(at('plain'))]).toEqual([true, false])
      expect(await unlockFile(at('locked'), at('again'), PASSPHRASE)).toEqual({ ok: true, value: null })
      expect(readFileSync(at('again')).equals(content)).toBe(true)
    },
  )
  it('with its pieces in another order, one left out or one twice is refused', async () => {
    writeFileSync(at('plain'), Buffer.alloc(4 * PIECE, 'a'))
    await lockFile(at('plain'), at('locked'), lock)
    const whole = readFileSync(at('locked'))
    const body = whole.length - (4 * PIECE + 4 * 17)
    const piece = (n: number) => whole.subarray(body + n * (PIECE + 17), body + (n + 1) * (PIECE + 17))
    const head = whole.subarray(0, body)
    for (const order of [
      [1, 0, 2, 3],
      [0, 2, 3],
      [0, 1, 1, 2, 3],
      [0, 1, 2],
      [0, 1, 2, 3, 3],
    ]) {
      writeFileSync(at('mixed'), Buffer.concat([head, ...order.map(piece)]))
      expect(await unlockFile(at('mixed'), at('again'), PASSPHRASE)).toMatchObject({
        ok: false,
        problems: [{ sentence: 'This locked archive is cut short or was changed.' }],
      })
    }
  })
  it('whose head is damaged is refused before anything is tried', async () => {
    for (const text of [
      'kovit-locked/1\n',
      'kovit-locked/1\n{}\n',
      'kovit-locked/1\nno json\n',
      'kovit-locked/1\n{"salt":"a"}\nx',
    ]) {
      writeFileSync(at('damaged'), text)
      expect(await unlockFile(at('damaged'), at('again'), PASSPHRASE)).toMatchObject({
        ok: false,
        problems: [{ path: 'file', sentence: 'This locked archive is cut short or damaged.' }],
      })
    }
  })
  it('is locked otherwise each time, and the same passphrase written otherwise opens it', async () => {
    const accented = await lockBy('caf\u00e9 by the quiet sea')
    writeFileSync(at('plain'), 'x')
    await lockFile(at('plain'), at('one'), accented)
    await lockFile(at('plain'), at('two'), accented)
    expect(readFileSync(at('one')).equals(readFileSync(at('two')))).toBe(false)
    expect(await unlockFile(at('one'), at('again'), 'cafe\u0301 by the quiet sea')).toMatchObject({ ok: true })
  })
})

describe('a zip', () => {
  it('any files come out of it as they went in, and every byte of it counts', () =>
    fc.assert(
      fc.asyncProperty(
        fc.uniqueArray(fc.tuple(fc.stringMatching(/^[a-z]{1,12}\.txt$/), fc.uint8Array({ maxLength: 3000 })), {
          maxLength: 6,
          selector: ([name]) => name,
        }),
        fc.nat(),
        async (files, place) => {
          const out = files.map(([path, content]) => ({ path, packed: true, content: () => [Buffer.from(content)] }))
          await writeZip(at('any.zip'), out)
          const opened = await openZipIn(at('any.zip'), () => true)
          if (!opened.ok) throw new Error(opened.problems[0]?.sentence)
          for (const [path, content] of files)
            expect((await wholeFile(opened.value.read(path), 5000)).equals(Buffer.from(content))).toBe(true)
          opened.value.close()
          const bytes = readFileSync(at('any.zip'))
          const byte = place % bytes.length
          bytes[byte] = (bytes[byte] as number) ^ 0x41
          writeFileSync(at('any.zip'), bytes)
          expect((await openZipIn(at('any.zip'), () => true)).ok).toBe(false)
        },
      ),
      { numRuns: 40 },
    ))
})

describe('lines', () => {
  const told = async (pieces: Buffer[]) => {
    const { lines, seen } = linesOf(
      (async function* () {
        yield* pieces
      })(),
    )
    const all: string[] = []
    for await (const some of lines) all.push(...some)
    return { all, rows: seen.rows, bytes: seen.bytes }
  }
  it('are the same however the bytes come in pieces', () =>
    fc.assert(
      fc.asyncProperty(
        fc.array(fc.string().filter((text) => !text.includes('\n'))),
        fc.array(fc.nat(40)),
        async (lines, cuts) => {
          const whole = Buffer.from(lines.map((line) => `${line}\n`).join(''))
          const pieces: Buffer[] = []
          let from = 0
          for (const size of cuts) pieces.push(whole.subarray(from, (from += size)))
          pieces.push(whole.subarray(from))
          expect(await told(pieces)).toEqual({
            all: lines.map((line) => Buffer.from(line).toString()),
            rows: lines.length,
            bytes: whole.length,
          })
        },
      ),
      { numRuns: 100 },
    ))
  it('of which the last is cut short are refused', () =>
    expect(told([Buffer.from('{"a":1}\n{"a"')])).rejects.toThrow('The last line of a table is cut short.'))
  it('a file that is known to be small is read no further', () =>
    expect(
      wholeFile(
        (async function* () {
          for (;;) yield Buffer.alloc(1000)
        })(),
        5000,
      ),
    ).rejects.toThrow('too long'))
})
