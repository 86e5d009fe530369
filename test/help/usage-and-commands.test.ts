import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readHelp } from 'dabbawala';
import { commandName, type Form, walkCommands } from 'dabbawala/model';
import { describedCommand, readText } from '../support/read-text.ts';

function operandText(form: Form | undefined): string[] {
  return (form?.operands ?? []).map(({ kind, name, count }) => {
    const { least, most } = count?.value ?? { least: '?', most: '?' };
    return `${kind} ${name} ${least}..${most ?? 'any'}`;
  });
}

test('operands have counts by the notation of the usage line', () => {
  const usages: [string, string[]][] = [
    ['tiffin [OPTION]... SOURCE... TARGET', ['word SOURCE 1..any', 'word TARGET 1..1']],
    ['tiffin [options] [DAY]', ['word DAY 0..1']],
    ['tiffin [-q] FILE [FILE ...]', ['word FILE 1..any']],
    ['tiffin -o OUT <box> [<carrier>]...', ['word box 1..1', 'word carrier 0..any']],
    ['tiffin [-x] if=FILE', ['keyword if 1..1']],
    ['tiffin [-x] COMMAND [ARG]...', ['command-line COMMAND 1..1', 'word ARG 0..any']],
    ['tiffin [box_options] BOX', ['word BOX 1..1']],
    ['tiffin [OPTION?] BOX', ['word BOX 1..1']],
    ['tiffin [global options] [options1] [gopts] [operations] BOX', ['word BOX 1..1']],
    ['tiffin [box-dependent options ...] {zero or more box names}', ['word zero or more box names 1..1']],
    ['tiffin [Box Type(s)] QUAY', ['word Box Type(s) 0..1', 'word QUAY 1..1']],
    ['tiffin [late boxes] [input file...]', ['word late boxes 0..1', 'word input file 0..any']],
    ['tiffin [-q] DAY[,DAY]... BOX...', ['word DAY[,DAY] 1..1', 'word BOX 1..any']],
    ['tiffin [-q] BOX(S)', ['word BOX(S) 1..1']],
    ['tiffin [-q] BOX > FILE', ['word BOX 1..1']],
    ['tiffin [-q] BOX1 [BOX2, ...]', ['word BOX1 1..1', 'word BOX2 0..any']],
    ['tiffin [-plain|p NAME] BOX', ['word BOX 1..1']],
    ['tiffin [-q] [-- <box_options>...]', ['word box_options 0..any']],
  ];
  for (const [usage, operands] of usages) {
    assert.deepEqual(operandText(describedCommand(readText(`Usage: ${usage}\n`)).forms[0]), operands, usage);
  }
});

test('several forms are read each by itself', () => {
  const command = describedCommand(
    readText('Usage: tiffin [-q] BOX\n   or: tiffin [-q] --all\n   or: tiffin --move FROM TO\n'),
  );
  assert.deepEqual(command.forms.map(operandText), [['word BOX 1..1'], [], ['word TO 1..1']]);
});

test('a usage line over several lines is one form', () => {
  const text = 'usage: tiffin box [-a] [--sort KEY]\n                  [--late] DAY\n\n  -a  all\n';
  const cli = readText(text);
  const command = describedCommand(cli);
  assert.equal(command.forms.length, 1);
  assert.deepEqual(
    command.options.items.map((option) => option.names[0]?.text),
    ['-a', '--sort', '--late'],
  );
  assert.deepEqual(
    [...walkCommands(cli)].map(({ path }) => path.join(' ')),
    ['tiffin', 'tiffin box'],
  );
});

