import { stated } from '../../model/fact.ts';
import type { EnvironmentVariable } from '../../model/interface.ts';
import type { CleanedText } from './cleaned-text.ts';
import type { Section } from './headings.ts';
import { TextFlow } from './text-flow.ts';
import { findWordEntries } from './word-entries.ts';

/** The name of a variable as POSIX writes it (XBD 8.1), with the `$` or the value that lists show beside it. */
const VARIABLE = /^\$?\{?([A-Z_][A-Z0-9_]+)\}?(?:=\S+)?:?$/;

/** Reads the environment variables that the lines of a section list with their texts. */
export function readVariables(section: Section, cleaned: CleanedText): EnvironmentVariable[] {
  return findWordEntries(section.lines).flatMap(({ line, start, end, pieces }) => {
    const left = line.text.slice(start, end).trimEnd();
    const name = VARIABLE.exec(left)?.[1];
    if (name === undefined) return [];
    const at = line.start + start + left.indexOf(name);
    const flow = new TextFlow(cleaned, pieces);
    const help = flow.text === '' ? undefined : stated(flow.text, flow.place);
    return [{ name, help, place: cleaned.span(at, at + name.length) }];
  });
}
