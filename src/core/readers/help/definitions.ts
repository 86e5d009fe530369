import { bareValue, makeValueWord, NO_ARGUMENT, type OptionArgument } from '../../model/argument.ts';
import { type Command, makeCommand } from '../../model/command.ts';
import { stated } from '../../model/fact.ts';
import { makeOption, type Option } from '../../model/option.ts';
import { nameFormOf } from '../../notation/option-name.ts';
import { ANY_OPTIONS } from '../../notation/usage-words.ts';
import type { Span } from '../../source/source.ts';
import type { CleanedText } from './cleaned-text.ts';
import { TextFlow } from './text-flow.ts';
import type { TextLine, TextPiece } from './text-line.ts';

/** What a text defines below its synopses, as grammars do: `OPTIONS := { -V[ersion] | -b[atch] [FILE] }`, `OBJECT := { box | lid }`. */
export interface Definitions {
  readonly options: readonly Option[];
  /** The words that a placeholder in front of that for a command stands for. */
  readonly commands: readonly Command[];
  /** Whether names are shown with letters that may be left out: then words of the synopses are names, and no groups of letters. */
  readonly shortensNames: boolean;
  /** The numbers of the lines that hold them. */
  readonly lines: ReadonlySet<number>;
}

const SHORTENED_NAME = /\s-\w+\[[a-z-]+\]/;
const DEFINITION = /^\s*(?:where:?\s+)?([A-Z][A-Z0-9_-]{0,60})\s*:{1,2}=\s*(?=\{)/;
/** A definition goes on over at most so many lines. */
const LINES_LIMIT = 400;

/** Reads the definitions of a text. `isLeading` says whether a placeholder stands in front of that for a command. */
export function readDefinitions(
  lines: readonly TextLine[],
  cleaned: CleanedText,
  isLeading: (placeholder: string) => boolean,
): Definitions {
  const options: Option[] = [];
  const commands: Command[] = [];
  const taken = new Set<number>();
  let shortensNames = false;
  let next = 0;
  for (const line of lines) {
    const mayDefine = line.index >= next && line.text.includes(':= ');
    const match = mayDefine ? DEFINITION.exec(line.text.slice(0, 200)) : null;
    if (match === null) continue;
    const { pieces, isWhole } = definitionAt(lines, line, match[0].length);
    // Nor is anything else begun within one that does not end.
    next = (pieces.at(-1)?.line.index ?? line.index) + 1;
    if (!isWhole) continue;
    for (const piece of pieces) taken.add(piece.line.index);
    const flow = new TextFlow(cleaned, pieces);
    const [, name = ''] = match;
    shortensNames ||= SHORTENED_NAME.test(flow.text);
    const parts = ANY_OPTIONS.test(name) || isLeading(name) ? alternatives(flow.text) : [];
    for (const part of parts) {
      if (ANY_OPTIONS.test(name)) for (const option of optionOf(part, flow)) options.push(option);
      else for (const command of commandOf(part, flow)) commands.push(command);
    }
  }
  return { options, commands, shortensNames, lines: taken };
}

/** The lines from an opening brace on, and whether they go to that which closes it. */
function definitionAt(
  lines: readonly TextLine[],
  first: TextLine,
  start: number,
): { readonly pieces: readonly TextPiece[]; readonly isWhole: boolean } {
  const pieces: TextPiece[] = [];
  let depth = 0;
  for (let i = first.index; i < first.index + LINES_LIMIT; i++) {
    const line = lines[i];
    if (line === undefined || line.blank) break;
    const from = line === first ? start : line.first;
    pieces.push({ line, start: from, end: line.text.length });
    for (const character of line.text.slice(from)) {
      if (character === '{') depth++;
      else if (character === '}') depth--;
    }
    if (depth <= 0) return { pieces, isWhole: true };
  }
  return { pieces, isWhole: false };
}

/** A part of a definition that can stand for all of it, by its indexes there. */
interface Alternative {
  readonly text: string;
  readonly start: number;
}

/** The parts of a choice in braces, between its bars; an option behind another without a bar is one of its own. */
function alternatives(text: string): Alternative[] {
  const found: Alternative[] = [];
  let depth = 0;
  let start = 1;
  const end = text.lastIndexOf('}');
  const close = (to: number) => {
    const part = text.slice(start, to);
    const at = start + part.length - part.trimStart().length;
    if (part.trim() !== '') found.push({ text: part.trim(), start: at });
  };
  for (let i = 1; i < end; i++) {
    const character = text[i] ?? '';
    if ('{['.includes(character)) depth++;
    else if ('}]'.includes(character)) depth--;
    else if (depth === 0 && character === '|') {
      close(i);
      start = i + 1;
    } else if (
      depth === 0 &&
      character === ' ' &&
      text[i + 1] === '-' &&
      text.slice(start, i).trim() !== ''
    ) {
      close(i);
      start = i + 1;
    }
  }
  close(end);
  return found;
}

/** `-b[atch] [FILE]`, `{ -cf | -conf } PATH` */
const DEFINED_OPTION =
  /^(?:\{\s*(--?\w[\w-]*)\s*\|\s*(--?\w[\w-]*)\s*\}|(--?\w[\w-]*)(?:\[[\w-]+\])?)(?:\s+(\S.*))?$/;

function optionOf({ text, start }: Alternative, flow: TextFlow): Option[] {
  const match = DEFINED_OPTION.exec(text);
  if (match === null) return [];
  // The letters in brackets may be left out. Some parsers take the whole word behind one hyphen, others behind two: only the letter is sure.
  const [, first, second, short, behind] = match;
  const place = flow.span(start, start + text.length - (behind?.length ?? 0));
  const names = [first ?? short, second].flatMap((name) => {
    const form = name === undefined ? undefined : nameFormOf(name);
    return name === undefined || form === undefined ? [] : [{ text: name, form, argument: undefined, place }];
  });
  const argumentAt = start + text.length - (behind?.length ?? 0);
  const argument =
    behind === undefined
      ? NO_ARGUMENT
      : argumentOf(behind, flow.span(argumentAt, argumentAt + behind.length));
  return names.length === 0 ? [] : [makeOption({ names, argument: stated(argument, place), place })];
}

/** `[FILE]`, `FILE`, `{ a | b }` */
function argumentOf(text: string, place: Span): OptionArgument {
  const isOptional = /^\[.*\]$/.test(text);
  const inner = text.replace(/^[[{]\s*|\s*[\]}]$/g, '');
  const values = inner.split(/\s*\|\s*/);
  const areValues = /^\{/.test(text) && values.length > 1 && values.every((value) => /^[\w.-]+$/.test(value));
  const word = makeValueWord({
    placeholder: stated(inner, place),
    values: areValues
      ? stated(
          values.map((value) => bareValue(value, place)),
          place,
        )
      : undefined,
  });
  return { presence: isOptional ? 'optional' : 'mandatory', words: [word], count: undefined, place };
}

function commandOf({ text, start }: Alternative, flow: TextFlow): Command[] {
  if (!/^[a-z][\w.-]*$/.test(text)) return [];
  const place = flow.span(start, start + text.length);
  return [makeCommand({ names: [{ text, place }], place })];
}
