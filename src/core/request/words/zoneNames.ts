import type { ZoneKey } from '../../zones'

/** What owners call the zones, and what is meant. Source: common practice. */
export const ZONE_NAMES: readonly [names: string, keys: readonly ZoneKey[]][] = [
  [
    'all over|all round|all around|all of him|all of her|all of it|everywhere|everything|the lot|whole dog|whole body and legs|the rest|rest of him|rest of her|everything else|elsewhere|overall|throughout|all|everywhere else',
    ['all'],
  ],
  ['body|torso|body coat|jacket|trunk|main coat|saddle', ['body']],
  ['back|topline|top line|along the back|down the back|along the spine|spine', ['back']],
  ['side|sides|ribs|rib cage|ribcage', ['side']],
  ['neck|scruff|back of the neck|nape', ['neck']],
  ['shoulder|shoulders', ['shoulder']],
  ['chest|bib|breast|brisket', ['chest']],
  ['belly|tummy|tum|stomach|undercarriage|under belly|underbelly', ['belly']],
  ['skirt|hem|underline|skirting', ['skirt']],
  ['tuck|tuck up|flank|flanks', ['tuck']],
  ['rump|croup|top of the rump', ['rump']],
  [
    'sanitary|sanitary area|sanitary bits|hygiene area|hygiene|privates|private parts|private area|bits|under the tail|potty patch',
    ['sanitary'],
  ],
  ['armpit|armpits|underarm|underarms|pits|under the arms', ['armpit']],
  ['leg|legs|all four legs', ['legs']],
  ['front leg|front legs|foreleg|forelegs|fore leg|fore legs', ['foreleg']],
  ['back leg|back legs|hind leg|hind legs|rear leg|rear legs', ['thigh', 'stifle', 'hock']],
  ['thigh|thighs|pants|trousers|breeches|pantaloons|culottes', ['thigh']],
  ['stifle|stifles|knee|knees', ['stifle']],
  ['hock|hocks|heel|heels', ['hock']],
  [
    'inside leg|inside legs|inside of the legs|inside the legs|inner thigh|inner thighs|inner legs|between the legs|inside leg hair',
    ['leg-inside'],
  ],
  ['furnishings|leg furnishings|leg hair', ['foreleg', 'stifle', 'hock']],
  ['feathers|feathering|feather|feathery bits|leg feathers', ['foreleg', 'thigh', 'skirt']],
  ['foot|feet|paw|paws|toes|toe|feets', ['forefoot', 'hindfoot']],
  ['front feet|front paws|front foot|forefeet|forefoot', ['forefoot']],
  ['back feet|back paws|hind feet|rear feet|back foot|hindfeet', ['hindfoot']],
  [
    'pads|pad|paw pads|between the pads|between the toes|under the feet|under the paws|foot pads|between his toes|between her toes',
    ['pads'],
  ],
  ['tail|tail hair', ['tail']],
  ['tail base|base of the tail|tail set|root of the tail|top of the tail', ['tail-base']],
  ['tail tip|tip of the tail|end of the tail', ['tail-tip']],
  ['head|whole head|noggin', ['head']],
  ['face|whole face', ['face']],
  [
    'skull|top knot|topknot|top of the head|top of head|top of his head|top of her head|crown|dome|mohawk|head top|quiff',
    ['skull'],
  ],
  [
    'visor|fringe|bangs|forelock|hair over the eyes|hair over her eyes|hair over his eyes|hair in the eyes|hair in her eyes|hair in his eyes|fringe over the eyes',
    ['visor'],
  ],
  ['brow|brows|eyebrow|eyebrows|eye brows', ['brow']],
  ['lashes|eyelashes|eye lashes|lash', ['lashes']],
  [
    'eye corners|eye corner|corners of the eyes|corner of the eyes|inner corners|tear stains|inside corners of the eyes|corners of her eyes|corners of his eyes',
    ['eye-corner'],
  ],
  ['bridge|bridge of the nose|top of the nose|top of the muzzle|bridge of his nose|bridge of her nose', ['bridge']],
  ['muzzle|moustache|mustache|tache|snout|moustaches', ['muzzle']],
  ['lips|lip|flews|lip folds', ['lips']],
  ['chin|beard|goatee', ['chin']],
  ['cheek|cheeks|sideburns|side burns|sideburn|jowls', ['cheek']],
  ['throat|under the chin', ['throat']],
  ['ear|ears|lugs', ['ear-out', 'ear-in', 'ear-edge']],
  [
    'ear fringe|ear fringes|ear feathers|ear feathering|edges of the ears|ear edges|ear edge|bottom of the ears|ear length',
    ['ear-edge'],
  ],
  ['ear tips|tips of the ears|tips of his ears|tips of her ears', ['ear-edge']],
  [
    'inside the ears|inside of the ears|inside ears|in the ears|ear insides|inner ears|inside his ears|inside her ears',
    ['ear-in'],
  ],
  ['outside of the ears|outside the ears|ear leathers|ear leather|outer ears', ['ear-out']],
  ['ear canal|ear canals|in the ear canal|down the ear canal', ['ear-canal']],
]

/** Names that two careful people would take for different zones: asked back. */
export const ASK_BACK: readonly [names: string, question: string][] = [
  ['bum|bottom|butt|backside|behind|bott|botty|tush', 'the rump, or the sanitary zone under the tail?'],
  ['back end|rear end|rear|hindquarters|hind quarters|haunches', 'the rump, or the thighs as well?'],
  ['nose', 'the bridge of the nose, or the muzzle round it?'],
  ['whiskers', 'the muzzle, or the beard on the chin?'],
  ['front|fronts', 'the chest, the forelegs, or both?'],
  ['ear hair|hair in the ears|ear fluff', 'the fringe of the ear, or the hair in the canal?'],
  ['same length|the same length', 'the same as last time, or one length all over?'],
  ['elbow|elbows', 'the foreleg, or the armpit behind it?'],
  ['mane|ruff|collar', 'the neck, the chest, or both?'],
  ['underneath|under side|underside|under', 'the belly, the skirt, or both?'],
  [
    'finger width|fingers width|a finger|one finger|finger|two fingers|2 fingers|fingers|thumb|thumbs width|a thumb|knuckle|a pinch|finger deep|three fingers|couple of fingers',
    'a hand is no rule. How many mm?',
  ],
  [
    'nails|nail|claws|teeth|glands|anal glands|bath|bathed|shampoo|bow|bandana|dematting|flea|fleas|ear cleaning|de shed|deshed',
    'that belongs to the stages, not to the card. Note it for the bench?',
  ],
  [
    'short|long|fluffy|tidy|tidied|neat|neaten|neatened|smart|thin|thinned|light|shaggy|scruffy|cute|trim up|tidy up|even|evened|level|straight|square|soft|nice|pretty|lovely|open|visible|summer cut|puppy cut|puppy trim|kennel cut|lamb cut|lion cut|short back and sides|shape|shaped|breed standard|breed cut|style|styled|proper|close|bald|medium|medium length|smooth|nicely|bit off|little off|some off|usual length',
    'how many mm, or which comb?',
  ],
]
