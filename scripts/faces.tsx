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
const COTTON: FigureDog = { build: 'toy', coat: 'cotton' }
const WIRE: FigureDog = { build: 'square', coat: 'wire', ears: 'folded' }
const SILKY: FigureDog = { build: 'sporting', coat: 'silky', ears: 'long' }
const PRICKED: FigureDog = { build: 'long-low', coat: 'drop', ears: 'pricked' }

/** Twelve faces: dogs by their build, coat and face, each in a trim of the trade. */
export const FACES: readonly FacePicture[] = [
  {
    words: 'flat face, hanging, kept long',
    dog: FLAT,
    card: trim(70, { bridge: 6, 'eye-corner': 3, skull: 60, visor: 55 }),
  },
  {
    words: 'flat face, hanging, round',
    dog: FLAT,
    card: trim(18, { bridge: 4, visor: [14, 'arch'], 'eye-corner': 2, 'ear-edge': 28 }),
  },
  { words: 'flat face, hanging, short', dog: FLAT, card: trim(3) },
  {
    words: 'curly, clean face, topknot',
    dog: CURLY,
    card: trim(1.5, { skull: [70, 'dome'], visor: 22, 'ear-edge': 40, 'ear-out': 30 }),
  },
  {
    words: 'curly, teddy',
    dog: CURLY,
    card: trim(22, { bridge: 4, 'eye-corner': 2, skull: [26, 'round'], 'ear-edge': [22, 'bob'] }),
  },
  {
    words: 'cotton, one round head',
    dog: COTTON,
    card: trim(25, {
      skull: [28, 'round'],
      cheek: [28, 'round'],
      bridge: 4,
      'eye-corner': 2,
      visor: [18, 'arch'],
      'ear-edge': [20, 'round'],
    }),
  },
  {
    words: 'wire, brows and beard',
    dog: WIRE,
    card: trim(3, { brow: 32, muzzle: 34, chin: 60, lips: 34, bridge: 5, visor: 3 }),
  },
  { words: 'wire, short beard', dog: WIRE, card: trim(4, { brow: 16, muzzle: 16, chin: 24, lips: 16, bridge: 4 }) },
  { words: 'silky, feathered ears', dog: SILKY, card: trim(4, { skull: 8, 'ear-edge': 70, 'ear-out': 30 }) },
  {
    words: 'pricked, hanging, long',
    dog: PRICKED,
    card: trim(60, { bridge: 8, 'ear-out': 6, 'ear-in': 3, 'ear-edge': 8, visor: 45 }),
  },
  { words: 'pricked, hanging, short face', dog: PRICKED, card: trim(9, { 'ear-out': 4, 'ear-edge': 4 }) },
  {
    words: 'fleece, hanging ears, visor',
    dog: { build: 'square', coat: 'fleece' },
    card: trim(35, { bridge: 10, visor: 30, 'eye-corner': 3, 'ear-edge': 55 }),
  },
]

/** One face in one length everywhere, mm. */
export const growingFace = (): (FacePicture & { view: ViewId })[] =>
  [2, 6, 12, 20, 35, 55, 85, 120].map((mm) => ({
    words: `${mm} mm`,
    dog: FLAT,
    card: trim(mm, { 'eye-corner': 2, bridge: Math.min(mm, 6) }),
    view: 'head-front',
  }))
