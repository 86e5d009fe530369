import { type DoubtfulPart, doubtfulParts } from '../../model/doubtful-parts.ts';
import type { Interface, Observation } from '../../model/interface.ts';
import { withoutParserRules } from '../../parsers/with-parser.ts';
import { UNKNOWN_COMPLETENESS } from '../../readers/document/format/completeness.ts';
import { FORMAT_VERSION } from '../../readers/document/format/interface-format.ts';
import { collectionValue } from './collection-value.ts';
import { setCommand } from './command-value.ts';
import { type DocumentMap, type DocumentValue, wordValue } from './document-value.ts';
import { factItem, RecordValue } from './record-value.ts';

/** An interface as the contents of a document. */
export function interfaceValue(cli: Interface): DocumentMap {
  const record = new RecordValue();
  record.set('dabbawala', wordValue(FORMAT_VERSION));
  record.text('program', cli.program);
  record.text('extends', cli.extends);
  record.set('read-from', readFrom(cli));
  record.fact('version', cli.version, wordValue);
  setFacts(record, 'invocations', cli.invocations, (words) =>
    words.every((word) => /^[^\s"']+$/.test(word)) ? words.join(' ') : words,
  );
  record.fact('parser', cli.parser, (names) => (names.length === 1 ? (names[0] ?? '') : names));
  setFacts(record, 'claims', cli.claims, (standard) => standard);
  setHelped(
    record,
    'environment',
    cli.environment.map(({ name, help }) => ({ name, help })),
    'name',
  );
  setHelped(
    record,
    'exit-statuses',
    cli.exitStatuses.map((status) => ({
      name: status.from === status.to ? `${status.from}` : `${status.from}..${status.to}`,
      help: status.help,
    })),
    'status',
  );
  setHelped(
    record,
    'files',
    cli.files.map(({ path, help }) => ({ name: path, help })),
    'path',
  );
  setFacts(record, 'see-also', cli.seeAlso, (text) => text);
  record.text('bug-address', cli.bugAddress);
  setCommand(record, withoutParserRules(cli).root, 0, UNKNOWN_COMPLETENESS);
  const doubtful = doubtfulParts(cli);
  if (doubtful.length > 0) record.set('unsure', doubtful.map(unsureValue));
  if (cli.observations.length > 0) record.set('observations', cli.observations.map(observationValue));
  return record.map;
}

/** The kind of source that all was read from, where nobody wrote it as a document. */
function readFrom({ sources }: Interface): DocumentValue | undefined {
  const kinds = new Set(sources.map(({ kind }) => kind));
  const [kind] = kinds;
  return kinds.size === 1 && kind !== 'document' ? kind : undefined;
}

function setFacts<T>(
  record: RecordValue,
  key: string,
  facts: readonly Parameters<typeof factItem<T>>[0][],
  turn: (value: T) => DocumentValue,
): void {
  if (facts.length > 0) {
    record.set(
      key,
      facts.map((fact) => factItem(fact, turn)),
    );
  }
}

function setHelped(
  record: RecordValue,
  key: string,
  things: readonly { readonly name: string; readonly help: Interface['bugAddress'] }[],
  nameKey: string,
): void {
  const named = things.map(({ name, help }) => {
    const own = new RecordValue();
    own.text('help', help);
    return { name, value: own.short('help') };
  });
  record.set(key, collectionValue(named, nameKey, 'help'));
}

function unsureValue({ kind, command, name, reason }: DoubtfulPart): DocumentValue {
  const record = new RecordValue();
  if (command.length > 0) record.set('command', command);
  record.set('part', kind);
  if (name !== '') record.set('name', name);
  record.set('reason', reason);
  return record.map;
}

function observationValue(one: Observation): DocumentValue {
  const record = new RecordValue();
  record.set('words', one.words);
  record.set('exit-status', one.exitStatus);
  record.set('width', one.width);
  record.set('milliseconds', one.milliseconds);
  record.set('standard-output', one.standardOutput.text);
  record.set('standard-error', one.standardError.text);
  return record.map;
}
