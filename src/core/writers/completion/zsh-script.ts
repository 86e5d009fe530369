import type { Interface } from '../../model/interface.ts';
import {
  completionPlan,
  type PlannedCommand,
  type PlannedOption,
  type PlannedValue,
  type PlannedWord,
} from './completion-plan.ts';
import { shellWord, singleQuoted } from './quoted-words.ts';

/** A completion function for zsh, to be put into a folder of `fpath` by the name of an underscore and the program; ends with a newline. */
export function zshCompletion(from: Interface): string {
  const { program, commands, groups } = completionPlan(from);
  const name = `_${program.replace(/[^A-Za-z0-9]+/g, '_')}`;
  const byPath = new Map(commands.map((command) => [command.path.join('\0'), command]));
  const parts = [
    `#compdef ${program}`,
    `# Completion of ${program} for zsh, written by dabbawala from its interface.`,
    ...commands.map((command) => {
      const below = command.steps.flatMap(({ name: step, to }) => {
        const next = byPath.get([...command.path, to].join('\0'));
        return next === undefined ? [] : [{ step, to: functionName(name, next) }];
      });
      return commandFunctions(name, command, below, groups);
    }),
    `${name} "$@"`,
  ];
  return `${parts.join('\n\n')}\n`;
}

interface Step {
  readonly step: string;
  readonly to: string;
}

function functionName(name: string, { id }: PlannedCommand): string {
  return id === '' ? name : `${name}__${id}`;
}

function commandFunctions(
  name: string,
  command: PlannedCommand,
  steps: readonly Step[],
  groups: boolean,
): string {
  const own = functionName(name, command);
  const helpers: string[] = [];
  const action = (word: PlannedWord, id: string) => {
    const isListed = word.offers === 'values' && !isSimple(word.values);
    if (!isListed) return simpleAction(word);
    const helper = `${own}__${id}`;
    helpers.push(listFunction(helper, 'values', word.label, word.values));
    return helper;
  };
  const specs = command.options.flatMap((option, i) =>
    optionSpecs(option, (word, j) => action(word, `option_${i + 1}${j === 0 ? '' : `_${j + 1}`}`)),
  );
  const hasSteps = command.steps.length > 0;
  if (hasSteps) {
    helpers.push(listFunction(`${own}__commands`, 'commands', 'command', command.commands));
    specs.push(singleQuoted(`1:command:${own}__commands`), singleQuoted('*:: :->words'));
  }
  specs.push(
    ...command.operands.map((operand, i) => {
      const place = operand.again && i === command.operands.length - 1 ? '*' : String(i + 1);
      return singleQuoted(`${place}:${escaped(operand.label)}:${action(operand, `operand_${i + 1}`)}`);
    }),
  );
  const flags = [
    '-S',
    ...(groups ? ['-s'] : []),
    ...(hasSteps ? ['-C'] : []),
    ...(hasSteps || !command.mixed ? ["-A '-*'"] : []),
  ];
  const call = [`_arguments ${flags.join(' ')} :`, ...specs].join(' \\\n    ');
  const body = hasSteps ? stepBody(call, steps) : `  ${call}\n`;
  const what = `# ${command.path.join(' ')}`;
  return [`${what}\n${own}() {\n${body}}`, ...helpers].join('\n\n');
}

/** The body of a function that goes on to the function of a subcommand. */
function stepBody(call: string, steps: readonly Step[]): string {
  const groups = new Map<string, string[]>();
  for (const { step, to } of steps) groups.set(to, [...(groups.get(to) ?? []), step]);
  const cases = [...groups].map(
    ([to, names]) => `    (${names.map(shellWord).join('|')}) ${to} && result=0 ;;\n`,
  );
  return `  local curcontext=$curcontext state state_descr line result=1
  typeset -A opt_args
  ${call} && result=0
  [[ $state == words ]] || return result
  curcontext="\${curcontext%:*}-$words[1]:"
  case $words[1] in
${cases.join('')}  esac
  return result
`;
}

function listFunction(name: string, tag: string, label: string, values: readonly PlannedValue[]): string {
  const items = values.map(({ value, text }) => {
    const word = value.replace(/[\\:]/g, '\\$&');
    return `    ${singleQuoted(text === '' ? word : `${word}:${text}`)}\n`;
  });
  return `${name}() {\n  local -a list=(\n${items.join('')}  )\n  _describe -t ${tag} ${singleQuoted(label)} list\n}`;
}

/** The specifications of an option: its names in one word where zsh can expand them. */
export function optionSpecs(
  option: PlannedOption,
  action: (word: PlannedWord, index: number) => string,
): string[] {
  const { names, text, again, excludes } = option;
  const excluded = [...(again || names.length < 2 ? [] : names), ...excludes].map((one) =>
    one.replace(/[\\:()]/g, '\\$&'),
  );
  const lead = `${excluded.length === 0 ? '' : `(${excluded.join(' ')})`}${again ? '*' : ''}`;
  const explanation = text === '' ? '' : `[${text.replace(/[\\[\]]/g, '\\$&')}]`;
  const argument = option.words.map((word, i) => {
    const colon = option.presence === 'optional' && i === 0 ? '::' : ':';
    return `${colon}${escaped(word.label)}:${action(word, i)}`;
  });
  const tail = explanation + argument.join('');
  const marked = names.map(
    (one) =>
      one.replace(/[\\:[=+]/g, (mark, at: number) => (at === 0 ? mark : `\\${mark}`)) +
      joinMark(one, option.presence),
  );
  if (marked.length === 1) return [singleQuoted(lead + marked[0] + tail)];
  const canExpand = marked.every((one) => /^[\w@+=./-]+$/.test(one));
  if (!canExpand) return marked.map((one) => singleQuoted(lead + one + tail));
  return [
    `${lead === '' ? '' : singleQuoted(lead)}{${marked.join(',')}}${tail === '' ? '' : singleQuoted(tail)}`,
  ];
}

/** How a name and its argument are joined: `-c+` in one word or two, `--config=` too, `--colour=-` in one only. */
function joinMark(name: string, presence: PlannedOption['presence']): string {
  if (presence === 'none') return '';
  const isLong = name.startsWith('--');
  if (presence === 'optional') return isLong ? '=-' : '-';
  return isLong ? '=' : '+';
}

export function simpleAction({ offers, values }: PlannedWord): string {
  switch (offers) {
    case 'values':
      return `(${values.map(({ value }) => value).join(' ')})`;
    case 'files':
      return '_files';
    case 'directories':
      return '_files -/';
    case 'commands':
      return '_command_names -e';
    case 'users':
      return '_users';
    case 'hosts':
      return '_hosts';
    case 'nothing':
      return ' ';
  }
}

/** Whether values can stand in a list within a specification: plain words without texts. */
function isSimple(values: readonly PlannedValue[]): boolean {
  return values.every(({ value, text }) => text === '' && /^[\w@%+,./-]+$/.test(value));
}

function escaped(label: string): string {
  return label.replace(/[\\:]/g, '\\$&');
}
