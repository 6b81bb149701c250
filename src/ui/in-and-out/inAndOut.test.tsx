import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import type { useKeep } from '../house/useKeep'
import { Archives } from './Archives'
import { HowKept } from './HowKept'
import { JobLine } from './JobLine'
import { TakeAlong } from './TakeAlong'
import type { InAndOutActs, InAndOutView, Job } from './acts'

const words = (html: string) => html.replaceAll(/<[^>]+>/g, ' ').replaceAll(/\s+/g, ' ')
const KEEP: ReturnType<typeof useKeep> = {
  send: () => {},
  sendVersioned: () => {},
  saying: 'All kept',
  isFault: false,
  busy: false,
}
const never = async () => Promise.reject(new Error('Nothing is pressed here.'))
const ACTS: InAndOutActs = { backUpNow: never, saveBackups: never, lookIntoArchive: never, bringBack: never }
const OWN = { name: 'house-20270302T090000Z.zip', own: true, locked: false, megabytes: 1.14, made: '2 Mar, 09:00' }
const VIEW: InAndOutView = {
  version: 3,
  demo: false,
  folder: '/srv/kovit/backups',
  ownFolder: '',
  keep: 14,
  isLocked: false,
  canRestore: true,
  last: { words: 'The last backup is 3 h old, read back and whole.', isOld: false },
  archives: [OWN, { ...OWN, name: 'usb stick.locked', own: false, locked: true }],
  job: null,
}
const listed = (view: Partial<InAndOutView> = {}, disabled = false) =>
  renderToStaticMarkup(
    <Archives view={{ ...VIEW, ...view }} acts={ACTS} keep={KEEP} disabled={disabled} onBegun={() => {}} />,
  )

describe('archives', () => {
  it('each is taken along by its name, written so that an address can hold it', () => {
    expect(listed()).toContain('href="/rules/in-and-out/files/house-20270302T090000Z.zip"')
    expect(listed()).toContain('href="/rules/in-and-out/files/usb%20stick.locked"')
    expect(words(listed())).toContain('1.1 MB, locked, put here by somebody')
  })
  it('can be brought back where the database is the house’s own, and not while something else is done', () => {
    expect(words(listed())).toContain('Bring back')
    expect(listed({}, true)).toMatch(/<button[^>]*disabled=""[^>]*>Bring back/)
    const elsewhere = words(listed({ canRestore: false }))
    expect(elsewhere).not.toContain('Bring back')
    expect(elsewhere).toContain('bring it back by the command npm run restore')
  })
})

describe('what is being done', () => {
  const told = (job: Job, away = false) => words(renderToStaticMarkup(<JobLine job={job} away={away} />))
  it.each<[Job, boolean, string]>([
    [{ what: 'backup', share: 0.42, ended: null }, false, 'backed up, 42 %. Everybody can go on working.'],
    [{ what: 'restore', share: 0.5, ended: null }, false, 'The house is coming back, 50 %'],
    [{ what: 'restore', share: 1, ended: null }, true, 'opened anew on the house that came back'],
    [{ what: 'backup', share: 1, ended: { ok: false, words: 'The disk has no room left.' } }, false, 'no room left'],
  ])('%j', (job, away, said) => expect(told(job, away)).toContain(said))
  it('a fault is not told as what went well', () => {
    const html = renderToStaticMarkup(
      <JobLine job={{ what: 'backup', share: 1, ended: { ok: false, words: 'No.' } }} away={false} />,
    )
    expect(html).toContain('kv-late')
  })
})

describe('beside it', () => {
  it('the whole house is there once it was backed up, and the sheets always', () => {
    const along = (newest: typeof OWN | undefined) =>
      words(renderToStaticMarkup(<TakeAlong newest={newest} sheets={['owners', 'dogs']} />))
    expect(along(undefined)).toContain('Back up once, and the whole house can be taken along here.')
    expect(along(OWN)).toContain('The whole house of 2 Mar, 09:00')
    expect(along(OWN)).toMatch(/owners\.csv people, numbers, addresses .*book\.ics/)
  })
  it('a lock is put on by a passphrase that nobody keeps, or taken off', () => {
    const how = (isLocked: boolean) =>
      words(renderToStaticMarkup(<HowKept view={{ ...VIEW, isLocked }} acts={ACTS} keep={KEEP} />))
    expect(how(false)).toContain('Kovit does not keep it')
    expect(how(true)).toContain('Leave them open from now on')
  })
})
