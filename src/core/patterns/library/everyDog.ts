import { leave, line, tool } from '../types'

/** Done on every dog whatever the style. Source: common practice. */
export const EVERY_DOG = [
  line(['all'], leave, 'Not part of this style, so it stays.'),
  line(['lashes'], leave, 'Lashes stay unless the owner says otherwise.'),
  line(['pads'], tool('30'), 'Pads are cleared so that the foot grips.', 'line'),
  line(['sanitary'], tool('10'), 'Kept short for cleanness, never to the skin.'),
  line(['eye-corner'], tool('10'), 'The corners are cleared to a small V.', 'line'),
]
