import assert from 'node:assert/strict';
import { test } from 'node:test';
import { detectShell, readCompletion } from 'dabbawala';
import type { Inventory, Shell } from 'dabbawala/model';

/** What an inventory has, a line for each command: options (with `=` where they take an argument), operands, and arguments. */
function lines({ commands, unread }: Inventory): string[] {
  return [
    ...commands.map(({ path, options, operands, arguments: given }) => {
      const shown = [
        ...options.map(({ text, takesArgument }) => (takesArgument === true ? `${text}=` : text)),
        ...operands.words.map(({ text }) => text),
        ...(operands.files === true ? ['FILES'] : []),
        ...[...given].map(([name, { words, files }]) => {
          const values = words.map(({ text }) => text).join(',');
          return `${name}:{${values}${files === true ? 'FILES' : ''}}`;
        }),
      ];
      return `${path.join(' ')}: ${shown.join(' ')}`;
    }),
    ...unread.map(({ what }) => `? ${what}`),
  ];
}

function read(shell: Shell, text: string): string[] {
  return lines(readCompletion({ name: 'script', text }, shell, 'tiffin'));
}

const FISH: readonly (readonly [why: string, text: string, expected: readonly string[]])[] = [
  [
    'letters, long and old names, arguments and files',
    "complete -c tiffin -s a -l all -d 'list all'\ncomplete -c tiffin -o sort -x -a 'owner quay'\ncomplete --command tiffin --long-option=file --require-parameter -F\n",
    ['tiffin: -a --all -sort= --file= -sort:{owner,quay} --file:{FILES}'],
  ],
  [
    'the program as a word, letters in a group, calls for other programs, calls that ask or erase',
    'complete tiffin -fka box\ncomplete -c another -l other\ncomplete -C tiffin\ncomplete -e -c tiffin -l gone\n',
    ['tiffin: box'],
  ],
  [
    'variables, lists that grow, loops, braces, and lines that go on',
    'set -l names box\nset -a names route\nfor name in $names\n    complete -c tiffin \\\n        -a $name\nend\ncomplete -c tiffin -l {late,map}\n',
    ['tiffin: --late --map box route'],
  ],
  [
    'conditions of fish and functions that are one',
    'function __at_top\n    __fish_use_subcommand\nend\ncomplete -c tiffin -n __at_top -a box\n' +
      "complete -c tiffin -n '__fish_seen_subcommand_from box; and not __fish_seen_subcommand_from list' -a list\n" +
      "complete -c tiffin -n '__fish_seen_subcommand_from box; and __fish_seen_subcommand_from list' -l late\n" +
      "complete -c tiffin -n 'not __fish_contains_opt all' -l brief\n",
    ['tiffin: --brief box', 'tiffin box: --brief list', 'tiffin box list: --brief --late'],
  ],
  [
    'what only running it tells',
    "complete -c tiffin -a '(tiffin names)'\ncomplete -c tiffin -n 'test -f x' -l map\nif uname\n    complete -c tiffin -l sea\nend\n__fish_complete_others tiffin\n",
    [
      'tiffin: ',
      '? words that are known only when the script runs',
      '? a condition that is known only when the script runs',
      '? a call of complete that only runs under a condition',
      '? a function that is called with the name of the program',
    ],
  ],
  [
    'the names of programs and users of the machine',
    "complete -c tiffin -l as -xa '(__fish_complete_users)'\n",
    ['tiffin: --as= --as:{}'],
  ],
];

const ZSH: readonly (readonly [why: string, text: string, expected: readonly string[]])[] = [
  [
    'options in braces, marks of arguments, texts, lists of values',
    "#compdef tiffin\n_arguments -s -S : '(-a --all)'{-a,--all}'[list all]' '*-v[say more]' '--sort=[sort by KEY]:KEY:(owner quay)' '--colour=-::WHEN:((always\\:\"in any case\" never))' '*:box:_files'\n",
    ['tiffin: -a --all -v --sort= --colour= FILES --sort:{owner,quay} --colour:{always,never}'],
  ],
  [
    'states, functions, nested branches, arrays',
    '#compdef tiffin\n_tiffin_box() {\n  local -a kinds=(late full)\n  _arguments "--map[draw it]" "--kind=:kind:->kinds" && return\n  case $state in\n    kinds) _describe kind kinds ;;\n  esac\n}\n' +
      '_tiffin() {\n  local -a commands\n  commands=(\n    "box:list the boxes"\n    "route\\:plan:plan a route"\n  )\n  _arguments -C "1:command:->commands" "*::word:->words"\n' +
      '  case $state in\n    (commands) _describe command commands ;;\n    (words)\n      case $words[1] in\n        (box|boxes) _tiffin_box ;;\n      esac ;;\n  esac\n}\n_tiffin "$@"\n',
    [
      'tiffin: box route:plan',
      'tiffin box: --map --kind= --kind:{late,full}',
      'tiffin boxes: --map --kind= --kind:{late,full}',
    ],
  ],
  [
    'options that stand in an array, and values of one word',
    '#compdef tiffin\nlocal -a common=("--quiet[say nothing]" "--late[only late ones]")\n_arguments $common "--sort=:key:_keys"\n_keys() { _values -s , key "owner[by owner]" quay }\n',
    ['tiffin: --quiet --late --sort= --sort:{owner,quay}'],
  ],
  [
    'what only running it tells',
    '#compdef tiffin\n_arguments "--box=:box:_tiffin_boxes_there_are" "1:day:_dates"\n',
    ['tiffin: --box=', '? what _tiffin_boxes_there_are offers', '? what _dates offers'],
  ],
];

