/** Words that look like a common one with a slip of the pen, and are words all the same: `stating` is not always `starting`. */
export const NEAR_WORDS: ReadonlySet<string> = new Set(
  `
  adaptors addiction addictions addictive addressees adopted adopting adoptive afterword afterwords alined
  alining altercation altercations alternations anther appender appenders apples artefact artefacts assets
  assorted assorts auctions backed backlash backlashes backslide backus baking baldness banding baring barrows
  bathes bearding bedsides behalves behaviours behoved behoves behoving bending bewaring biding binging
  bitches blacked blacking blandly blanking blinding bluffers boarders boating bonded bonding booing boosting
  borers botches bought braking brides brooder browses brunches brunching bucking bullion burred burring
  burrowed burrows bushiness butches buttery caches camped cancelation cantered cantering canters capitols
  caries cartons cashed cashes cashing casing castling catching categorise categorises categorizes cation
  cations catting causes centimetres centred centres centring chancels chapped chipped chocked chocking
  chucked chucking clacked clacking clapboard clapped clapping clatter clattering cleansed cleanser cleansing
  clocked clocking clomped clopped clopping closet closets clowning clucked clucking clumped coaching coasting
  coiling collet collets collie collude colluding collusion coloured colouring commend commends compadre
  compat compete competed competes competing complaint complected complied complies compliment complimentary
  complimented composted composting compote compotes conductive confidant confirming confirms conformation
  conformed connecters constrains constrict constricted constricting constriction constrictions constrictor
  constrictors constricts consuls contract contracted contracting contracts convertors convoyed convoys coping
  copped copping coroners costing counties county courtier covert coverts coveys crackling crapped crapping
  crated crates crating cremated cremates cremating cremation cricking crufted crushed crushes crushing
  culling curios currant curried curries currying curtain cutter damping decades decease deceased deceases
  deceasing decent deciding decoder decodes deducted defied defies deflects deices deigned deigning demons
  dented denting dependance depleted depletes depleting depletion depreciated depreciation deprivation
  deprived deprives depriving descant descendent descendents descried descries despatch despatched despatching
  dialing dialings discord discorded discording discords discreet discus discuses divers diving drawling
  dreadlocks driers dripped dripping drives drovers drugging duffers dumpling duping easing employes encoder
  ensued ensues ensuing entrails enured enures enuring envelops escapees eternal eternally except excepts
  exciting exited exorcise exorcised exorcises expanse expansive expendable expended expending expends experts
  expiation faction factional factions fagged fagging fallowed fallowing fallows faltered faltering falters
  farming farther farthest fatness fatten fattened favors favour felling fellows fending fetiches feuding
  fiends filers filing fining finises firming flailing flaking flapped flapping flashed flashing flavored
  flawing fleshed fleshes fleshing flippies flitting flogged flogging flopped flopping flouting flunking
  focussed focusses focussing foiling forgoing friction friezes fronted fullback fulling funding gabbing
  gabled garage garbed gnomes grated grater grating greeter greeters gripping groped groping growling grubbing
  grunted grunting guarantied guaranties gutting haling handed handing handsful hardness haring hasting hating
  hatting heeding heedless hinging hocking hoisting holing honoured hosing hunting hushing impalement imparted
  imparting imparts indeed indicted indicting induces inhabit inhabited inhabits insect insects insets instal
  instals instill instilled instilling instills jointing keying labelled lacking lading lagging lasting
  lateral laterally laterals launchd leaned leaning legging lending libeled libeling licensees licking
  lightning liking linage lining litters locals locution locutions loping lucking lugging lunched lunches
  lunching lusting mackintosh macroscopic makers making makings manged manger mangers manpage manpages
  manufactures massage massages massing mattes mauling menages messing meting milers millimetres mingled
  mingles mingling minuets missive misters misusing mitering moaning mopping mountd mullion mullions mussing
  mustered musters mutters needling neighbor nestling nether neural nighty noempty notching noting notional
  notwork notworks opining outrages overcame overly overlying overplay overplaying overplays overrode pacing
  paddling painted painter painters painting palling panned panning parens paring parsons parting patent
  patients pattered patters patting payable payers paying pecking penning pepping petting phases phrasing
  pickets pickling piking pilling pining pipping pissing pitched pitches pitching pitting plackets planed
  planing platters plopping pluming plying pockets pocking podding pointier polices poling poplar poring
  posing positing posses potable potion potions potted potters potting powdered powdering precoding predicated
  predication predicative prefect preludes premise premises preset presets pricking primes prioritise
  prioritises prioritizes programed programer programers programing programmes propping proscribed pudding
  punning pupping pursing puttying qualifies quoiting raging raking rankling rapping readying realty reamed
  reaming recenter recoding recourse refname refnames refusing reined relatime relaying relays relied relies
  reltime reminder renter repaying repays replying resettling reside residues restat restated restating
  retires retrained retraining retrains retreading retreads reused reuses reveling revels revere revered
  reveres revering rewrote rippling rising roached roaches roaching rooting rotted rotting rousing routeing
  routes runway sacked sacking salable sallow salving sampler sanders sanding sapling sapped sapping sashes
  savage savaged savages savaging saying scalding scaleable scalping scaring scooping scorning scrips scumming
  sealing seaming seceding seedling seeing seeping selling selvage selvages sentience serous serves settling
  severs shafted shafting sharable sharding sharking sharping shavings shearing shopped shopping shoring
  shorting shuttling siding sifted sifting simper singers singing sinning sipped sipping sitting sittings
  sleeking slewing sliced slices slicing slitting sloshes slumming smoothy smother smuggest sniffled sniffling
  snorting snuffed snuffers snuffing snuggest soling soothed soothing sopped sopping sorter sorters soured
  souring sowing spacial spenders spending spiced spices spicing spilling spines spitting splashes splatting
  sporting squired squires staked staking staling stands stared staring startled startling stated stater
  stating statues steamed steaming steams steeling stepped stepping sticking stilling stimulate stimulated
  stimulates stimulating stimulation stings stocked stocking stokes storming stranding stranger strangest
  strapped strapping straying stricture strictures strikes string stringer striped striping strips stropped
  stropping subscribes suction suctions summarise summery sunders swatches swerving swopped swopping synching
  tacked tacking tailing taking tapered tapering tapped taring tasters tasting temped tempered tempering
  terrapin testes textural thanking thickets thorough though threshing throats thrusting tilling tipped
  tipping toiling tolling topmast topping traced tracer tracers trammed tramming transit transits transitted
  transitting trapping trashing treading treads treats trialing tricked tricking triples troubleshot trough
  trucked trucker trucking tubular tugging tuning turing umount umounted unblocked unblocking unblocks
  underlaying underlie underlies underling unleaded unlock unwonted usable useability venders versification
  versified versifies versifying victors vocation vortices waking waling walling waning warding washing
  weighed weighing weighs welling wheres whither whomever widowed widowing widows wights witched witches
  witching writeable writes writhing
`
    .trim()
    .split(/\s+/),
);
