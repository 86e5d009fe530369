// The words that survive the masking of a help text: those that say what a part of it is, and those that hold sentences together. All others
// are replaced.
export const KEPT_WORDS = new Set(
  `
  usage synopsis syntax use options option flags flag switches commands command subcommands subcommand cmd verbs verb actions action
  arguments argument args arg operands operand positional positionals optional required mandatory examples example environment variables variable
  exit status code codes return values value defaults default choices choose choice possible valid allowed accepted supported available
  aliases alias global general common other more all any each description name version help author authors copyright license licence
  report bugs bug see also note notes where which files file directory dir path folder string str text number num int integer float bool
  boolean list url uri host port address addr user id key size level mode type format time date seconds count pattern regex width word
  show shows display displays print prints output outputs message messages information and or not no nor is are be been was were has have had
  can could may might must should will would do does did a an the this that these those of to in on at by for from with without into onto as
  if unless when while then than but so only same like one two three either neither both instead equivalent short long means mean given set
  sets enable enables disable disables specify specifies specified using used uses it its you your they their there here how what why who
  after before above below between up down out off over under again once every per via e g i etc eg ie vs true false yes none null unset
  absent omitted ignored deprecated obsolete synonym shorthand inverse opposite negation range positive negative most least than least
  following follows first last next previous new old abbreviated abbreviation unique unambiguous prefix mandatory too multiple times repeated
  terminal stdin stdout stderr standard input error errors stop end ends processing
  `
    .trim()
    .split(/\s+/),
);
