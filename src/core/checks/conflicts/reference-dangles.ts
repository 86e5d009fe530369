import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Deprecation } from '../../model/argument.ts';
import type { Command } from '../../model/command.ts';
import type { Fact } from '../../model/fact.ts';
import { mainName } from '../../model/option.ts';
import { optionsByName } from '../../model/options-by-name.ts';
import type { CommandAt } from '../../model/walk.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';

type Dangling = {
  readonly name: string;
  readonly kind: 'replacement' | 'same-as' | 'default-command';
  readonly missing: string;
};

/** One finding for each declaration that refers to an option or command that there is not. */
export const referenceDangles = defineCheck({
  name: 'conflicts/reference-dangles',
  level: 'error',
  title: 'A declaration refers to what does not exist',
  why: 'Whoever follows it gets an error: the replacement of a deprecated option is refused, the synonym stands for nothing, the default command cannot be run.',
  standard: 'practice',
  needs: ['a document or parser object that names replacements, synonyms or a default command'],
  since: 7,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --noon:\n    help: what came at noon\n    deprecated: {replaced-by: --late}\n  --map: draw a map\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --noon:\n    help: what came at noon\n    deprecated: {replaced-by: --map}\n  --map: draw a map\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  --noon:\n    help: what came at noon\n    deprecated: {replaced-by: tiffin round --late}\n  --map: draw a map\ncommands:\n  round:\n    options:\n      --late: what is late\n',
  },
  judge(view, report) {
    const names = new CommandNames();
    for (const at of view.described) {
      const found = danglingAt(at, names);
      report.judged(found.judged);
      for (const { data, place } of found.dangling)
        report.finding({ command: at.path, subject: data.name, data, place });
    }
  },
  message: ({ name, kind, missing }: Dangling) => MESSAGES[kind](quoteName(name), quoteName(missing)),
  fix: ({ missing }) => `name what is there, or declare ${quoteName(missing)}`,
});

const MESSAGES: { readonly [K in Dangling['kind']]: (name: string, missing: string) => string } = {
  replacement: (name, missing) => `${name} is to be replaced by ${missing}, which does not exist`,
  'same-as': (name, missing) => `${name} is the same as ${missing}, which does not exist`,
  'default-command': (name, missing) => `the default command of ${name} is ${missing}, which does not exist`,
};

/** The names of the subcommands of each command, gathered once: every sibling asks for them. */
class CommandNames {
  readonly #byCommand = new Map<Command, ReadonlySet<string>>();

  below(command: Command): ReadonlySet<string> {
    const known = this.#byCommand.get(command);
    if (known !== undefined) return known;
    const names = new Set(command.commands.items.flatMap((sub) => sub.names.map(({ text }) => text)));
    this.#byCommand.set(command, names);
    return names;
  }
}

interface Found {
  readonly judged: number;
  readonly dangling: readonly { readonly data: Dangling; readonly place: Place }[];
}

function danglingAt(at: CommandAt, commandNames: CommandNames): Found {
  const { command, path } = at;
  const options = optionsByName(optionsInReach(at));
  const commands = commandNames.below(command);
  const above = at.line.at(-2);
  const siblings = above === undefined ? new Set<string>() : commandNames.below(above);
  const checked: { name: string; kind: Dangling['kind']; fact: Fact<string>; isThere: boolean }[] = [];
  const replacement = (
    name: string,
    deprecated: Fact<Deprecation> | undefined,
    names: ReadonlySet<string> | ReadonlyMap<string, unknown>,
  ) => {
    const fact = deprecated?.value.replacedBy;
    // A phrase, such as another command line, is not looked up.
    if (fact === undefined || /\s/.test(fact.value)) return;
    checked.push({
      name,
      kind: 'replacement',
      fact,
      isThere: names.has(fact.value.split('=', 1)[0] ?? '') || names.has(fact.value),
    });
  };
  const isWhole = command.options.complete?.value === true;
  for (const option of command.options.items) {
    const name = mainName(option).text;
    if (isWhole) replacement(name, option.deprecated, options);
    const { sameAs } = option;
    if (isWhole && sameAs !== undefined)
      checked.push({
        name,
        kind: 'same-as',
        fact: { ...sameAs, value: sameAs.value.option },
        isThere: options.has(sameAs.value.option),
      });
  }
  if (command.commands.complete?.value === true) {
    const { defaultCommand } = command;
    if (defaultCommand !== undefined)
      checked.push({
        name: path.join(' '),
        kind: 'default-command',
        fact: defaultCommand,
        isThere: commands.has(defaultCommand.value),
      });
  }
  if (siblings.size > 0) replacement(path.at(-1) ?? '', command.deprecated, siblings);
  const dangling = checked
    .filter(({ isThere, fact }) => !isThere && fact.basis === 'stated')
    .map(({ name, kind, fact }) => ({
      data: { name, kind, missing: fact.value },
      place: fact.place ?? command.place,
    }));
  return { judged: checked.length, dangling };
}
