import type { WrongArgument } from '../../coverage/wrong-argument.ts';
import { quoteName } from '../../messages/wording.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';
import { offeredWordCheck } from '../offered-word-check.ts';

const WORDS: Record<WrongArgument['reason'], string> = {
  'takes-none': 'as if it took an argument, but it takes none',
  'takes-one': 'as if it took no argument, but it takes one',
  'files-for-values': 'with files, but it takes one of a list',
  'files-for-folder': 'with files of any kind, but it takes a folder',
  'folders-for-file': 'with folders only, but it takes a file',
  'files-elsewhere': 'with files, but another argument takes them',
  'nothing-for-file': 'with nothing, but it takes a file',
  'not-there': 'as an option with an argument, but there is no such option',
};

/** A finding for each option or operand that completion takes for what it is not. */
export const argumentCompletedWrongly = offeredWordCheck({
  name: 'completion/argument-completed-wrongly',
  level: 'warning',
  title: 'An argument is completed incorrectly',
  why: 'If completion thinks that a flag takes an argument, it swallows the next word. The other way round, it offers options where a value belongs.',
  needs: ['what completion offers'],
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT.replace('--sort=KEY', '--sort[=KEY]').replace('-s, ', ''),
    completions: {
      wrong: [fishScript({ quiet: "complete -c tiffin -s q -x -d 'print nothing but errors'" })],
      right: [fishScript()],
      nearMiss: [fishScript({ sort: "complete -c tiffin -l sort -f -a 'owner quay' -d 'sort by KEY'" })],
    },
  },
  wordsOf: ({ wrong }) => wrong.map((one) => ({ ...one, subject: undefined })),
  message: ({ shell, name, reason }) =>
    `${shell} completes ${quoteName(name)} ${WORDS[reason as WrongArgument['reason']]}`,
  fix: ({ name, reason }) =>
    reason === 'not-there'
      ? `take the branch for ${quoteName(name)} out of the completion script, or correct the name`
      : `say in the completion script what ${quoteName(name)} takes`,
});
