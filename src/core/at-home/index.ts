import type { CoatId } from '../coat'

/** What an owner does at home until the next time, by coat. */
interface AtHome {
  brush: string
  wash: string
}

const TO_THE_SKIN = 'Go in layers down to the skin, then comb: where the comb stops, the brush was not through.'
const NEVER_WET = 'Brush before a bath, never a knot that is wet: water pulls it tight.'

/** Source: common practice; how often is from memory. */
// prettier-ignore
const AT_HOME: Record<CoatId, AtHome> = {
  curly:  { brush: `Brush every second day. ${TO_THE_SKIN}`, wash: NEVER_WET },
  fleece: { brush: `Brush every day behind the ears, under the harness and inside the legs, all over twice a week. ${TO_THE_SKIN}`, wash: NEVER_WET },
  cotton: { brush: `Brush every day. ${TO_THE_SKIN}`, wash: NEVER_WET },
  drop:   { brush: `Brush every second day, with a light spray so that the ends do not break. ${TO_THE_SKIN}`, wash: NEVER_WET },
  silky:  { brush: 'Brush every second day; feathers, ears and tail first.', wash: NEVER_WET },
  wire:   { brush: 'Brush once a week, and comb legs and beard twice.', wash: 'Wash seldom: shampoo softens a harsh coat. The beard can be rinsed after meals.' },
  double: { brush: 'Brush once a week, every day while it sheds: undercoat first, along the way it grows.', wash: 'Dry it to the skin after a swim: a damp undercoat gets sore.' },
  smooth: { brush: 'Brush once a week with a rubber brush.', wash: 'Wash when it is dirty, not oftener.' },
}

/** What is done at home for a coat. */
export const atHome = (coat: CoatId): AtHome => AT_HOME[coat]

/** What is watched for, whatever was found; a vet says what it is. Source: common practice. */
export const WATCH_FOR = [
  'Shaking the head, scratching or a smell from the ears: ask your vet.',
  'Skin that is red or warm a day after the groom, or a place that is licked: ask your vet.',
] as const
