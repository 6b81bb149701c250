import { openDB, type IDBPDatabase } from 'idb'

/** What is being written on a page and not sent yet: kept on this device as it is typed, one of each page. */
const opened = new Map<string, Promise<IDBPDatabase>>()

const store = (houseKey: string): Promise<IDBPDatabase> => {
  const known = opened.get(houseKey)
  if (known) return known
  const fresh = openDB(`kovit-drafts ${houseKey}`, 1, {
    upgrade: (database) => void database.createObjectStore('drafts'),
  })
  opened.set(houseKey, fresh)
  return fresh
}

/** @throws DOMException where the browser keeps nothing, as in some private windows */
export const readDraft = async (houseKey: string, page: string): Promise<unknown> =>
  (await store(houseKey)).get('drafts', page)

export const keepDraft = async (houseKey: string, page: string, draft: unknown): Promise<void> =>
  void (await (await store(houseKey)).put('drafts', draft, page))

export const forgetDraft = async (houseKey: string, page: string): Promise<void> =>
  (await store(houseKey)).delete('drafts', page)
