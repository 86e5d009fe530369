import type { Interface } from '../../model/interface.ts';
import { fish, lines, ShellCode, words } from '../../shells/shell-code.ts';
import type {
  CompletionPlan,
  PlannedCommand,
  PlannedOption,
  PlannedValue,
  PlannedWord,
} from './completion-plan.ts';
import { completionScript } from './completion-script.ts';

/** A completion script for fish (3.4 or newer); ends with a newline. */
export function fishCompletion(cli: Interface): string {
  return completionScript(cli, fishCode);
}

function fishCode({ program, commands, groups }: CompletionPlan): ShellCode {
  const name = ShellCode.identifier('__', program);
  const parts = [
    ShellCode.comment(`Completion of ${program} for fish, written by dabbawala from its interface.`),
    readFunction(name, commands, groups),
    conditionFunctions(name, commands),
    fish`complete -c ${program} -f`,
    ...commands.map((command) => commandLines(name, program, command)).filter(({ text }) => text !== ''),
  ];
  return ShellCode.join(parts, fish`\n\n`);
}

/** The options that take an argument, each behind the path of its command. */
function takers(commands: readonly PlannedCommand[]): ShellCode[] {
  return commands.flatMap(({ path, options }) =>
    options
      .filter(({ presence }) => presence === 'mandatory')
      .flatMap(({ names }) => names.map((one) => fish`${`${path.join(' ')} ${one}`}`)),
  );
}

/** The cases of words that name a subcommand, where no operand came before them. */
function subcommandCases(name: ShellCode, commands: readonly PlannedCommand[]): ShellCode[] {
  return commands.flatMap(({ path, steps }) =>
    steps.map(({ name: from, to }) => {
      const at = path.join(' ');
      return fish`                    case ${pattern(`${at} ${from}/0`)}
                        set -g ${name}_at ${`${at} ${to}`}
                        set -g ${name}_given`;
    }),
  );
}

/** The case of letters that are grouped behind one hyphen. */
function groupCase(name: ShellCode): ShellCode {
  return fish`
            case '-?*'
                for letter in (string split '' -- (string sub -s 2 -- $word))
                    if test -n "$${name}_option"
                        set -g ${name}_option
                        break
                    end
                    if contains -- "$${name}_at -$letter" $takes
                        set -g ${name}_option -$letter
                    end
                    set -g -a ${name}_given -$letter
                end`;
}

function readFunction(name: ShellCode, commands: readonly PlannedCommand[], groups: boolean): ShellCode {
  const letters = groups ? groupCase(name) : fish``;
  const plain = groups ? fish`'+?*'` : fish`'-?*' '+?*'`;
  return fish`# Reads the command line up to the cursor, once for each: at which command it is, which of its options stand there, the one whose
# argument comes next, how many operands there are, and whether no option may come any more.
function ${name}_read
    set -l line (commandline -cp)
    test "$${name}_line" = "$line"; and return
    set -g ${name}_line $line
    set -g ${name}_at ${commands[0]?.path[0] ?? ''}
    set -g ${name}_given
    set -g ${name}_option
    set -g ${name}_operands 0
    set -g ${name}_ended
    set -l takes ${words(takers(commands))}
    set -l words (commandline -opc)
    for word in $words[2..-1]
        if test -n "$${name}_option"
            set -g ${name}_option
            continue
        end
        if test -n "$${name}_ended"
            set -g ${name}_operands (math $${name}_operands + 1)
            continue
        end
        switch $word
            case --
                set -g ${name}_ended yes
            case '--*=*'
                set -g -a ${name}_given (string split -m 1 = -- $word)[1]
            case '--*'
                set -g -a ${name}_given $word
                if contains -- "$${name}_at $word" $takes
                    set -g ${name}_option $word
                end${letters}
            case ${plain}
                set -g -a ${name}_given $word
                if contains -- "$${name}_at $word" $takes
                    set -g ${name}_option $word
                end
            case '*'
                # A subcommand, where no operand came before it.
                switch "$${name}_at $word/$${name}_operands"
${lines([
  ...subcommandCases(name, commands),
  fish`                    case '*'
                        set -g ${name}_operands (math $${name}_operands + 1)`,
])}
                end
        end
    end
    # The option whose argument comes next is not used up by that.
    if test -n "$${name}_option"
        set -e ${name}_given[-1]
    end
end`;
}

/** A text as a pattern that only itself matches. */
function pattern(text: string): ShellCode {
  return fish`${text.replace(/[*?\\]/g, '\\$&')}`;
}

