import { addTo } from '../../collections/grouped.ts';
import { type Command, commandName, type Form, makeCommand } from '../../model/command.ts';
import { type Fact, inferred } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';
import { formOf } from '../../notation/form.ts';
import { type KnownOptions, knownOptions, NOTHING_KNOWN } from '../../notation/known-options.ts';
import { readUsageForm } from '../../notation/usage-form.ts';
import type { LiteralWord, UsageReading } from '../../notation/usage-reading.ts';
import { LITERAL, namesOperand } from '../../notation/usage-words.ts';
import type { Span } from '../../source/source.ts';
import { chosenCommands } from './chosen-commands.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { HelpSettings } from './help-settings.ts';
import { PATH_LIMIT } from './limits.ts';
import { titledPath } from './name-line.ts';
import { TextFlow } from './text-flow.ts';
import type { TextLine } from './text-line.ts';
import type { UsageLines } from './usage-found.ts';

/** What a text calls the command, besides its synopses. */
interface NamedCommand {
  /** What the text of the option for help calls it; undefined where it does not. */
  readonly byHelp: string | undefined;
  /** The words that the title has for it; none where there is no such title. */
  readonly titled: readonly string[];
}

/** What all synopses of a text say together. */
export interface UsageSummary {
  readonly lines: UsageLines;
  readonly readings: readonly UsageReading[];
  readonly named: NamedCommand;
  readonly program: Fact<string> | undefined;
  readonly invocation: Fact<readonly string[]> | undefined;
  /** The path of the command described, without the program. */
  readonly path: readonly string[];
  readonly pathPlaces: readonly Span[];
  /** Whether the path is known to end there: more plain words in the synopses are operands. */
  readonly isWholePath: boolean;
  /** Commands that only the synopses show. */
  readonly commands: readonly Command[];
  readonly commandPlace: Span | undefined;
  readonly endOfOptions: Span | undefined;
}

/** Reads the synopses of the lines of a text. */
export function readUsage(
  found: UsageLines,
  lines: readonly TextLine[],
  cleaned: CleanedText,
  settings: HelpSettings,
): UsageSummary {
  const named = { byHelp: namedByHelp(lines), titled: titledPath(lines) };
  return summarize(found, NOTHING_KNOWN, named, new Set(), cleaned, settings);
}

/** Reads the synopses once more, when the options that the text lists, and the words that it lists as operands, are known. */
export function readUsageAgain(
  usage: UsageSummary,
  options: readonly Option[],
  listed: ReadonlySet<string>,
  cleaned: CleanedText,
  settings: HelpSettings,
): UsageSummary {
  return summarize(usage.lines, knownOptions(options), usage.named, listed, cleaned, settings);
}

function summarize(
  found: UsageLines,
  known: KnownOptions,
  named: NamedCommand,
  listed: ReadonlySet<string>,
  cleaned: CleanedText,
  settings: HelpSettings,
): UsageSummary {
  const readings = readForms(found, known, named.titled, cleaned);
  const first = readings[0];
  const path =
    settings.command ??
    (found.isPath
      ? literalWords(first)
      : upToCommand(named.byHelp, commonPath(readings, listed), first?.program ?? []));
  return {
    lines: found,
    readings,
    named,
    program: first === undefined ? undefined : inferred(programName(first.program), first.programPlace),
    invocation:
      first === undefined || first.program.length < 2
        ? undefined
        : inferred(first.program, first.programPlace),
    path,
    isWholePath:
      named.byHelp !== undefined && named.byHelp === (path.at(-1) ?? programName(first?.program ?? [])),
    pathPlaces: first?.literals.slice(0, path.length).map((literal) => literal.place) ?? [],
    commands: [...commandsInForms(readings, path.length), ...chosenCommands(readings, cleaned)],
    commandPlace: readings.find((reading) => reading.commandPlace !== undefined)?.commandPlace,
    endOfOptions: readings.find((reading) => reading.endOfOptions !== undefined)?.endOfOptions,
  };
}

