import assert from 'node:assert/strict';
import { test } from 'node:test';
import { audit, extendInterface, type Finding, joinInterfaces, type Level } from 'dabbawala';
import { readText } from '../support/read-text.ts';

/** Sources beyond the examples of the catalogue: what a check says of each, as `level subject`; nothing where it is silent. */
interface Case {
  readonly why: string;
  readonly text: string;
  readonly found: readonly `${Level} ${string}`[];
  /** How many places are told as unread; none where not given. */
  readonly unread?: number;
}

const help = (options: string, usage = '[OPTION]...') => `Usage: tiffin ${usage}\n\n${options}`;
const yaml = (body: string) => `dabbawala: 1\nprogram: tiffin\n${body}`;
const abbreviating = (body: string) => yaml(`parsing: {option-abbreviations: true}\n${body}`);

const script = (list: string, string: string, arms: string) =>
  `#!/bin/sh\nusage() {\n  cat >&2 <<END\nUsage: tiffin [OPTION]...\n\n${list}END\n}\nwhile getopts ${string} letter; do\n  case $letter in\n${arms}    *) usage; exit 2 ;;\n  esac\ndone\n`;

const fish = (call: string, rest: string) =>
  `#!/usr/bin/fish\n${call} -- $argv\nor exit 2\nset -q _flag_all; and echo all\n${rest}`;

