import { quoteName } from '../../messages/wording.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';
import { offeredWordCheck } from '../offered-word-check.ts';

/** A finding for each hidden or deprecated thing that completion offers. */
export const hiddenOffered = offeredWordCheck({
  name: 'completion/hidden-offered',
  level: 'note',
  title: 'Completion offers what is hidden or deprecated',
  why: 'Something that a program wants to retire lives on as long as shells offer it to newcomers.',
  needs: ['what completion offers', 'which things are hidden or deprecated'],
  examples: {
    wrong: BOX_DOCUMENT.replace(
      'print nothing but errors',
      '{help: print nothing but errors, deprecated: true}',
    ),
    right: BOX_DOCUMENT.replace(
      'print nothing but errors',
      '{help: print nothing but errors, deprecated: true}',
    ),
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: [fishScript({ quiet: "complete -c tiffin -l quiet -d 'print nothing but errors'" })],
      right: [fishScript({ quiet: '' })],
      nearMiss: [fishScript()],
    },
  },
  wordsOf: ({ withdrawn }) => withdrawn,
  message: ({ shell, name }) => `${shell} offers ${quoteName(name)}, which is hidden or deprecated`,
  fix: ({ name }) => `take ${quoteName(name)} out of the completion script`,
});
