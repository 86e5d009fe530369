// A program and its commands say different things of each other.

import { synopsisLines } from '../../printers/hosts/node/by_hand/synopsis.mjs';
import { oneOf } from '../choosing.mjs';

export const COMMAND_FAULTS = {
  'another summary in the list': (from, random) => {
    const command = oneOf(random, from.root.commands);
    if (command === undefined) return undefined;
    command.listed = 'paint the gangway green';
    return [command.name];
  },
  'two commands with one summary': (from) => {
    const [one, two] = from.root.commands;
    if (two === undefined) return undefined;
    two.summary = one.summary;
    return [two.name];
  },
  'a command without a summary': (from, random) => {
    const command = oneOf(random, from.root.commands);
    if (command === undefined) return undefined;
    command.listed = '';
    command.summary = '';
    return [command.name];
  },
  'a summary that says the name': (from, random) => {
    const command = oneOf(random, from.root.commands);
    if (command === undefined) return undefined;
    command.summary = random.pick([
      command.name,
      `the ${command.name} command`,
      `${command.name}s`,
      `do ${command.name}`,
    ]);
    return [command.name];
  },
  'another command in the synopsis of a command': (from, random) => {
    const command = oneOf(random, from.root.commands);
    if (command === undefined) return undefined;
    command.synopses = synopsisLines(from.style, '--', [from.program, 'gangway'], command, from.width);
    return ['gangway'];
  },
  'a command listed twice': (from, random) => {
    const command = oneOf(random, from.root.commands);
    if (command === undefined) return undefined;
    from.root.listedOnly = [{ ...command, summary: 'paint the gangway green' }];
    return [command.name];
  },
  'an alias that is another command': (from) => {
    const [one, two] = from.root.commands;
    if (two === undefined) return undefined;
    two.aliases = [one.name];
    return [one.name];
  },
  'a letter that means something else in a command': (from) => {
    const [one, two] = from.root.commands;
    if (two === undefined) return undefined;
    const option = one.options.find(({ short }) => short !== '');
    const other = two.options.find(({ short }) => short !== '');
    if (option === undefined || other === undefined || option.long === other.long) return undefined;
    if (two.options.some(({ short }) => short === option.short)) return undefined;
    other.short = option.short;
    return [`-${option.short}`];
  },
  'one thing under two names in two commands': (from) => {
    const [one, two] = from.root.commands;
    if (two === undefined) return undefined;
    const option = one.options.find(({ long }) => long === 'output') ?? one.options[0];
    const names = {
      output: 'out-file',
      format: 'form',
      verbose: 'talkative',
      quiet: 'silent',
      config: 'conf',
    };
    const other = names[option.long];
    if (other === undefined) return undefined;
    two.options = two.options.filter(({ long }) => long !== option.long);
    two.options.push({ ...option, long: other });
    return [`--${other}`];
  },
  'one name with and without an argument': (from) => {
    const [one, two] = from.root.commands;
    const option = one?.options.find(({ presence }) => presence !== 'none');
    if (two === undefined || option === undefined) return undefined;
    two.options = two.options.filter(({ long }) => long !== option.long);
    two.options.push({
      ...option,
      presence: 'none',
      values: [],
      default: '',
      least: '',
      help: 'count each lid',
    });
    return [`--${option.long}`];
  },
  'other values in another command': (from) => {
    const [one, two] = from.root.commands;
    const option = one?.options.find(({ values }) => values.length > 0);
    if (two === undefined || option === undefined) return undefined;
    two.options = two.options.filter(({ long }) => long !== option.long);
    two.options.push({
      ...option,
      values: option.values.map((value) => value.toUpperCase()),
      default: option.default.toUpperCase(),
    });
    return [`--${option.long}`];
  },
  'singular and plural of one command': (from, random) => {
    const command = oneOf(random, from.root.commands);
    if (command === undefined) return undefined;
    const added = {
      ...command,
      name: `${command.name}s`,
      path: [from.program, `${command.name}s`],
      summary: 'paint the gangway green',
    };
    from.root.commands.push(added);
    return [added.name];
  },
  'underscores among hyphens': (from) => {
    if (from.root.commands.length < 2) return undefined;
    const [one, two] = from.root.commands;
    one.name = 'open-gate';
    two.name = 'shut_gate';
    for (const command of [one, two]) command.path = [from.program, command.name];
    return ['shut_gate'];
  },
  'two verbs for one thing': (from, random) => {
    if (from.root.commands.length < 2) return undefined;
    const [one, two] = from.root.commands;
    const [first, second] = random.pick([
      ['delete-box', 'remove-lid'],
      ['create-box', 'add-lid'],
      ['show-box', 'display-lid'],
    ]);
    one.name = first;
    two.name = second;
    for (const command of [one, two]) command.path = [from.program, command.name];
    return [first, second];
  },
};
