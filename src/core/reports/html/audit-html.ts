import type { Audit } from '../../audit.ts';
import type { ConformanceRow } from '../../conformance/rule.ts';
import type { Interface } from '../../model/interface.ts';
import { mainName, type Option } from '../../model/option.ts';
import { type CommandAt, walkCommands } from '../../model/walk.ts';
import type { Problem } from '../../source/problem.ts';
import { auditItems } from '../items/audit-items.ts';
import type { Tool } from '../tool.ts';
import { branchesMarkup } from './branches.ts';
import { itemsMarkup } from './items-html.ts';
import { html, type Markup, NOTHING } from './markup.ts';
import { htmlPage } from './page.ts';
import { sharedOptionsMarkup } from './shared-options.ts';

/** An audit as a page that stands alone: counts by area, the letters and options of each command, how names branch, the tables of the standards, and every finding with its line. */
export function auditHtml(audit: Audit, problems: readonly Problem[], tool: Tool): string {
  const items = auditItems(audit, problems);
  const tables = audit.conformance.flatMap(({ program, posix, gnu }) => [
    conformanceMarkup(`${program} against POSIX XBD 12.2`, posix),
    conformanceMarkup(`${program} against the GNU Coding Standards`, gnu),
  ]);
  return htmlPage(
    items.title,
    tool,
    itemsMarkup(items, [
      ...audit.interfaces.flatMap((cli) => [
        lettersMarkup(cli),
        sharedOptionsMarkup(cli),
        branchesMarkup(cli),
      ]),
      ...tables,
    ]),
  );
}

const LETTERS = [...'abcdefghijklmnopqrstuvwxyz'];

/** So many commands are listed by their letters. */
const COMMANDS_SHOWN = 60;

/** Which letters each command has taken, small and capital, by which options; and where a letter means something else than at most other commands. */
function lettersMarkup(cli: Interface): Markup {
  const commands = [...walkCommands(cli)].filter(({ command }) => shortNames(command.options.items).size > 0);
  if (commands.length === 0) return NOTHING;
  const usual = usualMeanings(commands);
  const rows = commands.slice(0, COMMANDS_SHOWN).map(({ path, command }) => {
    const names = shortNames(command.options.items);
    const cells = LETTERS.map((letter) => letterCell([letter, letter.toUpperCase()], names, usual));
    return html`<tr><th scope="row"><code>${path.join(' ')}</code></th>${cells}</tr>`;
  });
  const heads = LETTERS.map((letter) => html`<th scope="col">${letter}</th>`);
  return html`<section><h2>Letters of <code>${cli.program.value}</code></h2>
<p>Letters that are taken, with their options; where one means something else than at other commands, it is marked. The others are free.</p>
<div class="table" tabindex="0" role="region" aria-label="Letters of ${cli.program.value}"><table class="letters">
<thead><tr><td></td>${heads}</tr></thead>
<tbody>
${rows}</tbody></table></div></section>`;
}

function letterCell(
  letters: readonly string[],
  names: ReadonlyMap<string, string>,
  usual: ReadonlyMap<string, string>,
): Markup {
  const taken = letters.filter((letter) => names.has(letter));
  if (taken.length === 0) return html`<td></td>`;
  const isOdd = taken.some((letter) => usual.get(letter) !== names.get(letter));
  const title = taken.map((letter) => `-${letter} ${names.get(letter)}`).join(', ');
  return html`<td class="${isOdd ? 'clash' : 'taken'}" title="${title}">${taken.join(' ')}<span class="hidden"> ${title}</span></td>`;
}

/** The short letters of options, each with the name that the option goes by. */
function shortNames(options: readonly Option[]): ReadonlyMap<string, string> {
  return new Map(
    options.flatMap((option) =>
      option.names
        .filter(({ form, text }) => form === 'short' && /^-[a-zA-Z]$/.test(text))
        .map(({ text }) => [text.slice(1), mainName(option).text] as const),
    ),
  );
}

/** What each letter means at most commands. */
function usualMeanings(commands: readonly CommandAt[]): ReadonlyMap<string, string> {
  const counts = new Map<string, Map<string, number>>();
  for (const { command } of commands)
    for (const [letter, name] of shortNames(command.options.items)) {
      const own = counts.get(letter) ?? new Map<string, number>();
      counts.set(letter, own);
      own.set(name, (own.get(name) ?? 0) + 1);
    }
  return new Map(
    [...counts].map(([letter, own]) => {
      const [most] = [...own].sort((a, b) => b[1] - a[1]);
      return [letter, most?.[0] ?? ''];
    }),
  );
}

function conformanceMarkup(title: string, rows: readonly ConformanceRow[]): Markup {
  const judged = rows.filter(({ standing }) => standing !== 'not judged');
  if (judged.length === 0) return NOTHING;
  const lines = judged.map(
    ({ section, label, standing, evidence }) =>
      html`<tr><th scope="row">${section} ${label}</th><td class="${standing === 'departs' ? 'warning' : standing === 'meets' ? 'good' : 'note'}">${standing}</td><td>${evidence}</td></tr>`,
  );
  return html`<details><summary><h2>${title}</h2></summary><div class="table" tabindex="0" role="region" aria-label="${title}"><table>
<thead><tr><th scope="col">rule</th><th scope="col">standing</th><th scope="col">evidence</th></tr></thead>
<tbody>
${lines}</tbody></table></div></details>`;
}
