import { listNames } from '../../messages/wording.ts';
import { longNames, type Option } from '../../model/option.ts';
import { withoutNotes } from '../../notation/without-notes.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with switches whose text tells the opposite of what the name does. */
export const textOpposesName = defineCheck({
  name: 'help/text-opposes-name',
  level: 'warning',
  title: 'The text of a switch says the opposite of its name',
  why: 'One of the two is wrong, and callers who go by the other get what they wanted to avoid.',
  standard: 'practice',
  needs: ['the texts of the switches'],
  since: 13,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --map: do not draw the map\n  --no-header: print the header\n  --late: list what is late\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --map        draw the map\n  --no-header  leave out the header\n  --late       list what is late\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --map        do not draw the map of the day before\n  --no-header  print the header only once\n  --late       no box that is early\n  --status=N   do not print the status\n',
  },
  judge: (view, report) =>
    reportFaultyOptions(view, report, {
      among: ({ help }) => help !== undefined,
      isAtFault: (option) =>
        (option.argument?.value.presence === 'none' && isOpposed(option)) || isOtherBound(option),
      placeOf: ({ help, place }) => help?.place ?? place,
      // What was read of it in help output stands under 85 of 100.
      levelOf: (faulty) => (faulty.every(({ place }) => view.isHelp(place)) ? 'note' : undefined),
    }),
  message: ({ names }: FaultyOptions) =>
    `the ${names.length === 1 ? 'text' : 'texts'} of ${listNames(names)} ${names.length === 1 ? 'tells' : 'tell'} the opposite of what the ${names.length === 1 ? 'name says' : 'names say'}`,
  fix: ({ names }) =>
    `correct the ${names.length === 1 ? 'text' : 'texts'}, or rename the ${names.length === 1 ? 'option' : 'options'}`,
});

const VERBS =
  'use|show|print|write|read|keep|run|send|make|create|display|include|apply|do|output|add|generate|perform|take|draw|enable|activate';

const NEGATOR =
  "(?:disables?|do(?:es)? not|don't|doesn't|never|turns? off|switch(?:es)? off|suppress(?:es)?|omits?|skips?|deactivates?|leaves? out)";

const ARTICLE = '(?:any |the |an? )?';

/** `do not draw the `, up to the words of the name. */
const DENIES = new RegExp(
  `^(?:${NEGATOR} (?:(?:${VERBS}) (?:(?:from|to|into|in|at) )?)?|(?:turn|switch)(?=[^.]* off\\b) )${ARTICLE}`,
  'i',
);

/** `print the `, up to the words of the name. */
const AFFIRMS = new RegExp(`^(?:(?:${VERBS})s?|(?:turn|switch)(?:es|s)? on) ${ARTICLE}`, 'i');

/** `light the `: any other verb, where nothing follows the words of the name; one that begins as those that take something away do may be such. */
const DOES = new RegExp(`^(?!de|dis|di[sz]|un|in|ex|ab|re)[a-z]+ ${ARTICLE}`, 'i');

/** Behind the words of the name, what limits the sentence to a part: `the map of the day before`, `the header only once`. */
const LIMITS =
  /^[\w-]* (?:of|for|in|on|with|from|if|when|where|that|which|only|but|except|unless|until|twice|again|as|to|by)\b/i;

/** The same where the name is the verb: `do not wait for the ebb`. */
const CONDITIONS =
  /^[\w-]* (?:if|when|where|only|but|except|unless|until|twice|again)\b|\b(?:only|unless|except)\b/i;

/** What makes a sentence negative, or a matter of degree. */
const NEGATIVE =
  /\b(?:no|not|non|cannot|dont|without|only|never|instead|rather|except|but|off|less|plain|raw|false|opposite|inverse|any|nothing|neither|nor|(?:disabl|skip|omit|suppress|avoid|leav|ignor|prevent|remov|exclu|hid|stop|un|drop|quiet|silen[ct]|squelch|hush|inhibit|forbid|refus|neglect|discard|bypass|revers|invert|negat|insensitiv|invisib|inactiv|independen|deactivat|cancel|clear|reset|block|den|eliminat|abort|minim|strip|override|disregard|withhold|exit|fail|disallow|keep|allow|forc|delet|eras|reject|restrict|limit|reduc|mut|turn|truncat|assum|treat|set)\w*)\b|n't\b|!/i;

/** How names begin that take something away: their texts may deny it. */
const TAKES_AWAY =
  /^--(?:no|not|non|without|disable|skip|ignore|un|dont|omit|suppress|hide|exclude|never|off|remove|stop|prevent|deny|block|mute|drop|quiet|silent|only|all$|any$|every$|each$|both$)/;