test('of several synopses, bars are relations of options that only one of them has', () => {
  const relationsOf = (usage: string) =>
    readHelp({
      name: 'help',
      text: `${usage}\n\n  -a  all\n  -b  big ones\n  -l  list\n  -q  say nothing\n`,
    }).interface?.root.relations.map(({ kind, members }) => [kind, ...members.map(({ name }) => name)]);
  assert.deepEqual(relationsOf('Usage: tiffin [-a | -b] [-q]\n       tiffin -l [-q]'), [
    ['at-most-one', '-a', '-b'],
  ]);
  assert.deepEqual(relationsOf('Usage: tiffin [-a | -b] [-q]\n       tiffin -l [-b]'), []);
  assert.deepEqual(relationsOf('Usage: tiffin [-a | -b]\n       tiffin -l [OPTION]...'), []);
});

test('bars between options are relations', () => {
  const command = describedCommand(readText('usage: tiffin [-a | --late] (-n | -s) BOX\n'));
  assert.deepEqual(
    command.relations.map(({ kind, members }) => [kind, ...members.map(({ name }) => name)]),
    [
      ['at-most-one', '-a', '--late'],
      ['exactly-one', '-n', '-s'],
    ],
  );
});

test('bars between spellings of one option join them, and the argument behind them is theirs', () => {
  const usages: [string, string[]][] = [
    ['[-O|--sort KEY]', ['-O,--sort mandatory KEY']],
    ['[-c|-C|--columns]', ['-c,-C,--columns none']],
    ['[-h | --help]', ['-h,--help none']],
    ['[-n|--none|--map on|off]', ['-n,--none none', '--map mandatory on,off']],
    ['[--ebb {low|high|flat}]', ['--ebb mandatory low,high,flat']],
    ['[--ahead {[+]BOXES|all}]', ['--ahead mandatory [+]BOXES|all']],
    ['[-a|-b]', ['-a none', '-b none']],
  ];
  for (const [usage, expected] of usages) {
    const options = describedCommand(readText(`Usage: tiffin ${usage} BOX\n`)).options.items;
    const shown = options.map(({ names, argument }) => {
      const word = argument?.value.words[0];
      const values =
        word?.values?.value.map(({ value }) => value).join(',') ?? word?.placeholder?.value ?? '';
      return `${names.map(({ text }) => text).join(',')} ${argument?.value.presence} ${values}`.trim();
    });
    assert.deepEqual(shown, expected, usage);
  }
});

test('the double hyphen of a usage line or list is a stated parsing rule', () => {
  for (const text of [
    'usage: tiffin [-q] [--] BOX...\n',
    'Usage: tiffin\n\n  --    end of the options\n  -q    quiet\n',
  ]) {
    assert.equal(describedCommand(readText(text)).rules.doubleHyphen?.value, 'ends-options');
  }
});

test('lists of commands are read with aliases and texts', () => {
  const cli = readText(
    'Usage: tiffin COMMAND\n\nCommands:\n  box, b       list the boxes\n  route:plan   plan\n               a route\n  find [BOX]   find a box\n\nOptions:\n  -q  quiet\n',
  );
  assert.deepEqual(
    cli.root.commands.items.map((command) => [
      command.names.map(({ text }) => text).join('|'),
      command.summary?.value,
    ]),
    [
      ['box|b', 'list the boxes'],
      ['route:plan', 'plan a route'],
      ['find', 'find a box'],
    ],
  );
  assert.deepEqual(cli.root.forms[0]?.operands, [], 'the placeholder for a command is no operand');
});

test('commands in running lines are read', () => {
  const cli = readText(
    'tiffin <command>\n\nUsage:\n\ntiffin add     add a box\ntiffin -l      list all\n\nAll commands:\n\n    add, find,\n    list\n',
  );
  assert.deepEqual(cli.root.commands.items.map(commandName), ['add', 'find', 'list']);
});

test('operands are read with their texts, and do not become commands', () => {
  const command = describedCommand(
    readText(
      'usage: tiffin [-h] day\n\npositional arguments:\n  day         the day to plan (default: today)\n\noptions:\n  -h, --help  help\n',
    ),
  );
  assert.deepEqual(
    command.operands.items.map(({ name, help, word }) => [name, help?.value, word.default?.value]),
    [['day', 'the day to plan (default: today)', 'today']],
  );
  assert.deepEqual(command.commands.items, []);
});

