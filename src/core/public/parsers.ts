/**
 * What is known of parser libraries: how they read command lines, what they add, what they print.
 *
 * @module dabbawala/parsers
 */

export { commonRules } from '../parsers/common-rules.ts';
export type {
  CommandLineMistake,
  HelpMark,
  OlderRules,
  ParserMessage,
  ParserProfile,
} from '../parsers/parser-profile.ts';
export { PARSERS } from '../parsers/parsers.ts';
export { PARSER_NAMES, profileOf } from '../parsers/profile-of.ts';
export { overrideParser, withParser } from '../parsers/with-parser.ts';
export { parsersMarkdown } from '../reports/parsers-markdown.ts';
