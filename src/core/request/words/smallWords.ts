import type { Token } from './spoken'

/** Words that carry no wish of their own inside one. */
const FILLER = `the|a|an|of|would|liked|like to|id like|wed like|would like|i would like|we would like|hed like|shed like|
    if you like|looks like|look like|looked like|we|i|id|ill|im|ive|me|my|our|us|he|she|hes|shes|its|her|his|him|their|theyre|
    to|for|on|in|at|over|with|just|too|really|quite|very|about|around|roughly|approx|approximately|made|done|
    having|has|had|getting|want|wants|wanted|need|needs|should|be|being|is|are|was|were|used|using|length|lengths|
    hair|fur|coat|wool|curls|think|let|lets|again|through|down to|nicely please|as|by|from|across|along|both|each|
    today|now|time|will|way through|ask|asked|owner|says|says to|blade length|short of|still|all the way|fully|
    completely|perfectly|exactly|little one|boy|girl|bit of|some of|any|anything|sort of|kind of|my dog|dog|dogs|
    nice and|onto|wed|weve|shed|hed|youd|theyd|got|going|been|which|who|what|how|when|please|pls|please can you|
    if possible|if you can|if you could|if thats ok|if thats okay|if thats alright|if you dont mind|
    if its not too much trouble|can|could|you|may|shall|could you|can you|would you|could we|can we|may we|
    please could you|your|yours|this time|this visit|for me|or so|or thereabouts|give or take|or around|ish|
    or about|all|same time|up|down|also please|too please|back to|prefer|id rather|wed rather|would rather|
    id prefer|ideally|only just|bits|bit of a|part|area|areas|region|zone|line|lines|cut to|trimmed to|taken to|
    down|right|well|nicely|properly|carefully|evenly|size|comb|combs|blade|blades|clipper|clippers|scissors|shears|
    either side|sides of the|new|whole|entire|full|own|thing|things|every|everyone|into|out|above all|at all|
    than last time|than before|than usual|than it was|than they were|than last|than normal|than it is|
    than they are|than now|last time|than the last time|than you did|than we had|than you left it|than yesterday|
    thanks|thank|thx|thank you|cheers|hi|hello|ok|okay|yes|yeah|yep|fine|sure|ta|many thanks|thank you so much|
    thanks so much|thanks a lot|much appreciated|kind regards|regards|bye|xx|x|gone|something|somehow|somewhere|
    lift|lifted|raise|raised|must|did|does|teh|hte|snap on|clip on|i am afraid|im afraid`

/** Greetings, names, weather, the dog's day: known, and no wish. */
const CHAT = `drop him off|drop her off|drop them off|pick them up|half past|quarter past|quarter to|half an hour|
    quarter of an hour|half a day|a million|million|turned|just turned|see you|see you at|see you on|
    see you around|good|morning|afternoon|evening|great|day|days|week|weeks|month|months|year|years|yesterday|
    tomorrow|tonight|monday|tuesday|wednesday|thursday|friday|saturday|sunday|weather|rain|rainy|raining|sunny|sun|
    hot|warm|cold|freezing|windy|wet|snow|snowing|outside|weekend|holiday|holidays|beach|park|walk|walks|walked|
    walkies|field|fields|woods|forest|river|lake|sea|swim|swam|swimming|camping|garden|mud|muddy|sand|sandy|puddle|
    puddles|rolled|rolling|ran|running|run around|played|playing|play|met|meeting|friend|friends|visitor|visitors|
    visit|visiting|family|mum|dad|mother|father|husband|wife|son|daughter|kids|children|grandma|granny|grandad|
    grandpa|nan|aunt|uncle|neighbour|neighbours|wedding|party|birthday|christmas|easter|photo|photos|picture|
    pictures|school|work|working|office|home|house|car|drive|drove|parked|parking|traffic|late|early|running late|
    minutes|minute|hour|hours|oclock|pick|picking|picked|pick up|pick him up|pick her up|collect|collecting|drop|
    dropping|dropped|drop off|fetch|bring him|bring her|call|ring|phone|text|message|email|number|appointment|
    booking|booked|book|slot|price|cost|pay|card|cash|paid|money|lunch|breakfast|dinner|treat|treats|biscuit|
    biscuits|cheese|food|eat|eats|eaten|eating|ate|slept|sleep|sleeping|tired|happy|excited|lovely|nice day|
    good boy|good girl|good dog|funny|silly|cheeky|naughty|mad|crazy|sweet|sweetheart|darling|love|loved|loves|
    adore|adores|adored|enjoy|enjoyed|enjoys|fun|wonderful|amazing|fantastic|brilliant|super|gorgeous|beautiful|
    handsome boy|cute|adorable|pleased|thrilled|grateful|appreciate|hope|hoping|hopes|see|saw|seen|look|looks|
    looked|looking|look forward|looking forward|soon|later|before|after|since last|first|second|always|never mind|
    usually|often|everybody|people say|said|tell|told|know|knows|knew|feel|feels|felt|come|comes|came|coming|went|
    gone to|go to|went to|been to|back from|there is|theres|heres|here is|here|this is|my name is|name|names|
    called|puppy class|training|class|sofa|bed|crate|lead|collar off|toy|toys|ball|cat|cats|horse|horses|sheep|cow|
    cows|squirrel|squirrels|moved|moving|new house|new home|birthday boy|birthday girl|months old|years old|old|
    young|grown|such|absolutely|totally|literally|honestly|basically|lol|haha|ha|oh|ah|wow|dear|mr|mrs|ms|miss|
    everyone says|we all|all of us|no problem|no problems|no rush|no hurry|no worries|not a problem|not bad|
    cant wait|cannot wait|dont worry|do not worry|no bother|not to worry|dont mind|never better|not long to go|
    wont be late|no idea|didnt sleep|did not sleep|no fleas|not matted|no mats|no knots|let me know|get back|
    in touch|any questions|thanks again|until then|speak soon|take care|best wishes|all the best|last week|
    last month|next week|next month|the other day|on the way|as always|so much|so far|so good|in the sun|
    for a walk|for a swim|on holiday|trusted|trust|recommended|recommend|job|work you do|compliments|compliment|
    stranger stopped|smells lovely|smelled lovely|smell|smells|muddy walk|stick|sticks|stuck his|digging|dug|dig|
    chewed|chewing|chews|barks|barking|barked|wagging|wags|waggy|zoomies|nap|naps|his day|her day|his birthday|
    her birthday|is coming|are coming|we have|we had|weve had|i have|ive been|we are|were going|were off|off to`

