import type { BuildId } from './builds'

/** A dog's own measures, mm: neck from withers to occiput, skull from stop to occiput, muzzle from nose to stop. */
export interface Measures {
  height: number
  length: number
  neck: number
  chestDepth: number
  skull: number
  muzzle: number
  earLeather: number
  tail: number
}

/** A usual dog of each build, mm. Invented from general knowledge of dogs. */
const USUAL: Record<BuildId, Measures> = {
  square: { height: 520, length: 520, neck: 195, chestDepth: 235, skull: 112, muzzle: 112, earLeather: 120, tail: 190 },
  'long-low': { height: 260, length: 340, neck: 86, chestDepth: 162, skull: 92, muzzle: 76, earLeather: 62, tail: 125 },
  toy: { height: 220, length: 235, neck: 82, chestDepth: 100, skull: 66, muzzle: 38, earLeather: 48, tail: 100 },
  sporting: { height: 620, length: 650, neck: 215, chestDepth: 292, skull: 140, muzzle: 134, earLeather: 145, tail: 330 },
  racy: { height: 460, length: 470, neck: 200, chestDepth: 225, skull: 95, muzzle: 98, earLeather: 80, tail: 270 },
  heavy: { height: 680, length: 740, neck: 200, chestDepth: 368, skull: 168, muzzle: 124, earLeather: 122, tail: 350 },
} // prettier-ignore

/** The build's measures, scaled to the height and length of the dog in front of us (cm). */
export function measuresOf(id: BuildId, heightCm?: number | null, lengthCm?: number | null): Measures {
  const usual = USUAL[id]
  const tall = heightCm ? (heightCm * 10) / usual.height : lengthCm ? (lengthCm * 10) / usual.length : 1
  const scaled = Object.fromEntries(Object.entries(usual).map(([name, mm]) => [name, mm * tall])) as unknown as Measures
  return lengthCm ? { ...scaled, length: lengthCm * 10 } : scaled
}
