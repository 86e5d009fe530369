import { addTo } from '../collections/grouped.ts';
import { listKey } from '../collections/list-key.ts';
import type { Finding } from '../findings/finding.ts';
import type { AcceptedHere } from '../model/accepted-here.ts';
import type { Interface } from '../model/interface.ts';
import { mainName, type OptionName } from '../model/option.ts';
import { allNames } from '../model/options-by-name.ts';
import { walkCommands } from '../model/walk.ts';
import type { AcceptedFinding } from './accepted-finding.ts';

/**
 * What documents accept beside the things themselves, as entries for what was found: of an option by any of its names, its values too; of a command whatever
 * is about none of its options. What is not found has one entry.
 */
export function acceptedInDocuments(
  interfaces: readonly Interface[],
  findings: readonly Finding[],
): AcceptedFinding[] {
  const byCheck = new Map<string, string[]>();
  for (const { check, command, members } of findings)
    for (const member of members) addTo(byCheck, listKey([check, ...command]), member);
  const entries: AcceptedFinding[] = [];
  const accept = (
    path: readonly string[],
    { check, because, until, place }: AcceptedHere,
    name: string,
    isAbout: (member: string) => boolean,
  ) => {
    const found = (byCheck.get(listKey([check, ...path])) ?? []).filter(isAbout);
    const at = path.join(' ');
    for (const of of found.length === 0 ? [name] : found)
      entries.push({ at, check, of, because, until, place });
  };
  for (const { command, path } of interfaces.flatMap((cli) => [...walkCommands(cli)])) {
    const own = command.accepted.length === 0 ? [] : textsOf(command.options.items.flatMap(allNames));
    const isOfOption = new Set(own);
    for (const one of command.accepted)
      accept(path, one, path.at(-1) ?? '', (member) => !isOfOption.has(optionIn(member)));
    for (const option of command.options.items) {
      const names = new Set(option.accepted.length === 0 ? [] : textsOf(allNames(option)));
      for (const one of option.accepted)
        accept(path, one, mainName(option).text, (member) => names.has(optionIn(member)));
    }
  }
  return entries;
}

function textsOf(names: readonly OptionName[]): string[] {
  return names.map(({ text }) => text);
}

/** The option that a member of a finding is, or of which it is a value. */
function optionIn(member: string): string {
  return /^[^ =]+/.exec(member)?.[0] ?? member;
}
