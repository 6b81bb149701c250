/** A seeded source of chance, so that every house gets the same demo. The generator is mulberry32, public domain. */
export interface Chance {
  share: () => number
  between: (low: number, high: number) => number
  /** About 1, spread by `sigma` on the log scale. */
  factor: (sigma: number) => number
  uuid: () => string
}

const HEX = '0123456789abcdef'

export function seeded(seed: number): Chance {
  let state = seed >>> 0
  const share = (): number => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
  const normal = () => Math.sqrt(-2 * Math.log(1 - share())) * Math.cos(2 * Math.PI * share())
  const hex = (digits: number) => {
    let text = ''
    for (let at = 0; at < digits; at++) text += HEX[Math.floor(share() * 16)]
    return text
  }
  return {
    share,
    between: (low, high) => low + (high - low) * share(),
    factor: (sigma) => Math.exp(sigma * normal()),
    uuid: () => `${hex(8)}-${hex(4)}-4${hex(3)}-8${hex(3)}-${hex(12)}`,
  }
}
