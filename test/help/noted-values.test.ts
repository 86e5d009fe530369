import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readHelp } from 'dabbawala';
import { describedCommand, optionLine, optionLines, readText } from '../support/read-text.ts';

/** The allowed values that a text of one option tells. */
function valuesOf(text: string, notation = '--sort=KEY'): string[] | undefined {
  const padding = ' '.repeat(4);
  const [option] = describedCommand(readText(`Usage: tiffin\n\n  ${notation}${padding}${text}\n`)).options
    .items;
  return option?.argument?.value.words[0]?.values?.value.map(({ value }) => value);
}

test('allowed values are read from the customary notations of texts', () => {
  const told: [string, string[]][] = [
    ['sort by [choices: "owner", "quay"]', ['owner', 'quay']],
    ['sort by (choices: "owner", "quay", default: "quay")', ['owner', 'quay']],
    ['sort by [choices: "", "owner"] [default: ""]', ['', 'owner']],
    ['sort by (one of: owner, quay; default: quay)', ['owner', 'quay']],
    ['[default: default] [possible values: minimal, default, full]', ['minimal', 'default', 'full']],
    ['group them; KEY={none(default),owner,quay}', ['none', 'owner', 'quay']],
    ['how to group them [auto, force, never]', ['auto', 'force', 'never']],
    ["KEY may be 'owner', 'quay', or 'weight'", ['owner', 'quay', 'weight']],
    [
      'One of never (do nothing), warn (only say so), always (the default), or ask',
      ['never', 'warn', 'always', 'ask'],
    ],
    ['sort according to KEY: owner -o, quay -q, weight -w', ['owner', 'quay', 'weight']],
    ['the order of the boxes: owner (default), quay or weight', ['owner', 'quay', 'weight']],
  ];
  for (const [text, values] of told) assert.deepEqual(valuesOf(text), values, text);
});

test('a default that is written as the member of an enumeration is the value of that name', () => {
  const defaultOf = (text: string) =>
    describedCommand(readText(`Usage: tiffin\n\n  --sort [owner|quay]   ${text}\n`)).options.items[0]
      ?.argument?.value.words[0]?.default?.value;
  assert.equal(defaultOf('how to sort  [default: Key.quay]'), 'quay');
  assert.equal(defaultOf('how to sort  [default: Key.weight]'), 'Key.weight');
});

test('prose with commas and colons is no list of values', () => {
  for (const text of [
    'note: boxes, lids and bags are sorted too',
    'sort them as one of the carriers asked, by hand',
    'see the manual: it tells more, and better',
    'it may be slow, or fail',
    'read KEY, or ask',
  ]) {
    assert.equal(valuesOf(text), undefined, text);
  }
});

test('a list that shows no arguments has those that its texts speak of, and others show theirs', () => {
  const list = [
    '  --config    Path to the ledger',
    '  --quays     List of quays to visit',
    '  --only      Only boxes that match this pattern',
    '  --port      Listen for carriers (default: 8080)',
    '  --late      Show the late ones (default: false)',
    '  --list      List the boxes',
  ];
  const lines = (...more: string[]) => optionLines(`Usage: tiffin\n\n${[...list, ...more].join('\n')}\n`);
  assert.deepEqual(
    lines().map((line) => line.split(':')[0]),
    [
      '--config mandatory ?',
      '--quays mandatory ?',
      '--only mandatory ?',
      '--port mandatory ? =8080',
      '--late',
      '--list',
    ],
  );
  assert.equal(lines('  --map FILE  Draw it')[0], '--config: Path to the ledger');
});

test('a list that shows no arguments has those that synopses show in a bracket with the option', () => {
  assert.deepEqual(
    optionLines(
      [
        'Usage: tiffin [-abv] [-c class] [-m[abv]] BOX',
        '       tiffin -b BOX',
        '       -a is like -v but says more',
        '       -b sends the box back',
        '       -c gives the class of boxes',
        '       -m takes the letters of others',
        '       -v is the same as -b',
        '',
      ].join('\n'),
    ),
    [
      '-a: is like -v but says more',
      '-b: sends the box back',
      '-c mandatory class: gives the class of boxes',
      '-m: takes the letters of others',
      '-v: is the same as -b',
    ],
  );
});

