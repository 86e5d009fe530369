// What every host in JavaScript shares: the shape that is asked for, and how what was read is printed.
import { argv, env } from 'node:process';

export const asksCommands = env.PROBE === 'commands';
export const variant = env.VARIANT ?? '';
export const words = argv.slice(2);
export const NAMES = ['start', 'status', 'stop', 'route:plan'];

/** Prints what was read: flags that were given, options with their values, operands. */
export function show(flags, values, operands, command) {
  if (command !== undefined) console.log(`command ${command}`);
  for (const [name, given] of Object.entries(flags)) if (given) console.log(`option ${name}`);
  for (const [name, value] of Object.entries(values)) {
    if (value === undefined || value === null) continue;
    for (const one of [value].flat()) console.log(`option ${name} ${one === true ? '' : one}`.trimEnd());
  }
  for (const one of operands ?? []) console.log(`operand ${one}`);
  console.log('read');
}

/** Ends the program as one does that tells of a mistake by its message. */
export function refuse(mistake) {
  console.error(mistake.message);
  process.exit(1);
}
