import type { Problem } from '../../source/problem.ts';
import type { Source } from '../../source/source.ts';
import { parseDocument } from '../../structured/parse-document.ts';
import { reportInto } from '../../structured/report-into.ts';
import { readAs } from '../../structured/shape/shape.ts';
import type { Reading } from '../reading.ts';
import { interfaceDocument } from './format/interface-format.ts';
import { interfaceFromRecord } from './model/interface-from-record.ts';

/**
 * Reads an interface document (YAML 1.2 or JSON). Every mistake is a problem with its place; what has none is read all the
 * same. No interface where the text is no YAML, is too long (over 4 Mi UTF-16 units) or nested too deep (over 100 levels), or
 * names no program. Never throws.
 */
export function readDocument(source: Source): Reading {
  const { root, problems: faults } = parseDocument(source);
  if (root === undefined) return { interface: undefined, problems: faults };
  const problems: Problem[] = [];
  const report = reportInto(problems, source);
  const record = readAs(interfaceDocument, root, report);
  const made = record === undefined ? undefined : interfaceFromRecord(record, source, report);
  problems.sort((a, b) => (a.place?.start ?? 0) - (b.place?.start ?? 0));
  return { interface: made, problems };
}
