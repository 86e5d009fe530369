// The questions whose answers are the parsing rules: command lines whose outcome tells. `ask` has the parser read one (see `host.mjs`);
// `can` is what it can declare. An answer that is undefined is not known: nothing could be asked, or the outcome tells nothing.

/** Each rule of the model, by its name there, with its question. */
export const QUESTIONS = {
  async optionAbbreviations({ can, ask, long }) {
    if (!can.has('long')) return false;
    return has(await ask([long('outl')]), 'outline');
  },
  async commandAbbreviations({ can, ask }) {
    if (!can.has('commands')) return undefined;
    return (await ask(['star'], 'commands')).command === 'start';
  },
  async segmentAbbreviations({ can, ask }) {
    if (!can.has('segments')) return undefined;
    return (await ask(['r:p'], 'commands')).command === 'route:plan';
  },
  async segmentSeparator({ can, ask }) {
    if (!can.has('segments')) return undefined;
    return (await ask(['r:p'], 'commands')).command === 'route:plan' ? ':' : undefined;
  },
  async valueAbbreviations({ can, ask, long }) {
    if (!can.has('choices')) return undefined;
    return (await ask([`${long('mode')}`, 'sle'])).options.get('mode')?.[0] === 'sleepy';
  },
  async prefixTie({ can, ask, long }) {
    if (!can.has('long') || !has(await ask([long('outl')]), 'outline')) return undefined;
    const tie = await ask([`${long('out')}=x`]);
    return tie.read && has(tie, 'output') ? 'first-declared' : 'refused';
  },
  async spellingsTie({ can, ask, long }) {
    if (!can.has('spellings') || !has(await ask([long('outl')]), 'outline')) return undefined;
    return !has(await ask([long('quie')]), 'quiet');
  },
  async caseSensitive({ can, ask, long }) {
    return !has(await ask([can.has('long') ? long('ALL') : '-A']), 'all');
  },
  async letterCaseSensitive({ can, ask }) {
    return can.has('letters') ? !has(await ask(['-A']), 'all') : undefined;
  },
  async commandCaseSensitive({ can, ask }) {
    return can.has('commands') ? (await ask(['START'], 'commands')).command !== 'start' : undefined;
  },
  async grouping({ can, ask }) {
    if (!can.has('letters')) return false;
    const found = await ask(['-ab']);
    return has(found, 'all') && has(found, 'brief');
  },
  async generatedNegation({ can, ask, long }) {
    if (!can.has('long')) return false;
    return (await isTakenBack('no-', { ask, long })) || (await isTakenBack('no', { ask, long }));
  },
  async negationPrefix({ can, ask, long }) {
    if (!can.has('long')) return undefined;
    const found = [];
    for (const prefix of ['no-', 'no']) if (await isTakenBack(prefix, { ask, long })) found.push(prefix);
    return found[0];
  },
  async flagValues({ can, ask, long }) {
    if (!can.has('long')) return undefined;
    const [on, off, odd] = await Promise.all(
      ['true', 'false', 'odd'].map((value) => ask([`${long('all')}=${value}`])),
    );
    if (on.refused && off.refused) return 'refused';
    if (odd.operands.includes('odd')) return 'passed-on';
    if (has(on, 'all') && off.read && !has(off, 'all')) return 'true-or-false';
    return has(on, 'all') && has(off, 'all') && has(odd, 'all') ? 'ignored' : undefined;
  },
  async optionPrefixes({ can, ask }) {
    const found = [];
    for (const prefix of ['-', '--', '+', '/']) {
      const words = [
        ...(can.has('letters') ? [`${prefix}a`] : []),
        ...(can.has('long') ? [`${prefix}all`] : []),
      ];
      const outcomes = await Promise.all(words.map((word) => ask([word])));
      if (outcomes.some((outcome) => has(outcome, 'all'))) found.push(prefix);
    }
    return found;
  },
  async longHyphens({ can, ask }) {
    if (!can.has('long')) return undefined;
    const [one, two] = [await ask(['-outline']), await ask(['--outline'])];
    return has(one, 'outline') && has(two, 'outline') ? 'one-or-two' : 'as-listed';
  },
  async bundleWithoutHyphen({ can, ask }) {
    return can.has('letters') && has(await ask(['ab']), 'all');
  },
  async numberOption({ ask }) {
    const found = await ask(['-5']);
    return found.refused || found.operands.length > 0 ? false : undefined;
  },
  async valueForms({ can, ask, long }) {
    const gives = async (words) => (await ask(words)).options.get('output')?.[0] === 'V';
    const [letters, names] = [can.has('letters'), can.has('long')];
    return {
      shortJoined: letters && (await gives(['-oV'])),
      shortEquals: letters && (await gives(['-o=V'])),
      shortSeparate: letters && (await gives(['-o', 'V'])),
      longEquals: names && (await gives([`${long('output')}=V`])),
      longSeparate: names && (await gives([long('output'), 'V'])),
    };
  },
  async hyphenValues({ can, ask, long }) {
    const option = can.has('long') ? long('output') : '-o';
    const flag = can.has('long') ? long('all') : '-a';
    return (await ask([option, flag])).options.get('output')?.[0] === flag;
  },
  async negativeNumbers({ ask }) {
    const found = await ask(['-5']);
    return found.read && found.operands.includes('-5');
  },
  async optionalValues({ can, ask, long }) {
    if (!can.has('optional')) return undefined;
    const option = can.has('long') ? long('color') : '-c';
    const found = await ask([option, 'never']);
    if (!has(found, 'color')) return undefined;
    return found.options.get('color')[0] === 'never' ? 'joined-or-separate' : 'joined';
  },
  async operandOrder({ can, ask, long }) {
    const flag = can.has('long') ? long('all') : '-a';
    const found = await ask(['x', flag]);
    if (!found.read) return undefined;
    return has(found, 'all') ? 'mixed' : 'first-operand-ends-options';
  },
  async optionInheritance({ can, ask, long }) {
    if (!can.has('program')) return undefined;
    const flag = can.has('long') ? long('brief') : '-b';
    const before = await ask([flag, 'start'], 'commands');
    const behind = await ask(['start', flag], 'commands');
    if (has(behind, 'brief')) return 'anywhere-below';
    return has(before, 'brief') ? 'before-subcommand' : undefined;
  },
  async doubleHyphen({ can, ask, long }) {
    const flag = can.has('long') ? long('all') : '-a';
    const found = await ask(['--', flag]);
    if (has(found, 'all')) return 'ordinary';
    if (!found.read) return undefined;
    if (found.operands.at(-1) !== flag) return 'begins-command-line';
    return found.operands.length === 2 ? 'ends-options-and-stays' : 'ends-options';
  },
  async unknownOptions({ can, ask, long }) {
    const unknown = can.has('long') ? long('nope') : '-x';
    const found = await ask([unknown]);
    if (found.refused) return 'refused';
    return found.operands.includes(unknown) ? 'passed-on' : 'ignored';
  },
  async repeatedOptions({ can, ask, long }) {
    const option = can.has('long') ? long('output') : '-o';
    const found = await ask([option, '1', option, '2']);
    if (found.refused) return 'refused';
    const values = found.options.get('output') ?? [];
    // A parser that hands over each in turn leaves it to the program.
    if (values.length !== 1) return undefined;
    return values[0] === '2' ? 'last-wins' : values[0] === '1' ? 'first-wins' : undefined;
  },
  async repeatedFlags({ can, ask, long }) {
    const flag = can.has('long') ? long('all') : '-a';
    return has(await ask([flag, flag]), 'all');
  },
  async missingArguments({ can, ask, long }) {
    const found = await ask([can.has('long') ? long('output') : '-o']);
    return found.refused ? 'refused' : 'empty';
  },
  async wordJoints({ can, ask, long }) {
    if (!can.has('long')) return undefined;
    const found = [];
    for (const [name, spelling] of [
      ['hyphen', 'dry-run'],
      ['underscore', 'dry_run'],
      ['capital', 'dryRun'],
    ]) {
      if (has(await ask([long(spelling)]), 'dry-run')) found.push(name);
    }
    return found.length > 1 ? found : undefined;
  },
};

