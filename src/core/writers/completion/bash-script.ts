import type { Interface } from '../../model/interface.ts';
import {
  completionPlan,
  type PlannedCommand,
  type PlannedOption,
  type PlannedWord,
} from './completion-plan.ts';
import { shellWord, singleQuoted } from './quoted-words.ts';

/** A completion script for bash (4.4 or newer) that needs nothing else; ends with a newline. */
export function bashCompletion(from: Interface): string {
  const { program, commands, groups } = completionPlan(from);
  const name = `_${program.replace(/[^A-Za-z0-9]+/g, '_')}`;
  const parts = [
    `# Completion of ${program} for bash, written by dabbawala from its interface.`,
    readFunction(name, commands, groups),
    stepFunction(name, commands),
    takesFunction(name, commands),
    offerFunctions(name),
    commandsFunction(name, commands),
    optionsFunction(name, commands),
    argumentFunction(name, commands),
    operandFunction(name, commands),
    mainFunction(name, commands),
    `complete -F ${name} ${shellWord(program)}\n`,
  ];
  return parts.join('\n\n');
}

function readFunction(name: string, commands: readonly PlannedCommand[], groups: boolean): string {
  const letters = groups
    ? `
      -[!-]?*)
        for ((i = 1; i < \${#word}; i++)); do
          given="$given-\${word:i:1} "
          if ${name}_takes "$at -\${word:i:1}"; then
            ((i + 1 < \${#word})) || option=-\${word:i:1}
            break
          fi
        done
        ;;`
    : '';
  return `# Reads the command line up to the cursor: $at is the command, $given are its options, $option is the one whose argument comes next,
# $operands is how many operands there are, $ended tells that no option may come any more, $cur is the word to complete.
${name}_read() {
  local line=\${COMP_LINE:0:COMP_POINT} part word i
  local -a words=()
  # Readline parts words at = and :; what stands together belongs together.
  for part in "\${COMP_WORDS[@]:0:COMP_CWORD+1}"; do
    if [[ \${#words[@]} -eq 0 || $line == [[:blank:]]* ]]; then words+=(''); fi
    line=\${line#"\${line%%[![:blank:]]*}"}
    part=\${part:0:\${#line}}
    line=\${line#"$part"}
    words[\${#words[@]}-1]+=$part
  done
  cur=\${words[\${#words[@]}-1]}
  at=${singleQuoted(commands[0]?.path[0] ?? '')} given=' ' option= operands=0 ended=
  for word in "\${words[@]:1:\${#words[@]}-2}"; do
    if [[ $option ]]; then option=; continue; fi
    if [[ $ended ]]; then ((operands++)); continue; fi
    case $word in
      --) ended=yes ;;
      --*=*) given="$given\${word%%=*} " ;;${letters}
      [-+]?*)
        given="$given$word "
        ! ${name}_takes "$at $word" || option=$word
        ;;
      *) ${name}_step "$word" || ((operands++)) ;;
    esac
  done
}`;
}

function stepFunction(name: string, commands: readonly PlannedCommand[]): string {
  const cases = commands.flatMap(({ path, steps }) =>
    [...groupSteps(steps)].map(([to, names]) => {
      const from = path.join(' ');
      const patterns = names.map((one) => singleQuoted(`${from} ${one}`)).join(' | ');
      return `    ${patterns}) at=${singleQuoted(`${from} ${to}`)} given=' ' ;;`;
    }),
  );
  return `# Goes to a subcommand, where the word is the name of one and no operand came before it.
${name}_step() {
  [[ $operands -eq 0 ]] || return 1
  case "$at $1" in
${[...cases, '    *) return 1 ;;'].join('\n')}
  esac
}`;
}

function groupSteps(steps: PlannedCommand['steps']): Map<string, string[]> {
  const groups = new Map<string, string[]>();
  for (const { name, to } of steps) groups.set(to, [...(groups.get(to) ?? []), name]);
  return groups;
}

function takesFunction(name: string, commands: readonly PlannedCommand[]): string {
  const cases = commands.flatMap(({ path, options }) => {
    const names = options
      .filter(({ presence }) => presence === 'mandatory')
      .flatMap((option) => option.names);
    if (names.length === 0) return [];
    return [`    ${names.map((one) => singleQuoted(`${path.join(' ')} ${one}`)).join(' | ')}) ;;`];
  });
  return `# Whether the word behind an option is its argument.
${name}_takes() {
  case $1 in
${[...cases, '    *) return 1 ;;'].join('\n')}
  esac
}`;
}

function offerFunctions(name: string): string {
  return `# Offers words that begin with what is typed behind a lead such as --sort=, quoted where they need it.
${name}_words() {
  local lead=$1 typed=$2 word quoted
  shift 2
  for word; do
    printf -v quoted %q "$word"
    case $typed in
      [\\"\\']*) [[ $word == "\${typed:1}"* ]] && COMPREPLY+=("$lead$word") ;;
      *) [[ $word == "\${typed//\\\\/}"* ]] && COMPREPLY+=("$lead$quoted") ;;
    esac
  done
}

# Offers the names of an option, given by the first word, where neither they nor those of the second word stand already.
${name}_option() {
  local - name
  set -f
  for name in $1 $2; do
    [[ $given != *" $name "* ]] || return 0
  done
  for name in $1; do
    [[ $name != "$cur"* ]] || COMPREPLY+=("$name")
  done
}

# Offers the names of an option that may stand several times.
${name}_again() {
  local - name
  set -f
  for name in $2; do
    [[ $given != *" $name "* ]] || return 0
  done
  for name in $1; do
    [[ $name != "$cur"* ]] || COMPREPLY+=("$name")
  done
}

# Offers what compgen makes of an action such as file, behind a lead.
${name}_action() {
  local word
  [[ $1 != file && $1 != directory ]] || compopt -o filenames 2>/dev/null
  while IFS= read -r word; do COMPREPLY+=("$2$word"); done < <(compgen -A "$1" -- "$3")
}`;
}