function conditionFunctions(name: ShellCode, commands: readonly PlannedCommand[]): ShellCode {
  const strict = commands.filter(({ mixed }) => !mixed).map(({ path }) => fish`${path.join(' ')}`);
  const strictness =
    strict.length === 0
      ? fish``
      : fish`
    # At these commands the first operand ends the options.
    if test $${name}_operands -gt 0
        contains -- "$${name}_at" ${words(strict)}; and return 1
    end`;
  return fish`# Whether options of the command can appear here.
function ${name}_may
    ${name}_read
    test "$${name}_at" = "$argv[1]"; and test -z "$${name}_ended"; or return 1${strictness}
    return 0
end

# Whether none of the given options is there yet.
function ${name}_without
    for other in $argv
        contains -- $other $${name}_given; and return 1
    end
    return 0
end

# Whether a subcommand of the command can appear here.
function ${name}_names
    ${name}_read
    test "$${name}_at" = "$argv[1]"; and test -z "$${name}_ended"; and test $${name}_operands -eq 0
end

# Whether the next word is the operand of a command that comes after so many others, or after at least so many.
function ${name}_operand
    ${name}_read
    test "$${name}_at" = "$argv[1]"; and test $${name}_operands $argv[2] $argv[3]
end`;
}

function commandLines(name: ShellCode, program: string, command: PlannedCommand): ShellCode {
  const at = fish`${command.path.join(' ')}`;
  const start = fish`complete -c ${program}`;
  const commands = command.commands.map(
    ({ value, text }) =>
      fish`${start} -n ${inner(fish`${name}_names ${at}`)} -a ${inner(fish`${value}`)}${described(text)}`,
  );
  const options = command.options.map((option) => optionLine(name, start, at, option));
  const operands = command.operands.flatMap((operand, i) => {
    const offers = wordOptions(operand, false);
    const isRest = operand.again && i === command.operands.length - 1;
    const condition = fish`${name}_operand ${at} ${isRest ? fish`-ge` : fish`-eq`} ${i}`;
    return offers === undefined ? [] : [fish`${start} -n ${inner(condition)} ${offers}`];
  });
  const all = [...commands, ...options, ...operands];
  return all.length === 0 ? fish`` : lines([ShellCode.comment(command.path.join(' ')), ...all]);
}

/** Code as one word, which fish reads as code later: a condition, or a list of words. */
function inner({ text }: ShellCode): ShellCode {
  return fish`${text}`;
}

function optionLine(name: ShellCode, start: ShellCode, at: ShellCode, option: PlannedOption): ShellCode {
  const others = [...(option.again ? [] : option.names), ...option.excludes].map((other) => fish`${other}`);
  const [word] = option.words;
  const offers =
    option.presence === 'none' || word === undefined
      ? undefined
      : wordOptions(word, option.presence === 'mandatory');
  return words([
    fish`${start} -n ${inner(fish`${name}_may ${at}`)}`,
    // Two conditions, of which fish keeps the first: it is the same for all options of a command.
    ...(others.length === 0 ? [] : [fish`-n ${inner(words([fish`${name}_without`, ...others]))}`]),
    fish`${words(option.names.map(nameOption))}${offers === undefined ? fish`` : fish` ${offers}`}${described(option.text)}`,
  ]);
}

/** The option of `complete` that declares a name. */
export function nameOption(name: string): ShellCode {
  if (name.startsWith('--')) return fish`-l ${name.slice(2)}`;
  if (/^-[^-]$/u.test(name)) return fish`-s ${name.slice(1)}`;
  // What begins with a plus is no option to fish, but a word like another.
  return name.startsWith('-') ? fish`-o ${name.slice(1)}` : fish`-a ${inner(fish`${name}`)}`;
}

/** What is offered for a word: as an argument that an option must have, or not; undefined for nothing. */
function wordOptions({ offers, values }: PlannedWord, isMandatory: boolean): ShellCode | undefined {
  const must = isMandatory ? fish`-x` : fish`-f`;
  switch (offers) {
    case 'values':
      return fish`${must} -a ${inner(words(values.map(valueWord)))}`;
    case 'files':
      return isMandatory ? fish`-r -F` : fish`-F`;
    case 'directories':
      return fish`${must} -a '(__fish_complete_directories)'`;
    case 'commands':
      return fish`${must} -a '(__fish_complete_command)'`;
    case 'users':
      return fish`${must} -a '(__fish_complete_users)'`;
    case 'hosts':
      return fish`${must} -a '(__fish_print_hostnames)'`;
    case 'nothing':
      return isMandatory ? fish`-x` : undefined;
  }
}

/** A value, with its text behind a tab where it has one. */
function valueWord({ value, text }: PlannedValue): ShellCode {
  return text === '' ? fish`${value}` : fish`${value}\\t${text}`;
}

/** The option of `complete` that describes what is offered. */
export function described(text: string): ShellCode {
  return text === '' ? fish`` : fish` -d ${text}`;
}
