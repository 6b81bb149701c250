/** Signs of misuse stand in the log of the pages, by numbers: no name, no secret, nothing that was sent. */
export const logSecurity = (words: string): void =>
  void process.stdout.write(`${new Date().toISOString()} door: ${words}\n`)