function commandsFunction(name: string, commands: readonly PlannedCommand[]): string {
  return caseFunction(
    `${name}_commands`,
    'Offers the subcommands.',
    commands.flatMap(({ path, commands: all }) =>
      all.length === 0
        ? []
        : [[path, [`${name}_words '' "$cur" ${all.map(({ value }) => shellWord(value)).join(' ')}`]]],
    ),
  );
}

function optionsFunction(name: string, commands: readonly PlannedCommand[]): string {
  return caseFunction(
    `${name}_options`,
    'Offers the options.',
    commands.flatMap(({ path, options }) =>
      options.length === 0 ? [] : [[path, options.map((option) => optionLine(name, option))]],
    ),
  );
}

function optionLine(name: string, { names, excludes, again }: PlannedOption): string {
  const words = [names.join(' '), excludes.join(' ')].filter((text) => text !== '');
  return `${name}_${again ? 'again' : 'option'} ${words.map(singleQuoted).join(' ')}`;
}

/** A function that does what it is to do at the command where the cursor is. */
function caseFunction(
  name: string,
  what: string,
  cases: readonly (readonly [path: readonly string[], lines: readonly string[]])[],
): string {
  const branches = cases.map(
    ([path, lines]) =>
      `    ${singleQuoted(path.join(' '))})\n${lines.map((line) => `      ${line}\n`).join('')}      ;;\n`,
  );
  const body = branches.length === 0 ? '  :\n' : `  case $at in\n${branches.join('')}  esac\n`;
  return `# ${what}\n${name}() {\n${body}}`;
}

function argumentFunction(name: string, commands: readonly PlannedCommand[]): string {
  const cases = commands.flatMap(({ path, options }) =>
    options.flatMap(({ names, words }) => {
      const [word] = words;
      const line = word === undefined ? undefined : wordLine(name, word);
      if (line === undefined) return [];
      const patterns = names.map((one) => singleQuoted(`${path.join(' ')} ${one}`)).join(' | ');
      return [`    ${patterns}) ${line} ;;\n`];
    }),
  );
  return `# Offers arguments of the option $1, behind the lead $2, that begin with $3.
${name}_argument() {
  case "$at $1" in
${[...cases, '    *) ;;\n'].join('')}  esac
}`;
}

function wordLine(name: string, { offers, values }: PlannedWord): string | undefined {
  switch (offers) {
    case 'values':
      return `${name}_words "$2" "$3" ${values.map(({ value }) => shellWord(value)).join(' ')}`;
    case 'files':
      return `${name}_action file "$2" "$3"`;
    case 'directories':
      return `${name}_action directory "$2" "$3"`;
    case 'commands':
      return `${name}_action command "$2" "$3"`;
    case 'users':
      return `${name}_action user "$2" "$3"`;
    case 'hosts':
      return `${name}_action hostname "$2" "$3"`;
    case 'nothing':
      return undefined;
  }
}

function operandFunction(name: string, commands: readonly PlannedCommand[]): string {
  const cases = commands.flatMap(({ path, operands }) =>
    operands.flatMap((operand, i) => {
      const line = wordLine(name, operand);
      // The last operand that may be given several times takes all words from its place on.
      const isRest = operand.again && i === operands.length - 1;
      const at = path.join(' ');
      return line === undefined
        ? []
        : [`    ${isRest ? `${singleQuoted(`${at} `)}*` : singleQuoted(`${at} ${i}`)}) ${line} ;;\n`];
    }),
  );
  return `# Offers operands in the place that comes next; $2 and $3 are as for arguments.
${name}_operand() {
  case "$at $operands" in
${[...cases, '    *) ;;\n'].join('')}  esac
}`;
}

function mainFunction(name: string, commands: readonly PlannedCommand[]): string {
  const strict = commands.filter(({ mixed }) => !mixed).map(({ path }) => singleQuoted(path.join(' ')));
  const strictness =
    strict.length === 0
      ? ''
      : `  # At these commands the first operand ends the options.
  if [[ $operands -gt 0 ]]; then
    case $at in
      ${strict.join(' | ')}) ended=yes ;;
    esac
  fi
`;
  return `${name}() {
  local cur at given option operands ended breaks lead
  COMPREPLY=()
  ${name}_read
${strictness}  if [[ $option ]]; then
    ${name}_argument "$option" '' "$cur"
  elif [[ ! $ended && $cur == --*=* ]]; then
    ${name}_argument "\${cur%%=*}" "\${cur%%=*}=" "\${cur#*=}"
  elif [[ ! $ended && $cur == [-+]* ]]; then
    ${name}_options
  else
    [[ $ended || $operands -gt 0 ]] || ${name}_commands
    ${name}_operand '' '' "$cur"
  fi
  # Readline completes what stands behind the last = or :, where it parts words at them.
  breaks=\${COMP_WORDBREAKS//[^=:]/}
  if [[ $breaks && $cur == *[$breaks]* ]]; then
    lead=\${cur%"\${cur##*[$breaks]}"}
    COMPREPLY=("\${COMPREPLY[@]#"$lead"}")
  fi
}`;
}
