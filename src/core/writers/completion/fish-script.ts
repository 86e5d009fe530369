import type { Interface } from '../../model/interface.ts';
import {
  completionPlan,
  type PlannedCommand,
  type PlannedOption,
  type PlannedValue,
  type PlannedWord,
} from './completion-plan.ts';
import { fishQuoted, fishWord } from './quoted-words.ts';

/** A completion script for fish (3.4 or newer); ends with a newline. */
export function fishCompletion(from: Interface): string {
  const { program, commands, groups } = completionPlan(from);
  const name = `__${program.replace(/[^A-Za-z0-9]+/g, '_')}`;
  const parts = [
    `# Completion of ${program} for fish, written by dabbawala from its interface.`,
    readFunction(name, commands, groups),
    conditionFunctions(name, commands),
    `complete -c ${fishWord(program)} -f`,
    ...commands.map((command) => commandLines(name, program, command)).filter((text) => text !== ''),
  ];
  return `${parts.join('\n\n')}\n`;
}

function readFunction(name: string, commands: readonly PlannedCommand[], groups: boolean): string {
  const takes = commands.flatMap(({ path, options }) =>
    options
      .filter(({ presence }) => presence === 'mandatory')
      .flatMap(({ names }) => names.map((one) => fishQuoted(`${path.join(' ')} ${one}`))),
  );
  const steps = commands.flatMap(({ path, steps: all }) =>
    all.map(({ name: from, to }) => {
      const at = path.join(' ');
      return `                    case ${fishPattern(`${at} ${from}/0`)}
                        set -g ${name}_at ${fishQuoted(`${at} ${to}`)}
                        set -g ${name}_given`;
    }),
  );
  const letters = groups
    ? `
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
                end`
    : '';
  const plain = groups ? "'+?*'" : "'-?*' '+?*'";
  return `# Reads the command line up to the cursor, once for each: at which command it is, which of its options stand there, the one whose
# argument comes next, how many operands there are, and whether no option may come any more.
function ${name}_read
    set -l line (commandline -cp)
    test "$${name}_line" = "$line"; and return
    set -g ${name}_line $line
    set -g ${name}_at ${fishQuoted(commands[0]?.path[0] ?? '')}
    set -g ${name}_given
    set -g ${name}_option
    set -g ${name}_operands 0
    set -g ${name}_ended
    set -l takes ${takes.join(' ')}
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
${[
  ...steps,
  `                    case '*'
                        set -g ${name}_operands (math $${name}_operands + 1)`,
].join('\n')}
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
function fishPattern(text: string): string {
  return fishQuoted(text.replace(/[*?\\]/g, '\\$&'));
}

function conditionFunctions(name: string, commands: readonly PlannedCommand[]): string {
  const strict = commands.filter(({ mixed }) => !mixed).map(({ path }) => fishQuoted(path.join(' ')));
  const strictness =
    strict.length === 0
      ? ''
      : `
    # At these commands the first operand ends the options.
    if test $${name}_operands -gt 0
        contains -- "$${name}_at" ${strict.join(' ')}; and return 1
    end`;
  return `# Whether options of a command may stand here.
function ${name}_may
    ${name}_read
    test "$${name}_at" = "$argv[1]"; and test -z "$${name}_ended"; or return 1${strictness}
    return 0
end

# Whether none of some options stands there already.
function ${name}_without
    for other in $argv
        contains -- $other $${name}_given; and return 1
    end
    return 0
end

# Whether a subcommand of a command may stand here.
function ${name}_names
    ${name}_read
    test "$${name}_at" = "$argv[1]"; and test -z "$${name}_ended"; and test $${name}_operands -eq 0
end

# Whether the operand of a command comes next that stands behind so many others, or one behind at least so many.
function ${name}_operand
    ${name}_read
    test "$${name}_at" = "$argv[1]"; and test $${name}_operands $argv[2] $argv[3]
end`;
}

function commandLines(name: string, program: string, command: PlannedCommand): string {
  const at = fishQuoted(command.path.join(' '));
  const start = `complete -c ${fishWord(program)}`;
  const commands = command.commands.map(
    ({ value, text }) =>
      `${start} -n ${fishQuoted(`${name}_names ${at}`)} -a ${fishQuoted(fishWord(value))}${described(text)}`,
  );
  const options = command.options.map((option) => optionLine(name, start, at, option));
  const operands = command.operands.flatMap((operand, i) => {
    const words = wordOptions(operand, false);
    const isRest = operand.again && i === command.operands.length - 1;
    return words === ''
      ? []
      : [`${start} -n ${fishQuoted(`${name}_operand ${at} ${isRest ? '-ge' : '-eq'} ${i}`)} ${words}`];
  });
  const lines = [...commands, ...options, ...operands];
  return lines.length === 0 ? '' : `# ${command.path.join(' ')}\n${lines.join('\n')}`;
}

function optionLine(name: string, start: string, at: string, option: PlannedOption): string {
  const others = [...(option.again ? [] : option.names), ...option.excludes].map(fishWord);
  // Two conditions, of which fish keeps the first: it is the same for all options of a command.
  const without = others.length === 0 ? '' : ` -n ${fishQuoted([`${name}_without`, ...others].join(' '))}`;
  const [word] = option.words;
  const argument =
    option.presence === 'none' || word === undefined
      ? ''
      : ` ${wordOptions(word, option.presence === 'mandatory')}`;
  return `${start} -n ${fishQuoted(`${name}_may ${at}`)}${without} ${option.names.map(nameOption).join(' ')}${argument.trimEnd()}${described(option.text)}`;
}

function nameOption(name: string): string {
  if (name.startsWith('--')) return `-l ${fishWord(name.slice(2))}`;
  if (/^-[^-]$/u.test(name)) return `-s ${fishWord(name.slice(1))}`;
  // What begins with a plus is no option to fish, but a word like another.
  return name.startsWith('-') ? `-o ${fishWord(name.slice(1))}` : `-a ${fishQuoted(fishWord(name))}`;
}

/** What is offered for a word: as an argument that an option must have, or not. */
function wordOptions({ offers, values }: PlannedWord, isMandatory: boolean): string {
  const must = isMandatory ? '-x' : '-f';
  switch (offers) {
    case 'values':
      return `${must} -a ${fishQuoted(values.map(valueWord).join(' '))}`;
    case 'files':
      return isMandatory ? '-r -F' : '-F';
    case 'directories':
      return `${must} -a '(__fish_complete_directories)'`;
    case 'commands':
      return `${must} -a '(__fish_complete_command)'`;
    case 'users':
      return `${must} -a '(__fish_complete_users)'`;
    case 'hosts':
      return `${must} -a '(__fish_print_hostnames)'`;
    case 'nothing':
      return isMandatory ? '-x' : '';
  }
}

/** A value, with its text behind a tab where it has one. */
function valueWord({ value, text }: PlannedValue): string {
  return text === '' ? fishWord(value) : `${fishWord(value)}\\t${fishQuoted(text)}`;
}

function described(text: string): string {
  return text === '' ? '' : ` -d ${fishQuoted(text)}`;
}
