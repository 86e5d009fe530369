import type { Command, SyntaxNode } from 'unbash';
import type { Source } from '../../source/source.ts';
import { type PrintingContext, printedText } from './printed-text.ts';
import type { ShellScope } from './shell-scopes.ts';
import { TextBuilder } from './text-builder.ts';

/** The text that a script prints about its own use, put together of what its commands print in a row; undefined where it has none. */
export function usageText(context: PrintingContext): Source | undefined {
  const texts = context.script.scopes.flatMap((scope) => textsOf(scope, context));
  const [best] = texts.map((text) => ({ text, score: scoreOf(text.text) })).sort((a, b) => b.score - a.score);
  return best === undefined || best.score === 0 ? undefined : best.text.build();
}

/** The texts of a scope: what commands print that stand in a row, with nothing but commands that print nothing between them. */
function textsOf(scope: ShellScope, context: PrintingContext): TextBuilder[] {
  const texts: TextBuilder[] = [];
  let current: TextBuilder | undefined;
  let around: SyntaxNode | undefined;
  for (const node of scope.nodes) {
    if (node.type !== 'Command') continue;
    const printed = printedText(node, context);
    if (printed === undefined) {
      if (endsText(node)) current = undefined;
      continue;
    }
    const block = blockOf(node, context);
    if (current === undefined || block !== around) {
      current = new TextBuilder(context.script.source);
      texts.push(current);
      around = block;
    }
    current.append(printed);
  }
  return texts;
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
