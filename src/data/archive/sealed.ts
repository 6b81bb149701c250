import { randomBytes } from 'node:crypto'
import { pipeline } from 'node:stream/promises'
import { hashRaw } from '@node-rs/argon2'
import sodium from 'libsodium-wrappers'
import { z } from 'zod'
import type { Lock } from '@/core/archive'
import { refuse, type Result } from '@/core/result'
import { createReadStream, createWriteStream, disk } from './disk'

/**
 * A locked archive: XChaCha20-Poly1305 in libsodium's secretstream, its key sealed to the house's own public key. The house
 * keeps no passphrase: the private half is made from it by Argon2id when a backup is opened.
 */
const FIRST_LINE = 'kovit-locked/1'
const PIECE = 64 * 1024
/** Argon2id as RFC 9106 recommends for where memory is scarce: 64 MiB, 3 passes. */
const HARD = { memoryCost: 65_536, timeCost: 3, parallelism: 4, outputLen: 32 }

const Header = z.strictObject({ salt: z.base64(), key: z.base64() })

const fromText = (text: string): Uint8Array => Buffer.from(text, 'base64')
const asText = (bytes: Uint8Array): string => Buffer.from(bytes).toString('base64')

async function keysBy(passphrase: string, salt: Uint8Array) {
  await sodium.ready
  return sodium.crypto_box_seed_keypair(
    await hashRaw(passphrase.normalize('NFKC'), { ...HARD, salt: Buffer.from(salt) }),
  )
}

export async function lockBy(passphrase: string): Promise<Lock> {
  const salt = randomBytes(16)
  const { publicKey } = await keysBy(passphrase, salt)
  return { salt: asText(salt), publicKey: asText(publicKey) }
}

export async function lockFile(from: string, to: string, { salt, publicKey }: Lock): Promise<void> {
  await sodium.ready
  const key = sodium.crypto_secretstream_xchacha20poly1305_keygen()
  const { state, header } = sodium.crypto_secretstream_xchacha20poly1305_init_push(key)
  const sealed = asText(sodium.crypto_box_seal(key, fromText(publicKey)))
  const { TAG_FINAL, TAG_MESSAGE } = tags()
  await pipeline(
    createReadStream(from),
    async function* (pieces: AsyncIterable<Buffer>) {
      yield Buffer.from(`${FIRST_LINE}\n${JSON.stringify({ salt, key: sealed } satisfies z.infer<typeof Header>)}\n`)
      yield Buffer.from(header)
      let held: Buffer | null = null
      const push = (piece: Buffer, tag: number) =>
        Buffer.from(sodium.crypto_secretstream_xchacha20poly1305_push(state, piece, null, tag))
      for await (const piece of sized(pieces, PIECE)) {
        if (held) yield push(held, TAG_MESSAGE)
        held = piece
      }
      yield push(held ?? Buffer.alloc(0), TAG_FINAL)
    },
    createWriteStream(to, { mode: 0o600, flush: true }),
  )
}

export async function isLocked(path: string): Promise<boolean> {
  const file = await disk.open(path)
  try {
    const { buffer } = await file.read(Buffer.alloc(FIRST_LINE.length), 0, FIRST_LINE.length, 0)
    return buffer.toString('latin1') === FIRST_LINE
  } finally {
    await file.close()
  }
}

/** Opens a locked archive into a file that is not. */
export async function unlockFile(from: string, to: string, passphrase: string): Promise<Result<null>> {
  const head = await headOf(from)
  if (!head) return refuse('file', 'This locked archive is cut short or damaged.')
  const { publicKey, privateKey } = await keysBy(passphrase, fromText(head.salt))
  let key: Uint8Array
  try {
    key = sodium.crypto_box_seal_open(fromText(head.key), publicKey, privateKey)
  } catch {
    return refuse('passphrase', 'This passphrase does not open the archive.')
  }
  try {
    await pipeline(
      createReadStream(from, { start: head.length }),
      (pieces: AsyncIterable<Buffer>) => opened(pieces, key),
      createWriteStream(to, { mode: 0o600 }),
    )
    return { ok: true, value: null }
  } catch (error) {
    if (error instanceof Damaged) return refuse('file', 'This locked archive is cut short or was changed.')
    throw error
  }
}

class Damaged extends Error {}

async function* opened(pieces: AsyncIterable<Buffer>, key: Uint8Array): AsyncGenerator<Buffer> {
  const { HEADERBYTES, ABYTES, TAG_FINAL } = tags()
  const all = sized(pieces, PIECE + ABYTES, HEADERBYTES)
  const { value: header } = await all.next()
  if (!header || header.length !== HEADERBYTES) throw new Damaged()
  const state = sodium.crypto_secretstream_xchacha20poly1305_init_pull(header, key)
  let isOver = false
  for await (const piece of all) {
    if (isOver) throw new Damaged()
    const found = sodium.crypto_secretstream_xchacha20poly1305_pull(state, piece, null)
    if (!found) throw new Damaged()
    isOver = found.tag === TAG_FINAL
    yield Buffer.from(found.message)
  }
  if (!isOver) throw new Damaged()
}

const tags = () => ({
  HEADERBYTES: sodium.crypto_secretstream_xchacha20poly1305_HEADERBYTES,
  ABYTES: sodium.crypto_secretstream_xchacha20poly1305_ABYTES,
  TAG_FINAL: sodium.crypto_secretstream_xchacha20poly1305_TAG_FINAL,
  TAG_MESSAGE: sodium.crypto_secretstream_xchacha20poly1305_TAG_MESSAGE,
})

async function headOf(path: string): Promise<(z.infer<typeof Header> & { length: number }) | null> {
  const file = await disk.open(path)
  try {
    const { buffer, bytesRead } = await file.read(Buffer.alloc(2000), 0, 2000, 0)
    const [first, second, ...rest] = buffer.subarray(0, bytesRead).toString('latin1').split('\n')
    if (first !== FIRST_LINE || second === undefined || rest.length === 0) return null
    const head = Header.safeParse(JSON.parse(second))
    return head.success ? { ...head.data, length: first.length + second.length + 2 } : null
  } catch (error) {
    if (error instanceof SyntaxError) return null
    throw error
  } finally {
    await file.close()
  }
}

/** The same bytes in pieces of one size; the first may have its own, the last is what is left. */
async function* sized(pieces: AsyncIterable<Buffer>, size: number, first = size): AsyncGenerator<Buffer> {
  let held: Buffer = Buffer.alloc(0)
  let wanted = first
  for await (const piece of pieces) {
    held = held.length > 0 ? Buffer.concat([held, piece]) : piece
    while (held.length >= wanted) {
      yield held.subarray(0, wanted)
      held = held.subarray(wanted)
      wanted = size
    }
  }
  if (held.length > 0) yield held
}
