import type { Command, SyntaxNode } from 'unbash';
import { TextBuilder } from '../../source/text-builder.ts';
import type { UsageText } from '../reading.ts';
import { ownText } from './own-text.ts';
import { type PrintingContext, printedText } from './printed-text.ts';
import type { ShellScope } from './shell-scopes.ts';
import { commandName } from './shell-words.ts';

/** What a script prints about its own use. */
export interface UsageFound {
  /** The text, put together of what its commands print in a row; undefined where it has none. */
  readonly usage: UsageText | undefined;
  /** A command that prints lines of the script itself, which ones only running it tells. */
  readonly notFollowed: SyntaxNode | undefined;
}

/** The text that a script prints about its own use. */
export function usageText(context: PrintingContext): UsageFound {
  const unknown: SyntaxNode[] = [];
  const texts = context.script.scopes.flatMap((scope) => textsOf(scope, context, unknown));
  const [best] = texts
    .map((draft) => ({ draft, score: scoreOf(draft.text.text) }))
    .sort((a, b) => b.score - a.score);
  if (best === undefined || best.score === 0) return { usage: undefined, notFollowed: unknown[0] };
  return { usage: { source: best.draft.text.build(), isPart: best.draft.isPart }, notFollowed: undefined };
}

/** A text while it is put together. */
interface Draft {
  readonly text: TextBuilder;
  isPart: boolean;
}

/** How deep functions of a script may call each other to print a text. */
const CALL_LIMIT = 3;

/** The texts of a scope: what commands print that stand in a row, with nothing but commands that print nothing between them. */
function textsOf(scope: ShellScope, context: PrintingContext, notFollowed: SyntaxNode[], depth = 0): Draft[] {
  const drafts: Draft[] = [];
  const piped = new Set<SyntaxNode>();
  let current: Draft | undefined;
  let around: SyntaxNode | undefined;
  for (const node of scope.all('Command')) {
    if (piped.has(node)) continue;
    const own = ownText(node, context);
    for (const command of own?.commands ?? []) piped.add(command);
    if (own !== undefined && own.text === undefined) notFollowed.push(node);
    const printed = own?.text ?? printedText(node, context) ?? printedByFunction(node, context, depth);
    if (printed === undefined) {
      if (endsText(node)) current = undefined;
      // What another program prints in between belongs to the text, and is not known.
      else if (current !== undefined && mayPrint(node) && blockOf(node, context) === around)
        current.isPart = true;
      continue;
    }
    const block = blockOf(node, context);
    if (current === undefined || block !== around) {
      current = { text: new TextBuilder(context.script.source), isPart: false };
      drafts.push(current);
      around = block;
    }
    current.text.append(printed);
  }
  return drafts;
}

/** What a function prints that a command calls by its name alone. */
function printedByFunction(
  command: Command,
  context: PrintingContext,
  depth: number,
): TextBuilder | undefined {
  const called = context.script.functions.get(commandName(command) ?? '');
  if (called === undefined || command.args.length > 0 || depth >= CALL_LIMIT) return undefined;
  const [first, ...others] = textsOf(called, context, [], depth + 1);
  return others.length === 0 ? first?.text : undefined;
}

/** Commands that print nothing. */
const SILENT: ReadonlySet<string> = new Set(
  '[ test : true false local declare typeset export readonly set unset shift cd read exec trap eval'.split(
    ' ',
  ),
);

function mayPrint(command: Command): boolean {
  const name = commandName(command);
  return (
    name !== undefined && !SILENT.has(name) && !command.redirects.some(({ type }) => type === 'HereString')
  );
}

/** The list of commands that a command stands in. */
function blockOf(node: SyntaxNode, { script }: PrintingContext): SyntaxNode | undefined {
  for (const outer of script.around(node))
    if (outer.type === 'CompoundList' || outer.type === 'Script') return outer;
  return undefined;
}

function endsText(command: Command): boolean {
  return command.name !== undefined && /^(?:exit|return|exec)$/.test(command.name.value);
}

/** How much a text looks like the help of a script: 0 where it does not; a synopsis counts as several lines of options. */
function scoreOf(text: string): number {
  const options = text.match(/^[ \t]*[-+]{1,2}[A-Za-z0-9?]/gm)?.length ?? 0;
  const hasUsage = /(?:^|\n)[ \t]*(?:usage|syntax|synopsis)\b[ \t]*:?/i.test(text) || /\busage:/i.test(text);
  if (!hasUsage && options < LEAST_OPTIONS) return 0;
  return options + (hasUsage ? USAGE_WORTH : 0);
}

/** Fewer lines of options are no help where no synopsis stands with them. */
const LEAST_OPTIONS = 3;

/** How many lines of options a synopsis is worth. */
const USAGE_WORTH = 2;
