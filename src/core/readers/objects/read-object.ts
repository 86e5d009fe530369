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
 * is a problem, as is one that throws where it is looked at. Never throws.
 */
export function readObject(object: unknown, settings: ObjectSettings = {}): Reading {
  try {
    const reader = READERS.find(({ recognises }) => recognises(object));
    if (reader !== undefined) return { interface: reader.read(object, settings), problems: [] };
  } catch (error) {
    const reason =
      error instanceof RangeError ? 'it holds itself, or goes too deep' : 'it throws where it is read';
    return unusable('object-refuses', `expected a parser object that can be looked at: ${reason}`, settings);
  }
  const expected = 'expected the program object of commander, yargs or cac, or a parseArgs configuration';
  return unusable('object-unknown', `${expected}, found an object of another shape`, settings);
}

function unusable(code: string, message: string, { program }: ObjectSettings): Reading {
  const source = program ?? 'parser object';
  return {
    interface: undefined,
    problems: [{ code, message, place: null, source, consequence: 'unusable' }],
  };
}
