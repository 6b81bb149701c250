import { z } from 'zod'

/** What the house keeps to lock a backup with: it opens none. */
export const Lock = z.strictObject({ salt: z.base64(), publicKey: z.base64() })
export type Lock = z.infer<typeof Lock>

/** How backups are made by themselves. */
export const BACKUPS_USUAL = { keep: 14, eachHours: 24 }
/** After so long without one the house says so in red, h. Common practice: two days missed. */
export const OLD_HOURS = 48

export const Backups = z.strictObject({
  /** An own folder on the machine that keeps the house; where none is said, beside the house. */
  folder: z
    .string()
    .trim()
    .max(300, { error: 'Keep the folder to 300 characters.' })
    .startsWith('/', { error: 'Give the folder from the root, such as /mnt/disk/kovit.' })
    .optional(),
  keep: z
    .int({ error: 'Give how many are kept as a whole number.' })
    .min(2, { error: 'Keep 2 to 100 backups.' })
    .max(100, { error: 'Keep 2 to 100 backups.' })
    .optional(),
  lock: Lock.optional(),
})
export type Backups = z.infer<typeof Backups>

/** How old the last backup is, in words, and whether somebody should make one. The demo makes none by itself, and needs none. */
export function backupSaid(hours: number | null, isDemo: boolean): { words: string; isOld: boolean } {
  const by = isDemo ? ' The demo makes none by itself.' : ''
  if (hours === null) return { words: `There is no backup yet.${by}`, isOld: !isDemo }
  const isOld = hours > OLD_HOURS
  return { words: `The last backup is ${ageWords(hours)} old, read back and whole.${by}`, isOld }
}

function ageWords(hours: number): string {
  const min = Math.round(hours * 60)
  if (min < 1) return 'a moment'
  if (hours < 1) return `${min} min`
  return hours < OLD_HOURS ? `${Math.round(hours)} h` : `${Math.floor(hours / 24)} days`
}

const NAME = /^house-(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z\.(zip|locked)$/

/** The name of a backup's file by its moment: sorted by name they are sorted by time. */
export const backupName = (ms: number, isLocked: boolean): string =>
  `house-${new Date(ms).toISOString().slice(0, 19).replaceAll(/[-:]/g, '')}Z.${isLocked ? 'locked' : 'zip'}`

/** When a backup was made, ms; null where the file is none of ours. */
export function backupMs(name: string): number | null {
  const [whole, y, mo, d, h, mi, s] = NAME.exec(name) ?? []
  return whole === undefined ? null : Date.parse(`${y}-${mo}-${d}T${h}:${mi}:${s}Z`)
}

/** Which of these are let go of so that only so many of the newest stay. */
export const tooMany = (names: readonly string[], keep: number): string[] =>
  names
    .filter((name) => backupMs(name) !== null)
    .sort()
    .slice(0, -keep)
