import { addTo } from '../../collections/grouped.ts';
import type { Interface } from '../../model/interface.ts';
import { lines, ShellCode, sh, words } from '../../shells/shell-code.ts';
import type { CompletionPlan, PlannedCommand, PlannedOption, PlannedWord } from './completion-plan.ts';
import { completionScript } from './completion-script.ts';

/** A completion script for bash (4.4 or newer) that needs nothing else; ends with a newline. */
export function bashCompletion(cli: Interface): string {
  return completionScript(cli, bashCode);
}

function bashCode({ program, commands, groups }: CompletionPlan): ShellCode {
  const name = ShellCode.identifier('_', program);
  const parts = [
    ShellCode.comment(`Completion of ${program} for bash, written by dabbawala from its interface.`),
    readFunction(name, commands, groups),
    stepFunction(name, commands),
    takesFunction(name, commands),
    offerFunctions(name),
    commandsFunction(name, commands),
    optionsFunction(name, commands),
    argumentFunction(name, commands),
    operandFunction(name, commands),
    mainFunction(name, commands),
    sh`complete -F ${name} ${program}`,
  ];
  return ShellCode.join(parts, sh`\n\n`);
}

function readFunction(name: ShellCode, commands: readonly PlannedCommand[], groups: boolean): ShellCode {
  const letters = groups
    ? sh`
      -[!-]?*)
        for ((i = 1; i < \${#word}; i++)); do
          given="$given-\${word:i:1} "
          if ${name}_takes "$at -\${word:i:1}"; then
            ((i + 1 < \${#word})) || option=-\${word:i:1}
            break
          fi
        done
        ;;`
    : sh``;
  return sh`# Reads the command line up to the cursor: $at is the command, $given are its options, $option is the one whose argument comes next,
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
  at=${commands[0]?.path[0] ?? ''} given=' ' option= operands=0 ended=
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

function stepFunction(name: ShellCode, commands: readonly PlannedCommand[]): ShellCode {
  const cases = commands.flatMap(({ path, steps }) =>
    [...groupSteps(steps)].map(([to, names]) => {
      const from = path.join(' ');
      return sh`    ${patterns(names.map((one) => `${from} ${one}`))}) at=${`${from} ${to}`} given=' ' ;;`;
    }),
  );
  return sh`# Goes to a subcommand, where the word is the name of one and no operand came before it.
${name}_step() {
  [[ $operands -eq 0 ]] || return 1
  case "$at $1" in
${lines([...cases, sh`    *) return 1 ;;`])}
  esac
}`;
}

/** Texts as the patterns of a branch of `case`. */
function patterns(texts: readonly string[]): ShellCode {
  return ShellCode.join(
    texts.map((text) => sh`${text}`),
    sh` | `,
  );
}

function groupSteps(steps: PlannedCommand['steps']): Map<string, string[]> {
  const groups = new Map<string, string[]>();
  for (const { name, to } of steps) addTo(groups, to, name);
  return groups;
}

function takesFunction(name: ShellCode, commands: readonly PlannedCommand[]): ShellCode {
  const cases = commands.flatMap(({ path, options }) => {
    const names = options
      .filter(({ presence }) => presence === 'mandatory')
      .flatMap((option) => option.names);
    if (names.length === 0) return [];
    return [sh`    ${patterns(names.map((one) => `${path.join(' ')} ${one}`))}) ;;`];
  });
  return sh`# Whether the word behind an option is its argument.
${name}_takes() {
  case $1 in
${lines([...cases, sh`    *) return 1 ;;`])}
  esac
}`;
}

function offerFunctions(name: ShellCode): ShellCode {
  return sh`# Offers words that begin with what is typed behind a lead such as --sort=, quoted where they need it.
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

function commandsFunction(name: ShellCode, commands: readonly PlannedCommand[]): ShellCode {
  return caseFunction(
    sh`${name}_commands`,
    'Offers the subcommands.',
    commands.flatMap(({ path, commands: all }) =>
      all.length === 0
        ? []
        : [[path, [sh`${name}_words '' "$cur" ${words(all.map(({ value }) => sh`${value}`))}`]]],
    ),
  );
}

