import { MisuseError } from 'dabbawala';
import { OwnCheckError } from 'dabbawala/node';
import type { Io } from './io.ts';
import { reportError, reportProblem } from './report-problem.ts';

/**
 * Tells of an error that a check of the user's own caused, which is a mistake of its module and not of this command; false where it is none.
 * Nothing else on a command line makes a MisuseError: what it names wrongly is refused before.
 */
export function reportOwnCheckMistake(error: unknown, io: Io): boolean {
  if (error instanceof OwnCheckError) {
    const { message, module: source } = error;
    reportProblem({ code: 'check-failed', message, place: null, source, consequence: 'unusable' }, io);
    return true;
  }
  if (!(error instanceof MisuseError)) return false;
  reportError(error.message, io);
  return true;
}
