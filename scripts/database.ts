import { oneAtATime } from '@/data/archive/oneAtATime'
import { database } from '@/data/connection'
import { readHouse } from '@/data/house'
import { hasMark, setMark } from '@/data/marks'
import { NewerDatabase, migrate } from '@/data/migrations'
import { makeDemo } from '@/demo'
import { DEMO_MADE } from '@/service/house/openHouse'
import { rebuildFacts } from '@/service/insight/rebuildFacts'

/** Brings the tables up to date, and with --demo fills an empty book with the demo. Prints what was done. */
async function main(): Promise<void> {
  const open = database()
  const ran = await migrate(open)
  const asked = process.argv.includes('--demo')
  await keepApart(asked)
  if (await isHalfMade()) {
    if (!asked)
      throw new NotThisHouse(
        'This database holds half a demo, cut off while it was made. Start once more with --demo, and it is made anew.',
      )
    // Nobody has worked in it yet: a demo that was cut off is made anew from the first table.
    await open.sequelize.getQueryInterface().dropAllTables()
    await migrate(open)
  }
  await rebuildFacts((await readHouse())?.timeZone ?? 'UTC')
  const empty = (await open.models.house.count()) === 0
  const demo = asked && empty ? await wholeDemo() : null
  await open.sequelize.close()
  const said = [
    ran.length > 0 ? `${ran.length} table changes` : 'no table changes',
    demo ?? (empty ? 'an empty book' : 'data kept'),
  ]
  process.stdout.write(said.join(', '))
}

const BEGUN = 'demo-begun'
const isHalfMade = async () => (await hasMark(BEGUN)) && !(await hasMark(DEMO_MADE))

/** A sentence for the person at the terminal; nothing was changed. */
class NotThisHouse extends Error {}

/** The demo and a book of one's own are never mixed: a home is one or the other for good. */
async function keepApart(isDemo: boolean): Promise<void> {
  if (isDemo && (await hasMark(OWN)))
    throw new NotThisHouse(
      'This home holds a book of your own; the demo is never put into it. Start it with npm start -- --own.',
    )
  if (!process.argv.includes('--own')) return
  if (await hasMark(BEGUN))
    throw new NotThisHouse(
      'This home holds the demo. Leave KOVIT_HOME out, or name another folder, for a book of your own.',
    )
  await setMark(OWN, Date.now())
}
const OWN = 'own-book'

async function wholeDemo(): Promise<string> {
  await setMark(BEGUN, Date.now())
  const said = await makeDemo(Date.now())
  await setMark(DEMO_MADE, Date.now())
  return said
}

/** The largest house is brought up to date in less, s. From memory. */
const LONGEST_S = 3600

/** The exit code that says: these words are for the person at the terminal. */
const SAID = 3

process.env.KOVIT_CALL_MS = '0' // a change of the tables may take its time
// Of several servers on one database that start together one brings the tables up to date; the others wait for it.
void oneAtATime('kovit tables', () => main().then(() => 'done'), LONGEST_S)
  .then((done) => {
    if (done === null)
      throw new NotThisHouse('Another server has been at the tables of this house for an hour. Look what it does.')
  })
  .catch((error: unknown) => {
    const said = error instanceof NewerDatabase || error instanceof NotThisHouse
    process.stderr.write(`${said || !(error instanceof Error) ? String((error as Error).message) : error.stack}\n`)
    process.exit(said ? SAID : 1)
  })
