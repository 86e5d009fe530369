import { expectKeys } from '../messages/misuse-error.ts';
import type { Problem } from '../source/problem.ts';
import type { Source } from '../source/source.ts';
import { HELP_SETTINGS, type HelpSettings } from './help/help-settings.ts';
import { readHelp } from './help/read-help.ts';
import { type ManualPage, readPage } from './manual/read-page.ts';
import type { Reading } from './reading.ts';

/**
 * Reads the source of a manual page in man(7) or mdoc(7). What the page prints is read as help output is, with the places of the source; the files,
 * references and address for bugs that it tells are added. A page that is too long, that only names another page, or that shows neither synopses,
 * options nor commands, is a problem and gives no interface; macros that nobody knows are left out and told. Whatever the text holds, it does not
 * throw; a setting that there is not is a MisuseError.
 */
export function readManual(source: Source, settings: HelpSettings = {}): Reading {
  expectKeys('readManual', settings, HELP_SETTINGS);
  const { page, problems } = readPage(source);
  if (page === undefined) return { interface: undefined, problems };
  const help = readAsHelp(page, settings);
  if (help.interface === undefined)
    return { interface: undefined, problems: [...problems, withoutContents(source)] };
  const { bugAddress, sources } = help.interface;
  return {
    interface: {
      ...help.interface,
      ...page.facts,
      bugAddress: bugAddress ?? page.facts.bugAddress,
      sources: sources.map((one) => ({ ...one, kind: 'manual' })),
    },
    // What a page lists has tags; words in columns are what it shows of something else.
    problems: [...problems, ...help.problems.filter(({ code }) => code !== 'unread-words')],
  };
}

function withoutContents(source: Source): Problem {
  const message = 'expected a manual page with a synopsis, options or commands, found none of them';
  return { code: 'page-without-options', message, place: null, source: source.name, consequence: 'unusable' };
}

/** Reads the text of a page; as one about the program that its first section names, where its synopses show a program that it does not name. */
function readAsHelp({ text, names }: ManualPage, settings: HelpSettings): Reading {
  const help = readHelp(text, settings);
  const [first] = names;
  if (help.interface === undefined || settings.program !== undefined || first === undefined) return help;
  const [path = []] = help.interface.sources.map(({ command }) => command);
  const called = [path[0] ?? '', path.join('-'), path.join(' ')];
  return called.some((name) => names.includes(name)) ? help : readHelp(text, { ...settings, program: first });
}
