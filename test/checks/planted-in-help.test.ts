import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { audit, type Finding, readHelp } from 'dabbawala';
import { ROOT } from '../support/run-dabbawala.ts';

/** One fault that is put into a sound help text of `test/checks/planted`, and the finding that names it. */
type Fault = readonly [why: string, from: string, to: string, check: string, subject: string];

const FAULTS: Readonly<Record<string, readonly Fault[]>> = {
  crateweigh: [
    [
      'example: value of an option forgotten',
      'crateweigh -u lb --round=1 box1',
      'crateweigh --round=1 box1 -u',
      'help/example-wrong',
      'crateweigh --round=1 box1 -u',
    ],
    [
      'example: value outside the list',
      'crateweigh -u lb --round=1 box1',
      'crateweigh -u oz --round=1 box1',
      'help/example-wrong',
      'crateweigh -u oz --round=1 box1',
    ],
    [
      'example: option with argument that takes none',
      'crateweigh box1 box2           weigh',
      'crateweigh --quiet=yes box1    weigh',
      'help/example-wrong',
      'crateweigh --quiet=yes box1',
    ],
    [
      'example: other program',
      'crateweigh box1 box2 ',
      'cratewiegh box1 box2 ',
      'help/example-wrong',
      'cratewiegh box1 box2',
    ],
    ['default outside range', '(default 2)', '(default 8)', 'help/values-disagree', '--round'],
    ['default no value', "(default 'kg')", "(default 'g')", 'help/values-disagree', '--unit'],
    [
      'text names an option that does not exist',
      'needs --output',
      'needs --out-file',
      'help/mentions-unknown',
      '--out-file',
    ],
    [
      'text names placeholder not there',
      'add to the end of FILE',
      'add to the end of LOG',
      'help/placeholder-misleads',
      '--append',
    ],
    [
      'exit status twice',
      '  2  the command line was wrong',
      '  1  the command line was wrong',
      'help/exit-status-unclear',
      '1',
    ],
    ['two options one letter', '-v, --verbose  ', '-q, --verbose  ', 'conflicts/same-name-twice', '-q'],
    [
      'help text copied',
      '  -q, --quiet              print nothing but errors',
      '  -q, --quiet              add to the end of FILE; needs --output',
      'help/same-help-twice',
      '--quiet',
    ],
    [
      'text of long option in other tense',
      'list the scales that can be used, and exit',
      'TODO',
      'help/says-nothing',
      '--list-scales',
    ],
    [
      'secret as argument',
      '-w, --wait=SECONDS       wait at most SECONDS for the scale to settle\n                             (default 10)',
      '-w, --password=WORD      log in to the scale with WORD',
      'arguments/secret-in-arguments',
      '--password',
    ],
    [
      'unit missing',
      '-w, --wait=SECONDS       wait at most SECONDS for the scale to settle',
      '-w, --wait=TIME          wait at most TIME for the scale to settle',
      'help/unit-unstated',
      '--wait',
    ],
    [
      'synopsis names an option not listed',
      '--list-scales [--scale-dir=DIR]',
      '--list-scales [--scales-dir=DIR]',
      'names/nearly-equal',
      '--scales-dir',
    ],
    [
      'synopsis placeholder other',
      '[--scale-dir=DIR]',
      '[--scale-dir=FILE]',
      'help/usage-disagrees',
      '--scale-dir',
    ],
    [
      'synopsis program name typo',
      '   or: crateweigh --list',
      '   or: cratewiegh --list',
      'help/usage-disagrees',
      'cratewiegh',
    ],
    [
      'usage single, text several',
      '[OPTION]... CRATE...',
      '[OPTION]... CRATE',
      'help/example-wrong',
      'crateweigh box1 box2',
    ],
    [
      'values differ in case',
      "'kg', 'lb' or 'stone'",
      "'kg', 'lb' or 'Stone'",
      'names/values-mixed',
      '--unit',
    ],
    ['same value twice', "'kg', 'lb' or 'stone'", "'kg', 'lb' or 'kg'", 'names/values-mixed', '--unit'],
    ['range upside down', '0 to 6 (default 2)', '6 to 0 (default 2)', 'help/values-disagree', '--round'],
    [
      'optional argument by blank',
      '-t, --tare[=WEIGHT]      subtract',
      '-t, --tare [WEIGHT]      subtract',
      'posix/argument-optional',
      '-t',
    ],
    [
      'letter text names other letter',
      'add to the end of FILE; needs --output',
      'same as -o, but add to the end of FILE; needs -O',
      'help/mentions-unknown',
      '-O',
    ],
    [
      'duplicate entry',
      '  -q, --quiet              print nothing but errors\n',
      '  -q, --quiet              print nothing but errors\n  -q, --quiet              print no header\n',
      'conflicts/same-name-twice',
      '--quiet',
    ],
    [
      'text in the middle',
      'subtract WEIGHT, or that of an empty crate',
      'subtract WEIGHT, or that of an',
      'help/text-unfinished',
      '--tare',
    ],
    [
      'negative and positive with no pair',
      '      --no-header          leave out the first line',
      '      --disable-header     leave out the first line\n      --no-sum             leave out the last line',
      'names/negation-mixed',
      '--disable-header',
    ],
    [
      'text wrong: opposite',
      'print nothing but errors',
      'print nothing but errors (the opposite of --verbos)',
      'help/mentions-unknown',
      '--verbos',
    ],
    [
      'deprecated replaced by unknown',
      '  -a, --append             add to the end of FILE; needs --output',
      '  -a, --append             deprecated, use --add instead',
      'help/mentions-unknown',
      '--add',
    ],
    [
      'hours seconds mismatch',
      'wait at most SECONDS for the scale to settle\n                             (default 10)',
      'wait at most SECONDS for the scale to settle\n                             (default 10 minutes)',
      'help/values-disagree',
      '--wait',
    ],
  ],
  loadplan: [
    [
      'usage braces lacks command',
      '                {add,drop,show,send} ...',
      '                {add,drop,show} ...',
      'help/usage-disagrees',
      'send',
    ],
    [
      'list braces lacks',
      'positional arguments:\n  {add,drop,show,send}',
      'positional arguments:\n  {add,drop,show,send,move}',
      'help/command-undescribed',
      'move',
    ],
    [
      'command without text',
      '    show                print the plan of a day',
      '    show',
      'help/command-undescribed',
      'show',
    ],
    [
      'same command text',
      'print the plan of a day',
      'take a parcel off its van',
      'help/same-summary-twice',
      'show',
    ],
    [
      'usage lacks option',
      'usage: loadplan [-h] [--version] [-c FILE] [-v]',
      'usage: loadplan [-h] [--version] [-c FILE]',
      'help/usage-disagrees',
      '--verbose',
    ],
    ['usage option with other placeholder', '[-c FILE] [-v]', '[-c PATH] [-v]', 'help/usage-disagrees', '-c'],
  ],
  pourmix: [
    ['default not among', '(default: table)', '(default: text)', 'help/values-disagree', '--format'],
    ['default out of range', '(default: 20)', '(default: 200)', 'help/values-disagree', '--limit'],
    [
      'usage values differ',
      '[--format {table,json,csv}]',
      '[--format {table,json,xml}]',
      'help/usage-disagrees',
      '--format',
    ],
    ['usage required vs optional', '[--seed SEED]\n', '--seed SEED\n', 'help/usage-disagrees', '--seed'],
    [
      'required with default',
      '[--seed SEED]\n               recipe',
      '--seed SEED\n               recipe',
      'help/usage-disagrees',
      '--seed',
    ],
    [
      'exclusion broken in prose',
      'mix a batch even if it was mixed before',
      'mix a batch even if it was mixed before (only with --dry-run)',
      'conflicts/prose-relation-differs',
      '--force',
    ],
    [
      'since/until asymmetry',
      '--until DATE          leave',
      '--to DATE             leave',
      'help/usage-disagrees',
      '--until',
    ],
    [
      'operand misses in list',
      '  batch                 the batches to mix (default: all of them)\n',
      '',
      'help/usage-disagrees',
      'batch',
    ],
    [
      'operand named otherwise in list',
      '  recipe                the recipe to mix',
      '  receipt               the recipe to mix',
      'help/usage-disagrees',
      'recipe',
    ],
    [
      'date format unspecific vs time',
      '--since DATE          leave out the batches before DATE',
      '--since TIME          leave out the batches before DATE',
      'help/usage-disagrees',
      '--since',
    ],
    [
      'nargs many swallow',
      '[--exclude NAME]',
      '[--exclude NAME [NAME ...]]',
      'help/usage-disagrees',
      '--exclude',
    ],
    [
      'text empty',
      'number of batches mixed at once (default: 4)',
      '(default: 4)',
      'help/option-undescribed',
      '--jobs',
    ],
    ['default None', '(default: 4)', '(default: None)', 'help/text-slip', '--jobs'],
    ['percent s left', '(default: report.txt)', '(default: %(default)s)', 'help/text-slip', '--output'],
    [
      'format metavar',
      '--limit N             mix at most N batches, from 1 to 99',
      '--limit N             mix at most LIMIT batches, from 1 to 99',
      'help/placeholder-misleads',
      '--limit',
    ],
  ],
  mailsort: [
    ['usage operand order', ' <INPUT> [BAG]...', ' [BAG]... <INPUT>', 'help/usage-disagrees', 'BAG'],
    ['default not possible', '[default: plain]', '[default: text]', 'help/values-disagree', '--format'],
    [
      'arg required but optional in list',
      '  <INPUT>   File with',
      '  [INPUT]   File with',
      'help/usage-disagrees',
      'INPUT',
    ],
    [
      'env of two options',
      '[env: MAILSORT_TOKEN_FILE]',
      '[env: MAILSORT_OUTPUT]',
      'conflicts/environment-collision',
      '--token-file',
    ],
    [
      'env other prefix',
      '[env: MAILSORT_TOKEN_FILE]',
      '[env: DEPOT_TOKEN_FILE]',
      'help/environment-unlisted',
      '--token-file',
    ],
    [
      'unit missing',
      '--max-size <BYTES>   Largest size of a bag, in bytes',
      '--max-size <SIZE>    Largest size of a bag         ',
      'help/unit-unstated',
      '--max-size',
    ],
    ['letter clash', '-p, --pattern', '-f, --pattern', 'conflicts/same-name-twice', '-f'],
    [
      'description of two same',
      'Go on with the next bag after an error',
      'Print nothing but errors',
      'help/same-help-twice',
      '--quiet',
    ],
    [
      'operand missing',
      '  [BAG]...  Bags to fill; all of them if none is given\n',
      '',
      'help/usage-disagrees',
      'BAG',
    ],
    ['operand single', '  [BAG]...  Bags', '  [BAG]     Bags', 'help/usage-disagrees', 'BAG'],
    ['placeholder text mismatch', 'match PATTERN', 'match REGEX', 'help/placeholder-misleads', '--pattern'],
    ['boolean default', '[default: 2]', '[default: two]', 'help/values-disagree', '--depth'],
    ['-V verbose', '-v, --verbose...', '-V, --verbose...', 'conflicts/same-name-twice', '-V'],
    [
      'text capital style',
      '  -p, --pattern <PATTERN>  Sort',
      '  -p, --pattern <PATTERN>  sort',
      'help/style-mixed',
      '--pattern',
    ],
    [
      'spelling of possible value',
      '[possible values: plain, json, yaml]',
      '[possible values: plain, json, Yaml]',
      'names/values-mixed',
      '--format',
    ],
    [
      'mentions unknown',
      'after an error',
      'after an error (see also --stop-on-error)',
      'help/mentions-unknown',
      '--stop-on-error',
    ],
  ],
  berth: [
    [
      'example unknown command',
      'berth list --sort',
      'berth lst --sort',
      'help/example-wrong',
      'berth lst --sort length',
    ],
    [
      'hint wrong command',
      'Use "berth [command] --help"',
      'Use "harbour [command] --help"',
      'help/usage-disagrees',
      'harbour',
    ],
    [
      'value default not in list',
      '(default "info")',
      '(default "notice")',
      'help/values-disagree',
      '--log-level',
    ],
    [
      'help of other command',
      '-h, --help            help for berth',
      '-h, --help            help for harbour',
      'help/commands-disagree',
      'berth',
    ],
    ['commands near', '  release     Let', '  lists       Let', 'names/nearly-equal', 'lists'],
    ['version for other', 'version for berth', 'version for boat', 'help/commands-disagree', 'berth'],
  ],
  seedtray: [
    [
      'default out of range',
      '[default: 2; 1<=x<=9]',
      '[default: 0; 1<=x<=9]',
      'help/values-disagree',
      '--count',
    ],
    [
      'default other',
      '[default:\n                                  compost]',
      '[default:\n                                  soil]',
      'help/values-disagree',
      '--medium',
    ],
    [
      'negation default',
      '[default:\n                                  water]',
      '[default:\n                                  no-wter]',
      'help/default-of-flag',
      '--water',
    ],
    [
      'required and default',
      '[required]',
      '[default: tray; required]',
      'conflicts/required-with-default',
      '--label',
    ],
    ['label text', 'Label to stick on the tray.', 'Depth in millimetres.', 'help/same-help-twice', '--label'],
    ['float depth unit', 'Depth in millimetres.', 'Depth.', 'help/says-nothing', '--depth'],
  ],
  tollcount: [
    ['usage letter not listed', '[-ahqv]', '[-ahqvx]', 'help/usage-disagrees', '-x'],
    ['list letter not in usage', '[-ahqv]', '[-ahv]', 'help/usage-disagrees', '-q'],
    ['usage arg differs', '[-n lines]', '[-n count]', 'help/usage-disagrees', '-n'],
    ['usage arg missing', '[-n lines]', '[-n]', 'help/usage-disagrees', '-n'],
    ['nested lost', '[-s start [-e end]]', '[-s start]', 'help/usage-disagrees', '-e'],
    [
      'default outside',
      'count up to the hour end, from 0 to 23',
      'count up to the hour end, from 0 to 23 (default: 24)',
      'help/values-disagree',
      '-e',
    ],
    ['operand never said vs. text', 'count all gates', 'count all doors', 'help/operand-undescribed', 'gate'],
    ['list letter twice', '  -v            print', '  -q            print', 'help/usage-disagrees', '-v'],
    [
      'operand before options',
      '                 [gate ...]',
      '                 [gate ...] [-x]',
      'help/usage-disagrees',
      '-x',
    ],
  ],
  napfold: [['default', '[default: 3]', '[default: three]', 'help/values-disagree', '--creases']],
  chairs: [
    ['default not among', '[default: cash]', '[default: cheque]', 'help/values-disagree', '--payment'],
    [
      'required with default',
      '  <row>   The row of the chair',
      '  <row>   The row of the chair [default: A]',
      'conflicts/required-with-default',
      'row',
    ],
    [
      'operand missing in list',
      '  <name>  The name of the guest [default: guest]\n',
      '',
      'help/usage-disagrees',
      'name',
    ],
    ['h is not help', '-n, --hours <hours>', '-h, --hours <hours>', 'names/letter-against-custom', '-h'],
    ['placeholder typo', 'chairs rent <row>', 'chairs rent <rows>', 'help/usage-disagrees', 'rows'],
  ],
  kettle: [
    ['default out of range', '(default 2)', '(default 20)', 'help/values-disagree', '-cups'],
    ['default not value', '(default "text")', '(default "plain")', 'help/values-disagree', '-log-format'],
    [
      'unit lost',
      '-boil duration\n    \thow long water is kept boiling (default 30s)',
      '-boil int\n    \thow long water is kept boiling (default 30)',
      'help/unit-unstated',
      '-boil',
    ],
    [
      'flag text copied',
      'print what would be done, and do nothing',
      'write no messages',
      'help/same-help-twice',
      '-quiet',
    ],
    [
      'duplicate flag',
      '  -quiet\n    \twrite no messages\n',
      '  -quiet\n    \twrite no messages\n  -quiet\n    \tprint each step\n',
      'conflicts/same-name-twice',
      '-quiet',
    ],
    ['underscore', '-log-format', '-log_format', 'names/separators-mixed', '--log_format'],
    [
      'secret',
      '-addr string\n    \taddress to listen on (default "localhost:8700")',
      '-password string\n    \tpassword of the server',
      'arguments/secret-in-arguments',
      '-password',
    ],
    [
      'text missing',
      '  -quiet\n    \twrite no messages\n',
      '  -quiet\n',
      'help/option-undescribed',
      '-quiet',
    ],
  ],
  peg: [
    ['default not choice', 'default: "size"', 'default: "name"', 'help/values-disagree', '--order'],
    ['two env same', 'env: PEG_LOG', 'env: PEG_LEVEL', 'conflicts/environment-collision', '--level'],
    ['env prefix', '(env: PEG_LOG)', '(env: LOG_PEG)', 'help/environment-unlisted', '--log'],
    [
      'command listed twice',
      '  wash <piece...>           wash pieces again\n',
      '  wash <piece...>           wash pieces again\n  wash <piece>              wash one piece\n',
      'conflicts/same-name-twice',
      'wash',
    ],
    ['command text copied', 'wash pieces again', 'fold a dry piece', 'help/same-summary-twice', 'wash'],
    [
      'help copied option',
      'pegs of this colour only',
      'write a line for each piece to a file',
      'help/same-help-twice',
      '--log',
    ],
    ['letter twice', '-n, --number <count> ', '-c, --number <count> ', 'conflicts/same-name-twice', '-c'],
    ['number default word', '(default: 2)', '(default: "two")', 'help/values-disagree', '--number'],
    [
      'mentions',
      'leave the basket inside',
      'leave the basket inside (see --baskets)',
      'help/mentions-unknown',
      '--baskets',
    ],
  ],
  larder: [
    ['example value', '--shelf low', '--shlef low', 'help/example-wrong', 'larder add flour --shlef low'],
    [
      'default not in choices',
      '[default: "short"]',
      '[default: "brief"]',
      'help/values-disagree',
      '--format',
    ],
    ['command text missing', 'list what there is', '', 'help/command-undescribed', 'list'],
    ['same text', 'take an item out', 'put an item into the larder', 'help/same-summary-twice', 'eat'],
  ],
  hedge: [
    ['range', '(0 to 90)', '(90 to 0)', 'help/values-disagree', '--angle'],
    ['default outside', '(default 40)', '(1 to 20, default 40)', 'help/values-disagree', '--depth'],
    ['placeholder', 'cut MM millimetres', 'cut DEPTH millimetres', 'help/placeholder-misleads', '--depth'],
    ['value twice', '(round, square, wave)', '(round, square, round)', 'names/values-mixed', '--shape'],
    ['letter twice', '-t, --tool', '-s, --tool', 'conflicts/same-name-twice', '-s'],
    ['text end', 'sweep up afterwards', 'sweep up after the', 'help/text-unfinished', '--sweep'],
    [
      'contradict',
      'tell what is cut',
      'tell what is cut (cannot be used with --quiet)',
      'help/mentions-unknown',
      '--quiet',
    ],
    [
      'relation unknown',
      'print what would be cut',
      'print what would be cut; implies --verbos',
      'help/mentions-unknown',
      '--verbos',
    ],
    ['help other', 'show this message', 'show this mesage', 'help/word-misspelt', 'mesage'],
  ],
  lockkeeper: [
    [
      'env not listed',
      'read the schedule from FILE',
      'read the schedule from FILE, or from LOCKKEEPER_PLAN',
      'help/environment-unlisted',
      '--schedule',
    ],
    [
      'env prefix',
      'LOCKKEEPER_PORT       used',
      'LOCKEEPER_PORT        used',
      'help/environment-unlisted',
      'LOCKEEPER_PORT',
    ],
    [
      'env wrong option',
      'used when --port is not given',
      'used when --gate is not given',
      'help/mentions-unknown',
      '--gate',
    ],
    ['exit dup', '  3   the pump', '  2   the pump', 'help/exit-status-unclear', '2'],
    [
      'exit unknown in text',
      'ask before each boat; implies -v',
      'ask before each boat; exits with 4 if none is let through',
      'help/exit-status-unclear',
      '4',
    ],
    ['default', '(default: normal)', '(default: medium)', 'help/values-disagree', '--mode'],
    [
      'text vs letter',
      'leave the gates open afterwards',
      'leave the gates open afterwards (see -g and -y)',
      'help/mentions-unknown',
      '-y',
    ],
    [
      'usage operand',
      'usage: lockkeeper [options] BOAT',
      'usage: lockkeeper [options] SHIP',
      'help/operand-undescribed',
      'SHIP',
    ],
    ['program in title', 'lockkeeper 2.4 -', 'lockeeper 2.4 -', 'help/usage-disagrees', 'lockeeper'],
    ['prefix', '-r, --reverse ', '-r, --verb    ', 'names/truncated-mixed', '--verb'],
  ],
  tidetable: [
    [
      'default out',
      '(default: 1, at most 31)',
      '(default: 50, at most 31)',
      'help/values-disagree',
      '--days',
    ],
    ['default value', '(default: m)', '(default: cm)', 'help/values-disagree', '--unit'],
    [
      'two defaults',
      'print N days in a row (default: 1, at most 31)',
      'print N days in a row (default: 1, at most 31). The default is 7.',
      'help/default-told-twice',
      '--days',
    ],
    [
      'N missing',
      'print N days in a row',
      'print COUNT days in a row',
      'help/placeholder-misleads',
      '--days',
    ],
    ['output FILE', 'write to FILE', 'write to PATH', 'help/placeholder-misleads', '--output'],
    ['empty text', '            write to FILE\n', '', 'help/option-undescribed', '--output'],
  ],
  mooring: [
    ['usage letter', '[-hvV]', '[-hvVx]', 'help/usage-disagrees', '-x'],
    ['usage missing', '[-n=<count>] ', '', 'help/usage-disagrees', '--number'],
    ['usage arg', '[-b=<berth>]', '[-b=<place>]', 'help/usage-disagrees', '-b'],
    ['default value', 'Default: CLEAT', 'Default: REEF', 'help/values-disagree', '--knot'],
    ['operand', '<boat> [<crew>...]\n', '<boat> <crew>...\n', 'help/usage-disagrees', 'crew'],
    [
      'operand swap',
      '      <boat>            The boat to moor.\n      [<crew>...]       The crew who helps.',
      '      [<crew>...]       The crew who helps.\n      <boat>            The boat to moor.',
      'help/usage-disagrees',
      'boat',
    ],
    ['unit', 'Length of each rope in metres.', 'Length of each rope.', 'help/unit-unstated', '--rope'],
    ['text copy', 'The crew who helps.', 'The boat to moor.', 'help/same-summary-twice', 'crew'],
    ['required', '[--rope=<length>]', '--rope=<length>', 'help/usage-disagrees', '--rope'],
  ],
  sweep: [
    [
      'operand required',
      '<house> [<room>...]',
      '[<house>] <room>...',
      'arguments/optional-before-required',
      'house',
    ],
    ['values told', 'name or size', 'name or size [default: "age"]', 'help/values-disagree', '--order'],
    ['text same', 'Wipe the floor too', 'What the dust is swept with', 'help/same-help-twice', '--wet'],
    ['letter', '-w, --wet ', '-V, --wet ', 'conflicts/same-name-twice', '-V'],
    ['operand list', '  room                   The rooms to sweep\n', '', 'help/usage-disagrees', 'room'],
  ],
  orchard: [
    [
      'mention',
      'hang a label on each tree',
      'hang a label on each tree, unless --quite is given',
      'help/mentions-unknown',
      '--quite',
    ],
    ['operand', '<tree>...\n', '<tree>... [<bough>]\n', 'help/operand-undescribed', 'bough'],
    ['dup letters', '-f, --force ', '-q, --force ', 'conflicts/same-name-twice', '-q'],
  ],
};