/** Words of names, what a text says that tells the opposite of them, and what it says that makes it doubtful. */
const BOUNDS: readonly (readonly [name: RegExp, opposite: RegExp, doubt: RegExp])[] = [
  [
    /(?:^|-)max(?:imum)?(?:-|$)/,
    /\b(?:at least|no (?:less|fewer) than)\b|^(?:the )?minim(?:um|al)\b/i,
    /\b(?:max\w*|at most|more than|no more|up to|larg\w+|great\w+|long\w+|high\w+|limit\w*|until|stop\w*|if|when|unless)\b/i,
  ],
  [
    /(?:^|-)min(?:imum)?(?:-|$)/,
    /\b(?:at most|no more than)\b|^(?:the )?maxim(?:um|al)\b/i,
    /\b(?:min\w*|at least|no (?:less|fewer)|small\w+|short\w+|low\w+|until|stop\w*|if|when|unless)\b/i,
  ],
  [
    /(?:^|-)max(?:imum)?(?:-|$)/,
    /^(?:skip|ignore|leave out|exclude|omit)\b.*\b(?:smaller|shorter|lower|less|fewer) than\b/i,
    /\b(?:not|no|except|unless)\b/i,
  ],
  [
    /(?:^|-)min(?:imum)?(?:-|$)/,
    /^(?:skip|ignore|leave out|exclude|omit)\b.*\b(?:larger|longer|bigger|greater|higher|more) than\b/i,
    /\b(?:not|no|except|unless)\b/i,
  ],
  [
    /^exclude(?:-|$)/,
    /^(?:take|use|include|keep|show|list|print) only\b|^only (?:take|use|include|keep|show|list|print)\b/i,
    /\b(?:not|no|exclu\w+|except|skip\w*|leav\w+|omit\w*|ignor\w+|without|instead)\b/i,
  ],
  [
    /^include(?:-|$)/,
    /^(?:leave out|skip|exclude|omit|ignore)\b/i,
    /\b(?:not|no|inclu\w+|except|unless|without|only|instead)\b/i,
  ],
  [
    /^(?:quiet|silent)$/,
    /^(?:print|show|tell|say) (?:everything|more|all)\b/i,
    /\b(?:not|no|but|less|except|unless)\b/i,
  ],
];

/** Whether a text tells the other bound, or the other half, of what the name says. */
function isOtherBound(option: Option): boolean {
  const text = withoutNotes(option.help?.value ?? '');
  return longNames(option).some(({ text: name }) =>
    BOUNDS.some(
      ([pattern, opposite, doubt]) => pattern.test(name.slice(2)) && opposite.test(text) && !doubt.test(text),
    ),
  );
}

function isOpposed(option: Option): boolean {
  const text = (option.help?.value ?? '').replaceAll('’', "'");
  return longNames(option).some(({ text: name }) => {
    const denied = /^--(?:no|disable|without)-(.+)$/.exec(name)?.[1];
    return denied === undefined
      ? !TAKES_AWAY.test(name) && isDenied(text, name.slice(2))
      : !NEGATIVE.test(text) && isAffirmed(text, denied);
  });
}

function isDenied(text: string, name: string): boolean {
  const phrase = DENIES.exec(text)?.[0];
  const behind = phrase === undefined ? undefined : behindName(text.slice(phrase.length), name);
  const isVerb = /^(?:do(?:es)? not|don't|doesn't|never) $/i.test(phrase ?? '');
  return behind !== undefined && !(isVerb ? CONDITIONS : LIMITS).test(behind);
}

function isAffirmed(text: string, name: string): boolean {
  // `wait for the ebb`: the name is the verb; before a noun it says what is left out.
  const ofVerb = behindName(text, name);
  if (ofVerb !== undefined)
    return /^ (?:the|an?|all|each|every|for|to) /.test(ofVerb) && !CONDITIONS.test(ofVerb);
  const known = AFFIRMS.exec(text)?.[0];
  const behind = known === undefined ? undefined : behindName(text.slice(known.length), name);
  if (behind !== undefined) return !LIMITS.test(behind);
  const end = behindName(text.slice(DOES.exec(text)?.[0].length ?? 0), name);
  return end !== undefined && /^\w*(?:$|[.;,:(])/.test(end);
}

/** What follows the words of a name, with the ending that they may have, at the beginning of a text; undefined where it does not begin with them. */
function behindName(text: string, name: string): string | undefined {
  const words = (part: string) => part.toLowerCase().replace(/[\s_-]+/g, ' ');
  const told = words(name);
  const seen = words(text.slice(0, name.length * 2 + REST));
  const behind = seen.slice(told.length);
  return seen.startsWith(told) && /^\w{0,3}(?!\w)/.test(behind) ? behind : undefined;
}

/** So much behind the words of a name is looked at. */
const REST = 40;
