import { spawn } from 'node:child_process'
import { refuse, type Result } from '@/core/result'
import { logSecurity } from '../who/securityLog'

/** What is being made or brought back, and how the last one ended. */
export interface ArchiveJob {
  what: 'backup' | 'restore'
  /** 0 to 1. */
  share: number
  ended: { ok: boolean; words: string } | null
}

/** One for the whole process, whatever copy of this file a page carries. */
const shared = globalThis as { kovitArchiveJob?: ArchiveJob }

export const archiveJob = (): ArchiveJob | null => shared.kovitArchiveJob ?? null

/** Begins a backup in a process of its own, so that the pages answer as before. */
export const beginBackup = (): Result<null> => begin('backup', ['--import', 'tsx', 'scripts/backup.ts', '--kept'])

/** Whether this server's database is its own: only then can a house be brought back beside it. */
export const keepsOwnDatabase = (): boolean => process.env.KOVIT_OWN_DATABASE === 'yes'

export interface RestoreRunning {
  path: string
  passphrase: string | null
  another: boolean
}

/** Brings a house back beside this one; at the end the pages are started anew on it. */
export function beginRestore({ path, passphrase, another }: RestoreRunning, isDemo: boolean): Result<null> {
  if (!keepsOwnDatabase())
    return refuse('name', 'The database of this house is kept elsewhere. Restore into an empty one by the command.')
  const flags = ['--running', ...(another ? ['--another'] : []), ...(isDemo ? ['--demo'] : [])]
  return begin('restore', ['scripts/restore.mjs', path, ...flags], {
    KOVIT_DATABASE_URL: '',
    ...(passphrase !== null && { KOVIT_PASSPHRASE: passphrase }),
  })
}

/** At most so much of what a process says is kept, characters. */
const MOST_WORDS = 4000

function begin(what: ArchiveJob['what'], args: string[], env: Record<string, string> = {}): Result<null> {
  if (shared.kovitArchiveJob?.ended === null)
    return refuse('name', 'One is being made or brought back already. It goes on; wait for its end.')
  const job: ArchiveJob = (shared.kovitArchiveJob = { what, share: 0, ended: null })
  logSecurity(`${what} begun`)
  const child = spawn(process.execPath, args, {
    env: { ...process.env, ...env, KOVIT_PROGRESS: 'yes' },
    stdio: ['ignore', 'pipe', 'pipe'],
    detached: true,
  })
  let words = ''
  const hear = (data: Buffer) => {
    words = (words + data.toString()).slice(-MOST_WORDS)
    const percent = /% (\d+)\n(?![^]*% \d+\n)/.exec(words)?.[1]
    if (percent) job.share = Number(percent) / 100
  }
  child.stdout.on('data', hear)
  child.stderr.on('data', hear)
  const end = (ok: boolean) => (job.ended ??= { ok, words: words.replaceAll(/% \d+\n/g, '').trim() })
  child.on('error', () => end(false))
  child.on('exit', (code) => {
    end(code === 0)
    logSecurity(`${what} ${code === 0 ? 'done' : 'failed'}`)
  })
  return { ok: true, value: null }
}
