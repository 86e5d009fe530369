import { quoteName } from '../../messages/wording.ts';
import { defineCheck } from '../define-check.ts';
import { standsAlone, toldTexts } from '../told-texts.ts';

type Missing = { readonly section: string; readonly of: string | null };

/** One finding for each section of the help that a text sends its reader to and that the help does not have. */
export const sectionMissing = defineCheck({
  name: 'help/section-missing',
  level: 'note',
  title: 'A text sends the reader to a section that does not exist',
  why: 'The section was renamed, or stands in the manual page only. The reader looks for it below, and finds nothing.',
  standard: 'practice',
  needs: ['the texts of the help output'],
  since: 11,
  examples: {
    wrong: 'Usage: tiffin [OPTION]...\n\n  --day=DAY  the day; see DAYS below\n  --map      draw a map\n',
    right:
      'Usage: tiffin [OPTION]...\n\n  --day=DAY  the day; see DAYS below\n  --map      draw a map\n\nDAYS:\n  A day is a name or a number.\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --day=DAY    the day; see DAYS in the manual\n  --map        draw a map; see section TIDES of tiffin(1)\n  --form=FORM  see FORM\n',
  },
  judge(view, report) {
    for (const { command, path } of view.described) {
      for (const { text, place, of } of toldTexts(command)) {
        if (!view.isHelp(place)) continue;
        report.judged();
        const [, below, section = below] = SENT.exec(text) ?? [];
        if (section === undefined || !standsAlone(section, place)) continue;
        report.finding({ command: path, subject: of ?? section, data: { section, of }, place });
      }
    }
  },
  message: ({ section, of }: Missing) =>
    `${of === null ? 'the help' : `the text of ${quoteName(of)}`} sends the reader to the section ${section}, which the help does not have`,
  fix: ({ section }) => `name the right section, add ${section}, or say where it stands`,
});

/** `see TIDES below`, `see the section TIDES`; not a section of something else. */
const SENT =
  /\bsee (?:also )?(?:the )?(?:([A-Z][A-Z-]{3,30}) (?:above|below)|section ([A-Z][A-Z-]{3,30}))\b(?! (?:of|in)\b)/;
