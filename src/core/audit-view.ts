import { type CommandScope, commandScope } from './abbreviations/command-scope.ts';
import { LikelyNames } from './abbreviations/likely-names.ts';
import { type OptionScope, optionScopes } from './abbreviations/option-scope.ts';
import { type ValueScope, valueScopes } from './abbreviations/value-scope.ts';
import type { Invocation } from './callers/find-callers.ts';
import { type RelianceOn, usedAbbreviations } from './callers/used-abbreviations.ts';
import { listKey } from './collections/list-key.ts';
import { coverage, type ShellCoverage } from './coverage/coverage.ts';
import type { Command } from './model/command.ts';
import type { Interface, Standard } from './model/interface.ts';
import type { Inventory, Shell } from './model/inventory.ts';
import { longNames } from './model/option.ts';
import { type CommandAt, walkCommands } from './model/walk.ts';
import { judgeRelations, type RelationVerdicts } from './relations/judge-relations.ts';
import type { Place } from './source/source.ts';
import { STANDARD_WORDS, type WordLists } from './words/word-lists.ts';

/** The relations of one command with what follows from them. */
export interface JudgedRelations {
  readonly at: CommandAt;
  readonly verdicts: RelationVerdicts;
}

/** What stands around an interface that is looked at. */
export interface AuditContext {
  readonly words: WordLists;
  /** Other interfaces of its family, with which its names are compared. */
  readonly siblings: readonly Interface[];
  /** What completion offers, of whatever program. */
  readonly inventories?: readonly Inventory[];
  /** The shells for which there is to be a completion. */
  readonly shells?: readonly Shell[];
  /** Calls of the program, or of others of its family. */
  readonly callers?: readonly Invocation[];
}

const ALONE: AuditContext = { words: STANDARD_WORDS, siblings: [] };

/** One such name alone may be a slip. */
const SEVERAL = 2;

/** What the checks look at: one interface, and what several of them need of it, computed once. */
export class AuditView {
  /** The interface that is audited. */
  readonly interface: Interface;
  /** The lists of words to go by. */
  readonly words: WordLists;
  /** All its commands, the program itself first. */
  readonly commands: readonly CommandAt[];
  /** The commands of the other programs of the family. */
  readonly siblingCommands: readonly CommandAt[];
  /** The long options that compete at each command. */
  readonly scopes: readonly OptionScope[];
  /** The shells for which there is to be a completion. */
  readonly shells: readonly Shell[];
  /** The abbreviations that callers of the program use, as far as its callers are known. */
  readonly usedAbbreviations: readonly RelianceOn[];
  readonly #context: AuditContext;
  readonly #inventories: readonly Inventory[];
  readonly #misbound: readonly Inventory[];
  #byPath: ReadonlyMap<string, CommandAt> | undefined;
  #hasLong: boolean | undefined;
  #hasLongOfOneHyphen: boolean | undefined;
  #coverage: readonly ShellCoverage[] | undefined;
  readonly #claims: ReadonlySet<Standard>;
  #commandScopes: readonly CommandScope[] | undefined;
  #valueScopes: readonly ValueScope[] | undefined;
  #helpViews: ReadonlyMap<string, Command> | undefined;
  #declared: ReadonlyMap<string, string> | undefined;
  #likely: LikelyNames | undefined;
  #relations: readonly JudgedRelations[] | undefined;

  constructor(
    cli: Interface,
    { words, siblings, inventories = [], shells = [], callers = [] }: AuditContext = ALONE,
  ) {
    const own = inventories.filter(({ program }) => program === cli.program.value);
    const isMisbound = ({ boundTo, program }: Inventory) =>
      boundTo.length > 0 && !boundTo.some(({ text }) => text === program);
    this.#misbound = own.filter(isMisbound);
    // What a script for another program offers says nothing of this one: that it is for another is told, once.
    this.#inventories = own.filter((inventory) => !isMisbound(inventory));
    this.shells = shells.filter(
      (shell) =>
        !this.#misbound.some((one) => one.shell === shell) ||
        this.#inventories.some((one) => one.shell === shell),
    );
    this.interface = cli;
    this.#context = { words, siblings, inventories, shells, callers };
    this.words = words;
    this.commands = [...walkCommands(cli)];
    this.siblingCommands = siblings.flatMap((sibling) => [...walkCommands(sibling)]);
    this.scopes = optionScopes(cli);
    this.usedAbbreviations = usedAbbreviations(
      callers.filter(({ command }) => command[0] === cli.program.value),
    );
    this.#claims = new Set(cli.claims.map((claim) => claim.value));
  }

