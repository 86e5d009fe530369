import { type SuggestionScope, suggest } from '../words/suggest.ts';
import { listNames } from './wording.ts';

/** What a message about an unknown word ends with: `; did you mean '--late' or '--later'?`, or nothing where no name is near. */
export function didYouMean(word: string, names: SuggestionScope): string {
  const near = suggest(word, names);
  return near.length === 0 ? '' : `; did you mean ${listNames(near, 'or')}?`;
}
