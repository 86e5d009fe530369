import type { Source } from '../../source/source.ts';
import type { CallerFile } from './caller-file.ts';
import { containerFile } from './container-file.ts';
import { crontab } from './crontab.ts';
import { desktopEntry } from './desktop-entry.ts';
import { history } from './history.ts';
import { makefile } from './makefile.ts';
import { markdownPage } from './markdown-page.ts';
import { procfile } from './procfile.ts';
import { shellScript } from './shell-script.ts';
import { goSource, javascriptSource, perlSource, pythonSource, rubySource } from './source-code.ts';
import { systemdUnit } from './systemd-unit.ts';
import { packageScripts, yamlJobs } from './yaml-jobs.ts';

/** The kinds of files that calls are found in. */
export const CALLER_KINDS = {
  history,
  makefile,
  'systemd-unit': systemdUnit,
  'desktop-entry': desktopEntry,
  'container-file': containerFile,
  procfile,
  'package-scripts': packageScripts,
  yaml: yamlJobs,
  markdown: markdownPage,
  crontab,
  'python-source': pythonSource,
  'javascript-source': javascriptSource,
  'ruby-source': rubySource,
  'perl-source': perlSource,
  'go-source': goSource,
  shell: shellScript,
} as const satisfies Readonly<Record<string, CallerFile>>;

/** A kind of file that calls programs. */
export type CallerKind = keyof typeof CALLER_KINDS;

/** The kind of a file, by its path and, where that does not tell, its text; undefined for one that calls are not looked for in. */
export function callerKind({ name, text }: Source): CallerKind | undefined {
  const kinds = Object.keys(CALLER_KINDS) as CallerKind[];
  return kinds.find((kind) => CALLER_KINDS[kind].recognises(name, text));
}