test('placeholders that begin with a part that may be left out, and marks before a text, are read', () => {
  assert.deepEqual(
    optionLines(
      [
        'Usage: tiffin',
        '',
        '  --sleep [TYPE:]EXPR    wait between two boxes',
        '  --print [WHEN:]WHAT FILE  print it',
        '  -i, --iflag [-]<flag>  set a flag',
        '',
        '  -b      : be brief',
        '  -c cmd  : run a command',
        '  -d -- : draw',
        '',
      ].join('\n'),
    ),
    [
      '--sleep mandatory [TYPE:]EXPR: wait between two boxes',
      '--print mandatory [WHEN:]WHAT FILE: print it',
      '-i --iflag mandatory [-]<flag>: set a flag',
      '-b: be brief',
      '-c mandatory cmd: run a command',
      '-d: : draw',
    ],
  );
});

test('marks at the right margin belong to the text above, also where they are too long for it', () => {
  assert.deepEqual(
    optionLines(
      [
        'Usage: tiffin',
        '',
        '      --sort                     The order to sort the boxes',
        '  [array] [choices: "owner", "quay", "weight"] [default: [',
        '                                                       "owner"]]',
        '  -p, --poll                     Ask again, also when',
        '                                 --sort is set          [number] [default: 9]',
        '',
      ].join('\n'),
    ).map((line) => line.split(': ')[0]),
    ['--sort mandatory ? {owner,quay,weight} =[ "owner"]', '-p --poll mandatory ? =9'],
  );
});

test('a list of choices behind an option without a placeholder tells that there is an argument', () => {
  assert.deepEqual(
    optionLines(
      'Usage: tiffin\n\n  --sort   how to sort  [choices: "owner", "quay"]\n  --plain  no colours\n',
    ),
    ['--sort mandatory ? {owner,quay}: how to sort  [choices: "owner", "quay"]', '--plain: no colours'],
  );
});

test('entries that show one name with different values are one option, and letters for it', () => {
  const { items } = describedCommand(
    readText(
      'Usage: tiffin\n\n  -q, --check=quiet, --check=silent  say nothing\n  -c, --check, --check=first         say the first\n  --map=FILE  draw\n',
    ),
  ).options;
  assert.deepEqual(
    items.map((option) => [optionLine(option), option.sameAs?.value.value]),
    [
      ['--check optional ? {silent,first}: say nothing', undefined],
      ['-q: say nothing', 'silent'],
      ['-c: say the first', 'first'],
      ['--map mandatory FILE: draw', undefined],
    ],
  );
});

test('an option shown with and without its argument is one whose argument may be left out', () => {
  const text =
    'Usage: tiffin\n\n      --colour         use colours always\n      --colour=WHEN    use colours if WHEN\n  -q, --quiet  less\n';
  assert.deepEqual(optionLines(text), ['--colour optional WHEN: use colours always', '-q --quiet: less']);
});

test('repeated letters are the letter given several times, but for lists of single-hyphen words', () => {
  assert.deepEqual(
    optionLines('Usage: tiffin\n\n  -v    say more\n  -vv   say all\n  -vvv  say everything\n'),
    ['-v: say more'],
  );
  assert.deepEqual(
    optionLines('Usage: tiffin\n\n  -t       test\n  -tt      test twice\n  -post X  after\n'),
    ['-t: test', '-tt: test twice', '-post mandatory X: after'],
  );
  // Beside a long name that the letter does not have it is a name; in a synopsis it is the letter of the list.
  assert.deepEqual(
    optionLines(
      'Usage: tiffin [-qqq]\n\n  -v, --version  say which\n  -vv, --verbose  say more\n  -q  less\n',
    ),
    ['-v --version: say which', '-vv --verbose: say more', '-q: less'],
  );
});

test('a text may tell further names, and names that take the option back', () => {
  assert.deepEqual(
    optionLines(
      'Usage: tiffin\n\n  --no-colour  no colours (Alias: --no-color)\n  --warn-late  warn of late boxes (inverse:\n               --no-warn-late)\n',
    ),
    [
      '--no-colour --no-color: no colours (Alias: --no-color)',
      '--warn-late !--no-warn-late: warn of late boxes (inverse: --no-warn-late)',
    ],
  );
});

test('names stand in brackets, behind a hyphen alone, with marks of notes, and end in plus signs', () => {
  assert.deepEqual(
    optionLines(
      'Usage: tiffin\n\n  [-f|--form {card,roll}]\n  [-h|--help]              this\n  {--add|--plus} <n>       add n\n  -, -l, --login           as if logged in\n  -j, --borders*           draw borders\n  -C, --c++                for c++\n  --size=[small|large]     size of it\n',
    ),
    [
      '-f --form mandatory {card,roll} {card,roll}: ',
      '-h --help: this',
      '--add --plus mandatory <n>: add n',
      '-l --login: as if logged in',
      '-j --borders: draw borders',
      '-C --c++: for c++',
      '--size mandatory small|large {small,large}: size of it',
    ],
  );
});

