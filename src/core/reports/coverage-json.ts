import {
  COVERED_KINDS,
  type CommandCoverage,
  type KindCoverage,
  type OfferedThing,
  type ShellCoverage,
} from '../coverage/coverage.ts';
import { shellTotals } from '../coverage/totals.ts';
import { jsonText } from '../source/json-text.ts';
import { LineIndexes } from '../source/line-index.ts';
import { jsonPlace } from './json-place.ts';
import type { Tool } from './tool.ts';

/** Coverage as JSON text, ending in a newline; the fields are stable, later versions only add some. */
export function coverageJson(shells: readonly ShellCoverage[], tool: Tool): string {
  const indexes = new LineIndexes();
  const report = {
    version: 1,
    tool,
    columnUnit: 'utf-16',
    shells: shells.map((one) => ({
      shell: one.shell,
      observed: one.inventory.observed,
      source: one.inventory.source?.name ?? null,
      fault: one.inventory.fault ?? null,
      commands: one.commands.map((command) => jsonCommand(command, indexes)),
      totals: shellTotals(one),
      unread: one.inventory.unread.map(({ what, place }) => ({ what, place: jsonPlace(place, indexes) })),
    })),
  };
  return `${jsonText(report, 2)}\n`;
}

function jsonCommand({ command, kinds }: CommandCoverage, indexes: LineIndexes) {
  return {
    command,
    kinds: Object.fromEntries(COVERED_KINDS.map((kind) => [kind, jsonKind(kinds[kind], indexes)])),
  };
}

function jsonKind(
  { offered, missing, undecided, stale, unknown, wrong, withdrawn }: KindCoverage,
  indexes: LineIndexes,
) {
  const thing = ({ name, subject, word }: OfferedThing) => ({
    name,
    subject: subject ?? null,
    description: word.description ?? null,
    place: jsonPlace(word.place, indexes),
  });
  return {
    offered: offered.map(thing),
    missing: missing.map(({ name, subject }) => ({ name, subject: subject ?? null })),
    undecided: undecided.map(({ name, subject }) => ({ name, subject: subject ?? null })),
    stale: stale.map(thing),
    wrong: wrong.map(({ name, reason, word }) => ({
      name,
      reason,
      place: jsonPlace(word?.place ?? null, indexes),
    })),
    notInterface: unknown.map(thing),
    withdrawn: withdrawn.map(thing),
  };
}
