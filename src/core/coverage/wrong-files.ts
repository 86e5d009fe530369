import type { ValueType, ValueWord } from '../model/argument.ts';
import type { CommandInventory, OfferedArgument } from '../model/inventory.ts';
import { mainName, type Option } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import type { WrongArgument } from './wrong-argument.ts';

type Reason = WrongArgument['reason'];

/**
 * Options and operands for which completion offers files, folders or nothing where they take something else, and options that it completes though they are not
 * there: `known` are the names of all options of the interface.
 */
export function wrongFiles(
  at: CommandAt,
  inventory: CommandInventory | undefined,
  { isPartial, known }: { readonly isPartial: boolean; readonly known: ReadonlySet<string> },
): WrongArgument[] {
  if (inventory === undefined) return [];
  return [
    ...ofOptions(at, inventory),
    ...ofOperands(at, inventory),
    ...(isPartial ? [] : withoutFiles(at, inventory)),
    ...notThere(at, inventory, known),
  ];
}

function ofOptions({ command }: CommandAt, inventory: CommandInventory): WrongArgument[] {
  // Files for a word of which nothing is said are wrong where other arguments are said to be files.
  const hasFiles = command.options.items.some(({ argument }) => argument?.value.words.some(isFile));
  return command.options.items.flatMap((option): WrongArgument[] => {
    const [word, ...more] = option.argument?.value.words ?? [];
    const name = option.names.find(({ text }) => inventory.arguments.has(text));
    if (word === undefined || more.length > 0 || name === undefined || word.values !== undefined) return [];
    const completed = inventory.arguments.get(name.text);
    const isElsewhere = hasFiles && completed?.files === true && mayNotBeFile(option, word);
    const reason = isElsewhere ? 'files-elsewhere' : reasonOf(word.type?.value, completed);
    const offered = inventory.options.find(({ text }) => text === name.text);
    return reason === undefined
      ? []
      : [{ name: mainName(option).text, reason, word: offered, thing: option }];
  });
}

function isFile({ type }: ValueWord): boolean {
  return type?.value === 'file' || type?.value === 'directory';
}

/** Whether neither its type nor a word of its name or text says that an argument is a file. */
function mayNotBeFile({ names, help }: Option, { type, placeholder }: ValueWord): boolean {
  const told = [...names.map(({ text }) => text), placeholder?.value, help?.value].join(' ');
  const isFileCalled = /file|path|dir|folder|archive|image|document|input|output|read|write|load|save/i.test(
    told,
  );
  return placeholder !== undefined && type === undefined && !isFileCalled;
}

/** What is wrong about the files that are offered for a type; undefined where nothing is, or it is not known. */
function reasonOf(type: ValueType | undefined, offered: OfferedArgument | undefined): Reason | undefined {
  if (offered === undefined || (type !== 'file' && type !== 'directory')) return undefined;
  if (offered.isNothing) return 'nothing-for-file';
  if (offered.files !== true || offered.words.length > 0) return undefined;
  if (type === 'directory') return offered.isFolders ? undefined : 'files-for-folder';
  return offered.isFolders ? 'folders-for-file' : undefined;
}

/** Operands that a script numbers: files are offered for another one than takes them. */
function ofOperands({ command }: CommandAt, { numbered }: CommandInventory): WrongArgument[] {
  const operands = command.operands.items;
  const repeated = operands.findIndex(({ count }) => count?.value.most === null);
  // Behind one that may come several times, numbers tell nothing.
  const counted = repeated < 0 ? operands : operands.slice(0, repeated + 1);
  return counted.flatMap((operand, i): WrongArgument[] => {
    const { type, values } = operand.word;
    const offered = numbered.get(i + 1);
    if (offered === undefined || values !== undefined) return [];
    const takesFile = type?.value === 'file' || type?.value === 'directory';
    const othersTake = operands.some((other) => other.word.type?.value === 'file');
    // Files for a word of which nothing is said are wrong where another operand is said to be one.
    const isElsewhere = !takesFile && offered.files === true && othersTake;
    const reason = isElsewhere ? 'files-elsewhere' : reasonOf(type?.value, offered);
    return reason === undefined ? [] : [{ name: operand.name, reason, word: undefined, thing: operand }];
  });
}

/** An operand that takes a file, of a command where neither files nor words are offered for it. */
function withoutFiles({ command }: CommandAt, inventory: CommandInventory): WrongArgument[] {
  const { operands, numbered } = inventory;
  if (operands.files !== false || operands.words.length > 0 || command.commands.items.length > 0) return [];
  const taker = command.operands.items.find(
    ({ word: { type } }, i) =>
      (type?.value === 'file' || type?.value === 'directory') && !numbered.has(i + 1),
  );
  return taker === undefined
    ? []
    : [{ name: taker.name, reason: 'nothing-for-file', word: undefined, thing: taker }];
}

/** Options whose argument is completed though a complete interface has none of that name at any command: branches of a script may be for several. */
function notThere(
  { command }: CommandAt,
  inventory: CommandInventory,
  known: ReadonlySet<string>,
): WrongArgument[] {
  if (command.options.complete?.value !== true) return [];
  const offered = new Set(inventory.options.map(({ text }) => text));
  return [...inventory.arguments.keys()].flatMap((name): WrongArgument[] =>
    known.has(name) || offered.has(name) || !name.startsWith('-')
      ? []
      : [{ name, reason: 'not-there', word: undefined, thing: undefined }],
  );
}