test('a placeholder may reach into the column of the texts', () => {
  const text =
    'usage: tiffin\n\n  -a, --all             list all\n  --deliver-before-noon DAY\n                        hurry on DAY\n  -q, --quiet           less\n';
  assert.deepEqual(optionLines(text), [
    '-a --all: list all',
    '--deliver-before-noon mandatory DAY: hurry on DAY',
    '-q --quiet: less',
  ]);
});

test('a text may begin with the name of another option', () => {
  const text =
    'Usage: tiffin\n\n  -N --box <id>         list one box\n     --boxes <file>     -N for all boxes listed in <file>\n';
  assert.deepEqual(optionLines(text), [
    '-N --box mandatory <id>: list one box',
    '--boxes mandatory <file>: -N for all boxes listed in <file>',
  ]);
});

test('a word with a hyphen in a list of words is no option', () => {
  const text =
    'Usage: tiffin [-q] RANGE\n\n  -q, --quiet  less\n\nRANGE is one of:\n\n  N     the box\n  N-    from the box on\n  N-M   from one to the other\n  -M    up to the box\n';
  assert.deepEqual(optionLines(text), ['-q --quiet: less']);
});

test('commands are listed with the name of the program, or below a choice of them', () => {
  const names = (text: string) =>
    describedCommand(readText(text)).commands.items.map((one) => one.names.map((name) => name.text).join());
  assert.deepEqual(
    names(
      'tiffin <command>\n\nCommands:\n  tiffin round:open         open a round\n  tiffin route:plan <day>   plan a route\n  tiffin [days]             the default\n',
    ),
    ['round:open', 'route:plan'],
  );
  assert.deepEqual(
    names(
      'usage: tiffin [-h] {open,close,help} ...\n\npositional arguments:\n  {open,close,help}\n    open                open a round\n    close               close a round\n\noptions:\n  -h, --help            this\n',
    ),
    ['open', 'close', 'help'],
  );
  assert.deepEqual(
    names(
      'usage: tiffin [-h] {mon,tue}\n\npositional arguments:\n  {mon,tue}   the day\n\noptions:\n  -h, --help  this\n',
    ),
    [],
  );
});

test('a line in an option list that cannot be read is a problem with its place', () => {
  const text = 'Usage: tiffin\n\n  -q  quiet\n  -a  all\n  -L[*]<v>x   odd\n  -s  sort\n';
  const { interface: cli, problems } = readHelp({ name: 'help.txt', text });
  assert.equal(cli?.root.options.items.length, 3);
  assert.deepEqual(
    problems.map(({ code, place, consequence }) => [code, place?.start, consequence]),
    [['unread-option', text.indexOf('-L'), 'partly-read']],
  );
});

test('of the parser a text says little: what it says is stated, and what its marks show is inferred', () => {
  const rules = (text: string) => readText(`Usage: tiffin\n\n${text}\n  -q, --quiet  less\n`).root.rules;
  const sentence = 'Mandatory arguments to long options are mandatory for short options too.';
  const gnu = rules(`${sentence}\n      --help   display this help and exit`);
  assert.deepEqual([gnu.optionAbbreviations?.value, gnu.optionAbbreviations?.basis], [true, 'inferred']);
  const says = rules('Long options may be abbreviated.');
  assert.deepEqual([says.optionAbbreviations?.value, says.optionAbbreviations?.basis], [true, 'stated']);
  assert.equal(rules('Options:').optionAbbreviations, undefined);
  // One mark alone may be somebody's own words.
  assert.equal(rules(sentence).optionAbbreviations, undefined);
});

test('marks of widespread parsers let one infer how they behave, and no text with one of them alone', () => {
  const helps: [usage: string, line: string, parser: string, abbreviations: boolean, other: string][] = [
    [
      'Usage: tiffin [options]',
      '  -h, --help  show this help message and exit',
      'optparse',
      true,
      'Call: tiffin',
    ],
    [
      'Usage: tiffin [options]',
      '  -h, --help   display help for command',
      'commander',
      false,
      'Usage: tiffin',
    ],
    [
      'Usage: tiffin [OPTIONS]',
      '  --help   Show this message and exit.',
      'click typer',
      false,
      'Usage: tiffin',
    ],
    ['tiffin [options]', '      --help  Show help              [boolean]', 'yargs yargs-strict', false, ''],
  ];
  for (const [usage, line, parser, abbreviations, other] of helps) {
    const read = (first: string) => readText(`${first}\n\nOptions:\n  -q, --quiet  less\n${line}\n`);
    const cli = read(usage);
    assert.equal(cli.parser?.value.join(' '), parser);
    const { optionAbbreviations } = cli.root.rules;
    assert.deepEqual([optionAbbreviations?.value, optionAbbreviations?.basis], [abbreviations, 'inferred']);
    if (other !== '') assert.equal(read(other).parser, undefined, other);
  }
});

