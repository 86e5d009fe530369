import type { OfferedArgument } from '../../model/inventory.ts';

/** Functions of zsh that offer files, or folders. */
export const FILES = /^_(?:files|path_files|directories|dir_list|default)\b/;

/** Those of them that offer folders only. */
export const FOLDERS = /^_(?:directories|dir_list)\b|^_(?:path_)?files\b(?:.* | )-\//;

/** Functions of zsh that offer what the machine has, which no interface lists. */
export const OF_THE_MACHINE =
  /^_(?:command_names|users|groups|hosts|pids|ports|net_interfaces|urls|message|guard|nothing)\b/;

/** Words before a command, and commands, that offer nothing. */
export const SKIPPED: ReadonlySet<string> = new Set([
  '{',
  '}',
  'then',
  'else',
  'elif',
  'if',
  'do',
  'done',
  'fi',
  'while',
  'for',
  'esac',
  '!',
  'return',
  '[[',
  'local',
  'typeset',
  'declare',
  'readonly',
  'integer',
  'compdef',
  'autoload',
  'zstyle',
  'setopt',
  'unsetopt',
  'emulate',
  'shift',
  'true',
  'print',
  'echo',
  'test',
  '[',
  'break',
  'continue',
  'loadautofunc',
  'builtin',
]);

/** What the action of a numbered operand offers, as far as it says so itself. */
export function offeredBy(action: string): Partial<OfferedArgument> {
  const text = action.trim();
  if (FILES.test(text)) return { files: true, isFolders: FOLDERS.test(text) };
  return text === '' ? { isNothing: true } : {};
}