test('a text that says that it shows a part is not complete, and other lists are not said to be', () => {
  const partial = readText(
    'Usage: tiffin\n\nCommon options:\n  -q  quiet\n\nTo see all options, run tiffin --help-all\n',
  );
  assert.equal(partial.root.options.complete?.value, false);
  assert.equal(readText('Usage: tiffin\n\n  -q  quiet\n').root.options.complete, undefined);
});

test('title, version, summary and address for bugs are read', () => {
  const cli = readText(
    'tiffin 1.4.2\n\nKeep the books of the cooperative.\n\nUsage: tiffin\n\n  -q  quiet\n\nReport bugs to: <books@tiffin.example>\n',
  );
  assert.equal(cli.program.value, 'tiffin');
  assert.equal(cli.version?.value, '1.4.2');
  assert.equal(cli.root.description?.value, 'Keep the books of the cooperative.');
  assert.equal(cli.bugAddress?.value, '<books@tiffin.example>');
});

test('the caller of the reader may say program and command', () => {
  const cli = readText('Options:\n  -q  quiet\n', { program: 'tiffin', command: ['box', 'list'] });
  assert.deepEqual(
    [...walkCommands(cli)].map(({ path, command }) => [path.join(' '), command.described]),
    [
      ['tiffin', false],
      ['tiffin box', false],
      ['tiffin box list', true],
    ],
  );
});

test('what a notation says is stated, and what only the layout suggests is inferred', () => {
  const [withValue, without] = describedCommand(
    readText('Usage: tiffin\n\n  --box=ID  one box\n  --all     all\n'),
  ).options.items;
  assert.equal(withValue?.argument?.basis, 'stated');
  assert.equal(without?.argument?.basis, 'inferred');
  assert.equal(without?.required, undefined);
});

test('headings in other languages are known', () => {
  const texts: [string, string, string, string][] = [
    ['Aufruf:', 'oder:', 'Befehle:', 'Optionen:'],
    ['Utilisation :', 'ou :', 'Commandes :', 'Options :'],
    ['Uso:', 'o:', 'Comandos:', 'Opciones:'],
    ['Использование:', 'или:', 'Команды:', 'Параметры:'],
    ['使い方:', 'or:', 'コマンド:', 'オプション:'],
  ];
  for (const [usage, or, commands, options] of texts) {
    const text = `${usage} tiffin [-q] BOX\n  ${or} tiffin COMMAND\n\n${commands}\n  open   a\n  close  b\n\n${options}\n  -q, --quiet  less\n`;
    const command = describedCommand(readText(text));
    assert.equal(command.forms.length, 2, usage);
    assert.deepEqual(command.commands.items.map(commandName), ['open', 'close'], usage);
    assert.equal(command.options.items.length, 1);
  }
});

test('synopses without texts, one below the other, are commands with their options', () => {
  const text =
    'Usage: tiffin [-q]\n\n  list [--late] [DAY]\n  move [-f|--force] BOX...\n       [--to QUAY]\n  list --brief\n  halt\n';
  const { items } = describedCommand(readText(text)).commands;
  assert.deepEqual(
    items.map((command) => [
      commandName(command),
      command.forms.map(operandText).join(' | '),
      command.options.items.flatMap((option) => option.names.map(({ text: name }) => name)).join(' '),
    ]),
    [
      ['list', 'word DAY 0..1 | ', '--late --brief'],
      ['move', 'word BOX 1..any', '-f --force --to'],
      ['halt', '', ''],
    ],
  );
  const prose = describedCommand(
    readText('Usage: tiffin [-q]\n\n  list the boxes [see below]\n  move them\n  halt\n'),
  );
  assert.deepEqual(prose.commands.items, []);
});

