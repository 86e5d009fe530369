import { access } from 'node:fs/promises';
import { InvalidArgumentError, Option } from 'commander';
import { type AcceptedFinding, acceptedText, isDay, readAccepted } from 'dabbawala';
import { readSourceFile } from 'dabbawala/node';
import type { Io } from './io.ts';
import { reportProblem } from './report-problem.ts';
import { writeResult } from './write-result.ts';

/** An option that takes a day. */
export function dayOption(flags: string, help: string): Option {
  return new Option(flags, help).argParser((day: string) => {
    if (!isDay(day)) throw new InvalidArgumentError('Expected a day such as 2027-01-31.');
    return day;
  });
}

/** Today where the command runs, as `2027-01-31`. */
export function today(): string {
  const now = new Date();
  const two = (number: number) => String(number).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** What a file accepts; nothing where none is named. One that is to be made need not be there. */
export async function readAcceptedFile(
  path: string | undefined,
  mayBeNew: boolean,
  io: Io,
): Promise<{ readonly accepted: readonly AcceptedFinding[]; readonly isUnusable: boolean }> {
  if (path === undefined || (mayBeNew && (await isMissing(path)))) return { accepted: [], isUnusable: false };
  const { source, problems } = await readSourceFile(path);
  const read = source === undefined ? undefined : readAccepted(source);
  const all = [...problems, ...(read?.problems ?? [])];
  for (const problem of all) reportProblem(problem, io);
  // A file of which a part is not understood would be written without it.
  return { accepted: read?.accepted ?? [], isUnusable: source === undefined || all.length > 0 };
}

async function isMissing(path: string): Promise<boolean> {
  return await access(path).then(
    () => false,
    () => true,
  );
}

/** Writes a file that accepts what it did, and more; tells how much it is, and whether it could be written. */
export async function acceptFindings(
  path: string,
  before: readonly AcceptedFinding[],
  more: readonly AcceptedFinding[],
  io: Io,
): Promise<boolean> {
  if (!(await writeResult(acceptedText([...before, ...more]), path, io))) return false;
  io.write(`${path}: ${more.length} more accepted\n`);
  return true;
}
