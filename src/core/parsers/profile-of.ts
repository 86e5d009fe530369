import type { ParserProfile } from './parser-profile.ts';
import { PARSERS } from './parsers.ts';

const BY_NAME = new Map(PARSERS.map((profile) => [profile.name, profile]));

/** The names of all parsers that have a profile. */
export const PARSER_NAMES: readonly string[] = [...BY_NAME.keys()];

/** The profile of the parser of a name; undefined where there is none. */
export function profileOf(name: string): ParserProfile | undefined {
  return BY_NAME.get(name);
}
