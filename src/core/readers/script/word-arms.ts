import { firstIndex } from '../../collections/first-index.ts';
import type { OptionArgument } from '../../model/argument.ts';
import type { HandledName } from '../../model/option-loop.ts';
import { matchesAll } from './case-patterns.ts';
import type { Branch } from './choices.ts';
import type { ArmsDraft, NamedArm } from './loop-draft.ts';
import type { ScriptReading } from './script-reading.ts';
import { shiftsOf } from './shifts.ts';

/** How the arms of a loop over words are read. */
export interface WordLoop {
  /** How many words the loop takes off behind its `case`. */
  readonly shifts: number;
  /** Whether an option string tells which names there are. */
  readonly isDeclared: boolean;
  /** Whether the words are put together anew behind it, so that another loop takes their arguments. */
  readonly isFirstOfTwo: boolean;
  /** Whether it goes over the words with `for`, which takes none off. */
  readonly isFor: boolean;
  /** The variable that a later word is kept for, where the loop looks at one word at a time (`prev`). */
  readonly keptFor: string | undefined;
}

/** How a name may be followed by its argument. */
export interface NameForms {
  plain: boolean;
  equals: boolean;
  joined: boolean;
}

/** What is read of the arms of a loop over words. */
export interface WordArms extends ArmsDraft {
  readonly forms: ReadonlyMap<string, NameForms>;
  /** The branch for `--`, for words that begin with a hyphen, and for all the rest. */
  readonly end: Branch | undefined;
  readonly hyphens: Branch | undefined;
  readonly rest: Branch | undefined;
  /** Whether the arms have beginnings of their names too, for which they stand. */
  readonly hasPrefixes: boolean;
}