const CASES: Readonly<Record<string, readonly Case[]>> = {
  'gnu/version-form': [
    {
      why: 'a first line without the name of the program',
      text: yaml(
        'options: {--version: print the version}\nobservations:\n  - words: [--version]\n    exit-status: 0\n    standard-output: "Version 2.0\\n"\n',
      ),
      found: ['note tiffin --version'],
    },
  ],
  'behaviour/help-fails': [
    {
      why: 'a version that ends with an error',
      text: yaml(
        'options: {--version: print the version}\nobservations:\n  - words: [--version]\n    exit-status: 1\n    standard-output: "tiffin 2.0\\n"\n',
      ),
      found: ['warning --version'],
    },
  ],
  'abbreviations/prefix-of-other': [
    {
      why: 'where only the help shows the parser, only names that are to go',
      text: 'usage: tiffin [-h] [--late] [--late-boxes]\n\noptions:\n  -h, --help    show this help message and exit\n  --late        what is late\n  --late-boxes  late boxes\n',
      found: [],
    },
  ],
  'abbreviations/fragile-word': [
    {
      why: 'where only the help shows the parser, only words that a likely new option would take over',
      text: 'usage: tiffin [-h] [--output-dir DIR] [--quay-order ORDER]\n\noptions:\n  -h, --help            show this help message and exit\n  --output-dir DIR      write to DIR\n  --quay-order ORDER    order of the quays\n',
      found: ['note --output'],
    },
  ],
  'script/usage-differs': [
    {
      why: 'options that the text lacks are one finding',
      text: script(
        '  -a  all boxes\n  -q  say nothing\n',
        'aqbc',
        '    a) a=1 ;;\n    q) q=1 ;;\n    b) b=1 ;;\n    c) c=1 ;;\n',
      ),
      found: ['warning -b'],
    },
    {
      why: 'what no arm answers, and what is passed over, no text need have',
      text: script('  -a  all boxes\n', 'abc', '    a) a=1 ;;\n    b) ;;\n'),
      found: [],
    },
    {
      why: 'an argument that the text does not show, and one that the script does not take',
      text: script(
        '  -a       all boxes\n  -d DAY   the day\n',
        'a:d',
        '    a) a=$OPTARG ;;\n    d) d=1 ;;\n',
      ),
      found: ['warning -a', 'warning -d'],
    },
  ],
  'script/declared-not-handled': [
    {
      why: 'an option of argparse whose variable nothing names',
      text: fish("argparse a/all 'b/big-box='", ''),
      found: ['warning -b'],
    },
    {
      why: 'the variables of options have letters and long names',
      text: fish("argparse a/all 'b/big-box=' q", 'echo $_flag_big_box\nset -q _flag_q; or echo loud\n'),
      found: [],
    },
    {
      why: 'who looks at all variables may look at any',
      text: fish('argparse a/all q', "string match '_flag_*' (set -l)\n"),
      found: [],
    },
  ],
  'script/error-status': [
    {
      why: 'argparse tells of a mistake, and nothing ends the script',
      text: '#!/usr/bin/fish\nargparse a/all -- $argv\necho $_flag_all\n',
      found: ['warning help.txt'],
    },
    {
      why: 'a script that ends where argparse fails, or keeps its status',
      text: '#!/usr/bin/fish\nif not argparse a/all -- $argv\n  exit 2\nend\nargparse b/big -- $argv\nset -l taken $status\n',
      found: [],
    },
  ],
  'help/operand-undescribed': [
    {
      why: 'operands that are listed without a text; names that say all need none',
      text: 'usage: tiffin [-h] quay file\n\npositional arguments:\n  quay\n  file\n\noptions:\n  -h, --help  show this help message and exit\n',
      found: ['note quay'],
    },
    {
      why: 'numbered operands are told of without their numbers',
      text: 'Usage: tiffin [OPTION]... BOX1 BOX2 ...\n\nPrint the label of each BOX.\n',
      found: [],
    },
  ],
  'gnu/long-name-missing': [
    {
      why: 'a letter in several entries is told once',
      text: help(
        '  -q, --quiet  a\n  -l, --late  b\n  -n, --noon  c\n  -m, --map  d\n  -O path=DIR  e\n  -O lid=LID  f\n',
      ),
      found: ['note -O'],
    },
  ],
  'names/one-letter-long': [
    {
      why: 'several are one finding',
      text: help('  -x, --x=N  how far east\n  -y, --y=N  how far north\n'),
      found: ['warning --x'],
    },
  ],
  'conflicts/required-with-default': [
    {
      why: 'a parser tells that there is no default',
      text: help('Required options:\n  --map=FILE  the map [default: none]\n'),
      found: [],
    },
  ],
  'abbreviations/ambiguous-word': [
    {
      why: 'a declared name is exact',
      text: abbreviating('options: {--late: a, --late-fee: b, --late-box: c}\n'),
      found: [],
    },
    {
      why: 'the longest shared words count',
      text: abbreviating('options: {--dry-run-all: a, --dry-run-one: b}\n'),
      found: ['note --dry-run'],
    },
    {
      why: 'no abbreviations, no ambiguity',
      text: yaml('parsing: {option-abbreviations: false}\noptions: {--late-fee: a, --late-box: b}\n'),
      found: [],
    },
    {
      why: 'nothing is known of the parser',
      text: help('  --late-fee  a\n  --late-box  b\n'),
      found: [],
    },
    {
      why: 'what is inherited alone is told above',
      text: abbreviating(
        'options:\n  --late-fee: {help: a, inheritance: anywhere-below}\n  --late-box: {help: b, inheritance: anywhere-below}\ncommands:\n  box: {options: {--map: c}}\n',
      ),
      found: ['note --late'],
    },
  ],
  'abbreviations/standard-option-crowded': [
    { why: 'verbose does not begin with --vers', text: help('  --version  a\n  --verbose  b\n'), found: [] },
    {
      why: 'two standard options, two findings',
      text: abbreviating('options: {--help: a, --helper: b, --version: c, --versions: d}\n'),
      found: ['note --helper', 'note --versions'],
    },
    { why: 'without --help nothing is crowded', text: abbreviating('options: {--helper: b}\n'), found: [] },
  ],
  'abbreviations/case-folds-together': [
    {
      why: 'letters too',
      text: yaml('parsing: {case-sensitive: false}\noptions: {-v: a, -V: b}\n'),
      found: ['error -V'],
    },
    { why: 'nothing is said of case', text: help('  -v  a\n  -V  b\n'), found: [] },
  ],
  'abbreviations/negation-crowded': [
    {
      why: 'the same name is an error',
      text: yaml('parsing: {generated-negation: true}\noptions: {--tea: a, --no-tea: b}\n'),
      found: ['error --no-tea'],
    },
    {
      why: 'options with a value get no negation',
      text: yaml('parsing: {generated-negation: true}\noptions: {--tea=KIND: a, --no-teaspoons: b}\n'),
      found: [],
    },
  ],
  'abbreviations/extension-breaks': [
    {
      why: 'without an extension nothing changes',
      text: help('  --avoid  a\n  --avoid-tide  b\n'),
      found: [],
    },
  ],
  'conflicts/inherited-redefined': [
    {
      why: 'the same argument under another placeholder',
      text: yaml(
        'options:\n  --map=FILE: {help: a, inheritance: anywhere-below}\ncommands:\n  box: {options: {--map=PATH: b}}\n',
      ),
      found: [],
    },
    {
      why: 'not inherited, not redefined',
      text: yaml(
        'options:\n  --map=FILE: {help: a, inheritance: before-subcommand}\ncommands:\n  box: {options: {--map: b}}\n',
      ),
      found: [],
    },
  ],
  'conflicts/key-collision': [
    {
      why: 'an operand beside an option, where the parser keeps both in one place',
      text: yaml('parser: argparse\noptions: {--late-box=ID: a}\noperands: {late_box: {count: 1}}\n'),
      found: ['warning late_box'],
    },
    {
      why: 'a parser that keeps operands apart',
      text: yaml('parser: cobra\noptions: {--box=ID: a}\noperands: {box: {count: 1}}\n'),
      found: [],
    },
    { why: 'underscores too', text: help('  --dry-run  a\n  --dry_run  b\n'), found: ['warning --dry-run'] },
    { why: 'names that differ by case alone', text: help('  --only-L  a\n  --only-l  b\n'), found: [] },
    { why: 'words that are written as one', text: help('  --hot-box  a\n  --hotbox   b\n'), found: [] },
    {
      why: 'a stated key that two values share',
      text: yaml('options: {--quay=QUAY: a, --berth=BERTH: {help: b, key: quay}}\n'),
      found: ['warning --quay'],
    },
    {
      why: 'flags of one key are one choice, and collected values are all kept',
      text: yaml(
        'options:\n  --loud: {help: a, key: sound}\n  --mute: {help: b, key: sound}\n' +
          '  --box=BOX: {help: c, repetition: all-count}\n  --crate=CRATE: {help: d, key: box, repetition: all-count}\n',
      ),
      found: [],
    },
    { why: 'short names are keys of their own', text: help('  -d, --dry  a\n  -D         b\n'), found: [] },
  ],
  'conflicts/name-reads-as-letters': [
    {
      why: 'a letter that takes an argument ends the group',
      text: yaml('parsing: {grouping: true}\noptions: {-so: a, -s: b, -o FILE: c}\n'),
      found: ['warning -so'],
    },
    {
      why: 'a letter given twice',
      text: yaml('parsing: {grouping: true}\noptions: {-vv: a, -v: b}\n'),
      found: [],
    },
  ],
  'conflicts/default-not-allowed': [
    {
      why: 'a number out of range',
      text: yaml('options:\n  --litres=N: {help: a, argument: {type: integer, range: 3..9, default: "2"}}\n'),
      found: ['error --litres'],
    },
    {
      why: 'a default in prose',
      text: help('  --map=WHEN  {always,never} draw a map (default: as the tide is)\n'),
      found: [],
    },
    {
      why: 'an operand',
      text: yaml('operands:\n  DAY: {help: a, count: 0..1, values: [mon, tue], default: wed}\n'),
      found: ['error DAY'],
    },
  ],
  'conflicts/command-or-operand': [
    {
      why: 'values that are no commands',
      text: yaml('operands:\n  DAY: {help: a, count: 0..1, values: [mon, tue]}\ncommands: {list: b}\n'),
      found: [],
    },
    {
      why: 'operands of the subcommands, which no synopsis shows',
      text: 'Usage: tiffin COMMAND [ARGUMENTS]\n\nCommands:\n  pack BOX\n      Pack a box\n  wash BOX\n      Wash it\n\nArguments:\n  BOX   the box\n',
      found: [],
    },
    {
      why: 'a placeholder for the command',
      text: yaml('operands:\n  COMMAND: {help: a, count: 1}\ncommands: {list: b}\n'),
      found: [],
    },
  ],
  'arguments/two-open-ended': [
    {
      why: 'help output may mean something else',
      text: 'Usage: tiffin BOX... CARRIER...\n\n  -q  say nothing\n',
      found: ['note CARRIER'],
    },
    {
      why: 'the first stands for options',
      text: 'Usage: tiffin <opt>... <box> [<lid>]...\n\n  -q  say nothing\n',
      found: [],
    },
    {
      why: 'a mark of its own between them',
      text: help('  -q  be quiet\n', '[BOX...] [//] [LID...]'),
      found: [],
    },
    { why: 'an option between them', text: 'Usage: tiffin BOX... -t CARRIER...\n', found: [] },
    { why: 'a mark in the word', text: 'Usage: tiffin NAME=VALUE... BOX...\n', found: [] },
    { why: 'one form each', text: 'Usage: tiffin BOX...\n   or: tiffin --all CARRIER...\n', found: [] },
    {
      why: 'the name of a command between them',
      text: 'Usage: tiffin <box...> <command> <lids...>\n',
      found: [],
    },
  ],
  'arguments/optional-before-required': [
    {
      why: 'an operand before it says what is to be done, and so which operands there are',
      text: 'Usage: tiffin <op> [<quay>] <box> [<lid>...]\n   or: tiffin <box> [<op>]\n',
      found: [],
    },
    {
      why: 'a heading over options tells what stands for them',
      text: 'Usage: tiffin [ WARNINGS ] BOX [LID]\n\nOptions:\n  -q  say nothing\n\nWarnings:\n  -w  warn of late boxes\n',
      found: [],
    },
    {
      why: 'an option in the place of the operand shows that it was left out',
      text: 'Usage: tiffin -l [-q] <-m|box> [-p] quay lid...\n',
      found: [],
    },
    { why: 'an open-ended operand behind', text: 'Usage: tiffin [QUAY] BOX...\n', found: ['note QUAY'] },
    { why: 'another form takes the rest', text: 'Usage: tiffin BOX\n   or: tiffin [QUAY] BOX\n', found: [] },
    { why: 'options behind a slash', text: 'Usage: tiffin [/q] [/d] /w BOX\n', found: [] },
    { why: 'groups that are repeated whole', text: 'Usage: tiffin [BOX [NOTE]]... QUAY\n', found: [] },
    { why: 'args in front of all others', text: 'Usage: tiffin [args] BOX NAME...\n', found: [] },
    { why: 'two hyphens between', text: 'Usage: tiffin [QUAY] [--] BOX...\n', found: [] },
    { why: 'a part of a word', text: 'Usage: tiffin [OWNER][:GROUP] BOX...\n', found: [] },
    {
      why: 'bars part whole command lines',
      text: 'Usage: tiffin --at <quay> | --all | <box> <word>...\n',
      found: [],
    },
    {
      why: 'two open ended operands are told as such',
      text: 'Usage: tiffin BOX [DAY...] QUAY [NAME...]\n',
      found: [],
    },
  ],
  'arguments/secret-in-arguments': [
    {
      why: 'a secret joined to another word',
      text: help('  --quaypasswd=WORD  log in to the quay\n  --late             late boxes\n'),
      found: ['note --quaypasswd'],
    },
    {
      why: 'without its argument the program asks',
      text: help('  --password=WORD  the word\n  --password       ask for the word\n'),
      found: [],
    },
    {
      why: 'tokens in the plural beside it',
      text: help('  --unused-token <token>  do not speak of it\n  --unused-tokens  do not speak of any\n'),
      found: [],
    },
    {
      why: 'the file that log-ins are kept in',
      text: help('  -p, --password=WORD  the word\n  -n  use netrc for login\n'),
      found: [],
    },
    {
      why: 'several secrets are one finding',
      text: help('  --ebb-password=WORD  a\n  --flood-token=WORD  b\n'),
      found: ['note --ebb-password'],
    },
    { why: 'a word about a secret', text: help('  --token-description=TEXT  a\n'), found: [] },
    { why: 'a place for secrets', text: help('  --credential-cache=WORD  a\n'), found: [] },
    { why: 'a new secret', text: help('  --password-new=WORD  a\n'), found: ['note --password-new'] },
    {
      why: 'a password with a default can be another one',
      text: help('  --ebb-password=WORD  word for the ledger (default: "main")\n'),
      found: ['note --ebb-password'],
    },
  ],
  'help/required-unstated': [
    {
      why: 'a text that says that an option must be given, where nothing declares it',
      text: yaml(
        'options:\n  --quay=NAME: the quay (required)\n  --box=ID: required only with --late\n  --late: late ones\n',
      ),
      found: ['note --quay'],
    },
    {
      why: 'the heading says so',
      text: help('Required named arguments:\n  --quay=NAME  the quay\n\nOptions:\n  --late  a\n'),
      found: [],
    },
    {
      why: 'a mark behind the name says so',
      text: help('Options:\n  --quay=NAME (required)\n      the quay\n  --late\n      a\n'),
      found: [],
    },
  ],
  'arguments/swallows-operands': [
    {
      why: 'dots that stand for giving the option again, as one text says',
      text: help(
        '  --lid <LID>...  a lid; may be given multiple times\n  --box <BOX>...  a box\n',
        '[OPTION]... QUAY',
      ),
      found: [],
    },
    {
      why: 'an optional argument is joined',
      text: help('  --skip[=DAY...]  a\n', '[OPTION]... BOX'),
      found: [],
    },
    {
      why: 'a form of its own without operands',
      text: 'Usage: tiffin BOX\n   or: tiffin -p PID...\n\n  -p, --pid PID...  a\n',
      found: [],
    },
    {
      why: 'one word that is a list',
      text: 'Usage: tiffin [options] <box>\n\n  --way <quay>...  a : separated list of quays\n  -q               be quiet\n',
      found: [],
    },
    {
      why: 'the operand is one of the options',
      text: 'Usage: tiffin [<option>...] <command>\n\nCommands:\n  -j|--join <part>...  join the parts\n  -l|--list            list them\n',
      found: [],
    },
    {
      why: 'what stands behind the end of the options',
      text: 'Usage: tiffin [options] [-- <word>...]\n\n  --box <id>...  boxes\n  -q             be quiet\n',
      found: [],
    },
  ],
  'arguments/too-many-operands': [
    {
      why: 'marks part them',
      text: 'Usage: tiffin [-q] <crate> <quay> -- <box> <lid>\n\n  -q  say nothing\n',
      found: [],
    },
    { why: 'numbered names are one meaning', text: 'Usage: tiffin BOX1 BOX2 BOX3 BOX4\n', found: [] },
    { why: 'optional operands may be left out', text: 'Usage: tiffin BOX QUAY [DAY] [LITRES]\n', found: [] },
    {
      why: 'a sentence behind the synopsis',
      text: 'Usage: tiffin box show the boxes of all\n\n  -q  be quiet\n',
      found: [],
    },
  ],
  'arguments/required-option': [
    {
      why: 'one finding for all of a command',
      text: yaml('options:\n  -a: {help: x, required: true}\n  -b: {help: y, required: true}\n'),
      found: ['note -a'],
    },
  ],
  'arguments/boolean-takes-value': [
    {
      why: 'a letter that stands for another option',
      text: help('  -R  equivalent to --late=yes\n  --late={yes|no}  take the late ones\n'),
      found: ['note --late'],
    },
    { why: 'yes and no', text: help('  --map {yes,no}  a\n'), found: ['note --map'] },
    { why: 'a third value', text: help('  --map {yes,no,auto}  a\n'), found: [] },
  ],
  'help/says-nothing': [
    {
      why: 'a default that shows what a value looks like',
      text: help('  --map-style=STYLE   map style (default: "lines=thin")\n'),
      found: ['note --map-style'],
    },
    {
      why: 'still to be written',
      text: help('  --map   TODO\n  --late  list late boxes\n'),
      found: ['warning --map'],
    },
    {
      why: 'a sentence that begins with such a mark',
      text: help('  --map   TODO: say of what\n  --late  list late boxes\n'),
      found: ['warning --map'],
    },
    { why: 'a list of things to do', text: help('  --file=FILE  TODO list of the day\n'), found: [] },
    { why: 'a name that is a sentence', text: help('  --ignore-case  ignore case\n'), found: [] },
    { why: 'names that say all', text: help('  --quiet  quiet\n  --help   help\n'), found: [] },
  ],
  'help/usage-missing': [
    {
      why: 'a usage line that does not name the program',
      text: 'Usage: [OPTION]... BOX\n\n  -q, --quiet  say nothing\n  -m, --map    draw a map\n',
      found: ['note help'],
    },
    {
      why: 'the list shows how each command is called',
      text: 'Commands:\n  tiffin cancel BOX   # take it back\n  tiffin send BOX     # send it\n\nOptions:\n  -q  # say nothing\n',
      found: [],
    },
    { why: 'a document has a usage line made for it', text: yaml('options: {--map: a}\n'), found: [] },
    {
      why: 'a synopsis behind what a log puts in front of a line',
      text: '2031-02-03 11:12:13.001 tiffin[12:12] tiffin [-q|--quiet] box\n  -q, --quiet  say nothing\n',
      found: [],
    },
    {
      why: 'a heading over usage of another kind',
      text: 'tiffin counts boxes.\n\nBasic usage\n\n  pour tea first\n\nOptions:\n  --map  a map\n',
      found: [],
    },
    {
      why: 'a synopsis that is not called so',
      text: 'Keep boxes.\n\nOpen one:\n tiffin [options] <box>\n\nOptions:\n  -q  be quiet\n  -r  row\n',
      found: [],
    },
    {
      why: 'a synopsis with another name of the program',
      text: 'Starting the rounds\n\nThe Rounds [-switch]\n\nswitch can be:\n\n-q\tbe quiet\n-r\trow\n',
      found: [],
    },
  ],
  'conflicts/digit-or-negative': [
    {
      why: 'a range below zero that only a text tells',
      text: 'usage: tiffin [-h] [-9] [--warmth DEGREES]\n\noptions:\n  -h, --help            show this help message and exit\n  -9                    the ninth box only\n  --warmth DEGREES      how warm, from -9 to 9\n',
      found: ['warning -9'],
    },
    {
      why: 'a parser that takes no word with a hyphen for an argument, and one that takes any',
      text: yaml(
        'parser: argparse\noptions:\n  -3: three\n  --shift=SECONDS: shift by SECONDS, such as -60\n',
      ),
      found: ['warning -3'],
    },
    {
      why: 'any word is an argument',
      text: yaml(
        'parser: getopt-long\noptions:\n  -3: three\n  --shift=SECONDS: shift by SECONDS, such as -60\n',
      ),
      found: [],
    },
  ],
  'help/option-undescribed': [
    {
      why: 'a list of names, one of which has a text by chance',
      text: help('  --early\n  --late\n  --all\n  --lids     with the lids\n  --quay\n'),
      found: ['note --early'],
    },
    {
      why: 'the letter above has the text of a word behind one hyphen too',
      text: help('-h         print this help\n-help      \n-quay q    the quay\n-round r   the round\n'),
      found: [],
    },
    {
      why: 'a text that speaks of the argument of the option above too',
      text: help('  -w FEW, --warn=FEW\n  -f MANY, --fail=MANY\n      warn of FEW boxes, and fail of MANY\n'),
      found: ['note --warn'],
    },
    {
      why: 'a text that does not',
      text: help('  -q QUAY, --quay=QUAY\n  -m MAP, --map=MAP\n      the map\n'),
      found: ['note --quay'],
    },
    {
      why: 'a long name in one line, and its letter with the text in the next',
      text: help(
        '  --late  what is late\n  --map   a map\n  --lend-box\n          -X [BOX]  lend a box\n  --quay -q NAME  the quay\n',
      ),
      found: [],
    },
    {
      why: 'two names of one thing above one text',
      text: help('  -q, --quiet\n  -s, --silent  say nothing\n  --map  draw a map\n'),
      found: [],
    },
    {
      why: 'one value above one text',
      text: help('  -cp PATH\n  --class-path PATH  where to look\n  --map  draw a map\n'),
      found: [],
    },
    {
      why: 'names right below each other, with the text of all behind a blank line',
      text: help('  --late\n  --tardy\n\n      list late boxes\n\n  --map\n\n      draw a map\n'),
      found: [],
    },
    {
      why: 'a name above its negation, which has the text',
      text: help('  --late\n  --no-late  list late boxes\n  --map  draw a map\n'),
      found: [],
    },
    { why: 'a list of names alone', text: help('  --map\n  --late\n'), found: ['note --map'] },
    {
      why: 'a bare list under a heading of its own is one of names',
      text: help(
        '  -q  a\n  -r  b\n\nPassed on to the rower:\n  -a, --anchor\n  -b, --buoy\n  -c, --chart\n',
      ),
      found: ['note --anchor'],
    },
    {
      why: 'spellings in lines of their own share the last text',
      text: help(
        '  -m FILE\n  -map FILE\n  --map FILE     a\n  -R\n  --row          b\n  -oldname\n  --old-name     c\n',
      ),
      found: [],
    },
    {
      why: 'names below one that has the text of all',
      text: help(
        '  --top-title[=TEXT]   set the titles\n  --title[=TEXT]\n  --side-title[=TEXT]\n  --map                a map\n',
      ),
      found: [],
    },
    { why: 'another name below', text: help('  --map=FILE  a\n  --box=ID\n'), found: ['note --box'] },
  ],
  'help/unit-unstated': [
    {
      why: 'a duration that is a bare number',
      text: 'Usage of tiffin:\n  -wait duration\n    \thow long to wait (default 30)\n  -rest duration\n    \thow long to rest (default 30s)\n',
      found: ['note -wait'],
    },
    {
      why: 'a time whose default is a number, and a width',
      text: help(
        '  --timeout=T  how long to wait (default: 30)\n  --width=W    how wide to print (default: 80)\n',
      ),
      found: ['note --timeout'],
    },
    { why: 'the unit is in the name', text: help('  --timeout-seconds=N  a\n'), found: [] },
    { why: 'the default has one', text: help('  --timeout=NUMBER  how long (default: 30s)\n'), found: [] },
    {
      why: 'no unit anywhere',
      text: help('  --timeout=NUMBER  how long to stay\n'),
      found: ['note --timeout'],
    },
  ],
  'names/misspelt': [
    {
      why: 'an option beside the one that it looks like a slip of',
      text: help('  --include=BOX    boxes\n  --iinclude=BOX   boxes, whatever their letters\n'),
      found: [],
    },
    {
      why: 'a common word with a slip, whatever the texts say',
      text: help('  --spearator=CHAR   what parts the boxes\n  --map              draw a map\n'),
      found: ['warning --spearator'],
    },
    {
      why: 'a word that its own text spells otherwise, and one of the GNU table',
      text: help('  --certficate  the certificate\n  --recusrive   folders too\n'),
      found: ['warning --certficate', 'warning --recusrive'],
    },
    {
      why: 'spellings of two countries, inflections, and words that the texts have too',
      text: help(
        '  --colours     use colors\n  --normalise   normalize names\n  --loaded      what was loading\n  --bandwith    the bandwith\n',
      ),
      found: [],
    },
  ],
  'names/pair-uneven': [
    {
      why: 'one of two bounds that says of what it is the bound',
      text: help('  --start=DAY     the first day\n  --end-time=DAY  the last day\n'),
      found: ['note --end-time'],
    },
    {
      why: 'bounds of a range',
      text: help('  --min-box=N  a\n  --upper-box=N  b\n'),
      found: ['note --upper-box'],
    },
    {
      why: 'words of two things',
      text: help('  --start=BOX  a\n  --until=DAY  b\n  --min-box=N  c\n  --upper-quay=N  d\n'),
      found: [],
    },
  ],
  'names/hyphens-mixed': [
    {
      why: 'letters that are repeated, and names that are mostly single',
      text: help('  --late  a\n  --map  b\n  --quay  c\n  -vvv  d\n'),
      found: [],
    },
    { why: 'mostly one hyphen', text: help('  -late  a\n  -map  b\n  -quay  c\n  --noon  d\n'), found: [] },
  ],
  'names/values-mixed': [
    {
      why: 'one capital among small letters',
      text: help('  --kind=KIND  what it is made of (choices: wood, Tin, cloth)\n'),
      found: ['note --kind'],
    },
    {
      why: 'capitals, among themselves and between commands',
      text: yaml(
        'options:\n  --sort=KEY: {argument: {values: [owner, size, Size]}}\ncommands:\n  box:\n    options:\n      --sort=KEY: {argument: {values: [OWNER, route]}}\n',
      ),
      found: ['warning --sort', 'warning --sort'],
    },
    {
      why: 'letters, and names with capitals and digits of their own',
      text: yaml(
        'options:\n  --sort=KEY: {argument: {values: [a, A, b, B]}}\n  --code=KEY: {argument: {values: [utf-8, iso_8859]}}\n',
      ),
      found: [],
    },
  ],
  'conflicts/prose-relation-differs': [
    {
      why: 'what one text says of two options, and what two texts say of each other',
      text: help(
        '  --late  what is late; requires --map, cannot be used with --map\n  --map  draws\n  --noon  only with --early\n  --early  conflicts with --noon\n',
      ),
      found: ['warning --late', 'warning --noon'],
    },
    {
      why: 'an exclusion that is not declared, where relations are',
      text: yaml(
        "options: {--late: 'cannot be used with --map', --map: b, --noon: c}\nrelations: [{at-most-one: [--map, --noon]}]\n",
      ),
      found: ['note --late'],
    },
    {
      why: 'a relation of one value only, and exclusions that are told in help alone',
      text: help('  --late  cannot be used with --map\n  --map  draws\n'),
      found: [],
    },
  ],
  'conflicts/defaults-clash': [
    {
      why: 'files that are read, standard output, and folders',
      text: help(
        '  --a=FILE  read FILE (default: a.in)\n  --b=FILE  read FILE (default: a.in)\n  --c=FILE  write to FILE (default: -)\n  --d=FILE  write to FILE (default: -)\n',
      ),
      found: [],
    },
  ],
  'help/default-told-twice': [
    {
      why: 'two defaults in one bracket, and two names of files',
      text: help(
        '  --boxes=NUM  how many boxes (default 1, default 2)\n  --map=FILE   write a map to FILE (default: map.svg; default: round.svg)\n',
      ),
      found: ['warning --boxes', 'warning --map'],
    },
    {
      why: 'a mark behind each of two things',
      text: help('  --wait=N   how long to wait for a boat [default=2] / ferry [default=1] in minutes\n'),
      found: [],
    },
    {
      why: 'a sentence behind the examples that begins with the option',
      text: help(
        '  --boxes=N  how many boxes (default: 12)\n  --map      draw a map\n\nExamples:\n  tiffin --map\n\n--boxes defaults to 9.\n',
      ),
      found: ['warning --boxes'],
    },
    {
      why: 'defaults that depend on something else',
      text: help(
        '  --boxes=N  its meaning depends on the day. Default is 128. For the rest the default is 7\n  --map      draw a map\n',
      ),
      found: [],
    },
    {
      why: 'the number in a sentence about what is so without the option',
      text: help(
        '  --boxes=NUM  end after NUM (default: 10)\n  --map        draw a map\n\nWithout --boxes, the round ends after 12 boxes.\n',
      ),
      found: ['warning --boxes'],
    },
    {
      why: 'other words for what is so if the option is left out, also of one of its values',
      text: help(
        '  --boxes=NUM  how many boxes; 12 if left out (default: 10)\n' +
          '  --sort=KEY   sort by KEY; normally size (choices: owner, size; default: owner)\n',
      ),
      found: ['warning --boxes', 'warning --sort'],
    },
    {
      why: 'running text below the list',
      text: help(
        '  --boxes=NUM  how many boxes (default: 10)\n  --map        draw a map\n\nWithout --boxes, 12 is used.\n',
      ),
      found: ['warning --boxes'],
    },
    {
      why: 'what is so under a condition, and a word that is no value',
      text: help(
        '  --boxes=NUM  how many boxes. For ferries the default is 12. (default: 10)\n' +
          '  --sort=KEY   sort by KEY, slowly by default (choices: owner, size; default: owner)\n',
      ),
      found: [],
    },
  ],
  'help/mentions-unknown-command': [
    {
      why: 'a command in quotes, and one behind the name of the program',
      text: help(
        "Commands:\n  open   begin a round\n  close  end a round (see 'start')\n\nSee tiffin unload, too.\n",
        'COMMAND',
      ),
      found: ['note start', 'note unload'],
    },
    {
      why: 'commands that are listed, words that stand for one, and other programs',
      text: help(
        "Commands:\n  open   begin a round (see 'close')\n  close  end a round\n\nRun 'tiffin help COMMAND' or 'quay start', or see tiffin close.\n",
        'COMMAND',
      ),
      found: [],
    },
  ],
  'help/same-summary-twice': [
    {
      why: 'operands, and values with texts of their own',
      text: help('Arguments:\n  BOX   what is to be sent\n  QUAY  what is to be sent\n', 'BOX QUAY'),
      found: ['note QUAY'],
    },
    {
      why: 'values that share one line, and names that are short forms',
      text: help(
        '  --copy=WHEN  when to copy\n\nCommands:\n  remove  take boxes away\n  rm      take boxes away\n',
        'COMMAND',
      ),
      found: [],
    },
  ],
  'help/summary-says-nothing': [
    {
      why: 'an operand whose text is its name in a phrase',
      text: help('Arguments:\n  BOX   the box to use\n  QUAY  where it lands\n', 'BOX QUAY'),
      found: ['note BOX'],
    },
    {
      why: 'names of several words say what is done to what',
      text: help('Commands:\n  list-boxes  list boxes\n  close       end a round\n', 'COMMAND'),
      found: [],
    },
  ],
  'help/text-slip': [
    {
      why: 'each kind of slip once',
      text: help(
        '  --late  list the the late boxes\n  --map   draw a map (but never at night\n  --lids  count lids and spoons,\n',
      ),
      found: ['note --late', 'note --lids', 'note --map'],
    },
    {
      why: 'a bracket that the note of a default closes, and code',
      text: help(
        '  --late=NUM  how late (in minutes, default: 3)\n  --form=F    print by F, such as {(box)\n',
      ),
      found: [],
    },
  ],
  'names/spelling-mixed': [
    {
      why: 'endings of verbs',
      text: help('  --normalise-labels  one form of labels\n  --normalize-lids    one form of lids\n'),
      found: ['note --normalize-lids'],
    },
    {
      why: 'words that only look alike',
      text: help(
        '  --paris   boxes for the hotel\n  --prizes  boxes that were won\n  --phys    real ones\n  --phiz    faces\n',
      ),
      found: [],
    },
  ],
  'conflicts/both-the-default': [
    {
      why: 'words beside the bracket',
      text: help('  --lids     press lids; this is the default\n  --no-lids  send without [default]\n'),
      found: ['warning --lids'],
    },
    {
      why: 'one of the two, and two that have nothing to do with each other',
      text: help(
        '  --lids     press lids (default)\n  --no-lids  send without\n  --map      draw a map (default)\n',
      ),
      found: [],
    },
  ],
  'help/placeholder-misleads': [
    {
      why: 'standard input, and a key, in angle brackets',
      text: help(
        '  --map <file>    read the map from <stdin> if it is -\n  --quay <name>   the quay, to be chosen by <enter>\n',
      ),
      found: [],
    },
    {
      why: 'a file that is said to be a number',
      text: help('  --boxes=FILE  number of boxes\n  --map=FILE    where the map goes\n'),
      found: ['note --boxes'],
    },
    {
      why: 'what is counted may be files, and files may hold numbers',
      text: help(
        '  --files=NUM  file count\n  --depth=N    folders to go down\n  --sums=FILE  FILE with the number of each box\n',
      ),
      found: [],
    },
  ],
  'help/section-missing': [
    {
      why: 'a section by its name',
      text: help('  --day=DAY  the day (see the section TIDES)\n  --map      draw a map\n'),
      found: ['note --day'],
    },
    {
      why: 'a heading in other letters, and a section of another page',
      text: help(
        '  --day=DAY  the day; see TIDES below\n  --map      a map; see section QUAYS of the manual\n\nTides:\n  Each day has two.\n',
      ),
      found: [],
    },
  ],
  'help/argument-unshown': [
    {
      why: 'help that provides something',
      text: help('  --help       provide help on the rounds\n  --map=FILE   draw a map\n'),
      found: [],
    },
    {
      why: 'texts that name what is given, in a list that shows no argument',
      text: help(
        '  --ledger  path of the ledger\n  --output  set the output directory\n  --boxes   number of boxes (default: 4)\n  --brief   print less\n',
      ),
      found: ['note --ledger'],
    },
    {
      why: 'one beside others that show theirs',
      text: help(
        '  --ledger=FILE  read it\n  --boxes        maximum number of boxes\n  --brief        print less\n',
      ),
      found: ['note --boxes'],
    },
    {
      why: 'what switches print, set to one thing, or switch off',
      text: help(
        '  --quays=DAY  the day\n  --all        list of all quays\n  --large      set the size to 8\n  --no-map     name of the map is left out\n  --here       stay on this path\n',
      ),
      found: [],
    },
    {
      why: 'marks that tell of the argument, and values',
      text: help('  --ledger  path of the ledger [string]\n  --kind    kind of box (one of: oak, tin)\n'),
      found: [],
    },
  ],
  'help/text-opposes-name': [
    {
      why: 'a minimum told of a maximum',
      text: help('  --max-boxes=NUM  print at least NUM boxes\n  --map  draw a map\n'),
      found: ['note --max-boxes'],
    },
    {
      why: 'more left out by a minimum',
      text: help('  --min-weight=KILOS  skip what weighs more than KILOS\n  --map  draw a map\n'),
      found: ['note --min-weight'],
    },
    {
      why: 'only those told of an exclusion',
      text: help('  --exclude=QUAY  take only the boxes of QUAY\n  --map  draw a map\n'),
      found: ['note --exclude'],
    },
    {
      why: 'everything told of silence',
      text: help('  --quiet  print everything\n  --map  draw a map\n'),
      found: ['note --quiet'],
    },
    {
      why: 'a bound that is told in other words, or by what happens behind it',
      text: help(
        '  --max-boxes=NUM   stop once at least NUM boxes are there\n  --min-weight=KILOS  at most one box lighter than KILOS, unless --all\n  --exclude=QUAY    show only what is not of QUAY\n  --include=QUAY    skip all but those of QUAY; include only it\n',
      ),
      found: [],
    },
    {
      why: 'the words of the name, told to be left out, and what the name takes away, told to be done',
      text: help(
        '  --cache      never read from the cache\n  --lamps      turn lamps off\n  --wait       do not wait for the ebb\n  --no-map     draw the map\n  --no-follow  follow the links\n  --late       what is late\n',
      ),
      found: ['note --cache'],
    },
    {
      why: 'a part of what the name stands for, a condition, a degree, and names that take away themselves',
      text: help(
        '  --map        do not draw the map of the day before\n  --follow     do not follow links unless they lead to a quay\n  --no-header  print only the header\n  --no-lids    skip lids\n  --ignore     do not ignore it\n  --all        disable all lamps\n  --no-index   index of the map\n  --no-quay    silence quay bells\n',
      ),
      found: [],
    },
    {
      why: 'an option that takes a word',
      text: help('  --map=FILE   do not draw the map\n  --late       what is late\n'),
      found: [],
    },
  ],
  'help/word-misspelt': [
    {
      why: 'what the name of the program begins with, and words of a trade',
      text: 'Usage: messagd-box [OPTION]...\n\n  --late    what messagd has late\n  --map     the strictures of it\n',
      found: [],
    },
    {
      why: 'letters exchanged, left out, doubled and replaced',
      text: help(
        '  --late    list what is late, seperated by commas\n  --map     draw the whole direcory, and its direcory again\n  --box=ID  the followwing box\n  --day     an eaxmple\n',
      ),
      found: ['note seperated'],
    },
    {
      why: 'words of their own, names, quotations, inflections and both ways of spelling',
      text: help(
        '  --refnames     the refnames in colour, coloured or colored, stating what is striped\n  --map          "seperated", `direcory`, DIRECORY, direcory-lock, direcory=1\n  --brief        preset sorters, cancelled or canceled\n',
      ),
      found: [],
    },
    {
      why: 'a word that the program uses all over',
      text: help(
        '  --a-lot    all hiearchy\n  --b-lot    each hiearchy\n  --c-lot    any hiearchy\n  --d-lot    one hiearchy\n',
      ),
      found: [],
    },
  ],
  'help/default-of-flag': [
    {
      why: 'a file for a switch',
      text: help(
        '  --map       where the map goes (default: map.txt)\n  --day=DAY   the day\n  --box=BOX   the box\n',
      ),
      found: ['note --map'],
    },
    {
      why: 'states of a switch, levels, and a help that shows no arguments',
      text: help(
        '  --late      what is late (default: off)\n  -6          how hard to press (default: 6)\n  --day=DAY   the day\n  --box=BOX   the box\n',
      ),
      found: [],
    },
    {
      why: 'few arguments are shown',
      text: help(
        '  --map       how many (default: 12)\n  --lids      how many lids (default: 3)\n  --day=DAY   the day\n',
      ),
      found: [],
    },
  ],
  'help/text-unfinished': [
    {
      why: 'words behind which a sentence goes on',
      text: help('  --late  list what is late and\n  --map  draw a map, unless\n'),
      found: ['warning --late'],
    },
    {
      why: 'a value that is such a word',
      text: help("  --join=WORD  what joins them, such as 'and'\n"),
      found: [],
    },
  ],
  'help/commands-disagree': [
    {
      why: 'a summary and a description of one document, which belong together',
      text: yaml(
        'commands:\n  box:\n    summary: carry one home\n    description: Draw the tide of tomorrow.\n',
      ),
      found: [],
    },
  ],
  'help/exit-status-unclear': [
    {
      why: 'two statuses with one text',
      text: help(
        '  -q  say nothing\n\nExit status:\n  0  all boxes arrived\n  1  a quay was closed\n  2  a quay was closed\n',
      ),
      found: ['note 2'],
    },
    {
      why: 'a success that could not be',
      text: help(
        '  -q  say nothing\n\nExit status:\n  0  a box could not be found\n  1  a quay was closed\n',
      ),
      found: ['warning 0'],
    },
    {
      why: 'statuses of which a sentence tells, one of them twice',
      text: help(
        '  -q  say nothing\n\ntiffin exits 0 if all boxes arrived, 1 if one is late, and 1 if a quay is closed.\n',
      ),
      found: ['warning 1'],
    },
    {
      why: 'a status that no shell sees',
      text: yaml('options:\n  --map: draw a map\nexit-statuses:\n  0: done\n  300: late\n'),
      found: ['warning 300'],
    },
    {
      why: 'a status that only a text tells',
      text: help(
        '  --late  list what is late, and exit with status 9 if there is none\n\nExit status:\n  0  all went well\n  1  a box was late\n',
      ),
      found: ['note 9'],
    },
    {
      why: 'success alone',
      text: help('  --late  list what is late\n\nExit status:\n  0  all went well\n'),
      found: ['note 0'],
    },
    {
      why: 'success that is told as an error',
      text: help('  --late  a\n\nExit status:\n  0  an error occurred\n  1  all is well\n'),
      found: ['warning 0'],
    },
    {
      why: 'one meaning in other words, and ranges that overlap',
      text: help(
        '  --late  a\n\nExit status:\n  0  success, otherwise an error\n  1  some came late\n  1..9  what the carrier says\n',
      ),
      found: [],
    },
  ],
  'help/environment-unlisted': [
    {
      why: 'a variable of an option that the list lacks, which has that of another',
      text: 'dabbawala: 1\nprogram: tiffin\noptions:\n  --map: {help: draw a map, environment: [TIFFIN_MAP]}\n  --quay: {help: the quay, environment: [TIFFIN_QUAY]}\nenvironment:\n  TIFFIN_MAP: whether to draw a map\n',
      found: ['note --quay'],
    },
    {
      why: 'a word that begins as the variables of the program do',
      text: help(
        '  --map=FILE  the map (or TIFFIN_MAP)\n\nEnvironment:\n  TIFFIN_QUAY  the quay\n  TIFFIN_DAY   the day\n',
      ),
      found: ['note --map'],
    },
    {
      why: 'a prefix with a letter too few',
      text: yaml(
        'options: {--map=FILE: {environment: TIFIN_MAP}, --day=DAY: {environment: TIFFIN_DAY}, --quay=Q: {environment: TIFFIN_QUAY}}\n',
      ),
      found: ['note --map'],
    },
    {
      why: 'variables of other programs, and no list at all',
      text: help('  --map=FILE  or the variable TIFFIN_MAP\n  --pager=P  or $PAGER\n'),
      found: [],
    },
  ],
  'names/plural-mixed': [
    {
      why: 'what a text says of giving an option again',
      text: help(
        '  --stop=NAME      where to land (can be used multiple times)\n  --carriers=NAME  whom to call (repeatable)\n  --crate=NAME     what to load (may be given several times)\n',
      ),
      found: ['note --carriers'],
    },
    {
      why: 'what names a file with several, and words that end so',
      text: yaml(
        'options:\n  --box=ID: {repetition: all-count}\n  --routes=FILE: {repetition: all-count}\n  --status=WORD: {repetition: all-count}\n',
      ),
      found: [],
    },
  ],
  'names/negative-name': [
    {
      why: 'a positive that is declared as such',
      text: help('  --tide  a\n  --no-tide  b\n  --with-tide  c\n'),
      found: [],
    },
  ],
  'help/mentions-unknown': [
    {
      why: 'how options are given, and no option of that name',
      text: help(
        '  --late  what came after noon\n  --map   draw a map\n\nSettings are given as --key=value too.\n',
      ),
      found: [],
    },
    {
      why: 'a long name with one hyphen',
      text: help('  --early    early boxes; overrides -latest\n  --latest   late boxes\n'),
      found: ['note -latest'],
    },
    {
      why: 'one hyphen where names are written so, and what another program is given behind other options',
      text: help(
        '  -early    early boxes, see -map\n  --late     late boxes\n  --map     as after `round`, or round plan -x --early\n',
      ),
      found: [],
    },
    {
      why: 'running text, and words that lead to an option',
      text: help(
        '  --late  what is late, like --noon\n  --map   draw a map\n\nUse --ledger to see what was passed over.\n',
      ),
      found: ['note --noon', 'note --ledger'],
    },
    {
      why: 'beginnings of names, help that is told of, and names at the head of a text',
      text: help(
        '  --late  what is late; see --help-late\n  --map   draw a map\n\nOptions that begin with --x are passed on.\n',
      ),
      found: [],
    },
    {
      why: 'a line that ends within a name',
      text: help(
        '  --late-box=BOX  the box that comes last, unless --day-\n                  limit is given\n  --daylimit=N    so many days\n',
      ),
      found: [],
    },
    {
      why: 'an option of another command',
      text: yaml(
        'complete: true\noptions: {--map: see --late}\ncommands:\n  box: {complete: true, options: {--late: a}}\n',
      ),
      found: [],
    },
    {
      why: 'a list that may lack some, and one that is sent to',
      text: help('  --map  see --late\n'),
      found: ['note --late'],
    },
    {
      why: 'a list that may lack some, and one that is spoken of',
      text: help('  --map  was once part of what --late drew\n'),
      found: [],
    },
    {
      why: 'a slip in a name that is listed',
      text: help('  --late  what is late\n  --map   not with --laet\n'),
      found: ['warning --laet'],
    },
    {
      why: 'a name that is cut off within a word, and one that is listed but for words behind it',
      text: help(
        '  --late       what is late\n  --quay-side  the side\n  --map        not with --lat\n  --lid        not with --quay\n',
      ),
      found: ['warning --lat', 'note --quay'],
    },
    {
      why: 'the negation of one that is listed, and another program',
      text: help('  --late  what is late\n  --map   implies --no-late, as `quay --latr box` does\n'),
      found: [],
    },
  ],
  'help/example-wrong': [
    {
      why: 'one letter of a group that no list has',
      text: help(
        '  -l, --late  what is late\n  -m, --map   draw a map\n\nExamples:\n  tiffin -lm\n  tiffin -l B12\n  tiffin -lz B12\n',
        '[OPTION]... [BOX]...',
      ),
      found: ['note tiffin -lz B12'],
    },
    {
      why: 'a program that is a letter away, a word where a number is asked for, and an open quotation mark',
      text: help(
        "  --boxes=NUM  how many boxes\n  --late       what is late\n\nExamples:\n  tiffin --late\n  tiffin --boxes=3\n  tiffin --late B12\n  tiffin B12 B13\n  tiffin B14\n  taffin --boxes=3\n  tiffin --boxes=several\n  tiffin --late 'B12\n",
        '[OPTION]... [BOX]...',
      ),
      found: ['note tiffin --boxes=several', "note tiffin --late 'B12", 'warning taffin --boxes=3'],
    },
    {
      why: 'an apostrophe in a word, and another program of nearly the same name where nothing else is called',
      text: help('  --late  what is late\n\nExamples:\n  taffin --late\n', '[OPTION]... [BOX]...'),
      found: [],
    },
    {
      why: 'a command that no list has; what other examples have too may be hidden',
      text: help(
        '  --late  what is late\n\nCommands:\n  open   begin a round\n  close  end a round\n  list   list the rounds\n\nExamples:\n  tiffin open\n  tiffin list\n  tiffin close\n  tiffin send\n  tiffin carry --late\n  tiffin carry\n',
        'COMMAND',
      ),
      found: ['note tiffin send'],
    },
    {
      why: 'a word that is no command of a group, in a document that has all of them',
      text: 'dabbawala: 1\nprogram: tiffin\ncomplete: true\ncommands:\n  round:\n    summary: keep the rounds\n    commands:\n      open: begin a round\nexamples:\n  - tiffin round start\n',
      found: ['warning tiffin round start'],
    },
    {
      why: 'a word that is none of the values of an operand, and a number out of the range that a text tells',
      text: 'usage: tiffin [-h] [-n N] {open,close} day\n\npositional arguments:\n  {open,close}  what to do\n  day           the day, by its name\n\noptions:\n  -h, --help    show this help message and exit\n  -n N          how many carriers, from 1 to 9\n\nexamples:\n  tiffin open monday\n  tiffin -n 3 open friday\n  tiffin close sunday\n  tiffin shut tuesday\n  tiffin -n 12 open friday\n',
      found: ['note tiffin shut tuesday', 'note tiffin -n 12 open friday'],
    },
    {
      why: 'a word where a range of numbers is told',
      text: help(
        '  --boxes=N  how many boxes (1..9)\n  --map      draw a map\n\nExamples:\n  tiffin --boxes=many\n  tiffin --map\n',
      ),
      found: ['note tiffin --boxes=many'],
    },
    {
      why: 'a word for no limit, and one that the text speaks of',
      text: help(
        '  --boxes=N  how many boxes (1..9)\n  --lids=N   how many lids (1..9), or dozen\n\nExamples:\n  tiffin --boxes=all\n  tiffin --lids=dozen\n',
      ),
      found: [],
    },
    {
      why: 'a slip of the pen for the program, and one for a command',
      text: help(
        '  --late  what is late\n\nCommands:\n  open   begin a round\n  close  end a round\n\nExamples:\n  tiffin open\n  tiffin close\n  tifin open\n  tiffin cloes\n',
        'COMMAND',
      ),
      found: ['warning tiffin cloes', 'warning tifin open'],
    },
    {
      why: 'an option that no list has, and one that is out of its bounds',
      text: help(
        '  --late       what is late\n  --boxes=NUM  how many (range: 1-9)\n\nExamples:\n  tiffin --late\n  tiffin --boxes=3\n  tiffin -y\n  tiffin --boxes=12\n',
      ),
      found: ['note tiffin --boxes=12', 'note tiffin -y'],
    },
    {
      why: 'two options of which a text keeps one from the other, and one that asks for another',
      text: help(
        '  --late  what is late; cannot be used with --map\n  --map   draw a map\n  --lids  count lids; requires --map\n\nExamples:\n  tiffin --late\n  tiffin --map\n  tiffin --late --map\n  tiffin --lids\n',
      ),
      found: ['note tiffin --lids', 'note tiffin --late --map'],
    },
    {
      why: 'an option that stands in the help in a way of its own, or may be that of a command which is not listed',
      text: help(
        '  --late      what is late\n  --{no}clip  cut the edges\n\nExamples:\n  tiffin --clip\n  tiffin open --gently\n',
        'COMMAND [ARG]...',
      ),
      found: [],
    },
    {
      why: 'a text behind two blanks is none of the command line',
      text: 'Usage: tiffin [-q] BOX\n\n  -q  say nothing\n\nExamples:\n  tiffin first-box   open the first one\n  tiffin -q the-last-box  say nothing of the last one\n',
      found: [],
    },
    {
      why: 'a value that is not allowed',
      text: help('  --sort=owner|size  how\n\nExamples:\n  tiffin --sort=size\n  tiffin --sort=colour\n'),
      found: ['note tiffin --sort=colour'],
    },
    {
      why: 'the beginning of a name',
      text: yaml(
        "options: {--late: a, --map: b}\nparsing: {option-abbreviations: true}\nexamples: ['tiffin --lat']\n",
      ),
      found: ['warning tiffin --lat'],
    },
    {
      why: 'most examples fail in one way: it is the reading that is wrong',
      text: help(
        '  --late  what is late\n\nExamples:\n  tiffin --late=noon\n  tiffin --late=ten\n  tiffin --late=one\n',
      ),
      found: [],
    },
    {
      why: 'patterns, variables, redirections and comments',
      text: yaml(
        "complete: true\noperands: {BOX: {count: 1}}\noptions: {--late: a}\nexamples: ['tiffin --late \"$BOX\" > out 2>&1 # --lat', 'sudo tiffin --late B12 | sort -u']\n",
      ),
      found: [],
    },
    {
      why: 'another program, and an operand too many',
      text: yaml("complete: true\noperands: {BOX: {count: 1}}\nexamples: ['quay B12', 'tiffin B12 B13']\n"),
      found: ['warning quay B12', 'warning tiffin B12 B13'],
    },
  ],
  'help/values-disagree': [
    {
      why: 'a note that goes on behind a list of values',
      text: help('  --form=FORM  form of the plan (possible values: text, map, by default text)\n'),
      found: [],
    },
    {
      why: 'a word that ends what stands before a list of values',
      text: help('  --form=FORM  form of the plan, text or map (choices: text, map)\n'),
      found: [],
    },
    {
      why: 'a word in quotes that the text explains and the list of values lacks',
      text: help("  --sort=KEY  how to sort; 'colour' means by the lid (choices: owner, size)\n"),
      found: ['note --sort'],
    },
    {
      why: 'a list in the text that has one word more, two ranges, and a word in the place of a number',
      text: help(
        '  --sort=KEY   by owner, size or colour (choices: owner, size)\n  --boxes=NUM  at most 20 (range: 1-9)\n  --lids=NUM   how many (range: 1-9, default: plenty)\n',
      ),
      found: ['warning --sort', 'warning --boxes', 'note --lids'],
    },
    {
      why: 'a range that its text tells otherwise',
      text: yaml(
        'options:\n  --boxes=NUM:\n    help: how many boxes, at most 30\n    argument: {type: integer, range: 1..40}\n',
      ),
      found: ['warning --boxes'],
    },
    {
      why: 'a default outside the range, and 0 for as many as there are',
      text: help(
        '  --boxes=NUM  how many boxes, 1 to 40 (default: 50)\n  --quays=NUM  how many quays, 1 to 9 (default: 0)\n',
      ),
      found: ['warning --boxes', 'note --quays'],
    },
    {
      why: 'defaults that say there is no choice, that are the meaning of a value, or no value of the kind',
      text: help(
        '  --sort=owner|size  how (default: none)\n  --map=1|2  1: wide, 2: narrow (default: wide)\n  --box=one|two  which (default: 12)\n',
      ),
      found: [],
    },
  ],
  'conflicts/reference-dangles': [
    {
      why: 'a synonym and a default command',
      text: yaml(
        'complete: true\ndefault-command: lst\noptions: {--noon: {same-as: --lat}, --late: b}\ncommands: {list: a}\n',
      ),
      found: ['error --noon', 'error tiffin'],
    },
    {
      why: 'a list that may lack some',
      text: yaml('options: {--noon: {same-as: --lat}, --late: b}\n'),
      found: [],
    },
  ],
  'help/usage-disagrees': [
    {
      why: 'two synopses with the operands in another order; an option that must be given tells them apart',
      text: 'Usage: tiffin [OPTION]... BOX QUAY\n  or:  tiffin [OPTION]... QUAY BOX\n\n  -q, --quiet  say nothing\n',
      found: ['note QUAY'],
    },
    {
      why: 'an option that must be given tells two orders apart',
      text: 'Usage: tiffin [OPTION]... BOX QUAY\n  or:  tiffin --to [OPTION]... QUAY BOX\n\n  -q, --quiet  say nothing\n  -t, --to     the quay comes first\n',
      found: [],
    },
    {
      why: 'an option twice beside the values of another, options without a place, a synopsis without the program',
      text: 'usage: tiffin [-f {box,lid}] [--map] [-f FORM] day\n\n  -f FORM  form\n  --map    draw a map\n',
      found: ['note -f'],
    },
    {
      why: 'options that the usage line has no place for',
      text: 'Usage: tiffin BOX\n\n  -q, --quiet  say nothing\n  -m, --map    draw a map\n',
      found: ['note --quiet'],
    },
    {
      why: 'an argument of a document in a key of its own',
      text: 'dabbawala: 1\nprogram: tiffin\nusage: tiffin [--map=FILE] [--late] BOX\noptions:\n  --map=FILE: {help: read the map, argument: {type: file, default: map.txt}}\n  --late: what is late\noperands:\n  BOX: the box\n',
      found: [],
    },
    {
      why: 'a synopsis without the operands that a document states',
      text: 'dabbawala: 1\nprogram: tiffin\ncomplete: true\nusage: tiffin [--late]\noptions:\n  --late: what is late\noperands:\n  BOX: the box\n',
      found: ['warning BOX'],
    },
    {
      why: 'a synopsis of another program than the examples',
      text: 'dabbawala: 1\nprogram: tiffin\nusage: quaybook [OPTION]...\noptions:\n  --map: draw a map\nexamples:\n  - command-line: tiffin --map\n    help: draw\n',
      found: ['warning quaybook'],
    },
    {
      why: 'arguments, shown by the synopsis in another way than by the list',
      text: help('  -a, --all=KIND  all of a kind\n  -b, --box=BOX   a box\n', '[-a] [-b BOX]'),
      found: ['note -a'],
    },
    {
      why: 'an argument that the list lacks',
      text: help('  -a, --all      all boxes\n  -b, --box=BOX  a box\n', '[-a KIND] [-b BOX]'),
      found: ['note -a'],
    },
    {
      why: 'a synopsis that shows no argument at all, or calls each otherwise',
      text: help('  -a, --all=KIND  all of a kind\n  -b, --box=BOX   a box\n', '[-a] [-b]'),
      found: [],
    },
    {
      why: 'a list may name two operands in one line',
      text: 'Usage: tiffin [crate | box | crate box | box lid] [options]\n\nArguments:\n  crate    the crate to look into\n  box/lid  what to look at\n',
      found: [],
    },
    {
      why: 'a group shows its letters, and a list names an operand without brackets',
      text: 'Usage: tiffin [-hrV] [-m MAP] [-b BOX] [lid...]\n\n  -h  print this\n  -r  go round again\n  -m  the map\n  -b  the box\n  -V  print the version\n\nArguments:\n  lid...  the lids to use\n',
      found: [],
    },
    {
      why: 'a letter of a group that no entry has',
      text: 'Usage: tiffin [-abx] [-c N] BOX\n\n  -a    one\n  -b    two\n  -c N  three\n',
      found: ['warning -x'],
    },
    {
      why: 'an option that alone is not shown, and one that is shown twice',
      text: 'Usage: tiffin [-a] [-b] [-c N] [-a] BOX\n\n  -a    one\n  -b    two\n  -c N  three\n  -d    four\n',
      found: ['note -d', 'warning -a'],
    },
    {
      why: 'a place for other options, and alternatives',
      text: 'Usage: tiffin [-a] [-b] [OPTION]... [-a | -c N] BOX\n\n  -a    one\n  -b    two\n  -c N  three\n  -d    four\n',
      found: [],
    },
    {
      why: 'how many operands there are',
      text: yaml('usage: tiffin [BOX]\noperands: {BOX: {count: 1..}}\n'),
      found: ['warning BOX'],
    },
    {
      why: 'a value behind the name that the list has alone',
      text: 'Usage: tiffin [/LID:lid] [/QUAY:quay] BOX\n\nParameters:\n  /LID    - the lid\n  /QUAY   - the quay\n  BOX     - the box\n',
      found: [],
    },
    {
      why: 'brackets around what must be given',
      text: yaml('usage: tiffin [--quay=NAME]\noptions:\n  --quay=NAME: {help: a, required: true}\n'),
      found: ['warning --quay'],
    },
    {
      why: 'an operand that is listed under another name',
      text: 'Usage: tiffin BOX\n\nOperands:\n  CRATE  the box\n',
      found: ['note BOX', 'note CRATE'],
    },
    {
      why: 'two operands of which the list has neither: it is one of their parts',
      text: 'Usage: tiffin [-q] BOX DAY\n\nArguments:\n  lid   the lid\n  quay  the quay\n',
      found: [],
    },
    {
      why: 'dots stand for all',
      text: 'usage: tiffin [-q] ...\n\npositional arguments:\n  rest  words\n',
      found: [],
    },
    {
      why: 'a list of other things',
      text: 'Usage: tiffin [-q] BOX\n\nArguments:\n  day   the day\n  quay  the quay\n',
      found: [],
    },
  ],
  'help/values-in-prose': [
    {
      why: 'help is the declaration itself',
      text: help('  --sort=KEY  one of owner, quay or size\n'),
      found: [],
    },
    {
      why: 'an operand',
      text: yaml('operands:\n  DAY: {help: "one of mon, tue or wed", count: 1}\n'),
      found: ['warning DAY'],
    },
  ],
  'help/style-mixed': [
    {
      why: 'a long name before its letter, where all others have the letter first',
      text: help(
        '  -a, --all    all boxes\n  -b, --big    big boxes\n  -c, --cold   cold boxes\n  -d, --day    the day\n  -e, --early  early boxes\n  --late, -l   late boxes\n',
      ),
      found: ['note --late'],
    },
    {
      why: 'two that do so are another custom',
      text: help(
        '  -a, --all    all boxes\n  -b, --big    big boxes\n  -c, --cold   cold boxes\n  -d, --day    the day\n  -e, --early  early boxes\n  --late, -l   late boxes\n  --quiet, -q  say nothing\n',
      ),
      found: [],
    },
    {
      why: 'an abbreviation at the end is no full stop',
      text: help(
        '  -a  the boxes of the day\n  -b  the lids of the boxes\n  -c  the crane of the quay\n  -d  the map of the quay\n  -e  the box that is taken by def.\n  -f  the tide of the day\n',
      ),
      found: [],
    },
    { why: 'too few texts show no style', text: help('  -a  list boxes\n  -b  List carriers\n'), found: [] },
    {
      why: 'full stops',
      text: help(
        [...'abcdef']
          .map((letter) => `  -${letter}  print ${letter} boxes${letter === 'f' ? '.' : ''}\n`)
          .join(''),
      ),
      found: ['note -f'],
    },
  ],
  'names/one-letter-many-meanings': [
    {
      why: 'the long name that begins with the letter is what it stands for',
      text: yaml(
        'commands:\n  box: {options: {"-f, --force": a}}\n  route: {options: {"--no-ebb, --force-flood, -f": b}}\n',
      ),
      found: ['note -f'],
    },
    {
      why: 'what forces in one command and is harmless in another is graver',
      text: yaml(
        'commands:\n  box: {options: {"-f, --file=NAME": a}}\n  route: {options: {"-f, --force": b}}\n',
      ),
      found: ['warning -f'],
    },
  ],
  'names/one-name-many-meanings': [
    {
      why: 'an argument that may be left out in one command, and one that is called otherwise in a text of the same thing',
      text: yaml(
        'commands:\n  box: {options: {"--map[=FILE]": write a map, "--form=FORM": write the list as FORM}}\n  route: {options: {"--map=FILE": write a map, "--form=TYPE": write the list as TYPE}}\n',
      ),
      found: ['note --form', 'note --map'],
    },
    {
      why: 'placeholders of two things that share a name',
      text: yaml(
        'commands:\n  box: {options: {"--since=DAY": leave out what came before DAY}}\n  route: {options: {"--since=QUAY": begin at QUAY}}\n',
      ),
      found: [],
    },
    {
      why: 'types differ',
      text: yaml(
        'commands:\n  box: {options: {--map=N: {help: a, argument: {type: integer}}}}\n  route: {options: {--map=FILE: {help: b, argument: {type: file}}}}\n',
      ),
      found: ['note --map'],
    },
  ],
  'names/one-concept-many-names': [
    {
      why: 'both names everywhere',
      text: yaml('commands:\n  box: {options: {"--quiet, --silent": a}}\n  route: {options: {--quiet: b}}\n'),
      found: [],
    },
    {
      why: 'remove and delete, with the same text',
      text: yaml(
        'commands:\n  box: {options: {--remove: take the box out}}\n  route: {options: {--delete: take the box out}}\n',
      ),
      found: ['note --delete'],
    },
  ],
  'names/letter-against-custom': [
    {
      why: 'two letters that have changed places',
      text: help('  -v, --quiet    say nothing\n  -q, --verbose  say more\n'),
      found: ['note -v'],
    },
    {
      why: 'the letters of two customs in one help',
      text: help('  -v, --version  print the version\n  -V, --verbose  say more\n'),
      found: ['note -v'],
    },
    {
      why: 'a letter that stands for another name everywhere',
      text: help('  -q, --verbose  say more\n'),
      found: ['note -q'],
    },
    {
      why: 'a customary meaning of the letter',
      text: help('  -f, --file=NAME  a\n      --force      b\n'),
      found: [],
    },
    { why: 'the expected option is not there', text: help('  -q, --quay=NAME  a\n'), found: [] },
  ],
  'names/placeholder-mixed': [
    {
      why: 'one kind of value under several words',
      text: help('  --map=FILE      a\n  --list=FILENAME  b\n  --day=DAY       c\n'),
      found: ['note --list'],
    },
    { why: 'too few show no custom', text: help('  --a=FILE  x\n  --b=<file>  y\n'), found: [] },
  ],
  'help/same-help-twice': [
    {
      why: 'many copies in one list, told together',
      text: help(
        ['ledger', 'rounds', 'weights', 'carriers', 'kitchens', 'seals']
          .flatMap((word, i) => [
            `  --${word}     count what stands in row ${i} of it\n`,
            `  --x${word}${i}  count what stands in row ${i} of it\n`,
          ])
          .join(''),
      ),
      found: ['note --xledger0'],
    },
    {
      why: 'two words for one thing',
      text: help('  --quiet    print nothing at all\n  --silent   print nothing at all\n'),
      found: [],
    },
    {
      why: 'texts that differ in what a bracket tells',
      text: help(
        '  --late=NUM   minutes to wait for the ferry (default: 3)\n  --noon=DAY   minutes to wait for the ferry (default: 5)\n',
      ),
      found: ['note --noon'],
    },
    {
      why: 'two letters may be two names of one option, which no word of theirs can tell',
      text: help('  -a  lift every box\n  -p  lift every box\n'),
      found: ['note -p'],
    },
    {
      why: 'of names that end in numbers',
      text: help('  --lid1=LID  used with the crane\n  --lid2=LID  used with the crane\n'),
      found: [],
    },
    {
      why: 'of two options above, below a heading for the part that the name tells, and with nothing but words in quotes',
      text: help(
        '--dump            dump the round\n  --day=N         * that of the day\n--draw            draw the round\n  --late=N        * that of the day\n' +
          '\nTides:\n  --tide-seq=N    set the number in the row\n\nRounds:\n  --seq=N         set the number in the row\n' +
          '  -lid "name" "text"\n  -box "name" "text"\n',
      ),
      found: [],
    },
    {
      why: 'other spellings of one name',
      text: help(
        '  --re-lift     lift all boxes again\n  --relift      lift all boxes again\n  --lids-list   show all the lids\n' +
          '  --list-lid    show all the lids\n  -pp           write it with blanks\n  -prettyprint  write it with blanks\n',
      ),
      found: [],
    },
    {
      why: 'axes are told apart by their names, one word of a pair is not',
      text: help(
        '  --lid-x=N     how wide a lid is\n  --lid-y=N     how wide a lid is\n  --old-quay=Q  where it lies\n  --new-quay=Q  where it lies\n',
      ),
      found: ['note --new-quay'],
    },
    {
      why: 'remarks in brackets are no texts',
      text: help('  --a-map  [only on the quay]\n  --a-box  [only on the quay]\n'),
      found: [],
    },
    {
      why: 'texts that say the option does nothing',
      text: help('  --aa  does nothing at all\n  --bb  does nothing at all\n'),
      found: [],
    },
    {
      why: 'a question mark beside help',
      text: help('  -h  tell all that there is\n  -?  tell all that there is\n'),
      found: [],
    },
    {
      why: 'texts that differ by the case of an option',
      text: help('  --aa  draw the map as -f does\n  --bb  draw the map as -F does\n'),
      found: [],
    },
    {
      why: 'synopses in place of texts',
      text: help(
        '  --aa  <file name>... | -r <directory name>\n  --bb  <file name>... | -r <directory name>\n',
      ),
      found: [],
    },
  ],
  'conflicts/same-name-twice': [
    {
      why: 'one finding for a name that three options have',
      text: help(
        '  -b, --box=ID   print one box only\n  -b, --breakfast   deliver before eight\n  -b, --buoy=COLOUR   pass the harbour this way\n',
      ),
      found: ['error -b'],
    },
    {
      why: 'a letter with the beginnings of several values',
      text: help(
        '  -S any=BOX    --search-any=BOX    Search any box\n  -S near=QUAY  --search-near=QUAY  Look around one quay\n  -b            --brief             Print less\n',
      ),
      found: [],
    },
    {
      why: 'another heading may be of another part',
      text: 'Usage: tiffin [OPTION]...\n\nBoxes:\n  -a, --all   take everything\n\nTides:\n  -a, --any   whichever comes first\n',
      found: ['note -a'],
    },
    {
      why: 'options that stand below two others',
      text:
        '\n--crane=[NAME]    Options for the crane\n  -t, --type=KIND   what kind of crane\n  -l, --log=FILE    all that it lifts\n' +
        '\n--post=[NAME]     Options for the post\n  -t, --time=N      how long a letter waits\n' +
        '\n-l, --lid=LID     take boxes under this\n',
      found: [],
    },
    {
      why: 'a list whose letters have a column of their own',
      text: help(
        '  -a, --all   take everything\n      --lid   with lids\n  -a, --any   whichever comes first\n',
      ),
      found: ['error -a'],
    },
    {
      why: 'forms of one option with other arguments',
      text: help('  -t, --tabs=N     put tabs N apart\n  -t, --tabs=LIST  only at these columns\n'),
      found: [],
    },
    {
      why: 'a text that says when it means which',
      text: help(
        '  -h, --human  print sizes for people\n  -h, --help   show this (-h is help only on its own)\n',
      ),
      found: [],
    },
    {
      why: 'a command line of two options',
      text: help(
        '  -v, --verbose  tell more\n  -h, --help     print this help\n  --help -v      all options that there are\n',
      ),
      found: [],
    },
    {
      why: 'options of commands that are listed beside them',
      text: help(
        '  -v, --version          print the number\n  merge [options] <box>  join boxes\n    -v, --verbose        tell more\n',
      ),
      unread: 1,
      found: [],
    },
    {
      why: 'a command that is listed twice',
      text: 'Usage: tiffin COMMAND\n\nCommands:\n  open   unlocks a box\n  open   unlocks all\n',
      found: ['warning open'],
    },
    {
      why: 'two forms of one command',
      text: 'Usage: tiffin COMMAND\n\nCommands:\n  open BOX    unlocks a box\n  open QUAY   unlocks all\n',
      found: [],
    },
    {
      why: 'options under a condition',
      text: help(
        '  -n, --newline   end with one\n\nOptions when the rower is new:\n  -n, --nearest   go to the next quay\n',
      ),
      found: [],
    },
  ],
  'help/command-undescribed': [
    {
      why: 'operands stand where texts would',
      text: 'Usage: tiffin [OPTION] COMMAND\n\nCommands:\n  lid     on | off\n  quay    `North` | `South`\n  crane   up | down\n  map\n',
      found: [],
    },
    {
      why: 'names in lines of their own share the last text',
      text: 'Usage: tiffin COMMAND\n\nCommands:\n  open [BOX]:\n  unlock [BOX]:\n    opens a box\n  close [BOX]:\n    closes it\n',
      found: [],
    },
    {
      why: 'paths of several words, none with a text',
      text: 'Usage: tiffin COMMAND\n\nCommands:\n  scan [<box>]\n  show round <id>\n  show box <id>\n  remove all\n  remove box <id>\n',
      found: [],
    },
  ],
  'conflicts/relation-without-effect': [
    {
      why: 'a usage line that shows a choice twice',
      text: 'Usage: tiffin [-D|-S] BOX ... [-D|-S] BOX ...\n\n  -D  a\n  -S  b\n',
      found: [],
    },
  ],
  'names/separators-mixed': [
    {
      why: 'a name whose words run together, which its text has as two',
      text: help(
        '  --late-boxes   what is late\n  --dry-run      change nothing\n  --boxlabels    print the box labels\n',
      ),
      found: ['note --boxlabels'],
    },
    {
      why: 'a word that is made of two is no name whose words run together',
      text: help(
        '  --late-boxes   what is late\n  --dry-run      change nothing\n  --logfile=FILE  write a log file to FILE\n',
      ),
      found: [],
    },
    {
      why: 'the hyphen of a negated name is the parsers',
      text: help('  --keepBoxes  a\n  --drawMap    b\n  --no-keepBoxes  c\n'),
      found: [],
    },
    {
      why: 'an old spelling beside the usual one',
      text: help('  --late-fee  a\n  --box-size, --box_size  b\n'),
      found: [],
    },
    {
      why: 'an old spelling beside the usual one, and another alone',
      text: help('  --late-fee  a\n  --box-size, --box_size  b\n  --lid_size  c\n'),
      found: ['warning --lid_size'],
    },
  ],
  'posix/grouping-refused': [
    {
      why: 'a library that takes no groups',
      text: 'Usage of tiffin:\n  -d string\n    \tthe day of the round (default "today")\n  -q\tsay nothing\n  -v\tsay more\n',
      found: [],
    },
  ],
  'posix/hyphen-operand-unsaid': [
    {
      why: 'the operand may be a hyphen',
      text: 'Usage: tiffin [-q] FILE|-\nPrint a FILE, or standard input.\n\n  -q  be quiet\n',
      found: [],
    },
  ],
  'posix/name-length': [
    {
      why: 'a claim makes it a warning',
      text: 'dabbawala: 1\nprogram: lunchboxcounter\nclaims: [posix]\noptions: {-a: b}\n',
      found: ['warning lunchboxcounter'],
    },
  ],
  'posix/options-after-operands': [
    {
      why: 'GNU sets it aside',
      text: yaml('claims: [gnu]\nparsing: {operand-order: mixed}\noptions: {-a: b}\n'),
      found: [],
    },
    {
      why: 'both claimed',
      text: yaml('claims: [gnu, posix]\nparsing: {operand-order: mixed}\noptions: {-a: b}\n'),
      found: ['warning tiffin'],
    },
  ],
};

