import { listKey } from '../../collections/list-key.ts';
import type { Interface } from '../../model/interface.ts';
import { lines, ShellCode, sh, words } from '../../shells/shell-code.ts';
import type {
  CompletionPlan,
  PlannedCommand,
  PlannedOption,
  PlannedValue,
  PlannedWord,
} from './completion-plan.ts';
import { completionScript } from './completion-script.ts';

/** Functions of zsh that a script calls: its own may not take their names. */
const CALLED: ReadonlySet<string> = new Set([
  '_arguments',
  '_command_names',
  '_describe',
  '_files',
  '_hosts',
  '_users',
]);

/** A completion function for zsh, to be put into a folder of `fpath` by the name of an underscore and the program; ends with a newline. */
export function zshCompletion(cli: Interface): string {
  return completionScript(cli, zshCode);
}

function zshCode({ program, commands, groups }: CompletionPlan): ShellCode {
  const plain = ShellCode.identifier('_', program);
  const name = CALLED.has(plain.text) ? sh`${plain}_completion` : plain;
  const byPath = new Map(commands.map((command) => [listKey(command.path), command]));
  const parts = [
    // compinit reads this line itself, without quotes: the program's name has no blank, since the plan refuses such names.
    ShellCode.directive('compdef', program),
    ShellCode.comment(`Completion of ${program} for zsh, written by dabbawala from its interface.`),
    ...commands.map((command) => {
      const below = command.steps.flatMap(({ name: step, to }) => {
        const next = byPath.get(listKey([...command.path, to]));
        return next === undefined ? [] : [{ step, to: functionName(name, next) }];
      });
      return commandFunctions(name, command, below, groups);
    }),
    sh`${name} "$@"`,
  ];
  return ShellCode.join(parts, sh`\n\n`);
}

interface Step {
  readonly step: string;
  readonly to: ShellCode;
}

function functionName(name: ShellCode, { id }: PlannedCommand): ShellCode {
  return id === '' ? name : ShellCode.identifier(`${name.text}__`, id);
}

function commandFunctions(
  name: ShellCode,
  command: PlannedCommand,
  steps: readonly Step[],
  groups: boolean,
): ShellCode {
  const own = functionName(name, command);
  const helpers: ShellCode[] = [];
  const action = (word: PlannedWord, id: string) => {
    const isListed = word.offers === 'values' && !isSimple(word.values);
    if (!isListed) return simpleAction(word);
    const helper = sh`${own}__${ShellCode.identifier(id, '')}`;
    helpers.push(listFunction(helper, sh`values`, word.label, word.values));
    return helper.text;
  };
  const specs = command.options.flatMap((option, i) =>
    optionSpecs(option, (word, j) => action(word, `option_${i + 1}${j === 0 ? '' : `_${j + 1}`}`)),
  );
  const hasSteps = command.steps.length > 0;
  if (hasSteps) {
    helpers.push(listFunction(sh`${own}__commands`, sh`commands`, 'command', command.commands));
    specs.push(sh`${`1:command:${own.text}__commands`}`, sh`'*:: :->words'`);
  }
  for (const [i, operand] of command.operands.entries()) {
    const place = operand.again && i === command.operands.length - 1 ? '*' : String(i + 1);
    specs.push(sh`${`${place}:${escaped(operand.label)}:${action(operand, `operand_${i + 1}`)}`}`);
  }
  const flags = [
    sh`-S`,
    ...(groups ? [sh`-s`] : []),
    ...(hasSteps ? [sh`-C`] : []),
    ...(hasSteps || !command.mixed ? [sh`-A '-*'`] : []),
  ];
  const call = ShellCode.join([sh`_arguments ${words(flags)} :`, ...specs], sh` \\\n    `);
  const body = hasSteps ? stepBody(call, steps) : sh`  ${call}\n`;
  const what = ShellCode.comment(command.path.join(' '));
  return ShellCode.join([sh`${what}\n${own}() {\n${body}}`, ...helpers], sh`\n\n`);
}

