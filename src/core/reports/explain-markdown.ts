import type { Check } from '../checks/define-check.ts';
import { areaOf } from '../checks/define-check.ts';
import { cellCode, codeBlock, plainText } from '../markdown/markdown-text.ts';
import { exampleFinding } from './example-finding.ts';
import { type Measured, measuredSentence, mostSpeaking } from './measured-check.ts';

/**
 * The checks of one area as a page in Markdown: what each finds, why, what it rests on, what it says, its examples and, where that is given, how it did on real
 * programs.
 */
export function areaMarkdown(area: string, checks: readonly Check[], measured?: Measured): string {
  const own = checks.filter((check) => areaOf(check.name) === area);
  const rows = own.map(
    (check) =>
      `| [${cellCode(check.name)}](#${anchor(check)}) | ${check.level} | ${plainText(check.title)} |`,
  );
  return page([
    `# Checks of the area ${area}`,
    'Made by `npm run docs` from the checks themselves; `dabbawala explain CHECK` tells the same.',
    ['| check | level | what it finds |', '| --- | --- | --- |', ...rows].join('\n'),
    ...own.flatMap((check) => sections(check, measured)),
  ]);
}

/** All areas of a catalogue as a page in Markdown, each with its checks, linked to the pages of the areas; and the checks that speak most, where that was measured. */
export function catalogueMarkdown(checks: readonly Check[], measured?: Measured): string {
  const areas = [...new Set(checks.map(({ name }) => areaOf(name)))];
  const rows = areas.map((area) => {
    const own = checks.filter((check) => areaOf(check.name) === area);
    const links = own.map((check) => `[${check.name.slice(area.length + 1)}](${area}.md#${anchor(check)})`);
    return `| [${area}](${area}.md) | ${own.length} | ${links.join(', ')} |`;
  });
  return page([
    '# The catalogue of checks',
    `${checks.length} checks in ${areas.length} areas. Made by \`npm run docs\` from the checks themselves.`,
    ['| area | checks | |', '| --- | --- | --- |', ...rows].join('\n'),
    ...(measured === undefined ? [] : mostSpeakingParts(measured)),
  ]);
}

/** How many of the checks that speak most are shown. */
const MOST_SHOWN = 10;

function mostSpeakingParts(measured: Measured): string[] {
  const rows = mostSpeaking(measured, MOST_SHOWN).map(
    ([name, spoke]) =>
      `| [${name}](${areaOf(name)}.md#${name.replaceAll('/', '')}) | ${spoke} | ${Math.round((spoke / measured.outputs) * 100)} % |`,
  );
  return [
    '## The checks that speak most',
    `On how many of ${measured.outputs} help outputs of real programs each finds something.`,
    ['| check | help outputs | share |', '| --- | --- | --- |', ...rows].join('\n'),
  ];
}

function sections(check: Check, measured: Measured | undefined): string[] {
  const { name, level, title, why, standard, needs, since, examples } = check;
  const { message, fix } = exampleFinding(check);
  const told = measured === undefined ? undefined : measuredSentence(name, measured);
  const example = (heading: string, text: string) => [heading, codeBlock(text.trimEnd().split('\n'))];
  return [
    `## ${name}`,
    `${plainText(title)}. ${plainText(why)}`,
    [
      '| level | rests on | needs | since |',
      '| --- | --- | --- | --- |',
      `| ${level} | ${plainText(standard)} | ${plainText(needs.join('; '))} | ${since ?? '-'} |`,
    ].join('\n'),
    ...(told === undefined ? [] : [told]),
    ...example('Wrong:', examples.wrong),
    `Finding: ${plainText(message)}. Fix: ${plainText(fix)}.`,
    ...example('Right:', examples.right),
    ...example('Near miss, which looks similar but is fine:', examples.nearMiss),
    ...(examples.completions?.wrong ?? []).flatMap((text) =>
      example('Completion script of the wrong example:', text),
    ),
    ...(examples.completions?.right ?? []).flatMap((text) => example('Of the right example:', text)),
    ...(examples.completions?.nearMiss ?? []).flatMap((text) => example('Of the near miss:', text)),
    ...(examples.beside === undefined
      ? []
      : example('Source of the same program that all three are joined with:', examples.beside)),
    ...(examples.extension === undefined
      ? []
      : example('Extension that all three are audited with:', examples.extension)),
  ];
}

/** What a heading with the name of a check is linked by. */
function anchor({ name }: Check): string {
  return name.replaceAll('/', '');
}

function page(parts: readonly string[]): string {
  return `${parts.join('\n\n')}\n`;
}
