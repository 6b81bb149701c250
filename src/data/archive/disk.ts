/**
 * Files where a person wants them: outside of what is built. The bundler looks through whatever it sees being opened, and
 * would take the whole project along; it does not look here.
 */
export const disk = process.getBuiltinModule('node:fs/promises')
export const { createReadStream, createWriteStream, openAsBlob } = process.getBuiltinModule('node:fs')
