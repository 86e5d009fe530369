// The words that notes are made of. What stands together here means the same, so that a phrase is read whichever of them it has.

/** What is said of an option that is not there: `omitted`, `not given`. */
const NOT_GIVEN =
  '(?:absent|omitted|unset|unspecified|missing|left out|not (?:given|specified|set|present|provided|supplied|passed|defined|stated|used))';

/** `if omitted`, `when not given`, `unless given` */
export const WHEN_NOT_GIVEN = `(?:(?:if|when|where) (?:it is |this is )?${NOT_GIVEN}|unless (?:it is )?(?:given|set|specified|stated|told|overridden|changed))`;

/** `default`, `the default value`, `initial setting`; a sign or the value follows. */
export const DEFAULT_WORDS = '(?:default|initial|preset|fallback)';

/** What kind of values they are. */
const ALLOWED =
  '(?:possible|allowed|valid|accepted|acceptable|legal|supported|known|available|permitted|recogni[sz]ed)';

/** What announces values and needs no sign behind it: `allowed values are`, `must be one of`, `choose from`, `in` before a brace. */
export const VALUES_WORDS = [
  `(?:(?:currently )?${ALLOWED} )?(?:values|choices)(?: are)?(?: one of)?`,
  `${ALLOWED} options(?: are)?`,
  '(?:choose|select|pick)(?: one)? (?:from|between|among|of)',
  'choice of',
  '(?:one|any) of',
  'among',
  'in(?= ?\\{)',
  'either',
  '(?:must|can|may|should|shall|has to|is to) be(?: (?:one|any) of| either| among| in)?',
  '(?:takes|accepts|expects|expected)(?: one of| either)?',
];

/** What announces values only with a sign behind it: `available:`, `options:`, `known formats:`. */
export const VALUES_WORDS_WITH_SIGN = [
  'enum',
  'options',
  `(?:currently )?${ALLOWED}(?: [a-z]{3,20}s)?(?: are)?`,
];

/** Behind these, two words may be what a value is like: `must be positive or zero`. */
export const OF_A_KIND =
  /^(?:(?:must|can|may|should|shall|has to|is to) be|either|takes|accepts|expects|expected)$/i;

/** `env`, `environment variable`, `env. var.` */
export const ENVIRONMENT_WORDS = '(?:env(?:ironment)?\\.?(?:[ -]?var(?:iable)?s?\\.?)?)';

const OF_VARIABLE = `(?: the)?(?: ${ENVIRONMENT_WORDS})?`;

/** That a value comes from the variable whose name follows. */
export const TAKEN_FROM = `(?:(?:can |may )?(?:also )?(?:be )?(?:also )?(?:set|read|taken|given|overridden|defined|configured|controlled) (?:with|by|via|from|through|in|using)|overrides)${OF_VARIABLE}`;

/** The same where only the sign of a variable shows that its name follows: `or $TIFFIN_DAY`. */
export const FROM_SIGN = `(?:from|via|or(?: set| use)?|defaults to|falls back to)${OF_VARIABLE}`;

const GIVEN = '(?:given|specified|provided|set|supplied|passed|present|stated)';

/** That an option must be given, in so many words. */
export const MUST_BE_GIVEN = `(?:(?:this )?(?:option|argument|parameter|value) )?(?:is )?(?:(?:always |strictly )?(?:required|mandatory|obligatory|compulsory)|not optional)|(?:always |strictly )(?:needed)|(?:must|has to|needs to) be ${GIVEN}|(?:can ?not|may not|must not) be (?:omitted|left out|missing)|(?:required|mandatory) (?:option|argument|parameter)`;

/** The lower bound, and the upper one, in front of a number. */
export const LEAST_WORDS =
  '(?:>=\\s?|(?:\\bmin(?:imum)?(?: value)?(?: is)?\\s?[:= ]|\\b(?:at least|no(?:t)? less than|not (?:below|under|smaller than)))\\s?)';
export const MOST_WORDS =
  '(?:<=\\s?|(?:\\bmax(?:imum)?(?: value)?(?: is)?\\s?[:= ]|\\b(?:at most|no(?:t)? more than|not (?:above|over|greater than|larger than)|up to))\\s?)';