/** Reads the forms of a text, each as a synopsis. */
function readForms(
  { forms }: UsageLines,
  known: KnownOptions,
  titled: readonly string[],
  cleaned: CleanedText,
): UsageReading[] {
  const flows = forms.map((form) => new TextFlow(cleaned, form.pieces));
  const readings = flows.map((flow) => readUsageForm(flow, known, titled));
  const words = readings.map(wordBehindOptions);
  const areCommands =
    readings.length >= MIN_FORMS && new Set(words).size === words.length && !words.includes(undefined);
  const all = areCommands
    ? flows.map((flow, i) => readUsageForm(flow, known, [words[i] ?? '']))
    : withOperandWords(readings, flows, known);
  return all.filter((reading) => reading.program.length > 0);
}

/** Among synopses that nearly all show a command each, a word in the same place is one too, though operands are called so: `tiffin filename <box>`. */
function withOperandWords(
  readings: readonly UsageReading[],
  flows: readonly TextFlow[],
  known: KnownOptions,
): readonly UsageReading[] {
  const commands = new Set(readings.map(({ literals }) => literals[0]?.text));
  const without = readings.filter(({ literals }) => literals.length === 0).length;
  commands.delete(undefined);
  if (commands.size < MIN_FORMS || without === 0 || without * MIN_FORMS > commands.size) return readings;
  return readings.map((reading, i) => {
    const word = /^\S+ ([a-z][\w-]*) /.exec(reading.form.text)?.[1];
    const flow = flows[i];
    const isFirst = reading.literals.length === 0 && word === reading.form.operands[0]?.name;
    return isFirst && flow !== undefined && word !== undefined ? readUsageForm(flow, known, [word]) : reading;
  });
}

/** So many synopses, each with another word behind options in brackets, are those of commands. */
const MIN_FORMS = 3;

/** What operands are called more often than commands. */
const OPERAND =
  /^(?:arg|archive|dest|dev|device|dir|directory|expr|file|host|image|input|name|number|output|path|pattern|port|source|string|url|user|word)s?\d?$/;

/** The plain word that a synopsis has for its first operand, behind options: `add` of `tiffin [-v] add BOX`; undefined where there is none. */
function wordBehindOptions({ literals, form: { text, operands } }: UsageReading): string | undefined {
  const [first] = operands;
  if (first === undefined || literals.length > 0 || !LITERAL.test(first.name)) return undefined;
  const word = /^\S+ (?:\[-[^\][]{0,80}\] )+([a-z][\w-]*)(?= |$)/.exec(text)?.[1];
  return word === first.name && !OPERAND.test(word) ? word : undefined;
}

function literalWords(reading: UsageReading | undefined): string[] {
  return reading?.literals.map(({ text }) => text) ?? [];
}