  /** The same look at another interface of the program. */
  of(cli: Interface): AuditView {
    return new AuditView(cli, this.#context);
  }

  /** Where the program's source declares an option of a command, by one of its names; null where that is not known. */
  declaredAt(path: readonly string[], name: string): string | null {
    if (this.#declared === undefined) {
      const declared = this.commands.flatMap(({ path: own, command }) =>
        command.options.items.flatMap(({ declaredAt, names }) =>
          declaredAt === undefined
            ? []
            : names.map(({ text }) => [listKey([...own, text]), declaredAt.value] as const),
        ),
      );
      this.#declared = new Map(declared);
    }
    return this.#declared.get(listKey([...path, name])) ?? null;
  }

  /** Whether a command that a source describes has a long option, beside help and version. */
  get hasLongOptions(): boolean {
    this.#hasLong ??= this.described.some(({ command }) =>
      command.options.items.some(({ names }) =>
        names.some(({ form, text }) => form === 'long' && text !== '--help' && text !== '--version'),
      ),
    );
    return this.#hasLong;
  }

  /** Whether several options have names of more than a letter behind one hyphen. */
  get hasLongOptionsOfOneHyphen(): boolean {
    this.#hasLongOfOneHyphen ??=
      this.described
        .flatMap(({ command }) => command.options.items)
        .filter(({ names }) => names.some(({ form }) => form === 'single-hyphen-long')).length >= SEVERAL;
    return this.#hasLongOfOneHyphen;
  }

  /** The commands that a source describes itself, not only names in a list. */
  get described(): readonly CommandAt[] {
    return this.commands.filter((at) => at.command.described);
  }

  /** The subcommands of each command that has some. */
  get commandScopes(): readonly CommandScope[] {
    this.#commandScopes ??= this.commands.map(commandScope).filter(({ names }) => names.length > 0);
    return this.#commandScopes;
  }

  /** Each list of allowed values. */
  get valueScopes(): readonly ValueScope[] {
    this.#valueScopes ??= this.commands.flatMap(valueScopes);
    return this.#valueScopes;
  }

  /** Names that new options may well get: those of the program's other commands, of its family, and those that settings add. */
  get likelyNames(): LikelyNames {
    this.#likely ??= new LikelyNames([
      ...this.scopes.flatMap(({ index }) => index.names),
      ...this.siblingCommands.flatMap(({ command }) =>
        command.options.items.flatMap((option) => longNames(option).map(({ text }) => text)),
      ),
      ...this.words.likelyOptions,
    ]);
    return this.#likely;
  }

  /** What follows from the relations of each command that has some, or that must be given something. */
  get relations(): readonly JudgedRelations[] {
    this.#relations ??= this.commands
      .map((at) => ({ at, verdicts: judgeRelations(at) }))
      .filter(({ verdicts }) => verdicts.judged > 0 || verdicts.undecided > 0);
    return this.#relations;
  }

  /** What completion offers of the interface, by shell or script. */
  get coverage(): readonly ShellCoverage[] {
    this.#coverage ??= coverage(this.interface, this.#inventories);
    return this.#coverage;
  }

  /** What the help output of a command says by itself; undefined where it is not among the sources. */
  helpView(path: readonly string[]): Command | undefined {
    this.#helpViews ??= new Map(
      this.interface.views
        .filter(({ sources }) => sources.every(({ kind }) => kind === 'help'))
        .flatMap((view) => [...walkCommands(view)].filter((at) => at.command.described))
        .map((at) => [listKey(at.path), at.command]),
    );
    return this.#helpViews.get(listKey(path));
  }

  /** What completion scripts offer that were given for the program and say that they are for others. */
  get misboundInventories(): readonly Inventory[] {
    return this.#misbound;
  }

  /** The command at a path; undefined where there is none. */
  commandAt(path: readonly string[]): CommandAt | undefined {
    this.#byPath ??= new Map(this.commands.map((at) => [listKey(at.path), at]));
    return this.#byPath.get(listKey(path));
  }

  /** Whether a command belongs to this interface, and not to another of its family. */
  isOwn(path: readonly string[]): boolean {
    return path[0] === this.commands[0]?.path[0];
  }

  /** Whether a place lies in a source of help output, whose entries may be mentions or forms of one thing. */
  isHelp(place: Place): boolean {
    return this.interface.sources.some(({ source, kind }) => source === place?.source && kind === 'help');
  }

  /** Whether a place lies in the code of a script. */
  isScript(place: Place): boolean {
    return this.interface.sources.some(({ source, kind }) => source === place?.source && kind === 'script');
  }

  /** Whether the interface claims to follow a standard. */
  claims(standard: Standard): boolean {
    return this.#claims.has(standard);
  }
}
