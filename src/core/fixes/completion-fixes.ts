import { listKey } from '../collections/list-key.ts';
import { coverage, type KindCoverage, type ShellCoverage } from '../coverage/coverage.ts';
import type { TextEdit } from '../edits/text-edits.ts';
import type { OfferFix } from '../findings/fix.ts';
import type { Interface } from '../model/interface.ts';

import { readCompletion } from '../readers/completion/read-completion.ts';
import type { Place, Source, Span } from '../source/source.ts';
import { missingLines } from '../writers/completion/missing-lines.ts';

/**
 * Edits that have a completion script offer what it lacks at a command: in the list that has the others, or in lines of its own where the shell takes
 * these anywhere or another option stands in one. None where there is no such place.
 */
export function completionEdits(
  cli: Interface,
  script: Source,
  { shell, what, command }: OfferFix,
): TextEdit[] {
  const [covered] = coverage(cli, [readCompletion(script, shell, cli.program.value)]);
  const at = covered?.commands.find((one) => listKey(one.command) === listKey(command));
  const kind = at?.kinds[what];
  if (covered === undefined || kind === undefined || kind.missing.length === 0) return [];
  // Lists of options in scripts of zsh and fish say what is not offered beside one.
  const listed = shell !== 'bash' && what === 'options' ? undefined : inLists(kind);
  if (listed !== undefined) return listed;
  const lines = linesFor(cli, covered, command, what);
  if (shell === 'fish') return atTheEnd(script, lines);
  if (shell !== 'zsh' || what === 'values') return [];
  return what === 'options' ? besideAnOption(kind, lines) : behindACommand(kind, lines);
}

/** Words behind the last of those that are offered already, where that stands in a list of bare words; undefined where one has no such place. */
function inLists({ missing, offered }: KindCoverage): TextEdit[] | undefined {
  const edits: TextEdit[] = [];
  for (const { name, subject, thing } of missing) {
    const beside = offered.filter((one) => one.subject === subject && isInList(one.word.place));
    const place = beside.at(-1)?.word.place ?? null;
    if (place === null || !/^[\w\-.+=:]+$/.test(name)) return undefined;
    const names = 'names' in thing && subject === undefined ? thing.names.map(({ text }) => text) : [name];
    edits.push({ place: { ...place, start: place.end }, text: names.map((one) => ` ${one}`).join('') });
  }
  return edits;
}

/** Whether a word stands among others between quotes or brackets. */
function isInList(place: Place): place is Span {
  if (place === null) return false;
  const { text } = place.source;
  const [before, behind] = [text[place.start - 1] ?? '', text[place.end] ?? ''];
  const isEnd = (character: string) => /['"() \t]/.test(character);
  if (!isEnd(before) || !isEnd(behind)) return false;
  return (
    /['"(][\w\-=.+: \t]*$/.test(text.slice(Math.max(0, place.start - 2000), place.end)) &&
    /^[\w\-=.+: \t]*['")]/.test(text.slice(place.end, place.end + 2000)) &&
    /[ \t]/.test(before + behind)
  );
}

/** The lines that offer what is missing of one kind at a command. */
function linesFor(
  cli: Interface,
  covered: ShellCoverage,
  command: readonly string[],
  what: OfferFix['what'],
): string[] {
  const only = covered.commands.flatMap((one) => {
    if (listKey(one.command) !== listKey(command)) return [];
    const none = { ...one.kinds[what], missing: [] };
    const kinds = { commands: none, options: none, values: none, [what]: one.kinds[what] };
    return [{ ...one, kinds }];
  });
  return missingLines(cli, { ...covered, commands: only }).flatMap(({ lines }) => lines);
}

function atTheEnd(source: Source, lines: readonly string[]): TextEdit[] {
  if (lines.length === 0) return [];
  const end = source.text.length;
  const isEnded = source.text === '' || source.text.endsWith('\n');
  return [{ place: { source, start: end, end }, text: `${isEnded ? '' : '\n'}${lines.join('\n')}\n` }];
}

/** Specifications before that of an option, each a line that goes on in the next. */
function besideAnOption({ offered }: KindCoverage, lines: readonly string[]): TextEdit[] {
  for (const { word } of offered) {
    if (word.place === null || lines.length === 0) continue;
    const { source, start } = word.place;
    const { text } = source;
    const line = text.lastIndexOf('\n', start - 1) + 1;
    const end = text.indexOf('\n', start);
    const [indent = ''] = /^[ \t]*/.exec(text.slice(line, start)) ?? [];
    const isInCall = text.endsWith('\\\n', line) && /\\$/.test(text.slice(line, end));
    if (!isInCall) continue;
    const added = lines.map((one) => `${indent}${one} \\\n`).join('');
    return [{ place: { source, start: line, end: line }, text: added }];
  }
  return [];
}

/** Words of an array behind the line of one, each in a line of its own. */
function behindACommand({ offered }: KindCoverage, lines: readonly string[]): TextEdit[] {
  const place = offered.at(-1)?.word.place ?? null;
  if (place === null || lines.length === 0) return [];
  const { source, start, end } = place;
  const { text } = source;
  const line = text.lastIndexOf('\n', start - 1) + 1;
  const next = text.indexOf('\n', end);
  const [, indent] = /^([ \t]*)(['"])[^'"]*\2[ \t]*$/.exec(text.slice(line, next)) ?? [];
  if (next < 0 || indent === undefined) return [];
  const added = lines.map((one) => `\n${indent}${one}`).join('');
  return [{ place: { source, start: next, end: next }, text: added }];
}
