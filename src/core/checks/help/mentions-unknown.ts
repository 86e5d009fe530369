import { distance } from 'fastest-levenshtein';
import type { AuditView } from '../../audit-view.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Fact } from '../../model/fact.ts';
import { walkCommands } from '../../model/walk.ts';
import type { Place } from '../../source/source.ts';
import { suggest } from '../../words/suggest.ts';
import { isSwapped } from '../../words/swapped-letters.ts';
import { type Departure, defineCheck } from '../define-check.ts';
import { standsAlone, type ToldText, toldTexts } from '../told-texts.ts';
import { EVERYWHERE, isNegation } from '../unlisted-names.ts';

/** So many mentions of one text are held against all names. */
const MENTIONS_LIMIT = 50;

/** Of so many options that no list has, the texts of one help may speak. */
const MOST_MISSING = 3;

type Mentioned = {
  /** The option or operand whose text it is; null where it is running text. */
  readonly name: string | null;
  readonly option: string;
  readonly near: string | null;
  /** Whether the lists have all options that there are. */
  readonly complete: boolean;
};

/** One finding for each option that a text speaks of and that is in no list. */
export const mentionsUnknown = defineCheck({
  name: 'help/mentions-unknown',
  level: 'warning',
  title: 'A text mentions an option that does not exist',
  why: 'The option was renamed or removed, and other texts still send the reader to it.',
  standard: 'practice',
  needs: ['a complete list of options', 'the texts'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --late: what came after noon, see --after-noon\n  --map: draw a map\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --late: what came after noon, see --map\n  --map: draw a map\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --late: what came after noon, as rounds --after-noon does\n  --map: draw a map\n',
  },
  judge(view, report) {
    // A text may speak of any command of the program.
    const known = new Set<string>();
    let isComplete = true;
    for (const { command } of walkCommands(view.interface)) {
      isComplete &&= command.options.complete?.value === true || !command.described;
      for (const { names, negatedNames } of command.options.items) {
        for (const { text, form } of [...names, ...negatedNames]) {
          known.add(text);
          // `-aFILE` is the letter with its argument, where it was not told apart from a name.
          if (form === 'single-hyphen-long') known.add(text.slice(0, 2));
        }
      }
    }
    // The help of a command alone may speak of options of the program.
    const variables = new Set(view.interface.environment.map(({ name }) => name));
    const isRootShown = view.interface.root.described;
    const longNames = [...known].filter((name) => name.startsWith('--'));
    const hasOneHyphen = [...known].some((name) => /^-\w\w/.test(name));
    const program = view.interface.program.value;
    for (const { command, path } of view.described) {
      const told: Departure<Mentioned>[] = [];
      const texts = path.length > 1 ? toldTexts(command) : [...toldTexts(command), ...textsOfVariables(view)];
      for (const { text, place, option, of } of texts) {
        // What is declared of it is the matter of `conflicts/reference-dangles`.
        const declared = [option?.sameAs?.value.option, option?.deprecated?.value.replacedBy?.value];
        const unknown = unknownIn(text, known, program).filter(
          // A letter in a text about something else than an option may be another program's: `as python3 -m does`.
          ({ name }) =>
            !declared.includes(name) &&
            !standsForAny(name, text) &&
            (option !== undefined || (of !== null && variables.has(of)) || name.startsWith('--')),
        );
        const unbroken = unknown.slice(0, MENTIONS_LIMIT).filter(({ name }) => !isBroken(name, known, place));
        const near =
          unbroken.flatMap((mention) => {
            if (isNegation(mention.name, known) || !mention.name.startsWith('--')) return [];
            const [other] = nearest(mention.name, longNames);
            // Running text may name what others begin with.
            const isAbout = of !== null || (other !== undefined && !other.startsWith(mention.name));
            return other === undefined || !isAbout ? [] : [{ ...mention, other }];
          })[0] ?? (option === undefined || hasOneHyphen ? undefined : withOneHyphen(text, known));
        // Where the list may lack some, only what is spelled almost as one that it has is surely wrong; what stands nowhere else is missed by the reader all the same.
        const alone = unbroken.find(
          ({ name, isFirst }) =>
            !isFirst &&
            !isNegation(name, known) &&
            !(of === null && longNames.some((one) => one.startsWith(name))) &&
            standsAlone(name, place),
        );
        const found = isComplete ? (near ?? unbroken[0]) : (near ?? (isRootShown ? alone : undefined));
        if (found === undefined && unbroken.length > 0) {
          report.notJudged({
            command: path,
            count: 1,
            reason: 'whether the list of options is complete',
            remedy: "if it is, say 'complete: true' in an interface document",
            place,
          });
          continue;
        }
        report.judged();
        if (found === undefined) continue;
        told.push({
          command: path,
          subject: found.name,
          data: {
            name: of,
            option: found.name,
            near: near === found ? near.other : null,
            complete: isComplete,
          },
          place,
          ...((of !== null &&
            found.name.startsWith('--') &&
            (isComplete || (near !== undefined && near === found && isSlip(near.name, near.other)))) ||
          (option !== undefined && sendsTo(text, found.name))
            ? {}
            : { level: 'note' }),
        });
      }
      // Where many are missing, they stand in a list that this one is not: no text is at fault.
      const missing = told.filter(({ data }) => data.near === null).length;
      for (const departure of told)
        if (isComplete || departure.data.near !== null || missing <= MOST_MISSING) report.finding(departure);
    }
  },
  message: ({ name, option, near, complete }: Mentioned) =>
    `${name === null ? 'the help' : `the text of ${quoteName(name)}`} mentions ${quoteName(option)}, which ${near === null ? (complete ? 'does not exist' : 'no list has') : near.startsWith(option) ? `is only the beginning of ${quoteName(near)}` : `is no option; ${quoteName(near)} is`}`,
  fix: ({ option, near }) =>
    near === null
      ? `name the right option, or remove ${quoteName(option)}`
      : `write ${quoteName(near)}, if that is meant`,
});