const BASH: readonly (readonly [why: string, text: string, expected: readonly string[]])[] = [
  ['a list of words', 'complete -W "box route --all --sort=" tiffin\n', ['tiffin: --all --sort= box route']],
  [
    'branches of options and of subcommands, variables and arrays',
    '_t() {\n  local common="--help --quiet"\n  case $prev in\n    -s|--sort) COMPREPLY=($(compgen -W "owner quay" -- "$cur")); return ;;\n    --file) COMPREPLY=($(compgen -f -- "$cur")) ;;\n  esac\n' +
      '  case $words in\n    box|boxes) COMPREPLY=($(compgen -W "$common --late" -- "$cur")) ;;\n    *) COMPREPLY=(box boxes) ;;\n  esac\n}\ncomplete -o default -F _t tiffin\n',
    [
      'tiffin: box boxes FILES -s:{owner,quay} --sort:{owner,quay} --file:{FILES}',
      'tiffin box: --help --quiet --late FILES -s:{owner,quay} --sort:{owner,quay} --file:{FILES}',
      'tiffin boxes: --help --quiet --late FILES -s:{owner,quay} --sort:{owner,quay} --file:{FILES}',
    ],
  ],
  [
    'functions that others call, and what only running them tells',
    '_words() { COMPREPLY=($(compgen -W "$(tiffin --names)" -- "$cur")); }\n_t() { _words; COMPREPLY+=($(compgen -W "--all" -- "$cur")); }\ncomplete -F _t tiffin\n',
    ['tiffin: --all', '? words that are known only when the script runs'],
  ],
  [
    'a function that is not in the script',
    'complete -F _elsewhere tiffin\n',
    ['tiffin: ', "? the function '_elsewhere' is not in the script"],
  ],
  ['a script for another program', 'complete -W "--all" another\n', ['tiffin: ']],
];

for (const [shell, cases] of [
  ['fish', FISH],
  ['zsh', ZSH],
  ['bash', BASH],
] as const) {
  for (const [why, text, expected] of cases)
    test(`a script for ${shell} is read: ${why}`, () => assert.deepEqual(read(shell, text), expected));
}

test('every word that is read has its place in the script', () => {
  const text =
    "complete -c tiffin -n __fish_use_subcommand -a 'box route' -d 'do it'\ncomplete -c tiffin -l late -d 'only late ones'\n";
  const [tiffin] = readCompletion({ name: 'tiffin.fish', text }, 'fish', 'tiffin').commands;
  const placed = [...(tiffin?.operands.words ?? []), ...(tiffin?.options ?? [])];
  assert.deepEqual(
    placed.map(({ place }) => text.slice(place?.start, place?.end)),
    ['box', 'route', 'late'],
  );
  assert.deepEqual(
    placed.map(({ description }) => description),
    ['do it', 'do it', 'only late ones'],
  );
});

test('the shell of a script is told from its name, else from what it says', () => {
  const shellOf = (name: string, text: string) => detectShell({ name, text });
  assert.equal(shellOf('tiffin.fish', ''), 'fish');
  assert.equal(shellOf('tiffin.bash', ''), 'bash');
  assert.equal(shellOf('_tiffin', '#compdef tiffin\n_arguments\n'), 'zsh');
  assert.equal(shellOf('tiffin', 'complete -c tiffin -l all\n'), 'fish');
  assert.equal(shellOf('tiffin', '  complete -F _t tiffin\n'), 'bash');
  assert.equal(shellOf('tiffin', 'Usage: tiffin\n'), undefined);
});

test('a script that loads what the program prints is told as not read, and not as one without words', () => {
  const texts: readonly (readonly [Shell, string])[] = [
    ['fish', 'tiffin completion fish | source\n'],
    ['bash', 'eval "$(tiffin completion bash)"\n'],
    ['bash', 'source <(tiffin completion bash)\n'],
    ['zsh', '#compdef tiffin\nsource <(tiffin completion zsh)\n'],
  ];
  for (const [shell, text] of texts)
    assert.deepEqual(read(shell, text).slice(1), ['? what the script loads when it runs'], text);
});
