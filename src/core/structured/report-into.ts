import type { Problem } from '../source/problem.ts';
import type { Source } from '../source/source.ts';
import type { Report } from './shape/shape.ts';

/** The most mistakes of one document that are reported. */
const PROBLEM_LIMIT = 1000;

/** Takes the mistakes of a document into a list of problems. */
export function reportInto(problems: Problem[], source: Source): Report {
  return (code, message, place) => {
    if (problems.length < PROBLEM_LIMIT) {
      const text = typeof message === 'string' ? message : message();
      problems.push({ code, message: text, place, source: source.name, consequence: 'mistake' });
    }
  };
}
