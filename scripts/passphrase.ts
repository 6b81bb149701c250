import { randomInt } from 'node:crypto'
import { dictionary } from '@zxcvbn-ts/language-common'
import { database } from '@/data/connection'
import { openHouse } from '@/service/house/openHouse'
import { resetPassphrase } from '@/service/who/ownSecrets'

/** Five words of a list of thousands, picked by chance: over 60 bits. */
const WORDS = 5
/** The exit code that says: these words are for the person at the terminal. */
const SAID = 3

async function main(name: string): Promise<void> {
  const { everybody } = await openHouse()
  const person = everybody.find((each) => each.name.toLowerCase() === name.toLowerCase())
  if (!person) {
    process.stderr.write(
      `Nobody called ${name} works here. There are: ${everybody.map((each) => each.name).join(', ')}.\n`,
    )
    process.exitCode = SAID
  } else {
    const list = dictionary['diceware-common'] as readonly string[]
    const passphrase = Array.from({ length: WORDS }, () => list[randomInt(list.length)]).join(' ')
    await resetPassphrase(person, passphrase, Date.now())
    process.stdout.write(
      `${person.name} signs in with this passphrase now; choose another one under House, You:\n\n  ${passphrase}\n\nWherever ${person.name} was signed in, they are signed out.\n`,
    )
  }
  await database().sequelize.close()
}

void main(process.argv[2] ?? '')
