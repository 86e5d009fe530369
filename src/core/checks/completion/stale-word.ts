import { quoteName } from '../../messages/wording.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';
import { offeredWordCheck } from '../offered-word-check.ts';

/** A finding for each word that completion offers and that a complete interface does not have. */
export const staleWord = offeredWordCheck({
  name: 'completion/stale-word',
  level: 'error',
  title: 'Completion offers what does not exist',
  why: 'People expect that what completion offers works. If it gives an error, they stop trusting both the shell and the program.',
  needs: ['what completion offers', 'a complete list of options, commands or values'],
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT.replace('complete: true\n', ''),
    completions: {
      wrong: [fishScript({ more: "complete -c tiffin -l brief -d 'be brief'" })],
      right: [fishScript()],
      nearMiss: [fishScript({ more: "complete -c tiffin -l brief -d 'be brief'" })],
    },
  },
  isTakenOut: true,
  wordsOf: ({ stale }) => stale,
  message: ({ shell, name, subject }) =>
    subject !== null
      ? `${shell} offers ${quoteName(name)} for ${quoteName(subject)}, which does not take it`
      : `${shell} offers ${quoteName(name)}, which does not exist`,
  fix: ({ name }) => `take ${quoteName(name)} out of the completion script`,
});
