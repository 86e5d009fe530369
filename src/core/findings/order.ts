import { compareCodeUnits, comparePlaces } from '../source/source.ts';
import type { Finding } from './finding.ts';

/** The order of findings in every output: by place, then check, then subject. */
export function compareFindings(a: Finding, b: Finding): number {
  return (
    comparePlaces(a.place, b.place) ||
    compareCodeUnits(a.check, b.check) ||
    compareCodeUnits(a.subject, b.subject)
  );
}