/** What is changed in a sound help text, and leaves it sound: near misses of the faults above. */
const SOUND: Readonly<Record<string, readonly (readonly [why: string, from: string, to: string])[]>> = {
  crateweigh: [
    ['a synopsis shows an example of an argument', '[--scale-dir=DIR]', '[--scale-dir=scales.d]'],
    ['the name of a format in capitals', 'subtract WEIGHT, or that', 'subtract WEIGHT as JSON, or that'],
    ['a word said loudly', 'print nothing but errors', 'print NOTHING but errors'],
    [
      'an example goes on in a deeper line',
      '                                 in pounds, with one place',
      '      --verbose',
    ],
    [
      'a number without a unit is a count',
      'round to DIGITS places, 0 to 6 (default 2)',
      'round to DIGITS places (default 2)',
    ],
    ['a number may be told as a word', '(default 10)', '(default never)'],
    ['the default is told in its own unit', '(default 10)', '(default 10 seconds)'],
    ['no error is a success', '0  all crates were weighed', '0  no crate was bad'],
  ],
  loadplan: [
    ['the braces go on in dots', '{add,drop,show,send} ...\n\n', '{add,drop,...} ...\n\n'],
    [
      'help of a program that shows manuals',
      "run 'loadplan COMMAND --help' for",
      "run 'man --help' or 'loadplan COMMAND --help' for",
    ],
    [
      'a text about another program',
      "run 'loadplan COMMAND --help' for",
      "see 'vanrun --help' for information about ROUTE, and 'loadplan COMMAND --help' for",
    ],
  ],
  pourmix: [
    ['dots behind a bracket stand for the option again', '[--exclude NAME]', '[--exclude NAME]...'],
    ['a default that is none of a language', '(default: 4)', '(default: none)'],
  ],
  mailsort: [
    ["another program's variable", '[env: MAILSORT_TOKEN_FILE]', '[env: PAGER]'],
    [
      'a size that is counted in what its name says',
      '--max-size <BYTES>   Largest size of a bag, in bytes',
      '--batch-size <SIZE>  Letters in each of the bags   ',
    ],
    ['the same letter in another case', '-k, --keep-going', '-K, --keep-going'],
  ],
  berth: [
    ['help for several', 'help for berth', 'help for commands'],
    ['the program with its version in its name', 'version for berth', 'version for berth-2'],
  ],
  seedtray: [
    ['a switch is told as on or off', '[default:\n                                  water]', '[default: on]'],
  ],
  lockkeeper: [
    ['a status as the shell gives it', '  3   the pump', '  127 the pump'],
    ['a title with a name of the family', 'lockkeeper 2.4 -', 'lockkeeperd 2.4 -'],
    [
      'two letters that exist',
      'leave the gates open afterwards',
      'leave the gates open afterwards (see -g and -r)',
    ],
  ],
  mooring: [
    [
      'the list shows an operand in the way of the synopsis',
      '      [<crew>...]       The crew',
      '      <crew>            The crew',
    ],
  ],
  sweep: [
    [
      'the operands by their names',
      '  house                  The house to sweep\n  room                   The rooms to sweep',
      '  house                  The house to sweep\n  room                   Which of its rooms',
    ],
  ],
};

