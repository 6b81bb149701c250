import { openHouse as readOpenHouse } from '@/service/house/openHouse'
import { letIn, makeCode } from '@/service/who/devices'
import { openBook } from '@/service/who/firstOwner'
import { changeOwn } from '@/service/who/ownSecrets'
import { signIn, takeTable } from '@/service/who/signIn'
import { whoAsks, type Shown } from '@/service/who/whoAsks'
import { openHouse } from '../tests/data/house'

const RUNS = 50
const PASSPHRASE = 'gulls over the ropewalk'
const HOUSE = { name: 'Slip and Shear', place: 'Quay', timeZone: 'UTC', unit: 'mm', works: 'salon' } as const

/** What the server takes to let somebody in: by passphrase, by PIN, and to know them at each request. ms */
export async function atTheTable(): Promise<{ what: string; took: number[] }[]> {
  const { server, database } = await openHouse('.kovit-test/bench-table', false)
  const nobody: Shown = { signIn: null, device: null, outside: false }
  const house = () => readOpenHouse()
  const timed = async (what: string, go: () => Promise<unknown>) => {
    const took: number[] = []
    for (let run = 0; run < RUNS; run++) {
      const from = performance.now()
      await go()
      took.push(performance.now() - from)
    }
    return { what, took }
  }
  try {
    const opened = await openBook({ ...HOUSE, you: 'Wren', passphrase: PASSPHRASE }, nobody)
    if (!opened.ok) throw new Error(JSON.stringify(opened.problems))
    const wren: Shown = { ...nobody, ...opened.value }
    const who = await whoAsks(wren, await house())
    if (!who) throw new Error('nobody is signed in')
    await changeOwn({ current: PASSPHRASE, pin: '8352' }, who, wren, await house())
    const made = await makeCode({ device: 'tablet' }, who, await house())
    const device = made.ok ? await letIn({ code: made.value.code }, await house()) : made
    if (!device.ok) throw new Error(JSON.stringify(device.problems))
    const tablet: Shown = { signIn: null, device: device.value.device, outside: true }
    return [
      await timed('sign in by passphrase', async () =>
        signIn({ name: 'Wren', passphrase: PASSPHRASE }, nobody, await house()),
      ),
      await timed('the table by four figures', async () =>
        takeTable({ staffId: who.id, pin: '8352' }, tablet, await house()),
      ),
      await timed('who asks, at each request', async () => whoAsks(wren, await house())),
    ]
  } finally {
    await database.sequelize.close()
    await server.stop()
  }
}
