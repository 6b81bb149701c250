import type { ZoneKey } from '../../zones'

/** What owners call the zones, and what is meant. Source: common practice. */
export const ZONE_NAMES: readonly [names: string, keys: readonly ZoneKey[]][] = [
  [
    `all over|all round|all around|all of him|all of her|all of it|everywhere|everything|the lot|whole dog|
      whole body and legs|overall|throughout|all|from head to tail|top to toe|head to toe|nose to tail|
      the whole dog|the whole lot|whole of him|whole of her`,
    ['all'],
  ],
  ['body|whole body|torso|body coat|jacket|trunk|main coat|saddle', ['body']],
  ['back|topline|top line|along the back|down the back|along the spine|spine', ['back']],
  ['sides|side|ribs|rib cage|ribcage', ['side']],
  ['neck|scruff|back of the neck|nape', ['neck']],
  ['shoulders|shoulder', ['shoulder']],
  ['chest|bib|breast|brisket', ['chest']],
  ['belly|tummy|tum|stomach|undercarriage|under belly|underbelly', ['belly']],
  ['skirt|hem|underline|skirting', ['skirt']],
  ['tuck|tuck up|flank|flanks|waist|loin', ['tuck']],
  ['rump|croup|top of the rump|hips|hip', ['rump']],
  [
    `sanitary|sanitary area|sanitary bits|hygiene area|hygiene|privates|private parts|private area|bits|
      under the tail|potty patch`,
    ['sanitary'],
  ],
  ['armpits|armpit|underarm|underarms|pits|under the arms', ['armpit']],
  ['legs|leg|all four legs', ['legs']],
  ['front legs|front leg|foreleg|forelegs|fore leg|fore legs', ['foreleg']],
  ['back legs|back leg|hind leg|hind legs|rear leg|rear legs', ['thigh', 'stifle', 'hock']],
  ['thighs|thigh|pants|trousers|breeches|pantaloons|culottes|chaps|knickers', ['thigh']],
  ['stifles|stifle|knee|knees', ['stifle']],
  ['hocks|hock|heel|heels', ['hock']],
  [
    `inside leg|inside legs|inside of the legs|inside the legs|inner thigh|inner thighs|inner legs|
      between the legs|groin|inside of his legs|inside of her legs|inside of the thighs|inside leg hair`,
    ['leg-inside'],
  ],
  ['furnishings|leg furnishings|leg hair', ['foreleg', 'stifle', 'hock']],
  ['feathers|feathering|feather|feathery bits|leg feathers', ['foreleg', 'thigh', 'skirt']],
  ['feet|foot|paw|paws|toes|toe|feets|tootsies', ['forefoot', 'hindfoot']],
  ['front feet|front paws|front foot|forefeet|forefoot', ['forefoot']],
  ['back feet|back paws|hind feet|rear feet|back foot|hindfeet', ['hindfoot']],
  [
    `pads|pad|paw pads|between the pads|between the toes|under the feet|under the paws|foot pads|between his toes|
      between her toes|hair between the pads|between his pads|between her pads|underneath the feet|
      bottom of the feet|soles`,
    ['pads'],
  ],
  ['tail|tail hair|tail feathers|tail fringe|tail feathering', ['tail']],
  ['tail base|base of the tail|tail set|root of the tail|top of the tail', ['tail-base']],
  ['tail tip|tip of the tail|end of the tail', ['tail-tip']],
  ['head|whole head|noggin', ['head']],
  ['face|whole face', ['face']],
  [
    `skull|top knot|topknot|top of the head|top of head|top of his head|top of her head|crown|dome|mohawk|
      head top|quiff|forehead|hairdo|mop`,
    ['skull'],
  ],
  [
    `visor|fringe|bangs|forelock|hair over the eyes|hair over her eyes|hair over his eyes|hair in the eyes|
      hair in her eyes|hair in his eyes|fringe over the eyes`,
    ['visor'],
  ],
  ['brows|brow|eyebrow|eyebrows|eye brows', ['brow']],
  ['lashes|eyelashes|eye lashes|lash', ['lashes']],
  [
    `eye corners|eye corner|corners of the eyes|corner of the eyes|inner corners|tear stains|
      inside corners of the eyes|under the eyes|under her eyes|under his eyes|corners of her eyes|
      corners of his eyes`,
    ['eye-corner'],
  ],
  ['bridge|bridge of the nose|top of the nose|top of the muzzle|bridge of his nose|bridge of her nose', ['bridge']],
  ['muzzle|moustache|mustache|tache|snout|moustaches', ['muzzle']],
  ['lips|lip|flews|lip folds|around the mouth|round the mouth|corners of the mouth', ['lips']],
  ['chin|beard|goatee', ['chin']],
  ['cheeks|cheek|sides of the face|mutton chops|sideburns|side burns|sideburn|jowls', ['cheek']],
  ['throat|under the chin', ['throat']],
  ['ears|ear|lugs', ['ear-out', 'ear-in', 'ear-edge']],
  [
    `ear fringe|ear fringes|ear feathers|ear feathering|edges of the ears|ear edges|ear edge|bottom of the ears|
      ear length`,
    ['ear-edge'],
  ],
  ['ear tips|tips of the ears|tips of his ears|tips of her ears', ['ear-edge']],
  [
    `inside the ears|inside of the ears|inside ears|in the ears|ear insides|inner ears|inside his ears|
      inside her ears`,
    ['ear-in'],
  ],
  ['outside of the ears|outside the ears|ear leathers|ear leather|outer ears', ['ear-out']],
  ['ear canal|ear canals|in the ear canal|down the ear canal', ['ear-canal']],
]

