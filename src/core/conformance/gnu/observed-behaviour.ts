import { notJudged, type Rule } from '../rule.ts';

/** A rule about what a real run does, which no text can show. */
export function observedBehaviour(section: string, label: string, asks: string): Rule {
  return {
    standard: 'gnu',
    section,
    label,
    asks,
    judge: () => notJudged('only a run of the program can show it', 'give observations of real runs'),
  };
}