function findings(check: string, text: string, unread = 0): readonly Finding[] {
  return audit([readText(text, {}, unread)]).findings.filter((finding) => finding.check === check);
}

for (const [check, cases] of Object.entries(CASES)) {
  for (const { why, text, found, unread } of cases) {
    test(`${check} ${found.length === 0 ? 'is silent' : 'speaks'}: ${why}`, () => {
      const said = findings(check, text, unread).map(({ level, subject }) => `${level} ${subject}`);
      assert.deepEqual(said.sort(), [...found].sort());
    });
  }
}

test('two extensions that break each other are found, though each alone breaks nothing', () => {
  const base = readText(yaml('parsing: {option-abbreviations: true}\noptions: {--map: a}\n'));
  const extension = (name: string, option: string) =>
    readText(`dabbawala: 1\nprogram: tiffin-${name}\nextends: tiffin\noptions: {${option}: b}\n`);
  const [tide, time] = [extension('tide', '--tide-table'), extension('time', '--tidy')];
  const said = (...extensions: ReturnType<typeof readText>[]) =>
    audit([extensions.reduce(extendInterface, base)]).findings.filter(
      ({ check }) => check === 'abbreviations/extension-breaks',
    );
  assert.deepEqual(said(tide), []);
  assert.deepEqual(said(time), []);
  assert.deepEqual(
    said(tide, time).map(({ subject }) => subject),
    ['--tide-table', '--tidy'],
  );
});

