import { shortOptions } from '../../conformance/gnu/long-equivalents.ts';
import { countOf, listNames } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';

/** Up to this share, letters without a long name are exceptions. */
const MAX_SHARE = 0.34;

/** One finding for an interface that has long options, and short ones without a long name. */
export const longNameMissing = defineCheck({
  name: 'gnu/long-name-missing',
  level: 'note',
  title: 'A short option has no long name',
  why: 'In a script, a long name says what it does. A letter has to be looked up.',
  standard: 'GNU Coding Standards 4.8',
  needs: ['short and long options'],
  since: 1,
  examples: {
    wrong:
      'Usage: tiffin [OPTION]...\n\n  -q, --quiet  say nothing\n  -l, --late   only late ones\n  -b BOX       print one box\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  -q, --quiet    say nothing\n  -l, --late     only late ones\n  -b, --box=BOX  print one box\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  -q      say nothing\n  -l      only late ones\n  -b BOX  print one box\n',
  },
  judge(view, report) {
    const { judged, lacking } = shortOptions(view);
    report.judged(judged.length);
    const first = lacking[0];
    // Where many lack one, letters are the program's custom, and a list of them tells nothing new.
    if (first === undefined || (!view.claims('gnu') && lacking.length > judged.length * MAX_SHARE)) return;
    const nameOf = ({ option }: typeof first) => option.names[0]?.text ?? '';
    report.finding({
      command: first.at.path,
      subject: nameOf(first),
      data: { names: [...new Set(lacking.map(nameOf))], judged: judged.length },
      place: first.option.place,
      related: lacking.slice(1, 5).map(({ option }) => ({
        place: option.place,
        note: 'this one has none either',
      })),
      level: view.claims('gnu') ? 'warning' : 'note',
    });
  },
  apart: true,
  message: ({ names, judged }: { names: readonly string[]; judged: number }) =>
    `${countOf(names.length, 'short option')} of ${judged} ${names.length === 1 ? 'has' : 'have'} no long name: ${listNames(names)}`,
  fix: ({ names }) => (names.length === 1 ? 'give it a long name as well' : 'give each a long name as well'),
});
