import { database } from '@/data/connection'
import { hasMark, setMark } from '@/data/marks'
import { NewerDatabase, migrate } from '@/data/migrations'
import { makeDemo } from '@/demo'
import { rebuildFacts } from '@/service/insight/rebuildFacts'

/** Brings the tables up to date and fills an empty house with the demo. Prints what was done. */
async function main(): Promise<void> {
  const open = database()
  const ran = await migrate(open)
  if (await isHalfMade()) {
    // Nobody has worked in it yet: a demo that was cut off is made anew from the first table.
    await open.sequelize.getQueryInterface().dropAllTables()
    await migrate(open)
  }
  await rebuildFacts()
  const empty = (await open.models.dog.count()) === 0
  const demo = empty ? await wholeDemo() : null
  await open.sequelize.close()
  const said = [ran.length > 0 ? `${ran.length} table changes` : 'no table changes', demo ?? 'data kept']
  process.stdout.write(said.join(', '))
}

const BEGUN = 'demo-begun'
const MADE = 'demo-made'
const isHalfMade = async () => (await hasMark(BEGUN)) && !(await hasMark(MADE))

async function wholeDemo(): Promise<string> {
  await setMark(BEGUN, Date.now())
  const said = await makeDemo(Date.now())
  await setMark(MADE, Date.now())
  return said
}

/** The exit code that says: these words are for the person at the terminal. */
const SAID = 3

process.env.KOVIT_CALL_MS = '0' // a change of the tables may take its time
void main().catch((error: unknown) => {
  const said = error instanceof NewerDatabase
  process.stderr.write(`${said || !(error instanceof Error) ? String((error as Error).message) : error.stack}\n`)
  process.exit(said ? SAID : 1)
})
