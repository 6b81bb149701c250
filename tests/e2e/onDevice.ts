import type { WebDriver } from 'selenium-webdriver'

/** Does something with a store of the browser's own database, past the app: `photos.count()`, `outbox.getAll()`. */
export function onDevice<T>(driver: WebDriver, ask: string): Promise<T> {
  const [store = ''] = ask.split('.')
  return driver.executeAsyncScript<T>(`
    const done = arguments[arguments.length - 1]
    indexedDB.databases().then((all) => {
      const opening = indexedDB.open(all.map(({ name }) => name).find((each) => each.startsWith('kovit ')))
      opening.onsuccess = () => {
        const database = opening.result
        const transaction = database.transaction('${store}', 'readwrite')
        const ${store} = transaction.objectStore('${store}')
        const asked = ${ask}
        transaction.oncomplete = () => { database.close(); done(asked.result) }
      }
    })`)
}
