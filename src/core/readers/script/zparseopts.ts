import type { Command, SyntaxNode, Word } from 'unbash';
import { addTo } from '../../collections/grouped.ts';
import { stated } from '../../model/fact.ts';
import type { DeclaredName } from '../../model/option-loop.ts';
import { argumentsOf, commandName, textOf } from '../../shells/bash-words.ts';
import type { LoopDraft } from './loop-draft.ts';
import { optionOf } from './option-drafts.ts';
import type { ScriptReading } from './script-reading.ts';
import type { Region } from './shell-scopes.ts';

/** What one word of a call declares. */
interface Specification extends DeclaredName {
  /** The array that keeps it; undefined where it goes into that of all. */
  readonly array: string | undefined;
}

/** What a call of `zparseopts` declares. */
interface ZparseoptsCall {
  readonly specifications: readonly Specification[];
  /** Whether an option that it does not know is an error (`-F`). */
  readonly refuses: boolean;
  /** Whether options behind the first operand are read too (`-E`). */
  readonly isMixed: boolean;
  /** A word that only running the script tells. */
  readonly computed: Word | undefined;
}

/** A call of zsh's `zparseopts`, which needs no loop: it puts the options into arrays; undefined where a node is no such call. */
export function readZparseopts(
  node: SyntaxNode,
  { scope, reached }: Region,
  reading: ScriptReading,
): LoopDraft | undefined {
  if (node.type !== 'Command' || commandName(node) !== 'zparseopts') return undefined;
  const { script } = reading;
  const { specifications, refuses, isMixed, computed } = readCall(node, reading);
  const isFollowed = computed === undefined;
  const place = script.place(node);
  return {
    kind: 'zparseopts',
    scope,
    node,
    reached,
    options: bySpelling(specifications).map((names) => optionOf(draftOf(names))),
    isComplete: isFollowed,
    rules: {
      optionAbbreviations: stated(false, place),
      grouping: stated(true, place),
      operandOrder: stated(isMixed ? 'mixed' : 'first-operand-ends-options', place),
      unknownOptions: stated(refuses ? 'refused' : 'passed-on', place),
    },
    parser: undefined,
    declared: isFollowed ? specifications : undefined,
    silent: undefined,
    arms: { named: [], isComplete: false, unknown: undefined, missing: undefined },
    notFollowed: computed,
  };
}

/** Options of the call with a word of their own behind them. */
const WITH_WORD = /^-[aAv]$/;

/** `h`, `-help`, `o:`, `-out:-`, `v+`, with the array that keeps it behind a sign: what stands for a hyphen and a name. */
const SPECIFICATION = /^((?:\\.|[^\\+:=])+)(\+?)(?:(:{1,2})-?)?(\+?)(?:=(.*))?$/s;

function readCall(command: Command, { script, variables }: ScriptReading): ZparseoptsCall {
  const specifications: Specification[] = [];
  let flags = '';
  let computed: Word | undefined;
  let isBehindFlags = false;
  const words = argumentsOf(command);
  for (let i = 0; i < words.length; i++) {
    const word = words[i];
    if (word === undefined) break;
    const text = textOf(word, variables.constant);
    if (text === undefined) computed ??= word;
    else if (!isBehindFlags && /^--?$/.test(text)) isBehindFlags = true;
    else if (!isBehindFlags && WITH_WORD.test(text)) i++;
    else if (!isBehindFlags && /^-[DEFGKM]+$/.test(text)) flags += text;
    else {
      isBehindFlags = true;
      const [, name = '', , colons = '', , array] = SPECIFICATION.exec(text) ?? [];
      if (name === '') continue;
      const presence = colons === '' ? 'none' : colons === ':' ? 'mandatory' : 'optional';
      const said = `-${name.replaceAll('\\', '')}`;
      specifications.push({ name: said, presence, array, place: script.place(word) });
    }
  }
  return { specifications, refuses: flags.includes('F'), isMixed: flags.includes('E'), computed };
}

/** The names by the options that they spell: one option where an array of its own keeps both. */
function bySpelling(specifications: readonly Specification[]): Specification[][] {
  const groups = new Map<string, Specification[]>();
  for (const one of specifications) addTo(groups, `${one.array ?? one.name}\0${one.presence}`, one);
  return [...groups.values()].flatMap((group) => {
    const letters = group.filter(({ name }) => name.length === 2);
    return letters.length <= 1 && group.length <= 2 ? [group] : group.map((one) => [one]);
  });
}

function draftOf(names: readonly Specification[]) {
  const [first] = names;
  if (first === undefined) throw new TypeError('a group has names');
  return {
    names: names.map(({ name, place }) => ({ name, place })),
    presence: first.presence,
    variable: first.array,
    values: undefined,
    default: undefined,
    requiredBy: undefined,
    place: first.place,
  };
}