const PRAISE = `perfect|perfect last time|spot on|just right|was great|were great|looked great|looked lovely|looked amazing|
    looked perfect|loved it|loved how|came out great|came out lovely|turned out lovely|turned out great|turned out|
    came out`

const TEMPER: readonly [names: string, grade: number][] = [
  ['fidgets|fidgety|wriggles|wriggly|wriggle|squirms|restless|fusses|fussy|wiggles|wiggly', 1],
  [
    `doesnt like|does not like|isnt keen on|not keen on|isnt fond of|not fond of|nervous|anxious|scared|afraid|
      frightened|fearful|worried|shy|dislikes|doesnt enjoy|wary|not happy|isnt happy|gets stressed|stressed|
      stresses|timid|unsure about|pulls away|sensitive about|funny about`,
    2,
  ],
  [
    `hates|hate|hated|struggles|struggled|mouths|terrified|cant stand|cannot stand|fights|fought|screams|growls|
      growled|growly|throws a fit|wont let|does not let|doesnt let|wont tolerate|wont have`,
    3,
  ],
  ['bites|bite|bitten|nips|nipped|nip|snaps|snapped|snappy|panics|panicked|panic|goes for|lunges', 4],
]

const ILL: readonly [names: string, health: Extract<Token, { is: 'ill' }>['health']][] = [
  [
    'red skin|rash|irritated|sore skin|pink skin|inflamed|itchy|itching|itches|scratching|scratches|dry skin|flaky',
    'skin-red',
  ],
  ['sore|a sore|sores|wound|graze|grazed|scab|scabs|raw|bleeding|open sore|infected|abscess|blister', 'sore'],
  ['hot spot|hotspot|hot spots', 'hot-spot'],
  ['smelly ears|ears smell|ear smells|smelly ear|ear infection|ears are smelly|infection in the ear', 'ear-smell'],
  ['discharge|gunk|weeping|ear is running|ears are running', 'ear-discharge'],
  ['lump|a lump|lumps|bump|a bump|wart|warts|cyst|skin tag|new lump', 'lump-new'],
  ['limping|limps|limp|lame|cruciate|hopping', 'limp'],
  ['breathless|laboured breathing|struggling to breathe|coughing|wheezing|out of breath', 'breathing'],
  ['heart murmur|heart condition|bad heart|heart trouble|heart problem|heart tablets', 'heart'],
  ['seizure|seizures|epileptic|epilepsy', 'seizure'],
  ['diabetic|diabetes|insulin', 'diabetic'],
  [
    'arthritis|arthritic|stiff|stiff joints|bad hips|sore hips|bad back|hip dysplasia|dodgy hips|bad knees',
    'arthritis',
  ],
  ['unsteady|wobbly|falls over', 'unsteady'],
  ['blind|cant see well|going blind|cataracts', 'blind'],
  ['deaf|cant hear|hard of hearing', 'deaf'],
  ['in season|on heat|in heat', 'in-season'],
  ['stitches|operation|surgery|spayed|neutered last|was spayed|had an op|the op', 'stitches'],
  ['fleas|flea|ticks|tick|mites|lice|worms', 'parasites'],
  ['allergy|allergic|allergies|sensitive skin', 'allergy'],
]

/** Words around a wish rather than of it. Source: common practice. */
export const SMALL_WORDS: readonly [names: string, token: Token][] = [
  [CHAT, { is: 'chat' }],
  [FILLER, { is: 'filler' }],
  [PRAISE, { is: 'praise' }],
  ...TEMPER.map(([names, grade]): [string, Token] => [names, { is: 'temper', grade }]),
  ...ILL.map(([names, health]): [string, Token] => [names, { is: 'ill', health }]),
  ['matted|knotted|tangled|knots|mats|tangles|knotty|felted|pelted|matting|a knot|a mat', { is: 'matted' }],
  [
    `careful with|be careful with|careful of|careful|gentle with|be gentle with|gently|go easy on|go easy|mind|
      watch|watch out for|gentle|be gentle|be careful|take care with|easy on`,
    { is: 'careful' },
  ],
]
