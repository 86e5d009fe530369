/** Words that look like a common one with a slip of the pen, and are words all the same: `stating` is not always `starting`. */
export const NEAR_WORDS: ReadonlySet<string> = new Set(
  `
  addiction addictions addressees adopted adoptive afterwords alined anther appender appenders apples artefact
  artefacts auctions backed backlash backlashes backus baking banding bedsides behalves behaviours behoves
  bending biding blacked blacking blinding bluffers boarders bonding borers braking browses brunches bucking
  cantered caries cashes casing catching categorise categorises categorizes cation centred chocked chocking
  chucked chucking clacking clapboard cleansed clocking closet closets clucking coaching collet collets
  collusion coloured colouring commend commends compadre compat compete competed competes competing complaint
  complected complied complies composted compote compotes confirming confirms conformation constrains
  constrict constricted constricts contract coping covert coverts crated crates crating cremated cremates
  cremating cremation crushes culling currant curried curries curtain damping decades decease deceasing
  deciding decoder decodes defied defies deigned demons dented depleted depletes depleting depletion
  depreciated deprived descendent descendents descried descries dialing discord discorded discording divers
  drawling driers dripped dripping drives drovers duffers dumpling duping encoder ensues ensuing enures
  enuring escapees eternal exciting expanse expansive expended expending expends experts expiation faction
  factional fagged fallowed fallowing fallows faltered faltering falters farther felling fellows fending
  filers filing fining flailing flashed flashing fleshed fleshing flogged flouting foiling friction fronted
  fullback fulling funding garage grated grater greeter greeters groped groping grunted guarantied guaranties
  gutting handed handing heeding holing honoured impalement imparted imparts indeed indicted indicting induces
  inhabit inhabits insect insets instal instals instill instilled instilling instills keying labelled lacking
  lading lagging lasting lateral laterally laterals launchd legging libeled licensees licking liking linage
  lining litters locals locution locutions lucking lugging lunched lusting mackintosh makers making manged
  manger mangers manpage manpages massage massages massing mattes mauling messing mingling minuets misusing
  moaning mopping mountd mussing mutters needling neighbor nestling nether noempty notching noting opining
  overrode pacing paddling painted painter painters painting palling parens paring patters patting petting
  pickets pilling pitches pitting plackets pockets podding pointier polices poling poplar potable potion
  potions potting precoding preset presets prioritises prioritizes programmes pudding pursing puttying
  quoiting readying reamed reaming recoding recourse refname refnames relatime relaying reltime reminder
  replying residues restat restated retires retrained retraining reused reuses revere revered reveres rewrote
  roached roaches rooting rotted routeing routes salable sallow sampler sanding sapling sapped sashes scalding
  scaleable scalping selling serous serves settling severs sharding sharking sharping shearing shopped shoring
  shorting simper singing sipped sipping sitting sittings slitting sloshes snorting snuggest sopped sopping
  sorter sorters sowing spacial spending spicing spilling spitting splashes splatting sporting stared staring
  startled startling stated stating steaming steams stepped stepping stimulate stings storming strapped
  strapping stricture strictures string striped striping stropped stropping suction suctions swatches swerving
  swopped tacked tacking tailing taking tasting textural thorough though tilling tolling traced tracer tracers
  transit treading treads trialing tricked tricking trough trucked trucker trucking tuning turing umount
  umounted underlaying underling unwonted versification versified versifies versifying waning wheres whither
  widows witched writeable writes writhing
`
    .trim()
    .split(/\s+/),
);
