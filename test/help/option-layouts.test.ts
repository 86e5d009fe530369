import assert from 'node:assert/strict';
import { test } from 'node:test';
import { describedCommand, optionLines, readText } from '../support/read-text.ts';

/** Overstruck as for a printer: each character twice. */
const bold = (text: string) => text.replace(/./g, '$&\b$&');
const underlined = (text: string) => text.replace(/./g, '_\b$&');

/** Help texts in customary layouts, and the options they show as `names argument {values} =default: text`. */
const LAYOUTS: readonly {
  readonly layout: string;
  readonly text: string;
  readonly options: readonly string[];
  /** How many places are told as unread; none where not given. */
  readonly unread?: number;
}[] = [
  {
    layout: 'two columns with wrapped texts',
    text: 'Usage: tiffin [OPTION]...\n\n  -a, --all          list every box,\n                     the returned ones too\n      --box=ID       list one box\n  -q                 be quiet\n',
    options: [
      '-a --all: list every box, the returned ones too',
      '--box mandatory ID: list one box',
      '-q: be quiet',
    ],
  },
  {
    layout: 'texts on the next line, and after a name that is too long',
    text: 'Usage: tiffin [options]\n\n  -a, --all  list every box\n  --deliver-before-noon-at-the-quay <day>\n             hurry on that day\n  --plain\n             no colours\n',
    options: [
      '-a --all: list every box',
      '--deliver-before-noon-at-the-quay mandatory <day>: hurry on that day',
      '--plain: no colours',
    ],
  },
  {
    layout: 'optional values, and a short name that takes none beside them',
    text: 'Usage: tiffin\n\n  -b, --backup[=HOW]  keep a copy\n  -s[LEVEL]           salt the soup\n      --map [SIZE]    draw a map\n',
    options: [
      '-b(none) --backup optional HOW: keep a copy',
      '-s optional LEVEL: salt the soup',
      '--map optional SIZE: draw a map',
    ],
  },
  {
    layout: 'a value behind each name, bars, padded columns without a comma',
    text: 'Usage: tiffin\n\n  -r NAME, --route NAME  only this route\n  -o|--out FILE          write to FILE\n  -n  --dry-run          do nothing\n  --keep, -k             keep them\n',
    options: [
      '-r --route mandatory NAME: only this route',
      '-o --out mandatory FILE: write to FILE',
      '-n --dry-run: do nothing',
      '--keep -k: keep them',
    ],
  },
  {
    layout: 'names parted by the word or, and arguments of several words',
    text: 'Usage: tiffin\n\n  -c or --calm    be calm\n  -w N or --wait N\n                  wait\n  -x n m          box the compass\n',
    options: ['-c --calm: be calm', '-w --wait mandatory N: wait', '-x mandatory n m: box the compass'],
  },
  {
    layout: 'a text on the next line that begins with the name of another option',
    text: 'Usage: tiffin\n\n  --skip-box=ID         leave out one box\n  --skip-boxes-of-route=NAME\n                        --skip-box for all boxes of a route\n  -q                    be quiet\n',
    options: [
      '--skip-box mandatory ID: leave out one box',
      '--skip-boxes-of-route mandatory NAME: --skip-box for all boxes of a route',
      '-q: be quiet',
    ],
  },
  {
    layout: 'a name that pushes its text to the right, and lines at the column of the others',
    text: 'Usage: tiffin\n\n  -q, --quiet         be quiet\n  -m, --moon[=PHASE]     row by the moon\n                      (as on the quay):\n                      -mfull = by night\n  -r, --row           row\n',
    options: [
      '-q --quiet: be quiet',
      '-m(none) --moon optional PHASE: row by the moon (as on the quay): -mfull = by night',
      '-r --row: row',
    ],
  },
  {
    layout: 'lists of names without texts, which are no spellings of one option',
    text: 'Usage: tiffin [word...]\n\nWords:\n  -late -early -box ID -weekly\n  -size N -owner NAME -carrier NAME\n',
    options: [
      '-late: ',
      '-early: ',
      '-box mandatory ID: ',
      '-weekly: ',
      '-size mandatory N: ',
      '-owner mandatory NAME: ',
      '-carrier mandatory NAME: ',
    ],
  },
  {
    layout: 'a synopsis that goes on in the next line before the text comes',
    text: 'Usage: tiffin COMMAND\n\n  --open QUAY NAME\n    [--with BOX] ...\n                    open a quay\n  --close QUAY      close it\n',
    options: ['--open mandatory QUAY NAME: open a quay', '--close mandatory QUAY: close it'],
  },
  {
    layout: 'bars between names, and another option in the synopsis behind them',
    text: 'Usage: tiffin COMMAND\n\n  -j|--join FILE        join the parts\n  -a|--auto -o FILE     gather the parts\n  -l|--list             list them\n',
    options: [
      '-j --join mandatory FILE: join the parts',
      '-a --auto: -o FILE     gather the parts',
      '-l --list: list them',
    ],
  },
  {
    layout: 'a list with dots behind commas is one word',
    text: 'Usage: tiffin FILE...\n\n  --leave-out box,box ...  leave them out\n  -q                       be quiet\n',
    options: ['--leave-out mandatory box,box: leave them out', '-q: be quiet'],
  },
  {
    layout: 'an example in a sentence, and options that a sentence goes on with',
    text: 'Usage: tiffin\n\n  -q             be quiet\n  --sort=KEY     sort by KEY\n\nAll keys are words. For a line like\n  --sort=owner\nthe owner counts.\n\nUse tiffin with -q, --all, -r,\n  -m, --moon, -t\non quays.\n',
    options: ['-q: be quiet', '--sort mandatory KEY: sort by KEY'],
  },
  {
    layout: 'synopses in brackets above a list that shows no arguments',
    text: 'Usage:\ntiffin box\n\nOptions:\n[--day <day> [--day <day> ...]] [--sort <owner|size>]\n[-q|--quiet] [--map]\n\n  --day\n    one day only\n\n  --sort\n    sort by it\n\n  -q|--quiet\n    be quiet\n',
    options: [
      '--day mandatory <day>: one day only',
      '--sort mandatory <owner|size> {owner,size}: sort by it',
      '-q --quiet: be quiet',
      '--map: ',
    ],
  },
  {
    layout: 'pairs of a letter and a name in one choice of the usage line',
    text: 'Usage: tiffin [-p | --paint | -P | --no-paint] BOX\n',
    options: ['-p --paint: ', '-P --no-paint: '],
  },
  {
    layout: 'a text that enumerates options',
    text: 'Usage: tiffin\n\n  -map         draw a map\n  -size        print sizes\n  -all         -map, -size, -late, -owner\n',
    options: ['-map: draw a map', '-size: print sizes', '-all: -map, -size, -late, -owner'],
  },
  {
    layout: 'names that go on in the next lines behind a comma and a text',
    text: 'Usage: tiffin\n\n    -r, --row NUM,        row so far,\n        --rows            and no farther\n    -C[LEVEL],            tell it\n        --[no-]tell       or do not\n        --[no-]talk\n    -q, --quiet           be quiet\n',
    options: [
      '-r --row --rows mandatory NUM: row so far, and no farther',
      '-C --tell --talk !--no-tell !--no-talk optional LEVEL: tell it or do not',
      '-q --quiet: be quiet',
    ],
  },
  {
    layout: 'dots that lead to the text',
    text: 'Usage: tiffin\n\n  -quay <name> ......... the quay\n  -map ................. draw a map\n  -near_quays <int> ... quays nearby\n                        only\n',
    options: [
      '-quay mandatory <name>: the quay',
      '-map: draw a map',
      '-near_quays mandatory <int>: quays nearby only',
    ],
  },
  {
    layout: 'a list with one value, and one with several',
    text: 'Usage: tiffin\n\n  --tell=carrier       speak of one\n  --tell=carrier,quay  and of where it lies\n',
    options: ['--tell mandatory carrier: speak of one'],
  },
  {
    layout: 'a text below that begins with a bracket, and letters that a line only enumerates',
    text: 'Usage: tiffin\n\n  --[no]moon\n         [Do not] row by the moon\n  --flood\n         row at flood\n\nShort forms:\n-a, -d <day>|<num>, -n, -r[<num>], -s[<day>], -t<num>\n',
    options: ['--moon !--nomoon: [Do not] row by the moon', '--flood: row at flood'],
    unread: 1,
  },
  {
    layout: 'texts in brackets behind one blank, and an example after a blank line',
    text: 'Usage: tiffin\n\n  -i IP (of this quay only)\n  -D (row in the background)\n\nThe first is equivalent to\n\n   --quay-box=north\n\nso far.\n',
    options: ['-i mandatory IP: (of this quay only)', '-D: (row in the background)'],
  },
  {
    layout: 'words in columns whose wrapped texts go on with options',
    unread: 2,
    text: 'Usage: tiffin\n\n  -q            be quiet\n\n    plain       same as -colour\n                -map -late\n    sane        same as plain\n',
    options: ['-q: be quiet'],
  },
  {
    layout: 'a group of letters in the usage line with letters doubled, which are the letters of the list',
    text: 'Usage: tiffin [-aqqv] [-vv]\n\n  -a  all\n  -q  quiet\n  -v  more\n',
    options: ['-a: all', '-q: quiet', '-v: more'],
  },
  {
    layout: 'long names and arguments in brackets',
    text: 'Usage: tiffin\n\n  -f [ --file ] arg      the ledger\n  -s [ --short ]         be brief\n  -n [ --most ] arg (=9)  stop there\n  -m [ --map ] [=arg(=1)] (=0)   draw it\n',
    options: [
      '-f --file mandatory arg: the ledger',
      '-s --short: be brief',
      '-n --most mandatory arg =9: stop there',
      '-m --map optional arg =0: draw it',
    ],
  },
  {
    layout: 'spellings of another system',
    text: 'Usage: tiffin\n\n  -h,--help,/?  = say how\n  --late,/L [<days>]  = show late ones\n',
    options: ['-h --help: say how', '--late optional <days>: show late ones'],
  },
  {
    layout: 'an equals sign with nothing behind it',
    text: 'Usage: tiffin\n\n  -q, --quay=, --place=NAME  where to land\n  --mode=                    how to land\n  --without-any-warning-now= pass over\n',
    options: [
      '-q --quay --place mandatory NAME: where to land',
      '--mode mandatory ?: how to land',
      '--without-any-warning-now: pass over',
    ],
  },
  {
    layout: 'several brackets behind a name',
    text: 'Usage: tiffin\n\n  -V[N][FILE]       say more\n  --map[=X][,...]   draw it\n',
    options: ['-V optional N: say more', '--map optional X: draw it'],
  },
  {
    layout: 'values behind a colon or a comma',
    text: 'Usage: tiffin\n\n  -debug:{none,all}  say what to trace\n  -Xp,<options>      hand options on\n  -agent:<lib>       load it\n',
    options: [
      '-debug mandatory {none,all} {none,all}: say what to trace',
      '-Xp mandatory ,<options>: hand options on',
      '-agent mandatory <lib>: load it',
    ],
  },
  {
    layout: 'placeholders in a column of their own, or with a capital',
    text: 'Usage: tiffin\n\n  -o, --open    QUAY    open it\n  -c, --carrier NAME    by whom\n  -v, --v Level         how much to say\n  -q, --quiet           say less\n',
    options: [
      '-o --open mandatory QUAY: open it',
      '-c --carrier mandatory NAME: by whom',
      '-v --v mandatory Level: how much to say',
      '-q --quiet: say less',
    ],
  },
  {
    layout: 'names joined by a word in columns',
    text: 'Usage: tiffin\n\n -h       or  --help        - say how\n -d <day> or  --day <day>   - which day\n -x                         - trace\n',
    options: ['-h --help: say how', '-d --day mandatory <day>: which day', '-x: trace'],
  },
  {
    layout: 'names one below the other, above their text',
    text: 'Usage: tiffin\n\n    -a\n    --all\n        Show all.\n\n    -d day\n    --day=day\n        Show that day.\n\n    --map\n        Draw it.\n\n    --late\n        Show late ones.\n',
    options: [
      '-a --all: Show all.',
      '-d --day mandatory day: Show that day.',
      '--map: Draw it.',
      '--late: Show late ones.',
    ],
  },
  {
    layout: 'a mark before texts beside and below the names',
    text: 'Usage: tiffin\n\n  -q, --quiet       = say less\n  --preset <preset>,--preset=<preset>\n                    = begin with these\n',
    options: ['-q --quiet: say less', '--preset mandatory <preset>: begin with these'],
  },
  {
    layout: 'entries side by side, column by column',
    text: 'Usage: tiffin\n\n  -p   print them           -l   list them\n  -f   find (--much harder) -t   test the lids\n  -u   update               -aa  all of them\n  -v   look                 -q   be quiet\n  -y   a text that reaches across to the other side\n  -k   keep\n  -h   hold\n  -g   go\n  -i   in\n  -w   wait\nmore:\n  -z   close\n',
    options: [
      '-p: print them',
      '-f: find (--much harder)',
      '-u: update',
      '-v: look',
      '-y: a text that reaches across to the other side',
      '-k: keep',
      '-h: hold',
      '-g: go',
      '-i: in',
      '-w: wait',
      '-l: list them',
      '-t: test the lids',
      '-aa: all of them',
      '-q: be quiet',
      '-z: close',
    ],
  },
  {
    layout: 'texts that begin with the name of another option',
    text: 'Usage: tiffin\n\n  -b       --brief   and more of it\n  -m       --map     and more of it\n  -l       --list    and more of it\n',
    options: ['-b --brief: and more of it', '-m --map: and more of it', '-l --list: and more of it'],
  },
  {
    layout: 'names with a part that may be left out',
    text: 'Usage: tiffin\n\n  -n [--no-newline]     leave it out\n  --colo[u]r=WHEN       in colour\n  -follow[-links]       go on\n  -max[-depth] <levels> go so deep\n',
    options: [
      '-n --no-newline: leave it out',
      '--color --colour mandatory WHEN: in colour',
      '-follow -follow-links: go on',
      '-max -max-depth mandatory <levels>: go so deep',
    ],
  },
  {
    layout: 'values that are a hyphen, numbers, and lists that go on',
    text: 'Usage: tiffin\n\n  -c NAME|-, --config=NAME|-  read it\n  -p, --port  #               listen there\n  -o LID1,LID2..              only these\n  -s, --suffix  .sss          add it\n  --show  [limit]             show some\n',
    options: [
      '-c --config mandatory NAME|-: read it',
      '-p --port mandatory #: listen there',
      '-o mandatory LID1,LID2..: only these',
      '-s --suffix mandatory .sss: add it',
      '--show optional limit: show some',
    ],
  },
  {
    layout: 'bare words as placeholders in padded columns and before a colon',
    text: 'Usage: tiffin\n\n  -j,   --job jobfile        run it\n  -sr,  --ratio      ratio      share so much\n  --serve quay mask : carry on there\n  -q,   --quiet              say less\n',
    options: [
      '-j --job mandatory jobfile: run it',
      '-sr --ratio mandatory ratio: share so much',
      '--serve mandatory quay mask: carry on there',
      '-q --quiet: say less',
    ],
  },
  {
    layout: 'padded names with their arguments, and signs that are none',
    text: 'Usage: tiffin\n\n  -f  <ledger file>   --file=<ledger file>\n  -n  <N>             --most=<N> (none: all)\n  -w  <N>             --wait=<N> (none: ever)\n  -q                  --quiet\n  -o7  <=>  all of them\n  --hard  D   D   D\n',
    options: [
      '-f --file mandatory <ledger file>: ',
      '-n --most mandatory <N>: (none: all)',
      '-w --wait mandatory <N>: (none: ever)',
      '-q --quiet: ',
      '-o7: <=>  all of them',
      '--hard: D   D   D',
    ],
  },
  {
    layout: 'letters from one to another',
    text: 'Usage: tiffin\n\n  -1, -2, ..., -9  so many boxes\n  -0 ... -5        how warm\n',
    options: ['-1 -2 -9: so many boxes', '-0 -5: how warm'],
  },
  {
    layout: 'words that say what became of an option are no placeholders',
    text: 'Usage: tiffin\n\n  --map=FILE        draw a map\n  --keep-the-old-boxes ignored\n',
    options: ['--map mandatory FILE: draw a map', '--keep-the-old-boxes: ignored'],
  },
  {
    layout: 'an entry below one that cannot be read',
    text: 'Usage: tiffin\n\n  --map         draw a map\n  --late        late boxes\n  --all         all boxes\n  --box-version=<N> a box of version N\n',
    options: [
      '--map: draw a map',
      '--late: late boxes',
      '--all: all boxes',
      '--box-version mandatory <N>: a box of version N',
    ],
  },
  {
    layout: 'negated names',
    text: 'Usage: tiffin\n\n  --[no-]colour       use colours\n  --map / --no-map    draw a map\n',
    options: ['--colour !--no-colour: use colours', '--map !--no-map: draw a map'],
  },
  {
    layout: 'allowed values and defaults in the customary notations',
    text: [
      'Usage: tiffin',
      '',
      '  --sort {owner,quay}    sort the boxes',
      '  --paper SIZE           fit to SIZE (choices: "card", "roll")',
      '  --pace=P               how fast [possible values: slow, fast] [default: slow]',
      '  --when a|b|c           which day (default b)',
      '  --quay NAME            one of them (north|south)',
      '',
    ].join('\n'),
    options: [
      '--sort mandatory {owner,quay} {owner,quay}: sort the boxes',
      '--paper mandatory SIZE {card,roll}: fit to SIZE (choices: "card", "roll")',
      '--pace mandatory P {slow,fast} =slow: how fast [possible values: slow, fast] [default: slow]',
      '--when mandatory a|b|c {a,b,c} =b: which day (default b)',
      '--quay mandatory NAME {north,south}: one of them (north|south)',
    ],
  },
  {
    layout: 'values listed under a heading that names the placeholder',
    text: 'Usage: tiffin\n\n  --format=FORMAT  how to write it\n\nFORMAT is one of the following:\n   card   a card for each box\n   sheet  a sheet for all\n',
    options: ['--format mandatory FORMAT {card,sheet}: how to write it'],
  },
  {
    layout: 'several words, and any number of them',
    text: 'Usage: tiffin\n\n  --move FROM TO     move a box\n  --boxes ID...      these boxes\n  --carriers <name> [<name> ...]  these carriers\n',
    options: [
      '--move mandatory FROM TO: move a box',
      '--boxes mandatory ID... ...: these boxes',
      '--carriers mandatory <name> ...: these carriers',
    ],
  },
  {
    layout: 'single-hyphen long names and types as placeholders',
    text: 'Usage of tiffin:\n  -count int\n    \thow many boxes\n  -sort\n    \tsort them\n  -name string   the owner\n',
    options: [
      '-count mandatory int: how many boxes',
      '-sort: sort them',
      '-name mandatory string: the owner',
    ],
  },
  {
    layout: 'one blank before the text where neighbours have a column',
    text: 'Usage: tiffin\n\n -a, --all           list all\n -u, --user <a:pass> who it is\n -v, --verbose       say more\n',
    options: ['-a --all: list all', '-u --user mandatory <a:pass>: who it is', '-v --verbose: say more'],
  },
  {
    layout: 'tabs, CRLF, colours and overstruck text',
    text: `Usage: tiffin\r\n\r\n\t\x1b[1m-a\x1b[0m, \x1b[1m--all\x1b[0m\tlist all\r\n\t${bold('-q, --quiet')}\t${underlined('say')} nothing\r\n`,
    options: ['-a --all: list all', '-q --quiet: say nothing'],
  },
  {
    layout: 'hyphens in running text and bullets, which are no options',
    text: 'Usage: tiffin\n\nThe boxes are sorted by quay. With\n--all they are counted as well, and\n-q is ignored.\n\n- north quay\n- south quay\n\n  -q, --quiet  say nothing, as if\n               --all were not given\n',
    options: ['-q --quiet: say nothing, as if --all were not given'],
  },
  {
    layout: 'examples, which are no options',
    text: 'Usage: tiffin\n\n  -q  say nothing\n\nExamples:\n  -q --all   counts quietly\n',
    options: ['-q: say nothing'],
  },
  {
    layout: 'names with odd characters',
    text: 'Usage: tiffin\n\n  --__proto__=X   an ordinary option\n  -?              help\n  -1              one box a line\n  --constructor   another one\n  +x              switch it off\n',
    options: [
      '--__proto__ mandatory X: an ordinary option',
      '-?: help',
      '-1: one box a line',
      '--constructor: another one',
      '+x: switch it off',
    ],
  },
  {
    layout: 'options that only the usage line shows',
    text: 'usage: tiffin [-abc] [-o FILE] [--[no-]map] [-h | --help] BOX...\n',
    options: ['-a: ', '-b: ', '-c: ', '-o mandatory FILE: ', '--map !--no-map: ', '-h --help: '],
  },
  {
    layout: 'boxes with their titles in the border',
    text: 'Usage: tiffin [OPTIONS]\n\n╭─ Options ────────────────────────╮\n│ --quiet  -q        say nothing   │\n│ --route      TEXT  this route    │\n╰──────────────────────────────────╯\n',
    options: ['--quiet -q: say nothing', '--route mandatory TEXT: this route'],
  },
  {
    layout: 'ruled tables',
    text: 'Usage: tiffin\n\n+-------------+-------------+\n| -q, --quiet | say nothing |\n| --box=ID    | this box    |\n+-------------+-------------+\n',
    options: ['-q --quiet: say nothing', '--box mandatory ID: this box'],
  },
  {
    layout: 'type marks at the right margin',
    text: 'tiffin [options]\n\nOptions:\n  --paper  size of the sheet                [string]\n  --plain  no colours                      [boolean]\n',
    options: [
      '--paper mandatory ?: size of the sheet                [string]',
      '--plain: no colours                      [boolean]',
    ],
  },
];

for (const { layout, text, options, unread } of LAYOUTS) {
  test(`the help reader knows ${layout}`, () => {
    assert.deepEqual(optionLines(text, unread), options);
  });
}

test('entries side by side know where they stand', () => {
  const lines = [...'abc'].map(
    (letter) => `  -${letter}   first of ${letter}      -${letter.toUpperCase()}   second of ${letter}`,
  );
  const text = `Usage: tiffin\n\n${lines.join('\n')}\n`;
  const { items } = describedCommand(readText(text)).options;
  assert.equal(items.length, 6);
  for (const { names, help } of items) {
    const [name] = names;
    assert.equal(text.slice(name?.place?.start, name?.place?.end), name?.text);
    assert.equal(text.slice(help?.place?.start, help?.place?.end), help?.value);
  }
});

test('a letter shown once and several times is counted, and takes no argument', () => {
  const { items } = describedCommand(
    readText('Usage: tiffin\n\n  -v|vv|vvv, --verbose  say more: 1 for some, 2 for more and 3 for all\n'),
  ).options;
  const [verbose] = items;
  assert.deepEqual(
    [verbose?.repetition?.value, verbose?.repetition?.basis, verbose?.argument?.value.presence],
    ['counted', 'stated', 'none'],
  );
});
