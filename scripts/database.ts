import { database } from '@/data/connection'
import { migrate } from '@/data/migrations'
import { makeDemo } from '@/demo'
import { rebuildFacts } from '@/service/insight/rebuildFacts'

/** Brings the tables up to date and fills an empty house with the demo. Prints what was done. */
async function main(): Promise<void> {
  const open = database()
  const ran = await migrate(open)
  await rebuildFacts()
  const empty = (await open.models.dog.count()) === 0
  const demo = empty ? await makeDemo(Date.now()) : null
  await open.sequelize.close()
  const said = [ran.length > 0 ? `${ran.length} table changes` : 'no table changes', demo ?? 'data kept']
  process.stdout.write(said.join(', '))
}

void main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`)
  process.exit(1)
})
