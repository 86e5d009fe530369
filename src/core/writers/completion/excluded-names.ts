import { addTo } from '../../collections/grouped.ts';
import type { Option } from '../../model/option.ts';
import { optionsByName } from '../../model/options-by-name.ts';
import type { Relation } from '../../model/relation.ts';
import type { CommandAt } from '../../model/walk.ts';

/** A relation with more members is left out: each of them would have to name all others. */
const MAX_MEMBERS = 100;

/** Which names of options may not stand beside an option, by the relations that hold at a command. */
export class ExcludedNames {
  readonly #options: ReadonlyMap<string, Option>;
  /** The relations in which a name stands. */
  readonly #relations = new Map<string, Relation[]>();

  constructor({ command, line }: CommandAt) {
    this.#options = optionsByName(command.options.items);
    for (const relation of line.flatMap(({ relations }) => relations)) {
      const { kind, subject, members } = relation;
      const all = subject === undefined ? members : [subject, ...members];
      const isPlain = all.every((member) => member.kind === 'option' && member.value === undefined);
      if (!isPlain || all.length > MAX_MEMBERS) continue;
      if (!['exactly-one', 'at-most-one', 'excludes'].includes(kind)) continue;
      for (const name of new Set(all.map((member) => member.name))) addTo(this.#relations, name, relation);
    }
  }

  /** The names, each once, that may not stand beside an option. */
  of(option: Option): string[] {
    const own = new Set(option.names.map(({ text }) => text));
    const excluded = new Set<string>();
    const relations = new Set([...own].flatMap((name) => this.#relations.get(name) ?? []));
    for (const { kind, subject, members } of relations) {
      // Of those that one option excludes, each excludes only that one.
      const others =
        kind === 'excludes' && subject !== undefined && !own.has(subject.name) ? [subject] : members;
      for (const { name } of others)
        for (const { text } of this.#options.get(name)?.names ?? []) if (!own.has(text)) excluded.add(text);
    }
    return [...excluded];
  }
}
