import type { ForgottenName } from '../../coverage/forgotten-names.ts';
import type { Fix } from '../../findings/fix.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Place } from '../../source/source.ts';
import { wordPlace } from '../completion-places.ts';
import { defineCheck } from '../define-check.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';
import { listAround } from '../word-taken-out.ts';

type Forgotten = {
  readonly shell: string;
  readonly name: string;
  readonly other: string;
  readonly what: ForgottenName['what'];
};

/** A finding for each name for which completion does less than for another name of the same option or command. */
export const aliasForgotten = defineCheck({
  name: 'completion/alias-forgotten',
  level: 'warning',
  title: 'Completion knows one name of a thing and forgets another',
  why: 'The two names work alike, and people use either. Under the forgotten one completion stays silent, as if nothing could follow.',
  standard: 'practice',
  needs: ['what completion offers'],
  since: 7,
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: [fishScript({ quiet: "complete -c tiffin -s q -d 'print nothing but errors'" })],
      right: [fishScript()],
      nearMiss: ['complete -W "--quiet --sort box route" tiffin\n'],
    },
  },
  judge(view, report) {
    for (const covered of view.coverage) {
      for (const { command, forgotten } of covered.commands) {
        report.judged();
        for (const { name, other, what, word } of forgotten)
          report.finding({
            command,
            subject: name,
            data: { shell: covered.shell, name, other, what },
            place: wordPlace(word?.place, covered),
            fixes:
              what === 'name' && covered.inventory.fault === undefined
                ? besideFix(word?.place ?? null, name)
                : [],
          });
      }
    }
  },
  message: ({ shell, name, other, what }: Forgotten) =>
    MESSAGES[what](shell, quoteName(name), quoteName(other)),
  fix: ({ name, other }) => `do for ${quoteName(name)} what the script does for ${quoteName(other)}`,
});

const MESSAGES: {
  readonly [K in ForgottenName['what']]: (shell: string, name: string, other: string) => string;
} = {
  name: (shell, name, other) => `${shell} offers ${other}, and not its other name ${name}`,
  branch: (shell, name, other) => `${shell} offers nothing behind ${name}, as it does behind ${other}`,
  options: (shell, name, other) => `${shell} offers fewer options behind ${name} than behind ${other}`,
  argument: (shell, name, other) => `${shell} completes the argument of ${other}, and not that of ${name}`,
};

/** The name behind the other one, where that stands in a list of words. */
function besideFix(place: Place, name: string): Fix[] {
  if (place === null || !/^[\w.+-]+$/.test(name) || listAround(place) === undefined) return [];
  const behind = place.source.text[place.end] ?? '';
  return /['" \t)]/.test(behind)
    ? [{ kind: 'edit', edits: [{ place: { ...place, start: place.end }, text: ` ${name}` }] }]
    : [];
}
