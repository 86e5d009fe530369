// Shell scripts that read options and print what each word came to, made by chance: by getopts, by the getopt of util-linux, and by loops over the
// words. What they print is what a trace of the same words is held against.

const WORDS = [
  'all',
  'box',
  'crate',
  'day',
  'early',
  'ferry',
  'gate',
  'harbour',
  'lid',
  'map',
  'note',
  'quay',
  'round',
  'seal',
  'tide',
  'weight',
];
const REFUSE = 'echo refused; exit 2';

/** Some options: each has a letter, a long name, or both, and takes an argument or none. */
export function someOptions(random, hasLong) {
  const options = [];
  const count = 1 + random.below(6);
  const words = [...WORDS];
  for (let i = 0; i < count; i++) {
    const [word] = words.splice(random.below(words.length), 1);
    const letter = random.once(4) ? word[0].toUpperCase() : word[0];
    const isFree = !options.some((one) => one.letter === letter);
    // An option string that begins with a hyphen means something else.
    const kind = hasLong && i > 0 ? random.below(3) : 0;
    const option = {
      letter: kind < 2 && isFree ? letter : undefined,
      long: kind > 0 || !isFree ? word : undefined,
    };
    if (!hasLong && !isFree) continue;
    options.push({ ...option, takes: random.once(2), values: undefined });
  }
  return options;
}

/** The name by which a trace calls an option: the long one where it has one. */
export function nameOf({ letter, long }) {
  return long === undefined ? `-${letter}` : `--${long}`;
}

const FORMS = [
  'getopts',
  'getopts-silent',
  'getopts-ignoring',
  'getopts-long',
  'getopt',
  'getopt-posix',
  'words-break',
  'words-mixed',
  'words-for',
  'words-if',
];

/** A script of one of the forms, with its options and, where it is for one, the shell that it needs. */
export function generatedScript(random) {
  const form = random.pick(FORMS);
  const options = someOptions(random, !/^getopts(?!-long)/.test(form));
  const body = SCRIPTS[form](options, random);
  const isInFunction = random.once(3);
  const text = isInFunction ? `read_words() {\n${body}}\nread_words "$@"\n` : body;
  return { form, options, text: `#!/bin/sh\n${text}` };
}

const KEPT = 'printf %s "$kept"\n';
const LINE = "line='\n'\n";
const OPERANDS = 'for word in "$@"; do printf "operand %s\\n" "$word"; done\n';

function say(option, value) {
  return option.takes
    ? `printf 'option %s %s\\n' '${nameOf(option)}' "${value}"`
    : `echo 'option ${nameOf(option)}'`;
}

function getopts(options, silent, unknown, extra = '') {
  const string = `${silent ? ':' : ''}${options
    .filter(({ letter }) => letter)
    .map(({ letter, takes }) => letter + (takes ? ':' : ''))
    .join('')}${extra === '' ? '' : '-:'}`;
  const arms = options
    .filter(({ letter }) => letter)
    .map((one) => `    ${one.letter}) ${say(one, '$OPTARG')} ;;\n`);
  return `while getopts "${string}" letter; do\n  case $letter in\n${arms.join('')}${extra}${unknown}  esac\ndone\nshift $((OPTIND - 1))\n${OPERANDS}`;
}

