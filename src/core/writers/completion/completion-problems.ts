import type { ValueWord } from '../../model/argument.ts';
import { commandName } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import { walkCommands } from '../../model/walk.ts';
import type { Problem } from '../../source/problem.ts';
import type { Place } from '../../source/source.ts';
import { isOfferedValue, isOneWord, isWithdrawn } from './completion-plan.ts';
import { isProgramWord } from './completion-script.ts';

/**
 * What keeps a completion script from offering all that an interface has: names and values that no shell takes as they are. A
 * program's name of that kind makes the script `unusable`; other names are left out of it.
 */
export function completionProblems(cli: Interface): Problem[] {
  const source = cli.sources[0]?.source.name ?? cli.program.value;
  const problems: Problem[] = [];
  const tell = (what: string, text: string, place: Place, consequence: Problem['consequence']) => {
    const message =
      consequence === 'unusable'
        ? `no shell can complete after the program name '${text}': expected a word that can be typed without quotes; give the name with --program`
        : `the ${what} '${text}' is left out of the completion: it cannot be typed as it is`;
    problems.push({ code: 'name-not-completed', message, place, source, consequence });
  };
  const program = cli.program.value;
  if (!isProgramWord(program)) {
    tell('program name', program, cli.program.place ?? null, 'unusable');
    return problems;
  }
  for (const { command, path } of walkCommands(cli)) {
    if (!path.slice(1).every(isOneWord)) continue;
    const { commands, options, operands } = command;
    // Where the first name cannot be typed, the others stand for nothing.
    for (const sub of commands.items.filter((one) => !isWithdrawn(one)))
      for (const { text, place } of isOneWord(commandName(sub)) ? sub.names : sub.names.slice(0, 1))
        if (!isOneWord(text)) tell('command', text, place, 'partly-read');
    const words: ValueWord[] = operands.items.map(({ word }) => word);
    for (const { names, negatedNames, argument } of options.items.filter((one) => !isWithdrawn(one))) {
      for (const { text, place } of [...names, ...negatedNames])
        if (!isOneWord(text)) tell('option', text, place, 'partly-read');
      for (const word of argument?.value.words ?? []) words.push(word);
    }
    for (const { value, place } of words.flatMap(({ values }) => values?.value ?? []))
      if (!isOfferedValue(value)) tell('value', value, place, 'partly-read');
  }
  return problems;
}
