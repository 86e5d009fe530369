import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';
import { missingCheck } from '../missing-check.ts';

/** One finding for each command and shell whose completion lacks allowed values. */
export const valuesMissing = missingCheck({
  name: 'completion/values-missing',
  title: 'Completion lacks allowed values',
  why: 'Allowed values are what people remember least. If completion does not offer one, they guess or read the help.',
  kind: 'values',
  noun: 'value',
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: [fishScript({ sort: "complete -c tiffin -s s -l sort -x -a owner -d 'sort by KEY'" })],
      right: [fishScript()],
      nearMiss: [
        fishScript({
          sort: "for key in owner quay\n    complete -c tiffin -s s -l sort -x -a $key -d 'sort by KEY'\nend",
        }),
      ],
    },
  },
});
