import { type Command, type CommandName, makeCommand } from '../../model/command.ts';
import { inferred, type Knowable, stated } from '../../model/fact.ts';
import { type Interface, makeInterface } from '../../model/interface.ts';
import { joinCommands } from '../../model/join-commands.ts';
import type { Operand } from '../../model/operand.ts';
import type { Option } from '../../model/option.ts';
import type { ParsingRules } from '../../model/parsing-rules.ts';
import type { Relation } from '../../model/relation.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';
import type { RecognisedParser } from '../../parsers/recognised-parser.ts';
import type { Source } from '../../source/source.ts';
import type { HelpLists } from './help-lists.ts';
import type { HelpSettings } from './help-settings.ts';
import { withListedCounts, withRepeats, withSharedCount } from './listed-operands.ts';
import { withoutOptionPlaceholders } from './option-placeholders.ts';
import { withoutRequiredChoices } from './required-options.ts';
import type { Title } from './title.ts';
import { type UsageSummary, usageForms, withShownForms } from './usage.ts';

/** What was read of a text, part by part. */
export interface HelpParts {
  /** The synopses, read with the options in mind. */
  readonly usage: UsageSummary;
  readonly options: readonly Option[];
  readonly commands: readonly Command[];
  readonly operands: readonly Operand[];
  readonly lists: Pick<HelpLists, 'environment' | 'exitStatuses'>;
  /** The parser that printed the text, where it shows. */
  readonly recognised: RecognisedParser | undefined;
  readonly rules: ParsingRules;
  readonly optionsComplete: Knowable<boolean>;
  readonly commandsComplete: Knowable<boolean>;
  /** Other names of the command described. */
  readonly aliases: readonly CommandName[];
}

/**
 * The interface of which the parts are, with the path of the command that the text is about. `sections` are commands right below it that the
 * text describes in sections of their own.
 */
export function assembleInterface(
  source: Source,
  settings: HelpSettings,
  parts: HelpParts,
  title: Title,
  sections: readonly Command[],
): Interface {
  const { usage } = parts;
  const path = settings.command ?? usage.path;
  const program = settings.program === undefined ? usage.program : stated(settings.program, null);
  const programName =
    program ?? inferred(title.program?.value ?? nameFromSource(source), title.program?.place ?? null);
  const names = [programName.value, ...path];
  const places = [programName.place, ...path.map((_, i) => usage.pathPlaces[i] ?? null)];
  const own = { text: names.at(-1) ?? '', place: places.at(-1) ?? null };
  const listed = withoutChoiceOf(sections, describedCommand(parts, title, path, [own, ...parts.aliases]));
  const inSections = makeCommand({
    names: [own],
    place: own.place,
    commands: { items: sections, complete: undefined },
  });
  let root = sections.length === 0 ? listed : joinCommands(listed, inSections);
  for (let i = names.length - 2; i >= 0; i--) {
    const place = places[i] ?? null;
    root = makeCommand({
      names: [{ text: names[i] ?? '', place }],
      place,
      commands: { items: [root], complete: undefined },
    });
  }
  return makeInterface({
    program: programName,
    invocations: usage.invocation === undefined ? [] : [usage.invocation],
    version: title.version,
    parser: parts.recognised?.parser,
    parserMarks: parts.recognised?.marks ?? [],
    bugAddress: title.bugAddress,
    environment: parts.lists.environment,
    exitStatuses: parts.lists.exitStatuses,
    root,
    sources: [{ source, kind: 'help', command: names, width: settings.width, doubts: [], lines: undefined }],
  });
}

/** A command without the operands of its synopses that are a choice of the commands below it: `[open|shut]`. */
function withoutChoiceOf(commands: readonly Command[], command: Command): Command {
  const names = new Set(commands.flatMap((one) => one.names.map(({ text }) => text)));
  const isChoice = ({ name }: Operand) => name.split('|').every((word) => names.has(word.trim()));
  const forms = command.forms.map((form) => ({
    ...form,
    operands: form.operands.filter((operand) => !isChoice(operand)),
  }));
  return { ...command, forms };
}

/** The command that a text, or a part of it, describes. `names` are its own, the first of which `path` ends with. */
export function describedCommand(
  parts: HelpParts,
  title: Title,
  path: readonly string[],
  names: readonly CommandName[],
): Command {
  const { usage } = parts;
  const hasCommands = parts.commands.some((command) => command.names[0]?.text !== 'help');
  const forms = usageForms(usage, path, hasCommands).map((form) =>
    withoutOptionPlaceholders(form, parts.options),
  );
  const operands = withRepeats(parts.operands, forms);
  const relations = usageRelations(usage, parts.options);
  return makeCommand({
    names,
    place: names[0]?.place ?? null,
    description: title.summary,
    forms: withListedCounts(forms, operands),
    options: { items: withoutRequiredChoices(parts.options, relations), complete: parts.optionsComplete },
    commands: { items: withShownForms(parts.commands, usage, path), complete: parts.commandsComplete },
    operands: { items: withSharedCount(operands, forms), complete: undefined },
    relations,
    rules: parts.rules,
    described: true,
  });
}

/**
 * The relations that the synopsis shows. Those of several forms hold in their form only, but for options of which one may stand there and that no other form
 * has: these exclude each other everywhere. What stands between spellings of one option (`[-h | --help]`) is none.
 */
function usageRelations({ readings }: UsageSummary, options: readonly Option[]): Relation[] {
  const byName = new Map(
    options.flatMap((option) => option.names.map(({ text }) => [text, option] as const)),
  );
  const mainNameOf = (name: string) => byName.get(name)?.names[0]?.text ?? name;
  const times = new Map<string, number>();
  for (const { options: shown } of readings)
    for (const name of new Set(shown.map(({ declared }) => mainNameOf(declared.text))))
      times.set(name, (times.get(name) ?? 0) + 1);
  const takesAny = ({ form }: UsageReading) => ANY_OPTION.test(form.text);
  const open = readings.filter(takesAny).length;
  const relations = readings.flatMap((reading) => {
    const isOnly = readings.length === 1;
    const isOpen = open > (takesAny(reading) ? 1 : 0);
    return reading.relations.filter(
      ({ kind, members }) =>
        isOnly ||
        (kind === 'at-most-one' &&
          !isOpen &&
          members.every((one) => one.kind === 'option' && times.get(mainNameOf(one.name)) === 1)),
    );
  });
  return relations.filter(({ members }) => new Set(members.map(({ name }) => mainNameOf(name))).size > 1);
}

/** What stands for any option in a synopsis. */
const ANY_OPTION = /\b(?:options?|opts|flags?|switches)\b/i;

/** The name of the file without folders and ending stands for a program that the text does not name. */
export function nameFromSource(source: Source): string {
  const base = source.name.split('/').at(-1) ?? '';
  const stem = base.replace(/\.[^.]*$/, '');
  return stem === '' || stem === '-' ? 'program' : stem;
}