/** The arms of a loop over words. */
function wordArms(options, hasEquals, shift) {
  return options
    .map((one) => {
      const names = [one.letter && `-${one.letter}`, one.long && `--${one.long}`].filter(Boolean).join('|');
      if (!one.takes) return `    ${names}) ${say(one)}${shift ? '; shift' : ''} ;;\n`;
      const equals =
        hasEquals && one.long ? `    --${one.long}=*) ${say(one, `\${1#--${one.long}=}`)}; shift ;;\n` : '';
      return `${equals}    ${names}) [ $# -ge 2 ] || { ${REFUSE}; }; ${say(one, '$2')}; shift 2 ;;\n`;
    })
    .join('');
}

const SCRIPTS = {
  getopts: (options) => getopts(options, false, `    *) ${REFUSE} ;;\n`),
  'getopts-silent': (options, random) =>
    getopts(
      options,
      true,
      random.once(2) ? `    \\?) ${REFUSE} ;;\n    :) ${REFUSE} ;;\n` : `    *) ${REFUSE} ;;\n`,
    ),
  'getopts-ignoring': (options) =>
    getopts(
      options.map((one) => ({ ...one, takes: false })),
      false,
      '',
    ),
  'getopts-long': (options) => {
    const long = options
      .filter(({ long: name }) => name)
      .map((one) => `      ${one.takes ? `${one.long}=*` : one.long}) ${say(one, `\${OPTARG#*=}`)} ;;\n`);
    const extra = `    -) case $OPTARG in\n${long.join('')}      *) ${REFUSE} ;;\n    esac ;;\n`;
    // A letter and a long name are answered by arms of their own: nothing says that they are one option.
    const letters = options.map((one) => ({ ...one, long: undefined }));
    return getopts(letters, false, `    *) ${REFUSE} ;;\n`, extra);
  },
  getopt: (options) => getopt(options, ''),
  'getopt-posix': (options) => getopt(options, '+'),
  'words-break': (options, random) =>
    `while [ $# -gt 0 ]; do\n  case "$1" in\n${wordArms(options, random.once(2), true)}    --) shift; break ;;\n    -?*) ${REFUSE} ;;\n    *) break ;;\n  esac\ndone\n${OPERANDS}`,
  'words-mixed': (options, random) =>
    `${LINE}while [ $# -gt 0 ]; do\n  case "$1" in\n${wordArms(options, random.once(2), true)}    -?*) ${REFUSE} ;;\n    *) kept="\${kept}operand $1$line"; shift ;;\n  esac\ndone\n${KEPT}`,
  'words-for': (options) => {
    const arms = options.map((one) =>
      one.takes && one.long
        ? `    --${one.long}=*) printf 'option %s %s\\n' '--${one.long}' "\${word#*=}" ;;\n`
        : `    ${[one.letter && `-${one.letter}`, one.long && `--${one.long}`].filter(Boolean).join('|')}) echo 'option ${nameOf(one)}' ;;\n`,
    );
    return `${LINE}for word in "$@"; do\n  case $word in\n${arms.join('')}    -*) ${REFUSE} ;;\n    *) kept="\${kept}operand $word$line" ;;\n  esac\ndone\n${KEPT}`;
  },
  'words-if': (options) => {
    const branches = options.map((one, i) => {
      const test = [one.letter && `[ "$1" = "-${one.letter}" ]`, one.long && `[ "$1" = "--${one.long}" ]`]
        .filter(Boolean)
        .join(' || ');
      const body = one.takes
        ? `[ $# -ge 2 ] || { ${REFUSE}; }\n    ${say(one, '$2')}\n    shift 2`
        : `${say(one)}\n    shift`;
      return `  ${i === 0 ? 'if' : 'elif'} ${test}; then\n    ${body}\n`;
    });
    return `while [ $# -gt 0 ]; do\n${branches.join('')}  else\n    break\n  fi\ndone\n${OPERANDS}`;
  },
};

function getopt(options, start) {
  const short = `${start}${options
    .filter(({ letter }) => letter)
    .map(({ letter, takes }) => letter + (takes ? ':' : ''))
    .join('')}`;
  const long = options
    .filter(({ long: name }) => name)
    .map(({ long: name, takes }) => name + (takes ? ':' : ''))
    .join(',');
  const arms = options.map((one) => {
    const names = [one.letter && `-${one.letter}`, one.long && `--${one.long}`].filter(Boolean).join('|');
    return `    ${names}) ${say(one, '$2')}; shift${one.takes ? ' 2' : ''} ;;\n`;
  });
  return `parsed=$(getopt -o '${short}' ${long === '' ? '' : `-l ${long} `}-- "$@") || { ${REFUSE}; }\neval set -- "$parsed"\nwhile [ $# -gt 0 ]; do\n  case "$1" in\n${arms.join('')}    --) shift; break ;;\n  esac\ndone\n${OPERANDS}`;
}

/** A command line for a script: options in all forms, right and wrong, and operands. */
export function commandLine(options, random) {
  const words = [];
  const count = random.below(6);
  for (let i = 0; i < count; i++) {
    const one = random.pick(options) ?? { letter: 'z', long: 'zone', takes: false };
    const kind = random.below(12);
    if (kind < 4 && one.letter)
      words.push(
        `-${one.letter}`,
        ...(one.takes ? [random.pick(['12', 'late', '-x', '--', 'a b', ''])] : []),
      );
    else if (kind < 7 && one.long)
      words.push(
        ...(one.takes && random.once(2)
          ? [`--${one.long}=${random.pick(['12', 'late', ''])}`]
          : [`--${one.long}`, ...(one.takes ? ['late'] : [])]),
      );
    else if (kind === 7)
      words.push(
        `-${options
          .filter(({ letter }) => letter)
          .map(({ letter }) => letter)
          .slice(0, 1 + random.below(3))
          .join('')}${random.once(2) ? 'late' : ''}`,
      );
    else if (kind === 8) words.push(random.pick(['-Z', '--zone', '--zone=3', '-', '--', '-9']));
    else if (kind === 9 && one.long) words.push(`--${one.long.slice(0, 1 + random.below(one.long.length))}`);
    else words.push(random.pick(['box.csv', 'late', '12', 'a b']));
  }
  return words;
}
