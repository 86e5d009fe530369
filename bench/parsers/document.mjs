// The interface that a host declares, as a document: how it is read, the profile of its parser alone says.

/** The document of what a parser's host declares, with its options or with its commands. */
export function documentOf({ name, can }, shape) {
  const [letters, long] = [can.has('letters'), can.has('long')];
  const hyphens = can.has('hyphen') ? '-' : '--';
  const option = (letter, word, argument = '', more = 'told') => {
    const own = argument.replace('=', argument.startsWith('[') ? '' : ' ');
    // The letter takes its argument where there is a long name too.
    const ofLetter = long && !argument.startsWith('[') ? '' : own;
    const names = [
      ...(letters && letter !== '' ? [`-${letter}${ofLetter}`] : []),
      ...(long ? [`${hyphens}${word}${argument}`] : []),
    ];
    return names.length === 0 ? [] : [`  ${names.join(', ')}: ${more}`];
  };
  const head = ["dabbawala: '1'", 'program: probe', `parser: ${name}`, 'complete: true'];
  if (shape === 'commands') {
    const below = [
      ...option('a', 'all').map((line) => `  ${line}`),
      '    operands:',
      '      FILE: {help: told, count: 0..}',
    ];
    const commands = ['start', 'status', 'stop', ...(can.has('segments') ? ['route:plan'] : [])];
    return [
      ...head,
      ...(can.has('program') ? ['options:', ...option('b', 'brief')] : []),
      'commands:',
      ...commands.flatMap((command) => [
        `  ${command === 'start' && can.has('alias') ? 'start, begin' : command}:`,
        '    options:',
        ...below.map((line) =>
          line.startsWith('    ') && !line.startsWith('    operands') ? `  ${line}` : line,
        ),
      ]),
      '',
    ].join('\n');
  }
  return [
    ...head,
    'options:',
    ...option('a', 'all'),
    ...option('b', 'brief'),
    ...option('o', 'output', '=FILE'),
    ...option('', 'outline'),
    ...option('n', 'dry-run'),
    ...(can.has('optional') ? option('c', 'color', '[=WHEN]') : []),
    ...(can.has('choices') ? option('', 'mode', '=MODE', '{argument: {values: [fast, slow, sleepy]}}') : []),
    ...(can.has('spellings') ? [`  ${hyphens}quiet, ${hyphens}quieter: told`] : []),
    'operands:',
    '  FILE: {help: told, count: 0..}',
    '',
  ].join('\n');
}
