import { groupedBy } from '../../collections/grouped.ts';
import { listNames } from '../../messages/wording.ts';
import { mainName } from '../../model/option.ts';
import { withoutNotes } from '../../notation/without-notes.ts';
import { defineCheck } from '../define-check.ts';
import { toldTexts } from '../told-texts.ts';

type Slip = 'word-twice' | 'open-bracket' | 'comma' | 'unfilled' | 'no-value';

type Slips = { readonly names: readonly string[]; readonly slip: Slip };

/** One finding for each kind of slip in the texts of the options of a command. */
export const textSlip = defineCheck({
  name: 'help/text-slip',
  level: 'note',
  title: 'A text has a word twice, an open bracket, a comma at its end, or a place that was not filled in',
  why: 'Either it is a slip of the pen, or the rest was lost in an edit, and with it what the reader needs.',
  standard: 'practice',
  needs: ['the texts of the options'],
  since: 11,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --late   list what is late (but not on Fridays\n  --map    draw a map of the round\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --late   list what is late (but not on Fridays)\n  --map    draw a map of the round\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --late   list what is late :-(\n  --map    which round to draw: a) early, b) late\n  --box    take boxes, lids, ...\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      const told = command.options.items.filter(({ help }) => help !== undefined);
      report.judged(told.length);
      for (const [slip, faulty] of groupedBy(told, ({ help }) => slipIn(help?.value ?? ''))) {
        const [first] = faulty;
        if (first?.help === undefined) continue;
        report.finding({
          command: path,
          subject: mainName(first).text,
          data: { names: faulty.map((option) => mainName(option).text), slip },
          place: first.help.place,
        });
      }
      for (const { text, place, option } of toldTexts(command)) {
        const running = option === undefined ? text.slice(0, SEARCHED) : '';
        const slip = hasWordTwice(running) ? 'word-twice' : UNFILLED.test(running) ? 'unfilled' : undefined;
        if (slip !== undefined)
          report.finding({ command: path, subject: path.at(-1) ?? '', data: { names: [], slip }, place });
      }
    }
  },
  members: { list: 'names', nameOf: (name) => name },
  message: ({ names, slip }: Slips) =>
    names.length === 0
      ? `a text of the help ${SLIPS[slip].one}`
      : `the ${names.length === 1 ? 'text' : 'texts'} of ${listNames(names)} ${names.length === 1 ? SLIPS[slip].one : SLIPS[slip].many}`,
  fix: () => 'correct the text, or finish it',
});

const SLIPS: { readonly [K in Slip]: { readonly one: string; readonly many: string } } = {
  'word-twice': { one: 'has a word twice', many: 'have a word twice' },
  'open-bracket': {
    one: 'opens a bracket and does not close it',
    many: 'open brackets and do not close them',
  },
  comma: { one: 'ends with a comma', many: 'end with a comma' },
  unfilled: {
    one: 'has a place that the program did not fill in',
    many: 'have places that the program did not fill in',
  },
  'no-value': {
    one: 'tells a default that only means that there is none',
    many: 'tell a default that only means that there is none',
  },
};

/** A word of grammar that stands twice, or any word of several letters in small ones, but for what is said twice on purpose. */
const TWICE =
  /(?:^|\s)(?:(the|a|an|of|to|is|are|and|or|for|with|be|by|if) \1|(?!(?:blah|had|many|more|much|that|very)\b)([a-z]{3,}) \2)(?=\s)/;
const TWICE_IN_CAPITALS = /(?:^|\s)(The|A|An|If|For|To) (?:the|a|an|if|for|to)(?=\s)/;

function hasWordTwice(text: string): boolean {
  const capital = TWICE_IN_CAPITALS.exec(text);
  const [one, other] = capital?.[0].trim().toLowerCase().split(' ') ?? [];
  return TWICE.test(text) || (one !== undefined && one === other);
}

/** What parsers and templates put a value in, and what they print where there is none. */
const UNFILLED =
  /%\((?:default|prog|choices|type|dest|metavar|nargs|const)\)[sdr]|%!\w?\(|\[object Object\]|<no value>|\bdefaults?(?: to|:|=| is)? ?["'`]?(?:undefined|NaN|<built-in )/;

/** A default that is a word of the language that the program is written in. */
const NO_VALUE = /[([]defaults?(?: to|:|=| is)? ?["'`]?(?:None|null|nil|<nil>)["'`]?[)\]]/;

/** A note in square brackets within which the next one begins, or that does not end: `[default: box [possible values: box, lid]`. */
const OPEN_NOTE =
  /\[(?:defaults?|env|possible values|choices|aliases)[:=] ?[^[\]]{1,100}(?:\[(?:default|env|possible|choices|aliases)\b|$)/;

function slipIn(whole: string): Slip | undefined {
  if (UNFILLED.test(whole.slice(0, SEARCHED))) return 'unfilled';
  if (NO_VALUE.test(whole.slice(0, SEARCHED))) return 'no-value';
  if (hasWordTwice(whole.slice(0, SEARCHED))) return 'word-twice';
  if (OPEN_NOTE.test(whole.slice(0, SEARCHED))) return 'open-bracket';
  const text = withoutNotes(whole).slice(0, SEARCHED);
  if (/(?:^|\s)[a-z]+ [a-z]{2,},$/.test(text)) return 'comma';
  // Marks of code may open brackets of their own.
  const isProse = /^[\w\s.,;:'()-]*$/.test(text) && !/(?:^|\s)\w{1,2}\)|[:;]-?\(/.test(text);
  const [opened, closed] = [text.match(/ \(\w/g), text.match(/\)/g)];
  return isProse && (opened?.length ?? 0) > (closed?.length ?? 0) ? 'open-bracket' : undefined;
}

/** So much of a text is searched. */
const SEARCHED = 2000;
