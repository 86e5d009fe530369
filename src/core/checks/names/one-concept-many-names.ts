import type { Fix } from '../../findings/fix.ts';
import { listSome, quoteName } from '../../messages/wording.ts';
import { longNames, type Option, type OptionName } from '../../model/option.ts';
import { wordsOf } from '../../words/text-likeness.ts';
import { defineCheck } from '../define-check.ts';

interface Use {
  readonly option: Option;
  readonly name: OptionName;
  readonly path: readonly string[];
}

type Name = { readonly name: string; readonly command: string };

/** One finding for each concept that has one name in one command and another in the next, or in another program of the family. */
export const oneConceptManyNames = defineCheck({
  name: 'names/one-concept-many-names',
  level: 'note',
  title: 'One thing has different names in different commands',
  why: 'People who learned the name with one command are refused by the next, or look for a difference that the two names suggest.',
  standard: 'practice',
  needs: ['the options of several commands'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"--dry-run": change nothing}}\n  route: {options: {"--simulate": change nothing}}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"--dry-run": change nothing}}\n  route: {options: {"--dry-run": change nothing}}\n',
    nearMiss:
      'dabbawala: 1\nprogram: tiffin\ncommands:\n  box: {options: {"--remove=NAME": take out a carrier}}\n  route: {options: {"--delete": forget the whole route}}\n',
  },
  judge(view, report) {
    const byConcept = new Map<string, Use[]>();
    for (const { command, path } of [...view.siblingCommands, ...view.commands]) {
      for (const option of command.options.items) {
        // Who offers both names offers a way for everybody.
        const names = longNames(option);
        const concepts = new Set(names.map(({ text }) => view.words.conceptOf(text)?.id));
        const [name] = names;
        const concept = name === undefined ? undefined : view.words.conceptOf(name.text);
        if (name === undefined || concept === undefined || (names.length > 1 && concepts.size === 1))
          continue;
        report.judged();
        const uses = byConcept.get(concept.id) ?? [];
        const isSame = uses.every((use) => !concept.isLoose || agrees(use.option, option));
        if (isSame) byConcept.set(concept.id, [...uses, { option, name, path }]);
      }
    }
    for (const uses of byConcept.values()) {
      const distinct = uses.filter(
        ({ name }, i) => uses.findIndex((other) => other.name.text === name.text) === i,
      );
      const [first, ...others] = distinct;
      const second = others.find(({ path }) => view.isOwn(path));
      if (first === undefined || second === undefined || sharesCommand(uses)) continue;
      const isFamily = !view.isOwn(first.path) && agrees(first.option, second.option);
      report.finding({
        command: second.path,
        subject: second.name.text,
        data: { names: distinct.map(({ name, path }) => ({ name: name.text, command: path.join(' ') })) },
        place: second.name.place,
        fixes: renameFixes(
          first.name.text,
          uses.filter(({ path }) => view.isOwn(path)),
          uses,
        ),
        level: isFamily ? 'warning' : 'note',
        related: [{ place: first.name.place, note: `is ${quoteName(first.name.text)} here` }],
      });
    }
  },
  message: ({ names }: { names: readonly Name[] }) =>
    `one option has ${names.length} names: ${listSome(
      names.map(({ name, command }) => `${quoteName(name)} in ${quoteName(command)}`),
      2,
    )}`,
  fix: ({ names }) =>
    `call it ${quoteName(names[0]?.name ?? '')} everywhere, and keep the other as a hidden alias`,
});

/** The other names as the first, where it is used at least as often as each of them. */
function renameFixes(to: string, own: readonly Use[], all: readonly Use[]): Fix[] {
  const countOf = (text: string) => all.filter(({ name }) => name.text === text).length;
  return own.flatMap(({ name, path }): Fix[] =>
    name.text === to || countOf(name.text) > countOf(to)
      ? []
      : [{ kind: 'rename-option', command: path, name: name.text, to }],
  );
}

/** Whether two options take the same and their texts share most words. */
function agrees(a: Option, b: Option): boolean {
  if (a.argument?.value.presence !== b.argument?.value.presence) return false;
  const [left, right] = [wordsOf(a.help?.value ?? ''), wordsOf(b.help?.value ?? '')];
  const shared = [...left].filter((word) => right.has(word)).length;
  return left.size > 0 && shared * 2 >= Math.max(left.size, right.size);
}

/** Two names in one command are two things there. */
function sharesCommand(uses: readonly Use[]): boolean {
  const byCommand = new Map<string, string>();
  for (const { path, name } of uses) {
    const command = path.join(' ');
    const known = byCommand.get(command);
    if (known !== undefined && known !== name.text) return true;
    byCommand.set(command, name.text);
  }
  return false;
}
