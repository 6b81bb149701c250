import { fillDrawer, manyDogs } from '../tests/generated/dogs'
import { ask, served, type Asked } from './bench-served'

const DOGS = 5000
const SEARCHES = ['quill', 'qwill marsh', 'lagotto', '0173', 'brandreht', 'pu', 'søren', 'mochi penhale']

/** Dogs and the palette over a drawer of 5 000 dogs, on a throwaway database and a server of its own. */
export const drawerOfMany = (): Promise<Asked[]> =>
  served(
    '.kovit-test/bench-drawer',
    (database) => fillDrawer(database, manyDogs(DOGS), Date.now()),
    async (address) => {
      const post = (path: string, body: object) =>
        fetch(address + path, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json', Origin: address },
          body: JSON.stringify(body),
        })
      const search = (path: string) => (run: number) => post(path, { text: SEARCHES[run % SEARCHES.length] })
      return [
        await ask('Dogs, the page, of 5 000', () => fetch(`${address}/dogs`)),
        await ask('Dogs, those overdue', () => post('/dogs/list', { filter: 'overdue', sort: 'due' })),
        await ask('Dogs, a search', search('/dogs/list')),
        await ask('the palette', search('/find')),
      ]
    },
  )
