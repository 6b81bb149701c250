'use server'

import { z } from 'zod'
import type { Result } from '@/core/result'
import { beginBackup, beginRestore } from '@/service/archive/archiveJob'
import { ArchiveAsked, archivePath, lookInto, type LookedInto } from '@/service/archive/inAndOutView'
import { BackupsAsked, keepBackups } from '@/service/archive/keepBackups'
import { noteRestore } from '@/service/archive/noteRestore'
import { answered } from '../../answered'

const PAGE = '/rules/in-and-out'

/** Begins a backup; it goes on by itself. */
export async function backUpNow(): Promise<Result<null>> {
  return answered('out', z.strictObject({}), {}, async () => beginBackup(), PAGE)
}

export async function saveBackups(input: unknown): Promise<Result<{ version: number }>> {
  return answered('out', BackupsAsked, input, (asked, { nowMs }, who) => keepBackups(asked, who.name, nowMs), PAGE)
}

/** What an archive holds, before anybody brings it back. */
export async function lookIntoArchive(input: unknown): Promise<Result<LookedInto>> {
  return answered('out', ArchiveAsked, input, lookInto)
}

/** Brings a house back beside this one, and opens it; this one stays as it is. */
export async function bringBack(input: unknown): Promise<Result<null>> {
  return answered('out', ArchiveAsked, input, async (asked, house, who) => {
    const path = await archivePath(asked.name, house)
    if (!path.ok) return path
    await noteRestore(asked.name, who.name, house.nowMs)
    return beginRestore({ ...asked, path: path.value }, house.demo)
  })
}
