import { namesIn } from './names'
import type { PurposeId, Token } from './spoken'

const EARS = ['ear-out', 'ear-edge'] as const
const FEET = ['forefoot', 'hindfoot'] as const
const TAIL = ['tail', 'tail-tip'] as const
const FACE = ['face'] as const

/** Everything owners say of a trim besides zones, lengths and tools. The longest match wins. Source: common practice. */
export const PHRASES: readonly [names: string, token: Token][] = [
  [
    `leave|leave alone|left|left alone|keep|kept|keeping|do not touch|dont touch|not touch|no touching|hands off|
      stay off|steer clear of|stay away from|save|preserve|spare|skip|alone|as is|as it is|as they are|as he is|
      as she is|the way it is|the way they are|how it is|how they are|untouched|uncut|grow|growing|grow out|
      let grow|growing out|dont take anything off|do not take anything off|take nothing off|nothing off|
      nothing off of|no scissors on|no clippers on|just brush|as they were|stay|stays|stays put|stays as it is|
      stay as they are|stay as it is|stays long|stay long|want to keep|hold on to|hang on to|in one piece|
      where it is|where they are`,
    { is: 'keep' },
  ],
  [
    `shave|shaved|shaven|shaving|shave off|shaved off|clean shaven|clip off|clipped off|take it all off|all off|
      get rid of|lose|remove|right down to the skin|down to the skin|to the skin|bare|skinned|shaved right off`,
    { is: 'shave' },
  ],
  ['off|off of|taking off|taking off of|taken off|take off|take off of|take from|off from|come off', { is: 'off' }],
  [
    `lift off the floor|lifted off the floor|lift off the ground|off the floor|off the ground|off the table|
      off the carpet|clear of the floor|clear of the ground|above the floor|above the ground|from the floor|
      from the ground|not dragging|not dragging on the floor|not touching the floor|not on the floor|not on the ground|not touching the ground|
      clearing the floor|clearing the ground|clear the floor|clear the ground|short of the floor|
      not sweep the floor|not sweeping the floor|doesnt drag|does not drag|doesnt drag on the floor|
      doesnt touch the floor|does not touch the floor|dont drag|stops dragging|up off the floor|up off the ground|
      doesnt sweep the floor|dont touch the floor|wont drag`,
    { is: 'clear' },
  ],
  [
    `same as last time|the same as last time|the same as before|the same as usual|the same as always|
      the same as ever|the same as the last time|the same as last visit|the same length as last time|
      the same length as before|same length as last time|same length as before|same as usual|same as before|
      same as ever|same as always|same again|same as last visit|same as the last time|same as last groom|the same|
      same|as last time|like last time|as before|like before|as usual|the usual|usual|usual trim|usual cut|
      his usual|her usual|repeat last time|what we had last time|what you did last time|exactly like last time|
      just like last time|as you did last time|as you did it last time|like you did last time|exactly as last time|
      exactly the same|same thing as last time|same trim as last time|same cut as last time|same cut|same trim|
      same style|repeat of last time|as we had it last time|how you did it last time|the way you did it last time|
      like the last time`,
    { is: 'same' },
  ],
  [
    `same as|same length as|the same as|the same length as|as long as|as short as|level with|matching|match|
      to match|even with|in line with|like|same height as|equal to|the length of|blended to the length of`,
    { is: 'like' },
  ],
  [
    `what you couldnt do last time|what you could not do last time|what couldnt be done last time|
      what could not be done last time|what wasnt possible last time|what was not possible last time|
      what we couldnt do last time|the bits you couldnt do last time|what we wanted last time|
      what you couldnt get to last time|whatever couldnt be done last time`,
    { is: 'waited' },
  ],
  [
    `except|except for|apart from|but not|excluding|other than|aside from|bar|minus|not including|just not|not on|
      save for|with the exception of|leaving out`,
    { is: 'except' },
  ],
  ['only|nothing but|solely|only the', { is: 'only' }],
  [
    `the rest|rest|rest of him|the rest of him|the rest of her|the rest of it|the rest of the dog|rest of her|
      rest of it|rest of the dog|everything else|elsewhere|everywhere else|otherwise|all else|other bits`,
    { is: 'rest' },
  ],
  ['than|compared to|compared with', { is: 'than' }],
  ['and|adn|plus|as well as|also|then|&|+|and also|and then', { is: 'and' }],
  ['but|though|while|whereas|however|although|so|so please|and so|meanwhile|;', { is: 'break' }],
  ['because|cause|cos|coz|since|seeing as|as he|as she|as they|in case', { is: 'because' }],
  [
    `actually|no sorry|sorry no|sorry i mean|i mean|no i mean|rather|or rather|no wait|wait no|wait|scrap that|
      forget that|make that|no make that|on second thought|on second thoughts|correction|no actually|actually no|
      actually make that|no lets|scratch that|hang on|hold on|change that to|change of mind|sorry`,
    { is: 'correct' },
  ],
  [
    `not|no|not a fan of|did not|didnt|must not|mustnt|dont|do not|doesnt|does not|never|nothing|none|without|wont|will not|
      cannot|cant|shouldnt|should not|isnt|arent|neither|nor|no need to|no need for|no need|neednt|doesnt need|
      dont need|do not need|dont want|do not want|doesnt want|would not|wouldnt|dont like|avoid|stop|hardly|
      not any|not to|without any|no more|rather not|refuse|against having`,
    { is: 'not' },
  ],
  ['instead of|rather than|in place of|and not|as opposed to', { is: 'instead' }],
  [
    `shorter|closer|tighter|more off|bit more off|bit off more|less long|not as long|not so long|
      not quite as long|not quite so long|too long|too fluffy|too full|too thick|too big|slimmer|smaller|
      take more off|shorten|shortened|shortening|less full|less fluffy|less bulky|too bulky|tightened|tighten|
      tighten up|reduce|reduced|trimmer|thinner|neater and shorter|take down|taken down|bring down|brought down|
      take it down|take them down|down a comb|down a size|down a step|down a blade|a comb down|a size down|
      one size down|one comb down|one step down|got long|got too long|getting long|getting too long|gotten long|
      overgrown|grown out|grown too long`,
    { is: 'change', longer: false },
  ],
  [
    `longer|fuller|fluffier|thicker|less off|bit less off|take less off|not as short|not so short|too short|
      too tight|too close|bigger|less short|not quite as short|not quite so short|rounder and longer|more length|
      more hair|lengthen|more on|leave more|left more|a bit more on|leave more on|more left|up a comb|up a size|
      up a step|up a blade|a comb up|a size up|one size up|one comb up|one step up|fluffed out more|more fluff|
      too thin|too bare|scalped|more volume|more coat`,
    { is: 'change', longer: true },
  ],
  [
    `a bit|bit|a little|little|a touch|touch|a tad|tad|slightly|a smidge|smidgen|a fraction|a shade|a wee bit|
      wee bit|a little bit|little bit|a tiny bit|tiny bit|ever so slightly|a whisker|a hair|fractionally|
      marginally|a dash|just a bit|just a touch|just a little`,
    { is: 'much', much: 'touch' },
  ],
  [
    `much|a lot|lots|way|loads|considerably|far|a good bit|quite a bit|two sizes|two combs|two steps|a good deal|
      a great deal|significantly|drastically|heaps`,
    { is: 'much', much: 'much' },
  ],
  ['one size|one step|one comb|a size|a comb|one blade|a step|somewhat|noticeably', { is: 'much', much: 'plain' }],
  [
    `at most|no longer than|not longer than|not any longer than|no more than|not more than|dont take more than|do not take more than|dont take off more than|up to|maximum|max|
      maximum of|max of|at the most|at the longest|nothing longer than|below|less than|no longer|never longer than|
      or shorter|or less|under`,
    { is: 'bound', most: true },
  ],
  [
    `at least|no shorter than|not shorter than|not any shorter than|no less than|not less than|minimum|min|
      minimum of|min of|at the least|at the shortest|nothing shorter than|not under|not below|no shorter|
      never shorter than|or longer|or more|above`,
    { is: 'bound', most: false },
  ],
  [
    `against|against the grain|against the coat|against the lay|against the hair|in reverse|reverse|reversed|
      backwards|against growth|against the growth`,
    { is: 'lay', lay: 'against' },
  ],
  ['with the grain|with the coat|with the lay|with the hair|with growth|with the growth', { is: 'lay', lay: 'with' }],
  [
    'round|rounded|roundish|circular|cat like|into a circle|in a circle|rounded off',
    { is: 'shape', shape: 'round', zones: [] },
  ],
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
  ['pompon|pom pom|pompom|pom poms|pom|pompoms', { is: 'shape', shape: 'pompon', zones: TAIL }],
  ['oval', { is: 'shape', shape: 'oval', zones: [] }],
  ['shaved tail|bare tail', { is: 'shape', shape: 'shaved', zones: TAIL }],
  ['bob|bobbed|bobbed ears|bob the ears', { is: 'shape', shape: 'bob', zones: EARS }],
  ['bell|bells|bell ears|bell shaped', { is: 'shape', shape: 'bell', zones: EARS }],
  ['tassel|tassels|tasselled|tassel ears', { is: 'shape', shape: 'tassel', zones: EARS }],
  [
    'ear tips shaved|shave the ear tips|tips shaved|shaved ear tips|shaved tips',
    { is: 'shape', shape: 'tips', zones: EARS },
  ],
  ['shaved ears|ears shaved', { is: 'shape', shape: 'shaved', zones: EARS }],
  [
    'straight across|straight line across|cut straight|dead straight|straight',
    { is: 'shape', shape: 'straight', zones: [] },
  ],
  ['arch|arched|in an arch|an arch|curved|in a curve', { is: 'shape', shape: 'arch', zones: [] }],
  ['v|a v|in a v|v shape|v shaped|into a v|to a v|small v', { is: 'shape', shape: 'V', zones: [] }],
  ['u|a u|in a u|u shape|u shaped|into a u|to a u', { is: 'shape', shape: 'U', zones: [] }],
  [
    `flush with the leather|flush with the leathers|flush with the edge|flush with the edges|to the leather|
      to the edge of the leather|level with the leather|flush with the ear leather|flush to the leather|
      flush with the edge of the leather|tight to the leather`,
    { is: 'shape', shape: 'flush', zones: [] },
  ],
  [
    `teddy|teddy bear|teddy cut|teddy bear cut|teddy trim|teddy bear trim|teddy style|teddy bear style|
      teddy bear look|like a teddy|like a teddy bear`,
    { is: 'pattern', pattern: 'teddy' },
  ],
  [
    `one length|one length all over|same length all over|all one length|one length everywhere|all the same length|
      the same length all over`,
    { is: 'pattern', pattern: 'one-length' },
  ],
  ['bath and tidy|bath and a tidy|bath n tidy|wash and tidy|bath tidy', { is: 'pattern', pattern: 'bath-tidy' }],
  ['terrier trim|terrier cut|terrier jacket', { is: 'pattern', pattern: 'terrier-jacket' }],
  ['schnauzer cut|schnauzer trim|schnauzer pattern', { is: 'pattern', pattern: 'schnauzer-pattern' }],
  ['winter tidy|winter trim|winter cut', { is: 'pattern', pattern: 'winter-tidy' }],
  ['show puppy|show puppy trim', { is: 'pattern', pattern: 'show-puppy' }],
  ['utility trim|utility cut|utility short', { is: 'pattern', pattern: 'utility-short' }],
  ['sporting jacket|sporting trim', { is: 'pattern', pattern: 'sporting-jacket' }],
  ['fusion flare|flared legs|flare', { is: 'pattern', pattern: 'fusion-flare' }],
  ['for summer|for the summer|summer length|summer ready', { is: 'season', season: 'summer' }],
  ['for winter|for the winter|winter length|winter ready', { is: 'season', season: 'winter' }],
  [
    `tidy|tidied|tidying|tidy up|tidied up|neaten|neatened|neaten up|neatened up|neat|just the ends|the ends|
      tips only|just tidy|just neaten|a tidy|a tidy up|just a tidy|just a tidy up|take the ends off|dust the ends|
      ends|a light trim|light trim|a small trim|just a light trim|stray hairs|the strays|wispy bits|the wispy bits|
      a quick tidy`,
    { is: 'tidy' },
  ],
  [
    `as short as you can without shaving|as short as possible without shaving|
      as short as you can without shaving him|as short as you can without shaving her|
      as short as you can without shaving it|as short as you can without shaving them|
      as short as possible without shaving him|as short as possible without shaving her|
      as short as you can without it being shaved|as short as you can but not shaved|
      as short as possible but not shaved|as short as you can go without shaving|short as you can without shaving|
      as short as it goes without shaving|as short as you dare without shaving|
      as short as possible without a shave`,
    { is: 'shortest' },
  ],
  [
    `trim|trimmed|trimming|touching|touched|scissoring|clipping|cutting|clear|cleared|clip|clipped|clear out|
      cleared out|cut|scissor|scissored|clean up|clean out|cleaned up|snip|snipped`,
    { is: 'trim' },
  ],
  [
    'left side|left hand side|on the left|the left|her left|his left|on her left|on his left|left one',
    { is: 'side', side: 'left' },
  ],
  [
    'right side|right hand side|on the right|the right|her right|his right|on her right|on his right|right one',
    { is: 'side', side: 'right' },
  ],
  ['make|do|take|have|go|use|run|put|give|bring|get', { is: 'verb' }],
  ['it|them|they|those|these|there|that bit|that part|this|that|one|ones|this one|that one|which', { is: 'it' }],
  [
    `you know what he likes|you know what she likes|you know best|you decide|up to you|surprise me|your choice|
      as you think best|what you think best|do your magic|do what you think|use your judgement|i trust you|unless|
      if|maybe|perhaps|might|either|depends|depending|until|sometimes|possibly|not sure|unsure|whatever|wherever|
      where|whichever|or`,
    { is: 'turning' },
  ],
]