function optionsFunction(name: ShellCode, commands: readonly PlannedCommand[]): ShellCode {
  return caseFunction(
    sh`${name}_options`,
    'Offers the options.',
    commands.flatMap(({ path, options }) =>
      options.length === 0 ? [] : [[path, options.map((option) => optionLine(name, option))]],
    ),
  );
}

function optionLine(name: ShellCode, { names, excludes, again }: PlannedOption): ShellCode {
  const lists = [names.join(' '), excludes.join(' ')].filter((text) => text !== '');
  const offer = again ? sh`again` : sh`option`;
  return sh`${name}_${offer} ${words(lists.map((list) => sh`${list}`))}`;
}

/** A function that does what it is to do at the command where the cursor is. */
function caseFunction(
  name: ShellCode,
  what: string,
  cases: readonly (readonly [path: readonly string[], calls: readonly ShellCode[]])[],
): ShellCode {
  const branches = cases.map(
    ([path, calls]) => sh`    ${path.join(' ')})
${lines(calls.map((call) => sh`      ${call}`))}
      ;;`,
  );
  const body = branches.length === 0 ? sh`  :` : sh`  case $at in\n${lines(branches)}\n  esac`;
  return sh`${ShellCode.comment(what)}\n${name}() {\n${body}\n}`;
}

function argumentFunction(name: ShellCode, commands: readonly PlannedCommand[]): ShellCode {
  const cases = commands.flatMap(({ path, options }) =>
    options.flatMap(({ names, words: [word] }) => {
      const line = word === undefined ? undefined : wordLine(name, word);
      return line === undefined
        ? []
        : [sh`    ${patterns(names.map((one) => `${path.join(' ')} ${one}`))}) ${line} ;;`];
    }),
  );
  return sh`# Offers arguments of the option $1, behind the lead $2, that begin with $3.
${name}_argument() {
  case "$at $1" in
${lines([...cases, sh`    *) ;;`])}
  esac
}`;
}

function wordLine(name: ShellCode, { offers, values }: PlannedWord): ShellCode | undefined {
  switch (offers) {
    case 'values':
      return sh`${name}_words "$2" "$3" ${words(values.map(({ value }) => sh`${value}`))}`;
    case 'files':
      return sh`${name}_action file "$2" "$3"`;
    case 'directories':
      return sh`${name}_action directory "$2" "$3"`;
    case 'commands':
      return sh`${name}_action command "$2" "$3"`;
    case 'users':
      return sh`${name}_action user "$2" "$3"`;
    case 'hosts':
      return sh`${name}_action hostname "$2" "$3"`;
    case 'nothing':
      return undefined;
  }
}

function operandFunction(name: ShellCode, commands: readonly PlannedCommand[]): ShellCode {
  const cases = commands.flatMap(({ path, operands }) =>
    operands.flatMap((operand, i) => {
      const line = wordLine(name, operand);
      // The last operand that may be given several times takes all words from its place on.
      const isRest = operand.again && i === operands.length - 1;
      const at = path.join(' ');
      const place = isRest ? sh`${`${at} `}*` : sh`${`${at} ${i}`}`;
      return line === undefined ? [] : [sh`    ${place}) ${line} ;;`];
    }),
  );
  return sh`# Offers operands in the place that comes next; $2 and $3 are as for arguments.
${name}_operand() {
  case "$at $operands" in
${lines([...cases, sh`    *) ;;`])}
  esac
}`;
}

function mainFunction(name: ShellCode, commands: readonly PlannedCommand[]): ShellCode {
  const strict = commands.filter(({ mixed }) => !mixed).map(({ path }) => path.join(' '));
  const strictness =
    strict.length === 0
      ? sh``
      : sh`  # At these commands the first operand ends the options.
  if [[ $operands -gt 0 ]]; then
    case $at in
      ${patterns(strict)}) ended=yes ;;
    esac
  fi
`;
  return sh`${name}() {
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