test('an error never rests on a fact that is only inferred', () => {
  const inferred =
    'Usage: tiffin\n\nMandatory arguments to long options are mandatory for short options too.\n  -v, --late  a\n  -V, --LATE  b\n';
  assert.deepEqual(
    audit([readText(inferred)]).findings.filter(({ level }) => level === 'error'),
    [],
  );
});

test('the list of a program and the help of a command that share no word are told, others not', () => {
  const list = readText('Usage: tiffin COMMAND\n\nCommands:\n  box    Carry one home\n  route  Plan a way\n');
  const own = (text: string) => readText(`Usage: tiffin box [OPTION]...\n\n${text}\n\n  -q  say nothing\n`);
  const said = (text: string) =>
    audit(joinInterfaces([list, own(text)]))
      .findings.filter(({ check }) => check === 'help/commands-disagree')
      .map(({ command }) => command.join(' '));
  assert.deepEqual(said('Draw the tides of tomorrow.'), ['tiffin box']);
  assert.deepEqual(said('Carry a meal home by noon.'), []);
});

/** What is said by one check of a program whose help comes in two texts. */
const saidOfTwo = (check: string, ...texts: readonly string[]) =>
  audit(joinInterfaces(texts.map((text) => readText(text))))
    .findings.filter((finding) => finding.check === check)
    .map(({ level, subject }) => `${level} ${subject}`);

