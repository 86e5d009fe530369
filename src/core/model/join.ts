import { addTo } from '../collections/grouped.ts';
import {
  type EnvironmentVariable,
  type ExitStatus,
  type Interface,
  type RelatedFile,
  SOURCE_KINDS,
  type SourceKind,
} from './interface.ts';
import { joinCommands } from './join-commands.ts';
import { prefer, unite } from './prefer.ts';

/**
 * Joins what was read of one program into one interface: views of different commands into one tree, views of one command
 * fact by fact, in the order of `SOURCE_KINDS`, those of the trusted kind before all others; of one kind, the earlier source comes first. Interfaces
 * with different program names stay apart as a family, and so do extensions, in the order of their first source.
 */
export function joinInterfaces(interfaces: readonly Interface[], trusted?: SourceKind): Interface[] {
  const preference = ({ sources: [source] }: Interface) => {
    if (source === undefined) return SOURCE_KINDS.length;
    return source.kind === trusted ? -1 : SOURCE_KINDS.indexOf(source.kind);
  };
  const byProgram = new Map<string, Interface[]>();
  for (const next of interfaces) {
    const key = `${next.extends?.value ?? ''}\0${next.program.value}`;
    addTo(byProgram, key, next);
  }
  return [...byProgram.values()].map((views) =>
    views.toSorted((a, b) => preference(a) - preference(b)).reduce(joinTwo),
  );
}

function joinTwo(a: Interface, b: Interface): Interface {
  return {
    program: prefer(a.program, b.program) ?? a.program,
    extends: prefer(a.extends, b.extends),
    invocations: unite(a.invocations, b.invocations, (fact) => fact.value.join(' ')),
    version: prefer(a.version, b.version),
    parser: prefer(a.parser, b.parser),
    parserMarks: a.parserMarks.length > 0 ? a.parserMarks : b.parserMarks,
    claims: unite(a.claims, b.claims, (fact) => fact.value),
    root: joinCommands(a.root, b.root),
    environment: unite(a.environment, b.environment, (one) => one.name, joinHelp<EnvironmentVariable>),
    exitStatuses: unite(
      a.exitStatuses,
      b.exitStatuses,
      (one) => `${one.from}..${one.to}`,
      joinHelp<ExitStatus>,
    ),
    files: unite(a.files, b.files, (one) => one.path, joinHelp<RelatedFile>),
    seeAlso: unite(a.seeAlso, b.seeAlso, (fact) => fact.value),
    bugAddress: prefer(a.bugAddress, b.bugAddress),
    optionLoops: [...a.optionLoops, ...b.optionLoops],
    observations: [...a.observations, ...b.observations],
    sources: [...a.sources, ...b.sources],
    views: [...viewsOf(a), ...viewsOf(b)],
    extended: a.extended ?? b.extended,
  };
}

/** A joined interface as its views, one that was not joined as itself. */
function viewsOf(cli: Interface): readonly Interface[] {
  return cli.views.length > 0 ? cli.views : [cli];
}

function joinHelp<T extends EnvironmentVariable | ExitStatus | RelatedFile>(a: T, b: T): T {
  return { ...a, help: prefer(a.help, b.help) };
}
