import { LineIndexes, type Problem, placeText, printable } from 'dabbawala';
import type { Io } from './io.ts';
import { TOOL } from './version.ts';

/** Writes a problem to standard error as `dabbawala:FILE:LINE:COLUMN: message` (GNU Coding Standards 4.4). */
export function reportProblem(problem: Problem, io: Io): void {
  const source = problem.source === '' ? ' ' : `${printable(problem.source)}: `;
  const where = problem.place === null ? source : placeText(problem.place, new LineIndexes());
  io.writeError(`${TOOL.name}:${where}${printable(problem.message)}\n`);
}

/** Writes a message that concerns no source. */
export function reportError(message: string, io: Io): void {
  io.writeError(`${TOOL.name}: ${printable(message)}\n`);
}