const ROUNDS =
  'Keep the rounds.\n\nUsage:\n  tiffin [command]\n\nAvailable Commands:\n  carry   Carry a box\n  trace   Show where a box is\n\nFlags:\n      --ledger string   the ledger (default "rounds")\n  -h, --help            help for tiffin\n';
const carry = (title: string, aliases = 'carry, cry', ledger = 'rounds') =>
  `${title}\n\nUsage:\n  tiffin carry BOX [flags]\n\nAliases:\n  ${aliases}\n\nFlags:\n  -h, --help   help for carry\n\nGlobal Flags:\n      --ledger string   the ledger (default "${ledger}")\n`;

test('the help of a command that has the text of the next one, or another verb, is told', () => {
  const said = (title: string) => saidOfTwo('help/commands-disagree', ROUNDS, carry(title));
  assert.deepEqual(said('Show where a box is.'), ['warning tiffin carry']);
  assert.deepEqual(said('Bury a box.'), ['warning tiffin carry']);
  assert.deepEqual(said('Carry a box.'), []);
});

test('a default of a global option that its two helps tell differently is told', () => {
  const said = (ledger: string) =>
    saidOfTwo('help/default-told-twice', ROUNDS, carry('Carry a box.', 'carry, cry', ledger));
  assert.deepEqual(said('/etc/rounds'), ['warning --ledger']);
  assert.deepEqual(said('rounds'), []);
});