/** Names that two careful people would take for different zones: asked back. */
/** The zones that may be meant, in plain words, stand behind the question. */
export const ASK_BACK: readonly [names: string, question: string, readings?: readonly string[]][] = [
  [
    'bum|bottom|butt|backside|behind|bott|botty|tush',
    'the rump, or the sanitary zone under the tail?',
    ['rump', 'sanitary area'],
  ],
  [
    'back end|rear end|rear|hindquarters|hind quarters|haunches',
    'the rump, or the thighs as well?',
    ['rump', 'rump and thighs'],
  ],
  ['nose', 'the bridge of the nose, or the muzzle round it?', ['bridge', 'muzzle']],
  ['whiskers', 'the muzzle, or the beard on the chin?', ['muzzle', 'chin']],
  ['front|fronts', 'the chest, the forelegs, or both?', ['chest', 'forelegs']],
  [
    'ear hair|hair in the ears|ear fluff',
    'the fringe of the ear, or the hair in the canal?',
    ['ear fringe', 'ear canals'],
  ],
  [
    'same length|the same length',
    'the same as last time, or one length all over?',
    ['same as last time', 'one length'],
  ],
  ['elbow|elbows', 'the foreleg, or the armpit behind it?', ['forelegs', 'armpits']],
  ['mane|ruff|collar', 'the neck, the chest, or both?', ['neck', 'chest']],
  ['underneath|under side|underside', 'the belly, the skirt, or both?', ['belly', 'skirt']],
  [
    'behind the ears|back of the ears|behind her ears|behind his ears',
    'the neck there, or the ear itself?',
    ['neck', 'inside ears'],
  ],
  [
    'between the eyes|around the eyes|round the eyes|around her eyes|around his eyes|eyes|eye area',
    'the corners of the eyes, or the visor?',
    ['eye corners', 'visor'],
  ],
  [
    'clean ears|ears clean|clean the ears|cleaned ears|clean his ears|clean her ears',
    'shaved outside, or cleaned inside?',
    ['shaved ears'],
  ],
  ['withers', 'the neck, or the shoulders?', ['neck', 'shoulders']],
  ['jaw|jawline|jaw line', 'the chin, or the cheeks?', ['chin', 'cheeks']],
  ['temples', 'the cheeks, or the skull?', ['cheeks', 'skull']],
  ['shins|shin|ankles|ankle|wrists|pasterns|boots|socks|leggings', 'the legs, or the feet?', ['legs', 'feet']],
  [
    'back of the legs|backs of the legs|back of his legs|back of her legs',
    'the feathers of the forelegs, or the back legs?',
    ['forelegs', 'back legs'],
  ],
  ['top|up top|on top', 'the top of the head, or the back?', ['skull', 'back']],
  ['more|less', 'more off, or more left on?', ['shorter', 'longer']],
  ['some|plenty|a few|few|couple|a couple|couple of|a couple of|an amount|loads of', 'how much is that, in mm?'],
  [
    `january|february|march|april|june|july|august|september|october|november|december|in the summer|in summer|
      last summer|in the winter|in winter|last winter|last year|last spring|last autumn|on her birthday|on his birthday`,
    'the card of that day is not here. As on the last card?',
  ],
  [
    'half|halves|quarter|half the length|half of it|half off|by half|half way|halfway|double|twice',
    'half of what? How many mm?',
  ],
  [
    `finger width|fingers width|a finger|one finger|finger|two fingers|2 fingers|fingers|thumb|thumbs width|
      a thumb|knuckle|a pinch|finger deep|three fingers|couple of fingers`,
    'a hand is no rule. How many mm?',
  ],
  [
    `nails|nail|claws|teeth|glands|anal glands|bath|bathed|baths|wash|washed|shampoo|shampooed|bow|bows|bandana|
      dematting|dematted|demat|ear cleaning|de shed|deshed|deshedding|brush|brushed|brush out|brushed out|brushing|
      comb out|combed|combed out|blow dry|blow dried|dryer|blower|hairdryer|dried|perfume|cologne|dewclaws|
      dew claws|conditioner|conditioned|toenails|pluck|plucked|plucking|strip|stripped|hand stripped|hand strip|
      carded|carding|muzzled|table|strangers|other dogs|clippering|a bath`,
    'that belongs to the stages, not to the card. Note it for the bench?',
  ],
  [
    `short|long|fluffy|full|smart|thin|thinned|thinned out|thin out|light|shaggy|scruffy|cute look|even|evened|
      evened out|level|square|soft|nice|pretty|open|visible|summer cut|summer trim|puppy cut|puppy trim|kennel cut|
      lamb cut|lion cut|short back and sides|shape|shaped|reshape|breed standard|breed cut|style|styled|proper|
      close|bald|medium|medium length|smooth|bit off|some off|usual length|blend|blended|blend in|layer|layered|
      choppy|feathered|handsome|respectable|presentable|as short as you can|as short as possible|short as possible|
      shortish|longish|mediumish|a good trim|a good cut|a haircut|haircut|a trim|just a trim|full groom|
      a full groom|the works|a groom|groomed|full trim|make over|makeover`,
    'how many mm, or which comb?',
    ['5F', 'half an inch'],
  ],
]
