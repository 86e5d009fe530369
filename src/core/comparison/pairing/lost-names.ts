import { quoteName } from '../../messages/wording.ts';
import type { Outcome } from '../abbreviations/word-meanings.ts';
import type { Effect } from '../change.ts';

/** What it comes to that a thing no longer has a name: nothing where that is still an abbreviation of it. */
export function lostNameEffect(outcome: Outcome | undefined, lost: Effect = 'refused'): Effect {
  if (outcome === 'same') return 'compatible';
  return outcome === 'perhaps-same' ? 'uncertain' : lost;
}

/** The same in words: `'-n' is no longer a name of '--note': command lines with it are refused`. */
export function lostNameMessage(
  name: string,
  of: string,
  outcome: Outcome | undefined,
  consequence = 'command lines with it are refused',
): string {
  const lost = `${quoteName(name)} is no longer a name of ${quoteName(of)}`;
  if (outcome === 'same') return `${lost}, but still an abbreviation of it`;
  const refused = `${lost}: ${consequence}`;
  return outcome === 'perhaps-same' ? `${refused}, unless the parser accepts abbreviations` : refused;
}
