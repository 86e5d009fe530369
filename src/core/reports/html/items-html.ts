import { groupedBy } from '../../collections/grouped.ts';
import { LEVELS, type Level } from '../../findings/level.ts';
import { countOf, listSome } from '../../messages/wording.ts';
import { LineIndexes } from '../../source/line-index.ts';
import { quoteLine } from '../../source/quoted-line.ts';
import type { Span } from '../../source/source.ts';
import { placeName, placeText } from '../finding-text.ts';
import { graveItems, type ReportItem, type ReportItems } from '../items/report-items.ts';
import type { Tool } from '../tool.ts';
import { html, type Markup, NOTHING } from './markup.ts';
import { htmlPage } from './page.ts';

/** So many columns of a line are quoted. */
const QUOTED = 110;

/** So many other places of an item are named. */
const RELATED_SHOWN = 5;

/** Items as a page that stands alone: how many there are by area, then each with its line. */
export function itemsHtml(items: ReportItems, tool: Tool): string {
  return htmlPage(items.title, tool, itemsMarkup(items, []));
}

/** The parts of such a page, with others between the counts and the items. */
export function itemsMarkup(report: ReportItems, between: readonly Markup[]): Markup[] {
  const { title, items, passedOver, problems } = report;
  const indexes = new LineIndexes();
  const grave = graveItems(items);
  const notes = items.filter(({ level }) => level === 'note');
  return [
    html`<h1><code>${title}</code></h1>`,
    countsMarkup(items, passedOver.length),
    areasMarkup(report),
    ...between,
    grave.length === 0
      ? NOTHING
      : html`<section><h2>Fix first</h2>
${grave.map((item) => itemMarkup(item, indexes))}</section>`,
    notes.length === 0
      ? NOTHING
      : html`<details><summary><h2>${countOf(notes.length, 'note')}</h2></summary>
${notes.map((item) => itemMarkup(item, indexes))}</details>`,
    problems.length === 0
      ? NOTHING
      : html`<section><h2>Problems with the sources</h2><ul>
${problems.map(({ place, source, message }) => html`<li>${place === null ? `${source}: ` : placeText(place, indexes)}${message}</li>`)}</ul></section>`,
  ];
}

function countsMarkup(items: readonly ReportItem[], accepted: number): Markup {
  const counts = LEVELS.map((level) => ({
    level,
    count: items.filter((item) => item.level === level).length,
  })).filter(({ count }) => count > 0);
  const all = counts.map(
    ({ level, count }) => html`<li class="${level}"><b>${count}</b>${count === 1 ? level : `${level}s`}</li>`,
  );
  const none = counts.length === 0 ? [html`<li class="good"><b>0</b>nothing found</li>`] : [];
  const passed = accepted === 0 ? [] : [html`<li><b>${accepted}</b>accepted</li>`];
  return html`<ul class="counts">
${[...all, ...none, ...passed]}</ul>`;
}

/** For each area how much was found, as numbers and as a bar. */
function areasMarkup({ items, rules }: ReportItems): Markup {
  const areaOf = (name: string) => name.slice(0, name.indexOf('/'));
  const byArea = groupedBy(items, ({ rule }) => areaOf(rule));
  const all = [...new Set(rules.map(({ name }) => areaOf(name)))];
  const areas = all.filter((area) => byArea.has(area));
  const clean = all.filter((area) => !byArea.has(area));
  if (all.length < 2 || areas.length === 0) return NOTHING;
  const most = areas.reduce((all, area) => Math.max(all, byArea.get(area)?.length ?? 0), 1);
  const rows = areas.map((area) => {
    const own = byArea.get(area) ?? [];
    const count = (level: Level) => own.filter((item) => item.level === level).length;
    const cells = LEVELS.map(
      (level) => html`<td class="number">${count(level) === 0 ? '–' : count(level)}</td>`,
    );
    const parts = LEVELS.map(
      (level) => html`<i class="${level}" style="width:${(100 * count(level)) / most}%"></i>`,
    );
    return html`<tr><th scope="row">${area}</th>${cells}<td><span class="bar" aria-hidden="true">${parts}</span></td></tr>`;
  });
  return html`<section><h2>By area</h2><div class="table" tabindex="0" role="region" aria-label="By area"><table>
<thead><tr><th scope="col">area</th><th scope="col" class="number">errors</th><th scope="col" class="number">warnings</th><th scope="col" class="number">notes</th><td></td></tr></thead>
<tbody>
${rows}</tbody></table></div>
${clean.length === 0 ? NOTHING : html`<p>Nothing in ${listSome(clean, clean.length)}.</p>`}</section>`;
}

function itemMarkup(item: ReportItem, indexes: LineIndexes): Markup {
  const { level, message, place, related, fix, rule, command } = item;
  const others = related
    .slice(0, RELATED_SHOWN)
    .flatMap(({ place: other, note }) =>
      other === null ? [] : [html`<p class="where">${placeText(other, indexes)}${note}</p>`],
    );
  return html`<article class="${level}">
<h3><span class="level">${level}</span> ${message}</h3>
${
  place === null
    ? NOTHING
    : html`<p class="where">${placeName(place, indexes)}</p>
${lineMarkup(place, indexes)}`
}
${others}
${fix === '' ? NOTHING : html`<p>To fix it: ${fix}.</p>`}
<p class="rule">${rule} in <code>${command.join(' ')}</code></p>
</article>`;
}

function lineMarkup(place: Span, indexes: LineIndexes): Markup {
  const { text, markStart, markEnd } = quoteLine(place, indexes, QUOTED);
  const [before, marked, after] = [
    text.slice(0, markStart),
    text.slice(markStart, markEnd),
    text.slice(markEnd),
  ];
  return html`<pre tabindex="0"><code>${before}<mark>${marked}</mark>${after}</code></pre>`;
}
