import type { Interface } from '../../model/interface.ts';
import type { Reading } from '../reading.ts';
import { isCacProgram, readCacProgram } from './cac-program.ts';
import { isCommanderProgram, readCommanderProgram } from './commander-program.ts';
import type { ObjectSettings } from './object-settings.ts';
import { isParseArgsConfig, readParseArgsConfig } from './parse-args-config.ts';
import { isYargsProgram, readYargsProgram } from './yargs-program.ts';

interface ObjectReader {
  readonly recognises: (object: unknown) => boolean;
  readonly read: (object: unknown, settings: ObjectSettings) => Interface;
}

const READERS: readonly ObjectReader[] = [
  { recognises: isCommanderProgram, read: readCommanderProgram },
  { recognises: isYargsProgram, read: readYargsProgram },
  { recognises: isCacProgram, read: readCacProgram },
  { recognises: isParseArgsConfig, read: readParseArgsConfig },
];

/**
 * Reads the object in which a JavaScript program declares its interface, told by its shape: a configuration of `parseArgs` of
 * `node:util`, or a program of the parsers commander, yargs or cac. Nothing of it has a place in a text. An object of another shape
 * is a problem.
 */
export function readObject(object: unknown, settings: ObjectSettings = {}): Reading {
  const reader = READERS.find(({ recognises }) => recognises(object));
  if (reader === undefined) {
    const message =
      'expected the program object of commander, yargs or cac, or a configuration of parseArgs, found an object of another shape';
    const source = settings.program ?? 'parser object';
    return {
      interface: undefined,
      problems: [{ code: 'object-unknown', message, place: null, source, consequence: 'unusable' }],
    };
  }
  return { interface: reader.read(object, settings), problems: [] };
}