/** Words that parsers give a meaning of their own, where the program declares none. */
const OWN_OPTIONS = ['-h', '-H', '-?', '--help', '-help', '--usage', '-v', '-V', '--version', '-version'];

/** Further words, which a parser takes and reads on. */
const SILENT_OPTIONS = [
  '-q',
  '--quiet',
  '-v',
  '--verbose',
  '--ansi',
  '--no-ansi',
  '-n',
  '--no-interaction',
  '--silent',
  '-t',
  '--trace',
];

/** The options and commands that a parser adds by itself. */
export async function addedWords({ can, ask }) {
  const shape = can.has('commands') ? 'commands' : 'options';
  const options = [];
  for (const word of OWN_OPTIONS) {
    const found = await ask([word], shape);
    // Behind one hyphen these are the letter `h` or `v` with more behind it, where the letter alone is one.
    if (/^-[hv]../.test(word) && options.includes(word.slice(0, 2))) continue;
    if (!found.read && !found.refused && found.shown.trim() !== '') options.push(word);
  }
  const isStrict = (await ask(['--nope'], 'options')).refused;
  for (const word of isStrict && can.has('commands') ? SILENT_OPTIONS : []) {
    const found = await ask(['start', word], 'commands');
    if (found.read && found.operands.length === 0 && !options.includes(word)) options.push(word);
  }
  const commands = [];
  for (const word of can.has('commands')
    ? ['help', 'version', 'list', 'completion', 'complete', 'tree']
    : []) {
    const found = await ask([word], 'commands');
    if (!found.read && !found.refused && found.shown.trim() !== '') commands.push(word);
  }
  return { options, commands };
}

