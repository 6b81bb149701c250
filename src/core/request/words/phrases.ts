import type { Token } from './spoken'

const EARS = ['ear-out', 'ear-edge'] as const
const FEET = ['forefoot', 'hindfoot'] as const
const TAIL = ['tail', 'tail-tip'] as const
const FACE = ['face'] as const

/** Everything owners say besides zones, lengths and tools. Longest match wins. */
export const PHRASES: readonly [names: string, token: Token][] = [
  [
    'leave|leave alone|left|keep|kept|do not touch|dont touch|not touch|no touching|do not cut|dont cut|do not trim|dont trim|hands off|stay off|stay away from|save|preserve|spare|skip|alone|as is|as it is|as they are|as he is|as she is|the way it is|the way they are|how it is|how they are|untouched|uncut|grow|growing|grow out|let grow|growing out|dont take anything off|do not take anything off|take nothing off|nothing off|no scissors on|no clippers on|just brush|as they were',
    { is: 'keep' },
  ],
  [
    'shave|shaved|shaven|shave off|shaved off|clean shaven|clip off|clipped off|take it all off|all off|take off|get rid of|lose|remove|no|without|right down to the skin|down to the skin|bare',
    { is: 'shave' },
  ],
  ['off|off of|taken off|take off of', { is: 'off' }],
  [
    'off the floor|off the ground|off the table|clear of the floor|clear of the ground|above the floor|above the ground|from the floor|from the ground|not dragging|not dragging on the floor|not touching the floor|not touching the ground|clearing the floor|clearing the ground|short of the floor|not sweep the floor|not sweeping the floor',
    { is: 'clear' },
  ],
  [
    'same as last time|same length as last time|same length as before|same as usual|same as before|same as ever|same as always|same again|same as last visit|same as the last time|same as last groom|the same|same|as last time|like last time|as before|like before|as usual|the usual|usual|repeat last time|what we had last time|what you did last time|exactly like last time|same as usual|just like last time|as you did last time',
    { is: 'same' },
  ],
  [
    'except|except for|apart from|but not|excluding|other than|aside from|bar|minus|not including|just not|not on',
    { is: 'except' },
  ],
  ['and|plus|as well as|also|then|&', { is: 'and' }],
  ['but|though|while|whereas|however|although', { is: 'break' }],
  ['make|do|cut|trim|clip|take|have|go|use|run|put|give|bring', { is: 'verb' }],
  [
    'shorter|closer|tighter|more off|bit more off|bit off more|less long|not as long|not so long|too long|too fluffy|too full|higher|slimmer|smaller|take more off|down',
    { is: 'change', longer: false },
  ],
  [
    'longer|fuller|fluffier|thicker|less off|take less off|not as short|not so short|too short|too tight|bigger|less short|not quite as short|not quite so short|rounder and longer|up',
    { is: 'change', longer: true },
  ],
  [
    'a bit|bit|a little|little|a touch|touch|a tad|tad|slightly|a smidge|smidgen|a fraction|a shade|a wee bit|wee bit|a little bit|a tiny bit|ever so slightly',
    { is: 'much', much: 'touch' },
  ],
  [
    'much|a lot|lots|way|loads|considerably|far|a good bit|quite a bit|two sizes|two combs|two steps|a good deal',
    { is: 'much', much: 'much' },
  ],
  ['one size|one step|one comb|a size|a comb|one blade|a step', { is: 'much', much: 'plain' }],
  [
    'against|against the grain|against the coat|against the lay|against the hair|in reverse|reverse|reversed|backwards|against growth|against the growth',
    { is: 'lay', lay: 'against' },
  ],
  ['with the grain|with the coat|with the lay|with the hair|with growth|with the growth', { is: 'lay', lay: 'with' }],
  ['round|rounded|roundish|circular|cat like', { is: 'shape', shape: 'round', zones: [] }],
  ['bevel|bevelled|beveled|slanted', { is: 'shape', shape: 'bevel', zones: FEET }],
  ['column|columns', { is: 'shape', shape: 'column', zones: FEET }],
  ['clean', { is: 'shape', shape: 'clean', zones: [] }],
  [
    'clean feet|poodle feet|clean paws|shaved feet|clean shaved feet|poodle foot',
    { is: 'shape', shape: 'clean', zones: FEET },
  ],
  [
    'round feet|rounded feet|cat feet|round paws|teddy feet|teddy bear feet|rounded paws',
    { is: 'shape', shape: 'round', zones: FEET },
  ],
  ['natural', { is: 'shape', shape: 'natural', zones: [] }],
  ['clean face|poodle face|clean shaven face|shaved face|face clean', { is: 'shape', shape: 'shaved', zones: FACE }],
  ['plume|plumed|plumy', { is: 'shape', shape: 'plume', zones: TAIL }],
  ['flag|flagged', { is: 'shape', shape: 'flag', zones: TAIL }],
  ['carrot', { is: 'shape', shape: 'carrot', zones: TAIL }],
  ['pompon|pom pom|pompom|pom poms|pom', { is: 'shape', shape: 'pompon', zones: TAIL }],
  ['oval', { is: 'shape', shape: 'oval', zones: TAIL }],
  ['shaved tail|bare tail', { is: 'shape', shape: 'shaved', zones: TAIL }],
  ['bob|bobbed|bobbed ears|bob the ears', { is: 'shape', shape: 'bob', zones: EARS }],
  ['bell|bells|bell ears|bell shaped', { is: 'shape', shape: 'bell', zones: EARS }],
  ['tassel|tassels|tasselled|tassel ears', { is: 'shape', shape: 'tassel', zones: EARS }],
  [
    'ear tips shaved|shave the ear tips|tips shaved|shaved ear tips|shaved tips',
    { is: 'shape', shape: 'tips', zones: EARS },
  ],
  ['shaved ears|clean ears|ears shaved|ears clean', { is: 'shape', shape: 'shaved', zones: EARS }],
  [
    'teddy|teddy bear|teddy cut|teddy bear cut|teddy trim|teddy bear trim|teddy style',
    { is: 'pattern', pattern: 'teddy' },
  ],
  [
    'one length|one length all over|same length all over|all one length|one length everywhere',
    { is: 'pattern', pattern: 'one-length' },
  ],
  ['bath and tidy|bath and a tidy|bath n tidy|wash and tidy', { is: 'pattern', pattern: 'bath-tidy' }],
  ['terrier trim|terrier cut|terrier jacket', { is: 'pattern', pattern: 'terrier-jacket' }],
  ['schnauzer cut|schnauzer trim|schnauzer pattern', { is: 'pattern', pattern: 'schnauzer-pattern' }],
  ['winter tidy|winter trim', { is: 'pattern', pattern: 'winter-tidy' }],
  [
    'unless|if|maybe|perhaps|might|or|either|depends|depending|only|instead|until|sometimes|not|never|dont|cant|possibly|not sure|unsure|whatever|wherever|where',
    { is: 'turning' },
  ],
  [
    'than last time|than before|than usual|than it was|than they were|than last|than normal|than it is|than they are|than now|last time|this time|than the last time|than you did|than we had',
    { is: 'filler' },
  ],
  [
    'the|a|an|of|please|can|could|you|would|like|liked|we|i|id|ill|me|my|our|us|he|she|hes|shes|it|its|her|his|him|their|them|they|theyre|to|for|on|in|at|over|with|so|just|too|really|quite|very|about|around|roughly|approx|approximately|made|done|having|has|had|get|getting|want|wants|wanted|need|needs|should|be|is|are|was|were|used|using|length|lengths|hair|fur|coat|wool|curls|thanks|thank|thx|think|let|lets|again|through|down to|that|this|there|nicely please|as|by|from|across|along|both|each|pls|today|now|time|will|well|hi|hello|ok|okay|yes|way through|ask|asked|owner|says|says to|mum|dad|blade length|short of|still|all the way|off please|fully|completely|perfectly|exactly|went|turned out|came out|look|looks|looking|little one|boy|girl|good|great|bit of|some of|though please|any|anything|sort of|kind of|my dog|dog|darling|sweetheart|love|loved|lovely please|nice and|onto|up to|at least',
    { is: 'filler' },
  ],
]
