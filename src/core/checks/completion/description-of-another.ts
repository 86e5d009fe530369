import { groupedBy } from '../../collections/grouped.ts';
import type { OfferedThing, ShellCoverage } from '../../coverage/coverage.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Command } from '../../model/command.ts';
import type { Option } from '../../model/option.ts';
import { stemsOf } from '../../words/text-likeness.ts';
import { wordPlace } from '../completion-places.ts';
import { defineCheck, type Reporter } from '../define-check.ts';
import { BOX_DOCUMENT, fishScript } from '../example-completion.ts';

type Description = {
  readonly shell: string;
  readonly name: string;
  readonly description: string;
  readonly other: string;
  /** Whether `other` is a name of the same thing, and not of the thing that has the text. */
  readonly isSame: boolean;
};

/** A finding for each thing that completion describes by the text of another, or by two texts under its two names. */
export const descriptionOfAnother = defineCheck({
  name: 'completion/description-of-another',
  level: 'warning',
  title: 'Completion describes a thing as another',
  why: 'People choose by the description that the shell shows, and get what they did not want.',
  standard: 'practice',
  needs: ['descriptions in a completion script', 'the texts of options and commands'],
  since: 7,
  examples: {
    wrong: BOX_DOCUMENT,
    right: BOX_DOCUMENT,
    nearMiss: BOX_DOCUMENT,
    completions: {
      wrong: [fishScript({ quiet: "complete -c tiffin -s q -l quiet -d 'sort by KEY'" })],
      right: [fishScript()],
      nearMiss: [fishScript({ quiet: "complete -c tiffin -s q -l quiet -d 'less output'" })],
    },
  },
  judge(view, report) {
    for (const covered of view.coverage) {
      for (const { command, kinds } of covered.commands)
        for (const kind of ['commands', 'options'] as const)
          judgeKind(covered, command, kinds[kind].offered, report);
    }
  },
  message: ({ shell, name, description, other, isSame }: Description) =>
    `${shell} describes ${quoteName(name)} as ${quoteName(description)}, ${isSame ? `and ${quoteName(other)}, which is the same, otherwise` : `which is the text of ${quoteName(other)}`}`,
  fix: ({ name }) => `describe ${quoteName(name)} by its own text`,
});

function judgeKind(
  covered: ShellCoverage,
  command: readonly string[],
  offered: readonly OfferedThing[],
  report: Reporter<Description>,
): void {
  report.judged(offered.length);
  const byText = groupedBy(offered, ({ thing }) => textOf(thing));
  const told = new Set<unknown>();
  for (const one of offered) {
    const { name, word, thing } = one;
    const [description, own] = [plain(word.description), textOf(thing)];
    if (description === '' || own === '' || told.has(thing) || description === own) continue;
    const alike = byText.get(description) ?? [];
    // A name that two options claim may be described as either.
    if (alike.some((it) => hasName(it.thing, name))) continue;
    const another = alike[0]?.name ?? beginningOfAnother(description, own, offered)?.name;
    const other = another ?? otherName(one, offered);
    if (other === undefined) continue;
    told.add(thing);
    report.finding({
      command,
      subject: name,
      data: {
        shell: covered.shell,
        name,
        description: word.description ?? '',
        other,
        isSame: another === undefined,
      },
      place: wordPlace(word.place, covered),
    });
  }
}

/** So many words of a text are known again. */
const MIN_WORDS = 2;

/** What has a text that begins with a description, where the own text has no word of it. */
function beginningOfAnother(
  description: string,
  own: string,
  offered: readonly OfferedThing[],
): OfferedThing | undefined {
  const begins = (text: string) =>
    text.startsWith(description) && /^[\s,;.(:]/.test(text.slice(description.length));
  const stems = stemsOf(own);
  const isOwn =
    [...stemsOf(description)].some((stem) => stems.has(stem)) || /^(?:same as|like|alias)\b/.test(own);
  if (description.split(' ').length < MIN_WORDS || isOwn) return undefined;
  return offered.find(({ thing }) => begins(textOf(thing)));
}

function plain(text: string | undefined): string {
  return (text ?? '')
    .trim()
    .toLowerCase()
    .replace(/[.\s]+$/, '');
}

function textOf(thing: OfferedThing['thing']): string {
  const told = thing as Partial<Pick<Command, 'summary'> & Pick<Option, 'help'>> | undefined;
  return plain(told?.summary?.value ?? told?.help?.value);
}

/** Whether a thing is called by a name. */
function hasName(thing: OfferedThing['thing'], name: string): boolean {
  const { names = [] } = thing as Partial<Pick<Option, 'names'>>;
  return names.some(({ text }) => text === name);
}

/** Another name of the same thing that has its text, where this one has not. */
function otherName({ thing, word }: OfferedThing, offered: readonly OfferedThing[]): string | undefined {
  return offered.find(
    (one) =>
      one.thing === thing &&
      one.word !== word &&
      plain(one.word.description) === textOf(thing) &&
      textOf(thing) !== '',
  )?.name;
}
