import { areaOf, CATALOGUE } from '../checks/catalogue.ts';
import type { CheckInfo } from '../checks/define-check.ts';
import type { Interface } from '../model/interface.ts';
import { walkCommands } from '../model/walk.ts';

/**
 * What an audit is to look at. Each word is a check (`help/says-nothing`), an area (`help`), or the path of a command
 * (`tiffin box`), which stands for the commands below it too.
 */
export interface AuditSelection {
  /** What is looked at; everything where empty. */
  readonly only: readonly string[];
  /** What is left out all the same. */
  readonly except: readonly string[];
}

export const EVERYTHING: AuditSelection = { only: [], except: [] };

const CHECKS: ReadonlySet<string> = new Set(CATALOGUE.map(({ name }) => name));
/** The areas of the catalogue, in its order. */
export const AREAS: ReadonlySet<string> = new Set(CATALOGUE.map(({ name }) => areaOf(name)));

/** The words of a selection that are no check, no area and no command of the interfaces. */
export function unknownSelectors(selection: AuditSelection, interfaces: readonly Interface[]): string[] {
  const paths = new Set(
    interfaces.flatMap((from) => [...walkCommands(from)].map(({ path }) => path.join(' '))),
  );
  return [...selection.only, ...selection.except].filter(
    (word) => !CHECKS.has(word) && !AREAS.has(word) && !paths.has(word),
  );
}

/** Every word that a selection may hold for some interfaces: areas, checks, command paths. */
export function knownSelectors(interfaces: readonly Interface[]): string[] {
  const paths = interfaces.flatMap((from) => [...walkCommands(from)].map(({ path }) => path.join(' ')));
  return [...AREAS, ...CHECKS, ...paths];
}

/** Whether a check is run at all: some of its findings may still be left out by their command. */
export function isCheckSelected(check: CheckInfo['name'], { only, except }: AuditSelection): boolean {
  const names = [check, areaOf(check)];
  const aboutChecks = only.filter(isAboutChecks);
  const isIn = aboutChecks.length === 0 || aboutChecks.some((word) => names.includes(word));
  return isIn && !except.some((word) => isAboutChecks(word) && names.includes(word));
}

/** Whether what a check says of a command is kept. */
export function isCommandSelected(path: readonly string[], { only, except }: AuditSelection): boolean {
  const isBelow = (word: string) => `${path.join(' ')} `.startsWith(`${word} `);
  const aboutCommands = only.filter((word) => !isAboutChecks(word));
  const isIn = aboutCommands.length === 0 || aboutCommands.some(isBelow);
  return isIn && !except.some((word) => !isAboutChecks(word) && isBelow(word));
}

function isAboutChecks(word: string): boolean {
  return CHECKS.has(word) || AREAS.has(word);
}
