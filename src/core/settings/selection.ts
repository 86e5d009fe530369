import { CATALOGUE } from '../checks/catalogue.ts';
import { areaOf, type Check } from '../checks/define-check.ts';
import type { Interface } from '../model/interface.ts';
import { walkCommands } from '../model/walk.ts';

/**
 * What an audit is to look at. Each word is a check (`help/says-nothing`), an area (`help`), or the path of a command
 * (`tiffin box`), which stands for the commands below it too.
 */
export interface AuditSelection {
  /** What is looked at; everything where not given or empty. */
  readonly only?: readonly string[];
  /** What is left out all the same; nothing where not given. */
  readonly except?: readonly string[];
}

/** The areas of some checks, then their names: the words that settings and selections know them by. */
export function wordsForChecks(checks: readonly Check[]): ReadonlySet<string> {
  return new Set([...checks.map(({ name }) => areaOf(name)), ...checks.map(({ name }) => name)]);
}

/**
 * The words of a selection that are no check, no area and no command of the interfaces. `checks` are those that are run; the catalogue where not
 * given.
 */
export function unknownSelectors(
  selection: AuditSelection,
  interfaces: readonly Interface[],
  checks: readonly Check[] = CATALOGUE,
): string[] {
  const known = new Set(knownSelectors(interfaces, checks));
  return [...(selection.only ?? []), ...(selection.except ?? [])].filter((word) => !known.has(word));
}

/** Every word that a selection may hold for some interfaces and checks: areas, checks, command paths. */
export function knownSelectors(
  interfaces: readonly Interface[],
  checks: readonly Check[] = CATALOGUE,
): string[] {
  const paths = interfaces.flatMap((cli) => [...walkCommands(cli)].map(({ path }) => path.join(' ')));
  return [...wordsForChecks(checks), ...paths];
}

/** A selection parted into the words about checks and those about commands. */
export class PartedSelection {
  readonly #checks: Required<AuditSelection>;
  readonly #commands: Required<AuditSelection>;

  constructor({ only = [], except = [] }: AuditSelection, checks: readonly Check[]) {
    const known = wordsForChecks(checks);
    const isAboutChecks = (word: string) => known.has(word);
    const isAboutCommands = (word: string) => !known.has(word);
    this.#checks = { only: only.filter(isAboutChecks), except: except.filter(isAboutChecks) };
    this.#commands = { only: only.filter(isAboutCommands), except: except.filter(isAboutCommands) };
  }

  /** Whether a check is run at all: some of its findings may still be left out by their command. */
  hasCheck(name: string): boolean {
    return isSelected(this.#checks, (word) => word === name || word === areaOf(name));
  }

  /** Whether what a check says of a command is kept. */
  hasCommand(path: readonly string[]): boolean {
    return isSelected(this.#commands, (word) => `${path.join(' ')} `.startsWith(`${word} `));
  }
}

function isSelected({ only, except }: Required<AuditSelection>, isMeant: (word: string) => boolean): boolean {
  return (only.length === 0 || only.some(isMeant)) && !except.some(isMeant);
}
