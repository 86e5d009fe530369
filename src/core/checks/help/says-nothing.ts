import { listNames } from '../../messages/wording.ts';
import { longNames, mainName, type Option } from '../../model/option.ts';
import { unitCalled } from '../../notation/told-unit.ts';
import { withoutNotes } from '../../notation/without-notes.ts';
import type { Place } from '../../source/source.ts';
import { nameWords } from '../../words/name-words.ts';
import { repeatsName, wordsInARow } from '../../words/repeats-name.ts';
import { defineCheck } from '../define-check.ts';
import type { FaultyOptions } from '../faulty-options.ts';

/** Names that say all there is to say. */
const CLEAR: ReadonlySet<string> = new Set([
  'help',
  'version',
  'verbose',
  'quiet',
  'silent',
  'force',
  'debug',
  'yes',
  'usage',
  'license',
  'licence',
]);

/** `TODO`, `TODO: say which box`, `TODO describe`; a `TODO list` is one of things to do. */
const UNFINISHED =
  /^(?:todo|tbd|fixme|xxx|undocumented|no description(?: (?:available|yet|provided|given))?|description|to be (?:documented|written|done|described)|not (?:yet )?documented(?: yet)?|description goes here|lorem ipsum.{0,80}|n\/a|none|blah)\b[ .:!-]*$|^(?:TODO|TBD|FIXME|XXX)(?:$|\s?[.:(!-]| (?:add|describe|document|explain|fill|write|this)\b)|^(?:[?.…-]{1,10})$/i;

/** One finding for each command with options whose text only repeats the name, or is still to be written. */
export const saysNothing = defineCheck({
  name: 'help/says-nothing',
  level: 'warning',
  title: 'A text only repeats the name, or is still to be written',
  why: 'Readers of the help have already read the name. A text that adds nothing hides the fact that one is missing.',
  standard: 'GNU Coding Standards 4.8.2',
  needs: ['the texts of the options'],
  since: 4,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --late-boxes  late boxes\n  --map         draw a map of the round\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --late-boxes  list only what came after noon\n  --map         draw a map of the round\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  --late-boxes  print late boxes\n  --verbose     verbose\n',
  },
  judge: (view, report) => {
    for (const at of view.described) {
      const told = at.command.options.items.filter(({ help }) => help !== undefined);
      report.judged(told.length);
      const exact = told.filter((option) => isEmpty(option, isName));
      // A name in a phrase that adds nothing to it is told where nothing worse is.
      const faulty = exact.length > 0 ? exact : told.filter((option) => isEmpty(option, repeatsName));
      const [first] = faulty;
      if (first?.help === undefined) continue;
      report.finding({
        command: at.path,
        subject: mainName(first).text,
        data: { names: [...new Set(faulty.map((option) => mainName(option).text))] },
        place: first.help.place,
        ...(exact.length === 0 || exact.every((option) => mayNameAll(option) || tellsOfValue(option))
          ? { level: 'note' }
          : {}),
      });
    }
  },
  apart: true,
  message: ({ names }: FaultyOptions) =>
    `the ${names.length === 1 ? 'text' : 'texts'} of ${listNames(names)} ${names.length === 1 ? 'says' : 'say'} nothing that ${names.length === 1 ? 'the name does' : 'the names do'} not`,
  fix: () => 'say what it does and to what, with its default and allowed values',
});

/** A name that begins so is a sentence: `--ignore-case` says all that there is to say. */
const SENTENCE =
  /^(?:ignore|show|print|list|use|set|add|remove|delete|enable|disable|allow|disallow|require|prefer|accept|reject|stop|start|keep|skip|follow|preserve|dump|include|exclude|force|read|write|sort|reverse|count|no|not|create|check|test|update|display|output|generate|run|open|merge|strip|convert|expand|suppress|omit|hide|warn|clear|reset|save|load|send|quit|exit|close|wait|retry|resume|restart|reload|rename|replace|restore|reuse|compress|decompress|encrypt|decrypt|verify|validate|edit|fix|mount|unmount|lock|unlock|sync|trace|debug|log|record|play|copy|move|link|unlink|install|uninstall|upgrade|download|upload|search|find|get|put|push|pull|kill|abort|confirm|swap|flip|rotate|scale|resize|trim|split|join|wrap|fold|escape|unescape|quote|unquote|parse|build|compile|clean|purge|prune|drop|truncate|append|prepend|insert|apply|undo|redo|bypass|bind|connect|disconnect|listen|resolve|expose|hold|mark|group|limit|filter|match|invert|assume|detect|measure|calculate|compute) /;

/** Whether an option is a flag of one word, `--decompress`: its name may say all that there is to say. */
function mayNameAll({ argument, names, help }: Option): boolean {
  return (
    argument?.value.presence === 'none' &&
    !UNFINISHED.test(withoutNotes(help?.value ?? '')) &&
    names.every(({ text }) => nameWords(text).length === 1)
  );
}

/** Whether a text tells the allowed values behind the name, or a default that shows what they look like, or the placeholder or a note is a unit: then it says something. */
function tellsOfValue({ argument, help }: Option): boolean {
  const isIn = (place: Place | undefined) =>
    place != null && help?.place != null && place.start >= help.place.start && place.end <= help.place.end;
  // `bitrate (in kilobit/sec)`
  if (/[([](?:in|as) [a-z]/i.test(help?.value ?? '')) return true;
  return (argument?.value.words ?? []).some(
    (word) =>
      unitCalled(word.placeholder?.value.replace(/[<>[\]]/g, '') ?? '') !== undefined ||
      isIn(word.values?.place) ||
      isIn(word.range?.place) ||
      (isIn(word.default?.place) && /\W/.test(word.default?.value ?? '')),
  );
}

/** Whether a text is still to be written, or one of the long names is all that it says. */
function isEmpty(option: Option, repeats: (text: string, name: string) => boolean): boolean {
  const text = withoutNotes(option.help?.value ?? '');
  if (UNFINISHED.test(text)) return true;
  return longNames(option).some(({ text: name }) => {
    const own = nameWords(name.toLowerCase());
    const phrase = own.join(' ');
    return !CLEAR.has(own.join('-')) && !SENTENCE.test(phrase) && repeats(text, phrase);
  });
}

function isName(text: string, name: string): boolean {
  return wordsInARow(text) === name;
}
