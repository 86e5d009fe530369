import type { Command } from '../model/command.ts';
import type { Option } from '../model/option.ts';
import { operandKey } from '../notation/operand-key.ts';
import type { Place } from '../source/source.ts';
import { capitalsInSource } from '../source/word-counts.ts';
import { COMMON_WORDS } from '../words/common-words.ts';
import { type ToldText, toldTexts } from './told-texts.ts';

/** A word in capitals that a text has for an argument, and that no argument is called. */
export interface UnknownArgument {
  /** The option or operand whose text it is; null where it is what the help says of the command. */
  readonly of: string | null;
  readonly word: string;
  readonly place: Place;
}

/** Words that placeholders are made of; others in capitals are names of formats, standards, variables, or said loudly. */
const PLACEHOLDERS: ReadonlySet<string> = new Set(
  'ACTION ADDRESS AMOUNT ARCHIVE AREA ATTEMPTS BATCH BRANCH BYTES CATEGORY CHANNEL CHARS CHARACTER CLASS CODE COLOR COLOUR COLUMN COLUMNS COMMAND COUNT DATABASE DATE DAY DAYS DELAY DELIM DELIMITER DEPTH DEST DESTINATION DEVICE DIGITS DIR DIRECTORY DIRNAME DOMAIN EXPR EXPRESSION EXTENSION FIELD FIELDS FILE FILENAME FILES FILTER FOLDER FORMAT GLOB GROUP HEIGHT HOST HOSTNAME HOUR HOURS IMAGE INDEX INFILE INPUT INTERFACE INTERVAL ITEM JOBS KEY KIND KEYWORD LABEL LANG LANGUAGE LENGTH LEVEL LIMIT LINE LINES LOG LOGFILE MINUTES MODE METHOD MODULE MONTH NAME NAMES NUM NUMBER OBJECT OFFSET OUTDIR OUTFILE OWNER PACKAGE PAGE PAGES PATH PATTERN PERCENT PERIOD PHRASE POSITION PREFIX PROFILE PROGRAM PROJECT QUERY RANGE RATE REASON RECORD REGEX REGEXP REPO REPOSITORY REVISION SCALE SECONDS SECTION SEPARATOR SERVER SHELL SIZE SOURCE SPEED STRING STYLE SUBJECT SUFFIX TABLE TAG TARGET TEMPLATE TEXT THREADS THRESHOLD TIME TIMEOUT TIMES TITLE TOPIC TYPE UNIT USER USERNAME VALUE VARIABLE VERSION WEIGHT WHEN WIDTH WORD WORDS YEAR ZONE'.split(
    ' ',
  ),
);

/** A word in capitals that stands among words in small letters, as a placeholder in a sentence does. */
const IN_SENTENCE =
  /(?:^|\b(?:[a-z]+ ))(?:an? |the |each |every )?([A-Z]{3,20})(?=[;,.]?(?:$| [a-z(\d])|[;,.]$)/g;

/** So many other texts that call an argument by its placeholder show that the help does so. */
const MIN_OWN = 2;

/** The words in capitals that texts have for arguments, where others of the help call theirs as the lists do, and this one stands nowhere else. */
export function unknownArguments(command: Command): UnknownArgument[] {
  const { options, operands, forms } = command;
  const known = new Set(
    [
      ...options.items.flatMap(placeholdersOf),
      ...operands.items.map(({ name }) => name),
      ...forms.flatMap((form) => form.operands.map(({ name }) => name)),
    ].flatMap((placeholder) => placeholder.split(/[^\w-]+/).map(operandKey)),
  );
  const own = options.items.filter((option) => {
    const { help } = option;
    const [placeholder = ''] = placeholdersOf(option);
    const bare = placeholder.replace(/[<>[\]]/g, '');
    return /^[A-Z][A-Z-]+$/.test(bare) && help?.value.includes(bare) === true;
  });
  return toldTexts(command).flatMap((told) => {
    const inAngles = unknownInAngles(told, known);
    if (inAngles !== undefined) return [inAngles];
    // An option that takes an argument, and calls it otherwise in its text, is one of the help's own custom.
    const isOwn =
      told.option === undefined
        ? told.of === null && hasUntoldOperand(command)
        : hasUntoldPlaceholder(told.option);
    return own.length < (isOwn ? 1 : MIN_OWN) ? [] : unknownIn(told, known, isOwn);
  });
}

/** A placeholder in a sentence, `to <path>`; a list of several is a notation. */
const IN_ANGLES = /(?<=[a-z] )<([a-z][a-z_-]{2,20})>(?=[ .,;)]|$)/g;