test('another name of a command that is the name of the next one is told, in whatever order the helps come', () => {
  const own = carry('Carry a box.', 'trace, cry');
  for (const texts of [
    [ROUNDS, own],
    [own, ROUNDS],
  ])
    assert.deepEqual(saidOfTwo('conflicts/same-name-twice', ...texts), ['error trace']);
  assert.deepEqual(saidOfTwo('conflicts/same-name-twice', ROUNDS, carry('Carry a box.')), []);
});

test('a global option that the program does not list, and a command that it does not, are told', () => {
  const own = carry('Carry a box.').replace(
    '      --ledger',
    '      --quay string     the quay\n      --ledger',
  );
  assert.deepEqual(saidOfTwo('help/commands-disagree', ROUNDS, own), ['note tiffin carry']);
  const unlisted = carry('Bury a box.').replaceAll('carry', 'bury');
  assert.deepEqual(saidOfTwo('help/commands-disagree', ROUNDS, unlisted), ['note tiffin bury']);
});

test('a command that the list misspells, and a name that another command writes otherwise, are told', () => {
  const misspelt = ROUNDS.replace('  carry   Carry', '  crary   Carry');
  assert.deepEqual(saidOfTwo('help/commands-disagree', misspelt, carry('Carry a box.')), [
    'warning tiffin carry',
  ]);
  const [there, here] = ['      --dry-run         write nothing\n', '      --dryrun   write nothing\n'];
  const saidOf = (text: string) =>
    saidOfTwo(
      'names/separators-mixed',
      ROUNDS.replace(
        '  -h, --help            help for tiffin\n',
        `  -h, --help            help for tiffin\n${there}`,
      ),
      carry('Carry a box.').replace(
        '  -h, --help   help for carry\n',
        `  -h, --help   help for carry\n${text}`,
      ),
    );
  assert.deepEqual(saidOf(here), ['note --dryrun']);
  assert.deepEqual(saidOf('      --daily    write nothing\n'), []);
});

test('commands of an extension are none that the list of the program lacks', () => {
  const program = readText(
    yaml(
      'usage: tiffin COMMAND\ncommands:\n  box: {summary: carry one, usage: "tiffin box [-q]", options: {-q: say nothing}}\n  route: plan one\n  round: drive one\n',
    ),
  );
  const harbour = readText(
    'dabbawala: 1\nprogram: tiffin-harbour\nextends: tiffin\ncommands:\n  ship: {summary: load one, usage: "tiffin ship [-n]", options: {-n: change nothing}}\n',
  );
  const said = audit([extendInterface(program, harbour)]).findings;
  assert.deepEqual(
    said.filter(({ check }) => check === 'help/commands-disagree'),
    [],
  );
});
