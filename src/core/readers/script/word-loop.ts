import type { For, SyntaxNode, While } from 'unbash';
import { stated } from '../../model/fact.ts';
import type { ParsingRules } from '../../model/parsing-rules.ts';
import { commandName } from '../../shells/bash-words.ts';
import type { Span } from '../../source/source.ts';
import type { LoopDraft } from './loop-draft.ts';
import { optionsOfLoop } from './loop-options.ts';
import type { ScriptReading } from './script-reading.ts';
import { firstWordVariables, type Region, type ShellScope } from './shell-scopes.ts';
import { shiftsOf } from './shifts.ts';
import { readWordArms, type WordArms } from './word-arms.ts';

/** A loop that looks at the words of the command line one after the other; undefined where a node is none. */
export function readWordLoop(
  node: SyntaxNode,
  { scope, reached }: Region,
  reading: ScriptReading,
): LoopDraft | undefined {
  const subjects =
    node.type === 'While'
      ? firstWordVariables(scope, node)
      : node.type === 'For'
        ? eachWordIn(node)
        : undefined;
  if (subjects === undefined || (node.type !== 'While' && node.type !== 'For')) return undefined;
  const choices = reading.choices(scope).on(subjects, node);
  const branches = choices.flatMap((choice) => choice.branches);
  const isFor = node.type === 'For';
  const inBody = isFor
    ? 0
    : shiftsBeside(
        node,
        choices.map((choice) => choice.node),
        reading,
      );
  const state = isFor ? keptFor(node, choices[0]?.node, scope, reading) : undefined;
  const arms = readWordArms(
    branches,
    {
      shifts: inBody,
      isDeclared: false,
      isFirstOfTwo: isFor && isSetAnew(node, scope),
      isFor,
      keptFor: state,
    },
    reading,
  );
  if (arms.named.length === 0) return undefined;
  const subject = [...subjects][0] ?? '1';
  return {
    kind: 'words',
    scope,
    node,
    reached,
    options: optionsOfLoop(arms.named, undefined, { node, scope, reached, subject }, reading),
    isComplete: arms.isComplete,
    rules: rulesOf(arms, node, reading),
    parser: undefined,
    declared: undefined,
    silent: undefined,
    arms,
    notFollowed: undefined,
  };
}

/**
 * A `case` on the first word that stands in no loop: options that must come first, as `--help` does in many scripts; undefined where a node is none.
 */
export function readFirstWord(
  node: SyntaxNode,
  { scope, reached }: Region,
  reading: ScriptReading,
): LoopDraft | undefined {
  if (node.type !== 'Case' && node.type !== 'If') return undefined;
  for (const { type, pos } of reading.script.around(node)) {
    if (pos < reached.pos) break;
    if (type === 'While' || type === 'For' || type === 'CaseItem') return undefined;
  }
  const [choice] = reading.choices(scope).on(['1'], node);
  if (choice?.node !== node) return undefined;
  // Nothing but its arms takes a word off.
  const loop = { shifts: 0, isDeclared: false, isFirstOfTwo: false, isFor: false, keptFor: undefined };
  const arms = readWordArms(choice.branches, loop, reading);
  if (arms.named.length === 0) return undefined;
  const place = reading.script.place(node);
  const { unknown } = arms;
  return {
    kind: 'words',
    scope,
    node,
    reached,
    options: optionsOfLoop(arms.named, undefined, { node, scope, reached, subject: '1' }, reading),
    isComplete: arms.isComplete,
    rules: {
      optionAbbreviations: stated(arms.hasPrefixes, place),
      grouping: stated(false, place),
      letterCaseSensitive: stated(true, place),
      caseSensitive: stated(true, place),
      valueForms: valueFormsOf(arms, place),
      // Behind the first word nothing is looked at.
      operandOrder: stated('first-operand-ends-options', place),
      unknownOptions: unknown?.end === 'exits' ? stated('refused', place) : undefined,
    },
    parser: undefined,
    declared: undefined,
    silent: undefined,
    arms: { ...arms, unknown: arms.hyphens === undefined && unknown?.end !== 'exits' ? undefined : unknown },
    notFollowed: undefined,
  };
}

/** Whether the words are set anew behind a loop: `set -- "${words[@]}"`. */
function isSetAnew({ end }: For, scope: ShellScope): boolean {
  return scope
    .within('Command', { pos: end, end: Number.POSITIVE_INFINITY })
    .some((node) => commandName(node) === 'set');
}

