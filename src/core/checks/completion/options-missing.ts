import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';
import { missingCheck } from '../missing-check.ts';

/** One finding for each command and shell whose completion lacks options. */
export const optionsMissing = missingCheck({
  name: 'completion/options-missing',
  title: 'Completion lacks options',
  why: 'People who look in completion first do not find an option that it does not offer, and work around it.',
  kind: 'options',
  noun: 'option',
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: [
        "#compdef tiffin\n_arguments '(-s --sort)'{-s+,--sort=}'[sort by KEY]:KEY:(owner quay)' '1:command:((box\\:\"list the boxes\" route\\:\"plan a route\"))'\n",
      ],
      right: [fishScript()],
      // One of the names of an option is enough.
      nearMiss: [fishScript({ quiet: "complete -c tiffin -l quiet -d 'print nothing but errors'" })],
    },
  },
});
