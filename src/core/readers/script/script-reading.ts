import type { Source } from '../../source/source.ts';
import { ArmReader } from './arm-reading.ts';
import { Choices } from './choices.ts';
import { type ShellScope, ShellScript } from './shell-scopes.ts';
import { ShellVariables } from './shell-variables.ts';

/** A script taken apart, with what is asked of it while its loops are read. */
export class ScriptReading {
  readonly script: ShellScript;
  readonly variables: ShellVariables;
  readonly arms: ArmReader;
  readonly #choices = new Map<ShellScope, Choices>();

  constructor(source: Source) {
    this.script = new ShellScript(source);
    this.variables = new ShellVariables(this.script);
    this.arms = new ArmReader(this.script);
  }

  /** The choices of a scope. */
  choices(scope: ShellScope): Choices {
    const known = this.#choices.get(scope) ?? new Choices(scope);
    this.#choices.set(scope, known);
    return known;
  }
}
