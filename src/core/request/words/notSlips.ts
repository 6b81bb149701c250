/**
 * English words that are one letter from a zone or a deed, and are meant as they stand. Source: the word list of Debian's
 * package wamerican, searched once against the names of the zones.
 */
export const NOT_SLIPS = new Set(
  `
aback abase abreast abridge ache addle afoot ahead aide aides aims aline alms ants arcs arena ares aria arks army
arts ashes asides ayes babe bade bags bail baits bake bale balk banal bands bane banes bang bank banks banns bans
bard bark barns bars based baser bases bash bashes bask bass bast baste batch bate bats bead beards bears beast
beaten beck beeches beet beets begs belay belle bets bias bibs bide bides bids billy bind bins black blank blanks
blast blips blobbed blows board boat bobbled bode bogy boles bombed bongs bony boobed boot bore bottoms bound
bounded bowls breaches breasts brew brews bride bridged bridges bridle brisked brisker briskest briskets brown
browns browse buck bugs bully bungs buns burgs burn burnt burps burrs burs buts button byes cabal cabals cache cadge
cads caged cages cagey cagy cake calf cane cants cape caps carnal cars carts cashes cast catch cave caws chads chain
chair champs chaos chap chapt chars chat chats cheat check checks cheep cheeps cheer chess chests chic chid china
chink chino chins chip chips chit chock chocks chomps chop chows cinch cinches clank clanks claps clash clashes
cleave clews clips clops clown coal coast coats coax cock cocks coin colds colt cont coops coot cops core cornea
corneas corned cornet cornets cornier coroner coroners coup coverall cowls craps creek creeks crest cribs cringe
cringes croon crop crops croupy crow crowd crowns crows culotte cuter dads dame darts dashes dears deck dime dine
dips dock docks dole doles domed domes dope dose dote dotty dour dove doze drown drunk duck duller dummy dump dyes
earl earls earn earns ease east eave edged edger edgy eels ekes eras errs eves ewes excepts excerpt exes eyed faced
faces facet fact fade fads fail fain fair fake fame fangs farce fare farms farts fast fate fathering fathers faze
fear fears feat feats feed feeds fees feller felts fest fests fibs filler finch finches find fire fits flack flacks
flak flan flash flashes flask flasks flaws flees fleet fleets flew flips flour flows flunk flunks fobbed foes fold
folks font foods fool foots footsies fora force ford fords foreheads forelocks fores forge fork form fort forte foul
found founded fours fowls frank franks fret frets fridge fridges fringed frond frost frown frump fuck fulled
furnishing gads gage gain game gangs gape gash gashes gear gears goat goatees gobbed golds gore grin groan groins
grounded group grows gummy guzzle hack hacks hail hairdos hairy hale hall halo halt hangs harms harts hash hashes
hatch haws heads heady heal heals heap heard hears heather heave heck hedge hedges heed heeds heir held hell herd
hick hicks hide hides hied hies high highs hims hinds hing hint hiss hits hoes holds holes honk honks hook hooks
hoot hops hose hound hounded howls hugs hump ides inaner inched incs infer inside insider insiders inter itch jack
jacked jackets jail jape jars jaws jelly jibs jobbed jock jocks join jowl jugs jump keel keels kegs kickers kits
kneed kneel kneels knit knob knockers lace lack lads lags lain lair lane lank laps lase lases lashed lass lasses
lasts latch lath lather lathers lathes lats laws leas lease leash leashes leathery leaved leaven leaves ledge ledges
lees leis lengthy lens lest lids lien lies life lime lined linen liner linger link lint lire lisp lisps list lite
live loan lobbed lock locks lodger logger login logs loins lone loner longed loon loot lops lore lorn lost luck
lungs lush lushes lust mace mads maid mail maim mains mars marts mash mashes mast mavin maws mead meet meets megs
mime mine moat mobbed mock mocks molds moles monger moot moth mound mounded muck mugs mummy mustaches muter muzzles
napes naturals nave near nears necks nibs niches nick nine nits node noes noggins noise noose nope nosed noses nosey
nosh nosy note nuzzle oars obits opine otter ouster outed overalls owls pace pack packet pacts paddle page pail pain
paints pair pals panes pangs pans pant panty paps parch pares parks pars pass past pasts patchy path pats patty pawl
pawls pawn pawns pays pear pears peck peel peels pegs pets petty pews pies pigs pinches pine pins pints pips piss
pita pitch pith pity plank planks plants plugs pock pocks pods poles pore ports pose pots pound pounded pour primate
primates privater privatest prow prows puck pugs puller pump punts puts putty puzzle quaff quartet quartets race
rack racket rage rail ramp rams rants rape rashes read real ream reap rearm rears reel reels ride rides ridge rids
rigs rime rims rind riot rips roar robbed robot robs rock rocks roes roles romp rood roof rook room roost roots rose
rotund rounds rout router rows rubs rugs rummy rumps rums sack saddled saddles sades safe sage sail sake sale sales
sames sane sash sashes sate saved saws scout scruffs scuff scull sear sears sedge shaded shake shale shame shamed
share shared shaver shaves sheave shine ships shirt shirting shock shocks shooter shops shorted shout shove shoved
sided sidle sidles sine sinner sips sire sires sises site sites sits sixes skill skirts skit skulk skulls slash
slashes slave slaved slews slide slides slips sloes slugs smoulder smoulders snickers snide snoot snort snot snouts
sobbed sock sole soled solos sols solves soot sorehead sorter sound sounded sour south spice spike spin spines
spinet spins spiny spire spite spits spline spotty spout stain stairs stave staved steins stifled stile stiles
stoles stomachs stout strains suave suck sump supine swaddle swains swine tack tads tails tall tame tangs tape taps
tars tarts teak teal team tears teary teas teat tees threat throats throaty throughput thunk tics tide tides ties
tike tile timed timer times tine tins tipi tipis tipsy tire tits toed togs toil tokes tome tomes toms tones tons
toot topknots tops tore tors torsi torsos toss totes tots tour tows trail trips troupers trouser truck trump trunks
tsar tucks tugs turns tusk tzar undercarriages underlie underlined underlines underling undermine underneaths
uneaten urea urns vain vape vars vase vast vigor vine visors vizor voles wack waddle wads wage wail waists waits
warms wars washes wear wears weathering weathers weave wedge wedges wheel wheels whips whist wide winch winches wind
wine winner wist wits woes wore wounded wrist yack yaws yips yock yocks yore youth yowls yuck yummy zips zits
`
    .trim()
    .split(/\s+/),
)