/** The arms of a loop whose patterns are the words of the command line, hyphens included. */
export function readWordArms(branches: readonly Branch[], loop: WordLoop, reading: ScriptReading): WordArms {
  const forms = formsOf(branches);
  let hasPrefixes = false;
  const long = [...forms.keys()].filter((name) => name.startsWith('--')).sort();
  const named = branches
    .filter((branch) => !branch.patterns.some(matchesAll) && !refusesBeginnings(branch, forms, long, reading))
    .map((branch) => {
      const names = namesOf(branch, reading, forms);
      const whole = loop.isDeclared ? names : withoutBeginnings(names);
      hasPrefixes ||= whole.length < names.length;
      return wordArm(branch, whole, forms, loop, reading);
    })
    .filter(({ names }) => names.length > 0);
  const find = (isWanted: (text: string, goesOn: boolean) => boolean) =>
    branches.find(({ patterns }) =>
      patterns.some(({ words }) => words?.some(({ text, goesOn }) => isWanted(text, goesOn))),
    );
  const hyphens = find((text, goesOn) => goesOn && (text === '-' || text === '--'));
  const rest = branches.find(({ patterns }) => patterns.some(matchesAll));
  const answering = hyphens ?? rest;
  return {
    named,
    forms,
    hasPrefixes,
    end: find((text, goesOn) => !goesOn && text === '--'),
    hyphens,
    rest,
    isComplete: branches.every(({ patterns }) =>
      patterns.every(({ words, word }) => words !== undefined || /^\[[!^]-/.test(word.text)),
    ),
    unknown: answering === undefined ? undefined : reading.arms.answer(answering),
    missing: undefined,
  };
}

/** A name of an option in a pattern: `-a`, `--all`, `--output=*`, `-o*`. */
function nameOf(text: string, goesOn: boolean): string | undefined {
  // `--vers*`: the beginning of a name that is told elsewhere, or nowhere.
  if (goesOn && !text.endsWith('=') && text.length !== 2) return undefined;
  const name = goesOn ? text.replace(/=$/, '') : text;
  return /^(?:--?|\+)[\w?@#][\w.?-]*$/.test(name) ? name : undefined;
}

/**
 * The names that an arm is the one to tell of: an arm for `--output=*` is not, where another has `--output` itself.
 */
function namesOf(
  branch: Branch,
  reading: ScriptReading,
  forms: ReadonlyMap<string, NameForms>,
): HandledName[] {
  const names = new Map<string, HandledName>();
  const plain = new Set<string>();
  for (const { words, word } of branch.patterns)
    for (const { text, goesOn } of words ?? []) {
      const name = nameOf(text, goesOn);
      if (name === undefined) continue;
      if (!goesOn) plain.add(name);
      if (!names.has(name)) names.set(name, { name, place: reading.script.place(word) });
    }
  return [...names.values()].filter(({ name }) => plain.has(name) || forms.get(name)?.plain !== true);
}

/** More names of one arm are no spellings of a few options. */
const MOST_SPELLINGS = 50;

/** The names of an arm without those that are one of several beginnings of another: people write `--vers | --versi | --version`. */
function withoutBeginnings(names: readonly HandledName[]): readonly HandledName[] {
  if (names.length <= MOST_SPELLINGS) return names.filter(({ name }) => !isBeginning(name, names));
  // `--h | --help`
  const letters = new Set(names.flatMap(({ name }) => (name.length > LETTER ? [name.slice(0, LETTER)] : [])));
  return names.filter(({ name }) => !(name.length === LETTER && name.startsWith('--') && letters.has(name)));
}

const LETTER = '--h'.length;

function isBeginning(name: string, names: readonly HandledName[]): boolean {
  const whole = names
    .filter((other) => other.name.startsWith(name) && other.name !== name)
    .reduce<HandledName | undefined>(
      (longest, one) => (one.name.length > (longest?.name.length ?? 0) ? one : longest),
      undefined,
    );
  if (whole === undefined) return false;
  if (name.length === LETTER && name.startsWith('--')) return true;
  return names.filter((other) => other.name !== whole.name && whole.name.startsWith(other.name)).length > 1;
}

/** Whether an arm refuses beginnings of long names as ambiguous: `--v | --ve | --ver) echo ambiguous; exit 1`. */
function refusesBeginnings(
  branch: Branch,
  forms: ReadonlyMap<string, NameForms>,
  long: readonly string[],
  reading: ScriptReading,
): boolean {
  const names = branch.patterns.flatMap(({ words }) =>
    (words ?? []).flatMap(({ text, goesOn }) => nameOf(text, goesOn) ?? []),
  );
  if (names.length === 0 || !names.every((name) => forms.has(name) && beginsOther(name, long))) return false;
  const { end, status } = reading.arms.answer(branch);
  return end === 'exits' && status !== 0;
}

/** Whether some sorted names have one that begins with a name and goes on. */
function beginsOther(name: string, sorted: readonly string[]): boolean {
  const next = sorted[firstIndex(sorted, (one) => one <= name)];
  return name.startsWith('--') && next?.startsWith(name) === true;
}

function formsOf(branches: readonly Branch[]): Map<string, NameForms> {
  const forms = new Map<string, NameForms>();
  for (const { patterns } of branches)
    for (const { words } of patterns)
      for (const { text, goesOn } of words ?? []) {
        const name = nameOf(text, goesOn);
        if (name === undefined) continue;
        const own = forms.get(name) ?? { plain: false, equals: false, joined: false };
        forms.set(name, own);
        if (!goesOn) own.plain = true;
        else if (text.endsWith('=')) own.equals = true;
        else own.joined = true;
      }
  return forms;
}

/** What holds an argument: the word behind the option, or the rest of its own. */
const NEXT_WORD: ReadonlySet<string> = new Set(['1', '2', 'OPTARG']);
const ALL_WORDS: ReadonlySet<string> = new Set(['@', '*']);
const SECOND_WORD: ReadonlySet<string> = new Set(['2']);

function wordArm(
  branch: Branch,
  names: readonly HandledName[],
  forms: ReadonlyMap<string, NameForms>,
  loop: WordLoop,
  reading: ScriptReading,
): NamedArm {
  const taken = takenBy(branch, loop, reading);
  // `--run) shift; exec "$@"`: all words that follow are handed on.
  const handsOn = taken.ends && reading.arms.reads(branch.body, ALL_WORDS);
  const hasEquals = names.some(({ name }) => forms.get(name)?.equals === true);
  const isJoined = names.some(({ name }) => forms.get(name)?.joined === true);
  const isPlain = names.some(({ name }) => forms.get(name)?.plain === true);
  let presence: OptionArgument['presence'] | undefined;
  if ((loop.isFirstOfTwo && !hasEquals) || handsOn || taken.isLeft) presence = undefined;
  else if (taken.least > 0) presence = 'mandatory';
  else if (hasEquals || isJoined) presence = isPlain && taken.most === 0 ? 'optional' : 'mandatory';
  else presence = taken.most > 0 ? 'optional' : 'none';
  // Where an option string tells the argument, the arm does not.
  const hasMany = !loop.isDeclared && taken.most > 1;
  const words = hasMany
    ? { least: Math.max(1, taken.least), most: Number.isFinite(taken.most) ? taken.most : null }
    : undefined;
  const arm = { ...reading.arms.arm(branch, NEXT_WORD), names };
  return { names, branch, arm, presence, words, argument: NEXT_WORD };
}

/** How many words an arm takes, and whether it leaves the loop. */
interface Taken {
  readonly least: number;
  readonly most: number;
  readonly ends: boolean;
  /** Whether it leaves the loop with the option still in its place, so that something behind the loop looks at it again. */
  readonly isLeft: boolean;
}

/** How many words of an argument an arm takes, beside the option's own. */
function takenBy(branch: Branch, loop: WordLoop, reading: ScriptReading): Taken {
  if (loop.isFor) {
    const keeps = reading.arms.assignmentsOf(branch.body).some(({ name }) => name === loop.keptFor);
    // `-d) day=$2; break`: right only where the option comes first, and meant so.
    const words = keeps || reading.arms.reads(branch.body, SECOND_WORD) ? 1 : 0;
    return { least: words, most: words, ends: false, isLeft: false };
  }
  const { least, most } = shiftsOf(branch.body, reading.arms.ends);
  const { kind } = reading.arms.ends.ofList(branch.body);
  if (kind === 'exits' || kind === 'breaks') {
    const reads = reading.arms.reads(branch.body, SECOND_WORD);
    return { least: 0, most: reads ? 1 : 0, ends: true, isLeft: kind === 'breaks' && most === 0 && !reads };
  }
  const others = loop.shifts - 1;
  return { least: Math.max(0, least + others), most: Math.max(0, most + others), ends: false, isLeft: false };
}
