/**
 * What is repeated to see how the time of a reader or an analysis grows. `kind` says what the text is; `head` and `tail` stand around
 * the repeated unit, in which `@` is the number of the repetition.
 */
const HELP_HEAD = 'Usage: tiffin [OPTION]... BOX...\n\nOptions:\n';
const DOCUMENT_HEAD = 'dabbawala: 1\nprogram: tiffin\ncomplete: true\n';

export const UNITS = [
  {
    kind: 'help',
    what: 'options with texts',
    head: HELP_HEAD,
    unit: '  -a, --late-@=WHEN  list only the boxes of round @\n',
  },
  {
    kind: 'help',
    what: 'options with wrapped texts',
    head: HELP_HEAD,
    unit: '      --box-@\n                    say more of it,\n                    and more (default: @)\n',
  },
  { kind: 'help', what: 'options without texts', head: HELP_HEAD, unit: '  --late-@\n' },
  {
    kind: 'help',
    what: 'one option again and again',
    head: HELP_HEAD,
    unit: '  -l, --late  only late ones\n',
  },
  { kind: 'help', what: 'letters', head: HELP_HEAD, unit: '  -x  say x of @\n' },
  {
    kind: 'help',
    what: 'lists of values',
    head: HELP_HEAD,
    unit: '  --by-@=KEY  sort by KEY: one of owner, quay, weight@\n',
  },
  {
    kind: 'help',
    what: 'commands',
    head: 'Usage: tiffin COMMAND\n\nCommands:\n',
    unit: '  box-@  handle box @\n',
  },
  { kind: 'help', what: 'operands', head: 'Usage: tiffin BOX\n\nArguments:\n', unit: '  BOX@  the box @\n' },
  { kind: 'help', what: 'headings', head: 'Usage: tiffin\n', unit: '\nOptions of @:\n  --late-@  of @\n' },
  { kind: 'help', what: 'words in one line', unit: 'word@ ' },
  { kind: 'help', what: 'an option in one line', unit: '--late-@ ' },
  {
    kind: 'help',
    what: 'lines of prose',
    unit: 'This tells of --late and of the box @, and of nothing else.\n',
  },
  { kind: 'help', what: 'synopses', unit: 'Usage: tiffin [-a@] [--late-@=WHEN] BOX\n' },
  { kind: 'help', what: 'one long synopsis', head: 'Usage: tiffin', unit: ' [--late-@]' },
  { kind: 'help', what: 'brackets in a synopsis', head: 'Usage: tiffin ', unit: '[', tail: '\n' },
  { kind: 'help', what: 'closed brackets in a synopsis', head: 'Usage: tiffin ', unit: '[-a ', tail: '\n' },
  { kind: 'help', what: 'choices in a synopsis', head: 'Usage: tiffin {a', unit: '|b@', tail: '}\n' },
  { kind: 'help', what: 'blank lines', unit: '\n' },
  { kind: 'help', what: 'blanks', head: HELP_HEAD, unit: ' ' },
  { kind: 'help', what: 'tabs', head: HELP_HEAD, unit: '\t' },
  { kind: 'help', what: 'overstrikes', unit: '_\bN' },
  { kind: 'help', what: 'escapes', unit: '\x1b[1m' },
  { kind: 'help', what: 'escapes that do not end', unit: '\x1b]0;' },
  { kind: 'help', what: 'hyphens', unit: '-' },
  { kind: 'help', what: 'names with commas', head: '  ', unit: '-a, ' },
  { kind: 'help', what: 'opening angle brackets', head: '  --late ', unit: '<' },
  { kind: 'help', what: 'commas', head: '  --late  one of ', unit: 'a, ' },
  { kind: 'help', what: 'dots', head: '  --late  ', unit: '. ' },
  { kind: 'help', what: 'form feeds', unit: '\f' },
  { kind: 'help', what: 'columns side by side', head: 'Commands:\n', unit: '  box-@    round-@    quay-@\n' },
  { kind: 'help', what: 'boxes of a table', unit: '│ --late-@ │ only late ones │\n' },
  { kind: 'help', what: 'quotes', head: '  --late  ', unit: '"a' },
  { kind: 'help', what: 'brackets in a text', head: '  --late  ', unit: '(default: ' },
  { kind: 'help', what: 'deeper and deeper lines', unit: '@' },
  {
    kind: 'help',
    what: 'commands in sections',
    head: 'tiffin [COMMAND] ... [OPTIONS]\n  Carry boxes.\n\n  -q --quiet  say less\n',
    unit: '\ntiffin box-@ [OPTIONS] BOX\n  Carry box @.\n\n  -l --late  only late ones\n',
  },
  {
    kind: 'help',
    what: 'commands of one path in sections',
    head: 'tiffin [COMMAND] ... [OPTIONS]\n  Carry boxes.\n\n  -q --quiet  say less\n',
    unit: '\ntiffin box b@ [OPTIONS]\n  Carry box @.\n\n  -l --late  only late ones\n',
  },
  {
    kind: 'help',
    what: 'definitions',
    head: 'Usage: tiffin [ OPTIONS ] OBJECT { COMMAND | help }\n',
    unit: '       OPTIONS := { -a@[ll] | -b@[atch] [FILE] }\n',
  },
  {
    kind: 'help',
    what: 'definitions without an end',
    head: 'Usage: tiffin [ OPTIONS ]\n',
    unit: '       OPTIONS := { -a@ |\n',
  },
  {
    kind: 'document',
    what: 'options',
    head: `${DOCUMENT_HEAD}options:\n`,
    unit: '  --late-@: {help: say late @, argument: {values: [a@, b]}}\n',
  },
  {
    kind: 'document',
    what: 'commands',
    head: `${DOCUMENT_HEAD}commands:\n`,
    unit: '  box-@: {summary: handle box @, options: {--late: only late ones}}\n',
  },
  {
    kind: 'document',
    what: 'operands',
    head: `${DOCUMENT_HEAD}operands:\n`,
    unit: '  BOX-@: {help: the box @}\n',
  },
  {
    kind: 'document',
    what: 'relations',
    head: `${DOCUMENT_HEAD}options: {--a: x, --b: y}\nrelations:\n`,
    unit: '  - at-most-one: [--a, --b]\n',
  },
  { kind: 'document', what: 'unknown keys', head: DOCUMENT_HEAD, unit: 'kex-@: 1\n' },
  { kind: 'document', what: 'one key again and again', head: DOCUMENT_HEAD, unit: 'summary: x\n' },
  { kind: 'document', what: 'brackets', head: 'dabbawala: 1\nprogram: ', unit: '[' },
  { kind: 'document', what: 'braces', head: 'dabbawala: 1\nprogram: ', unit: '{a: ' },
  { kind: 'document', what: 'items in items', head: 'dabbawala: 1\nprogram:\n  ', unit: '- ' },
  {
    kind: 'document',
    what: 'anchors',
    head: 'dabbawala: 1\noptions:\n',
    unit: '  --a-@: &x@ {help: x}\n  --b-@: *x@\n',
  },
  {
    kind: 'document',
    what: 'usage lines',
    head: `${DOCUMENT_HEAD}usage:\n`,
    unit: '  - tiffin --late BOX@\n',
  },
  { kind: 'document', what: 'a long text', head: `${DOCUMENT_HEAD}summary: `, unit: 'word ' },
  {
    kind: 'document',
    what: 'values',
    head: `${DOCUMENT_HEAD}options:\n  --late=WHEN:\n    argument:\n      values:\n`,
    unit: '        - value-@\n',
  },
  {
    kind: 'document',
    what: 'values with a common beginning',
    head: `${DOCUMENT_HEAD}options:\n`,
    unit: '  --aaaaaaaaaaaaaaaaaaaa@: x\n',
  },
  { kind: 'settings', what: 'levels', head: 'levels:\n', unit: '  names/x-@: off\n' },
  { kind: 'settings', what: 'words', head: 'words:\n', unit: '  x-@: [a, b]\n' },
  { kind: 'bash', what: 'words', head: 'complete -W "', unit: 'box@ ', tail: '" tiffin\n' },
  {
    kind: 'bash',
    what: 'branches',
    head: '_t() {\ncase $x in\n',
    unit: '  b@) COMPREPLY=($(compgen -W "a b@" -- "$c")) ;;\n',
    tail: 'esac\n}\ncomplete -F _t tiffin\n',
  },
  { kind: 'bash', what: 'variables', unit: 'x="$x a@"\n', tail: 'complete -W "$x" tiffin\n' },
  { kind: 'bash', what: 'functions', unit: 'f@() { COMPREPLY=(a@); }\n' },
  { kind: 'bash', what: 'substitutions', unit: '$(' },
  { kind: 'bash', what: 'quotes and substitutions', unit: '"$(' },
  { kind: 'bash', what: 'here-documents', unit: 'cat <<E@\n' },
  {
    kind: 'zsh',
    what: 'specifications',
    head: '#compdef tiffin\n_arguments \\\n',
    unit: "  '--late-@[only late ones]:when:(a b@)' \\\n",
  },
  { kind: 'zsh', what: 'functions', head: '#compdef tiffin\n', unit: '_f@() {\n  _arguments "--x-@"\n}\n' },
  { kind: 'zsh', what: 'braces', unit: '{' },
  { kind: 'zsh', what: 'brackets', unit: '(' },
  { kind: 'zsh', what: 'expansions', unit: '${' },
  {
    kind: 'zsh',
    what: 'arrays',
    head: '#compdef tiffin\n',
    unit: 'x+=( "a@:say a" )\n',
    tail: '_describe x x\n',
  },
  {
    kind: 'zsh',
    what: 'a list of values',
    head: "#compdef tiffin\n_arguments '--late:when:(",
    unit: 'a@ ',
    tail: ")'\n",
  },
  { kind: 'zsh', what: 'blank lines', head: '#compdef tiffin\n', unit: '\n' },
  { kind: 'zsh', what: 'names of functions', unit: 'f()\n' },
  { kind: 'zsh', what: 'keywords', unit: 'function ' },
  { kind: 'zsh', what: 'cases', unit: 'case $x in a) ' },
  { kind: 'zsh', what: 'calls', head: '#compdef tiffin\n', unit: '_f\n', tail: '_f() { _files }\n' },
  { kind: 'bash', what: 'blank lines', unit: '\n' },
  { kind: 'bash', what: 'nested cases', unit: 'case $x in a) ' },
  { kind: 'fish', what: 'blank lines', unit: '\n' },
  { kind: 'fish', what: 'functions', unit: 'function f@\n  true\nend\n' },
  { kind: 'fish', what: 'escapes', unit: '\\x' },
  { kind: 'fish', what: 'options', unit: 'complete -c tiffin -l late-@ -d "only late ones @"\n' },
  {
    kind: 'fish',
    what: 'a list of values',
    head: 'complete -c tiffin -l late -xa "',
    unit: 'a@ ',
    tail: '"\n',
  },
  {
    kind: 'fish',
    what: 'subcommands',
    unit: "complete -c tiffin -n '__fish_seen_subcommand_from box@' -l late\n",
  },
  { kind: 'fish', what: 'blocks', unit: 'begin\n' },
  { kind: 'fish', what: 'quotes and substitutions', unit: '"$(' },
  { kind: 'fish', what: 'variables', unit: 'set -a x a@\n', tail: 'complete -c tiffin -a "$x"\n' },
  { kind: 'fish', what: 'braces', unit: '{a,' },
];

/** A text with so many characters of a unit. */
export function repeated({ head = '', unit, tail = '' }, size) {
  const parts = [head];
  let length = head.length;
  for (let i = 0; length < size; i++) {
    const part = unit.replaceAll('@', String(i));
    parts.push(part);
    length += part.length;
  }
  return parts.join('') + tail;
}
