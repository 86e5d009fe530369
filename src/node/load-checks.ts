import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Check } from '../core/checks/define-check.ts';
import { LEVELS } from '../core/findings/level.ts';
import { printable } from '../core/source/printable.ts';
import type { Problem } from '../core/source/problem.ts';

/** The checks that modules have, and why some could not be loaded. */
export interface LoadedChecks {
  /** The checks that the modules have. */
  readonly checks: readonly Check[];
  /** Modules that could not be loaded, or have no checks. */
  readonly problems: readonly Problem[];
}

/** Thrown where a check that a module brought throws: the mistake is that of the module. */
export class OwnCheckError extends Error {
  /** The name of the class. */
  override readonly name = 'OwnCheckError';
  /** The module that has the check. */
  readonly module: string;

  constructor(module: string, check: string, reason: string) {
    super(`the check '${check}' failed: ${reason}`);
    this.module = module;
  }
}

/**
 * Loads modules with checks: every exported value that `defineCheck` made, alone or in a list. **Runs the modules**, so that only what the user named
 * may be given. Never throws: a module that cannot be loaded, or has no check, is a problem. A
 * check that throws when it is run then throws an OwnCheckError.
 */
export async function loadChecks(paths: readonly string[]): Promise<LoadedChecks> {
  const checks: Check[] = [];
  const problems: Problem[] = [];
  for (const path of paths) {
    try {
      const module: Record<string, unknown> = await import(pathToFileURL(resolve(path)).href);
      const found = [...new Set(Object.values(module).flat().filter(isCheck))];
      if (found.length === 0)
        problems.push(unusable(path, 'expected exported checks, as defineCheck makes them, found none'));
      for (const check of found) checks.push(withModule(check, path));
    } catch (error) {
      problems.push(unusable(path, `its checks cannot be loaded: ${reasonOf(error)}`));
    }
  }
  return { checks, problems };
}

/** A check that says whose it is where it fails. */
function withModule(check: Check, module: string): Check {
  const run: Check['run'] = (view) => {
    try {
      return check.run(view);
    } catch (error) {
      throw new OwnCheckError(module, check.name, reasonOf(error));
    }
  };
  return { ...check, run };
}

/** Whether a value has what a check has. Another copy of the library may have made it. */
function isCheck(value: unknown): value is Check {
  if (typeof value !== 'object' || value === null) return false;
  const { name, level, title, why, needs, examples, run } = value as Partial<Record<keyof Check, unknown>>;
  const areTexts = [name, title, why].every((one) => typeof one === 'string');
  const hasParts = Array.isArray(needs) && typeof examples === 'object' && examples !== null;
  return areTexts && hasParts && LEVELS.some((one) => one === level) && typeof run === 'function';
}

/** The first line of what a module that failed says. */
function reasonOf(error: unknown): string {
  const text = error instanceof Error ? error.message : String(error);
  return printable(text.split('\n', 1)[0] ?? '');
}

function unusable(path: string, message: string): Problem {
  return { code: 'checks-unusable', message, place: null, source: path, consequence: 'unusable' };
}
