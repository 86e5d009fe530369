import { listNames } from '../../messages/wording.ts';
import type { Option } from '../../model/option.ts';
import { withoutNotes } from '../../notation/without-notes.ts';
import type { Place } from '../../source/source.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with options whose text breaks off, and for each command whose own text does. */
export const textUnfinished = defineCheck({
  name: 'help/text-unfinished',
  level: 'warning',
  title: 'A text ends in the middle of a sentence',
  why: 'What the reader needs stood in the rest, which was lost in an edit, or in the code that prints the help.',
  standard: 'practice',
  needs: ['the texts of the options'],
  since: 7,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --late   list only boxes that\n  --map    draw a map of the round\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --late   list only boxes that are late\n  --map    draw a map of the round\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --late   list only what is late, and so on\n  --map    which round to draw and where to send it to\n  --box    take boxes in the form of (a, b)\n',
  },
  judge(view, report) {
    reportFaultyOptions(view, report, {
      among: ({ help }) => (help?.value.trim().split(/\s+/).length ?? 0) > 2,
      isAtFault: ({ help }) => breaksOff(withoutNotes(help?.value ?? '')) && !isOrBetween(help),
      placeOf: ({ help, place }) => help?.place ?? place,
    });
    for (const { command, path } of view.commands) {
      const told = [command.summary, command.description].find(
        (fact) =>
          fact !== undefined &&
          fact.value.split(/\s+/).length > 2 &&
          breaksOff(fact.value.trim()) &&
          endsThere(fact.place),
      );
      report.judged();
      if (told !== undefined)
        report.finding({
          command: path,
          subject: path.join(' '),
          data: { names: [path.join(' ')] },
          place: told.place,
          level: 'note',
        });
    }
  },
  message: ({ names }: FaultyOptions) =>
    `the ${names.length === 1 ? 'text' : 'texts'} of ${listNames(names)} ${names.length === 1 ? 'breaks' : 'break'} off`,
  fix: () => 'finish the sentence',
});

/** Words behind which an English sentence goes on; prepositions may end one: `where to send it to`. */
const GOES_ON =
  /(?:^|[\s(])(?:that|the|an|and|or|which|whose|their|because|unless|than|will|must|should|your|its)$/i;

/** Phrases that no sentence ends with, such as a preposition behind a comma; a lone letter may be a name. */
const PHRASE =
  /[,;] (?:(?:in|of|with|by|for|from|at|but|if|when|where|while)(?: not)?)$|\b(?:if|of|to|in|on|for|with|by|from|when|at|as|is|are) a$|\b(?:as well|such) as$|\(see$/i;

/** A line with nothing but `or`: it stands between two entries. */
function isOrBetween(help: Option['help']): boolean {
  if (help === undefined || help.place === null) return false;
  const { source, start, end } = help.place;
  return /\n[ \t]*(?:and|or)$/i.test(source.text.slice(start, end));
}

function breaksOff(text: string): boolean {
  // A list of values or examples may stand below.
  return (GOES_ON.test(text) || PHRASE.test(text)) && !/["'`]\w+$/.test(text) && /^[\x20-\x7e]*$/.test(text);
}

/** Whether a blank line, or nothing, follows in the source: the first line of a paragraph may be all that is kept of it. */
function endsThere(place: Place): boolean {
  if (place === null) return true;
  const behind = place.source.text.slice(place.end, place.end + BEHIND);
  return /^[ \t]*(?:\n[ \t]*(?:\n|$)|$)/.test(behind);
}

/** So much behind a text is looked at. */
const BEHIND = 100;
