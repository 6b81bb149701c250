import type { SchoolId } from './schools'

interface School {
  /** What is decided. */
  asks: string
  /** Each choice in words, and what its side says. Source of all: common practice. */
  choices: Record<string, { words: string; says: string }>
}

/** The schools of the trade with the reasons of every side; a house chooses, Kovit does not. */
export const SCHOOLS: Record<SchoolId, School> = {
  earHair: {
    asks: 'Hair in the ear canal',
    choices: {
      pluck: { words: 'pluck', says: 'Air in the canal against infection. Never on a sore ear: vet.' },
      clip: { words: 'clip', says: 'Short at the opening; plucking itself may inflame.' },
      leave: { words: 'leave', says: 'A healthy ear needs nothing done to it.' },
    },
  },
  earsWhen: {
    asks: 'Ears are cleaned',
    choices: {
      'before-bath': { words: 'before the bath', says: 'What comes out is washed away.' },
      'after-bath': { words: 'after the bath', says: 'Water left in causes trouble, so clean after.' },
    },
  },
  nailsWhen: {
    asks: 'Nails are cut',
    choices: {
      'before-bath': { words: 'before the bath', says: 'Done while the dog is fresh; a bleeding quick is washed.' },
      'in-bath': { words: 'in the bath', says: 'Softer and the clipper is quieter; it fills the conditioner’s wait.' },
      'after-dry': { words: 'after the dry', says: 'On a clean, dry foot the quick is seen best.' },
    },
  },
  roughIn: {
    asks: 'Rough-in before the bath',
    choices: {
      auto: {
        words: 'when it pays',
        says: 'When more than a third of the coat comes off, or the dog hates the dryer.',
      },
      always: { words: 'always', says: 'Saves shampoo and drying.' },
      never: { words: 'never', says: 'Dirt blunts blades; a clean coat shows its true length.' },
    },
  },
  faceFeetWhen: {
    asks: 'Face and feet are shaved',
    choices: {
      'before-bath': { words: 'before the bath', says: 'Clippings are washed away, and less is dried.' },
      'after-dry': { words: 'after the dry', says: 'When the dog is young or wriggles, it has tired by then.' },
    },
  },
  brushFirst: {
    asks: 'Brush out',
    choices: {
      'before-rough': { words: 'before the rough-in', says: 'A brushed coat feeds the blade better.' },
      'after-rough': { words: 'after the rough-in', says: 'Brushing coat that comes off anyway is wasted time.' },
    },
  },
  footLift: {
    asks: 'Feet are cut',
    choices: {
      'on-table': { words: 'standing', says: 'Standing keeps the legs straight.' },
      lifted: { words: 'lifted', says: 'Only low, only a trusted dog, never open shears under the pad.' },
    },
  },
  startAt: {
    asks: 'The trim starts at',
    choices: {
      body: { words: 'the body', says: 'The legs are joined to its length; the head comes last.' },
      front: { words: 'the front', says: 'The front is hardest to balance, so it is done with fresh eyes.' },
      rear: { words: 'the rear', says: 'The dog gets used to the tool where it sees it least.' },
      head: { words: 'the head', says: 'The head is never left with whatever time remains.' },
    },
  },
  bridge: {
    asks: 'The bridge of the nose',
    choices: {
      leave: { words: 'leave', says: 'Once shaved, a fuller face is months away.' },
      clip: { words: 'clip', says: 'A clean line and open eyes.' },
    },
  },
  backbrush: {
    asks: 'Back-brush before cutting',
    choices: {
      yes: { words: 'yes', says: 'Standing hair is cut to one length.' },
      no: { words: 'no', says: 'Not on coat that falls anyway.' },
    },
  },
  tableLift: {
    asks: 'A heavy dog gets on to the table',
    choices: {
      'by-hand': { words: 'lifted by hand', says: 'Over what one person should lift, two lift together.' },
      'electric-or-ramp': {
        words: 'by a low table or a ramp',
        says: 'The table comes down, or the dog walks up: nobody lifts.',
      },
    },
  },
  difficultDog: {
    asks: 'A difficult dog',
    choices: {
      'short-and-kind': { words: 'short and kind', says: 'Firm, quiet, no fuss, done fast.' },
      'explore-first': { words: 'explore first', says: 'A young dog sniffs the tools, with many stops.' },
    },
  },
}
