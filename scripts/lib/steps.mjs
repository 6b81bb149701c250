// What start and test share: saying what is done and how long it took, and ending with one clear sentence.

/** A fault a person can mend; its message is the sentence to print. */
export class Trouble extends Error {}

const SENTENCES = {
  ENOSPC: 'The disk is full. Free some space and start again; nothing that was saved is lost.',
  EACCES: 'A right is missing to write here. Give your user write access to this folder.',
  EPERM: 'A right is missing to write here. Give your user write access to this folder.',
  EROFS: 'This folder is on a read-only disk. Put Kovit where your user may write.',
}

/** Runs one step and prints its name and time. */
export async function step(name, work) {
  process.stdout.write(`${name} … `)
  const from = Date.now()
  const said = await work()
  process.stdout.write(`${typeof said === 'string' ? `${said}, ` : ''}${((Date.now() - from) / 1000).toFixed(1)} s\n`)
  return said
}

/** Prints a fault as one sentence where it is one we know; returns the exit code. */
export function explain(error) {
  const known =
    error instanceof Trouble
      ? error.message
      : SENTENCES[error?.code] && `${SENTENCES[error.code]} (${error.path ?? error.code})`
  process.stderr.write(`\n${known ?? error?.stack ?? error}\n`)
  return 1
}
