import type { Command, SyntaxNode } from 'unbash';
import { commandName } from '../../shells/bash-words.ts';
import { TextBuilder } from '../../source/text-builder.ts';
import type { UsageText } from '../reading.ts';
import { ownText } from './own-text.ts';
import { type PrintingContext, printedText } from './printed-text.ts';
import type { ShellScope } from './shell-scopes.ts';
import { bestUsage, type UsageDraft } from './usage-score.ts';

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
  const usage = bestUsage(texts);
  return { usage, notFollowed: usage === undefined ? unknown[0] : undefined };
}

/** How deep functions of a script may call each other to print a text. */
const CALL_LIMIT = 3;

/** The texts of a scope: what commands print that stand in a row, with nothing but commands that print nothing between them. */
function textsOf(
  scope: ShellScope,
  context: PrintingContext,
  notFollowed: SyntaxNode[],
  depth = 0,
): UsageDraft[] {
  const drafts: UsageDraft[] = [];
  const piped = new Set<SyntaxNode>();
  let current: UsageDraft | undefined;
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
      // What a block within prints goes on with what was printed before it.
      const before = isWithin(node, around, context) ? current : undefined;
      current = { text: new TextBuilder(context.script.source), isPart: before?.isPart ?? false };
      if (before !== undefined) current.text.append(before.text);
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

function isWithin(node: SyntaxNode, outer: SyntaxNode | undefined, { script }: PrintingContext): boolean {
  for (const one of script.around(node)) if (one === outer) return true;
  return false;
}

function endsText(command: Command): boolean {
  return command.name !== undefined && /^(?:exit|return|exec)$/.test(command.name.value);
}
