import type { Interface } from '../../model/interface.ts';
import { ShellCode, sh } from '../../shells/shell-code.ts';
import { type CompletionPlan, completionPlan, isOneWord } from './completion-plan.ts';

/**
 * The text of a completion script, which ends with a newline. A program whose name is no word that can be typed as it is
 * gets a script that says so and offers nothing.
 */
export function completionScript(cli: Interface, write: (plan: CompletionPlan) => ShellCode): string {
  const program = cli.program.value;
  const code = isProgramWord(program)
    ? write(completionPlan(cli))
    : ShellCode.comment(`'${program}' cannot be completed: the name cannot be typed without quotes.`);
  return sh`${code}\n`.text;
}

/** Whether a program's name can be typed as it is, so that a shell can complete behind it. */
export function isProgramWord(name: string): boolean {
  return isOneWord(name) && !name.startsWith('-');
}
