import { addTo } from '../../collections/grouped.ts';
import { type Command, makeCommand } from '../../model/command.ts';
import { formOf, OWN_SYNOPSIS } from '../../notation/form.ts';
import { readUsageForm } from '../../notation/usage-form.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';
import type { CleanedText } from './cleaned-text.ts';
import { TextFlow } from './text-flow.ts';
import type { TextLine, TextPiece } from './text-line.ts';
import { firstWord } from './usage-continuation.ts';
import { usageOnlyOptions } from './usage-options.ts';

/** Commands that a text shows by their synopses alone, and the lines that show them. */
export interface CommandSynopses {
  readonly commands: readonly Command[];
  readonly lines: ReadonlySet<number>;
}

/** The fewest synopses, one below the other, that are a list of commands. */
const MIN_SYNOPSES = 3;

/**
 * Reads paragraphs of synopses without texts, each of which begins with a command's name and may go on in deeper lines:
 *
 *     list [--late] [DAY]
 *     move [-f|--force] BOX...
 *         [--to QUAY]
 */
export function readCommandSynopses(lines: readonly TextLine[], cleaned: CleanedText): CommandSynopses {
  const readings = new Map<string, UsageReading[]>();
  const taken = new Set<number>();
  for (const paragraph of paragraphs(lines)) {
    const synopses = splitSynopses(paragraph);
    if (synopses === undefined) continue;
    for (const { index } of paragraph) taken.add(index);
    for (const pieces of synopses) {
      const reading = readUsageForm(new TextFlow(cleaned, pieces));
      addTo(readings, reading.program[0] ?? '', reading);
    }
  }
  return { commands: [...readings].map(([name, own]) => commandOf(name, own)), lines: taken };
}

function commandOf(name: string, readings: readonly UsageReading[]): Command {
  const place = readings[0]?.programPlace ?? null;
  return makeCommand({
    names: [{ text: name, place }],
    forms: readings.map((reading) => formOf(reading, OWN_SYNOPSIS)),
    options: { items: usageOnlyOptions(readings, new Set()), complete: undefined },
    place,
  });
}

/** Runs of lines that are indented, parted by all other lines. */
function* paragraphs(lines: readonly TextLine[]): Generator<TextLine[]> {
  let run: TextLine[] = [];
  for (const line of lines) {
    if (!line.blank && line.indent > 0) {
      run.push(line);
    } else {
      yield run;
      run = [];
    }
  }
  yield run;
}

/** A name, and behind it nothing but notation. */
const SYNOPSIS = /^[a-z][\w-]{0,40}(?:$| +(?=[[<{]|-\w|--\w))/;
const NOTATION = /[[<{]|\s-{1,2}\w/;
/** Two plain words in a row, or blanks as before a text, are no notation. */
const PROSE = /(?:^|[\s,])[A-Za-z]{2,} [a-z]{2,}\b|\S {3,}[A-Za-z]/;

/** The synopses of a paragraph; undefined where it holds anything else, or too few. */
function splitSynopses(paragraph: readonly TextLine[]): TextPiece[][] | undefined {
  if (paragraph.length < MIN_SYNOPSES) return undefined;
  const indent = paragraph.reduce((least, line) => Math.min(least, line.indent), Number.POSITIVE_INFINITY);
  const synopses: TextPiece[][] = [];
  let marked = 0;
  for (const line of paragraph) {
    const text = line.text.slice(line.first, line.first + 300).trimEnd();
    const piece = { line, start: line.first, end: line.text.length };
    if (line.indent > indent) {
      if (!/^[[<{|(]/.test(text) || synopses.length === 0) return undefined;
      synopses.at(-1)?.push(piece);
    } else if (SYNOPSIS.test(text) && !PROSE.test(text)) {
      if (NOTATION.test(text)) marked++;
      synopses.push([piece]);
    } else return undefined;
  }
  // Where one word begins them all it is the program.
  const words = new Set(synopses.map(([piece]) => piece && firstWord(piece.line, piece.start)));
  const areCommands = words.size > 1 && marked * 2 >= synopses.length;
  return synopses.length >= MIN_SYNOPSES && areCommands ? synopses : undefined;
}