/** Command lines that a parser refuses, by the mistake in them. */
const MISTAKES = {
  unknownLong: ({ can, long }) => (can.has('long') ? [long('nope')] : undefined),
  unknownLetter: ({ can }) => (can.has('letters') ? ['-x'] : undefined),
  ambiguous: ({ long, rules }) => (rules.optionAbbreviations ? [long('out')] : undefined),
  argumentMissing: ({ can, long }) => [can.has('long') ? long('output') : '-o'],
  argumentUnexpected: ({ can, long }) => (can.has('long') ? [`${long('all')}=yes`] : undefined),
  valueNotAllowed: ({ can, long }) => (can.has('choices') ? [long('mode'), 'nope'] : undefined),
};

/** What a parser prints for each mistake that it refuses: the line that tells, the status, and the stream. */
export async function messages(about) {
  const found = {};
  for (const [mistake, wordsOf] of Object.entries(MISTAKES)) {
    const words = wordsOf(about);
    if (words === undefined) continue;
    const { refused, shown, status, stream } = await about.ask(words);
    if (refused) found[mistake] = { text: tellingLine(shown, words, about.program), status, stream };
  }
  const command = about.can.has('commands') ? await about.ask(['nope'], 'commands') : undefined;
  if (command?.refused) {
    const { shown, status, stream } = command;
    found.unknownCommand = { text: tellingLine(shown, ['nope'], about.program), status, stream };
  }
  return found;
}

/** The line of a message that tells what is wrong, without what a terminal draws around it; `PROGRAM` is the name of the program. */
function tellingLine(shown, words, program) {
  const lines = shown
    .split('\n')
    .map((line) => line.replaceAll(/[\u2500-\u257f]/g, '').trim())
    .filter((line) => /\w/.test(line) && !/^(?:usage\b|\[|-.* {2})/i.test(line));
  const names = [words.at(-1), words[0]].map((word) => word.replace(/^-+|=.*$/g, ''));
  const telling = lines.find((line) => names.some((name) => line.includes(name))) ?? lines[0] ?? '';
  return telling.replaceAll(program, 'PROGRAM').replaceAll(/ +/g, ' ');
}

function has({ options }, name) {
  return options.has(name);
}

async function isTakenBack(prefix, { ask, long }) {
  const found = await ask([long('all'), long(`${prefix}all`)]);
  return found.read && !found.options.has('all') && found.operands.length === 0;
}
