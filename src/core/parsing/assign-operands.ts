import type { Command, Form } from '../model/command.ts';
import type { Operand } from '../model/operand.ts';

/** How the operands of a command line fall to those that a synopsis shows. */
export interface OperandAssignment {
  readonly operands: readonly Operand[];
  /** For each word the operand that it is; undefined for one too many. */
  readonly assigned: readonly (Operand | undefined)[];
  /** The operands that lack words. */
  readonly missing: readonly Operand[];
}

/**
 * Gives operands to words by the form that fits best: each operand its least number of words first, then more from the left.
 * Undefined where no source tells the command's operands.
 */
export function assignOperands(
  command: Command,
  words: readonly string[],
  given: ReadonlySet<string>,
): OperandAssignment | undefined {
  const lists = operandLists(command, given);
  const [first, ...others] = lists.map((operands) => assign(operands, words));
  if (first === undefined) return undefined;
  return others.reduce((best, one) => (faults(one) < faults(best) ? one : best), first);
}

function faults({ assigned, missing }: OperandAssignment): number {
  return missing.length + assigned.filter((operand) => operand === undefined).length;
}

/** The operands of each form, those whose mandatory options are given first; with the facts that the list of operands adds. */
function operandLists(command: Command, given: ReadonlySet<string>): (readonly Operand[])[] {
  const listed = new Map(command.operands.items.map((operand) => [operand.name, operand]));
  if (command.forms.length === 0) return listed.size === 0 ? [] : [command.operands.items];
  const lacking = (form: Form) =>
    form.options.filter(({ required, name }) => required && !given.has(name)).length;
  return command.forms
    .toSorted((a, b) => lacking(a) - lacking(b))
    .map((form) =>
      form.operands.map((operand) => ({
        ...operand,
        word: listed.get(operand.name)?.word ?? operand.word,
      })),
    );
}

/** Whether a word from some operand on belongs to another program's command line. */
export function beginsOtherProgram(command: Command, operandsBefore: number): Operand | undefined {
  const { forms, operands: listed } = command;
  const shown = forms.length === 0 ? listed.items : forms.flatMap((form) => form.operands);
  if (!shown.some(({ kind }) => kind === 'command-line')) return undefined;
  for (const operands of operandLists(command, new Set())) {
    const at = operands.findIndex(({ kind }) => kind === 'command-line');
    const before = operands.slice(0, Math.max(0, at));
    if (at >= 0 && before.every(({ count }) => count?.value.most !== null) && operandsBefore >= before.length)
      return operands[at];
  }
  return undefined;
}

function assign(operands: readonly Operand[], words: readonly string[]): OperandAssignment {
  const keywords = new Map(
    operands.filter(({ kind }) => kind === 'keyword').map((operand) => [operand.name, operand]),
  );
  const keywordOf = (word: string) =>
    word.includes('=') ? keywords.get(word.slice(0, word.indexOf('='))) : undefined;
  const assigned: (Operand | undefined)[] = words.map(keywordOf);
  const positions = words.flatMap((word, i) => (keywordOf(word) === undefined ? [i] : []));
  const plain = operands.filter(({ kind }) => kind !== 'keyword');
  const shares = plain.map((operand) => ({ operand, words: 0 }));
  let left = positions.length;
  for (const share of shares) {
    share.words = Math.min(left, leastOf(share.operand));
    left -= share.words;
  }
  for (const share of shares) {
    const more = Math.min(left, mostOf(share.operand) - share.words);
    share.words += Math.max(0, more);
    left -= Math.max(0, more);
  }
  let at = 0;
  for (const { operand, words: own } of shares) {
    for (const position of positions.slice(at, at + own)) assigned[position] = operand;
    at += own;
  }
  const missing = shares
    .filter(({ operand, words: own }) => own < leastOf(operand))
    .map(({ operand }) => operand);
  const missingKeywords = [...keywords.values()].filter(
    (operand) => leastOf(operand) > 0 && !assigned.includes(operand),
  );
  return { operands, assigned, missing: [...missing, ...missingKeywords] };
}

function leastOf({ count }: Operand): number {
  return count?.value.least ?? 0;
}

function mostOf({ count, kind }: Operand): number {
  if (kind === 'expression' || kind === 'command-line' || count === undefined)
    return Number.POSITIVE_INFINITY;
  return count.value.most ?? Number.POSITIVE_INFINITY;
}
