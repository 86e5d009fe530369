import { expectKeys } from '../messages/misuse-error.ts';
import type { Interface } from '../model/interface.ts';
import { joinInterfaces } from '../model/join.ts';
import type { Problem } from '../source/problem.ts';
import type { Source } from '../source/source.ts';
import { HELP_SETTINGS, type HelpSettings } from './help/help-settings.ts';
import { readHelp } from './help/read-help.ts';
import { helpBlocks } from './markdown/help-blocks.ts';
import type { Reading } from './reading.ts';

/**
 * Reads the helps that stand in the fenced blocks of a text in Markdown, as a README has them, with the places of that text; those of subcommands are joined. A text
 * without one is a problem and gives no interface; of the helps of several programs the first program is read, which is told. Whatever the text holds, it does
 * not throw; a setting that there is not is a MisuseError.
 */
export function readMarkdown(source: Source, settings: HelpSettings = {}): Reading {
  expectKeys('readMarkdown', settings, HELP_SETTINGS);
  const readings = helpBlocks(source).map((help) => readHelp(help, settings));
  const problems = readings.flatMap((reading) => reading.problems);
  const [first, ...others] = joinInterfaces(readings.flatMap((reading) => reading.interface ?? []));
  if (first === undefined) return { interface: undefined, problems: [...problems, withoutHelp(source)] };
  const [other] = others;
  return {
    interface: {
      ...first,
      sources: first.sources.map(asMarkdown),
      views: first.views.map((view) => ({ ...view, sources: view.sources.map(asMarkdown) })),
    },
    problems: other === undefined ? problems : [...problems, ofAnother(source, first, other)],
  };
}

function asMarkdown(one: Interface['sources'][number]): Interface['sources'][number] {
  return { ...one, kind: 'markdown' };
}

function withoutHelp(source: Source): Problem {
  const message = 'expected a fenced block with the help of a program, found none';
  return { code: 'page-without-options', message, place: null, source: source.name, consequence: 'unusable' };
}

function ofAnother(source: Source, { program }: Interface, other: Interface): Problem {
  const message = `expected the help of one program; '${program.value}' is read, and '${other.program.value}' is not`;
  return {
    code: 'several-programs',
    message,
    place: other.program.place,
    source: source.name,
    consequence: 'partly-read',
  };
}
