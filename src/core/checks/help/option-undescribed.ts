import { countOf, listNames } from '../../messages/wording.ts';
import { mainName, type Option } from '../../model/option.ts';
import { withoutNotes } from '../../notation/without-notes.ts';
import type { Place } from '../../source/source.ts';
import { nameWords } from '../../words/name-words.ts';
import type { WordLists } from '../../words/word-lists.ts';
import { defineCheck } from '../define-check.ts';

/** One finding for each command that lists options without a text, beside others with one. */
export const optionUndescribed = defineCheck({
  name: 'help/option-undescribed',
  level: 'note',
  title: 'An option is listed without a text',
  why: 'The list should say what each option does. For these the reader has to try it out.',
  standard: 'GNU Coding Standards 4.8.2',
  needs: ['a list of options'],
  since: 1,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  --late-boxes  show late boxes\n  --quiet       say nothing\n  --terse\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --late-boxes  show late boxes\n  --quiet       say nothing\n  --terse       one line a box\n',
    nearMiss:
      'Usage: tiffin [--terse] [OPTION]...\n\n  --late-boxes  show late boxes\n  --quiet\n                say nothing\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      const { items, complete } = at.command.options;
      // A document that says it has everything leaves a text out by mistake; where it tells that help lists an option, it has the text of that.
      const isWhole = complete?.basis === 'stated' && complete.value;
      const isTold = ({ listed, place }: Option) =>
        listed || (isWhole && place !== null && !view.isHelp(place) && !view.isScript(place));
      const shown = items.filter((option) => isTold(option) && option.hidden?.value !== true);
      const listed = shown.filter(
        ({ help, place }, i) =>
          help !== undefined || !view.isHelp(place) || !isGoneOnWith(place, shown[i + 1]?.place ?? null),
      );
      report.judged(listed.length);
      const isBare = barePredicate(listed);
      const undescribed = listed.filter(
        (option, i) =>
          // Entries of a document have each a text of their own, or none.
          isBare(option) && !(view.isHelp(option.place) && sharesText(i, listed, view.words)),
      );
      const first = undescribed[0];
      if (first === undefined) continue;
      report.finding({
        command: at.path,
        subject: mainName(first).text,
        data: {
          names: undescribed.map((option) => mainName(option).text),
          described: listed.length - undescribed.length,
        },
        place: first.place,
        related: undescribed.slice(1, 5).map((option) => ({
          place: option.place,
          note: 'this one has no text either',
        })),
      });
    }
  },
  apart: true,
  message: ({ names, described }: { names: readonly string[]; described: number }) =>
    described === 0
      ? `none of the ${countOf(names.length, 'option')} listed has a text: ${listNames(names)}`
      : `${listNames(names)} ${names.length === 1 ? 'has' : 'have'} no text, ${countOf(described, 'other option')} listed ${described === 1 ? 'has' : 'have'} one`,
  fix: () => 'say in a few words what it does, with its default and allowed values',
});

/** A list tells in words what its options do where so many times as many have a text as have notes alone. */
const TOLD_FOR_NOTED = 3;

/** What has no text: also one with notes alone, `(default: 4)`, in a list where hardly any other has. */
function barePredicate(listed: readonly Option[]): (option: Option) => boolean {
  const isNoted = ({ help, deprecated }: Option) =>
    help !== undefined &&
    deprecated === undefined &&
    !/deprecated/i.test(help.value) &&
    // `Either box or lid`: the allowed values in words are a text.
    !/^(?!default)[a-z]{3,}\b/i.test(help.value) &&
    withoutNotes(help.value) === '';
  const noted = listed.filter(isNoted).length;
  const told = listed.filter(({ help }) => help !== undefined).length - noted;
  return (option) =>
    option.help === undefined ||
    option.help.value.trim() === '' ||
    (noted * TOLD_FOR_NOTED <= told && isNoted(option));
}

/** Whether an entry is followed, in the next line and further in, by another one: then that may be its second half. */
function isGoneOnWith(place: Place, next: Place): boolean {
  if (place === null || next === null || place.source !== next.source || next.start < place.end) return false;
  const { text } = place.source;
  const between = text.slice(place.end, next.start);
  const start = text.lastIndexOf('\n', place.start - 1) + 1;
  const nextStart = text.lastIndexOf('\n', next.start - 1) + 1;
  return /^[^\n]*\n[ \t]+$/.test(between) && next.start - nextStart > place.start - start;
}

