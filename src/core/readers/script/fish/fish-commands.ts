import type { FishWord } from '../../../shells/fish-words.ts';
import type { Span } from '../../../source/source.ts';
import type { FishEnds } from './fish-ends.ts';
import { commandsIn, type FishNode, writtenWord } from './fish-tree.ts';

/** A subcommand that a script of fish chooses by its first operand. */
export interface FishSubcommand {
  readonly names: readonly FishWord[];
  readonly body: readonly FishNode[];
}

/** The subcommands of a script, and whether any other word is refused. */
export interface FishDispatch {
  readonly commands: readonly FishSubcommand[];
  readonly isComplete: boolean;
  readonly place: Span;
}

const COMMAND_WORD = /^[A-Za-z][\w:.-]*$/;

/** The `switch` on the first operand, or on a variable that it was assigned to, whose words are names; undefined where there is none. */
export function readFishDispatch(nodes: readonly FishNode[], ends: FishEnds): FishDispatch | undefined {
  for (const node of nodes) {
    if (node.kind !== 'switch') continue;
    const [subject] = node.words;
    if (subject === undefined || !isFirstWord(subject, nodes)) continue;
    const rest = node.arms.find(({ patterns }) => patterns.some(({ texts }) => texts.includes('*')));
    const commands = node.arms.flatMap(({ patterns, body }) => {
      const names = patterns.filter(
        ({ texts, isDynamic }) => !isDynamic && COMMAND_WORD.test(texts[0] ?? ''),
      );
      return names.length === 0 ? [] : [{ names, body }];
    });
    const isComplete = rest !== undefined && ends.of(rest.body).isEnd;
    if (commands.length >= 2) return { commands, isComplete, place: subject.place };
  }
  return undefined;
}

function isFirstWord(word: FishWord, nodes: readonly FishNode[]): boolean {
  const written = writtenWord(word).replaceAll('"', '');
  if (written === '$argv[1]') return true;
  for (const { words } of commandsIn(nodes)) {
    const [name, ...given] = words;
    const isKept = given.some(({ texts }, i) => `$${texts[0]}` === written && given[i + 1] !== undefined);
    if (name?.texts[0] === 'set' && isKept && given.some((one) => writtenWord(one) === '$argv[1]'))
      return true;
  }
  return false;
}
