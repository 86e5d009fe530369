import type { Check } from '../checks/define-check.ts';
import { areaOf } from '../checks/define-check.ts';
import { wrapText } from '../source/text-wrap.ts';
import { exampleFinding } from './example-finding.ts';
import { LEVEL_COLOUR } from './finding-text.ts';
import { styled, type TextOptions, usedWidth } from './text-style.ts';

/** The catalogue as text: a line for each check. */
export function catalogueText(checks: readonly Check[], options: TextOptions): string {
  const width = usedWidth(options);
  const lines: string[] = [];
  let area = '';
  for (const check of checks) {
    const own = areaOf(check.name);
    if (own !== area) {
      if (area !== '') lines.push('');
      lines.push(styled(own, ['bold', 'underline'], options));
      area = own;
    }
    const level = styled(check.level, [LEVEL_COLOUR[check.level]], options);
    lines.push(`  ${styled(check.name, ['bold'], options)}  ${level}`);
    lines.push(wrapText(check.title, width, '      ', '      '));
  }
  return `${lines.join('\n')}\n`;
}

/** One check as text: what it finds, why, the standard, and its examples. */
export function checkText(check: Check, options: TextOptions): string {
  const width = usedWidth(options);
  const { message, fix } = exampleFinding(check);
  const paragraph = (text: string) => wrapText(text, width, '  ', '  ');
  const example = (title: string, text: string) =>
    `${styled(title, ['bold'], options)}\n${text
      .trimEnd()
      .split('\n')
      .map((line) => `  | ${line}`.trimEnd())
      .join('\n')}`;
  return `${[
    `${styled(check.name, ['bold'], options)}  ${styled(check.level, [LEVEL_COLOUR[check.level]], options)}`,
    paragraph(check.title),
    `${styled('Why', ['bold'], options)}\n${paragraph(check.why)}`,
    `${styled('Rests on', ['bold'], options)}\n${paragraph(check.standard)}`,
    `${styled('Needs', ['bold'], options)}\n${paragraph(check.needs.join('; '))}`,
    ...(check.since === undefined
      ? []
      : [`${styled('Since', ['bold'], options)}\n  version ${check.since} of the catalogue`]),
    example('Wrong', check.examples.wrong),
    `${styled('Finding', ['bold'], options)}\n${paragraph(`${message}; fix: ${fix}`)}`,
    example('Right', check.examples.right),
    example('Near miss: looks similar but is fine', check.examples.nearMiss),
    ...(check.examples.completions?.wrong ?? []).map((text) =>
      example('Completion script of the wrong example', text),
    ),
    ...(check.examples.completions?.right ?? []).map((text) =>
      example('Completion script of the right example', text),
    ),
    ...(check.examples.completions?.nearMiss ?? []).map((text) =>
      example('Completion script of the near miss', text),
    ),
    ...(check.examples.beside === undefined
      ? []
      : [example('The source that all three are joined with', check.examples.beside)]),
    ...(check.examples.extension === undefined
      ? []
      : [example('The extension that all three are audited with', check.examples.extension)]),
  ].join('\n\n')}\n`;
}
