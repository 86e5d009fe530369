import { groupedBy } from '../collections/grouped.ts';
import { countOf } from '../messages/wording.ts';
import { LineIndexes } from '../source/line-index.ts';
import { placeText } from './finding-text.ts';
import type { ReportItem, ReportItems, ReportRule } from './items/report-items.ts';
import type { Tool } from './tool.ts';
import { xmlText } from './xml-text.ts';

/** Items as JUnit's XML, for pages that show test reports: a case for each rule, which fails where something graver than a note was found. */
export function itemsJunit({ title, items, rules }: ReportItems, tool: Tool): string {
  const indexes = new LineIndexes();
  const byRule = groupedBy(items, ({ rule }) => rule);
  const cases = rules
    .filter(({ outcome }) => outcome !== 'not-applicable')
    .map((rule) => ({ rule, own: byRule.get(rule.name) ?? [] }));
  const failed = cases.filter(({ own }) => own.some(isGrave)).length;
  const skipped = cases.filter(({ rule }) => rule.outcome === 'not-judged').length;
  const counts = `tests="${cases.length}" failures="${failed}" errors="0"`;
  const name = xmlText(`${tool.name} ${title}`);
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<testsuites name="${xmlText(tool.name)}" ${counts}>`,
    `  <testsuite name="${name}" ${counts} skipped="${skipped}">`,
    ...cases.map(({ rule, own }) => caseXml(rule, own, indexes)),
    '  </testsuite>',
    '</testsuites>',
    '',
  ].join('\n');
}

function caseXml({ name, title, outcome }: ReportRule, items: readonly ReportItem[], indexes: LineIndexes) {
  const area = name.slice(0, name.indexOf('/'));
  const head = `    <testcase classname="${xmlText(area)}" name="${xmlText(`${name}: ${title}`)}"`;
  const [grave, notes] = [items.filter(isGrave), items.filter((item) => !isGrave(item))];
  const inner = [
    ...(outcome === 'not-judged' ? ['      <skipped message="a fact is lacking"/>'] : []),
    ...(grave.length === 0
      ? []
      : [
          `      <failure type="${grave.some(({ level }) => level === 'error') ? 'error' : 'warning'}" message="${xmlText(messageOf(grave))}">${grave.map((item) => itemXml(item, indexes)).join('\n')}</failure>`,
        ]),
    ...(notes.length === 0
      ? []
      : [`      <system-out>${notes.map((item) => itemXml(item, indexes)).join('\n')}</system-out>`]),
  ];
  return inner.length === 0 ? `${head}/>` : [`${head}>`, ...inner, '    </testcase>'].join('\n');
}

function messageOf([first, ...others]: readonly ReportItem[]): string {
  if (first === undefined) return '';
  return others.length === 0 ? first.message : `${first.message}, and ${countOf(others.length, 'other')}`;
}

function itemXml({ place, level, message, fix, command }: ReportItem, indexes: LineIndexes): string {
  const behind = fix === '' ? '' : `; ${fix}`;
  return xmlText(`${placeText(place, indexes)}${level}: ${message}${behind} [${command.join(' ')}]`);
}

function isGrave({ level }: ReportItem): boolean {
  return level !== 'note';
}
