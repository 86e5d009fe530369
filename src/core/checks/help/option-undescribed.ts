import { mainName, type Option } from '../../model/option.ts';
import type { WordLists } from '../../words/word-lists.ts';
import { defineCheck } from '../define-check.ts';
import { countOf, listNames } from '../wording.ts';

/** One finding for each command that lists options without a text, beside others with one. */
export const optionUndescribed = defineCheck<{
  names: readonly string[];
  described: number;
}>({
  name: 'help/option-undescribed',
  level: 'warning',
  title: 'An option is listed without a text',
  why: 'The list promises to say what each option does; for these the reader must try them out.',
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
      const listed = at.command.options.items.filter(
        (option) => option.listed && option.hidden?.value !== true,
      );
      report.judged(listed.length);
      const undescribed = listed.filter(
        (option, i) => option.help === undefined && !sharesText(option, listed[i + 1], view.words),
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
        // A list without any text is one of names, which are told elsewhere.
        level: undescribed.length === listed.length ? 'note' : 'warning',
        place: first.place,
        related: undescribed.slice(1, 5).map((option) => ({
          place: option.place,
          note: 'nor has this one a text',
        })),
      });
    }
  },
  message: ({ names, described }) =>
    described === 0
      ? `none of the ${countOf(names.length, 'option')} listed has a text: ${listNames(names)}`
      : `${listNames(names)} ${names.length === 1 ? 'has' : 'have'} no text, ${countOf(described, 'other option')} listed ${described === 1 ? 'has' : 'have'} one`,
  mend: () => 'say in a few words what it does, with its default and allowed values',
});

/**
 * `-q, --quiet` above `-s, --silent  say nothing`, `-?` above `--help`, `-cp PATH` above `--class-path PATH`: the text below is
 * that of both.
 */
function sharesText(option: Option, next: Option | undefined, words: WordLists): boolean {
  if (next?.help === undefined) return false;
  const [own, other] = [mainName(option).text, mainName(next).text];
  const concept = words.conceptOf(own)?.id;
  if (
    isAbove(option, next) &&
    placeholderOf(option) === placeholderOf(next) &&
    placeholderOf(next) !== undefined
  )
    return true;
  return own === '-?' ? other === '--help' : concept !== undefined && concept === words.conceptOf(other)?.id;
}

/** Whether nothing stands between two entries of help output. */
function isAbove({ place: a }: Option, { place: b }: Option): boolean {
  return (
    a !== null && b !== null && a.source === b.source && a.source.text.slice(a.end, b.start).trim() === ''
  );
}

function placeholderOf({ argument }: Option): string | undefined {
  return argument?.value.words[0]?.placeholder?.value;
}