/** Ends that a wish serves, and how people say them; {she} and {her} stand for any dog. Source: common practice. */
const ENDS: readonly [names: string, purpose: PurposeId][] = [
  [
    `see {her} eyes|{her} eyes can be seen|eyes can be seen|eyes showing|{she} can see|{she} can see out|you can see {her} eyes|i can see {her} eyes|we can see {her} eyes|
      {her} eyes show|{she} cant see|cant see|can see out|out of {her} eyes|clear of {her} eyes|off {her} eyes|
      not in {her} eyes|is in {her} eyes|gets in {her} eyes|goes in {her} eyes|falls in {her} eyes|over {her} eyes|
      see where {she} is going|eyes visible|{she} can see where {she} is going|{she} sees better|
      {she} can see better|{her} eyes are free`,
    'see',
  ],
  [
    `no mess in {her} beard|no food in {her} beard|food doesnt stick to {her} beard|
      food doesnt stick in {her} beard|food gets stuck in {her} beard|food gets stuck in it|
      food gets caught in {her} beard|food doesnt get stuck in {her} beard|{her} beard gets messy|
      {her} beard stays clean|{her} beard doesnt get messy|{her} beard doesnt drip|{she} doesnt drip water|
      {she} drips water everywhere|{her} beard drips`,
    'beard',
  ],
  [
    `stops matting behind {her} ears|stop matting behind {her} ears|doesnt mat behind {her} ears|
      no mats behind {her} ears|no knots behind {her} ears|it stops matting behind {her} ears|
      {she} doesnt mat behind {her} ears|it doesnt knot behind {her} ears|prevent mats behind {her} ears|
      there are no mats behind {her} ears|stop it matting behind {her} ears|stop the matting behind {her} ears|
      stops knotting behind {her} ears|it doesnt tangle behind {her} ears`,
    'ears-behind',
  ],
  [
    `{she} doesnt slip|slips on the floor|slipping on the floor|{her} feet dont slip|to stop her slipping|
      to stop him slipping|for grip|for better grip|{she} can grip|{she} has better grip|snow doesnt ball up|
      no snow balls|no snowballs|no snowballs between {her} toes|no snow between {her} toes|no ice balls|
      mud doesnt stick to {her} feet`,
    'grip',
  ],
  [
    `nothing sticks under {her} tail|poo doesnt stick|poop doesnt stick|no poo stuck|
      nothing stuck under {her} tail|nothing gets stuck under {her} tail|it stays clean under {her} tail|
      for hygiene|to keep it clean under {her} tail|poo doesnt get stuck|poop doesnt get stuck|no dingleberries|
      poo sticks to {her} fur`,
    'hygiene',
  ],
  [
    `{she} doesnt wee on herself|{she} doesnt wee on himself|{she} doesnt pee on herself|
      {she} doesnt pee on himself|{she} doesnt wet himself|{she} doesnt wet herself|pees on {her} belly|
      pees on {her} tummy|wees on {her} tummy|wees on {her} belly|{her} belly stays dry|{her} tummy stays dry`,
    'wee',
  ],
  [
    `{her} ears dont drag in the bowl|{her} ears dont dip in the bowl|out of {her} bowl|out of {her} water bowl|
      out of {her} food|out of {her} food bowl|{her} ears stay dry|{her} ears stay out of the bowl|
      {she} stay out of the bowl|{she} dont drag in the bowl|{she} dont go in the bowl|in {her} food bowl|
      in {her} water bowl`,
    'ears-bowl',
  ],
  [
    `where {her} harness rubs|under {her} harness|{her} harness doesnt mat|{her} harness doesnt knot|
      {her} harness doesnt mat it|{her} armpits dont mat|{her} harness doesnt rub`,
    'friction',
  ],
]

const HERS = ['her', 'his', 'their', 'the', 'its']
const SHES = ['she', 'he', 'they', 'it']
const filled = (name: string, mark: string, words: readonly string[]): string[] =>
  name.includes(mark) ? words.map((word) => name.replaceAll(mark, word)) : [name]
const spelled = (name: string): string[] => [name, name.replace('doesnt', 'does not'), name.replace('dont', 'do not')]
const opened = (name: string): string[] => [name, `so ${name}`, `so that ${name}`]

/** Every way to say an end. */
export const PURPOSES: readonly [names: string, token: Token][] = ENDS.map(([names, purpose]) => [
  namesIn(names)
    .flatMap((name) => filled(name, '{her}', HERS))
    .flatMap((name) => filled(name, '{she}', SHES))
    .flatMap(spelled)
    .flatMap(opened)
    .join('|'),
  { is: 'purpose', purpose },
])
