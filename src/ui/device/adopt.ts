import { deleteDB, openDB } from 'idb'
import { VisitEvent } from '@/core/visit'
import { keepEvents, keepPhoto, visitBench } from './store'

/** Where the first Kovits kept what waited: text by the number of the visit, later a store of the same name for all houses. */
const OUTBOX = /^kovit\.outbox\.(\d+)$/
const PHOTOS = /^kovit\.photos\.(\d+)$/
const FIRST_STORE = 'kovit'

/** Moves what an older Kovit kept in another place. It stays there until it is here. */
export async function adoptOlder(): Promise<void> {
  for (const key of Object.keys(localStorage)) {
    const [outbox, photos] = [OUTBOX.exec(key), PHOTOS.exec(key)]
    const kept: unknown = outbox || photos ? JSON.parse(localStorage.getItem(key) ?? 'null') : null
    if (outbox) await adoptEvents(Number(outbox[1]), Array.isArray(kept) ? kept : [])
    if (photos) await adoptPhotos(Number(photos[1]), (kept ?? {}) as Record<string, string>)
    if (outbox || photos) localStorage.removeItem(key)
  }
  await adoptFirstStore()
}

async function adoptEvents(visitId: number, stored: readonly unknown[]): Promise<void> {
  const events = stored.flatMap((each) => VisitEvent.safeParse(each).data ?? [])
  await keepEvents(
    events.map((event) => ({ bench: visitBench(visitId), event, steady: { ms: event.atMs, era: 0 }, sure: true })),
  )
}

async function adoptPhotos(visitId: number, stored: Record<string, string>): Promise<void> {
  for (const [id, url] of Object.entries(stored)) {
    const bytes = Uint8Array.from(atob(url.slice(url.indexOf(',') + 1)), (each) => each.charCodeAt(0))
    const jpeg = new Blob([bytes], { type: 'image/jpeg' })
    await keepPhoto({ id, bench: visitBench(visitId), jpeg, refused: null })
  }
}

/** Refused events of that store wait again here: they are refused once more, and then stand aside. */
async function adoptFirstStore(): Promise<void> {
  const there = (await indexedDB.databases?.()) ?? []
  if (!there.some(({ name }) => name === FIRST_STORE)) return
  const database = await openDB(FIRST_STORE)
  for (const name of database.objectStoreNames)
    for (const { visitId, event } of (await database.getAll(name)) as { visitId: number; event: unknown }[])
      await adoptEvents(visitId, [event])
  database.close()
  await deleteDB(FIRST_STORE)
}
