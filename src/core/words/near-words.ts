/** Words that look like a common one with a slip of the pen, and are words all the same: `stating` is not always `starting`. */
export const NEAR_WORDS: ReadonlySet<string> = new Set(
  `
  addiction addictions addressees adopted alined appender appenders apples artefact artefacts auctions backed
  backlash backlashes backus baking banding bedsides behalves behaviours bending biding blacked blacking
  blinding boarders bonding braking browses brunches bucking cantered cashes casing catching categorise
  categorises categorizes centred chucked chucking clacking cleansed clocking closet closets clucking coaching
  collet collets collusion coloured colouring commend commends compadre compat compete competed competes
  competing complaint complied complies composted confirming confirms conformation constrains constrict
  constricted constricts contract coping covert coverts crated crates crating cremated cremates cremating
  cremation crushes culling currant curried curries curtain damping decades decease deceasing deciding decoder
  decodes defied defies deigned demons dented depleted depletes depleting depletion depreciated deprived
  descendent descendents dialing discord discorded discording divers drawling driers dripped dripping drives
  dumpling duping encoder ensues ensuing eternal exciting expanse expansive expended expending expends experts
  faction faltered faltering falters farther felling fellows fending filers filing fining flailing flashed
  flashing fleshed fleshing flogged flouting foiling friction fronted fulling funding garage grated grater
  greeter greeters groped groping grunted gutting handed handing heeding holing honoured imparted imparts
  indeed indicted indicting induces inhabit inhabits insect instal instals instill instilled instilling
  instills keying labelled lacking lading lagging lasting lateral laterals launchd legging libeled licensees
  licking liking lining litters locals lucking lugging lunched lusting makers making manger mangers manpage
  manpages massage massages massing mattes mauling messing mingling minuets misusing moaning mopping mountd
  mussing mutters needling neighbor nestling nether noempty notching noting overrode pacing paddling painted
  painter painting palling parens paring patters patting petting pickets pilling pitches pitting pockets
  podding polices poling poplar potion potions potting precoding preset presets prioritises programmes pudding
  pursing puttying readying reamed reaming recoding recourse refname refnames relatime relaying reltime
  reminder replying residues restat retires reused reuses revere revered reveres rewrote roaches rooting
  rotted routeing routes salable sallow sampler sanding sapling sapped sashes scalding scaleable scalping
  selling serves settling severs sharding sharking sharping shearing shopped shoring shorting singing sipped
  sipping sitting slitting sloshes snorting snuggest sopped sopping sorter sorters sowing spacial spending
  spicing spilling spitting splashes sporting stared staring startled startling stated stating steaming steams
  stepped stepping stimulate stings storming strapped strapping string striped striping suction suctions
  swerving tacked tacking tailing taking tasting thorough though tilling tolling traced tracer tracers transit
  treading treads trialing tricked tricking trough trucked trucking tuning turing umount umounted underlaying
  waning wheres widows witched writeable writes writhing
`
    .trim()
    .split(/\s+/),
);
