import type { AuditView } from '../audit-view.ts';
import { quoteName } from '../messages/wording.ts';
import type { Command } from '../model/command.ts';
import type { CommandAt } from '../model/walk.ts';
import type { Trace } from '../parsing/trace.ts';
import type { ShellWord } from '../shells/shell-words.ts';
import { countWords, nameTimesInSource, timesInSource } from '../source/word-counts.ts';
import { EVERYWHERE, isNegation } from './unlisted-names.ts';

/** So many options make a list of which one may be missed. */
const LEAST_LISTED = 2;

/** A command line, and what is known of the command that it calls. */
interface Call {
  readonly at: CommandAt;
  readonly trace: Trace;
  readonly words: readonly ShellWord[];
  /** The names of all options that the command takes, as far as they are listed. */
  readonly names: readonly string[];
  readonly view: AuditView;
}

/**
 * What is wrong with a command line that has an option which no list has: whether that exists or not, readers miss it there. Undefined where there is none,
 * or where the list, or whose option it is, is not sure.
 */
export function unlistedOption({ at, trace, words, names, view }: Call): string | undefined {
  const { command, line } = at;
  const isPart = line.some(({ options }) => options.complete?.value === false);
  if (isPart || !line.every(({ described }) => described) || command.options.items.length < LEAST_LISTED)
    return undefined;
  const known = new Set(names);
  for (const { code, word } of trace.problems) {
    const given = code === 'not-judged' && word !== null ? words[word] : undefined;
    const name = given?.literal === true ? unlistedName(given.text, known) : undefined;
    if (
      name === undefined ||
      EVERYWHERE.has(name) ||
      isNegation(name, known) ||
      names.some((one) => one.startsWith(`${name}-`))
    )
      continue;
    if (mayFollowCommand(trace, word, command) || isToldElsewhere(name, command, view)) continue;
    if (words.length === 1 && isToldBeside(name, command)) continue;
    return `${quoteName(name)} is no option that the help lists`;
  }
  return undefined;
}

/** The name that a word may be, or the only letter of a group that no list has. */
function unlistedName(text: string, known: ReadonlySet<string>): string | undefined {
  const [, group = ''] = /^-([A-Za-z]{2,4})$/.exec(text) ?? [];
  const letters = [...group].map((letter) => `-${letter}`);
  const [unknown, ...more] = letters.filter((letter) => !known.has(letter));
  const isGroup = ![...known].some((name) => /^-\w\w/.test(name));
  if (unknown !== undefined) return more.length === 0 && letters.length > 1 && isGroup ? unknown : undefined;
  return /^--[a-z][\w-]+|^-[A-Za-z]$/.exec(text)?.[0];
}

/** Whether a word may stand behind a command that is not listed, whose option it is then, or be one of the words that may look like options: a synopsis with `--`, or the text of an operand, says that there are some. */
function mayFollowCommand(trace: Trace, word: number | null, { forms, operands }: Command): boolean {
  const first = trace.firstOperand;
  const isBehind = first !== null && word !== null && first < word;
  if (!isBehind) return false;
  const takesOptions = operands.items.some(({ help }) =>
    /\b(?:options?|hyphens?|arguments?|commands?)\b/.test(help?.value ?? ''),
  );
  return (
    takesOptions ||
    forms.some(({ text }) => /\b(?:sub-?)?(?:command|cmd|action|verb)s?\b|\s\[?--\]?\s/i.test(text))
  );
}

/** So far behind its name a text may stand. */
const WIDEST_GUTTER = 60;

/** `tiffin --licence   show the licence`: a line with a text of its own tells of the option. */
function isToldBeside(name: string, { examples }: Command): boolean {
  return examples.some(({ commandLine, place }) => {
    if (!commandLine.endsWith(` ${name}`) || place === null) return false;
    const { text } = place.source;
    const behind = text.indexOf(name, place.start) + name.length;
    return /^ {2,}\S/.test(text.slice(behind, behind + WIDEST_GUTTER));
  });
}

/** Whether a help has the word of a name outside its examples: it may stand in a list in a way of its own. */
function isToldElsewhere(name: string, { examples }: Command, view: AuditView): boolean {
  const own = examples.filter(({ place }) => place !== null && view.isHelp(place));
  const source = own[0]?.place?.source;
  if (source === undefined) return false;
  const word = name.replace(/^-+/, '').toLowerCase();
  const times = own.reduce((sum, { commandLine }) => sum + (countWords(commandLine).get(word) ?? 0), 0);
  return (name.startsWith('--') ? nameTimesInSource : timesInSource)(name, source) > times;
}