/** `python -m json.tool` is called json.tool; a path's last part, or a `$0` with a folder, is the name. */
function programName(words: readonly string[]): string {
  const last = words.at(-1) ?? '';
  return (
    last
      .split('/')
      .at(-1)
      ?.replace(/[[(].*$/, '') || last
  );
}

/**
 * The literal words that all forms share. A form that ends with them (`sleep seconds`) does not say whether they are
 * commands or operands, and they are taken for operands, as are words that name one (`infile`) or that a list of operands has.
 */
function commonPath(readings: readonly UsageReading[], listed: ReadonlySet<string>): string[] {
  const paths = readings.map(({ goesOn, literals, form }) => {
    const words = goesOn ? literals.map((literal) => literal.text) : [];
    // `box lid [lid]`: an operand that stands elsewhere in the form is not the word of the path with its name.
    const isListed = (word: string) => listed.has(word) && !form.operands.some(({ name }) => name === word);
    const operandAt = words.findIndex((word) => isListed(word) || namesOperand(word, form.text));
    return operandAt < 0 ? words : words.slice(0, operandAt);
  });
  const first = paths[0] ?? [];
  let length = first.length;
  for (const path of paths.slice(1)) {
    let shared = 0;
    while (shared < length && path[shared] === first[shared]) shared++;
    length = shared;
  }
  return first.slice(0, Math.min(length, PATH_LIMIT));
}

/** `-h, --help   help for box`: the name of the command that the text is about. */
const HELP_FOR = /^[ \t]+(?:-h, )?--help {2,}help for ([\w.-]{1,80})$/;

function namedByHelp(lines: readonly TextLine[]): string | undefined {
  for (const { text } of lines) {
    const name = text.includes('--help') ? HELP_FOR.exec(text)?.[1] : undefined;
    if (name !== undefined) return name;
  }
  return undefined;
}

/** The path as far as the command that the text of its option for help names: words behind that are operands. */
function upToCommand(named: string | undefined, path: string[], program: readonly string[]): string[] {
  if (named === undefined || path.length === 0) return path;
  const at = path.lastIndexOf(named);
  if (at >= 0) return path.slice(0, at + 1);
  return programName(program) === named ? [] : path;
}

/** Forms that part after the shared path (`tiffin round open`, `tiffin round close`) show subcommands. */
function commandsInForms(readings: readonly UsageReading[], depth: number): Command[] {
  const next = readings.flatMap((reading) => reading.literals.slice(depth, depth + 1));
  const part = readings.length >= 2 && new Set(next.map((literal) => literal.text)).size >= 2;
  const shown = part ? next : wordsBeforeCommands(readings, depth);
  return shown.map(({ text, place }) => makeCommand({ names: [{ text, place }], place }));
}

/** `tiffin help COMMAND` below `tiffin COMMAND`: a word in the place of a command, with another command behind it, is one itself. */
function wordsBeforeCommands(readings: readonly UsageReading[], depth: number): readonly LiteralWord[] {
  const taking = readings.filter(({ commandPlace }) => commandPlace !== undefined);
  if (!taking.some(({ literals }) => literals.length === depth)) return [];
  return taking.flatMap(({ literals }) =>
    literals.length === depth + 1 ? literals.slice(depth, depth + 1) : [],
  );
}

/** The forms of the command described. Of a form that shows a command below it, what stands behind the name of that is not its own. */
export function usageForms(usage: UsageSummary, path: readonly string[], hasCommands: boolean): Form[] {
  const commandNames = new Set(usage.commands.map(commandName));
  return usage.readings.map((reading) => {
    const form = formOf(reading, {
      pathLength: reading.optionsFollow && !usage.isWholePath ? reading.literals.length : path.length,
      commandNames,
      hasCommands,
    });
    return commandShown(reading, path, commandNames) === undefined ? form : { ...form, operands: [] };
  });
}

/** The commands below the one described, those that forms show with these. */
export function withShownForms(
  commands: readonly Command[],
  usage: UsageSummary,
  path: readonly string[],
): readonly Command[] {
  const commandNames = new Set(usage.commands.map(commandName));
  const forms = new Map<string, Form[]>();
  for (const reading of usage.readings) {
    const name = commandShown(reading, path, commandNames);
    if (name === undefined) continue;
    const context = { pathLength: path.length + 1, commandNames: new Set<string>(), hasCommands: false };
    addTo(forms, name, formOf(reading, context));
  }
  if (forms.size === 0) return commands;
  return commands.map((command) =>
    command.forms.length > 0 ? command : { ...command, forms: forms.get(commandName(command)) ?? [] },
  );
}

/** The command right below the one described that a form shows; undefined where it shows none, or one that is deeper. */
function commandShown(
  { literals }: UsageReading,
  path: readonly string[],
  commandNames: ReadonlySet<string>,
): string | undefined {
  const name = literals.length === path.length + 1 ? literals[path.length]?.text : undefined;
  return name !== undefined && commandNames.has(name) ? name : undefined;
}