/** The body of a function that goes on to the function of a subcommand. */
function stepBody(call: ShellCode, steps: readonly Step[]): ShellCode {
  const groups = new Map<string, { to: ShellCode; names: ShellCode[] }>();
  for (const { step, to } of steps) {
    const group = groups.get(to.text) ?? { to, names: [] };
    group.names.push(sh`${step}`);
    groups.set(to.text, group);
  }
  const cases = [...groups.values()].map(
    ({ to, names }) => sh`    (${ShellCode.join(names, sh`|`)}) ${to} && result=0 ;;`,
  );
  return sh`  local curcontext=$curcontext state state_descr line result=1
  typeset -A opt_args
  ${call} && result=0
  [[ $state == words ]] || return result
  curcontext="\${curcontext%:*}-$words[1]:"
  case $words[1] in
${lines([...cases, sh`  esac`])}
  return result
`;
}

function listFunction(
  name: ShellCode,
  tag: ShellCode,
  label: string,
  values: readonly PlannedValue[],
): ShellCode {
  const items = values.map((value) => sh`    ${described(value)}`);
  return sh`${name}() {
  local -a list=(
${lines([...items, sh`  )`])}
  _describe -t ${tag} ${title(label)} list
}`;
}

/** A word as the lists of `_describe` take it: with its text behind a colon. */
export function described({ value, text }: PlannedValue): string {
  const word = value.replace(/[\\:]/g, '\\$&');
  return text === '' ? word : `${word}:${text}`;
}

/** The specifications of an option: its names in one word where zsh can expand them. */
export function optionSpecs(
  option: PlannedOption,
  action: (word: PlannedWord, index: number) => string,
): ShellCode[] {
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
  const canExpand = marked.length > 1 && marked.every((one) => /^[\w@+=./-]+$/.test(one));
  if (!canExpand) return marked.map((one) => sh`${lead + one + tail}`);
  const braces = sh`{${ShellCode.join(
    marked.map((one) => ShellCode.bare(one)),
    sh`,`,
  )}}`;
  return [sh`${lead === '' ? sh`` : lead}${braces}${tail === '' ? sh`` : tail}`];
}

/** How a name and its argument are joined: `-c+` in one word or two, `--config=` too, `--colour=-` in one only. */
function joinMark(name: string, presence: PlannedOption['presence']): string {
  if (presence === 'none') return '';
  const isLong = name.startsWith('--');
  if (presence === 'optional') return isLong ? '=-' : '-';
  return isLong ? '=' : '+';
}

/** What a specification says of how a word is completed: a function, or a list that zsh reads as code, each of its words quoted. */
export function simpleAction({ offers, values }: PlannedWord): string {
  switch (offers) {
    case 'values':
      return `(${values.map(({ value }) => listedWord(value)).join(' ')})`;
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

/**
 * A word of a list within a specification. There a backslash before a colon is taken off, and a colon ends the list: both stand as
 * escapes in dollar-single-quotes, as does all that is no letter or digit.
 */
function listedWord(value: string): string {
  if (isPlain(value)) return value;
  const bytes = encodeURIComponent(value).replace(/[^%\w]/g, (mark) => `%${mark.charCodeAt(0).toString(16)}`);
  return `$'${bytes.replace(/%([0-9a-f]{2})/gi, '\\x$1')}'`;
}

function isPlain(value: string): boolean {
  return /^[\w@%+,./-]+$/.test(value);
}

/** Whether values can stand in a list within a specification: plain words without texts. */
function isSimple(values: readonly PlannedValue[]): boolean {
  return values.every(({ value, text }) => text === '' && isPlain(value));
}

/** The name of a value within a specification. */
function escaped(label: string): string {
  return title(label).replace(/[\\:]/g, '\\$&');
}

/** The name of a value as zsh shows it: a star at its beginning would start a pattern, a hyphen an option of `_describe`. */
function title(label: string): string {
  return label.replace(/^[\s*-]+/, '') || 'argument';
}