test('what is joined to a word, and words beside a bar, are one operand', () => {
  const usages: [string, string[]][] = [
    ['tiffin [-q] HOST[:PORT]/BOX', ['word HOST[:PORT]/BOX 1..1']],
    ['tiffin [-q] [(old|new):]<box>', ['word [(old|new):]<box> 1..1']],
    ['tiffin [-q] file(s)', ['word file(s) 1..1']],
    ['tiffin [-q] [open|closed] BOX', ['word open|closed 0..1', 'word BOX 1..1']],
    ['tiffin [-q] BOX|- QUAY', ['word BOX|- 1..1', 'word QUAY 1..1']],
    ['tiffin [box options] BOX', ['word BOX 1..1']],
    ['tiffin [box-options] BOX', ['word BOX 1..1']],
    ['tiffin [--skip DAY [DAY ...]] BOX', ['word BOX 1..1']],
    ['tiffin (-l BOX | -e BOX [FOLDER ...])', []],
    ['tiffin <quay>:<number> [<key>=<value>]', ['word quay:number 1..1', 'keyword key 0..1']],
    ['tiffin <box> [day]*', ['word box 1..1', 'word day 0..any']],
    ['tiffin <box>+', ['word box 1..any']],
    ['tiffin [-q] "text to print"', ['word text to print 1..1']],
    ['tiffin [mode] BOX', ['word BOX 1..1']],
    ['tiffin BOX > <ledger>', ['word BOX 1..1']],
    ['tiffin <box> (where <box> is a box or a lid)', ['word box 1..1']],
  ];
  for (const [usage, operands] of usages) {
    assert.deepEqual(operandText(describedCommand(readText(`Usage: ${usage}\n`)).forms[0]), operands, usage);
  }
});

test('a choice of literal words has them as values', () => {
  const [form] = describedCommand(readText('Usage: tiffin [-q] [open|closed|late] BOX\n')).forms;
  assert.deepEqual(
    form?.operands[0]?.word.values?.value.map(({ value }) => value),
    ['open', 'closed', 'late'],
  );
});

test('an alias beside a command in the usage line is no operand', () => {
  const cli = readText('Usage: tiffin box add|a [options] <box>\n\nOptions:\n  -q  quiet\n');
  assert.deepEqual(
    [...walkCommands(cli)].map(({ path }) => path.join(' ')),
    ['tiffin', 'tiffin box', 'tiffin box add'],
  );
  assert.deepEqual(operandText(describedCommand(cli).forms[0]), ['word box 1..1']);
});

test('words with a bar that end a synopsis are no other names of the program', () => {
  assert.deepEqual(
    readText('Use: tiffin pack|p\n').root.names.map(({ text }) => text),
    ['tiffin'],
  );
});

test('sentences below or behind a synopsis are no part of it', () => {
  const texts = [
    'Usage: tiffin [-q] BOX\n Print the labels of boxes.\n The options are:\n  -q  quiet\n',
    'Usage:\n  tiffin [-q] BOX  print the <label> of a box\n',
    'Usage: tiffin [-q] BOX (same as tiffin label BOX)\n',
    'Usage:\n  tiffin [-q]  BOX             <-Print a label\n',
    'Usage:\n  tiffin [-q] <BOX> Print the label\n\n  -q  quiet\n',
    'Usage: tiffin [-q] [-f other ledger file] BOX\n',
    'Usage: tiffin [more options, see -h] [-q] BOX\n',
    'Usage: tiffin [-q|-w] BOX\n\t-q print the day\n\t-w not write-protected (all days)\n',
    "tiffin: invalid option -- '-'\ntiffin [-q] BOX\n\n  -q  quiet\n",
    'Usage:\n\n  # print the label of one box\n  tiffin BOX\n\n  -q  quiet\n',
  ];
  for (const text of texts) {
    const { forms } = describedCommand(readText(text));
    for (const form of forms) assert.deepEqual(operandText(form), ['word BOX 1..1'], text);
    assert.ok(forms.length <= 1, text);
  }
});

