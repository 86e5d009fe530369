import type { Source } from '../../source/source.ts';
import { TextBuilder } from '../../source/text-builder.ts';
import { shellCalls } from '../shell-calls.ts';
import { type CallerFile, fileName } from './caller-file.ts';
import { linesOfFile } from './lines.ts';

const FIELD = String.raw`(?:\*|[\d*]|mon|tue|wed|thu|fri|sat|sun|jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[\w*/,~-]*`;

/** The time of a job: five fields, or a word for them. */
const TIME = new RegExp(
  String.raw`^[ \t]*-?(?:@(?:reboot|yearly|annually|monthly|weekly|daily|midnight|hourly|every_\w+)|${FIELD}(?:[ \t]+${FIELD}){4})[ \t]+(?=\S)`,
  'i',
);

/** A table of jobs for cron, of a user or, with the user in front of the command, of the system. */
export const crontab: CallerFile = {
  recognises: (path, text) =>
    /(?:^|[./_-])cron(?:tab)?s?(?:[./_-]|$)/i.test(path) && !/\.(?:md|ya?ml|json|service|timer)$/.test(path)
      ? linesOfFile(text).some((line) => TIME.test(line.text))
      : false,
  calls: (source) =>
    linesOfFile(source.text).flatMap((line) => {
      const [time] = TIME.exec(line.text) ?? [];
      if (time === undefined) return [];
      const user = isOfSystem(source.name)
        ? (/^\S+[ \t]+/.exec(line.text.slice(time.length))?.[0] ?? '')
        : '';
      const from = time.length + user.length;
      return shellCalls(jobText(source, line.text.slice(from), line.start + from));
    }),
};

/** Whether a table has the user of each job. */
function isOfSystem(path: string): boolean {
  return (
    /(?:^|\/)cron\.d\//.test(path) ||
    /(?:^|\/)etc\/(?:ana)?crontab$/.test(path) ||
    fileName(path) === 'system.crontab'
  );
}

/** A command up to the first percent sign, behind which stands what it is given to read; `\%` is one. */
function jobText(source: Source, text: string, start: number): Source {
  const builder = new TextBuilder(source);
  for (const { 0: piece, index } of text.matchAll(/\\%|%|[^\\%]+|\\/g)) {
    if (piece === '%') break;
    if (piece === '\\%') builder.copy('%', start + index + 1);
    else builder.copy(piece, start + index);
  }
  return builder.build();
}