/** So many entries may share the text of one. */
const MAX_IN_A_ROW = 8;

/**
 * Whether the text of a neighbour is that of an option too: one below it, as `-q, --quiet` above `-s, --silent  say nothing`, `-?` above
 * `--help`, `-R` above `--recursive`, or `-m FILE` and `-boxmap FILE` above `--box-map FILE`; or one above it, as `--left-footer=TEXT  set sheet footers`
 * above `--footer=TEXT`.
 */
function sharesText(index: number, listed: readonly Option[], words: WordLists): boolean {
  const option = listed[index];
  if (option === undefined) return false;
  for (const step of [1, -1]) {
    for (let i = index + step; Math.abs(i - index) <= MAX_IN_A_ROW; i += step) {
      const other = listed[i];
      const [upper, lower] = step > 0 ? [listed[i - 1], other] : [other, listed[i + 1]];
      if (upper === undefined || lower === undefined || other === undefined || !isAbove(upper, lower)) break;
      const shares =
        isLetterOf(option, other) ||
        isApart(other) ||
        isNegation(option, other) ||
        (step > 0 ? isLike(option, other, words) : sharesLastWord(option, other));
      if (!shares) break;
      if (other.help !== undefined) return true;
    }
  }
  return false;
}

/** Whether two options in a row are likely spellings of one. */
function isLike(option: Option, other: Option, words: WordLists): boolean {
  const [own, next] = [mainName(option).text, mainName(other).text];
  const placeholder = placeholderOf(option);
  if (placeholder !== undefined && placeholder === placeholderOf(other)) return true;
  if (own === '-?' && next === '--help') return true;
  const concept = words.conceptOf(own)?.id;
  if (concept !== undefined && concept === words.conceptOf(next)?.id) return true;
  const plain = (name: string) => name.replaceAll('-', '').toLowerCase();
  if (own.length > 3 && next.startsWith(`${own}-`)) return true;
  return plain(own).length > 1 && plain(own) === plain(next);
}

/** `-U` beside `--unicode`: one has only a letter, the other only a long name that begins with it. */
function isLetterOf(a: Option, b: Option): boolean {
  const [letter, long] = a.names.every(({ form }) => form === 'short') ? [a, b] : [b, a];
  const name = (long.names[0]?.text ?? '').replace(/^-+/, '');
  return (
    letter.names.length === 1 &&
    letter.names[0]?.form === 'short' &&
    long.names.every(({ form }) => form === 'long' || form === 'single-hyphen-long') &&
    name.charAt(0).toLowerCase() === letter.names[0].text.charAt(1).toLowerCase()
  );
}

/** Whether a blank line stands between an option and its text: where texts stand so, names right below each other are of one entry. */
function isApart({ place, help }: Option): boolean {
  if (place === null || !help?.place || place.source !== help.place.source) return false;
  return /\n[ \t]*\n/.test(place.source.text.slice(place.end, help.place.start));
}

/** `--late` beside `--no-late`: what one does, the other takes back. */
function isNegation(a: Option, b: Option): boolean {
  const [plain, negated] = [mainName(a).text, mainName(b).text].toSorted((x, y) => x.length - y.length);
  return plain !== undefined && negated === plain.replace(/^--?/, '$&no-');
}

function sharesLastWord(option: Option, other: Option): boolean {
  const last = (one: Option) => nameWords(mainName(one).text).at(-1);
  const placeholder = placeholderOf(option);
  return placeholder !== undefined && placeholder === placeholderOf(other) && last(option) === last(other);
}

/** Whether nothing but blanks stands between two entries of help output, or the text of the first. */
function isAbove({ place: a, help }: Option, { place: b }: Option): boolean {
  if (a === null || b === null || a.source !== b.source) return false;
  const end = Math.max(a.end, help?.place?.end ?? a.end);
  const between = a.source.text.slice(end, b.start);
  return between.trim() === '' && (between.match(/\n/g) ?? []).length < 2;
}

function placeholderOf({ argument }: Option): string | undefined {
  return argument?.value.words[0]?.placeholder?.value.replace(/\s*\.\.\.$/, '');
}
