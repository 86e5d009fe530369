import { listKey } from '../../collections/list-key.ts';
import type {
  CommandInventory,
  Inventory,
  OfferedArgument,
  OfferedOption,
  OfferedWord,
  OptionsHeldApart,
  Shell,
  Unread,
} from '../../model/inventory.ts';
import type { Place, Source } from '../../source/source.ts';
import { programsBoundTo } from './bound-programs.ts';

interface Building {
  readonly path: readonly string[];
  readonly options: Map<string, OfferedOption>;
  readonly operands: Map<string, OfferedWord>;
  operandFiles: boolean | undefined;
  operandFolders: boolean;
  readonly arguments: Map<string, BuildingArgument>;
  readonly numbered: Map<number, BuildingArgument>;
  readonly heldApart: OptionsHeldApart[];
  operandCount: number | undefined;
}

interface BuildingArgument {
  readonly words: Map<string, OfferedWord>;
  files: boolean | undefined;
  isFolders: boolean;
  isNothing: boolean;
}

/** How much is told of what was not read. */
const UNREAD_LIMIT = 1000;

/** Gathers what a completion script offers while it is read. */
export class InventoryBuilder {
  readonly #shell: Shell;
  readonly #program: string;
  readonly #source: Source;
  readonly #commands = new Map<string, Building>();
  readonly #everywhere: Building;
  readonly #unread: Unread[] = [];
  readonly #told = new Set<string>();

  constructor(shell: Shell, program: string, source: Source) {
    this.#shell = shell;
    this.#program = program;
    this.#source = source;
    this.#everywhere = emptyAt([]);
    this.#at([]);
  }

  /** Takes a subcommand or operand that is offered behind a path of subcommands; undefined for everywhere. */
  addOperand(path: readonly string[] | undefined, word: OfferedWord): void {
    const { operands } = this.#at(path);
    if (!operands.has(word.text)) operands.set(word.text, word);
  }

  addOption(path: readonly string[] | undefined, option: OfferedOption): void {
    const { options } = this.#at(path);
    const known = options.get(option.text);
    // A later call may add what an earlier one left open.
    if (known === undefined) options.set(option.text, option);
    else
      options.set(option.text, {
        ...known,
        description: known.description ?? option.description,
        takesArgument: known.takesArgument === true ? true : (option.takesArgument ?? known.takesArgument),
      });
  }

  addArgument(path: readonly string[] | undefined, option: string, offered: Partial<OfferedArgument>): void {
    addTo(this.#at(path).arguments, option, offered);
  }

  /** Takes what is offered for the operand of a number, from 1. */
  addNumbered(path: readonly string[], number: number, offered: Partial<OfferedArgument>): void {
    addTo(this.#at(path).numbered, number, offered);
  }

  /** Takes what is not offered behind an option. */
  holdApart(path: readonly string[], apart: OptionsHeldApart): void {
    this.#at(path).heldApart.push(apart);
  }

  /** Takes that so many operands are completed at a command. */
  operandCount(path: readonly string[], count: number): void {
    const command = this.#at(path);
    command.operandCount = Math.max(command.operandCount ?? 0, count);
  }

  operandFiles(path: readonly string[] | undefined, files: boolean, isFolders = false): void {
    const command = this.#at(path);
    command.operandFolders = isFolders && (command.operandFiles !== true || command.operandFolders);
    command.operandFiles = files;
  }

  /** Takes what was not read; the same in the same place is told once. */
  notRead(what: string, place: Place): void {
    const id = `${place?.start ?? ''} ${what}`;
    if (this.#told.has(id) || this.#told.size >= UNREAD_LIMIT) return;
    this.#told.add(id);
    this.#unread.push({ what, place });
  }

  /** Whether nothing was found yet, read or not. */
  get isEmpty(): boolean {
    const places = [this.#everywhere, ...this.#commands.values()];
    return (
      this.#unread.length === 0 && places.every(({ options, operands }) => options.size + operands.size === 0)
    );
  }

  /** The inventory; `fault` is why the script cannot be loaded. */
  build(fault?: string): Inventory {
    return {
      shell: this.#shell,
      program: this.#program,
      observed: false,
      boundTo: programsBoundTo(this.#source, this.#shell),
      source: this.#source,
      commands: [...this.#commands.values()].map((command) => this.#finished(command)),
      unread: this.#unread,
      isPartial: this.#unread.length > 0 || fault !== undefined,
      fault,
    };
  }

  #at(path: readonly string[] | undefined): Building {
    if (path === undefined) return this.#everywhere;
    const fullPath = [this.#program, ...path];
    const id = listKey(fullPath);
    const known = this.#commands.get(id);
    if (known !== undefined) return known;
    const made = emptyAt(fullPath);
    this.#commands.set(id, made);
    return made;
  }

  /** What is offered everywhere is offered at each command. */
  #finished(command: Building): CommandInventory {
    const all = this.#everywhere;
    return {
      path: command.path,
      options: [...new Map([...all.options, ...command.options]).values()],
      operands: {
        words: [...new Map([...all.operands, ...command.operands]).values()],
        files: command.operandFiles ?? all.operandFiles,
        isFolders: command.operandFiles === undefined ? all.operandFolders : command.operandFolders,
        isNothing: false,
      },
      arguments: finishedArguments([...all.arguments, ...command.arguments]),
      numbered: finishedArguments([...command.numbered]),
      heldApart: command.heldApart,
      operandCount: command.operandCount,
    };
  }
}

function emptyAt(path: readonly string[]): Building {
  return {
    path,
    options: new Map(),
    operands: new Map(),
    operandFiles: undefined,
    operandFolders: false,
    arguments: new Map(),
    numbered: new Map(),
    heldApart: [],
    operandCount: undefined,
  };
}

/** Takes what is offered for one argument; what an earlier call said of it stays, but that there is nothing. */
function addTo<Key>(all: Map<Key, BuildingArgument>, key: Key, offered: Partial<OfferedArgument>): void {
  const { words = [], files, isFolders = false, isNothing = false } = offered;
  const known = all.get(key) ?? {
    words: new Map<string, OfferedWord>(),
    files: undefined,
    isFolders,
    isNothing,
  };
  for (const word of words) if (!known.words.has(word.text)) known.words.set(word.text, word);
  if (files === true) known.isFolders = isFolders && (known.files !== true || known.isFolders);
  known.files = files ?? known.files;
  known.isNothing &&= isNothing;
  all.set(key, known);
}

function finishedArguments<Key>(
  all: readonly (readonly [Key, BuildingArgument])[],
): Map<Key, OfferedArgument> {
  return new Map(all.map(([key, { words, ...one }]) => [key, { ...one, words: [...words.values()] }]));
}
