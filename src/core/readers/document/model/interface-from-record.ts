import { type DoubtfulPart, doubtsAbout } from '../../../model/doubtful-parts.ts';
import {
  type ExitStatus,
  type Interface,
  makeInterface,
  type Observation,
} from '../../../model/interface.ts';
import { withParser } from '../../../parsers/with-parser.ts';
import type { Source } from '../../../source/source.ts';
import { factOf } from '../../../structured/shape/record.ts';
import type { Report } from '../../../structured/shape/shape.ts';
import { UNKNOWN_COMPLETENESS } from '../format/completeness.ts';
import type { InterfaceRecord } from '../format/interface-format.ts';
import { commandFromRecord, rootName } from './command-from-record.ts';
import { factsOf, textFact } from './facts.ts';

/** Makes an interface of a whole document; undefined where it names no program. */
export function interfaceFromRecord(
  from: InterfaceRecord,
  source: Source,
  report: Report,
): Interface | undefined {
  const { said } = from;
  const program = factOf(from, 'program', said.program);
  if (program === undefined) return undefined;
  const made = makeInterface({
    program,
    extends: factOf(from, 'extends', said.extends),
    version: factOf(from, 'version', said.version),
    invocations: factsOf(from, 'invocations', said.invocations),
    claims: factsOf(from, 'claims', said.claims),
    root: commandFromRecord(from, {
      names: [rootName(program)],
      depth: 0,
      above: UNKNOWN_COMPLETENESS,
      report,
    }),
    environment: (said.environment?.value ?? []).map(({ name, value, place }) => ({
      name: name?.text ?? '',
      help: textFact(value, 'help', value.said.help),
      place,
    })),
    exitStatuses: (said['exit-statuses']?.value ?? []).flatMap((entry) => exitStatusFrom(entry, report)),
    files: (said.files?.value ?? []).map(({ name, value, place }) => ({
      path: name?.text ?? '',
      help: textFact(value, 'help', value.said.help),
      place,
    })),
    seeAlso: factsOf(from, 'see-also', said['see-also']),
    bugAddress: factOf(from, 'bug-address', said['bug-address']),
    observations: (said.observations?.value ?? []).map((one) => observationFrom(one, program.value)),
    sources: [
      {
        source,
        kind: said['read-from']?.value ?? 'document',
        command: [program.value],
        width: undefined,
        doubts: [],
        lines: undefined,
      },
    ],
  });
  const parser = factOf(from, 'parser', said.parser);
  const settled = parser === undefined ? made : withParser(made, parser);
  return withDoubts(settled, (said.unsure?.value ?? []).map(doubtfulPartFrom));
}

type SaidPart = NonNullable<InterfaceRecord['said']['unsure']>['value'][number];

function doubtfulPartFrom({ said }: SaidPart): DoubtfulPart {
  const { part, reason } = said;
  return {
    kind: part?.value ?? 'command',
    command: said.command?.value ?? [],
    name: said.name?.value ?? '',
    reason: reason?.value ?? 'odd-entry',
  };
}

function withDoubts(made: Interface, doubtful: readonly DoubtfulPart[]): Interface {
  const doubts = doubtsAbout(made, doubtful);
  return { ...made, sources: made.sources.map((source) => ({ ...source, doubts })) };
}

type SaidStatus = NonNullable<InterfaceRecord['said']['exit-statuses']>['value'][number];

function exitStatusFrom({ name, value, place }: SaidStatus, report: Report): ExitStatus[] {
  const match = /^(\d{1,3})(?:\.\.(\d{1,3}))?$/.exec(name?.text ?? '');
  if (match === null) {
    report(
      'wrong-value',
      `expected an exit status such as 2, or a range such as 1..125, found '${name?.text ?? ''}'`,
      place,
    );
    return [];
  }
  const help = textFact(value, 'help', value.said.help);
  return [{ from: Number(match[1]), to: Number(match[2] ?? match[1]), help, place }];
}

type SaidObservation = NonNullable<InterfaceRecord['said']['observations']>['value'][number];

function observationFrom({ said }: SaidObservation, program: string): Observation {
  const words = (said.words?.value ?? []).map(({ value }) => value);
  const output = (text: string): Source => ({ name: [program, ...words].join(' '), text });
  return {
    words,
    exitStatus: said['exit-status']?.value,
    standardOutput: output(said['standard-output']?.value ?? ''),
    standardError: output(said['standard-error']?.value ?? ''),
    width: said.width?.value ?? 80,
    milliseconds: said.milliseconds?.value,
  };
}