/** What keys and marks are called, which no argument is. */
const KEYS: ReadonlySet<string> = new Set(
  'tab enter return esc escape space ctrl alt shift backspace delete del control newline cr lf blank none empty default stdin stdout stderr'.split(
    ' ',
  ),
);

/** A placeholder in angle brackets in the text of an option whose own one is another, and is not in its text. */
function unknownInAngles(
  { text, of, place, option }: ToldText,
  known: ReadonlySet<string>,
): UnknownArgument | undefined {
  if (option === undefined || place === null || text.length > LONGEST) return undefined;
  const [placeholder = '', ...more] = placeholdersOf(option);
  if (more.length > 0 || !/^<[a-z][a-z_-]{2,20}>$/.test(placeholder) || text.includes(placeholder))
    return undefined;
  const [[shown = '', word = ''] = [], ...others] = text.matchAll(IN_ANGLES);
  const isUnknown = word !== '' && !KEYS.has(word) && !known.has(operandKey(word)) && others.length === 0;
  return isUnknown && place.source.text.split(shown, 3).length === 2 ? { of, word: shown, place } : undefined;
}

/** Whether an option takes an argument with a placeholder in capitals that its text does not have. */
function hasUntoldPlaceholder(option: Option): boolean {
  const [placeholder = '', ...more] = placeholdersOf(option).map((one) => one.replace(/[<>[\]]/g, ''));
  return (
    more.length === 0 &&
    /^[A-Z][A-Z_-]*$/.test(placeholder) &&
    !new RegExp(`\\b${placeholder}\\b`).test(option.help?.value ?? '')
  );
}

/** Whether the only operand of the only synopsis is a word in capitals that stands nowhere else. */
function hasUntoldOperand({ forms: [form, ...others], operands }: Command): boolean {
  const [only, ...more] = form?.operands ?? [];
  if (only === undefined || more.length > 0 || others.length > 0 || operands.items.length > 1) return false;
  const { name, place } = only;
  return /^[A-Z]{3,}$/.test(name) && place !== null && capitalsInSource(name, place.source) === 1;
}

function unknownIn(
  { text, of, place }: ToldText,
  known: ReadonlySet<string>,
  isOwn: boolean,
): UnknownArgument[] {
  // A long text may have a table in it, or the syntax of something.
  if (place === null || text.length > LONGEST) return [];
  for (const [, word = ''] of text.matchAll(IN_SENTENCE)) {
    const key = operandKey(word);
    const isKnown = known.has(key) || known.has(key.replace(/s$/, '')) || known.has(`${key}s`);
    const isPlaceholder =
      PLACEHOLDERS.has(word) || (isOwn && COMMON_WORDS.has(word.toLowerCase()) && !LOUD.has(word));
    const times = text.match(new RegExp(`\\b${word}\\b`, 'g'))?.length ?? 0;
    if (isPlaceholder && !isKnown && capitalsInSource(word, place.source) === times)
      return [{ of, word, place }];
  }
  return [];
}

/** Words that are said loudly. */
const LOUD: ReadonlySet<string> = new Set(
  'ALL ALWAYS AND ANY BEFORE AFTER BUT CAUTION DANGER DEFAULT DEPRECATED DOES EITHER EVERY FIRST HELP IMPORTANT LAST MUST NEVER NEW NOT NOTE NOW OFF OLD ONE ONLY OPTION OPTIONS OPTIONAL OTHER OUT PLEASE REQUIRED SEE STOP THE THIS TRUE FALSE WARNING WILL WITH WITHOUT YES'.split(
    ' ',
  ),
);

/** Longer texts are not searched. */
const LONGEST = 300;

function placeholdersOf({ argument, names }: Pick<Option, 'argument' | 'names'>): string[] {
  return [argument, ...names.map((name) => name.argument)].flatMap((one) =>
    (one?.value.words ?? []).flatMap(({ placeholder }) => placeholder?.value ?? []),
  );
}
