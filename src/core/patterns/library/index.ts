import { comb, leave, line, scissor, thin, tool, type Pattern, type PatternId } from './types'

/** Done on every dog whatever the style. Lengths are what the tool leaves. Source: common practice. */
export const EVERY_DOG = [
  line(['all'], leave, 'Nothing asked here.'),
  line(['pads'], tool('30'), 'Pads are cleared so that the foot grips.', 'line'),
  line(['sanitary'], tool('10'), 'Kept short for cleanness, never to the skin.'),
  line(['eye-corner'], tool('10'), 'The corners are cleared to a small V.', 'line'),
]

/** The patterns drawn up so far. Tools are common practice; scissored lengths are from memory. */
export const LIBRARY: Partial<Record<PatternId, Pattern>> = {
  'one-length': {
    label: 'One length',
    inWords: 'the same length everywhere, face and tail base short, head, ears and tail scissored round',
    face: 'shaved',
    lines: [
      line(['body', 'legs'], comb('2'), 'One comb for body and legs.'),
      line(['sanitary'], tool('10'), 'Kept short for cleanness, never to the skin.'),
      line(['face'], tool('10'), 'Face short, a 10 before a 15.', 'taper'),
      line(['feet'], tool('10'), 'Feet short like the face.', 'line'),
      line(['pads'], tool('30'), 'Pads are cleared so that the foot grips.', 'line'),
      line(['skull', 'visor'], scissor(25), 'Head scissored round.', 'blend', 'round'),
      line(['brow'], scissor(15), 'Brows scissored, never combed off.'),
      line(['ear-out', 'ear-edge'], scissor(25), 'Ears scissored round.', 'line', 'round'),
      line(['ear-in'], tool('10'), 'Air to the ear.'),
      line(['tail'], scissor(50), 'Tail scissored round.', 'taper', 'oval'),
      line(['tail-base'], tool('10'), 'Tail base short, the tail stands free.', 'line'),
    ],
  },
  teddy: {
    label: 'Teddy',
    inWords: 'rounded head, bobbed ears, short body, fuller legs',
    face: 'bearded',
    lines: [
      line(['body'], tool('4F', 'against'), 'Short body against the coat.'),
      line(['legs'], tool('5F'), 'Legs a little fuller than the body.'),
      line(['sanitary'], tool('10'), 'Kept short for cleanness, never to the skin.'),
      line(['head'], thin(15), 'Thinning shears, so that no line shows.'),
      line(['skull'], comb('4'), 'A quarter inch under the round of the head.', 'blend', 'round'),
      line(['bridge'], thin(12), 'The bridge is thinned, never shaved.'),
      line(['brow'], scissor(15), 'Brows scissored: a combed brow scowls.'),
      line(['chin'], thin(18), 'The chin carries the round of the face.', 'blend', 'round'),
      line(['ear-edge'], thin(15), 'Ears bobbed inside the round.', 'blend', 'bob'),
      line(['ear-in'], tool('10'), 'Air to the ear.'),
      line(['lashes'], leave, 'Lashes stay.'),
      line(['eye-corner'], tool('10'), 'The corners are cleared to a small V.', 'line'),
      line(['feet'], scissor(12), 'Feet round.', 'blend', 'round'),
      line(['pads'], tool('30'), 'Pads are cleared so that the foot grips.', 'line'),
      line(['tail'], thin(45), 'Tail thinned to a soft plume.', 'taper', 'plume'),
      line(['tail-base'], tool('5F'), 'Runs from the body into the tail.', 'taper'),
    ],
  },
  'terrier-jacket': {
    label: 'Terrier jacket',
    inWords: 'short jacket, flat work in front, beard, brows and leg furnishings, carrot tail',
    face: 'bearded',
    lines: [
      line(['back', 'side', 'rump'], comb('1'), 'The jacket.'),
      line(['neck', 'shoulder', 'chest'], comb('1½'), 'Flat work, one comb shorter than the jacket.', 'taper'),
      line(['throat', 'cheek', 'skull'], tool('7F'), 'Flat work from the ear corner down.', 'blend'),
      line(['ear-out', 'ear-in', 'ear-edge'], tool('10'), 'Ears clean.', 'line'),
      line(['brow'], scissor(30), 'Brows kept, cut to a slant.', 'line'),
      line(['visor'], scissor(20), 'Fall between the brows opened.'),
      line(['muzzle', 'chin'], scissor(50), 'Beard kept and squared.', 'line', 'beard'),
      line(['bridge'], scissor(10), 'A straight line from skull to nose.'),
      line(['foreleg', 'stifle', 'hock'], scissor(35), 'Furnishings straight to the foot.', 'blend', 'column'),
      line(['thigh'], comb('1'), 'Blend line from the elbow to the point of the rump.', 'taper'),
      line(['leg-inside', 'armpit'], comb('4'), 'Short where it mats.'),
      line(['skirt', 'tuck'], scissor(40), 'The underline rises to the tuck.', 'blend', 'hem'),
      line(['belly', 'sanitary'], leave, 'Only if asked.'),
      line(['feet'], scissor(15), 'Feet round and tight.', 'blend', 'round'),
      line(['pads'], tool('30'), 'Pads are cleared so that the foot grips.', 'line'),
      line(['tail'], comb('1½'), 'The back of the tail short.', 'blend', 'carrot'),
      line(['tail-tip'], scissor(8), 'The tip no longer than the bone.', 'line', 'carrot'),
    ],
  },
  'bath-tidy': {
    label: 'Bath and tidy',
    inWords: 'between visits: bath, sanitary, pads, eye corners, visor',
    face: 'bearded',
    lines: [line(['visor'], thin(18), 'The eyes stay open until the next full groom.', 'blend')],
  },
}
