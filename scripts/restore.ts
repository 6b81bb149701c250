import { restoreBeside, restoreHere } from '@/service/archive/restoreHouse'
import { archiveCommand, holds, progressLines } from './lib/archiveCommand'

/** Brings a house back: into a schema beside the one that is kept here, or into a database that somebody else keeps. */
archiveCommand(async () => {
  const [path = '', ...flags] = process.argv.slice(2)
  const asked = {
    path,
    passphrase: process.env.KOVIT_PASSPHRASE ?? null,
    another: flags.includes('--another'),
    demo: flags.includes('--demo'),
  }
  const began = Date.now()
  const done = flags.includes('--here')
    ? await restoreHere(asked, progressLines())
    : await restoreBeside(asked, Date.now(), progressLines())
  if (!done.ok) return done
  const { manifest, schema } = done.value
  const seconds = ((Date.now() - began) / 1000).toFixed(1)
  const words = `${holds(manifest)} as of ${manifest.madeAt}, read back row for row, ${seconds} s.`
  return { ok: true, value: JSON.stringify({ schema, words }) }
})