test('a usage line is found behind a sentence or a name, and ends where a sentence begins', () => {
  const texts = [
    'This is the tiffin program.  Usage:\n\n    tiffin [-q] BOX\n\n  -q  be quiet\n',
    'usage: Note: tiffin version two is now the newest version of all.\n\nusage: tiffin [-q] BOX\n\n  -q  be quiet\n',
    'Usage:\n1. tiffin [-q] BOX\n\n  -q  be quiet\n',
    'usage: tiffin [-q] BOX\n\tIf [BOX] is not given, the newest box is shown\n\t-q: be quiet so far\n',
    'usage: tiffin [options but for -x] BOX\n\t-q | --quiet   be quiet so far\n\t-x   be loud\n',
    "Unknown flag: '-'; Usage: tiffin [-q] BOX\n\n  -q  be quiet\n",
    'usage:\nOne box: tiffin [-q] BOX\n\nKeep boxes.\n\n  -q  be quiet\n',
    'Usage: tiffin [-q]\n          BOX\n\t-q\t   - be quiet\n\t-m mode\t   - set the mode\n',
    '/opt/bin/tiffin: usage: /opt/bin/tiffin [-q] BOX\nOptions include:\n  -q  be quiet\n',
    'Usage: tiffin [-q] BOX\n Show boxes in [BOX] (all by default).\n The options are:\n  -q  be quiet\n',
  ];
  for (const text of texts) {
    const command = describedCommand(readText(text));
    assert.deepEqual(command.forms.map(operandText), [['word BOX 1..1']], text);
  }
});

test('words before the placeholder of the options lead to the command, also where the command is told', () => {
  const text = 'Usage: tiffin show quay [OPTION(S)] BOX(S)\n\n  -q  be quiet\n';
  const operands = (command?: string[]) =>
    describedCommand(
      readText(text, command === undefined ? {} : { program: 'tiffin-quay', command }),
    ).forms.map(operandText);
  assert.deepEqual(operands(), [['word BOX(S) 1..1']]);
  assert.deepEqual(operands([]), [['word BOX(S) 1..1']]);
});

test('operands with dots are read from their list, and stretched prose lists no commands', () => {
  const listed = describedCommand(
    readText(
      'Usage: tiffin [box] [quay]...\n\nArguments:\n  [box]\n          one box\n\n  [quay]...\n          any quay\n',
    ),
  );
  assert.deepEqual(
    listed.operands.items.map(({ name, help }) => [name, help?.value]),
    [
      ['box', 'one box'],
      ['quay', 'any quay'],
    ],
  );
  const prose = describedCommand(
    readText(
      'SYNOPSIS\n       tiffin COMMAND [ARGS]\n\nDESCRIPTION\n       Tiffin  keeps  the boxes of an office through the  day\n       and the night.\n',
    ),
  );
  assert.deepEqual(prose.commands.items, []);
});

test('words of sentences are no operands and no commands, and a message is no help', () => {
  const text =
    'usage: tiffin box\n\npositional arguments:\n  box       the box, one of those that are kept; where there is none of them, the\n            newest\n\n  All boxes are told by their names, and the names that the office has not\n  allowable are refused. What follows the names of the boxes is as told\n  above.\n\nSettings:\n  (none)\n';
  const command = describedCommand(readText(text));
  assert.deepEqual(
    command.operands.items.map(({ name }) => name),
    ['box'],
  );
  assert.deepEqual(command.commands.items, []);
  for (const message of ['--help: no such file or directory\n', '--help\n'])
    assert.equal(readHelp({ name: 'help', text: message }).interface, undefined);
});

test('a heading below the word for a synopsis is none', () => {
  const { forms } = describedCommand(
    readText('Usage:\nAvailable commands:\n\tland    land a box\n\tsort    put boxes in order\n'),
  );
  assert.deepEqual(forms, []);
});