/** `--key=value`: how options are given, and no option. */
function standsForAny(name: string, text: string): boolean {
  return (
    /^--(?:key|name|option|opt|flag|setting)$/.test(name) &&
    /=<?value\b/i.test(text.slice(text.indexOf(name) + name.length, text.indexOf(name) + name.length + 7))
  );
}

/** What the help says of environment variables and exit statuses. */
function textsOfVariables({ interface: { environment, exitStatuses } }: AuditView): ToldText[] {
  const told = (of: string, help: Fact<string> | undefined): ToldText[] =>
    help === undefined ? [] : [{ text: help.value, place: help.place, option: undefined, of }];
  return [
    ...environment.flatMap(({ name, help }) => told(name, help)),
    ...exitStatuses.flatMap(({ from, help }) => told(`exit status ${from}`, help)),
  ];
}

/** Whether a text tells to use an option in place of its own, or calls it another name of its own: `deprecated, use --late`, `-s is the same`. */
function sendsTo(text: string, name: string): boolean {
  const at = text.indexOf(name);
  const [before, behind] = [
    text.slice(Math.max(0, at - 60), at),
    text.slice(at + name.length, at + name.length + 20),
  ];
  return (
    /\b(?:deprecated|obsolete|superseded|replaced)\b.{0,40}\b(?:use|see|by) (?:the )?$/i.test(before) ||
    /^ instead\b|^ is the same\b/.test(behind)
  );
}

/** Whether a name is another one with a slip, and not its beginning: a parser may take that for it, but nobody ends a name within a word. */
function isSlip(name: string, other: string): boolean {
  return (
    !other.startsWith(name) || (other.length - name.length < 3 && /^\w+$/.test(other.slice(name.length)))
  );
}

interface Mention {
  readonly name: string;
  /** Whether the text begins with it: then it may be a name of what the text is about. */
  readonly isFirst: boolean;
}

