import { type Command, makeCommand } from '../../model/command.ts';
import type { Operand } from '../../model/operand.ts';
import type { UsageReading } from '../../notation/usage-reading.ts';
import { matches } from '../../source/matches.ts';
import type { CleanedText } from './cleaned-text.ts';

/** Behind the words of a choice: its end, and dots that stand apart from it, for whatever the command takes. */
const GOES_ON = /^\} \.\.\.(?:\s|$)/;

/** A list of words without their brackets. */
const WORDS = /^[\w.+-]{1,60}(?:,[\w.+-]{1,60})*$/;

/**
 * The commands of which a synopsis shows a choice with dots apart from it, `{open,close} ...`: so Python's argparse writes the place of
 * subcommands. A choice that may be repeated has its dots in brackets (`{open,close} [{open,close} ...]`).
 */
export function chosenCommands(readings: readonly UsageReading[], cleaned: CleanedText): Command[] {
  const choice = readings.flatMap(({ form }) => form.operands).find((operand) => isChoice(operand, cleaned));
  if (choice?.place == null) return [];
  const { start } = choice.place;
  return matches(choice.name, /[^,]+/g).map((match) => {
    const from = start + match.index;
    const place = cleaned.span(from, from + match[0].length);
    return makeCommand({ names: [{ text: match[0], place }], place });
  });
}

function isChoice({ name, place }: Operand, cleaned: CleanedText): boolean {
  return place !== null && WORDS.test(name) && GOES_ON.test(cleaned.text.slice(place.end, place.end + 6));
}

/** Operands of a list without the choice of the commands that a synopsis shows, as a line of its own: `{open,close}`. */
export function withoutChosen(
  operands: readonly Operand[],
  commands: readonly Command[],
): readonly Operand[] {
  const names = commands.map(({ names: [name] }) => name?.text).join(',');
  return operands.filter(({ name }) => name !== `{${names}}`);
}
