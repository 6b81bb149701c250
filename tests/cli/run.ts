import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** Runs a command that reads one file, as a person does; lines of what it says are told without the file's name. */
export function commandOn(script: string) {
  const file = join(mkdtempSync(join(tmpdir(), 'kovit-cli-')), 'input.json')
  return (input: unknown) => {
    writeFileSync(file, typeof input === 'string' ? input : JSON.stringify(input))
    const { status, stdout, stderr } = spawnSync('node', ['node_modules/tsx/dist/cli.mjs', script, file], {
      encoding: 'utf8',
    })
    const lines = stderr.trim().split('\n')
    return { status, stdout, lines: lines.map((line) => line.replace(`${file}: `, '')) }
  }
}
