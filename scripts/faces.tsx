import type { FigureDog, ViewId } from '../src/core/figure'
import type { CardEntry } from '../src/core/request'
import type { ZoneId } from '../src/core/zones'

type Trim = Partial<Record<ZoneId, number | readonly [mm: number, shape: string]>>

interface FacePicture {
  words: string
  dog: FigureDog
  card: readonly Pick<CardEntry, 'zone' | 'lengthMm' | 'shape' | 'join'>[]
}

const HEAD: readonly ZoneId[] = [
  'skull',
  'visor',
  'brow',
  'eye-corner',
  'lashes',
  'bridge',
  'muzzle',
  'lips',
  'chin',
  'cheek',
  'ear-out',
  'ear-in',
  'ear-edge',
  'throat',
]

/** A trim of a head: so long everywhere, but for what is named. */
const trim = (mm: number, but: Trim = {}): FacePicture['card'] =>
  HEAD.map((zone) => {
    const own = but[zone]
    const [lengthMm, shape] = own === undefined ? [mm, null] : typeof own === 'number' ? [own, null] : own
    return { zone, lengthMm, shape, join: 'blend' }
  })

const FLAT: FigureDog = { build: 'toy', coat: 'drop', faceShape: 'flat' }
const CURLY: FigureDog = { build: 'square', coat: 'curly' }
const WIRE: FigureDog = { build: 'square', coat: 'wire', ears: 'folded' }
const PRICKED: FigureDog = { build: 'long-low', coat: 'drop', ears: 'pricked' }
const COTTON: FigureDog = { build: 'toy', coat: 'cotton' }
const SILKY: FigureDog = { build: 'sporting', coat: 'silky', ears: 'long' }
const FLEECE: FigureDog = { build: 'square', coat: 'fleece' }

const face = (words: string, dog: FigureDog, mm: number, but: Trim = {}): FacePicture => ({
  words,
  dog,
  card: trim(mm, but),
})

/** Four faces in three trims each, then four more: whose is it, and what was cut, must be seen with the words covered. */
export const FACES: readonly FacePicture[] = [
  face('flat face, kept long', FLAT, 70, { bridge: 6, 'eye-corner': 3, skull: 60, visor: 55 }),
  face('flat face, round', FLAT, 18, { bridge: 4, visor: [14, 'arch'], 'eye-corner': 2, 'ear-edge': 28 }),
  face('flat face, short', FLAT, 3),
  face('cotton, one round head', COTTON, 25, {
    skull: [28, 'round'],
    cheek: [28, 'round'],
    bridge: 4,
    'eye-corner': 2,
    visor: [18, 'arch'],
    'ear-edge': [20, 'round'],
  }),
  face('curly, clean face and topknot', CURLY, 1.5, { skull: [70, 'dome'], visor: 22, 'ear-edge': 40, 'ear-out': 30 }),
  face('curly, teddy', CURLY, 22, { bridge: 4, 'eye-corner': 2, skull: [26, 'round'], 'ear-edge': [22, 'bob'] }),
  face('curly, clipped short', CURLY, 6, { bridge: 3, 'eye-corner': 2, 'ear-edge': 8 }),
  face('silky, feathered ears', SILKY, 4, { skull: 8, 'ear-edge': 70, 'ear-out': 30 }),
  face('wire, brows and beard', WIRE, 3, { brow: 32, muzzle: 34, chin: 60, lips: 34, bridge: 5, visor: 3 }),
  face('wire, short beard', WIRE, 4, { brow: 16, muzzle: 16, chin: 24, lips: 16, bridge: 4 }),
  face('wire, clipped short', WIRE, 4),
  face('fleece, hanging ears, visor', FLEECE, 35, { bridge: 10, visor: 30, 'eye-corner': 3, 'ear-edge': 55 }),
  face('pricked, kept long', PRICKED, 60, { bridge: 8, 'ear-out': 6, 'ear-in': 3, 'ear-edge': 8, visor: 45 }),
  face('pricked, round', PRICKED, 22, { bridge: 5, 'eye-corner': 2, visor: [14, 'arch'], 'ear-out': 4, 'ear-edge': 4 }),
  face('pricked, short', PRICKED, 7, { 'ear-out': 4, 'ear-edge': 4 }),
  face('cotton, teddy', COTTON, 18, { bridge: 4, 'eye-corner': 2, visor: 12, 'ear-edge': [24, 'bob'] }),
]

/** One face in one length everywhere, mm. */
export const growingFace = (): (FacePicture & { view: ViewId })[] =>
  [2, 6, 12, 20, 35, 55, 85, 120].map((mm) => ({
    words: `${mm} mm`,
    dog: FLAT,
    card: trim(mm, { 'eye-corner': 2, bridge: Math.min(mm, 6) }),
    view: 'head-front',
  }))