test('the list of a parser that takes one hyphen or two is read, with placeholders in lower case', () => {
  const list =
    '  -count int\n    \thow many boxes (default 3)\n  -n\tsay less\n  -quay string\n    \twhere they land\n';
  const named = readText(`Usage of ./bin/tiffin:\n${list}`);
  assert.equal(named.program.value, 'tiffin');
  assert.deepEqual(named.root.options.items.map(optionLine), [
    '-count mandatory int =3: how many boxes (default 3)',
    '-n: say less',
    '-quay mandatory string: where they land',
  ]);
  for (const { root } of [named, readText(`usage: tiffin [flags]\n\nFlags:\n${list}`)]) {
    assert.equal(root.rules.longHyphens?.value, 'one-or-two');
    assert.equal(root.rules.grouping?.value, false);
  }
});

test('either number of hyphens is stated by a sentence, and inferred from names met in the other spelling', () => {
  const hyphens = (...lines: string[]) =>
    readText(`Usage: tiffin\n\n${lines.map((line) => `  ${line}\n`).join('')}`).root.rules.longHyphens;
  const list = ['-quay NAME  where', '-boxes      all, same as --quay=all', '--late      late'];
  assert.equal(hyphens(...list, '--map  draw, unless --boxes is given')?.basis, 'inferred');
  assert.equal(hyphens(...list, '', 'Options may begin with one or two hyphens.')?.basis, 'stated');
  // One may be a slip of the pen; a list with both spellings needs both.
  assert.equal(hyphens(...list), undefined);
  assert.equal(hyphens(...list, '--map  draw, unless --boxes is given', '--quay NAME  where'), undefined);
});

test('an entry for any number is the number option, in capitals or as the only word', () => {
  const read = (...lines: string[]) => readText(`Usage: tiffin\n\n  -l  list\n${lines.join('\n')}\n`).root;
  for (const root of [
    read('  -NUM  same as --most=NUM', '  -sort  in order'),
    read('  -num WORD  look there'),
  ]) {
    assert.equal(root.rules.numberOption?.basis, 'stated');
    assert.equal(root.options.items[1]?.names[0]?.text, '-NUM');
  }
  assert.equal(read('  -number  how many', '  -sort  in order').rules.numberOption, undefined);
});

test('an option whose text calls it the same as another is that option, and takes its argument', () => {
  const { options } = readText(
    'Usage: tiffin\n\n  -s, --sort=KEY  sort\n      --order     alias for --sort\n  -q              same as --sort=quay\n  -H, --head=N    same as --sort=N\n  -m              same as --sort=map --all\n',
  ).root;
  assert.deepEqual(
    options.items.map(({ sameAs, argument }) => [
      sameAs?.value.option,
      sameAs?.value.value,
      argument?.value.presence,
    ]),
    [
      [undefined, undefined, 'mandatory'],
      ['--sort', undefined, 'mandatory'],
      ['--sort', 'quay', 'none'],
      ['--sort', undefined, 'mandatory'],
      [undefined, undefined, 'none'],
    ],
  );
});

test('numbers and dots behind names, and a plus at their end', () => {
  assert.deepEqual(
    optionLines(
      'Usage: tiffin\n\n  -b#            boxes at most\n  -v, --verbose...  say more\n  --gram+        in grams\n',
    ),
    ['-b mandatory #: boxes at most', '-v --verbose: say more', '--gram+: in grams'],
  );
});

test('commands stand in boxes too', () => {
  const text =
    'Usage: tiffin COMMAND\n\n╭─ Commands ───────────╮\n│ open   open a round  │\n│ close  close a round │\n╰──────────────────────╯\n';
  const { items } = describedCommand(readText(text)).commands;
  assert.deepEqual(
    items.map(({ names, summary }) => [names[0]?.text, summary?.value]),
    [
      ['open', 'open a round'],
      ['close', 'close a round'],
    ],
  );
});

test('a first line of prose is no usage line', () => {
  const cli = readText('Print the routes of URL or of the carriers in a file.\n\n  -q, --quiet  less\n', {
    program: 'tiffin',
  });
  assert.deepEqual(cli.root.forms, []);
});
