import { isTender } from '../health'
import { THIN_SKIN, type ZoneId } from '../zones'
import type { CareFacts, CautionRule, CutThere, Here } from './facts'

type CutIs = (cut: CutThere, zone: ZoneId) => boolean
const anyCut: CutIs = () => true
const clipped: CutIs = ({ method }) => method === 'clip' || method === 'comb'

/** The first zone of this stage that is called and cut so. */
const at =
  (called: readonly ZoneId[], is: CutIs = anyCut) =>
  ({ zones, facts }: Here): ZoneId | undefined =>
    zones.find((zone) => called.includes(zone) && facts.cutsAt(zone).some((cut) => is(cut, zone)))

const BY_THE_EAR: readonly ZoneId[] = ['skull', 'visor', 'brow', 'cheek', 'ear-out', 'ear-in', 'ear-edge']
/** A 10 and finer, mm: with these a blade meets skin. Source: common practice. */
const BARE_MM = 1.5

const intactWords = ({ sex }: CareFacts): string =>
  sex === 'female'
    ? 'Cover the nipples with a hand.'
    : sex === 'male'
      ? 'Cover the genitals with a hand.'
      : 'Cover with a hand: genitals on a male, nipples on a female.'

/** Cautions of the zones that a stage works on. Source of all: common practice. */
export const ZONE_RULES: readonly CautionRule[] = [
  {
    id: 'band-off-leather',
    level: 'must',
    fires: at(BY_THE_EAR, ({ method }) => method === 'band'),
    why: 'Slide a comb tail between band and ear skin, a finger through: a band on the leather costs the ear.',
  },
  {
    id: 'mouth-shut',
    level: 'must',
    fires: at(['lips', 'chin', 'muzzle']),
    why: 'Hold the jaw shut at lips and chin: the tongue comes out between the teeth of the blade.',
  },
  {
    id: 'ear-pocket',
    level: 'must',
    fires: at(['ear-edge', 'ear-out', 'ear-in']),
    why: 'Thumb over the ear pocket: the fold at the outer edge is easily cut.',
  },
  {
    id: 'leather-flat',
    level: 'must',
    fires: at(['ear-out', 'ear-in', 'ear-edge'], clipped),
    why: 'Hold the leather flat, slowly, out toward the edge.',
  },
  {
    id: 'no-open-shear-under-foot',
    level: 'must',
    fires: at(['forefoot', 'hindfoot', 'pads']),
    why: 'Foot low, tips only, never scissor blind under a lifted foot.',
  },
  {
    id: 'skin-fold',
    level: 'must',
    fires: at(['armpit', 'tuck', 'belly']),
    why: 'Stretch the fold, clip across it, not along.',
  },
  {
    id: 'finish-teeth-only',
    level: 'must',
    fires: ({ stage, zones, facts }) =>
      at(THIN_SKIN, clipped)({ stage, zones, facts }) ??
      (facts.behaviourAt(stage) >= 3 ? at(zones, clipped)({ stage, zones, facts }) : undefined),
    why: 'No skip-tooth blade on thin skin or on a dog that jumps: it takes up skin.',
  },
  {
    id: 'gentler-blade',
    level: 'should',
    fires: (here) =>
      at(
        here.zones,
        ({ method, lengthMm }, zone) =>
          method === 'clip' && lengthMm <= BARE_MM && isTender(here.facts.dog, here.facts.health, zone, null),
      )(here),
    why: 'A 10 instead of a 15, no bare 30 or 40 on face or feet: this skin marks easily.',
  },
  {
    id: 'sanitary-outward',
    level: 'must',
    fires: at(['sanitary']),
    why: 'Away from the anus in all directions, not to the skin.',
  },
  { id: 'mind-genitals', level: 'must', fires: at(['belly', 'sanitary']), why: intactWords },
  {
    id: 'eye-points',
    level: 'must',
    fires: at(['eye-corner', 'visor', 'lashes']),
    why: 'Points never toward the eye, hold the muzzle; fine thinners or a 10.',
  },
  {
    id: 'eye-debris',
    level: 'should',
    fires: (here) =>
      here.facts.health.some(({ kind }) => kind === 'crust') ? at(['eye-corner', 'lashes'])(here) : undefined,
    why: 'Soften the crusts first, never pull them dry.',
  },
]