/** The variable of a loop over all words: `for word`, `for word in "$@"`. */
function eachWordIn(node: For): Set<string> | undefined {
  const { wordlist } = node;
  const isAll = wordlist === undefined || wordlist.some((word) => /^["']?\$\{?[@*]\}?["']?$/.test(word.text));
  return isAll ? new Set([node.name.value]) : undefined;
}

/** How many words the body of a loop takes off outside of its `case`. */
function shiftsBeside(node: While, choices: readonly SyntaxNode[], reading: ScriptReading): number {
  const commands = node.body.commands.filter(
    ({ pos, end }) => !choices.some((choice) => choice.pos >= pos && choice.end <= end),
  );
  const { least, most } = shiftsOf({ ...node.body, commands }, reading.arms.ends);
  // `test $# -gt 0 && shift`
  return Number.isFinite(most) ? most : least;
}

/** The variable that a loop looks at first, to see whether the word is the argument of the option before it. */
function keptFor(
  node: For,
  choice: SyntaxNode | undefined,
  scope: ShellScope,
  { script }: ScriptReading,
): string | undefined {
  for (const one of scope.within('If', node)) {
    if (choice !== undefined && one.pos > choice.pos) return undefined;
    const condition = script.source.text.slice(one.clause.pos, one.clause.end);
    const [, name] = /^(?:\[\[?|test)\s+(?:-n\s+|!\s*-z\s+)?"?\$\{?([A-Za-z_]\w*)/.exec(condition) ?? [];
    if (name !== undefined && name !== node.name.value) return name;
  }
  return undefined;
}

/** A condition under which a loop goes on only while the next word begins with a hyphen. */
const WHILE_HYPHEN = /==?\s*["']?-["']?\*|\$\{1#-|\$\{1(?::0:1|%%?\$?\{?[^}]*)\}["']?\s*==?\s*["']?-|-\*\)/;

/** How the loop reads a command line, as far as its arms show. */
function rulesOf(
  arms: WordArms,
  node: While | For,
  { script, arms: reader }: ScriptReading,
): Partial<ParsingRules> {
  const place = script.place(node);
  const condition = node.type === 'While' ? script.source.text.slice(node.clause.pos, node.clause.end) : '';
  const restEnd = arms.rest === undefined ? undefined : reader.answer(arms.rest);
  const isEarly = WHILE_HYPHEN.test(condition) || restEnd?.end === 'breaks';
  const endEnd = arms.end === undefined ? undefined : reader.answer(arms.end).end;
  const unknown = unknownOptions(arms);
  return {
    optionAbbreviations: stated(arms.hasPrefixes, place),
    grouping: stated(false, place),
    letterCaseSensitive: stated(true, place),
    caseSensitive: stated(true, place),
    hyphenValues: stated(true, place),
    valueForms: valueFormsOf(arms, place),
    operandOrder:
      isEarly || arms.rest !== undefined
        ? stated(isEarly ? 'first-operand-ends-options' : 'mixed', place)
        : undefined,
    doubleHyphen: doubleHyphenOf(arms, endEnd, place),
    unknownOptions: unknown === undefined ? undefined : stated(unknown, place),
  };
}

/** What `--` comes to: an arm of its own that leaves the loop, or one for whatever begins with a hyphen. */
function doubleHyphenOf(arms: WordArms, end: string | undefined, place: Span): ParsingRules['doubleHyphen'] {
  if (end === 'breaks') return stated('ends-options', place);
  if (arms.end !== undefined) return undefined;
  if (arms.unknown?.end === 'exits') return stated('refused', place);
  return unknownOptions(arms) === 'passed-on' ? stated('ordinary', place) : undefined;
}

function unknownOptions({ unknown, hyphens }: WordArms): 'refused' | 'passed-on' | 'ignored' | undefined {
  if (unknown === undefined) return 'ignored';
  if (unknown.end === 'exits') return 'refused';
  // Where no arm is for hyphens, a word that is no option leaves the loop, whatever it begins with.
  if (unknown.end === 'breaks') return hyphens === undefined ? 'passed-on' : undefined;
  if (unknown.mayExit) return undefined;
  return unknown.keeps ? 'passed-on' : 'ignored';
}

/** The ways in which the names that take an argument may be followed by it. */
function valueFormsOf({ named, forms }: WordArms, place: Span): ParsingRules['valueForms'] {
  const taking = named.filter(({ presence }) => presence !== 'none');
  if (taking.length === 0) return undefined;
  const names = taking.flatMap((one) => one.names.map(({ name }) => name));
  const some = (isShort: boolean, form: 'plain' | 'equals' | 'joined') =>
    names.some((name) => (name.length === 2) === isShort && forms.get(name)?.[form] === true);
  return stated(
    {
      shortJoined: some(true, 'joined'),
      shortEquals: some(true, 'equals'),
      shortSeparate: some(true, 'plain'),
      longEquals: some(false, 'equals'),
      longSeparate: some(false, 'plain'),
    },
    place,
  );
}