/** A long name in a text, with the word before it. One right behind a bracket is told as another name: `[--late]`. One that goes on with a full stop and a letter is part of a longer word. */
const LONG = /(\S{0,60})(?:^|[\s('"`,])(--[a-z][\w-]{0,60}[a-z\d])(?![\w-]|\.\w)/g;

/** A letter in a text, with the word before it and what stands behind it. */
const LETTER = /(\S{0,60})(?:^|[\s(,;])(-[A-Za-z])(?=[\s,;)]|[.:](?:\s|$)|$)( is the same\b)?/g;

/** A letter, and a blank or a comma behind it. */
const LETTER_BEFORE = /(?:^|\s)-[A-Za-z],? $/;

/** Command lines in quotes, which may be another program's. */
const QUOTED = /`[^`\s]+ [^`]*`/g;

/** `options like --late-or-never, or --map`: names that other programs may have. */
const SAMPLES =
  /\b(?:options?|flags?|switches) (?:like|such as|might include|may include)(?:(?: |, |, or | or )--?[a-z][\w-]{0,60}){1,8}/gi;

function unknownIn(whole: string, listed: ReadonlySet<string>, program: string): Mention[] {
  const text = whole.replace(QUOTED, '').replace(SAMPLES, '');
  if (BEGINNINGS.test(text)) return [];
  // `--help-all`: more help is told of, and need not be listed.
  const known = {
    has: (name: string) => listed.has(name) || EVERYWHERE.has(name) || /^--help-|-help$/.test(name),
  };
  const long = [...text.matchAll(LONG)].flatMap(({ 0: whole, index, 1: before = '', 2: name = '' }) =>
    known.has(name) ||
    isOfAnotherProgram(wordBefore(text, index + whole.length - name.length) ?? before, program) ||
    WAS_NAME.test(before)
      ? []
      : [{ name, isFirst: index === 0 && before === '' }],
  );
  const letters = [...text.matchAll(LETTER)].flatMap(({ 1: before = '', 2: name = '', 3: behind, index }) => {
    // `see -g and -y`
    const isListed =
      /^(?:and|or|nor)$/.test(before) && LETTER_BEFORE.test(text.slice(Math.max(0, index - 4), index));
    return known.has(name) || !(SENDS.test(before) || isListed || behind !== undefined)
      ? []
      : [{ name, isFirst: false }];
  });
  return [...long, ...letters, ...(isOneHyphen(listed) ? singleHyphens(text, known) : [])];
}

/** Whether most long names of the program have one hyphen. */
function isOneHyphen(listed: ReadonlySet<string>): boolean {
  const names = [...listed];
  return names.some((name) => /^-\w\w/.test(name)) && !names.some((name) => /^--\w/.test(name));
}

/** A name behind one hyphen to which a text sends the reader: `with -port`. */
const SENT_TO =
  /(?:^|\s)(?:see|use|using|with|without|requires?|implies|overrides) (-[a-z][a-z\d-]{2,30})(?=[\s,;.)]|$)/gi;

function singleHyphens(text: string, known: { readonly has: (name: string) => boolean }): Mention[] {
  return [...text.matchAll(SENT_TO)].flatMap(([, name = '']) =>
    known.has(name) ? [] : [{ name, isFirst: false }],
  );
}

/** A word behind one hyphen, as programs have it whose parsers know such names. */
const ONE_HYPHEN = /(?:^|[\s('"`,])-([a-z][\w-]{1,60}[a-z\d])(?![\w=<-]|\.\w)/g;

/** A long name that a text writes with one hyphen, where no name of the lists is written so: `overrides -late`, and `--late` is meant. */
function withOneHyphen(
  text: string,
  known: ReadonlySet<string>,
): (Mention & { readonly other: string }) | undefined {
  const [found] = [...text.matchAll(ONE_HYPHEN)].flatMap(([, word = '']) =>
    known.has(`--${word}`) && !known.has(`-${word}`) ? [word] : [],
  );
  return found === undefined ? undefined : { name: `-${found}`, isFirst: false, other: `--${found}` };
}

/** What names begin with is none: `options that start with -g or --param are passed on`. */
const BEGINNINGS = /\b(?:start|begin)(?:s|ing)? with -/;

/** Whether a name is one of the list with a hyphen of the end of a line in it: `--late-`, and below it `box`, for `--latebox`. */
function isBroken(name: string, known: ReadonlySet<string>, place: Place): boolean {
  if (place === null) return false;
  return [...name.matchAll(/(?<=\w)-(?=\w)/g)].some(
    ({ index }) =>
      known.has(name.slice(0, index) + name.slice(index + 1)) &&
      place.source.text.slice(place.start, place.end).includes(`${name.slice(0, index + 1)}\n`),
  );
}

/** Words that send the reader to the letter behind them. */
const SENDS =
  /^\(?(?:see|of|use|using|requires?|implies|overrides|for|as|to|needs|with|without|than|unless|when|if|like|only|option|specify|set|short|short:|shortcut:?|shorthand:?|alias:?|aliases:?)$/i;

/** Behind these stands what an option was called before. */
const WAS_NAME = /^\(?(?:replaces|was|formerly|previously|renamed|obsoletes?|old)$/i;

/** The names that one may stand for by a slip: it begins them, has their words, or differs in a letter or two of many. */
function nearest(name: string, names: readonly string[]): string[] {
  return suggest(name, names).filter((other) => {
    const [given, meant] = [name.slice(2), other.slice(2)];
    if (meant.startsWith(given) || given.replace(/[-_]/g, '') === meant.replace(/[-_]/g, '')) return true;
    return isSwapped(given, meant) || distance(given, meant) <= (given.length < 8 ? 1 : 2);
  });
}

/** A word, and options behind it, at the end of a text: `round plan -x`. */
const WORD_AND_OPTIONS = /(?:^|\s)([^\s-]\S{0,60})(?: -\S{1,60}){1,6} $/;

/** The word before the options that stand before an index: in `round plan -x --late` that is `plan`; undefined where there are none before it. */
function wordBefore(text: string, index: number): string | undefined {
  return WORD_AND_OPTIONS.exec(text.slice(Math.max(0, index - 400), index))?.[1];
}

/** Behind the name of a program, an option is that program's. */
function isOfAnotherProgram(before: string, program: string): boolean {
  const word = before.replace(/^["'`(]+/, '');
  return (/^[a-z][\w.-]*$/.test(word) && word !== program && !WORDS.has(word)) || /\w\/\w/.test(before);
}

/** Words that stand before an option of the same program. */
const WORDS: ReadonlySet<string> = new Set(
  'see use with without and or if of the by to as for like unless when than from not also option options is are implies overrides requires give given using via in on alias the set opposite favour favor specify specifying need needs require only try instead neither nor combined where whenever while whether before after because until both either any does'.split(
    ' ',
  ),
);