/** What is said of the texts before a fault is put into them, as `check subject`. */
const SAID: Readonly<Record<string, readonly string[]>> = {
  pourmix: ['abbreviations/fragile-word --dry'],
};

const FOLDER = join(ROOT, 'test/checks/planted');

function findingsOf(text: string, program: string): readonly Finding[] {
  const { interface: cli } = readHelp({ name: program, text });
  assert.ok(cli !== undefined);
  return audit([cli]).findings;
}

const named = ({ check, subject }: Finding) => `${check} ${subject}`;

for (const file of readdirSync(FOLDER).sort()) {
  const program = file.replace(/\.txt$/, '');
  const text = readFileSync(join(FOLDER, file), 'utf8');

  test(`${program}: nothing is said of the sound text`, () => {
    assert.deepEqual(findingsOf(text, program).map(named), SAID[program] ?? []);
  });

  for (const [why, from, to, check, subject] of FAULTS[program] ?? [])
    test(`${program}: ${why}`, () => {
      assert.ok(text.includes(from), 'the fault can be put in');
      const found = findingsOf(
        text.replace(from, () => to),
        program,
      ).map(named);
      assert.ok(found.includes(`${check} ${subject}`), found.join('\n'));
      assert.ok(!findingsOf(text, program).map(named).includes(`${check} ${subject}`));
    });

  for (const [why, from, to] of SOUND[program] ?? [])
    test(`${program} stays sound: ${why}`, () => {
      assert.ok(text.includes(from), 'the text can be changed');
      const changed = text.replace(from, () => to);
      assert.deepEqual(findingsOf(changed, program).map(named), SAID[program] ?? []);
    });
}
