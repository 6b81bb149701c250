/** Findings that stop the hand: note it, tell the owner, vet. Kovit is no vet. Source: common practice. */
const REFER: Record<string, string> = {
  sore: 'An open sore: leave it alone, note it, tell the owner, vet.',
  'hot-spot': 'A hot spot: leave it alone, note it, tell the owner, vet.',
  'ear-smell': 'The ear smells: no plucking, no deep cleaning, vet.',
  'ear-discharge': 'The ear runs: no plucking, no deep cleaning, vet.',
  'lump-new': 'A new lump: note its place and size, tell the owner, vet.',
  'lump-changed': 'A lump that has changed: note its size, tell the owner, vet.',
  limp: 'A limp: leave that leg alone, tell the owner, vet.',
  breathing: 'Laboured breath: stop here, tell the owner, vet now.',
}

export const refers = (kind: string): boolean => kind in REFER
export const referWhy = (kind: string): string => REFER[kind] ?? ''

/** A dog in the cabinet is looked in on this often, minutes. Source: common practice. */
export const CABINET_CHECK_MIN = 5

/** Standing facts that keep a dog out of the warm-air cabinet. Source: common practice; ages likewise. */
const NO_CABINET_KINDS = ['heart', 'breathing', 'seizure']
/** Twelve years. */
export const OLD_MONTHS = 144
const YOUNG_MONTHS = 4

/** Whether a dog may wait in the cabinet: not flat-faced, ill at heart or breath, very old, very young or panicking. */
export function mayUseCabinet(
  dog: { ageMonths?: number; faceShape?: string },
  kinds: ReadonlySet<string>,
  dryer: number,
): boolean {
  const age = dog.ageMonths ?? 60
  const ill = NO_CABINET_KINDS.some((kind) => kinds.has(kind))
  return !ill && dog.faceShape !== 'flat' && age < OLD_MONTHS && age >= YOUNG_MONTHS && dryer < 4
}
