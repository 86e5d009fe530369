import { listNames, quoteName } from '../../messages/wording.ts';
import type { Command, Form } from '../../model/command.ts';
import type { Operand } from '../../model/operand.ts';
import { mainName, type Option } from '../../model/option.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each command with operands and options that take any number of words. */
export const swallowsOperands = defineCheck({
  name: 'arguments/swallows-operands',
  level: 'warning',
  title: 'An option with any number of words swallows the operands',
  why: 'The option takes every word up to the next one with a hyphen, including operands. Callers have to write the operands first, or end the list with another option.',
  standard: 'POSIX XBD 12.2, Guideline 8',
  needs: ['how many words an option takes', 'the operands of the command'],
  since: 4,
  examples: {
    wrong:
      'usage: tiffin [--skip DAY [DAY ...]] BOX\n\noptions:\n  --skip DAY [DAY ...]  days to leave out\n',
    right: 'usage: tiffin [--skip DAY,...] BOX\n\noptions:\n  --skip DAY,...  days to leave out\n',
    nearMiss: 'usage: tiffin [--skip DAY [DAY ...]]\n\noptions:\n  --skip DAY [DAY ...]  days to leave out\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const taking = command.options.items.filter(
        (option) => option.argument?.value.presence === 'mandatory',
      );
      report.judged(taking.length);
      if (dotsMeanRepetition(command)) continue;
      const swallowing = taking.flatMap((option) => {
        const operand = takesAnyNumber(option) ? operandBeside(option, command) : undefined;
        return operand === undefined ? [] : [{ name: mainName(option), operand }];
      });
      const [first] = swallowing;
      if (first === undefined) continue;
      report.finding({
        command: path,
        subject: first.name.text,
        data: { options: swallowing.map(({ name }) => name.text), operand: first.operand.name },
        place: first.name.place,
        related: [{ place: first.operand.place, note: 'is taken for one of its words' }],
      });
    }
  },
  message: ({ options, operand }: { options: readonly string[]; operand: string }) =>
    `${listNames(options)} ${options.length === 1 ? 'takes' : 'take'} any number of words, including the operand ${quoteName(operand)}`,
  fix: ({ options }) =>
    `let ${options.length === 1 ? quoteName(options[0] ?? '') : 'each'} take one word and be repeatable, or take a comma-separated list`,
});

/** `This may be given multiple times`, of an option with dots: each time it takes one word. */
const IS_REPEATED =
  /\b(?:multiple|several|many) times\b|\bmore than once\b|\b(?:be|is) repeat(?:ed|able)\b|\brepeatable\b|\bmultiple -\S+ (?:flags|options)\b/i;

/** Whether dots behind the placeholders of a command's options stand for giving the option again, as one of their texts says. */
function dotsMeanRepetition({ options }: Command): boolean {
  return options.items.some(
    ({ argument, help }) => argument?.value.count?.value.most === null && IS_REPEATED.test(help?.value ?? ''),
  );
}

/** Whether an option takes word after word, and not one word that is a list. */
function takesAnyNumber({ argument, help }: Option): boolean {
  const { words = [], count } = argument?.value ?? {};
  const isOneWord =
    words.some(({ separator }) => separator !== undefined) ||
    /\bseparated\b|\bparted by\b/.test(help?.value ?? '');
  return count?.value.most === null && !isOneWord;
}

/** An operand of a form with the option, or of any form where none names the option. */
function operandBeside(option: Option, command: Command): Operand | undefined {
  const names = new Set(option.names.map(({ text }) => text));
  const naming = command.forms.filter((form) => form.options.some(({ name }) => names.has(name)));
  const forms = naming.length > 0 ? naming : command.forms;
  const operands = forms.length > 0 ? forms.flatMap(operandsBeforeEnd) : command.operands.items;
  return operands.find(
    ({ kind, name }) =>
      (kind === 'word' || kind === 'command-line') &&
      !isAmongOptions(name, option.place) &&
      !isOfMode(name, option),
  );
}

/** The operands of a form that stand before its `--`: what is behind that, no option takes. */
function operandsBeforeEnd({ text, operands }: Form): Operand[] {
  const end = text.search(/(?:^|[\s[])--(?=[\s\]]|$)/);
  return operands.filter(({ word, name }) => end < 0 || text.indexOf(word.placeholder?.value ?? name) < end);
}

/**
 * Whether an option of help shows the operands of a mode that it chooses: `--list BOX...` beside the operand BOX, and `--add DAY QUAY BOX...`, whose words are of several
 * kinds.
 */
function isOfMode(operand: string, { argument }: Option): boolean {
  const placeholders =
    argument?.value.words.map(({ placeholder }) => singular(placeholder?.value ?? '')) ?? [];
  return placeholders.includes(singular(operand)) || new Set(placeholders).size > 1;
}

function singular(placeholder: string): string {
  return placeholder
    .toLowerCase()
    .replace(/[^a-z]/g, '')
    .replace(/s$/, '');
}

/** Whether an operand such as COMMAND stands for one of the options, which a heading `Commands:` over them shows. */
function isAmongOptions(operand: string, place: Place): boolean {
  const name = operand.toLowerCase().replace(/[^a-z]/g, '');
  const heading = /^(commands|actions|operations|modes)\b[^\n:]{0,60}:\s*\n\s*-/im.exec(
    place?.source.text ?? '',
  );
  return name !== '' && heading?.[1]?.toLowerCase() === `${name}s`;
}
