import type { Span } from '../source/source.ts';
import type { PlacedText } from './placed-text.ts';
import type { SynopsisNode } from './synopsis.ts';
import { ANY_COMMAND, ANY_OPTIONS, LITERAL } from './usage-words.ts';

/** The words at the beginning of a synopsis, and how many of its items they are. */
export function readHead(items: readonly SynopsisNode[], flow: PlacedText) {
  const program: string[] = [];
  const literals: { text: string; place: Span }[] = [];
  let taken = 0;
  let programEnd = 0;
  for (const whole of items) {
    // `link add|a`: a command with its alias.
    const first = whole.kind === 'choice' && taken > 0 ? whole.alternatives[0] : undefined;
    const isAlias =
      whole.kind === 'choice' &&
      !/[{(]\s*$/.test(flow.text.slice(0, whole.start)) &&
      whole.alternatives.every((one) => one.kind === 'word' && LITERAL.test(one.text));
    const item = first !== undefined && isAlias ? first : whole;
    if (item.kind !== 'word' || item.joined !== undefined) break;
    const isModuleSwitch = program.length === 1 && item.text === '-m' && items[taken + 1]?.kind === 'word';
    if (program.length === 0 || isModuleSwitch || (program.length === 2 && program[1] === '-m')) {
      program.push(item.text);
      programEnd = item.end;
    } else if (LITERAL.test(item.text) && !ANY_OPTIONS.test(item.text) && !ANY_COMMAND.test(item.text)) {
      literals.push({
        text: item.text,
        place: flow.span(item.start, item.end),
      });
    } else break;
    taken++;
  }
  const first = items[0];
  const start = first?.kind === 'word' ? first.start : 0;
  return {
    program,
    literals,
    taken,
    programPlace: flow.span(start, Math.max(start, programEnd)),
  };
}
